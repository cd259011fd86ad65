using RoundCrumb.Core.Steps;
using RoundCrumb.Data.Storage;

namespace RoundCrumb.Data.Days;

/// <summary>A bake day, or several that belong together.</summary>
public sealed class BakeDay
{
    public const int LongestName = 60;

    /// <summary>The most days that are planned together.</summary>
    public const int MostDays = 7;

    public int Id { get; set; }

    /// <summary>Never changes; what a calendar knows its events by.</summary>
    public Guid Stamp { get; set; } = Guid.NewGuid();

    public required string Name { get; set; }

    public DateOnly From { get; set; }

    public int Days { get; set; } = 1;

    /// <summary>Ovens that stay cold, by their ids.</summary>
    public List<string> ColdOvens { get; set; } = [];

    /// <summary>Like work that is done apart, by its name among the day's choices.</summary>
    public List<string> Apart { get; set; } = [];

    /// <summary>More places in the cold, just for this day: fridge.</summary>
    public int MoreFridge { get; set; }

    /// <summary>The same of the freezer.</summary>
    public int MoreFreezer { get; set; }

    /// <summary>Pans lent for this day.</summary>
    public List<LentPan> LentPans { get; } = [];

    /// <summary>The plan, as <see cref="KeptPlan"/> in JSON; empty while there is none.</summary>
    public string Plan { get; set; } = "";

    public DateTimeOffset SavedAt { get; set; }

    /// <summary>Counts up at every change.</summary>
    public int Version { get; set; } = 1;

    public DateTimeOffset? DeletedAt { get; set; }

    public List<DayOrder> Orders { get; } = [];

    public List<DayHours> Hours { get; } = [];

    public List<DayMark> DayMarks { get; } = [];

    /// <summary>Says where a step is put or that it is done; it replaces what was said of the same step.</summary>
    public void Say(DayMark mark)
    {
        if (DayMarks.FirstOrDefault(m => m.Key == mark.Key) is { } there)
            (there.Kind, there.Start, there.Oven, there.Orders) = (mark.Kind, mark.Start, mark.Oven, [.. mark.Orders]);
        else
            DayMarks.Add(new() { Key = mark.Key, Kind = mark.Kind, Start = mark.Start, Oven = mark.Oven, Orders = [.. mark.Orders] });
    }

    /// <summary>Forgets what was said of a step, where anything was.</summary>
    public void Forget(string key) => DayMarks.RemoveAll(m => m.Key == key);

    /// <summary>Goes back to what was said of some steps before.</summary>
    /// <param name="keys">The steps.</param>
    /// <param name="before">What was said of them then; of those that it does not name, nothing was.</param>
    public void Restore(IReadOnlyCollection<string> keys, IReadOnlyCollection<DayMark> before)
    {
        DayMarks.RemoveAll(m => keys.Contains(m.Key) && before.All(b => b.Key != m.Key));
        foreach (var mark in before)
            Say(mark);
    }
}

/// <summary>Pans lent for a day.</summary>
public sealed class LentPan
{
    /// <summary>The pan's name among the day's.</summary>
    public required string Pan { get; set; }

    /// <summary>How many.</summary>
    public int More { get; set; }
}

/// <summary>So many of a pie for one time.</summary>
public sealed class DayOrder : IComposed
{
    public const int LongestNotes = 300;

    /// <summary>The most of one pie in one order.</summary>
    public const int MostPies = 200;

    public int Id { get; set; }

    public int BakeDayId { get; set; }

    /// <summary>The pie of the box that it was taken from; none for one straight from Compose.</summary>
    public int? PieId { get; set; }

    public required string Name { get; set; }

    /// <summary>The composition as it was when it was ordered.</summary>
    public required string Address { get; set; }

    public int Count { get; set; }

    /// <summary>When it is wanted, by the clock on the wall.</summary>
    public DateTime Due { get; set; }

    public string Notes { get; set; } = "";

    public Stock Stock { get; set; }

    /// <summary>True where it is cut and plated here and eaten at that hour; false where it only has to be ready.</summary>
    public bool Served { get; set; }

    /// <summary>The batch sheet that was made of it, or from which it was begun; none where there is none yet.</summary>
    public int? BakeId { get; set; }

    /// <summary>Counts up at every change, so that a form filled in before somebody else's change is noticed.</summary>
    public int Version { get; set; } = 1;

    public DateTimeOffset? DeletedAt { get; set; }

    /// <inheritdoc/>
    public List<PartUse> Uses { get; } = [];
}

/// <summary>Hours of one baker on one date, where they differ from the usual week.</summary>
public sealed class DayHours
{
    public int Id { get; set; }

    public int BakeDayId { get; set; }

    public int BakerId { get; set; }

    public DateOnly Date { get; set; }

    /// <summary>Minutes after midnight; the same as <see cref="To"/> where they are off.</summary>
    public int From { get; set; }

    public int To { get; set; }
}

/// <summary>What a baker has said about one step.</summary>
public enum MarkKind
{
    Pinned,
    Done,
}

/// <summary>A step that stands where the baker put it, or is done.</summary>
public sealed class DayMark
{
    public int BakeDayId { get; set; }

    /// <summary>The work that is meant: its order, its step, its load.</summary>
    public required string Key { get; set; }

    public MarkKind Kind { get; set; }

    /// <summary>Its first slot.</summary>
    public int Start { get; set; }

    /// <summary>Its oven's id; empty for hands.</summary>
    public string Oven { get; set; } = "";

    /// <summary>The orders for which it was done in one go; empty where only its own is meant.</summary>
    public List<string> Orders { get; set; } = [];

    /// <summary>A step put at a slot by the baker.</summary>
    public static DayMark At(string key, int slot) => new() { Key = key, Kind = MarkKind.Pinned, Start = slot };
}

/// <summary>A plan as it is kept: by keys, so that it is found again when the day is made anew.</summary>
/// <param name="Print">A fingerprint of the day that it is for; of another day it is out of date.</param>
/// <param name="Starts">The slot of each piece of work.</param>
/// <param name="Ovens">The oven's id of each load.</param>
/// <param name="Ready">When each order is ready.</param>
/// <param name="Runs">The ovens' runs: oven, heat, from, to.</param>
/// <param name="LatenessProven">True when less lateness is impossible.</param>
/// <param name="OvenOnProven">True when the ovens cannot be on for less.</param>
public sealed record KeptPlan(
    string Print, Dictionary<string, int> Starts, Dictionary<string, string> Ovens, Dictionary<string, int> Ready, List<KeptRun> Runs,
    bool LatenessProven, bool OvenOnProven)
{
    /// <summary>What would make it possible, where something is late; none where nobody has looked yet.</summary>
    public List<KeptRemedy>? Remedies { get; init; }
}

/// <summary>A run as it is kept.</summary>
public sealed record KeptRun(string Oven, int Heat, int From, int To);
