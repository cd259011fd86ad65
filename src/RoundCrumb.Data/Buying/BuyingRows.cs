using RoundCrumb.Core.Costing;
using RoundCrumb.Core.Ingredients;

namespace RoundCrumb.Data.Buying;

/// <summary>What a pack cost from a day on.</summary>
public sealed class PackPrice
{
    public const int LongestShop = 40;

    public int Id { get; set; }

    public required string Ingredient { get; set; }

    /// <summary>What the pack holds, g.</summary>
    public double Grams { get; set; }

    /// <summary>In which shop; empty where nobody has said.</summary>
    public string Shop { get; set; } = "";

    /// <summary>What it costs, pounds; none where the shop has it no longer.</summary>
    public decimal? Price { get; set; }

    /// <summary>From which day on.</summary>
    public DateOnly Since { get; set; }
}

/// <summary>Something on a shopping list that is in the basket.</summary>
public sealed class ShoppingTick
{
    /// <summary>The list: its days.</summary>
    public required string List { get; set; }

    public required string Ingredient { get; set; }

    public bool InBasket { get; set; }

    /// <summary>When it was ticked; of two the later counts.</summary>
    public DateTimeOffset At { get; set; }
}

/// <summary>How this kitchen buys and sells.</summary>
public sealed class KitchenTrade
{
    public int Id { get; set; }

    /// <summary>The shelves in the order in which the shop is walked; those that are not named come after.</summary>
    public List<PantryShelf> Aisles { get; set; } = [];

    /// <summary>What an hour of hands costs, pounds; 0 where hands are not counted.</summary>
    public decimal HandsAnHour { get; set; }

    /// <summary>What a kilowatt-hour costs, pounds.</summary>
    public decimal Kilowatt { get; set; } = 0.28m;

    /// <summary>The share of a price that stays, 0 to 0.95.</summary>
    public double Margin { get; set; } = 0.65;

    /// <summary>How prices are rounded up.</summary>
    public PriceStep Step { get; set; } = PriceStep.Ten;

    public const int LongestHouse = 80;

    /// <summary>What the kitchen is called on its labels; empty where nobody has said.</summary>
    public string House { get; set; } = "";

    /// <summary>Where it is, as labels say it.</summary>
    public string Place { get; set; } = "";

    /// <summary>What work, energy and the margin are reckoned at.</summary>
    public CostRates Rates => new((double)HandsAnHour, (double)Kilowatt, Margin, Step);

    /// <summary>Counts up at every change.</summary>
    public int Version { get; set; } = 1;
}
