namespace RoundCrumb.Core.HeatFlow;

/// <summary>Dough from the freezer.</summary>
public static class FrozenDough
{
    /// <summary>A freezer, °C.</summary>
    public const double Freezer = -18;

    /// <summary>A disc as it is frozen, mm thick.</summary>
    public const double DiscThick = 25;

    /// <summary>It gives to a thumb when all of it is warmer than this, °C.</summary>
    public const double Gives = 0.5;

    private const double FridgeCold = 4;

    /// <summary>The dough under its paper has begun to bake: from here on it does not matter where it came from, °C.</summary>
    private const double Bakes = 60;

    /// <summary>Under paper and beans little comes from above; from below what an oven gives, W/(m²·K).</summary>
    private static readonly HeatTransfer UnderBeans = new(4, 16, 0);

    /// <summary>Raw dough: half flour, a third fat, the rest water and egg.</summary>
    public static readonly Matter Dough = Matter.Of(new(0.20, 0.28, 0.06, 0.44, 0.02));

    /// <summary>Minutes until a disc has thawed in a fridge; none where it does not within a day.</summary>
    /// <param name="grams">What it weighs, more than 0.</param>
    /// <param name="air">The fridge, °C.</param>
    /// <param name="transfer">How well it gives heat.</param>
    public static double? Thaw(double grams, double air, HeatTransfer transfer) =>
        ColdPiece.Disc(Dough, grams, DiscThick).Minutes(Freezer, Gives, air, transfer);

    /// <summary>By how many minutes a lined shell bakes longer from the freezer than from the fridge.</summary>
    /// <param name="thick">Of the dough, mm, more than 0.</param>
    /// <param name="oven">Of a conventional oven, °C.</param>
    /// <param name="pan">The pan's wall, which comes from the freezer too.</param>
    public static double Longer(double thick, double oven, PanWall pan) =>
        Warms(thick, Freezer, oven, pan) - Warms(thick, FridgeCold, oven, pan);

    private static double Warms(double thick, double from, double oven, PanWall pan)
    {
        var run = new HeatRun([new(pan.Matter, pan.Thickness, from), new(Dough, thick, from, IsFilling: true)], default, HeatRun.Coarse);
        var stage = new HeatStage(60, oven, pan.Bright ? UnderBeans with { Below = UnderBeans.Below * Walls.BrightShare } : UnderBeans);
        while (run.Now(oven).Coldest < Bakes && run.Minutes < 60)
            run.Step(0.1, oven, stage, run.Minutes == 0);
        return run.Minutes;
    }
}
