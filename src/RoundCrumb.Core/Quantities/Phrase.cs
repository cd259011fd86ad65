namespace RoundCrumb.Core.Quantities;

/// <summary>
/// A sentence with quantities in it, so that it can be read out in any baker's units. <c>{0}</c>, <c>{1}</c> … stand
/// for the amounts, as in <see cref="string.Format(string, object?[])"/>.
/// </summary>
/// <param name="Template">The words.</param>
/// <param name="Amounts">What stands in them.</param>
public readonly record struct Phrase(string Template, params Quantity[] Amounts)
{
    /// <summary>Nothing to say.</summary>
    public static readonly Phrase None = new("");

    /// <summary>True when there is nothing to say.</summary>
    public bool IsEmpty => string.IsNullOrEmpty(Template);

    public static implicit operator Phrase(string? words) => new(words ?? "");

    /// <summary>Words without quantities.</summary>
    public static Phrase FromString(string? words) => words;
}
