using RoundCrumb.Data.Recipes;

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

    /// <inheritdoc/>
    public List<PartUse> Uses { get; } = [];
}

/// <summary>Something on a batch sheet that is done.</summary>
public sealed class BakeTick
{
    public int BakeId { get; set; }

    public required string Key { get; set; }
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

    public DateTimeOffset WrittenAt { get; set; }

    public int Version { get; set; } = 1;
}
