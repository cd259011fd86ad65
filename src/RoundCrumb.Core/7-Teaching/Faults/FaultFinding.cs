using RoundCrumb.Core.Faults;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Diagnosis;

/// <summary>Why a cause is likelier or less likely than it was.</summary>
/// <param name="Says">In words.</param>
/// <param name="Bearing">How it bears.</param>
/// <param name="IsTold">True where the baker said it; else it is read off the pie or its log.</param>
public sealed record Reason(Phrase Says, Bearing Bearing, bool IsTold);

/// <summary>A cause with how likely it is.</summary>
/// <param name="Cause">The cause.</param>
/// <param name="Chance">From 0 to 1; those of one fault add up to 1.</param>
/// <param name="For">What speaks for it.</param>
/// <param name="Against">What speaks against it.</param>
public sealed record Suspect(Cause Cause, double Chance, IReadOnlyList<Reason> For, IReadOnlyList<Reason> Against)
{
    /// <summary>The chance with its working.</summary>
    public required Worked<Share> Figure { get; init; }
}

/// <summary>A fault traced: its causes by how likely they are, and the question that would tell most.</summary>
/// <param name="Fault">What is seen.</param>
/// <param name="Suspects">The likeliest first.</param>
/// <param name="Ask">What to ask next; none where enough is known, or nothing more would tell.</param>
public sealed record FaultFinding(Fault Fault, IReadOnlyList<Suspect> Suspects, Sign? Ask)
{
    /// <summary>So many questions at the most.</summary>
    public const int MostQuestions = 3;

    /// <summary>With so much of a chance a cause needs no further question.</summary>
    private const double Sure = 0.85;

    /// <summary>A question that tells less, in bits, is not worth asking.</summary>
    private const double LeastTold = 0.02;

    /// <summary>Traces a fault.</summary>
    /// <param name="fault">What is seen.</param>
    /// <param name="of">The pie and its log; none for no pie in particular, of which only the baker can tell.</param>
    /// <param name="answers">What the baker has said so far; nothing for what nobody knows.</param>
    public static FaultFinding Of(Fault fault, FaultCase? of, IReadOnlyDictionary<Sign, bool?> answers)
    {
        var causes = CauseBook.Of(fault).Where(c => of is null || c.Fits(of.Pie.Composition)).ToList();
        if (causes.Count == 0)
            return new(fault, [], null);
        var signs = causes.SelectMany(c => c.Signs).Distinct().ToList();
        var found = new List<(Sign Sign, Found Found, bool IsTold)>();
        foreach (var sign in signs)
        {
            if (answers.TryGetValue(sign, out var told))
            {
                if (told is { } isThere)
                    found.Add((sign, new(isThere, isThere ? sign.Yes : sign.No), true));
            }
            else if (of is not null && sign.Known(of) is { } known)
                found.Add((sign, known, false));
        }

        double Told(Cause c, Func<double, bool> which) =>
            found.Select(f => Times(c, f.Sign, f.Found.Is)).Where(which).Aggregate(1.0, static (all, t) => all * t);
        var weights = causes.Select(c => (double)c.Often * Told(c, static _ => true)).ToList();
        var sum = weights.Sum();
        var suspects = causes.Select((c, i) => new Suspect(
            c, weights[i] / sum,
            [.. Reasons(c, found, static (bearing, yes) => yes == bearing is Bearing.Clear or Bearing.Mild)],
            [.. Reasons(c, found, static (bearing, yes) => yes == bearing is Bearing.MildlyAgainst or Bearing.ClearlyAgainst)])
        {
            Figure = new(
                "chance-" + c.Id, "How likely", new(weights[i] / sum),
                "how often × what speaks for it × what speaks against it or is missing ÷ the same of all its causes",
                Term.Given("how often, from 1 to 3", (double)c.Often, Dimension.Count),
                Term.Given("what speaks for it", Told(c, static t => t > 1), Dimension.Factor),
                Term.Given("what speaks against it or is missing", Told(c, static t => t < 1), Dimension.Factor),
                Term.Given("all causes together", sum, Dimension.Count)),
        })
            .OrderByDescending(s => s.Chance).ToList();
        var open = signs.Where(s => s.CanBeAsked && !answers.ContainsKey(s) && !found.Exists(f => f.Sign == s)).ToList();
        var asked = signs.Count(answers.ContainsKey);
        return new(
            fault, suspects,
            asked >= MostQuestions || suspects[0].Chance >= Sure ? null : Best(suspects, open));
    }

    /// <summary>The question that tells most of which cause it is; none where all tell next to nothing.</summary>
    private static Sign? Best(List<Suspect> suspects, List<Sign> open)
    {
        var (best, most) = ((Sign?)null, LeastTold);
        foreach (var sign in open)
        {
            var yes = suspects.Sum(s => s.Chance * s.Cause.ChanceOf(sign));
            var told = Doubt(suspects.Select(s => s.Chance))
                - (yes * Doubt(suspects.Select(s => s.Chance * s.Cause.ChanceOf(sign) / yes)))
                - ((1 - yes) * Doubt(suspects.Select(s => s.Chance * (1 - s.Cause.ChanceOf(sign)) / (1 - yes))));
            if (told > most)
                (best, most) = (sign, told);
        }

        return best;
    }

    /// <summary>How much is open among some chances, bits.</summary>
    private static double Doubt(IEnumerable<double> chances) => -chances.Where(c => c > 0).Sum(c => c * Math.Log2(c));

    private static double Times(Cause cause, Sign sign, bool isThere) =>
        isThere ? cause.ChanceOf(sign) / Sign.Usual : (1 - cause.ChanceOf(sign)) / (1 - Sign.Usual);

    private static IEnumerable<Reason> Reasons(
        Cause cause, List<(Sign Sign, Found Found, bool IsTold)> found, Func<Bearing, bool, bool> which) =>
        found.Where(f => cause.Of(f.Sign) is not Bearing.None && !f.Found.Says.IsEmpty && which(cause.Of(f.Sign), f.Found.Is))
            .Select(f => new Reason(f.Found.Says, cause.Of(f.Sign), f.IsTold));
}
