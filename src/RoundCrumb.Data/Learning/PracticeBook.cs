using Microsoft.EntityFrameworkCore;
using RoundCrumb.Core.Practice;

namespace RoundCrumb.Data.Learning;

/// <summary>An answer that was given in practice.</summary>
public sealed class PracticeRow
{
    public int Id { get; set; }

    public ExerciseKind Kind { get; set; }

    public int Seed { get; set; }

    public int Level { get; set; }

    public bool Right { get; set; }

    public DateTimeOffset At { get; set; }
}

/// <summary>Keeps what was answered in practice.</summary>
public sealed class PracticeBook(RoundCrumbContext context, TimeProvider clock)
{
    /// <summary>So many answers are looked back over.</summary>
    private const int LookBack = 2000;

    /// <summary>Now.</summary>
    public DateTimeOffset Now => clock.GetUtcNow();

    /// <summary>What was answered, the oldest first.</summary>
    public async Task<IReadOnlyList<PracticeAnswer>> AnswersAsync(CancellationToken cancel = default) =>
    [
        .. (await context.Practice.AsNoTracking().OrderByDescending(p => p.Id).Take(LookBack).ToListAsync(cancel)).AsEnumerable().Reverse()
            .Select(p => new PracticeAnswer(p.Kind, p.Seed, p.Level, p.Right, p.At)),
    ];

    /// <summary>Writes an answer down.</summary>
    public Task AddAsync(Exercise exercise, bool right, CancellationToken cancel = default)
    {
        context.Practice.Add(new()
        {
            Kind = exercise.Kind,
            Seed = exercise.Seed,
            Level = exercise.Level,
            Right = right,
            At = clock.GetUtcNow(),
        });
        return context.SaveChangesAsync(cancel);
    }

    /// <summary>Forgets all answers.</summary>
    public Task ClearAsync(CancellationToken cancel = default) => context.Practice.ExecuteDeleteAsync(cancel);
}
