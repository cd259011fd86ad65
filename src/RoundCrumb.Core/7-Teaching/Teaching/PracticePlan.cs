namespace RoundCrumb.Core.Practice;

/// <summary>One answer that was given.</summary>
/// <param name="Kind">What was practised.</param>
/// <param name="Seed">Which exercise.</param>
/// <param name="Level">How hard it was.</param>
/// <param name="Right">Whether it was right.</param>
/// <param name="At">When.</param>
public sealed record PracticeAnswer(ExerciseKind Kind, int Seed, int Level, bool Right, DateTimeOffset At);

/// <summary>
/// What to practise next: what was missed comes back after a while, and after longer each time that it is right; how hard the rest is
/// follows the answers. Nothing is gained by being quick.
/// </summary>
public static class PracticePlan
{
    /// <summary>After so long a missed one comes back; then, each time that it is right, after the next.</summary>
    private static readonly TimeSpan[] Waits = [TimeSpan.FromMinutes(5), TimeSpan.FromDays(1), TimeSpan.FromDays(4), TimeSpan.FromDays(12)];

    /// <summary>The next exercise.</summary>
    /// <param name="answers">All answers so far, the oldest first.</param>
    /// <param name="now">Now.</param>
    /// <param name="only">Only of one kind; of all where none is named.</param>
    public static (ExerciseKind Kind, int Seed, int Level) Next(
        IReadOnlyList<PracticeAnswer> answers, DateTimeOffset now, ExerciseKind? only = null)
    {
        var last = answers.Count > 0 ? (answers[^1].Kind, answers[^1].Seed) : default;
        var due = answers.Where(a => only is null || a.Kind == only).GroupBy(a => (a.Kind, a.Seed, a.Level))
            .Where(g => g.Any(a => !a.Right)).Select(g => (g.Key, Due: DueOf([.. g]))).Where(d =>
                d.Due <= now && (d.Key.Kind, d.Key.Seed) != last)
            .OrderBy(d => d.Due).ToList();
        if (due.Count > 0)
            return due[0].Key;

        // What was practised least, and of those what went worst.
        var kind = only ?? Enum.GetValues<ExerciseKind>().OrderBy(k => answers.Count(a => a.Kind == k))
            .ThenBy(k => answers.Where(a => a.Kind == k).Select(a => a.Right ? 1.0 : 0).DefaultIfEmpty(0).Average()).First();
        return (kind, unchecked((answers.Count * 7919) + (int)kind + 1), LevelOf(answers, kind));
    }

    /// <summary>How hard a kind is by now: a level up after three right in a row, one down after two wrong.</summary>
    /// <param name="answers">All answers so far, the oldest first.</param>
    /// <param name="kind">What is practised.</param>
    public static int LevelOf(IReadOnlyList<PracticeAnswer> answers, ExerciseKind kind)
    {
        var (level, right, wrong) = (1, 0, 0);
        foreach (var answer in answers.Where(a => a.Kind == kind))
        {
            (right, wrong) = answer.Right ? (right + 1, 0) : (0, wrong + 1);
            if (right == 3 || wrong == 2)
            {
                level = Math.Clamp(level + (right == 3 ? 1 : -1), 1, Exercises.MostLevel);
                (right, wrong) = (0, 0);
            }
        }

        return level;
    }

    /// <summary>When an exercise that was missed comes back; never once it was right often enough.</summary>
    private static DateTimeOffset DueOf(List<PracticeAnswer> of)
    {
        var right = of.AsEnumerable().Reverse().TakeWhile(a => a.Right).Count();
        return right < Waits.Length ? of[^1].At + Waits[right] : DateTimeOffset.MaxValue;
    }
}
