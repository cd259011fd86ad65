using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Fillings;

/// <summary>How a line goes into the filling, which decides the room it takes up.</summary>
public enum GoesIn
{
    /// <summary>Stirred or cooked in.</summary>
    Mixed,

    /// <summary>Beaten smooth with air, as cream cheese is.</summary>
    Beaten,

    /// <summary>Whipped to soft peaks and folded in.</summary>
    WhippedAndFolded,

    /// <summary>Cold water that gelatine swells in; it goes up and down with the gelatine.</summary>
    Bloom,

    /// <summary>Steeped and strained out, taking some liquid with it.</summary>
    Steeped,

    /// <summary>Whipped stiff and folded in.</summary>
    WhippedStiff,

    /// <summary>Whites whisked with sugar and folded in.</summary>
    WhitesFolded,

    /// <summary>Whisked to a ribbon, as yolks and sugar are.</summary>
    Ribbon,

    /// <summary>Boiled down: to what is said, or to half.</summary>
    Reduced,

    /// <summary>Milk that is soured and drained: its curd goes in.</summary>
    Soured,

    /// <summary>What sours the milk; it goes with the whey.</summary>
    Drained,

    /// <summary>Boiled for two minutes and more before it goes in: what is in raw fruit to digest gelatine is gone.</summary>
    Boiled,

    /// <summary>Toasted or browned before it goes in: it loses what it usually loses.</summary>
    Toasted,

    /// <summary>Sugar that is melted before it goes in: dry to caramel, or with the butter to toffee.</summary>
    Caramelised,
}

/// <summary>One line of a filling.</summary>
/// <param name="Ingredient">What it is.</param>
/// <param name="Grams">For one batch as written.</param>
/// <param name="GoesIn">How it goes in.</param>
/// <param name="Note">What to mind, empty where there is nothing.</param>
public sealed record FormulaLine(Ingredient Ingredient, double Grams, GoesIn GoesIn = GoesIn.Mixed, string Note = "")
{
    /// <summary>
    /// What it is boiled down to, as a share of its volume, more than 0 and less than 1; none for half, or where nothing boils.
    /// </summary>
    public double? ReducedTo { get; init; }
}

/// <summary>A filling as written: a batch of known weight.</summary>
/// <param name="Id">Stable short name, used in addresses.</param>
/// <param name="Name">What the baker calls it.</param>
/// <param name="Family">Which kind.</param>
/// <param name="Lines">In the order of making.</param>
/// <param name="WholeBy">The ingredient that can only be had whole: a yolk, a pack; none where everything can be weighed, and half batches
/// will do.</param>
/// <param name="Tint">Its colour when set, as #rrggbb.</param>
public sealed record FillingFormula(
    string Id, string Name, FillingFamily Family, IReadOnlyList<FormulaLine> Lines, Ingredient? WholeBy, string Tint)
{
    /// <summary>How many whole pieces (yolks, packs) one batch as written takes; two halves where everything can be weighed.</summary>
    /// <param name="corrections">What this kitchen has learned of its eggs and fruit; the book where there is none.</param>
    public Worked<Number> PiecesPerBatch(CorrectionSet? corrections) => WholeBy is null
        ? new("pieces-in-batch", "Pieces in one batch", new(2), "one batch in halves", Term.Given("a half", 0.5, Dimension.Factor))
        : corrections.PiecesInOneBatch(WholeBy, new(Lines.Where(l => l.Ingredient.Id == WholeBy.Id).Sum(l => l.Grams)));

    /// <summary>What the whole pieces are called.</summary>
    public (string One, string Many) Piece => WholeBy?.Piece ?? ("half batch", "half batches");

    /// <summary>Grams of a line once the firmness setting has moved what sets it.</summary>
    public double GramsOf(FormulaLine line, double setter) => Family.Scale.Moves(line) ? line.Grams * setter : line.Grams;

    /// <summary>
    /// What is in it besides and has no weight: what is put in to taste, and what its recipe names that could not be read.
    /// </summary>
    public IReadOnlyList<Ingredient> Unweighed { get; init; } = [];

    /// <summary>Everything that is in it.</summary>
    public IEnumerable<Ingredient> Everything => Lines.Select(l => l.Ingredient).Concat(Unweighed);

    /// <summary>What in it comes from a slaughtered animal; none for nothing.</summary>
    public Ingredient? Slaughtered => Everything.FirstOrDefault(i => i.FromSlaughter);
}
