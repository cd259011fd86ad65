using OpenQA.Selenium;

namespace RoundCrumb.Browser.Tests;

/// <summary>The recipe box in Chromium: writing a part, explaining a name, swapping, versions, search, import.</summary>
[Collection(OneTeaRoom.Name)]
public sealed class RecipeBoxTests(TeaRoom room)
{
    [Fact]
    public void A_part_is_written_with_a_live_reading_and_used_in_a_pie()
    {
        using var baker = new Baker(room);
        baker.Open("/pies");
        baker.Click(".acts a[href='/box/part']");
        baker.Until(_ => baker.Here.StartsWith("/box/part", StringComparison.Ordinal));

        // Another kind has other families, and what is typed stays.
        baker.Find("#name").SendKeys("Towpath crumb");
        baker.Choose("#kind", "Crust");
        baker.Until(d => d.FindElements(By.CssSelector("#family option[value=plain-crumb]")).Count == 1);
        baker.Find("#name").GetDomProperty("value").ShouldBe("Towpath crumb");
        baker.Choose("#family", "plain-crumb");

        // Each line is read while it is written; what is not known stands with what was.
        baker.Find("#lines").SendKeys("200 g digestive biscuits\n1 stick less 1 tbsp butter, melted\n30 g towpath dust");
        baker.Until(_ => baker.Text("#read-lines").Contains("99 g unsalted butter · 49.6 %", StringComparison.Ordinal));
        baker.Text("#read-lines").ShouldContain("“towpath dust” is not known");
        baker.Text(".understood").ShouldBe("2 of 3 lines understood.");

        // A figure opens in place.
        baker.Click(".fact summary");
        baker.Text(".fact[open]").ShouldContain("all lines added up");

        // The baker takes one of the candidates, or writes another name.
        baker.Find("#lines").SendKeys(
            Keys.Backspace + Keys.Backspace + Keys.Backspace + Keys.Backspace + Keys.Backspace + Keys.Backspace + Keys.Backspace
                + Keys.Backspace + Keys.Backspace + Keys.Backspace + Keys.Backspace + Keys.Backspace + "demerara sugar");
        baker.Until(_ => baker.Text(".understood") == "All 3 lines understood.");
        baker.Click(".part-form .go");
        baker.Until(_ => baker.Here.Contains("kept=1", StringComparison.Ordinal));
        baker.Driver.FindElement(By.LinkText("Use in a pie")).Click();
        baker.Until(_ => baker.Here.StartsWith("/compose", StringComparison.Ordinal));
        baker.Text("#pick-crust summary .pick-name").ShouldBe("Towpath crumb");
        baker.Text("#h-crust + .figures").ShouldContain("sugar");
        baker.ConsoleErrors().ShouldBeEmpty();
    }

    [Fact]
    public void A_version_is_made_compared_and_the_pie_is_moved()
    {
        using var baker = new Baker(room);
        baker.Open("/pies");
        baker.Driver.FindElement(By.CssSelector(".parts-beside")).FindElement(By.LinkText("Sesame chocolate custard")).Click();
        var lines = baker.Find("#lines");
        lines.SendKeys(Keys.Control + Keys.End);
        lines.SendKeys("\n1 tsp instant espresso powder");
        baker.Until(_ => baker.Text("#read-lines").Contains("instant coffee", StringComparison.Ordinal));
        baker.Click(".part-form .go");
        baker.Text(".said").ShouldContain("Kept as version 2");
        baker.Driver.FindElement(By.PartialLinkText("Compare with 2")).Click();
        baker.Text(".versions-compare .added").ShouldContain("instant coffee");
        baker.Driver.Navigate().Back();
        baker.Click(".versions button[name=move]");
        baker.Text(".said").ShouldContain("Moved to version 2");
        baker.Until(_ => !baker.Has(".versions button[name=move]"));
        baker.ConsoleErrors().ShouldBeEmpty();
    }

    [Fact]
    public void A_swap_is_one_press_and_says_what_it_alters()
    {
        using var baker = new Baker(room);
        baker.Open("/box/part?from=lemon-cheese");
        baker.Click(".swaps > summary");
        baker.Click("button[value$='gelatine~agar']");
        baker.Text(".said").ShouldContain("fit for vegetarians");
        baker.Find("#lines").GetDomProperty("value")!.ShouldContain("agar");
        baker.ConsoleErrors().ShouldBeEmpty();
    }

    [Fact]
    public void Everything_is_searched_while_it_is_typed()
    {
        using var baker = new Baker(room);
        baker.Open("/pies");
        baker.Find("#q").SendKeys("hazel");
        baker.Until(
            _ =>
                baker.Text("#found").Contains("Coffee cream pie on hazelnut crumb", StringComparison.Ordinal)
                    && !baker.Text("#found").Contains("Bergamot", StringComparison.Ordinal));
        baker.Here.ShouldContain("q=hazel");
        baker.Find("#q").SendKeys("zzz");
        baker.Until(_ => baker.Text("#found").Contains("No saved pie is like that", StringComparison.Ordinal));
        baker.ConsoleErrors().ShouldBeEmpty();
    }

    [Fact]
    public void A_recipe_of_three_sections_is_pasted_looked_over_mended_and_becomes_a_pie()
    {
        using var baker = new Baker(room);
        baker.Open("/box/import");
        baker.Driver.ExecuteScript("document.getElementById('text').value = arguments[0]", """
            Gooseberry cloud pie

            For the crust:
            200 g digestive biscuits, crushed
            95 g butter, melted

            For the filling:
            2 x 200 g packs cream cheese
            250 g gooseberry purée
            100 g caster suger
            9 g gelatine powder
            45 ml water, for the gelatine
            1 cup heavy cream, whipped to soft peaks

            For the topping:
            200 ml double cream
            15 g icing sugar

            Method
            1. Press the crumb into a 20 cm springform and bake it for 10 minutes at gas 4.
            """);
        baker.Click(".paste .go");
        baker.Text(".import-recipe").ShouldContain("Crust: 2 of 2 lines understood");
        baker.Text(".import-recipe").ShouldContain("Filling: 5 of 6 lines understood");
        baker.Text(".import-recipe").ShouldContain("It says: 180 °C; 20 cm; 10 min");
        baker.Find("select[name='r[0].Pan']").GetDomProperty("value").ShouldBe("springform-20");
        baker.AxeViolations().ShouldBeEmpty();

        // The misspelt line is mended and read again; nothing is kept yet.
        baker.Driver.ExecuteScript(
            "const t = document.querySelector(\"[name='s[1].Form.Lines']\"); t.value = t.value.replace('suger', 'sugar')");
        baker.Click("[formaction='/box/import?handler=Again']");
        baker.Until(_ => baker.Text(".import-recipe").Contains("Filling: 6 of 6", StringComparison.Ordinal));
        baker.Click(".import-form .go");
        baker.Until(_ => baker.Here.StartsWith("/compose", StringComparison.Ordinal));
        baker.Find("#pie-name").GetDomProperty("value").ShouldBe("Gooseberry cloud pie");
        baker.Text("#pick-fill summary .pick-name").ShouldContain("filling");
        baker.ConsoleErrors().ShouldBeEmpty();
    }

    /// <summary>Two lines that were taken for one, what is in no part, and a flavour that names a nut: each is shown, and mended by a
    /// press.</summary>
    [Fact]
    public void What_was_joined_is_parted_what_is_not_used_is_shown_and_an_allergen_is_answered()
    {
        using var baker = new Baker(room);
        baker.Open("/box/import");
        baker.Driver.ExecuteScript("document.getElementById('text').value = arguments[0]", """
            Plum dusk tart

            For the crust:
            200 g plain flour, sifted twice and left to
            rest a little
            100 g butter

            For the filling:
            300 g white chocolate, hazelnut flavour
            250 ml double cream

            Method
            Melt and pour. Strew with 40 g pistachios before it sets.
            """);
        baker.Click(".paste .go");
        baker.Text(".not-used").ShouldContain("40 g pistachios");
        baker.Text(".joins").ShouldContain("rest a little");
        baker.AxeViolations().ShouldBeEmpty();
        baker.Click("[name='apart']");
        baker.Until(_ => baker.Driver.FindElements(OpenQA.Selenium.By.CssSelector(".joins")).Count == 0);
        baker.Find("[name='s[0].Form.Lines']").GetDomProperty("value").ShouldBe(
            "200 g plain flour, sifted twice and left to\nrest a little\n100 g butter");

        baker.Find("[name='answer']").Text.ShouldContain("hazelnut");
        baker.Click("[name='answer']");
        baker.Until(
            _ => baker.Find("[name='s[1].Form.Lines']").GetDomProperty("value")!.Contains("contains hazelnut", StringComparison.Ordinal));
        baker.Driver.FindElements(OpenQA.Selenium.By.CssSelector("[name='answer']")).ShouldBeEmpty();

        // What was parted stays so, and the words that are in no part are still there.
        baker.Find("[name='s[0].Form.Lines']").GetDomProperty("value")!.ShouldContain("\nrest a little\n");
        baker.Text(".not-used").ShouldContain("40 g pistachios");
        baker.ConsoleErrors().ShouldBeEmpty();
    }

    [Fact]
    public void A_part_is_written_and_kept_with_the_keyboard_alone()
    {
        using var baker = new Baker(room);
        baker.Open("/box/part?kind=topping");
        baker.TabTo("#name");
        baker.Press("By key");
        baker.TabTo("#lines");
        baker.Press("300 ml double cream\n20 g icing sugar");
        baker.Until(_ => baker.Text(".understood") == "All 2 lines understood.");
        baker.TabTo(".fact summary");
        baker.Press(Keys.Enter);
        baker.Has(".fact[open]").ShouldBeTrue();
        baker.Driver.ExecuteScript("document.getElementById('name').focus()");
        baker.TabTo(".part-form .go");
        baker.Press(Keys.Enter);
        baker.Until(_ => baker.Here.Contains("kept=1", StringComparison.Ordinal));
        baker.TabTo(".menu summary");
        baker.Press(Keys.Enter);
        baker.Has(".menu[open]").ShouldBeTrue();
        baker.Press(Keys.Escape);
        baker.Has(".menu[open]").ShouldBeFalse();

        // Enter in a field keeps the part, though a button that deletes it stands before the one that saves it.
        baker.Find("#name").SendKeys(" and again" + Keys.Enter);
        baker.Until(d => d.Title.Contains("By key and again", StringComparison.Ordinal), "it to be kept");
        baker.Here.ShouldStartWith("/box/part/");
        baker.Find("#name").GetDomProperty("value").ShouldBe("By key and again");
    }
}
