using FsCheck;
using FsCheck.Xunit;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Shells;

namespace RoundCrumb.Core.Tests.Shells;

public class ShellPlanTests
{
    private static readonly ShellWish Flaky = new(
        CrustBook.ButterFlaky, Treatment.HotStart, Edge.Crimped, Seal.None, FillingFamilies.StarchCustard.Shell);
    private static readonly ShellWish Sweet = new(
        CrustBook.SweetShort, Treatment.Steady, Edge.Trimmed, Seal.None, FillingFamilies.StarchCustard.Shell);

    [Fact]
    public void Two_23_and_one_28_two_to_freeze_by_hand()
    {
        // 308.7 g for the 23 (by hand in the crust's own test); for the 28: 229 + 2 × 45.49 + 50 = 370.0 mm, 387.1 × 1.12 = 433.5 g.
        // Together 2 × 308.7 + 433.5 = 1,050.9 g; flour ÷ 2.17 = 484.3 g; water 25 to 35 % of it: 121 to 170 g.
        var plan = ShellPlan.Of(Flaky, [new(PanCupboard.Plate23, 2, 2), new(PanCupboard.Find("plate-28")!, 1, 0)], Kitchen.Usual);
        plan.Total.Value.Value.ShouldBe(1050.9, 1);
        plan.Lines[0].Mass.Value.Value.ShouldBe(484.3, 0.5);
        var water = plan.Lines.Single(l => l.Ingredient == Pantry.Water).StopInside!.Value;
        water.Low.ShouldBe(121.1, 0.3);
        water.High.ShouldBe(169.5, 0.3);
        (plan.Count, plan.ToFreeze).ShouldBe((3, 2));

        // The frozen ones have a card of their own, four minutes longer; the third is baked now.
        plan.Rows[0].Now.ShouldBeNull();
        plan.Rows[0].Later!.Stages[0].Chain[^1].Name.ShouldBe("from the freezer");
        plan.Rows[1].Later.ShouldBeNull();
        plan.Rows[1].Number(later: false).ShouldBe(1);

        // Offcuts: 12 parts in 112 of it, 112.6 g; an 8 cm tartlet in flaky dough wants 42.8 g: two.
        plan.Offcuts!.Value.Value.ShouldBe(112.6, 0.3);
        plan.Tartlets!.Value.Value.ShouldBe(2);
    }

    [Fact]
    public void Twelve_tartlets_are_cut_from_one_sheet()
    {
        // Discs of 127.3 mm: 2 mm apart in staggered rows of 3 (385.9 of 384 is too wide) so 2 and 2 … the sheet tells; none is lost.
        var plan = ShellPlan.Of(Sweet, [new(ShellPlan.Tartlet, 12, 0)], Kitchen.Usual);
        plan.Sheets.Sum(s => s.Discs.Count).ShouldBe(12);
        plan.Sheets.ShouldAllBe(s => s.Width <= 400 + 1e-6 && s.Length <= 600 + 1e-6);
        plan.SheetOver!.Value.Value.ShouldBeGreaterThan(0);

        // 12 discs of 127.3 mm, 2.5 mm thick, are 458.3 g; sheets weigh that and what is left between.
        (plan.SheetDough!.Value.Value - plan.SheetOver.Value.Value).ShouldBe(458.3, 0.5);
    }

    [Fact]
    public void Crumb_from_packets_by_hand()
    {
        // Two 23 cm plates in plain crumb: 2 × 185.6 = 371.2 g: 47 biscuits of 8 g; two packets of 300 g leave 228.8 g.
        var plan = ShellPlan.Of(
            new(CrustBook.PlainCrumb, Treatment.Baked, Edge.Trimmed, Seal.None, FillingFamilies.StarchCustard.Shell),
            [new(PanCupboard.Plate23, 2, 0)], Kitchen.Usual);
        plan.Packets!.Biscuits!.Value.Value.ShouldBe(47);
        plan.Packets.Packs.ShouldBe(2);
        plan.Packets.Over!.Value.Value.ShouldBe(228.8, 0.3);
        plan.HeldBack!.Value.Value.ShouldBe(42.7, 0.2);
        plan.Sheets.ShouldBeEmpty();
    }

    [Fact]
    public void A_pressed_shell_is_baked_before_it_is_frozen()
    {
        var plan = ShellPlan.Of(
            new(CrustBook.GingerCrumb, Treatment.Baked, Edge.Trimmed, Seal.None, FillingFamilies.StarchCustard.Shell),
            [new(PanCupboard.Plate23, 3, 2)], Kitchen.Usual);
        plan.Rows[0].Number(later: false).ShouldBe(3);
        plan.Rows[0].Later.ShouldBeNull();
    }

    [Fact]
    public void A_crimped_edge_goes_only_where_a_rim_carries_it()
    {
        Flaky.For(PanCupboard.Plate23).Edge.ShouldBe(Edge.Crimped);
        Flaky.For(PanCupboard.TartTin25).Edge.ShouldBe(Edge.Trimmed);
        (Flaky with { Thickness = new(8) }).For(new("own", "Shallow", PanKind.TartTin, PanMaterial.Foil, new(100), new(100), new(10)))
            .Thickness.Value.ShouldBe(5);
    }

    [Fact]
    public void Every_family_says_how_long_it_keeps()
    {
        foreach (var family in CrustBook.All)
            family.Keeping.ShouldAllBe(k => k.Most.Usual > 0 && k.Where.Length > 0);
        var dough = CrustBook.ButterFlaky.Keeping;
        dough[0].Least!.Usual.ShouldBe(60);
        dough[0].Most.Usual.ShouldBe(48 * 60);
        dough[1].Most.Usual.ShouldBe(90 * 1440);
    }

    [Property]
    public void Twice_the_shells_is_twice_of_everything(PositiveInt seed)
    {
        var (wish, orders) = Any(seed.Get);
        var once = ShellPlan.Of(wish, orders, Kitchen.Usual);
        var twice = ShellPlan.Of(wish, [.. orders.Select(o => o with { Count = o.Count * 2 })], Kitchen.Usual);
        twice.Total.Value.Value.ShouldBe(once.Total.Value.Value * 2, 1e-6);
        once.Total.Value.Value.ShouldBe(once.Rows.Sum(r => r.One.Total.Value.Value * r.Order.Count), 1e-6);
        foreach (var (a, b) in once.Lines.Zip(twice.Lines))
            b.Mass.Value.Value.ShouldBe(a.Mass.Value.Value * 2, 1e-6);
        once.Figures().Select(f => f.Id).ShouldBeUnique();
        once.Figures().ShouldAllBe(f => double.IsFinite(f.Amount.Amount) && f.Formula.Length > 0);
    }

    [Property]
    public void Every_disc_is_cut_whole_and_none_through_another(PositiveInt seed)
    {
        var random = new Random(seed.Get);
        var discs = Enumerable.Range(0, 1 + random.Next(40)).Select(i => ((double)random.Next(60, 420), i)).ToList();
        var sheets = SheetCut.Cut(discs, 400, 600, 2, 8);
        sheets.SelectMany(s => s.Discs).Select(d => d.Row).Order().ShouldBe(discs.Select(d => d.i));
        foreach (var sheet in sheets)
        {
            sheet.Used.ShouldBeLessThan(sheet.Area);
            for (var i = 0; i < sheet.Discs.Count; i++)
            {
                var (middle, diameter, _) = sheet.Discs[i];
                var r = diameter / 2;
                (
                    middle.X >= r + 8 - 1e-5 && middle.Y >= r + 8 - 1e-5 && middle.X <= sheet.Width - r - 8 + 1e-5
                        && middle.Y <= sheet.Length - r - 8 + 1e-5).ShouldBeTrue();
                for (var j = 0; j < i; j++)
                    middle.To(sheet.Discs[j].Middle).ShouldBeGreaterThanOrEqualTo(r + (sheet.Discs[j].Diameter / 2) + 2 - 1e-5);
            }
        }
    }

    private static (ShellWish Wish, IReadOnlyList<ShellOrder> Orders) Any(int seed)
    {
        var random = new Random(seed);
        var family = CrustBook.All[random.Next(CrustBook.All.Count)];
        var wish = new ShellWish(
            family, family.Treatments[random.Next(family.Treatments.Count)], (Edge)random.Next(3), Seal.All[random.Next(Seal.All.Count)],
            FillingFamilies.Shells[random.Next(15)]);
        var pans = PanCupboard.All.OrderBy(_ => random.Next()).Take(1 + random.Next(4));
        return (wish, [.. pans.Select(p => new ShellOrder(p, 1 + random.Next(12), 0))]);
    }
}
