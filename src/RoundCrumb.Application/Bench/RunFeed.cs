using System.Threading.Channels;
using RoundCrumb.Data.Runs;

namespace RoundCrumb.Application.Bench;

/// <summary>Tells everybody who watches a run what has just come in.</summary>
public sealed class RunFeed
{
    /// <summary>How many events wait for a device that does not take them; it asks for the rest when it is back.</summary>
    private const int Most = 256;

    /// <summary>How many readings wait for it.</summary>
    private const int MostReadings = 4;

    private readonly Lock _lock = new();
    private readonly Dictionary<int, List<Watch>> _watchers = [];

    /// <summary>Tells of new events.</summary>
    public void Tell(int run, IEnumerable<NumberedEvent> events)
    {
        List<Watch> to;
        lock (_lock)
            to = _watchers.TryGetValue(run, out var watchers) ? [.. watchers] : [];
        if (to.Count == 0)
            return;
        foreach (var e in events)
        {
            foreach (var watcher in to)
                watcher.Take(e);
        }
    }

    /// <summary>True while anybody watches a run.</summary>
    public bool IsWatched(int run)
    {
        lock (_lock)
            return _watchers.ContainsKey(run);
    }

    /// <summary>Tells every bench what a device reads; a bench that does not keep up sees the last of it.</summary>
    /// <param name="reading">The reading.</param>
    /// <param name="only">The one run whose bench it is for; every one where nothing is said.</param>
    public void Tell(LiveReading reading, int? only = null)
    {
        List<Watch> to;
        lock (_lock)
            to = [.. _watchers.Where(w => only is null || w.Key == only).SelectMany(w => w.Value)];
        foreach (var watcher in to)
            watcher.Take(reading);
    }

    /// <summary>Begins to watch a run; over when it is disposed of.</summary>
    public Watch Begin(int run)
    {
        var watch = new Watch(this, run);
        lock (_lock)
        {
            if (!_watchers.TryGetValue(run, out var watchers))
                _watchers[run] = watchers = [];
            watchers.Add(watch);
        }

        return watch;
    }

    private void End(int run, Watch watch)
    {
        lock (_lock)
        {
            if (!_watchers.TryGetValue(run, out var watchers))
                return;
            watchers.Remove(watch);
            if (watchers.Count == 0)
                _watchers.Remove(run);
        }
    }

    /// <summary>One who watches.</summary>
    public sealed class Watch : IDisposable
    {
        private readonly RunFeed _feed;
        private readonly int _run;
        private readonly Channel<NumberedEvent> _events = New<NumberedEvent>(Most);
        private readonly Channel<LiveReading> _readings = New<LiveReading>(MostReadings);

        internal Watch(RunFeed feed, int run) => (_feed, _run) = (feed, run);

        /// <summary>What is done.</summary>
        public ChannelReader<NumberedEvent> Events => _events.Reader;

        /// <summary>What devices read.</summary>
        public ChannelReader<LiveReading> Readings => _readings.Reader;

        /// <summary>Waits until there is something of either.</summary>
        public async Task WaitAsync(CancellationToken cancel)
        {
            using var either = CancellationTokenSource.CreateLinkedTokenSource(cancel);
            var first = await Task.WhenAny(
                Events.WaitToReadAsync(either.Token).AsTask(), Readings.WaitToReadAsync(either.Token).AsTask());
            await either.CancelAsync();
            await first;
        }

        internal void Take(NumberedEvent e) => _events.Writer.TryWrite(e);

        internal void Take(LiveReading reading) => _readings.Writer.TryWrite(reading);

        /// <inheritdoc/>
        public void Dispose() => _feed.End(_run, this);

        private static Channel<T> New<T>(int most) => Channel.CreateBounded<T>(
            new BoundedChannelOptions(most) { FullMode = BoundedChannelFullMode.DropOldest });
    }
}
