using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;

namespace RoundCrumb.Core.Stocktaking;

/// <summary>What can be in the house.</summary>
public abstract record StockItem
{
    /// <summary>What it is called.</summary>
    public abstract string Name { get; }

    /// <summary>What it is measured by: weight, or pieces.</summary>
    public abstract Dimension By { get; }
}

/// <summary>An ingredient, by weight.</summary>
/// <param name="Ingredient">Which.</param>
public sealed record IngredientItem(Ingredient Ingredient) : StockItem
{
    /// <inheritdoc/>
    public override string Name => Ingredient.Name;

    /// <inheritdoc/>
    public override Dimension By => Dimension.Mass;
}

/// <summary>A part of a pie made ahead; shells by the piece, all else by weight.</summary>
/// <param name="Part">What it is.</param>
/// <param name="Words">Which: "butter flaky, 23 cm". May be empty.</param>
public sealed record MadeItem(MadePart Part, string Words) : StockItem
{
    /// <inheritdoc/>
    public override string Name => Words.Length == 0 ? Part.Name : $"{Part.Name}: {Words}";

    /// <inheritdoc/>
    public override Dimension By => Part.IsCounted ? Dimension.Count : Dimension.Mass;

    /// <summary>
    /// True where its words name a part: each of them that is no size stands in the part’s name. “sweet short” means “Sweet short, rubbed
    /// in”; without a word it means none.
    /// </summary>
    /// <param name="name">The name of a crust or of a filling.</param>
    public bool Means(string name)
    {
        static IEnumerable<string> Of(string text) =>
            text.ToLowerInvariant().Split([' ', ',', '-', '(', ')'], StringSplitOptions.RemoveEmptyEntries);
        var said = Of(Words).Where(w => !char.IsDigit(w[0]) && w is not "cm" and not "mm" and not "in").ToList();
        return said.Count > 0 && !said.Except(Of(name)).Any();
    }
}

/// <summary>Some of one thing, in one place, with one date.</summary>
/// <param name="Id">Its stable name.</param>
/// <param name="Item">What.</param>
/// <param name="Counted">How much there was when it was last counted: g, or pieces; 0 or more.</param>
/// <param name="At">When that was. What was used before is in the count already.</param>
public sealed record StockLot(string Id, StockItem Item, double Counted, DateTimeOffset At)
{
    /// <summary>The last day on which it is used; none where nobody has said and nothing is known.</summary>
    public DateOnly? UseBy { get; init; }

    /// <summary>True once its pack is open.</summary>
    public bool IsOpen { get; init; }

    /// <summary>Where it stands.</summary>
    public StoredIn Where { get; init; }

    /// <summary>The lot of eggs that it was left over from; none for what was counted itself.</summary>
    public string LeftFrom { get; init; } = "";

    /// <summary>The ingredient; none for what is made.</summary>
    public Ingredient? Ingredient => (Item as IngredientItem)?.Ingredient;

    /// <summary>True where it may be used on a day.</summary>
    public bool IsGoodOn(DateOnly day) => UseBy is not { } last || last >= day;
}

/// <summary>Something that was used.</summary>
/// <param name="Source">What used it, by a name of its own: a line of a sheet, or what was thrown away. The same twice is once.</param>
/// <param name="Ingredient">The ingredient's id.</param>
/// <param name="Mass">How much, 0 or more.</param>
/// <param name="At">When.</param>
public sealed record StockUse(string Source, string Ingredient, Grams Mass, DateTimeOffset At);
