using RoundCrumb.Core.Advice;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Cooling;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Pairing;

/// <summary>A pan that takes the place of another: for the same batch, and for the same depth.</summary>
/// <param name="Pan">The pan.</param>
/// <param name="Count">How many of it take what one of the other holds.</param>
/// <param name="Depth">How deep the filling then stands in each.</param>
/// <param name="Deeper">The same against the pan it stands in for; less than 0 is shallower.</param>
/// <param name="BatchForDepth">For the same depth instead: times the batch that one of these pans wants.</param>
/// <param name="BakeTime">Times the minutes in the oven: by material, and less for small shells.</param>
/// <param name="SetTime">In the fridge to set at that depth.</param>
/// <param name="Misfit">How badly it fits: 0 is the same pan.</param>
/// <param name="After">The pie in this pan.</param>
/// <param name="Owned">How many pies of it the kitchen has room for; none where nobody has counted.</param>
public sealed record StandIn(
    Pan Pan, int Count, Worked<Millimetres> Depth, Worked<Millimetres> Deeper, Worked<Factor> BatchForDepth, Worked<Factor> BakeTime,
    Worked<MinuteRange> SetTime, double Misfit, Composition After, int? Owned)
{
    /// <summary>More of one pan than this is nobody's idea of standing in.</summary>
    private const int MostPans = 24;

    /// <summary>So much over its fill line is still as deep as the other, mm.</summary>
    private const double OverTheLine = 1;

    /// <summary>True where the filling can stand as deep in it as in the other, below its fill line.</summary>
    public bool SameDepthFits { get; private init; }

    /// <summary>True when the kitchen has not as many of it as are needed.</summary>
    public bool TooFew => Owned < Count;

    /// <summary>The pans that can stand in for a pie's own, the best fit first.</summary>
    public static IReadOnlyList<StandIn> For(Assessment pie, IEnumerable<PanPlace> pans)
    {
        var c = pie.Composition;
        var found = new List<StandIn>();
        foreach (var place in pans)
        {
            var pan = place.Pan;
            if (pan.Key != c.Pan.Key && (pan.Id != c.Pan.Id || pan.Inside != c.Pan.Inside) && Of(pie, place) is { } one)
                found.Add(one);
        }

        found.Sort(static (a, b) => a.Misfit.CompareTo(b.Misfit));
        return found;
    }

    private static StandIn? Of(Assessment pie, PanPlace place)
    {
        var c = pie.Composition;
        var pan = place.Pan;
        var moved = c.To(pan);

        // What no longer fits in so shallow a pan is settled as any typed measure is.
        moved = new Remedy("", "", _ => moved).Apply(c);
        if (moved.Pan.Id != pan.Id)
            return null;
        var lined = moved.Lined;
        var line = lined.Depth.Value - moved.Filling.Line.Value;
        var room = lined.VolumeTo(line);
        var held = pie.FilledEach.Value;
        if (room.Value <= 0 || held.Value <= 0)
            return null;

        // As many as hold it to the line; a tenth over the line is shared out as a little more in each.
        var count = Math.Max(1, (int)Math.Ceiling((held.Value / room.Value) - 0.1));
        if (count > MostPans)
            return null;
        var each = held * (1.0 / count);
        var id = "stand-in-" + pan.Key;
        var depth = new Worked<Millimetres>(
            id + "-depth", $"In the {pan.Name.ToLowerInvariant()} it stands", lined.DepthFor(each),
            "the depth at which filling ÷ pans stands inside the lining",
            Term.Of(pie.FilledEach), Term.Given("pans", count, Dimension.Count), Term.Given("room to its fill line", room));
        var deeper = new Worked<Millimetres>(
            id + "-deeper", "Deeper or shallower", depth.Value - pie.FilledDepth.Value, "it stands − the filling stands in the other pan",
            Term.Of(depth), Term.Of(pie.FilledDepth));
        var sameDepth = lined.VolumeTo(Math.Min(pie.FilledDepth.Value.Value, lined.Depth.Value));
        var batch = new Worked<Factor>(
            id + "-batch", "For the same depth, times the batch", new(sameDepth / held),
            "what one holds at the same depth ÷ filling in the other pan",
            Term.Given("what one holds at the same depth", sameDepth), Term.Of(pie.FilledEach));
        var (from, to) = (PanConstants.BakeFactor(c.Pan.Material), PanConstants.BakeFactor(pan.Material));
        var (bigger, smaller) = (c.Pan.IsSmall ? PanConstants.SmallShell.Usual : 1, pan.IsSmall ? PanConstants.SmallShell.Usual : 1);
        var bake = new Worked<Factor>(
            id + "-bake", "Times the minutes in the oven", new(to.Usual * smaller / (from.Usual * bigger)),
            "its material ÷ the other's × its size ÷ the other's",
            to, from, Term.Given("size of this", new Factor(smaller)), Term.Given("size of the other", new Factor(bigger)));
        var set = SetTimeIn(pie, depth, id + "-set");

        var misfit = Math.Abs(Math.Log(room.Value * count / held.Value))
            + (0.4 * Math.Abs(Math.Log(Math.Max(1, depth.Value.Value) / Math.Max(1, pie.FilledDepth.Value.Value))))
            + (0.12 * Math.Log2(count))
            + (pan.Kind == c.Pan.Kind ? 0 : 0.1)
            + (pan.Unmoulds == c.Pan.Unmoulds ? 0 : 0.15)
            + (pan.HasRim == c.Pan.HasRim || c.Crust.Edge is Edge.Trimmed ? 0 : 0.1)
            + (place.Room < count ? 0.5 : 0);
        return new(pan, count, depth, deeper, batch, bake, set, misfit, moved, place.Room)
        {
            SameDepthFits = pie.FilledDepth.Value.Value <= line + OverTheLine,
        };
    }

    /// <summary>How long it sets at another depth: from this pie's own time where that is known, else from its family's table.</summary>
    private static Worked<MinuteRange> SetTimeIn(Assessment pie, Worked<Millimetres> depth, string id)
    {
        var family = pie.Composition.Filling.Formula.Family;
        if (pie.Cooling?.SetTime is { } here && pie.FilledDepth.Value.Value > 0)
        {
            var times = Math.Pow(depth.Value.Value / pie.FilledDepth.Value.Value, CoolingConstants.DepthPower.Usual);
            var most = Math.Max(here.Value.Most, here.Value.Best * times);
            return new(
                id, here.Name, new(here.Value.Least * times, here.Value.Best * times, most),
                "in the other pan × (depth here ÷ depth there, to a power a little above one)",
                Term.Of(here), Term.Of(depth), Term.Of(pie.FilledDepth), CoolingConstants.DepthPower);
        }

        var slower = Math.Max(1, depth.Value.Value / family.SetDepth.Usual);
        var least = family.SetTime.Least * slower;
        return new(
            id, "In the fridge to set", new(least, Math.Max(least, family.SetTime.Best), Math.Max(least, family.SetTime.Most)),
            "the family's minutes × depth ÷ the depth they are for, where it is deeper",
            Term.Given("the family's minutes", family.SetTime), Term.Of(depth), family.SetDepth);
    }

    /// <summary>Every figure that can be opened.</summary>
    public IEnumerable<IWorked> Figures() => [Depth, Deeper, BatchForDepth, BakeTime, SetTime];
}
