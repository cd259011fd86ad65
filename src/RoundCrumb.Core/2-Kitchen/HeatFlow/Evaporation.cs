namespace RoundCrumb.Core.HeatFlow;

/// <summary>Heat that water takes with it from a bare wet surface.</summary>
/// <param name="Flux">W/m² as it is.</param>
/// <param name="Slope">And more of it for each degree that the surface is warmer, W/(m²·K).</param>
internal readonly record struct Evaporation(double Flux, double Slope)
{
    private const double Pressure = 101_325;
    private const double Latent = 2_400_000;
    private const double AirCapacity = 1007;

    /// <summary>A kitchen's air holds half of the water that it could.</summary>
    private const double Humidity = 0.5;

    /// <summary>The warmest a wet surface gets, °C: there water boils.</summary>
    private const double Boils = 99.5;

    /// <summary>What leaves a surface: by the heat that it takes in, with the vapour's own wind (Stefan's factor).</summary>
    /// <param name="surface">°C.</param>
    /// <param name="air">°C.</param>
    /// <param name="stage">What is round it.</param>
    public static Evaporation From(double surface, double air, in HeatStage stage)
    {
        var here = Math.Min(surface, Boils);
        var flux = FluxAt(here, air, stage);
        return new(Math.Max(0, flux), Math.Max(0, (FluxAt(Math.Min(here + 0.5, Boils), air, stage) - flux) / 0.5));
    }

    private static double FluxAt(double surface, double air, in HeatStage stage)
    {
        var wet = Vapour(surface);
        var dry = Humidity * Vapour(Math.Min(air, 25));
        if (wet <= dry)
            return 0;
        var mean = Math.Max(0.02, 1 - ((wet + dry) / 2 / Pressure));
        return stage.Wet * stage.Transfer.Above * Latent * 0.622 / (AirCapacity * Pressure * 0.9) * (wet - dry) / mean;
    }

    /// <summary>The pressure of vapour over water (Magnus), Pa.</summary>
    private static double Vapour(double celsius) => 610.94 * Math.Exp(17.625 * celsius / (celsius + 243.04));
}
