namespace RoundCrumb.Data.Storage;

/// <summary>What is made from something that seldom changes: kept until it is asked for from another.</summary>
/// <typeparam name="TFrom">What it is made from.</typeparam>
/// <typeparam name="TMade">What is made.</typeparam>
public sealed class MadeFrom<TFrom, TMade>
{
    private volatile Tuple<TFrom, TMade>? _made;

    /// <summary>What was made from this, or what is made now.</summary>
    public TMade Of(TFrom from, Func<TFrom, TMade> make)
    {
        if (_made is { } made && EqualityComparer<TFrom>.Default.Equals(made.Item1, from))
            return made.Item2;
        var now = make(from);
        _made = Tuple.Create(from, now);
        return now;
    }
}
