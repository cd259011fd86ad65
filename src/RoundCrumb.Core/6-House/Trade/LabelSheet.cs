namespace RoundCrumb.Core.Labelling;

/// <summary>A sheet of labels, or a roll, all in mm.</summary>
/// <param name="Id">Its stable name.</param>
/// <param name="Name">What it is called.</param>
/// <param name="PageWidth">The sheet's width.</param>
/// <param name="PageHeight">The sheet's height; of a roll one label's.</param>
/// <param name="Columns">Labels across.</param>
/// <param name="Rows">Labels down.</param>
/// <param name="Width">A label's width.</param>
/// <param name="Height">A label's height.</param>
public sealed record LabelSheet(string Id, string Name, double PageWidth, double PageHeight, int Columns, int Rows, double Width,
    double Height)
{
    /// <summary>The least and the most that a label of one's own measures either way.</summary>
    public static readonly (double Least, double Most) Own = (20, 200);

    /// <summary>
    /// The smallest type, points: below it nobody reads a label. Laws ask for 1.2 mm of an x, or 0.9 on the smallest packs.
    /// </summary>
    public const double SmallestType = 5;

    private const double LargestType = 11, A4Wide = 210, A4High = 297, LetterWide = 215.9, LetterHigh = 279.4;

    // A letter is about half as wide as its type is high, a line 1.18 times as high; a point in mm; the margin within a label.
    private const double Letter = 0.5, Line = 1.18, Point = 0.3528, Within = 2.5;

    /// <summary>The common ones.</summary>
    public static IReadOnlyList<LabelSheet> All { get; } =
    [
        new("a4-8", "A4, 8 of 99 × 68 mm", A4Wide, A4High, 2, 4, 99.1, 67.7),
        new("a4-14", "A4, 14 of 99 × 38 mm", A4Wide, A4High, 2, 7, 99.1, 38.1),
        new("a4-21", "A4, 21 of 64 × 38 mm", A4Wide, A4High, 3, 7, 63.5, 38.1),
        new("a4-2", "A4, 2 of 200 × 143 mm", A4Wide, A4High, 1, 2, 199.6, 143.5),
        new("letter-10", "Letter, 10 of 4 × 2 in", LetterWide, LetterHigh, 2, 5, 101.6, 50.8),
        new("letter-6", "Letter, 6 of 4 × 3⅓ in", LetterWide, LetterHigh, 2, 3, 101.6, 84.7),
        new("roll-62", "Roll, 62 × 100 mm", 62, 100, 1, 1, 62, 100),
        new("roll-102", "Roll, 102 × 76 mm", 102, 76, 1, 1, 102, 76),
    ];

    /// <summary>Labels on one sheet.</summary>
    public int Many => Columns * Rows;

    /// <summary>The margin to the left of the first label: what is left over, half on either side.</summary>
    public double Left => Math.Max(0, (PageWidth - (Columns * Width)) / 2);

    /// <summary>The margin above the first label.</summary>
    public double Top => Math.Max(0, (PageHeight - (Rows * Height)) / 2);

    /// <summary>A sheet of A4 with labels of one's own size, as many as it holds.</summary>
    /// <param name="width">mm, within <see cref="Own"/>.</param>
    /// <param name="height">mm, within <see cref="Own"/>.</param>
    public static LabelSheet OfOwn(double width, double height) => new(
        "own", "A4, own size", A4Wide, A4High, Math.Max(1, (int)Math.Floor((A4Wide - 4) / width)),
        Math.Max(1, (int)Math.Floor((A4High - 4) / height)),
        width, height);

    /// <summary>The largest type in which a text of so many letters fits a label, points; none where even the smallest does not.</summary>
    /// <param name="letters">Letters and blanks.</param>
    public double? TypeFor(int letters)
    {
        var room = (Width - (2 * Within)) * (Height - (2 * Within));
        var points = Math.Sqrt(room / (Letter * Line * Math.Max(1, letters))) / Point;

        // To the half point; lines do not break just where they are full.
        var fits = Math.Floor(points * 0.9 * 2) / 2;
        return fits < SmallestType ? null : Math.Min(LargestType, fits);
    }
}
