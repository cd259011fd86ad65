using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Layering;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Toppings;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Advice;

/// <summary>Rules about the day and the people.</summary>
internal static class OccasionRules
{
    private static readonly Rule NoOvenDay = new("no-oven", Layer.Occasion, DecidedBy.Custom, static (rule, pie) =>
    {
        var c = pie.Composition;
        if (c.Occasion.NoOven && !c.Crust.IsBaked && c.Filling.Formula.Family.Bake is { } bake)
        {
            return new(
                rule, Severity.Stops,
                "This filling is baked, and there is no oven today.",
                new("It wants {0} in the oven.", new Quantity(bake.Heat.Usual, Dimension.OvenHeat)),
                [
                    c.Occasion.Vegetarian
                        ? new(
                            "Fill it with the ginger and lime cream cheese", "another pie: cold, without gelatine, 8 h to set",
                            p => Stiff(p))
                        : new("Fill it with the lemon cream cheese", "another pie: cold, with gelatine", p => Cheese(p)),
                ]);
        }

        return c.Occasion.NoOven && c.Crust.IsBaked
            ? new(
                rule, Severity.Stops,
                "This crust is baked, and there is no oven today.",
                new("It wants {0} in the oven.", pie.Card.Oven is { } heat ? heat.AsQuantity() : default),
                [new("Chill a crumb crust instead", "softer; 45–60 min in the fridge", p => Chilled(p))])
            : null;
    });

    private static readonly Rule GelatineInFilling = new("gelatine-filling", Layer.Filling, DecidedBy.Custom, static (rule, pie) =>
    {
        var c = pie.Composition;
        if (c.Occasion.Vegetarian
                && c.Under.Select((l, i) => (Layer: l, At: i))
                    .FirstOrDefault(l => l.Layer is FillingLayer { Formula.Slaughtered: not null })
                is { Layer: FillingLayer under } beneath)
        {
            return new(
                rule, Severity.Stops,
                $"Vegetarians can’t eat this: {under.Formula.Slaughtered!.ShortName} comes from animals.",
                $"The layer beneath holds {under.Formula.Slaughtered.Name}.",
                [new("Leave that layer out", "one layer less", p => p with { Under = p.Under.Without(beneath.At) })]);
        }

        return c.Occasion.Vegetarian && c.Filling.Formula.Slaughtered is { } from
            ? new(
                rule, Severity.Stops,
                $"Vegetarians can’t eat this: {from.ShortName} comes from animals.",
                $"This filling holds {from.Name}.",
                [new("Fill it with the malt custard", "cooked on the hob, set by starch and yolk", p => Custard(p))])
            : null;
    });

    private static readonly Rule GelatineInCream = new("gelatine-cream", Layer.Topping, DecidedBy.Custom, static (rule, pie) =>
    {
        var c = pie.Composition;
        if (!c.Occasion.Vegetarian || c.Toppings.FirstOrDefault(t => t.Topping.FromSlaughter) is not { } top)
            return null;
        return top.Topping.Kind is ToppingKind.Whipped
            ? new(
                rule, Severity.Stops,
                "Vegetarians can’t eat this cream: gelatine comes from animals.",
                "A trace of gelatine holds it up.",
                [
                    new(
                        "Hold it with icing sugar", "8–12 h instead of two days",
                        p => p.Top(top, Topping.Icing).Topped(Math.Min(p.Occasion.ToppedAhead, 8)))
                ])
            : new(
                rule, Severity.Stops,
                "Vegetarians can’t eat this: gelatine comes from animals.",
                "It sets the jelly.",
                [new("Leave it off", "one layer less", p => p.Retop(top, ToppingChoice.Usual(Topping.None)))]);
    });

    /// <summary>All of them.</summary>
    public static IReadOnlyList<Rule> All { get; } = [NoOvenDay, GelatineInFilling, GelatineInCream];

    private static Composition Chilled(Composition c)
    {
        var seal = c.Crust.Seal.NeedsOven ? Seal.None : c.Crust.Seal;
        return c.To(Nearest.Crumb(c), Treatment.Chilled).Seal(seal);
    }

    private static Composition Stiff(Composition c) =>
        (
            c with
            {
                Filling = new(
                    FillingBook.GingerCheese, c.Filling.Batch.IsSaid ? BatchChoice.Exact : c.Filling.Batch,
                    new(FillingFamilies.CheeseStiff.FillLine.Usual), 1),
            }).Filled(Math.Max(8, c.Occasion.FilledAhead));

    private static Composition Cheese(Composition c) =>
        c with
        {
            Filling = new(
                FillingBook.LemonCheese, c.Filling.Batch.IsSaid ? BatchChoice.Exact : c.Filling.Batch,
                new(FillingFamilies.CheeseGelatine.FillLine.Usual), 1),
        };

    private static Composition Custard(Composition c)
    {
        var batch = c.Filling.Batch.IsSaid ? BatchChoice.Exact : c.Filling.Batch;
        return c with { Filling = new(FillingBook.MaltCustard, batch, new(FillingFamilies.StarchCustard.FillLine.Usual), 1) };
    }
}
