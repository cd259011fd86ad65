using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Steps;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Portioning;

/// <summary>A cut, from above: from one point to another, mm from the middle.</summary>
/// <param name="X1">Where it begins, to the right.</param>
/// <param name="Y1">Where it begins, downwards.</param>
/// <param name="X2">Where it ends, to the right.</param>
/// <param name="Y2">Where it ends, downwards.</param>
public readonly record struct Cut(double X1, double Y1, double X2, double Y2);

/// <summary>How a pie is cut: round ones from the middle, long ones across, square ones by a grid with its edges trimmed.</summary>
/// <param name="Outline">The pan's inside.</param>
/// <param name="Rows">Rows of a grid; 1 for what is cut across, 0 for what is cut from the middle.</param>
/// <param name="Columns">Pieces in a row; of a round pie all of them.</param>
/// <param name="Slices">How many.</param>
/// <param name="Suggested">How many it would be by weight.</param>
/// <param name="Each">What one weighs.</param>
/// <param name="Size">What one measures: at the rim, or along its shorter side.</param>
/// <param name="Trimmed">What is trimmed off all round, for bars; 0 where nothing is.</param>
/// <param name="Cuts">The cuts at true size.</param>
public sealed record PieCuts(
    Tub Outline, int Rows, int Columns, int Slices, Worked<Number> Suggested, Worked<Grams> Each, Worked<Millimetres> Size,
    Worked<Grams> Trimmed, IReadOnlyList<Cut> Cuts)
{
    /// <summary>The most that one pie is cut into.</summary>
    public const int Most = 64;

    /// <summary>What is trimmed off each edge of a tray of bars.</summary>
    public static readonly Constant Trim = new(
        "trimmed off each edge", 5, 0, 10, Dimension.Length, "Straight bars have no crust edge; the cook eats the trimmings.");

    /// <summary>From this width on a square or oblong tin is cut by a grid, mm; what is narrower is cut across. Our own choice.</summary>
    private const double GridFrom = 150;

    /// <summary>A bar is at most so many times as long as it is wide. Our own choice.</summary>
    private const double LongestBar = 2.6;

    /// <summary>How a pie is cut.</summary>
    /// <param name="pie">The pie.</param>
    /// <param name="slices">Into how many, 1 to <see cref="Most"/>; none for as many as its weight and richness make.</param>
    public static PieCuts Of(Assessment pie, int? slices = null)
    {
        var tub = pie.Composition.Pan.Inside;
        var suggested = Serving.Of(pie).Slices;
        var many = Math.Clamp(slices ?? (int)suggested.Value.Value, 1, Most);
        var crust = pie.Crust.Cut?.Value.Value ?? pie.Crust.Total.Value.Value;
        var mass = crust + pie.FilledMass.Value.Value + pie.Layers.Sum(l => l.Mass.Value.Value)
            + pie.Toppings.SelectMany(t => t.Lines).Sum(l => l.Mass.Value.Value);
        var whole = new Worked<Grams>(
            "cut-whole", "One pie", new(mass), "crust + filling + topping", Term.Given("crust", new Grams(crust)), Term.Of(pie.FilledMass),
            Term.Given("layers and topping", new Grams(mass - crust - pie.FilledMass.Value.Value)));
        var (width, length) = (2 * tub.TopHalf, 2 * (tub.TopHalf + tub.HalfExtra));
        if (tub.IsRound || many == 1)
            return Round(tub, many, suggested, whole);
        var isGrid = width >= GridFrom && many > 2;
        var trim = isGrid ? Trim.Usual : 0;
        var (rows, columns) = isGrid ? GridFor(many, width - (2 * trim), length - (2 * trim)) : (1, many);
        return Grid(tub, rows, columns, trim, suggested, whole);
    }

    private static PieCuts Round(Tub tub, int many, Worked<Number> suggested, Worked<Grams> whole)
    {
        var radius = tub.TopHalf;
        var cuts = many == 1
            ? []
            : Enumerable.Range(0, many).Select(i => (2 * Math.PI * i / many) - (Math.PI / 2))
                .Select(a => new Cut(0, 0, radius * Math.Cos(a), radius * Math.Sin(a))).ToList();
        var size = new Worked<Millimetres>(
            "cut-size", "One at the rim", new(2 * Math.PI * radius / many), "round the rim ÷ slices",
            Term.Given("round the rim", new Millimetres(2 * Math.PI * radius)), Term.Given("slices", many, Dimension.Count));
        return new(
            tub, 0, many, many, suggested, EachOf(whole, null, many), size,
            new Worked<Grams>("cut-trim", "Trimmed off", new(0), "nothing is trimmed off a round pie"), cuts);
    }

    private static PieCuts Grid(Tub tub, int rows, int columns, double trim, Worked<Number> suggested, Worked<Grams> whole)
    {
        var (width, length) = (2 * tub.TopHalf, 2 * (tub.TopHalf + tub.HalfExtra));
        var (inWidth, inLength) = (width - (2 * trim), length - (2 * trim));
        var (left, top) = (-inLength / 2, -inWidth / 2);
        var cuts = new List<Cut>();
        if (trim > 0)
        {
            cuts.Add(new(-length / 2, top, length / 2, top));
            cuts.Add(new(-length / 2, -top, length / 2, -top));
            cuts.Add(new(left, -width / 2, left, width / 2));
            cuts.Add(new(-left, -width / 2, -left, width / 2));
        }

        for (var c = 1; c < columns; c++)
            cuts.Add(new(left + (inLength * c / columns), top, left + (inLength * c / columns), -top));
        for (var r = 1; r < rows; r++)
            cuts.Add(new(left, top + (inWidth * r / rows), -left, top + (inWidth * r / rows)));
        var share = trim > 0 ? 1 - (inWidth * inLength / tub.AreaFor(tub.TopHalf)) : 0;
        var trimmed = new Worked<Grams>(
            "cut-trim", "Trimmed off", new(whole.Value.Value * Math.Max(0, share)), "one pie × what the edges are of its top",
            Term.Of(whole), Term.Given("the edges", Math.Max(0, share), Dimension.Share), Trim);
        var size = new Worked<Millimetres>(
            "cut-size", "One along its shorter side", new(Math.Min(inWidth / rows, inLength / columns)),
            "the tin less the trimming ÷ pieces",
            Term.Given("across, in rows", new Millimetres(inWidth / rows)),
            Term.Given("along, in columns", new Millimetres(inLength / columns)));
        return new(
            tub, rows, columns, rows * columns, suggested, EachOf(whole, trimmed, rows * columns), size, trimmed, cuts);
    }

    private static Worked<Grams> EachOf(Worked<Grams> whole, Worked<Grams>? trimmed, int many) => new(
        "cut-each", "One slice", new((whole.Value.Value - (trimmed?.Value.Value ?? 0)) / many),
        trimmed is null ? "one pie ÷ slices" : "(one pie − what is trimmed off) ÷ slices",
        [
            Term.Of(whole), .. trimmed is null ? Array.Empty<Term>() : [Term.Of(trimmed)], Term.Given("slices", many, Dimension.Count),
        ]);

    /// <summary>The grid nearest to a number of pieces, none of them too long; of two as near the one with squarer pieces.</summary>
    private static (int Rows, int Columns) GridFor(int many, double width, double length)
    {
        var best = (Off: double.MaxValue, Rows: 1, Columns: many);
        for (var rows = 1; rows <= many; rows++)
        {
            for (var columns = 1; columns <= Most / rows; columns++)
            {
                var (a, b) = (width / rows, length / columns);
                var shape = Math.Max(a, b) / Math.Min(a, b);
                if (shape > LongestBar)
                    continue;
                var off = Math.Abs((rows * columns) - many) + (shape / 100);
                if (off < best.Off)
                    best = (off, rows, columns);
            }
        }

        return (best.Rows, best.Columns);
    }
}
