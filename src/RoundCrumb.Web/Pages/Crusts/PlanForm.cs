using System.Globalization;
using System.Text;
using Microsoft.Extensions.Primitives;
using RoundCrumb.Core.BlindBaking;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Core.Shells;
using RoundCrumb.Core.Units;
using RoundCrumb.Formats.Reading;

namespace RoundCrumb.Web.Pages.Crusts;

/// <summary>One row as it was typed.</summary>
/// <param name="Pan">Which pan, by its key.</param>
/// <param name="Count">How many, as typed.</param>
/// <param name="Freeze">How many to freeze, as typed.</param>
/// <param name="Trouble">What is wrong with it; none where nothing is.</param>
public sealed record PlanRow(Pan Pan, string Count, string Freeze, string? Trouble);

/// <summary>A plan of shells read from an address, and what in it could not be used. Reading never fails.</summary>
public sealed class PlanForm
{
    /// <summary>The most rows of a plan.</summary>
    private const int MostRows = 12;

    private readonly List<PlanRow> _rows = [];
    private readonly List<ShellOrder> _orders = [];

    private PlanForm()
    {
    }

    /// <summary>The plan.</summary>
    public ShellPlan Plan { get; private set; } = null!;

    /// <summary>The oven that was chosen; none for the kitchen's usual one.</summary>
    public Oven? Oven { get; private set; }

    /// <summary>The rows as typed.</summary>
    public IReadOnlyList<PlanRow> Rows => _rows;

    /// <summary>The pans that are offered.</summary>
    public IReadOnlyList<Pan> Pans { get; private set; } = [];

    /// <summary>What could not be used in the other fields.</summary>
    public IReadOnlyList<Trouble> Troubles { get; private set; } = [];

    /// <summary>The thickness as typed; empty for what is usual in each pan.</summary>
    public string Thick { get; private set; } = "";

    /// <summary>What was written in words.</summary>
    public string Said { get; private set; } = "";

    /// <summary>What of it was not understood.</summary>
    public IReadOnlyList<string> Unclear { get; private set; } = [];

    /// <summary>The plan as an address, everything in it usable.</summary>
    public string Canonical
    {
        get
        {
            var w = Plan.Wish;
            var s = new StringBuilder();
            s.Append(CultureInfo.InvariantCulture, $"crust={w.Family.Id}&bake={CompositionAddress.NameOf(w.Treatment)}&edge={CompositionAddress.NameOf(w.Edge)}&seal={w.Seal.Id}&goes={w.Need.Id}");
            if (w.Thickness is { } thick)
                s.Append(CultureInfo.InvariantCulture, $"&thick={thick.Value:0.###}");
            if (w.Binder is not Binder.AsWritten)
                s.Append(CultureInfo.InvariantCulture, $"&bind={CompositionAddress.NameOf(w.Binder)}");
            if (w.Browned)
                s.Append("&brown=1");
            if (Oven is { } oven)
                s.Append(CultureInfo.InvariantCulture, $"&oven={oven.Id}");
            foreach (var order in _orders)
                s.Append(CultureInfo.InvariantCulture, $"&p={order.Pan.Key}&many={order.Count}&cold={order.ToFreeze}");
            return s.ToString();
        }
    }

    /// <summary>The address of the card for one row: as baked now, or from the freezer.</summary>
    public string CardAddress(int row, bool frozen)
    {
        var order = _orders[row];
        var choice = Plan.Wish.For(order.Pan, frozen);
        var address = CompositionAddress.Write(Composition.Usual with { Pan = order.Pan, Crust = choice, Oven = Oven });
        return $"/bake-card?{address}&n={Plan.Rows[row].Number(frozen)}&goes={Plan.Wish.Need.Id}";
    }

    /// <summary>The trouble with a field, or none.</summary>
    public Trouble? TroubleWith(string field) => Troubles.FirstOrDefault(t => t.Field == field);

    /// <summary>Reads a plan.</summary>
    public static PlanForm Read(IEnumerable<KeyValuePair<string, StringValues>> query, Kitchen kitchen, PartBook book, LengthUnit bare)
    {
        var fields = query.ToDictionary(f => f.Key, f => f.Value, StringComparer.Ordinal);
        string? One(string name) => fields.TryGetValue(name, out var value) && value.Count > 0 ? value[0] : null;
        var form = new PlanForm { Said = (One("say") ?? "").Trim(), Thick = (One("thick") ?? "").Trim() };

        // Everything that is in the house comes before what is merely known.
        form.Pans = [.. kitchen.Pans.Select(p => p.Pan).Concat(PanCupboard.All).DistinctBy(p => p.Key)];
        var family = One("crust") is { Length: > 0 } named && book.Crust(named) is { } known ? known : CrustBook.SweetShort;
        if (form.Said.Length > 0)
        {
            var read = ShellOrderReader.Read(form.Said, form.Pans, family);
            form.Unclear = read.Unclear;
            foreach (var order in read.Orders.Take(MostRows))
                form.Add(order.Pan, Text(order.Count), Text(order.ToFreeze));
        }

        if (form._rows.Count == 0 && fields.TryGetValue("p", out var pans))
        {
            var counts = fields.GetValueOrDefault("many");
            var freeze = fields.GetValueOrDefault("cold");
            for (var i = 0; i < Math.Min(pans.Count, MostRows); i++)
            {
                if (form.Pans.FirstOrDefault(p => p.Key == pans[i]) is { } pan)
                    form.Add(pan, (i < counts.Count ? counts[i] : null) ?? "1", (i < freeze.Count ? freeze[i] : null) ?? "0");
            }
        }

        if (One("add") is { Length: > 0 } added && form.Pans.FirstOrDefault(p => p.Key == added) is { } more && form._rows.Count < MostRows)
            form.Add(more, "1", "0");

        // The same reading as in Compose: the same limits, the same words.
        var first = form._orders.Count > 0 ? form._orders[0].Pan : form.Pans.FirstOrDefault(p => p.Top.Value is > 200 and < 260) ?? form.Pans[0];
        var composed = CompositionAddress.Read(
            name => name switch
            {
                CompositionAddress.PanField => first.Id == PanCupboard.OwnId ? first.Key : first.Id,
                CompositionAddress.CrustField => One(name) is { Length: > 0 } crust ? crust : CrustBook.SweetShort.Id,
                CompositionAddress.Thickness => form.Thick.Length > 0 ? form.Thick : null,
                CompositionAddress.Bake or CompositionAddress.EdgeField or CompositionAddress.SealField or CompositionAddress.OvenField or CompositionAddress.BinderField or CompositionAddress.Browned => One(name),
                _ => null,
            },
            bare, book);
        var c = composed.Composition;
        form.Troubles = composed.Troubles;
        form.Oven = c.Oven;
        var wish = new ShellWish(
            c.Crust.Family, c.Crust.Treatment, c.Crust.Edge, c.Crust.Seal, ShellNeed.Of(One("goes") ?? ""),
            form.Thick.Length > 0 && form.TroubleWith(CompositionAddress.Thickness) is null ? c.Crust.Thickness : null, c.Crust.Binder, c.Crust.Browned);

        // Until a row can be used, one shell is reckoned with.
        if (form._rows.Count == 0)
            form.Add(first, "1", "0");
        else if (form._orders.Count == 0)
            form._orders.Add(new(first, 1, 0));
        form.Plan = ShellPlan.Of(wish, form._orders, kitchen, c.Oven);
        return form;
    }

    private static string Text(int number) => number.ToString(CultureInfo.InvariantCulture);

    private void Add(Pan pan, string count, string freeze)
    {
        string? trouble = null;
        if (!int.TryParse(count.Trim(), NumberStyles.None, CultureInfo.InvariantCulture, out var many) || many > ShellOrder.Most)
            trouble = $"How many? A whole number up to {ShellOrder.Most}; 0 takes it off.";
        else if (!int.TryParse(freeze.Trim().Length == 0 ? "0" : freeze.Trim(), NumberStyles.None, CultureInfo.InvariantCulture, out var cold) || cold > many)
            trouble = many == 0 ? null : $"To freeze: a whole number up to {many}.";
        else if (many > 0)
            _orders.Add(new(pan, many, cold));
        if (trouble is not null || many > 0)
            _rows.Add(new(pan, count, freeze, trouble));
    }
}
