using System.Collections;

namespace RoundCrumb.Core.Layering;

/// <summary>Makes piles.</summary>
public static class Pile
{
    /// <summary>These, the lowest first.</summary>
    public static Pile<T> Of<T>(params T[] items)
        where T : class => new(items);
}

/// <summary>Things that lie on one another, the lowest first. Two with the same things in the same order are equal.</summary>
/// <typeparam name="T">What lies there.</typeparam>
public sealed class Pile<T>(IEnumerable<T> items) : IReadOnlyList<T>, IEquatable<Pile<T>>
    where T : class
{
    private readonly T[] _items = [.. items];

    /// <inheritdoc/>
    public int Count => _items.Length;

    /// <inheritdoc/>
    public T this[int index] => _items[index];

    /// <summary>The same with one of them changed.</summary>
    public Pile<T> With(int index, T item) => new(_items.Select((old, i) => i == index ? item : old));

    /// <summary>The same without one of them.</summary>
    public Pile<T> Without(int index) => new(_items.Where((_, i) => i != index));

    /// <summary>The same with one more on top.</summary>
    public Pile<T> Add(T item) => new(_items.Append(item));

    /// <inheritdoc/>
    public bool Equals(Pile<T>? other) => other is not null && _items.AsSpan().SequenceEqual(other._items);

    /// <inheritdoc/>
    public override bool Equals(object? obj) => Equals(obj as Pile<T>);

    /// <inheritdoc/>
    public override int GetHashCode() => _items.Aggregate(17, (hash, item) => HashCode.Combine(hash, item));

    /// <inheritdoc/>
    public IEnumerator<T> GetEnumerator() => ((IEnumerable<T>)_items).GetEnumerator();

    IEnumerator IEnumerable.GetEnumerator() => GetEnumerator();
}
