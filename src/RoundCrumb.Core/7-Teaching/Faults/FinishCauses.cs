using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Toppings;
using static RoundCrumb.Core.Diagnosis.AskedSigns;
using static RoundCrumb.Core.Diagnosis.KnownSigns;
using static RoundCrumb.Core.Diagnosis.Mending;

namespace RoundCrumb.Core.Diagnosis;

/// <summary>Causes of the faults of the oven, the fruit and the top.</summary>
internal static class FinishCauses
{
    public static readonly Dictionary<string, Cause[]> All = new(StringComparer.Ordinal)
    {
        ["middle-runny"] =
        [
            new("out-early", "It came out too soon", HowOften.Common, "Five minutes more; the middle trembles as one.")
            {
                Clear = [BakedShort],
            },
            new("cool-oven", "The oven was cooler than its dial", HowOften.Common, "A thermometer beside the dial.")
            {
                Clear = [OvenReadLow],
            },
            new("deep", "It is deeper than it bakes evenly", HowOften.NowAndThen, "A wider pan, or less of it.")
            {
                Clear = [TooDeep],
            },
            new("cold-filling", "The filling went in cold", HowOften.NowAndThen, "Let it stand, or warm it, before it goes in.")
            {
                Clear = [ColdGoingIn],
            },
        ],
        ["top-cracked"] =
        [
            new("overbaked", "It was overbaked", HowOften.Common, "Out while the middle trembles.")
            {
                Clear = [BakedLong, MiddleHot],
            },
            new("oven-hot", "The oven was too hot", HowOften.NowAndThen, "Ten degrees less.")
            {
                Clear = [OvenReadHigh],
                Mild = [TopHot],
            },
            new("overbeaten", "The eggs were beaten to a froth", HowOften.NowAndThen, "Stir them, do not whisk.")
            {
                Clear = [EggsBeaten],
            },
            new("draught", "It cooled too fast", HowOften.Rare, "In the oven with its door ajar, or out of the draught.")
            {
                Clear = [Draught],
            },
        ],
        ["fruit-sinks"] =
        [
            new("soft-filling", "The filling was too soft to carry it", HowOften.Common, "Wait until it begins to set.")
            {
                Clear = [ThinPour],
                Mild = [SetsUnderBand],
            },
            new("big-pieces", "The pieces are too large or heavy", HowOften.Common, "Quarters instead of halves.")
            {
                Clear = [BigPieces, HeavyPieces],
            },
            new("wet", "The fruit was wet", HowOften.NowAndThen, "Dry it, and dust it with starch.")
            {
                Clear = [WetFruit],
            },
        ],
        ["fruit-browned"] =
        [
            new("cut-early", "It was cut too early", HowOften.Common, "Cut it at serving.")
            {
                Clear = [CutHoursBefore],
            },
            new("no-acid", "There was neither acid nor glaze on it", HowOften.NowAndThen, "Lemon at once, or a glaze.")
            {
                Clear = [NoLemon],
                Mild = [NoGlaze],
            },
        ],
        ["fruit-runny"] =
        [
            new("cut-hot", "It was cut hot", HowOften.Common, "Three to four hours on the rack.")
            {
                Clear = [CutHot, CutEarly],
            },
            new("little-starch", "There is too little starch for this fruit", HowOften.Common, "The index belongs in its band.")
            {
                Clear = [SetsUnderBand],
                Mended = SetAtAim,
            },
            new("frozen-fruit", "Frozen fruit gives more juice", HowOften.NowAndThen, "A quarter more starch, and drain it.")
            {
                Clear = [FrozenFruit],
            },
            new("no-bubble", "It never bubbled in the middle", HowOften.NowAndThen, "Shield it, and wait for the middle.")
            {
                Clear = [NoMiddleBubble, BakedShort],
            },
        ],
        ["too-sweet"] =
        [
            new("sweet-topping", "The topping is sweetened as well", HowOften.Common, "Plain cream on a sweet filling.")
            {
                Clear = [SweetTopping],
                Mended = Top(Topping.Plain),
            },
            new("sweet-things", "Condensed milk, coconut or jam sweetens it already", HowOften.Common, "Take the sugar out of the rest.")
            {
                Clear = [SweetThings],
            },
            new("much-sugar", "There is more sugar in the filling than its family bears", HowOften.NowAndThen,
                "A fifth less, and a pinch of salt.")
            {
                Clear = [SweetFilling],
            },
        ],
        ["slices-ragged"] =
        [
            new("warm", "The pie was warm", HowOften.Common, "Cut it cold.")
            {
                Clear = [CutWarm],
                Mild = [CutEarly],
            },
            new("knife", "The knife was cold or wet", HowOften.Common, "Hot, dry, wiped each time.")
            {
                Clear = [KnifeCold],
            },
            new("soft-set", "It sets below its band", HowOften.NowAndThen, "The set index belongs in its band.")
            {
                Clear = [SetsUnderBand],
                Mild = [CutRunny],
                Mended = SetAtAim,
            },
            new("coarse-crumb", "The biscuit is coarse", HowOften.Rare, "Grind it finer.")
            {
                Clear = [CoarseLumps],
                Mild = [CoarseCrumb],
                Fits = static c => c.Crust.Family is CrumbFamily,
            },
        ],
        ["cream-grainy"] =
        [
            new("too-long", "It was whipped some seconds too long", HowOften.Common, "The last strokes by hand.")
            {
                Clear = [MachineToEnd],
                MildlyAgainst = [WarmCream],
            },
            new("warm", "The cream was warm", HowOften.NowAndThen, "Cream and bowl straight from the cold.")
            {
                Clear = [WarmCream],
                Mild = [WarmRoom],
            },
        ],
        ["cream-slides"] =
        [
            new("pie-warm", "The pie was still warm", HowOften.Common, "Cream only on what is below 12 °C.")
            {
                Clear = [PieWarm],
            },
            new("past-hold", "Plain cream stood past its hold", HowOften.Common, "Stabilise it, or top it later.")
            {
                Clear = [CreamPastHold],
                Mended = Top(ToppingBook.Held),
            },
            new("soft-peak", "It was whipped softly where it should stand", HowOften.NowAndThen, "Stiff for what is piped.")
            {
                Clear = [SoftPeaks],
            },
        ],
        ["meringue-weeps"] =
        [
            new("cold-filling", "It went onto a cold filling", HowOften.Common, "Onto a hot filling, sealed to the crust.")
            {
                Clear = [MeringueOnCold],
                Mild = [SyrupBeneath, WarmTopping],
            },
            new("underbaked", "It is raw inside", HowOften.NowAndThen, "Longer, a little cooler.")
            {
                Clear = [MeringuePale],
                Mild = [SyrupBeneath],
            },
            new("overbaked", "Its top was baked too hot: it beads", HowOften.NowAndThen, "Ten degrees less, and out sooner.")
            {
                Clear = [Beads],
            },
            new("damp", "The day was damp", HowOften.Rare, "Make it on the day.")
            {
                Clear = [HumidDay],
            },
        ],
    };
}
