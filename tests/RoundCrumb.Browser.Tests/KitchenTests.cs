using OpenQA.Selenium;

namespace RoundCrumb.Browser.Tests;

/// <summary>Pans in Chromium: one measured by water, one swapped for another.</summary>
[Collection(OneTeaRoom.Name)]
public sealed class KitchenTests(TeaRoom room)
{
    [Fact]
    public void On_a_phone_every_field_of_a_form_is_there()
    {
        using var baker = new Baker(room, 390, 844);
        baker.Open("/bakes/3/log");
        baker.Find("#l-notes").Displayed.ShouldBeTrue();
        baker.Open("/kitchen");
        baker.Find("#k-name").Displayed.ShouldBeTrue();

        // The ovens are a part of their own: opening it closes the pans.
        baker.Click("#part-ovens > summary");
        baker.Driver.FindElement(By.Id("k-name")).Displayed.ShouldBeFalse();
        baker.Driver.ExecuteScript("document.querySelector('#part-ovens .kitchen-in details').open = true");
        baker.Find("#oven-1-name").Displayed.ShouldBeTrue();
    }

    [Fact]
    public void A_pan_is_added_by_water_and_a_pie_is_made_in_it()
    {
        using var baker = new Baker(room);
        baker.Open("/kitchen");
        baker.Find("#k-name").SendKeys("Grandmother’s dish");
        baker.Find("#k-own-top").SendKeys("252");
        baker.Find("#k-own-base").SendKeys("300");
        baker.Find("#k-own-deep").SendKeys("35");
        baker.Find("#k-own-water").SendKeys("1420");
        baker.Click("#measure .go");

        // Wider below than above: said in place, and everything typed is still there.
        baker.Text("#t-own-base").ShouldContain("wider than the top");
        baker.Find("#k-name").GetDomProperty("value").ShouldBe("Grandmother’s dish");
        baker.Find("#k-own-base").Clear();
        baker.Find("#k-own-base").SendKeys("205");
        baker.Click("#measure .go");
        baker.Until(_ => baker.Text(".rack").Contains("Grandmother’s dish", StringComparison.Ordinal));
        baker.Text(".rack").ShouldContain("holds 1,420 ml by water");

        baker.Open("/compose");
        baker.OpenPicker("#pick-pan");
        var key = (string)baker.Driver.ExecuteScript(
            "return [...document.querySelectorAll('#picks-pan button')].find(o => "
                + "o.textContent.includes('Grandmother’s dish')).dataset.value")!;
        baker.Click("#pick-pan summary");
        baker.Choose("#f-pan", key);
        baker.Until(_ => baker.Here.Contains("own-water=1420", StringComparison.Ordinal));
        baker.Text("#h-pan + .figures").ShouldContain("1,420 ml to the brim");
        baker.Text("#pick-pan summary .pick-name").ShouldBe("Grandmother’s dish");
        baker.ConsoleErrors().ShouldBeEmpty();
    }

    [Fact]
    public void A_pan_is_swapped_in_compose_for_one_that_stands_in()
    {
        using var baker = new Baker(room);
        baker.Open("/compose?pan=oblong-35&crust=sweet-short&edge=trimmed&seal=white&fill=malt-custard&top=none&ahead=10");
        baker.Text("#h-crust + .figures").ShouldContain("16.7 cm by 40.7 cm");
        baker.Click("#pan-other summary");
        baker.Until(_ => baker.Has(".stand-ins .remedy"));
        baker.Text(".stand-ins").ShouldContain("for the same depth");
        baker.Click(".stand-ins .remedy");
        baker.Until(_ => !baker.Here.Contains("pan=oblong-35", StringComparison.Ordinal));
        baker.Here.ShouldContain("fill=malt-custard");
        baker.ConsoleErrors().ShouldBeEmpty();
    }
}
