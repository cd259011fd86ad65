using OpenQA.Selenium;

namespace RoundCrumb.Browser.Tests;

/// <summary>Does it go together: the board, a remedy, “I know”, and a what-if, in Chromium.</summary>
[Collection(OneTeaRoom.Name)]
public sealed class PairingTests(TeaRoom room)
{
    [Fact]
    public void A_baker_opens_a_meeting_on_the_board_and_composes_it_mended()
    {
        using var baker = new Baker(room);
        baker.Open("/pairings");
        baker.Click("a[title^='Rhubarb buttermilk custard on plain biscuit crumb']");
        baker.Until(_ => baker.Here.Contains("with=plain-crumb", StringComparison.Ordinal));
        baker.Text("#opened").ShouldContain("It leaks");
        baker.Text("#opened").ShouldContain("Line it with short crust");

        // Guests who must not have milk change the board; the meeting stays open by its address.
        var good = baker.Driver.FindElements(By.CssSelector("td:not(.level-no)")).Count;
        baker.Click(".asked .more summary");
        baker.Click("input[name=no-milk]");
        baker.Until(_ => baker.Here.Contains("no-milk=1", StringComparison.Ordinal));
        baker.Driver.FindElements(By.CssSelector("td:not(.level-no)")).Count.ShouldBeLessThan(good);
        baker.Open("/pairings?with=plain-crumb,rhubarb-buttermilk");
        baker.Driver.FindElement(By.LinkText("Compose it with these changes")).Click();
        baker.Until(_ => baker.Here.StartsWith("/compose", StringComparison.Ordinal));
        baker.Here.ShouldContain("crust=short");
        baker.Has("[data-rule=crumb-leaks]").ShouldBeFalse();
        baker.ConsoleErrors().ShouldBeEmpty();
    }

    [Fact]
    public void A_baker_says_I_know_and_takes_it_back()
    {
        using var baker = new Baker(room);
        baker.Open("/compose?pan=plate-23&crust=butter-flaky&bake=hot&seal=none&fill=malt-custard&ahead=14&top=icing");
        baker.Click("[data-rule=unsealed] .why summary");
        baker.Click("[data-rule=unsealed] .know");
        baker.Until(_ => baker.Here.Contains("known=unsealed", StringComparison.Ordinal));
        baker.Has("section[aria-labelledby=h-seal] [data-rule=unsealed]").ShouldBeFalse();
        baker.Click("#known summary");
        baker.Click("#known .know");
        baker.Until(_ => !baker.Here.Contains("known=", StringComparison.Ordinal));
        baker.Find("section[aria-labelledby=h-seal] [data-rule=unsealed]");
    }

    [Fact]
    public void What_if_there_is_no_oven()
    {
        using var baker = new Baker(room);
        baker.Open("/compose?pan=plate-23&crust=butter-flaky&bake=hot&seal=white&fill=malt-custard&ahead=14&top=gelatine");
        var before = baker.Here;
        baker.Click("a[href^='/what-if']");
        baker.Until(_ => baker.Here.StartsWith("/what-if", StringComparison.Ordinal));
        baker.Driver.FindElement(By.LinkText("There is no oven")).Click();
        baker.Until(_ => baker.Here.Contains("if=no-oven", StringComparison.Ordinal));
        baker.Driver.FindElements(By.CssSelector(".near > li")).Count.ShouldBe(3);

        // The nearest keeps the filling; the old pie is where it was.
        baker.Click(".near .go");
        baker.Until(_ => baker.Here.StartsWith("/compose", StringComparison.Ordinal));
        baker.Here.ShouldContain("crust=bought-shell-23");
        baker.Here.ShouldContain("fill=malt-custard");
        baker.Has(".finding.stops").ShouldBeFalse();
        baker.Open(before);
        baker.Text("#pick-fill summary .pick-name").ShouldBe("Malt custard");
    }

    [Fact]
    public void The_house_settles_a_school_once()
    {
        using var baker = new Baker(room);
        baker.Open("/compose");
        baker.Click("#schools summary");
        baker.Find("#schools [data-rule=butter-or-shortening]");
        baker.Open("/kitchen#schools");
        baker.Choose("#school-butter-or-shortening", "butter");
        baker.Click("#schools button");
        baker.Until(_ => baker.Find("#school-butter-or-shortening option[value=butter]").Selected);
        baker.Open("/compose");
        baker.Click("#schools summary");
        baker.Has("#schools [data-rule=butter-or-shortening]").ShouldBeFalse();
        baker.Open("/kitchen#schools");
        baker.Choose("#school-butter-or-shortening", "");
        baker.Click("#schools button");
    }
}
