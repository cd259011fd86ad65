using RoundCrumb.Core.Batches;
using RoundCrumb.Core.Buying;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Stocktaking;

namespace RoundCrumb.Core.Tests.Learning;

/// <summary>What one egg or lemon gives in this kitchen, and how many are needed because of it.</summary>
public sealed class PieceWeightsTests
{
    private static CorrectionSet Set(CorrectionKind kind, Ingredient of, double value) =>
        new(1, [new(CorrectionKey.OfIngredient(kind, of.Id), value, value, value, 4)]);

    /// <summary>Yolks of 16.2 g, nine tenths of the book's 18: 90 g are not 5 of them but 5.56; all else stays by the book.</summary>
    [Fact]
    public void Smaller_yolks_are_more_yolks()
    {
        var small = Set(CorrectionKind.EggWeight, Pantry.Yolk, 0.9);
        small.Each(Pantry.Yolk).Value.ShouldBe(16.2, 1e-9);
        small.PiecesIn(Pantry.Yolk, new(90)).ShouldBe(90 / 16.2, 1e-9);
        small.PiecesIn(Pantry.EggWhite, new(96)).ShouldBe(3, 1e-9);
        CorrectionSet.Book.PiecesIn(Pantry.Yolk, new(90)).ShouldBe(5, 1e-9);
        small.PiecesIn(Pantry.Milk, new(500)).ShouldBe(0);
    }

    /// <summary>Only what comes out of a shell or a peel differs from kitchen to kitchen: a tin weighs what stands on it.</summary>
    [Fact]
    public void A_packet_weighs_what_it_says()
    {
        foreach (var one in Pantry.All.Where(i => PieceWeights.KindOf(i) is null))
            Set(CorrectionKind.EggWeight, one, 0.5).Each(one).Value.ShouldBe(one.GramsEach);
        Pantry.All.Where(i => PieceWeights.KindOf(i) is CorrectionKind.EggWeight).ShouldAllBe(i => i.Egg != EggPart.None);
        PieceWeights.KindOf(Pantry.LemonJuice).ShouldBe(CorrectionKind.JuiceOfFruit);
    }

    /// <summary>A batch of whole yolks stays one: the sheet weighs out as many as the batch takes, by this kitchen's.</summary>
    [Theory]
    [InlineData(0.9)]
    [InlineData(1.0)]
    [InlineData(1.12)]
    public void A_workable_batch_takes_whole_pieces_of_this_kitchens(double value)
    {
        foreach (var formula in FillingBook.All.Where(f => f.WholeBy is { } by && PieceWeights.KindOf(by) is CorrectionKind.EggWeight))
        {
            var known = Set(CorrectionKind.EggWeight, formula.WholeBy!, value);
            var address = CompositionAddress.Read($"pan=plate-23&fill={formula.Id}&make=above").Composition;
            var pie = Assessment.Of(address with { Corrections = known });
            pie.Fit.Chosen.Pieces.ShouldBe(Math.Round(pie.Fit.Chosen.Pieces), 1e-6);
            var lines = BatchSheet.Of(pie).Parts.Single(p => p.For is WeighedFor.Filling).Lines;
            lines.Where(l => l.Ingredient.Id == formula.WholeBy!.Id).Sum(l => l.Pieces).ShouldBe(pie.Fit.Chosen.Pieces, 1e-6, formula.Id);
            var pieces = formula.PiecesPerBatch(known);
            pieces.Terms.Any(t => t.Name.StartsWith("this kitchen", StringComparison.Ordinal)).ShouldBe(value != 1.0);
        }
    }

    /// <summary>
    /// 90 g of lemon juice at the book's 45 g a lemon are two lemons; where a lemon gives a quarter less, 33.75 g, they are 2.67: three.
    /// </summary>
    [Fact]
    public void Dry_lemons_are_more_lemons_to_buy()
    {
        Pantry.LemonJuice.GramsEach.ShouldBe(45);
        int Lemons(CorrectionSet known) => ShoppingList.Of(
            [new("the curd", Pantry.LemonJuice, new(90), new(2026, 11, 29))], StockLevels.None,
            of => of.Pack.Grams > 0 ? [new(of.Pack.Grams, of.Pack.Price)] : [], known).Lines.ShouldHaveSingleItem().Pieces!.All;
        Lemons(CorrectionSet.Book).ShouldBe(2);
        Lemons(Set(CorrectionKind.JuiceOfFruit, Pantry.LemonJuice, 0.75)).ShouldBe(3);
    }
}
