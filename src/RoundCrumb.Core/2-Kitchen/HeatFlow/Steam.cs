namespace RoundCrumb.Core.HeatFlow;

/// <summary>Heat that steam takes with it.</summary>
public static class Steam
{
    /// <summary>From a bare wet surface, W/m².</summary>
    /// <param name="surface">°C.</param>
    /// <param name="stage">What is round it.</param>
    public static double At(double surface, in HeatStage stage) => Evaporation.From(surface, stage.Air, stage).Flux;
}
