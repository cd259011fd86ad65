using FsCheck;
using FsCheck.Xunit;
using RoundCrumb.Core.BlindBaking;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;

namespace RoundCrumb.Core.Tests.BlindBaking;

public class BlindBakeTests
{
    private static readonly Oven Big = new("oven-1", "Big oven", new(600), new(400), 3, false, 12);

    [Fact]
    public void Three_frozen_shells_in_glass_on_two_shelves_by_hand()
    {
        // 15–18 weighted × 1.10 for glass × 1.06 for the second shelf + 4 from the freezer: 21.49–24.99.
        // Open 10–15 × 1.10 × 1.06: 11.66–17.49; nothing is added for the freezer any more.
        var card = Card(
            Pies.Plain with { Crust = Pies.Plain.Crust with { Frozen = true } },
            new(Big, 3, FillingFamilies.Find("starch-custard")!.Shell));
        var weighted = card.Stages[0];
        weighted.Minutes.Value.Least.ShouldBe(21.49, 0.01);
        weighted.Minutes.Value.Most.ShouldBe(24.99, 0.01);
        card.Stages[1].Minutes.Value.Least.ShouldBe(11.66, 0.01);
        card.Stages[1].Minutes.Value.Most.ShouldBe(17.49, 0.01);

        // Each link says by how much and what comes of it.
        weighted.Table.ShouldBe(MinuteRange.Between(15, 18));
        weighted.Chain.Select(a => a.Name).ShouldBe(["glass plate", "2 shelves loaded", "from the freezer"]);
        weighted.Chain[0].After.Value.Least.ShouldBe(16.5, 1e-9);
        weighted.Chain[^1].After.Value.ShouldBe(weighted.Minutes.Value);
        weighted.Chain.ShouldAllBe(a => a.Reason.Length > 10);

        // 220 on an oven that runs 12 hot: the dial is set to 208.
        card.Dial!.Value.Value.ShouldBe(208);
        (card.Load.PerShelf, card.Load.ShelvesUsed, card.Load.Loads).ShouldBe((2, 2, 1));
    }

    [Fact]
    public void A_part_bake_stops_at_straw_and_a_full_one_goes_on()
    {
        var part = Card(Pies.Plain, BakeSetting.Usual with { Need = FillingFamilies.Find("baked-custard")!.Shell });
        var full = Card(Pies.Plain, BakeSetting.Usual);

        // 4–5 min open against 10–15, both × 1.10 for glass.
        part.Stages[1].Minutes.Value.Most.ShouldBe(5.5, 0.01);
        full.Stages[1].Minutes.Value.Most.ShouldBe(16.5, 0.01);
        part.StopAt!.Name.ShouldBe("straw");

        // A wet filling on a bare base wants more colour than on a sealed one.
        full.StopAt!.Name.ShouldBe("hazel");
        Card(Pies.Plain with { Crust = Pies.Plain.Crust with { Seal = Seal.White } }, BakeSetting.Usual).StopAt!.Name.ShouldBe("golden");
        Card(Pies.Plain with { Crust = Pies.Plain.Crust with { Seal = Seal.Jam } }, BakeSetting.Usual).StopAt!.Name.ShouldBe("hazel");
        Card(Pies.Plain, BakeSetting.Usual with { Need = FillingFamilies.Find("ganache")!.Shell }).StopAt!.Name.ShouldBe("golden");
    }

    [Fact]
    public void Baked_citrus_goes_onto_the_hot_shell() =>
        Card(Pies.Plain, BakeSetting.Usual with { Need = FillingFamilies.Find("baked-citrus")!.Shell }).Stages[^1]
            .Kind.ShouldBe(StageKind.Fill);

    [Fact]
    public void Paper_reaches_over_the_rim_by_hand()
    {
        // 184 + 2 × (39.12 of wall + 30 to lift by) = 322.2 mm; for the oblong 105 + 2 × 55.12 = 215.2 by 455.2.
        Card(Pies.Plain, BakeSetting.Usual).Paper!.Value.Value.ShouldBe(322.2, 0.1);
        var oblong = Card(Pies.Read("pan=oblong-35&crust=sweet-short"), BakeSetting.Usual);
        oblong.Paper!.Value.Value.ShouldBe(215.2, 0.1);
        oblong.PaperLength!.Value.Value.ShouldBe(455.2, 0.1);
    }

    [Theory]
    [InlineData("cocoa-butter", 15, 30)]
    [InlineData("jam", 0, 0)]
    [InlineData("dust", 0, 0)]
    public void Seals_that_need_no_oven(string seal, double least, double most)
    {
        var card = Card(Pies.Plain with { Crust = Pies.Plain.Crust with { Seal = Seal.Find(seal)! } }, BakeSetting.Usual);
        var stage = card.Stages.Single(s => s.Kind is StageKind.Seal);
        (stage.Heat, stage.Minutes.Value.Least, stage.Minutes.Value.Most).ShouldBe((null, least, most));
    }

    [Fact]
    public void A_bought_shell_and_laid_biscuits_need_no_oven()
    {
        foreach (var address in (string[])["crust=bought-shell-23&bake=ready", "crust=laid-wafers"])
        {
            var card = Assessment.Of(Pies.Read(address)).Card;
            card.Oven.ShouldBeNull();
            card.Dial.ShouldBeNull();
            card.Weights.ShouldBeNull();
        }
    }

    [Fact]
    public void Every_kind_of_filling_says_what_it_wants_and_the_colours_run_from_raw_to_too_far()
    {
        FillingFamilies.Shells.Select(n => n.Id).ShouldBeUnique();
        FillingFamilies.Shells.ShouldAllBe(n => n.Why.Length > 10);
        FillingFamilies.Shells.Where(n => n.Bake is ShellBake.Part).ShouldAllBe(n => n.Bakes.Length > 0);

        // Each colour is darker than the one before.
        static int Light(string tint) =>
            Convert.ToInt32(tint[1..3], 16) + Convert.ToInt32(tint[3..5], 16) + Convert.ToInt32(tint[5..7], 16);
        ShellColour.Scale.Select(c => Light(c.Tint)).ShouldBe(ShellColour.Scale.Select(c => Light(c.Tint)).OrderDescending());
    }

    [Property(Arbitrary = [typeof(ArbitraryPies)])]
    public void Whatever_slows_a_bake_never_shortens_it(Composition pie, PositiveInt many)
    {
        var pies = 1 + (many.Get % 40);
        var setting = new BakeSetting(Big, pies, FillingFamilies.Shells[many.Get % FillingFamilies.Shells.Count]);
        var minutes = Minutes(pie, setting);

        // Thicker, in ceramic, from the freezer, one more of it, and full instead of part: each takes as long or longer.
        if (pie.Crust.Thickness.Value + 0.5 <= pie.Crust.Family.Limits.Thickest)
            Minutes(
                pie with { Crust = pie.Crust with { Thickness = pie.Crust.Thickness + new Millimetres(0.5) } }, setting)
                .ShouldBeGreaterThanOrEqualTo(minutes - 1e-9);
        Minutes(pie with { Pan = pie.Pan with { Material = PanMaterial.Ceramic } }, setting).ShouldBeGreaterThanOrEqualTo(minutes - 1e-9);
        Minutes(pie with { Crust = pie.Crust with { Frozen = true } }, setting).ShouldBeGreaterThanOrEqualTo(minutes - 1e-9);
        Minutes(pie, setting with { Need = FillingFamilies.Find("starch-custard")!.Shell }).ShouldBeGreaterThanOrEqualTo(minutes - 1e-9);
        if (OvenLoad.For(Big, pie.Pan, pies + 1) is { Loads: <= 1 })
            Minutes(pie, setting with { Pies = pies + 1 }).ShouldBeGreaterThanOrEqualTo(minutes - 1e-9);
    }

    [Property(Arbitrary = [typeof(ArbitraryPies)])]
    public void Every_chain_leads_from_the_table_to_the_minutes(Composition pie, PositiveInt many)
    {
        foreach (var stage in Card(pie, new(Big, 1 + (many.Get % 40), FillingFamilies.StarchCustard.Shell)).Stages)
        {
            (stage.Chain.Count == 0 ? stage.Table : stage.Chain[^1].After.Value).ShouldBe(stage.Minutes.Value);
            stage.Minutes.Value.Least.ShouldBeLessThanOrEqualTo(stage.Minutes.Value.Most + 1e-9);
        }
    }

    private static double Minutes(Composition pie, BakeSetting setting) =>
        Card(pie, setting).Stages.Where(s => s.Heat is not null).Sum(s => s.Minutes.Value.Best);

    private static BlindBakeCard Card(Composition pie, BakeSetting setting) => BlindBakeCard.For(pie.Crust, pie.Pan, pie.Lined, setting);
}
