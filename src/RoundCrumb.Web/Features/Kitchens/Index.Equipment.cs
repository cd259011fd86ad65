using Microsoft.AspNetCore.Mvc;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Units;

namespace RoundCrumb.Web.Features.Kitchens;

/// <content>Ovens, cold places, bakers, machines, the room, its clock and the house's ways.</content>
public sealed partial class IndexModel
{
    /// <summary>The part that is open: the one of which a form was sent or something was put away, else the pans.</summary>
    public KitchenPart OpenPart => GoneOven is not null ? KitchenPart.Ovens
        : GoneCold is not null ? KitchenPart.Cold
        : GoneBaker is not null ? KitchenPart.Bakers
        : Enum.GetValues<KitchenPart>().FirstOrDefault(p => p.Sends(Sent.Name));

    /// <summary>What there is of a part, in a few words.</summary>
    public string PartSays(KitchenPart part) => part switch
    {
        KitchenPart.Pans => Pans.Count == 0
            ? "none yet"
            : QuantityFormatter.Pieces(Pans.Sum(p => p.Owned), ("pan", "pans")) + " in "
                + QuantityFormatter.Pieces(Pans.Count, ("size", "sizes")),
        KitchenPart.Ovens => Names(Equipment.Ovens.Select(o => o.Item.Name), "an ordinary one is reckoned with"),
        KitchenPart.Cold => Names(Equipment.Cold.Select(c => c.Item.Name), "none yet"),
        KitchenPart.Bakers => Names(Equipment.Bakers.Select(b => b.Item.Name), "nobody yet"),
        KitchenPart.Machines => $"burners {Equipment.Burners}, mixers {Equipment.Mixers}, processors {Equipment.Processors}",
        KitchenPart.Room => baker.Shown.Say(Equipment.Room.AsQuantity()),
        KitchenPart.Ways => "what bakers differ on, settled once",
    };

    private static string Names(IEnumerable<string> names, string none) =>
        string.Join(", ", names) is { Length: > 0 } all ? all.Length > 70 ? all[..70] + "…" : all : none;

    /// <summary>Puts an oven in, or changes one.</summary>
    public async Task<IActionResult> OnPostOvenAsync(int? id, CancellationToken cancel)
    {
        Sent.Take(Request.Form);
        var oven = Sent.Oven();
        if (Sent.Troubles.Count > 0)
            return await AgainAsync(cancel);
        return await AfterAsync(
            await kitchen.SaveAsync(id, Sent.Version, oven, cancel), Routes.Kitchen + "#equipment", "This oven",
            () => Of(oven).Zip(Of(Equipment.Ovens.First(o => o.Id == id).Item), Beside), cancel);
    }

    /// <summary>Puts an oven away.</summary>
    public async Task<IActionResult> OnPostOvenAwayAsync(int id, CancellationToken cancel) =>
        await kitchen.PutOvenAwayAsync(id, away: true, cancel) ? Redirect($"{Routes.Kitchen}?goneOven={id}#equipment") : NotFound();

    /// <summary>Brings an oven back.</summary>
    public async Task<IActionResult> OnPostOvenBackAsync(int id, CancellationToken cancel) =>
        await kitchen.PutOvenAwayAsync(id, away: false, cancel) ? Redirect(Routes.Kitchen + "#equipment") : NotFound();

    /// <summary>Makes an oven the usual one.</summary>
    public async Task<IActionResult> OnPostOvenFirstAsync(int id, CancellationToken cancel) =>
        await kitchen.FirstAsync(id, cancel) ? Redirect(Routes.Kitchen + "#equipment") : NotFound();

    /// <summary>Puts a cold place in, or changes one.</summary>
    public async Task<IActionResult> OnPostColdAsync(int? id, CancellationToken cancel)
    {
        Sent.Take(Request.Form);
        var place = Sent.Cold();
        if (Sent.Troubles.Count > 0)
            return await AgainAsync(cancel);
        return await AfterAsync(
            await kitchen.SaveAsync(id, Sent.Version, place, cancel), Routes.Kitchen + "#cold-h", "This cold place",
            () => Of(place).Zip(Of(Equipment.Cold.First(c => c.Id == id).Item), Beside), cancel);
    }

    /// <summary>Puts a cold place away.</summary>
    public async Task<IActionResult> OnPostColdAwayAsync(int id, CancellationToken cancel) =>
        await kitchen.PutColdAwayAsync(id, away: true, cancel) ? Redirect($"{Routes.Kitchen}?goneCold={id}#cold-h") : NotFound();

    /// <summary>Brings a cold place back.</summary>
    public async Task<IActionResult> OnPostColdBackAsync(int id, CancellationToken cancel) =>
        await kitchen.PutColdAwayAsync(id, away: false, cancel) ? Redirect(Routes.Kitchen + "#cold-h") : NotFound();

    /// <summary>Puts a baker in, or changes their week.</summary>
    public async Task<IActionResult> OnPostBakerAsync(int? id, CancellationToken cancel)
    {
        Sent.Take(Request.Form);
        var (name, week) = Sent.Baker();
        if (Sent.Troubles.Count > 0)
            return await AgainAsync(cancel);
        return await AfterAsync(
            await kitchen.SaveAsync(id, Sent.Version, name, week, cancel), Routes.Kitchen + "#bakers", "This baker",
            () => Of(name, week).Zip(Equipment.Bakers.First(b => b.Id == id) is var now ? Of(now.Item.Name, now.Item.Week) : [], Beside),
            cancel);
    }

    /// <summary>Puts a baker away.</summary>
    public async Task<IActionResult> OnPostBakerAwayAsync(int id, CancellationToken cancel) =>
        await kitchen.PutBakerAwayAsync(id, away: true, cancel) ? Redirect($"{Routes.Kitchen}?goneBaker={id}#bakers") : NotFound();

    /// <summary>Brings a baker back.</summary>
    public async Task<IActionResult> OnPostBakerBackAsync(int id, CancellationToken cancel) =>
        await kitchen.PutBakerAwayAsync(id, away: false, cancel) ? Redirect(Routes.Kitchen + "#bakers") : NotFound();

    /// <summary>Says how many burners and machines there are.</summary>
    public async Task<IActionResult> OnPostToolsAsync(CancellationToken cancel)
    {
        Sent.Take(Request.Form);
        var (burners, mixers, processors) = Sent.Tools();
        if (Sent.Troubles.Count > 0)
            return await AgainAsync(cancel);
        return await AfterAsync(
            await kitchen.ToolsAsync(Sent.ToolsSeen(), burners, mixers, processors, cancel), Routes.Kitchen + "#tools",
            "How many there are",
            () =>
            [
                new("Burners", Invariant(burners), Invariant(Equipment.Burners)),
                new("Mixers", Invariant(mixers), Invariant(Equipment.Mixers)),
                new("Processors", Invariant(processors), Invariant(Equipment.Processors))
            ],
            cancel);
    }

    /// <summary>Says how warm the room is.</summary>
    public async Task<IActionResult> OnPostRoomAsync(CancellationToken cancel)
    {
        Sent.Take(Request.Form);
        var room = Sent.Room();
        if (Sent.Troubles.Count > 0)
            return await AgainAsync(cancel);
        return await AfterAsync(
            await kitchen.WarmAsync(Sent.RoomSeen(), room, cancel),
            Routes.Kitchen + "#the-room", "How warm it is", () => [new("It is", Sent["room"], RoomText)], cancel);
    }

    /// <summary>The computer's own time zone.</summary>
    public string OwnZone => clock.LocalTimeZone.Id;

    /// <summary>Says in which time zone the kitchen is.</summary>
    public async Task<IActionResult> OnPostZoneAsync(CancellationToken cancel)
    {
        Sent.Take(Request.Form);
        var zone = Sent.Zone();
        if (Sent.Troubles.Count > 0)
            return await AgainAsync(cancel);
        return await AfterAsync(
            await kitchen.ZoneAsync(Sent["seen"], zone, cancel), Routes.Kitchen + "#zone", "The time zone",
            () => [new("Time zone", zone.Length > 0 ? zone : OwnZone, Equipment.TimeZone.Length > 0 ? Equipment.TimeZone : OwnZone)],
            cancel);
    }

    /// <summary>Settles where bakers differ.</summary>
    public async Task<IActionResult> OnPostSchoolsAsync(CancellationToken cancel)
    {
        var schools = Schools.All.Aggregate(
            Schools.None,
            (settled, school) => settled.With(school.Id, Request.Form[school.Id].ToString() is { Length: > 0 } way ? way : null));
        Sent.Take(Request.Form);
        return await AfterAsync(
            await kitchen.SettleAsync(Schools.Read(Sent["seen"]), schools, cancel), Routes.Kitchen + "#schools", "How this house does it",
            () => Schools.All.Select(school => new FieldElsewhere(school.Name, Way(school, schools), Way(school, Equipment.Schools))),
            cancel);

        static string Way(School school, Schools settled) =>
            school.Ways.FirstOrDefault(w => w.Id == settled.WayOf(school.Id))?.Name ?? "not settled";
    }
}
