using RoundCrumb.Core.Quantities;

namespace RoundCrumb.Core.Ingredients;

/// <summary>What one gram is made of, as fractions. The rest is fibre, ash, acids, alcohol and the like; all six make 1.</summary>
/// <param name="Water">Water.</param>
/// <param name="Fat">Fat.</param>
/// <param name="Sugars">Sugars of every kind.</param>
/// <param name="Protein">Protein.</param>
/// <param name="Starch">Starch.</param>
/// <param name="Rest">Everything else.</param>
public readonly record struct Makeup(double Water, double Fat, double Sugars, double Protein, double Starch, double Rest)
{
    /// <summary>All six together: 1 for a sound entry.</summary>
    public double Sum => Water + Fat + Sugars + Protein + Starch + Rest;
}

/// <summary>Where it comes from, for those who ask.</summary>
public enum Origin
{
    /// <summary>From a plant.</summary>
    Plant,

    /// <summary>From neither plant nor animal.</summary>
    Mineral,

    /// <summary>From a living animal: milk, egg, honey.</summary>
    OfAnimal,

    /// <summary>From a slaughtered animal: gelatine, lard, suet.</summary>
    Slaughter,
}

/// <summary>Where a value comes from.</summary>
public enum SourceKind
{
    /// <summary>Standard food-composition tables, rounded.</summary>
    CompositionTables,

    /// <summary>Weighed and measured, the middle of a range.</summary>
    MeasuredRange,

    /// <summary>What packets of the kind usually say.</summary>
    Packets,

    /// <summary>Written by the baker.</summary>
    Baker,
}

/// <summary>The aisle of the pantry it stands in.</summary>
public enum PantryShelf
{
    /// <summary>Flours, starches to bake with, meals and oats.</summary>
    Flours,

    /// <summary>Biscuits and other crumbs.</summary>
    Biscuits,

    /// <summary>Sugars, syrups and honey.</summary>
    Sugars,

    /// <summary>Butter, lard, oils.</summary>
    Fats,

    /// <summary>Milk, cream, cheese.</summary>
    Dairy,

    /// <summary>Eggs and their parts.</summary>
    Eggs,

    /// <summary>What thickens and sets.</summary>
    Setters,

    /// <summary>Chocolate and cocoa.</summary>
    Chocolate,

    /// <summary>Nuts, seeds and their pastes.</summary>
    Nuts,

    /// <summary>Fruit, its juice, zest and jam.</summary>
    Fruit,

    /// <summary>Water, coffee, tea, spirits.</summary>
    Drinks,

    /// <summary>Salt, spices, extracts.</summary>
    Flavours,
}

/// <summary>How it is bought.</summary>
/// <param name="Grams">What one pack holds.</param>
/// <param name="Price">What it costs, in pounds.</param>
public readonly record struct Pack(double Grams, decimal Price);

/// <summary>What goes into a bowl, and how it behaves there.</summary>
/// <param name="Id">Stable short name.</param>
/// <param name="Name">British name, with the American beside it where they differ.</param>
/// <param name="BulkDensity">Grams that one millilitre of a cup or spoon holds. Measured household figures, ±10 %.</param>
/// <param name="InMixture">Millilitres that one gram adds to a mixture (sugar dissolves and adds far less than it fills in a cup).</param>
/// <param name="Makeup">What it is made of.</param>
public sealed record Ingredient(string Id, string Name, double BulkDensity, double InMixture, Makeup Makeup)
{
    /// <summary>Other names, British and American, in the singular or as they are always said.</summary>
    public IReadOnlyList<string> OtherNames { get; init; } = [];

    /// <summary>Where it stands.</summary>
    public PantryShelf Shelf { get; init; }

    /// <summary>Total sugars, fraction of mass.</summary>
    public double Sugars => Makeup.Sugars;

    /// <summary>Grams of cornflour that one gram sets like, 0 for what does not set.</summary>
    public double StarchEquivalent { get; init; }

    /// <summary>Fraction of its mass that is sharp juice.</summary>
    public double Juice { get; init; }

    /// <summary>What the law makes a label name.</summary>
    public Allergens Allergens { get; init; }

    /// <summary>
    /// True where somebody has said what it has of these: true of all that is shipped. Of what is not stated nothing is known, which is
    /// never the same as none.
    /// </summary>
    public bool AllergensStated { get; init; } = true;

    /// <summary>
    /// What words beside its name say may be in it ("with hazelnuts"), and nobody has answered yet. It stands on labels as "may contain",
    /// and keeps the pie from guests who must not have it.
    /// </summary>
    public Allergens Unanswered { get; init; }

    /// <summary>Saturated fat, fraction of mass; by what its fat usually is where nobody has said.</summary>
    public double Saturates => Said?.Saturates ?? (SaturatedShare * Makeup.Fat);

    /// <summary>Salt, fraction of mass: sodium × 2.5; by its kind where nobody has said.</summary>
    public double Salt => Said?.Salt ?? MadeFrom?.Salt ?? FatAndSalt.SaltOf(this);

    /// <summary>What of its fat is saturated, 0 to 1; that of what it was made from, where it was made from another.</summary>
    public double SaturatedShare => MadeFrom?.SaturatedShare ?? FatAndSalt.ShareOf(this);

    /// <summary>The ingredient that a baker's own was made from; none for what is shipped.</summary>
    public Ingredient? MadeFrom { get; init; }

    /// <summary>Saturates and salt as a packet says them, fractions of mass; none where they are reckoned by kind.</summary>
    public (double Saturates, double Salt)? Said { get; init; }

    /// <summary>Alcohol, fraction of mass.</summary>
    public double Alcohol { get; init; }

    /// <summary>Where it comes from.</summary>
    public Origin Origin { get; init; }

    /// <summary>True when, raw, it digests gelatine.</summary>
    public bool ProteaseWhenRaw { get; init; }

    /// <summary>Strength of a gelatine, in bloom; 0 for what is none.</summary>
    public double Bloom { get; init; }

    /// <summary>What it is to the craft, beyond its composition.</summary>
    public Traits Traits { get; init; }

    /// <summary>What part of an egg it is.</summary>
    public EggPart Egg { get; init; }

    /// <summary>What it usually loses on toasting, or when it is reduced, as a share of its mass.</summary>
    public double UsualLoss { get; init; }

    /// <summary>What one piece of it weighs where bakers count it (18 g a yolk), 0 where they do not.</summary>
    public double GramsEach { get; init; }

    /// <summary>What the pieces are called: "yolk", "yolks".</summary>
    public (string One, string Many) Piece { get; init; } = ("", "");

    /// <summary>
    /// True where a piece is what is bought or opened as one: a tin, a tub, a sachet, a tea bag. These come in all sizes, and "a packet" of
    /// it is one piece, however many are in a box.
    /// </summary>
    public bool PieceIsPack { get; init; }

    /// <summary>How far the usual piece measures across, for bought shells and rounds; 0 for all else.</summary>
    public Millimetres PieceAcross { get; init; }

    /// <summary>
    /// The id of what it is taken out of when it is bought: a yolk comes out of an egg, zest and juice off one lemon. Empty for what is
    /// bought as it is, a baker's own too.
    /// </summary>
    public string PartOf { get; init; } = "";

    /// <summary>How it is bought.</summary>
    public Pack Pack { get; init; }

    /// <summary>Where its composition comes from.</summary>
    public SourceKind MakeupFrom { get; init; } = SourceKind.CompositionTables;

    /// <summary>Where its densities come from.</summary>
    public SourceKind DensityFrom { get; init; } = SourceKind.MeasuredRange;

    /// <summary>The name without the American one and without what follows a comma.</summary>
    public string ShortName => Name.Split(" (")[0].Split(',')[0];

    /// <summary>True when it comes from an animal's body, as gelatine does.</summary>
    public bool FromSlaughter => Origin is Origin.Slaughter;

    /// <summary>Grams of 200-bloom powder that one gram sets like: by the square root of the bloom ratio.</summary>
    public double GelatineEquivalent => Bloom > 0 ? Math.Sqrt(Bloom / 200) : 0;

    /// <summary>True where it has any of some allergens, or nobody has said which it has.</summary>
    public bool MayHave(Allergens some) =>
        some is not Allergens.None && (!AllergensStated || ((Allergens | Unanswered) & some) is not Allergens.None);

    /// <summary>The id of words that could not be read as an ingredient.</summary>
    public const string NotReadId = "not-read";

    /// <summary>The id of words beside an ingredient that name an allergen.</summary>
    public const string BesideId = "named-beside";

    /// <summary>The words, for what is nothing but words; empty for an ingredient.</summary>
    public string WordsOnly { get; init; } = "";

    /// <summary>
    /// Words of a recipe that are no ingredient that is known: nothing is known of what is in them, so that nobody can be told that
    /// something is not.
    /// </summary>
    /// <param name="words">As written.</param>
    public static Ingredient NotRead(string words) => new(NotReadId, $"“{Shown(words)}”", 1, 1, new(1, 0, 0, 0, 0, 0))
    {
        WordsOnly = words,
        AllergensStated = false,
        Unanswered = AllergenLexicon.Of(words),
        Shelf = PantryShelf.Flavours,
    };

    /// <summary>
    /// Words beside an ingredient that name an allergen it does not have ("with hazelnuts"): it may be there until somebody answers, and
    /// is there where they say that it contains it.
    /// </summary>
    /// <param name="words">As written.</param>
    public static Ingredient NamedBeside(string words) => NotRead(words) with
    {
        Id = BesideId,
        AllergensStated = true,
        Allergens = AllergenLexicon.Contained(words),
        Unanswered = AllergenLexicon.Of(words) & ~AllergenLexicon.Contained(words),
    };

    /// <summary>So much of somebody's words as a sentence bears.</summary>
    private static string Shown(string words) => words.Length > 120 ? words[..120] + "…" : words;

    /// <summary>Words of one of these ids as they were kept; none for another id.</summary>
    public static Ingredient? Words(string id, string words) => id switch
    {
        NotReadId => NotRead(words),
        BesideId => NamedBeside(words),
        _ => null,
    };

    /// <summary>True where it has a trait, or any of several.</summary>
    public bool Is(Traits any) => (Traits & any) != Traits.None;

    /// <summary>True for biscuits, nuts and oats: what a pressed crust is made of.</summary>
    public bool MakesCrumb => Shelf is PantryShelf.Biscuits or PantryShelf.Nuts || Is(Traits.MakesCrumb);

    /// <summary>True for what a dough is reckoned against: the flours, and oats that stand in for flour.</summary>
    public bool IsFlour => Shelf is PantryShelf.Flours && StarchEquivalent < 0.6;

    /// <summary>True for butter and its like.</summary>
    public bool IsFat => Shelf is PantryShelf.Fats;

    /// <summary>True for sugars and syrups.</summary>
    public bool IsSugar => Shelf is PantryShelf.Sugars && Sugars > 0.6;

    /// <summary>
    /// True for spirits and liqueurs: a fifth of alcohol and more. Wine and beer do not light, an extract goes in by the drop.
    /// </summary>
    public bool IsSpirit => Shelf is PantryShelf.Drinks && Alcohol >= 0.2;
}
