namespace RoundCrumb.Core.HeatFlow;

/// <summary>How well one place takes heat, beside what is usual for its kind.</summary>
/// <param name="Times">So many times as well; 1 is the book, and what a thermometer says is within <see cref="Least"/> and
/// <see cref="Most"/>.</param>
/// <param name="Readings">From how many readings; 0 where nobody has measured.</param>
public readonly record struct PlaceHeat(double Times, int Readings)
{
    /// <summary>The least and the most that is believed: outside, something else was measured.</summary>
    public const double Least = 0.4, Most = 2.5;

    /// <summary>As the book has it.</summary>
    public static readonly PlaceHeat Book = new(1, 0);

    /// <summary>True where somebody has measured.</summary>
    public bool IsMeasured => Readings > 0;
}
