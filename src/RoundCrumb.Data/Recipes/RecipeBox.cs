using System.Text.Json;
using System.Text.Json.Serialization;
using Microsoft.EntityFrameworkCore;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Data.Pies;
using RoundCrumb.Data.Storage;

namespace RoundCrumb.Data.Recipes;

/// <summary>A baker's own parts.</summary>
public sealed class RecipeBox(RoundCrumbContext context, Larder larder, RecipeCache cache, TimeProvider clock)
{
    /// <summary>How many parts of each kind are offered in Compose beside the shipped ones.</summary>
    private const int Offered = 8;

    /// <summary>The parts of a kind (or of all), with a tag (or any), sorted; without their versions.</summary>
    public Task<List<Part>> ListAsync(PartKind? kind, string? tag, BoxSort sort, int most, int skip = 0, CancellationToken cancel = default)
    {
        var parts = context.Parts.AsNoTracking().Where(p => p.DeletedAt == null);
        if (kind is { } k)
            parts = parts.Where(p => p.Kind == k);
        if (!string.IsNullOrEmpty(tag))
            parts = parts.Where(p => (" " + p.Tags + " ").Contains(" " + tag + " "));
        parts = sort switch
        {
            BoxSort.Name => parts.OrderBy(p => p.Name),
            BoxSort.Kind => parts.OrderBy(p => p.Kind).ThenBy(p => p.Name),
            _ => parts.OrderByDescending(p => p.SavedAt).ThenBy(p => p.Name),
        };
        return parts.Skip(skip).Take(most).ToListAsync(cancel);
    }

    /// <summary>How many parts there are.</summary>
    public Task<int> CountAsync(CancellationToken cancel = default) => context.Parts.CountAsync(p => p.DeletedAt == null, cancel);

    /// <summary>The version that is offered of each of some parts.</summary>
    public async Task<IReadOnlyList<(int Part, int Version)>> CurrentAsync(
        IReadOnlyCollection<int> ids, CancellationToken cancel = default) =>
        [
            .. (
                await context.Parts.AsNoTracking().Where(p => ids.Contains(p.Id)).Select(p => new { p.Id, p.Current }).ToListAsync(cancel))
                .Select(p => (p.Id, p.Current))
        ];

    /// <summary>Every tag in use, the commonest first.</summary>
    public async Task<IReadOnlyList<string>> TagsAsync(CancellationToken cancel = default)
    {
        // Counted by the file: many have the same tags, and few lists of tags come back.
        var lists = await context.Parts.Where(p => p.DeletedAt == null && p.Tags != "").GroupBy(p => p.Tags)
            .Select(g => new { Tags = g.Key, Count = g.Count() }).ToListAsync(cancel);
        lists.AddRange(
            await context.Pies.Where(p => p.DeletedAt == null && p.Tags != "").GroupBy(p => p.Tags)
                .Select(g => new { Tags = g.Key, Count = g.Count() }).ToListAsync(cancel));
        return [
            .. lists.SelectMany(l => l.Tags.Split(' ', StringSplitOptions.RemoveEmptyEntries).Select(t => (Tag: t, l.Count)))
                .GroupBy(t => t.Tag).OrderByDescending(g => g.Sum(t => t.Count)).ThenBy(g => g.Key, StringComparer.Ordinal)
                .Select(g => g.Key).Take(40)
        ];
    }

    /// <summary>One part with its versions, or none; deleted ones are found when asked for.</summary>
    public Task<Part?> FindAsync(int id, bool deletedToo = false, CancellationToken cancel = default) =>
        context.Parts.AsNoTracking().Include(p => p.Versions.OrderBy(v => v.Number))
            .FirstOrDefaultAsync(p => p.Id == id && (deletedToo || p.DeletedAt == null), cancel);

    /// <summary>The parts that some addresses name, as the core knows them.</summary>
    public async Task<IReadOnlyList<PartRecipe>> NamedInAsync(IEnumerable<string> addresses, CancellationToken cancel = default)
    {
        var ids = addresses.SelectMany(PartUse.In).Distinct().Select(u => OwnPartId.Of(u.Part, u.Version)).ToList();
        return ids.Count == 0 ? [] : await RecipesAsync(ids, cancel);
    }

    /// <summary>The parts with these ids, in their order, as the core knows them; those that are not there are left out.</summary>
    public async Task<IReadOnlyList<PartRecipe>> RecipesAsync(IReadOnlyCollection<string> ids, CancellationToken cancel = default)
    {
        var stamp = cache.Stamp;
        var found = new Dictionary<string, PartRecipe>(ids.Count, StringComparer.Ordinal);
        var missing = new List<(int Part, int Version)>();
        foreach (var id in ids)
        {
            if (cache.Find(id) is { } known)
                found[id] = known;
            else if (OwnPartId.Parse(id) is { } key)
                missing.Add(key);
        }

        if (missing.Count == 0)
            return InOrder();
        var wanted = missing.Select(m => m.Part).Distinct().ToList();
        var parts = await context.Parts.AsNoTracking().Include(p => p.Versions).Where(p => wanted.Contains(p.Id)).ToListAsync(cancel);
        var known2 = await larder.KnownAsync(cancel);
        foreach (var (part, version) in missing)
        {
            if (parts.Find(p => p.Id == part) is { } p && p.Versions.Find(v => v.Number == version) is { } v)
            {
                var recipe = ToRecipe(p, v, known2);
                cache.Keep(recipe, stamp);
                found[recipe.Id] = recipe;
            }
        }

        return InOrder();

        List<PartRecipe> InOrder() => [.. ids.Select(found.GetValueOrDefault).OfType<PartRecipe>()];
    }

    /// <summary>One part as the core knows it, or none.</summary>
    public async Task<PartRecipe?> RecipeAsync(string id, CancellationToken cancel = default) =>
        await RecipesAsync([id], cancel) is [var only] ? only : null;

    /// <summary>The current version of the parts changed last, of each kind so many.</summary>
    public async Task<IReadOnlyList<PartRecipe>> RecentAsync(CancellationToken cancel = default)
    {
        if (cache.Recent is { } known)
            return known;
        var stamp = cache.Stamp;
        var ids = new List<string>();
        foreach (var kind in Enum.GetValues<PartKind>())
        {
            var of = await ListAsync(kind, null, BoxSort.Changed, Offered, cancel: cancel);
            ids.AddRange(of.Select(p => OwnPartId.Of(p.Id, p.Current)));
        }

        var recent = await RecipesAsync(ids, cancel);
        cache.KeepRecent(recent, stamp);
        return recent;
    }

    /// <summary>Keeps a new part.</summary>
    public async Task<KeptPart> AddAsync(PartDraft draft, CancellationToken cancel = default)
    {
        if (await NameTakenAsync(draft.Name, draft.Kind, 0, cancel) is { } other)
            return new(KeepOutcome.NameTaken, other);
        var now = clock.GetUtcNow();
        var part = new Part
        {
            Kind = draft.Kind,
            Name = draft.Name,
            Tags = draft.Tags,
            SavedAt = now,
            Versions = [ToVersion(draft, 1, now)],
        };
        context.Parts.Add(part);
        try
        {
            await context.SaveChangesAsync(cancel);
        }
        catch (DbUpdateException e) when (Attempts.IsTaken(e))
        {
            context.ChangeTracker.Clear();
            return new(KeepOutcome.NameTaken, await NameTakenAsync(draft.Name, draft.Kind, 0, cancel));
        }

        cache.Changed(context);
        return new(KeepOutcome.Kept, part);
    }

    /// <summary>
    /// Keeps parts with all their versions, as they came from another box: under the next free name where their own is taken, and not again
    /// where they are here already.
    /// </summary>
    /// <returns>Each as it is kept, in the same order, and whether it was here already.</returns>
    public async Task<IReadOnlyList<(Part Part, bool WasHere)>> TakeInAsync(IReadOnlyList<Part> parts, CancellationToken cancel = default)
    {
        var here = await context.Parts.AsNoTracking().Include(p => p.Versions).AsSplitQuery().Where(p => p.DeletedAt == null)
            .ToListAsync(cancel);
        var names = Enum.GetValues<PartKind>().ToDictionary(k => k, k => new NamesTaken(here.Where(p => p.Kind == k).Select(p => p.Name)));
        var same = here.ToLookup(ContentOf, StringComparer.Ordinal);
        var taken = new List<(Part, bool)>(parts.Count);
        foreach (var part in parts)
        {
            if (same[ContentOf(part)].FirstOrDefault(p => NamesTaken.AreAlike(p.Name, part.Name)) is { } known)
            {
                taken.Add((known, true));
                continue;
            }

            part.Name = names[part.Kind].Free(part.Name, Part.LongestName);
            part.SavedAt = clock.GetUtcNow();
            context.Parts.Add(part);
            taken.Add((part, false));
        }

        await context.SaveChangesAsync(cancel);
        cache.Changed(context);
        return taken;
    }

    /// <summary>All that a part is, but for its name, its tags and when it was kept.</summary>
    private static string ContentOf(Part part) => JsonSerializer.Serialize(new
    {
        part.Kind,
        part.Current,
        Versions = part.Versions.OrderBy(v => v.Number).Select(
            v =>
                new
                {
                    v.Number,
                    Text = v.Text.ReplaceLineEndings("\n"),
                    v.Method,
                    v.FamilyId,
                    v.Cup,
                    v.Egg,
                    v.MethodLoss,
                    v.FillLine,
                    v.Rest,
                    v.Lines
                }),
    });

    /// <summary>Lines as they are kept.</summary>
    public static string Pack(IEnumerable<KeptLine> lines) =>
        JsonSerializer.Serialize(lines.Select(l => new StoredLine(l.Ingredient, l.Grams, l.GoesIn, l.Note, l.Optional, l.ReducedTo)));

    /// <summary>Lines as they were kept.</summary>
    public static IEnumerable<KeptLine> Unpack(string lines) =>
        (JsonSerializer.Deserialize<List<StoredLine>>(lines) ?? []).Select(l => new KeptLine(l.I, l.G, l.W, l.N, l.O, l.R));

    /// <summary>All parts, deleted ones too when asked for, with their versions.</summary>
    public Task<List<Part>> AllAsync(CancellationToken cancel = default) =>
        context.Parts.AsNoTracking().Include(p => p.Versions.OrderBy(v => v.Number)).AsSplitQuery().OrderBy(p => p.Kind)
            .ThenBy(p => p.Name).ToListAsync(cancel);

    /// <summary>The names of a kind that are taken.</summary>
    public Task<List<string>> NamesAsync(PartKind kind, CancellationToken cancel = default) =>
        context.Parts.Where(p => p.DeletedAt == null && p.Kind == kind).Select(p => p.Name).ToListAsync(cancel);

    /// <summary>
    /// Changes a part, if nobody has since <paramref name="stamp"/>. While pies or bakes use its version, they keep that and a new one is
    /// made.
    /// </summary>
    public async Task<KeptPart> ChangeAsync(int id, int stamp, PartDraft draft, CancellationToken cancel = default)
    {
        var part = await context.Parts.Include(p => p.Versions).FirstOrDefaultAsync(p => p.Id == id && p.DeletedAt == null, cancel);
        if (part is null)
            return new(KeepOutcome.Gone, null);
        if (part.Stamp != stamp)
            return new(KeepOutcome.ChangedElsewhere, part);
        if (await NameTakenAsync(draft.Name, part.Kind, id, cancel) is { } other)
            return new(KeepOutcome.NameTaken, other);
        var now = clock.GetUtcNow();
        var current = part.Versions.Single(v => v.Number == part.Current);
        var next = ToVersion(draft, current.Number, now);
        var changed = next.Text != current.Text || next.Lines != current.Lines || next.FamilyId != current.FamilyId
            || next.Cup != current.Cup || next.Egg != current.Egg
            || next.MethodLoss != current.MethodLoss || next.FillLine != current.FillLine || next.Rest != current.Rest
                || next.Method != current.Method;
        var isNew = false;
        if (changed && await context.PartUses.AnyAsync(u => u.PartId == id && u.Version == current.Number, cancel))
        {
            next.Number = part.Versions.Max(v => v.Number) + 1;
            part.Versions.Add(next);
            part.Current = next.Number;
            isNew = true;
        }
        else if (changed)
        {
            next.PartId = id;
            context.Entry(current).CurrentValues.SetValues(next);
        }

        (part.Name, part.Tags, part.SavedAt) = (draft.Name, draft.Tags, now);
        part.Stamp++;
        try
        {
            await context.SaveChangesAsync(cancel);
        }
        catch (DbUpdateConcurrencyException)
        {
            context.ChangeTracker.Clear();
            return await FindAsync(id, cancel: cancel) is { } there
                ? new(KeepOutcome.ChangedElsewhere, there)
                : new(KeepOutcome.Gone, null);
        }
        catch (DbUpdateException e) when (Attempts.IsTaken(e))
        {
            context.ChangeTracker.Clear();
            return await NameTakenAsync(draft.Name, part.Kind, id, cancel) is { } taken
                ? new(KeepOutcome.NameTaken, taken)
                : new(KeepOutcome.ChangedElsewhere, await FindAsync(id, cancel: cancel));
        }

        // A cached version carries the part's name.
        cache.Changed(context, [.. part.Versions.Select(v => OwnPartId.Of(id, v.Number))]);
        return new(KeepOutcome.Kept, part, isNew);
    }

    /// <summary>Makes an earlier version the one that is offered.</summary>
    public Task<bool> OfferAsync(int id, int version, CancellationToken cancel = default) => context.AgainAsync(async () =>
    {
        var part = await context.Parts.Include(p => p.Versions).FirstOrDefaultAsync(p => p.Id == id && p.DeletedAt == null, cancel);
        if (part is null || part.Versions.TrueForAll(v => v.Number != version))
            return false;
        (part.Current, part.SavedAt) = (version, clock.GetUtcNow());
        part.Stamp++;
        await context.SaveChangesAsync(cancel);
        cache.Changed(context);
        return true;
    });

    /// <summary>Takes a part out of the box; pies that use it keep it.</summary>
    public Task<Part?> DeleteAsync(int id, CancellationToken cancel = default) => context.AgainAsync(async () =>
    {
        var part = await context.Parts.FirstOrDefaultAsync(p => p.Id == id && p.DeletedAt == null, cancel);
        if (part is null)
            return null;
        part.DeletedAt = clock.GetUtcNow();
        part.Stamp++;
        await context.SaveChangesAsync(cancel);
        cache.Changed(context);
        return part;
    });

    /// <summary>Brings a deleted part back; under another name when its own has been taken meanwhile.</summary>
    public Task<Part?> RestoreAsync(int id, CancellationToken cancel = default) => context.AgainAsync(async () =>
    {
        var part = await context.Parts.FirstOrDefaultAsync(p => p.Id == id, cancel);
        if (part?.DeletedAt is null)
            return part;
        part.DeletedAt = null;
        part.Stamp++;
        for (var n = 2; await NameTakenAsync(part.Name, part.Kind, id, cancel) is not null; n++)
            part.Name = part.Name[..Math.Min(part.Name.Length, Part.LongestName - 12)] + $" (back {n})";
        await context.SaveChangesAsync(cancel);
        cache.Changed(context);
        return part;
    });

    /// <summary>The saved pies that use some version of a part, with that version.</summary>
    public async Task<IReadOnlyList<(SavedPie Pie, int Version)>> PiesUsingAsync(int id, CancellationToken cancel = default) =>
        [
            .. (
                await context.Pies.AsNoTracking().Where(p => p.DeletedAt == null)
                    .SelectMany(p => p.Uses, (p, u) => new { Pie = p, u.PartId, u.Version }).Where(x => x.PartId == id)
                    .OrderBy(x => x.Pie.Name).ToListAsync(cancel)).Select(x => (x.Pie, x.Version))
        ];

    /// <summary>Moves a pie to another version of a part.</summary>
    public Task<bool> MovePieAsync(int pieId, int part, int version, CancellationToken cancel = default) => context.AgainAsync(async () =>
    {
        var pie = await context.Pies.FirstOrDefaultAsync(p => p.Id == pieId && p.DeletedAt == null, cancel);
        if (pie is null || !await context.PartVersions.AnyAsync(v => v.PartId == part && v.Number == version, cancel))
            return false;
        foreach (var (_, was) in PartUse.In(pie.Address).Where(u => u.Part == part))
        {
            var (old, now) = ($"={OwnPartId.Of(part, was)}&", $"={OwnPartId.Of(part, version)}&");
            pie.Address = (pie.Address + "&").Replace(old, now, StringComparison.Ordinal)[..^1];
        }

        pie.Version++;
        pie.SavedAt = clock.GetUtcNow();
        await context.SaveChangesAsync(cancel);
        return true;
    });

    /// <summary>
    /// A version as the core knows it. A line whose ingredient is not known any more is not passed over: the part says so and cannot be
    /// used.
    /// </summary>
    public static PartRecipe ToRecipe(Part part, PartVersion version, KnownIngredients known)
    {
        var lines = Unpack(version.Lines).Select(l => (Kept: l, What: Ingredient.Words(l.Ingredient,
            l.Note) ?? known.Find(l.Ingredient))).ToList();
        return new(
            OwnPartId.Of(part.Id, version.Number), part.Name, part.Kind, version.FamilyId,
            [
                .. lines.Where(l => l.What is not null).Select(
                    l =>
                        new RecipeLine(
                            l.What!, l.Kept.Grams, l.Kept.GoesIn, l.Kept.Note, l.Kept.Optional) { ReducedTo = l.Kept.ReducedTo })
            ],
            new(version.MethodLoss, version.FillLine, version.Rest))
        {
            Missing = [.. lines.Where(l => l.What is null).Select(l => l.Kept.Ingredient)],
        };
    }

    private Task<Part?> NameTakenAsync(string name, PartKind kind, int but, CancellationToken cancel) =>
        NameTakenAsync(kind, Names.KeyOf(name), but, cancel);

    private Task<Part?> NameTakenAsync(PartKind kind, string key, int but, CancellationToken cancel) =>
        context.Parts.AsNoTracking().FirstOrDefaultAsync(
            p => p.Id != but && p.DeletedAt == null && p.Kind == kind && p.NameKey == key, cancel);

    private static PartVersion ToVersion(PartDraft draft, int number, DateTimeOffset now) => new()
    {
        Number = number,
        Text = draft.Text,
        Method = draft.Method,
        FamilyId = draft.FamilyId,
        Cup = draft.Cup,
        Egg = draft.Egg,
        MethodLoss = draft.Figures.MethodLoss,
        FillLine = draft.Figures.FillLine,
        Rest = draft.Figures.Rest,
        Lines = Pack(draft.Lines.Select(KeptLine.Of)),
        SavedAt = now,
    };

    /// <summary>A line as it is stored: ingredient, grams, how it goes in, note, optional, what it is boiled down to.</summary>
    private sealed record StoredLine(
        string I, double? G, [property: JsonConverter(typeof(JsonStringEnumConverter<GoesIn>))] GoesIn W, string N, bool O,
        [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] double? R = null);
}

/// <summary>A line of a part as it is kept: its ingredient by id, so that it outlives one that is no longer known.</summary>
/// <param name="Ingredient">The ingredient's id.</param>
/// <param name="Grams">How much, for one batch; none where it is to taste.</param>
/// <param name="GoesIn">How it goes in.</param>
/// <param name="Note">What to mind.</param>
/// <param name="Optional">True when it may be left out.</param>
/// <param name="ReducedTo">What it is boiled down to, as a share of its volume; none for half, or where nothing boils.</param>
public sealed record KeptLine(string Ingredient, double? Grams, GoesIn GoesIn, string Note, bool Optional, double? ReducedTo = null)
{
    /// <summary>A line that was understood, as it is kept.</summary>
    public static KeptLine Of(RecipeLine line) =>
        new(line.Ingredient.Id, line.Grams, line.GoesIn, line.Note, line.Optional, line.ReducedTo);
}
