using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Fillings;

/// <summary>Figures of the craft about fillings.</summary>
public static class FillingConstants
{
    public static readonly Constant SoftPeak = new(
        "cream to soft peaks", 1.8, 1.7, 1.9, Dimension.Factor, "Volume whipped against volume poured; warm cream whips less.");
    public static readonly Constant StiffPeak = new(
        "cream whipped stiff", 2.0, 1.9, 2.1, Dimension.Factor, "Volume whipped against volume poured.");
    public static readonly Constant FrenchMeringue = new(
        "whites whisked with sugar", 6.0, 5.0, 7.0, Dimension.Factor, "On the whites; older whites whisk higher.");
    public static readonly Constant Ribbon = new(
        "yolks and sugar to a ribbon", 2.5, 2.2, 3.0, Dimension.Factor, "Until the whisk's trail lies on top for a moment.");
    public static readonly Constant Reduced = new(
        "boiled down to", 0.5, 0.5, 0.5, Dimension.Factor, "Measured: half of what was in the pan.");
    public static readonly Constant BoiledOff = new(
        "boils off in a minute", 15, 10, 25, Dimension.Volume, "A wide pan at a lively boil on a home hob; a narrow pan half as much.");
    public static readonly Constant CurdFromMilk = new(
        "curd from milk", 0.17, 0.14, 0.20, Dimension.Share, "Well squeezed, of the milk's weight; richer milk gives more.");
    public static readonly Constant DrainedFruit = new(
        "left of tinned fruit, drained", 0.60, 0.55, 0.65, Dimension.Share,
        "Of all that is in the tin; what the tin says is drained is believed before this.");
    public static readonly Constant Folded = new(
        "kept when folded in", 0.85, 0.80, 0.90, Dimension.Factor, "Folding knocks out some of the air.");
    public static readonly Constant BeatenCheese = new(
        "cream cheese, beaten", 1.1, 1.05, 1.15, Dimension.Factor, "Air beaten into soft cheese.");
    public static readonly Constant SteepedDrinks = new(
        "liquid carried off by leaves", 2.0, 1.5, 3.0, Dimension.Factor,
        "Wet leaves weigh three times their dry weight, even when pressed.");
    public static readonly Constant YolkSets = new(
        "a gram of yolk, as cornflour", 0.12, 0.08, 0.16, Dimension.Factor, "Cooked yolk thickens as well.");
    public static readonly Constant WholeEggSets = new(
        "a gram of whole egg, as cornflour", 0.05, 0.03, 0.07, Dimension.Factor, "Mostly water, so less than yolk.");
    public static readonly Constant AcidWeakens = new(
        "gelatine under strong acid", 0.85, 0.80, 0.90, Dimension.Factor, "Where sharp juice is over a fifth of the whole.");
    public static readonly Constant StrongAcid = new("strong acid from", 0.20, Dimension.Share, "Juice as a share of the whole.");
    public static readonly Constant SpiritWeakens = new(
        "gelatine under spirit", 0.85, 0.80, 0.90, Dimension.Factor, "Where alcohol is a twentieth of the whole or more.");
    public static readonly Constant Spirit = new("much spirit from", 0.05, Dimension.Share, "Alcohol as a share of the whole.");
    public static readonly Constant JuiceThins = new(
        "juice thins starch from", 0.06, 0.05, 0.10, Dimension.Share, "Sharp juice as a share of the whole, boiled with the starch.");
    public static readonly Constant BoiledWithAcid = new(
        "starch boiled long with acid", 0.80, 0.70, 0.90, Dimension.Factor, "Acid and heat cut its long strands.");
    public static readonly Constant AgarAsGelatine = new(
        "a gram of agar, as gelatine", 2.5, 2.0, 3.3, Dimension.Factor,
        "Three to five tenths of the gelatine's weight do the same; it must be boiled.");
    public static readonly Constant SmallPot = new("a small pot", 120, Dimension.Volume, "What a left-over is poured into.");
}
