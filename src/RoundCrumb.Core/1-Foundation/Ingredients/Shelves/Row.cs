using RoundCrumb.Core.Quantities;

namespace RoundCrumb.Core.Ingredients;

/// <summary>
/// Writes a row of the pantry shortly. Makeup is in percent; the six make 100. Weights are in grams, what a shell measures across in
/// millimetres. What packets of a kind differ in ("nuts", which?) is said by <c>may</c>.
/// </summary>
internal static class Row
{
    /// <summary>Water-like: juices, milks, eggs, drinks (ml to a gram in a mixture).</summary>
    public const double Wet = 0.97;

    /// <summary>Sugars, dissolved.</summary>
    public const double Sweet = 0.62;

    /// <summary>Flours and starches, wetted.</summary>
    public const double Floury = 0.66;

    /// <summary>Cocoa, nut meals.</summary>
    public const double Meal = 0.75;

    /// <summary>Butter and oils.</summary>
    public const double Fatty = 1.08;

    /// <summary>Pieces of fresh or drained fruit.</summary>
    public const double Fruity = 1.02;

    /// <summary>Whole nuts.</summary>
    public const double Nutty = 0.98;

    public static Makeup M(double water, double fat, double sugars, double protein, double starch, double rest) =>
        new(water / 100, fat / 100, sugars / 100, protein / 100, starch / 100, rest / 100);

    public static Ingredient R(
        string id, string name, string others, double bulk, double inMixture, Makeup makeup, PantryShelf shelf,
        Allergens has = Allergens.None, double sets = 0, double juice = 0, double alcohol = 0, Origin from = Origin.Plant,
        bool protease = false, double bloom = 0, EggPart egg = EggPart.None, double loss = 0,
        double each = 0, string piece = "", bool pieceIsPack = false, double across = 0, string boughtAs = "", double pack = 0,
        double price = 0, SourceKind source = SourceKind.CompositionTables, Traits traits = Traits.None, string partOf = "",
        Allergens may = Allergens.None)
    {
        // What is bought by the piece ("410 g tin") weighs what its pack holds.
        var pieces = boughtAs.Length > 0 ? [boughtAs, boughtAs + "s"] : piece.Split('|');
        return new(id, name, bulk, inMixture, makeup)
        {
            OtherNames = others.Length == 0 ? [] : others.Split('|'),
            Shelf = shelf,
            Allergens = has,
            Unanswered = may & ~has,
            StarchEquivalent = sets,
            Juice = juice,
            Alcohol = alcohol / 100,
            Origin = from,
            ProteaseWhenRaw = protease,
            Bloom = bloom,
            Egg = egg,
            UsualLoss = loss,
            GramsEach = boughtAs.Length > 0 ? pack : each,
            Piece = (pieces[0], pieces[^1]),
            PieceIsPack = pieceIsPack || boughtAs.Length > 0,
            PieceAcross = new(across),
            Pack = new(pack, (decimal)price),
            MakeupFrom = source,
            Traits = traits,
            PartOf = partOf,
        };
    }

    /// <summary>
    /// The same thing made with something else, so that another allergen comes with it: another ingredient, never a name.
    /// </summary>
    public static Ingredient Like(
        Ingredient[] shelf, string like, string id, string name, string others, Allergens has, Allergens may = Allergens.None) =>
        shelf.Single(i => i.Id == like) with
        {
            Id = id,
            Name = name,
            OtherNames = others.Length == 0 ? [] : others.Split('|'),
            Allergens = has,
            Unanswered = may & ~has,
        };
}
