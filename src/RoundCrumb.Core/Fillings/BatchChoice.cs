namespace RoundCrumb.Core.Fillings;

/// <summary>How much filling to make for the pies in hand.</summary>
public enum BatchKind
{
    /// <summary>Weighed out to fit exactly; eggs and packs may be broken.</summary>
    Exact,

    /// <summary>The nearest batch of whole eggs or packs that does not overfill.</summary>
    Below,

    /// <summary>The nearest batch of whole eggs or packs that fills the pan, with something left over.</summary>
    Above,

    /// <summary>So many times the formula as written, whatever the pan holds.</summary>
    Times,
}

/// <summary>How much filling to make.</summary>
/// <param name="Kind">Which way.</param>
/// <param name="Times">For <see cref="BatchKind.Times"/> alone: how many times the formula.</param>
public readonly record struct BatchChoice(BatchKind Kind, double Times = 1)
{
    /// <summary>As much as the pans want.</summary>
    public static readonly BatchChoice Exact = new(BatchKind.Exact);

    /// <summary>The workable batch that is next below.</summary>
    public static readonly BatchChoice Below = new(BatchKind.Below);

    /// <summary>The workable batch that is next above.</summary>
    public static readonly BatchChoice Above = new(BatchKind.Above);
}
