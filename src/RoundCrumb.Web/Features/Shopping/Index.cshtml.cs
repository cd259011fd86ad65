using System.Globalization;
using System.Text;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Buying;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Buying;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Stocktaking;
using RoundCrumb.Core.Units;
using RoundCrumb.Data.Buying;
using RoundCrumb.Data.Days;
using RoundCrumb.Data.Kitchens;
using RoundCrumb.Data.Storage;
using RoundCrumb.Formats.Trade;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Shopping;

/// <summary>What has to be bought for the orders of some days.</summary>
public sealed class IndexModel(
    ShoppingDesk desk, PriceBook prices, PiesWith pies, DayBook days, CompositionReader compositions, KitchenClock clock,
    Preferences baker) : PageModel
{
    /// <summary>The list.</summary>
    public OpenShopping Open { get; private set; } = null!;

    /// <summary>The baker's units.</summary>
    public QuantityFormatter Shown { get; } = baker.Shown;

    /// <summary>Names of saved pies by the id of what goes into them.</summary>
    private ILookup<string, string> With { get; set; } = Array.Empty<(string, string)>().ToLookup(static x => x.Item1, static x => x.Item2);

    /// <summary>Something to say; empty for nothing.</summary>
    public string Said { get; private set; } = "";

    /// <summary>What is wrong with the dates; empty for nothing.</summary>
    public string Trouble { get; private set; } = "";

    /// <summary>What is wrong with a table; empty for nothing.</summary>
    public string FileTrouble { get; private set; } = "";

    /// <summary>True where the order of the aisles is open.</summary>
    public bool ShowsAisles => Request.Query.ContainsKey("aisles");

    /// <summary>Packs as they are said: 2 × 500 g.</summary>
    public string Packs(ShoppingLine line) => line.Packs is not { Packs.Count: > 0 } packs
        ? ""
        : string.Join(" + ", packs.Packs.Select(p => PackOf(line.Ingredient, p)));

    private string PackOf(Ingredient of, PacksOf packs)
    {
        var size = Wholes.Of(of.Id)?.Whole == of
            ? string.Create(CultureInfo.InvariantCulture, $"{Math.Round(packs.Pack.Grams / of.GramsEach):0}")
            : Size(packs.Pack.Grams);
        return $"{packs.Count} × {size}" + (packs.Pack.Shop.Length > 0 ? $" ({packs.Pack.Shop})" : "");
    }

    /// <summary>What a pack holds, as packs say it: 1.5 kg.</summary>
    private string Size(double grams) => grams >= 1000 && Shown.Units.Mass is not MassUnit.Ounces
        ? string.Create(CultureInfo.InvariantCulture, $"{Math.Round(grams) / 1000:0.###} kg")
        : Shown.Say(new Quantity(grams, Dimension.Mass));

    /// <summary>How much is to be bought: eggs are counted.</summary>
    public string ToBuy(ShoppingLine line) => line.Pieces is not null
        ? QuantityFormatter.Pieces(Math.Ceiling((line.ToBuy.Value.Value / line.Ingredient.GramsEach) - 0.02), line.Ingredient.Piece)
        : Shown.Weigh(line.ToBuy.Value, line.Ingredient);

    /// <summary>What is worth saying of a line: what stays, eggs' other halves, a bigger pack.</summary>
    public IEnumerable<string> Notes(ShoppingLine line)
    {
        foreach (var (part, pieces) in line.Pieces?.Left ?? [])
        {
            yield return part.Egg is EggPart.None
                ? $"{part.ShortName} of {QuantityFormatter.Pieces(pieces, part.Piece)} left over"
                : $"{QuantityFormatter.Pieces(pieces, part.Piece)} left over";
        }

        if (line.Pieces is null && line.Left >= 1)
            yield return $"{Size(line.Left)} left of the packs{Taking(line.Ingredient)}";
        if (line.TooSoon(Open.Today) is { } until)
            yield return $"bought today it keeps until {Day(until)}: buy it nearer the day, or freeze it";
        if (line.Bigger is { } bigger)
        {
            yield return $"{Size(bigger.Pack.Grams)} for "
                + $"{QuantityFormatter.Money((double)bigger.Pack.Price)} is cheaper by the gram: "
                + $"{QuantityFormatter.Money((double)bigger.CostsMore)} more now, {Size(bigger.Left)} over, "
                + $"which keeps {DaysOf(bigger.KeepsDays)}{Taking(line.Ingredient)}";
        }
    }

    /// <summary>Which of the saved pies take it, where any does.</summary>
    private string Taking(Ingredient of) => With[of.Id].ToList() switch
    {
        [] => "; none of your pies takes it",
        [var one] => $", for {one}",
        [var one, var two] => $", for {one} or {two}",
        [var one, .. var more] => string.Create(CultureInfo.InvariantCulture, $", for {one} or {more.Count} more of your pies"),
    };

    private static string DaysOf(double days) => days >= 60
        ? string.Create(CultureInfo.InvariantCulture, $"{days / 30:0} months")
        : string.Create(CultureInfo.InvariantCulture, $"{days:0} days");

    /// <summary>The whole list as plain text, to be sent to whoever goes.</summary>
    public string Text()
    {
        var text = new StringBuilder($"Shopping for {Dates()}\n");
        foreach (var aisle in Open.ByAisle())
        {
            text.Append('\n').Append(aisle.Key).Append('\n');
            foreach (var line in aisle)
                text.Append(CultureInfo.InvariantCulture, $"- {line.Ingredient.Name}: {ToBuy(line)}")
                    .Append(Packs(line) is { Length: > 0 } packs ? $" ({packs})" : "").Append('\n');
        }

        return text.ToString();
    }

    /// <summary>The days as they are said.</summary>
    public string Dates() => Open.Span.From == Open.Span.To
        ? Open.Span.From.ToString("dddd d MMMM", CultureInfo.InvariantCulture)
        : $"{Day(Open.Span.From)} to {Day(Open.Span.To)}";

    private static string Day(DateOnly day) => day.ToString("ddd d MMM", CultureInfo.InvariantCulture);

    /// <summary>Shows the list.</summary>
    public async Task OnGetAsync(string? from, string? to, int? put, CancellationToken cancel)
    {
        Said = put is { } many and > 0 ? many == 1 ? "One thing is in the house." : $"{many} things are in the house." : "";
        await ShowAsync(from, to, cancel);
    }

    /// <summary>The list as a table.</summary>
    public async Task<IActionResult> OnGetTableAsync(string? from, string? to, CancellationToken cancel)
    {
        await ShowAsync(from, to, cancel);
        var rows = Open.ByAisle().SelectMany(a => a).Concat(Open.There).Select(l => new ShoppingRecord(
            l.Ingredient.Shelf.Title(), l.Ingredient.Name, Math.Round(l.Wanted.Value.Value, 1), Math.Round(l.InHouse.Value.Value, 1),
            Math.Round(l.ToBuy.Value.Value, 1), Packs(l), l.Price?.ToString("0.00", CultureInfo.InvariantCulture) ?? "",
            Open.InBasket.Contains(l.Ingredient.Id) ? "yes" : "no"));
        return File(Encoding.UTF8.GetBytes(TradeTables.Write(rows)), "text/csv", $"shopping-{Open.Span.Key}.csv");
    }

    /// <summary>The list as plain text.</summary>
    public async Task<IActionResult> OnGetTextAsync(string? from, string? to, CancellationToken cancel)
    {
        await ShowAsync(from, to, cancel);
        return Content(Text(), "text/plain", Encoding.UTF8);
    }

    /// <summary>Takes what is in the basket home.</summary>
    public async Task<IActionResult> OnPostPutAsync(string? from, string? to, CancellationToken cancel)
    {
        await ShowAsync(from, to, cancel);
        var many = await desk.PutAwayAsync(Open, cancel);
        return Redirect($"{Address()}&put={many.ToString(CultureInfo.InvariantCulture)}");
    }

    /// <summary>Ticks one thing without a script, or takes the tick back.</summary>
    public async Task<IActionResult> OnPostTickAsync(string? from, string? to, string? ingredient, bool done, CancellationToken cancel)
    {
        await ShowAsync(from, to, cancel);
        if (Open.List.Lines.Any(l => l.Ingredient.Id == ingredient))
            await prices.TickAsync(
                Open.Span.Key, [new() { List = Open.Span.Key, Ingredient = ingredient!, InBasket = done, At = clock.Now }], cancel);
        return Redirect(Address());
    }

    /// <summary>Takes in a table of what is in the basket.</summary>
    public async Task<IActionResult> OnPostTableAsync(string? from, string? to, IFormFile? file, CancellationToken cancel)
    {
        await ShowAsync(from, to, cancel);
        if (file is not { Length: > 0 and <= 1_000_000 })
        {
            FileTrouble = "Choose a table (CSV) of up to 1 MB.";
            return Page();
        }

        using var text = new StreamReader(file.OpenReadStream());
        var table = TradeTables.Read(await text.ReadToEndAsync(cancel));
        if (!table.Has("ingredient", "inbasket"))
        {
            FileTrouble = "That table has no columns called Ingredient and InBasket.";
            return Page();
        }

        var finder = await compositions.FinderAsync(cancel);
        var named = Open.List.Lines.ToDictionary(l => l.Ingredient.Name, l => l.Ingredient.Id, StringComparer.OrdinalIgnoreCase);
        var ticks = new List<ShoppingTick>();
        var wrong = new List<string>();
        foreach (var (line, fields) in table.Rows)
        {
            var said = fields["ingredient"];
            if ((named.GetValueOrDefault(said) ?? finder.Find(said).Ingredient?.Id) is not { } id
                || Open.List.Lines.All(l => l.Ingredient.Id != id))
                wrong.Add($"Line {line}: “{said}” is not on this list.");
            else
                ticks.Add(new()
                {
                    List = Open.Span.Key,
                    Ingredient = id,
                    InBasket = fields["inbasket"] is "yes" or "x" or "1",
                    At = clock.Now
                });
        }

        if (table.CutAt is { } cut)
            wrong.Add($"Line {cut}: {TradeTables.TooMany(TradeTables.MostRows)}");
        await prices.TickAsync(Open.Span.Key, ticks, cancel);
        await ShowAsync(from, to, cancel);
        FileTrouble = string.Join(" ", wrong);
        Said = ticks.Count == 1 ? "One line was taken in." : $"{ticks.Count} lines were taken in.";
        return Page();
    }

    /// <summary>Moves an aisle up.</summary>
    public async Task<IActionResult> OnPostUpAsync(string? from, string? to, PantryShelf shelf, int version, CancellationToken cancel)
    {
        await ShowAsync(from, to, cancel);
        var aisles = Open.Aisles.ToList();
        var at = aisles.IndexOf(shelf);
        if (at > 0)
        {
            (aisles[at - 1], aisles[at]) = (aisles[at], aisles[at - 1]);
            if (await prices.TradeAsync(version, t => t.Aisles = aisles, cancel) is KeepOutcome.ChangedElsewhere)
            {
                Said = "Somebody else has changed the order of the aisles meanwhile. Here it is as it is now.";
                await ShowAsync(from, to, cancel);
                return Page();
            }
        }

        return Redirect(Address() + "&aisles=1#aisles");
    }

    /// <summary>Where this list is.</summary>
    public string Address(string more = "") => string.Create(
        CultureInfo.InvariantCulture,
        $"{Routes.Shopping}?{(more.Length > 0 ? more + "&" : "")}from={Open.Span.From:yyyy-MM-dd}&to={Open.Span.To:yyyy-MM-dd}");

    private async Task ShowAsync(string? from, string? to, CancellationToken cancel)
    {
        var today = await clock.TodayAsync(cancel);
        var (first, isFirst) = Read(from);
        var (last, isLast) = Read(to);
        if (!isFirst || !isLast)
            Trouble = "A date is written like 2026-12-05. These are the next days with orders instead.";
        var next = first is null && last is null ? await days.NextAsync(today, cancel) : null;
        var begin = first ?? last ?? next ?? today;
        var span = Span.Of(begin, last ?? first ?? (next is null ? today.AddDays(6) : begin));
        Open = await desk.OpenAsync(span, cancel);
        With = await pies.ByIngredientAsync(cancel);

        static (DateOnly? Date, bool IsRead) Read(string? typed) => string.IsNullOrWhiteSpace(typed) ? (null, true)
            : DateOnly.TryParseExact(typed, "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out var date)
                && date.Year is >= 2000 and <= 2200 ? (date, true) : (null, false);
    }
}
