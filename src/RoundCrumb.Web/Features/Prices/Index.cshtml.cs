using System.Globalization;
using System.Text;
using Microsoft.AspNetCore.Html;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Buying;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Costing;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Units;
using RoundCrumb.Data.Buying;
using RoundCrumb.Data.Kitchens;
using RoundCrumb.Data.Storage;
using RoundCrumb.Formats.Trade;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Prices;

/// <summary>What packs cost in this kitchen's shops, how that has gone, and what a rise moves.</summary>
public sealed class IndexModel(PriceBook prices, PriceMoves moves, CompositionReader compositions, KitchenClock clock, Preferences baker)
    : PageModel
{
    private const double MostGrams = 50_000, MostPrice = 1_000;

    /// <summary>Ingredients with a price of this kitchen's own, by name.</summary>
    public IReadOnlyList<Ingredient> Priced { get; private set; } = [];

    /// <summary>All prices.</summary>
    public KnownPrices Known { get; private set; } = null!;

    /// <summary>How this kitchen buys and sells.</summary>
    public KitchenTrade Trade { get; private set; } = null!;

    /// <summary>The ingredient that is looked at; none where none is.</summary>
    public Ingredient? Of { get; private set; }

    /// <summary>What was looked for.</summary>
    public string Asked { get; private set; } = "";

    /// <summary>Today.</summary>
    public DateOnly Today { get; private set; }

    /// <summary>Pies that its last change of price moved.</summary>
    public IReadOnlyList<MovedPie> Moved { get; private set; } = [];

    /// <summary>The day of its last change of price; none where it never changed.</summary>
    public DateOnly? ChangedOn { get; private set; }

    /// <summary>What is wrong with what was typed, by field.</summary>
    public Dictionary<string, string> Troubles { get; } = [];

    /// <summary>Rows of a table that were not taken, with why.</summary>
    public IReadOnlyList<string> NotTaken { get; private set; } = [];

    /// <summary>Something to say; empty for nothing.</summary>
    public string Said { get; private set; } = "";

    /// <summary>The baker's units.</summary>
    public QuantityFormatter Shown { get; } = baker.Shown;

    /// <summary>What was typed of a field, where something is wrong; else what stands there.</summary>
    public string Typed(string name, string usual = "") =>
        Request.HasFormContentType && (Troubles.Count > 0 || ChangedElsewhere) ? Request.Form[name].ToString() : usual;

    /// <summary>True where somebody else was quicker: what was typed stands in the fields, and beside it what is kept.</summary>
    public bool ChangedElsewhere { get; private set; }

    /// <summary>A pack as it is said.</summary>
    public string Size(double grams) => grams >= 1000 && Shown.Units.Mass is not MassUnit.Ounces
        ? string.Create(CultureInfo.InvariantCulture, $"{grams / 1000:0.###} kg")
        : Shown.Say(new Quantity(grams, Dimension.Mass));

    /// <summary>How its price by the kilogram has gone.</summary>
    public IHtmlContent Graph => PriceGraph.Draw([.. Known.Of(Of!.Id)], Today, Shown);

    /// <summary>Shows prices.</summary>
    public Task OnGetAsync(string? of, string? said, CancellationToken cancel)
    {
        Said = said is null ? "" : "Saved.";
        return ShowAsync(of, cancel);
    }

    /// <summary>All prices as a table.</summary>
    public async Task<IActionResult> OnGetTableAsync(CancellationToken cancel)
    {
        await ShowAsync(null, cancel);
        var known = await compositions.KnownAsync(cancel);
        var rows = Known.All.Select(p => new PriceRecord(
            known.Find(p.Ingredient)?.Name ?? "", p.Ingredient, p.Grams, p.Price?.ToString("0.00##", CultureInfo.InvariantCulture) ?? "",
            p.Shop,
            p.Since.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture)));
        return File(Encoding.UTF8.GetBytes(TradeTables.Write(rows)), "text/csv", "prices.csv");
    }

    /// <summary>Writes a price down.</summary>
    public async Task<IActionResult> OnPostAddAsync(
        string? of, string? grams, string? price, string? shop, string? since, CancellationToken cancel)
    {
        await ShowAsync(of, cancel);
        if (Of is not { } ingredient)
            return NotFound();
        var size = await GramsAsync(grams, ingredient, cancel);
        if (size is null)
            Troubles["grams"] = "What does a pack hold? More than nothing: 250 g, 1 kg, 2 packs.";
        var cost = NumberField.Of((price ?? "").Replace("£", "", StringComparison.Ordinal), null, 0.01, MostPrice, "£");
        if (cost.Value is null)
            Troubles["price"] = "Pounds and pence, from a penny to £1,000.";
        var at = (shop ?? "").Trim();
        if (at.Length > PackPrice.LongestShop)
            Troubles["shop"] = $"At most {PackPrice.LongestShop} characters.";
        var from = Today;
        if (since?.Trim() is { Length: > 0 } typed
            && (!DateOnly.TryParse(typed, CultureInfo.InvariantCulture, out from) || from > Today.AddYears(1) || from.Year < 2000))
            Troubles["since"] = $"A day from 2000 to a year from now, such as {Today:yyyy-MM-dd}.";
        if (Troubles.Count > 0)
            return Page();
        await prices.AddAsync(
            [new() { Ingredient = ingredient.Id, Grams = size!.Value, Price = (decimal)cost.Value!.Value, Shop = at,
                Since = from }], cancel);
        return Redirect($"{Routes.Prices}?of={Uri.EscapeDataString(ingredient.Id)}&said=1");
    }

    /// <summary>Says that a shop has a pack no longer.</summary>
    public async Task<IActionResult> OnPostEndAsync(string? of, double grams, string? shop, CancellationToken cancel)
    {
        await ShowAsync(of, cancel);
        if (Of is not { } ingredient || !Known.Of(ingredient.Id).Any(p => p.Grams == grams && p.Shop == (shop ?? "")))
            return NotFound();
        await prices.AddAsync([new() { Ingredient = ingredient.Id, Grams = grams, Shop = shop ?? "", Since = Today }], cancel);
        return Redirect($"{Routes.Prices}?of={Uri.EscapeDataString(ingredient.Id)}&said=1");
    }

    /// <summary>Strikes a price out.</summary>
    public async Task<IActionResult> OnPostStrikeAsync(string? of, int id, CancellationToken cancel)
    {
        await prices.StrikeAsync(id, cancel);
        return Redirect($"{Routes.Prices}?of={Uri.EscapeDataString(of ?? "")}&said=1");
    }

    /// <summary>Says what work, energy and the margin are reckoned at.</summary>
    public async Task<IActionResult> OnPostRatesAsync(
        string? hands, string? kilowatt, string? margin, PriceStep step, string? house, string? place, int version,
        CancellationToken cancel)
    {
        await ShowAsync(null, cancel);
        double Field(string name, string? typed, double least, double most, string unit, string words)
        {
            var field = NumberField.Of((typed ?? "").Replace("£", "", StringComparison.Ordinal), 0, least, most, unit);
            if (field.Trouble.Length > 0)
                Troubles[name] = words;
            return field.Value ?? 0;
        }

        var (h, k) = (Field("hands", hands, 0, 500, "£", "From £0 (not counted) to £500."),
            Field("kilowatt", kilowatt, 0, 10, "£", "From £0 to £10."));
        var m = Field("margin", margin, 0, CostRates.MostMargin * 100, "%", "From 0 to 95 %.");
        if ((house?.Length ?? 0) > KitchenTrade.LongestHouse || (place?.Length ?? 0) > KitchenTrade.LongestHouse)
            Troubles["house"] = $"At most {KitchenTrade.LongestHouse} characters each.";
        if (!Enum.IsDefined(step))
            Troubles["step"] = "To 5p, 10p, 50p or pounds.";
        if (Troubles.Count > 0)
            return Page();
        if (await prices.TradeAsync(
                version,
                t =>
                {
                    (t.HandsAnHour, t.Kilowatt, t.Margin, t.Step) = ((decimal)h, (decimal)k, m / 100, step);
                    (t.House, t.Place) = ((house ?? "").Trim(), (place ?? "").Trim());
                },
                cancel) is KeepOutcome.ChangedElsewhere)
        {
            ChangedElsewhere = true;
            await ShowAsync(null, cancel);
            return Page();
        }

        return Redirect($"{Routes.Prices}?said=1");
    }

    /// <summary>Takes in a table of prices.</summary>
    public async Task<IActionResult> OnPostTableAsync(IFormFile? file, CancellationToken cancel)
    {
        await ShowAsync(null, cancel);
        if (file is not { Length: > 0 and <= 1_000_000 })
        {
            Troubles["file"] = "Choose a table (CSV) of up to 1 MB.";
            return Page();
        }

        using var text = new StreamReader(file.OpenReadStream());
        var table = TradeTables.Read(await text.ReadToEndAsync(cancel));
        if (!table.Has("packgrams", "price"))
        {
            Troubles["file"] = "That table has no columns called Ingredient, PackGrams and Price.";
            return Page();
        }

        var known = await compositions.KnownAsync(cancel);
        var finder = await compositions.FinderAsync(cancel);
        var taken = new List<PackPrice>();
        var wrong = new List<string>();
        foreach (var (line, fields) in table.Rows)
        {
            string F(string name) => fields.GetValueOrDefault(name, "");
            var ingredient = known.Find(F("id")) ?? finder.Find(F("ingredient")).Ingredient;
            var sold = F("price").Length > 0;
            var grams = ingredient is null ? null : await GramsAsync(F("packgrams"), ingredient, cancel);
            decimal price = 0;
            var isPrice = !sold || (decimal.TryParse(F("price").TrimStart('£'), NumberStyles.Number, CultureInfo.InvariantCulture,
                out price) && price is > 0 and <= (decimal)MostPrice);
            var since = Today;
            var isDate = F("since").Length == 0
                || DateOnly.TryParseExact(F("since"), "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out since);
            if (ingredient is null || grams is not { } holds || !isPrice || !isDate || F("shop").Length > PackPrice.LongestShop)
            {
                wrong.Add(
                    $"Line {line}: " + (
                        ingredient is null ? $"“{F("ingredient")}” is not in the pantry."
                        : grams is null ? "the pack holds nothing that can be read."
                        : !isPrice ? "a price from a penny to £1,000."
                        : !isDate ? "a date like 2026-12-05."
                        : "the shop's name is too long."));
            }
            else
                taken.Add(new()
                {
                    Ingredient = ingredient.Id,
                    Grams = holds,
                    Price = sold ? price : null,
                    Shop = F("shop"),
                    Since = since
                });
        }

        if (table.CutAt is { } cut)
            wrong.Add($"Line {cut}: {TradeTables.TooMany(TradeTables.MostRows)}");
        await prices.AddAsync(taken, cancel);
        await ShowAsync(null, cancel);
        NotTaken = wrong;
        Said = taken.Count == 1 ? "One price is written down." : $"{taken.Count} prices are written down.";
        return Page();
    }

    private async Task<double?> GramsAsync(string? typed, Ingredient of, CancellationToken cancel)
    {
        if (string.IsNullOrWhiteSpace(typed) || typed.Length > 60)
            return null;
        var grams = BakersNumber.TryRead(typed.Trim(), out var plain, out var unit) && unit is "" or "g"
            ? plain
            : InHand.Read(typed, of, await compositions.ReaderAsync(new(), cancel)).Choice?.Amount.Value;
        return grams is > 0 and <= MostGrams ? grams : null;
    }

    private async Task ShowAsync(string? of, CancellationToken cancel)
    {
        Today = await clock.TodayAsync(cancel);
        Known = await prices.PricesAsync(cancel);
        Trade = await prices.TradeAsync(cancel);
        var known = await compositions.KnownAsync(cancel);
        Priced = [.. Known.All.Select(p => p.Ingredient).Distinct().Select(known.Find).OfType<Ingredient>().OrderBy(i => i.Name,
            StringComparer.Ordinal)];
        var asked = Asked = of ?? "";
        Of = known.Find(asked) ?? (asked.Length > 0 ? (await compositions.FinderAsync(cancel)).Find(asked).Ingredient : null);
        if (asked.Length > 0 && Of is null)
            Troubles["of"] = $"“{asked}” is not in the pantry.";
        if (Of is not { } ingredient)
            return;
        ChangedOn = Known.Of(ingredient.Id).Where(p => p.Since <= Today).GroupBy(p => (p.Grams, p.Shop)).Where(g => g.Count() > 1)
            .Select(g => (DateOnly?)g.Max(p => p.Since)).Max();
        if (ChangedOn is { } day)
            Moved = await moves.OfAsync(ingredient, day.AddDays(-1), Today, cancel);
    }
}
