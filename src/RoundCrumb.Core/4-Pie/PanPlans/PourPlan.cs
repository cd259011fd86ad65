using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Shells;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Pouring;

/// <summary>So many of one pan, to be filled.</summary>
/// <param name="Pan">Which pan.</param>
/// <param name="Count">How many, 1 or more.</param>
public sealed record PourOrder(Pan Pan, int Count);

/// <summary>What one pan of a plan gets.</summary>
/// <param name="Order">Which pan, how many.</param>
/// <param name="Lined">The pan with its crust in it.</param>
/// <param name="Room">Up to the fill line, one pan.</param>
/// <param name="Each">What goes into each.</param>
/// <param name="Grams">The same on the scale.</param>
/// <param name="Depth">How deep it stands.</param>
/// <param name="StopAt">What the scale shows as each is full, when the bowl was put on it full and taken down pan by pan: grams poured in
/// all by then.</param>
public sealed record PourRow(
    PourOrder Order, LinedPan Lined, Worked<Millilitres> Room, Worked<Millilitres> Each, Worked<Grams> Grams, Worked<Millimetres> Depth,
    IReadOnlyList<Worked<Grams>> StopAt);

/// <summary>A batch that a person can make for some pans.</summary>
/// <param name="Kind">Which way.</param>
/// <param name="Scale">Times the formula.</param>
/// <param name="Pieces">Whole eggs or packs in it.</param>
/// <param name="Difference">Over (more than 0) or short, ml.</param>
/// <param name="DifferenceMass">The same, g.</param>
/// <param name="Below">How far below the fill line all stand when it is short; 0 where it is not.</param>
public sealed record PourBatch(
    BatchKind Kind, Worked<Factor> Scale, double Pieces, Worked<Millilitres> Difference, Worked<Grams> DifferenceMass,
    Worked<Millimetres> Below);

/// <summary>What is left in the bowl, as other things it could be.</summary>
/// <param name="Pots">Small pots that it fills.</param>
/// <param name="Tartlets">Tartlets that it fills.</param>
/// <param name="Dough">Dough, or crumb, that those tartlets want.</param>
public sealed record LeftoverUse(Worked<Number> Pots, Worked<Number> Tartlets, Worked<Grams> Dough);

/// <summary>One batch shared out between pans, so that all stand at the same line, or equally short of it.</summary>
/// <param name="Formula">What is poured.</param>
/// <param name="Yield">What one batch as written gives.</param>
/// <param name="Needed">Room up to the line, all pans.</param>
/// <param name="Batches">Weighed to fit, whole pieces below, whole pieces above.</param>
/// <param name="Chosen">What is made.</param>
/// <param name="Rows">Pan by pan, in the order of pouring: the largest first.</param>
/// <param name="Left">What stays in the bowl.</param>
/// <param name="LeftMass">The same by weight.</param>
/// <param name="Use">What the rest could be; none where too little is left.</param>
public sealed record PourPlan(
    FillingFormula Formula,
    FillingYield Yield,
    Worked<Millilitres> Needed,
    IReadOnlyList<PourBatch> Batches,
    PourBatch Chosen,
    IReadOnlyList<PourRow> Rows,
    Worked<Millilitres> Left,
    Worked<Grams> LeftMass,
    LeftoverUse? Use)
{
    /// <summary>Less than this left over is what sticks to the spoon.</summary>
    private const double WorthKeeping = 40;

    /// <summary>All of it that is poured.</summary>
    public Worked<Grams> Poured { get; private init; } = null!;

    /// <summary>A plan.</summary>
    /// <param name="formula">What is poured.</param>
    /// <param name="setter">Its firmness: 1 as written.</param>
    /// <param name="crust">How the pans are lined.</param>
    /// <param name="orders">The pans; one at least.</param>
    /// <param name="line">Fill line below the rim.</param>
    /// <param name="choice">What is made.</param>
    /// <param name="corrections">What this kitchen has learned; the book where there is none.</param>
    public static PourPlan Of(
        FillingFormula formula, double setter, ShellWish crust, IReadOnlyList<PourOrder> orders, Millimetres line, BatchChoice choice,
        CorrectionSet? corrections = null)
    {
        var yield = FillingYield.Of(formula, setter, corrections);
        var perMl = yield.Mass.Value.Value / yield.Volume.Value.Value;
        var pans = orders.Select(o => (Order: o, Lined: Line(crust, o.Pan))).OrderByDescending(p => p.Lined.Volume.Value).ToList();
        double To(LinedPan lined, double below) => Math.Max(0, lined.Depth.Value - line.Value - below);
        double Held(double below) => pans.Sum(p => p.Order.Count * p.Lined.VolumeTo(To(p.Lined, below)).Value);

        var needed = new Worked<Millilitres>(
            "pour-needed", "Room to the fill line, all pans", new(Held(0)), "room in each up to the fill line × how many, added up",
            [
                .. pans.Select(
                    p =>
                        Term.Given(
                            $"{p.Order.Count} × {p.Order.Pan.Name}",
                            new Millilitres(p.Order.Count * p.Lined.VolumeTo(To(p.Lined, 0)).Value))),
                Term.Given("below the rim", line)
            ]);
        var batch = formula.PiecesPerBatch(corrections);
        var inBatch = batch.Value.Value;
        var fit = needed.Value / yield.Volume.Value;
        var pieces = fit * inBatch;
        var floor = Math.Floor(pieces + 1e-6);
        var ceiling = Math.Max(1, Math.Ceiling(pieces - 1e-6));
        var batches = new List<PourBatch> { Make(BatchKind.Exact, fit, "room ÷ one batch") };
        if (floor >= 1)
            batches.Add(Make(BatchKind.Below, floor / inBatch, "whole pieces, rounded down ÷ pieces in one batch"));
        batches.Add(Make(BatchKind.Above, ceiling / inBatch, "whole pieces, rounded up ÷ pieces in one batch"));
        var chosen = choice.Kind switch
        {
            BatchKind.Times => Make(BatchKind.Times, choice.Times, "as the baker says"),
            BatchKind.InHand => choice.TimesOf(formula, setter) is { } times
                ? Make(BatchKind.InHand, times.Value.Value, "what is in hand ÷ what one batch takes")
                : batches[0],
            BatchKind.Exact => batches[0],
            BatchKind.Above => batches[^1],
            _ => batches.Find(b => b.Kind is BatchKind.Below) ?? batches[^1],
        };

        var total = yield.Volume.Value * chosen.Scale.Value.Value;
        var below = chosen.Below.Value.Value;
        var rows = new List<PourRow>(pans.Count);
        var running = 0.0;
        foreach (var (order, lined) in pans)
        {
            rows.Add(RowOf(order, lined, To(lined, below), To(lined, 0), running));
            running = rows[^1].StopAt is [.., var last] ? last.Value.Value : running;
        }

        var poured = new Worked<Grams>(
            "pour-all", "Poured in all", new(running), "grams into each × how many, added up",
            [.. rows.Select(r => Term.Of(r.Grams) with { Name = $"each of {r.Order.Count} {r.Order.Pan.Name}" })]);
        var left = new Worked<Millilitres>(
            "pour-left", "Left in the bowl", new(Math.Max(0, total.Value - Held(below))), "the batch − what is poured",
            Term.Given("the batch", total), Term.Given("poured", new Millilitres(Held(below))));
        var leftMass = new Worked<Grams>(
            "pour-left-mass", "Left in the bowl, by weight", new(left.Value.Value * perMl),
            "ml × what the batch weighs ÷ what it measures", Term.Of(left), Term.Of(yield.Mass), Term.Of(yield.Volume));
        return new(
            formula, yield, needed, batches, chosen, rows, left, leftMass,
            left.Value.Value < WorthKeeping ? null : UseOf(left, crust, line))
        { Poured = poured };

        PourRow RowOf(PourOrder order, LinedPan lined, double depth, double toTheLine, double before)
        {
            var each = lined.VolumeTo(depth);
            var id = "pour-" + order.Pan.Key;
            var stands = new Worked<Millimetres>(
                id + "-depth", $"In the {order.Pan.Name} it stands", new(depth),
                "depth inside the lining − fill line − what all are short of it",
                Term.Given("depth inside the lining", lined.Depth), Term.Given("fill line", line), Term.Of(chosen.Below));
            var ml = new Worked<Millilitres>(
                id + "-each", $"Into each {order.Pan.Name}", each, "room inside the lining up to where it stands", Term.Of(stands));
            var grams = new Worked<Grams>(
                id + "-grams", $"Into each {order.Pan.Name}, by weight", new(each.Value * perMl),
                "ml × what the batch weighs ÷ what it measures", Term.Of(ml), Term.Of(yield.Mass), Term.Of(yield.Volume));
            var stops = new Worked<Grams>[order.Count];
            for (var i = 0; i < order.Count; i++)
            {
                stops[i] = new(
                    FormattableString.Invariant($"{id}-stop-{i + 1}"), "Stop at, poured in all", new(before + grams.Value.Value),
                    "poured before + into this one",
                    Term.Given("poured before", new Grams(before)), Term.Of(grams));
                before += grams.Value.Value;
            }

            return new(
                order, lined,
                new(
                    id + "-room", $"Room in one {order.Pan.Name}", lined.VolumeTo(toTheLine),
                    "room inside the lining up to the fill line", Term.Given("depth to the line", new Millimetres(toTheLine))),
                ml,
                grams,
                stands, stops);
        }

        PourBatch Make(BatchKind kind, double scale, string how)
        {
            var id = "pour-" + kind.ToString().ToLowerInvariant();
            var times = new Worked<Factor>(
                id + "-scale", "Times the formula", new(scale), how, Term.Of(needed), Term.Of(yield.Volume),
                Term.Of(batch));
            var volume = yield.Volume.Value.Value * scale;
            var difference = new Worked<Millilitres>(
                id + "-difference", "Over or short", new(volume - needed.Value.Value), "it gives − room to the fill line",
                Term.Given("it gives", new Millilitres(volume)), Term.Of(needed));

            // All equally short: the one distance below the line at which the pans together hold just this.
            var (near, far) = (0.0, pans.Max(p => p.Lined.Depth.Value));
            if (volume >= needed.Value.Value - 1e-9)
                far = 0;
            for (var i = 0; i < 60 && far > 0; i++)
            {
                var middle = (near + far) / 2;
                if (Held(middle) > volume)
                    near = middle;
                else
                    far = middle;
            }

            return new(
                kind, times, scale * inBatch, difference,
                new(
                    id + "-difference-mass", "Over or short, by weight", new(difference.Value.Value * perMl),
                    "ml × what the batch weighs ÷ what it measures", Term.Of(difference), Term.Of(yield.Mass), Term.Of(yield.Volume)),
                new(
                    id + "-below", "All stand below their line by", new(far),
                    "the one distance at which all pans together hold what it gives", Term.Of(difference)));
        }
    }

    /// <summary>Every figure that can be opened, each once.</summary>
    public IEnumerable<IWorked> Figures() =>
        new IWorked?[] { Yield.Volume, Yield.Mass, Needed, Poured, Left, LeftMass, Use?.Pots, Use?.Tartlets, Use?.Dough }.OfType<IWorked>()
            .Concat(Batches.Append(Chosen).SelectMany(b => new IWorked[] { b.Scale, b.Difference, b.DifferenceMass, b.Below }))
            .Concat(Rows.SelectMany(r => new IWorked[] { r.Room, r.Each, r.Grams, r.Depth }.Concat(r.StopAt)))
            .DistinctBy(f => f.Id);

    /// <summary>A pan lined as a wish has it.</summary>
    public static LinedPan Line(ShellWish crust, Pan pan)
    {
        var choice = crust.For(pan);
        return new(pan.Inside, choice.Thickness.Value, choice.WallThickness.Value, choice.Height.Value);
    }

    private static LeftoverUse UseOf(Worked<Millilitres> left, ShellWish crust, Millimetres line)
    {
        var pots = new Worked<Number>(
            "pour-pots", "Small pots", new(Math.Round(left.Value.Value / FillingConstants.SmallPot.Usual * 2) / 2),
            "left ÷ one small pot, to the half", Term.Of(left), FillingConstants.SmallPot);
        var tartlet = ShellPlan.Tartlet;
        var lined = Line(crust, tartlet);
        var each = lined.VolumeTo(Math.Max(1, lined.Depth.Value - line.Value));
        var tartlets = new Worked<Number>(
            "pour-tartlets", "8 cm tartlets", new(Math.Floor((left.Value / each) + 1e-9)),
            "left ÷ room in one to the fill line, rounded down", Term.Of(left), Term.Given("room in one", each));
        var shell = CrustSums.Of(crust.For(tartlet), tartlet).Total;
        return new(
            pots, tartlets,
            new(
                "pour-tartlet-crust", "Crust for those tartlets", shell.Value * tartlets.Value.Value, "tartlets × crust for one",
                Term.Of(tartlets), Term.Of(shell)));
    }
}
