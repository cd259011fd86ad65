using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Crusts;

/// <summary>The crust families. One declaration each; everything else follows from it.</summary>
public static class CrustBook
{
    public static readonly RolledFamily ButterFlaky = new(
        "butter-flaky",
        "Flaky, all butter",
        "sliced cream and fruit pies",
        [Treatment.HotStart, Treatment.Steady],
        "#d8a45c",
        [
            new(Pantry.PlainFlour, Percent("flour", 100, 100, 100, "Bakers' percentages count everything against the flour."), "a stronger plain flour: layers need structure"),
            new(Pantry.Butter, Percent("butter", 82, 75, 90, "More is flakier and harder to handle."), "cut in cubes and frozen 20 min"),
            new(Pantry.Water, Percent("water", 30, 25, 35, "A range to stop inside: stop when it just holds."), "ice cold; stop when it just holds"),
            new(Pantry.CasterSugar, Percent("sugar", 3, 0, 8, "For colour rather than sweetness."), "with the flour"),
            new(Pantry.Salt, Percent("salt", 2, 1.5, 2.5, "To taste; unsalted butter assumed."), "with the flour"),
        ],
        NeedsLayers: true,
        RestMinutes: 60);

    public static readonly CrumbFamily PlainCrumb = new(
        "plain-crumb",
        "Plain biscuit crumb",
        "cold creams, cheese fillings and no-bake days",
        [Treatment.Baked, Treatment.Chilled],
        "#b9823f",
        Pantry.BiscuitCrumbs,
        Pantry.Butter,
        Percent("melted butter to crumb", 46, 42, 50, "Plain wheat biscuit drinks this much; greasy means too much."),
        Pantry.CasterSugar,
        Percent("sugar to crumb", 8, 0, 25, "It helps a baked crumb to hold together."),
        new("one plain biscuit", 8, 7, 9, Dimension.Mass, "A thin plain wheat biscuit; your packet says more exactly."));

    /// <summary>All families, in the order in which they are offered.</summary>
    public static IReadOnlyList<CrustFamily> All { get; } = [ButterFlaky, PlainCrumb];

    /// <summary>The family with this id, or none.</summary>
    public static CrustFamily? Find(string id) => All.FirstOrDefault(f => f.Id == id);

    private static Constant Percent(string name, double usual, double low, double high, string reason) =>
        new(name, usual / 100, low / 100, high / 100, Dimension.Share, reason);
}
