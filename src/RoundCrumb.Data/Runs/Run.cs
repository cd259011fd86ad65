using System.Text.Json;
using System.Text.Json.Serialization;
using RoundCrumb.Core.Bench;

namespace RoundCrumb.Data.Runs;

/// <summary>A bake day at work. What happens in it is kept as events, each added and none ever changed.</summary>
public sealed class Run
{
    public const int LongestName = 60;

    public int Id { get; set; }

    /// <summary>The day that is made; it may be changed, or put away, while the run goes on.</summary>
    public int BakeDayId { get; set; }

    /// <summary>What the day was called when it was begun.</summary>
    public required string Name { get; set; }

    public DateTimeOffset BegunAt { get; set; }

    /// <summary>When it was ended; none while it is under way.</summary>
    public DateTimeOffset? EndedAt { get; set; }

    /// <summary>True where a simulated kitchen does it and not a baker.</summary>
    public bool IsRehearsal { get; set; }

    /// <summary>The clock of a rehearsal; none of what is done in earnest.</summary>
    public RehearsalClock? Clock { get; set; }

    /// <summary>What the kitchen knew when it was begun, by number: what is learned meanwhile changes nothing at the bench.</summary>
    public int Learned { get; set; }

    /// <summary>The last of its events whose use of ingredients is counted in the stock.</summary>
    public int StockedSeq { get; set; }

    /// <summary>What the clock of this run shows at a moment of the kitchen's.</summary>
    public DateTimeOffset MomentAt(DateTimeOffset now) => Clock?.MomentAt(now) ?? now;

    public List<RunRow> Rows { get; } = [];
}

/// <summary>One event of a run, as it is kept.</summary>
public sealed class RunRow
{
    public const int LongestDevice = 40;

    /// <summary>Counts up over all runs: what comes in later has a greater one.</summary>
    public int Seq { get; set; }

    public int RunId { get; set; }

    /// <summary>Made by the device.</summary>
    public Guid EventId { get; set; }

    /// <summary>What was done, as JSON.</summary>
    public required string Deed { get; set; }

    public string Device { get; set; } = "";

    public string Baker { get; set; } = "";

    public DateTimeOffset At { get; set; }

    public DateTimeOffset Arrived { get; set; }

    private static readonly JsonSerializerOptions Json = new(JsonSerializerDefaults.Web)
    {
        Converters = { new JsonStringEnumConverter(JsonNamingPolicy.CamelCase, allowIntegerValues: false) },
    };

    /// <summary>As the core knows it.</summary>
    /// <exception cref="JsonException">It was kept by a later version, and is of a kind that this one does not know.</exception>
    public RunEvent AsEvent() =>
        new(EventId, JsonSerializer.Deserialize<Deed>(Deed, Json) ?? throw new JsonException("No deed."), Device, Baker, At, Arrived);

    /// <summary>As it is kept.</summary>
    public static RunRow Of(int run, RunEvent e) => new()
    {
        RunId = run,
        EventId = e.Id,
        Deed = JsonSerializer.Serialize(e.Deed, Json),
        Device = e.Device,
        Baker = e.Baker,
        At = e.At,
        Arrived = e.Arrived,
    };
}
