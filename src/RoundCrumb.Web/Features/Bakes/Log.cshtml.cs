using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Records;
using RoundCrumb.Core.Units;
using RoundCrumb.Data.Bakes;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Bakes;

/// <summary>What happened, beside what was planned.</summary>
public sealed class LogModel(BakeBook bakes, CompositionReader compositions, Preferences baker) : PageModel
{
    private readonly Dictionary<string, string> _typed = [];

    /// <summary>What is shown.</summary>
    public BakeView View { get; private set; } = null!;

    /// <summary>What is written.</summary>
    public BakeEntry Entry { get; private set; } = new();

    /// <summary>What could not be read.</summary>
    public IReadOnlyList<Trouble> Troubles { get; private set; } = [];

    /// <summary>The version that the form was filled in over.</summary>
    public int Version { get; private set; }

    /// <summary>Both versions, where somebody else wrote meanwhile.</summary>
    public Elsewhere? Elsewhere { get; private set; }

    /// <summary>What the form shows in a field.</summary>
    public string Field(string name)
    {
        if (_typed.TryGetValue(name, out var typed))
            return typed;
        var s = View.Shown;
        return name switch
        {
            BakeEntryReader.OvenSet => Heat(Entry.OvenSet),
            BakeEntryReader.OvenRead => Heat(Entry.OvenRead),
            BakeEntryReader.FromPot => Mass(Entry.FromPot),
            BakeEntryReader.LeftOver => Mass(Entry.LeftOver),
            BakeEntryReader.Base => Entry.Base.ToString(),
            BakeEntryReader.Set => Entry.Set.ToString(),
            BakeEntryReader.Top => Entry.Top.ToString(),
            BakeEntryReader.Notes => Entry.Notes,
            _ =>
                Entry.StageMinutes.Where(m => BakeEntryReader.StageField(m.Key) == name)
                    .Select(m => m.Value.ToString("0.##", System.Globalization.CultureInfo.InvariantCulture)).FirstOrDefault()
                    ?? "",
        };

        // The unit stands behind the field; only where it does not, as for a gas mark, the heat carries its own.
        string Heat(OvenCelsius? heat) => heat is not { } h ? ""
            : s.Units.Oven is OvenUnit.Gas ? s.Say(new Quantity(h.Value, Dimension.OvenReading))
            : s.Say(new Quantity(h.Value, Dimension.OvenReading)).Split(' ')[0];

        // An exact weight, so that saving again changes nothing.
        string Mass(Grams? mass) => mass is not { } m ? ""
            : FormattableString.Invariant(
                s.Units.Mass is MassUnit.Grams ? $"{m.Value:0.#}" : (FormattableString)$"{m.Value / KitchenMeasures.GramsPerOunce:0.##}");
    }

    /// <summary>The trouble with a field, if any.</summary>
    public Trouble? TroubleWith(string name) => Troubles.FirstOrDefault(t => t.Field == name);

    /// <summary>Shows the log.</summary>
    public async Task<IActionResult> OnGetAsync(int id, CancellationToken cancel)
    {
        if (await bakes.FindAsync(id, cancel) is not { } bake)
            return NotFound();
        await ShowAsync(bake, cancel);
        return Page();
    }

    /// <summary>Writes the log.</summary>
    public async Task<IActionResult> OnPostAsync(int id, int version, CancellationToken cancel)
    {
        if (await bakes.FindAsync(id, cancel) is not { } bake)
            return NotFound();
        await ShowAsync(bake, cancel);
        foreach (var field in Request.Form)
            _typed[field.Key] = field.Value.ToString();
        var read = BakeEntryReader.Read(_typed.GetValueOrDefault, View.Sheet.Pie.Card.Stages, baker.Units);
        Troubles = read.Troubles;
        if (Troubles.Count > 0)
        {
            Version = version;
            return Page();
        }

        if (await bakes.WriteAsync(id, read.Entry, version, cancel))
            return Redirect($"{Routes.Log(id)}?kept=1");
        if (await bakes.FindAsync(id, cancel) is not { } now)
            return NotFound();
        await ShowAsync(now, cancel);
        var typed = _typed.ToDictionary();
        _typed.Clear();
        var there = typed.Keys.ToDictionary(k => k, Field);
        foreach (var (name, words) in typed)
            _typed[name] = words;
        Elsewhere = Elsewhere.Of(
            "This log",
            Named().Where(n => typed.ContainsKey(n.Field)).Select(n => new FieldElsewhere(n.Name, typed[n.Field], there[n.Field])));
        return Page();
    }

    /// <summary>The fields of the form, with what they are called.</summary>
    private IEnumerable<(string Field, string Name)> Named() =>
    [
        (BakeEntryReader.OvenSet, "Set to"), (BakeEntryReader.OvenRead, "It read"),
        .. View.Sheet.Pie.Card.Stages.Select(s => (BakeEntryReader.StageField(s.Name), s.Name)),
        (BakeEntryReader.FromPot, "From the pot"), (BakeEntryReader.LeftOver, "Left over"), (BakeEntryReader.Base, "Base"),
        (BakeEntryReader.Set, "Set"), (BakeEntryReader.Top, "Top"), (BakeEntryReader.Notes, "Notes"),
    ];

    private async Task ShowAsync(Bake bake, CancellationToken cancel)
    {
        View = await BakeView.OfAsync(bake, baker.Shown, compositions, cancel);
        Entry = BakeBook.EntryOf(bake.Log);
        Version = bake.Log?.Version ?? 0;
    }
}
