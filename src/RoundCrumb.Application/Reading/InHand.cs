using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Formats.Reading;

namespace RoundCrumb.Application.Reading;

/// <summary>
/// What there is of one ingredient, as a baker says it: "half a litre", "1 kg", "one tin", "7 yolks". How much is made follows from it.
/// </summary>
/// <param name="Typed">As it was typed.</param>
/// <param name="Of">The ingredient's id.</param>
/// <param name="Choice">The batch that it makes; none where the amount can't be read.</param>
/// <param name="Trouble">Why it can't be; empty where it can.</param>
public sealed record InHand(string Typed, string Of, BatchChoice? Choice, string Trouble)
{
    /// <summary>The field of the amount.</summary>
    public const string AmountField = "have";

    /// <summary>The field of the ingredient.</summary>
    public const string OfField = "have-of";

    /// <summary>Reads an amount of an ingredient.</summary>
    /// <param name="typed">As it was typed.</param>
    /// <param name="what">The ingredient.</param>
    /// <param name="reader">Reads lines, with the baker's cups and eggs.</param>
    public static InHand Read(string typed, Ingredient what, LineReader reader)
    {
        var grams = typed.StartsWith('-') || typed.StartsWith('−') ? null : GramsIn(typed) ?? GramsIn($"{typed} {LineWriter.NameOf(what)}");
        return grams is > 0
            ? new(typed, what.Id, BatchChoice.From(what.Id, new(Math.Round(grams.Value, 1))), "")
            : new(typed, what.Id, null, $"No amount of {what.ShortName} that can be read. Try 500 ml, half a litre, 300 g, one tin or 7.");

        double? GramsIn(string text) =>
            reader.Read(text) is { QuestionInHand: "", Items: [{ Grams: { } amount } item] } && item.Ingredient?.Id == what.Id
                ? amount
                : null;
    }
}
