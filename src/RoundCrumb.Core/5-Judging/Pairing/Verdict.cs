using RoundCrumb.Core.Advice;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Pairing;

/// <summary>How well things go together, the best first.</summary>
public enum PairVerdict
{
    /// <summary>Nothing to mend.</summary>
    Well,

    /// <summary>Good once one small thing is changed.</summary>
    WithAChange,

    /// <summary>It can be made, and somebody will be sorry.</summary>
    Poorly,

    /// <summary>It can't be made or served so, and no small change mends it.</summary>
    Not,
}

/// <summary>One change that mends a pie, and what it costs.</summary>
/// <param name="Rule">What it mends.</param>
/// <param name="Remedy">The change.</param>
/// <param name="After">The pie with it, and all changes before it.</param>
public sealed record MendingChange(Finding Rule, Remedy Remedy, Composition After);

/// <summary>What comes of putting parts together.</summary>
/// <param name="Goes">How well.</param>
/// <param name="Pie">As it was put together.</param>
/// <param name="Changes">The changes that make it good, in order; none where it is good already or cannot be.</param>
/// <param name="Mended">The pie with all of them; as it was where there are none.</param>
public sealed record Verdict(PairVerdict Goes, Assessment Pie, IReadOnlyList<MendingChange> Changes, Composition Mended)
{
    /// <summary>More changes than this make another pie of it.</summary>
    public const int MostChanges = 8;

    /// <summary>Changes by which a pie is good with little ado: seal it, change the hours, the height, the edge.</summary>
    private const int Small = 2;

    /// <summary>The gravest of what is wrong; none where nothing is.</summary>
    public Finding? Gravest => Pie.Advice.FirstOrDefault(f => f.Severity <= Severity.Disappoints);

    /// <summary>In a word.</summary>
    public string Word => WordOf(Goes);

    /// <summary>A verdict in a word.</summary>
    public static string WordOf(PairVerdict goes) =>
        goes switch { PairVerdict.Well => "good", PairVerdict.WithAChange => "one change", PairVerdict.Poorly => "poor", _ => "no" };

    /// <summary>The verdict on a pie: quick, from its advice alone.</summary>
    public static PairVerdict Of(Assessment pie)
    {
        var worst = PairVerdict.Well;
        var grave = 0;
        foreach (var finding in pie.Advice)
        {
            if (finding.Severity > Severity.Disappoints)
                break;
            if (finding.IsKnown)
                continue;
            grave++;
            var goes = finding.Remedies.Count == 0
                ? PairVerdict.Not
                : finding.Remedies[0].SizeOn(pie.Composition) is RemedySize.Adjustment ? PairVerdict.WithAChange
                : finding.Severity is Severity.Stops ? PairVerdict.Not
                : PairVerdict.Poorly;
            worst = goes > worst ? goes : worst;
        }

        return worst is PairVerdict.WithAChange && grave > Small ? PairVerdict.Poorly : worst;
    }

    /// <summary>The verdict with the changes that make it good.</summary>
    public static Verdict WithChanges(Assessment pie)
    {
        var goes = Of(pie);
        var (changes, mended, good) = Mend(pie);
        return new(goes, pie, good ? changes : [], good ? mended : pie.Composition);
    }

    /// <summary>
    /// Takes the first remedy of the gravest finding again and again, until nothing grave is left or nothing more can be done.
    /// </summary>
    /// <param name="pie">What is mended.</param>
    /// <param name="keep">True for a pie that still is what was asked for; a change that leaves it is not taken.</param>
    public static (IReadOnlyList<MendingChange> Changes, Composition Mended, bool Good) Mend(
        Assessment pie, Func<Composition, bool>? keep = null)
    {
        var changes = new List<MendingChange>();
        var now = pie;
        var seen = new HashSet<string> { CompositionAddress.Write(pie.Composition) };
        for (var i = 0; i < MostChanges; i++)
        {
            var grave = now.Advice.Where(f => f.Severity <= Severity.Disappoints && !f.IsKnown).ToList();
            if (grave.Count == 0)
                return (changes, now.Composition, true);
            MendingChange? taken = null;
            foreach (var finding in grave)
            {
                foreach (var remedy in finding.Remedies)
                {
                    var after = remedy.Apply(now.Composition);
                    if ((keep is null || keep(after)) && seen.Add(CompositionAddress.Write(after)))
                    {
                        taken = new(finding, remedy, after);
                        break;
                    }
                }

                if (taken is not null)
                    break;
            }

            if (taken is null)
                return (changes, now.Composition, false);
            changes.Add(taken);
            now = Assessment.Of(taken.After, pie.Pies, pie.Kitchen);
        }

        return (changes, now.Composition, now.Advice.All(f => f.Severity > Severity.Disappoints || f.IsKnown));
    }
}
