using System.Globalization;
using System.Net;
using System.Text;
using Microsoft.Extensions.DependencyInjection;
using RoundCrumb.Application.Learning;
using RoundCrumb.Application.Photographs;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Records;
using RoundCrumb.Data.Bakes;
using RoundCrumb.Data.Days;
using RoundCrumb.Data.Learning;
using RoundCrumb.Formats.Logs;
using SkiaSharp;

namespace RoundCrumb.Web.Tests;

/// <summary>What is logged is learned, put on, shown, undone, and handed on.</summary>
public sealed class LearningTests : IAsyncDisposable
{
    private static readonly CorrectionKey MaltYield = CorrectionKey.Yield("starch-custard", "malt-custard");

    private readonly Kitchen _kitchen = new(demo: true);

    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    public ValueTask DisposeAsync() => _kitchen.DisposeAsync();

    private async Task<T> AskAsync<T>(Func<IServiceProvider, Task<T>> ask)
    {
        await using var scope = _kitchen.Services.CreateAsyncScope();
        return await ask(scope.ServiceProvider);
    }

    private async Task<int> MadeAsync(BakeEntry entry, string address = "pan=plate-23&crust=butter-flaky&fill=malt-custard&make=exact")
    {
        var whole = CompositionAddress.Write(CompositionAddress.Read(address).Composition);
        var bake = await AskAsync(s => s.GetRequiredService<BakeBook>().StartAsync("Learned pie", whole, 1, Cancel));
        (await AskAsync(s => s.GetRequiredService<KitchenLearner>().WriteAsync(bake.Id, entry, 0, Cancel))).ShouldBeTrue();
        return bake.Id;
    }

    private Task<CorrectionSet> NowAsync() => AskAsync(s => s.GetRequiredService<LearningBook>().NowAsync(Cancel));

    private async Task<double> PotAsync() => (await AskAsync(async s =>
    {
        var kitchen = await s.GetRequiredService<Application.Reading.CompositionReader>().KitchenAsync(Cancel);
        return Assessment.Of(CompositionAddress.Read("pan=plate-23&fill=malt-custard&make=exact").Composition, 1, kitchen);
    })).Yield.Mass.Value.Value;

    /// <summary>Two tablets save at the same moment: what is put on then is what both logs say, and every log is taken in.</summary>
    [Fact]
    public async Task Logs_that_are_saved_at_once_are_all_learned_from()
    {
        var pot = (await AskAsync(async s => Evidence.ByTheBook(
            CompositionAddress.Read("pan=plate-23&crust=butter-flaky&fill=malt-custard&make=exact").Composition, 1,
            await s.GetRequiredService<Application.Reading.CompositionReader>().KitchenAsync(Cancel)))).PotMass.Value;
        await Task.WhenAll(Enumerable.Range(0, 4).Select(i => MadeAsync(new() { FromPot = pot * (0.93 + (i * 0.005)) })));
        var put = (await NowAsync()).Find(MaltYield).ShouldNotBeNull();
        put.Bakes.ShouldBe(5);
        var known = (await AskAsync(s => s.GetRequiredService<KitchenLearner>().KnownAsync(Cancel))).Single(l => l.Key == MaltYield);
        put.Value.ShouldBe(known.Correction.ShouldNotBeNull().Value, 1e-9);
    }

    /// <summary>What was new with a bake is written once, stands in the notebook and beside the mark on the chart.</summary>
    [Fact]
    public async Task What_was_new_marks_the_chart()
    {
        var baker = _kitchen.Baker();
        var pot = (await PotAsync()) * 0.98;
        var first = await MadeAsync(new() { FromPot = new(pot) });
        var second = await MadeAsync(new() { FromPot = new(pot) });
        await baker.SendAsync(
            $"/bakes/{second}/log", $"/bakes/{second}/log", (BakeEntryReader.FromPot, $"{pot:0}"), ("new", "flour <from the mill>"));
        (await baker.PageAsync($"/bakes/{second}/log")).ShouldContain("New with this bake: flour <from the mill>");
        (await baker.PageAsync($"/notebook/learned/of?of={Uri.EscapeDataString(MaltYield.Write())}"))
            .ShouldContain("flour <from the mill></text>");
        (await baker.PageAsync($"/notebook/compare?b={first}&b={second}")).ShouldContain("New with it");
        var longer = await baker.SendAsync(
            $"/bakes/{second}/log", $"/bakes/{second}/log", ("notes", "kept"), ("new", new string('x', 41)));
        WebUtility.HtmlDecode(await longer.Content.ReadAsStringAsync(Cancel)).ShouldContain("That is 41 characters");
    }

    /// <summary>A link out of a sheet opens the pie as it is planned today: it names no corrections of the day it was made.</summary>
    [Fact]
    public async Task Links_out_of_a_sheet_plan_with_what_is_known_today()
    {
        var bake = await MadeAsync(new());
        var page = await _kitchen.Baker().PageAsync($"/bakes/{bake}");
        page.ShouldContain("/compose?");
        foreach (var link in page.Split("href=\"").Skip(1).Select(l => l[..l.IndexOf('"', StringComparison.Ordinal)])
            .Where(l => l.StartsWith("/compose", StringComparison.Ordinal)))
            link.ShouldNotContain("learned=");
    }

    /// <summary>
    /// Two pots that weigh a tenth less than planned: after the first nothing moves, after the second plans reckon with less; the sheet
    /// made
    /// before stays what it was; switched off, pinned and forgotten it is as said, and left out it is as if it had never been.
    /// </summary>
    [Fact]
    public async Task Two_logs_move_a_figure_and_everything_can_be_undone()
    {
        var baker = _kitchen.Baker();
        var book = await PotAsync();
        var planned = await AskAsync(async s => Evidence.ByTheBook(
            CompositionAddress.Read("pan=plate-23&crust=butter-flaky&fill=malt-custard&make=exact").Composition, 1,
            await s.GetRequiredService<Application.Reading.CompositionReader>().KitchenAsync(Cancel)));
        var less = new BakeEntry { FromPot = planned.PotMass.Value * 0.93 };
        var before = await NowAsync();
        var first = await MadeAsync(less);

        // The demo has one pot of it already, a little lighter than planned: with this it is sure.
        var now = await NowAsync();
        now.Number.ShouldNotBe(before.Number);
        var put = now.Find(MaltYield).ShouldNotBeNull();
        put.Value.ShouldBeInRange(0.92, 0.97);
        (await PotAsync()).ShouldBe(book * put.Value, 0.5);
        var page = await baker.PageAsync($"/bakes/{first}/log?kept=1");
        page.ShouldContain("Malt custard gives");
        page.ShouldContain("Plans and sheets reckon with it from now on.");

        // A sheet made then stays as it was, whatever is learned later.
        var made = await AskAsync(s => s.GetRequiredService<BakeBook>().FindAsync(first, Cancel));
        CompositionAddress.LearnedIn(made!.Address).ShouldBe(before.Number);

        var of = $"/notebook/learned/of?of={Uri.EscapeDataString(MaltYield.Write())}";
        (await baker.PageAsync(of)).ShouldContain("What it changed");
        await baker.SendAsync(of, of, ("mode", "Off"));
        (await PotAsync()).ShouldBe(book, 0.01);
        await baker.SendAsync(of, of, ("mode", "Pinned"), ("pin", "90"));
        (await PotAsync()).ShouldBe(book * 0.9, 0.5);
        (await baker.SendAsync(of, of, ("mode", "Pinned"), ("pin", "ninety"))).StatusCode.ShouldBe(HttpStatusCode.OK);
        (await PotAsync()).ShouldBe(book * 0.9, 0.5);
        await baker.SendAsync(of, of, ("mode", "On"));
        (await PotAsync()).ShouldBe(book * put.Value, 0.5);
        await baker.SendAsync(of, of + "&handler=Forget", ("forget", "true"));
        (await PotAsync()).ShouldBe(book, 0.01);
        await baker.SendAsync(of, of + "&handler=Forget", ("forget", "false"));
        (await PotAsync()).ShouldBe(book * put.Value, 0.5);
        await baker.SendAsync($"/bakes/{first}/log", $"/bakes/{first}/log?handler=LeaveOut", ("leaveOut", "true"));
        (await PotAsync()).ShouldBe(book, 0.01);
        (await NowAsync()).All.ShouldBe((await AskAsync(s => s.GetRequiredService<LearningBook>().StatesAsync([before.Number], Cancel)))
            .Count > 0
            ? (await AskAsync(s => s.GetRequiredService<LearningBook>().StatesAsync([before.Number], Cancel)))[0].All
            : []);
    }

    /// <summary>What a run began with stays its kitchen: ovens, yields and all, whatever is learned while it is made.</summary>
    [Fact]
    public async Task What_was_known_then_can_be_had_again()
    {
        var before = (await NowAsync()).Number;
        var planned = await AskAsync(async s => Evidence.ByTheBook(
            CompositionAddress.Read("pan=plate-23&crust=butter-flaky&fill=malt-custard&make=exact").Composition, 1,
            await s.GetRequiredService<Application.Reading.CompositionReader>().KitchenAsync(Cancel)));
        await MadeAsync(new() { FromPot = planned.PotMass.Value * 0.93 });
        var (then, now) = await AskAsync(async s =>
        {
            var reader = s.GetRequiredService<Application.Reading.CompositionReader>();
            return (await reader.KitchenThenAsync(before, Cancel), await reader.KitchenAsync(Cancel));
        });
        then.Corrections.Number.ShouldBe(before);
        then.Corrections.Find(MaltYield).ShouldBeNull();
        now.Corrections.Find(MaltYield).ShouldNotBeNull();
        then.Ovens.ShouldAllBe(o => o.Corrections.Number == before);
        (await AskAsync(s => s.GetRequiredService<Application.Reading.CompositionReader>().KitchenThenAsync(0, Cancel))).Corrections.All
            .ShouldBeEmpty();
        (await AskAsync(s => s.GetRequiredService<Application.Reading.CompositionReader>().KitchenThenAsync(9999, Cancel)))
            .Corrections.Number
            .ShouldBe(now.Corrections.Number);
    }

    /// <summary>A pot that says a third less than all others is asked about; the answer is kept.</summary>
    [Fact]
    public async Task An_odd_bake_is_asked_about_once()
    {
        var baker = _kitchen.Baker();
        var address = "pan=plate-23&crust=short&bake=steady&edge=crimped&seal=white&fill=rhubarb-buttermilk&make=exact";
        var odd = await MadeAsync(new() { FromPot = new(420) }, address);
        (await baker.PageAsync("/notebook/learned")).ShouldContain("Was this one odd?");
        var key = CorrectionKey.Yield("baked-custard", "rhubarb-buttermilk").Write();
        await baker.SendAsync("/notebook/learned", "/notebook/learned?handler=Say", ("of", key), ("bake", $"{odd}"), ("said", "LeftOut"));
        var page = await baker.PageAsync("/notebook/learned");
        page.ShouldNotContain("Was this one odd?");
        (await baker.PageAsync($"/notebook/learned/of?of={Uri.EscapeDataString(key)}")).ShouldContain("left out");
        (await baker.SendAsync("/notebook/learned", "/notebook/learned?handler=Say", ("of", "Nothing~x"), ("bake", "1"),
            ("said", "Counts")))
            .StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        (await baker.GetAsync("/notebook/learned/of?of=Yield~none", Cancel)).StatusCode.ShouldBe(HttpStatusCode.NotFound);
    }

    [Fact]
    public async Task The_log_is_narrowed_by_all_that_it_can_be()
    {
        var baker = _kitchen.Baker();
        (await baker.PageAsync("/notebook?pie=Raspberry+yoghurt+pie")).ShouldNotContain("Rhubarb buttermilk custard pie</a> ×");
        (await baker.PageAsync("/notebook?family=baked-custard")).ShouldContain("Rhubarb buttermilk custard pie</a> ×");
        (await baker.PageAsync("/notebook?family=baked-custard")).ShouldNotContain("Raspberry yoghurt pie</a> ×");
        (await baker.PageAsync("/notebook?part=raspberry-chiffon")).ShouldContain("Raspberry yoghurt pie</a> ×");
        (await baker.PageAsync("/notebook?base=Soggy")).ShouldContain("Late-shift coffee pie</a> ×");
        (await baker.PageAsync("/notebook?base=Soggy")).ShouldNotContain("Malt custard cream pie</a> ×");
        (await baker.PageAsync("/notebook?oven=oven-2")).ShouldContain("No bake is like that");
        (await baker.PageAsync("/notebook?oven=oven-1")).ShouldContain("Malt custard cream pie</a> ×");
        (await baker.PageAsync("/notebook?baker=baker-2")).ShouldContain("Raspberry yoghurt pie</a> ×");
        (await baker.PageAsync("/notebook?from=2001-01-01&to=2001-02-01")).ShouldContain("No bake is like that");
        (await baker.PageAsync("/notebook?from=yesterday")).ShouldContain("is no day that can be read");
        (await baker.PageAsync("/notebook?pie='; drop table Bakes")).ShouldContain("No bake is like that");
    }

    [Fact]
    public async Task Bakes_stand_side_by_side_with_what_differs()
    {
        var baker = _kitchen.Baker();
        var a = await MadeAsync(new() { Set = SetVerdict.Soft, FromPot = new(700), Notes = "First." });
        var b = await MadeAsync(
            new() { Set = SetVerdict.Clean, FromPot = new(720), Notes = "Second." },
            "pan=plate-23&crust=butter-flaky&fill=malt-custard&make=exact&set=120");
        var page = await baker.PageAsync($"/notebook/compare?b={a}&b={b}&b=99999");
        page.ShouldContain("class=\"other\">120 % of what is written");
        page.ShouldContain("First.");
        page.ShouldContain("run-chart");
        (await baker.PageAsync("/notebook/compare?b=x")).ShouldContain("Tick two bakes or more");
    }

    /// <summary>A pie that cut soft: its log proposes a firmer one, a trial is made of it, and two bakes cannot tell.</summary>
    [Fact]
    public async Task What_to_try_next_becomes_a_trial_that_is_read_fairly()
    {
        var baker = _kitchen.Baker();
        await MadeAsync(new() { Set = SetVerdict.Runny });
        var bake = await MadeAsync(new() { Set = SetVerdict.Runny });
        var page = await baker.PageAsync($"/bakes/{bake}/log");
        page.ShouldContain("What to try next");
        page.ShouldContain("Set it firmer");
        var kept = await AskAsync(s => s.GetRequiredService<BakeBook>().FindAsync(bake, Cancel));
        var tries = await AskAsync(s => s.GetRequiredService<TrialDesk>().TriesAsync(kept!, Cancel));
        tries[0].After.Filling.Setter.ShouldBeGreaterThan(1);
        tries[0].Then.ShouldBeGreaterThan(tries[0].Now);
        var planned = await baker.SendAsync(
            $"/bakes/{bake}/log", $"/bakes/{bake}/log?handler=Trial", ("after", CompositionAddress.Write(tries[0].After)));
        var trial = planned.Headers.Location!.ToString();
        trial.ShouldStartWith("/notebook/trials/");
        (await baker.SendAsync(trial, trial + "?handler=Begin", ("pies", "none"))).StatusCode.ShouldBe(HttpStatusCode.OK);
        await baker.SendAsync(trial, trial + "?handler=Begin", ("pies", "1"));
        var standing = await AskAsync(s => s.GetRequiredService<TrialDesk>().StandingAsync(int.Parse(trial.Split('/')[^1], null), Cancel));
        standing!.Bakes.Count.ShouldBe(2);
        foreach (var one in standing.Bakes)
        {
            await AskAsync(s => s.GetRequiredService<KitchenLearner>().WriteAsync(
                one.Id, new() { Set = one.Arm is Core.Trials.TrialArm.AsItIs ? SetVerdict.Soft : SetVerdict.Clean }, 0, Cancel));
        }

        (await baker.PageAsync(trial)).ShouldContain("Two bakes cannot tell");
        var trials = await baker.PageAsync("/notebook/trials");
        trials.ShouldContain("Two bakes cannot tell");

        // What else missed is proposed there too, each pie once, with what promises most.
        trials.ShouldContain("Pies that missed what was wanted");
        trials.ShouldContain("Raspberry yoghurt pie");
        var ideas = await AskAsync(s => s.GetRequiredService<TrialDesk>().IdeasAsync(Cancel));
        ideas.Select(i => i.Bake.PieName).ShouldBeUnique();
        ideas.Select(i => i.Try.Gain).ShouldBeInOrder(SortDirection.Descending);
    }

    [Fact]
    public async Task A_days_orders_start_from_what_was_sold()
    {
        var baker = _kitchen.Baker();
        var page = await baker.PageAsync("/notebook/market");
        page.ShouldContain("Malt custard cream pie");

        // The counter is on Saturdays: that is the day to look at, and the months are told apart.
        page.ShouldContain("Pie, on a Saturday");
        page.ShouldContain("Month by month");
        var rows = await AskAsync(async s =>
        {
            var desk = s.GetRequiredService<MarketDesk>();
            return await desk.OnAsync(await desk.TomorrowAsync(Cancel), Cancel);
        });
        var malt = rows.Single(r => r.Name == "Malt custard cream pie");
        malt.Sales.Count.ShouldBe(5);
        malt.Forecast.ShouldNotBeNull().Make.ShouldBeGreaterThan(0);
        var on = DateOnly.FromDateTime(DateTime.Today.AddDays(40)).ToString("yyyy-MM-dd", null);
        (await baker.SendAsync("/notebook/market", $"/notebook/market?handler=Order&on={on}", ($"n{malt.Pie!.Id}", "x")))
            .StatusCode.ShouldBe(HttpStatusCode.OK);
        var sent = await baker.SendAsync("/notebook/market", $"/notebook/market?handler=Order&on={on}", ($"n{malt.Pie.Id}", "3"),
            ("due", "8:30"));
        var day = int.Parse(sent.Headers.Location!.ToString().Split('/')[^1], null);
        var order = (await AskAsync(s => s.GetRequiredService<DayBook>().FindAsync(day, Cancel)))!.Orders.ShouldHaveSingleItem();
        (order.Name, order.Count, order.Due.TimeOfDay).ShouldBe(("Malt custard cream pie", 3, new TimeSpan(8, 30, 0)));
    }

    /// <summary>The tea room's Saturdays are Saturdays, and lie behind, at whatever hour of whatever day the demo is loaded.</summary>
    [Theory]
    [InlineData("2026-11-30T00:10")] // a Monday just begun
    [InlineData("2026-12-04T23:55")] // a Friday nearly over
    [InlineData("2026-12-05T00:05")]
    [InlineData("2026-12-05T12:00")]
    [InlineData("2026-12-06T02:00")]
    [InlineData("2027-03-28T01:30")] // where clocks go forward, they do now
    [InlineData("2028-02-29T04:00")]
    public async Task The_demos_Saturdays_are_Saturdays_at_any_hour(string now)
    {
        var clock = new SetClock(DateTimeOffset.Parse(now + "Z", CultureInfo.InvariantCulture));
        await using var kitchen = new Kitchen(demo: true) { Clock = clock };
        var baker = kitchen.Baker();
        (await baker.PageAsync("/notebook/market")).ShouldContain("Pie, on a Saturday");
        (await baker.PageAsync("/")).ShouldContain("counter, christening, village hall");
        await using var scope = kitchen.Services.CreateAsyncScope();
        var rows = await scope.ServiceProvider.GetRequiredService<MarketDesk>().OnAsync(DateOnly.FromDateTime(clock.Now.Date), Cancel);
        var malt = rows.Single(r => r.Name == "Malt custard cream pie").Sales;
        malt.Select(s => s.Day.DayOfWeek).ShouldAllBe(d => d == DayOfWeek.Saturday);
        malt.ShouldAllBe(s => s.Day < DateOnly.FromDateTime(clock.Now.Date));
    }

    /// <summary>All that is written down goes out and comes back the same into an empty notebook; twice it is taken once.</summary>
    [Theory]
    [InlineData("/api/v1/log.csv")]
    [InlineData("/api/v1/log.json")]
    public async Task The_log_goes_out_and_comes_back(string address)
    {
        var text = await _kitchen.Baker().GetStringAsync(address, Cancel);
        await using var other = new Kitchen(demo: false);
        await using var scope = other.Services.CreateAsyncScope();
        var transfer = scope.ServiceProvider.GetRequiredService<LogTransfer>();
        var taken = await transfer.TakeInAsync(text, Cancel);
        taken.Trouble.ShouldBeEmpty();
        taken.Wrong.ShouldBeEmpty();
        taken.Taken.ShouldBeGreaterThan(15);
        var mine = await AskAsync(s => s.GetRequiredService<LogTransfer>().AllAsync(Cancel));
        var theirs = await transfer.AllAsync(Cancel);
        theirs.Select(r => r with { Made = "", Composition = "" }).ShouldBe(mine.Select(r => r with { Made = "", Composition = "" }));
        (await transfer.TakeInAsync(text, Cancel)).ShouldSatisfyAllConditions(t => t.Taken.ShouldBe(0), t => t.Known.ShouldBe(taken.Taken));
    }

    [Theory]
    [InlineData("", "Choose a file")]
    [InlineData("a,b\n1,2", "no columns called Made and Composition")]
    [InlineData("{\"format\":\"other\"}", "its format is not round-crumb-log")]
    [InlineData("{\"format\":", "not well formed")]
    [InlineData("Made,Composition,Base\n2026-11-01T08:00:00Z,pan=plate-23,Wet", "is not one of Crisp, Firm, Soft, Soggy")]
    [InlineData("Made,Composition\nsoon,pan=plate-23", "is no moment")]
    [InlineData("Made,Composition,FromPot\n2026-11-01T08:00:00Z,pan=plate-23,-4", "lies outside 0 to 200000")]
    [InlineData("Made,Composition\n2026-11-01T08:00:00Z,pan=plate-23&fill=box-77-1", "a part that is not here")]
    public async Task A_log_that_cannot_be_read_is_told_and_kept(string text, string says)
    {
        var baker = _kitchen.Baker();
        var page = await baker.SendAsync("/notebook/import", "/notebook/import", ("text", text));
        page.StatusCode.ShouldBe(HttpStatusCode.OK);
        WebUtility.HtmlDecode(await page.Content.ReadAsStringAsync(Cancel)).ShouldContain(says);
    }

    /// <summary>Pictures that are none, broken, far too large in pixels, or with where they were taken in them.</summary>
    [Fact]
    public void Hostile_photographs_are_refused_and_good_ones_carry_nothing_but_themselves()
    {
        Photograph.Make(ReadOnlyMemory<byte>.Empty, out var nothing).ShouldBeNull();
        nothing.ShouldContain("nothing in that file");
        Photograph.Make(Encoding.UTF8.GetBytes("<svg onload=alert(1)></svg>"), out var wrong).ShouldBeNull();
        wrong.ShouldContain("no picture that can be opened");
        Photograph.Make(new byte[Photograph.LargestFile + 1], out var large).ShouldBeNull();
        large.ShouldContain("larger than 15 MB");

        using var bitmap = new SKBitmap(2400, 1200);
        using (var canvas = new SKCanvas(bitmap))
        {
            canvas.Clear(SKColors.SaddleBrown);
            canvas.DrawRect(0, 0, 1200, 1200, new SKPaint { Color = SKColors.Beige });
        }

        var jpeg = bitmap.Encode(SKEncodedImageFormat.Jpeg, 90).ToArray();
        Photograph.Make(jpeg.AsMemory(0, jpeg.Length / 2), out var broken).ShouldBeNull();
        broken.ShouldContain("broken");

        // A note of a camera, put in behind the first marker: turned a quarter, and where it was.
        var place = Encoding.ASCII.GetBytes("GPS 51.2N 0.7W secret place");
        byte[] note =
        [
            .. "Exif\0\0"u8.ToArray(), 0x4D, 0x4D, 0, 0x2A, 0, 0, 0, 8, 0, 1, 0x01, 0x12, 0, 3, 0, 0, 0, 1, 0, 6, 0, 0, 0, 0, 0, 0,
            .. place,
        ];
        byte[] noted = [.. jpeg[..2], 0xFF, 0xE1, (byte)((note.Length + 2) >> 8), (byte)(note.Length + 2), .. note, .. jpeg[2..]];
        var photo = Photograph.Make(noted, out var trouble).ShouldNotBeNull(trouble);
        (photo.Width, photo.Height).ShouldBe((800, 1600), "turned upright, and no larger than is looked at");
        Encoding.ASCII.GetString(photo.Jpeg).ShouldNotContain("secret");
        Encoding.ASCII.GetString(photo.Jpeg).ShouldNotContain("Exif");
        using var small = SKBitmap.Decode(photo.Small);
        Math.Max(small.Width, small.Height).ShouldBe(Photograph.SmallSide);

        // A few kilobytes that would open to a hundred million pixels.
        using var wide = new SKBitmap(new SKImageInfo(1, 1));
        var bomb = wide.Encode(SKEncodedImageFormat.Png, 100).ToArray();
        bomb[16] = bomb[20] = 0;
        (bomb[17], bomb[18], bomb[19]) = (0, 0x4E, 0x20);
        (bomb[21], bomb[22], bomb[23]) = (0, 0x4E, 0x20);
        Photograph.Make(bomb, out var pixels).ShouldBeNull();
        pixels.Length.ShouldBeGreaterThan(0);
    }

    [Fact]
    public async Task A_photograph_is_kept_with_its_bake_and_taken_away()
    {
        var baker = _kitchen.Baker();
        using var bitmap = new SKBitmap(300, 200);
        var png = bitmap.Encode(SKEncodedImageFormat.Png, 100).ToArray();
        async Task<HttpResponseMessage> SendAsync(byte[] file)
        {
            var page = await baker.PageAsync("/bakes/1/log");
            var token = System.Text.RegularExpressions.Regex.Match(page, "__RequestVerificationToken\" type=\"hidden\" value=\"([^\"]+)")
                .Groups[1].Value;
            using var form = new MultipartFormDataContent
            {
                { new StringContent(token), "__RequestVerificationToken" }, { new StringContent("The cut"), "caption" },
                { new ByteArrayContent(file), "file", "pie.png" },
            };
            return await baker.PostAsync("/bakes/1/log?handler=Photo", form, Cancel);
        }

        WebUtility.HtmlDecode(await (await SendAsync("nonsense"u8.ToArray())).Content.ReadAsStringAsync(Cancel))
            .ShouldContain("That is no picture that can be opened here");
        (await SendAsync(png)).StatusCode.ShouldBe(HttpStatusCode.Redirect);
        var kept = (await AskAsync(s => s.GetRequiredService<PhotoBook>().OfAsync(1, Cancel))).ShouldHaveSingleItem();
        kept.Caption.ShouldBe("The cut");
        var picture = await baker.GetAsync($"/bakes/1/log?handler=Photo&photo={kept.Id}&small=true", Cancel);
        picture.Content.Headers.ContentType!.MediaType.ShouldBe("image/jpeg");
        (await baker.GetAsync($"/bakes/2/log?handler=Photo&photo={kept.Id}&small=true", Cancel))
            .StatusCode.ShouldBe(HttpStatusCode.NotFound);
        await baker.SendAsync("/bakes/1/log", "/bakes/1/log?handler=PhotoAway", ("photo", $"{kept.Id}"));
        (await AskAsync(s => s.GetRequiredService<PhotoBook>().OfAsync(1, Cancel))).ShouldBeEmpty();
    }

    [Fact]
    public void A_row_keeps_every_field_both_ways()
    {
        var entry = new BakeEntry
        {
            OvenSet = new(180),
            WarmUp = 25,
            Shrank = new Millimetres(3),
            Stood = 20,
            Tastes = new Dictionary<TasteScale, int> { [TasteScale.Sweet] = 2, [TasteScale.Crisp] = -1 },
            TasteWords = "Sweet, \"very\"; and = soft",
            Weighed = new Dictionary<CorrectionKey, double> { [CorrectionKey.OfIngredient(CorrectionKind.EggWeight, "yolk")] = 17 },
            Sold = 1.5,
            SomethingNew = "=flour; from the mill",
            Notes = "Line one\nline two, with a comma",
        };
        var record = LogTable.Of(new(2026, 11, 1, 9, 0, 0, TimeSpan.Zero), "Pie", 2, "pan=plate-23", entry);
        foreach (var text in new[] { LogTable.Csv([record]), LogTable.Document([record]) })
        {
            var row = LogTable.Read(text, out var trouble).ShouldHaveSingleItem();
            trouble.ShouldBeEmpty();
            row.Trouble.ShouldBeEmpty();
            LogTable.Of(row.Made, "Pie", 2, "pan=plate-23", row.Entry).ShouldBe(record);
        }
    }
}
