using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Quantities;

/// <summary>A quantity in a sentence; where it is a figure with its working, that can be opened from the sentence.</summary>
/// <param name="Quantity">The quantity.</param>
/// <param name="Figure">The figure it is; none for a quantity that is only said.</param>
/// <param name="Ingredient">What it is a mass of, where a baker may want it in cups and spoons.</param>
public readonly record struct Said(Quantity Quantity, IWorked? Figure = null, Ingredient? Ingredient = null)
{
    public static implicit operator Said(Quantity quantity) => new(quantity);

    /// <summary>A quantity without a figure.</summary>
    public static Said FromQuantity(Quantity quantity) => quantity;
}

/// <summary>
/// A sentence with quantities in it, so that it can be read out in any baker's units. <c>{0}</c>, <c>{1}</c> … stand
/// for the amounts, as in <see cref="string.Format(string, object?[])"/>.
/// </summary>
/// <param name="Template">The words.</param>
/// <param name="Amounts">What stands in them.</param>
public readonly record struct Phrase(string Template, params Said[] Amounts)
{
    /// <summary>Nothing to say.</summary>
    public static readonly Phrase None = new("");

    /// <summary>True when there is nothing to say.</summary>
    public bool IsEmpty => string.IsNullOrEmpty(Template);

    public static implicit operator Phrase(string? words) => new(words ?? "");

    /// <summary>Words without quantities.</summary>
    public static Phrase FromString(string? words) => words;
}
