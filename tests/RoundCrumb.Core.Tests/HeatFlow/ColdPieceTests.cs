using FsCheck;
using FsCheck.Xunit;
using RoundCrumb.Core.Baking;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.HeatFlow;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Steps;

namespace RoundCrumb.Core.Tests.HeatFlow;

/// <summary>Butter and cheese that soften, dough that thaws, shells that bake from the freezer.</summary>
public class ColdPieceTests
{
    private static Kitchen In(double room, Cooler? cooler = null) => Kitchen.Usual with
    {
        Room = new(room),
        Cold = cooler is { } c ? [new("cold-1", "Fridge", ColdKind.Fridge, 8, new(400)) { Cooler = c }] : [],
    };

    private static string Say(Step step) => new Core.Units.QuantityFormatter(Core.Units.UnitChoice.Usual).Say(step.Do);

    /// <summary>
    /// By hand: a small cube warms as one. A side of 10 mm of something of 2,500 J/(kg·K) and 950 kg/m³ holds 2.375 J/K, and 8 W/(m²·K)
    /// on six faces of 1 cm² are 0.0048 W/K: its lead over the room goes down by e every 495 s. From 4 to 16 °C in a room of 20:
    /// ln(16 ÷ 4) × 495 s = 11.4 min.
    /// </summary>
    [Fact]
    public void A_small_cube_warms_as_worked_by_hand() =>
        ColdPiece.Cube(Matter.Plain(5, 950, 2500), 10).Minutes(4, 16, 20, new(8, 8, 8))!.Value.ShouldBe(11.4, 1.2);

    [Fact]
    public void Butter_and_cheese_soften_in_about_the_time_that_practice_has()
    {
        // An hour to two in an ordinary room, and a good deal sooner cut small.
        var butter = SofteningTime.Of(Pantry.Butter, 250, new(21), Coolers.Rack);
        butter.InOnePiece!.Value.ShouldBeInRange(60, 125);
        butter.CutSmall!.Value.ShouldBeLessThan(butter.InOnePiece.Value / 2);
        SofteningTime.Of(Pantry.CreamCheese, 200, new(21), Coolers.Rack).InOnePiece!.Value.ShouldBeInRange(60, 125);

        // More of it stands out in pieces, and takes no longer.
        SofteningTime.Of(Pantry.Butter, 2500, new(21), Coolers.Rack).ShouldBe(butter);
        SofteningTime.Of(Pantry.Butter, 250, new(15), Coolers.Rack).InOnePiece.ShouldBeNull();
    }

    [Property(MaxTest = 40)]
    public void A_larger_piece_or_a_colder_room_takes_longer(PositiveInt grams, PositiveInt room)
    {
        var (g, warm) = (50 + (grams.Get % 400), 18.5 + (room.Get % 10));
        var butter = Matter.Of(PieMatter.Of(Pantry.Butter));
        double Takes(double mass, double air) => ColdPiece.Block(butter, mass).Minutes(4, 16, air, Coolers.Rack)!.Value;
        Takes(g * 2, warm).ShouldBeGreaterThan(Takes(g, warm));
        Takes(g, warm - 1).ShouldBeGreaterThan(Takes(g, warm));
    }

    [Fact]
    public void The_step_says_how_long_in_this_room_and_waits_so_long()
    {
        Step Softening(double room) => Assessment.Of(
                Pies.Read("pan=tart-23&crust=short&edge=trimmed&fill=blackcurrant-cheese&top=none"), 1, In(room))
            .Chain.Steps.First(s => Say(s).Contains("cream cheese out to soften", StringComparison.OrdinalIgnoreCase));
        Say(Softening(24)).ShouldContain("in one piece in this room");
        Softening(24).Wait.Best.ShouldBeGreaterThan(Softening(28).Wait.Best);
        Say(Softening(18)).ShouldContain("longer than it may stand out");
        Say(Softening(14)).ShouldContain("In a room of 14 °C it does not get soft by itself");

        // Nobody has to wait so long: cut small it is soft sooner.
        Softening(24).Wait.Least.ShouldBeLessThan(Softening(24).Wait.Best);
    }

    [Fact]
    public void Frozen_dough_thaws_in_hours_and_more_of_it_or_a_still_fridge_takes_longer()
    {
        var (still, fan) = (Cooler.StillFridge.Facts.Transfer, Cooler.FanFridge.Facts.Transfer);
        var disc = FrozenDough.Thaw(300, 4, still)!.Value;
        disc.ShouldBeInRange(2 * 60, 8 * 60);
        FrozenDough.Thaw(600, 4, still)!.Value.ShouldBeGreaterThan(disc);
        FrozenDough.Thaw(300, 4, fan)!.Value.ShouldBeLessThan(disc);
        FrozenDough.Thaw(300, 0, still).ShouldBeNull();
        var pie = Assessment.Of(Pies.Read("pan=plate-23&crust=short&fill=malt-custard&top=none"), 1, In(20, Cooler.StillFridge));
        var step = WorkChain.Of(pie, Stock.FrozenDough, 4).Steps[0];
        step.Kind.ShouldBe(StepKind.ThawDough);
        Say(step).ShouldContain("at least in discs 25 mm thick");
        step.Wait.Least.ShouldBeLessThan(step.Wait.Best);
        Say(WorkChain.Of(Assessment.Of(pie.Composition), Stock.FrozenDough, 4).Steps[0]).ShouldContain("in the fridge overnight.");
    }

    [Fact]
    public void A_shell_from_the_freezer_bakes_longer_and_the_more_so_the_thicker_it_is()
    {
        var (glass, bright) = (PanMaterial.Glass.Wall, PanMaterial.BrightAluminium.Wall);
        FrozenDough.Longer(3, 180, glass).ShouldBeGreaterThan(FrozenDough.Longer(3, 180, bright));
        FrozenDough.Longer(5, 180, bright).ShouldBeGreaterThan(FrozenDough.Longer(3, 180, bright));
        FrozenDough.Longer(3, 220, bright).ShouldBeLessThan(FrozenDough.Longer(3, 180, bright));

        // By practice's own minutes for that: some two to seven.
        var fresh = Pies.Read("pan=plate-23&crust=short&fill=malt-custard&top=none");
        var (pie, frozen) = (Assessment.Of(fresh), Assessment.Of(fresh with { Crust = fresh.Crust with { Frozen = true } }));
        double Bakes(WorkChain chain) => chain.Works.Where(w => w.Baking is not null).Sum(w => w.Baking!.Minutes);
        (Bakes(WorkChain.Of(frozen, Stock.FrozenShells, 4)) - Bakes(WorkChain.Of(pie, Stock.Scratch, 4))).ShouldBeInRange(2, 7);
    }
}
