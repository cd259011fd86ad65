namespace RoundCrumb.Scheduling.Model;

/// <summary>An oven at one heat for a while.</summary>
/// <param name="Oven">Which.</param>
/// <param name="Heat">At what, °C.</param>
/// <param name="From">First slot; it has been warming up before.</param>
/// <param name="To">The slot after the last.</param>
public readonly record struct OvenRun(int Oven, int Heat, int From, int To);

/// <summary>A day that works: when everything begins, and in which oven.</summary>
/// <param name="Starts">For each work its slot.</param>
/// <param name="Ovens">For each work its oven; -1 for hands.</param>
/// <param name="Ready">For each batch the slot when it is ready; the slot it is due where it is early.</param>
/// <param name="Runs">The ovens' runs.</param>
public sealed record Plan(IReadOnlyList<int> Starts, IReadOnlyList<int> Ovens, IReadOnlyList<int> Ready, IReadOnlyList<OvenRun> Runs)
{
    /// <summary>Slots that all batches together are late.</summary>
    public int Lateness(Day day) => day.Batches.Select((b, i) => Math.Max(0, Ready[i] - b.Due)).Sum();

    /// <summary>Slots that ovens are on, warming up counted in.</summary>
    public int OvenOn(Day day) => Runs.Sum(r => r.To - r.From + day.Ovens[r.Oven].WarmUp);

    /// <summary>The slots in which hands have something to do, those at an oven's door counted in, with the work that it is.</summary>
    public IEnumerable<(int Work, int From, int To)> HandsOf(Day day)
    {
        for (var i = 0; i < day.Works.Count; i++)
        {
            if (day.Works[i].Load is not { } load)
            {
                yield return (i, Starts[i], EndOf(day, i));
                continue;
            }

            foreach (var touch in load.Touches)
                yield return (i, Starts[i] + touch.After, Starts[i] + touch.After + touch.Length);
        }
    }

    /// <summary>
    /// From the first work of hands to the last of each stretch of hours in which there is any: when somebody has to be here.
    /// </summary>
    public IReadOnlyList<(int From, int To)> Attended(Day day)
    {
        var hands = HandsOf(day).ToList();
        return [
            .. day.Open().Select(o => hands.Where(h => h.From >= o.From && h.From < o.To).ToList()).Where(h => h.Count > 0)
                .Select(h => (h.Min(x => x.From), h.Max(x => x.To)))
        ];
    }

    /// <summary>Where a work ends.</summary>
    public int EndOf(Day day, int work) => Starts[work] + day.Works[work].Length;
}
