using System.Collections.Concurrent;

namespace RoundCrumb.Core.HeatFlow;

/// <summary>
/// Results of long sums by what they are of, so that the same is not worked out twice. A result follows from its key alone, so what is kept
/// never grows old; when there is too much of it, all is let go.
/// </summary>
/// <typeparam name="TKey">All that the sum depends on.</typeparam>
/// <typeparam name="TResult">What it comes to.</typeparam>
/// <param name="workOut">The sum: the same for the same key, whenever and by whomever it is asked.</param>
internal sealed class ResultMemo<TKey, TResult>(Func<TKey, TResult> workOut)
    where TKey : notnull
{
    /// <summary>So many are kept. Our own choice.</summary>
    private const int Most = 1000;

    private readonly ConcurrentDictionary<TKey, TResult> _known = new();

    /// <summary>What it comes to.</summary>
    public TResult Of(TKey key)
    {
        if (_known.TryGetValue(key, out var known))
            return known;

        // To be counted, all of it has to stand still: only where something is added.
        if (_known.Count >= Most)
            _known.Clear();
        return _known.GetOrAdd(key, workOut);
    }
}
