using RoundCrumb.Core.Trials;

namespace RoundCrumb.Data.Trials;

/// <summary>Two pies that differ in one thing, to be made side by side.</summary>
public sealed class Trial
{
    public const int LongestName = 80;

    public int Id { get; set; }

    public required string Name { get; set; }

    /// <summary>The pie as it is, as its address was then.</summary>
    public required string AsItIs { get; set; }

    /// <summary>The same with the one change.</summary>
    public required string Changed { get; set; }

    /// <summary>The change, in words.</summary>
    public required string Change { get; set; }

    /// <summary>What is looked at.</summary>
    public TrialMeasure Measure { get; set; }

    public DateTimeOffset At { get; set; }

    public DateTimeOffset? DeletedAt { get; set; }
}
