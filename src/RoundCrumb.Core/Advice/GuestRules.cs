using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Layering;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Toppings;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Advice;

/// <summary>Rules about what guests must not have, and how long it stands out.</summary>
internal static class GuestRules
{
    private static readonly Constant OutOfTheFridge = new(
        "out of the fridge at most", 120, Dimension.Time, "For what is rich in egg or dairy; or as local rules say.");
    private static readonly Constant OutInTheHeat = new(
        "out of the fridge at most, in heat", 60, Dimension.Time, "For what is rich in egg or dairy; or as local rules say.");
    private static readonly Constant InTheHeat = new("heat from", 32, Dimension.Warmth, "Above it an hour is the most.");

    private static readonly Rule AllergenInCrust = new("allergen-crust", Layer.Crust, DecidedBy.FoodSafety, static (rule, pie) =>
    {
        var c = pie.Composition;
        if (c.Occasion.Without is Allergens.None
                || c.Crust.Family.Ingredients.FirstOrDefault(i => i.MayHave(c.Occasion.Without)) is not { } found)
            return null;
        return Says(rule, c, found, "crust", Nearest.Crust(c) is { } other
            ? [
                new(
                    $"Take {Low(other.Name)}", "another crust; look at it again",
                    p =>
                        p.To(
                            other,
                            p.Occasion.NoOven && other.Treatments.Contains(Treatment.Chilled) ? Treatment.Chilled : other.Treatments[0])
                            .Seal(Seal.None))
            ]
            : []);
    });

    private static readonly Rule AllergenInSeal = new("allergen-seal", Layer.Seal, DecidedBy.FoodSafety, static (rule, pie) =>
    {
        var c = pie.Composition;
        return c.Crust.Seal.Ingredient is { } seal && seal.MayHave(c.Occasion.Without)
            ? Says(rule, c, seal, "seal", [new("Leave the seal off", "the base softens sooner", p => p.Seal(Seal.None))])
            : null;
    });

    private static readonly Rule AllergenInFilling = new("allergen-filling", Layer.Filling, DecidedBy.FoodSafety, static (rule, pie) =>
    {
        var c = pie.Composition;
        if (c.Occasion.Without is Allergens.None)
            return null;
        for (var i = 0; i < c.Under.Count; i++)
        {
            var at = i;
            var inLayer = c.Under[i] is FillingLayer f
                ? f.Formula.Lines.Select(l => l.Ingredient)
                : [((PieceLayer)c.Under[i]).Piece.Ingredient];
            if (inLayer.FirstOrDefault(x => x.MayHave(c.Occasion.Without)) is { } beneath)
                return Says(
                    rule, c, beneath, "layer beneath",
                    [new("Leave that layer out", "one layer less", p => p with { Under = p.Under.Without(at) })]);
        }

        return c.Filling.Formula.Lines.FirstOrDefault(l => l.Ingredient.MayHave(c.Occasion.Without)) is { } line
            ? Says(rule, c, line.Ingredient, "filling", Nearest.Filling(c) is { } other ? [Instead(other)] : [])
            : null;
    });

    private static readonly Rule AllergenInTopping = new("allergen-topping", Layer.Topping, DecidedBy.FoodSafety, static (rule, pie) =>
    {
        var c = pie.Composition;
        if (c.Occasion.Without is Allergens.None)
            return null;
        foreach (var top in c.Toppings)
        {
            if (top.Topping.With.Select(w => w.Ingredient).Prepend(top.Topping.Base)
                    .FirstOrDefault(x => x.MayHave(c.Occasion.Without)) is { } found)
                return Says(rule, c, found, "topping", Swap(c, top));
        }

        return null;
    });

    private static readonly Rule Alcohol = new("alcohol", Layer.Occasion, DecidedBy.Custom, static (rule, pie) =>
    {
        var c = pie.Composition;
        if (!c.Occasion.NoAlcohol)
            return null;
        if (c.Under.Select((l, i) => (Layer: l, At: i))
                .FirstOrDefault(
                    l => l.Layer is FillingLayer f && f.Formula.Lines.Any(x => x.Ingredient.Alcohol > 0))
                    is { Layer: FillingLayer under } beneath)
            return Found(
                under.Formula.Lines.First(x => x.Ingredient.Alcohol > 0).Ingredient,
                [new("Leave that layer out", "one layer less", p => p with { Under = p.Under.Without(beneath.At) })]);
        if (c.Filling.Formula.Lines.FirstOrDefault(l => l.Ingredient.Alcohol > 0) is { } line)
            return Found(line.Ingredient, Nearest.Filling(c) is { } other ? [Instead(other)] : []);
        if (c.Crust.Family.Ingredients.FirstOrDefault(i => i.Alcohol > 0) is { } inCrust)
            return Found(
                inCrust,
                Nearest.Crust(c) is { } other
                    ? [new($"Take {Low(other.Name)}", "another crust", p => p.To(other, other.Treatments[0]))]
                    : []);
        return c.Toppings.FirstOrDefault(t => t.Topping.With.Any(w => w.Ingredient.Alcohol > 0)) is { } top
            ? Found(top.Topping.With.First(w => w.Ingredient.Alcohol > 0).Ingredient, Swap(c, top))
            : null;

        Finding Found(Ingredient ingredient, IReadOnlyList<Remedy> remedies) => new(
            rule, Severity.Stops,
            $"There is alcohol in it, in the {ingredient.ShortName}, and it never cooks off altogether.",
            new("The {0} of it that is alcohol thins in cooking, but stays.", new Quantity(ingredient.Alcohol, Dimension.Share)), remedies);
    });

    private static readonly Rule RawEgg = new("raw-egg", Layer.Filling, DecidedBy.FoodSafety, static (rule, pie) =>
    {
        var c = pie.Composition;
        if (!c.Occasion.NoRawEgg)
            return null;
        if (c.Under.Select((l, i) => (Layer: l, At: i))
                .FirstOrDefault(l => l.Layer is FillingLayer f && Needs.RawEggIn(f.Formula) is not null) is { Layer: FillingLayer } beneath)
            return Found([new("Leave that layer out", "one layer less", p => p with { Under = p.Under.Without(beneath.At) })]);
        return Needs.RawEggIn(c.Filling.Formula) is null ? null : Found(Nearest.Filling(c) is { } other ? [Instead(other)] : []);

        Finding Found(IReadOnlyList<Remedy> remedies) => new(
            rule, Severity.Stops,
            "The egg in it stays raw, and these guests must not have it.",
            "It is folded in and never heated. Pasteurised egg would do: write the recipe with it.", remedies);
    });

    private static readonly Rule OnTheTable = new("on-the-table", Layer.Occasion, DecidedBy.FoodSafety, static (rule, pie) =>
    {
        var c = pie.Composition;
        var most = (pie.Kitchen.Room.Value > InTheHeat.Usual ? OutInTheHeat : OutOfTheFridge).Usual / 60;
        var cold = c.Fillings.Any(
            f =>
                f.Lines.Any(l => l.Ingredient.Egg is not EggPart.None || l.Ingredient.Shelf is PantryShelf.Dairy)
                    && !f.Family.KeepsInTheRoom)
            || c.Toppings.Any(t => t.Topping.Kind is ToppingKind.Whipped);
        return cold && c.Occasion.OnTable > most + 1e-9
            ? new(
                rule, Severity.Stops,
                new(
                    "It stands out for {0}; rich in egg and dairy it is safe for {1}, or as your local rules say.",
                    Changes.Hours(c.Occasion.OnTable), Changes.Hours(most)),
                new("It wants {0} or less until then.", new Quantity(5, Dimension.Warmth)),
                [
                    new(
                        new("Keep it cold until {0} before the last slice", Changes.Hours(most)), "a second trip to the fridge",
                        p => p with { Occasion = p.Occasion with { OnTable = most } })
                ])
            : null;
    });

    /// <summary>All of them.</summary>
    public static IReadOnlyList<Rule> All { get; } = [
        AllergenInCrust, AllergenInSeal, AllergenInFilling, AllergenInTopping, Alcohol, RawEgg, OnTheTable
    ];

    private static Finding Says(Rule rule, Composition c, Ingredient found, string where, List<Remedy> remedies) => new(
        rule, Severity.Stops,
        found.AllergensStated
            ? $"Not for these guests: there is {string.Join(" and ", Needs.Named(found.Allergens & c.Occasion.Without))} in the {where}."
            : $"Not for these guests as it is: nobody has said what there is in the {found.ShortName}, in the {where}.",
        (found.AllergensStated
            ? $"It comes with the {found.ShortName}. Your kitchen may add traces of its own."
            : "What is not stated may be there. Say in the Pantry what its packet names, or that it names none of these.")
            + (remedies.Count == 0 ? " Nothing here does without it." : ""),
        remedies);

    private static Remedy Instead(FillingFormula other) =>
        new($"Fill it with the {Low(other.Name)}", "another filling", p => Nearest.With(p, other));

    private static List<Remedy> Swap(Composition c, ToppingChoice top)
    {
        var remedies = new List<Remedy>(2);
        if (Nearest.Topping(c, top) is { } other)
            remedies.Add(new($"Top it with {Low(other.Name)}", "another topping", p => p.Top(top, other)));
        remedies.Add(new("Leave it off", "nothing there", p => p.Retop(top, ToppingChoice.Usual(Topping.None))));
        return remedies;
    }

    private static string Low(string name) => char.ToLowerInvariant(name[0]) + name[1..];
}

/// <summary>The part of the house that is nearest to one that will not do.</summary>
internal static class Nearest
{
    /// <summary>The most that any edge wants beyond the rim, mm.</summary>
    private const double WidestEdge = 30;

    /// <summary>A pressed crumb that these guests may have; the plain one where none is.</summary>
    public static CrumbFamily Crumb(Composition c) =>
        CrustBook.All.OfType<CrumbFamily>().FirstOrDefault(c.Occasion.Needs.Allow) ?? CrustBook.PlainCrumb;

    /// <summary>
    /// A crust that these guests may have and this day allows, as like the one there is as can be; none where there is none.
    /// </summary>
    public static CrustFamily? Crust(Composition c)
    {
        var needs = c.Occasion.Needs;
        return CrustBook.All
            .Where(
                f =>
                    f != c.Crust.Family
                        && (f is CrumbFamily || (f is RolledFamily && CanBeRolled(c.Pan)))
                        && needs.Allow(f) && (!c.Occasion.NoOven || f.Treatments.Contains(Treatment.Chilled)))
            .OrderBy(f => f.GetType() == c.Crust.Family.GetType() ? 0 : 1)
            .ThenBy(f => f is RolledFamily { NeedsLayers: true } == c.Crust.Family is RolledFamily { NeedsLayers: true } ? 0 : 1)
            .FirstOrDefault();
    }

    /// <summary>True where the dough for a pan is no larger than a table, whatever its edge.</summary>
    private static bool CanBeRolled(Pan pan) =>
        2 * (pan.Inside.BaseHalf + pan.Inside.HalfExtra + pan.Inside.Slant + WidestEdge) <= CrustConstants.LargestTable.Usual;

    /// <summary>A filling that these guests may have and this day allows: of its own family, else one that goes in as it does.</summary>
    public static FillingFormula? Filling(Composition c)
    {
        var needs = c.Occasion.Needs;
        var now = c.Filling.Formula.Family;
        return FillingBook.All
            .Where(f => f != c.Filling.Formula && needs.Allow(f) && !(c.Occasion.NoOven && f.Family.Bake is not null))
            .OrderBy(f => f.Family.Id == now.Id ? 0 : f.Family.Scale == now.Scale ? 1 : f.Family.HeatsItsCrust == now.HeatsItsCrust ? 2 : 3)
            .FirstOrDefault();
    }

    /// <summary>A topping of its kind that these guests may have; none where there is none.</summary>
    public static Topping? Topping(Composition c, ToppingChoice top)
    {
        var needs = c.Occasion.Needs;
        return ToppingBook.All.FirstOrDefault(
            t =>
                t.Kind == top.Topping.Kind && t != Toppings.Topping.None && t.Id != top.Topping.Id && t != ToppingBook.Held
                    && needs.Allow(t));
    }

    /// <summary>A pie with another filling, as it is usually filled.</summary>
    public static Composition With(Composition c, FillingFormula filling) => c with
    {
        Filling = new(
            filling, c.Filling.Batch.IsSaid ? BatchChoice.Exact : c.Filling.Batch, filling.Family.LineIn(c.Pan.Depth), 1),
    };
}
