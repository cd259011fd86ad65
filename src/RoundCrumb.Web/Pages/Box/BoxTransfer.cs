using System.Text.RegularExpressions;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Data.Pies;
using RoundCrumb.Data.Recipes;
using RoundCrumb.Formats.Export;
using RoundCrumb.Formats.Import;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Pages.Box;

/// <summary>Takes recipes out of the box and brings them in: the box's own document, and recipes as others read them.</summary>
public sealed partial class BoxTransfer(RecipeBox box, PieShelf shelf, Larder larder, Desk desk)
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

        var named = pies.SelectMany(p => BoxId().Matches(p.Address)).Select(m => int.Parse(m.Groups[1].Value, System.Globalization.CultureInfo.InvariantCulture)).ToHashSet();
        parts = [.. parts.Where(p => partId is { } id ? p.Id == id && p.DeletedAt is null : pieId is not null ? named.Contains(p.Id) : p.DeletedAt is null || named.Contains(p.Id))];
        if (partId is not null && parts.Count == 0)
            return null;
        var used = parts.SelectMany(p => p.Versions).SelectMany(v => RecipeBox.Unpack(v.Lines)).Select(l => l.Ingredient).ToHashSet(StringComparer.Ordinal);
        var whole = partId is null && pieId is null;
        var own = (await larder.OwnAsync(cancel)).Where(o => whole || used.Contains(o.Slug));
        var known = await desk.KnownAsync(cancel);
        return BoxDocument.Of(
            [.. parts.Select(p => new BoxPart(p.Id, p.Kind, p.Name, Split(p.Tags), p.Current, [.. p.Versions.Select(ToBox)]))],
            [.. pies.Select(p => new BoxPie(p.Name, Split(p.Tags), p.Address))],
            [.. own.Select(o => new BoxIngredient(o.Slug, o.Name, o.OtherNames.Length == 0 ? [] : o.OtherNames.Split('|'), o.From, Larder.ValuesOf(o)!))],
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
        var recipes = pieId is null ? parts.Where(p => p.DeletedAt is null).Select(p => new WrittenRecipe(p.Name, [Written(p)])).ToList() : [];
        var book = await desk.BookAsync(pies.Select(p => p.Address), cancel);
        foreach (var one in pies)
        {
            var c = CompositionAddress.Read(one.Address, book).Composition;
            string[] ids = [c.Crust.Family.Id, .. c.Fillings.Select(f => f.Id), .. c.Toppings.Select(t => t.Topping.Id)];
            recipes.Add(new(one.Name, [.. ids.Distinct().Select(i => Written(i, parts)).OfType<WrittenPart>()]));
        }

        return recipes;
    }

    /// <summary>Brings a box in. Nothing that is here is changed: what has a name that is taken gets the next free one.</summary>
    /// <returns>How many parts and pies came.</returns>
    public async Task<(int Parts, int Pies)> BringInAsync(BoxDocument document, CancellationToken cancel)
    {
        var ingredients = new Dictionary<string, string>(StringComparer.Ordinal);
        foreach (var own in document.Ingredients)
        {
            // One of the same name that is here already is taken to be the same.
            var here = (await larder.OwnAsync(cancel)).Find(o => string.Equals(o.Name, own.Name, StringComparison.OrdinalIgnoreCase));
            var slug = here?.Slug;
            if (slug is null && Core.Ingredients.Pantry.Find(own.From) is { } from)
                slug = await larder.KeepAsync(null, own.Name.Trim()[..Math.Min(80, own.Name.Trim().Length)], own.OtherNames ?? [], from, own.Values, cancel);
            if (slug is not null)
                ingredients[own.Id] = slug;
        }

        var known = await desk.KnownAsync(cancel);
        foreach (var (words, id) in document.Remembered.Take(2000))
        {
            var to = ingredients.GetValueOrDefault(id, id);
            if (words.Length is > 0 and <= 120 && known.Find(to) is not null && !known.Remembered.ContainsKey(words))
                await larder.RememberAsync(words, to, cancel);
        }

        var parts = new Dictionary<int, int>();
        foreach (var part in document.Parts)
        {
            var name = part.Name.Trim();
            var kept = await box.TakeInAsync(
                new Part
                {
                    Kind = part.Kind,
                    Name = name[..Math.Min(name.Length, Part.LongestName)],
                    Tags = Tags(part.Tags),
                    Current = part.Current,
                    Versions =
                    [
                        .. part.Versions.Select(v => new PartVersion
                        {
                            Number = v.Number,
                            Text = v.Text.Length > Part.LongestText ? v.Text[..Part.LongestText] : v.Text,
                            Method = (v.Method ?? "").Length > Part.LongestText ? v.Method![..Part.LongestText] : v.Method ?? "",
                            FamilyId = v.Family,
                            Cup = v.Cup,
                            Egg = v.Egg,
                            MethodLoss = v.MethodLoss is >= 0 and <= 0.6 ? v.MethodLoss : null,
                            FillLine = v.FillLine is >= 0 and <= 40 ? v.FillLine : null,
                            Rest = v.Rest is >= 0 and <= 2880 ? v.Rest : null,
                            Lines = RecipeBox.Pack(v.Lines.Select(l => (ingredients.GetValueOrDefault(l.Ingredient ?? "", l.Ingredient ?? ""), l.Grams, l.GoesIn, l.Note ?? "", l.Optional))),
                            SavedAt = v.SavedAt ?? DateTimeOffset.UnixEpoch,
                        }),
                    ],
                }, cancel);
            parts[part.Ref] = kept.Id;
        }

        var pies = 0;
        foreach (var pie in document.Pies)
        {
            var address = BoxId().Replace(pie.Composition, m => parts.TryGetValue(int.Parse(m.Groups[1].Value, System.Globalization.CultureInfo.InvariantCulture), out var id) ? $"=box-{id}-{m.Groups[2].Value}" : m.Value);
            var composition = (await desk.ReadAsync(address, cancel)).Composition;
            await AddPieAsync(pie.Name, CompositionAddress.Write(composition), Tags(pie.Tags), cancel);
            pies++;
        }

        return (parts.Count, pies);
    }

    /// <summary>Keeps a pie under its name or the next free one.</summary>
    public async Task<SavedPie?> AddPieAsync(string name, string address, string tags, CancellationToken cancel)
    {
        var stem = name.Trim()[..Math.Min(name.Trim().Length, SavedPie.LongestName - 5)];
        for (var n = 1; n < 100; n++)
        {
            var kept = await shelf.AddAsync(n == 1 ? stem : $"{stem} {n}", address, tags, cancel);
            if (kept.Outcome is KeepOutcome.Kept)
                return kept.Pie;
        }

        return null;
    }

    private static WrittenPart Written(Part part)
    {
        var version = part.Versions.Single(v => v.Number == part.Current);
        return Written(part, version);
    }

    private static WrittenPart Written(Part part, PartVersion version) =>
        new(part.Kind, part.Name, version.FamilyId, version.Text.Split('\n', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries), version.Method);

    private static WrittenPart? Written(string id, List<Part> parts)
    {
        if (RecipeBox.Parse(id) is { } key)
            return parts.Find(p => p.Id == key.Part) is { } part && part.Versions.Find(v => v.Number == key.Version) is { } version ? Written(part, version) : null;
        return ShippedParts.Find(id) is { } shipped ? new(shipped.Kind, shipped.Name, shipped.FamilyId, Desk.Text(shipped.Lines).Split('\n'), "") : null;
    }

    private static BoxVersion ToBox(PartVersion v) => new(
        v.Number, v.FamilyId, v.Text, [.. RecipeBox.Unpack(v.Lines).Select(l => new BoxLine(l.Ingredient, l.Grams, l.GoesIn, l.Note, l.Optional))], v.Method, v.Cup, v.Egg,
        v.MethodLoss, v.FillLine, v.Rest, v.SavedAt);

    private static string[] Split(string tags) => tags.Split(' ', StringSplitOptions.RemoveEmptyEntries);

    private static string Tags(IReadOnlyList<string>? tags)
    {
        var joined = string.Join(' ', (tags ?? []).Where(t => t is { Length: > 0 and <= 40 }).Select(t => t.Replace(' ', '-').ToLowerInvariant()).Distinct());
        return joined.Length > Part.LongestTags ? joined[..joined.LastIndexOf(' ', Part.LongestTags)] : joined;
    }

    [GeneratedRegex("=box-(\\d{1,9})-(\\d{1,9})(?=&|$)")]
    private static partial Regex BoxId();
}
