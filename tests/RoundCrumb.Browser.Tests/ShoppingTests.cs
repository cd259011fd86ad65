using OpenQA.Selenium;

namespace RoundCrumb.Browser.Tests;

/// <summary>Shopping with a phone, and what comes home from it.</summary>
public sealed class ShoppingTests
{
    private static bool IsTicked(Baker baker, string ingredient) =>
        baker.Driver.FindElement(By.Id("buy-" + ingredient)).Selected;

    /// <summary>
    /// One in the shop without a network, one in the kitchen: what both tick is in the basket once the network is back, what the phone took
    /// out later stays out, and all that is ticked goes into the stock by one press.
    /// </summary>
    [Fact]
    public async Task A_list_is_ticked_on_two_devices_one_of_them_offline()
    {
        await using var room = new TeaRoom();
        using var phone = new Baker(room, 390, 844);
        using var tablet = new Baker(room, 820, 1180);
        phone.Open("/shopping");
        tablet.Open("/shopping");
        tablet.Click("label[for='buy-cornflour']");
        phone.Until(_ => IsTicked(phone, "cornflour"), "the tick seen on the other device");

        phone.Network(cut: true);
        phone.Click("label[for='buy-soft-flour']");
        phone.Click("label[for='buy-cornflour']");
        phone.Until(_ => phone.Text("[data-shopping-state]").Contains("2 ticks wait on this device", StringComparison.Ordinal),
            "said to wait");
        tablet.Click("label[for='buy-ground-almonds']");
        IsTicked(tablet, "soft-flour").ShouldBeFalse();

        phone.Network(cut: false);
        tablet.Until(_ => IsTicked(tablet, "soft-flour") && !IsTicked(tablet, "cornflour"), "what was ticked without a network");
        phone.Until(_ => IsTicked(phone, "ground-almonds")
            && !phone.Driver.FindElement(By.CssSelector("[data-shopping-state]")).Displayed, "in step again");
        phone.AxeViolations().ShouldBeEmpty();

        // What is ticked and not sent yet is there again when the page is opened again.
        phone.Network(cut: true);
        phone.Click("label[for='buy-apricot-jam']");
        phone.Until(_ => phone.Text("[data-shopping-state]").Contains("One tick waits", StringComparison.Ordinal), "said to wait");
        phone.Network(cut: false);
        phone.Open("/shopping");
        IsTicked(phone, "apricot-jam").ShouldBeTrue();
        tablet.Until(_ => IsTicked(tablet, "apricot-jam"), "sent after all");

        phone.Click("[data-put]");
        phone.Until(_ => phone.Text(".said").Contains("3 things are in the house", StringComparison.Ordinal), "put away");
        phone.Has("#buy-soft-flour").ShouldBeFalse("they are in the house now");
        phone.Open("/stock");
        phone.Find(".stock-table").Text.ShouldContain("soft flour");
    }

    /// <summary>By keyboard alone: what there is is written down, counted, and taken off again.</summary>
    [Fact]
    public async Task The_stock_is_kept_by_keyboard()
    {
        await using var room = new TeaRoom();
        using var baker = new Baker(room);
        baker.Open("/stock");
        baker.TabTo("#list");
        baker.Press("3 packs dark chocolate, use by 5 Mar");
        baker.TabTo(".stock-add section:first-child button");
        baker.Press(Keys.Enter);
        baker.Until(_ => baker.Has("[id^='lot-']")
            && baker.Find(".stock-table").Text.Contains("dark chocolate", StringComparison.Ordinal), "in the table");
        var row = baker.Driver.FindElements(By.CssSelector(".stock-table tr")).Single(r =>
            r.Text.StartsWith("dark chocolate", StringComparison.Ordinal));
        var lot = row.GetAttribute("id")!;
        baker.TabTo($"#{lot} .stock-do summary");
        baker.Press(Keys.Enter);
        baker.TabTo($"#{lot} input[name='amount']");
        baker.Press("140 g", Keys.Enter);
        baker.Until(_ => baker.Text($"#{lot} .mass").StartsWith("140 g", StringComparison.Ordinal), "counted anew");
        baker.AxeViolations().ShouldBeEmpty();
    }

    /// <summary>A label is as large on the paper as its sheet says, to a third of a millimetre, and nothing of it is cut off.</summary>
    [Theory]
    [InlineData("a4-8", 99.1, 67.7)]
    [InlineData("letter-10", 101.6, 50.8)]
    [InlineData("roll-62", 62, 100)]
    public async Task Labels_are_true_to_size(string sheet, double wide, double high)
    {
        await using var room = new TeaRoom();
        using var baker = new Baker(room);
        baker.Open($"/days/1/labels?sheet={sheet}&kind=Box&n1=1&n2=1&n3=1&n4=1&n5=1&n6=1");
        var measures = ((IReadOnlyCollection<object>)baker.Driver.ExecuteScript(
            "return [...document.querySelectorAll('.label')].flatMap(l => { const r = l.getBoundingClientRect(); "
                + "return [r.width, r.height, l.scrollHeight - l.clientHeight]; })")!).Select(Convert.ToDouble).Chunk(3).ToList();
        measures.Count.ShouldBe(6);
        foreach (var label in measures)
        {
            (label[0] * 25.4 / 96).ShouldBe(wide, 0.3);
            (label[1] * 25.4 / 96).ShouldBe(high, 0.3);
            label[2].ShouldBeLessThanOrEqualTo(1, "nothing is cut off");
        }

        baker.ConsoleErrors().ShouldBeEmpty();
    }
}
