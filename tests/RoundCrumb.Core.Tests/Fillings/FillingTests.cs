using FsCheck.Xunit;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Cutting;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;

namespace RoundCrumb.Core.Tests.Fillings;

public class FillingTests
{
    [Fact]
    public void Malt_custard_by_hand()
    {
        // ml: milk 450 × 0.97 = 436.5; cream 97; malt 45 × 0.66 = 29.7; sugar 75 × 0.62 = 46.5; yolk 72 × 0.97 = 69.84;
        // cornflour 29 × 0.66 = 19.14; butter 30 × 1.08 = 32.4; vanilla 4.85; salt 0.6. In all 736.53.
        // − 6 % simmered, − 2 % in the pot: 736.53 × 0.94 × 0.98 = 678.5 ml.
        var made = FillingYield.Of(FillingBook.MaltCustard, 1);
        made.Volume.Value.Value.ShouldBe(678.5, 0.3);

        // g: 450 + 100 + 45 + 75 + 72 + 29 + 30 + 5 + 1.5 = 807.5; steam 736.53 × 0.06 = 44.2; (807.5 − 44.2) × 0.98 = 748.0 g.
        made.Weighed.Value.Value.ShouldBe(807.5, 1e-9);
        made.Mass.Value.Value.ShouldBe(748, 0.3);

        // Set: 100 × (29 + 72 × 0.12) ÷ 807.5 = 4.66, a clean slice.
        made.SetIndex.Value.Value.ShouldBe(4.66, 0.005);
        made.Cut.Name.ShouldBe("clean slice");
    }

    [Fact]
    public void Lemon_cheese_by_hand()
    {
        // ml: cheese 400 × 1.02 × 1.1 = 448.8; sugar 95 × 0.62 = 58.9; juice 58.2; zest 5.82; water 33.95; gelatine 4.9;
        // cream 240 ÷ 0.99 × 1.8 × 0.85 = 370.91. In all 981.48; − 2 % in the bowl = 961.9 ml.
        var made = FillingYield.Of(FillingBook.LemonCheese, 1);
        made.Volume.Value.Value.ShouldBe(961.9, 0.3);

        // 100 × 7 ÷ 843 = 0.83: a creamy slice. Juice 60 ÷ 843 = 7.1 %, too little to weaken it.
        made.SetIndex.Value.Value.ShouldBe(0.83, 0.005);
        made.Cut.Name.ShouldBe("creamy slice");
        made.Juice.Value.Value.ShouldBe(0.071, 0.001);
    }

    [Fact]
    public void Leaves_that_are_strained_out_take_liquid_with_them_and_add_nothing()
    {
        var lines = FillingBook.BergamotCustard.Lines.Where(l => l.GoesIn != GoesIn.Steeped).ToList();
        var without = FillingYield.Of(FillingBook.BergamotCustard with { Lines = lines }, 1);
        var with = FillingYield.Of(FillingBook.BergamotCustard, 1);

        // 12 g of leaves carry off 24 ml, less what simmers away and stays in the pot: 24 × 0.94 × 0.98 = 22.1 ml.
        (without.Volume.Value.Value - with.Volume.Value.Value).ShouldBe(22.1, 0.1);
        with.Weighed.Value.ShouldBe(without.Weighed.Value);
    }

    [Fact]
    public void Strong_acid_weakens_gelatine()
    {
        var sharp = FillingBook.BlackcurrantCheese.Lines.Select(
            l => l.Ingredient == Pantry.BlackcurrantPuree ? l with { Grams = 300 } : l).ToList();
        var made = FillingYield.Of(FillingBook.BlackcurrantCheese with { Lines = sharp }, 1);

        // 8 g in 1088 g is 0.735; juice 310 ÷ 1088 = 28 %, over a fifth: × 0.85 = 0.625.
        made.SetIndex.Value.Value.ShouldBe(0.625, 0.005);
    }

    [Fact]
    public void Sugar_in_a_mixture_takes_less_room_than_in_a_cup() =>
        Pantry.CasterSugar.InMixture.ShouldBeLessThan(1 / Pantry.CasterSugar.BulkDensity);

    [Theory]
    [InlineData(3.19, "pours")]
    [InlineData(3.2, "silky")]
    [InlineData(4.1, "clean slice")]
    [InlineData(5.29, "clean slice")]
    [InlineData(5.3, "firm")]
    [InlineData(6.5, "pasty")]
    public void Starch_bands(double index, string name) => CutBands.Of(CutBands.Starch, index).Name.ShouldBe(name);

    [Theory]
    [InlineData(0.4, "mousse")]
    [InlineData(0.6, "creamy slice")]
    [InlineData(1.0, "firm")]
    [InlineData(1.6, "jelly")]
    [InlineData(3.6, "rubber")]
    public void Gelatine_bands(double index, string name) => CutBands.Of(CutBands.Gelatine, index).Name.ShouldBe(name);

    [Property(Arbitrary = [typeof(ArbitraryPies)])]
    public void More_setter_cuts_firmer(Composition pie)
    {
        var formula = pie.Filling.Formula;
        FillingYield.Of(formula, 1.2).SetIndex.Value.Value.ShouldBeGreaterThan(FillingYield.Of(formula, 1).SetIndex.Value.Value);
        FillingYield.Of(formula, 0.8).SetIndex.Value.Value.ShouldBeLessThan(FillingYield.Of(formula, 1).SetIndex.Value.Value);
    }

    [Fact]
    public void The_malt_pie_wants_between_four_and_five_yolks()
    {
        // Room to 5 mm below the rim: radius at 24 mm is 90.44 + 24 × 0.7031 = 107.32;
        // π ÷ 3 × 24 × (107.32² + 107.32 × 90.44 + 90.44²) = 739,000 mm³. 739 ÷ 678.5 = 1.089 batches = 4.36 yolks.
        var fit = Assessment.Of(Pies.Plain).Fit;
        fit.Needed.Value.Value.ShouldBe(739, 1);
        fit.Exact.Pieces.ShouldBe(4.36, 0.01);
        fit.Below!.Pieces.ShouldBe(4);
        fit.Above.Pieces.ShouldBe(5);

        // Four yolks give 678.5 ml, 60 short; five give 848, 109 over.
        fit.Below.Difference.Value.Value.ShouldBe(-60, 1);
        fit.Above.Difference.Value.Value.ShouldBe(109, 1);
    }

    [Property(Arbitrary = [typeof(ArbitraryPies)])]
    public void Workable_batches_are_whole_and_stand_on_either_side(Composition pie)
    {
        var fit = Assessment.Of(pie).Fit;
        fit.Above.Pieces.ShouldBe(Math.Round(fit.Above.Pieces), 1e-6);
        fit.Above.Difference.Value.Value.ShouldBeGreaterThan(-0.01);
        fit.Exact.Difference.Value.Value.ShouldBe(0, 1e-6);
        if (fit.Below is not { } below)
        {
            fit.Exact.Pieces.ShouldBeLessThan(1);
            return;
        }

        below.Pieces.ShouldBe(Math.Round(below.Pieces), 1e-6);
        below.Difference.Value.Value.ShouldBeLessThan(0.01);
        below.DepthDifference.Value.Value.ShouldBeLessThan(1e-3);
        (fit.Above.Pieces - below.Pieces).ShouldBeInRange(-1e-6, 1 + 1e-6);
    }

    [Fact]
    public void Twice_the_formula_in_a_shallow_tin_runs_over()
    {
        var pie = Assessment.Of(Pies.Read("pan=tart-25&crust=plain-crumb&fill=lemon-cheese&make=2"));

        // Two batches are 1924 ml; the lined tin holds 950 to its brim.
        pie.Fit.RunsOver.Value.Value.ShouldBe(1924 - pie.LinedVolume.Value.Value, 1);
        pie.FilledDepth.Value.ShouldBe(pie.Fit.LineDepth.Value);
    }
}
