using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Units;

namespace RoundCrumb.Web.Features.Compose;

/// <summary>The layers of a pie in a line each, as Compose lists them.</summary>
/// <param name="view">The pie.</param>
public sealed class StratumLines(ComposeView view)
{
    /// <summary>
    /// What the strata that are closed hold, as fields of the form: what was typed and could not be used as it was typed.
    /// </summary>
    public IEnumerable<(string Name, string Value)> Closed()
    {
        var fields = CompositionAddress.FieldsOf(view.Canonical).ToDictionary(f => f.Key, f => f.Value, StringComparer.Ordinal);
        foreach (var trouble in view.Troubles.Where(t => Enum.GetValues<Stratum>().Any(s => s.Holds(t.Field))))
            fields[trouble.Field] = trouble.Typed;
        foreach (var stratum in Enum.GetValues<Stratum>().Where(s => s != view.Open))
        {
            foreach (var (name, value) in fields.Where(f => stratum.Holds(f.Key)))
            {
                yield return (name, value);
                if (view.Shown.Units.Length is LengthUnit.Inches && Strata.IsLength(name) && view.TroubleWith(name) is null)
                    yield return (name + ".as", $"{value}|{value}");
            }
        }

        // What a change of a part is told by, also where its stratum is closed.
        if (view.Open != Stratum.Topping)
        {
            foreach (var (topping, choice, _) in view.ToppingRows())
                yield return (topping.Was, choice.Topping.Id);
        }

        if (view.Open != Stratum.Filling)
        {
            foreach (var (layer, sums) in view.LayerRows())
                yield return (layer.Was, sums.Choice.Id);
        }
    }

    /// <summary>What lies on it, in a few words.</summary>
    public string ToppingName =>
        view.Pie.Toppings.Count == 0 ? "Nothing on top" : string.Join(", ", view.Pie.Toppings.Select(t => t.Choice.Topping.Name));

    /// <summary>How thick it lies.</summary>
    public string ToppingFacts => view.Pie.Topping is { Count: null } one && one.Choice.Topping.HasThickness && view.Pie.Toppings.Count == 1
        ? view.Shown.Say(one.Choice.Height.AsQuantity()) : "";

    /// <summary>How much of it there is.</summary>
    public string ToppingFigure => view.Pie.Topping is not { } one ? "" : one.Cream is { } cream ? view.Shown.Say(cream.Amount)
        : one.Count is { } count ? view.Shown.Say(count.Amount) + " pieces" : "";

    /// <summary>How deep the filling stands and how it cuts.</summary>
    public string FillingFacts => $"{view.Shown.Say(view.Pie.FilledDepth.Amount)}, {view.Pie.Yield.Cut.Name}"
        + (view.Pie.Layers.Count > 0 ? ", on " + string.Join(", ", view.Pie.Layers.Select(l => l.Choice.Name.ToLowerInvariant())) : "");

    /// <summary>How thick the crust is, its edge and how it is baked.</summary>
    public string CrustFacts => $"{view.Shown.Say(view.C.Crust.Thickness.AsQuantity())}, "
        + (view.C.Crust.Family is RolledFamily && view.C.Crust.Edge is not Edge.Trimmed
            ? ComposeView.NameOf(view.C.Crust.Edge).ToLowerInvariant() + ", " : "")
        + ComposeView.NameOf(view.C.Crust.Treatment).ToLowerInvariant();

    /// <summary>When it is filled.</summary>
    public string ServedName => view.Shown.Say(new Quantity(view.C.Occasion.FilledAhead * 60, Dimension.Time)) + " after it is filled";

    /// <summary>When it is topped, and for whom.</summary>
    public string ServedFacts => string.Join(", ", ((IEnumerable<string>)[
        view.C.Toppings.Any() ? "topped " + view.Shown.Say(new Quantity(view.C.Occasion.ToppedAhead * 60, Dimension.Time)) + " before" : "",
        view.C.Occasion.NoOven ? "no oven" : "", view.C.Occasion.Vegetarian ? "vegetarians" : "",
        view.C.Occasion.NoAlcohol ? "no alcohol" : "",
        view.C.Occasion.NoRawEgg ? "no raw egg" : "", .. Needs.Named(view.C.Occasion.Without).Select(n => "no " + n),
        .. view.C.Occasion.Swaps.Select(s => s.Name),
    ]).Where(w => w.Length > 0));
}
