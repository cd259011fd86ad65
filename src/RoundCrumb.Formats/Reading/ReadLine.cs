using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;

namespace RoundCrumb.Formats.Reading;

/// <summary>How the lines of one recipe are meant.</summary>
/// <param name="Cup">Which cup.</param>
/// <param name="Egg">Which egg, where a line does not say.</param>
public readonly record struct RecipeMeasures(CupSize Cup = CupSize.American, EggSize Egg = EggSize.Large);

/// <summary>One ingredient of a line. "Juice and zest of 1 lemon" is one line and two of these.</summary>
/// <param name="Name">The name as written.</param>
/// <param name="Found">What it was taken for.</param>
/// <param name="Grams">What it weighs; none where no amount is written or nothing is known of it.</param>
/// <param name="GoesIn">How it goes in, by what the line says of it.</param>
/// <param name="Assumed">What was assumed, each in a few words.</param>
public sealed record ReadItem(string Name, Found Found, double? Grams, GoesIn GoesIn, IReadOnlyList<string> Assumed)
{
    /// <summary>What it is boiled down to, as a share of its volume; none for half, or where nothing boils.</summary>
    public double? ReducedTo { get; init; }

    /// <summary>The ingredient, or none.</summary>
    public Ingredient? Ingredient => Found.Ingredient;
}

/// <summary>A line of a recipe, as it was understood.</summary>
/// <param name="Text">As written.</param>
/// <param name="Items">Its ingredients; none for a blank line or a heading.</param>
/// <param name="Note">What is to be done to it, or minded.</param>
/// <param name="Optional">True when it may be left out.</param>
/// <param name="Heading">The heading it is, without its colon; empty for none.</param>
/// <param name="NotRead">The part of the text that was not understood; empty when all was.</param>
/// <param name="Trouble">What is odd about it, such as two measures that disagree; empty for nothing.</param>
public sealed record ReadLine(
    string Text, IReadOnlyList<ReadItem> Items, string Note = "", bool Optional = false, string Heading = "", string NotRead = "",
    string Trouble = "")
{
    /// <summary>
    /// Words of it that name an allergen and were not used in reading it, as an ingredient that may be there; and what could not be read
    /// of a line that has an amount or names a food.
    /// </summary>
    public IReadOnlyList<Ingredient> WordsOnly { get; init; } = [];

    /// <summary>Which allergens its words name and nobody has said of whether they are in it.</summary>
    public Allergens Asked => WordsOnly.Where(w => w.Id == Ingredient.BesideId).Aggregate(Allergens.None, (all, w) => all | w.Unanswered)
        & ~Items.Aggregate(Allergens.None, (all, i) => all | (i.Ingredient?.Allergens ?? 0) | (i.Ingredient?.Unanswered ?? 0));

    /// <summary>What is asked about allergens that its words name and nobody has answered; empty for nothing.</summary>
    public string AllergenQuestion => AllergenAnswer.To(Asked) is { Count: > 0 } answers
        ? $"{AllergenAnswer.Asks(Asked)} Write “{answers[0].Adds}” or “{answers[^1].Adds}” behind it; until then "
            + "labels say that there may be."
        : "";

    /// <summary>True for a line without anything on it.</summary>
    public bool IsBlank => string.IsNullOrWhiteSpace(Text);

    /// <summary>What is to be asked about it: what is odd, or what a name is only likely to stand for; empty for nothing.</summary>
    public string Question => Trouble.Length > 0 ? Trouble
        : Items.FirstOrDefault(i => i.Found.Likeness is Likeness.Near) is { Ingredient: { } taken } guess
            ? $"“{guess.Name}” is taken as {taken.Name}. Is that right?"
        : AllergenQuestion;

    /// <summary>
    /// The same of what is not for one pie but in the house, in a pack or in hand: a sack is more than a pie takes, and nothing is wrong
    /// with that.
    /// </summary>
    public string QuestionInHand =>
        Items is [{ Ingredient: { } what, Grams: { } grams }] && Trouble.Length > 0
            && (Trouble == Plausible.Question(what, grams)
                || Poisons.In(Text, grams) is { Kind: PoisonKind.OnlyALittle } poison && poison.Says == Trouble)
            ? (this with { Trouble = "" }).Question
            : Question;

    /// <summary>True when every ingredient is known and weighed, and nothing is left over.</summary>
    public bool IsWhole => Heading.Length == 0 && NotRead.Length == 0 && Items.Count > 0
        && Items.All(i => i.Found.Likeness is Likeness.Known && (i.Grams is not null || i.Assumed.Contains(LineReader.ToTaste)));
}
