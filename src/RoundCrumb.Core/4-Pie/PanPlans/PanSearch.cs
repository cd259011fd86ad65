using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Shells;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Pouring;

/// <summary>Some pans for a batch.</summary>
/// <param name="Orders">Which, and how many of each.</param>
/// <param name="Room">What they hold to the line, all together.</param>
/// <param name="Left">What of the batch stays over; less than 0 is what they are short.</param>
public sealed record PanSet(IReadOnlyList<PourOrder> Orders, Millilitres Room, Worked<Millilitres> Left);

/// <summary>Finds the owned pans that one batch fills best.</summary>
public static class PanSearch
{
    /// <summary>Room is counted in steps of so many ml: finer than a spoon.</summary>
    private const double Step = 5;

    /// <summary>What a further pan costs, in ml of misfit: an even fit is not worth a table full of pans.</summary>
    private const double APan = 10;

    /// <summary>What a further size costs, in ml of misfit.</summary>
    private const double ASize = 30;

    /// <summary>Short by this share of the batch is as good as full: a millimetre or two below the line.</summary>
    private const double MayBeShort = 0.05;

    /// <summary>The best sets for a batch, each with another size for its most, the best first.</summary>
    /// <param name="batch">What the batch gives.</param>
    /// <param name="crust">How the pans are lined.</param>
    /// <param name="line">Fill line below the rim.</param>
    /// <param name="pans">The pans that are to be had.</param>
    /// <param name="most">How many sets.</param>
    public static IReadOnlyList<PanSet> Best(
        Millilitres batch, ShellWish crust, Millimetres line, IReadOnlyList<PanPlace> pans, int most = 3)
    {
        var fits = pans
            .Select(p => (Place: p, Lined: PourPlan.Line(crust, p.Pan)))
            .Select(p => (p.Place, Room: p.Lined.VolumeTo(Math.Max(0, p.Lined.Depth.Value - line.Value)).Value))
            .Where(p => p.Room >= Step * 2 && p.Room <= batch.Value * (1 + MayBeShort))
            .ToList();
        var found = new List<PanSet>();
        while (found.Count < most && fits.Count > 0 && One(batch.Value, fits) is { Orders.Count: > 0 } set)
        {
            found.Add(set);

            // The next set goes without the size that this one is mostly made of.
            var main = set.Orders.MaxBy(o => fits.First(f => f.Place.Pan.Key == o.Pan.Key).Room * o.Count)!.Pan.Key;
            fits.RemoveAll(f => f.Place.Pan.Key == main);
        }

        return [.. found.OrderBy(s => Cost(s, batch.Value))];
    }

    private static double Cost(PanSet set, double batch) =>
        Misfit(batch, set.Room.Value) + (APan * set.Orders.Sum(o => o.Count)) + (ASize * set.Orders.Count);

    /// <summary>What is left over costs itself; what is short costs nothing for a little and three times itself beyond.</summary>
    private static double Misfit(double batch, double room) =>
        room <= batch ? batch - room : Math.Max(0, room - (batch * (1 + MayBeShort))) * 3 + ((room - batch) * 0.3);

    /// <summary>The cheapest way to every amount of room, a size at a time: a bounded knapsack.</summary>
    private static PanSet? One(double batch, List<(PanPlace Place, double Room)> fits)
    {
        var top = (int)Math.Ceiling(batch * (1 + MayBeShort) / Step);
        var cost = new double[top + 1];
        Array.Fill(cost, double.PositiveInfinity);
        cost[0] = 0;
        var chosen = new int[fits.Count][];
        for (var i = 0; i < fits.Count; i++)
        {
            var (place, room) = fits[i];
            var step = Math.Max(1, (int)Math.Round(room / Step));
            var limit = Math.Min(place.Room ?? 40, top / step);
            var counts = chosen[i] = new int[top + 1];
            var next = (double[])cost.Clone();
            for (var at = 0; at <= top; at++)
            {
                if (double.IsInfinity(cost[at]))
                    continue;
                for (var n = 1; n <= limit && at + (n * step) <= top; n++)
                {
                    var price = cost[at] + ASize + (APan * n);
                    if (price < next[at + (n * step)] - 1e-9)
                        (next[at + (n * step)], counts[at + (n * step)]) = (price, n);
                }
            }

            cost = next;
        }

        var best = -1;
        var least = double.PositiveInfinity;
        for (var at = 1; at <= top; at++)
        {
            var price = cost[at] + Misfit(batch, at * Step);
            if (price < least)
                (least, best) = (price, at);
        }

        if (best < 0)
            return null;

        // Walked back from the last size to the first.
        var orders = new List<PourOrder>();
        for (var i = fits.Count - 1; i >= 0 && best > 0; i--)
        {
            var n = chosen[i][best];
            if (n == 0)
                continue;
            orders.Add(new(fits[i].Place.Pan, n));
            best -= n * Math.Max(1, (int)Math.Round(fits[i].Room / Step));
        }

        orders.Reverse();
        var held = orders.Sum(o => o.Count * fits.First(f => f.Place.Pan.Key == o.Pan.Key).Room);
        return new(orders, new(held), new(
            "set-" + string.Join('-', orders.Select(o => FormattableString.Invariant($"{o.Count}x{o.Pan.Key}"))), "Left over, or short",
            new(batch - held), "the batch − what these pans hold to the line",
            [
                Term.Given("the batch", new Millilitres(batch)),
                .. orders.Select(
                    o =>
                        Term.Given(
                            FormattableString.Invariant($"{o.Count} × {o.Pan.Name}"),
                            new Millilitres(o.Count * fits.First(f => f.Place.Pan.Key == o.Pan.Key).Room)))
            ]));
    }
}
