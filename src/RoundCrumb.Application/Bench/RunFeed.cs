using System.Threading.Channels;
using RoundCrumb.Data.Runs;

namespace RoundCrumb.Application.Bench;

/// <summary>Tells everybody who watches a run what has just come in.</summary>
public sealed class RunFeed
{
    /// <summary>How many events wait for a device that does not take them; it asks for the rest when it is back.</summary>
    private const int Most = 256;

    private readonly Lock _lock = new();
    private readonly Dictionary<int, List<Channel<NumberedEvent>>> _watchers = [];

    /// <summary>Tells of new events.</summary>
    public void Tell(int run, IEnumerable<NumberedEvent> events)
    {
        List<Channel<NumberedEvent>> to;
        lock (_lock)
            to = _watchers.TryGetValue(run, out var watchers) ? [.. watchers] : [];
        if (to.Count == 0)
            return;
        foreach (var e in events)
        {
            foreach (var watcher in to)
                watcher.Writer.TryWrite(e);
        }
    }

    /// <summary>Begins to watch a run; over when it is disposed of.</summary>
    public Watch Begin(int run)
    {
        var channel = Channel.CreateBounded<NumberedEvent>(
            new BoundedChannelOptions(Most) { SingleReader = true, FullMode = BoundedChannelFullMode.DropOldest });
        lock (_lock)
        {
            if (!_watchers.TryGetValue(run, out var watchers))
                _watchers[run] = watchers = [];
            watchers.Add(channel);
        }

        return new(this, run, channel);
    }

    /// <summary>How many watch a run.</summary>
    public int Watching(int run)
    {
        lock (_lock)
            return _watchers.TryGetValue(run, out var watchers) ? watchers.Count : 0;
    }

    private void End(int run, Channel<NumberedEvent> channel)
    {
        lock (_lock)
        {
            if (!_watchers.TryGetValue(run, out var watchers))
                return;
            watchers.Remove(channel);
            if (watchers.Count == 0)
                _watchers.Remove(run);
        }
    }

    /// <summary>One who watches.</summary>
    public sealed class Watch : IDisposable
    {
        private readonly RunFeed _feed;
        private readonly int _run;
        private readonly Channel<NumberedEvent> _channel;

        internal Watch(RunFeed feed, int run, Channel<NumberedEvent> channel) => (_feed, _run, _channel) = (feed, run, channel);

        /// <summary>What comes in.</summary>
        public ChannelReader<NumberedEvent> Reader => _channel.Reader;

        /// <inheritdoc/>
        public void Dispose() => _feed.End(_run, _channel);
    }
}
