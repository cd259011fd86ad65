using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Crusts;

/// <summary>One weighed line of a part, for one pie.</summary>
/// <param name="Ingredient">What it is.</param>
/// <param name="Mass">How much, with its working.</param>
/// <param name="Note">How it goes in, empty where there is nothing to say.</param>
public sealed record WeighedLine(Ingredient Ingredient, Worked<Grams> Mass, string Note)
{
    /// <summary>A range to stop inside, where the mass is no fixed figure: the water of a dough; none elsewhere.</summary>
    public Quantity? StopInside { get; init; }

    /// <summary>Whole pieces in it, for one pie; 0 where it is not counted.</summary>
    public double Pieces { get; init; }

    /// <summary>The ids of some ingredients, each made unique: the second butter of a part is <c>butter-2</c>.</summary>
    public static string[] Keys(IReadOnlyList<Ingredient> ingredients)
    {
        var keys = new string[ingredients.Count];
        for (var i = 0; i < keys.Length; i++)
        {
            var before = 0;
            for (var j = 0; j < i; j++)
                before += ingredients[j].Id == ingredients[i].Id ? 1 : 0;
            keys[i] = before == 0 ? ingredients[i].Id : $"{ingredients[i].Id}-{before + 1}";
        }

        return keys;
    }
}

/// <summary>What one crust weighs and how large it is rolled, for one pan.</summary>
/// <param name="Total">The whole crust as mixed, rolling loss included.</param>
/// <param name="Lines">What is weighed for it, in the order of mixing.</param>
/// <param name="Disc">Width of the rolled disc; none for crumb.</param>
/// <param name="Offcuts">Dough left when the disc is cut; none for crumb.</param>
/// <param name="HeldBack">Fat held back at first; none for rolled dough, or without fat.</param>
/// <param name="Biscuits">How many biscuits make the crumb; none for rolled dough, or a crumb without biscuits.</param>
public sealed record CrustSums(
    Worked<Grams> Total,
    IReadOnlyList<WeighedLine> Lines,
    Worked<Millimetres>? Disc,
    Worked<Grams>? Offcuts,
    Worked<Grams>? HeldBack,
    Worked<Number>? Biscuits)
{
    /// <summary>Length of the rolled sheet; none for a disc, a square's is as long as it is wide.</summary>
    public Worked<Millimetres>? SheetLength { get; init; }

    /// <summary>What browning boils off the butter; none where nothing is browned.</summary>
    public Worked<Grams>? BrownedAway { get; init; }

    /// <summary>How whole biscuits lie; none for another crust.</summary>
    public LaidBiscuits? Laid { get; init; }

    /// <summary>The disc or sheet alone, before rolling and trimming; none for what is not rolled.</summary>
    public Worked<Grams>? Cut { get; init; }

    /// <summary>How many bought sheets line the pan; none for a dough that is made.</summary>
    public BoughtSheets? Sheets { get; init; }

    /// <summary>Every figure that can be opened but the lines.</summary>
    public IEnumerable<IWorked> Figures() =>
        ((IWorked?[])[Total, Disc, SheetLength, Cut, Offcuts, HeldBack, Biscuits, BrownedAway, Laid?.Count, Laid?.Gaps, Sheets?.Count]).OfType<IWorked>();

    /// <summary>The sums for a crust in a pan.</summary>
    public static CrustSums Of(CrustChoice choice, Pan pan) => choice.Family switch
    {
        RolledFamily rolled => Rolled(rolled, choice, pan),
        CrumbFamily crumb => Pressed(crumb, choice, pan),
        LaidFamily laid => Whole(laid, choice, pan),
        ShellFamily shell => Bought(shell),
        _ => throw new ArgumentOutOfRangeException(nameof(choice), choice.Family, "A crust family without sums."),
    };

    private static CrustSums Rolled(RolledFamily family, CrustChoice choice, Pan pan)
    {
        var wall = pan.Inside.UpTo(choice.Height.Value);
        var allowance = CrustConstants.Allowance(choice.Edge);
        var across = pan.Base.Value + (2 * wall.Slant) + (2 * allowance.Usual);
        var disc = new Worked<Millimetres>(
            "disc", pan.IsRound ? "Dough disc, across" : "Dough sheet, across", new(across),
            "base width + 2 × wall slant + 2 × edge allowance",
            Term.Given("base width", pan.Base), Term.Given("wall slant", new Millimetres(wall.Slant)), allowance);
        var sheet = pan.IsRound ? null : new Worked<Millimetres>(
            "sheet-length", "Dough sheet, long", new(across + (2 * pan.Inside.HalfExtra)),
            "base length + 2 × wall slant + 2 × edge allowance",
            Term.Given("base length", new Millimetres(pan.Base.Value + (2 * pan.Inside.HalfExtra))), Term.Given("wall slant", new Millimetres(wall.Slant)), allowance);

        var area = sheet is null ? Math.PI / 4 * across * across : across * sheet.Value.Value;
        var cut = new Grams(area * choice.Thickness.Value / 1000 * CrustConstants.DoughDensity.Usual);
        var itself = new Worked<Grams>(
            "disc-mass", sheet is null ? "The disc itself" : "The sheet itself", cut, (sheet is null ? "π ÷ 4 × disc²" : "sheet across × sheet long") + " × thickness × g/ml of dough",
            [Term.Of(disc), .. sheet is null ? Array.Empty<Term>() : [Term.Of(sheet)], Term.Given("dough thickness", choice.Thickness), CrustConstants.DoughDensity]);
        var total = new Worked<Grams>(
            "dough", "Dough to mix", cut * (1 + CrustConstants.RollingLoss.Usual),
            (sheet is null ? "π ÷ 4 × disc²" : "sheet across × sheet long") + " × thickness × g/ml of dough, + rolling and trimming",
            [Term.Of(disc), .. sheet is null ? Array.Empty<Term>() : [Term.Of(sheet)], Term.Given("dough thickness", choice.Thickness), CrustConstants.DoughDensity, CrustConstants.RollingLoss]);
        var offcuts = new Worked<Grams>(
            "offcuts", "Dough left over", total.Value - cut, sheet is null ? "dough to mix − the disc itself" : "dough to mix − the sheet itself",
            Term.Of(total), Term.Of(itself));

        var flour = total.Value * (1 / family.TotalOfFlour);
        var lines = new WeighedLine[family.Dough.Count];
        var keys = WeighedLine.Keys([.. family.Dough.Select(d => d.Ingredient)]);
        for (var i = 0; i < lines.Length; i++)
        {
            var part = family.Dough[i];
            lines[i] = new(part.Ingredient, new Worked<Grams>(
                "crust-" + keys[i], part.Ingredient.Name, flour * part.Percent.Usual,
                "dough to mix ÷ all the percentages together × its own percentage",
                Term.Of(total), Term.Given("all the percentages together", family.TotalOfFlour, Dimension.Share), part.Percent), part.Note)
            {
                StopInside = part.Ingredient == Pantry.Water && part.Percent.Low < part.Percent.High
                    ? new(flour.Value * part.Percent.Usual, Dimension.Mass, flour.Value * part.Percent.Low, flour.Value * part.Percent.High)
                    : null,
            };
        }

        return new(total, lines, disc, offcuts, null, null) { SheetLength = sheet, Cut = itself, Sheets = family.Sheet is { } bought ? BoughtSheets.For(bought, disc, sheet, total, 1) : null };
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

        // What one gram of crumbs carries with it when it is pressed, itself included: browned butter arrives lighter.
        var mix = family.MixWith(choice.Binder);
        double Ready(CrumbPart part) => part.Share.Usual * (choice.Browned && IsButter(part) ? 1 - CrustConstants.BrownedAway.Usual : 1);
        var together = mix.Sum(Ready);
        var all = Term.Given("all shares together", together, Dimension.Share);
        var lines = new WeighedLine[mix.Count];
        var keys = WeighedLine.Keys([.. mix.Select(m => m.Ingredient)]);
        double crushed = 0, melted = 0, browned = 0;
        for (var i = 0; i < lines.Length; i++)
        {
            var part = mix[i];
            var grams = total.Value * (part.Share.Usual / together);
            crushed += part.Role is CrumbRole.Crumb && part.Ingredient.Shelf is PantryShelf.Biscuits ? grams.Value : 0;
            melted += part.Role is CrumbRole.Fat ? total.Value.Value * Ready(part) / together : 0;
            browned += choice.Browned && IsButter(part) ? grams.Value : 0;
            lines[i] = new(part.Ingredient, new Worked<Grams>(
                "crust-" + keys[i], part.Ingredient.Name, grams, "crumb mixture ÷ all shares together × its own share",
                Term.Of(total), all, part.Share), choice.Browned && IsButter(part) ? "browned, then weighed again; hold a quarter back and add it in thirds" : part.Note);
        }

        var held = melted <= 0 ? null : new Worked<Grams>(
            "fat-held-back", "Fat to hold back", new Grams(melted) * CrustConstants.FatHeldBack.Usual,
            "fat × the share held back", Term.Given("fat", new Grams(melted)), CrustConstants.FatHeldBack);
        var biscuits = crushed <= 0 || family.BiscuitMass.Usual <= 0 ? null : new Worked<Number>(
            "biscuits", "Biscuits to crush", new(Math.Ceiling((crushed / family.BiscuitMass.Usual) - 1e-9)),
            "crumbs ÷ one biscuit, rounded up", Term.Given("biscuit crumbs", new Grams(crushed)), family.BiscuitMass);
        var away = browned <= 0 ? null : new Worked<Grams>(
            "browned-away", "Boils off as it browns", new Grams(browned) * CrustConstants.BrownedAway.Usual,
            "butter × what it loses", Term.Given("butter", new Grams(browned)), CrustConstants.BrownedAway);
        return new(total, lines, null, null, held, biscuits) { BrownedAway = away };
    }

    private static bool IsButter(CrumbPart part) => part.Role is CrumbRole.Fat && part.Ingredient.Id is "butter" or "salted-butter";

    private static CrustSums Whole(LaidFamily family, CrustChoice choice, Pan pan)
    {
        var laid = LaidBiscuits.Of(family, choice, pan);
        var whole = laid.Count.Value.Value * family.Biscuit.GramsEach;
        var all = 1 + family.FatToCrumb.Usual;
        var gaps = laid.Gaps.Value;
        var shares = Term.Given("all shares together", all, Dimension.Share);
        WeighedLine[] lines =
        [
            new(family.Biscuit, new Worked<Grams>(
                "crust-whole", family.Biscuit.Name + ", whole", new(whole), "whole biscuits × one biscuit",
                Term.Of(laid.Count), Term.Given("one biscuit", new Grams(family.Biscuit.GramsEach))), "whole, laid side by side") { Pieces = laid.Count.Value.Value },
            new(family.Biscuit, new Worked<Grams>(
                "crust-gaps", family.Biscuit.Name + ", for the gaps", gaps * (1 / all), "crumb mixture for the gaps ÷ all shares together",
                Term.Of(laid.Gaps), shares), "crushed, for the gaps"),
            new(Pantry.Butter, new Worked<Grams>(
                "crust-butter", Pantry.Butter.Name, gaps * (family.FatToCrumb.Usual / all), "crumb mixture for the gaps ÷ all shares together × its own share",
                Term.Of(laid.Gaps), shares, family.FatToCrumb), "melted, for the crumbs in the gaps"),
        ];
        var total = new Worked<Grams>("laid", "Biscuits and crumbs", new(whole + gaps.Value), "whole biscuits + crumb mixture for the gaps", Term.Given("whole biscuits", new Grams(whole)), Term.Of(laid.Gaps));
        return new(total, lines, null, null, null, null) { Laid = laid };
    }

    private static CrustSums Bought(ShellFamily family)
    {
        var total = new Worked<Grams>("bought-shell", "One bought shell", new(family.Shell.GramsEach), "from the packet", Term.Given("one shell", new Grams(family.Shell.GramsEach)));
        var line = new WeighedLine(family.Shell, new Worked<Grams>("crust-" + family.Shell.Id, family.Shell.Name, total.Value, "one shell for each pie", Term.Of(total)), "") { Pieces = 1 };
        return new(total, [line], null, null, null, null);
    }
}
