using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Data.Kitchens;
using RoundCrumb.Data.Learning;
using RoundCrumb.Data.Pans;
using RoundCrumb.Data.Recipes;
using RoundCrumb.Data.Storage;
using RoundCrumb.Formats.Reading;

namespace RoundCrumb.Application.Reading;

/// <summary>Where reading, the larder and the box come together: what the pages and the API read compositions and lines with.</summary>
public sealed class CompositionReader(Larder larder, RecipeBox box, PanRack rack, KitchenBook kitchen, LearningBook learning,
    MadeFrom<KnownIngredients, IngredientFinder> finders, MadeFrom<IReadOnlyList<PartRecipe>, PartBook> offered)
{
    /// <summary>Everything that is known of ingredients.</summary>
    public Task<KnownIngredients> KnownAsync(CancellationToken cancel = default) => larder.KnownAsync(cancel);

    /// <summary>Finds ingredients by name.</summary>
    public async Task<IngredientFinder> FinderAsync(CancellationToken cancel = default) =>
        finders.Of(await larder.KnownAsync(cancel), known => new(known.All, known.Remembered));

    /// <summary>Reads lines.</summary>
    public async Task<LineReader> ReaderAsync(RecipeMeasures measures, CancellationToken cancel = default) =>
        new(await FinderAsync(cancel), measures);

    /// <summary>The shipped parts and those that some addresses name.</summary>
    public async Task<PartBook> BookAsync(IEnumerable<string> addresses, CancellationToken cancel = default)
    {
        var all = addresses as IReadOnlyCollection<string> ?? [.. addresses];
        var learned = all.Select(CompositionAddress.LearnedIn).OfType<int>().Distinct().ToList();
        return PartBook.Shipped.With(await box.NamedInAsync(all, cancel)).With(await OwnPansAsync(cancel), await OvensAsync(cancel))
            .With(await SchoolsAsync(cancel)).With(await learning.StatesAsync(learned, cancel));
    }

    /// <summary>The shipped parts, those that an address names, and the ones changed last.</summary>
    public async Task<PartBook> OfferedAsync(string address, CancellationToken cancel = default)
    {
        var named = await box.NamedInAsync([address], cancel);
        var recent = await box.RecentAsync(cancel);
        var parts = named.Count == 0 ? offered.Of(recent, PartBook.Shipped.With) : PartBook.Shipped.With([.. named, .. recent]);
        return parts.With(await OwnPansAsync(cancel), await OvensAsync(cancel)).With(await SchoolsAsync(cancel))
            .With(await learning.StatesAsync([.. new[] { CompositionAddress.LearnedIn(address) }.OfType<int>()], cancel));
    }

    /// <summary>This kitchen; what nobody has said of it is as usual.</summary>
    public Task<Kitchen> KitchenAsync(CancellationToken cancel = default) => kitchen.KitchenAsync(cancel);

    /// <summary>This kitchen as it knew itself at a time; as it knows itself now, where that is not known any more.</summary>
    /// <param name="learned">What it knew, by number.</param>
    /// <param name="cancel">Cancels it.</param>
    public async Task<Kitchen> KitchenThenAsync(int learned, CancellationToken cancel = default)
    {
        var now = await KitchenAsync(cancel);
        if (now.Corrections.Number == learned)
            return now;
        var then = learned == CorrectionSet.Book.Number
            ? CorrectionSet.Book
            : await learning.StatesAsync([learned], cancel) is [var only] ? only
            : null;
        return then is null ? now : now with
        {
            Corrections = then,
            Ovens = [.. now.Ovens.Select(o => o with { Corrections = then })],
        };
    }

    /// <summary>Reads an address against the parts that it names.</summary>
    public async Task<ReadComposition> ReadAsync(string address, CancellationToken cancel = default) =>
        CompositionAddress.Read(address, await BookAsync([address], cancel));

    private async Task<IReadOnlyList<Pan>> OwnPansAsync(CancellationToken cancel) =>
    [
        .. (await rack.AllAsync(cancel)).Select(p => p.Pan).Where(p => p.Id == PanCupboard.OwnId)
    ];

    private async Task<Schools> SchoolsAsync(CancellationToken cancel) => (await kitchen.EquipmentAsync(cancel)).Schools;

    private async Task<IReadOnlyList<Oven>> OvensAsync(CancellationToken cancel) =>
    [
        .. (await kitchen.EquipmentAsync(cancel)).Ovens.Select(o => o.Item)
    ];

    /// <summary>What there is of an ingredient, by the fields of a page; none where nothing is said.</summary>
    /// <param name="field">The fields.</param>
    /// <param name="cancel">Cancels it.</param>
    public async Task<InHand?> InHandAsync(Func<string, string?> field, CancellationToken cancel)
    {
        if (field(InHand.AmountField)?.Trim() is not { Length: > 0 and <= 60 } typed
                || (await KnownAsync(cancel)).Find(field(InHand.OfField) ?? "") is not { } what)
            return null;
        return InHand.Read(typed, what, await ReaderAsync(new(), cancel));
    }

    /// <summary>What was understood of some lines, and behind it the words that were not and name a food.</summary>
    public static IReadOnlyList<RecipeLine> Understood(IEnumerable<ReadLine> lines)
    {
        var all = lines.ToList();
        return
        [
            .. all.SelectMany(
                l =>
                    l.Items.Where(i => i.Ingredient is not null).Select(
                        i => new RecipeLine(i.Ingredient!, i.Grams, i.GoesIn, l.Note, l.Optional) { ReducedTo = i.ReducedTo })),
            .. all.SelectMany(l => l.WordsOnly).Select(RecipeLine.Words),
        ];
    }

    /// <summary>A part's lines as text that reads back as they are.</summary>
    public static string Text(IEnumerable<RecipeLine> lines) =>
        string.Join('\n', lines.Select(l => LineWriter.Write(l)));
}
