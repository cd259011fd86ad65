namespace RoundCrumb.Browser.Tests;

/// <summary>What a baker meets while the kitchen computer does not answer, away from the bench.</summary>
[Collection(OneTeaRoom.Name)]
public sealed class NoAnswerTests
{
    private const string ListKept = "return caches.open('roundcrumb-bench').then(c => c.match(location.href)).then(Boolean)";
    private const string Ready = "return navigator.serviceWorker.ready.then(() => caches.match('/offline')).then(Boolean)";

    /// <summary>
    /// A page that nobody sends is one that says so, leads to what is kept on the device, and becomes the page that was asked for as
    /// soon as there is an answer.
    /// </summary>
    [Fact]
    public async Task A_page_that_does_not_come_says_so_and_comes_by_itself_later()
    {
        using var computer = new KitchenComputer();
        using var baker = new Baker(await computer.WakeAsync());
        baker.Open("/shopping");
        baker.Until(_ => baker.Driver.ExecuteScript(Ready) is true, "what is kept for then");
        baker.Until(_ => baker.Driver.ExecuteScript(ListKept) is true, "the shopping list that is kept");
        baker.Open("/pies");
        computer.Die();
        baker.Click("nav[aria-label=Main] a[href='/kitchen']");
        baker.Until(_ => baker.Text("h1") == "The kitchen computer does not answer");
        baker.Here.ShouldBe("/kitchen");
        baker.Has("#offline-sent:not([hidden])").ShouldBeFalse("nothing was sent");
        baker.Until(_ => baker.Text("#offline-kept").Contains("Shopping", StringComparison.Ordinal), "what is kept on the device");
        baker.AxeViolations().ShouldBeEmpty();
        baker.Click("#offline-again");
        baker.Until(_ => baker.Text("#offline-state").StartsWith("No answer at", StringComparison.Ordinal));
        await computer.WakeAsync();
        baker.Until(_ => baker.Text("h1") == "Kitchen", "the page that was asked for");
    }

    /// <summary>What is sent while nobody answers is not lost: the page says so, and the form before it has all of it still.</summary>
    [Fact]
    public async Task What_was_typed_while_nobody_answers_is_still_there()
    {
        using var computer = new KitchenComputer();
        using var baker = new Baker(await computer.WakeAsync());
        baker.Open("/stock");
        baker.Until(_ => baker.Driver.ExecuteScript(Ready) is true, "what is kept for then");
        baker.Open("/stock");
        baker.Type("textarea[name=list]", "2 kg plain flour");
        computer.Die();
        baker.Click("form:has(textarea[name=list]) button[type=submit]");
        baker.Until(_ => baker.Text("h1") == "The kitchen computer does not answer");
        baker.Text("#offline-sent").ShouldContain("was not sent");
        await computer.WakeAsync();
        baker.Click("#offline-back");
        baker.Until(_ => baker.Has("textarea[name=list]"), "the form");
        baker.Find("textarea[name=list]").GetAttribute("value").ShouldBe("2 kg plain flour");
        baker.Click("form:has(textarea[name=list]) button[type=submit]");
        baker.Until(_ => baker.Here.StartsWith("/stock?said=1", StringComparison.Ordinal), "the flour in stock");
    }
}
