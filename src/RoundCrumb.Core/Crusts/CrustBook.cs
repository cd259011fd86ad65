using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Crusts;

/// <summary>The crust families. One declaration each; everything else follows from it.</summary>
public static class CrustBook
{
    private static readonly Constant Flour = Percent("flour", 100, 100, 100, "Bakers' percentages count everything against the flour.");
    private static readonly Constant StopInside = Percent("water", 30, 25, 35, "A range to stop inside: stop when it just holds.");
    private static readonly Constant Salt = Percent("salt", 2, 1.5, 2.5, "To taste; unsalted butter assumed.");

    public static readonly RolledFamily ButterFlaky = new(
        "butter-flaky", "Flaky, all butter", "sliced cream and fruit pies", [Treatment.HotStart, Treatment.Steady], "#d8a45c",
        [
            new(Pantry.PlainFlour, Flour, "a stronger plain flour: layers need structure"),
            new(Pantry.Butter, Percent("butter", 82, 75, 90, "More is flakier and harder to handle."), "cut in cubes and frozen 20 min"),
            new(Pantry.Water, StopInside, "ice cold; stop when it just holds"),
            new(Pantry.CasterSugar, Percent("sugar", 3, 0, 8, "For colour rather than sweetness."), "with the flour"),
            new(Pantry.Salt, Salt, "with the flour"),
        ],
        Mixing.CutIn, RestMinutes: 60);

    public static readonly RolledFamily ShorteningFlaky = new(
        "shortening-flaky", "Flaky, shortening", "the tenderest flake, easier in a warm room", [Treatment.HotStart, Treatment.Steady], "#dcb27a",
        [
            new(Pantry.PlainFlour, Flour, "plain"),
            new(Pantry.Shortening, Percent("shortening", 65, 60, 70, "All fat and no water, so less of it than butter."), "cold, in pieces"),
            new(Pantry.Water, Percent("water", 28, 25, 30, "A range to stop inside: stop when it just holds."), "ice cold; stop when it just holds"),
            new(Pantry.CasterSugar, Percent("sugar", 2, 0, 5, "For colour."), "with the flour"),
            new(Pantry.Salt, Salt, "with the flour"),
        ],
        Mixing.CutIn, RestMinutes: 60);

    public static readonly RolledFamily HalfFlaky = new(
        "half-flaky", "Flaky, half and half", "the compromise between the two camps", [Treatment.HotStart, Treatment.Steady], "#d9a966",
        [
            new(Pantry.PlainFlour, Flour, "plain"),
            new(Pantry.Butter, Percent("butter", 37, 32, 41, "Half of the fat, for flavour."), "cut in cubes and frozen 20 min"),
            new(Pantry.Shortening, Percent("shortening", 36, 32, 40, "The other half, for tenderness."), "cold, in pieces"),
            new(Pantry.Water, Percent("water", 28, 25, 30, "A range to stop inside: stop when it just holds."), "ice cold; stop when it just holds"),
            new(Pantry.CasterSugar, Percent("sugar", 2, 0, 5, "For colour."), "with the flour"),
            new(Pantry.Salt, Salt, "with the flour"),
        ],
        Mixing.CutIn, RestMinutes: 60);

    public static readonly RolledFamily ShortCrust = new(
        "short", "Short", "baked custards and curd tarts", [Treatment.Steady, Treatment.HotStart], "#d6a866",
        [
            new(Pantry.PlainFlour, Flour, "plain"),
            new(Pantry.Butter, Percent("butter", 55, 50, 60, "Rubbed right in: short, not flaky."), "cold, rubbed to fine crumbs"),
            new(Pantry.WholeEgg, Percent("egg", 17, 15, 20, "It binds and waterproofs a little."), "beaten"),
            new(Pantry.Water, Percent("water", 7, 5, 10, "Only what the egg leaves wanting."), "cold; stop when it just holds"),
            new(Pantry.CasterSugar, Percent("sugar", 5, 0, 10, "Hardly sweet."), "with the flour"),
            new(Pantry.Salt, Salt, "with the flour"),
        ],
        Mixing.Rubbed, RestMinutes: 30);

    public static readonly RolledFamily SweetShort = new(
        "sweet-short", "Sweet short", "citrus, chocolate, almond and fruit tarts", [Treatment.Steady, Treatment.HotStart], "#dca95c",
        [
            new(Pantry.SoftFlour, Flour, "soft"),
            new(Pantry.Butter, Percent("butter", 55, 50, 60, "Soft enough to cream."), "soft, creamed with the sugar"),
            new(Pantry.IcingSugar, Percent("sugar", 33, 25, 40, "It melts as it bakes: a fine, crisp bite."), "creamed with the butter"),
            new(Pantry.Yolk, Percent("yolk", 20, 18, 25, "Rich, and no water to toughen it."), "beaten in"),
            new(Pantry.Salt, Percent("salt", 1, 0.5, 1.5, "To taste."), "with the flour"),
        ],
        Mixing.Creamed, RestMinutes: 30);

    public static readonly RolledFamily Sandy = new(
        "sandy", "Sandy, with almonds", "thin tart shells and tartlets", [Treatment.Steady, Treatment.HotStart], "#d9b069",
        [
            new(Pantry.SoftFlour, Flour, "soft"),
            new(Pantry.Butter, Percent("butter", 65, 60, 70, "The richest of them; chill it well."), "soft, creamed with the sugar"),
            new(Pantry.IcingSugar, Percent("sugar", 40, 35, 45, "It melts as it bakes: a fine, crisp bite."), "creamed with the butter"),
            new(Pantry.GroundAlmonds, Percent("ground nuts", 15, 0, 25, "They make it sandy, and hold no gluten."), "with the flour"),
            new(Pantry.Yolk, Percent("yolk", 17, 15, 20, "It binds what has little else to bind it."), "beaten in"),
            new(Pantry.Salt, Percent("salt", 1, 0.5, 1.5, "To taste."), "with the flour"),
        ],
        Mixing.Creamed, RestMinutes: 30);

    public static readonly RolledFamily PartOats = new(
        "part-oats", "Part oats", "rustic pies; it tears, so a plain edge only", [Treatment.Steady, Treatment.HotStart], "#c2935a",
        [
            new(Pantry.PlainFlour, Percent("flour", 65, 50, 100, "Flour and oats together count as 100."), "plain"),
            new(Pantry.RolledOats, Percent("oats for flour", 35, 0, 50, "Up to half of the flour, weight for weight."), "ground to coarse meal"),
            new(Pantry.Butter, Percent("butter", 77, 70, 85, "More is flakier and harder to handle."), "cut in cubes and frozen 20 min"),
            new(Pantry.Water, Percent("water", 32, 30, 35, "Oats drink more; stop when it just holds."), "ice cold; stop when it just holds"),
            new(Pantry.BrownSugar, Percent("sugar", 7, 5, 10, "For colour and to help it crisp."), "with the flour"),
            new(Pantry.Salt, Salt, "with the flour"),
        ],
        Mixing.CutIn, RestMinutes: 60);

    public static readonly CrumbFamily PlainCrumb = new(
        "plain-crumb", "Plain biscuit crumb", "cold creams, cheese fillings and no-bake days", [Treatment.Baked, Treatment.Chilled], "#b9823f",
        [
            new(Pantry.BiscuitCrumbs, CrumbRole.Crumb, Percent("crumbs", 100, 100, 100, "Everything is counted against the crumbs."), "crushed to even sand"),
            new(Pantry.CasterSugar, CrumbRole.Other, Percent("sugar to crumb", 8, 0, 25, "It helps a baked crumb to hold together."), "through the crumbs"),
            new(Pantry.Butter, CrumbRole.Fat, Percent("melted butter to crumb", 46, 42, 50, "Plain wheat biscuit drinks this much; greasy means too much."), "melted; hold a quarter back and add it in thirds"),
        ],
        new("one plain biscuit", 8, 7, 9, Dimension.Mass, "A thin plain wheat biscuit; your packet says more exactly."));

    /// <summary>All families, in the order in which they are offered.</summary>
    public static IReadOnlyList<CrustFamily> All { get; } = [ButterFlaky, ShorteningFlaky, HalfFlaky, ShortCrust, SweetShort, Sandy, PartOats, PlainCrumb];

    /// <summary>The family with this id, or none.</summary>
    public static CrustFamily? Find(string id) => All.FirstOrDefault(f => f.Id == id);

    private static Constant Percent(string name, double usual, double low, double high, string reason) =>
        new(name, usual / 100, low / 100, high / 100, Dimension.Share, reason);
}
