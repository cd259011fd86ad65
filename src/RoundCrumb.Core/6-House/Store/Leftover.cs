using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Stocktaking;

namespace RoundCrumb.Core.Leftovers;

/// <summary>What can be left over.</summary>
public abstract record LeftItem
{
    /// <summary>What it is called.</summary>
    public abstract string Name { get; }
}

/// <summary>An ingredient.</summary>
/// <param name="Ingredient">Which.</param>
public sealed record IngredientLeft(Ingredient Ingredient) : LeftItem
{
    /// <inheritdoc/>
    public override string Name => Ingredient.Name;
}

/// <summary>Filling that stays in the bowl.</summary>
/// <param name="Formula">Which.</param>
public sealed record FillingLeft(FillingFormula Formula) : LeftItem
{
    /// <inheritdoc/>
    public override string Name => $"{Formula.Name}, in the bowl";
}

/// <summary>Offcuts of dough.</summary>
/// <param name="Family">Of which dough.</param>
public sealed record DoughLeft(RolledFamily Family) : LeftItem
{
    /// <inheritdoc/>
    public override string Name => $"offcuts, {Family.Name.ToLowerInvariant()}";
}

/// <summary>A part made ahead that stands in the house; shells are counted, not weighed.</summary>
/// <param name="Part">Which.</param>
public sealed record MadeLeft(MadeItem Part) : LeftItem
{
    /// <inheritdoc/>
    public override string Name => Part.Name;
}

/// <summary>Something that is left over, and until when it is good.</summary>
/// <param name="Item">What.</param>
/// <param name="Mass">How much, 0 or more; 0 for what is counted.</param>
/// <param name="UseBy">The last day on which it is used.</param>
/// <param name="Worth">What it cost, pounds; 0 where nobody knows.</param>
/// <param name="From">Where it comes from, in a few words.</param>
public sealed record Leftover(LeftItem Item, Grams Mass, DateOnly UseBy, Pounds Worth, string From);

/// <summary>What leftovers are good for besides another pie.</summary>
public static class LeftoverUses
{
    /// <summary>A pot of filling, g: 110 ml or so.</summary>
    private const double Pot = 115;

    /// <summary>The dough of one 8 cm tartlet shell, rolled 2.5 mm, g.</summary>
    private const double TartletShell = 35;

    extension(Leftover left)
    {
        /// <summary>What it is good for, in a few words; how many where that can be counted.</summary>
        public string GoodFor => left.Item switch
        {
            FillingLeft => Many(left.Mass.Value / Pot, "a spoon for the cook", "a 120 ml pot", "pots of 120 ml"),
            DoughLeft =>
                Many(left.Mass.Value / TartletShell, "a biscuit or two", "a tartlet shell", "tartlet shells, rolled once more")
                    + ", or the freezer",
            MadeLeft { Part.Part: var part } => part switch
            {
                MadePart.Dough => Many(left.Mass.Value / TartletShell, "a biscuit or two", "a tartlet shell", "tartlet shells")
                    + ", or the freezer",
                MadePart.LinedShell or MadePart.BakedShell or MadePart.CrumbShell => "any pie of its tin, as an order from shells",
                MadePart.Crumbs => "pressed into pots, or the freezer",
                MadePart.Curd or MadePart.Filling => Many(left.Mass.Value / Pot, "a spoon for the cook", "a 120 ml pot", "pots of 120 ml"),
            },
            IngredientLeft { Ingredient: var of } => of switch
            {
                { Egg: EggPart.White } =>
                    Many(left.Mass.Value / 97, "brushing shells", "a meringue top", "meringue tops") + "; they freeze for three months",
                { Egg: EggPart.Yolk } => Many(left.Mass.Value / 72, "sealing shells", "a curd", "curds") + ", within two days",
                _ when of.Is(Traits.Whips) => "whipped on another pie, or ganache",
                _ when of.Is(Traits.MakesCrumb) || of.Shelf is PantryShelf.Biscuits => "pressed into pots, or the freezer",
                { Shelf: PantryShelf.Dairy } => "custard, or the bakers’ tea",
                { Shelf: PantryShelf.Fruit } when of.Juice > 0.3 => "a jelly layer, or frozen in cubes",
                { Shelf: PantryShelf.Fruit } => "a compote, or the freezer",
                _ => "the next batch",
            },
            _ => throw new InvalidOperationException($"What {left.Item.GetType().Name} is good for is said nowhere."),
        };
    }

    private static string Many(double many, string less, string one, string more) =>
        Math.Floor(many + 0.1) switch { < 1 => less, < 2 => one, var n => $"{n:0} {more}" };
}
