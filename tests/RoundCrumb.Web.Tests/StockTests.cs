using System.Net;
using System.Net.Http.Json;
using System.Text.RegularExpressions;
using Microsoft.Extensions.DependencyInjection;
using RoundCrumb.Application.Bench;
using RoundCrumb.Application.Buying;
using RoundCrumb.Application.Stocktaking;
using RoundCrumb.Core.Batches;
using RoundCrumb.Core.Bench;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Stocktaking;
using RoundCrumb.Data.Stocktaking;

namespace RoundCrumb.Web.Tests;

/// <summary>What is in the house, and what has to be bought.</summary>
public sealed class StockTests : IAsyncDisposable
{
    private readonly Kitchen _kitchen = new(demo: true);

    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    public ValueTask DisposeAsync() => _kitchen.DisposeAsync();

    private async Task<T> AskAsync<T>(Func<IServiceProvider, Task<T>> ask)
    {
        await using var scope = _kitchen.Services.CreateAsyncScope();
        return await ask(scope.ServiceProvider);
    }

    private Task<StockLevels> LevelsAsync() => AskAsync(s => s.GetRequiredService<StockKeeper>().LevelsAsync(Cancel));

    private async Task<double> LeftAsync(Ingredient of) =>
        (await LevelsAsync()).Lots.Where(l => l.Lot.Ingredient == of).Sum(l => l.Left);

    private Task<bool> EmptyAsync() => AskAsync(async s =>
    {
        var book = s.GetRequiredService<StockBook>();
        foreach (var row in await book.RowsAsync(Cancel))
            await book.TakeOffAsync(row.Id, WhyGone.Mended, 0, Cancel);
        return true;
    });

    private Task<OpenShopping> ListAsync(Span span) => AskAsync(s => s.GetRequiredService<ShoppingDesk>().OpenAsync(span, Cancel));

    /// <summary>The Saturday of the demo's first day.</summary>
    private Task<Span> SaturdayAsync() => AskAsync(async s =>
    {
        var book = s.GetRequiredService<Data.Days.DayBook>();
        var due = (await book.FindAsync(1, Cancel))!.Orders.Max(o => o.Due);
        return Span.Of(DateOnly.FromDateTime(due), DateOnly.FromDateTime(due));
    });

    [Fact]
    public async Task A_pasted_list_is_put_away_and_what_is_not_understood_stays_with_why()
    {
        using var baker = _kitchen.Baker();
        await EmptyAsync();
        using var sent = await baker.SendAsync(
            "/stock", "/stock?handler=Add",
            (
                "list",
                "2 packs butter, use by 5 Dec\n1.2 kg plain flour, open\n9 eggs\n"
                    + "300 g moon dust\nsome milk\n500 g sugar, use by 31 Feb"));
        var page = await sent.TextAsync();
        sent.StatusCode.ShouldBe(HttpStatusCode.OK);
        page.ShouldContain("“moon dust” is not in the pantry.");
        page.ShouldContain("“31 Feb” is no date.");
        page.ShouldContain("300 g moon dust\nsome milk\n500 g sugar, use by 31 Feb",
            customMessage: "what is not taken stands where it was typed");
        (await LeftAsync(Pantry.Butter)).ShouldBe(500);
        (await LeftAsync(Pantry.PlainFlour)).ShouldBe(1200);
        (await LeftAsync(Pantry.WholeEgg)).ShouldBe(450);
        var flour = (await LevelsAsync()).Lots.Single(l => l.Lot.Ingredient == Pantry.PlainFlour).Lot;
        (flour.IsOpen, flour.Where, flour.UseBy is not null).ShouldBe((true, StoredIn.Shelf, true));
    }

    /// <summary>What is past its date is taken all the same, and stands first until somebody throws it away.</summary>
    [Fact]
    public async Task What_is_past_its_date_is_written_down_and_said()
    {
        using var baker = _kitchen.Baker();
        await EmptyAsync();
        (await baker.SendAsync("/stock", "/stock?handler=Add", ("list", "1 l milk, use by 2026-01-05"))).Dispose();
        var page = await baker.PageAsync("/stock");
        page.ShouldContain("1 past its date");
        page.IndexOf("Use first", StringComparison.Ordinal).ShouldBeLessThan(page.IndexOf("whole milk", StringComparison.Ordinal));
        var span = await SaturdayAsync();
        (await ListAsync(span)).List.Lines.Single(l => l.Ingredient == Pantry.Milk).InHouse.Value.Value.ShouldBe(0);
    }

    [Fact]
    public async Task A_lot_is_counted_thrown_away_and_brought_back()
    {
        using var baker = _kitchen.Baker();
        await EmptyAsync();
        (await baker.SendAsync("/stock", "/stock?handler=Add", ("list", "500 g butter"))).Dispose();
        var row = (await AskAsync(s => s.GetRequiredService<StockBook>().RowsAsync(Cancel))).Single();
        (string, string)[] Change(string amount, string useBy = "") =>
        [
            ("id", $"{row.Id}"), ("version", $"{row.Version}"), ("amount", amount), ("useBy", useBy), ("where", "Fridge"),
        ];
        using var odd = await baker.SendAsync("/stock", "/stock?handler=Change", Change("lots"));
        (await odd.TextAsync()).ShouldContain("“lots” is no amount of it.");
        using var never = await baker.SendAsync("/stock", "/stock?handler=Change", Change("-5"));
        (await never.TextAsync()).ShouldContain("is no amount of it");
        using var date = await baker.SendAsync("/stock", "/stock?handler=Change", Change("300", "soon"));
        (await date.TextAsync()).ShouldContain("That is no date.");
        (await LeftAsync(Pantry.Butter)).ShouldBe(500);
        using var counted = await baker.SendAsync("/stock", "/stock?handler=Change", Change("1 pack"));
        counted.StatusCode.ShouldBe(HttpStatusCode.Found);
        (await LeftAsync(Pantry.Butter)).ShouldBe(250);

        // Filled in over what somebody else has changed since.
        using var late = await baker.SendAsync("/stock", "/stock?handler=Change", Change("100"));
        (await late.TextAsync()).ShouldContain("Somebody else has changed that meanwhile.");
        using var gone = await baker.SendAsync("/stock", "/stock?handler=Gone", ("id", $"{row.Id}"), ("why", "ThrownAway"));
        (await LeftAsync(Pantry.Butter)).ShouldBe(0);
        using var back = await baker.SendAsync("/stock", "/stock?handler=Back", ("id", $"{row.Id}"));
        (await LeftAsync(Pantry.Butter)).ShouldBe(250);
    }

    [Fact]
    public async Task A_ticked_sheet_takes_what_it_used_and_gives_it_back()
    {
        using var baker = _kitchen.Baker();
        await EmptyAsync();
        (await baker.SendAsync("/stock", "/stock?handler=Add", ("list", "2 kg butter\n5 kg plain flour\n30 eggs"))).Dispose();
        var page = await baker.PageAsync("/bakes/1");
        var grams = await AskAsync(async s =>
        {
            var bake = (await s.GetRequiredService<Data.Bakes.BakeBook>().FindAsync(1, Cancel))!;
            var kitchen = await s.GetRequiredService<Application.Reading.CompositionReader>().KitchenAsync(Cancel);
            return BatchSheet.Of(Core.Composing.Assessment.Of(Core.Composing.CompositionAddress.Read(bake.Address).Composition, bake.Pies,
                kitchen))
                .Parts.SelectMany(p => p.Lines).ToDictionary(l => l.Key, l => l.Mass.Value.Value);
        });
        var yolks = grams.Keys.Single(k => k.EndsWith(".yolk", StringComparison.Ordinal));
        page.ShouldContain(yolks);
        Task<HttpResponseMessage> Tick(string key, bool done) =>
            baker.SendAsync("/bakes/1", "/bakes/1?handler=Tick", ("key", key), ("done", done ? "true" : "false"));
        (await Tick("crust.butter", true)).Dispose();
        (await Tick("crust.butter", true)).Dispose();
        (await LeftAsync(Pantry.Butter)).ShouldBe(2000 - grams["crust.butter"], 1e-6);
        (await Tick(yolks, true)).Dispose();
        var levels = await LevelsAsync();
        var eggs = grams[yolks] / 18;
        levels.Lots.Single(l => l.Lot.Ingredient == Pantry.WholeEgg).Left.ShouldBe(1500 - (eggs * 50), 1e-6);
        levels.Lots.Single(l => l.Lot.LeftFrom.Length > 0).Left.ShouldBe(eggs * 32, 1e-6, "the whites are in a jar");
        (await Tick("crust.butter", false)).Dispose();
        (await Tick(yolks, false)).Dispose();
        (await LeftAsync(Pantry.Butter)).ShouldBe(2000, 1e-6);
        (await LeftAsync(Pantry.EggWhite)).ShouldBe(0);
    }

    [Fact]
    public async Task What_is_done_at_the_bench_is_out_of_the_stock_and_off_the_list()
    {
        using var baker = _kitchen.Baker();
        await EmptyAsync();
        using var begun = await baker.SendAsync("/bakes/1", "/bakes/1?handler=Begin");
        var run = int.Parse(begun.Headers.Location!.ToString().Split('/')[^1], System.Globalization.CultureInfo.InvariantCulture);
        (await baker.SendAsync("/stock", "/stock?handler=Add", ("list", "2 kg butter\n5 kg plain flour\n3 l milk"))).Dispose();
        var open = (await AskAsync(s => s.GetRequiredService<BenchDesk>().OpenAsync(run, Cancel))).ShouldNotBeNull();
        var dough = open.Left("").First(t => open.LinesOf(t).Count > 0);
        var lines = open.LinesOf(dough);
        var due = DateOnly.FromDateTime(open.Day!.Kept.Orders[0].Due);
        var before = await ListAsync(Span.Of(due, due));
        var now = DateTimeOffset.UtcNow;
        async Task SendAsync(Deed deed)
        {
            using var sent = await baker.PostAsJsonAsync(
                $"/api/v1/runs/{run}/events", new SentEvents("t", "", now, [new(Guid.NewGuid(), DateTimeOffset.UtcNow, deed)]), Cancel);
            sent.EnsureSuccessStatusCode();
        }

        var butter = lines.Single(l => l.Ingredient == Pantry.Butter);
        await SendAsync(new LineTicked(dough.Planned.Task, butter.Key, true));
        (await LeftAsync(Pantry.Butter)).ShouldBe(2000 - butter.Mass.Value, 1e-6);

        // The task done, all that is weighed at it is used; undone, all but the line that is ticked is back.
        await SendAsync(new Ticked(dough.Planned.Task));
        var flour = lines.Single(l => l.Ingredient == Pantry.PlainFlour);
        (await LeftAsync(Pantry.PlainFlour)).ShouldBe(5000 - flour.Mass.Value, 1e-6);
        var after = await ListAsync(Span.Of(due, due));
        double Wanted(OpenShopping list) => list.List.Lines.Where(l => l.Ingredient == Pantry.PlainFlour).Sum(l => l.Wanted.Value.Value);
        (Wanted(before) - Wanted(after)).ShouldBe(flour.Mass.Value, 1e-6);
        await SendAsync(new Unticked(dough.Planned.Task));
        (await LeftAsync(Pantry.PlainFlour)).ShouldBe(5000, 1e-6);
        (await LeftAsync(Pantry.Butter)).ShouldBe(2000 - butter.Mass.Value, 1e-6);
    }

    /// <summary>
    /// What is bought and what is there is what the sheets want and what is left, to the gram; so for Saturday, and for both days.
    /// </summary>
    [Fact]
    public async Task The_list_of_a_day_is_what_its_sheets_want()
    {
        await EmptyAsync();
        var saturday = await SaturdayAsync();
        var list = await ListAsync(saturday);
        list.Orders.Count.ShouldBe(6);
        var sheets = await AskAsync(async s =>
        {
            var open = (await s.GetRequiredService<Application.Days.DayOpener>().OpenAsync(1, Cancel))!;
            return open.Built.Made.SelectMany(m => BatchSheet.Of(m.Pie).Parts).SelectMany(p => p.Lines).ToList();
        });
        foreach (var line in list.List.Lines.Where(l => l.Pieces is null))
            line.ToBuy.Value.Value.ShouldBe(sheets.Where(s => s.Ingredient == line.Ingredient).Sum(s => s.Mass.Value.Value), 1e-6,
                line.Ingredient.Name);
        var both = await ListAsync(Span.Of(saturday.From, saturday.From.AddDays(6)));
        both.Orders.Count.ShouldBe(9);
        var wednesday = await ListAsync(Span.Of(saturday.From.AddDays(1), saturday.From.AddDays(6)));
        foreach (var line in both.List.Lines.Where(l => l.Pieces is null))
        {
            line.ToBuy.Value.Value.ShouldBe(
                list.List.Lines.Concat(wednesday.List.Lines).Where(l => l.Ingredient == line.Ingredient).Sum(l => l.ToBuy.Value.Value),
                1e-6);
        }

        both.List.Price.ShouldBeLessThanOrEqualTo(list.List.Price + wednesday.List.Price);
    }

    [Fact]
    public async Task Ticks_of_two_devices_merge_by_when_they_were_made_and_what_is_ticked_is_put_away()
    {
        using var baker = _kitchen.Baker();
        var span = await SaturdayAsync();
        var now = DateTimeOffset.UtcNow;
        async Task<string> SendAsync(params object[] ticks)
        {
            using var sent = await baker.PostAsJsonAsync($"/api/v1/shopping/{span.Key}/ticks", new { sentAt = now, ticks }, Cancel);
            sent.EnsureSuccessStatusCode();
            return await sent.Content.ReadAsStringAsync(Cancel);
        }

        await SendAsync(new { ingredient = "cornflour", inBasket = true, at = now.AddMinutes(-1) });
        (await SendAsync(new { ingredient = "cornflour", inBasket = false, at = now.AddMinutes(-9) })).ShouldContain("cornflour",
            customMessage: "an older tick comes too late");
        (await SendAsync(new { ingredient = "moon-dust", inBasket = true, at = now })).ShouldContain("\"unknown\":[\"moon-dust\"]");
        using var nonsense = await baker.PostAsJsonAsync("/api/v1/shopping/never/ticks", new { ticks = Array.Empty<object>() }, Cancel);
        nonsense.StatusCode.ShouldBe(HttpStatusCode.NotFound);
        await EmptyAsync();
        using var put = await baker.SendAsync(
            "/shopping", $"/shopping?handler=Put&from={span.From:yyyy-MM-dd}&to={span.To:yyyy-MM-dd}");
        put.Headers.Location!.ToString().ShouldContain("put=1");
        (await LeftAsync(Pantry.Cornflour)).ShouldBe(Pantry.Cornflour.Pack.Grams, "whole packs");
        (await ListAsync(span)).InBasket.ShouldBeEmpty();
    }

    [Fact]
    public async Task The_list_goes_out_as_a_table_and_as_text_and_by_the_bakers_own_aisles()
    {
        using var baker = _kitchen.Baker();
        var span = await SaturdayAsync();
        var at = $"from={span.From:yyyy-MM-dd}&to={span.To:yyyy-MM-dd}";
        var table = await baker.PageAsync($"/shopping?handler=Table&{at}");
        table.ShouldStartWith("Aisle,Ingredient,Wanted,InHouse,ToBuy,Packs,Price,InBasket");
        var text = await baker.PageAsync($"/shopping?handler=Text&{at}");
        text.ShouldContain("- gooseberries: ");
        using (var back = await SendFileAsync(
            baker, "Ingredient,InBasket\nground almonds (almond meal),yes\nmoon dust,yes\n", $"/shopping?handler=Table&{at}"))
        {
            var taken = await back.TextAsync();
            taken.ShouldContain("One line was taken in.");
            taken.ShouldContain("Line 3: “moon dust” is not on this list.");
        }

        (await ListAsync(span)).InBasket.ShouldBe(["ground-almonds"]);
        (await baker.PageAsync($"/shopping?{at}")).ShouldContain("left of the packs, for ", customMessage: "what could use it");
        text.IndexOf("\nFlours", StringComparison.Ordinal).ShouldBeLessThan(text.IndexOf("\nFruit", StringComparison.Ordinal));
        for (var up = 0; up < 9; up++)
        {
            var page = await baker.PageAsync($"/shopping?{at}");
            var version = Regex.Match(page, "name=\"shelf\" value=\"Fruit\" /><input type=\"hidden\" name=\"version\" value=\"(\\d+)\"")
                .Groups[1].Value;
            if (version.Length > 0)
                (await baker.SendAsync("/shopping", $"/shopping?handler=Up&{at}", ("shelf", "Fruit"), ("version", version))).Dispose();
        }

        text = await baker.PageAsync($"/shopping?handler=Text&{at}");
        text.IndexOf("\nFruit", StringComparison.Ordinal).ShouldBeLessThan(text.IndexOf("\nFlours", StringComparison.Ordinal));
        (await baker.PageAsync("/shopping?from=never&to=2026-99-99")).ShouldContain("A date is written like");
    }

    private static async Task<HttpResponseMessage> SendFileAsync(HttpClient baker, string table, string to = "/stock?handler=Add")
    {
        using var form = new MultipartFormDataContent();
        var token = await Forms.Of(await baker.PageAsync("/stock")).ReadAsStringAsync(Cancel);
        form.Add(new StringContent(Uri.UnescapeDataString(token.Split('=')[1])), "__RequestVerificationToken");
        form.Add(new ByteArrayContent(System.Text.Encoding.UTF8.GetBytes(table)), "file", "stock.csv");
        return await baker.PostAsync(new Uri(to, UriKind.Relative), form, Cancel);
    }

    private async Task<List<(string Name, double Left, bool Open)>> ThereAsync() =>
    [
        .. (await LevelsAsync()).Lots.Where(l => l.Lot.Ingredient is not null)
            .Select(l => (l.Lot.Item.Name, Math.Round(l.Left, 1), l.Lot.IsOpen)).Order(),
    ];

    [Fact]
    public async Task A_table_with_other_units_than_its_own_is_read_by_them()
    {
        using var baker = _kitchen.Baker();
        await EmptyAsync();
        using var sent = await SendFileAsync(
            baker, "Ingredient,Amount,Unit,Id\nbutter,1.5,kg,butter\ncaster sugar,2 kg,,caster-sugar\nplain flour,400,g,plain-flour\n");
        await sent.TextAsync();
        (await ThereAsync()).Select(t => t.Left).Order().ShouldBe([400, 1500, 2000]);
    }

    [Fact]
    public async Task The_stock_goes_out_as_a_table_and_comes_back()
    {
        using var baker = _kitchen.Baker();
        var table = await baker.PageAsync("/stock?handler=Table");
        var before = await ThereAsync();
        await EmptyAsync();
        using var sent = await SendFileAsync(baker, table);
        await sent.TextAsync();
        (await ThereAsync()).ShouldBe(before);
        using var odd = await SendFileAsync(baker, "a,b\n1,2\n");
        (await odd.TextAsync()).ShouldContain("no columns called Ingredient and Amount");
    }
}
