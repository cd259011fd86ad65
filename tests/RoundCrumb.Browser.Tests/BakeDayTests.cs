using System.Globalization;
using OpenQA.Selenium;
using OpenQA.Selenium.Interactions;

namespace RoundCrumb.Browser.Tests;

/// <summary>A bake day as bakers work with it: built, planned, dragged, mended, and there and back through a calendar.</summary>
[Collection(OneTeaRoom.Name)]
public sealed class BakeDayTests(TeaRoom room)
{
    private static void Planned(Baker baker) =>
        baker.Until(_ => baker.Has("#plan .plan-head") && !baker.Has("#plan .planning") && baker.Has(".day-svg"), "a plan");

    /// <summary>Begins a day next year, so that tests do not meet, and takes two orders.</summary>
    private static void Build(Baker baker, int weeks)
    {
        var date = DateTime.Today.AddDays(30 + (weeks * 7));
        baker.Open("/days");
        baker.Driver.ExecuteScript(
            "document.getElementById('new-from').value = arguments[0]", date.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture));
        baker.Type("#new-days", "2");
        baker.Type("#new-name", $"Day {weeks}");
        baker.Click(".day-new button");
        baker.Until(_ => baker.Text("h1") == $"Day {weeks}");
        foreach (var (pie, count) in new[] { ("Malt custard cream pie", "2"), ("Walnut and treacle tart", "1") })
        {
            baker.Find("#order-pie").FindElement(By.XPath($"option[.='{pie}']")).Click();
            baker.Type("#order-count", count);
            baker.Type("#order-time", "14:00");
            baker.Click(".order-new > .button");
            baker.Until(_ => baker.Text(".orders").Contains(pie, StringComparison.Ordinal));
        }

        // Hours of our own, whatever days of the week these are.
        foreach (var field in baker.Driver.FindElements(By.CssSelector(".day-hours input[name^=h-]")))
        {
            field.Clear();
            field.SendKeys("06:00-16:00");
        }

        baker.Click(".day-hours button");
        baker.Until(_ => baker.Text(".plan-head h2") == "Not planned yet");
    }

    [Fact]
    public void A_day_is_built_planned_and_a_step_dragged_to_another_time()
    {
        using var baker = new Baker(room);
        Build(baker, 1);
        baker.Click("form[action$='handler=Solve'] button");
        Planned(baker);
        baker.Text(".plan-head h2").ShouldContain("Everything is ready in time");
        baker.AxeViolations().ShouldBeEmpty();

        // Pointing at a step says why it stands there.
        var dough = baker.Find(".blk[aria-label*='Make dough']");
        baker.Driver.ExecuteScript("arguments[0].scrollIntoView({block:'center'})", dough);
        new Actions(baker.Driver).MoveToElement(dough).Perform();
        baker.Until(_ => baker.Text("#why").Contains("Make dough", StringComparison.Ordinal));
        baker.Text("#why").ShouldContain("No later:");

        // Dragged up by six slots: half an hour earlier, pinned, and the rest planned round it.
        var key = dough.GetAttribute("data-key")!;
        var start = int.Parse(dough.GetAttribute("data-start")!, CultureInfo.InvariantCulture);
        var slot = Convert.ToDouble(
            baker.Driver.ExecuteScript("const s = document.querySelector('.day-svg'); return Number(s.dataset.slot) * s.getScreenCTM().d"),
            CultureInfo.InvariantCulture);
        new Actions(baker.Driver).MoveToElement(dough).ClickAndHold().MoveByOffset(0, -10)
            .MoveByOffset(0, (int)Math.Round((-6 * slot) + 10)).Release().Perform();
        baker.Until(_ => baker.Here.Contains("step=", StringComparison.Ordinal));
        Planned(baker);
        baker.Until(_ => baker.Has($".blk.pinned[data-key='{key}']"));
        int.Parse(baker.Find($".blk[data-key='{key}']").GetAttribute("data-start")!, CultureInfo.InvariantCulture).ShouldBe(start - 6);
        baker.Text(".plan-head h2").ShouldContain("Everything is ready in time");
        baker.ConsoleErrors().ShouldBeEmpty();
    }

    [Fact]
    public void By_keyboard_alone_a_step_is_found_followed_moved_and_let_go()
    {
        using var baker = new Baker(room);
        Build(baker, 2);
        baker.Driver.ExecuteScript("document.querySelector('form[action$=\"handler=Solve\"] button').focus()");
        baker.Press(Keys.Enter);
        Planned(baker);
        var key = baker.Find(".blk[aria-label*='Make dough']").GetAttribute("data-key")!;
        baker.Driver.ExecuteScript("document.querySelector(arguments[0]).focus()", $".blk[data-key='{key}']");
        baker.Text("#why").ShouldContain("Make dough");
        baker.Press(Keys.Enter);
        baker.Until(_ => baker.Has("#step") && baker.Has(".day-svg.following"));
        baker.Text("#step").ShouldContain("Why here.");

        var start = int.Parse(baker.Find($".blk[data-key='{key}']").GetAttribute("data-start")!, CultureInfo.InvariantCulture);
        new Actions(baker.Driver).KeyDown(Keys.Alt).SendKeys(Keys.ArrowUp).SendKeys(Keys.ArrowUp).SendKeys(Keys.ArrowUp).KeyUp(Keys.Alt)
            .Perform();
        baker.Text("#why").ShouldContain("Enter puts it there");
        baker.Press(Keys.Enter);
        baker.Until(_ => baker.Has($".blk.pinned[data-key='{key}']"));
        Planned(baker);
        int.Parse(baker.Find($".blk[data-key='{key}']").GetAttribute("data-start")!, CultureInfo.InvariantCulture).ShouldBe(start - 3);

        baker.Click("#step [formaction*='Unpin']");
        baker.Until(_ => !baker.Has(".blk.pinned"));
        Planned(baker);
    }

    [Fact]
    public void A_day_that_cannot_be_is_mended_by_one_click()
    {
        using var baker = new Baker(room);
        baker.Open("/days/2");
        baker.Click("form[action$='handler=Solve'] button");
        baker.Until(_ => baker.Has(".would-do button"), "what would do it");
        baker.AxeViolations().ShouldBeEmpty();
        baker.Text(".would-do").ShouldContain("Any one of these would do it");

        // How late it is opens, down to the order that is late and its last work.
        baker.Click(".plan-head h2 .num");
        baker.Until(_ => baker.Has("#working[open] .terms details"));
        baker.Click("#working .terms summary");
        baker.Text("#working .terms details").ShouldContain("when it is wanted");
        baker.AxeViolations().ShouldBeEmpty();
        baker.Press(Keys.Escape);
        baker.Until(_ => !baker.Has("#working[open]"));

        // On a phone the remedies keep to the screen.
        using (var phone = new Baker(room, 390, 844))
        {
            phone.Open("/days/2");
            phone.Find(".would-do button");
            (
                (long)phone.Driver.ExecuteScript("return document.documentElement.scrollWidth - document.documentElement.clientWidth")!)
                .ShouldBeLessThanOrEqualTo(0);
        }

        baker.Click(".would-do button");
        baker.Until(
            _ =>
                baker.Has(".plan-head h2")
                    && baker.Text(".plan-head h2").Contains("Everything is ready in time", StringComparison.Ordinal));
        baker.ConsoleErrors().ShouldBeEmpty();
    }

    [Fact]
    public void A_calendar_goes_out_is_moved_and_comes_back()
    {
        using var baker = new Baker(room);
        Build(baker, 3);
        baker.Click("form[action$='handler=Solve'] button");
        Planned(baker);
        var block = baker.Find(".blk[aria-label*='Make dough']");
        var key = block.GetAttribute("data-key")!;
        var start = int.Parse(block.GetAttribute("data-start")!, CultureInfo.InvariantCulture);
        var calendar = (string)baker.Driver.ExecuteAsyncScript(
            "const done = arguments[0]; fetch(document.querySelector('.acts a[href*=Calendar]').href).then(r => r.text()).then(done)")!;
        var at = calendar.IndexOf($"UID:{key}.", StringComparison.Ordinal);
        var from = calendar.LastIndexOf("BEGIN:VEVENT", at, StringComparison.Ordinal);
        var to = calendar.IndexOf("END:VEVENT", at, StringComparison.Ordinal);
        var one = calendar[from..to];
        var stamp = one.Split('\n').First(l => l.StartsWith("DTSTART", StringComparison.Ordinal)).Split(':')[1].Trim();
        var moved = DateTime.ParseExact(stamp, "yyyyMMdd'T'HHmmss'Z'", CultureInfo.InvariantCulture).AddMinutes(-20)
            .ToString("yyyyMMdd'T'HHmmss'Z'", CultureInfo.InvariantCulture);
        var file = Path.Combine(Directory.CreateTempSubdirectory("roundcrumb-calendar-").FullName, "day.ics");
        File.WriteAllText(
            file, calendar[..from] + one.Replace("DTSTART:" + stamp, "DTSTART:" + moved, StringComparison.Ordinal) + calendar[to..]);

        baker.Find("#import-file").SendKeys(file);
        baker.Click("#import-file ~ .button");
        baker.Until(_ => baker.Driver.FindElement(By.CssSelector(".bake-day")).Text.Contains("Moved:", StringComparison.Ordinal));
        baker.Until(_ => baker.Has($".blk.pinned[data-key='{key}']"));
        Planned(baker);
        int.Parse(baker.Find($".blk[data-key='{key}']").GetAttribute("data-start")!, CultureInfo.InvariantCulture).ShouldBe(start - 4);
        Directory.Delete(Path.GetDirectoryName(file)!, recursive: true);
    }

    [Fact]
    public void On_a_phone_the_plan_is_a_plain_list_and_on_paper_one_sheet()
    {
        using (var baker = new Baker(room, 390, 844))
        {
            baker.Open("/days/1");
            baker.Click("form[action$='handler=Solve'] button");
            baker.Until(_ => baker.Has("#plan .plan-head") && !baker.Has("#plan .planning") && baker.Has(".day-list li"), "a plan");
            baker.Find(".day-list a").Displayed.ShouldBeTrue();
            baker.Driver.FindElement(By.CssSelector(".day-scroll")).Displayed.ShouldBeFalse();
            baker.AxeViolations().ShouldBeEmpty();
            (
                (long)baker.Driver.ExecuteScript("return document.documentElement.scrollWidth - document.documentElement.clientWidth")!)
                .ShouldBeLessThanOrEqualTo(0);
        }

        using var printer = new Baker(room);
        printer.Open("/days/1");
        Planned(printer);
        var pdf = printer.Driver.Print(
            new PrintOptions { PageDimensions = new PrintOptions.PageSize { Width = 21, Height = 29.7 }, ShrinkToFit = true });
        var pages = System.Text.Encoding.Latin1.GetString(Convert.FromBase64String(pdf.AsBase64EncodedString))
            .Split("/Type /Page\n").Length
            - 1;
        pages.ShouldBe(1);
    }
}
