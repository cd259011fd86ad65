using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Quantities;

namespace RoundCrumb.Core.Learning;

/// <summary>Two heaps where one was expected, as the corrections that they would make.</summary>
/// <param name="Low">The lower, as a factor or what is added.</param>
/// <param name="High">The higher.</param>
/// <param name="LowBakes">Bakes in the lower.</param>
/// <param name="HighBakes">Bakes in the higher.</param>
public sealed record TwoHeaps(double Low, double High, int LowBakes, int HighBakes);

/// <summary>What is known of one correction from all that was written down.</summary>
/// <param name="Key">Of what.</param>
/// <param name="Mean">The middle of what it may be, on the scale that it is learned on.</param>
/// <param name="Deviation">Its standard deviation there.</param>
/// <param name="Prior">The same before anybody had baked.</param>
/// <param name="Bakes">Bakes that count.</param>
public sealed record Learned(CorrectionKey Key, double Mean, double Deviation, double Prior, int Bakes)
{
    /// <summary>So many deviations either way hold the truth nine times in ten.</summary>
    public const double NineInTen = 1.645;

    /// <summary>Bakes that lie so far off that they are asked about.</summary>
    public IReadOnlyList<int> Odd { get; init; } = [];

    /// <summary>Two heaps in it; none where one explains it as well.</summary>
    public TwoHeaps? Heaps { get; init; }

    /// <summary>Since when it is another than before: what was written down earlier counts no more; none where nothing changed.</summary>
    public DateTimeOffset? ChangedAt { get; init; }

    /// <summary>What the baker has decided.</summary>
    public CorrectionChoice Choice { get; init; } = new(Key);

    /// <summary>As a factor, or what is added.</summary>
    public double Value => Back(Mean);

    /// <summary>The low end of what it may be.</summary>
    public double Low => Back(Mean - (NineInTen * Deviation));

    /// <summary>The high end.</summary>
    public double High => Back(Mean + (NineInTen * Deviation));

    /// <summary>The book's own band, low end.</summary>
    public double BookLow => Back(-Prior);

    /// <summary>The book's own band, high end.</summary>
    public double BookHigh => Back(Prior);

    /// <summary>How much of the doubt is gone, from 0 to 1.</summary>
    public double DoubtGone => Math.Clamp(1 - (Deviation * Deviation / (Prior * Prior)), 0, 1);

    /// <summary>Sure enough to be put on: until then it is a hint.</summary>
    public bool IsSure => Bakes >= CorrectionConstants.LeastBakes.Usual && DoubtGone >= CorrectionConstants.DoubtGone.Usual;

    /// <summary>
    /// True where it lies further from the book than kitchens do: rather a slip at the scale or a misread line than a kitchen. It is asked
    /// about, and not put on until a baker says so.
    /// </summary>
    public bool IsBeyondTheBook => Bakes > 0 && Math.Abs(Mean) > CorrectionConstants.OddBeyond.Usual * Prior;

    /// <summary>True where that has to be asked.</summary>
    public bool IsAsked => IsBeyondTheBook && Choice.Mode is CorrectionMode.On && Bakes >= CorrectionConstants.LeastBakes.Usual;

    /// <summary>True where it is put on.</summary>
    public bool IsOn => Choice.Mode switch
    {
        CorrectionMode.On => IsSure && !IsBeyondTheBook,
        CorrectionMode.Accepted => IsSure,
        CorrectionMode.Off => false,
        CorrectionMode.Pinned => true,
    };

    /// <summary>The correction that is put on; none where the book stands.</summary>
    public Correction? Correction => Choice.Mode is CorrectionMode.Off ? new(Key, Back(0), Back(0), Back(0), Bakes)
        : !IsOn ? null
        : Choice.Mode is CorrectionMode.Pinned
            ? new(Key, Choice.Pinned, Choice.Pinned, Choice.Pinned, Bakes, IsPinned: true)
            : IsTheBook ? null : new(Key, Rounded(Value), Rounded(Low), Rounded(High), Bakes);

    /// <summary>
    /// True where it comes to what the book says: by its rounding, or, where words are all there is, because they say nothing against it.
    /// </summary>
    public bool IsTheBook => Rounded(Value) == Back(0) || (IsOfWords && Math.Abs(Mean) < Deviation);

    /// <summary>True where it was learned from words and not from measures.</summary>
    public bool IsOfWords { get; init; }

    /// <summary>From the scale that it is learned on to a factor, or what is added.</summary>
    private double Back(double on) => Key.Kind.Facts.Scale is CorrectionScale.Times ? Math.Exp(on) : on;

    /// <summary>No baker weighs finer than this: half a per cent, a tenth of a degree.</summary>
    private double Rounded(double value) =>
        Key.Kind.Facts.Dimension is Dimension.HeatDifference or Dimension.Length ? Math.Round(value, 1)
            : Math.Round(value * (Key.Kind.Facts.Dimension is Dimension.Count ? 20 : 200)) / (Key.Kind.Facts.Dimension is Dimension.Count
            ? 20 : 200);
}
