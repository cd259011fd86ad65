namespace RoundCrumb.Browser.Tests;

/// <summary>What holds on every screen, wide and narrow, by day and by night.</summary>
[Collection(OneTeaRoom.Name)]
public sealed class EveryScreenTests(TeaRoom room)
{
    private static readonly string[] Screens =
    [
        "/", "/compose", "/compose?pie=5",
        "/compose?pan=own&own-top=3000&thick=0&crust=plain-crumb&bake=chilled&fill=lemon-cheese&veg=1&nooven=1",
        "/bakes/1", "/bakes/3", "/bakes/1/log", "/bakes/3/log", "/working?f=dough", "/units", "/nope",
        "/pies", "/pies?q=custard", "/pies?q=zzz", "/pies?oven=none&within=6&no-nuts=1&sort=hands&fits=plate-23", "/search",
        "/search?q=custard",
        "/search?q=zzz", "/compose?open=topping", "/compose?open=crust", "/compose?open=pan&pan=own", "/compose?open=seal",
        "/compose?open=served",
        "/compose/parts?of=fill&fill=malt-custard", "/pairings?crust-first=butter-flaky&many=2&frozen=1",
        "/pairings?filling-first=malt-custard",
        "/pairings?use=12+lemons", "/pairings?use=joy", "/box/part", "/box/part?kind=crust", "/box/part/3",
        "/box/part?from=blackcurrant-cheese",
        "/box/part/2/compare?a=1&b=2", "/box/import",
        "/kitchen", "/compose?pan=own&own-kind=oblong&own-top=120&own-long=360&own-water=900",
        "/compose?pan=pot-120&crust=plain-crumb&fill=honey-cheese", "/compose/stand-ins?pan=plate-23",
        "/crusts", "/crusts?crust=butter-flaky&edge=crimped&p=plate-23&many=5&cold=3&p=tartlet-8&many=12&cold=0&oven=oven-2",
        "/crusts?crust=laid-wafers&p=plate-23&many=2&cold=0", "/crusts?crust=pretzel-crumb&bind=honey&brown=1&thick=40&say=one+90+cm",
        "/bake-card?pan=plate-23&crust=butter-flaky&edge=crimped&frozen=1&n=3",
        "/bake-card?pan=oblong-35&crust=sweet-short&bake=steady&n=x&goes=almond", "/bake-card?crust=plain-crumb&bake=chilled",
        "/pour", "/pour?fill=malt-custard&crust=plain-crumb&make=above&p=tart-20&many=1&p=tartlet-10&many=9&p=oblong-35&many=1",
        "/pour?p=plate-23&many=x&line=90",
        "/compose?pie=8", "/compose?crust=laid-wafers&fill=lemon-cheese", "/compose?crust=pretzel-crumb&bind=none&brown=1&wallthick=9",
        "/compose?crust=bought-shell-23&pan=tart-25",
        "/compose?pie=20", "/compose?pie=21", "/above?pan=tart-23&crust=sweet-short&bake=steady&top=laid-strawberry-halves",
        "/above?pan=oblong-35&crust=sweet-short&top=icing&top-laid=lattice&top-nozzle=90",
        "/above?pan=tartlet-8&crust=sweet-short&top=laid-pear-halves", "/above?top=icing",
        "/compose?under1=salt-caramel&under1-high=90&on1=nothing-such&top=meringue-french",
        "/pairings", "/pairings?no-milk=1&no-wheat=1&with=plain-crumb,rhubarb-buttermilk&ahead=x", "/what-if?if=no-oven",
        "/what-if?if=no-egg&no-wheat=1&no-milk=1&no-nuts=1", "/compose?no-milk=1&no-alcohol=1&table=90&known=unsealed&seal=none",
        "/days", "/days/1", "/days/2", "/days/order?pan=plate-23&crust=short", "/days/order?pan=nothing",
        "/compose/cooling?pan=plate-23&crust=butter-flaky&fill=malt-custard",
        "/compose/cooling?where=cold-1&fill=malt-custard&at1=60&read1=46&at2=x&read2=900",
        "/compose/baking?pan=plate-23&crust=short&edge=crimped&fill=rhubarb-buttermilk",
        "/compose/baking?pan=plate-23&crust=short&edge=crimped&fill=gooseberry&heat=70&start=x",
        "/kitchen/cold?place=cold-1&first=60&minutes=60&second=38",
        "/kitchen/cold?place=rack&first=x&water=3",
        "/kitchen/soften?room=14&grams=x",
        "/compose/cooling?fill=rhubarb-buttermilk&where=StillFridge&many=x",
        "/compose/cooling?pan=springform-20&fill=lemon-cheese&where=BlastChiller&many=8",
        "/notebook", "/notebook?show=open", "/notebook?family=baked-custard&set=Clean&from=x", "/notebook?pie=nothing",
        "/notebook/learned", "/notebook/learned/of?of=Yield~baked-custard~rhubarb-buttermilk",
        "/notebook/learned/of?of=BaseLife~butter-flaky%2Fnone%2Fstarch-custard", "/notebook/compare", "/notebook/compare?b=4&b=8&b=12",
        "/notebook/trials", "/notebook/guide", "/notebook/guide?fill=lemon-cheese&crust=plain-crumb",
        "/notebook/guide/cream?fill=malt-custard&top=icing", "/notebook/guide/blooming?fill=malt-custard", "/notebook/guide/cautions",
        "/notebook/practice", "/notebook/practice?kind=WillItFit&seed=3&level=2&said=0", "/notebook/practice?only=read-the-work",
        "/notebook/faults", "/notebook/faults?bake=12", "/notebook/faults/soggy-base?bake=12",
        "/notebook/faults/gelatine-unset?fill=malt-custard", "/notebook/faults/soggy-base?which=gone",
        "/notebook/faults/shell-shrank?crust=butter-flaky&fill=malt-custard&yes=sprang-back&no=pulled&unknown=sticky-dough",
        "/notebook/market", "/notebook/import", "/notebook/year", "/bakes/12/log", "/bakes/4", "/bench",
        "/bench/devices", "/pantry", "/pantry?q=zzz", "/pantry/butter",
        "/pantry/new?from=butter", "/stock", "/shopping", "/shopping?from=x&to=2026-01-01", "/prices", "/prices?of=butter",
        "/prices?of=zzz",
        "/compose/cost?pie=1&if-of=butter&if-by=20", "/compose/cost?pan=tray-28&crust=plain-crumb&fill=lemon-cheese&cut=15&n=x&if-by=900",
        "/days/1/cost", "/days/1/use-up", "/days/2/use-up",
        "/days/1/labels?kind=Card&sheet=own&w=80&h=x", "/days/1/allergens", "/days/2/allergens?law=American",
        "/offline", "/pantry?shelf=all", "/pantry?shelf=Setters", "/compose/more/schools?crust=butter-flaky&fill=malt-custard",
        "/compose/more/schools?crust=plain-crumb&fill=lemon-cheese", "/compose/more/meets?pie=20&fill=honey-cheese&under1=salt-caramel",
        "/what-if/working?to=crust%3Dbutter-flaky%26fill%3Dcoffee-custard&crust=butter-flaky&fill=malt-custard",
    ];

    [Theory]
    [InlineData(1280, 800, "light")]
    [InlineData(1280, 800, "night")]
    [InlineData(390, 844, "light")]
    public void Axe_finds_nothing_the_console_is_clean_and_nothing_sticks_out(int width, int height, string theme)
    {
        using var baker = new Baker(room, width, height);
        baker.Open("/units");
        baker.Driver.Manage().Cookies.AddCookie(new OpenQA.Selenium.Cookie("roundcrumb.units", "grams.celsius.centimetres." + theme));
        foreach (var screen in Screens)
        {
            baker.Open(screen);
            baker.AxeViolations().ShouldBeEmpty(screen);
            var sticksOut = (long)baker.Driver.ExecuteScript(
                "return document.documentElement.scrollWidth - document.documentElement.clientWidth")!;
            sticksOut.ShouldBeLessThanOrEqualTo(0, $"{screen} at {width}");

            baker.NamesTwice().ShouldBeEmpty(screen);

            // A page that is not there is a failed request by its nature; everything else is silent.
            baker.ConsoleErrors().Where(e => !e.Contains("/nope", StringComparison.Ordinal)).ShouldBeEmpty(screen);
        }
    }

    [Theory]
    [InlineData(640)]
    [InlineData(820)]
    [InlineData(1024)]
    public void On_a_tablet_nothing_sticks_out_and_every_way_is_on_one_line(int width)
    {
        using var baker = new Baker(room, width, 1180);
        string[] some =
        [
            "/", "/compose", "/bakes/1", "/pies", "/kitchen", "/crusts", "/pour", "/pairings", "/days", "/days/1", "/days/2",
            "/pantry", "/stock", "/shopping", "/notebook", "/notebook/learned", "/notebook/market", "/bakes/12/log",
            "/prices?of=butter", "/days/1/use-up", "/compose/cost?pie=1",
        ];
        foreach (var screen in width == 820 ? Screens : some)
        {
            baker.Open(screen);
            (
                (long)baker.Driver.ExecuteScript("return document.documentElement.scrollWidth - document.documentElement.clientWidth")!)
                .ShouldBeLessThanOrEqualTo(0, $"{screen} at {width}");
            (
                (long)baker.Driver.ExecuteScript(
                    "return new Set([...document.querySelectorAll('.bar nav a')].map(a => "
                        + "Math.round(a.getBoundingClientRect().bottom))).size")!).ShouldBe(1, screen);
        }
    }

    [Fact]
    public void Axe_finds_nothing_in_an_open_working()
    {
        using var baker = new Baker(room);
        baker.Open("/compose");
        baker.Click("#h-crust + .figures .num");
        baker.Find("#working[open]");
        baker.AxeViolations().ShouldBeEmpty();
    }

    [Fact]
    public void A_first_visit_fetches_less_than_250_kB_fonts_included()
    {
        using var baker = new Baker(room);
        // What the browser keeps for when nobody answers is no part of a first visit.
        baker.Driver.ExecuteCdpCommand("Network.enable", []);
        baker.Driver.ExecuteCdpCommand("Network.setBypassServiceWorker", new() { ["bypass"] = true });
        baker.Driver.ExecuteCdpCommand("Network.setCacheDisabled", new() { ["cacheDisabled"] = true });
        foreach (var screen in (string[])["/", "/compose"])
        {
            baker.Open(screen);

            // Fonts are asked for once the page is laid out: all that it uses are here when none is awaited and each was fetched.
            baker.Until(
                d => (bool)((OpenQA.Selenium.IJavaScriptExecutor)d).ExecuteScript(
                    "const used = [...document.fonts].filter(f => f.status !== 'unloaded');"
                        + "return document.fonts.status === 'loaded' && used.length > 1 && used.every(f => f.status === 'loaded') && "
                        + "performance.getEntriesByType('resource').filter(e => e.name.includes('.woff2')).length >= used.length")!,
                "the fonts of " + screen);
            var bytes = Convert.ToDouble(baker.Driver.ExecuteScript(
                "return [...performance.getEntriesByType('navigation'), ...performance.getEntriesByType('resource')].reduce((sum, "
                    + "e) => sum + e.transferSize, 0)"), System.Globalization.CultureInfo.InvariantCulture);
            TestContext.Current.TestOutputHelper?.WriteLine($"{screen}: {bytes / 1000:0} kB");
            bytes.ShouldBeInRange(60_000, 250_000, screen);
        }
    }

    /// <summary>
    /// In a house of its own, so that what other tests look at does not hang on which of them ran first: everything that has a
    /// name has the longest one that its form takes, and not one blank in it.
    /// </summary>
    [Fact]
    public async Task The_longest_names_widen_no_screen()
    {
        await using var house = new TeaRoom();
        await house.GiveEverythingItsLongestNameAsync();
        string[] screens = [.. Screens, .. (string[])["/days/1/sure", "/bakes/2/log", "/box/part/1", "/notebook/trials/1"]];
        foreach (var width in (int[])[390, 820, 1280])
        {
            using var wide = new Baker(house, width, 844);
            var wider = new List<string>();
            foreach (var screen in screens)
            {
                wide.Open(screen);
                var by = (long)wide.Driver.ExecuteScript(
                    "return document.documentElement.scrollWidth - document.documentElement.clientWidth")!;
                if (by > 0)
                    wider.Add($"{screen} by {by}");
            }

            wider.ShouldBeEmpty($"at {width}");
        }
    }

    [Fact]
    public void A_usual_pie_is_planned_without_scrolling()
    {
        using var baker = new Baker(room);
        baker.Open("/compose?pie=1");
        (
            (long)baker.Driver.ExecuteScript("return document.documentElement.scrollHeight - window.innerHeight")!)
            .ShouldBeLessThanOrEqualTo(0);
    }
}
