using Microsoft.EntityFrameworkCore;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Trials;
using RoundCrumb.Data.Bakes;
using RoundCrumb.Data.Learning;

namespace RoundCrumb.Data.Trials;

/// <summary>The planned trials with their bakes.</summary>
public sealed class TrialBook(RoundCrumbContext context, LearningBook learning, TimeProvider clock)
{
    /// <summary>All that are not put away, the newest first.</summary>
    public Task<List<Trial>> AllAsync(CancellationToken cancel = default) =>
        context.Trials.AsNoTracking().Where(t => t.DeletedAt == null).OrderByDescending(t => t.Id).Take(200).ToListAsync(cancel);

    /// <summary>One, or none.</summary>
    public Task<Trial?> FindAsync(int id, CancellationToken cancel = default) =>
        context.Trials.AsNoTracking().FirstOrDefaultAsync(t => t.Id == id, cancel);

    /// <summary>Its bakes, the oldest first.</summary>
    public Task<List<Bake>> BakesAsync(int id, CancellationToken cancel = default) => context.Bakes.AsNoTracking().Include(b => b.Log)
        .Where(b => b.TrialId == id).OrderBy(b => b.Id).ToListAsync(cancel);

    /// <summary>Plans one.</summary>
    public async Task<Trial> AddAsync(Trial trial, CancellationToken cancel = default)
    {
        trial.At = clock.GetUtcNow();
        context.Trials.Add(trial);
        await context.SaveChangesAsync(cancel);
        return trial;
    }

    /// <summary>Puts one away, or brings it back.</summary>
    public Task DeleteAsync(int id, bool away, CancellationToken cancel = default)
    {
        var when = away ? clock.GetUtcNow() : (DateTimeOffset?)null;
        return context.Trials.Where(t => t.Id == id).ExecuteUpdateAsync(set => set.SetProperty(t => t.DeletedAt, when), cancel);
    }

    /// <summary>Makes a batch sheet for each of the two.</summary>
    public async Task BeginAsync(Trial trial, int pies, CancellationToken cancel = default)
    {
        var known = (await learning.NowAsync(cancel)).Number;
        foreach (var arm in Enum.GetValues<TrialArm>())
        {
            context.Bakes.Add(new()
            {
                PieName = arm is TrialArm.AsItIs ? trial.Name : trial.Name + ", changed",
                Address = CompositionAddress.WithLearned(arm is TrialArm.AsItIs ? trial.AsItIs : trial.Changed, known),
                Pies = pies,
                MadeAt = clock.GetUtcNow(),
                TrialId = trial.Id,
                Arm = arm,
            });
        }

        await context.SaveChangesAsync(cancel);
    }
}
