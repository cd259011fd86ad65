namespace RoundCrumb.Web.Features.Shared;

/// <summary>A screen that has a place on the second row of the bar.</summary>
/// <param name="Name">What it is called there.</param>
/// <param name="Address">Where it is.</param>
/// <param name="OnPie">True for a tool on a pie: called from a pie, it opens on that pie.</param>
public sealed record Spot(string Name, string Address, bool OnPie = false)
{
    /// <summary>Where it opens.</summary>
    /// <param name="pie">The address of the pie at hand; none where no pie is.</param>
    public string At(string? pie) => OnPie && pie is { Length: > 0 } ? $"{Address}?{pie}" : Address;
}

/// <summary>One of the five places on the bar, with the screens that belong to it.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="Spots">Its second row; the first is where the place itself leads.</param>
public sealed record BarPlace(string Name, IReadOnlyList<Spot> Spots)
{
    /// <summary>Where it leads.</summary>
    public string Address => Spots[0].Address;
}

/// <summary>
/// The bar: five places in the order of the work. A page says in <c>ViewData["Here"]</c> which of these it is, or belongs to.
/// </summary>
public static class Bar
{
    /// <summary>The counter itself.</summary>
    public static Spot Counter { get; } = new("Now and next", Routes.Counter);

    /// <summary>Whole pies and parts.</summary>
    public static Spot Pies { get; } = new("All pies and parts", Routes.Pies);

    /// <summary>A pie put together.</summary>
    public static Spot Compose { get; } = new("Compose", Routes.Compose, true);

    /// <summary>Crusts against fillings.</summary>
    public static Spot Pairings { get; } = new("Pairings", Routes.Pairings);

    /// <summary>What if something cannot be used.</summary>
    public static Spot WhatIf { get; } = new("What if", Routes.WhatIf, true);

    /// <summary>A pie from above.</summary>
    public static Spot Above { get; } = new("From above", Routes.Above, true);

    /// <summary>How the filled shell bakes.</summary>
    public static Spot Baking { get; } = new("How it bakes", Routes.Baking, true);

    /// <summary>How the pie cools.</summary>
    public static Spot Cooling { get; } = new("How it cools", Routes.Cooling, true);

    /// <summary>What a pie costs, and how it is cut.</summary>
    public static Spot Cost { get; } = new("Cost", Routes.Cost, true);

    /// <summary>A filling shared out.</summary>
    public static Spot Pour { get; } = new("Pour", Routes.Pour);

    /// <summary>Shells for many pans.</summary>
    public static Spot Shells { get; } = new("Shells", Routes.Crusts);

    /// <summary>Recipes brought in.</summary>
    public static Spot Import { get; } = new("Import", Routes.Import);

    /// <summary>Orders against hours.</summary>
    public static Spot Days { get; } = new("Bake days", Routes.Days);

    /// <summary>The day at work.</summary>
    public static Spot Bench { get; } = new("Bench", Routes.Bench);

    /// <summary>A simulated scale and probe, and what a device of one's own sends.</summary>
    public static Spot Devices { get; } = new("Scale and probe", Routes.Devices);

    /// <summary>Pans, ovens, cold places, bakers.</summary>
    public static Spot Kitchen { get; } = new("Kitchen", Routes.Kitchen);

    /// <summary>Ingredients.</summary>
    public static Spot Pantry { get; } = new("Pantry", Routes.Pantry);

    /// <summary>What is in the house.</summary>
    public static Spot Stock { get; } = new("Stock", Routes.Stock);

    /// <summary>What packs cost.</summary>
    public static Spot Prices { get; } = new("Prices", Routes.Prices);

    /// <summary>What has to be bought.</summary>
    public static Spot Shopping { get; } = new("Shopping", Routes.Shopping);

    /// <summary>Thermometers in the cold places.</summary>
    public static Spot Cold { get; } = new("How it cools here", Routes.Cold);

    /// <summary>Softening and thawing.</summary>
    public static Spot Soften { get; } = new("Soften and thaw", Routes.Soften);

    /// <summary>What was made.</summary>
    public static Spot Bakes { get; } = new("Bakes", Routes.Notebook);

    /// <summary>What was made and is not written down yet.</summary>
    public static Spot ToLog { get; } = new("To log", Routes.Notebook + "?show=open");

    /// <summary>What this kitchen does otherwise than the book.</summary>
    public static Spot Learned { get; } = new("Learned", Routes.Learned);

    /// <summary>Trials, planned and made.</summary>
    public static Spot Trials { get; } = new("Trials", Routes.Trials);

    /// <summary>What was sold, and what may be.</summary>
    public static Spot Market { get; } = new("Sold and left", Routes.Market);

    /// <summary>How the work is done, and how it looks when it is right.</summary>
    public static Spot Guide { get; } = new("Craft guide", Routes.Guide);

    /// <summary>What went wrong, and why.</summary>
    public static Spot Faults { get; } = new("Fault finder", Routes.Faults);

    /// <summary>Exercises.</summary>
    public static Spot Practice { get; } = new("Practice", Routes.Practice);

    /// <summary>The five places.</summary>
    public static IReadOnlyList<BarPlace> All { get; } =
    [
        new("Counter", [Counter]),
        new("Pies", [Pies, Compose, Pairings, WhatIf, Above, Baking, Cooling, Cost, Pour, Shells, Import]),
        new("Days", [Days, Shopping, Bench, Devices]),
        new("Kitchen", [Kitchen, Pantry, Stock, Prices, Cold, Soften]),
        new("Notebook", [Bakes, ToLog, Learned, Trials, Market, Guide, Faults, Practice]),
    ];
}
