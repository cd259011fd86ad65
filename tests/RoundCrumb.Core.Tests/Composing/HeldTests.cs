using RoundCrumb.Core.Advice;
using RoundCrumb.Core.Batches;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Labelling;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Tests.Composing;

/// <summary>What must not be in a pie is found in whichever part it is, weighed or not.</summary>
public sealed class HeldTests
{
    private static Composition Cold => Pies.Read("pan=plate-23&crust=plain-crumb&bake=chilled&fill=lemon-cheese&top=none");

    private static PartRecipe Part(PartKind kind, string family, params RecipeLine[] lines) => new("box-9-1", "Own", kind, family, lines);

    private static bool Stops(Composition pie, string rule) => Assessment.Of(pie).Advice.Any(f => f.Rule.Id == rule
        && f.Severity is Severity.Stops);

    [Fact]
    public void Lard_in_a_crust_is_not_for_vegetarians()
    {
        var crust = Part(
            PartKind.Crust, "shortening-flaky", new(Pantry.PlainFlour, 300), new(Pantry.Get("lard"), 195), new(Pantry.Water,
                84)).AsCrust()!;
        var pie = Pies.Read("pan=plate-23&crust=butter-flaky&fill=malt-custard&veg=1");
        Stops(pie, "not-vegetarian").ShouldBeFalse();
        pie = pie with { Crust = Composition.UsualCrust(pie.Pan, crust) };
        var found = Assessment.Of(pie).Advice.Single(f => f.Rule.Id == "not-vegetarian");
        found.Says.Template.ShouldContain("lard");
        found.Remedies[0].Apply(pie).Crust.Family.Ingredients.ShouldAllBe(i => !i.FromSlaughter);
        PieLabel.Of(BatchSheet.Of(Assessment.Of(pie))).IsVegetarian.ShouldBeFalse();
    }

    /// <summary>Peanuts "to taste" weigh nothing and are in the pie all the same.</summary>
    [Fact]
    public void What_has_no_weight_is_in_it_too()
    {
        var filling = Part(
            PartKind.Filling, "starch-custard", new(Pantry.Milk, 500), new(Pantry.Cornflour, 40), new(Pantry.Yolk, 72),
            new(Pantry.Get("peanuts"), null)).AsFilling()!;
        var pie = Composition.Usual with { Filling = Composition.Usual.Filling with { Formula = filling } };
        var label = PieLabel.Of(BatchSheet.Of(Assessment.Of(pie)));
        label.Allergens.HasFlag(Allergens.Peanut).ShouldBeTrue();
        label.Lines.ShouldContain(l => l.Ingredient.Id == "peanuts");
        Stops(pie with { Occasion = pie.Occasion with { Without = Allergens.Peanut } }, "allergen-filling").ShouldBeTrue();
        Held.Contains(pie).ShouldContain("peanut");
        Held.MayHave(pie, Allergens.Peanut).ShouldBeTrue();
        Held.MayHave(Composition.Usual, Allergens.Peanut).ShouldBeFalse();
    }

    /// <summary>
    /// Words that name hazelnuts stand on the label as "may", and keep it from who must not have them, until they are answered.
    /// </summary>
    [Fact]
    public void What_words_name_may_be_there_until_it_is_answered()
    {
        PieLabel Label(string words) => PieLabel.Of(BatchSheet.Of(Assessment.Of(With(words))));
        Composition With(string words) => Composition.Usual with
        {
            Filling = Composition.Usual.Filling with
            {
                Formula = Part(
                    PartKind.Filling, "starch-custard", new(Pantry.Milk, 500), new(Pantry.Cornflour, 40), new(Pantry.Yolk, 72),
                    RecipeLine.Words(Ingredient.NamedBeside(words))).AsFilling()!,
            },
        };
        var no = With("with hazelnuts").Occasion with { Without = Allergens.Hazelnut };
        Label("with hazelnuts").Perhaps.ShouldBe(Allergens.Hazelnut);
        Stops(With("with hazelnuts") with { Occasion = no }, "allergen-filling").ShouldBeTrue();
        Label("with hazelnuts, contains hazelnuts").Allergens.HasFlag(Allergens.Hazelnut).ShouldBeTrue();
        Label("with hazelnuts, no hazelnuts").Perhaps.ShouldBe(Allergens.None);
        Stops(With("with hazelnuts, no hazelnuts") with { Occasion = no }, "allergen-filling").ShouldBeFalse();
    }

    [Fact]
    public void A_pod_for_the_extract_makes_it_a_pie_without_alcohol_and_the_same_pie()
    {
        var pie = Pies.Read("pan=plate-23&crust=butter-flaky&fill=malt-custard&no-alcohol=1");
        var remedy = Assessment.Of(pie).Advice.Single(f => f.Rule.Id == "alcohol").Remedies[0];
        var after = remedy.Apply(pie);
        Held.Of(after).ShouldAllBe(h => h.What.Alcohol <= 0);
        after.Filling.Formula.Id.ShouldBe(pie.Filling.Formula.Id);
        remedy.SizeOn(pie).ShouldBe(RemedySize.Adjustment);
    }

    [Fact]
    public void Every_layer_is_asked()
    {
        foreach (var part in Enum.GetValues<HeldIn>())
        {
            var pie = Cold with { Occasion = Cold.Occasion with { Without = Allergens.Sesame } };
            var sesame = Pantry.Get("sesame-seeds");
            pie = part switch
            {
                HeldIn.Crust => pie with { Crust = pie.Crust with { Family = pie.Crust.Family with { Unweighed = [sesame] } } },
                HeldIn.Seal => pie with { Crust = pie.Crust with { Seal = Seal.Jam with { Ingredient = sesame } } },
                HeldIn.Beneath => pie with
                {
                    Under = new([new Core.Layering.FillingLayer(
                    FillingBook.MaltCustard with { Unweighed = [sesame] }, new(6))])
                },
                HeldIn.Filling => pie with { Filling = pie.Filling with { Formula = pie.Filling.Formula with { Unweighed = [sesame] } } },
                HeldIn.Topping => pie with
                {
                    Topping = Core.Toppings.ToppingChoice.Usual(Core.Toppings.Topping.Plain with
                    {
                        Unweighed =
                    [sesame]
                    })
                },
                _ => throw new InvalidOperationException(),
            };
            Assessment.Of(pie).Advice.ShouldContain(
                f => f.Severity == Severity.Stops && f.Says.Template.Contains("sesame"), part.ToString());
            BatchSheet.Of(Assessment.Of(pie)).Allergens.HasFlag(Allergens.Sesame).ShouldBeTrue(part.ToString());
        }
    }
}
