using System.Globalization;
using System.Text;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Reading;
using RoundCrumb.Application.Stocktaking;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Stocktaking;
using RoundCrumb.Core.Units;
using RoundCrumb.Data.Kitchens;
using RoundCrumb.Data.Stocktaking;
using RoundCrumb.Data.Storage;
using RoundCrumb.Formats.Trade;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Stocktaking;

/// <summary>What is in the house: counted, pasted or bought, less what was used since.</summary>
public sealed class IndexModel(StockBook stock, StockKeeper keeper, CompositionReader compositions, KitchenClock clock, Preferences baker)
    : PageModel
{
    private const double MostPieces = 1000;

    /// <summary>What there is.</summary>
    public StockLevels Levels { get; private set; } = StockLevels.None;

    /// <summary>The rows as they are kept, by the lot that they are.</summary>
    public IReadOnlyDictionary<string, StockRow> Rows { get; private set; } = new Dictionary<string, StockRow>();

    /// <summary>Today, in the kitchen.</summary>
    public DateOnly Today { get; private set; }

    /// <summary>The baker's units.</summary>
    public QuantityFormatter Shown { get; } = baker.Shown;

    /// <summary>The list as it was pasted; empty for nothing, and where all of it was taken.</summary>
    public string Pasted { get; private set; } = "";

    /// <summary>Lines that were not taken, with why.</summary>
    public IReadOnlyList<StockLine> NotTaken { get; private set; } = [];

    /// <summary>Something to say; empty for nothing.</summary>
    public string Said { get; private set; } = "";

    /// <summary>What is wrong with a lot's count, by the lot.</summary>
    public Dictionary<int, string> Troubles { get; } = [];

    /// <summary>What is wrong with the part that was to be added; empty for nothing.</summary>
    public string MadeTrouble { get; private set; } = "";

    /// <summary>What was typed of a field, where something is wrong with it.</summary>
    public string Typed(string name) => Request.HasFormContentType ? Request.Form[name].ToString() : "";

    /// <summary>The lot that was just taken off; none where none was.</summary>
    public int? Gone { get; private set; }

    /// <summary>The names of ingredients beyond what was counted of them, with how much.</summary>
    public IReadOnlyList<(string Name, Grams Mass)> Missing { get; private set; } = [];

    /// <summary>The lots of the pantry's shelves, and those of what is made ahead.</summary>
    public IEnumerable<(string Name, IEnumerable<LotLevel> Lots)> Shelves()
    {
        var there = Levels.Lots.Where(l => l.Left > 0 || (l.Lot.LeftFrom.Length == 0 && Rows.ContainsKey(l.Lot.Id))).ToList();
        if (there.Where(IsUrgent).OrderBy(l => l.Lot.UseBy).ToList() is { Count: > 0 } first)
            yield return ("Use first", first);
        there.RemoveAll(IsUrgent);
        if (there.Where(l => l.Lot.Item is MadeItem).ToList() is { Count: > 0 } made)
            yield return ("Made ahead", made.OrderBy(l => l.Lot.UseBy ?? DateOnly.MaxValue));
        foreach (var shelf in there.Where(l => l.Lot.Ingredient is not null).GroupBy(l => l.Lot.Ingredient!.Shelf).OrderBy(g => g.Key))
        {
            yield return (
                shelf.Key.Title(),
                shelf.OrderBy(l => l.Lot.Ingredient!.Name, StringComparer.Ordinal).ThenBy(l => l.Lot.UseBy ?? DateOnly.MaxValue));
        }
    }

    /// <summary>True for what is past its date, or will be within so many days.</summary>
    private bool IsUrgent(LotLevel level) => level.Left > 0 && level.Lot.UseBy is { } day && day.DayNumber - Today.DayNumber <= SoonDays;

    private const int SoonDays = 3;

    /// <summary>How a date stands to today: past, today, tomorrow, in three days.</summary>
    public string Until(DateOnly useBy) => (useBy.DayNumber - Today.DayNumber) switch
    {
        < -1 and var days => string.Create(CultureInfo.InvariantCulture, $"past by {-days} days"),
        -1 => "past since yesterday",
        0 => "today",
        1 => "tomorrow",
        < 15 and var days => string.Create(CultureInfo.InvariantCulture, $"in {days} days"),
        _ => "",
    };

    /// <summary>How old a part made ahead is.</summary>
    public string Age(StockLot lot) => (int)(Now - lot.At).TotalDays switch
    {
        < 1 => "made today",
        1 => "a day old",
        var days => string.Create(CultureInfo.InvariantCulture, $"{days} days old"),
    };

    /// <summary>The moment that it is.</summary>
    private DateTimeOffset Now => clock.Now;

    /// <summary>What there is of a lot, in the baker's units; eggs and what comes out of them are counted too.</summary>
    public string Amount(LotLevel level)
    {
        if (level.Lot.Item.By is Dimension.Count)
            return QuantityFormatter.Pieces(level.Left, ("piece", "pieces"));
        var mass = Shown.Say(new Quantity(level.Left, Dimension.Mass));
        return level.Lot.Ingredient is { GramsEach: > 0 } of && Wholes.Of(of.Id) is not null && level.Left / of.GramsEach >= 0.98
            ? $"{mass} ({QuantityFormatter.Pieces(level.Left / of.GramsEach, of.Piece)})"
            : mass;
    }

    /// <summary>Shows what there is.</summary>
    public Task OnGetAsync(int? gone, string? said, CancellationToken cancel)
    {
        (Gone, Said) = (gone, int.TryParse(said, CultureInfo.InvariantCulture, out var many) && many > 0 ? Put(many) : "");
        return ShowAsync(cancel);
    }

    /// <summary>The table of what there is.</summary>
    public async Task<IActionResult> OnGetTableAsync(CancellationToken cancel)
    {
        await ShowAsync(cancel);
        var rows = Levels.Lots.Where(l => l.Left > 0).Select(l => new StockRecord(
            l.Lot.Item.Name, l.Lot.Ingredient?.Id ?? "", Math.Round(l.Left, 1), l.Lot.Item.By is Dimension.Count ? "pieces" : "g",
            l.Lot.UseBy?.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture) ?? "", l.Lot.IsOpen ? "yes" : "no",
            l.Lot.Where.ToString().ToLowerInvariant()));
        return File(Encoding.UTF8.GetBytes(TradeTables.Write(rows)), "text/csv", "stock.csv");
    }

    /// <summary>Puts a pasted list, or a table, into the house.</summary>
    public async Task<IActionResult> OnPostAddAsync(string? list, StoredIn? where, IFormFile? file, CancellationToken cancel)
    {
        Today = await clock.TodayAsync(cancel);
        var reader = new StockLines(await compositions.ReaderAsync(new(), cancel), Today);
        IReadOnlyList<StockLine> lines;
        if (file is { Length: > 0 and <= 1_000_000 })
        {
            using var text = new StreamReader(file.OpenReadStream());
            lines = await OfTableAsync(await text.ReadToEndAsync(cancel), reader, cancel);
            if (lines.Count == 0)
                Said = "That table has no columns called Ingredient and Amount.";
        }
        else
        {
            lines = reader.ReadAll(list ?? "");
        }

        var taken = lines.Where(l => l.Trouble.Length == 0 && l.Ingredient is not null).ToList();
        if (taken.Count > 0)
            await stock.AddAsync([.. taken.Select(l => RowOf(l, where))], cancel);
        NotTaken = [.. lines.Where(l => l.Trouble.Length > 0)];
        if (NotTaken.Count == 0 && taken.Count > 0)
            return Redirect(string.Create(CultureInfo.InvariantCulture, $"{Routes.Stock}?said={taken.Count}"));
        Pasted = string.Join('\n', NotTaken.Select(l => l.Text));
        if (Said.Length == 0)
            Said = taken.Count > 0 ? Put(taken.Count) : lines.Count == 0 ? "Nothing was written: one thing a line." : "";
        await ShowAsync(cancel);
        return Page();
    }

    /// <summary>Puts a part that was made ahead into the house.</summary>
    public async Task<IActionResult> OnPostMadeAsync(
        MadePart? part, string? words, string? amount, StoredIn where, string? useBy, CancellationToken cancel)
    {
        Today = await clock.TodayAsync(cancel);
        var field = NumberField.Of(amount, null, 0.1, part?.IsCounted is true ? MostPieces : StockLines.MostGrams,
            part?.IsCounted is true ? "pieces" : "g");
        var date = await DateAsync(useBy, cancel);
        if (part is not { } made || !Enum.IsDefined(made) || !Enum.IsDefined(where) || field.Value is not { } value
            || field.Trouble.Length > 0)
            MadeTrouble = field.Trouble.Length > 0 ? field.Trouble : "What is it, and how much?";
        else if (!date.IsRead)
            MadeTrouble = "That is no date. Write it like 5 Dec or 2026-12-05.";
        else if ((words ?? "").Trim() is var said && said.Length > StockRow.LongestWords)
            MadeTrouble = $"Which it is, in {StockRow.LongestWords} characters at most.";
        else
        {
            await stock.AddAsync(
                [
                    new()
                    {
                        Made = made, Words = said, Counted = value, Where = where,
                        UseBy = date.Date ?? Today.AddDays((int)(made.Keeps(where).Usual / (24 * 60))),
                    },
                ],
                cancel);
            return Redirect($"{Routes.Stock}?said=1");
        }

        await ShowAsync(cancel);
        return Page();
    }

    /// <summary>Counts a lot anew, or changes its date, place or whether it is open.</summary>
    public async Task<IActionResult> OnPostChangeAsync(
        int id, int version, string? amount, string? useBy, bool open, StoredIn where, CancellationToken cancel)
    {
        await ShowAsync(cancel);
        if (!Rows.TryGetValue(StockBook.IdOf(id), out var row)
            || Levels.Lots.FirstOrDefault(l => l.Lot.Id == StockBook.IdOf(id)) is not { } level)
            return NotFound();
        var date = await DateAsync(useBy, cancel);
        var counted = level.Lot.Item.By is Dimension.Count
            ? NumberField.Of(amount, null, 0, MostPieces, "pieces").Value
            : (amount ?? "").Trim() is "0" or "none" ? 0 : await GramsAsync(amount, level.Lot.Ingredient, cancel);
        if (!string.IsNullOrWhiteSpace(amount) && counted is null)
            Troubles[id] = $"“{amount}” is no amount of it. Try 340 g, 2 packs or 0.";
        else if (!date.IsRead)
            Troubles[id] = "That is no date. Write it like 5 Dec or 2026-12-05.";
        else if (!Enum.IsDefined(where))
            Troubles[id] = "Where does it stand?";
        if (Troubles.Count > 0)
            return Page();
        var outcome = await stock.ChangeAsync(
            id, version,
            r =>
            {
                (r.UseBy, r.IsOpen, r.Where) = (date.Date, open, where);
                if (counted is { } count)
                    r.Counted = count;
            },
            counted is not null, cancel);
        if (outcome is KeepOutcome.Kept)
            return Redirect($"{Routes.Stock}#lot-{id}");
        await ShowAsync(cancel);
        Said = outcome is KeepOutcome.Gone
            ? "That was taken off meanwhile."
            : "Somebody else has changed that meanwhile. Here it is as it is now; what you typed is in its fields.";
        return Page();
    }

    /// <summary>Takes a lot off: thrown away, or never there.</summary>
    public async Task<IActionResult> OnPostGoneAsync(int id, WhyGone why, CancellationToken cancel)
    {
        await ShowAsync(cancel);
        var left = Levels.Lots.FirstOrDefault(l => l.Lot.Id == StockBook.IdOf(id))?.Left ?? 0;
        return Enum.IsDefined(why) && await stock.TakeOffAsync(id, why, left, cancel)
            ? Redirect($"{Routes.Stock}?gone={id.ToString(CultureInfo.InvariantCulture)}")
            : NotFound();
    }

    /// <summary>Brings a lot back.</summary>
    public async Task<IActionResult> OnPostBackAsync(int id, CancellationToken cancel) =>
        await stock.TakeOffAsync(id, null, 0, cancel) ? Redirect($"{Routes.Stock}#lot-{id}") : NotFound();

    private static string Put(int many) => many == 1 ? "One thing is in the house." : $"{many} things are in the house.";

    private StockRow RowOf(StockLine line, StoredIn? where)
    {
        var ingredient = line.Ingredient!;
        var place = where is { } said && Enum.IsDefined(said) ? said : ingredient.IsDry ? StoredIn.Shelf : StoredIn.Fridge;
        return new()
        {
            Ingredient = ingredient.Id,
            Counted = Math.Round(line.Grams, 1),
            Where = place,
            IsOpen = line.IsOpen,

            // What is open keeps only so long, whatever its pack says; what is closed keeps by its date.
            UseBy = line.UseBy ?? (line.IsOpen || ingredient.Egg is not EggPart.None
                ? Today.AddDays((int)(Keeping.Of(ingredient, place).Usual / (24 * 60)))
                : null),
        };
    }

    private async Task<IReadOnlyList<StockLine>> OfTableAsync(string text, StockLines reader, CancellationToken cancel)
    {
        var known = await compositions.KnownAsync(cancel);
        var lines = new List<StockLine>();
        var table = TradeTables.Read(text);
        if (!table.Has("ingredient", "amount"))
            return [];
        foreach (var (_, fields) in table.Rows)
        {
            var (name, amount) = (fields["ingredient"], fields["amount"]);
            var unit = fields.GetValueOrDefault("unit", "g");
            var said = $"{amount} {unit} {name}" + (fields.GetValueOrDefault("useby", "") is { Length: > 0 } by ? $", use by {by}" : "")
                + (fields.GetValueOrDefault("open", "") is "yes" ? ", open" : "");
            var line = reader.Read(said);
            if (known.Find(fields.GetValueOrDefault("id", "")) is { } exactly && BakersNumber.TryRead(amount, out var grams, out var with)
                && with.Length == 0 && unit == "g" && grams > 0
                    && line.UseBy is not null == fields.GetValueOrDefault("useby", "").Length > 0)
                line = new(said, exactly, grams, line.UseBy, line.IsOpen, "");
            lines.Add(line);
        }

        if (table.CutAt is { } cut)
            lines.Add(new($"line {cut}", null, 0, null, false, TradeTables.TooMany(TradeTables.MostRows)));
        return lines;
    }

    private async Task<double?> GramsAsync(string? typed, Ingredient? of, CancellationToken cancel)
    {
        if (string.IsNullOrWhiteSpace(typed) || typed.Length > 60)
            return null;
        if (BakersNumber.TryRead(typed.Trim(), out var plain, out var unit) && (unit.Length == 0 || unit == "g")
            && plain is >= 0 and <= StockLines.MostGrams)
            return plain;
        return of is not null
            && InHand.Read(typed, of, await compositions.ReaderAsync(new(), cancel)).Choice is { Kind: BatchKind.InHand } from
            ? from.Amount.Value
            : null;
    }

    private async Task<(bool IsRead, DateOnly? Date)> DateAsync(string? typed, CancellationToken cancel)
    {
        if (string.IsNullOrWhiteSpace(typed))
            return (true, null);
        var date = new StockLines(await compositions.ReaderAsync(new(), cancel), Today).DateOf(typed);
        return (date is not null, date);
    }

    private async Task ShowAsync(CancellationToken cancel)
    {
        Today = await clock.TodayAsync(cancel);
        Levels = await keeper.LevelsAsync(cancel);
        Rows = (await stock.RowsAsync(cancel)).ToDictionary(r => StockBook.IdOf(r.Id), StringComparer.Ordinal);
        var known = await compositions.KnownAsync(cancel);
        Missing = [.. Levels.Missing.Select(m => (known.Find(m.Key)?.Name ?? m.Key, m.Value)).OrderBy(m => m.Item1,
            StringComparer.Ordinal)];
    }
}
