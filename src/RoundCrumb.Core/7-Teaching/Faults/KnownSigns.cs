using System.Runtime.CompilerServices;
using RoundCrumb.Core.Advice;
using RoundCrumb.Core.BlindBaking;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Records;
using RoundCrumb.Core.Steps;
using RoundCrumb.Core.Toppings;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Diagnosis;

/// <summary>Signs that the pie, its advice, its log or the room tells by itself.</summary>
internal static class KnownSigns
{
    public static readonly Sign ShellFrozen = Of(c =>
        Is(c.Pie.Composition.Crust.Chill is ShellChill.Frozen, "the shell was frozen before it was baked"));

    public static readonly Sign NotChilled = Of(c =>
        Is(c.Pie.Composition.Crust.Chill is ShellChill.Unchilled, "it was planned without a second chill"));

    public static readonly Sign FlakyInTin = Advised(CrustRules.FlakyInTin);

    public static readonly Sign WarmRoom = Of(c =>
        Is(c.Pie.Kitchen.Room.Value >= 24, new("the room has {0}", c.Pie.Kitchen.Room.AsQuantity())));

    public static readonly Sign OvenReadLow = Of(c =>
        Read(c) is not { } off ? null : Is(off <= -8, new("the thermometer read {0} less than the dial", Degrees(-off))));

    public static readonly Sign OvenReadHigh = Of(c =>
        Read(c) is not { } off ? null : Is(off >= 8, new("the thermometer read {0} more than the dial", Degrees(off))));

    public static readonly Sign ThickDough = Of(c => c.Pie.Composition.Crust.Family is not RolledFamily ? null
        : Is(c.Pie.Composition.Crust.Thickness.Value > 4, new("the dough is {0} thick", c.Pie.Composition.Crust.Thickness.AsQuantity())));

    public static readonly Sign ThickCrumb = Of(c => c.Pie.Composition.Crust.Family is not CrumbFamily ? null
        : Is(c.Pie.Composition.Crust.Thickness.Value > 10, new("the base is {0} thick", c.Pie.Composition.Crust.Thickness.AsQuantity())));

    public static readonly Sign ThinCrumb = Of(c => c.Pie.Composition.Crust.Family is not CrumbFamily ? null
        : Is(c.Pie.Composition.Crust.Thickness.Value < 4, new("the base is {0} thick", c.Pie.Composition.Crust.Thickness.AsQuantity())));

    public static readonly Sign OatsOrNuts = Of(c => Is(
        c.Pie.Composition.Crust.Family.Ingredients.Any(i => i.Is(Traits.Oats) || i.Is(Traits.GroundNuts)),
        "there are oats or nuts in the dough"));

    public static readonly Sign WeightedShort = Of(c => Short(c, StageKind.Weighted, "under weights"));

    public static readonly Sign OpenShort = Of(c => Short(c, StageKind.Open, "without weights"));

    public static readonly Sign BakedShort = Of(c => Short(c, StageKind.Filled, "filled"));

    public static readonly Sign BakedLong = Of(c => Planned(c, StageKind.Filled) is not { } of ? null
        : Is(of.Took > of.Plan.Most, new("it baked {0} instead of {1}", new Quantity(of.Took, Dimension.Time), of.Plan.AsQuantity())));

    public static readonly Sign NoSealWaited = Of(c =>
        c.Pie.BaseLife is not { } life || c.Pie.Composition.Crust.Seal != Seal.None ? Is(false, Phrase.None)
        : Is(Stood(c) * 60 > life.Value.Best,
            new("no seal, and it stood {0}; it stays crisp for {1}", new Quantity(Stood(c) * 60, Dimension.Time), life)));

    public static readonly Sign CrumbUnbaked = Of(c => Is(
        c.Pie.Composition.Crust is { Family: CrumbFamily, IsBaked: false } && c.Pie.Composition.Filling.Formula.Family.Shell.Wet,
        "the crumb was not baked, and the filling is wet"));

    public static readonly Sign PalePan = Of(c => Is(
        c.Pie.Composition.Pan.Material is PanMaterial.Glass or PanMaterial.Ceramic or PanMaterial.BrightAluminium,
        "the pan is slow to brown a base"));

    public static readonly Sign FruitFilling = Of(c => Is(
        c.Pie.Composition.Filling.Formula.Family.Scale == SetScale.StarchInFruit, "it is a fruit filling, and fruit weeps juice"));

    public static readonly Sign HighEdge = Of(c =>
        Is(c.Pie.Composition.Crust.Edge is Edge.HighFluted, "the edge stands high above the pan"));

    public static readonly Sign SweetDough = Of(c => Is(
        c.Pie.Composition.Crust.Family is RolledFamily { Mixing: Mixing.Creamed }, "a sweet dough browns early"));

    public static readonly Sign SetsUnderBand = Of(c =>
        Is(c.Pie.Yield.Cut.Verdict < 0, new($"reckoned, it cuts {c.Pie.Yield.Cut.Name}: set index {{0}}", c.Pie.Yield.SetIndex)));

    public static readonly Sign SetsOverBand = Of(c =>
        Is(c.Pie.Yield.Cut.Verdict > 0, new($"reckoned, it cuts {c.Pie.Yield.Cut.Name}: set index {{0}}", c.Pie.Yield.SetIndex)));

    public static readonly Sign CutRunny = Of(c => c.Entry.Set is SetVerdict.NotSaid ? null
        : Is(c.Entry.Set is SetVerdict.Runny or SetVerdict.Soft, $"the log says that it cut {c.Entry.Set.Word}"));

    public static readonly Sign CutEarly = Of(c => c.Entry.Stood is not { } stood ? null
        : Is(stood * 60 < c.Pie.Chain.SetTime.Value.Least,
            new("it was cut after {0}; it sets in {1}", new Quantity(stood * 60, Dimension.Time), c.Pie.Chain.SetTime)));

    public static readonly Sign SharpOrSpirit = Of(c => Is(
        c.Pie.Yield.Juice.Value.Value > 0.2 || c.Pie.Composition.Filling.Formula.Lines.Any(l => l.Ingredient.IsSpirit),
        new("there is {0} of sharp juice in it, or spirit", c.Pie.Yield.Juice)));

    public static readonly Sign RawEnzymeFruit = Of(c => Is(
        c.Pie.Composition.Fillings.SelectMany(f => f.Lines).Any(l => l.Ingredient.ProteaseWhenRaw && l.GoesIn is not GoesIn.Boiled)
            || c.Pie.Composition.Toppings.Any(t => t.Topping.Piece?.Ingredient.ProteaseWhenRaw is true),
        "raw fruit in it digests gelatine"));

    public static readonly Sign NoStarch = Of(c => Is(
        c.Pie.Composition.Filling.Formula.Family.Scale != SetScale.Starch, "nothing in it keeps egg from setting: it has no starch"));

    public static readonly Sign CreamPastHold = Of(c => c.Pie.Toppings.Count == 0 ? null
        : Is(
            Stood(c, topped: true) * 60 > c.Pie.Toppings[0].Choice.Topping.Holds.Most,
            new("it stood {0} topped; it holds {1}", new Quantity(Stood(c, topped: true) * 60, Dimension.Time),
                c.Pie.Toppings[0].Choice.Topping.Holds.AsQuantity())));

    public static readonly Sign WarmTopping = Of(c => Is(
        c.Pie.Toppings.Any(t => t.Choice.Topping.Kind is ToppingKind.Meringue) && !c.Pie.Composition.Filling.Formula.Family.GoesInHot,
        "the filling goes in cold, and meringue wants it hot"));

    public static readonly Sign RunsOver = Advised(FillingRules.RunsOver);

    public static readonly Sign Rises = Of(c =>
        Is(c.Pie.Composition.Filling.Formula.Family.Rise is not null, "this filling rises in the oven"));

    public static readonly Sign ShortBatch = Advised(FillingRules.ShortOf);

    public static readonly Sign Reduced = Of(c => Is(
        c.Pie.Composition.Filling.Formula.Lines.Any(l => l.GoesIn is GoesIn.Reduced), "something in it is boiled down"));

    public static readonly Sign PotLight = Of(c => c.Entry.FromPot is not { } pot ? null
        : Is(pot.Value < c.Pie.PotMass.Value.Value * 0.95, new("{0} came from the pot instead of {1}", pot.AsQuantity(), c.Pie.PotMass)));

    public static readonly Sign TooDeep = Advised(FillingRules.TooDeep);

    public static readonly Sign HasFoam = Of(c => Is(
        c.Pie.Composition.Filling.Formula.Lines.Any(l => l.GoesIn is GoesIn.WhippedAndFolded or GoesIn.WhippedStiff or GoesIn.WhitesFolded),
        "foam is folded in"));

    public static readonly Sign NoGelatine = Of(c => Is(
        c.Pie.Composition.Filling.Formula.Family.Scale == SetScale.Cheese, "it is set without gelatine"));

    public static readonly Sign HeavyPieces = Of(c => Is(
        c.Pie.Composition.Toppings.Any(t => t.Topping.Piece?.Heavy is true), "the pieces are heavy halves"));

    public static readonly Sign NoGlaze = Of(c => Is(
        c.Pie.Composition.Toppings.All(t => t.Topping.Kind is not ToppingKind.Glaze), "nothing was glazed"));

    public static readonly Sign SweetTopping = Of(c =>
        Is(c.Pie.Composition.Toppings.Any(t => t.Topping.IsSweetened), "the topping is sweetened"));

    public static readonly Sign SweetThings = Of(c => Is(
        c.Pie.Composition.Filling.Formula.Lines.Any(l => l.Ingredient.Is(Traits.CondensedMilk) || l.Ingredient.Is(Traits.Jam)),
        "condensed milk or jam sweetens it already"));

    public static readonly Sign SweetFilling = Of(c =>
        Is(c.Pie.Yield.Sugars.Value.Value > 0.26, new("{0} of the filling is sugar", c.Pie.Yield.Sugars)));

    public static readonly Sign HoneyBound = Of(c => Is(
        c.Pie.Composition.Crust.Binder is Binder.Honey or Binder.Sugar, "the crumb is bound with honey or sugar"));

    public static readonly Sign RichCrumb = Of(c => Is(
        c.Pie.Composition.Crust.Family.Ingredients.Any(i => i.Is(Traits.RichCrumb) || i.Is(Traits.ButteryCrumb)),
        "the biscuit brings fat of its own"));

    public static readonly Sign CoarseCrumb = Of(c => Is(
        c.Pie.Composition.Crust.Family.Ingredients.Any(i => i.Is(Traits.CoarseCrumb)), "the crumb is coarse by nature"));

    public static readonly Sign LeanGanache = Of(c => Is(
        c.Pie.Composition.Filling.Formula.Family.Scale == SetScale.Chocolate && c.Pie.Yield.Cut.Verdict > 0,
        "there is much chocolate to little cream"));

    private static Sign Of(Func<FaultCase, Found?> known, [CallerMemberName] string id = "") => new(id, "", "", "") { Known = known };

    /// <summary>Advice that was given and not taken.</summary>
    private static Sign Advised(Rule rule, [CallerMemberName] string id = "") => new(id, "", "", "")
    {
        Known = c => c.Pie.Advice.FirstOrDefault(f => f.Rule == rule) is { } finding
            ? new Found(true, Phrase.Join("the advice was not taken:", finding.Says))
            : new Found(false, Phrase.None),
    };

    private static Found Is(bool isThere, Phrase says) => new(isThere, isThere ? says : Phrase.None);

    private static double? Read(FaultCase of) => of.Entry is { OvenSet: { } set, OvenRead: { } read } ? read.Value - set.Value : null;

    private static Quantity Degrees(double by) => new(by, Dimension.HeatDifference);

    /// <summary>Hours from filling to the cut: as logged, else as planned.</summary>
    private static double Stood(FaultCase of, bool topped = false) => of.Entry.Stood
        ?? (topped ? of.Pie.Composition.Occasion.ToppedAhead : of.Pie.Composition.Occasion.FilledAhead);

    private static (double Took, MinuteRange Plan)? Planned(FaultCase of, StageKind kind) =>
        of.Entry.StageMinutes.TryGetValue(kind, out var took)
            && Weighable.StagesOf(of.Pie).FirstOrDefault(s => s.Kind == kind) is { } stage ? (took, stage.Minutes.Value) : null;

    private static Found? Short(FaultCase of, StageKind kind, string what) => Planned(of, kind) is not { } stage ? null
        : Is(stage.Took < stage.Plan.Least,
            new($"{{0}} {what} instead of {{1}}", new Quantity(stage.Took, Dimension.Time), stage.Plan.AsQuantity()));
}
