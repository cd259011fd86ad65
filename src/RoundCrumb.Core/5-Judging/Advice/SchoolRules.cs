using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Toppings;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Advice;

/// <summary>
/// Matters on which bakers differ. Never an error: each says what the other way would buy, until the house has settled it.
/// </summary>
internal static class SchoolRules
{
    private static readonly Rule Fat = Of("butter-or-shortening", Layer.Crust, static c =>
        c.Crust.Family == CrustBook.ButterFlaky
            ? (
                "butter",
                c.Occasion.Needs.Allow(CrustBook.ShorteningFlaky)
                    ? new("Try shortening", "less flavour", p => p with { Crust = p.Crust with { Family = CrustBook.ShorteningFlaky } })
                    : null)
        : c.Crust.Family == CrustBook.ShorteningFlaky
            ? (
                "shortening",
                c.Occasion.Needs.Allow(CrustBook.ButterFlaky)
                    ? new("Try butter", "harder in a warm room", p => p with { Crust = p.Crust with { Family = CrustBook.ButterFlaky } })
                    : null)
        : default);

    private static readonly Rule Crumb = Of("baked-or-chilled", Layer.Crust, static c =>
        c.Crust.Family is not CrumbFamily || c.Filling.HeatsItsCrust || c.Occasion.NoOven ? default
        : c.Crust.Treatment is Treatment.Baked
            ? (
                "baked",
                c.Crust.Seal.NeedsOven
                    ? null
                    : new("Chill it instead", "softer; no oven", p => p with { Crust = p.Crust with { Treatment = Treatment.Chilled } }))
        : (
            "chilled",
            new(
                "Bake it instead", "8–12 min in the oven and an hour to cool",
                p => p with { Crust = p.Crust with { Treatment = Treatment.Baked } })));

    private static readonly Rule Egg = Of("yolks-or-eggs", Layer.Filling, static c =>
    {
        if (c.Filling.Formula.Family.Scale != SetScale.Starch)
            return default;
        var yolks = c.Filling.Formula.Lines.Any(l => l.Ingredient.Egg is EggPart.Yolk);
        var eggs = c.Filling.Formula.Lines.Any(l => l.Ingredient.Egg is EggPart.Whole);
        return yolks == eggs ? default : (yolks ? "yolks" : "eggs", null);
    });

    private static readonly Rule Thickener = Of("cornflour-or-flour", Layer.Filling, static c =>
    {
        if (c.Filling.Formula.Family.Scale != SetScale.Starch)
            return default;
        var flour = c.Filling.Formula.Lines.Any(l => l.Ingredient.IsFlour);
        var starch = c.Filling.Formula.Lines.Any(l => l.Ingredient.StarchEquivalent >= 0.9);
        return flour == starch ? default : (starch ? "cornflour" : "flour", null);
    });

    private static readonly Rule FillHot = Of(
        "hot-or-cooled", Layer.Filling,
        static c => c.Filling.Formula.Family is { GoesInHot: true } family && family.Scale == SetScale.Starch ? ("hot", null) : default);

    private static readonly Rule Cream = Of("sweet-or-plain", Layer.Topping, static c =>
    {
        if (c.Toppings.FirstOrDefault(t => t.Topping.Kind is ToppingKind.Whipped) is not { } top)
            return default;
        if (!top.Topping.IsSweetened)
            return (
                "plain",
                c.Occasion.Needs.Allow(Topping.Icing) && top.Topping.Id == Topping.Plain.Id
                    ? new("Sweeten it with icing sugar", "sweeter; holds longer too", p => p.Top(top, Topping.Icing))
                    : null);
        return (
            "sweet",
            top.Topping.Id == Topping.Icing.Id && c.Occasion.ToppedAhead <= 4
                ? new("Leave it plain", "holds only 2–4 h", p => p.Top(top, Topping.Plain))
                : null);
    });

    private static readonly Rule When = Of("ahead-or-at-serving", Layer.Topping, static c =>
        c.Toppings.All(t => t.Topping.GoesOn is not GoesOn.Cold) ? default
        : c.Occasion.ToppedAhead > 1 ? ("ahead", new("Top it at serving", "a job at the counter", p => p.Topped(0)))
        : ("at-serving", null));

    private static readonly Rule Wet = Of(
        "water-or-vinegar", Layer.Crust,
        static c =>
            c.Crust.Family is RolledFamily { NeedsLayers: true, Sheet: null } rolled
                ? (rolled.Dough.Any(d => d.Ingredient.Is(Traits.RelaxesDough)) ? "vinegar" : "water", null)
                : default);

    /// <summary>All of them but the oldest, which stands with the crust's own rules.</summary>
    public static IReadOnlyList<Rule> All { get; } = [Fat, Crumb, Egg, Thickener, FillHot, Cream, When, Wet];

    private static Rule Of(string id, Layer layer, Func<Composition, (string Way, Remedy? Other)> at)
    {
        var school = Schools.Find(id)!;
        return new(id, layer, DecidedBy.Custom, (rule, pie) =>
        {
            var (way, other) = at(pie.Composition);
            if (way is null || pie.Kitchen.Schools.WayOf(id) is not null)
                return null;
            var here = school.Ways.First(w => w.Id == way);
            var there = school.Ways.First(w => w.Id != way);
            return new(
                rule, Severity.School,
                $"{school.Name}: {here.Name} – {here.Buys}.",
                $"Others: {there.Name} – {there.Buys}.",
                other is null ? [] : [other]);
        });
    }
}
