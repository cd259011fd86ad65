namespace RoundCrumb.Core.Quantities;

/// <summary>Time that may be short, is best at some length, and must not go on for ever.</summary>
/// <param name="Least">Minutes it takes at the very least.</param>
/// <param name="Best">Minutes at which it is best.</param>
/// <param name="Most">Minutes after which it suffers. Never below <paramref name="Best"/>.</param>
public readonly record struct MinuteRange(double Least, double Best, double Most) : IQuantity
{
    /// <summary>No time at all.</summary>
    public static readonly MinuteRange None = new(0, 0, 0);

    /// <summary>The same whatever happens.</summary>
    public static MinuteRange Of(double minutes) => new(minutes, minutes, minutes);

    /// <summary>From least to most, best in the middle.</summary>
    public static MinuteRange Between(double least, double most) => new(least, (least + most) / 2, most);

    /// <summary>One after the other: each end added up.</summary>
    public static MinuteRange operator +(MinuteRange a, MinuteRange b) =>
        new(a.Least + b.Least, a.Best + b.Best, a.Most + b.Most);

    /// <summary>So many times each end.</summary>
    public static MinuteRange operator *(MinuteRange a, double factor) =>
        new(a.Least * factor, a.Best * factor, a.Most * factor);

    /// <summary>The same in whole minutes: nobody bakes by the second.</summary>
    public MinuteRange InWholeMinutes() => new(Math.Round(Least), Math.Round(Best), Math.Round(Most));

    /// <inheritdoc/>
    public Quantity AsQuantity() => new(Best, Dimension.Time, Least, Most);
}
