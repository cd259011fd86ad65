using OpenQA.Selenium;

namespace RoundCrumb.Browser.Tests;

/// <summary>The whole job in Chromium: compose, mend, open a working, save, make, tick, log.</summary>
[Collection(OneTeaRoom.Name)]
public sealed class WholeJobTests(TeaRoom room)
{
    [Fact]
    public void A_baker_puts_a_pie_together_makes_it_and_writes_down_what_happened()
    {
        using var baker = new Baker(room);
        baker.Open("/compose");

        // A change redraws the cut and the sums in place, and the address holds all of it.
        var before = baker.Find("svg.cut").GetDomAttribute("viewBox");
        baker.Choose("#f-pan", "deep-plate-24");
        baker.Until(_ => baker.Here.Contains("pan=deep-plate-24", StringComparison.Ordinal));
        baker.Find("svg.cut").GetDomAttribute("viewBox").ShouldNotBe(before);
        baker.Text("#h-pan + .figures").ShouldContain("1,830 ml");

        // Too deep for a custard: the advice stands by the filling, and one click mends it.
        baker.Text("[data-rule=too-deep]").ShouldContain("Will disappoint");
        baker.Click("[data-rule=too-deep] .remedy");
        baker.Until(_ => !baker.Has("[data-rule=too-deep]"));
        baker.Here.ShouldContain("line=12");

        // Reload, back and forward keep the composition.
        var mended = baker.Here;
        baker.Open(mended);
        baker.Find("#f-line").GetAttribute("value").ShouldBe("12");
        baker.Choose("#f-top", "plain");
        baker.Until(_ => baker.Here.Contains("top=plain", StringComparison.Ordinal));
        baker.Driver.Navigate().Back();
        baker.Until(_ => baker.Text("#l-topping").Contains("icing sugar", StringComparison.Ordinal), "back");
        baker.Here.ShouldBe(mended);

        // A figure opens to its working, with the constant's range.
        baker.Click("#h-crust + .figures .num");
        var working = baker.Find("#working[open]");
        working.Text.ShouldContain("π ÷ 4 × disc²");
        working.Text.ShouldContain("Bakers use");
        baker.Press(Keys.Escape);
        baker.Until(_ => !baker.Has("#working[open]"));

        // Saved by name, it stands among the pies.
        baker.Type("#pie-name", "Deep malt pie");
        baker.Click("[formaction='/compose?handler=Save']");
        baker.Until(_ => baker.Here.Contains("kept=1", StringComparison.Ordinal));
        baker.Open("/pies");
        baker.Driver.FindElement(By.PartialLinkText("Deep malt pie")).Displayed.ShouldBeTrue();

        // Three of these: the sheet, with ticks that survive a reload.
        baker.Driver.FindElement(By.PartialLinkText("Deep malt pie")).Click();
        baker.Type("#pies", "3");
        baker.Click("[formaction='/compose?handler=Make']");
        baker.Until(_ => baker.Here.StartsWith("/bakes/", StringComparison.Ordinal));
        var sheet = baker.Here;
        baker.Text(".lead").ShouldContain("3 pies");
        baker.Click("#t-crust\\.butter");
        baker.Click("#t-step\\.freeze-fat");
        baker.Open(sheet);
        baker.Find("#t-crust\\.butter").Selected.ShouldBeTrue();
        baker.Find("#t-step\\.freeze-fat").Selected.ShouldBeTrue();
        baker.Find("#t-crust\\.water").Selected.ShouldBeFalse();

        // The log: bad input is kept and said; good input stands beside the plan.
        baker.Click(".acts a[href$='/log']");
        baker.Type("#l-oven-set", "hot");
        baker.Type("#l-min-weighted", "31");
        baker.Click(".log-form .go");
        baker.Text("#t-oven-set").ShouldContain("oven heat");
        baker.Find("#l-min-weighted").GetAttribute("value").ShouldBe("31");
        baker.Type("#l-oven-set", "220");
        baker.Click(".verdict label:has(input[name=set][value=Clean])");
        baker.Click(".log-form .go");
        baker.Until(_ => baker.Here.Contains("kept=1", StringComparison.Ordinal));
        baker.Text(".compare").ShouldContain("longer");
        baker.Text(".compare").ShouldContain("as predicted");
        baker.ConsoleErrors().ShouldBeEmpty();
    }

    [Fact]
    public void The_same_job_with_the_keyboard_alone()
    {
        using var baker = new Baker(room);
        baker.Open("/");

        // The first tab leads past the bar.
        baker.Press(Keys.Tab);
        baker.Active.Text.ShouldBe("Skip to the content");
        baker.Press(Keys.Enter);
        baker.TabTo("a.button[href='/compose']");
        baker.Press(Keys.Enter);
        baker.Until(_ => baker.Here.StartsWith("/compose", StringComparison.Ordinal));

        // Name it, then step the fill line down in its field: arrow down lowers the number.
        baker.TabTo("#pie-name");
        baker.Press("Keyboard pie");
        baker.TabTo("#f-line");
        baker.Press(Keys.ArrowUp);
        baker.Settled();
        baker.Until(_ => baker.Here.Contains("line=6", StringComparison.Ordinal));
        baker.Active.GetAttribute("id").ShouldBe("f-line");
        baker.Find("#pie-name").GetAttribute("value").ShouldBe("Keyboard pie");

        // The handle on the drawing: down the drawing is farther below the rim.
        baker.Driver.ExecuteScript("document.getElementById('h-line-handle').focus()");
        baker.Press(Keys.ArrowDown);
        baker.Settled();
        baker.Until(_ => baker.Here.Contains("line=7", StringComparison.Ordinal));
        baker.Find("#h-line-handle").GetAttribute("aria-valuenow").ShouldBe("7");

        // Leave the seal off, and take the remedy.
        baker.TabTo("#l-seal");
        baker.Press(Keys.Enter);
        baker.Until(_ => baker.Has("#f-seal-white"));
        baker.Settled();
        baker.TabTo("#f-seal-white");
        baker.Press(Keys.ArrowUp);
        baker.Until(_ => baker.Here.Contains("seal=yolk", StringComparison.Ordinal));
        baker.Settled();
        baker.Press(Keys.ArrowUp);
        baker.Until(_ => baker.Has("[data-rule=unsealed]"));
        baker.TabTo("[data-rule=unsealed] .remedy");
        baker.Press(Keys.Enter);
        baker.Until(_ => !baker.Has("[data-rule=unsealed]"));

        // Open a working and close it again.
        baker.TabTo("#l-topping");
        baker.Press(Keys.Enter);
        baker.Until(_ => baker.Has("#l-topping[aria-expanded=true]"));
        baker.Settled();
        baker.TabTo("#h-topping ~ .figures .num");
        baker.Press(Keys.Enter);
        baker.Find("#working[open]").Text.ShouldContain("mean thickness");
        baker.Press(Keys.Enter);
        baker.Until(_ => !baker.Has("#working[open]"));

        // Save it, make it, tick the first line, write the log.
        baker.TabTo("[formaction='/compose?handler=Save']");
        baker.Press(Keys.Enter);
        baker.Until(_ => baker.Here.Contains("kept=1", StringComparison.Ordinal));
        baker.TabTo("[formaction='/compose?handler=Make']");
        baker.Press(Keys.Enter);
        baker.Until(_ => baker.Here.StartsWith("/bakes/", StringComparison.Ordinal));
        baker.TabTo(".lines input[type=checkbox]");
        baker.Press(Keys.Space);
        baker.Settled();
        var sheet = baker.Here;
        baker.Open(sheet);
        baker.Find(".lines input[type=checkbox]").Selected.ShouldBeTrue();
        baker.TabTo(".acts a[href$='/log']");
        baker.Press(Keys.Enter);
        baker.TabTo("#l-notes");
        baker.Press("By key.");
        baker.TabTo(".log-form .go");
        baker.Press(Keys.Enter);
        baker.Until(_ => baker.Here.Contains("kept=1", StringComparison.Ordinal));
        baker.Text(".notes").ShouldBe("By key.");
        baker.ConsoleErrors().ShouldBeEmpty();
    }

    [Fact]
    public void The_cream_is_dragged_higher_on_the_drawing()
    {
        using var baker = new Baker(room);
        baker.Open("/compose");
        var handle = baker.Find("#h-cream-handle");
        new OpenQA.Selenium.Interactions.Actions(baker.Driver).ClickAndHold(handle).MoveByOffset(0, -20).MoveByOffset(0, -15).Release()
            .Perform();
        baker.Until(
            _ => !baker.Here.Contains("cream=12", StringComparison.Ordinal) && baker.Here.Contains("cream=", StringComparison.Ordinal));
        double.Parse(
            baker.Find("#f-cream").GetAttribute("value")!, System.Globalization.CultureInfo.InvariantCulture).ShouldBeInRange(16, 30);
    }

    [Fact]
    public void Bad_input_is_said_in_place_and_stays()
    {
        using var baker = new Baker(room);
        baker.Open("/compose");
        baker.Type("#f-thick", "0");
        baker.Text("#t-thick").ShouldContain("1 mm to 8 mm");
        baker.Find("#f-thick").GetAttribute("value").ShouldBe("0");
        baker.Type("#f-thick", "2,5");
        baker.Until(_ => !baker.Has("#t-thick"));
        baker.Here.ShouldContain("thick=2.5");
        baker.Type("#f-cream", "");
        baker.Text("#t-cream").ShouldContain("Nothing is written");
        baker.Choose("#f-pan", "own");
        baker.Type("#f-own-top", "3000");
        baker.Text("#t-own-top").ShouldContain("60 cm");
        baker.ConsoleErrors().ShouldBeEmpty();
    }

    [Fact]
    public void Units_are_switched_once_for_every_screen()
    {
        using var baker = new Baker(room);
        baker.Open("/compose");
        baker.Find("#pie-name").SendKeys("Typed and not kept");
        baker.Click(".units > summary");
        baker.Click("input[name=mass][value=cups]");
        baker.Click("input[name=oven][value=gas]");
        baker.Click("input[name=length][value=inches]");
        baker.Click(".units-form button");
        baker.Until(_ => baker.Text(".units-now") == "cups · gas · in");
        baker.Find("#pie-name").GetDomProperty("value").ShouldBe("Typed and not kept");
        baker.Find("#f-thick").GetAttribute("value").ShouldBe("⅛ in");
        baker.Text(".stages").ShouldContain("gas 7");

        // Another choice leaves the thickness at its millimetres.
        baker.Choose("#f-top", "plain");
        baker.Until(_ => baker.Here.Contains("top=plain", StringComparison.Ordinal));
        baker.Here.ShouldContain("thick=3&");
        baker.Open("/bakes/1");
        baker.Text(".weigh").ShouldContain("cups");
    }

    [Fact]
    public void Delete_can_be_undone()
    {
        using var baker = new Baker(room);
        baker.Open("/pies");
        baker.Click("#pie-3 .shelf-more summary");
        baker.Click("#pie-3 [formaction='/pies?handler=Delete']");
        baker.Until(_ => !baker.Has("#pie-3"));
        baker.Click(".undo button");
        baker.Until(_ => baker.Has("#pie-3"));
    }
}
