using System.Net;
using Microsoft.Extensions.DependencyInjection;
using RoundCrumb.Application.Buying;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Data.Buying;

namespace RoundCrumb.Web.Tests;

/// <summary>What packs cost, and what pies and days cost by it.</summary>
public sealed class PriceTests : IAsyncDisposable
{
    private readonly Kitchen _kitchen = new(demo: true);

    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    public ValueTask DisposeAsync() => _kitchen.DisposeAsync();

    private async Task<T> AskAsync<T>(Func<IServiceProvider, Task<T>> ask)
    {
        await using var scope = _kitchen.Services.CreateAsyncScope();
        return await ask(scope.ServiceProvider);
    }

    private Task<KnownPrices> PricesAsync() => AskAsync(s => s.GetRequiredService<PriceBook>().PricesAsync(Cancel));

    private static DateOnly Today => DateOnly.FromDateTime(DateTime.Now);

    [Theory]
    [InlineData("250 g", "0", "From a penny")]
    [InlineData("250 g", "1001", "from a penny to £1,000")]
    [InlineData("", "2.20", "What does a pack hold?")]
    [InlineData("0", "2.20", "What does a pack hold?")]
    [InlineData("never", "2.20", "What does a pack hold?")]
    public async Task A_pack_without_a_weight_or_with_an_odd_price_is_said_and_what_was_typed_stays(string grams, string price, string says)
    {
        using var baker = _kitchen.Baker();
        var before = (await PricesAsync()).All.Count;
        using var sent = await baker.SendAsync("/prices?of=butter", "/prices?handler=Add", ("grams", grams), ("price", price),
            ("shop", "Market"));
        var page = await sent.TextAsync();
        page.ShouldContain(says, Case.Insensitive);
        page.ShouldContain($"name=\"price\" value=\"{price}\"");
        (await PricesAsync()).All.Count.ShouldBe(before);
    }

    [Fact]
    public async Task A_price_that_goes_up_shows_the_pies_that_it_moves_and_can_be_struck_out()
    {
        using var baker = _kitchen.Baker();
        var moved = await baker.PageAsync("/prices?of=butter");
        moved.ShouldContain("What its last change moved");
        moved.ShouldContain("Malt custard cream pie</a>");
        using var sent = await baker.SendAsync("/prices?of=butter", "/prices?handler=Add", ("grams", "1 kg"), ("price", "£16.20"),
            ("shop", "Dairy"));
        sent.StatusCode.ShouldBe(HttpStatusCode.Found);
        var known = await PricesAsync();
        known.On(Today, Pantry.Butter).Select(p => (p.Grams, p.Price)).ShouldBe([(250, 2.20m), (1000, 16.20m)]);
        known.On(Today.AddDays(-20), Pantry.Butter).Select(p => p.Price).ShouldBe([2.20m, 7.40m], "as it was then");
        var id = known.Of("butter").Single(p => p.Price == 16.20m).Id;
        (await baker.SendAsync("/prices?of=butter", "/prices?handler=Strike", ("id", $"{id}"))).Dispose();
        (await PricesAsync()).On(Today, Pantry.Butter).Max(p => p.Price).ShouldBe(8.10m);
        using var ended = await baker.SendAsync("/prices?of=butter", "/prices?handler=End", ("grams", "1000"), ("shop", "Dairy"));
        (await PricesAsync()).On(Today, Pantry.Butter).Select(p => p.Grams).ShouldBe([250]);
        (await baker.PageAsync("/prices?of=moon+dust")).ShouldContain("is not in the pantry");
    }

    [Fact]
    public async Task Prices_go_out_as_a_table_and_come_back_and_what_is_odd_is_said_by_its_line()
    {
        using var baker = _kitchen.Baker();
        var table = await baker.PageAsync("/prices?handler=Table");
        var before = (await PricesAsync()).All.Select(p => (p.Ingredient, p.Grams, p.Price, p.Shop, p.Since)).ToList();
        async Task<string> SendAsync(string text)
        {
            using var form = new MultipartFormDataContent();
            var token = await Forms.Of(await baker.PageAsync("/prices")).ReadAsStringAsync(Cancel);
            form.Add(new StringContent(Uri.UnescapeDataString(token.Split('=')[1])), "__RequestVerificationToken");
            form.Add(new ByteArrayContent(System.Text.Encoding.UTF8.GetBytes(text)), "file", "prices.csv");
            return await (await baker.PostAsync(new Uri("/prices?handler=Table", UriKind.Relative), form, Cancel)).TextAsync();
        }

        (await SendAsync(table)).ShouldContain($"{before.Count} prices are written down.");
        (await PricesAsync()).All.Select(p => (p.Ingredient, p.Grams, p.Price, p.Shop, p.Since)).ShouldBe(before);
        var odd = await SendAsync("Ingredient;PackGrams;Price\nsalt;750;0.65\nmoon dust;1;1\nsugar;0;1\nrum;700;-3\n");
        odd.ShouldContain("One price is written down.");
        odd.ShouldContain("Line 3: “moon dust” is not in the pantry.");
        odd.ShouldContain("Line 4: the pack holds nothing");
        odd.ShouldContain("Line 5: a price from a penny");

        // What is written with its unit is taken by it, and what is no weight is none.
        var units = await SendAsync("Ingredient,PackGrams,Price\nsalt,1.5 kg,1.10\nrum,70 cl of it,9\nplain flour,12 furlongs,1\n");
        units.ShouldContain("Line 4: the pack holds nothing");
        (await PricesAsync()).On(Today, Pantry.Salt).ShouldContain(p => p.Grams == 1500 && p.Price == 1.10m);
        (await SendAsync("a,b\n1,2\n")).ShouldContain("no columns called Ingredient, PackGrams and Price");
    }

    [Fact]
    public async Task A_pie_costs_what_its_page_says_and_a_rise_is_tried_without_keeping_it()
    {
        using var baker = _kitchen.Baker();
        var page = await baker.PageAsync("/compose/cost?pan=plate-23&crust=butter-flaky&fill=malt-custard&top=icing&if-of=butter&if-by=20");
        page.ShouldContain("A slice then costs");
        page.ShouldContain(" more, and would be sold at");
        page.ShouldContain("Cut into 9");
        (await baker.PageAsync("/compose/cost?fill=malt-custard&if-of=butter&if-by=9999&cut=0&n=x")).ShouldContain("From -100 to 500 %.");
        using var rates = await baker.SendAsync(
            "/prices", "/prices?handler=Rates", ("hands", "0"), ("kilowatt", "0.40"), ("margin", "70"), ("step", "Fifty"));
        rates.StatusCode.ShouldBe(HttpStatusCode.Found);
        (await baker.PageAsync("/compose/cost?fill=malt-custard")).ShouldContain("not counted");
        using var odd = await baker.SendAsync("/prices", "/prices?handler=Rates", ("hands", "12"), ("kilowatt", "0.40"), ("margin", "99"),
            ("step", "Fifty"));
        (await odd.TextAsync()).ShouldContain("From 0 to 95 %.");
    }

    /// <summary>A day's orders, its energy and its hands are all of it; a planned one pays for each run of an oven once.</summary>
    [Fact]
    public async Task A_day_costs_the_sum_of_its_orders()
    {
        var day = (await AskAsync(s => s.GetRequiredService<DayCosting>().OfAsync(1, Cancel)))!.Value.Cost;
        day.Orders.Count.ShouldBe(6);
        day.Orders.Sum(o => o.Total.Value.Value).ShouldBe(day.Total.Value.Value, 1e-6);
        day.Total.Value.Value.ShouldBe(day.Ingredients.Value.Value + day.Energy.Value.Value + day.Hands.Value.Value, 1e-9);
        day.Takings.Value.Value.ShouldBe(day.Orders.Sum(o => o.Takings.Value.Value), 1e-9);
        day.LeftInPacks.Value.Value.ShouldBeLessThan(day.AsBought.Value.Value);
        var page = await _kitchen.Baker().PageAsync("/days/1/cost");
        page.ShouldContain("What this day costs");
        page.ShouldContain("40 × Lemon curd tartlets");
        (await _kitchen.Baker().GetAsync(new Uri("/days/99/cost", UriKind.Relative), Cancel)).StatusCode.ShouldBe(HttpStatusCode.NotFound);
    }

    /// <summary>
    /// One click adds a pie that uses leftovers, makes one more, or makes another batch; each time less is said to be left.
    /// </summary>
    [Fact]
    public async Task What_a_day_leaves_is_said_and_a_click_uses_it_up()
    {
        using var baker = _kitchen.Baker();
        Task<OpenUseUp> OpenAsync() => AskAsync(async s => (await s.GetRequiredService<UseUpDesk>().OpenAsync(1, Cancel))!);
        var before = await OpenAsync();
        before.Left.ShouldContain(l => l.Item.Name == "egg white", "thirty-six yolks leave their whites");
        before.Left.ShouldAllBe(l => l.UseBy >= before.Open.Kept.From);
        var lower = before.Lower.ShouldNotBeNull();
        lower.Waste.Worth.Value.ShouldBeLessThanOrEqualTo(before.Waste.Worth.Value);
        using var batch = await baker.SendAsync(
            "/days/1/use-up", "/days/1/use-up?handler=Batch", ("order", $"{lower.Order.Id}"), ("batch", $"{lower.Batch}"));
        var after = await OpenAsync();
        after.Waste.Worth.Value.ShouldBe(lower.Waste.Worth.Value, 1e-6, "it leaves what was promised");
        var pie = after.Box[0];
        using var added = await baker.SendAsync("/days/1/use-up", "/days/1/use-up?handler=Add", ("pie", $"{pie.Pie.Id}"));
        added.StatusCode.ShouldBe(HttpStatusCode.Found);
        var more = await OpenAsync();
        more.Open.Kept.Orders.ShouldContain(o => o.Name == pie.Pie.Name && o.Count == 1);
        more.Box.ShouldNotContain(b => b.Pie.Id == pie.Pie.Id);
        var order = more.SameDay[0].Pie;
        (await baker.SendAsync("/days/1/use-up", "/days/1/use-up?handler=More", ("order", $"{order.Id}"))).Dispose();
        (await OpenAsync()).Open.Kept.Orders.Single(o => o.Id == order.Id).Count.ShouldBe(order.Count + 1);
        using var odd = await baker.SendAsync("/days/1/use-up", "/days/1/use-up?handler=Add", ("pie", "999"));
        (await odd.TextAsync()).ShouldContain("cannot be done any more");
    }
}
