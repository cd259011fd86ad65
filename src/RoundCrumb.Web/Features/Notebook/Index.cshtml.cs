using System.Globalization;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Learning;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Records;
using RoundCrumb.Core.Units;
using RoundCrumb.Data.Bakes;
using RoundCrumb.Data.Kitchens;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Notebook;

/// <summary>The notebook: what was made, narrowed as one likes, and what of it is not written down yet.</summary>
public sealed class IndexModel(
    BakeBook bakes, PhotoBook photos, LogParts parts, CompositionReader compositions, KitchenClock clock, Preferences baker) : PageModel
{
    /// <summary>How many bakes stand on a page.</summary>
    private const int AtOnce = 40;

    /// <summary>What the list is narrowed to by its address.</summary>
    private const string Open = "open";

    /// <summary>The fields that narrow it, as the address has them.</summary>
    private static readonly string[] Narrowing = ["pie", "part", "family", "oven", "baker", "base", "set", "top", "from", "to"];

    /// <summary>Which page it is; the last bakes are on the first.</summary>
    public int Leaf { get; private set; } = 1;

    /// <summary>How many pages there are.</summary>
    public int Leaves { get; private set; } = 1;

    /// <summary>How many bakes there are.</summary>
    public int Count { get; private set; }

    /// <summary>True where only those are listed that are not written down yet.</summary>
    public bool OnlyOpen { get; private set; }

    /// <summary>True where the list is narrowed by something else.</summary>
    public bool IsNarrowed => Narrowing.Any(n => Field(n).Length > 0);

    /// <summary>The bakes, the last first.</summary>
    public IReadOnlyList<Bake> Bakes { get; private set; } = [];

    /// <summary>The first photograph of each, by the bake's number.</summary>
    public IReadOnlyDictionary<int, int> Photos { get; private set; } = new Dictionary<int, int>();

    /// <summary>The names of all pies that were made.</summary>
    public IReadOnlyList<string> Pies { get; private set; } = [];

    /// <summary>The parts of the pies that are kept, by id.</summary>
    public IReadOnlyList<(string Id, string Name)> Parts { get; private set; } = [];

    /// <summary>The kitchen.</summary>
    public Kitchen Kitchen { get; private set; } = Kitchen.Usual;

    /// <summary>Where the kitchen is.</summary>
    public TimeZoneInfo Zone { get; private set; } = TimeZoneInfo.Utc;

    /// <summary>The baker's units.</summary>
    public QuantityFormatter Shown => baker.Shown;

    /// <summary>Why a date could not be read; empty where both could.</summary>
    public string Trouble { get; private set; } = "";

    /// <summary>What a field of the address says.</summary>
    public string Field(string name) => Request.Query[name].ToString().Trim();

    /// <summary>A day is chosen in a calendar; what was typed and is none stays to be mended.</summary>
    public string TypeOf(string name) =>
        Field(name).Length == 0
            || DateOnly.TryParseExact(Field(name), "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out _)
            ? "date"
            : "text";

    /// <summary>The address of another page of the same list.</summary>
    public string At(int leaf) => $"{Routes.Notebook}?leaf={leaf}{(OnlyOpen ? "&show=" + Open : "")}"
        + string.Concat(Narrowing.Where(n => Field(n).Length > 0).Select(n => $"&{n}={Uri.EscapeDataString(Field(n))}"));

    /// <summary>What a log says, in a line.</summary>
    public string Said(Bake bake)
    {
        if (bake.Log is null)
            return bake.Ticks.Count == 0 ? "not started" : "begun, not logged";
        var entry = BakeBook.EntryOf(bake.Log);
        var says = new List<string>();
        if (entry.Base is not BaseVerdict.NotSaid)
            says.Add(entry.Base.Word + " base");
        if (entry.Set is not SetVerdict.NotSaid)
            says.Add(entry.Set is SetVerdict.Clean ? entry.Set.Word : entry.Set.Word + " cut");
        if (entry.Top is not TopVerdict.NotSaid)
            says.Add("top " + entry.Top.Word);
        if (entry.Sold is { } sold)
            says.Add(QuantityFormatter.Quarters(sold) + " sold");
        if (entry.ThrownAway is > 0 and { } thrown)
            says.Add(QuantityFormatter.Quarters(thrown) + " thrown away");
        if (entry.TasteWords.Length > 0)
            says.Add("“" + entry.TasteWords + "”");
        return says.Count > 0 ? string.Join(", ", says) : entry.FromPot is { } pot ? Shown.Say(pot.AsQuantity()) + " from the pot"
            : "logged";
    }

    /// <summary>Shows the bakes.</summary>
    public async Task OnGetAsync(string? show, int leaf, CancellationToken cancel)
    {
        OnlyOpen = show == Open;
        Zone = await clock.ZoneAsync(cancel);
        Kitchen = await compositions.KitchenAsync(cancel);
        if (!OnlyOpen)
        {
            Pies = await bakes.PieNamesAsync(cancel);
            Parts = await parts.OfKeptPiesAsync(cancel);
        }

        var query = await QueryAsync(cancel);
        Bakes = leaf <= 1 ? await bakes.ListAsync(query, 0, AtOnce, cancel) : [];

        // What fits on the first page needs no counting.
        Count = leaf <= 1 && Bakes.Count < AtOnce ? Bakes.Count : await bakes.CountAsync(query, cancel);
        Leaves = Math.Max(1, (Count + AtOnce - 1) / AtOnce);
        Leaf = Math.Clamp(leaf, 1, Leaves);
        if (leaf > 1)
            Bakes = await bakes.ListAsync(query, (Leaf - 1) * AtOnce, AtOnce, cancel);
        Photos = await photos.FirstAsync([.. Bakes.Select(b => b.Id)], cancel);
    }

    private async Task<LogQuery> QueryAsync(CancellationToken cancel)
    {
        var oven = Kitchen.Ovens.Any(o => o.Id == Field("oven")) ? Field("oven") : "";
        return new()
        {
            OnlyOpen = OnlyOpen,
            Pie = Field("pie"),
            Parts = Field("family").Length > 0 && FillingFamilies.Find(Field("family")) is { } family
                ? await parts.OfFamilyAsync(family, cancel)
                : Parts.Any(p => p.Id == Field("part")) ? [Field("part")]
                : [],
            Oven = oven,
            OvenIsUsual = oven == Kitchen.Oven.Id,
            Baker = Kitchen.Bakers.Any(b => b.Id == Field("baker")) ? Field("baker") : "",
            Base = Word<BaseVerdict>("base"),
            Set = Word<SetVerdict>("set"),
            Top = Word<TopVerdict>("top"),
            From = Day("from", 0),
            Before = Day("to", 1),
        };
    }

    private T Word<T>(string name)
        where T : struct, Enum => Enum.TryParse<T>(Field(name), ignoreCase: true, out var word) && Enum.IsDefined(word) ? word : default;

    private DateTimeOffset? Day(string name, int more)
    {
        if (Field(name).Length == 0)
            return null;
        if (DateOnly.TryParse(Field(name), CultureInfo.InvariantCulture, out var day) && day.Year is > 1970 and < 9000)
        {
            var local = day.AddDays(more).ToDateTime(TimeOnly.MinValue);
            return new DateTimeOffset(local, Zone.GetUtcOffset(local));
        }

        Trouble = $"“{Field(name)}” is no day that can be read; try 2026-11-29.";
        return null;
    }
}
