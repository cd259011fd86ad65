using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Fillings;

/// <summary>One end of the way between silk and a clean slice.</summary>
/// <param name="Setter">How much of the written setter goes in, 1 as written; 0.5 to 2.</param>
/// <param name="Index">The set index it comes to.</param>
public readonly record struct FirmnessEnd(double Setter, double Index);

/// <summary>How soft and how firm a filling can be made by its setter alone, and where it goes when it was not right last time.</summary>
/// <param name="Silk">As soft as still leaves a slice.</param>
/// <param name="Slice">As firm as still eats well.</param>
/// <param name="Firmer">After it was too soft.</param>
/// <param name="Softer">After it was too firm.</param>
public sealed record Firmness(FirmnessEnd Silk, FirmnessEnd Slice, FirmnessEnd Firmer, FirmnessEnd Softer)
{
    private static readonly (string Id, string Name)[] Names = [
        ("firm-silk", "As soft as still leaves a slice"), ("firm-slice", "As firm as still eats well"),
        ("firm-more", "After it was too soft"), ("firm-less", "After it was too firm")
    ];

    /// <summary>The set index at the soft end.</summary>
    public Worked<Number> SilkIndex => IndexOf(0, Silk);

    /// <summary>The set index at the firm end.</summary>
    public Worked<Number> SliceIndex => IndexOf(1, Slice);

    /// <summary>How much of the setter goes in after it was too soft.</summary>
    public Worked<Share> FirmerSetter => SetterOf(2, Firmer);

    /// <summary>How much of the setter goes in after it was too firm.</summary>
    public Worked<Share> SofterSetter => SetterOf(3, Softer);

    /// <summary>Every figure that can be opened.</summary>
    public IEnumerable<IWorked> Figures() => [SilkIndex, SliceIndex, FirmerSetter, SofterSetter];

    private static Worked<Number> IndexOf(int at, FirmnessEnd end) => new(
        Names[at].Id, Names[at].Name + ", set index", new(end.Index), "the set index with so much of the setter",
        Term.Given("of the setter as written", end.Setter, Dimension.Share));

    private static Worked<Share> SetterOf(int at, FirmnessEnd end) => new(
        Names[at].Id, Names[at].Name + ", setter", new(end.Setter),
        "the setter at which the set index has moved two fifths of a clean slice’s band",
        Term.Given("set index then", end.Index, Dimension.Count));

    private const double Least = 0.5;
    private const double Most = 2;

    /// <summary>A nudge moves the set by this share of the width of a clean slice's band.</summary>
    private const double Nudge = 0.4;

    /// <summary>The ends for a formula that is made with some of its setter.</summary>
    /// <param name="formula">The formula.</param>
    /// <param name="setter">How much of the written setter goes in now.</param>
    /// <param name="shift">What this kitchen’s own bakes add to the index.</param>
    public static Firmness Of(FillingFormula formula, double setter, double shift = 0)
    {
        var bands = formula.Family.Bands;
        var at = bands.ToList().FindIndex(b => b.Verdict == 0);
        var (from, to) = (bands[at].From, at + 1 < bands.Count ? bands[at + 1].From : bands[at].From * 1.3);
        var below = at > 0 ? bands[at - 1].From : 0;
        var silk = bands[Math.Max(0, at - 1)].Verdict == -1 ? (below + from) / 2 : from + ((to - from) * 0.1);
        var now = formula.Family.Scale.Of(formula, setter) + shift;
        var step = (to - from) * Nudge;
        return new(
            For(formula, silk, shift), For(formula, from + ((to - from) * 0.85), shift), For(formula, now + step, shift),
            For(formula, now - step, shift));
    }

    /// <summary>The setter that comes nearest to an index; in steps of one per cent.</summary>
    private static FirmnessEnd For(FillingFormula formula, double index, double shift)
    {
        var scale = formula.Family.Scale;
        var (near, far) = (Least, Most);

        // More of what sets never sets less, so halving finds it.
        for (var i = 0; i < 24; i++)
        {
            var middle = (near + far) / 2;
            if (scale.Of(formula, middle) + shift < index)
                near = middle;
            else
                far = middle;
        }

        var setter = Math.Round(Math.Clamp((near + far) / 2, Least, Most), 2);
        return new(setter, scale.Of(formula, setter) + shift);
    }
}
