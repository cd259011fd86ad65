using System.Collections.Concurrent;
using RoundCrumb.Core.Bench;

namespace RoundCrumb.Data.Runs;

/// <summary>All events of a run, and their sum.</summary>
/// <param name="All">In the order in which they came in.</param>
public sealed record RunEvents(IReadOnlyList<NumberedEvent> All)
{
    private readonly Lazy<RunState> _state = new(() => RunState.Of(All.Select(e => e.Event)));

    /// <summary>A run without any.</summary>
    public static RunEvents None { get; } = new([]);

    /// <summary>Where the run stands.</summary>
    public RunState State => _state.Value;

    /// <summary>The number of the last; 0 where there is none.</summary>
    public int LastSeq => All.Count == 0 ? 0 : All[^1].Seq;
}

/// <summary>
/// The events of the runs that were opened last, read and summed up already. Events are only ever added, so what is remembered is true as
/// long as the last of them is still in the file under its number; that is looked at each time.
/// </summary>
public sealed class RunMemory
{
    /// <summary>The most runs that are remembered: those under way, and one or two that are looked at.</summary>
    private const int Most = 8;

    private readonly ConcurrentDictionary<int, (RunEvents Events, long Used)> _runs = [];
    private long _turn;

    /// <summary>What is remembered of a run; nothing where it is not.</summary>
    internal RunEvents Of(int run) => _runs.TryGetValue(run, out var kept) ? kept.Events : RunEvents.None;

    /// <summary>Remembers a run as it is now.</summary>
    internal RunEvents Keep(int run, RunEvents events)
    {
        _runs[run] = (events, Interlocked.Increment(ref _turn));
        if (_runs.Count > Most && _runs.MinBy(r => r.Value.Used) is { Key: var oldest } && oldest != run)
            _runs.TryRemove(oldest, out _);
        return events;
    }
}
