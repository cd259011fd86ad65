using System.Collections.Concurrent;

namespace RoundCrumb.Application.Bench;

/// <summary>Lets one at a time do a thing, by the thing's name: whoever comes second waits for the first.</summary>
public sealed class Turns
{
    private readonly ConcurrentDictionary<string, SemaphoreSlim> _gates = new(StringComparer.Ordinal);

    /// <summary>Waits for its turn; it is over when what is given back is let go.</summary>
    /// <param name="what">What is done.</param>
    /// <param name="cancel">Ends the waiting.</param>
    public async Task<IDisposable> ForAsync(string what, CancellationToken cancel)
    {
        var gate = _gates.GetOrAdd(what, static _ => new(1, 1));
        await gate.WaitAsync(cancel);
        return new Turn(gate);
    }

    private sealed class Turn(SemaphoreSlim gate) : IDisposable
    {
        private SemaphoreSlim? _gate = gate;

        public void Dispose() => Interlocked.Exchange(ref _gate, null)?.Release();
    }
}
