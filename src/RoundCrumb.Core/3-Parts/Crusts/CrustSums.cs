using RoundCrumb.Core.Corrections;
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

    /// <summary>By how much the shell shrinks down the wall as it bakes; none for what is not rolled.</summary>
    public Worked<Millimetres>? Shrinks { get; init; }

    /// <summary>How many bought sheets line the pan; none for a dough that is made.</summary>
    public BoughtSheets? Sheets { get; init; }

    /// <summary>Every figure that can be opened but the lines.</summary>
    public IEnumerable<IWorked> Figures() =>
        (
            (IWorked?[])[Total, Disc, SheetLength, Cut, Offcuts, HeldBack, Biscuits, BrownedAway, Laid?.Count, Laid?.Gaps, Sheets?.Count,
                Shrinks])
            .OfType<IWorked>();

    /// <summary>The sums for a crust in a pan.</summary>
    /// <param name="choice">The crust as it was chosen.</param>
    /// <param name="pan">The pan.</param>
    /// <param name="corrections">What this kitchen has learned; the book where there is none.</param>
    public static CrustSums Of(CrustChoice choice, Pan pan, CorrectionSet? corrections = null) =>
        choice.Family.SumsFor(choice, pan, corrections ?? CorrectionSet.Book);
}
