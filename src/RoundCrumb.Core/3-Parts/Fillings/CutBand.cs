namespace RoundCrumb.Core.Cutting;

/// <summary>How a filling cuts between two values of its set index.</summary>
/// <param name="From">Lowest index of the band.</param>
/// <param name="Name">How it cuts, in a word or two.</param>
/// <param name="Meaning">What the baker will see.</param>
/// <param name="Verdict">Whether a slice will do: below zero too soft, zero good, above zero too firm.</param>
public sealed record CutBand(double From, string Name, string Meaning, int Verdict)
{
    /// <summary>How a slice of it stands on the plate.</summary>
    public SliceStand Stands => Verdict switch
    {
        <= -2 => SliceStand.Runs,
        -1 => SliceStand.Leans,
        0 => SliceStand.Clean,
        1 => SliceStand.Sharp,
        >= 2 => SliceStand.Stiff,
    };
}

/// <summary>How a slice stands on its plate, from the softest to the stiffest.</summary>
public enum SliceStand
{
    /// <summary>It runs off its crust over the plate.</summary>
    Runs,

    /// <summary>Its face bulges and leans out over the base.</summary>
    Leans,

    /// <summary>Its face stands and its edge is a little round.</summary>
    Clean,

    /// <summary>Its face is flat and its edge sharp.</summary>
    Sharp,

    /// <summary>It stands by itself when the knife is out, with the knife’s marks and cracks in it.</summary>
    Stiff,
}

/// <summary>The bands by setter. An index of our own, to be tuned by what is logged.</summary>
public static class CutBands
{
    /// <summary>Starch: grams of cornflour's worth, and a little for egg, in 100 g.</summary>
    public static IReadOnlyList<CutBand> Starch { get; } =
    [
        new(0, "pours", "it runs off the slice", -2),
        new(3.2, "silky", "it spoons, or cuts soft and leans", -1),
        new(4.1, "clean slice", "it cuts clean and holds its edge", 0),
        new(5.3, "firm", "it cuts sharp and eats a little stiff", 1),
        new(6.5, "pasty", "it is stiff and floury in the mouth", 2),
    ];

    /// <summary>Gelatine: grams of 200-bloom powder in 100 g. The gap between two neighbours is split in the middle.</summary>
    public static IReadOnlyList<CutBand> Gelatine { get; } =
    [
        new(0, "mousse", "it spoons; a slice slumps", -2),
        new(0.55, "creamy slice", "it cuts clean and melts at once", 0),
        new(1.0, "firm", "it cuts sharp and holds in a warm room", 1),
        new(1.6, "jelly", "it cuts like a jelly", 2),
        new(3.15, "rubber", "it bounces", 2),
    ];

    /// <summary>Where a band ends and the next one starts; none for the last.</summary>
    public static double? EndOf(IReadOnlyList<CutBand> bands, CutBand band)
    {
        for (var i = 0; i + 1 < bands.Count; i++)
        {
            if (bands[i] == band)
                return bands[i + 1].From;
        }

        return null;
    }

    /// <summary>The band an index falls in.</summary>
    public static CutBand Of(IReadOnlyList<CutBand> bands, double index)
    {
        for (var i = bands.Count - 1; i > 0; i--)
        {
            if (index >= bands[i].From)
                return bands[i];
        }

        return bands[0];
    }
}
