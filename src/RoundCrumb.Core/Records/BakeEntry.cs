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

/// <summary>What happened at a bake. Everything is optional: a baker writes down what was noticed.</summary>
public sealed record BakeEntry
{
    /// <summary>What the oven was set to, as a conventional oven.</summary>
    public OvenCelsius? OvenSet { get; init; }

    /// <summary>What a thermometer in it read, reckoned like the setting.</summary>
    public OvenCelsius? OvenRead { get; init; }

    /// <summary>Minutes taken, by the name of the stage.</summary>
    public IReadOnlyDictionary<string, double> StageMinutes { get; init; } = new Dictionary<string, double>();

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

    /// <summary>Anything else, up to <see cref="BakeEntryReader.LongestNotes"/> characters.</summary>
    public string Notes { get; init; } = "";

    /// <summary>True when nothing at all was written.</summary>
    public bool IsEmpty => OvenSet is null && OvenRead is null && StageMinutes.Count == 0 && FromPot is null && LeftOver is null
        && Base == BaseVerdict.NotSaid && Set == SetVerdict.NotSaid && Top == TopVerdict.NotSaid && Notes.Length == 0;
}
