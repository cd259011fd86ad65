using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.HeatFlow;

/// <summary>How far a reckoned time may be off.</summary>
public static class HeatBand
{
    /// <summary>Nobody has measured: so much sooner it may be.</summary>
    public static readonly Constant Sooner = new(
        "it may be sooner by", 0.20, 0.15, 0.25, Dimension.Share, "Air, shelf and pan differ from place to place.");

    /// <summary>And so much later.</summary>
    public static readonly Constant Later = new(
        "it may be later by", 0.30, 0.25, 0.40, Dimension.Share, "Air, shelf and pan differ from place to place.");

    /// <summary>Where a thermometer has said how a place takes heat, sooner or later by so much.</summary>
    public static readonly Constant Measured = new(
        "sooner or later by", 0.12, 0.07, 0.12, Dimension.Share, "Readings here have said how this place takes heat.");

    /// <summary>Minutes as a range of what is not known.</summary>
    /// <param name="minutes">As reckoned.</param>
    /// <param name="measured">True where readings have said how the place takes heat.</param>
    public static MinuteRange Of(double minutes, bool measured) => measured
        ? new(minutes * (1 - Measured.Usual), minutes, minutes * (1 + Measured.Usual))
        : new(minutes * (1 - Sooner.Usual), minutes, minutes * (1 + Later.Usual));
}
