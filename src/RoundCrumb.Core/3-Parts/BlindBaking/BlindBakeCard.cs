using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.HeatFlow;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.BlindBaking;

/// <summary>One link of the chain from the table's minutes to this shell's.</summary>
/// <param name="Name">What makes the difference.</param>
/// <param name="By">By how much: a factor, or minutes more.</param>
/// <param name="Reason">Why.</param>
/// <param name="After">The minutes after it.</param>
public sealed record Adjustment(string Name, Quantity By, string Reason, Worked<MinuteRange> After);

/// <summary>What happens at a stage.</summary>
public enum StageKind
{
    /// <summary>A rolled shell under rice or beans.</summary>
    Weighted,

    /// <summary>A rolled shell once they are lifted out.</summary>
    Open,

    /// <summary>A pressed crumb.</summary>
    Crumb,

    /// <summary>Back in for the seal to set.</summary>
    Seal,

    /// <summary>A crust that is not baked sets in the cold.</summary>
    Chill,

    /// <summary>A bought shell.</summary>
    Unpack,

    /// <summary>The filling goes onto the hot shell.</summary>
    Fill,

    /// <summary>On the rack until it may be filled.</summary>
    Cool,

    /// <summary>The filled shell.</summary>
    Filled,
}

/// <summary>What is known of a stage.</summary>
public static class StageKinds
{
    /// <summary>The stage of a name: of its kind, or as it is called on the card; or none.</summary>
    public static StageKind? Find(string name) => Enum.TryParse<StageKind>(name, out var kind) && Enum.IsDefined(kind)
        ? kind
        : Enum.GetValues<StageKind>().Where(k => k.Name == name).Select(k => (StageKind?)k).FirstOrDefault();

    extension(StageKind kind)
    {
        /// <summary>What it is called.</summary>
        public string Name => kind switch
        {
            StageKind.Weighted => "Weighted",
            StageKind.Open => "Open",
            StageKind.Crumb => "Bake",
            StageKind.Seal => "Seal",
            StageKind.Chill => "Chill",
            StageKind.Unpack => "Unpack",
            StageKind.Fill => "Fill",
            StageKind.Cool => "Cool",
            StageKind.Filled => "Filled",
        };
    }
}

/// <summary>One stage at the oven, or of cooling.</summary>
/// <param name="Kind">Which.</param>
/// <param name="Heat">What the oven is set to; none for a stage out of the oven.</param>
/// <param name="Minutes">How long.</param>
/// <param name="Weighted">True when the shell is held down with rice or beans.</param>
/// <param name="Cue">When it is done, to eye and hand.</param>
public sealed record BakeStage(StageKind Kind, Worked<OvenCelsius>? Heat, Worked<MinuteRange> Minutes, bool Weighted, string Cue)
{
    /// <summary>What it is called.</summary>
    public string Name => Kind.Name;

    /// <summary>The table's own minutes, before anything is adjusted; the minutes themselves where there is no table.</summary>
    public MinuteRange Table { get; init; } = Minutes.Value;

    /// <summary>Every adjustment, in the order in which it is made.</summary>
    public IReadOnlyList<Adjustment> Chain { get; init; } = [];

    /// <summary>What hands do as it begins or ends; empty where they have nothing to do.</summary>
    public string Hands { get; init; } = "";
}

/// <summary>What a shell is baked in and for.</summary>
/// <param name="Oven">The oven.</param>
/// <param name="Pies">How many of it are baked, 1 or more.</param>
/// <param name="Need">What goes in.</param>
public sealed record BakeSetting(Oven Oven, int Pies, ShellNeed Need)
{
    /// <summary>What this kitchen has learned.</summary>
    public CorrectionSet Corrections => Oven.Corrections;

    /// <summary>One, for a cream pie, in an ordinary oven.</summary>
    public static BakeSetting Usual { get; } = new(Oven.Plain, 1, FillingFamilies.StarchCustard.Shell);
}

/// <summary>How a crust is baked, or chilled, before its filling goes in.</summary>
/// <param name="Treatment">Which school.</param>
/// <param name="Stages">In order.</param>
/// <param name="Weights">Grams of rice or beans; none for crumb.</param>
/// <param name="Why">What this school buys.</param>
public sealed record BlindBakeCard(Treatment Treatment, IReadOnlyList<BakeStage> Stages, Worked<Grams>? Weights, string Why)
{
    /// <summary>What it was worked out for.</summary>
    public BakeSetting Setting { get; init; } = BakeSetting.Usual;

    /// <summary>How the pans go into the oven.</summary>
    public OvenLoad Load { get; init; } = new(Kitchens.Oven.Plain, 1, 1, 1);

    /// <summary>What the dial is turned to; none for a card without an oven.</summary>
    public Worked<OvenDial>? Dial { get; init; }

    /// <summary>Width of the paper under the weights; none where nothing is weighted.</summary>
    public Worked<Millimetres>? Paper { get; init; }

    /// <summary>Its length, of a long pan; none for a circle.</summary>
    public Worked<Millimetres>? PaperLength { get; init; }

    /// <summary>What keeps the rim from burning; empty where there is nothing to shield.</summary>
    public Phrase Shield { get; init; }

    /// <summary>The colour to stop at; none for a crust that is not baked by colour.</summary>
    public ShellColour? StopAt { get; init; }

    /// <summary>The highest oven setting on the card, or none for a card without an oven.</summary>
    public OvenCelsius? Oven => Stages.FirstOrDefault(s => s.Heat is not null)?.Heat?.Value;

    /// <summary>Every figure that can be opened.</summary>
    public IEnumerable<IWorked> Figures() =>
        Stages.SelectMany(s => new IWorked?[] { s.Heat, s.Minutes }.Concat(s.Chain.Select(a => a.After)))
            .Concat([Weights, Dial, Paper, PaperLength, .. (Shield.Amounts ?? []).Select(a => a.Figure)]).OfType<IWorked>();

    /// <summary>The card for a crust in a pan.</summary>
    /// <param name="choice">The crust.</param>
    /// <param name="pan">The pan.</param>
    /// <param name="lined">The pan with the crust in it.</param>
    /// <param name="setting">Oven, number and filling; an ordinary oven, one, a cream pie where there is none.</param>
    public static BlindBakeCard For(CrustChoice choice, Pan pan, LinedPan lined, BakeSetting? setting = null)
    {
        var s = setting ?? BakeSetting.Usual;
        var load = OvenLoad.For(s.Oven, pan, s.Pies);
        var card = choice.Treatment switch
        {
            Treatment.HotStart => Rolled(
                choice, pan, lined, s, load, BlindBakeConstants.HotOven, BlindBakeConstants.HotWeighted,
                s.Need.Bake is ShellBake.Part ? BlindBakeConstants.HotOpenPart : BlindBakeConstants.HotOpen,
                "A hot oven sets the layers before the butter runs out of them."),
            Treatment.Steady => Rolled(
                choice, pan, lined, s, load, BlindBakeConstants.SteadyOven, BlindBakeConstants.SteadyWeighted,
                s.Need.Bake is ShellBake.Part ? BlindBakeConstants.SteadyOpenPart : BlindBakeConstants.SteadyOpen,
                "A moderate oven throughout gives an even colour and shrinks least."),
            Treatment.Baked => Crumb(choice, pan, s, load),
            Treatment.Ready => Bought(choice),
            _ => Chilled(choice),
        };
        var heat = card.Stages.Select(stage => stage.Heat).FirstOrDefault(h => h is not null);
        return card with { Setting = s, Load = load, Dial = heat is null ? null : s.Oven.DialFor(heat) };
    }

    private static BlindBakeCard Rolled(
        CrustChoice choice, Pan pan, LinedPan lined, BakeSetting setting, OvenLoad load, Constant oven,
        (Constant Low, Constant High) weighted, (Constant Low, Constant High) open, string why)
    {
        var part = setting.Need.Bake is ShellBake.Part;
        var weights = new Worked<Grams>(
            "weights", "Baking weights", new(lined.Within.Volume.Value * CrustConstants.WeightDensity.Usual),
            "room inside the lined shell × g/ml of rice or beans: to the rim, not only a layer",
            Term.Given("room inside the lined shell", lined.Within.Volume), CrustConstants.WeightDensity);
        var heat = new Worked<OvenCelsius>("oven", "Oven", new(oven.Usual), "the school's own heat", oven);
        var factors = Factors(choice, pan, load, rolled: true);
        var stages = new List<BakeStage>(4)
        {
            Stage(
                "bake-weighted", StageKind.Weighted, "Weighted bake", heat, weighted,
                Learned(factors, StageKind.Weighted, choice, setting),
                choice.Frozen ? FromFrozen(choice, pan, oven) : null) with
            {
                Weighted = true, Cue = "edge set and matt, paper lifts clean", Hands = "paper in, weights to the rim",
            },
            Stage("bake-open", StageKind.Open, part ? "Open bake, for a part bake" : "Open bake", heat, open,
                Learned(factors, StageKind.Open, choice, setting), null) with
            {
                Cue = part
                    ? "dry and blond; press a puffed base down with a spoon"
                    : "base dry and golden; press a puffed base down with a spoon",
                Hands = "lift paper and weights out, turn it round; patch cracks with kept scraps",
            },
        };
        AddSeal(stages, choice.Seal, heat);
        stages.Add(part && setting.Need.FilledHot
            ? new BakeStage(
                StageKind.Fill, null,
                new Worked<MinuteRange>(
                    "cool-shell", "Fill it hot", MinuteRange.None, "the filling goes onto a hot shell",
                    Term.Given("cooling", MinuteRange.None)),
                false, "straight from the oven")
            : Cooling(BlindBakeConstants.CoolShell, "cold to the back of the hand"));

        var wall = pan.Inside.UpTo(choice.Height.Value);
        Term[] paper = [Term.Given("wall slant", new Millimetres(wall.Slant)), CrustConstants.PaperOverhang];
        var across = pan.Base.Value + (2 * (wall.Slant + CrustConstants.PaperOverhang.Usual));
        return new(choice.Treatment, stages, weights, why)
        {
            Paper = new(
                "paper", pan.IsRound ? "Paper circle, across" : "Paper, across", new(across),
                "base width + 2 × wall slant + 2 × to lift by", [Term.Given("base width", pan.Base), .. paper]),
            PaperLength = pan.IsRound ? null : new(
                "paper-length", "Paper, long", new(across + (2 * pan.Inside.HalfExtra)), "base length + 2 × wall slant + 2 × to lift by",
                [Term.Given("base length", new Millimetres(pan.Base.Value + (2 * pan.Inside.HalfExtra))), .. paper]),
            Shield = choice.Edge is Edge.Trimmed && !pan.HasRim ? Phrase.None : new(
                choice.Treatment is Treatment.HotStart
                    ? "Shield the rim with foil once the weights are out, {0} round; drop to {1} if it runs ahead."
                    : "Shield the rim with foil, {0} round, when it is a shade darker than the base.",
                new Worked<Millimetres>(
                    "shield-rim", "Round the rim", pan.Inside.Rim, "the length round the pan's top", Term.Given("top width", pan.Top)),
                new Quantity(BlindBakeConstants.HotDrop.Usual, Dimension.OvenHeat)),
            StopAt = ShellColour.StopAt(setting.Need.Bake, setting.Need.Wet, choice.Seal.HoldsWater),
        };
    }

    private static BlindBakeCard Crumb(CrustChoice choice, Pan pan, BakeSetting setting, OvenLoad load)
    {
        var heat = new Worked<OvenCelsius>(
            "oven", "Oven", new(BlindBakeConstants.CrumbOven.Usual), "the usual heat for crumb", BlindBakeConstants.CrumbOven);
        var stages = new List<BakeStage>(3)
        {
            Stage(
                "bake-open", StageKind.Crumb, "Bake", heat, BlindBakeConstants.CrumbBake,
                Learned(Factors(choice, pan, load, rolled: false), StageKind.Crumb, choice, setting), null)
                with
                {
                    Cue = "smells toasted, edge a shade darker, firm when cool",
                    Hands = "press the base once more with a glass when it comes out",
                },
        };
        AddSeal(stages, choice.Seal, heat);
        stages.Add(Cooling(BlindBakeConstants.CoolShell, "quite cold: a warm crumb crust drinks the filling"));
        return new(choice.Treatment, stages, null, "Baked crumb is crisper and holds under a wet filling.");
    }

    private static BlindBakeCard Chilled(CrustChoice choice)
    {
        var laid = choice.Family is LaidFamily;
        var (low, high) = laid ? BlindBakeConstants.LaidChill : BlindBakeConstants.CrumbChill;
        var minutes = new Worked<MinuteRange>(
            "chill", "Chill", MinuteRange.Between(low.Usual, high.Usual),
            laid ? "table minutes" : "table minutes; 20 in the freezer do as well", low, high);
        var stages = new List<BakeStage>(2)
        {
            new(StageKind.Chill, null, minutes, false, laid ? "the crumbs between no longer move" : "firm to a knuckle")
        };
        AddSeal(stages, choice.Seal.NeedsOven ? Seal.None : choice.Seal, null);
        return new(
            Treatment.Chilled, stages, null,
            laid
                ? "Laid biscuits are not baked again; the crumbs between need only hold."
                : "Chilled crumb is softer and needs no oven: for no-bake days.");
    }

    private static BlindBakeCard Bought(CrustChoice choice)
    {
        var stages = new List<BakeStage>(2)
        {
            new(
                StageKind.Unpack, null,
                new Worked<MinuteRange>(
                    "unpack", "Unpack", MinuteRange.None, "it is baked already", Term.Given("in the oven", MinuteRange.None)),
                false, "no cracks; leave it in its foil")
        };
        AddSeal(stages, choice.Seal.NeedsOven ? Seal.None : choice.Seal, null);
        return new(Treatment.Ready, stages, null, "It is baked already; it needs no oven.");
    }

    private static void AddSeal(List<BakeStage> stages, Seal seal, Worked<OvenCelsius>? heat)
    {
        if (seal == Seal.None)
            return;
        if (seal.NeedsOven)
        {
            stages.Add(new(StageKind.Seal, heat, new Worked<MinuteRange>(
                "bake-seal", seal.Name + ", back in the oven", seal.OvenMinutes, "table minutes for this seal",
                Term.Given(seal.Name, seal.OvenMinutes)), false, seal.Cue)
            { Hands = "brush it on thinly" });
        }
        else
        {
            stages.Add(new(StageKind.Seal, null, new Worked<MinuteRange>(
                "bake-seal", seal.Melts ? seal.Name + ", left to set" : seal.Name, seal.SetMinutes, "on the cooled shell, in a cool room",
                Term.Given(seal.Name, seal.SetMinutes)), false, seal.Cue)
            { Hands = seal.Melts ? "brush it on the cold shell" : "spread it as the filling goes in" });
        }
    }

    /// <summary>The same with what this kitchen has learned of the stage, as a link of its own.</summary>
    private static List<Constant> Learned(List<Constant> factors, StageKind stage, CrustChoice choice, BakeSetting setting) =>
        setting.Corrections.Of(CorrectionKey.BakeMinutes(stage.ToString(), choice.Family.Id, setting.Oven.Id)) is { } here
            ? [.. factors, here]
            : factors;

    /// <summary>What this shell's minutes are multiplied by, with reasons; a factor of one is left out.</summary>
    private static List<Constant> Factors(CrustChoice choice, Pan pan, OvenLoad load, bool rolled)
    {
        var factors = new List<Constant>(4);
        var thickness = choice.Thickness.Value / BlindBakeConstants.TableThickness.Usual;
        if (rolled && thickness != 1)
            factors.Add(
                new(
                    "thickness ÷ 3 mm", thickness, Dimension.Factor,
                    "Heat has further to go through thicker dough; the table is for 3 mm."));
        if (PanConstants.BakeFactor(pan.Material) is var material && material.Usual != 1)
            factors.Add(material);
        if (rolled && pan.IsSmall)
            factors.Add(PanConstants.SmallShell);
        if (load.SlowedBy is { } slowed)
            factors.Add(slowed);
        return factors;
    }

    /// <summary>
    /// Practice's minutes for a shell from the freezer, by how much longer heat takes through this dough and pan than through those that
    /// they are for.
    /// </summary>
    private static Constant FromFrozen(CrustChoice choice, Pan pan, Constant oven)
    {
        var usual = BlindBakeConstants.FromFrozen;
        var times = FrozenDough.Longer(choice.Thickness.Value, oven.Usual, pan.Material.Wall) / FrozenLonger;
        return new(
            usual.Name, Math.Round(usual.Usual * times * 2) / 2, Math.Round(usual.Low * times * 2) / 2,
            Math.Round(usual.High * times * 2) / 2, usual.Dimension,
            usual.Reason + " Thicker dough and glass take longer to thaw, a hotter oven less.");
    }

    /// <summary>What they are for: 3 mm in bright metal, in a steady oven.</summary>
    private static readonly double FrozenLonger = FrozenDough.Longer(
        BlindBakeConstants.TableThickness.Usual, BlindBakeConstants.SteadyOven.Usual, PanMaterial.BrightAluminium.Wall);

    private static BakeStage Stage(
        string id, StageKind kind, string figure, Worked<OvenCelsius> heat, (Constant Low, Constant High) table, List<Constant> factors,
        Constant? more)
    {
        var written = MinuteRange.Between(table.Low.Usual, table.High.Usual);
        var minutes = written;
        var chain = new List<Adjustment>(factors.Count + 1);
        foreach (var factor in factors)
        {
            var before = minutes;
            minutes *= factor.Usual;
            chain.Add(
                new(
                    factor.Name, new(factor.Usual, factor.Dimension), factor.Reason,
                    new(
                        $"{id}-after-{chain.Count + 1}", $"{figure}, after {factor.Name}", minutes, "the minutes before × this",
                        Term.Given("before", before), factor)));
        }

        if (more is not null)
        {
            var before = minutes;
            minutes += MinuteRange.Of(more.Usual);
            chain.Add(
                new(
                    more.Name, new(more.Usual, Dimension.Time), more.Reason,
                    new(
                        $"{id}-after-{chain.Count + 1}", $"{figure}, after {more.Name}", minutes, "the minutes before + this",
                        Term.Given("before", before), more)));
        }

        var worked = new Worked<MinuteRange>(
            id, figure, minutes,
            "table minutes" + string.Concat(factors.Select(f => " × " + f.Name)) + (more is null ? "" : " + " + more.Name),
            [table.Low, table.High, .. factors.Select(Term.FromConstant), .. more is null ? Array.Empty<Term>() : [more]]);
        return new(kind, heat, worked, false, "") { Table = written, Chain = chain };
    }

    private static BakeStage Cooling((Constant Low, Constant High) table, string cue) => new(
        StageKind.Cool, null,
        new Worked<MinuteRange>(
            "cool-shell", "Cool the shell", MinuteRange.Between(table.Low.Usual, table.High.Usual), "on a rack, least to most", table.Low,
            table.High),
        false, cue);
}
