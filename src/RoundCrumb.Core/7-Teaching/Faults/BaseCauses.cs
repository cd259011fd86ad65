using RoundCrumb.Core.Advice;
using RoundCrumb.Core.Crusts;
using static RoundCrumb.Core.Diagnosis.AskedSigns;
using static RoundCrumb.Core.Diagnosis.KnownSigns;
using static RoundCrumb.Core.Diagnosis.Mending;

namespace RoundCrumb.Core.Diagnosis;

/// <summary>Causes of the faults of bases, and of what was left out.</summary>
internal static class BaseCauses
{
    public static readonly Dictionary<string, Cause[]> All = new(StringComparer.Ordinal)
    {
        ["soggy-base"] =
        [
            new("not-baked-through", "The shell was not baked right through", HowOften.Common,
                "Bake it on without weights until it is golden beneath.")
            {
                Clear = [PaleBeneath, OpenShort],
                Mild = [OvenReadLow],
                Fits = static c => c.Crust.Family is RolledFamily,
            },
            new("unsealed-wait", "It waited for long without a seal", HowOften.NowAndThen, "Seal it, or fill it later.")
            {
                Clear = [NoSealWaited],
                MildlyAgainst = [PaleBeneath],
                Fits = static c => c.Crust.Family is RolledFamily,
                Mended = static f => f.Pie.Composition.Crust is { IsBaked: true, Family: RolledFamily } crust && crust.Seal == Seal.None
                ? f.Pie.Composition.Seal(Seal.White)
                : null,
            },
            new("filled-warm", "It was filled before it was cold", HowOften.NowAndThen, "Let it cool until nothing is warm to the hand.")
            {
                Clear = [WarmShell],
            },
            new("thin-filling", "The filling was too thin, or wept", HowOften.NowAndThen, "Set it as firm as a clean slice wants.")
            {
                Clear = [CutRunny, LiquidOnPlate],
                Mild = [SetsUnderBand],
                Mended = SetAtAim,
            },
            new("crumb-unbaked", "The crumb was not baked under a wet filling", HowOften.Common, "Bake the crumb, and let it cool.")
            {
                Clear = [CrumbUnbaked],
                Fits = static c => c.Crust.Family is CrumbFamily,
                Mended = static f => f.Pie.Composition with { Crust = f.Pie.Composition.Crust with { Treatment = Treatment.Baked } },
            },
            new("slow-pan", "The pan is slow, and the bake was cut short", HowOften.NowAndThen,
                "A tenth longer in glass, more in ceramic; under metal a hot tray, under glass or ceramic never: it cracks.")
            {
                Clear = [BakedShort],
                Mild = [PalePan, PaleBeneath],
            },
            new("fruit-juice", "Nothing caught the juice of the fruit", HowOften.NowAndThen, "Crumbs, nuts or starch under the fruit.")
            {
                Clear = [JuiceCaught, FruitFilling],
            },
        ],
        ["crumb-greasy"] =
        [
            new("much-fat", "There was too much fat for this biscuit", HowOften.Common, "Keep a quarter back, and squeeze.")
            {
                Clear = [AllFatAtOnce, Shone],
            },
            new("rich-biscuit", "The biscuit brings fat of its own", HowOften.NowAndThen, "The low end of its range.")
            {
                Clear = [RichCrumb],
                Mild = [Shone],
            },
            new("warm", "It was pressed while it was warm", HowOften.NowAndThen, "Chill it for ten minutes before it is pressed.")
            {
                Clear = [WarmRoom],
                Mild = [HumidDay],
            },
        ],
        ["crumb-loose"] =
        [
            new("little-fat", "There was too little fat for this biscuit", HowOften.Common, "Add it until a handful clumps.")
            {
                Clear = [FellApart],
            },
            new("coarse", "The crumbs were too coarse", HowOften.NowAndThen, "Grind it to even sand.")
            {
                Clear = [CoarseLumps],
                Mild = [CoarseCrumb],
            },
            new("unpressed", "It was not pressed or chilled enough", HowOften.NowAndThen,
                "A glass, all your weight, and an hour in the cold.")
            {
                Clear = [PressedLightly],
                MildlyAgainst = [FellApart],
            },
            new("thin", "It is too thin to hold", HowOften.NowAndThen, "Five millimetres at the least.")
            {
                Clear = [ThinCrumb],
                Mended = static f => f.Pie.Composition.Thick(new(5)),
            },
        ],
        ["base-hard"] =
        [
            new("thick", "It is too thick", HowOften.Common, "Eight to nine millimetres.")
            {
                Clear = [ThickCrumb],
                Fits = static c => c.Crust.Family is CrumbFamily,
                Mended = static f => f.Pie.Composition.Thick(new(8)),
            },
            new("baked-long", "It was baked for too long", HowOften.NowAndThen, "Out while it is still a shade pale.")
            {
                Clear = [VeryBrown],
            },
            new("honey-bound", "Honey or syrup set it hard", HowOften.NowAndThen, "Bind it with fat alone.")
            {
                Clear = [HoneyBound],
                Fits = static c => c.Crust.Family is CrumbFamily,
                Mended = static f => f.Pie.Composition with { Crust = f.Pie.Composition.Crust with { Binder = Binder.AsWritten } },
            },
            new("from-cold", "It came straight from the cold", HowOften.NowAndThen, "A quarter of an hour in the room first.")
            {
                Clear = [FromCold],
            },
            new("ridge", "There is a ridge in the corner", HowOften.NowAndThen, "Scrape it up the wall before it is chilled.")
            {
                Clear = [ThickAndThin],
            },
        ],
        ["biscuits-float"] =
        [
            new("thin", "The filling was too thin when it was poured", HowOften.Common, "Let it thicken first.")
            {
                Clear = [ThinPour],
            },
            new("loose", "Biscuits lay loose", HowOften.Common, "A thin layer first, left to set as a glue.")
            {
                Clear = [LooseBiscuits],
            },
        ],
        ["line-forgotten"] =
        [
            new("not-weighed-out", "Things were not weighed out first", HowOften.Common, "All of it in bowls before anything is mixed.")
            {
                Mild = [Interrupted],
                ClearlyAgainst = [NotWeighedOut],
            },
            new("interrupted", "Somebody was called away", HowOften.NowAndThen, "Tick each line as it goes in.")
            {
                Clear = [Interrupted],
            },
            new("two-bakers", "Two took turns at it", HowOften.Rare, "One baker, one bowl.")
            {
                Clear = [TwoBakers],
            },
        ],
    };
}
