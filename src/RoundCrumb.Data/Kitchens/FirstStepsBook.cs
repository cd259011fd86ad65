using Microsoft.EntityFrameworkCore;
using RoundCrumb.Data.Storage;

namespace RoundCrumb.Data.Kitchens;

/// <summary>What a new kitchen is asked to do first.</summary>
public enum FirstStep
{
    /// <summary>Say which pans there are.</summary>
    Pans,

    /// <summary>Say which oven there is.</summary>
    Oven,

    /// <summary>Save a first pie, or bring in a recipe.</summary>
    Pie,
}

/// <summary>Which first steps are still to be done: neither done nor skipped.</summary>
public sealed class FirstStepsBook(RoundCrumbContext context, TimeProvider clock)
{
    private const string Skipped = "skipped-first-";

    /// <summary>Those that are left, in their order.</summary>
    public async Task<IReadOnlyList<FirstStep>> LeftAsync(CancellationToken cancel = default)
    {
        var skipped = await context.Marks.AsNoTracking().Where(m => m.Name.StartsWith(Skipped)).Select(m => m.Name).ToListAsync(cancel);
        var left = new List<FirstStep>();
        foreach (var step in Enum.GetValues<FirstStep>())
        {
            if (!skipped.Contains(Skipped + step) && !await IsDoneAsync(step, cancel))
                left.Add(step);
        }

        return left;
    }

    /// <summary>Says that one is not wanted.</summary>
    public Task SkipAsync(FirstStep step, CancellationToken cancel = default) => context.AgainAsync(async () =>
    {
        if (!await context.Marks.AnyAsync(m => m.Name == Skipped + step, cancel))
        {
            context.Marks.Add(new DataMark { Name = Skipped + step, At = clock.GetUtcNow() });
            await context.SaveChangesAsync(cancel);
        }

        return true;
    });

    private Task<bool> IsDoneAsync(FirstStep step, CancellationToken cancel) => step switch
    {
        FirstStep.Pans => context.KitchenPans.AnyAsync(p => p.DeletedAt == null, cancel),
        FirstStep.Oven => context.KitchenOvens.AnyAsync(o => o.DeletedAt == null, cancel),
        FirstStep.Pie => context.Pies.AnyAsync(p => p.DeletedAt == null, cancel),
    };
}
