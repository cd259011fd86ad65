using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Cooling;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Advice;

/// <summary>A way to cool a pie as the two-step rule wants it.</summary>
/// <param name="Says">What to do.</param>
/// <param name="After">The pie then; the same where only the way is another.</param>
/// <param name="First">What is done with its filling before it goes in.</param>
/// <param name="Place">Where it cools.</param>
/// <param name="Rule">How the rule is then kept.</param>
public sealed record CoolingChange(Phrase Says, Composition After, CoolFirst First, ColdPlace Place, TwoStepRule Rule)
{
    /// <summary>No filling is poured shallower than this, mm.</summary>
    private const int Shallowest = 8;

    /// <summary>The smallest changes of each kind that would do, the least first; none where the rule is kept, or does not apply.</summary>
    /// <param name="pie">The pie.</param>
    /// <param name="now">How it cools as it is.</param>
    public static IReadOnlyList<CoolingChange> For(Assessment pie, PieCooling now)
    {
        if (RuleOf(pie, now, CoolFirst.Straight).Kept is RuleKept.Yes or RuleKept.DoesNotApply)
            return [];
        var changes = new List<CoolingChange?> { Shallower(pie, now) };
        if (now.RackMinutes == 0)
        {
            changes.Add(Way(pie, now, CoolFirst.Tray));
            changes.Add(Way(pie, now, CoolFirst.IceBath));
        }

        changes.AddRange(
            pie.Kitchen.Cold.Where(c => c.Cooler is not null && c.Id != now.Place.Id).Select(
                c =>
                    pie.CoolingIn(c) is { } there
                        ? new CoolingChange(
                            new Phrase($"Cool it in the {c.Name}"), pie.Composition, CoolFirst.Straight, c,
                            RuleOf(pie, there, CoolFirst.Straight))
                        : null));
        changes.Add(Smaller(pie, now));
        if (now.Together > 1 && pie.CoolingIn(now.Place, 1) is { } alone)
            changes.Add(
                new("Cool one at a time", pie.Composition, CoolFirst.Straight, now.Place, RuleOf(pie, alone, CoolFirst.Straight)));
        return [.. changes.OfType<CoolingChange>().Where(c => Meets(c.Rule)).OrderBy(c => c.Rule.Kept)];
    }

    /// <summary>How a pie's cooling keeps the rule.</summary>
    /// <param name="pie">The pie.</param>
    /// <param name="cooling">How it cools.</param>
    /// <param name="first">What is done with its filling before.</param>
    public static TwoStepRule RuleOf(Assessment pie, PieCooling cooling, CoolFirst first) =>
        TwoStepRule.Of(pie.CurveOf(cooling, first).MinutesTo, cooling.Place.Heat.IsMeasured);

    private static bool Meets(TwoStepRule rule) => rule.Kept is RuleKept.DoesNotApply
        || (rule.First <= CoolingConstants.FirstStretch.Usual && rule.Both <= CoolingConstants.BothStretches.Usual);

    private static CoolingChange Way(Assessment pie, PieCooling now, CoolFirst first) =>
        new(first.Says.Behind("Cool it: "), pie.Composition, first, now.Place, RuleOf(pie, now, first));

    /// <summary>The deepest that does, a millimetre at a time.</summary>
    private static CoolingChange? Shallower(Assessment pie, PieCooling now)
    {
        var (low, high) = (Shallowest, (int)Math.Floor(pie.FilledDepth.Value.Value));
        CoolingChange? found = null;
        while (low <= high)
        {
            var depth = (low + high) / 2;
            var line = new Millimetres(pie.Lined.Depth.Value - depth);
            var after = pie.Composition with { Filling = pie.Composition.Filling with { Line = line } };
            if (Of(after, pie, now, new("Fill it {0} deep", new Quantity(depth, Dimension.Length))) is { } change && Meets(change.Rule))
                (found, low) = (change, depth + 1);
            else
                high = depth - 1;
        }

        return found;
    }

    private static CoolingChange? Smaller(Assessment pie, PieCooling now)
    {
        var small = pie.Kitchen.Pans.Select(p => p.Pan)
            .FirstOrDefault(p => p.IsSmall && p.Depth.Value < pie.Composition.Pan.Depth.Value && !pie.Composition.Pan.IsSmall);
        return small is null ? null
            : Of(pie.Composition.To(small), pie, now, new Phrase($"Make small ones: {small.Name}"));
    }

    private static CoolingChange? Of(Composition after, Assessment pie, PieCooling now, Phrase says)
    {
        var other = Assessment.Of(after, pie.Pies, pie.Kitchen);
        return other.CoolingIn(now.Place, now.Together) is { } there
            ? new(says, after, CoolFirst.Straight, now.Place, RuleOf(other, there, CoolFirst.Straight))
            : null;
    }
}
