using RoundCrumb.Core.Arranging;
using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Layering;

/// <summary>What one layer beneath the filling takes, in one pie.</summary>
/// <param name="Choice">What was chosen.</param>
/// <param name="From">How high above the lined base it begins, mm.</param>
/// <param name="To">How high it ends, mm; for pieces how high they stand.</param>
/// <param name="Takes">The room it takes from the filling.</param>
/// <param name="Mass">What it weighs.</param>
/// <param name="Lines">What is weighed for it.</param>
public sealed record LayerSums(
    LayerChoice Choice, double From, double To, Worked<Millilitres> Takes, Worked<Grams> Mass, IReadOnlyList<WeighedLine> Lines)
{
    /// <summary>The yield of a batch as written; none for pieces.</summary>
    public FillingYield? Yield { get; private init; }

    /// <summary>How much of a batch goes into one pie; none for pieces.</summary>
    public Worked<Factor>? Scale { get; private init; }

    /// <summary>How many pieces in all; none for a filling.</summary>
    public Worked<Number>? Count { get; private init; }

    /// <summary>Whole fruit that they are cut from; none for a filling, or for what is not counted.</summary>
    public Worked<Number>? Fruit { get; private init; }

    /// <summary>Where the pieces lie that are beneath.</summary>
    public Arrangement Under { get; private init; } = Arrangement.None;

    /// <summary>How many are pressed into the top.</summary>
    public int Over { get; private init; }

    /// <summary>The layers of a pie from the base up.</summary>
    /// <param name="layers">What was chosen.</param>
    /// <param name="lined">The lined pan.</param>
    /// <param name="corrections">What this kitchen has learned; the book where there is none.</param>
    public static IReadOnlyList<LayerSums> Of(Pile<LayerChoice> layers, LinedPan lined, CorrectionSet? corrections = null)
    {
        if (layers.Count == 0)
            return [];
        var all = new LayerSums[layers.Count];
        var at = 0.0;
        for (var i = 0; i < all.Length; i++)
        {
            all[i] = layers[i] is FillingLayer filling
                ? Levelled(filling, lined, at, i, corrections)
                : Laid((PieceLayer)layers[i], lined, at, i);
            if (layers[i] is FillingLayer)
                at = all[i].To;
        }

        return all;
    }

    private static LayerSums Levelled(FillingLayer layer, LinedPan lined, double from, int index, CorrectionSet? corrections)
    {
        var key = $"under{index + 1}-";
        var to = from + layer.Thickness.Value;
        var takes = new Worked<Millilitres>(
            key + "volume", layer.Name + ", in each", lined.VolumeTo(to) - lined.VolumeTo(from),
            "room inside the lining from where it begins to where it ends",
            Term.Given("begins above the base", new Millimetres(from)), Term.Given("thick", layer.Thickness),
            Term.Given("room to its top", lined.VolumeTo(to)));
        var yield = FillingYield.Of(layer.Formula, 1, corrections);
        var scale = new Worked<Factor>(
            key + "scale", "Times the formula, each pie", new(takes.Value / yield.Volume.Value), "what is in each ÷ what one batch gives",
            Term.Of(takes), Term.Given("one batch gives", yield.Volume.Value));
        var mass = new Worked<Grams>(
            key + "mass", layer.Name + ", in each, by weight", yield.Mass.Value * scale.Value.Value,
            "one batch by weight × times the formula", Term.Given("one batch weighs", yield.Mass.Value), Term.Of(scale));
        var keys = WeighedLine.Keys([.. layer.Formula.Lines.Select(l => l.Ingredient)]);
        return new(
            layer, from, to, takes, mass,
            [
                .. layer.Formula.Lines.Select((line, i) => new WeighedLine(
                    line.Ingredient,
                    new(
                        $"{key}{keys[i]}", line.Ingredient.Name, new(line.Grams * scale.Value.Value), "in one batch × times the formula",
                        Term.Given("in one batch", new Grams(line.Grams)), Term.Of(scale)),
                    line.Note)
                { Pieces = corrections.PiecesIn(line.Ingredient, new(line.Grams * scale.Value.Value)) }),
            ])
        {
            Yield = yield,
            Scale = scale,
        };
    }

    private static LayerSums Laid(PieceLayer layer, LinedPan lined, double from, int index)
    {
        var key = $"under{index + 1}-";
        var piece = layer.Piece;
        var half = lined.HalfAt(from);
        var arranged = Arrangement.Of(Pattern.Cover, lined.Bare, half, new(piece.Length.Usual, piece.Width.Usual, 0));
        var n = arranged.Pieces.Count;
        var over = layer.HalfOver ? n / 2 : 0;
        var each = piece.GramsAt(layer.Thickness);
        Term[] one = [
            .. piece.Sliced ? [Term.Given($"one, cut {layer.Thickness.Value:0.#} mm thick", new Grams(each))] : Array.Empty<Term>(),
            piece.Grams
        ];
        var count = new Worked<Number>(
            key + "pieces", "Pieces: " + piece.Name, new(n),
            layer.HalfOver
                ? "as many as lie side by side: half of them beneath, half pressed into the top"
                : "as many as lie side by side on what is beneath",
            Term.Given("across, there", new Millimetres(2 * half)), piece.Length, piece.Width);
        var mass = new Worked<Grams>(
            key + "mass", piece.Name + ", in each", new(n * each), "pieces × what one weighs", [Term.Of(count), .. one]);
        var takes = new Worked<Millilitres>(
            key + "volume", "They take up", new(mass.Value.Value * piece.Ingredient.InMixture), "their weight × ml to the gram",
            Term.Of(mass), Term.Given("ml to a gram", piece.Ingredient.InMixture, Dimension.MlPerGram));
        var whole = piece.Ingredient.GramsEach;
        var fruit = whole > 0 && piece.Grams.Usual < whole * 0.9
            ? new Worked<Number>(
                key + "fruit", piece.Ingredient.Piece.Many, new(mass.Value.Value / (1 - piece.Trimmed.Usual) / whole),
                "what lies in each ÷ (1 − what is trimmed away) ÷ what a whole one weighs",
                Term.Of(mass), piece.Trimmed, Term.Given("a whole one", new Grams(whole)))
            : null;
        return new(
            layer, from, from + layer.High, takes, mass,
            [
                new(
                    piece.Ingredient,
                    new(key + piece.Ingredient.Id, piece.Ingredient.Name, mass.Value, "what lies in each pie", Term.Of(mass)),
                    $"as {piece.Name}, dried on a cloth") { Pieces = fruit?.Value.Value ?? 0 }
            ])
        {
            Count = count,
            Fruit = fruit,
            Under = over > 0 ? arranged with { Pieces = [.. arranged.Pieces.Where((_, i) => i % 2 == 0)] } : arranged,
            Over = over,
        };
    }

    /// <summary>Every figure that can be opened.</summary>
    public IEnumerable<IWorked> Figures() =>
        new IWorked?[] { Takes, Mass, Scale, Count, Fruit }.OfType<IWorked>().Concat(Lines.Select(l => l.Mass));
}
