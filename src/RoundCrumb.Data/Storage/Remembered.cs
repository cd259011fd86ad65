namespace RoundCrumb.Data.Storage;

/// <summary>
/// Something read from the file and kept in memory until it changes. What was read before a change is never kept after it.
/// </summary>
/// <typeparam name="T">What is kept.</typeparam>
public sealed class Remembered<T>
    where T : class
{
    private readonly Lock _lock = new();
    private T? _value;
    private int _stamp;

    /// <summary>What is kept, or what is read now; that is kept too unless something was changed while it was read.</summary>
    internal async Task<T> ReadAsync(Func<Task<T>> read)
    {
        int stamp;
        lock (_lock)
        {
            if (_value is { } known)
                return known;
            stamp = _stamp;
        }

        var value = await read();
        lock (_lock)
        {
            if (stamp == _stamp)
                _value = value;
        }

        return value;
    }

    /// <summary>Says that something was changed; where that is kept later, or not at all, it is forgotten again then.</summary>
    internal void Forget(RoundCrumbContext context) => context.Forget(Forget, Forget);

    private void Forget()
    {
        lock (_lock)
            (_value, _stamp) = (null, _stamp + 1);
    }
}
