namespace RoundCrumb.Core.Working;

/// <summary>How much harm it does, the gravest first.</summary>
public enum Severity
{
    /// <summary>The pie can't be made or served so.</summary>
    Stops,

    /// <summary>It can be made, and somebody will be sorry.</summary>
    Disappoints,

    /// <summary>Worth knowing before starting.</summary>
    WorthKnowing,

    /// <summary>Bakers differ; both ways are right.</summary>
    School,
}
