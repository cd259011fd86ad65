using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Records;
using RoundCrumb.Core.Trials;
using RoundCrumb.Data.Storage;

namespace RoundCrumb.Data.Bakes;

/// <summary>So many of a pie, made or being made. It keeps its own copy of the composition.</summary>
public sealed class Bake : IComposed
{
    public int Id { get; set; }

    public required string PieName { get; set; }

    /// <summary>The composition as it was when the sheet was made.</summary>
    public required string Address { get; set; }

    public int Pies { get; set; }

    public DateTimeOffset MadeAt { get; set; }

    public List<BakeTick> Ticks { get; set; } = [];

    public BakeLog? Log { get; set; }

    public List<BakePhoto> Photos { get; } = [];

    /// <summary>The trial that it is part of; none for most.</summary>
    public int? TrialId { get; set; }

    /// <summary>Which of the two it is, in a trial.</summary>
    public TrialArm Arm { get; set; }

    /// <inheritdoc/>
    public List<PartUse> Uses { get; } = [];
}

/// <summary>Something on a batch sheet that is done.</summary>
public sealed class BakeTick
{
    public int BakeId { get; set; }

    public required string Key { get; set; }
}

/// <summary>A photograph of a bake.</summary>
public sealed class BakePhoto
{
    public const int LongestCaption = 120;

    public int Id { get; set; }

    public int BakeId { get; set; }

    public DateTimeOffset At { get; set; }

    public string Caption { get; set; } = "";

    public int Width { get; set; }

    public int Height { get; set; }

    /// <summary>The picture, as JPEG, without anything but itself.</summary>
    public required byte[] Jpeg { get; set; }

    /// <summary>The same, small.</summary>
    public required byte[] Small { get; set; }
}

/// <summary>What else was measured at a bake; what was not is missing.</summary>
public sealed class LoggedMeasures
{
    public double? WarmUp { get; set; }

    public double? Shrank { get; set; }

    public double? Stood { get; set; }

    public string TasteWords { get; set; } = "";

    public string SomethingNew { get; set; } = "";

    public List<LoggedTaste> Tastes { get; set; } = [];

    public List<LoggedHands> Hands { get; set; } = [];

    public List<LoggedWeight> Weighed { get; set; } = [];
}

/// <summary>One small scale of taste, from −2 to 2.</summary>
public sealed class LoggedTaste
{
    public TasteScale Scale { get; set; }

    public int Step { get; set; }
}

/// <summary>Minutes of hands for a kind of step.</summary>
public sealed class LoggedHands
{
    public StepKind Step { get; set; }

    public double Minutes { get; set; }
}

/// <summary>Something weighed.</summary>
public sealed class LoggedWeight
{
    public CorrectionKind Kind { get; set; }

    public required string Of { get; set; }

    public double Amount { get; set; }
}

/// <summary>What was written down after a bake.</summary>
public sealed class BakeLog
{
    public int BakeId { get; set; }

    public double? OvenSet { get; set; }

    public double? OvenRead { get; set; }

    /// <summary>Minutes by stage, as JSON.</summary>
    public string StageMinutes { get; set; } = "{}";

    public double? FromPot { get; set; }

    public double? LeftOver { get; set; }

    public string Base { get; set; } = "";

    public string Set { get; set; } = "";

    public string Top { get; set; } = "";

    public string Notes { get; set; } = "";

    /// <summary>What else was measured, and how it tasted.</summary>
    public LoggedMeasures Measures { get; set; } = new();

    /// <summary>Who made it, by id; empty where nobody was named.</summary>
    public string Baker { get; set; } = "";

    public double? Sold { get; set; }

    public double? Unsold { get; set; }

    public double? ThrownAway { get; set; }

    /// <summary>True where nothing is learned from it.</summary>
    public bool IsLeftOut { get; set; }

    /// <summary>The version of it that was last learned from; 0 where none was.</summary>
    public int ObservedVersion { get; set; }

    public DateTimeOffset WrittenAt { get; set; }

    public int Version { get; set; } = 1;
}
