using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
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
        if (c.Occasion.NoOven && !c.Crust.IsBaked && c.Filling.Formula.Family is { Bake: { } bake, BakeIsOptional: false })
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

    internal static readonly Rule SlaughterIn = new("not-vegetarian", Layer.Occasion, DecidedBy.Custom, static (rule, pie) =>
    {
        var c = pie.Composition;

        // Of a topping that is here there is more to say; of one that cannot be used this is all.
        var said = c.Toppings.Any(t => t.Topping.FromSlaughter);
        if (!c.Occasion.Vegetarian
                || Held.Of(c).FirstOrDefault(h => h.What.FromSlaughter && !(said && h.In is HeldIn.Topping)) is not
                { What: { } from } found)
            return null;
        return new(
            rule, Severity.Stops,
            $"Vegetarians can’t eat this: the {from.ShortName} in the {found.Where} comes from animals.",
            $"The {found.Where} holds {from.Name}.",
            found.In is HeldIn.Filling && !c.Occasion.NoOven && c.Filling.Formula.Lines.Any(l => l.Ingredient.Bloom > 0)
                ? [new("Fill it with the malt custard", "cooked on the hob, set by starch and yolk", p => Custard(p))]
                : GuestRules.Without(c, found));
    });

    internal static readonly Rule GelatineInCream = new("gelatine-cream", Layer.Topping, DecidedBy.Custom, static (rule, pie) =>
    {
        var c = pie.Composition;
        if (!c.Occasion.Vegetarian || c.Toppings.FirstOrDefault(t => t.Topping.FromSlaughter) is not { } top)
            return null;
        var what = top.Topping.Everything.First(i => i.FromSlaughter).ShortName;
        return top.Topping.Kind is ToppingKind.Whipped
            ? new(
                rule, Severity.Stops,
                $"Vegetarians can’t eat this cream: {what} comes from animals.",
                $"It holds {what}.",
                [
                    new(
                        "Hold it with icing sugar", "8–12 h instead of two days",
                        p => p.Top(top, Topping.Icing).Topped(Math.Min(p.Occasion.ToppedAhead, 8)))
                ])
            : new(
                rule, Severity.Stops,
                $"Vegetarians can’t eat this topping: {what} comes from animals.",
                $"It holds {what}.",
                [new("Leave it off", "one layer less", p => p.Retop(top, ToppingChoice.Usual(Topping.None)))]);
    });

    /// <summary>All of them.</summary>
    public static IReadOnlyList<Rule> All { get; } = [NoOvenDay, SlaughterIn, GelatineInCream];

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
