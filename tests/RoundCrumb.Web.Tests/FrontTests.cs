using System.Net;
using System.Text.RegularExpressions;
using Microsoft.Extensions.DependencyInjection;
using RoundCrumb.Application.Box;
using RoundCrumb.Application.Counter;
using RoundCrumb.Core.Batches;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Cooling;
using RoundCrumb.Core.Faults;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Labelling;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Core.Steps;
using RoundCrumb.Core.Toppings;
using RoundCrumb.Data.Days;
using RoundCrumb.Data.Kitchens;
using RoundCrumb.Data.Pans;
using RoundCrumb.Data.Pies;

namespace RoundCrumb.Web.Tests;

/// <summary>The front of the house over HTTP: the one field, the counter from the first start on, the pies that are asked for.</summary>
public sealed partial class FrontTests(DemoKitchen kitchen) : IClassFixture<DemoKitchen>
{
    private static readonly CancellationToken Cancel = TestContext.Current.CancellationToken;

    private static async Task<List<(string Kind, string Name, string Address)>> FoundAsync(HttpClient baker, string typed)
    {
        using var asked = new HttpRequestMessage(HttpMethod.Get, new Uri("/search?q=" + Uri.EscapeDataString(typed), UriKind.Relative));
        asked.Headers.Add("HX-Request", "true");
        using var answer = await baker.SendAsync(asked, Cancel);
        answer.StatusCode.ShouldBe(HttpStatusCode.OK);
        return
        [
            .. Option().Matches(await answer.Content.ReadAsStringAsync(Cancel)).Select(m => (
                m.Groups["kind"].Value, WebUtility.HtmlDecode(m.Groups["name"].Value), WebUtility.HtmlDecode(m.Groups["to"].Value))),
        ];
    }

    /// <summary>Each kind of thing that has a name is found by the beginning of a word of it, and what is found is there.</summary>
    [Theory]
    [InlineData("malt cus", "Pie", "Malt custard cream pie")]
    [InlineData("berga", "Part", "Bergamot tea custard")]
    [InlineData("cornfl", "Ingredient", "cornflour (cornstarch)")]
    [InlineData("28 cm", "Pan", "28 cm pie plate, ceramic")]
    [InlineData("christ", "Day", "Saturday: counter, christening, village hall")]
    [InlineData("saturday", "Day", "Saturday: counter, christening, village hall")]
    [InlineData("pairings", "Page", "Pairings")]
    [InlineData("import", "Do", "Import a recipe")]
    [InlineData("paste recipe", "Do", "Import a recipe")]
    [InlineData("rubbing", "Guide", "Rubbing in")]
    [InlineData("soggy", "Fault", "The base is soggy")]
    public async Task The_one_field_finds_whatever_has_a_name(string typed, string kind, string name)
    {
        using var baker = kitchen.Baker();
        var found = await FoundAsync(baker, typed);
        var one = found.FirstOrDefault(f =>
            f.Kind == kind && f.Name.StartsWith(name[..Math.Min(9, name.Length)], StringComparison.Ordinal));
        one.Name.ShouldNotBeNull($"{typed}: {string.Join(", ", found)}");
        using var there = await baker.GetAsync(new Uri(one.Address, UriKind.Relative), Cancel);
        there.StatusCode.ShouldBeOneOf(HttpStatusCode.OK, HttpStatusCode.Redirect);

        // Without script the same stands on a page, as a link.
        (await baker.PageAsync("/search?q=" + Uri.EscapeDataString(typed))).ShouldContain(WebUtility.HtmlEncode(one.Name));
    }

    [Theory]
    [InlineData("")]
    [InlineData("   ")]
    [InlineData("zzzz")]
    [InlineData("\"*:()' zzzz --")]
    [InlineData("<script>alert(1)</script>")]
    public async Task What_is_called_nothing_finds_nothing_and_says_so(string typed)
    {
        using var baker = kitchen.Baker();
        (await FoundAsync(baker, typed)).ShouldBeEmpty();
        var page = await baker.PageAsync("/search?q=" + Uri.EscapeDataString(typed));
        page.ShouldContain(typed.Trim().Length == 0 ? "Type into the field" : "Nothing is called");
        var raw = await baker.GetStringAsync(new Uri("/search?q=" + Uri.EscapeDataString(typed), UriKind.Relative), Cancel);
        raw.ShouldNotContain("<script>alert");
    }

    [Fact]
    public async Task One_s_own_pies_stand_before_what_merely_begins_so()
    {
        using var baker = kitchen.Baker();
        var found = await FoundAsync(baker, "custard");
        found[0].Kind.ShouldBe("Pie");
        found.Select(f => f.Address).ShouldBeUnique();
        found.Count.ShouldBeLessThanOrEqualTo(9);
    }

    /// <summary>A new kitchen is asked three things; each is done or skipped by itself and gone then.</summary>
    [Fact]
    public async Task A_first_start_asks_three_things_each_of_which_can_be_done_or_skipped()
    {
        await using var fresh = new Kitchen(demo: false);
        var baker = fresh.Baker();
        (await baker.PageAsync("/")).ShouldContain("Three things first");

        // Nothing ticked: said in place, nothing lost.
        (await (await baker.SendAsync("/", "/?handler=Pans")).TextAsync()).ShouldContain("Tick at least one");
        await baker.SendAsync("/", "/?handler=Pans", ("pan", "plate-23"), ("pan", "tartlet-8"));
        var page = await baker.PageAsync("/");
        page.ShouldContain("Two things first");
        page.ShouldNotContain("Your pans");
        var rack = await baker.PageAsync("/kitchen");
        rack.ShouldContain("23 cm pie plate");

        // An oven of which no sense can be made keeps what was typed.
        (string, string)[] oven = [("name", "The blue one"), ("width", "440 mm"), ("depth", "360 mm"), ("shelves", "2"), ("fan", "1")];
        var refused = await (await baker.SendAsync("/", "/?handler=Oven", [.. oven, ("hot", "very")])).TextAsync();
        refused.ShouldContain("How much hotter");
        refused.ShouldContain("The blue one");
        await baker.SendAsync("/", "/?handler=Oven", [.. oven, ("hot", "10")]);
        (await baker.PageAsync("/kitchen")).ShouldContain("The blue one");
        page = await baker.PageAsync("/");
        page.ShouldContain("One thing first");

        await baker.SendAsync("/", "/?handler=Skip", ("step", "Pie"));
        page = await baker.PageAsync("/");
        page.ShouldNotContain("thing first");
        page.ShouldContain("Nothing is ordered");
        (await baker.SendAsync("/", "/?handler=Skip", ("step", "9"))).StatusCode.ShouldBe(HttpStatusCode.NotFound);
    }

    /// <summary>What is to be done next, from a day without a plan to a bake that is not logged.</summary>
    [Fact]
    public async Task The_counter_says_what_comes_next()
    {
        await using var own = new DemoKitchen();
        var baker = own.Baker();
        async Task<CounterState> StateAsync()
        {
            await using var scope = own.Services.CreateAsyncScope();
            return await scope.ServiceProvider.GetRequiredService<CounterDesk>().OpenAsync(Cancel);
        }

        // The demo’s next orders are for its Saturday, which is not planned.
        var state = await StateAsync();
        state.First.ShouldBeEmpty();
        state.Next.ShouldBe(NextThing.PlanTheDay);
        state.Orders.Select(o => o.Order.Due).ShouldBeInOrder();
        state.NotLogged.ShouldBe(1);
        (await baker.PageAsync("/")).ShouldContain("Plan Saturday");

        // A batch that is begun at the bench comes before all that, with its first work.
        using var begun = await baker.SendAsync("/bakes/3", "/bakes/3?handler=Begin");
        state = await StateAsync();
        state.Next.ShouldBe(NextThing.BenchUnderWay);
        state.UnderWay.Count.ShouldBe(1);
        var page = await baker.PageAsync("/");
        page.ShouldContain("Go to the bench");
        page.ShouldContain("On the bench");

        // What is under way is logged from the bench, and does not wait beside it.
        state.ToLog.ShouldBeEmpty();
        state.NotLogged.ShouldBe(0);
    }

    /// <summary>
    /// The demo’s fridge holds opened cream until today, egg whites until tomorrow and curd until the day after: the counter names them,
    /// the
    /// first to go first, with pies that use some of them, the dearest saving first.
    /// </summary>
    [Fact]
    public async Task What_has_to_go_stands_on_the_counter_with_what_could_be_made_of_it()
    {
        await using var own = new DemoKitchen();
        var baker = own.Baker();
        await using var scope = own.Services.CreateAsyncScope();
        var left = (await scope.ServiceProvider.GetRequiredService<CounterDesk>().OpenAsync(Cancel)).Left;
        left.Left.Select(l => l.UseBy).ShouldBeInOrder();
        left.Left.Select(l => l.Item.Name).ShouldContain("double cream (heavy)");
        left.Pies.Count.ShouldBeInRange(1, 3);
        left.Pies.Select(p => Math.Round(p.Worth.Value, 2)).ShouldBeInOrder(SortDirection.Descending);
        foreach (var pie in left.Pies)
            pie.Uses.ShouldAllBe(u => u.Mass.Value > 0 && u.Mass.Value <= u.Of.Mass.Value);
        var page = WebUtility.HtmlDecode(await baker.PageAsync("/"));
        page.ShouldContain("Left over, and what it could be");
        page.ShouldContain(left.Pies[0].Pie.Name);
        page.ShouldContain("120 g double cream, today");
        page.ShouldContain("the lesser of what one pie takes and what is left over", customMessage: "how much it uses opens");

        // A kitchen with nothing in it says so.
        await using var bare = new Kitchen(demo: false);
        (await bare.Baker().PageAsync("/")).ShouldContain("has to go by");
    }

    /// <summary>The pantry opens at what this kitchen has to do with; a shelf, all of it and any name are one step away.</summary>
    [Fact]
    public async Task The_pantry_opens_at_what_is_used_here()
    {
        static int Rows(string page) => Regex.Count(page, "<th scope=\"row\">");
        var baker = kitchen.Baker();
        var here = await baker.PageAsync("/pantry");
        var all = await baker.PageAsync("/pantry?shelf=all");
        Rows(here).ShouldBeInRange(20, Rows(all) / 2);
        here.ShouldContain("malted milk powder");
        here.ShouldNotContain("papaya");
        (await baker.PageAsync("/pantry?q=papaya")).ShouldContain("papaya", customMessage: "a name is looked for in all of it");
        var setting = await baker.PageAsync("/pantry?shelf=Setters");
        setting.ShouldContain("Setting agents");
        Rows(setting).ShouldBeLessThan(Rows(all));
        (await baker.PageAsync("/pantry?q=gravel")).ShouldContain("Nothing in the pantry is called that");

        // Where nothing is used yet, all of it is there.
        await using var bare = new Kitchen(demo: false);
        Rows(await bare.Baker().PageAsync("/pantry")).ShouldBeGreaterThan(200);
    }

    /// <summary>Whichever of the demo’s pies is open at whichever layer, a change of it is sent in less than 30 kB.</summary>
    [Fact]
    public async Task A_change_of_any_pie_is_sent_in_less_than_thirty_kilobytes()
    {
        var baker = kitchen.Baker();
        await using var scope = kitchen.Services.CreateAsyncScope();
        foreach (var pie in await scope.ServiceProvider.GetRequiredService<PieShelf>().AllAsync(Cancel))
        {
            foreach (var layer in (string[])["filling", "topping", "crust", "pan", "seal", "served"])
            {
                using var asked = new HttpRequestMessage(HttpMethod.Get, new Uri($"/compose?{pie.Address}&open={layer}", UriKind.Relative));
                asked.Headers.Add("HX-Request", "true");
                using var answer = await baker.SendAsync(asked, Cancel);
                (await answer.Content.ReadAsByteArrayAsync(Cancel)).Length.ShouldBeLessThan(30_000, $"{pie.Name}, {layer}");
            }
        }
    }

    /// <summary>What bakers differ on comes when it is opened, by itself or inside the pie.</summary>
    [Fact]
    public async Task The_schools_of_a_pie_come_when_they_are_asked_for()
    {
        var baker = kitchen.Baker();
        const string pie = "crust=butter-flaky&fill=malt-custard&top=icing";
        (await baker.PageAsync("/compose?" + pie)).ShouldNotContain("data-rule=\"butter-or-shortening\"");
        var page = await baker.PageAsync("/compose/more/schools?" + pie);
        page.ShouldContain("data-rule=\"butter-or-shortening\"");
        page.ShouldContain("Back to the pie");
        page.ShouldContain("crust=shortening-flaky", customMessage: "the other way is one step away");
        var batches = await baker.PageAsync("/compose/more/meets?" + pie);
        batches.ShouldContain("A batch is");
        batches.ShouldContain("too soft");
        (await baker.GetAsync(new Uri("/compose/more/else?" + pie, UriKind.Relative), Cancel)).StatusCode.ShouldBe(HttpStatusCode.NotFound);
    }

    /// <summary>What was filled the day before and keeps a day is to be sold today, and is gone from the counter the day after.</summary>
    [Fact]
    public async Task What_was_made_stands_on_the_counter_until_its_last_day()
    {
        var bare = Composition.Usual with { Topping = ToppingChoice.Usual(Topping.None) };
        var saturday = new DateTimeOffset(2027, 3, 6, 8, 0, 0, TimeSpan.Zero);
        var clock = new SetClock(saturday);
        await using var own = new Kitchen(demo: false) { Clock = clock };
        _ = own.Baker();
        await using (var scope = own.Services.CreateAsyncScope())
        {
            var days = scope.ServiceProvider.GetRequiredService<DayBook>();
            var day = await days.AddAsync("Friday", new DateOnly(2027, 3, 5), 1, Cancel);
            await days.ChangeAsync(
                day.Id,
                d => d.Orders.Add(new DayOrder
                {
                    Name = "Malt pie",
                    Address = CompositionAddress.Write(bare),
                    Count = 2,
                    Due = new DateTime(2027, 3, 5, 15, 0, 0),
                }),
                Cancel);
        }

        async Task<IReadOnlyList<KeptPie>> KeptAsync(int after)
        {
            clock.Now = saturday.AddDays(after);
            await using var scope = own.Services.CreateAsyncScope();
            return (await scope.ServiceProvider.GetRequiredService<CounterDesk>().OpenAsync(Cancel)).Kept.Where(k => k.Name == "Malt pie")
                .ToList();
        }

        var kept = (await KeptAsync(0)).ShouldHaveSingleItem();
        (kept.Name, kept.Pies).ShouldBe(("Malt pie", 2));
        kept.MadeOn.ShouldBe(new DateOnly(2027, 3, 5));

        // Filled so long before as it sets, and good for as long as its sums say.
        var sums = Assessment.Of(bare);
        var until = new DateTime(2027, 3, 5, 15, 0, 0)
            .AddMinutes(PieLabel.Of(BatchSheet.Of(sums)).Keeps.Value.Most - sums.SetTime.Value.Best);
        kept.UseBy.ShouldBe(DateOnly.FromDateTime(until));
        var last = kept.UseBy.DayNumber - new DateOnly(2027, 3, 6).DayNumber;
        (await KeptAsync(last)).Count.ShouldBe(1);
        (await own.Baker().PageAsync("/")).ShouldContain("sell today");
        (await KeptAsync(last + 1)).ShouldBeEmpty();
    }

    /// <summary>
    /// Whatever the house has a name for is found by its first letters among the first dozen, and where it leads there is a page.
    /// </summary>
    [Fact]
    public async Task Everything_with_a_name_is_found_by_its_first_letters()
    {
        var baker = kitchen.Baker();
        await using var scope = kitchen.Services.CreateAsyncScope();
        var pies = (await scope.ServiceProvider.GetRequiredService<PieShelf>().AllAsync(Cancel)).Select(p => ("Pie", p.Name));
        var days = (await scope.ServiceProvider.GetRequiredService<DayBook>().AllAsync(Cancel)).Select(d => ("Day", d.Name));
        var pans = (await scope.ServiceProvider.GetRequiredService<PanRack>().AllAsync(Cancel)).Select(p => ("Pan", p.Pan.Name));
        var faults = FaultBook.All.Select(f => ("Fault", f.Seen));
        var opened = new HashSet<string>(StringComparer.Ordinal);
        foreach (var (kind, name) in pies.Concat(days).Concat(pans).Concat(faults))
        {
            var typed = name[..Math.Min(name.Length, 14)].Trim();
            var found = await FoundAsync(baker, typed);
            var at = found.FirstOrDefault(f => f.Kind == kind && f.Name == name).Address;
            at.ShouldNotBeNull($"{kind} “{name}” by “{typed}”: {string.Join("; ", found.Select(f => f.Name))}");
            if (opened.Add(kind))
            {
                // A pie leads on to its own address.
                using var page = await baker.GetAsync(new Uri(at, UriKind.Relative), Cancel);
                page.StatusCode.ShouldBe(kind == "Pie" ? HttpStatusCode.Found : HttpStatusCode.OK);
            }
        }
    }

    /// <summary>Of ingredients that begin alike the plain ones come first.</summary>
    [Theory]
    [InlineData("lem", "lemon juice", "lemongrass")]
    [InlineData("sug", "caster sugar (superfine)", "sugar pearls")]
    [InlineData("cream", "double cream (heavy)", "cream of tartar")]
    [InlineData("mil", "whole milk", "millet flour")]
    public async Task What_is_plain_is_found_before_what_is_special(string typed, string plain, string special)
    {
        var names = (await FoundAsync(kitchen.Baker(), typed)).Select(f => f.Name).ToList();
        if (names.Contains(special))
            names.IndexOf(plain).ShouldBeLessThan(names.IndexOf(special));
        else
            names.ShouldContain(plain);
    }

    [Fact]
    public async Task Pies_are_found_by_what_their_sums_say()
    {
        await using var scope = kitchen.Services.CreateAsyncScope();
        var list = scope.ServiceProvider.GetRequiredService<PieList>();
        async Task<IReadOnlyList<PieRow>> FindAsync(string asked)
        {
            var fields = asked.Split('&').Select(f => f.Split('=')).ToDictionary(f => f[0], f => f[1], StringComparer.Ordinal);
            return (await list.FindAsync(PieFilter.Read(f => fields.GetValueOrDefault(f)), 1, Cancel)).Rows;
        }

        var all = await FindAsync("sort=changed");
        all.Count.ShouldBeGreaterThan(20);

        var cold = await FindAsync("oven=none");
        cold.ShouldNotBeEmpty();
        cold.Count.ShouldBeLessThan(all.Count);
        cold.SelectMany(r => r.Sums.Chain.Steps).Select(s => s.Where).ShouldNotContain(Place.Oven);

        var soon = await FindAsync("within=3");
        soon.ShouldNotBeEmpty();
        soon.Max(r => r.Sums.Times.StartToSlice.Value.Least).ShouldBeLessThanOrEqualTo(180);

        (await FindAsync("sort=hands")).Select(r => r.Sums.Times.HandsOn.Value.Best).ShouldBeInOrder();
        (await FindAsync("sort=name")).Select(r => r.Pie.Name).ShouldBeInOrder(SortDirection.Ascending,
            StringComparer.CurrentCultureIgnoreCase);
        (await FindAsync("family=curd")).ShouldAllBe(r => r.Sums.Composition.Filling.Formula.Family.Id == "curd");
        (await FindAsync("q=malt")).ShouldContain(r => r.Pie.Name == "Malt custard cream pie");
        (await FindAsync("no-nuts=1")).ShouldAllBe(r => !Held.MayHave(r.Sums.Composition, Allergens.Almond));

        // What is put in to taste is in it too.
        var peanuts = new PartRecipe(
            "box-9-1", "Own", PartKind.Filling, "starch-custard",
            [new(Pantry.Milk, 500), new(Pantry.Cornflour, 40), new(Pantry.Yolk, 72), new(Pantry.Get("peanuts"), null)]).AsFilling()!;
        var pie = Composition.Usual with { Filling = Composition.Usual.Filling with { Formula = peanuts } };
        PieFilter.Read(f => f == "no-nuts" ? "1" : null).Takes(Assessment.Of(pie), null).ShouldBeFalse();

        // What fits a pan: made for it, or as much in it; a tartlet case does not take a pie’s batch.
        var plate = await FindAsync("fits=plate-23");
        plate.ShouldContain(r => r.Sums.Composition.Pan.Id == "plate-23");
        plate.Select(r => r.Sums.Composition.Pan.IsSmall).ShouldNotContain(true);
        (await FindAsync("fits=tartlet-8")).ShouldAllBe(r => r.Sums.Composition.Pan.IsSmall);

        // What cannot be read asks for nothing.
        PieFilter.Read(f => f switch { "within" => "x", "sort" => "9", "oven" => "hot", _ => null }).ShouldBe(new PieFilter());
    }

    [Fact]
    public async Task First_steps_are_done_by_what_there_is()
    {
        await using var own = new Kitchen(demo: false);
        _ = own.Baker();
        await using var scope = own.Services.CreateAsyncScope();
        var book = scope.ServiceProvider.GetRequiredService<FirstStepsBook>();
        (await book.LeftAsync(Cancel)).ShouldBe([FirstStep.Pans, FirstStep.Oven, FirstStep.Pie]);
        await book.SkipAsync(FirstStep.Oven, Cancel);
        await book.SkipAsync(FirstStep.Oven, Cancel);
        (await book.LeftAsync(Cancel)).ShouldBe([FirstStep.Pans, FirstStep.Pie]);
        await own.Baker().SendAsync("/compose", "/compose?handler=Save", ("name", "First"), ("address", "pan=tart-25"));
        (await book.LeftAsync(Cancel)).ShouldBe([FirstStep.Pans]);
    }

    [GeneratedRegex("data-go=\"(?<to>[^\"]*)\".*?go-kind\">(?<kind>[^<]*)<.*?go-name\">(?<name>[^<]*)<")]
    private static partial Regex Option();
}
