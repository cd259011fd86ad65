using static RoundCrumb.Core.Diagnosis.AskedSigns;
using static RoundCrumb.Core.Diagnosis.KnownSigns;
using static RoundCrumb.Core.Diagnosis.Mending;

namespace RoundCrumb.Core.Diagnosis;

/// <summary>Causes of the faults of what is cooked.</summary>
internal static class HobCauses
{
    public static readonly Dictionary<string, Cause[]> All = new(StringComparer.Ordinal)
    {
        ["custard-lumpy"] =
        [
            new("starch-dry", "Starch met hot liquid dry", HowOften.Common, "Whisk it into sugar or yolk first.")
            {
                Clear = [StarchDry],
                ClearlyAgainst = [LumpsAtBottom],
            },
            new("not-stirred", "It was not stirred as it first thickened", HowOften.Common, "Stir before it thickens, not after.")
            {
                Clear = [StirredLate, LumpsAtBottom],
            },
            new("too-hot", "The heat was too high", HowOften.NowAndThen, "Medium heat.")
            {
                Clear = [HighHeat],
                Mild = [LumpsAtBottom],
            },
        ],
        ["scorched"] =
        [
            new("thin-pan", "The pan is thin, or the heat was high", HowOften.Common, "A thick pan, medium heat.")
            {
                Clear = [ThinPan, HighHeat],
                MildlyAgainst = [Corners],
            },
            new("corners", "The corners were not stirred", HowOften.NowAndThen, "A spatula that reaches the corners.")
            {
                Clear = [Corners],
            },
            new("left-alone", "It was left alone", HowOften.NowAndThen, "Nothing else while it is on.")
            {
                Clear = [LeftAlone],
            },
        ],
        ["scrambled"] =
        [
            new("not-tempered", "The yolks were not warmed first", HowOften.Common, "A third of the hot liquid onto the yolks.")
            {
                Clear = [YolksUntempered],
            },
            new("boiled", "It boiled, and has no starch to protect it", HowOften.Common, "Over steam, and off before it boils.")
            {
                Clear = [Boiled],
                Mild = [NoStarch],
            },
            new("poured-fast", "The hot liquid went on too fast", HowOften.NowAndThen, "A thin stream, whisking.")
            {
                Clear = [PouredAtOnce],
            },
        ],
        ["skin"] =
        [
            new("no-film", "There was no film on its surface", HowOften.Common, "Film right on it, at once.")
            {
                Clear = [NoFilm],
            },
            new("film-late", "The film went on too late", HowOften.NowAndThen, "Film while it is still hot.")
            {
                Clear = [FilmLate],
            },
            new("air-under", "There was air under the film", HowOften.NowAndThen, "Press it on from the middle outwards.")
            {
                MildlyAgainst = [NoFilm, FilmLate],
            },
        ],
        ["custard-thin"] =
        [
            new("no-bubble", "It has not bubbled yet", HowOften.Common, "A real bubble in the middle, for a minute or two.")
            {
                Clear = [NoBubble],
            },
            new("little-starch", "There is too little starch in it", HowOften.Common, "The set index belongs in its band.")
            {
                Clear = [SetsUnderBand],
                Mended = SetAtAim,
            },
            new("acid-boiled", "Acid was boiled with the starch", HowOften.NowAndThen, "Juice off the heat.")
            {
                Clear = [AcidBoiled],
                Mild = [SharpOrSpirit],
            },
        ],
        ["split"] =
        [
            new("eggs", "Eggs went in cold or too fast", HowOften.Common, "At the room’s warmth, one by one.")
            {
                Clear = [SplitCold, SplitFast],
                MildlyAgainst = [Oily],
            },
            new("too-hot", "It was too hot", HowOften.Common, "Just warm enough to melt.")
            {
                Clear = [ChocolateHot],
                Mild = [Oily],
            },
            new("lean", "There is too little liquid for so much chocolate", HowOften.NowAndThen, "Cream and chocolate one to one.")
            {
                Clear = [LeanGanache],
                Mild = [Oily],
                Mended = SetAtAim,
            },
        ],
        ["gelatine-strings"] =
        [
            new("hot-into-cold", "Hot gelatine met a cold mixture at once", HowOften.Common, "Loosen it with a spoonful first.")
            {
                Clear = [HotIntoCold],
            },
            new("cooled-too-far", "It had cooled too far before it was mixed", HowOften.NowAndThen, "Mix while both are just warm.")
            {
                Clear = [CooledLong],
                ClearlyAgainst = [HotIntoCold],
            },
            new("not-bloomed", "It was not soaked", HowOften.NowAndThen, "Five minutes in cold water.")
            {
                Clear = [NotBloomed],
                Mild = [GrainsLeft],
            },
        ],
    };
}
