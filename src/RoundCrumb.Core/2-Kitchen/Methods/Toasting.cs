using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Methods;

/// <summary>Toasting nuts, coconut and oats on a tray, wherever a pie asks for it.</summary>
public static class Toasting
{
    /// <summary>When they are right.</summary>
    public const string Cue = "golden right through; they go on colouring on the tray";

    /// <summary>The oven.</summary>
    public static readonly StepHeat Heat = StepHeat.Of(170, 165, 175);

    /// <summary>On the tray, minutes.</summary>
    public static readonly Constant Minutes = new(
        "on the tray", 8, 5, 10, Dimension.Time, "Flakes sooner than whole nuts; a minute too long is bitter.");
}
