using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Learning;

/// <summary>How corrections are said.</summary>
public static class CorrectionWords
{
    /// <summary>What this kitchen does otherwise than the book, as a sentence without its full stop.</summary>
    /// <param name="key">Of what.</param>
    /// <param name="name">What that is called.</param>
    /// <param name="value">As a factor, or what is added.</param>
    public static Phrase Said(CorrectionKey key, string name, double value)
    {
        var facts = key.Kind.Facts;
        var off = facts.Scale is CorrectionScale.Times ? value - 1 : value;
        if (IsNothing(key.Kind, off))
            return new($"{name}: as the book says");
        var (more, less) = Ends(key.Kind, Math.Abs(off));
        return new($"{name} {Verb(key.Kind)} {{0}} {(off > 0 ? more : less)}", Amount(key.Kind, Math.Abs(off)));
    }

    /// <summary>A correction in a word or two: 12 % longer, 8 °C hotter; as the book, where it is.</summary>
    /// <param name="kind">Which kind.</param>
    /// <param name="value">As a factor, or what is added.</param>
    public static Phrase Briefly(CorrectionKind kind, double value)
    {
        var off = kind.Facts.Scale is CorrectionScale.Times ? value - 1 : value;
        if (IsNothing(kind, off))
            return "as the book";
        var (more, less) = Ends(kind, Math.Abs(off));
        return new("{0} " + (off > 0 ? more : less), Amount(kind, Math.Abs(off)));
    }

    /// <summary>How far off the book bakers may be, either way.</summary>
    /// <param name="learned">What is known.</param>
    public static Phrase BookBand(Learned learned) => learned.Key.Kind.Facts.Scale is CorrectionScale.Times
        ? new("give or take {0}", Amount(learned.Key.Kind, Math.Exp(learned.Prior) - 1))
        : new(
            "give or take {0}" + (learned.Key.Kind is CorrectionKind.SetShift ? " " + Steps(learned.Prior) : ""),
            Amount(learned.Key.Kind, learned.Prior));

    /// <summary>True where no baker would call it a difference.</summary>
    private static bool IsNothing(CorrectionKind kind, double off) => Math.Abs(off) < (kind is CorrectionKind.SetShift ? 0.05 : 0.0005);

    /// <summary>What is off, as it is measured.</summary>
    private static Quantity Amount(CorrectionKind kind, double off) => kind.Facts.Dimension switch
    {
        // A tenth of a step is as fine as any word for a cut.
        var step when kind is CorrectionKind.SetShift => new(Math.Round(off, 1), step),

        // No baker says half a per cent, but of what is nearly nothing.
        Dimension.Factor => new(off < 0.02 ? off : Math.Round(off, 2), Dimension.Share),
        var other => new(off, other),
    };

    private static string Steps(double off) => Math.Round(off, 1) == 1 ? "step" : "steps";

    private static string Verb(CorrectionKind kind) => kind switch
    {
        CorrectionKind.OvenOffset => "is",
        CorrectionKind.BakeMinutes or CorrectionKind.HandsMinutes or CorrectionKind.WarmUp => "takes",
        CorrectionKind.Yield or CorrectionKind.JuiceOfFruit or CorrectionKind.ZestOfFruit => "gives",
        CorrectionKind.SetShift => "sets",
        CorrectionKind.WhippedVolume => "swells",
        CorrectionKind.BiscuitWeight or CorrectionKind.EggWeight => "weighs",
        CorrectionKind.DoughWater => "takes",
        CorrectionKind.Shrinkage => "shrinks",
        CorrectionKind.BaseLife => "stays firm",
    };

    private static (string More, string Less) Ends(CorrectionKind kind, double off) => kind switch
    {
        CorrectionKind.OvenOffset => ("hotter than its dial", "cooler than its dial"),
        CorrectionKind.BakeMinutes or CorrectionKind.HandsMinutes or CorrectionKind.WarmUp =>
            ("longer than planned", "shorter than planned"),
        CorrectionKind.Yield => ("more from the pot", "less from the pot"),
        CorrectionKind.SetShift => (Steps(off) + " firmer", Steps(off) + " softer"),
        CorrectionKind.WhippedVolume => ("more when it is whipped", "less when it is whipped"),
        CorrectionKind.BiscuitWeight or CorrectionKind.EggWeight => ("more than the book says", "less than the book says"),
        CorrectionKind.JuiceOfFruit => ("more juice", "less juice"),
        CorrectionKind.ZestOfFruit => ("more zest", "less zest"),
        CorrectionKind.DoughWater => ("more water", "less water"),
        CorrectionKind.Shrinkage => ("more down the wall", "less down the wall"),
        CorrectionKind.BaseLife => ("longer", "less long"),
    };
}
