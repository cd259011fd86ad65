using System.Globalization;
using Microsoft.AspNetCore.Mvc;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Data.Kitchens;

namespace RoundCrumb.Web.Features.Kitchens;

/// <content>Ovens, cold places, bakers, machines, the room, its clock and the house's ways.</content>
public sealed partial class IndexModel
{
    /// <summary>Puts an oven in, or changes one.</summary>
    public async Task<IActionResult> OnPostOvenAsync(int? id, CancellationToken cancel)
    {
        Keep();
        var name = Named();
        var width = Length("width");
        var depth = Length("depth");
        var shelves = Whole("shelves", 1, 12, "shelves");
        var warm = Typed("warm").Length == 0 ? (int)OvenConstants.WarmUp.Usual : Whole("warm", 0, 120, "minutes");
        var hot = 0.0;
        if (!BakersNumber.TryRead(Typed("hot").Length == 0 ? "0" : Typed("hot"), out hot, out var unit)
                || unit is not ("" or "°" or "°c" or "c" or "°f" or "f") || Math.Abs(Celsius(hot)) > 60)
            _equipmentTroubles[
                "hot"]
                = $"How much hotter than its dial says: {Shown.Say(new Quantity(-60, Dimension.HeatDifference))} to "
                    + $"{Shown.Say(new Quantity(60, Dimension.HeatDifference))}.";
        if (_equipmentTroubles.Count > 0)
            return await AgainAsync(cancel);
        var oven = new Oven("", name, width, depth, shelves, Typed("fan").Length > 0, Math.Round(Celsius(hot), 1)) { WarmUp = warm };
        return await AfterAsync(
            await kitchen.SaveAsync(id, Seen, oven, cancel), Routes.Kitchen + "#equipment", "This oven",
            () => Of(oven).Zip(Of(Equipment.Ovens.First(o => o.Id == id).Item), Beside), cancel);

        double Celsius(double typed) => Fahrenheit ? typed * 5 / 9 : typed;
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
        Keep();
        var name = Named();
        var places = Whole("places", 1, 200, "pies");
        var widest = Length("widest");
        if (_equipmentTroubles.Count > 0)
            return await AgainAsync(cancel);
        var place = new ColdPlace("", name, Typed("freezer").Length > 0 ? ColdKind.Freezer : ColdKind.Fridge, places, widest);
        return await AfterAsync(
            await kitchen.SaveAsync(id, Seen, place, cancel), Routes.Kitchen + "#equipment", "This cold place",
            () => Of(place).Zip(Of(Equipment.Cold.First(c => c.Id == id).Item), Beside), cancel);
    }

    /// <summary>Puts a cold place away.</summary>
    public async Task<IActionResult> OnPostColdAwayAsync(int id, CancellationToken cancel) =>
        await kitchen.PutColdAwayAsync(id, away: true, cancel) ? Redirect($"{Routes.Kitchen}?goneCold={id}#equipment") : NotFound();

    /// <summary>Brings a cold place back.</summary>
    public async Task<IActionResult> OnPostColdBackAsync(int id, CancellationToken cancel) =>
        await kitchen.PutColdAwayAsync(id, away: false, cancel) ? Redirect(Routes.Kitchen + "#equipment") : NotFound();

    /// <summary>Puts a baker in, or changes their week.</summary>
    public async Task<IActionResult> OnPostBakerAsync(int? id, CancellationToken cancel)
    {
        Keep();
        var name = Named();
        if (name.Length > KitchenBaker.LongestName)
            _equipmentTroubles["name"] = $"{KitchenBaker.LongestName} characters at most.";
        var week = new Hours?[7];
        for (var d = 0; d < 7; d++)
        {
            if (!Hours.TryRead(Typed($"day{d}"), out week[d]))
                _equipmentTroubles[$"day{d}"] = "From and to, such as 06:00–15:00; to comes after from.";
        }

        if (_equipmentTroubles.Count > 0)
            return await AgainAsync(cancel);
        return await AfterAsync(
            await kitchen.SaveAsync(id, Seen, name, week, cancel), Routes.Kitchen + "#bakers", "This baker",
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
        Keep();
        var (burners, mixers, processors) = (
            Whole("burners", 1, 20, "burners"), Whole("mixers", 1, 10, "mixers"), Whole("processors", 0, 10, "processors"));
        if (_equipmentTroubles.Count > 0)
            return await AgainAsync(cancel);
        var seen = Typed("seen").Split('/').Select(t => int.TryParse(t, out var n) ? n : -1).Concat([-1, -1, -1]).ToList();
        return await AfterAsync(
            await kitchen.ToolsAsync((seen[0], seen[1], seen[2]), burners, mixers, processors, cancel), Routes.Kitchen + "#tools",
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
    public async Task<IActionResult> OnPostRoomAsync(string? room, CancellationToken cancel)
    {
        Keep();
        var (least, most) = Fahrenheit ? (32, 120) : (0, 50);
        if (!BakersNumber.TryRead(room, out var value, out var unit) || unit is not ("" or "°" or "°c" or "c" or "°f" or "f")
                || value < least || value > most)
        {
            RoomTyped = room ?? "";
            RoomTrouble = $"Between {least} and {most} {WarmthUnit}.";
            await ShowAsync(cancel);
            return Page();
        }

        RoomTyped = room;
        var seen = double.TryParse(Typed("seen"), NumberStyles.Float, CultureInfo.InvariantCulture, out var was) && double.IsFinite(was)
            ? was
            : -273;
        return await AfterAsync(
            await kitchen.WarmAsync(new(seen), new(Math.Round(Fahrenheit ? (value - 32) * 5 / 9 : value, 1)), cancel),
            Routes.Kitchen + "#equipment", "How warm it is", () => [new("It is", room!.Trim(), RoomText)], cancel);
    }

    /// <summary>The computer's own time zone.</summary>
    public string OwnZone => clock.LocalTimeZone.Id;

    /// <summary>Says in which time zone the kitchen is.</summary>
    public async Task<IActionResult> OnPostZoneAsync(string? zone, CancellationToken cancel)
    {
        Keep();
        var said = (zone ?? "").Trim();
        if (said.Length > 0 && !TimeZoneInfo.TryFindSystemTimeZoneById(said, out _))
            _equipmentTroubles[
                "zone"] = "No time zone has that name. They go by continent and town: Europe/London, America/Chicago, Australia/Sydney.";
        if (_equipmentTroubles.Count > 0)
            return await AgainAsync(cancel);
        return await AfterAsync(
            await kitchen.ZoneAsync(Typed("seen"), said, cancel), Routes.Kitchen + "#zone", "The time zone",
            () => [new("Time zone", said.Length > 0 ? said : OwnZone, Equipment.TimeZone.Length > 0 ? Equipment.TimeZone : OwnZone)],
            cancel);
    }

    /// <summary>Settles where bakers differ.</summary>
    public async Task<IActionResult> OnPostSchoolsAsync(CancellationToken cancel)
    {
        var schools = Schools.All.Aggregate(
            Schools.None,
            (settled, school) => settled.With(school.Id, Request.Form[school.Id].ToString() is { Length: > 0 } way ? way : null));
        Keep();
        return await AfterAsync(
            await kitchen.SettleAsync(Schools.Read(Typed("seen")), schools, cancel), Routes.Kitchen + "#schools", "How this house does it",
            () => Schools.All.Select(school => new FieldElsewhere(school.Name, Way(school, schools), Way(school, Equipment.Schools))),
            cancel);

        static string Way(School school, Schools settled) =>
            school.Ways.FirstOrDefault(w => w.Id == settled.WayOf(school.Id))?.Name ?? "not settled";
    }
}
