using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Cooling;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Advice;

/// <summary>Rules about how much filling there is, how deep it stands and how it sets.</summary>
internal static class FillingRules
{
    internal static readonly Rule RunsOver = new("runs-over", Layer.Filling, DecidedBy.Physics, static (rule, pie) =>
    {
        var over = pie.Fit.RunsOver.Value.Value;
        if (over < 5 || !pie.Composition.Filling.Batch.IsSaid)
            return null;
        var remedies = new List<Remedy>(2) { Fit(pie) };
        if (RoomierPan(pie) is { } pan)
            remedies.Add(new(new($"Use the {pan.Name.ToLowerInvariant()}"), "the crust is sized anew", c => c.To(pan)));
        return new(
            rule, Severity.Stops,
            new("It runs over: {0} too much for the brim of each.", pie.Fit.RunsOver),
            new(
                "The batch gives {0} a pie and the lined pan holds {1} to its brim.",
                (pie.Fit.Chosen.Volume.Value * (1.0 / pie.Pies)).AsQuantity(), pie.LinedVolume),
            remedies);
    });

    private static readonly Rule LeftOver = new("left-over", Layer.Filling, DecidedBy.Physics, static (rule, pie) =>
    {
        var left = pie.LeftOver.Value;
        if (left.Value < 60 || (pie.Fit.RunsOver.Value.Value >= 5 && pie.Composition.Filling.Batch.IsSaid))
            return null;
        var pots = Math.Max(1, Math.Round(left.Value / FillingConstants.SmallPot.Usual));
        return new(
            rule, Severity.WorthKnowing,
            new(
                $"{{0}} stays in the bowl: {(pots == 1 ? "a small pot" : $"{pots:0} small pots")}. Stop each at {{1}}.", left.AsQuantity(),
                pie.FilledMass),
            new("This batch gives {0} and the fill line asks for {1}.", pie.Fit.Chosen.Volume, pie.Fit.Needed),
            [Fit(pie)]);
    });

    internal static readonly Rule ShortOf = new("short", Layer.Filling, DecidedBy.Physics, static (rule, pie) =>
    {
        var missing = -pie.Fit.Chosen.DepthDifference.Value.Value;
        if (missing < 5)
            return null;
        var remedies = new List<Remedy>(2)
        {
            new(new($"Make {Shown(pie.Fit.Above, pie)}"), "more to weigh, some left over", c => c.Make(BatchChoice.Above)),
            new("Weigh it to fit", "an egg or pack is broken", c => c.Make(BatchChoice.Exact)),
        };
        return new(
            rule, missing > 10 ? Severity.Disappoints : Severity.WorthKnowing,
            new("It stands {0} below its line, and looks mean.", new Millimetres(missing).AsQuantity()),
            new("The batch gives {0} and the fill line asks for {1}.", pie.Fit.Chosen.Volume, pie.Fit.Needed),
            remedies);
    });

    internal static readonly Rule TooDeep = new("too-deep", Layer.Filling, DecidedBy.Physics, static (rule, pie) =>
    {
        var family = pie.Composition.Filling.Formula.Family;
        var depth = pie.FilledDepth.Value.Value;
        if (depth <= family.Deepest.Usual + 0.5)
            return null;
        var lower = Math.Ceiling(pie.Lined.Depth.Value - family.Deepest.Usual);
        var remedies = new List<Remedy>(2)
        {
            new(new("Fill to {0} below the rim", new Millimetres(lower).AsQuantity()), "fewer ml a slice", c => c.FillLine(lower))
        };
        if (pie.Composition.Pan != PanCupboard.Plate23 && family.Deepest.Usual >= 30 && !family.StandsTall)
            remedies.Add(new("Use the 23 cm pie plate", "a smaller pie", c => c.To(PanCupboard.Plate23)));
        return new(
            rule, Severity.Disappoints,
            family.TooDeep,
            new(
                "It stands {0} deep; this kind comes out even to about {1}.", pie.FilledDepth,
                new Millimetres(family.Deepest.Usual).AsQuantity()),
            remedies);
    });

    private static readonly Rule TooSoft = new("too-soft", Layer.Filling, DecidedBy.Physics, static (rule, pie) => pie.Yield.Cut.Verdict < 0
        ? new(
            rule, pie.Yield.Cut.Verdict < -1 ? Severity.Disappoints : Severity.WorthKnowing,
            new($"Cut, {pie.Yield.Cut.Meaning}."),
            new(
                $"Its set index is {{0}}; a clean slice starts at {{1}} and is surest at {{2}}.", pie.Yield.SetIndex, CleanFrom(pie),
                Aim(pie)),
            [Aimed(pie, "a little less silk")])
        : null);

    private static readonly Rule TooFirm = new("too-firm", Layer.Filling, DecidedBy.Physics, static (rule, pie) => pie.Yield.Cut.Verdict > 1
        ? new(
            rule, Severity.Disappoints,
            new($"Cut, {pie.Yield.Cut.Meaning}."),
            new("Its set index is {0}; {1} is plenty for a clean slice.", pie.Yield.SetIndex, Aim(pie)),
            [Aimed(pie, "none")])
        : null);

    private static readonly Rule NotSetInTime = new("not-set", Layer.Filling, DecidedBy.Physics, static (rule, pie) =>
    {
        var least = pie.SetTime.Value.Least;
        var ahead = pie.Composition.Occasion.FilledAhead;
        if (ahead * 60 >= least - 0.5)
            return null;
        var enough = Math.Ceiling(least / 60);
        return new(
            rule, Severity.Stops,
            new("It won’t be set when it is served."),
            new(
                "It stands {0} deep and wants {1} in the fridge at least; it gets {2}.", pie.FilledDepth,
                new Quantity(least, Dimension.Time), Changes.Hours(ahead)),
            [new(new("Fill it {0} ahead", Changes.Hours(enough)), "an earlier start", c => c.Filled(enough))]);
    });

    private static readonly Rule PastKeeping = new("past-keeping", Layer.Filling, DecidedBy.FoodSafety, static (rule, pie) =>
    {
        var (best, most) = pie.Composition.Filling.Formula.Family.Keeps;
        var hours = pie.Composition.Occasion.FilledAhead;
        if (hours * 60 <= best.Usual)
            return null;
        var tooLong = hours * 60 > most.Usual;
        var within = (tooLong ? most.Usual : best.Usual) / 60;
        return new(
            rule, tooLong ? Severity.Stops : Severity.WorthKnowing,
            tooLong ? "It is too old to serve by then." : "It is past its best by then: the base softens a little every hour.",
            new(
                "It waits {0}; it is best within {1} and keeps {2} at most, at or below {3}.", Changes.Hours(hours),
                new Quantity(best.Usual, Dimension.Time), new Quantity(most.Usual, Dimension.Time), new Quantity(5, Dimension.Warmth)),
            [new(new("Fill it {0} ahead", Changes.Hours(within)), "a later start", c => c.Filled(within))]);
    });

    private static readonly Rule RisesOver = new("rises-over", Layer.Filling, DecidedBy.Physics, static (rule, pie) =>
    {
        if (pie.Risen is not { } risen || risen.Value <= pie.Lined.Depth)
            return null;
        var rise = pie.Composition.Filling.Formula.Family.Rise!;
        var line = Math.Ceiling(pie.Lined.Depth.Value - (pie.Lined.Depth.Value / (1 + rise.Usual)));
        return new(
            rule, Severity.Disappoints,
            new("In the oven it rises to {0} and runs over the rim.", risen),
            new(
                "It rises by {0}; the lined pan is {1} deep.", new Quantity(rise.Usual, Dimension.Share, rise.Low, rise.High),
                pie.Lined.Depth.AsQuantity()),
            [new(new("Fill to {0} below the rim", new Quantity(line, Dimension.Length)), "a little less in each", c => c.FillLine(line))]);
    });

    /// <summary>All of them.</summary>
    public static IReadOnlyList<Rule> All { get; } = [
        RunsOver, LeftOver, ShortOf, TooDeep, TooSoft, TooFirm, NotSetInTime, PastKeeping, RisesOver
    ];

    /// <summary>The number of whole pieces, or of batches, of an option in words.</summary>
    private static string Shown(BatchOption option, Assessment pie) =>
        Units.QuantityFormatter.Pieces(option.Pieces, pie.Composition.Filling.Formula.Piece);

    private static Remedy Fit(Assessment pie) => pie.Fit.Below is { } below && below.DepthDifference.Value.Value > -4.5
        ? new(new($"Make {Shown(below, pie)} instead"), "a little below the line", c => c.Make(BatchChoice.Below))
        : new("Weigh it to fit", "an egg or pack is broken", c => c.Make(BatchChoice.Exact));

    /// <summary>The smallest known pan that holds the whole batch up to its line, if there is one.</summary>
    private static Pan? RoomierPan(Assessment pie)
    {
        var c = pie.Composition;
        var each = pie.Fit.Chosen.Volume.Value * (1.0 / pie.Pies);
        Pan? best = null;
        foreach (var pan in PanCupboard.All)
        {
            if (pan == c.Pan || !pan.IsRound || pan.IsSmall)
                continue;
            var moved = c.To(pan);
            var lined = moved.Lined;
            var room = lined.VolumeTo(lined.Depth.Value - moved.Filling.Line.Value);
            if (room >= each && (best is null || pan.Inside.Volume < best.Inside.Volume))
                best = pan;
        }

        return best;
    }

    private static Quantity CleanFrom(Assessment pie) =>
        new(pie.Composition.Filling.Formula.Family.Bands.First(b => b.Verdict == 0).From, Dimension.Count);

    private static Quantity Aim(Assessment pie) => new(pie.Composition.Filling.Formula.Family.Aim, Dimension.Count);

    /// <summary>
    /// Moves the setter until the index meets the family's aim. Yolk sets too and is not moved, so it goes by steps of 5 %.
    /// </summary>
    /// <summary>The pie as firm as its family is surest to cut clean.</summary>
    internal static Composition SetAtAim(Assessment pie) => Aimed(pie, "").Change(pie.Composition);

    private static Remedy Aimed(Assessment pie, string cost)
    {
        var formula = pie.Composition.Filling.Formula;
        var best = 1.0;
        var nearest = double.MaxValue;
        for (var percent = 50; percent <= 200; percent += 5)
        {
            var away = Math.Abs(formula.Family.Scale.Of(formula, percent / 100.0) + pie.SetShift - formula.Family.Aim);
            if (away < nearest - 1e-9)
                (nearest, best) = (away, percent / 100.0);
        }

        return new(new("Set the firmness to {0}", new Quantity(best, Dimension.Share)), cost, c => c.Setter(best));
    }
}
