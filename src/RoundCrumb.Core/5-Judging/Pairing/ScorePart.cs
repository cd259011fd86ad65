using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Pairing;

/// <summary>What a pairing is told apart by.</summary>
public enum ScorePart
{
    /// <summary>How crisp the base still is when it is served.</summary>
    Crisp,

    /// <summary>Sweet, sharp and fat against one another.</summary>
    Balance,

    /// <summary>Something to bite on beside something soft.</summary>
    Textures,

    /// <summary>How little work of hands it is.</summary>
    Hands,

    /// <summary>How soon it can be sliced.</summary>
    Hours,

    /// <summary>How little it takes of the oven.</summary>
    Oven,
}

/// <summary>What is known of each part of a pairing’s score. How much each counts is our own judgement.</summary>
public static class ScoreParts
{
    private static readonly Constant Crisp = Points(ScorePart.Crisp, "crisp when served", 30, "What is told of a tart first is its base.");
    private static readonly Constant Balance = Points(ScorePart.Balance, "balance", 20, "Neither tires before the slice is finished.");
    private static readonly Constant Textures = Points(ScorePart.Textures, "textures", 15, "Every pie wants something to bite on.");
    private static readonly Constant Hands = Points(ScorePart.Hands, "little work", 15, "Time at the bench is the dearest thing in it.");
    private static readonly Constant Hours = Points(ScorePart.Hours, "soon ready", 10,
        "What is ready sooner leaves more ways to plan a day.");
    private static readonly Constant Oven = Points(ScorePart.Oven, "little oven", 10, "An oven that is free bakes something else.");

    extension(ScorePart part)
    {
        /// <summary>The most points that it gives.</summary>
        public Constant Most => part switch
        {
            ScorePart.Crisp => Crisp,
            ScorePart.Balance => Balance,
            ScorePart.Textures => Textures,
            ScorePart.Hands => Hands,
            ScorePart.Hours => Hours,
            ScorePart.Oven => Oven,
        };

        /// <summary>What is said of a pairing of which it is the strength.</summary>
        public string Strength => part switch
        {
            ScorePart.Crisp => "stays crisp",
            ScorePart.Balance => "well balanced",
            ScorePart.Textures => "something to bite on",
            ScorePart.Hands => "little work",
            ScorePart.Hours => "soon ready",
            ScorePart.Oven => "little or no oven",
        };

        /// <summary>What is said of a pairing of which it is the weakness.</summary>
        public string Weakness => part switch
        {
            ScorePart.Crisp => "soft by the time it is served",
            ScorePart.Balance => "one-sided: too sweet, too rich or too plain",
            ScorePart.Textures => "soft on soft",
            ScorePart.Hands => "a lot of work",
            ScorePart.Hours => "long until it can be sliced",
            ScorePart.Oven => "long in the oven",
        };
    }

    private static Constant Points(ScorePart part, string name, double most, string reason) =>
        new(name, most, most * 0.7, most * 1.3, Dimension.Count, reason);
}

/// <summary>How good a pairing is, in a word: what its score comes to, the best first.</summary>
public enum PairLevel
{
    /// <summary>Among the best there are.</summary>
    Excellent,

    /// <summary>To be recommended.</summary>
    Good,

    /// <summary>Nothing against it.</summary>
    Fair,

    /// <summary>It can be made; others are better.</summary>
    Weak,

    /// <summary>Somebody will be sorry.</summary>
    Poor,

    /// <summary>It cannot be made or served so.</summary>
    No,
}

/// <summary>What is known of each level.</summary>
public static class PairLevels
{
    private const double ExcellentFrom = 69, GoodFrom = 65, FairFrom = 60, WeakFrom = 50;

    extension(PairLevel level)
    {
        /// <summary>What it is called.</summary>
        public string Word => level switch
        {
            PairLevel.Excellent => "excellent",
            PairLevel.Good => "good",
            PairLevel.Fair => "fair",
            PairLevel.Weak => "weak",
            PairLevel.Poor => "poor",
            PairLevel.No => "no",
        };

        /// <summary>The points from which on it is so; 0 for the lowest.</summary>
        public double From => level switch
        {
            PairLevel.Excellent => ExcellentFrom,
            PairLevel.Good => GoodFrom,
            PairLevel.Fair => FairFrom,
            PairLevel.Weak => WeakFrom,
            PairLevel.Poor or PairLevel.No => 0,
        };
    }

    /// <summary>The level of a score.</summary>
    /// <param name="points">From 0 to 100.</param>
    public static PairLevel Of(double points) => points switch
    {
        >= ExcellentFrom => PairLevel.Excellent,
        >= GoodFrom => PairLevel.Good,
        >= FairFrom => PairLevel.Fair,
        >= WeakFrom => PairLevel.Weak,
        _ => PairLevel.Poor,
    };
}
