using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Batches;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Records;
using RoundCrumb.Core.Units;
using RoundCrumb.Core.Working;
using RoundCrumb.Data.Bakes;
using RoundCrumb.Data.Learning;

namespace RoundCrumb.Application.Learning;

/// <summary>What a row of a comparison is about.</summary>
public enum BesideGroup
{
    /// <summary>Which parts it is made of.</summary>
    Parts,

    /// <summary>What is weighed for one pie.</summary>
    Weighed,

    /// <summary>What was planned, and what happened.</summary>
    Happened,

    /// <summary>How it came out.</summary>
    CameOut,
}

/// <summary>One row of bakes side by side.</summary>
/// <param name="Group">What it is about.</param>
/// <param name="Name">What.</param>
/// <param name="Cells">One for each bake; nothing where there is nothing to say.</param>
public sealed record BesideRow(BesideGroup Group, string Name, IReadOnlyList<Phrase> Cells);

/// <summary>A bake with its sheet and its entry.</summary>
/// <param name="Bake">As kept.</param>
/// <param name="Sheet">Worked out as it was then.</param>
/// <param name="Entry">What was written down.</param>
public sealed record BesideBake(Bake Bake, BatchSheet Sheet, BakeEntry Entry);

/// <summary>Bakes side by side.</summary>
/// <param name="Bakes">In the order asked for.</param>
/// <param name="Rows">By group.</param>
/// <param name="Measured">What was measured of these bakes, and can be followed over time.</param>
public sealed record Beside(
    IReadOnlyList<BesideBake> Bakes, IReadOnlyList<BesideRow> Rows, IReadOnlyList<(CorrectionKey Key, string Name)> Measured);

/// <summary>Puts bakes side by side.</summary>
public sealed class BesideDesk(
    BakeBook bakes, LearningBook learning, CompositionReader compositions, Data.Recipes.PartNames parts)
{
    /// <summary>So many at the most: more do not fit beside one another.</summary>
    public const int Most = 5;

    /// <summary>Some bakes side by side; fewer where some are not there.</summary>
    public async Task<Beside> OfAsync(IReadOnlyList<int> ids, CancellationToken cancel = default)
    {
        var found = await bakes.SomeAsync([.. ids.Distinct().Take(Most)], cancel);
        var book = await compositions.BookAsync(found.Select(b => b.Address), cancel);
        var kitchen = await compositions.KitchenAsync(cancel);
        var all = found.Select(b => new BesideBake(
            b,
            BatchSheet.Of(Assessment.Of(CompositionAddress.Read(b.Address, book).Composition, Math.Clamp(b.Pies, 1, BatchSheet.MostPies),
                kitchen)),
            BakeBook.EntryOf(b.Log))).ToList();
        var measured = (await learning.KeysOfAsync([.. found.Select(b => b.Id)], cancel)).ToList();
        var names = await CorrectionNames.OfAsync(measured, compositions, parts, cancel);
        return new(
            all, [.. Parts(all), .. Weighed(all), .. Happened(all), .. CameOut(all)],
            [.. measured.Select(k => (k, k.Kind.Facts.Name + ": " + names.Of(k).TrimEnd(',')))]);
    }

    private static IEnumerable<BesideRow> Parts(List<BesideBake> all)
    {
        BesideRow Row(string name, Func<Composition, Phrase> of) =>
            new(BesideGroup.Parts, name, [.. all.Select(b => of(b.Sheet.Pie.Composition))]);
        yield return Row("Pan", c => c.Pan.Name);
        yield return Row("Crust", c => Named(c.Crust.Family.Name, c.Crust.Family.Id));
        yield return Row("Seal", c => c.Crust.Seal.Name);
        yield return Row("Filling", c => Named(c.Filling.Formula.Name, c.Filling.Formula.Id));
        yield return Row("Setter", c =>
            new("{0} of what is written", new Core.Quantities.Quantity(c.Filling.Setter, Core.Quantities.Dimension.Share)));
        yield return Row("Topping", c => c.Topping.IsNone ? "none" : c.Topping.Topping.Name);
        yield return Row("Filled ahead", c =>
            new("{0}", new Core.Quantities.Quantity(c.Occasion.FilledAhead * 60, Core.Quantities.Dimension.Time)));
        yield return new(
            BesideGroup.Parts, "Oven", [.. all.Select(b => (Phrase)b.Sheet.Pie.Card.Setting.Oven.Name)]);
    }

    /// <summary>A baker's own part with its version.</summary>
    private static Phrase Named(string name, string id) =>
        Core.Ingredients.OwnPartId.VersionOf(id) is { } version ? $"{name}, version {version}" : name;

    private static IEnumerable<BesideRow> Weighed(List<BesideBake> all)
    {
        var lines = all.Select(b => b.Sheet.Parts.SelectMany(p => p.Lines.Select(l => (Part: p.Name, Line: l)))
            .GroupBy(x => (x.Part, x.Line.Ingredient.Id))
            .ToDictionary(g => g.Key, g =>
                (Name: g.First().Line.Ingredient.Name, Grams: g.Sum(x => x.Line.Mass.Value.Value) / b.Sheet.Pie.Pies)))
            .ToList();
        foreach (var key in lines.SelectMany(l => l.Keys).Distinct())
        {
            var name = lines.First(l => l.ContainsKey(key))[key].Name;
            yield return new(
                BesideGroup.Weighed, $"{key.Part}: {name}",
                [
                    .. lines.Select(l => l.TryGetValue(key, out var of)
                        ? new Phrase("{0}", new Core.Quantities.Quantity(of.Grams, Core.Quantities.Dimension.Mass))
                        : "none"),
                ]);
        }
    }

    private static IEnumerable<BesideRow> Happened(List<BesideBake> all)
    {
        var compared = all.Select(b => Compared.Of(b.Sheet, b.Entry).ToDictionary(r => r.Name, StringComparer.Ordinal)).ToList();
        foreach (var name in compared.SelectMany(c => c.Keys).Distinct())
        {
            if (compared.TrueForAll(c => !c.TryGetValue(name, out var row) || row.Actual.IsEmpty))
                continue;
            yield return new(
                BesideGroup.Happened, name,
                [
                    .. compared.Select(c => !c.TryGetValue(name, out var row) || row.Actual.IsEmpty
                        ? Phrase.None
                        : Phrase.Join(row.Actual, row.Verdict.IsEmpty ? Phrase.None : Phrase.Join("–", row.Verdict))),
                ]);
        }
    }

    private static IEnumerable<BesideRow> CameOut(List<BesideBake> all)
    {
        BesideRow Row(string name, Func<BakeEntry, Phrase> of) => new(BesideGroup.CameOut, name, [.. all.Select(b => of(b.Entry))]);
        BesideRow[] rows =
        [
            .. Enum.GetValues<TasteScale>().Select(t => Row(
                char.ToUpperInvariant(t.Name[0]) + t.Name[1..], e =>
                    e.Tastes.TryGetValue(t, out var step) ? TasteWords.Said(step) : Phrase.None)),
            Row("Taste", e => e.TasteWords),
            Row("Sold", e => e.Sold is { } sold ? QuantityFormatter.Quarters(sold) : Phrase.None),
            Row("Thrown away", e => e.ThrownAway is { } away ? QuantityFormatter.Quarters(away) : Phrase.None),
            Row("New with it", e => e.SomethingNew),
            Row("Notes", e => e.Notes),
        ];
        return rows.Where(r => r.Cells.Any(c => !c.IsEmpty));
    }
}
