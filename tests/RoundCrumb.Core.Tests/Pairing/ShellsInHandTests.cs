using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Pairing;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Steps;

namespace RoundCrumb.Core.Tests.Pairing;

/// <summary>What fills the crusts that one has: what is done of them is work, hours and oven no more.</summary>
public class ShellsInHandTests
{
    private static readonly Occasion Tea = new(12, 1, NoOven: false, Vegetarian: false);

    private static readonly Wish Wish = new(PanCupboard.Find("tart-23")!, Tea);

    private static readonly Board Board = Board.Of(
        Wish, [CrustBook.ButterFlaky, CrustBook.SweetShort, CrustBook.PlainCrumb],
        [FillingBook.MaltCustard, FillingBook.LemonCheese, FillingBook.RhubarbCustard, FillingBook.GrapefruitCurd], Kitchen.Usual);

    private static FilledShells One(CrustFamily crust, FillingFormula filling, Stock state, int pies = 1, bool noOven = false) =>
        new ShellsInHand(crust, state, pies).Filled(Board, noOven, Kitchen.Usual).Single(f => f.Cell.Filling == filling);

    [Fact]
    public void Two_frozen_shells_want_only_baking_and_filling()
    {
        var scratch = One(CrustBook.ButterFlaky, FillingBook.MaltCustard, Stock.Scratch);
        var frozen = One(CrustBook.ButterFlaky, FillingBook.MaltCustard, Stock.FrozenShells);

        // What falls away is the fat’s and the dough’s making, its rest, the rolling, the lining and the freezing, and nothing else.
        var all = Assessment.Of(StockedSteps.Made(scratch.Cell.Best, Stock.FrozenShells), 1, Kitchen.Usual);
        var left = StockedSteps.Left(all, Stock.FrozenShells);
        var gone = all.Chain.Steps.Except(left).ToList();
        gone.ShouldAllBe(s => s.Part == StepPart.Crust && s.Where != Place.Oven);
        gone.Select(s => s.Kind).ShouldContain(StepKind.MakeDough);
        gone[^1].Kind.ShouldBe(StepKind.FreezeShell);
        frozen.Hands.Value.Best.ShouldBe(all.Times.HandsOn.Value.Best - gone.Sum(s => s.HandsOn), 1e-9);
        frozen.Pie.Composition.Crust.Frozen.ShouldBeTrue();

        // Less work and sooner: more points for those, as many for what is in the mouth.
        frozen.Score.Points.ShouldBeGreaterThan(scratch.Score.Points);
        frozen.Score.Shares[ScorePart.Balance].ShouldBe(scratch.Score.Shares[ScorePart.Balance]);
        frozen.Score.Shares[ScorePart.Hands].ShouldBeGreaterThan(scratch.Score.Shares[ScorePart.Hands]);
        frozen.ToSlice.Value.Least.ShouldBeLessThan(scratch.ToSlice.Value.Least);
    }

    [Fact]
    public void The_further_a_crust_has_got_the_less_is_left_of_it()
    {
        foreach (var crust in Board.Crusts)
        {
            foreach (var filling in Board.Fillings)
            {
                var scratch = One(crust, filling, Stock.Scratch);
                var dough = One(crust, filling, Stock.FrozenDough);
                var shells = One(crust, filling, Stock.FrozenShells);
                var baked = One(crust, filling, Stock.BakedShells);
                var name = $"{filling.Name} on {crust.Name}";
                dough.Hands.Value.Best.ShouldBeLessThanOrEqualTo(scratch.Hands.Value.Best, name);
                shells.Hands.Value.Best.ShouldBeLessThanOrEqualTo(dough.Hands.Value.Best, name);
                baked.Hands.Value.Best.ShouldBeLessThan(shells.Hands.Value.Best, name);
                baked.ToSlice.Value.Best.ShouldBeLessThanOrEqualTo(shells.ToSlice.Value.Best, name);
                shells.ToSlice.Value.Best.ShouldBeLessThanOrEqualTo(scratch.ToSlice.Value.Best, name);
                baked.Score.Shares[ScorePart.Oven].ShouldBeGreaterThanOrEqualTo(scratch.Score.Shares[ScorePart.Oven], name);

                // From scratch it is what the board says of it.
                scratch.Score.Points.ShouldBe(scratch.Cell.Score.Points, 1e-9, name);
                scratch.Level.ShouldBe(scratch.Cell.Level, name);
            }
        }
    }

    [Fact]
    public void A_crust_that_is_never_frozen_is_made_from_scratch()
    {
        foreach (var state in (Stock[])[Stock.FrozenDough, Stock.FrozenShells])
        {
            state.Suits(CrustBook.PlainCrumb).ShouldBeFalse();
            var asked = One(CrustBook.PlainCrumb, FillingBook.LemonCheese, state);
            asked.Hands.Value.ShouldBe(One(CrustBook.PlainCrumb, FillingBook.LemonCheese, Stock.Scratch).Hands.Value);
            asked.Pie.Composition.Crust.Frozen.ShouldBeFalse();
        }

        foreach (var crust in CrustBook.All)
            Stock.BakedShells.Suits(crust).ShouldBeTrue(crust.Name);
    }

    [Theory]
    [InlineData(2)]
    [InlineData(7)]
    public void So_many_shells_take_so_many_times_the_filling_and_less_than_so_many_times_the_hands(int pies)
    {
        var one = One(CrustBook.ButterFlaky, FillingBook.MaltCustard, Stock.FrozenShells);
        var many = One(CrustBook.ButterFlaky, FillingBook.MaltCustard, Stock.FrozenShells, pies);
        many.Pie.Pies.ShouldBe(pies);
        many.Pie.Fit.Needed.Value.Value.ShouldBe(one.Pie.Fit.Needed.Value.Value * pies, 1e-6);
        many.Hands.Value.Best.ShouldBeGreaterThan(one.Hands.Value.Best);
        many.Hands.Value.Best.ShouldBeLessThan(one.Hands.Value.Best * pies);

        // How good it is together is told of one, however many there are.
        many.Score.Points.ShouldBe(one.Score.Points, 1e-9);
    }

    [Fact]
    public void Without_an_oven_only_a_baked_shell_is_filled_and_only_with_what_is_not_baked_in_it()
    {
        var none = Wish with { Occasion = Tea with { NoOven = true } };
        var frozen = new ShellsInHand(CrustBook.ButterFlaky, Stock.FrozenShells, 2);
        var board = Board.Of(frozen.For(none), Board.Crusts, Board.Fillings, Kitchen.Usual);
        frozen.Filled(board, noOven: true, Kitchen.Usual).ShouldAllBe(f => f.Level == PairLevel.No);

        var baked = new ShellsInHand(CrustBook.ButterFlaky, Stock.BakedShells, 2);
        baked.For(none).Occasion.NoOven.ShouldBeFalse();
        board = Board.Of(baked.For(none), Board.Crusts, Board.Fillings, Kitchen.Usual);
        var filled = baked.Filled(board, noOven: true, Kitchen.Usual);
        filled.Single(f => f.Cell.Filling == FillingBook.MaltCustard).Level.ShouldNotBe(PairLevel.No);
        var rhubarb = filled.Single(f => f.Cell.Filling == FillingBook.RhubarbCustard);
        rhubarb.Level.ShouldBe(PairLevel.No);
        rhubarb.Reason.ShouldBe("it cannot be made or served so");
        filled[^1].Level.ShouldBe(PairLevel.No);
    }

    [Fact]
    public void Frozen_in_glass_they_may_burst_whatever_fills_them_and_baked_in_it_they_are_as_good_as_any()
    {
        var glass = Wish with { Pan = PanCupboard.Plate23 };
        var board = Board.Of(glass, Board.Crusts, Board.Fillings, Kitchen.Usual);
        var frozen = new ShellsInHand(CrustBook.ButterFlaky, Stock.FrozenShells, 2).Filled(board, noOven: false, Kitchen.Usual);
        foreach (var one in frozen.Where(f => f.Cell.Level is not (PairLevel.No or PairLevel.Poor)))
        {
            one.Level.ShouldBe(PairLevel.Poor, one.Cell.Filling.Name);
            one.Against!.Rule.Id.ShouldBe("glass-from-freezer");
        }

        var baked = new ShellsInHand(CrustBook.ButterFlaky, Stock.BakedShells, 2).Filled(board, noOven: false, Kitchen.Usual);
        baked.ShouldAllBe(f => f.Against == null);
        baked.ShouldAllBe(f => f.Level == PairLevel.No || f.Level == PairLevel.Poor || f.Level <= f.Cell.Level);
    }

    [Fact]
    public void The_best_comes_first_and_what_cannot_be_last()
    {
        foreach (var crust in Board.Crusts)
        {
            foreach (var state in Enum.GetValues<Stock>())
            {
                var filled = new ShellsInHand(crust, state, 1).Filled(Board, noOven: false, Kitchen.Usual);
                filled.Count.ShouldBe(Board.Fillings.Count);
                var can = filled.TakeWhile(f => f.Level != PairLevel.No).ToList();
                filled.Skip(can.Count).ShouldAllBe(f => f.Level == PairLevel.No);
                can.Select(f => f.Score.Points).ShouldBe(can.Select(f => f.Score.Points).OrderDescending());
            }
        }
    }

    [Fact]
    public void Each_figure_opens_under_a_name_of_its_own()
    {
        var pie = One(CrustBook.ButterFlaky, FillingBook.MaltCustard, Stock.FrozenShells, 3);
        var figures = FilledShells.Figures(pie.Pie).ToList();
        figures.Select(f => f.Id).ShouldBeUnique();
        figures.Single(f => f.Id == pie.Hands.Id).Amount.ShouldBe(pie.Hands.Amount);
        figures.Single(f => f.Id == pie.ToSlice.Id).Amount.ShouldBe(pie.ToSlice.Amount);
        var one = FilledShells.Figures(One(CrustBook.ButterFlaky, FillingBook.MaltCustard, Stock.FrozenShells).Pie);
        one.Single(f => f.Id == pie.Score.Total.Id).Amount.ShouldBe(pie.Score.Total.Amount);
    }

    [Fact]
    public void A_board_without_the_crust_is_refused() =>
        Should.Throw<ArgumentException>(
            () => new ShellsInHand(CrustBook.NutCrumb, Stock.Scratch, 1).Filled(Board, noOven: false, Kitchen.Usual));
}
