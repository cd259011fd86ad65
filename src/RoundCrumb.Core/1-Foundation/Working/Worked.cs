using RoundCrumb.Core.Quantities;

namespace RoundCrumb.Core.Working;

/// <summary>A figure that can be opened: what it is, how it was made, and from what.</summary>
public interface IWorked
{
    /// <summary>A short stable name within one composition, such as <c>dough</c>.</summary>
    string Id { get; }

    /// <summary>What it is, as a baker would say it.</summary>
    string Name { get; }

    /// <summary>The result.</summary>
    Quantity Amount { get; }

    /// <summary>The sum in words, over the names of its terms.</summary>
    string Formula { get; }

    /// <summary>What went in, in the order of the formula.</summary>
    IReadOnlyList<Term> Terms { get; }
}

/// <summary>A typed value together with its working.</summary>
/// <typeparam name="T">The unit of the value.</typeparam>
/// <param name="id">A short stable name within one composition.</param>
/// <param name="name">What it is, as a baker would say it.</param>
/// <param name="value">The result.</param>
/// <param name="formula">The sum in words.</param>
/// <param name="terms">What went in.</param>
public sealed class Worked<T>(string id, string name, T value, string formula, params Term[] terms) : IWorked
    where T : struct, IQuantity
{
    /// <inheritdoc/>
    public string Id { get; } = id;

    /// <inheritdoc/>
    public string Name { get; } = name;

    /// <summary>The result, in its unit.</summary>
    public T Value { get; } = value;

    /// <inheritdoc/>
    public Quantity Amount => Value.AsQuantity();

    /// <inheritdoc/>
    public string Formula { get; } = formula;

    /// <summary>A figure in a sentence; it opens its working.</summary>
    public static implicit operator PhraseArgument(Worked<T> figure) => new(figure.Amount, figure);

    /// <summary>The figure as it stands in a sentence.</summary>
    public PhraseArgument ToPhraseArgument() => this;

    /// <inheritdoc/>
    public IReadOnlyList<Term> Terms { get; } = terms;
}
