using OpenQA.Selenium;
using OpenQA.Selenium.Interactions;

namespace RoundCrumb.Browser.Tests;

/// <summary>Whole jobs through the front of the house, with what a baker does counted: by mouse, by key, and by touch.</summary>
[Collection(OneTeaRoom.Name)]
public sealed class FrontDoorTests(TeaRoom room)
{
    /// <summary>From a house in which there is nothing to the first batch sheet: pans, an oven, a pie, so many of it.</summary>
    [Fact]
    public async Task A_first_start_comes_to_its_first_batch_sheet_in_at_most_twelve_actions()
    {
        await using var house = new TeaRoom(demo: false);
        using var baker = new Baker(house);
        var actions = 0;
        void Do(Action act)
        {
            act();
            actions++;
        }

        baker.Open("/");
        baker.Text("#first-h").ShouldBe("Three things first");
        baker.AxeViolations().ShouldBeEmpty();
        Do(() => baker.Click("input[name=pan][value=plate-23]"));
        Do(() => baker.Click("[action='/?handler=Pans'] .button"));
        baker.Until(_ => baker.Text("#first-h") == "Two things first");
        Do(() => baker.Click("input[name=fan]"));
        Do(() => baker.Click("[action='/?handler=Oven'] .button"));
        baker.Until(_ => baker.Text("#first-h") == "One thing first");
        Do(() => baker.Click(".starters a"));
        baker.Until(_ => baker.Here.StartsWith("/compose", StringComparison.Ordinal));
        Do(() => baker.Type("#pie-name", "The first"));
        Do(() => baker.Type("#pies", "2"));
        Do(() => baker.Click("[formaction='/compose?handler=Make']"));
        baker.Until(_ => baker.Here.StartsWith("/bakes/", StringComparison.Ordinal));
        baker.Text(".lead").ShouldContain("2 pies");
        actions.ShouldBeLessThanOrEqualTo(12);
        baker.ConsoleErrors().ShouldBeEmpty();
    }

    /// <summary>A recipe is pasted, becomes a pie, is put on a bake day, and the day is planned.</summary>
    [Fact]
    public async Task A_pasted_recipe_comes_to_a_planned_day_in_at_most_ten_actions()
    {
        await using var house = new TeaRoom();
        using var baker = new Baker(house);
        var actions = 0;
        void Do(Action act)
        {
            act();
            actions++;
        }

        baker.Open("/pies");
        Do(() => baker.Click(".sheet-head a[href='/box/import']"));
        Do(() => baker.Driver.ExecuteScript("document.getElementById('text').value = arguments[0]", """
            Canal bank pie

            For the crust:
            200 g digestive biscuits, crushed
            95 g butter, melted

            For the filling:
            400 g cream cheese
            100 g caster sugar
            9 g gelatine powder
            45 ml water, for the gelatine
            240 ml double cream, whipped to soft peaks

            Method
            1. Press the crumb into a 20 cm springform and bake it for 10 minutes at gas 4.
            """));
        Do(() => baker.Click(".paste .go"));
        baker.Text(".import-recipe").ShouldContain("Filling: 5 of 5 lines understood");
        Do(() => baker.Click(".import-form .go"));
        baker.Until(_ => baker.Here.StartsWith("/compose", StringComparison.Ordinal));
        Do(() => baker.Click("[formaction='/days/order?handler=Begin']"));
        baker.Until(_ => baker.Here.StartsWith("/days/order", StringComparison.Ordinal));
        Do(() => baker.Type("#on-time", "16:00"));
        Do(() => baker.Click(".order-form .go"));
        baker.Until(_ => baker.Here.StartsWith("/days/", StringComparison.Ordinal)
            && !baker.Here.Contains("order", StringComparison.Ordinal));
        Do(() => baker.Click("[action$='handler=Solve'] .button"));
        baker.Until(_ => baker.Driver.PageSource.Contains("Begin at the bench", StringComparison.Ordinal), "the plan", 120);
        baker.Driver.PageSource.ShouldContain("Canal bank pie");
        actions.ShouldBeLessThanOrEqualTo(10);
    }

    [Fact]
    public void The_one_field_goes_anywhere_by_key()
    {
        using var baker = new Baker(room);
        baker.Open("/days");
        baker.Driver.FindElement(By.TagName("body")).SendKeys("/");
        baker.Until(_ => baker.Active.GetAttribute("id") == "go");
        baker.Press("bergamot");
        baker.Until(_ => baker.Text("#go-list").Contains("Bergamot tea cream tart", StringComparison.Ordinal));
        baker.AxeViolations().ShouldBeEmpty();

        // Arrows choose, Escape closes, Enter goes there.
        var first = baker.Find("#go-list [aria-selected=true]").Text;
        baker.Press(Keys.ArrowDown);
        baker.Until(_ => baker.Find("#go-list [aria-selected=true]").Text != first);
        baker.Press(Keys.ArrowUp);
        baker.Until(_ => baker.Find("#go-list [aria-selected=true]").Text == first);
        baker.Press(Keys.Escape);
        baker.Until(_ => baker.Driver.FindElements(By.CssSelector("#go-list")).All(e => !e.Displayed));
        new Actions(baker.Driver).KeyDown(Keys.Control).SendKeys("k").KeyUp(Keys.Control).Perform();
        baker.Find("#go").SendKeys("pairings");
        baker.Until(_ => baker.Text("#go-list").StartsWith("Page", StringComparison.Ordinal));
        baker.Press(Keys.Enter);
        baker.Until(_ => baker.Here.StartsWith("/pairings", StringComparison.Ordinal));
        baker.ConsoleErrors().ShouldBeEmpty();
    }

    /// <summary>A layer is opened by pressing it in the cut, by its line, and by the arrows; + and − step its measure.</summary>
    [Fact]
    public void A_layer_is_taken_hold_of_in_the_cut_and_by_key()
    {
        using var baker = new Baker(room);
        baker.Open("/compose?pan=plate-23&crust=butter-flaky&bake=hot&seal=white&fill=malt-custard&top=icing&cream=12&ahead=14");
        baker.Has("#l-filling[aria-expanded=true]").ShouldBeTrue();
        new Actions(baker.Driver).MoveToElement(baker.Find("svg.cut .cream"), 0, 6).Click().Perform();
        baker.Until(_ => baker.Has("#l-topping[aria-expanded=true]"));
        baker.Has("#l-filling[aria-expanded=true]").ShouldBeFalse();
        baker.Settled();

        // Arrow down on its line goes to the layer beneath.
        baker.Driver.ExecuteScript("document.getElementById('l-topping').focus()");
        baker.Press(Keys.ArrowDown);
        baker.Until(_ => baker.Has("#l-filling[aria-expanded=true]"));
        baker.Settled();
        baker.Driver.ExecuteScript("document.getElementById('l-filling').focus()");
        baker.Press("+");
        baker.Until(_ => baker.Here.Contains("line=6", StringComparison.Ordinal));
        baker.Settled();
        baker.Driver.ExecuteScript("document.getElementById('l-filling').focus()");
        baker.Press("-");
        baker.Until(_ => baker.Here.Contains("line=5", StringComparison.Ordinal));
        baker.Settled();
        baker.Driver.ExecuteScript("document.getElementById('l-filling').focus()");
        baker.Press("?");
        baker.Find("#keys[open]").Text.ShouldContain("the open layer’s measure");
        baker.AxeViolations().ShouldBeEmpty();
        baker.Press(Keys.Escape);

        // A part is filtered as one types, and Enter takes the first that is left.
        baker.OpenPicker("#pick-fill");
        baker.Find("#picks-fill-find").SendKeys("butterscotch");
        baker.Until(d => d.FindElements(By.CssSelector("#picks-fill li:not([hidden]) button")).Count == 1);
        baker.AxeViolations().ShouldBeEmpty();
        baker.Press(Keys.Enter);
        baker.Until(_ => baker.Here.Contains("fill=butterscotch-custard", StringComparison.Ordinal));

        // What was not touched is as it was, though its layer was closed.
        baker.Here.ShouldContain("pan=plate-23");
        baker.Here.ShouldContain("cream=12");
        baker.Here.ShouldContain("ahead=14");

        // However often the pie was changed, nothing of what was sent stands there twice.
        baker.NamesTwice().ShouldBeEmpty();
        baker.ConsoleErrors().ShouldBeEmpty();
    }

    /// <summary>
    /// On a phone: the places are at the thumb, and the cut stays in sight while a layer is opened and changed by finger.
    /// </summary>
    [Fact]
    public void By_touch_on_a_phone()
    {
        using var baker = new Baker(room, 390, 844);
        baker.Driver.ExecuteCdpCommand(
            "Emulation.setTouchEmulationEnabled", new Dictionary<string, object?> { ["enabled"] = true, ["maxTouchPoints"] = 1 });
        void Tap(string css)
        {
            var element = baker.Find(css);
            baker.Driver.ExecuteScript("arguments[0].scrollIntoView({block:'center'})", element);
            var finger = new PointerInputDevice(PointerKind.Touch, "finger");
            var tap = new ActionSequence(finger);
            tap.AddAction(finger.CreatePointerMove(element, 0, 0, TimeSpan.Zero));
            tap.AddAction(finger.CreatePointerDown(MouseButton.Touch));
            tap.AddAction(finger.CreatePointerUp(MouseButton.Touch));
            baker.Driver.PerformActions([tap]);
            baker.Settled();
        }

        baker.Open("/");
        var bar = (IReadOnlyCollection<object>)baker.Driver.ExecuteScript(
            "return [...document.querySelectorAll('.bar nav a')].map(a => a.getBoundingClientRect()).map(r => "
                + "Math.min(r.height, window.innerHeight - r.top))")!;
        bar.Count.ShouldBe(5);
        bar.ShouldAllBe(h => Convert.ToDouble(h, System.Globalization.CultureInfo.InvariantCulture) >= 44);
        Tap(".bar nav a[href='/pies']");
        baker.Until(_ => baker.Here.StartsWith("/pies", StringComparison.Ordinal));
        Tap(".cut-card .shelf-open .shelf-name");
        baker.Until(_ => baker.Here.StartsWith("/compose", StringComparison.Ordinal));
        Tap("#l-crust");
        baker.Until(_ => baker.Has("#l-crust[aria-expanded=true]"));
        Tap("#pick-crust summary");
        baker.Until(_ => baker.Has("#picks-crust button"));
        Tap("#picks-crust button[data-value='plain-crumb']");
        baker.Until(_ => baker.Here.Contains("crust=plain-crumb", StringComparison.Ordinal));
        Convert.ToDouble(
            baker.Driver.ExecuteScript("return document.querySelector('.cut-panel').getBoundingClientRect().bottom"),
            System.Globalization.CultureInfo.InvariantCulture).ShouldBeGreaterThan(60);
        baker.ConsoleErrors().ShouldBeEmpty();
    }

    /// <summary>A list that is sent when it is opened comes also to who was quicker than the page, and again when no answer came.</summary>
    [Fact]
    public void A_list_of_parts_comes_however_early_it_is_opened_and_again_after_no_answer()
    {
        using var baker = new Baker(room);
        baker.Driver.ExecuteCdpCommand(
            "Page.addScriptToEvaluateOnNewDocument",
            new Dictionary<string, object?>
            {
                ["source"] = "new MutationObserver((_, seen) => { const fold = document.getElementById('pick-fill');"
                    + " if (fold) { seen.disconnect(); fold.open = true; } }).observe(document, { childList: true, subtree: true });",
            });
        baker.Open("/compose?open=filling");
        baker.Until(_ => baker.Has("#picks-fill button"), "the fillings, asked for before the page was ready");

        baker.Driver.ExecuteScript("document.getElementById('l-crust').click()");
        baker.Until(_ => baker.Has("#l-crust[aria-expanded=true]"));
        baker.Settled();
        baker.Network(cut: true);
        baker.Click("#pick-crust summary");
        baker.Until(d => d.PageSource.Contains("No answer from the kitchen computer", StringComparison.Ordinal));
        baker.Has("#picks-crust button").ShouldBeFalse();
        baker.Network(cut: false);
        baker.Click("#pick-crust summary");
        baker.OpenPicker("#pick-crust");
        baker.Has("#picks-crust button").ShouldBeTrue();
    }

    /// <summary>The usual pie with two things to mend stands on one screen, and a change sends less than 30 kB.</summary>
    [Fact]
    public async Task The_usual_pie_with_two_findings_fits_a_screen_and_a_change_is_small()
    {
        using var baker = new Baker(room);
        const string Pie = "/compose?pan=plate-23&crust=butter-flaky&bake=hot&seal=none&fill=malt-custard&ahead=22&top=plain&topped=9";
        baker.Open(Pie);
        baker.Driver.FindElements(By.CssSelector(".finding.disappoints")).Count.ShouldBe(2);
        ((long)baker.Driver.ExecuteScript("return document.documentElement.scrollHeight - window.innerHeight")!)
            .ShouldBeLessThanOrEqualTo(0);
        using var http = new HttpClient();
        http.DefaultRequestHeaders.Add("HX-Request", "true");
        (await http.GetByteArrayAsync(new Uri(room.Address + Pie), TestContext.Current.CancellationToken)).Length.ShouldBeLessThan(30_000);
    }
}
