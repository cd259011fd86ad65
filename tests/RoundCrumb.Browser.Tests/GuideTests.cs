using OpenQA.Selenium;

namespace RoundCrumb.Browser.Tests;

/// <summary>Guide, fault finder and practice in a baker's hands, by keyboard and on a phone.</summary>
public sealed class GuideTests
{
    /// <summary>From a log to the fault, a question answered by keyboard, and the pie changed so that it does not come again.</summary>
    [Fact]
    public async Task A_soggy_base_is_traced_from_its_log_by_keyboard()
    {
        await using var room = new TeaRoom();
        using var baker = new Baker(room);
        baker.Open("/bakes/12/log");
        baker.Click("a[href='/notebook/faults?bake=12']");
        baker.Until(_ => baker.Has(".fault-places"), "what is wrong");
        baker.TabTo("a[href^='/notebook/faults/soggy-base']");
        baker.Press(Keys.Enter);
        baker.Until(_ => baker.Has(".ask-now"), "a question");
        baker.Find(".suspects .first").Text.ShouldContain("It waited for long without a seal");
        baker.TabTo(".ask-now a:nth-of-type(2)");
        baker.Press(Keys.Enter);
        baker.Until(_ => baker.Here.Contains("no=", StringComparison.Ordinal), "an answer");
        baker.Find("main").Text.ShouldContain("You said");
        baker.AxeViolations().ShouldBeEmpty();
        baker.Click(".suspects .chance summary");
        baker.Find(".suspects .opens-work").Text.ShouldContain("what speaks for it");
        baker.Click(".suspects .prevent a");
        baker.Until(_ => baker.Here.StartsWith("/compose", StringComparison.Ordinal), "the pie, mended");
        baker.Here.ShouldContain("seal=white");
        baker.ConsoleErrors().ShouldBeEmpty();
    }

    /// <summary>Opened from the bar nothing is known; by keyboard the bake is chosen, and its log speaks.</summary>
    [Fact]
    public async Task A_fault_is_traced_of_a_bake_that_is_chosen_on_the_spot()
    {
        await using var room = new TeaRoom();
        using var baker = new Baker(room);
        baker.Open("/notebook/faults/soggy-base");
        baker.Find(".suspects").Text.ShouldNotContain("For it:");
        baker.AxeViolations().ShouldBeEmpty();
        baker.TabTo("#which");
        baker.Driver.FindElement(By.CssSelector("#which option[value='bake-12']")).Click();
        baker.TabTo(".which button");
        baker.Press(Keys.Enter);
        baker.Until(_ => baker.Here == "/notebook/faults/soggy-base?bake=12", "the bake");
        baker.Find(".suspects .first").Text.ShouldContain("no seal, and it stood");
        baker.ConsoleErrors().ShouldBeEmpty();
    }

    /// <summary>On a phone: a step of a sheet leads to how it is done with the pie's own amounts, and on to the next technique.</summary>
    [Fact]
    public async Task A_step_leads_to_how_it_is_done_on_a_phone()
    {
        await using var room = new TeaRoom();
        using var baker = new Baker(room, 390, 844);
        baker.Open("/bakes/1");
        baker.Click(".step a[href^='/notebook/guide/tempering']");
        baker.Until(_ => baker.Has(".technique-page"), "the technique");
        baker.Find(".amounts").Text.ShouldContain("Onto the yolks first");
        baker.Driver.FindElements(By.CssSelector(".states .technique")).Count.ShouldBe(3);
        baker.Click(".amounts summary");
        baker.Find(".amounts .opens-work").Displayed.ShouldBeTrue();
        baker.AxeViolations().ShouldBeEmpty();
        baker.ConsoleErrors().ShouldBeEmpty();
    }

    /// <summary>Three exercises by keyboard: each is told right or not, opens its working, and leads to the next.</summary>
    [Fact]
    public async Task Exercises_are_answered_by_keyboard()
    {
        await using var room = new TeaRoom();
        using var baker = new Baker(room);
        baker.Open("/notebook/practice");
        for (var i = 0; i < 3; i++)
        {
            baker.TabTo(".answers button");
            baker.Press(Keys.Enter);
            baker.Until(_ => baker.Has(".verdict-said"), "told");
            baker.AxeViolations().ShouldBeEmpty();
            baker.TabTo(".exercise .go");
            baker.Press(Keys.Enter);
            baker.Until(_ => baker.Has(".answers"), "the next one");
        }

        baker.Find(".kinds").Text.ShouldContain("of 1 right");
        baker.ConsoleErrors().ShouldBeEmpty();
    }
}
