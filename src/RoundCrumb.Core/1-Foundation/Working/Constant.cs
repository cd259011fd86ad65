using RoundCrumb.Core.Quantities;

namespace RoundCrumb.Core.Working;

/// <summary>A figure of the craft that a sum starts from: what is usual, how far bakers differ, and why it is so.</summary>
/// <param name="Name">What it is, as a baker would say it.</param>
/// <param name="Usual">The figure used, within the range.</param>
/// <param name="Low">The lowest a careful baker would use.</param>
/// <param name="High">The highest a careful baker would use.</param>
/// <param name="Dimension">What it measures.</param>
/// <param name="Reason">Where it comes from or why it is needed.</param>
public sealed record Constant(string Name, double Usual, double Low, double High, Dimension Dimension, string Reason)
{
    /// <summary>A figure on which bakers agree.</summary>
    public Constant(string name, double usual, Dimension dimension, string reason)
        : this(name, usual, usual, usual, dimension, reason)
    {
    }

    /// <summary>The figure with its range, as an amount that can be said.</summary>
    public Quantity AsQuantity() => new(Usual, Dimension, Low, High);

    /// <summary>A figure in minutes as a time to wait, from the lowest to the highest.</summary>
    public MinuteRange AsMinutes() => new(Low, Usual, High);
}
