using OpenQA.Selenium;

namespace RoundCrumb.Browser.Tests;

/// <summary>Layers beneath, toppings on toppings, and what is laid from above, in Chromium.</summary>
[Collection(OneTeaRoom.Name)]
public sealed class LayerTests(TeaRoom room)
{
    [Fact]
    public void A_baker_lays_caramel_and_bananas_under_the_filling_and_cream_and_coconut_on_it()
    {
        using var baker = new Baker(room);
        baker.Open(
            "/compose?pan=springform-20&crust=plain-crumb&bake=chilled&fill=honey-cheese&line=22&top=gelatine&cream=12&ahead=12&topped=4");
        var bare = baker.Text("#h-filling ~ .figures");
        baker.Choose("#f-under1", "salt-caramel");
        baker.Until(_ => baker.Here.Contains("under1=salt-caramel", StringComparison.Ordinal));
        baker.Choose("#f-under2", "banana-slices");
        baker.Until(_ => baker.Here.Contains("under2=banana-slices", StringComparison.Ordinal));

        // They take room from the filling, and say what they weigh.
        baker.Text("#h-filling ~ .figures").ShouldNotBe(bare);
        baker.Text(".beneath").ShouldContain("pieces");
        baker.Driver.FindElement(By.CssSelector("svg.cut desc")).GetAttribute("textContent")!.ShouldContain("banana slices");

        // Thicker caramel by key, in its field.
        baker.Find("#f-under1-high").SendKeys(Keys.ArrowUp);
        baker.Until(_ => baker.Here.Contains("under1-high=9", StringComparison.Ordinal));
        baker.Choose("#f-on1", "toasted-coconut");
        baker.Until(_ => baker.Here.Contains("on1=toasted-coconut", StringComparison.Ordinal));

        // Another pan reflows it all; the layers stay.
        baker.Choose("#f-pan", "springform-23");
        baker.Until(_ => baker.Here.Contains("pan=springform-23", StringComparison.Ordinal));
        baker.Here.ShouldContain("under2=banana-slices");

        // The sheet weighs every part.
        baker.Type("#pies", "2");
        baker.Click("[formaction='/compose?handler=Make']");
        baker.Until(_ => baker.Here.StartsWith("/bakes/", StringComparison.Ordinal));
        var weigh = baker.Text(".weigh");
        foreach (
            var part in (string[])[
                "Beneath: Salt caramel", "Beneath: Banana slices", "Filling: Honey", "Topping: Whipped cream", "On that: Toasted coconut"])
            weigh.ShouldContain(part);
        baker.Click("#t-under1-butter");
        baker.Open(baker.Here);
        baker.Find("#t-under1-butter").Selected.ShouldBeTrue();

        // Taken away again in Compose.
        baker.Driver.Navigate().Back();
        baker.Driver.Navigate().Back();
        baker.Find("#pick-under2");
        baker.Choose("#f-under2", "none");
        baker.Until(_ => !baker.Here.Contains("under2=", StringComparison.Ordinal));
        baker.ConsoleErrors().ShouldBeEmpty();
    }

    [Fact]
    public void A_layer_too_thick_for_its_pan_is_said_in_place_and_kept()
    {
        using var baker = new Baker(room);
        baker.Open("/compose?fill=pear-cardamom-light&under1=salt-caramel");
        baker.Type("#f-under1-high", "80");
        baker.Text("#t-under1-high").ShouldContain("the filling wants its room");
        baker.Find("#f-under1-high").GetAttribute("value").ShouldBe("80");
    }

    [Fact]
    public void A_baker_lays_a_ring_of_fruit_and_saves_the_drawing()
    {
        using var baker = new Baker(room);
        baker.Open(
            "/compose?pan=tart-23&crust=sweet-short&bake=steady&edge=trimmed&seal=white&fill=malt-custard&"
                + "top=laid-strawberry-halves&ahead=10");
        baker.Text("#h-topping ~ .figures").ShouldContain("55 pieces");
        baker.Click("a[href^='/above']");
        baker.Until(_ => baker.Here.StartsWith("/above", StringComparison.Ordinal));
        baker.Driver.FindElements(By.CssSelector(".above-drawing ellipse")).Count.ShouldBe(55);
        baker.Text(".rings").ReplaceLineEndings(" ").ShouldBe("26 18 10 1");

        // More overlap takes more of them; the address holds it.
        baker.Type("#f-top-over", "40");
        baker.Until(_ => baker.Here.Contains("top-over=40", StringComparison.Ordinal));
        baker.Driver.FindElements(By.CssSelector(".above-drawing ellipse")).Count.ShouldBeGreaterThan(80);
        baker.Choose("#f-top-laid", "spiral");
        baker.Until(_ => baker.Here.Contains("top-laid=spiral", StringComparison.Ordinal));

        // Beyond reason: said in place, kept.
        baker.Type("#f-top-over", "90");
        baker.Text("#t-top-over").ShouldContain("0 to 60 %");
        baker.Find("#f-top-over").GetAttribute("value").ShouldBe("90");

        // The sheets to print are of the pie's own size, and wait for the printer.
        baker.Has(".true-size").ShouldBeTrue();
        baker.Find("a[download]").GetAttribute("href")!.ShouldContain("handler=File");
        baker.ConsoleErrors().ShouldBeEmpty();
    }

    [Fact]
    public void A_piece_larger_than_the_pan_is_stopped_with_a_way_out()
    {
        using var baker = new Baker(room);
        baker.Open("/compose?pan=tartlet-8&crust=sweet-short&bake=steady&seal=white&fill=malt-custard&top=laid-pear-halves&ahead=10");
        baker.Text("[data-rule=piece-too-large]").ShouldContain("Not one goes on whole");
        baker.Text("#pick-top summary .pick-name").ShouldContain("Pear halves");
        baker.Click("[data-rule=piece-too-large] .remedy");
        baker.Until(_ => !baker.Has("[data-rule=piece-too-large]"));
    }

    [Fact]
    public void Too_soft_last_time_moves_the_setter_and_the_slider_fills_its_field()
    {
        using var baker = new Baker(room);
        baker.Open("/compose");
        baker.Click("#meets summary");
        baker.Click(".nudges a[href^='/compose?']");
        baker.Until(_ => baker.Here.Contains("set=114", StringComparison.Ordinal) && baker.Find("#f-set").GetAttribute("value") == "114");
        baker.Find("#f-firm").SendKeys(Keys.ArrowLeft);
        baker.Until(_ => baker.Here.Contains("set=113", StringComparison.Ordinal));
    }
}
