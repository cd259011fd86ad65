using System.Globalization;
using System.Text.RegularExpressions;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Data.Pies;
using RoundCrumb.Data.Recipes;
using RoundCrumb.Data.Storage;
using RoundCrumb.Formats.Export;
using RoundCrumb.Formats.Import;

namespace RoundCrumb.Application.Box;

/// <summary>What came of an import.</summary>
/// <param name="Parts">Parts that are new.</param>
/// <param name="Pies">Pies that are new.</param>
/// <param name="WereHere">Parts and pies that were here already.</param>
/// <param name="Near">Pies in which a measure could not be used as it was written, and is as usual now.</param>
/// <param name="OnlyPie">The pie, where there is just one.</param>
public sealed record Imported(int Parts, int Pies, int WereHere, int Near, int? OnlyPie)
{
    /// <summary>Pies that name something that is not here or cannot be used: they keep its name, and are marked unfit.</summary>
    public int Unfit { get; init; }

    /// <summary>Parts that were imported and are in no pie, though their recipe has them, by name.</summary>
    public IReadOnlyList<string> LeftOut { get; init; } = [];

    /// <summary>Where the box says so.</summary>
    public string Address => string.Create(
        CultureInfo.InvariantCulture, $"/pies?brought={Parts}&pies={Pies}&here={WereHere}&near={Near}&unfit={Unfit}")
            + string.Concat(LeftOut.Take(MostNamed).Select(n => "&left=" + Uri.EscapeDataString(n)));

    /// <summary>So many are named; more would not be read.</summary>
    private const int MostNamed = 20;
}

/// <summary>A pie that is made of parts as they are imported.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="Address">Its address, with the parts in it.</param>
/// <param name="LeftOut">The parts of its recipe that have no place in it, by name.</param>
public sealed record PieOfParts(string Name, string Address, IReadOnlyList<string> LeftOut);

/// <summary>Takes recipes out of the box and brings them in: the box's own document, and recipes as others read them.</summary>
public sealed partial class BoxTransfer(RecipeBox box, PieShelf shelf, Larder larder, CompositionReader compositions, AllOrNothing together)
{
    /// <summary>The box as a document: all of it, one part, or one pie with the parts it names.</summary>
    public async Task<BoxDocument?> DocumentAsync(int? partId, int? pieId, CancellationToken cancel)
    {
        var parts = await box.AllAsync(cancel);
        var pies = await shelf.AllAsync(cancel);
        if (pieId is { } wantedPie)
        {
            pies = [.. pies.Where(p => p.Id == wantedPie)];
            if (pies.Count == 0)
                return null;
        }
        else if (partId is not null)
        {
            pies = [];
        }

        var named = pies.SelectMany(p => BoxId().Matches(p.Address))
            .Select(m => int.Parse(m.Groups[1].Value, CultureInfo.InvariantCulture)).ToHashSet();
        parts = [
            .. parts.Where(
                p =>
                    partId is { } id
                        ? p.Id == id && p.DeletedAt is null
                        : pieId is not null ? named.Contains(p.Id)
                        : p.DeletedAt is null || named.Contains(p.Id))
        ];
        if (partId is not null && parts.Count == 0)
            return null;
        var used = parts.SelectMany(p => p.Versions).SelectMany(v => RecipeBox.Unpack(v.Lines)).Select(l => l.Ingredient)
            .ToHashSet(StringComparer.Ordinal);
        var whole = partId is null && pieId is null;
        var own = (await larder.OwnAsync(cancel)).Where(o => whole || used.Contains(o.Slug));
        var known = await compositions.KnownAsync(cancel);
        return BoxDocument.Of(
            [.. parts.Select(p => new BoxPart(p.Id, p.Kind, p.Name, Split(p.Tags), p.Current, [.. p.Versions.Select(ToBox)]))],
            [.. pies.Select(p => new BoxPie(p.Name, Split(p.Tags), p.Address))],
            [
                .. own.Select(
                    o =>
                        new BoxIngredient(
                            o.Slug, o.Name, o.OtherNames.Length == 0 ? [] : o.OtherNames.Split('|'), o.From, Larder.ValuesOf(o)!))
            ],
            whole ? known.Remembered : new Dictionary<string, string>());
    }

    /// <summary>Recipes as others read them: one part, one pie with its parts, or the whole box.</summary>
    public async Task<IReadOnlyList<WrittenRecipe>?> RecipesAsync(int? partId, int? pieId, CancellationToken cancel)
    {
        if (partId is { } id)
            return await box.FindAsync(id, cancel: cancel) is { } part ? [new(part.Name, [Written(part)])] : null;
        var pies = await shelf.AllAsync(cancel);
        if (pieId is { } pie)
            pies = [.. pies.Where(p => p.Id == pie)];
        if (pieId is not null && pies.Count == 0)
            return null;
        var parts = await box.AllAsync(cancel);
        var recipes = pieId is null
            ? parts.Where(p => p.DeletedAt is null).Select(p => new WrittenRecipe(p.Name, [Written(p)])).ToList()
            : [];
        var book = await compositions.BookAsync(pies.Select(p => p.Address), cancel);
        foreach (var one in pies)
        {
            var c = CompositionAddress.Read(one.Address, book).Composition;
            string[] ids = [c.Crust.Family.Id, .. c.Fillings.Select(f => f.Id), .. c.Toppings.Select(t => t.Topping.Id)];
            recipes.Add(new(one.Name, [.. ids.Distinct().Select(i => Written(i, parts)).OfType<WrittenPart>()]));
        }

        return recipes;
    }

    /// <summary>
    /// Imports a box, all of it or nothing. Nothing that is here is changed: what has a name that is taken gets the next free one, and what
    /// is here already, just as it is, is not kept again.
    /// </summary>
    public Task<Imported> ImportAsync(BoxDocument document, CancellationToken cancel) => together.RunAsync(async () =>
    {
        var ingredients = await ImportIngredientsAsync(document, cancel);
        var taken = await box.TakeInAsync([.. document.Parts.Select(p => ToPart(p, ingredients))], cancel);
        var ids = document.Parts.Zip(taken, (p, t) => (p.Ref, t.Part.Id)).ToDictionary(p => p.Ref, p => p.Id);

        // The parts are known by their numbers now, so their pies can be read with them.
        var addresses = document.Pies.Select(
            p =>
                BoxId().Replace(
                    p.Composition,
                    m =>
                        ids.TryGetValue(int.Parse(m.Groups[1].ValueSpan, CultureInfo.InvariantCulture), out var id)
                            ? $"=box-{id}-{m.Groups[2].Value}"
                            : m.Value)).ToList();
        var book = await compositions.BookAsync(addresses, cancel);
        var read = addresses.Select(a => CompositionAddress.Read(a, book)).ToList();
        var pies = await shelf.TakeInAsync(
            [.. document.Pies.Select((p, i) => (p.Name.Trim(), CompositionAddress.Write(read[i].Composition), Tags(p.Tags)))],
            cancel: cancel);
        return new Imported(
            taken.Count(t => !t.WasHere), pies.Count(p => !p.WasHere), taken.Count(t => t.WasHere) + pies.Count(p => p.WasHere),
            read.Count(r => r.Composition.IsWhole && r.Troubles.Count > 0), pies.Count == 1 ? pies[0].Pie.Id : null)
        { Unfit = read.Count(r => !r.Composition.IsWhole) };
    }, cancel);

    /// <summary>Imports parts that were looked over, and pies of them, all or nothing.</summary>
    /// <param name="drafts">The parts.</param>
    /// <param name="pies">The pies, each by its name and the address that it has once the parts are kept.</param>
    /// <param name="cancel">Cancels it.</param>
    public Task<Imported> ImportAsync(
        IReadOnlyList<PartDraft> drafts, Func<IReadOnlyList<Part>, IEnumerable<PieOfParts>> pies,
        CancellationToken cancel) => together.RunAsync(async () =>
    {
        var parts = new List<Part>(drafts.Count);
        foreach (var draft in drafts)
        {
            var names = new NamesTaken(
                (await box.NamesAsync(draft.Kind, cancel)).Concat(parts.Where(p => p.Kind == draft.Kind).Select(p => p.Name)));
            var kept = await box.AddAsync(draft with { Name = names.Free(draft.Name, Part.LongestName) }, cancel);
            parts.Add(kept.Part!);
        }

        var wanted = new List<(string, string, string)>();
        var (unfit, near, leftOut) = (0, 0, new List<string>());
        foreach (var pie in pies(parts))
        {
            var read = await compositions.ReadAsync(pie.Address, cancel);
            wanted.Add((pie.Name.Trim(), CompositionAddress.Write(read.Composition), ""));
            unfit += read.Composition.IsWhole ? 0 : 1;

            // A layer for which there is no room, or that is baked in its shell, is in no pie: it is named.
            var places = read.Troubles.Where(t => CompositionAddress.PartFields.Contains(t.Field)
                && read.Composition.Missing.All(m => m.Field != t.Field)).ToList();
            leftOut.AddRange(pie.LeftOut.Concat(places.Select(
                t => parts.Find(p => OwnPartId.Of(p.Id, p.Current) == t.Typed)?.Name ?? t.Typed)));
            near += read.Composition.IsWhole && read.Troubles.Count > places.Count ? 1 : 0;
        }

        var made = await shelf.TakeInAsync(wanted, cancel: cancel);
        return new Imported(
            parts.Count, made.Count(p => !p.WasHere), made.Count(p => p.WasHere), near, made.Count == 1 ? made[0].Pie.Id : null)
        {
            Unfit = unfit,
            LeftOut = leftOut,
        };
    }, cancel);

    /// <summary>The ingredients of a box, by their ids there; and the names that were explained to it.</summary>
    private async Task<Dictionary<string, string>> ImportIngredientsAsync(BoxDocument document, CancellationToken cancel)
    {
        var ids = new Dictionary<string, string>(StringComparer.Ordinal);
        var here = (await larder.OwnAsync(cancel)).ToDictionary(o => o.Name, StringComparer.OrdinalIgnoreCase);
        foreach (var own in document.Ingredients)
        {
            // One of the same name that is here already is taken to be the same.
            if (here.TryGetValue(own.Name.Trim(), out var same))
            {
                ids[own.Id] = same.Slug;
                continue;
            }

            var (_, slug) = await larder.KeepAsync(
                null, 0, own.Name.Trim(), [.. (own.OtherNames ?? []).Select(o => o.Replace('|', ' '))],
                Core.Ingredients.Pantry.Find(own.From)!, own.Values, cancel);
            if (slug.Length > 0)
                ids[own.Id] = slug;
        }

        var known = await compositions.KnownAsync(cancel);
        await larder.RememberAsync(
            document.Remembered.Select(r => (Words: r.Key, Id: ids.GetValueOrDefault(r.Value, r.Value)))
                .Where(r => known.Find(r.Id) is not null && !known.Remembered.ContainsKey(r.Words)),
            cancel);
        return ids;
    }

    private static Part ToPart(BoxPart part, Dictionary<string, string> ingredients) => new()
    {
        Kind = part.Kind,
        Name = part.Name.Trim(),
        Tags = Tags(part.Tags),
        Current = part.Current,
        Versions =
        [
            .. part.Versions.Select(v => new PartVersion
            {
                Number = v.Number,
                Text = v.Text,
                Method = v.Method ?? "",
                FamilyId = v.Family,
                Cup = v.Cup,
                Egg = v.Egg,
                MethodLoss = v.MethodLoss,
                FillLine = v.FillLine,
                Rest = v.Rest,
                Lines = RecipeBox.Pack(
                    v.Lines.Select(
                        l => new KeptLine(
                            ingredients.GetValueOrDefault(l.Ingredient, l.Ingredient), l.Grams, l.GoesIn, l.Note ?? "", l.Optional,
                            l.ReducedTo is > 0 and < 1 ? l.ReducedTo : null))),
                SavedAt = v.SavedAt ?? DateTimeOffset.UnixEpoch,
            }),
        ],
    };

    private static WrittenPart Written(Part part)
    {
        var version = part.Versions.Single(v => v.Number == part.Current);
        return Written(part, version);
    }

    private static WrittenPart Written(Part part, PartVersion version) =>
        new(
            part.Kind, part.Name, version.FamilyId,
            version.Text.Split('\n', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries), version.Method);

    private static WrittenPart? Written(string id, List<Part> parts)
    {
        if (OwnPartId.Parse(id) is { } key)
            return parts.Find(p => p.Id == key.Part) is { } part && part.Versions.Find(v => v.Number == key.Version) is { } version
                ? Written(part, version)
                : null;
        return ShippedParts.Find(id) is { } shipped
            ? new(shipped.Kind, shipped.Name, shipped.FamilyId, CompositionReader.Text(shipped.Lines).Split('\n'), "")
            : null;
    }

    private static BoxVersion ToBox(PartVersion v) => new(
        v.Number, v.FamilyId, v.Text,
        [.. RecipeBox.Unpack(v.Lines).Select(l => new BoxLine(l.Ingredient, l.Grams, l.GoesIn, l.Note, l.Optional, l.ReducedTo))],
        v.Method, v.Cup,
        v.Egg,
        v.MethodLoss, v.FillLine, v.Rest, v.SavedAt);

    private static string[] Split(string tags) => tags.Split(' ', StringSplitOptions.RemoveEmptyEntries);

    private static string Tags(IReadOnlyList<string>? tags)
    {
        var joined = string.Join(
            ' ', (tags ?? []).Where(t => t is { Length: > 0 and <= 40 }).Select(t => t.Replace(' ', '-').ToLowerInvariant()).Distinct());
        return joined.Length > Part.LongestTags ? joined[..joined.LastIndexOf(' ', Part.LongestTags)] : joined;
    }

    [GeneratedRegex("=box-([0-9]{1,9})-([0-9]{1,9})(?=&|$)")]
    private static partial Regex BoxId();
}
