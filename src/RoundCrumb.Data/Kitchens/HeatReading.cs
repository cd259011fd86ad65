using RoundCrumb.Core.HeatFlow;

namespace RoundCrumb.Data.Kitchens;

/// <summary>What a thermometer said of how a place takes heat.</summary>
public sealed class HeatReading
{
    public int Id { get; set; }

    /// <summary>The cold place; none for the rack in the room.</summary>
    public int? ColdId { get; set; }

    /// <summary>What kind of place it was then: of another kind it says nothing.</summary>
    public Cooler? Cooler { get; set; }

    /// <summary>When it was put down.</summary>
    public DateTimeOffset At { get; set; }

    /// <summary>What was measured: a cup of water, or which pie.</summary>
    public required string Of { get; set; }

    /// <summary>What it read, in order.</summary>
    public List<HeatReadingPoint> Points { get; set; } = [];

    /// <summary>So many times as well as its kind the place takes heat, by this.</summary>
    public double Times { get; set; }

    /// <summary>When it was left out; it can be brought back.</summary>
    public DateTimeOffset? DeletedAt { get; set; }
}

/// <summary>What a thermometer read at a moment.</summary>
public sealed class HeatReadingPoint
{
    /// <summary>Minutes from the beginning.</summary>
    public double Minutes { get; set; }

    /// <summary>°C.</summary>
    public double Celsius { get; set; }
}
