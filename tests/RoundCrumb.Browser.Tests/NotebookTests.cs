using OpenQA.Selenium;

namespace RoundCrumb.Browser.Tests;

/// <summary>The notebook in a baker's hands: logged, learned, switched off, compared, tried again.</summary>
public sealed class NotebookTests
{
    /// <summary>
    /// A pot a little light, logged by keyboard, is the second that says so: the next screen says what was learned, the figure in Compose
    /// says it in its working, and switched off it is gone.
    /// </summary>
    [Fact]
    public async Task A_log_is_learned_from_shown_in_a_working_and_switched_off()
    {
        await using var room = new TeaRoom();
        using var baker = new Baker(room);
        baker.Open("/compose?pan=plate-23&crust=butter-flaky&fill=malt-custard&make=exact&top=none");
        baker.Type("#pie-name", "Pot pie");
        baker.Click("[formaction='/compose?handler=Save']");
        baker.Until(_ => baker.Here.Contains("kept=1", StringComparison.Ordinal), "kept");
        baker.Click("[formaction='/compose?handler=Make']");
        baker.Until(_ => baker.Here.StartsWith("/bakes/", StringComparison.Ordinal), "a sheet");
        var sheet = baker.Here.Split('?')[0];
        baker.Open(sheet + "/log");
        baker.Click(".log-form .verdict label:has([name='base'][value='Crisp'])");
        baker.TabTo("[name='from-pot']");
        baker.Press("690", Keys.Enter);
        baker.Until(_ => baker.Here.Contains("kept=1", StringComparison.Ordinal), "written down");
        baker.Text(".said").ShouldContain("Malt custard gives");
        baker.AxeViolations().ShouldBeEmpty();

        baker.Open("/working?f=yield-mass&pan=plate-23&crust=butter-flaky&fill=malt-custard");
        baker.Find("main").Text.ShouldContain("this kitchen, from 2 bakes");
        baker.Open("/notebook/learned");
        baker.Click(".learned-table a[href*='malt-custard']");
        baker.Until(_ => baker.Has(".run-chart"), "its bakes");
        baker.Find(".moved").Text.ShouldContain("Pot pie");
        baker.Click(".modes form:nth-of-type(2) button");
        baker.Until(_ => baker.Text(".answer").Contains("As the book has it", StringComparison.Ordinal), "switched off");
        baker.AxeViolations().ShouldBeEmpty();
        baker.Open("/working?f=yield-mass&pan=plate-23&crust=butter-flaky&fill=malt-custard");
        baker.Find("main").Text.ShouldNotContain("this kitchen");
        baker.ConsoleErrors().ShouldBeEmpty();
    }

    [Fact]
    public async Task Two_bakes_are_ticked_and_stand_side_by_side()
    {
        await using var room = new TeaRoom();
        using var baker = new Baker(room);
        baker.Open("/notebook?pie=Rhubarb+buttermilk+custard+pie");
        var boxes = baker.Driver.FindElements(By.CssSelector(".log-pick"));
        boxes[0].Click();
        boxes[1].Click();
        baker.Click(".log-acts button");
        baker.Until(_ => baker.Has(".beside-table"), "side by side");
        baker.Find(".beside-table").Text.ShouldContain("Filling from the pot");
        baker.Has(".run-chart").ShouldBeTrue();
        baker.AxeViolations().ShouldBeEmpty();
        baker.ConsoleErrors().ShouldBeEmpty();
    }

    /// <summary>On a phone: what to try next opens in Compose with its change, and a trial is made of it.</summary>
    [Fact]
    public async Task What_to_try_next_opens_in_compose_and_becomes_a_trial()
    {
        await using var room = new TeaRoom();
        using var baker = new Baker(room, 390, 844);
        baker.Open("/notebook?pie=Raspberry+yoghurt+pie");
        baker.Click(".log-rows .button");
        baker.Until(_ => baker.Has(".next-try .answer"), "what to try next");
        baker.Text(".next-try .answer").ShouldContain("softer");
        var log = baker.Here;
        baker.Click(".next-try .go");
        baker.Until(_ => baker.Here.StartsWith("/compose?", StringComparison.Ordinal), "in Compose");
        baker.Here.ShouldContain("fill=raspberry-chiffon");
        baker.Here.ShouldNotContain("set=100&");
        baker.Open(log);
        baker.Click(".next-try form button");
        baker.Until(_ => baker.Here.StartsWith("/notebook/trials/", StringComparison.Ordinal), "a trial");
        baker.Click(".run-pick .go");
        baker.Until(_ => baker.Driver.FindElements(By.CssSelector(".trial-arms .bakes li")).Count == 2, "both sheets");
        baker.Find(".answer").Text.ShouldContain("Nothing is written down yet");
        baker.AxeViolations().ShouldBeEmpty();
        baker.ConsoleErrors().ShouldBeEmpty();
    }
}
