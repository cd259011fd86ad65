using RoundCrumb.Core.Baking;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.HeatFlow;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Layering;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Cooling;

/// <summary>How a pie cools in a cold place of its kitchen.</summary>
/// <param name="Place">Where.</param>
/// <param name="Together">How many of it cool there side by side, 1 or more.</param>
/// <param name="Start">How warm it goes in, or comes out of the oven.</param>
/// <param name="RackMinutes">On the rack before, 0 where it goes straight in.</param>
/// <param name="Curve">From then on.</param>
/// <param name="Least">How cold its middle is to be, to be topped or cut with care.</param>
/// <param name="SetTime">In the cold place; none where it never gets so cold in there.</param>
public sealed record PieCooling(
    ColdPlace Place, int Together, Constant Start, double RackMinutes, CoolingCurve Curve, Constant Least, Worked<MinuteRange>? SetTime);

/// <summary>What a pie's facts make of its cooling.</summary>
public static class PieCoolings
{
    /// <summary>Followed no longer than this, minutes.</summary>
    private const double Longest = 36 * 60;

    /// <summary>A layer chills no shorter than this, however thin it is, minutes: it is carried, and tested with a finger.</summary>
    private const double LayerLeast = 15;

    private static readonly ResultMemo<(CoolingCase At, double Stop), CoolingCurve> Curves = new(static x => x.At.Follow(x.Stop));

    extension(Assessment pie)
    {
        /// <summary>How it cools in the fridge that this kitchen would put it into; none where it does not cool, or nothing is known of a
        /// fridge.</summary>
        public PieCooling? Cooling => pie.Once(static p => new Result(Of(p, FridgeFor(p)))).Is;

        /// <summary>
        /// Minutes in the fridge until it has set: worked out where it is known how that cools, otherwise its family's own.
        /// </summary>
        public Worked<MinuteRange> SetTime => pie.Cooling?.SetTime ?? TableOf(pie.Composition.Filling.Formula.Family, pie.FilledDepth);

        /// <summary>
        /// How many of it a place takes at once before its air gets too warm for what else is in there; 0 where one is too many, and
        /// <paramref name="most"/> where as many as that do no harm.
        /// </summary>
        /// <param name="place">A fridge or chiller of which it is known how it cools.</param>
        /// <param name="most">So many are looked at, 1 or more.</param>
        public int TakenAtOnce(ColdPlace place, int most)
        {
            // The more there are the warmer it gets.
            var roomy = place with { Places = Math.Max(place.Places, most) };
            var (fits, tooMany) = (0, most + 1);
            while (tooMany - fits > 1)
            {
                var middle = (fits + tooMany) / 2;
                if (Of(pie, roomy, middle) is { Curve.AirTooWarm: > 0 })
                    tooMany = middle;
                else
                    fits = middle;
            }

            return fits;
        }

        /// <summary>
        /// What to mind where so many hot pies at once warm the fridge for what else is in it; nothing where they do not.
        /// </summary>
        public Phrase FridgeCaution
        {
            get
            {
                if (pie.Cooling is not { Curve.AirTooWarm: > 0 } cooling)
                    return Phrase.None;
                var fits = pie.TakenAtOnce(cooling.Place, cooling.Together);
                var (peak, limit) = (
                    new Quantity(Math.Ceiling(cooling.Curve.AirPeak), Dimension.Warmth),
                    new Quantity(CoolingCurve.AirLimit, Dimension.Warmth));
                return fits == 0
                    ? new(
                        $"Put in as it is, it warms the air in the {cooling.Place.Name} to {{0}}, and what else is in there is to stay "
                            + $"below {{1}}: let it cool on the rack first.",
                        peak, limit)
                    : new(
                        $"So many put in as they are warm the air in the {cooling.Place.Name} to {{0}}, and what else is in there is to "
                            + $"stay below {{1}}: {{2}} at a time do no harm.",
                        peak, limit, new Quantity(fits, Dimension.Count));
            }
        }

        /// <summary>
        /// How long a layer beneath the filling chills in this kitchen's fridge until the next may go on; none where nothing is known of a
        /// fridge, or it never gets cold enough there.
        /// </summary>
        /// <param name="layer">A filling beneath, one of this pie's.</param>
        public Worked<MinuteRange>? LayerSetTime(LayerSums layer)
        {
            if (layer.Choice is not FillingLayer { Formula.Family: { } family } || FridgeFor(pie) is not { } place)
                return null;
            var body = PieBody.OfLayer(pie, layer);
            if (body.Depth < PieBody.Thinnest)
                return null;
            var start = pie.Pourings.FirstOrDefault(p => p.Upper == ((FillingLayer)layer.Choice).Formula)?.PourAt.Value
                ?? family.PourHeat.At.Usual;
            var many = Math.Clamp(pie.Pies, 1, Math.Max(1, place.Places));
            var at = CaseOf(pie, place, many) with { Body = body, Start = start, Rack = 0 };
            var least = family.SetsBy.Least(layer.Yield!.SetIndex.Value.Value);
            if (At(at, least.Usual - 0.05).MinutesTo(least.Usual) is not { } cold)
                return null;
            var rest = family.SetsBy.Rest.Usual > 60 ? 0 : family.SetsBy.Rest.Usual;
            var ready = Math.Max(LayerLeast, Rounded(cold + rest));
            return new(
                $"layer-set-{pie.Layers.ToList().IndexOf(layer) + 1}", $"{layer.Choice.Name}, in the fridge before the next goes on",
                new(ready, ready, Math.Max(ready, family.SetTime.Most)),
                $"heat through the layer in {place.Name}, until its middle is cold enough for {family.SetsBy.Words}; it need "
                    + $"only bear what "
                    + "comes next",
                Term.Given("thick", new Millimetres(body.Depth)), Term.Given("goes in at", start, Dimension.Warmth),
                Term.Given("air in there", place.Air, Dimension.Warmth), Term.Given("side by side", many, Dimension.Count), least);
        }

        /// <summary>
        /// Heat that one of it gives to the fridge, W, the mean of each five minutes from when it goes in; nothing for what goes in
        /// cool, or
        /// where nothing is known of a fridge.
        /// </summary>
        public IReadOnlyList<double> FridgeHeat => pie.Once(static p => new Heats(HeatOf(p))).Watts;

        /// <summary>How it would cool in another place, or with more or fewer beside it.</summary>
        /// <param name="place">A fridge or chiller of which it is known how it cools.</param>
        /// <param name="together">How many of it cool there side by side, 1 or more.</param>
        public PieCooling? CoolingIn(ColdPlace place, int? together = null) => Of(pie, place, together);

        /// <summary>Followed to the end of the two-step rule, finely, for a drawing.</summary>
        /// <param name="cooling">As it was worked out.</param>
        /// <param name="first">What is done with the filling before.</param>
        public CoolingCurve CurveOf(PieCooling cooling, CoolFirst first = CoolFirst.Straight) =>
            (CaseOf(pie, cooling.Place, cooling.Together) with { First = first }).Follow(
                Math.Min(cooling.Least.Usual, CoolingConstants.RuleTo.Usual) - 0.2);
    }

    /// <summary>The first fridge that it goes into, of which it is known how it cools.</summary>
    private static ColdPlace? FridgeFor(Assessment pie)
    {
        var across = pie.Composition.Pan.Top.Value;
        return pie.Kitchen.Cold.FirstOrDefault(
            c => c is { Kind: ColdKind.Fridge, Cooler: not null, Places: > 0 } && c.Widest.Value >= across);
    }

    private static PieCooling? Of(Assessment pie, ColdPlace? place, int? together = null)
    {
        var family = pie.Composition.Filling.Formula.Family;
        if (place?.Cooler is null || family.SetTime.Best <= 0 || PieBody.Of(pie).Depth < PieBody.Thinnest)
            return null;
        var many = Math.Clamp(together ?? pie.Pies, 1, Math.Max(1, place.Places));
        var at = CaseOf(pie, place, many);
        var (least, best) = (family.SetsBy.Least(pie.Yield.SetIndex.Value.Value), family.SetsBy.Best);
        var curve = At(at, Math.Min(least.Usual, best.Usual) - 0.05);
        var start = StartOf(pie.Composition);
        return new(place, many, start, at.Rack, curve, least,
            SetTimeOf(pie.Composition, place, many, at, curve, least, pie.FilledDepth));
    }

    private sealed record Heats(IReadOnlyList<double> Watts);

    /// <summary>For three hours: by then next to nothing is left.</summary>
    private const int HeatSlots = 36;

    private const double HeatSlot = 5;

    private static List<double> HeatOf(Assessment pie)
    {
        if (pie.Cooling is not { } cooling || cooling.Place.Air + WarmBy > pie.Kitchen.Room.Value)
            return [];
        var at = CaseOf(pie, cooling.Place, 1);
        var curve = At(at, Math.Min(cooling.Least.Usual, pie.Composition.Filling.Formula.Family.SetsBy.Best.Usual) - 0.05);
        var atDoor = curve.At(at.Rack);
        if (atDoor < pie.Kitchen.Room.Value + WarmBy)
            return [];
        double Left(double minutes)
        {
            var i = 0;
            while (i < curve.Points.Count - 1 && curve.Points[i].Minutes < minutes)
                i++;
            return curve.Points[i].Left;
        }

        return
        [
            .. Enumerable.Range(0, HeatSlots).Select(
                k =>
                    Math.Max(
                        0, (Left(at.Rack + ((k + 1) * HeatSlot)) - Left(at.Rack + (k * HeatSlot))) * at.Body.Surface / HeatSlot / 60)),
        ];
    }

    /// <summary>What is hardly warmer than the room when it goes in does a fridge no harm, K.</summary>
    private const double WarmBy = 5;

    private static Worked<MinuteRange> TableOf(FillingFamily family, Worked<Millimetres> depth)
    {
        var factor = Math.Max(1, depth.Value.Value / family.SetDepth.Usual);
        var t = family.SetTime;
        return new(
            "set-time", "In the fridge to set",
            new(t.Least * factor, Math.Max(t.Best, t.Least * factor), Math.Max(t.Most, t.Least * factor)),
            "the family's minutes × depth ÷ the depth they are for, where it is deeper: nothing is known of the fridge",
            Term.Given("the family's minutes", t), Term.Of(depth), family.SetDepth);
    }

    private static CoolingCurve At(CoolingCase at, double stop) => Curves.Of((at, stop));

    private static Worked<MinuteRange>? SetTimeOf(
        Composition pie, ColdPlace place, int many, CoolingCase at, CoolingCurve curve, Constant least, Worked<Millimetres> depth)
    {
        var (filling, start) = (pie.Filling, StartOf(pie));
        var family = filling.Formula.Family;
        if (curve.MinutesTo(least.Usual) is not { } cold)
            return null;
        var rest = family.SetsBy.Rest;
        var ready = Rounded(Math.Max(0, cold - at.Rack) + rest.Usual);
        var firm = family.SetsBy.BestByTime ? family.SetTime.Best
            : curve.MinutesTo(family.SetsBy.Best.Usual) is { } minutes ? Rounded(minutes - at.Rack)
            : ready;
        var best = Math.Max(ready, firm);
        return new(
            "set-time", "In the fridge to set", new(ready, best, Math.Max(best, family.SetTime.Most)),
            $"heat through the pie in {place.Name}, until its middle is cold enough for {family.SetsBy.Words}; "
                + (place.Heat.IsMeasured ? "an eighth less or more" : "a fifth less to a third more until somebody has measured"),
            [
                Term.Of(depth), start, .. at.Rack > 0 ? [Term.FromConstant(CoolingConstants.OnTheRack)] : Array.Empty<Term>(),
                Term.Given("air in there", place.Air, Dimension.Warmth),
                .. place.Heat.IsMeasured
                    ? [Term.Given("it takes heat, as measured here", place.Heat.Times, Dimension.Factor)]
                    : Array.Empty<Term>(),
                Term.Given("side by side", many, Dimension.Count), least,
                .. rest.Usual > 0 ? [Term.FromConstant(rest)] : Array.Empty<Term>(), family.SetsBy.Best,
            ]);
    }

    /// <summary>To five minutes: it is known no better.</summary>
    private static double Rounded(double minutes) => Math.Round(minutes / 5, MidpointRounding.AwayFromZero) * 5;

    private static Constant StartOf(Composition pie) => pie.Filling.Formula.Family.Bake?.DoneAt ?? LayerPours.GoesInAt(pie);

    private static CoolingCase CaseOf(Assessment pie, ColdPlace place, int together) => new(
        PieBody.Of(pie), together, StartOf(pie.Composition).Usual,
        pie.Composition.Filling.Formula.Family.Bake is null ? 0 : CoolingConstants.OnTheRack.Usual, pie.Kitchen.Room.Value,
        place.Cooler!.Value, place.Air, place.Heat.Times, pie.Kitchen.Rack.Times);

    private sealed record Result(PieCooling? Is);

    /// <summary>All that a pie's cooling depends on.</summary>
    private readonly record struct CoolingCase(
        PieBody Body, int Together, double Start, double Rack, double Room, Cooler Cooler, double Air, double Takes, double RackTakes)
    {
        public CoolFirst First { get; init; }

        public CoolingCurve Follow(double stopAt)
        {
            var before = Rack > 0 ? [] : CoolingFirst.Follow(First, Matter.Of(Body.Filling), Start, Air, Cooler.Facts.Transfer * Takes);
            if (before.Count == 0)
                return InTheShell(stopAt);
            var after = (this with { Start = CoolingFirst.CooledTo.Usual }).InTheShell(stopAt);
            var minutes = before[^1].Minutes;
            return after with
            {
                Points = [.. before, .. after.Points.Skip(1).Select(p => p with { Minutes = p.Minutes + minutes })],
                InShellFrom = minutes,
            };
        }

        private CoolingCurve InTheShell(double stopAt)
        {
            var facts = Cooler.Facts;
            var stages = new List<HeatStage>(2);
            if (Rack > 0)
                stages.Add(new(Rack, Room, Body.Through(Coolers.Rack * RackTakes), Coolers.BareOnTheRack));
            stages.Add(new(Longest, Air, Body.Through(facts.Transfer * Takes)));
            return CoolingCurve.Follow(
                Body.Layers(Start, Rack > 0 ? Start : Room, Rack > 0 ? Start : Math.Min(Start, Air + 2)), Body.Side, stages, stopAt,
                new(Air, Room, facts), Body.Surface * Together, HeatRun.Coarse);
        }
    }
}
