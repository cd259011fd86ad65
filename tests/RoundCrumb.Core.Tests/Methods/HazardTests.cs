using System.Text.RegularExpressions;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Layering;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Steps;
using RoundCrumb.Core.Toppings;
using RoundCrumb.Core.Units;

namespace RoundCrumb.Core.Tests.Methods;

/// <summary>Whatever a step has a baker do that can hurt, its caution stands at that step or at one before it.</summary>
public class HazardTests
{
    private static readonly QuantityFormatter Plain = new(UnitChoice.Usual);

    /// <summary>
    /// What is done, in the words that steps say it with, and where the cautions stand of which one must have been said by then.
    /// </summary>
    private static readonly (string What, Regex Words, string[] Said)[] Acts =
    [
        ("caramel", new("amber|sugar dry|dry sugar|caramelise"), ["caramel"]),
        ("butterscotch", new("brown sugar.*butter.*bubble|toffee"), ["butterscotch, toffee", "caramel"]),
        ("a torch", new(@"\btorch"), ["meringue"]),
        ("a grill", new(@"\bgrill"), ["meringue"]),
        ("syrup at 120 °C", new("11[4-9] °c|12[01] °c"), ["Italian meringue", "caramel"]),
        ("a bowl over water", new("over barely simmering water"), ["curd, meringue over water"]),
        ("melted gelatine", new("melt.*gelatine|gelatine.*melt"), ["gelatine", "jelly layers"]),
        ("raw flour in dough", new(@"\brub\b.*flour|shaggy"), ["dough, crumble", "dough, batter"]),
        ("weights out of a hot shell", new("paper and weights"), ["blind baking"]),
        ("warm jam", new(@"\bjam\b.*\bboil"), ["glazes"]),
        ("starch brought to a bubble", new("cook to a bubble"), ["custard with starch"]),
        ("hot curd through a cloth", new("through a cloth|in a cloth|into the cloth"), ["fresh curd"]),
        ("cream brought to the boil", new("cream just to a boil"), ["ganache"]),
    ];

    /// <summary>Every filling, crust and topping that ships, in metal and in glass.</summary>
    private static IEnumerable<Composition> AllPies()
    {
        foreach (var pan in (Pan[])[PanCupboard.Plate23, PanCupboard.All.First(p => p.MayBurst), PanCupboard.All.First(p => !p.MayBurst)])
        {
            foreach (var filling in FillingBook.All)
                yield return Composition.For(pan, CrustBook.ButterFlaky, filling, Topping.Plain);
            foreach (var crust in CrustBook.All)
                yield return Composition.For(pan, crust, FillingBook.MaltCustard, Topping.Plain);
            foreach (var topping in Topping.All)
                yield return Composition.For(pan, CrustBook.ButterFlaky, FillingBook.MaltCustard, topping);
        }
    }

    [Fact]
    public void Every_act_that_can_hurt_has_its_caution_at_its_step_or_before()
    {
        var seen = new HashSet<string>();
        var missing = new SortedSet<string>(StringComparer.Ordinal);
        foreach (var pie in AllPies())
        {
            var said = new List<string>();
            foreach (var step in Assessment.Of(pie, 1, Kitchen.Usual).Chain.Steps)
            {
                if (!step.Caution.IsEmpty)
                    said.Add(Plain.Say(step.Caution));
                var words = $"{Plain.Say(step.Do)} {step.Cue}".ToLowerInvariant();
                foreach (var (what, act, cautions) in Acts.Where(a => a.Words.IsMatch(words)))
                {
                    seen.Add(what);
                    if (!Cautions.All.Any(c => cautions.Contains(c.At) && said.Contains(Plain.Say(c.Says))))
                        missing.Add($"{what}: {words}");
                }
            }
        }

        missing.ShouldBeEmpty();
        Acts.Select(a => a.What).Except(seen).ShouldBeEmpty("an act that no step does is tested by nothing");
    }

    /// <summary>Whoever wrote the filling: sugar that is melted first has its step, and the step its caution.</summary>
    [Theory]
    [InlineData("butter", "together and let them bubble", "melted sugar and butter are far over 120 °C")]
    [InlineData("", "dry to amber", "caramel is far over 120 °C")]
    public void Sugar_that_is_melted_first_has_its_caution(string with, string says, string caution)
    {
        List<FormulaLine> lines =
        [
            new(Pantry.CasterSugar, 120, GoesIn.Caramelised), new(Pantry.Milk, 500), new(Pantry.Yolk, 72), new(Pantry.Cornflour, 34),
        ];
        if (with.Length > 0)
            lines.Add(new(Pantry.Butter, 40));
        var own = new FillingFormula("mine", "Mine", FillingFamilies.StarchCustard, lines, Pantry.Yolk, "#c99a55");
        var steps = Assessment.Of(Composition.For(PanCupboard.Plate23, CrustBook.ButterFlaky, own, Topping.Plain), 1, Kitchen.Usual)
            .Chain.Steps;
        var melts = steps.Single(s => Plain.Say(s.Do).Contains(says, StringComparison.Ordinal));
        Plain.Say(melts.Caution).ShouldStartWith(caution, Case.Insensitive);
        var first = steps.First(s => s.Part is StepPart.Filling && s.Kind is StepKind.MakeFilling);
        first.ShouldBe(melts);
    }

    /// <summary>The one that is made of nothing else has it in its own method, and not twice.</summary>
    [Fact]
    public void Salt_caramel_melts_its_sugar_once() =>
        Assessment.Of(
                Composition.For(PanCupboard.Plate23, CrustBook.ButterFlaky, FillingBook.SaltCaramel, Topping.Plain), 1, Kitchen.Usual)
            .Chain.Steps.Count(s => Plain.Say(s.Do).Contains("amber", StringComparison.Ordinal)).ShouldBe(1);

    /// <summary>
    /// The malt custard that is drawn in the place of a filling that cannot be used is cooked on the hob; the yolks of that filling are
    /// not, for all that is known.
    /// </summary>
    [Fact]
    public void Egg_of_a_filling_that_cannot_be_used_is_not_taken_for_cooked()
    {
        var pie = Composition.For(PanCupboard.Plate23, CrustBook.ButterFlaky, FillingBook.MaltCustard, Topping.Plain);
        RawEgg.In(pie).ShouldBeEmpty();
        var missing = new MissingPart(CompositionAddress.FillingField, "box-9-1", "filling", FillingBook.MaltCustard.Id)
        {
            Holds = Pile.Of(Pantry.Yolk),
        };
        RawEgg.In(pie with { Missing = Pile.Of(missing) }).ShouldHaveSingleItem().What.ShouldBe(Pantry.Yolk);
        RawEgg.In(pie with { Missing = Pile.Of(missing with { Field = CompositionAddress.ToppingField }) }).Count().ShouldBe(1);
    }

    /// <summary>What cracks from cold to hot says so wherever it goes into an oven, and never has a hot tray or a grill.</summary>
    [Fact]
    public void Glass_is_cautioned_wherever_it_goes_into_an_oven()
    {
        foreach (var pie in AllPies().Where(p => p.Pan.MayBurst))
        {
            var steps = Assessment.Of(pie, 1, Kitchen.Usual).Chain.Steps;
            var bakes = steps.Index().Where(s => s.Item.Bakes && s.Item.Part is not StepPart.Topping).Select(s => s.Index).ToList();
            if (bakes.Count == 0)
                continue;
            steps.Take(bakes[0] + 1).ShouldContain(
                s => Plain.Say(s.Caution) == Plain.Say(Cautions.All.Single(c => c.At == "glass and ceramic plates").Says),
                $"{pie.Crust.Family.Id} {pie.Filling.Formula.Id}");
            steps.ShouldAllBe(s => !Plain.Say(s.Do).Contains("hot tray", StringComparison.OrdinalIgnoreCase));
            steps.ShouldAllBe(s => !Plain.Say(s.Do).Contains("under the grill", StringComparison.OrdinalIgnoreCase));
        }
    }
}
