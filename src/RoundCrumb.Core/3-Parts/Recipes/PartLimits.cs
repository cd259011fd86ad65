namespace RoundCrumb.Core.Recipes;

/// <summary>
/// How much of a part or a pie is kept: for forms, imports and the API alike. All are our own choice, several times what the longest recipe
/// of a book needs.
/// </summary>
public static class PartLimits
{
    /// <summary>The longest name of a part or a pie, characters.</summary>
    public const int Name = 80;

    /// <summary>The longest text of lines, and the longest method, characters.</summary>
    public const int Text = 12_000;

    /// <summary>The most lines of a text that are read; a text of more is said to be too long.</summary>
    public const int Lines = 300;

    /// <summary>The longest note on a line, characters.</summary>
    public const int Note = 400;

    /// <summary>The longest list of tags, characters.</summary>
    public const int Tags = 200;

    /// <summary>The longest way of writing an ingredient that is remembered, characters.</summary>
    public const int RememberedWords = 120;

    /// <summary>The most of what is cooked away, as a share of the volume.</summary>
    public const double MethodLoss = 0.6;

    /// <summary>The lowest fill line, mm below the rim.</summary>
    public const double FillLine = 40;

    /// <summary>The longest rest, minutes: two days.</summary>
    public const double Rest = 2880;
}
