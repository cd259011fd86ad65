namespace RoundCrumb.Core.Buying;

/// <summary>A pack that can be bought.</summary>
/// <param name="Grams">What it holds, g; more than nothing.</param>
/// <param name="Price">What it costs, pounds; 0 or more.</param>
/// <param name="Shop">Where; empty where nobody has said.</param>
public sealed record PackOffer(double Grams, decimal Price, string Shop = "")
{
    /// <summary>What a gram of it costs, pounds.</summary>
    public double PerGram => (double)Price / Grams;
}

/// <summary>So many of one pack.</summary>
/// <param name="Pack">Which.</param>
/// <param name="Count">How many, 1 or more.</param>
public sealed record PacksOf(PackOffer Pack, int Count);

/// <summary>Packs that cover what is wanted.</summary>
/// <param name="Packs">Which and how many, the largest first.</param>
public sealed record PackSet(IReadOnlyList<PacksOf> Packs)
{
    /// <summary>What they hold, g.</summary>
    public double Grams => Packs.Sum(p => p.Count * p.Pack.Grams);

    /// <summary>What they cost, pounds.</summary>
    public decimal Price => Packs.Sum(p => p.Count * p.Pack.Price);
}

/// <summary>Finds what to buy.</summary>
public static class CheapestPacks
{
    /// <summary>Packs are told apart to a tenth of a gram.</summary>
    private const double Unit = 0.1;

    /// <summary>Sizes beyond which a finer step would take too long; from here on a step is as much larger.</summary>
    private const long MostSteps = 300_000;

    /// <summary>The cheapest packs that hold so much; of equally cheap ones the fewest, and then those that leave the least.</summary>
    /// <param name="grams">What is wanted, g.</param>
    /// <param name="offers">The packs there are. Those that hold nothing are passed over.</param>
    /// <returns>None where there is no pack; an empty set where nothing is wanted.</returns>
    public static PackSet? Of(double grams, IReadOnlyList<PackOffer> offers)
    {
        var packs = offers.Where(o => o.Grams >= Unit && o.Price >= 0).ToList();
        if (!(grams > 1e-6))
            return new([]);
        if (packs.Count == 0 || !double.IsFinite(grams))
            return null;

        // Whatever packs are bought, together they hold a multiple of what all of them have in common.
        var tenths = packs.Select(p => (long)Math.Floor((p.Grams / Unit) + 1e-6)).ToList();
        var step = tenths.Aggregate(Common);
        var wanted = (long)Math.Ceiling((grams / Unit / step) - 1e-9);
        var coarser = (wanted + MostSteps - 1) / MostSteps;
        if (coarser > 1)
        {
            step *= coarser;
            wanted = (long)Math.Ceiling(grams / Unit / step);
        }

        var sizes = tenths.Select(t => Math.Max(1, t / step)).ToList();
        var last = wanted + sizes.Max() - 1;

        // The cheapest way to hold exactly so many steps, and the pack that came last to it.
        var best = new (decimal Price, int Count, int Pack)[last + 1];
        for (var at = 1L; at <= last; at++)
        {
            best[at] = (decimal.MaxValue, int.MaxValue, -1);
            for (var p = 0; p < packs.Count; p++)
            {
                var before = at - sizes[p];
                if (before < 0 || (before > 0 && best[before].Pack < 0))
                    continue;
                var (price, more) = (best[before].Price + packs[p].Price, best[before].Count + 1);
                if (price < best[at].Price || (price == best[at].Price && more < best[at].Count))
                    best[at] = (price, more, p);
            }
        }

        var end = -1L;
        for (var at = wanted; at <= last; at++)
        {
            if (best[at].Pack >= 0 && (end < 0 || (best[at].Price, best[at].Count).CompareTo((best[end].Price, best[end].Count)) < 0))
                end = at;
        }

        var counts = new int[packs.Count];
        for (var at = end; at > 0; at -= sizes[best[at].Pack])
            counts[best[at].Pack]++;
        return new([
            .. packs.Select((p, i) => new PacksOf(p, counts[i])).Where(p => p.Count > 0).OrderByDescending(p => p.Pack.Grams),
        ]);
    }

    private static long Common(long a, long b) => b == 0 ? a : Common(b, a % b);
}
