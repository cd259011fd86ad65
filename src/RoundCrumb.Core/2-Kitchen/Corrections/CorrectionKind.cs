using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Corrections;

/// <summary>What a kitchen's own bakes can say better than the book.</summary>
public enum CorrectionKind
{
    /// <summary>By how much an oven is hotter inside than its dial says, °C.</summary>
    OvenOffset,

    /// <summary>Minutes of a stage in the oven, against the plan.</summary>
    BakeMinutes,

    /// <summary>Minutes of hands for a kind of step, against the plan.</summary>
    HandsMinutes,

    /// <summary>Minutes until an oven is hot, against the plan.</summary>
    WarmUp,

    /// <summary>Filling from the pot, against the plan.</summary>
    Yield,

    /// <summary>How firmly a filling sets, on its family's index.</summary>
    SetShift,

    /// <summary>What cream swells to when it is whipped, against the book.</summary>
    WhippedVolume,

    /// <summary>What a biscuit weighs, against the book.</summary>
    BiscuitWeight,

    /// <summary>Juice of a fruit, against the book.</summary>
    JuiceOfFruit,

    /// <summary>Zest of a fruit, against the book.</summary>
    ZestOfFruit,

    /// <summary>What an egg, or its part, weighs without the shell, against the book.</summary>
    EggWeight,

    /// <summary>Water that a dough takes, against the middle of its range.</summary>
    DoughWater,

    /// <summary>By how much a shell shrinks down the wall, mm.</summary>
    Shrinkage,

    /// <summary>Hours until a base is soft, against the book.</summary>
    BaseLife,
}

/// <summary>How a correction is put on.</summary>
public enum CorrectionScale
{
    /// <summary>The book's figure is multiplied by it; learned in logarithms.</summary>
    Times,

    /// <summary>It is added to the book's figure.</summary>
    Plus,
}

/// <summary>What is known of a kind of correction.</summary>
/// <param name="Name">What it is of, as a baker would say it.</param>
/// <param name="Scale">How it is put on.</param>
/// <param name="Dimension">What it measures; a plain multiplier where it multiplies.</param>
/// <param name="Noise">How far one observation may lie off the truth: a share for what multiplies, else in the correction's own
/// measure.</param>
/// <param name="Prior">Book and range where the subject has none of its own, as the correction itself: 1 or 0 in the middle.</param>
public sealed record CorrectionFacts(string Name, CorrectionScale Scale, Dimension Dimension, Constant Noise, Constant Prior)
{
    /// <summary>How far a kitchen may be from the book: half the range on the scale that is learned on, at least 5 % or 5 °C.</summary>
    public double Spread => Scale is CorrectionScale.Times
        ? SpreadOf(Prior.Low, Prior.High)
        : Math.Max((Prior.High - Prior.Low) / 2, Dimension is Dimension.HeatDifference ? CorrectionConstants.LeastHeat.Usual : 0);

    /// <summary>The same for a figure of the book with a range of its own, where it is multiplied.</summary>
    /// <param name="low">The lowest, more than 0.</param>
    /// <param name="high">The highest.</param>
    public static double SpreadOf(double low, double high) => low > 0 && high > low
        ? Math.Max((high - low) / (high + low), CorrectionConstants.LeastShare.Usual)
        : CorrectionConstants.LeastShare.Usual;
}

/// <summary>Figures of how a kitchen is learned.</summary>
public static class CorrectionConstants
{
    /// <summary>No range is narrower than this, for what multiplies.</summary>
    public static readonly Constant LeastShare = new(
        "kitchens differ at least by", 0.05, 0.03, 0.08, Dimension.Share, "Kitchens differ more than books do; our own choice.");

    /// <summary>No range is narrower than this, for degrees.</summary>
    public static readonly Constant LeastHeat = new(
        "ovens differ at least by", 5, 3, 8, Dimension.HeatDifference, "Ovens differ more than books do; our own choice.");

    /// <summary>After so many further bakes an observation counts for half.</summary>
    public static readonly Constant HalfLife = new(
        "bakes after which one counts for half", 30, 20, 50, Dimension.Count, "Seasons, flours and ovens change; our own choice.");

    /// <summary>Beyond so many times its noise an observation pulls no harder.</summary>
    public static readonly Constant Robust = new(
        "beyond so many times its noise it pulls no harder", 1.5, 1.2, 2, Dimension.Factor,
        "One slip of the pen must not move a kitchen; usual in robust sums.");

    /// <summary>Among few there may be a slip: their variance is larger by this, divided by how many they are.</summary>
    public static readonly Constant SlipAmongFew = new(
        "a slip among few", 0.25, 0.15, 0.4, Dimension.Factor, "Found on simulated kitchens, so that nine bands in ten hold; our own.");

    /// <summary>So often a verdict is a slip of the pen, and says nothing.</summary>
    public static readonly Constant Slip = new(
        "a word that is a slip of the pen", 0.03, 0.01, 0.05, Dimension.Share, "Nobody presses the right word each time; our own choice.");

    /// <summary>So much likelier than none a lasting change has to be.</summary>
    public static readonly Constant SurelyChanged = new(
        "how much likelier a change has to be than none", 400, 100, 1000, Dimension.Factor,
        "Every moment is tried, so many would look like one by chance; found on simulated ovens.");

    /// <summary>On its own side of the middle has to lie this share of the measures, before a change and after it.</summary>
    public static readonly Constant OnItsSide = new(
        "measures on their own side of a change", 0.75, 0.7, 0.9, Dimension.Share, "One slip of the pen is no change; our own choice.");

    /// <summary>So much likelier than one two heaps have to be.</summary>
    public static readonly Constant TwoAgainstOne = new(
        "how much likelier two heaps have to be than one", 6, 4, 20, Dimension.Factor, "Fair odds for asking, not for deciding.");

    /// <summary>Beyond so many times what was to be expected a bake is asked about.</summary>
    public static readonly Constant OddBeyond = new(
        "asked about beyond", 3, 2.5, 3.5, Dimension.Factor, "Three times in a thousand by chance.");

    /// <summary>So many bakes at the least, before anything is put on.</summary>
    public static readonly Constant LeastBakes = new("bakes before it is used", 2, 2, 3, Dimension.Count, "One bake is a hint.");

    /// <summary>So much of the doubt has to be gone, before anything is put on.</summary>
    public static readonly Constant DoubtGone = new(
        "doubt gone before it is used", 0.4, 0.3, 0.5, Dimension.Share, "Until then it is a hint; our own choice.");
}

/// <summary>What is known of each kind.</summary>
public static class CorrectionKinds
{
    private static readonly CorrectionFacts OvenOffset = Degrees("Oven heat", 3, -10, 10,
        "A household oven is seldom nearer than this to its dial.");
    private static readonly CorrectionFacts BakeMinutes = Times(
        "Minutes in the oven", 0.10, 0.9, 1.1, "Where the stage has a range of its own, that one is used.");
    private static readonly CorrectionFacts HandsMinutes = Times("Minutes of hands", 0.10, 0.7, 1.3, "Hands differ by a third either way.");
    private static readonly CorrectionFacts WarmUp = Times("Warming up", 0.10, 0.6, 1.4, "Ten to forty minutes, by the oven.");
    private static readonly CorrectionFacts Yield = Times("Filling from the pot", 0.03, 0.95, 1.05, "Heat, pot and spatula differ.");
    private static readonly CorrectionFacts SetShift = new(
        "How it sets", CorrectionScale.Plus, Dimension.Count,
        new("half a band", 0.5, 0.4, 0.7, Dimension.Count, "Bakers part one word from the next about so well."),
        new("set, in bands", 0, -1, 1, Dimension.Count, "One band either way: starches, eggs and hobs differ."));
    private static readonly CorrectionFacts WhippedVolume = Times("Whipped volume", 0.03, 0.85, 1.15, "Fat, cold and whisk differ.");
    private static readonly CorrectionFacts BiscuitWeight = Times("Weight of a biscuit", 0.03, 0.87, 1.13, "Packs and makers differ.");
    private static readonly CorrectionFacts JuiceOfFruit = Times("Juice of a fruit", 0.03, 0.7, 1.3, "Size, sort and season.");
    private static readonly CorrectionFacts ZestOfFruit = Times("Zest of a fruit", 0.03, 0.7, 1.3, "Size, sort and grater.");
    private static readonly CorrectionFacts EggWeight = Times("Weight of an egg", 0.03, 0.9, 1.1, "A size is a range, and hens differ.");
    private static readonly CorrectionFacts DoughWater = Times("Water in a dough", 0.03, 0.85, 1.15, "Flours drink differently.");
    private static readonly CorrectionFacts Shrinkage = new(
        "Shrinking of a shell", CorrectionScale.Plus, Dimension.Length,
        new("read off a ruler", 1, 0.5, 1.5, Dimension.Length, "A rim is never level to the millimetre."),
        new("shrinking beyond the book", 0, -3, 3, Dimension.Length, "By the hand that rolls and the rest it gets."));
    private static readonly CorrectionFacts BaseLife = Times(
        "Hours until a base is soft", 0.25, 0.6, 1.4, "How wet, how cold and how well baked differ; a verdict has its own hour.");

    private static CorrectionFacts Times(string name, double noise, double low, double high, string reason) => new(
        name, CorrectionScale.Times, Dimension.Factor,
        new("one bake may be off by", noise, noise / 2, noise * 2, Dimension.Share, "As bakers read clocks and scales; our own choice."),
        new(name, 1, low, high, Dimension.Factor, reason));

    private static CorrectionFacts Degrees(string name, double noise, double low, double high, string reason) => new(
        name, CorrectionScale.Plus, Dimension.HeatDifference,
        new("a thermometer may be off by", noise, noise / 2, noise * 2, Dimension.HeatDifference, "Where it hangs and when it is read."),
        new(name, 0, low, high, Dimension.HeatDifference, reason));

    extension(CorrectionKind kind)
    {
        /// <summary>What is known of it.</summary>
        public CorrectionFacts Facts => kind switch
        {
            CorrectionKind.OvenOffset => OvenOffset,
            CorrectionKind.BakeMinutes => BakeMinutes,
            CorrectionKind.HandsMinutes => HandsMinutes,
            CorrectionKind.WarmUp => WarmUp,
            CorrectionKind.Yield => Yield,
            CorrectionKind.SetShift => SetShift,
            CorrectionKind.WhippedVolume => WhippedVolume,
            CorrectionKind.BiscuitWeight => BiscuitWeight,
            CorrectionKind.JuiceOfFruit => JuiceOfFruit,
            CorrectionKind.ZestOfFruit => ZestOfFruit,
            CorrectionKind.EggWeight => EggWeight,
            CorrectionKind.DoughWater => DoughWater,
            CorrectionKind.Shrinkage => Shrinkage,
            CorrectionKind.BaseLife => BaseLife,
        };

        /// <summary>True where it is learned at two levels: the family's, and beneath it the formula's, the oven's, the baker's.</summary>
        public bool HasTwoLevels => kind switch
        {
            CorrectionKind.OvenOffset or CorrectionKind.BakeMinutes or CorrectionKind.HandsMinutes or CorrectionKind.Yield
                or CorrectionKind.SetShift => true,
            CorrectionKind.WarmUp or CorrectionKind.WhippedVolume or CorrectionKind.BiscuitWeight or CorrectionKind.JuiceOfFruit
                or CorrectionKind.ZestOfFruit or CorrectionKind.EggWeight or CorrectionKind.DoughWater or CorrectionKind.Shrinkage
                or CorrectionKind.BaseLife => false,
        };
    }
}
