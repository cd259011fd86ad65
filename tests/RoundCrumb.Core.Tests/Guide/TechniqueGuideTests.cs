using RoundCrumb.Core.Batches;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Faults;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Guide;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Steps;
using RoundCrumb.Core.Toppings;

namespace RoundCrumb.Core.Tests.Guide;

/// <summary>The guide says something of all that the steps name, and nothing that no step names.</summary>
public sealed class TechniqueGuideTests
{
    private static readonly List<(Composition Pie, Step Step)> Steps =
        [.. StepGuide.Pies().SelectMany(p => StepGuide.StepsOf(Assessment.Of(p)).Select(s => (p, s)))];

    private static BatchSheet SheetOf(string address, int pies = 1) =>
        BatchSheet.Of(Assessment.Of(CompositionAddress.Read(address).Composition, pies));

    /// <summary>
    /// Each technique has a page of its own that says when, how, what to look for, and both wrong ends with their rescue.
    /// </summary>
    [Fact]
    public void Every_technique_has_a_whole_page()
    {
        TechniqueGuide.All.Select(p => p.Technique).ShouldBe(Enum.GetValues<Technique>(), ignoreOrder: true);
        TechniqueGuide.All.Select(p => p.Title).ShouldBeUnique();
        foreach (var page in TechniqueGuide.All)
        {
            page.How.Count.ShouldBeInRange(2, 5, page.Title);
            string[] said =
            [
                page.When, page.Senses.See, page.TooLittle.Comes, page.TooLittle.Rescue, page.TooMuch.Comes, page.TooMuch.Rescue,
                .. page.How,
            ];
            said.ShouldAllBe(s => s.Length > 3);
            said.Distinct().Count().ShouldBe(said.Length, page.Title);
        }
    }

    /// <summary>From the steps to the guide and back: no technique that no step of any pie asks for, and none without its steps.</summary>
    [Fact]
    public void Every_technique_of_a_step_is_in_the_guide_and_leads_back_to_it()
    {
        foreach (var (pie, step) in Steps)
        {
            foreach (var technique in Techniques.Of(step.Kind, pie))
                StepGuide.At(technique).Select(s => s.Kind).ShouldContain(step.Kind);
        }

        foreach (var technique in Enum.GetValues<Technique>())
            StepGuide.At(technique).ShouldNotBeEmpty($"{technique}: no step asks for it");
    }

    [Fact]
    public void Every_cue_and_every_fault_of_a_step_is_in_the_guide()
    {
        var guided = StepGuide.All.ToDictionary(s => s.Kind);
        foreach (var (pie, step) in Steps)
        {
            if (step.Cue.Length > 0)
                guided[step.Kind].Cues.ShouldContain(step.Cue);
            foreach (var fault in FaultBook.At(step.Kind, pie))
                guided[step.Kind].Faults.ShouldContain(fault);
        }

        StepGuide.All.SelectMany(s => s.Faults).Distinct().ShouldBe(FaultBook.All, ignoreOrder: true);
    }

    /// <summary>
    /// What a step warns of stands among all cautions in the same words; but for the fridge’s, which has a pie’s own figures.
    /// </summary>
    [Fact]
    public void Every_caution_of_a_step_is_in_the_list_of_all()
    {
        var all = Cautions.All.Select(c => c.Says.Template).ToHashSet(StringComparer.Ordinal);
        var said = Steps.Select(s => s.Step.Caution.Template).Where(t => !string.IsNullOrEmpty(t)).Distinct().ToList();
        said.Count.ShouldBeGreaterThan(15);
        said.Where(t => !t.Contains("warm the air", StringComparison.Ordinal) && !t.Contains("warms the air", StringComparison.Ordinal))
            .ShouldAllBe(t => all.Contains(t));
        Cautions.All.Select(c => c.Hazard).Distinct().ShouldBe(Enum.GetValues<Hazard>(), ignoreOrder: true);
        foreach (var hazard in Enum.GetValues<Hazard>())
            hazard.AtHand.Length.ShouldBeGreaterThan(10);
    }

    /// <summary>
    /// Gelatine of a cheese filling: so many grams on the sheet, five times as much cold water. Weights: what the card of the pie says.
    /// </summary>
    [Fact]
    public void Amounts_are_the_pies_own_and_open()
    {
        var sheet = SheetOf("pan=springform-20&crust=plain-crumb&fill=lemon-cheese");
        var grams = sheet.Parts.SelectMany(p => p.Lines).Where(l => l.Ingredient.GelatineEquivalent > 0).Sum(l => l.Mass.Value.Value);
        grams.ShouldBeGreaterThan(1);
        TechniqueAmounts.Of(Technique.Blooming, sheet).Single(f => f.Id == "bloom-water").Amount.Amount.ShouldBe(5 * grams, 1e-9);

        var custard = SheetOf("pan=plate-23&crust=butter-flaky&bake=hot&fill=malt-custard&top=icing", 3);
        TechniqueAmounts.Of(Technique.Weights, custard).ShouldContain(custard.Pie.Card.Weights);
        TechniqueAmounts.Of(Technique.Custard, custard).ShouldContain(custard.Pie.PotMass);

        // A third of the milk and what else is hot goes onto the yolks first; 23 cm of base are pricked about every 2 cm.
        var first = TechniqueAmounts.Of(Technique.Tempering, custard).Single(f => f.Id == "temper-first").Amount.Amount;
        first.ShouldBe(TechniqueAmounts.Of(Technique.Tempering, SheetOf("pan=plate-23&crust=butter-flaky&fill=malt-custard"))
            .Single(f => f.Id == "temper-first").Amount.Amount * 3, 0.5);
        TechniqueAmounts.Of(Technique.Docking, custard).ShouldHaveSingleItem().Amount.Amount.ShouldBe(Math.PI * 9.2 * 9.2 / 4, 1);
    }

    /// <summary>Of every pie every technique that it takes can be asked for its amounts, and none of them is made up of nothing.</summary>
    [Fact]
    public void No_pie_breaks_the_guide()
    {
        foreach (var pie in StepGuide.Pies())
        {
            var sheet = BatchSheet.Of(Assessment.Of(pie, 2));
            foreach (var technique in TechniqueGuide.For(sheet.Pie))
                TechniqueAmounts.Of(technique, sheet).ShouldAllBe(f => double.IsFinite(f.Amount.Amount) && f.Name.Length > 0);
        }
    }

    [Fact]
    public void Spirits_are_warned_of_where_there_are_any()
    {
        static bool Warns(Composition pie) => StepChain.For(Assessment.Of(pie)).Steps.Any(s =>
            s.Caution.Template is { } t && t.StartsWith("Spirit is lit only", StringComparison.Ordinal));
        foreach (var (pie, _) in Steps.DistinctBy(s => s.Pie.Filling.Formula.Id))
        {
            var formula = pie.Filling.Formula;
            Warns(pie).ShouldBe(
                formula.Lines.Any(l => l.Ingredient.IsSpirit) && formula.Family.Method.Any(m => m.Where is Place.Hob), formula.Id);
        }

        // A custard with rum in it is warned of, and only once.
        var custard = FillingBook.MaltCustard;
        var rum = Pantry.All.First(i => i.IsSpirit);
        var with = Composition.For(
            PanCupboard.Plate23, CrustBook.ButterFlaky, custard with { Lines = [.. custard.Lines, new(rum, 30)] }, Topping.None);
        Warns(with).ShouldBeTrue();
    }

    /// <summary>Below a fifth of alcohol nothing lights: wine is none, a liqueur is; the drops of an extract are none either.</summary>
    [Fact]
    public void A_spirit_is_what_burns() =>
        Pantry.All.Where(i => i.IsSpirit).ShouldAllBe(i => i.Alcohol >= 0.2 && !i.Name.Contains("extract"));
}
