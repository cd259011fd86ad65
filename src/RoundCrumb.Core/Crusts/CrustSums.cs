using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Crusts;

/// <summary>One weighed line of a part, for one pie.</summary>
/// <param name="Ingredient">What it is.</param>
/// <param name="Mass">How much, with its working.</param>
/// <param name="Note">How it goes in, empty where there is nothing to say.</param>
public sealed record WeighedLine(Ingredient Ingredient, Worked<Grams> Mass, string Note);

/// <summary>What one crust weighs and how large it is rolled, for one pan.</summary>
/// <param name="Total">The whole crust as mixed, rolling loss included.</param>
/// <param name="Lines">What is weighed for it, in the order of mixing.</param>
/// <param name="Disc">Width of the rolled disc; none for crumb.</param>
/// <param name="Offcuts">Dough left when the disc is cut; none for crumb.</param>
/// <param name="HeldBack">Fat held back at first; none for rolled dough.</param>
/// <param name="Biscuits">How many biscuits make the crumb; none for rolled dough.</param>
public sealed record CrustSums(
    Worked<Grams> Total,
    IReadOnlyList<WeighedLine> Lines,
    Worked<Millimetres>? Disc,
    Worked<Grams>? Offcuts,
    Worked<Grams>? HeldBack,
    Worked<Number>? Biscuits)
{
    /// <summary>The sums for a crust in a pan.</summary>
    public static CrustSums Of(CrustChoice choice, Pan pan) => choice.Family switch
    {
        RolledFamily rolled => Rolled(rolled, choice, pan),
        CrumbFamily crumb => Pressed(crumb, choice, pan),
        _ => throw new ArgumentOutOfRangeException(nameof(choice), choice.Family, "A crust family without sums."),
    };

    private static CrustSums Rolled(RolledFamily family, CrustChoice choice, Pan pan)
    {
        var wall = pan.Inside.UpTo(choice.Height.Value);
        var allowance = CrustConstants.Allowance(choice.Edge);
        var discWidth = pan.Base.Value + (2 * wall.Slant) + (2 * allowance.Usual);
        var disc = new Worked<Millimetres>(
            "disc", "Dough disc, across", new(discWidth),
            "base width + 2 × wall slant + 2 × edge allowance",
            Term.Given("base width", pan.Base), Term.Given("wall slant", new Millimetres(wall.Slant)), allowance);

        var cut = new Grams(Math.PI / 4 * discWidth * discWidth * choice.Thickness.Value / 1000 * CrustConstants.DoughDensity.Usual);
        var total = new Worked<Grams>(
            "dough", "Dough to mix", cut * (1 + CrustConstants.RollingLoss.Usual),
            "π ÷ 4 × disc² × thickness × g/ml of dough, + rolling and trimming",
            Term.Of(disc), Term.Given("dough thickness", choice.Thickness), CrustConstants.DoughDensity, CrustConstants.RollingLoss);
        var offcuts = new Worked<Grams>(
            "offcuts", "Dough left over", total.Value - cut, "dough to mix − the disc itself",
            Term.Of(total), Term.Given("the disc itself", cut));

        var flour = total.Value * (1 / family.TotalOfFlour);
        var lines = new WeighedLine[family.Dough.Count];
        for (var i = 0; i < lines.Length; i++)
        {
            var part = family.Dough[i];
            lines[i] = new(part.Ingredient, new Worked<Grams>(
                "crust-" + part.Ingredient.Id, part.Ingredient.Name, flour * part.Percent.Usual,
                "dough to mix ÷ all the percentages together × its own percentage",
                Term.Of(total), Term.Given("all the percentages together", family.TotalOfFlour, Dimension.Share), part.Percent), part.Note);
        }

        return new(total, lines, disc, offcuts, null, null);
    }

    private static CrustSums Pressed(CrumbFamily family, CrustChoice choice, Pan pan)
    {
        var baseArea = pan.Inside.BaseArea;
        var wallArea = pan.Inside.UpTo(choice.Height.Value).WallArea * pan.WallFactor;
        var mass = ((baseArea.Value * choice.Thickness.Value) + (wallArea.Value * choice.WallThickness.Value)) / 1000 * CrustConstants.CrumbDensity.Usual;
        var total = new Worked<Grams>(
            "crumb-mix", "Crumb mixture", new(mass),
            "(base area × base thickness + wall area × wall thickness) × g/ml pressed",
            Term.Given("base area", baseArea), Term.Given("base thickness", choice.Thickness),
            Term.Given("wall area to the chosen height", wallArea), Term.Given("wall thickness", choice.WallThickness),
            CrustConstants.CrumbDensity);

        var parts = 1 + family.FatPercent.Usual + family.SugarPercent.Usual;
        var crumbs = new Worked<Grams>(
            "crust-" + family.Crumb.Id, family.Crumb.Name, total.Value * (1 / parts),
            "crumb mixture ÷ (1 + fat share + sugar share)", Term.Of(total), family.FatPercent, family.SugarPercent);
        var fat = new Worked<Grams>(
            "crust-" + family.Fat.Id, family.Fat.Name, crumbs.Value * family.FatPercent.Usual,
            "crumbs × fat share", Term.Of(crumbs), family.FatPercent);
        var sugar = new Worked<Grams>(
            "crust-" + family.Sugar.Id, family.Sugar.Name, crumbs.Value * family.SugarPercent.Usual,
            "crumbs × sugar share", Term.Of(crumbs), family.SugarPercent);
        var held = new Worked<Grams>(
            "fat-held-back", "Butter to hold back", fat.Value * CrustConstants.FatHeldBack.Usual,
            "fat × the share held back", Term.Of(fat), CrustConstants.FatHeldBack);
        var biscuits = new Worked<Number>(
            "biscuits", "Biscuits to crush", new(Math.Ceiling(crumbs.Value.Value / family.BiscuitMass.Usual)),
            "crumbs ÷ one biscuit, rounded up", Term.Of(crumbs), family.BiscuitMass);

        return new(
            total,
            [
                new(family.Crumb, crumbs, "crushed to even sand"),
                new(family.Sugar, sugar, "through the crumbs"),
                new(family.Fat, fat, "melted; hold a quarter back and add it in thirds"),
            ],
            null, null, held, biscuits);
    }
}
