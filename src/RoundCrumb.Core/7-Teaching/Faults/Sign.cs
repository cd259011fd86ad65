using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Records;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Diagnosis;

/// <summary>What is looked into: a pie, and what was written down of the bake where there is one.</summary>
/// <param name="Pie">The pie as it was made.</param>
/// <param name="Entry">What the log says; empty where there is no bake.</param>
public sealed record FaultCase(Assessment Pie, BakeEntry Entry)
{
    /// <summary>The pie by itself, with nothing logged.</summary>
    public static FaultCase Of(Assessment pie) => new(pie, new BakeEntry());
}

/// <summary>What the case itself says of a sign.</summary>
/// <param name="Is">True where the sign is there.</param>
/// <param name="Says">How it is known, with the pie's own figures.</param>
public readonly record struct Found(bool Is, Phrase Says);

/// <summary>Something that tells one cause from another: seen, done, or to be read off the pie and its log.</summary>
/// <param name="Id">Its stable short name, for addresses.</param>
/// <param name="Question">What the baker is asked; empty where only the case itself can tell.</param>
/// <param name="Yes">What a yes means, as a short clause.</param>
/// <param name="No">What a no means.</param>
public sealed record Sign(string Id, string Question, string Yes, string No)
{
    /// <summary>How often it is so whatever the cause: one time in five; our own choice, as for all of these.</summary>
    public const double Usual = 0.2;

    /// <summary>What the case says of it; none where it says nothing.</summary>
    public Func<FaultCase, Found?> Known { get; init; } = static _ => null;

    /// <summary>True where a baker can be asked.</summary>
    public bool CanBeAsked => Question.Length > 0;
}

/// <summary>How often a fault has this cause, before anything else is known.</summary>
public enum HowOften
{
    /// <summary>Rare.</summary>
    Rare = 1,

    /// <summary>Now and then.</summary>
    NowAndThen = 2,

    /// <summary>Common.</summary>
    Common = 3,
}

/// <summary>How a sign bears on a cause.</summary>
public enum Bearing
{
    /// <summary>Says nothing.</summary>
    None,

    /// <summary>Makes it four times as likely.</summary>
    Clear,

    /// <summary>Makes it twice as likely.</summary>
    Mild,

    /// <summary>Makes it half as likely.</summary>
    MildlyAgainst,

    /// <summary>Makes it a quarter as likely.</summary>
    ClearlyAgainst,
}

/// <summary>A cause of a fault.</summary>
/// <param name="Id">Its stable short name.</param>
/// <param name="Says">What happened, as one baker tells another.</param>
/// <param name="Often">How often it is this, before anything is known.</param>
/// <param name="Prevention">What keeps it from coming again.</param>
public sealed record Cause(string Id, string Says, HowOften Often, string Prevention)
{
    /// <summary>Signs that clearly speak for it: four times as likely with, a quarter without.</summary>
    public IReadOnlyList<Sign> Clear { get; init; } = [];

    /// <summary>Signs that speak for it a little: twice as likely with.</summary>
    public IReadOnlyList<Sign> Mild { get; init; } = [];

    /// <summary>Signs that speak against it a little.</summary>
    public IReadOnlyList<Sign> MildlyAgainst { get; init; } = [];

    /// <summary>Signs that clearly speak against it.</summary>
    public IReadOnlyList<Sign> ClearlyAgainst { get; init; } = [];

    /// <summary>Of which pies it can be true; of all where nothing is said.</summary>
    public Func<Composition, bool> Fits { get; init; } = static _ => true;

    /// <summary>The pie with what prevents it; none where it is done by hand and eye.</summary>
    public Func<FaultCase, Composition?> Mended { get; init; } = static _ => null;

    /// <summary>All signs that bear on it.</summary>
    public IEnumerable<Sign> Signs => Clear.Concat(Mild).Concat(MildlyAgainst).Concat(ClearlyAgainst);

    /// <summary>How a sign bears on it.</summary>
    public Bearing Of(Sign sign) => Clear.Contains(sign) ? Bearing.Clear
        : Mild.Contains(sign) ? Bearing.Mild
        : MildlyAgainst.Contains(sign) ? Bearing.MildlyAgainst
        : ClearlyAgainst.Contains(sign) ? Bearing.ClearlyAgainst
        : Bearing.None;

    /// <summary>How often the sign is there where this is the cause, from 0 to 1.</summary>
    public double ChanceOf(Sign sign) => Of(sign) switch
    {
        Bearing.Clear => 4 * Sign.Usual,
        Bearing.Mild => 2 * Sign.Usual,
        Bearing.MildlyAgainst => Sign.Usual / 2,
        Bearing.ClearlyAgainst => Sign.Usual / 4,
        Bearing.None => Sign.Usual,
    };
}
