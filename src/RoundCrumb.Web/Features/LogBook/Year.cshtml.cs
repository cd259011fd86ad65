using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Core.Records;
using RoundCrumb.Core.Units;
using RoundCrumb.Data.Bakes;
using RoundCrumb.Data.Kitchens;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.LogBook;

/// <summary>A year's bakes to print: month by month, with what was written of each.</summary>
public sealed class YearModel(BakeBook bakes, KitchenClock clock, Preferences baker) : PageModel
{
    /// <summary>The most bakes of a year that are printed.</summary>
    private const int Most = 5000;

    /// <summary>The year.</summary>
    public int Year { get; private set; }

    /// <summary>The year that it is.</summary>
    public int ThisYear { get; private set; }

    /// <summary>Its logged bakes, the oldest first.</summary>
    public IReadOnlyList<(Bake Bake, BakeEntry Entry, DateTimeOffset At)> Bakes { get; private set; } = [];

    /// <summary>The baker's units.</summary>
    public QuantityFormatter Shown => baker.Shown;

    /// <summary>What was made of each pie in the year: the most first.</summary>
    public IEnumerable<(string Pie, int Bakes, int Pies, double Sold, double Thrown)> Pies => Bakes.GroupBy(b => b.Bake.PieName)
        .Select(g => (g.Key, g.Count(), g.Sum(b => b.Bake.Pies), g.Sum(b => b.Entry.Sold ?? 0), g.Sum(b => b.Entry.ThrownAway ?? 0)))
        .OrderByDescending(p => p.Item3);

    /// <summary>What is said of a bake, in words.</summary>
    public IEnumerable<string> Said(BakeEntry entry)
    {
        if (entry.Base is not BaseVerdict.NotSaid)
            yield return "base " + entry.Base.Word;
        if (entry.Set is not SetVerdict.NotSaid)
            yield return "cut " + entry.Set.Word;
        if (entry.Top is not TopVerdict.NotSaid)
            yield return "top " + entry.Top.Word;
        if (entry.FromPot is { } pot)
            yield return Shown.Say(pot.AsQuantity()) + " from the pot";
        if (entry.SomethingNew.Length > 0)
            yield return "new: " + entry.SomethingNew;
        if (entry.Sold is { } sold)
            yield return QuantityFormatter.Quarters(sold) + " sold";
        if (entry.ThrownAway is > 0 and { } thrown)
            yield return QuantityFormatter.Quarters(thrown) + " thrown away";
    }

    /// <summary>Shows it.</summary>
    public async Task OnGetAsync(int? year, CancellationToken cancel)
    {
        ThisYear = (await clock.TodayAsync(cancel)).Year;
        Year = year is { } asked && asked > 1970 && asked <= ThisYear ? asked : ThisYear;
        var zone = await clock.ZoneAsync(cancel);
        DateTimeOffset First(int of)
        {
            var local = new DateTime(of, 1, 1);
            return new(local, zone.GetUtcOffset(local));
        }

        var all = await bakes.LoggedAsync(new() { From = First(Year), Before = First(Year + 1) }, Most, cancel);
        Bakes = [.. all.Select(b => (b, BakeBook.EntryOf(b.Log), TimeZoneInfo.ConvertTime(b.MadeAt, zone)))];
    }
}
