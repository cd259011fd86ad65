using System.Net;
using RoundCrumb.Core.Diagnosis;
using RoundCrumb.Core.Faults;
using RoundCrumb.Core.Guide;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Practice;

namespace RoundCrumb.Web.Tests;

/// <summary>The guide, the cautions and the fault finder, as a baker opens them.</summary>
public sealed class GuideTests : IAsyncDisposable
{
    private const string Pie = "pan=plate-23&crust=butter-flaky&fill=malt-custard&top=icing";

    private readonly Kitchen _kitchen = new(demo: true);

    public ValueTask DisposeAsync() => _kitchen.DisposeAsync();

    /// <summary>Every technique has its page, with three drawings, and leads to the faults that come of it, which lead back.</summary>
    [Fact]
    public async Task Every_technique_and_every_fault_has_its_page_and_they_lead_to_one_another()
    {
        var baker = _kitchen.Baker();
        foreach (var page in TechniqueGuide.All)
        {
            var shown = await baker.PageAsync(Routes.TechniqueOf(page.Technique));
            shown.ShouldContain(page.Title);
            shown.Split("<svg class=\"technique\"").Length.ShouldBeGreaterThanOrEqualTo(4, page.Title);
            // Nuts toasted too far, and a spirit not flamed off, spoil a pie by no fault that has a name of its own here.
            StepGuide.FaultsOf(page.Technique).Any().ShouldBe(page.Technique is not (Technique.Toasted or Technique.Flaming), page.Title);
            foreach (var fault in StepGuide.FaultsOf(page.Technique))
                shown.ShouldContain(Routes.Fault(fault));
        }

        foreach (var fault in FaultBook.All)
        {
            var shown = await baker.PageAsync(Routes.Fault(fault));
            shown.ShouldContain(fault.Seen);
            foreach (var technique in fault.Techniques)
                shown.ShouldContain(Routes.TechniqueOf(technique));
        }

        FaultBook.All.Select(f => f.Seen).ShouldBeUnique();
        StepGuide.FaultsOf(Technique.Custard).Select(f => f.Id).ShouldNotContain("fruit-runny");
    }

    [Fact]
    public async Task Opened_from_a_pie_it_shows_only_what_that_takes_with_its_own_amounts()
    {
        var baker = _kitchen.Baker();
        var index = await baker.PageAsync($"{Routes.Guide}?{Pie}");
        index.ShouldContain("What Malt custard takes");
        index.ShouldContain("A custard’s bubble");
        index.ShouldNotContain("Caramel by its colour");
        var one = await baker.PageAsync($"{Routes.TechniqueOf(Technique.Custard)}?{Pie}");
        one.ShouldContain("In Malt custard");
        one.ShouldContain("Filling from the pot");
        (await baker.PageAsync("/notebook/guide/nothing-such", HttpStatusCode.NotFound)).ShouldNotContain("Exception");

        // The step leads to the guide, and the guide to the step.
        (await baker.PageAsync("/bakes/1")).ShouldContain(Routes.TechniqueOf(Technique.Tempering) + "?");
        one.ShouldContain("#step-MakeFilling");
    }

    /// <summary>An exercise is answered, told, kept and forgotten; nothing and nonsense as an answer are told in place.</summary>
    [Fact]
    public async Task An_exercise_is_answered_and_kept()
    {
        var baker = _kitchen.Baker();
        var page = await baker.PageAsync("/notebook/practice?only=cup-weighs");
        page.ShouldContain("What does it weigh?");
        var wrong = await baker.SendAsync("/notebook/practice", "/notebook/practice", ("kind", "CupWeighs"), ("seed", "4"),
            ("level", "1"), ("said", "x"));
        (await wrong.TextAsync()).ShouldContain("Choose one of the answers first.");
        var right = Exercises.Of(ExerciseKind.CupWeighs, 4, 1).Right;
        var told = await baker.SendAsync(
            "/notebook/practice", "/notebook/practice", ("kind", "CupWeighs"), ("seed", "4"), ("level", "1"), ("said", $"{right}"));
        told.StatusCode.ShouldBe(HttpStatusCode.Redirect);
        var shown = await baker.PageAsync(told.Headers.Location!.ToString());
        shown.ShouldContain("✓ Right.");
        shown.ShouldContain("1 of 1 right");
        await baker.SendAsync(
            "/notebook/practice", "/notebook/practice", ("kind", "CupWeighs"), ("seed", "4"), ("level", "1"),
            ("said", $"{(right + 1) % 4}"));
        (await baker.PageAsync("/notebook/practice")).ShouldContain("1 of 2 right");
        await baker.SendAsync("/notebook/practice", "/notebook/practice?handler=Clear");
        (await baker.PageAsync("/notebook/practice")).ShouldNotContain("of 2 right");
        foreach (var odd in new[] { "?kind=nothing&seed=1&said=9", "?kind=WillItFit&seed=-2147483648&level=99&said=1", "?only=x",
            "?kind=5&seed=x" })
            await baker.PageAsync("/notebook/practice" + odd);
    }

    [Fact]
    public async Task Cautions_are_all_in_one_place()
    {
        var page = await _kitchen.Baker().PageAsync(Routes.Cautions);
        foreach (var hazard in Enum.GetValues<Hazard>())
            page.ShouldContain(hazard.Name);
        page.ShouldContain("Raw flour and egg are not for tasting.");
        page.ShouldContain("Have at hand");
    }

    /// <summary>
    /// Of the coffee pie that stood unsealed for a night the log is believed; a question is asked, answered, and can be taken back. Answers
    /// that nobody asked for and names that do not exist are passed over.
    /// </summary>
    [Fact]
    public async Task A_fault_is_traced_on_a_bake()
    {
        var baker = _kitchen.Baker();
        var page = await baker.PageAsync("/notebook/faults/soggy-base?bake=12");
        page.ShouldContain("It waited for long without a seal");
        page.ShouldContain("no seal, and it stood");
        page.ShouldContain("Question 1 of at most 3");
        page.ShouldContain("Change the pie so");
        var answered = await baker.PageAsync("/notebook/faults/soggy-base?bake=12&yes=pale-beneath&no=warm-shell&unknown=liquid-on-plate");
        answered.ShouldContain("You said");
        answered.ShouldContain("it is pale beneath");
        answered.ShouldNotContain("of at most 3");
        answered.ShouldContain("Most likely");
        (await baker.PageAsync("/notebook/faults/soggy-base?bake=99999&yes=nothing&no=&yes=%3Cscript%3E&unknown"))
            .ShouldContain("The base is soggy");
        await baker.PageAsync("/notebook/faults/nothing", HttpStatusCode.NotFound);

        // On this pie it cannot be: there is no gelatine in it to fail; and what cannot be true is not offered.
        (await baker.PageAsync($"/notebook/faults?{Pie}")).ShouldNotContain("strings or lumps of gelatine");
        CauseBook.Find("pale-beneath").ShouldNotBeNull().CanBeAsked.ShouldBeTrue();
    }

    /// <summary>Without a pie nothing is taken for known; one is chosen on the spot, and what was answered by then counts on.</summary>
    [Fact]
    public async Task A_fault_is_traced_of_no_pie_and_then_of_the_one_that_is_chosen()
    {
        var baker = _kitchen.Baker();
        var page = await baker.PageAsync("/notebook/faults/soggy-base?no=pale-beneath");
        page.ShouldContain("Which one is it?");
        page.ShouldContain("Without one, only what you answer counts.");
        page.ShouldNotContain("it stood");
        page.ShouldNotContain("Change the pie so");
        page.ShouldContain("You said");
        page.ShouldContain("value=\"bake-12\"");
        page.ShouldContain("value=\"pie-1\"");

        using var chosen = await baker.GetAsync(
            "/notebook/faults/soggy-base?which=bake-12&no=pale-beneath", TestContext.Current.CancellationToken);
        chosen.Headers.Location!.OriginalString.ShouldBe("/notebook/faults/soggy-base?bake=12&no=pale-beneath");
        var traced = await baker.PageAsync(chosen.Headers.Location.OriginalString);
        traced.ShouldContain("no seal, and it stood");
        traced.ShouldNotContain("Which one is it?");

        using var pie = await baker.GetAsync("/notebook/faults?which=pie-1", TestContext.Current.CancellationToken);
        (await baker.PageAsync(pie.Headers.Location!.OriginalString)).ShouldContain("With ");
        foreach (var gone in (string[])["bake-9999", "pie-9999", "pie-x", "cake"])
        {
            foreach (var at in (string[])["/notebook/faults", "/notebook/faults/soggy-base"])
                (await baker.PageAsync($"{at}?which={gone}")).ShouldContain("That bake or pie is not here any more.");
        }
    }

    [Fact]
    public async Task In_an_empty_house_nobody_is_asked_which_pie_it_is()
    {
        await using var empty = new Kitchen(demo: false);
        var page = await empty.Baker().PageAsync("/notebook/faults/soggy-base");
        page.ShouldNotContain("Which one is it?");
        page.ShouldContain("Question 1 of at most 3");
    }
}
