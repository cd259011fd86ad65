using System.Globalization;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Faults;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Guide;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Data.Days;
using RoundCrumb.Data.Pans;
using RoundCrumb.Data.Recipes;
using RoundCrumb.Web.Features.Shared;

namespace RoundCrumb.Web.Features.Searching;

/// <summary>
/// Finds whatever has a name: what is kept in the file by its index, and what comes with the program by the beginnings of words.
/// </summary>
public sealed class Finder(Search search, DayBook days, PanRack rack)
{
    /// <summary>The longest that is searched for.</summary>
    public const int Longest = 100;

    /// <summary>So many are looked at in what is kept, so that a pie is not hidden behind what was changed after it.</summary>
    private const int LookedAt = 80;

    private static readonly char[] Between = [' ', '-', ',', '/', '"', '\'', '’', '(', ')', '.'];

    /// <summary>Where the ingredients of the shipped parts are: what a kitchen has to do with every day.</summary>
    private static readonly HashSet<string> Everyday =
    [
        .. CrustBook.All.SelectMany(c => c.Ingredients).Concat(FillingBook.All.SelectMany(f => f.Lines).Select(l => l.Ingredient))
            .Select(i => Routes.Ingredient(i.Id)),
    ];

    private static readonly Named[] Fixed = [.. Actions(), .. Pages(), .. Techniques(), .. FaultNames(), .. ShippedPans()];

    /// <summary>At most so many, the likeliest first: names that begin so, then names that hold it, then words near it.</summary>
    /// <param name="typed">What is searched for; nothing finds nothing.</param>
    /// <param name="most">At most so many.</param>
    /// <param name="cancel">Ends the search.</param>
    public async Task<IReadOnlyList<Found>> FindAsync(string typed, int most, CancellationToken cancel)
    {
        var words = Words(typed.Length > Longest ? typed[..Longest] : typed);
        if (words.Length == 0)
            return [];
        var named = new List<Named>(Fixed);
        named.AddRange((await days.AllAsync(cancel)).Where(d => d.DeletedAt is null).Select(Of));
        named.AddRange((await rack.AllAsync(cancel)).Select(p => new Named(
            new(FoundKind.Pan, p.Pan.Name, $"{Routes.Kitchen}#pan-{p.Id}", $"{p.Owned} in your kitchen"), "pan rack tin")));
        var found = named.Select(n => (n.Found, Rank: n.Rank(words))).Where(n => n.Rank is not null)
            .Select(n => (n.Found, Rank: n.Rank!.Value)).ToList();
        foreach (var hit in await search.FindAsync(string.Join(' ', words), LookedAt, cancel))
        {
            if (Of(hit) is { } kept)
                found.Add((kept, new Named(kept, "").Rank(words) ?? Ranks.Near));
        }

        // A pan that stands in the kitchen is found there, not a second time as one that could be bought.
        return
        [
            .. found.OrderBy(f => f.Rank).ThenBy(f => f.Found.Kind).ThenBy(f =>
                f.Found.Address.StartsWith(Routes.Kitchen, StringComparison.Ordinal) ? 0 : 1)
                .ThenBy(f => f.Found.Kind is FoundKind.Ingredient ? Beyond(f.Found, words[0]) : 0)
                .Select(f => f.Found).DistinctBy(f => f.Kind is FoundKind.Pan ? f.Name : f.Address).Take(most),
        ];
    }

    /// <summary>
    /// How much of a name is not typed yet: the rest of the word that is begun first, then the whole. What is plain comes before what is
    /// special of it, lemon juice before lemongrass; and what is weighed every day before all else.
    /// </summary>
    private static int Beyond(Found found, string typed)
    {
        var word = Words(found.Name).FirstOrDefault(w => w.StartsWith(typed, StringComparison.CurrentCultureIgnoreCase));
        return (IsEveryday(found) ? 0 : 10_000) + (100 * (word?.Length ?? 20)) + found.Name.Length;
    }

    private static bool IsEveryday(Found found) => found.Kind is FoundKind.Ingredient && Everyday.Contains(found.Address);

    private static string[] Words(string text) =>
        [.. text.Split(Between, StringSplitOptions.RemoveEmptyEntries).Take(8)];

    private static Found? Of(SearchHit hit)
    {
        var near = hit.Near.Contains('[', StringComparison.Ordinal)
            ? hit.Near.Replace("[", "", StringComparison.Ordinal).Replace("]", "", StringComparison.Ordinal).ReplaceLineEndings(" · ")
            : "";
        return hit.Kind switch
        {
            "part" when Number(hit.Ref) is { } id => new(FoundKind.Part, hit.Name, Routes.Part(id), near.Length > 0 ? near : "your own"),
            "shipped" when ShippedParts.Find(hit.Ref) is { } part => new(
                FoundKind.Part, hit.Name, $"{Routes.NewPart}?from={hit.Ref}",
                part.Kind.ToString().ToLowerInvariant() + (near.Length > 0 ? ": " + near : "")),
            "pie" => new(FoundKind.Pie, hit.Name, $"{Routes.Compose}?pie={hit.Ref}"),
            "bake" when Number(hit.Ref) is { } id => new(FoundKind.Bake, hit.Name, Routes.Log(id), near),
            "ingredient" => new(FoundKind.Ingredient, hit.Name, Routes.Ingredient(hit.Ref), near),
            _ => null,
        };
    }

    private static int? Number(string text) => int.TryParse(text, CultureInfo.InvariantCulture, out var number) ? number : null;

    private static Named Of(BakeDay day)
    {
        var dates = Enumerable.Range(0, day.Days).Select(i =>
            day.From.AddDays(i).ToString("dddd d MMMM yyyy", CultureInfo.InvariantCulture));
        var from = day.From.ToString("ddd d MMM yyyy", CultureInfo.InvariantCulture);
        return new(
            new(FoundKind.Day, day.Name, Routes.Day(day.Id), day.Days > 1 ? $"{day.Days} days from {from}" : from),
            "bake day plan orders " + string.Join(' ', dates));
    }

    private static IEnumerable<Named> Actions() =>
    [
        new(new(FoundKind.Action, "Compose a new pie", Routes.Compose), "put together make start"),
        new(new(FoundKind.Action, "Import a recipe", Routes.Import), "paste bring in upload file text"),
        new(new(FoundKind.Action, "Write a part", Routes.NewPart), "new recipe crust filling topping add"),
        new(new(FoundKind.Action, "Plan a bake day", Routes.Days), "new orders schedule"),
        new(new(FoundKind.Action, "Log a bake", Routes.Notebook + "?show=open"), "write down how was it note"),
        new(new(FoundKind.Action, "Add a pan", Routes.Kitchen), "new tin measure rack"),
        new(new(FoundKind.Action, "Add an ingredient", Routes.NewIngredient), "new pantry"),
        new(new(FoundKind.Action, "Export all recipes", Routes.Export + "?as=json"), "download json take out"),
        new(new(FoundKind.Action, "Back up everything", Routes.GoBack), "download save copy file restore go back"),
    ];

    private static IEnumerable<Named> Pages() =>
        from place in Bar.All
        from spot in place.Spots
        select new Named(new(FoundKind.Page, spot.Name, spot.Address, "in " + place.Name), place.Name);

    private static IEnumerable<Named> Techniques() => TechniqueGuide.All.Select(
        t => new Named(new(FoundKind.Technique, t.Title, Routes.TechniqueOf(t.Technique), "in the craft guide"),
            "technique how " + t.Technique));

    private static IEnumerable<Named> FaultNames() => FaultBook.All.Select(
        f => new Named(new(FoundKind.Fault, f.Seen, Routes.Fault(f), f.Place.Name), "fault wrong " + f.Id));

    private static IEnumerable<Named> ShippedPans() => PanCupboard.All.Select(
        p => new Named(new(FoundKind.Pan, p.Name, $"{Routes.Compose}?pan={p.Id}", "a pie in it"), "tin"));

    /// <summary>
    /// How near a name is to what is typed, the nearest first; one’s own pies are near wherever the word stands in their name.
    /// </summary>
    private enum Ranks
    {
        Begins,
        Holds,
        Known,
        Near,
    }

    /// <summary>Something with a name, and other words by which it is known.</summary>
    private sealed class Named(Found found, string others)
    {
        private readonly string[] _name = Words(found.Name);
        private readonly string[] _others = Words(others);

        public Found Found => found;

        public Ranks? Rank(string[] typed)
        {
            static bool Any(string[] words, string word) => words.Any(w => w.StartsWith(word, StringComparison.CurrentCultureIgnoreCase));
            if (typed.All(t => Any(_name, t)))
                return found.Kind is FoundKind.Pie || IsEveryday(found)
                    || found.Name.StartsWith(typed[0], StringComparison.CurrentCultureIgnoreCase)
                    ? Ranks.Begins
                    : Ranks.Holds;
            return typed.All(t => Any(_name, t) || Any(_others, t)) ? Ranks.Known : null;
        }
    }
}
