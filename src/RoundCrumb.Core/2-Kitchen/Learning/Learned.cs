using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

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
    /// <summary>Bakes that lie so far off that they are asked about.</summary>
    public IReadOnlyList<int> Odd { get; init; } = [];

    /// <summary>Two heaps in it; none where one explains it as well.</summary>
    public TwoHeaps? Heaps { get; init; }

    /// <summary>Since when it is another than before: what was written down earlier counts no more; none where nothing changed.</summary>
    public DateTimeOffset? ChangedAt { get; init; }

    /// <summary>What its own bakes say by themselves, with the deviation of that; none where they are words, or there are none.</summary>
    public (double Mean, double Deviation)? Own { get; init; }

    /// <summary>What its family does here; none for a family, or where there is one level.</summary>
    public double? Family { get; init; }

    /// <summary>What the baker has decided.</summary>
    public CorrectionChoice Choice { get; init; } = new(Key);

    /// <summary>As a factor, or what is added.</summary>
    public double Value => Back(Mean);

    /// <summary>The low end of what it may be.</summary>
    public double Low => Back(Mean - (NormalCurve.NineInTen * Deviation));

    /// <summary>The high end.</summary>
    public double High => Back(Mean + (NormalCurve.NineInTen * Deviation));

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

    /// <summary>What it comes to, with how: the book, its family here, its own bakes, each by how sure it is.</summary>
    /// <param name="name">What it is of.</param>
    public IWorked Figure(string name)
    {
        var facts = Key.Kind.Facts;
        Quantity Of(double on, double deviation = 0) => new(
            Back(on), facts.Dimension, Back(on - (NormalCurve.NineInTen * deviation)), Back(on + (NormalCurve.NineInTen * deviation)));
        return new LearnedFigure(
            "learned", name, Of(Mean),
            IsOfWords
                ? "the book’s range, narrowed by what each word leaves possible"
                : "the book" + (Family is null ? "" : ", what its family does here") + " and its own bakes, each by how sure it is",
            [
                new Constant("the book", Back(0), BookLow, BookHigh, facts.Dimension, facts.Prior.Reason),
                .. Family is { } family ? [new Term("its family here", Of(family))] : Array.Empty<Term>(),
                .. Own is { } own ? [new Term("its own bakes by themselves", Of(own.Mean, own.Deviation))] : Array.Empty<Term>(),
                Term.Given("bakes", Bakes, Dimension.Count), facts.Noise, CorrectionConstants.HalfLife,
                IsOfWords ? CorrectionConstants.Slip : CorrectionConstants.Robust,
            ]);
    }

    /// <summary>No baker weighs finer than this: half a per cent, a tenth of a degree or a millimetre, a twentieth of a band.</summary>
    private double Rounded(double value) => Math.Round(value * Steps, MidpointRounding.AwayFromZero) / Steps;

    private double Steps => Key.Kind.Facts.Scale is CorrectionScale.Times ? 200
        : Key.Kind.Facts.Dimension is Dimension.Count ? 20
        : 10;
}

/// <summary>What was learned, as a figure that opens.</summary>
/// <param name="Id">Its short name.</param>
/// <param name="Name">What it is of.</param>
/// <param name="Amount">What it comes to.</param>
/// <param name="Formula">How, in words.</param>
/// <param name="Terms">From what.</param>
internal sealed record LearnedFigure(string Id, string Name, Quantity Amount, string Formula, IReadOnlyList<Term> Terms) : IWorked;
