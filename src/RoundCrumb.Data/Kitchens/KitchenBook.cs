using Microsoft.EntityFrameworkCore;
using RoundCrumb.Core.Cooling;
using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.HeatFlow;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Data.Learning;
using RoundCrumb.Data.Pans;
using RoundCrumb.Data.Storage;

namespace RoundCrumb.Data.Kitchens;

/// <summary>Something of this kitchen as it is kept.</summary>
/// <param name="Id">Its number.</param>
/// <param name="Version">Counts up at every change.</param>
/// <param name="Item">What it is.</param>
public sealed record InKitchen<T>(int Id, int Version, T Item);

/// <summary>What this kitchen has besides pans.</summary>
/// <param name="Ovens">By their numbers, the usual one first.</param>
/// <param name="Cold">By their numbers.</param>
/// <param name="Room">How warm it is.</param>
/// <param name="Schools">What the house has settled where bakers differ.</param>
public sealed record EquipmentOnHand(
    IReadOnlyList<InKitchen<Oven>> Ovens, IReadOnlyList<InKitchen<ColdPlace>> Cold, RoomCelsius Room, Schools Schools)
{
    /// <summary>Who works here.</summary>
    public IReadOnlyList<InKitchen<Baker>> Bakers { get; init; } = [];

    /// <summary>How well the rack takes heat, as readings here have it.</summary>
    public PlaceHeat Rack { get; init; } = PlaceHeat.Book;

    public int Burners { get; init; } = 4;

    public int Mixers { get; init; } = 1;

    public int Processors { get; init; } = 1;

    /// <summary>The kitchen's time zone by its name in the zone tables; empty for the computer's own.</summary>
    public string TimeZone { get; init; } = "";
}

/// <summary>All that a kitchen is put together from.</summary>
public readonly record struct KitchenParts(IReadOnlyList<OwnedPan> Pans, EquipmentOnHand Equipment, CorrectionSet Known);

/// <summary>The ovens, cold places and room of this kitchen.</summary>
public sealed class KitchenBook(RoundCrumbContext context, Remembered<EquipmentOnHand> cache, PanRack rack, LearningBook learning,
    MadeFrom<KitchenParts, Kitchen> made, TimeProvider clock)
{
    /// <summary>What there is besides pans.</summary>
    public Task<EquipmentOnHand> EquipmentAsync(CancellationToken cancel = default) => cache.ReadAsync(async () =>
    {
        var ovens = await context.KitchenOvens.AsNoTracking().Where(o => o.DeletedAt == null).OrderBy(o => o.Place).ThenBy(o => o.Id)
            .ToListAsync(cancel);
        var cold = await context.KitchenColds.AsNoTracking().Where(c => c.DeletedAt == null).OrderBy(c => c.Id).ToListAsync(cancel);
        var readings = await context.HeatReadings.AsNoTracking().Where(r => r.DeletedAt == null)
            .Select(r => new { r.ColdId, r.Cooler, r.Times }).ToListAsync(cancel);
        PlaceHeat HeatOf(int? id, Cooler? cooler) =>
            HeatFit.Together([.. readings.Where(r => r.ColdId == id && r.Cooler == cooler).Select(r => r.Times)]);
        var room = await context.KitchenRooms.AsNoTracking().OrderBy(r => r.Id).FirstOrDefaultAsync(cancel);
        return new EquipmentOnHand(
            [.. ovens.Select(o => new InKitchen<Oven>(o.Id, o.Version, o.AsOven()))],
            [.. cold.Select(c => new InKitchen<ColdPlace>(c.Id, c.Version, c.AsPlace() with { Heat = HeatOf(c.Id, c.Cooler) }))],
            room is null ? RoomCelsius.Usual : new(room.Celsius),
            Schools.Read(room?.Schools))
        {
            Bakers = [
                .. (
                    await context.KitchenBakers.AsNoTracking().Where(b => b.DeletedAt == null).OrderBy(b => b.Id).ToListAsync(cancel))
                    .Select(b => new InKitchen<Baker>(b.Id, b.Version, b.AsBaker()))
            ],
            Rack = HeatOf(null, null),
            Burners = room?.Burners ?? 4,
            Mixers = room?.Mixers ?? 1,
            Processors = room?.Processors ?? 1,
            TimeZone = room?.TimeZone ?? "",
        };
    });

    /// <summary>The whole kitchen, pans too; what nobody has said is as usual.</summary>
    public async Task<Kitchen> KitchenAsync(CancellationToken cancel = default) => made.Of(
        new(await rack.AllAsync(cancel), await EquipmentAsync(cancel), await learning.NowAsync(cancel)), Together);

    private static Kitchen Together(KitchenParts parts)
    {
        var (pans, equipment, known) = parts;
        return Kitchen.Of(
            [.. pans.Select(p => new PanPlace(p.Pan, p.Owned))],
            [.. equipment.Ovens.Select(o => o.Item with { Corrections = known })],
            [.. equipment.Cold.Select(c => c.Item)], equipment.Room) with
        {
            Corrections = known,
            Schools = equipment.Schools,
            Rack = equipment.Rack,
            Burners = equipment.Burners,
            Mixers = equipment.Mixers,
            Processors = equipment.Processors,
            Bakers = [.. equipment.Bakers.Select(b => b.Item)],
        };
    }

    /// <summary>Puts an oven in, or changes one if nobody has since <paramref name="version"/>.</summary>
    public Task<KeepOutcome> SaveAsync(int? id, int version, Oven oven, CancellationToken cancel = default) => KeepAsync(
        id is null ? null : () => context.KitchenOvens.FirstOrDefaultAsync(o => o.Id == id && o.DeletedAt == null, cancel), o => o.Version,
        version, async () =>
    {
        var last = await context.KitchenOvens.MaxAsync(o => (int?)o.Place, cancel) ?? 0;
        return context.KitchenOvens.Add(new() { Name = oven.Name, Place = last + 1, Version = 0 }).Entity;
    }, row =>
    {
        (row.Name, row.Width, row.Depth, row.Shelves, row.Fan, row.RunsHot, row.WarmUp) = (
            oven.Name, oven.Width.Value, oven.Depth.Value, oven.Shelves, oven.Fan, oven.RunsHot, oven.WarmUp);
        row.Version++;
    }, cancel);

    /// <summary>Puts a cold place in, or changes one if nobody has since <paramref name="version"/>.</summary>
    public Task<KeepOutcome> SaveAsync(int? id, int version, ColdPlace place, CancellationToken cancel = default) => KeepAsync(
        id is null ? null : () => context.KitchenColds.FirstOrDefaultAsync(c => c.Id == id && c.DeletedAt == null, cancel), c => c.Version,
        version, () => Task.FromResult(context.KitchenColds.Add(new() { Name = place.Name, Version = 0 }).Entity), row =>
    {
        (row.Name, row.Kind, row.Places, row.Widest, row.Cooler, row.Reads) = (
            place.Name, place.Kind, place.Places, place.Widest.Value, place.Cooler, place.Reads);
        row.Version++;
    }, cancel);

    /// <summary>Puts a baker in, or changes their name or week if nobody has since <paramref name="version"/>.</summary>
    public Task<KeepOutcome> SaveAsync(int? id, int version, string name, IReadOnlyList<Hours?> week, CancellationToken cancel = default) =>
        KeepAsync(
        id is null ? null : () => context.KitchenBakers.FirstOrDefaultAsync(b => b.Id == id && b.DeletedAt == null, cancel), b => b.Version,
        version, () => Task.FromResult(context.KitchenBakers.Add(new() { Name = name, Version = 0 }).Entity), row =>
    {
        (row.Name, row.Week) = (name, string.Join(';', week.Select(h => h?.ToString() ?? "")));
        row.Version++;
    }, cancel);

    /// <summary>Makes an oven the usual one.</summary>
    public Task<bool> FirstAsync(int id, CancellationToken cancel = default) => ChangeAsync(() => OvenAsync(id), async row =>
    {
        row.Place = (await context.KitchenOvens.MinAsync(o => o.Place, cancel)) - 1;
        row.Version++;
    }, cancel);

    /// <summary>Puts an oven away, or brings it back.</summary>
    public Task<bool> PutOvenAwayAsync(int id, bool away, CancellationToken cancel = default) =>
        ChangeAsync(() => OvenAsync(id), row => Done((row.DeletedAt, row.Version) = (When(away), row.Version + 1)), cancel);

    /// <summary>Puts a cold place away, or brings it back.</summary>
    public Task<bool> PutColdAwayAsync(int id, bool away, CancellationToken cancel = default) =>
        ChangeAsync(() => ColdAsync(id), row => Done((row.DeletedAt, row.Version) = (When(away), row.Version + 1)), cancel);

    /// <summary>Puts a baker away, or brings them back.</summary>
    public Task<bool> PutBakerAwayAsync(int id, bool away, CancellationToken cancel = default) =>
        ChangeAsync(() => BakerAsync(id), row => Done((row.DeletedAt, row.Version) = (When(away), row.Version + 1)), cancel);

    /// <summary>Says how many burners, mixers and processors there are, if there are still as many as <paramref name="seen"/>.</summary>
    public Task<KeepOutcome> ToolsAsync(
        (int Burners, int Mixers, int Processors) seen, int burners, int mixers, int processors, CancellationToken cancel = default) =>
        RoomAsync(
            r => (r.Burners, r.Mixers, r.Processors) == seen, r => (r.Burners, r.Mixers, r.Processors) = (burners, mixers, processors),
            cancel);

    /// <summary>Says how warm the room is, if it is still said to be as warm as <paramref name="seen"/>.</summary>
    public Task<KeepOutcome> WarmAsync(RoomCelsius seen, RoomCelsius room, CancellationToken cancel = default) =>
        RoomAsync(r => Math.Abs(r.Celsius - seen.Value) < 0.05, r => r.Celsius = room.Value, cancel);

    /// <summary>
    /// Says in which time zone the kitchen is, if that is still as <paramref name="seen"/>; empty for the computer's own.
    /// </summary>
    public Task<KeepOutcome> ZoneAsync(string seen, string zone, CancellationToken cancel = default) =>
        RoomAsync(r => r.TimeZone == seen, r => r.TimeZone = zone, cancel);

    /// <summary>Settles where bakers differ, if that is still as <paramref name="seen"/>; a school without a way is open again.</summary>
    public Task<KeepOutcome> SettleAsync(Schools seen, Schools schools, CancellationToken cancel = default) =>
        RoomAsync(r => Schools.Read(r.Schools).ToString() == seen.ToString(), r => r.Schools = schools.ToString(), cancel);

    private Task<KitchenOven?> OvenAsync(int id) => context.KitchenOvens.FirstOrDefaultAsync(o => o.Id == id);

    private Task<KitchenCold?> ColdAsync(int id) => context.KitchenColds.FirstOrDefaultAsync(c => c.Id == id);

    private Task<KitchenBaker?> BakerAsync(int id) => context.KitchenBakers.FirstOrDefaultAsync(b => b.Id == id);

    private DateTimeOffset? When(bool away) => away ? clock.GetUtcNow() : null;

    private static Task Done<T>(T _) => Task.CompletedTask;

    private Task<KeepOutcome> RoomAsync(
        Func<KitchenRoom, bool> isAsSeen, Action<KitchenRoom> change, CancellationToken cancel) => context.AgainAsync(async () =>
    {
        var room = await context.KitchenRooms.OrderBy(r => r.Id).FirstOrDefaultAsync(cancel)
            ?? context.KitchenRooms.Add(new KitchenRoom()).Entity;
        if (!isAsSeen(room))
            return KeepOutcome.ChangedElsewhere;
        change(room);
        room.Version++;
        await SaveAsync(cancel);
        return KeepOutcome.Kept;
    });

    private Task<KeepOutcome> KeepAsync<T>(
        Func<Task<T?>>? find, Func<T, int> versionOf, int version, Func<Task<T>> make, Action<T> change, CancellationToken cancel)
        where T : class => context.AgainAsync(async () =>
    {
        var there = find is null ? null : await find();
        if (find is not null && there is null)
            return KeepOutcome.Gone;
        if (there is not null && versionOf(there) != version)
            return KeepOutcome.ChangedElsewhere;
        change(there ?? await make());
        await SaveAsync(cancel);
        return KeepOutcome.Kept;
    });

    private Task<bool> ChangeAsync<T>(Func<Task<T?>> find, Func<T, Task> change, CancellationToken cancel)
        where T : class => context.AgainAsync(async () =>
    {
        if (await find() is not { } row)
            return false;
        await change(row);
        await SaveAsync(cancel);
        return true;
    });

    private async Task SaveAsync(CancellationToken cancel)
    {
        await context.SaveChangesAsync(cancel);
        cache.Forget(context);
    }
}
