namespace RoundCrumb.Scheduling.Model;

/// <summary>What happened of a day that is under way, as far as planning the rest of it has to know.</summary>
/// <param name="Lengths">Slots that a work took, or takes by what is known of it now, by its key; 1 or more.</param>
/// <param name="Held">Stretches for which a pair of hands is held by what is under way: first slot and the slot after the last.</param>
public sealed record DayFacts(IReadOnlyDictionary<string, int> Lengths, IReadOnlyList<(int From, int To)> Held)
{
    /// <summary>The day with what happened: what overran takes as long as it took, whatever its craft says.</summary>
    /// <param name="built">The day; what is done or begun in it is marked so.</param>
    public BuiltDay Of(BuiltDay built) => built with
    {
        Day = built.Day with
        {
            Works = [.. built.Day.Works.Select(w => Lengths.TryGetValue(w.Key, out var took) ? w with { Length = Math.Max(1, took) } : w)],
            Held = Held,
        },
    };

    /// <summary>
    /// All that must have come before what is done, and was not ticked: by the first slot of what is done that it came before.
    /// </summary>
    /// <param name="day">The day.</param>
    /// <param name="done">The slot of each work that is done or begun.</param>
    public static IReadOnlyDictionary<int, int> Before(Day day, IReadOnlyDictionary<int, int> done)
    {
        var before = new Dictionary<int, int>();
        for (var known = -1; known < before.Count;)
        {
            known = before.Count;
            foreach (var gap in day.Gaps)
            {
                if (done.ContainsKey(gap.From) || !(done.TryGetValue(gap.To, out var at) || before.TryGetValue(gap.To, out at)))
                    continue;
                var start = Math.Max(0, at - day.Works[gap.From].Length);
                if (!before.TryGetValue(gap.From, out var there) || start < there)
                    before[gap.From] = start;
            }
        }

        return before;
    }
}
