using OpenQA.Selenium;

namespace RoundCrumb.Browser.Tests;

/// <summary>Shells for the freezer, and the blind-bake card, in Chromium.</summary>
[Collection(OneTeaRoom.Name)]
public sealed class CrustTests(TeaRoom room)
{
    [Fact]
    public void Five_shells_for_the_freezer_are_planned_by_keyboard_and_printed_from_their_card()
    {
        using var baker = new Baker(room);
        baker.Open("/crusts");
        baker.Choose("#f-crust", "butter-flaky");
        baker.Until(_ => baker.Here.Contains("crust=butter-flaky", StringComparison.Ordinal));
        baker.TabTo("#say");
        baker.Press("five 23 cm plates to freeze");
        baker.Press(Keys.Enter);
        baker.Until(_ => baker.Text(".lead").Contains("5 shells, 5 for the freezer", StringComparison.Ordinal));

        // By hand: a disc of 312.2 mm, crimped, is 308.7 g with its trimming; five of them 1,543.5, said in fives.
        baker.Text("#weigh-h").ShouldContain("1,545 g in all");

        // The row can be put right by hand: three of the five.
        baker.Type("#cold-0", "3");
        baker.Until(_ => baker.Here.Contains("cold=3", StringComparison.Ordinal));
        baker.Text(".lead").ShouldContain("3 for the freezer");
        baker.Find(".bake-rows").Text.ShouldContain("3 × 23 cm pie plate, glass, from the freezer");

        baker.Driver.FindElements(By.CssSelector(".bake-rows a.button"))[1].Click();
        baker.Until(_ => baker.Here.StartsWith("/bake-card", StringComparison.Ordinal));
        baker.Text(".chain").ShouldContain("from the freezer");
        baker.Find("#c-goes").FindElement(By.CssSelector("option[value='baked-custard']")).Click();
        baker.Find(".card-choices .button").Click();
        baker.Until(_ => baker.Text("#stages-h").Contains("part bake", StringComparison.Ordinal));
        baker.Text("#colour-h").ShouldContain("straw");
        baker.ConsoleErrors().ShouldBeEmpty();
    }

    [Fact]
    public void A_thickness_is_slid_until_it_eats_dry()
    {
        using var baker = new Baker(room);
        baker.Open("/crusts?crust=wheatmeal-crumb&p=plate-23&many=1&cold=0");
        baker.Find(".slide").SendKeys(Keys.End);
        baker.Settled();
        baker.Until(_ => baker.Text("#thick-says").Contains("eats dry", StringComparison.Ordinal));
        baker.Find(".slide").SendKeys(Keys.Home);
        baker.Settled();
        baker.Until(_ => baker.Text("#thick-says").Contains("breaks when it is cut", StringComparison.Ordinal));
        baker.ConsoleErrors().ShouldBeEmpty();
    }

    [Fact]
    public void Another_oven_changes_the_dial_in_compose()
    {
        using var baker = new Baker(room);
        baker.Open("/compose");
        baker.Until(_ => baker.Text(".stages").Contains("Big oven: set 210 °C", StringComparison.Ordinal));
        baker.Choose("#f-oven", "oven-2");
        baker.Until(_ => baker.Text(".stages").Contains("Small fan oven: set 205 °C", StringComparison.Ordinal));
        baker.Here.ShouldContain("oven=oven-2");
        baker.ConsoleErrors().ShouldBeEmpty();
    }

    [Fact]
    public void A_batch_is_shared_out_over_mixed_pans()
    {
        using var baker = new Baker(room);
        baker.Open("/compose?pan=tart-20&crust=plain-crumb&bake=baked&fill=malt-custard&top=none");
        baker.Click("section[aria-labelledby=h-filling] a[href^='/pour']");
        baker.Until(_ => baker.Here.StartsWith("/pour", StringComparison.Ordinal));
        baker.Find("#add").FindElement(By.CssSelector("option[value='tartlet-10']")).Click();
        baker.Settled();
        baker.Until(_ => baker.Has("#many-1"));
        baker.Type("#many-1", "3");
        baker.Until(_ => baker.Text(".lead").Contains("over 4 pans", StringComparison.Ordinal));
        baker.Choose("#f-make", "above");
        baker.Until(_ => baker.Here.Contains("make=above", StringComparison.Ordinal));

        // By hand in the core's own test: 497 g into the tart, 76 g into each tartlet, 725 g in all.
        baker.Find(".pour").Text.ShouldContain("stop 725 g");

        // Another set of pans for the same batch, in one click.
        baker.Click(".stand-ins .remedy");
        baker.Until(
            _ => !baker.Here.Contains("many=3", StringComparison.Ordinal) || !baker.Here.Contains("tartlet-10", StringComparison.Ordinal));
        baker.ConsoleErrors().ShouldBeEmpty();
    }
}
