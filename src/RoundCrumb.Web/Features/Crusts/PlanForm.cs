using System.Globalization;
using System.Text;
using Microsoft.Extensions.Primitives;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Core.Shells;
using RoundCrumb.Core.Units;

namespace RoundCrumb.Web.Features.Crusts;

/// <summary>A plan of shells read from an address, and what in it could not be used. Reading never fails.</summary>
public sealed class PlanForm
{
    private PlanForm(PanRows rows) => Pans = rows;

    /// <summary>The rows of pans.</summary>
    public PanRows Pans { get; }

    /// <summary>The plan.</summary>
    public ShellPlan Plan { get; private set; } = null!;

    /// <summary>The oven that was chosen; none for the kitchen's usual one.</summary>
    public Oven? Oven { get; private set; }

    /// <summary>What could not be used in the other fields.</summary>
    public IReadOnlyList<Trouble> Troubles { get; private set; } = [];

    /// <summary>The thickness as typed; empty for what is usual in each pan.</summary>
    public string Thick { get; private set; } = "";

    /// <summary>The plan as an address, everything in it usable.</summary>
    public string Canonical
    {
        get
        {
            var w = Plan.Wish;
            var s = new StringBuilder();
            s.Append(
                CultureInfo.InvariantCulture,
                $"crust={w.Family.Id}&bake={CompositionAddress.NameOf(w.Treatment)}&edge={CompositionAddress.NameOf(w.Edge)}&"
                    + $"seal={w.Seal.Id}&goes={w.Need.Id}");
            if (w.Thickness is { } thick)
                s.Append(CultureInfo.InvariantCulture, $"&thick={thick.Value:0.###}");
            if (w.Binder is not Binder.AsWritten)
                s.Append(CultureInfo.InvariantCulture, $"&bind={CompositionAddress.NameOf(w.Binder)}");
            if (w.Browned)
                s.Append("&brown=1");
            if (Oven is { } oven)
                s.Append(CultureInfo.InvariantCulture, $"&oven={oven.Id}");
            return s.Append(Pans.Address).ToString();
        }
    }

    /// <summary>The address of the card for one row: as baked now, or from the freezer.</summary>
    public string CardAddress(int row, bool frozen)
    {
        var order = Pans.Orders[row];
        var choice = Plan.Wish.For(order.Pan, frozen);
        var address = CompositionAddress.Write(Composition.Usual with { Pan = order.Pan, Crust = choice, Oven = Oven });
        return $"{Routes.BakeCard}?{address}&n={Plan.Rows[row].Number(frozen)}&goes={Plan.Wish.Need.Id}";
    }

    /// <summary>The trouble with a field, or none.</summary>
    public Trouble? TroubleWith(string field) => Troubles.FirstOrDefault(t => t.Field == field);

    /// <summary>Reads a plan.</summary>
    public static PlanForm Read(IEnumerable<KeyValuePair<string, StringValues>> query, Kitchen kitchen, PartBook book, LengthUnit bare)
    {
        var fields = query.ToDictionary(f => f.Key, f => f.Value, StringComparer.Ordinal);
        string? One(string name) => fields.TryGetValue(name, out var value) && value.Count > 0 ? value[0] : null;
        var family = One("crust") is { Length: > 0 } named && book.Crust(named) is { } known ? known : CrustBook.SweetShort;
        var form = new PlanForm(new(fields, kitchen, family)) { Thick = (One("thick") ?? "").Trim() };
        var first = form.Pans.Orders[0].Pan;

        // The same reading as in Compose: the same limits, the same words.
        var composed = CompositionAddress.Read(
            name => name switch
            {
                CompositionAddress.PanField => first.Id == PanCupboard.OwnId ? first.Key : first.Id,
                CompositionAddress.CrustField => One(name) is { Length: > 0 } crust ? crust : CrustBook.SweetShort.Id,
                CompositionAddress.Thickness => form.Thick.Length > 0 ? form.Thick : null,
                CompositionAddress.Bake or CompositionAddress.EdgeField or CompositionAddress.SealField or CompositionAddress.OvenField
                or CompositionAddress.BinderField or CompositionAddress.Browned =>
                    One(name),
                _ => null,
            },
            bare, book);
        var c = composed.Composition;
        form.Troubles = composed.Troubles;
        form.Oven = c.Oven;
        var wish = new ShellWish(
            c.Crust.Family, c.Crust.Treatment, c.Crust.Edge, c.Crust.Seal,
            FillingFamilies.Find(One("goes") ?? "")?.Shell ?? FillingFamilies.StarchCustard.Shell,
            form.Thick.Length > 0 && form.TroubleWith(CompositionAddress.Thickness) is null ? c.Crust.Thickness : null, c.Crust.Binder,
            c.Crust.Browned);
        form.Plan = ShellPlan.Of(wish, form.Pans.Orders, kitchen, c.Oven);
        return form;
    }
}
