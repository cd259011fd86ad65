using RoundCrumb.Core.BlindBaking;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.HeatFlow;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Baking;

/// <summary>How a filled shell is baked.</summary>
/// <param name="Stage">The stage as it stands on cards and in steps.</param>
/// <param name="Curve">How its middle warms in the oven and after; none where it is so deep that practice's minutes stand.</param>
/// <param name="TakeOut">How warm its middle is when it is taken out; none as above.</param>
/// <param name="ShieldAfter">After so many minutes the rim wants a shield; none where it does not within the bake.</param>
public sealed record PieBaking(BakeStage Stage, BakingCurve? Curve, Worked<Celsius>? TakeOut, Worked<MinuteRange>? ShieldAfter)
{
    /// <summary>Every figure that can be opened.</summary>
    public IEnumerable<IWorked> Figures() =>
        new IWorked?[] { Stage.Heat, Stage.Minutes, TakeOut, ShieldAfter }.Concat(Stage.Chain.Select(a => a.After)).OfType<IWorked>();
}

/// <summary>What a pie's facts make of its bake.</summary>
public static class PieBakings
{
    private const string BakeId = "filled-bake";

    private static readonly ResultMemo<BakingCase, BakingCurve> Curves = new(static c => c.Follow());

    extension(Assessment pie)
    {
        /// <summary>How its filled shell is baked; none for a filling that is not.</summary>
        public PieBaking? Baking => pie.Once(static p => new Result(Of(p))).Is;

        /// <summary>The stage of it; none for a filling that is not baked.</summary>
        public BakeStage? FilledBake => pie.Baking?.Stage;

        /// <summary>What the dial is turned to for the filled shell; none where it says the heat itself.</summary>
        public Worked<OvenDial>? FilledDial => pie.FilledBake is { Heat: { } heat } && !pie.Card.Setting.Oven.DialIsHeat
            ? pie.Card.Setting.Oven.DialFor(heat, FilledDialId)
            : null;

        /// <summary>How it would bake at another heat, or with its filling colder or warmer.</summary>
        /// <param name="heat">Of a conventional oven, °C; its family's own where there is none.</param>
        /// <param name="start">How warm the filling goes in, °C; as its family pours it where there is none.</param>
        /// <returns>The curve; one that is never done where the oven is too cold or the filling too deep; none for a filling that is not
        /// baked.</returns>
        public BakingCurve? BakingAt(double? heat = null, double? start = null) =>
            pie.Composition.Filling.Formula.Family.Bake is null || PieBody.Of(pie).Depth < PieBody.Thinnest
                ? null
                : Curve(CaseOf(pie, heat, start));
    }

    /// <summary>What the dial for the filled shell is called among a pie's figures.</summary>
    public const string FilledDialId = "filled-dial";

    private static PieBaking? Of(Assessment pie)
    {
        if (pie.Composition.Filling.Formula.Family.Bake is not { } bake)
            return null;
        var family = pie.Composition.Filling.Formula.Family;
        var heat = new Worked<OvenCelsius>(
            "filled-oven", "Oven for the filled shell", new(bake.Heat.Usual), "the filling's own heat", bake.Heat);
        var curve = pie.BakingAt();
        Constant?[] links =
        [
            pie.Card.Load.SlowedBy,
            pie.Corrections.Of(CorrectionKey.BakeMinutes(nameof(StageKind.Filled), family.Id, pie.Card.Setting.Oven.Id)),
        ];
        var factors = links.OfType<Constant>().ToList();
        var first = factors.Count == 0 ? BakeId : BakeId + "-one-shelf";
        var minutes = curve?.OutAt is { } outAt ? Worked(pie, bake, heat, outAt, first) : Practice(bake, heat, first);
        var table = minutes.Value;
        var chain = new List<Adjustment>(factors.Count);
        foreach (var factor in factors)
        {
            // The last link is the figure itself; those before it open from it.
            var id = chain.Count == factors.Count - 1 ? BakeId : FormattableString.Invariant($"{BakeId}-{chain.Count + 1}");
            minutes = new(
                id, "Bake the filled shell", (minutes.Value * factor.Usual).InWholeMinutes(), "the minutes before × " + factor.Name,
                Term.Of(minutes), factor);
            chain.Add(new(factor.Name, new(factor.Usual, factor.Dimension), factor.Reason, minutes));
        }

        var stage = new BakeStage(StageKind.Filled, heat, minutes, false, bake.Cue) { Table = table, Chain = chain };
        return new(stage, curve?.OutAt is null ? null : curve, TakeOutOf(family, curve), ShieldOf(pie, bake, minutes.Value));
    }

    private static Worked<MinuteRange> Worked(Assessment pie, FillingBake bake, Worked<OvenCelsius> heat, double outAt, string id)
    {
        var family = pie.Composition.Filling.Formula.Family;
        return new(
            id, "Bake the filled shell",
            HeatBand.Of(outAt, false).InWholeMinutes(),
            $"heat through the {pie.Composition.Pan.Name} and its crust, until the rack will bring the middle to done; a fifth less to a "
                + "third more",
            [
                Term.Of(pie.FilledDepth), family.PourHeat.At, Term.Of(heat), .. pie.Card.Setting.Oven.Fan
                    ? [Term.Given("moving air brings heat", OvenHeat.FanFactor, Dimension.Factor)]
                    : Array.Empty<Term>(),
                .. family.Shell.FilledHot ? [Term.FromConstant(BakingConstants.HotShell)] : Array.Empty<Term>(),
                bake.DoneAt, .. bake.Moves.Usual == 1 ? Array.Empty<Term>() : [Term.FromConstant(bake.Moves)],
                HeatBand.Sooner, HeatBand.Later,
            ]);
    }

    /// <summary>As practice has it, for what is too deep, or too thin, for a sum.</summary>
    private static Worked<MinuteRange> Practice(FillingBake bake, Worked<OvenCelsius> heat, string id) => new(
        id, "Bake the filled shell", MinuteRange.Between(bake.Low.Usual, bake.High.Usual),
        "the family's minutes: this filling is too deep or too thin for a sum, so go by the look of it", bake.Low, bake.High,
        Term.Of(heat));

    private static Worked<Celsius>? TakeOutOf(FillingFamily family, BakingCurve? curve) => curve?.OutAt is null ? null : new(
        "take-out", "Take it out when its middle is at", new(Math.Floor(curve.MiddleOut)),
        "done − what it still gains on the rack", family.Bake!.DoneAt,
        Term.Given("gained on the rack", Math.Max(0, curve.DoneAt - curve.MiddleOut), Dimension.HeatDifference));

    private static Worked<MinuteRange>? ShieldOf(Assessment pie, FillingBake bake, MinuteRange minutes)
    {
        if (pie.Composition.Crust.Family is not RolledFamily)
            return null;
        var golden = pie.Composition.Filling.Formula.Family.Shell.Bake is ShellBake.Full;
        var stands = BakingConstants.RimStands.Usual
            * Math.Pow(2, (BakingConstants.RimHeat.Usual - bake.Heat.Usual) / BakingConstants.RimDoubles.Usual)
            * (golden ? BakingConstants.RimGolden.Usual : 1);
        stands = Math.Round(stands / 5, MidpointRounding.AwayFromZero) * 5;
        return stands >= minutes.Best - 2 ? null : new(
            "shield-after", "Shield the rim after", MinuteRange.Of(stands),
            "minutes that the rim stands × 2 for every so many degrees that this oven is cooler"
                + (golden ? " × what a golden rim stands" : ""),
            [
                BakingConstants.RimStands, BakingConstants.RimHeat, bake.Heat, BakingConstants.RimDoubles,
                .. golden ? [Term.FromConstant(BakingConstants.RimGolden)] : Array.Empty<Term>(),
            ]);
    }

    private static BakingCase CaseOf(Assessment pie, double? heat, double? start)
    {
        var family = pie.Composition.Filling.Formula.Family;
        return new(
            PieBody.Of(pie), start ?? family.PourHeat.At.Usual,
            family.Shell.FilledHot ? BakingConstants.HotShell.Usual : pie.Kitchen.Room.Value, heat ?? family.Bake!.Heat.Usual,
            pie.Card.Setting.Oven.Fan, pie.Kitchen.Room.Value, family.Bake!.DoneAt.Usual, family.Bake.Moves.Usual);
    }

    private static BakingCurve Curve(BakingCase at) => Curves.Of(at);

    private sealed record Result(PieBaking? Is);

    /// <summary>All that a pie's bake depends on.</summary>
    private readonly record struct BakingCase(
        PieBody Body, double Start, double Shell, double Heat, bool Fan, double Room, double DoneAt, double Moves)
    {
        public BakingCurve Follow()
        {
            // The heat is that of a conventional oven; with its fan on, an oven is set lower by the fan's share.
            var air = Fan ? Heat - OvenConstants.FanAllowance.Usual : Heat;
            return BakingCurve.Follow(
                Body.Layers(Start, Shell, Start, Moves), Body.Side,
                new HeatStage(BakingCurve.Longest, air, Body.Through(OvenHeat.Transfer(Fan)), OvenHeat.Bare),
                new HeatStage(BakingCurve.Longest, Room, Body.Through(Coolers.Rack), Coolers.BareOnTheRack), DoneAt);
        }
    }
}
