using RoundCrumb.Core.HeatFlow;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Quantities;

namespace RoundCrumb.Data.Kitchens;

/// <summary>An oven of this kitchen.</summary>
public sealed class KitchenOven
{
    public int Id { get; set; }

    public required string Name { get; set; }

    /// <summary>Of a shelf, mm.</summary>
    public double Width { get; set; }

    /// <summary>Of a shelf, front to back, mm.</summary>
    public double Depth { get; set; }

    public int Shelves { get; set; }

    public bool Fan { get; set; }

    /// <summary>°C that it is hotter inside than its dial says.</summary>
    public double RunsHot { get; set; }

    /// <summary>Minutes until it bakes evenly.</summary>
    public double WarmUp { get; set; } = OvenConstants.WarmUp.Usual;

    /// <summary>The usual one comes first; the lowest number is it.</summary>
    public int Place { get; set; }

    /// <summary>Counts up at every change, so that a form filled in before somebody else's change is noticed.</summary>
    public int Version { get; set; } = 1;

    /// <summary>When it was put away; it can be brought back.</summary>
    public DateTimeOffset? DeletedAt { get; set; }

    /// <summary>As the core knows it.</summary>
    public Oven AsOven() =>
        new(FormattableString.Invariant($"oven-{Id}"), Name, new(Width), new(Depth), Shelves, Fan, RunsHot) { WarmUp = WarmUp };
}

/// <summary>A cold place of this kitchen.</summary>
public sealed class KitchenCold
{
    public int Id { get; set; }

    public required string Name { get; set; }

    public ColdKind Kind { get; set; }

    public int Places { get; set; }

    /// <summary>The widest pan that goes in, mm.</summary>
    public double Widest { get; set; }

    /// <summary>How it cools; none where nobody has said.</summary>
    public Cooler? Cooler { get; set; }

    /// <summary>How cold it is in there, °C; none where nobody has said.</summary>
    public double? Reads { get; set; }

    /// <summary>Counts up at every change, so that a form filled in before somebody else's change is noticed.</summary>
    public int Version { get; set; } = 1;

    /// <summary>When it was put away; it can be brought back.</summary>
    public DateTimeOffset? DeletedAt { get; set; }

    /// <summary>As the core knows it.</summary>
    public ColdPlace AsPlace() =>
        new(FormattableString.Invariant($"cold-{Id}"), Name, Kind, Places, new(Widest)) { Cooler = Cooler, Reads = Reads };
}

/// <summary>What there is one of in this kitchen.</summary>
public sealed class KitchenRoom
{
    public int Id { get; set; }

    /// <summary>How warm it is, °C.</summary>
    public double Celsius { get; set; } = RoomCelsius.Usual.Value;

    public int Burners { get; set; } = 4;

    public int Mixers { get; set; } = 1;

    public int Processors { get; set; } = 1;

    /// <summary>The time zone of the kitchen, by its name in the zone tables; empty for the computer's own.</summary>
    public string TimeZone { get; set; } = "";

    /// <summary>What the house has settled where bakers differ, as <c>school:way,school:way</c>.</summary>
    public string Schools { get; set; } = "";

    /// <summary>Counts up at every change, so that a form filled in before somebody else's change is noticed.</summary>
    public int Version { get; set; } = 1;
}

/// <summary>Somebody who works in this kitchen.</summary>
public sealed class KitchenBaker
{
    public const int LongestName = 40;

    public int Id { get; set; }

    public required string Name { get; set; }

    /// <summary>The hours of a week, Monday first, parted by semicolons; nothing between two of them is a day off.</summary>
    public string Week { get; set; } = ";;;;;;";

    /// <summary>Counts up at every change, so that a form filled in before somebody else's change is noticed.</summary>
    public int Version { get; set; } = 1;

    /// <summary>When they were put away; they can be brought back.</summary>
    public DateTimeOffset? DeletedAt { get; set; }

    /// <summary>As the core knows them.</summary>
    public Baker AsBaker() =>
        new(
            FormattableString.Invariant($"baker-{Id}"), Name,
            [.. Week.Split(';').Concat(Enumerable.Repeat("", 7)).Take(7).Select(t => Hours.TryRead(t, out var hours) ? hours : null)]);
}
