using RoundCrumb.Core.Stocktaking;

namespace RoundCrumb.Data.Stocktaking;

/// <summary>Why something is in the house no longer.</summary>
public enum WhyGone
{
    /// <summary>It was used, or never was there: its count was mended.</summary>
    Mended,

    /// <summary>It was thrown away.</summary>
    ThrownAway,
}

/// <summary>Some of one thing in the house, as it was last counted.</summary>
public sealed class StockRow
{
    public const int LongestWords = 80;

    public int Id { get; set; }

    /// <summary>The ingredient; none for a part made ahead.</summary>
    public string? Ingredient { get; set; }

    /// <summary>The part made ahead; none for an ingredient.</summary>
    public MadePart? Made { get; set; }

    /// <summary>Which of such parts, in the baker's words.</summary>
    public string Words { get; set; } = "";

    /// <summary>How much there was when it was counted, g or pieces.</summary>
    public double Counted { get; set; }

    public DateTimeOffset CountedAt { get; set; }

    public DateOnly? UseBy { get; set; }

    public bool IsOpen { get; set; }

    public StoredIn Where { get; set; }

    /// <summary>When it was taken off the list; none while it is on it.</summary>
    public DateTimeOffset? GoneAt { get; set; }

    /// <summary>Why it was.</summary>
    public WhyGone Gone { get; set; }

    /// <summary>How much was thrown away, g or pieces; 0 where nothing was.</summary>
    public double ThrownAway { get; set; }

    /// <summary>Counts up at every change.</summary>
    public int Version { get; set; } = 1;
}

/// <summary>Something that was used of an ingredient.</summary>
public sealed class StockUseRow
{
    /// <summary>What used it: an order, a sheet, or what was thrown away.</summary>
    public required string Owner { get; set; }

    /// <summary>Which of its lines.</summary>
    public required string Line { get; set; }

    public required string Ingredient { get; set; }

    /// <summary>How much, g.</summary>
    public double Grams { get; set; }

    public DateTimeOffset At { get; set; }
}
