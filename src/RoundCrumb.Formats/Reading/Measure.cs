namespace RoundCrumb.Formats.Reading;

/// <summary>
/// What a measure comes to before it is known of what: grams, millilitres, pieces and sticks side by side, so that
/// "1 stick less 1 tbsp" and "2 x 225 g" are plain sums. The ingredient turns them all into grams.
/// </summary>
/// <param name="Grams">Weighed.</param>
/// <param name="Ml">Measured by volume.</param>
/// <param name="Pieces">Counted.</param>
/// <param name="Sticks">Sticks: 113.4 g of butter each, or pieces of anything else.</param>
public readonly record struct Amounts(double Grams, double Ml = 0, double Pieces = 0, double Sticks = 0)
{
    /// <summary>Both together, each kind by itself.</summary>
    public static Amounts operator +(Amounts a, Amounts b) => new(a.Grams + b.Grams, a.Ml + b.Ml, a.Pieces + b.Pieces, a.Sticks + b.Sticks);

    /// <summary>The first without the second, each kind by itself.</summary>
    public static Amounts operator -(Amounts a, Amounts b) => a + (b * -1);

    /// <summary>So many times each kind.</summary>
    public static Amounts operator *(Amounts a, double n) => new(a.Grams * n, a.Ml * n, a.Pieces * n, a.Sticks * n);

    /// <summary>True when it holds nothing but grams.</summary>
    public bool IsMass => Ml == 0 && Pieces == 0 && Sticks == 0 && Grams != 0;

    /// <summary>True when it holds nothing but pieces.</summary>
    public bool IsCount => Ml == 0 && Grams == 0 && Sticks == 0 && Pieces != 0;
}

/// <summary>A measure as written: one amount, or a range.</summary>
/// <param name="Low">The low end.</param>
/// <param name="High">The high end; the same where there is no range.</param>
/// <param name="Each">True when it was said to be for each piece.</param>
/// <param name="Rough">What makes it rough, such as "heaped" or "about"; empty for a plain one.</param>
/// <param name="Container">The container that was counted, such as "tin"; empty for none.</param>
public sealed record Measure(Amounts Low, Amounts High, bool Each = false, string Rough = "", string Container = "")
{
    /// <summary>A plain amount.</summary>
    public Measure(Amounts amount)
        : this(amount, amount)
    {
    }

    /// <summary>The middle, which is what is weighed.</summary>
    public Amounts Middle => (Low + High) * 0.5;

    /// <summary>True when the two ends differ.</summary>
    public bool IsRange => Low != High;

    /// <summary>The same of something that is no fat: a stick of rhubarb is a piece.</summary>
    public Measure SticksAsPieces() => this with { Low = Pieces(Low), High = Pieces(High) };

    private static Amounts Pieces(Amounts a) => a with { Pieces = a.Pieces + a.Sticks, Sticks = 0 };

    /// <summary>So many times.</summary>
    public Measure Times(double n) => this with { Low = Low * n, High = High * n };
}
