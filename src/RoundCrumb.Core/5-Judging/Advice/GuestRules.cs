using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
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

    private static readonly Rule AllergenInCrust = Allergen("allergen-crust", Layer.Crust, HeldIn.Crust);
    private static readonly Rule AllergenInSeal = Allergen("allergen-seal", Layer.Seal, HeldIn.Seal);
    private static readonly Rule AllergenBeneath = Allergen("allergen-beneath", Layer.Filling, HeldIn.Beneath);
    private static readonly Rule AllergenInFilling = Allergen("allergen-filling", Layer.Filling, HeldIn.Filling);
    private static readonly Rule AllergenInTopping = Allergen("allergen-topping", Layer.Topping, HeldIn.Topping);

    private static readonly Rule Alcohol = new("alcohol", Layer.Occasion, DecidedBy.Custom, static (rule, pie) =>
    {
        var c = pie.Composition;
        if (!c.Occasion.NoAlcohol || Held.Of(c).FirstOrDefault(h => h.What.Alcohol > 0) is not { What: { } what } found)
            return null;
        return new(
            rule, Severity.Stops,
            new($"There is alcohol in it, in the {what.ShortName} of the {found.Where}, and it never cooks off altogether."),
            new("The {0} of it that is alcohol thins in cooking, but stays.", new Quantity(what.Alcohol, Dimension.Share)),
            c.With(AskedSwap.VanillaPod, what) is { } plain
                ? [new("Take a vanilla pod (or paste without alcohol) for the extract", "the same pie", _ => plain), .. Without(c, found)]
                : Without(c, found));
    });

    private static readonly Rule RawEggIn = new("raw-egg", Layer.Filling, DecidedBy.FoodSafety, static (rule, pie) =>
    {
        var c = pie.Composition;
        if (!c.Occasion.NoRawEgg || RawEgg.In(c).FirstOrDefault() is not { What: { } egg } found)
            return null;
        return new(
            rule, Severity.Stops,
            $"The {egg.ShortName} in the {found.Where} stays raw or only lightly cooked, and these guests must not have it.",
            new("No step takes it to {0}, the heat at which egg is cooked. Pasteurised egg would do.", RawEgg.Safe.AsQuantity()),
            c.With(AskedSwap.PasteurisedEgg, egg) is { } safe
                ? [new("Take pasteurised egg", "the same pie, egg from a carton", _ => safe), .. Without(c, found)]
                : Without(c, found));
    });

    /// <summary>That something which a layer names is not here: one rule a layer, so that it stands where it is about.</summary>
    private static IReadOnlyList<Rule> Missing { get; } =
    [
        IsMissing("missing-topping", Layer.Topping, HeldIn.Topping), IsMissing("missing-filling", Layer.Filling, HeldIn.Filling),
        IsMissing("missing-beneath", Layer.Filling, HeldIn.Beneath), IsMissing("missing-seal", Layer.Seal, HeldIn.Seal),
        IsMissing("missing-crust", Layer.Crust, HeldIn.Crust), IsMissing("missing-pan", Layer.Pan, null),
    ];

    private static Rule IsMissing(string id, Layer layer, HeldIn? part) => new(id, layer, DecidedBy.FoodSafety, (rule, pie) =>
    {
        if (pie.Composition.Missing.FirstOrDefault(m => Held.PartOf(m.Field) == part) is not { } missing)
            return null;
        var standIn = missing.Field switch
        {
            CompositionAddress.PanField => PanCupboard.Find(missing.StandIn)?.Name,
            CompositionAddress.CrustField => CrustBook.Find(missing.StandIn) is { } crust ? Low(crust.Name) : null,
            CompositionAddress.FillingField => FillingBook.Find(missing.StandIn) is { } filling ? "the " + Low(filling.Name) : null,
            CompositionAddress.ToppingField => Topping.Find(missing.StandIn) is { } topping ? Low(topping.Name) : null,
            CompositionAddress.OvenField => "the kitchen’s usual oven",
            _ => null,
        };
        return new(
            rule, Severity.Stops, missing.Says,
            (missing.Why.Length > 0 ? missing.Why + " " : "It was never brought here, or it was deleted. ")
                + (standIn is null
                    ? "It is left out of the figures here."
                    : $"The figures here are those of {standIn} in its place: it is not that pie."),
            [
                new(
                    standIn is null ? "Leave it out" : $"Take {standIn}", standIn is null ? "nothing there" : "another pie",
                    p => p with { Missing = new(p.Missing.Where(m => m.Field != missing.Field)) })
                { Declared = RemedySize.AnotherPart },
            ]);
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

    /// <summary>Those about what is in it: they need no figures.</summary>
    public static IReadOnlyList<Rule> OfWhatIsInIt { get; } =
        [AllergenInCrust, AllergenInSeal, AllergenBeneath, AllergenInFilling, AllergenInTopping, Alcohol, RawEggIn];

    /// <summary>All of them.</summary>
    public static IReadOnlyList<Rule> All { get; } = [.. OfWhatIsInIt, OnTheTable, .. Missing];

    /// <summary>That something in a part is not for these guests, or may not be: nobody has said.</summary>
    private static Rule Allergen(string id, Layer layer, HeldIn part) => new(id, layer, DecidedBy.FoodSafety, (rule, pie) =>
    {
        var c = pie.Composition;
        if (Held.Of(c).FirstOrDefault(h => h.In == part && h.What.MayHave(c.Occasion.Without)) is not { What: { } what } found)
            return null;
        var remedies = Without(c, found);
        var (there, perhaps) = (what.Allergens & c.Occasion.Without, what.Unanswered & c.Occasion.Without);
        var name = what.WordsOnly.Length > 0 ? what.Name : "the " + what.ShortName;
        return new(
            rule, Severity.Stops,
            there is not Allergens.None
                ? $"Not for these guests: there is {string.Join(" and ", Needs.Named(there))} in the {found.Where}."
                : perhaps is not Allergens.None
                    ? $"Not for these guests as it is: there may be {string.Join(" and ", Needs.Named(perhaps))} in the {found.Where}."
                    : $"Not for these guests as it is: nobody has said what there is in {name}, in the {found.Where}.",
            (there is not Allergens.None
                ? $"It comes with {name}. Your kitchen may add traces of its own."
                : perhaps is not Allergens.None && what.WordsOnly.Length > 0
                    ? $"The recipe says {name}. Say in its line whether it contains it, or that there is none."
                    : "What is not stated may be there. Say in the Pantry what its packet names, or that it names none of these.")
                + (remedies.Count == 0 ? " Nothing here does without it." : ""),
            remedies);
    });

    /// <summary>How a pie does without something that one of its parts holds: another part, or none.</summary>
    internal static List<Remedy> Without(Composition c, Held found)
    {
        switch (found.In)
        {
            case HeldIn.Crust:
                return Nearest.Crust(c) is { } crust
                    ?
                    [
                        new(
                            $"Take {Low(crust.Name)}", "another crust; look at it again",
                            p =>
                                p.To(
                                    crust,
                                    p.Occasion.NoOven && crust.Treatments.Contains(Treatment.Chilled)
                                        ? Treatment.Chilled
                                        : crust.Treatments[0])
                                    .Seal(Seal.None))
                    ]
                    : [];
            case HeldIn.Seal:
                return [new("Leave the seal off", "the base softens sooner", p => p.Seal(Seal.None))];
            case HeldIn.Beneath:
                var at = found.At;
                return [new("Leave that layer out", "one layer less", p => p with { Under = p.Under.Without(at) })];
            case HeldIn.Filling:
                return Nearest.Filling(c) is { } filling ? [Instead(filling)] : [];
            case HeldIn.Topping:
                return Swap(c, c.Toppings.ElementAt(found.At));
            default:
                throw new ArgumentOutOfRangeException(nameof(found), found.In, "No part of a pie.");
        }
    }

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
            .Where(f => f != c.Filling.Formula && needs.Allow(f) && !(c.Occasion.NoOven && !f.Family.NeedsNoOven))
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
