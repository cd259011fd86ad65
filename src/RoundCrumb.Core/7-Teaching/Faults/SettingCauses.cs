using RoundCrumb.Core.Advice;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Toppings;
using static RoundCrumb.Core.Diagnosis.AskedSigns;
using static RoundCrumb.Core.Diagnosis.KnownSigns;
using static RoundCrumb.Core.Diagnosis.Mending;

namespace RoundCrumb.Core.Diagnosis;

/// <summary>Causes of the faults of what should set.</summary>
internal static class SettingCauses
{
    public static readonly Dictionary<string, Cause[]> All = new(StringComparer.Ordinal)
    {
        ["starch-unset"] =
        [
            new("no-bubble", "It never came to a bubble", HowOften.Common, "A bubble in the middle, one to two minutes.")
            {
                Clear = [NoBubble],
            },
            new("little-starch", "There is too little starch in it", HowOften.Common, "The set index belongs in its band.")
            {
                Clear = [SetsUnderBand],
                Mended = SetAtAim,
            },
            new("acid-boiled", "Acid was boiled in", HowOften.NowAndThen, "Juice off the heat.")
            {
                Clear = [AcidBoiled],
                Mild = [SharpOrSpirit],
            },
            new("cut-early", "It was cut too early, or warm", HowOften.Common, "Hours in the cold, right to the middle.")
            {
                Clear = [CutEarly, CutWarm],
            },
            new("spirit-or-sugar", "Spirit or much sugar holds the starch back", HowOften.Rare,
                "Spirit off the heat; sugar to the family’s range.")
            {
                Clear = [SharpOrSpirit],
                Mild = [SweetFilling],
            },
        ],
        ["thinned"] =
        [
            new("enzyme", "The yolk’s enzyme lived on: it never bubbled", HowOften.Common, "Hold the bubble for a minute or two.")
            {
                Clear = [NoBubble],
                Mild = [FirmThenThin],
            },
            new("stirred-after", "It was stirred hard after it had set", HowOften.NowAndThen, "Stir it before it sets, or not at all.")
            {
                Clear = [StirredAfter],
            },
            new("acid", "Acid has thinned it", HowOften.NowAndThen, "Juice off the heat, and as little as tastes.")
            {
                Clear = [AcidBoiled],
                Mild = [SharpOrSpirit],
            },
        ],
        ["gelatine-unset"] =
        [
            new("too-little", "There is too little gelatine in it", HowOften.Common, "The share belongs in its band.")
            {
                Clear = [SetsUnderBand],
                Mended = SetAtAim,
            },
            new("undissolved", "It was not dissolved", HowOften.NowAndThen, "Melt it at 50 to 60 °C until it is clear.")
            {
                Clear = [GrainsLeft],
            },
            new("boiled", "It was boiled", HowOften.NowAndThen, "Never boil it.")
            {
                Clear = [GelatineBoiled],
            },
            new("enzyme-fruit", "Raw fruit in it digests gelatine", HowOften.Common, "Boil the fruit for two minutes, or take a tin.")
            {
                Clear = [RawEnzymeFruit],
                Fits = static c => c.Fillings.SelectMany(f => f.Lines).Any(l => l.Ingredient.ProteaseWhenRaw)
                || c.Toppings.Any(t => t.Topping.Piece?.Ingredient.ProteaseWhenRaw is true),
            },
            new("acid-or-spirit", "Acid or spirit weakens it", HowOften.NowAndThen, "A tenth to a fifth more gelatine.")
            {
                Clear = [SharpOrSpirit],
            },
            new("not-long", "It was not cold for long enough", HowOften.Common, "Four to six hours, better a night.")
            {
                Clear = [CutEarly, CutWarm],
            },
        ],
        ["weeping"] =
        [
            new("overbaked", "It was overbaked", HowOften.Common, "Out while the middle trembles.")
            {
                Clear = [MiddleHot, BakedLong],
                Fits = static c => c.Filling.Formula.Family.Scale.InTheOven is not null,
            },
            new("meringue-cold", "Meringue lies on a cold filling, or has too little sugar", HowOften.Common, "Onto a hot filling.")
            {
                Clear = [MeringueOnCold],
                Mild = [WarmTopping, SyrupBeneath],
                Fits = static c => c.Toppings.Any(t => t.Topping.Kind is ToppingKind.Meringue),
            },
            new("fruit-sugared", "Fruit was sugared early", HowOften.NowAndThen, "Sugar it last.")
            {
                Clear = [FruitSugared],
            },
            new("frozen", "Starch that was frozen lets go of its water", HowOften.NowAndThen, "Freeze the shell, not the custard.")
            {
                Clear = [WasFrozen],
            },
            new("cream-old", "The cream stood past its hold", HowOften.NowAndThen, "Stabilise it, or top it later.")
            {
                Clear = [CreamPastHold],
                Fits = static c => c.Toppings.Any(t => t.Topping.Kind is ToppingKind.Whipped),
                Mended = Top(ToppingBook.Held),
            },
            new("stirred", "It was stirred after it had set", HowOften.NowAndThen, "Leave it alone.")
            {
                Clear = [StirredAfter],
            },
        ],
        ["rubbery"] =
        [
            new("too-much", "There is too much in it that sets", HowOften.Common, "The set index belongs in its band.")
            {
                Clear = [SetsOverBand],
                Mended = SetAtAim,
            },
            new("overbaked", "Its egg was overbaked", HowOften.NowAndThen, "Out while the middle trembles.")
            {
                Clear = [MiddleHot, BakedLong],
                Fits = static c => c.Filling.Formula.Family.Scale.InTheOven is not null,
            },
            new("from-cold", "It came straight from the cold", HowOften.NowAndThen, "Twenty minutes in the room.")
            {
                Clear = [FromCold],
                MildlyAgainst = [SetsOverBand],
            },
        ],
        ["layers-mixed"] =
        [
            new("upper-warm", "The upper layer was too warm", HowOften.Common, "Barely warm: 35 °C at the most.")
            {
                Clear = [UpperWarm],
            },
            new("from-height", "It was poured from a height", HowOften.NowAndThen, "Over the back of a spoon.")
            {
                Clear = [PouredHigh],
            },
            new("lower-soft", "The lower layer had not set", HowOften.Common, "Until a finger leaves no mark.")
            {
                Clear = [LowerSoft],
            },
        ],
        ["collapsed"] =
        [
            new("early", "It was taken out too early", HowOften.Common, "A night in the cold.")
            {
                Clear = [EarlyOut, CutEarly],
            },
            new("cream-soft", "It has no gelatine, and its cream was not stiff", HowOften.Common,
                "Whip the cream stiff, or set it with gelatine.")
            {
                Clear = [CreamSoft],
                Mild = [NoGelatine],
            },
            new("unlined", "The tin was not lined", HowOften.Rare, "A strip of acetate or paper round the side.")
            {
                Clear = [TinUnlined],
            },
            new("soft-set", "There is too little in it that sets", HowOften.NowAndThen, "The set belongs in its band.")
            {
                Clear = [SetsUnderBand],
                Mended = SetAtAim,
            },
        ],
        ["stands-low"] =
        [
            new("short-batch", "The batch was below the pan", HowOften.Common, "The next workable batch, or a smaller pan.")
            {
                Clear = [ShortBatch],
                Mended = static f => f.Pie.Composition.Make(BatchChoice.Exact),
            },
            new("unscraped", "Much was left in the pot", HowOften.Rare, "Scrape it, and weigh what goes in.")
            {
                Clear = [PotUnscraped],
                Mild = [PotLight],
            },
            new("over-reduced", "It was boiled down too far", HowOften.NowAndThen, "Weigh it as it boils down.")
            {
                Clear = [BoiledLow],
                Mild = [Reduced, PotLight],
            },
            new("foam-fell", "The foam fell as it was folded", HowOften.NowAndThen, "Fold less, with a broad spatula.")
            {
                Clear = [FoamFell],
                Mild = [HasFoam],
                Fits = static c => c.Filling.Formula.Lines.Any(l =>
                    l.GoesIn is GoesIn.WhippedAndFolded or GoesIn.WhippedStiff or GoesIn.WhitesFolded),
            },
        ],
        ["ran-over"] =
        [
            new("too-much", "There was too much for the pan", HowOften.Common, "The batch that fits.")
            {
                Clear = [RunsOver],
                Mended = static f => f.Pie.Composition.Make(BatchChoice.Exact),
            },
            new("rises", "It rises, and was filled to the brim", HowOften.NowAndThen, "Three quarters full.")
            {
                Clear = [Rises],
            },
            new("tilted", "It stood askew", HowOften.Rare, "Level the shelf.")
            {
                Clear = [Tilted, OverOneSide],
            },
        ],
    };
}
