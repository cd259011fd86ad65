using RoundCrumb.Core.Baking;
using RoundCrumb.Core.Batches;
using RoundCrumb.Core.BlindBaking;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Steps;
using RoundCrumb.Core.Toppings;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Guide;

/// <summary>A pie's own amounts, for the techniques that it takes.</summary>
public static class TechniqueAmounts
{
    private static readonly Constant BloomWater = new(
        "cold water to a gram of powder", 5, 4, 6, Dimension.Factor, "Enough that every grain swells, little enough to go in.");

    private static readonly Constant FirstThird = new(
        "of the hot liquid, onto the yolks first", 1 / 3.0, 0.25, 0.5, Dimension.Share, "It warms them without setting them.");

    private static readonly Constant PrickEvery = new(
        "a prick every", 20, 15, 25, Dimension.Length, "Steam finds its way out from halfway between two.");

    /// <summary>The figures of a pie that a technique works with; none where it has none.</summary>
    /// <param name="technique">Which.</param>
    /// <param name="sheet">The pie's batch sheet.</param>
    public static IReadOnlyList<IWorked> Of(Technique technique, BatchSheet sheet) =>
        [.. Some(technique, sheet).OfType<IWorked>().DistinctBy(f => f.Id)];

    private static IEnumerable<IWorked?> Some(Technique technique, BatchSheet sheet)
    {
        var pie = sheet.Pie;
        var top = pie.Topping;
        return technique switch
        {
            Technique.FreezingFat => Lines(sheet, WeighedFor.Crust, i => i.IsFat),
            Technique.RubbingIn => Lines(sheet, WeighedFor.Crust, i => i.IsFat || i.IsFlour),
            Technique.WaterInDough => [.. Lines(sheet, WeighedFor.Crust, i => i.Is(Traits.PlainWater) || i.IsFlour), pie.Crust.Total],
            Technique.CrossHatching or Technique.Rolling or Technique.Lining => [pie.Crust.Cut, pie.Crust.Disc, pie.Crust.SheetLength],
            Technique.Edge => [pie.PanRim, pie.Crust.Offcuts],
            Technique.Docking => [Pricks(pie)],
            Technique.Weights => [pie.Card.Weights, pie.Card.Paper, StageOf(pie, StageKind.Weighted)],
            Technique.BlindBake => [pie.Card.Dial, StageOf(pie, StageKind.Weighted), StageOf(pie, StageKind.Open)],
            Technique.Sealing => [.. Lines(sheet, WeighedFor.Seal, _ => true), StageOf(pie, StageKind.Seal)],
            Technique.CrumbSqueezed => [.. Lines(sheet, WeighedFor.Crust, _ => true), pie.Crust.HeldBack],
            Technique.CrumbPressed => [pie.Crust.Total, pie.PanBase, pie.PanWall],
            Technique.Tempering => [.. Lines(sheet, WeighedFor.Filling, i => i.Egg is not EggPart.None), Third(sheet)],
            Technique.Custard or Technique.Curd or Technique.GelatineMix => [pie.PotMass, pie.Yield.SetIndex],
            Technique.Film => [pie.FilledDepth, pie.FilledMass],
            Technique.Blooming => Gelatine(sheet),
            Technique.YolkRibbon => Lines(sheet, WeighedFor.Filling, i => i.Egg is EggPart.Yolk || i.IsSugar),
            Technique.Folding => Going(sheet, GoesIn.WhippedAndFolded, GoesIn.WhippedStiff, GoesIn.WhitesFolded),
            Technique.Reducing => Going(sheet, GoesIn.Reduced),
            Technique.Flaming => Lines(sheet, WeighedFor.Filling, i => i.IsSpirit),
            Technique.FreshCurd => Going(sheet, GoesIn.Soured, GoesIn.Drained),
            Technique.Caramel => Lines(sheet, WeighedFor.Filling, i => i.IsSugar),
            Technique.BrownedButter => [.. Lines(sheet, WeighedFor.Crust, i => i.IsFat), pie.Crust.BrownedAway],
            Technique.BakedCustard or Technique.AlmondFilling or Technique.FruitBubbling => [pie.FilledDial, pie.FilledBake?.Minutes],
            Technique.Toasted => Going(sheet, GoesIn.Toasted),
            Technique.Cream => [.. Going(sheet, GoesIn.WhippedAndFolded, GoesIn.WhippedStiff), .. Whipped(sheet), top?.Cream],
            Technique.Whites => [.. Going(sheet, GoesIn.WhitesFolded), .. Topped(sheet, ToppingKind.Meringue)],
            Technique.Glaze => Topped(sheet, ToppingKind.Glaze),
            Technique.Piping => [top?.Count, top?.PipedWidth, top?.Cream],
            Technique.Arranging => [top?.Count, top?.ToBuy],
            Technique.Unmoulding => [pie.Chain.SetTime],
            Technique.Knife or Technique.Slice => [Serving.Of(pie).Slices, pie.Yield.SetIndex],
        };
    }

    private static IEnumerable<IWorked?> Lines(BatchSheet sheet, WeighedFor part, Func<Ingredient, bool> which) =>
        sheet.Parts.Where(p => p.For == part).SelectMany(p => p.Lines).Where(l => which(l.Ingredient)).Select(l => l.Mass);

    /// <summary>Lines of the filling by how they go in; the sheet has them in the formula's own order.</summary>
    private static IEnumerable<IWorked?> Going(BatchSheet sheet, params GoesIn[] how) =>
        sheet.Pie.Composition.Filling.Formula.Lines.Zip(sheet.Parts.Single(p => p.For is WeighedFor.Filling).Lines)
            .Where(x => how.Contains(x.First.GoesIn)).Select(x => x.Second.Mass);

    private static IEnumerable<IWorked?> Topped(BatchSheet sheet, ToppingKind kind) =>
        sheet.Parts.Where(p => p.For is WeighedFor.Topping && sheet.Pie.Toppings[p.Turn].Choice.Topping.Kind == kind)
            .SelectMany(p => p.Lines).Select(l => l.Mass);

    private static IEnumerable<IWorked?> Whipped(BatchSheet sheet) => Topped(sheet, ToppingKind.Whipped);

    private static Worked<MinuteRange>? StageOf(Assessment pie, StageKind kind) =>
        pie.Card.Stages.FirstOrDefault(s => s.Kind == kind)?.Minutes;

    private static Worked<PieceCount> Pricks(Assessment pie) => new(
        "pricks", "Pricks", new(Math.Round(pie.PanBase.Value.Value / (PrickEvery.Usual * PrickEvery.Usual))),
        "base ÷ the square of how far they lie apart", Term.Of(pie.PanBase), PrickEvery);

    private static Worked<Grams>? Third(BatchSheet sheet)
    {
        var liquid = sheet.Parts.Single(p => p.For is WeighedFor.Filling).Lines
            .Where(l => l.Ingredient.Egg is EggPart.None && l.Ingredient.Makeup.Water > 0.5).Sum(l => l.Mass.Value.Value);
        return liquid <= 0 ? null : new(
            "temper-first", "Onto the yolks first", new(liquid * FirstThird.Usual), "the hot liquid × the share that goes first",
            Term.Given("the hot liquid", new Grams(liquid)), FirstThird);
    }

    private static IEnumerable<IWorked?> Gelatine(BatchSheet sheet)
    {
        var lines = sheet.Parts.SelectMany(p => p.Lines).Where(l => l.Ingredient.GelatineEquivalent > 0).ToList();
        var grams = lines.Sum(l => l.Mass.Value.Value);
        return grams <= 0 ? [] : [
            .. lines.Select(l => l.Mass),
            new Worked<Grams>(
                "bloom-water", "Cold water for it", new(grams * BloomWater.Usual), "gelatine × its water",
                Term.Given("gelatine", new Grams(grams)), BloomWater),
        ];
    }
}
