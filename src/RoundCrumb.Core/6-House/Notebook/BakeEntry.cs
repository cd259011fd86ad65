using RoundCrumb.Core.BlindBaking;
using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Quantities;

namespace RoundCrumb.Core.Records;

/// <summary>How the base came out.</summary>
public enum BaseVerdict
{
    /// <summary>Nothing was written of it.</summary>
    NotSaid,

    /// <summary>Crisp all through.</summary>
    Crisp,

    /// <summary>Firm, no longer crisp.</summary>
    Firm,

    /// <summary>Soft.</summary>
    Soft,

    /// <summary>Soggy.</summary>
    Soggy,
}

/// <summary>How it cut.</summary>
public enum SetVerdict
{
    /// <summary>Nothing was written of it.</summary>
    NotSaid,

    /// <summary>It ran.</summary>
    Runny,

    /// <summary>It gave way to the knife.</summary>
    Soft,

    /// <summary>It cut clean.</summary>
    Clean,

    /// <summary>It was firm.</summary>
    Firm,

    /// <summary>It was like rubber.</summary>
    Rubbery,
}

/// <summary>How the top was when it was served.</summary>
public enum TopVerdict
{
    /// <summary>Nothing was written of it.</summary>
    NotSaid,

    /// <summary>It held.</summary>
    Held,

    /// <summary>It softened.</summary>
    Softened,

    /// <summary>It wept.</summary>
    Wept,

    /// <summary>It was whipped too far.</summary>
    Overwhipped,
}

/// <summary>The small scales that a taste is put on, each from far too little to far too much.</summary>
public enum TasteScale
{
    /// <summary>How sweet.</summary>
    Sweet,

    /// <summary>How sharp.</summary>
    Sharp,

    /// <summary>How rich.</summary>
    Rich,

    /// <summary>How much it tastes of what it is named for.</summary>
    Flavour,

    /// <summary>How crisp.</summary>
    Crisp,
}

/// <summary>What happened at a bake. Everything is optional: a baker writes down what was noticed.</summary>
public sealed record BakeEntry
{
    /// <summary>What the oven was set to, as a conventional oven.</summary>
    public OvenCelsius? OvenSet { get; init; }

    /// <summary>What a thermometer in it read, reckoned like the setting.</summary>
    public OvenCelsius? OvenRead { get; init; }

    /// <summary>Minutes taken, by stage.</summary>
    public IReadOnlyDictionary<StageKind, double> StageMinutes { get; init; } = new Dictionary<StageKind, double>();

    /// <summary>Minutes of hands for one, by kind of step, as the bench timed them.</summary>
    public IReadOnlyDictionary<StepKind, double> HandsMinutes { get; init; } = new Dictionary<StepKind, double>();

    /// <summary>Minutes from switching the oven on until a thermometer said that it was hot.</summary>
    public double? WarmUp { get; init; }

    /// <summary>By how much the shell shrank down the wall.</summary>
    public Millimetres? Shrank { get; init; }

    /// <summary>Hours from filling to the first cut.</summary>
    public double? Stood { get; init; }

    /// <summary>What was weighed or measured of ingredients, in the measure of <see cref="Weighable"/>.</summary>
    public IReadOnlyDictionary<CorrectionKey, double> Weighed { get; init; } = new Dictionary<CorrectionKey, double>();

    /// <summary>Filling from the pot, all of it.</summary>
    public Grams? FromPot { get; init; }

    /// <summary>Filling left over.</summary>
    public Grams? LeftOver { get; init; }

    /// <summary>How the base was.</summary>
    public BaseVerdict Base { get; init; }

    /// <summary>How the filling had set.</summary>
    public SetVerdict Set { get; init; }

    /// <summary>How the top was.</summary>
    public TopVerdict Top { get; init; }

    /// <summary>How it tasted: −2 far too little, 0 right, 2 far too much.</summary>
    public IReadOnlyDictionary<TasteScale, int> Tastes { get; init; } = new Dictionary<TasteScale, int>();

    /// <summary>How it tasted, in the baker's own words.</summary>
    public string TasteWords { get; init; } = "";

    /// <summary>Pies sold, halves and slices as shares of one.</summary>
    public double? Sold { get; init; }

    /// <summary>Pies left at the end of the day and kept.</summary>
    public double? Unsold { get; init; }

    /// <summary>Pies thrown away.</summary>
    public double? ThrownAway { get; init; }

    /// <summary>Who made it, by id; empty where nobody was named.</summary>
    public string Baker { get; init; } = "";

    /// <summary>
    /// What was new with this bake, in a few words: another flour, a new element, a tin. It marks the charts of what was measured.
    /// </summary>
    public string SomethingNew { get; init; } = "";

    /// <summary>Anything else, up to <see cref="BakeEntryReader.LongestNotes"/> characters.</summary>
    public string Notes { get; init; } = "";

    /// <summary>True when nothing at all was written.</summary>
    public bool IsEmpty => OvenSet is null && OvenRead is null && StageMinutes.Count == 0 && FromPot is null && LeftOver is null
        && Base == BaseVerdict.NotSaid && Set == SetVerdict.NotSaid && Top == TopVerdict.NotSaid && Notes.Length == 0
        && HandsMinutes.Count == 0 && WarmUp is null && Shrank is null && Stood is null && Weighed.Count == 0 && Tastes.Count == 0
        && TasteWords.Length == 0 && SomethingNew.Length == 0 && Sold is null && Unsold is null && ThrownAway is null && Baker.Length == 0;
}
