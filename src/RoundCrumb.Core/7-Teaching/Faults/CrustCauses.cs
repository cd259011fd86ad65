using RoundCrumb.Core.Advice;
using RoundCrumb.Core.Crusts;
using static RoundCrumb.Core.Diagnosis.AskedSigns;
using static RoundCrumb.Core.Diagnosis.KnownSigns;
using static RoundCrumb.Core.Diagnosis.Mending;

namespace RoundCrumb.Core.Diagnosis;

/// <summary>Causes of the faults of dough and shells.</summary>
internal static class CrustCauses
{
    public static readonly Dictionary<string, Cause[]> All = new(StringComparer.Ordinal)
    {
        ["shell-shrank"] =
        [
            new("unrested", "It was not rested after it was rolled", HowOften.Common,
                "Half an hour to an hour in the cold, or the freezer, before it is baked.")
            {
                Clear = [SprangBack, ShortChill],
                Mild = [NotChilled],
                ClearlyAgainst = [ShellFrozen],
                Mended = static f => f.Pie.Composition with { Crust = f.Pie.Composition.Crust with { Frozen = true, Unchilled = false } },
            },
            new("stretched", "It was stretched into the pan", HowOften.Common,
                "Ease it in, slack, and let it sink into the corner by itself.")
            {
                Clear = [Pulled],
                Mild = [ThickAndThin],
            },
            new("few-weights", "The weights did not hold the wall", HowOften.NowAndThen,
                "Beans right up to the rim, pushed against the wall.")
            {
                Clear = [WeightsLow],
            },
            new("wet-dough", "There was too much water in it", HowOften.NowAndThen, "Stop at the low end of the water’s range.")
            {
                Clear = [StickyDough],
                Mild = [SprangBack],
            },
            new("cool-oven", "The oven was too cool at first", HowOften.Rare, "Wait until a thermometer says so.")
            {
                Clear = [OvenReadLow, FatRan],
            },
            new("flaky-shallow", "Flaky dough pulls back in a shallow fluted tin", HowOften.NowAndThen,
                "A pie plate for flaky dough, or a short dough for the tin.")
            {
                Clear = [FlakyInTin],
                Mended = Other(CrustBook.SweetShort),
            },
        ],
        ["base-puffed"] =
        [
            new("undocked", "It was not pricked", HowOften.Common, "A fork every two centimetres, before it is chilled.")
            {
                Clear = [Unpricked],
                Mild = [OneDome],
            },
            new("weights-early", "The weights came out too soon", HowOften.NowAndThen, "Wait until the base is matt.")
            {
                Clear = [WetAtWeights, WeightedShort],
            },
            new("thick-base", "Steam was caught under thick dough", HowOften.NowAndThen, "Roll it to three millimetres.")
            {
                Clear = [ThickDough],
                Mild = [ThickAndThin],
                MildlyAgainst = [OneDome],
                Mended = static f => f.Pie.Composition.Thick(new(3)),
            },
        ],
        ["sheet-torn"] =
        [
            new("too-cold", "It was too cold when it was rolled", HowOften.Common,
                "Five minutes on the board, and grooves tapped in crosswise.")
            {
                Clear = [FromFridge, EdgeCracked],
            },
            new("too-dry", "It was too dry", HowOften.Common, "A spoon of water more, and ten minutes to drink it.")
            {
                Clear = [DryPatches],
                Mild = [EdgeCracked],
            },
            new("uneven", "It was rolled unevenly", HowOften.NowAndThen, "Strips at the sides keep the pin level.")
            {
                Clear = [ThickAndThin],
                MildlyAgainst = [EdgeCracked],
            },
            new("oats-nuts", "Oats or nuts hold less well than flour", HowOften.NowAndThen,
                "Roll it between papers, patch it, trim the edge flush.")
            {
                Clear = [OatsOrNuts],
            },
        ],
        ["dough-dry"] =
        [
            new("little-water", "There was too little water in it", HowOften.Common,
                "Add it until a handful holds, up to the end of its range.")
            {
                Clear = [DryPatches],
            },
            new("thirsty-flour", "There was more flour than planned, or a thirsty one", HowOften.NowAndThen, "Weigh the flour.")
            {
                Clear = [FlourByCup],
                Mild = [StrongFlour],
            },
            new("cold-lumps", "The fat was left in lumps, cold", HowOften.NowAndThen, "Press the lumps flat before any water goes in.")
            {
                Clear = [FatLumps],
                Mild = [FromFridge],
            },
        ],
        ["dough-soft"] =
        [
            new("much-water", "There was too much water in it", HowOften.Common, "A spoon at a time, and stop as soon as it holds.")
            {
                Clear = [StickyDough],
                MildlyAgainst = [FatRan],
            },
            new("warm-fat", "Its fat has melted", HowOften.Common, "Cold fat, a cold board, and a pause in the fridge.")
            {
                Clear = [FatRan],
                Mild = [WarmRoom, HumidDay],
            },
            new("no-rest", "It had no rest", HowOften.Rare, "An hour in the cold before it is rolled.")
            {
                Clear = [ShortChill],
                Mild = [SprangBack],
            },
        ],
        ["base-pale"] =
        [
            new("far-from-heat", "It stood too far from the bottom heat", HowOften.Common,
                "The lowest shelf; metal on a tray that is hot already, glass and ceramic never: they crack.")
            {
                Clear = [HighShelf],
                Mild = [TopHot],
            },
            new("slow-pan", "The pan reflects heat, or holds it back", HowOften.NowAndThen, "A dark tin, or a tenth more time.")
            {
                Clear = [PalePan],
            },
            new("cut-short", "It came out too soon", HowOften.NowAndThen, "Look beneath, not at the rim.")
            {
                Clear = [OpenShort],
                Mild = [NoShield],
            },
            new("cool-oven", "The oven was cooler than its dial", HowOften.Rare, "A thermometer beside the dial.")
            {
                Clear = [OvenReadLow],
            },
        ],
        ["rim-dark"] =
        [
            new("unshielded", "The rim was not shielded", HowOften.Common, "A ring of foil from the start.")
            {
                Clear = [NoShield],
            },
            new("oven-hot", "The oven was hotter than its dial, or hot on top", HowOften.NowAndThen,
                "Ten degrees less, and the lower shelf.")
            {
                Clear = [OvenReadHigh, TopHot],
            },
            new("high-shelf", "It stood too high", HowOften.NowAndThen, "One shelf lower.")
            {
                Clear = [HighShelf],
            },
            new("tall-edge", "A tall edge browns first", HowOften.NowAndThen, "A lower edge, or a wider ring of foil.")
            {
                Clear = [HighEdge],
                Mended = static f => f.Pie.Composition with { Crust = f.Pie.Composition.Crust with { Edge = Edge.Crimped } },
            },
            new("sweet-dough", "A sweet dough browns early", HowOften.Rare, "The steady, cooler bake.")
            {
                Clear = [SweetDough],
                Mended = static f => f.Pie.Composition with { Crust = f.Pie.Composition.Crust with { Treatment = Treatment.Steady } },
            },
        ],
        ["tough-crust"] =
        [
            new("overworked", "It was mixed for too long", HowOften.Common, "Stop while it is shaggy.")
            {
                Clear = [MixedLong],
                Mild = [SprangBack],
            },
            new("wet-dough", "There was too much water in it", HowOften.Common, "As little as will hold it.")
            {
                Clear = [StickyDough],
            },
            new("strong-flour", "The flour was strong", HowOften.Rare, "Plain flour; soft flour for a short crust.")
            {
                Clear = [StrongFlour],
                Mild = [SprangBack],
            },
            new("rerolled", "It was rolled from scraps", HowOften.NowAndThen, "Roll once; scraps go under fruit.")
            {
                Clear = [Rerolled],
            },
        ],
    };
}
