using Microsoft.EntityFrameworkCore;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Data.Pans;

namespace RoundCrumb.Data.Kitchens;

/// <summary>Ovens, cold places and room of this kitchen, kept in memory until they change.</summary>
public sealed class KitchenCache
{
    private volatile EquipmentOnHand? _known;

    internal EquipmentOnHand? Known
    {
        get => _known;
        set => _known = value;
    }
}

/// <summary>What this kitchen has besides pans.</summary>
/// <param name="Ovens">By their numbers, the usual one first.</param>
/// <param name="Cold">By their numbers.</param>
/// <param name="Room">How warm it is.</param>
/// <param name="Schools">What the house has settled where bakers differ.</param>
public sealed record EquipmentOnHand(IReadOnlyList<(int Id, Oven Oven)> Ovens, IReadOnlyList<(int Id, ColdPlace Place)> Cold, RoomCelsius Room, Schools Schools)
{
    /// <summary>Who works here.</summary>
    public IReadOnlyList<(int Id, Baker Baker)> Bakers { get; init; } = [];

    public int Burners { get; init; } = 4;

    public int Mixers { get; init; } = 1;

    public int Processors { get; init; } = 1;
}

/// <summary>The ovens, cold places and room of this kitchen.</summary>
public sealed class KitchenBook(RoundCrumbContext context, KitchenCache cache, PanRack rack, TimeProvider clock)
{
    /// <summary>What there is besides pans.</summary>
    public async Task<EquipmentOnHand> EquipmentAsync(CancellationToken cancel = default)
    {
        if (cache.Known is { } known)
            return known;
        var ovens = await context.KitchenOvens.AsNoTracking().Where(o => o.DeletedAt == null).OrderBy(o => o.Place).ThenBy(o => o.Id).ToListAsync(cancel);
        var cold = await context.KitchenColds.AsNoTracking().Where(c => c.DeletedAt == null).OrderBy(c => c.Id).ToListAsync(cancel);
        var room = await context.KitchenRooms.AsNoTracking().OrderBy(r => r.Id).FirstOrDefaultAsync(cancel);
        return cache.Known = new(
            [.. ovens.Select(o => (o.Id, o.AsOven()))],
            [.. cold.Select(c => (c.Id, c.AsPlace()))],
            room is null ? RoomCelsius.Usual : new(room.Celsius),
            Schools.Read(room?.Schools))
        {
            Bakers = [.. (await context.KitchenBakers.AsNoTracking().Where(b => b.DeletedAt == null).OrderBy(b => b.Id).ToListAsync(cancel)).Select(b => (b.Id, b.AsBaker()))],
            Burners = room?.Burners ?? 4,
            Mixers = room?.Mixers ?? 1,
            Processors = room?.Processors ?? 1,
        };
    }

    /// <summary>The whole kitchen, pans too; what nobody has said is as usual.</summary>
    public async Task<Kitchen> KitchenAsync(CancellationToken cancel = default)
    {
        var pans = await rack.AllAsync(cancel);
        var equipment = await EquipmentAsync(cancel);
        return Kitchen.Of([.. pans.Select(p => new PanPlace(p.Pan, p.Owned))], [.. equipment.Ovens.Select(o => o.Oven)], [.. equipment.Cold.Select(c => c.Place)], equipment.Room) with
        {
            Schools = equipment.Schools,
            Burners = equipment.Burners,
            Mixers = equipment.Mixers,
            Processors = equipment.Processors,
            Bakers = [.. equipment.Bakers.Select(b => b.Baker)],
        };
    }

    /// <summary>Puts an oven in, or changes one.</summary>
    /// <returns>False when the one to change is not there.</returns>
    public async Task<bool> SaveAsync(int? id, Oven oven, CancellationToken cancel = default)
    {
        KitchenOven? row;
        if (id is { } known)
        {
            row = await context.KitchenOvens.FirstOrDefaultAsync(o => o.Id == known, cancel);
            if (row is null)
                return false;
        }
        else
        {
            var last = await context.KitchenOvens.MaxAsync(o => (int?)o.Place, cancel) ?? 0;
            row = new KitchenOven { Name = oven.Name, Place = last + 1 };
            context.KitchenOvens.Add(row);
        }

        (row.Name, row.Width, row.Depth, row.Shelves, row.Fan, row.RunsHot, row.WarmUp) = (oven.Name, oven.Width.Value, oven.Depth.Value, oven.Shelves, oven.Fan, oven.RunsHot, oven.WarmUp);
        await KeepAsync(cancel);
        return true;
    }

    /// <summary>Makes an oven the usual one.</summary>
    public async Task<bool> FirstAsync(int id, CancellationToken cancel = default)
    {
        var row = await context.KitchenOvens.FirstOrDefaultAsync(o => o.Id == id && o.DeletedAt == null, cancel);
        if (row is null)
            return false;
        row.Place = (await context.KitchenOvens.MinAsync(o => o.Place, cancel)) - 1;
        await KeepAsync(cancel);
        return true;
    }

    /// <summary>Puts an oven away, or brings it back.</summary>
    public async Task<bool> PutOvenAwayAsync(int id, bool away, CancellationToken cancel = default)
    {
        var row = await context.KitchenOvens.FirstOrDefaultAsync(o => o.Id == id, cancel);
        if (row is null)
            return false;
        row.DeletedAt = away ? clock.GetUtcNow() : null;
        await KeepAsync(cancel);
        return true;
    }

    /// <summary>Puts a cold place in, or changes one.</summary>
    /// <returns>False when the one to change is not there.</returns>
    public async Task<bool> SaveAsync(int? id, ColdPlace place, CancellationToken cancel = default)
    {
        KitchenCold? row;
        if (id is { } known)
        {
            row = await context.KitchenColds.FirstOrDefaultAsync(c => c.Id == known, cancel);
            if (row is null)
                return false;
        }
        else
        {
            row = new KitchenCold { Name = place.Name };
            context.KitchenColds.Add(row);
        }

        (row.Name, row.Kind, row.Places, row.Widest) = (place.Name, place.Kind, place.Places, place.Widest.Value);
        await KeepAsync(cancel);
        return true;
    }

    /// <summary>Puts a cold place away, or brings it back.</summary>
    public async Task<bool> PutColdAwayAsync(int id, bool away, CancellationToken cancel = default)
    {
        var row = await context.KitchenColds.FirstOrDefaultAsync(c => c.Id == id, cancel);
        if (row is null)
            return false;
        row.DeletedAt = away ? clock.GetUtcNow() : null;
        await KeepAsync(cancel);
        return true;
    }

    /// <summary>Puts a baker in, or changes their name or week.</summary>
    /// <returns>False when the one to change is not there.</returns>
    public async Task<bool> SaveAsync(int? id, string name, IReadOnlyList<Hours?> week, CancellationToken cancel = default)
    {
        KitchenBaker? row;
        if (id is { } known)
        {
            row = await context.KitchenBakers.FirstOrDefaultAsync(b => b.Id == known, cancel);
            if (row is null)
                return false;
        }
        else
        {
            row = new KitchenBaker { Name = name };
            context.KitchenBakers.Add(row);
        }

        (row.Name, row.Week) = (name, string.Join(';', week.Select(h => h?.ToString() ?? "")));
        await KeepAsync(cancel);
        return true;
    }

    /// <summary>Puts a baker away, or brings them back.</summary>
    public async Task<bool> PutBakerAwayAsync(int id, bool away, CancellationToken cancel = default)
    {
        var row = await context.KitchenBakers.FirstOrDefaultAsync(b => b.Id == id, cancel);
        if (row is null)
            return false;
        row.DeletedAt = away ? clock.GetUtcNow() : null;
        await KeepAsync(cancel);
        return true;
    }

    /// <summary>Says how many burners, mixers and processors there are.</summary>
    public async Task ToolsAsync(int burners, int mixers, int processors, CancellationToken cancel = default)
    {
        var row = await RoomAsync(cancel);
        (row.Burners, row.Mixers, row.Processors) = (burners, mixers, processors);
        await KeepAsync(cancel);
    }

    /// <summary>Says how warm the room is.</summary>
    public async Task WarmAsync(RoomCelsius room, CancellationToken cancel = default)
    {
        (await RoomAsync(cancel)).Celsius = room.Value;
        await KeepAsync(cancel);
    }

    /// <summary>Settles where bakers differ; a school without a way is open again.</summary>
    public async Task SettleAsync(Schools schools, CancellationToken cancel = default)
    {
        (await RoomAsync(cancel)).Schools = schools.ToString();
        await KeepAsync(cancel);
    }

    private async Task<KitchenRoom> RoomAsync(CancellationToken cancel)
    {
        if (await context.KitchenRooms.OrderBy(r => r.Id).FirstOrDefaultAsync(cancel) is { } there)
            return there;
        var row = new KitchenRoom();
        context.KitchenRooms.Add(row);
        return row;
    }

    private async Task KeepAsync(CancellationToken cancel)
    {
        await context.SaveChangesAsync(cancel);
        cache.Known = null;
    }
}
