using System.Globalization;
using System.Security.Cryptography;
using System.Text;
using Microsoft.EntityFrameworkCore;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Data.Storage;

namespace RoundCrumb.Data.Recipes;

/// <summary>Something that a search found.</summary>
/// <param name="Kind">part, shipped, pie, bake or ingredient.</param>
/// <param name="Ref">Its id.</param>
/// <param name="Name">Its name.</param>
/// <param name="Near">The words around what was found, with [brackets] about it.</param>
public sealed record SearchHit(string Kind, string Ref, string Name, string Near);

/// <summary>
/// Search over everything: parts, pies, bakes with their notes, ingredients. The index is kept by triggers in the file itself.
/// </summary>
public sealed class Search(RoundCrumbContext context)
{
    /// <summary>How the mark begins that says which shipped things are in the index.</summary>
    private const string IndexMark = "search-index-";

    /// <summary>
    /// At most so many: names that begin with what is typed, then names that hold it, then whatever holds it in its words;
    /// the newest first. Every word must be found, each as the beginning of one. Both looks go down the index in its own
    /// order and stop when they have enough, so that a word that is everywhere costs no more than one that is rare.
    /// </summary>
    public async Task<IReadOnlyList<SearchHit>> FindAsync(string typed, int most, CancellationToken cancel = default)
    {
        var match = Query(typed);
        if (match.Length == 0)
            return [];
        var inName = $"Name : ({match})";
        var names = await context.Database.SqlQuery<SearchHit>(
            $"SELECT Kind, Ref, Name, '' AS Near FROM Found WHERE Found MATCH {inName} ORDER BY rowid DESC LIMIT {most}")
            .ToListAsync(cancel);
        var starts = typed.Trim();
        var hits = names.OrderBy(h => h.Name.StartsWith(starts, StringComparison.OrdinalIgnoreCase) ? 0 : 1).ToList();
        if (hits.Count >= most)
            return hits;
        var words = await context.Database.SqlQuery<SearchHit>(
            $"""
            SELECT Kind, Ref, Name, snippet(Found, 3, '[', ']', '…', 9) AS Near
            FROM Found WHERE Found MATCH {match} ORDER BY rowid DESC LIMIT {most}
            """)
            .ToListAsync(cancel);
        var seen = hits.Select(h => (h.Kind, h.Ref)).ToHashSet();
        hits.AddRange(words.Where(w => seen.Add((w.Kind, w.Ref))).Take(most - hits.Count));
        return hits;
    }

    /// <summary>What is typed as a query that can't go wrong: words quoted, each a beginning.</summary>
    public static string Query(string typed)
    {
        var query = new StringBuilder();
        var words = 0;
        foreach (var word in (typed ?? "").Split([' ', '-', ',', '/', '"', '\'', '’', '(', ')'], StringSplitOptions.RemoveEmptyEntries))
        {
            var bare = new string([.. word.Where(char.IsLetterOrDigit)]);
            if (bare.Length == 0 || ++words > 8)
                continue;
            query.Append(CultureInfo.InvariantCulture, $"{(query.Length > 0 ? " AND " : "")}\"{bare[..Math.Min(bare.Length, 40)]}\"*");
        }

        return query.ToString();
    }

    /// <summary>Brings what ships with Round Crumb into the index, ingredients and parts; once for each time that it changes.</summary>
    public async Task IndexShippedAsync(CancellationToken cancel = default)
    {
        var rows = new List<(string Kind, string Ref, string Name, string Words)>();
        rows.AddRange(
            ShippedParts.All.Select(
                p =>
                    (
                        "shipped", p.Id, p.Name,
                        PartFamilies.NameOf(p.Kind, p.FamilyId) + " " + string.Join(", ", p.Lines.Select(l => l.Ingredient.Name)))));
        rows.AddRange(Pantry.All.Select(i => ("ingredient", i.Id, i.Name, string.Join(", ", i.OtherNames))));
        var mark = IndexMark + Convert.ToHexString(SHA256.HashData(Encoding.UTF8.GetBytes(string.Join('\n', rows))))[..16];
        if (await context.Marks.AnyAsync(m => m.Name == mark, cancel))
            return;
        await using var transaction = await context.Database.BeginTransactionAsync(cancel);
        await context.Marks.Where(m => m.Name.StartsWith(IndexMark)).ExecuteDeleteAsync(cancel);
        context.Marks.Add(new DataMark { Name = mark, At = DateTimeOffset.UnixEpoch });
        await context.SaveChangesAsync(cancel);
        await context.Database.ExecuteSqlAsync($"DELETE FROM Found WHERE rowid % 8 IN (5, 6)", cancel);
        for (var i = 0; i < rows.Count; i++)
        {
            var (kind, id, name, words) = rows[i];
            await context.Database.ExecuteSqlAsync(
                $"""
                INSERT INTO Found (rowid, Kind, Ref, Name, Words)
                VALUES ({(i * 8) + (kind == "shipped" ? 5 : 6)}, {kind}, {id}, {name}, {words})
                """,
                cancel);
        }

        await transaction.CommitAsync(cancel);
    }
}
