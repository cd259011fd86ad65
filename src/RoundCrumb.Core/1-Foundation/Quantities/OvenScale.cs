namespace RoundCrumb.Core.Quantities;

/// <summary>Other ways to say an oven's heat, turned into °C of a conventional oven.</summary>
public static class OvenScale
{
    /// <summary>How much hotter a conventional oven is set than one with a fan.</summary>
    public const double FanAllowance = 20;

    /// <summary>Gas marks 1 to 8 in °C, as bakers' tables have them.</summary>
    public static IReadOnlyList<double> Gas { get; } = [140, 150, 170, 180, 190, 200, 220, 230];

    /// <summary>From °F.</summary>
    public static OvenCelsius FromFahrenheit(double f) => new((f - 32) * 5 / 9);

    /// <summary>From °C of an oven with a fan.</summary>
    public static OvenCelsius FromFan(double c) => new(c + FanAllowance);

    /// <summary>From a gas mark; none outside 1 to 8.</summary>
    public static OvenCelsius? FromGas(double mark) => mark is >= 1 and <= 8 ? new OvenCelsius(Gas[(int)Math.Round(mark) - 1]) : null;

    /// <summary>°F of a conventional oven.</summary>
    public static double ToFahrenheit(OvenCelsius heat) => (heat.Value * 9 / 5) + 32;

    /// <summary>The nearest gas mark.</summary>
    public static int ToGas(OvenCelsius heat) => 1 + Enumerable.Range(0, Gas.Count).MinBy(i => Math.Abs(Gas[i] - heat.Value - 0.1));
}
