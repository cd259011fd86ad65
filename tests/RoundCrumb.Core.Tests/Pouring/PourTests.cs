using FsCheck;
using FsCheck.Xunit;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Pouring;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Shells;

namespace RoundCrumb.Core.Tests.Pouring;

public class PourTests
{
    private static readonly ShellWish Crumb = new(
        CrustBook.PlainCrumb, Treatment.Baked, Edge.Trimmed, Seal.None, FillingFamilies.StarchCustard.Shell);
    private static readonly Pan Tart20 = PanCupboard.Find("tart-20")!;
    private static readonly Pan Tartlet10 = PanCupboard.Find("tartlet-10")!;

    [Fact]
    public void A_tart_and_three_tartlets_share_a_batch_by_hand()
    {
        // To 5 mm below the rim a 20 cm tin lined 4 mm holds 451 ml, a 10 cm one 69.0 ml (by hand among the stand-ins):
        // 451 + 3 × 69.0 = 658 ml. Malt custard gives 678.5 ml and 748 g from 4 yolks: 658 ml want 3.88 yolks.
        var plan = Plan(BatchChoice.Above, new(Tart20, 1), new(Tartlet10, 3));
        plan.Needed.Value.Value.ShouldBe(658, 1.5);
        plan.Batches[0].Pieces.ShouldBe(3.88, 0.01);
        plan.Chosen.Pieces.ShouldBe(4);

        // 678.5 − 658 = 20.5 ml over, at 1.1025 g to the ml 22.6 g; nothing is short.
        plan.Chosen.Difference.Value.Value.ShouldBe(20.5, 1.5);
        plan.Chosen.DifferenceMass.Value.Value.ShouldBe(22.6, 1.7);
        plan.Chosen.Below.Value.Value.ShouldBe(0);
        plan.LeftMass.Value.Value.ShouldBe(22.6, 1.7);

        // The tart first: 451 × 1.1025 = 497 g; then 76 g each: stop at 497, 573, 649, 725.
        plan.Rows[0].Order.Pan.ShouldBe(Tart20);
        plan.Rows[0].Grams.Value.Value.ShouldBe(497, 1.5);
        plan.Rows[1].Grams.Value.Value.ShouldBe(76, 0.7);
        plan.Rows[1].StopAt.Select(g => Math.Round(g.Value.Value)).ShouldBe([573, 649, 725], tolerance: 2);
    }

    [Fact]
    public void A_batch_that_is_short_leaves_all_pans_equally_low()
    {
        // Three yolks give 508.9 ml, 149 short of 658. Surfaces: π × 95.5² + 3 × π × 45.3² = 286.5 + 193.4 = 480 cm² and a little less
        // lower down: a little over 3 mm.
        var plan = Plan(BatchChoice.Below, new(Tart20, 1), new(Tartlet10, 3));
        plan.Chosen.Pieces.ShouldBe(3);
        plan.Chosen.Below.Value.Value.ShouldBe(3.13, 0.05);
        plan.Rows.Select(r => r.Lined.Depth.Value - 5 - r.Depth.Value.Value)
            .ShouldAllBe(low => Math.Abs(low - plan.Chosen.Below.Value.Value) < 1e-6);
        plan.Left.Value.Value.ShouldBe(0, 0.01);
    }

    [Fact]
    public void What_is_left_is_named_as_pots_and_tartlets_by_hand()
    {
        // Two batches for one 20 cm tin: 1,357 − 451 = 906 ml: 7.5 pots of 120 ml. An 8 cm tartlet lined 4 mm to 5 below its rim:
        // 11 deep, half-widths 33.9 to 35.3 inside the crumb: π × 11 × 34.7² = 41.5 ml: 21 of them.
        var plan = Plan(new(BatchKind.Times, 2), new PourOrder(Tart20, 1));
        plan.Use!.Pots.Value.Value.ShouldBe(7.5);
        plan.Use.Tartlets.Value.Value.ShouldBe(21);
        plan.Use.Dough.Value.Value.ShouldBe(21 * CrustSums.Of(Crumb.For(ShellPlan.Tartlet), ShellPlan.Tartlet).Total.Value.Value, 1e-6);
    }

    [Fact]
    public void The_pans_that_a_batch_fills_best_are_found()
    {
        // 658 ml: the tart and three tartlets hold it to the millilitre; one larger tin would leave more over.
        PanPlace[] rack = [new(Tart20, 1), new(Tartlet10, 6), new(PanCupboard.Find("tart-23")!, 2), new(PanCupboard.Find("pot-200")!, 3)];
        var sets = PanSearch.Best(new(658), Crumb, new(5), rack);
        sets[0].Left.Value.Value.ShouldBeInRange(-35, 40);
        foreach (var set in sets)
        {
            set.Orders.ShouldAllBe(o => o.Count <= rack.Single(r => r.Pan.Key == o.Pan.Key).Owned);
            (set.Room.Value + set.Left.Value.Value).ShouldBe(658, 1e-6);
        }

        // A batch too small for any pan finds none.
        PanSearch.Best(new(20), Crumb, new(5), rack).ShouldBeEmpty();
    }

    [Property]
    public void What_is_poured_and_what_is_left_make_the_batch(PositiveInt seed)
    {
        var (wish, orders, formula, choice, line) = Any(seed.Get);
        var plan = PourPlan.Of(formula, 1, wish, orders, line, choice);
        var batch = plan.Yield.Mass.Value.Value * plan.Chosen.Scale.Value.Value;
        (plan.Poured.Value.Value + plan.LeftMass.Value.Value).ShouldBe(batch, 1e-4 * Math.Max(1, batch));
        plan.Rows.Sum(r => r.Grams.Value.Value * r.Order.Count).ShouldBe(plan.Poured.Value.Value, 1e-6);
        plan.Rows[^1].StopAt[^1].Value.Value.ShouldBe(plan.Poured.Value.Value, 1e-6);

        // All end at one line: as far below their rims, unless one is empty before the others.
        var low = plan.Rows.Where(r => r.Depth.Value.Value > 0).Select(r => r.Lined.Depth.Value - r.Depth.Value.Value).ToList();
        low.ShouldAllBe(l => Math.Abs(l - low[0]) < 1e-6);
        plan.Figures().Select(f => f.Id).ShouldBeUnique();
        plan.Figures().ShouldAllBe(f => double.IsFinite(f.Amount.Amount));
    }

    [Property]
    public void Twice_the_pans_is_twice_the_batch(PositiveInt seed)
    {
        var (wish, orders, formula, _, line) = Any(seed.Get);
        var once = PourPlan.Of(formula, 1, wish, orders, line, BatchChoice.Exact);
        var twice = PourPlan.Of(formula, 1, wish, [.. orders.Select(o => o with { Count = o.Count * 2 })], line, BatchChoice.Exact);
        twice.Needed.Value.Value.ShouldBe(once.Needed.Value.Value * 2, 1e-6);
        twice.Chosen.Scale.Value.Value.ShouldBe(once.Chosen.Scale.Value.Value * 2, 1e-9);
        twice.Rows[0].Grams.Value.Value.ShouldBe(once.Rows[0].Grams.Value.Value, 1e-6);
    }

    private static PourPlan Plan(BatchChoice choice, params PourOrder[] orders) =>
        PourPlan.Of(FillingBook.MaltCustard, 1, Crumb, orders, new(5), choice);

    private static (
        ShellWish Wish, IReadOnlyList<PourOrder> Orders, FillingFormula Formula, BatchChoice Choice, Millimetres Line) Any(int seed)
    {
        var random = new Random(seed);
        var family = CrustBook.All[random.Next(CrustBook.All.Count)];
        BatchChoice[] choices = [BatchChoice.Exact, BatchChoice.Below, BatchChoice.Above, new(BatchKind.Times, 0.2 + random.NextDouble())];
        return (
            new(family, family.Treatments[0], Edge.Trimmed, Seal.None, FillingFamilies.StarchCustard.Shell),
            [.. PanCupboard.All.OrderBy(_ => random.Next()).Take(1 + random.Next(4)).Select(p => new PourOrder(p, 1 + random.Next(6)))],
            FillingBook.All[random.Next(FillingBook.All.Count)], choices[random.Next(4)], new(random.Next(2, 9)));
    }
}
