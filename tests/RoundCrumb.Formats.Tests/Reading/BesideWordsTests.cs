using RoundCrumb.Core.Ingredients;
using RoundCrumb.Formats.Reading;

namespace RoundCrumb.Formats.Tests.Reading;

/// <summary>Nothing in a line that names an allergen is passed over: it is in what was found, or it is asked about.</summary>
public sealed class BesideWordsTests
{
    private static readonly LineReader Reader = new(IngredientFinder.Shipped, new());

    private static Allergens Has(ReadLine line) => line.Items.Aggregate(Allergens.None, (all, i) => all | (i.Ingredient?.Allergens ?? 0));

    private static Allergens Perhaps(ReadLine line) => line.WordsOnly.Aggregate(Allergens.None, (all, w) =>
        all | w.Unanswered) & ~Has(line);

    [Theory]
    [InlineData("200 ml pistachio ice cream", Allergens.Milk | Allergens.Egg | Allergens.Pistachio)]
    [InlineData("400 g cashew cream cheese", Allergens.Cashew)]
    [InlineData("150 ml oat cream", Allergens.Oats)]
    [InlineData("50 ml malt vinegar", Allergens.Barley)]
    [InlineData("1 tbsp white wine vinegar", Allergens.Sulphites)]
    [InlineData("40 g praline", Allergens.Almond | Allergens.Hazelnut | Allergens.Milk)]
    public void A_name_brings_its_own_allergens(string text, Allergens has)
    {
        var line = Reader.Read(text);
        line.Items.Count.ShouldBe(1);
        Has(line).ShouldBe(has);
    }

    [Theory]
    [InlineData("200 g white chocolate with hazelnuts", Allergens.Hazelnut)]
    [InlineData("100 g dark chocolate (almond)", Allergens.Almond)]
    [InlineData("300 ml double cream, pistachio flavour", Allergens.Pistachio)]
    [InlineData("2 tbsp honey, with sesame", Allergens.Sesame)]
    [InlineData("150 g marshmallows coated in peanut", Allergens.Peanut)]
    public void What_is_named_beside_it_is_asked_about_until_it_is_answered(string text, Allergens perhaps)
    {
        var line = Reader.Read(text);
        ((Perhaps(line) | Has(line)) & perhaps).ShouldBe(perhaps, text);
        (line.Question.Length > 0).ShouldBeTrue(text);
        var name = AllergenLaw.Named(perhaps).Single().Split(" (")[0];
        (Perhaps(Reader.Read($"{text}, no {name}")) & perhaps).ShouldBe(Allergens.None, text);
        var yes = Reader.Read($"{text}, contains {name}");
        (Perhaps(yes) & perhaps).ShouldBe(Allergens.None, text);
        (yes.WordsOnly.Aggregate(Allergens.None, (all, w) => all | w.Allergens) | Has(yes)).HasFlag(perhaps).ShouldBeTrue(text);
    }

    /// <summary>
    /// Every answer that is offered is understood: what it says is in it is there, what it denies is asked no more, and the line weighs
    /// what it weighed. Pressed one after another they come to an end, also where "nuts" may be any of eight.
    /// </summary>
    [Theory]
    [InlineData("200 g white chocolate with hazelnuts")]
    [InlineData("300 ml double cream with nuts")]
    [InlineData("300 ml double cream, walnut and sesame flavour")]
    [InlineData("2 tbsp honey with almond, cashew, macadamia and soya flavour")]
    [InlineData("2 tbsp honey, with fish, oyster, crab, celery, mustard, lupin and sulphite")]
    public void Every_answer_that_is_offered_is_understood(string text)
    {
        var asked = Reader.Read(text).Asked;
        var answers = AllergenAnswer.To(asked);
        answers.Count.ShouldBeGreaterThan(1, text);
        var grams = Reader.Read(text).Items.Sum(i => i.Grams ?? 0);
        foreach (var answer in answers)
        {
            var line = answer.Behind(text);
            var read = Reader.Read(line);
            read.Items.Sum(i => i.Grams ?? 0).ShouldBe(grams, line);
            if (answer == answers[^1])
            {
                read.Asked.ShouldBe(Allergens.None, line);
                (All(read) & asked).ShouldBe(Allergens.None, line);
                continue;
            }

            var (left, now) = (read.Asked, All(read) & asked);
            now.ShouldNotBe(Allergens.None, line);
            (left | now).ShouldBe(asked, line);
            if (AllergenAnswer.To(left) is [.., var none])
            {
                var last = Reader.Read(none.Behind(line));
                last.Asked.ShouldBe(Allergens.None, none.Behind(line));
                (All(last) & asked).ShouldBe(now, none.Behind(line));
            }
        }
    }

    /// <summary>What the packet may hold is there where the line says so.</summary>
    [Fact]
    public void What_is_said_to_be_contained_counts_also_where_the_packet_only_may_have_it()
    {
        Reader.Read("1 tsp butter flavouring").Items.Single().Ingredient!.Unanswered.ShouldBe(Allergens.Milk);
        All(Reader.Read("1 tsp butter flavouring")).ShouldBe(Allergens.None);
        All(Reader.Read("1 tsp butter flavouring, contains milk")).ShouldBe(Allergens.Milk);
    }

    private static Allergens All(ReadLine line) => line.WordsOnly.Aggregate(Has(line), (all, w) => all | w.Allergens);

    [Theory]
    [InlineData("80 g zorbled pistachio dust")]
    [InlineData("3 handfuls of unobtainable berries")]
    public void A_line_that_cannot_be_read_is_not_nothing(string text)
    {
        var line = Reader.Read(text);
        if (line.Items.All(i => i.Ingredient is null))
            line.WordsOnly.Single().AllergensStated.ShouldBeFalse();
    }

    [Theory]
    [InlineData("200 g plain flour, plus extra for dusting")]
    [InlineData("100 g caster sugar, for the meringue")]
    [InlineData("2 tbsp lemon juice, whisked into the yolks")]
    [InlineData("1 tsp vanilla extract, folded into the cream")]
    [InlineData("400 ml coconut milk")]
    [InlineData("1 tsp cream of tartar")]
    [InlineData("50 g cocoa butter")]
    [InlineData("For the custard:")]
    [InlineData("Serves 8")]
    public void What_it_is_for_is_not_what_is_in_it(string text)
    {
        Reader.Read(text).WordsOnly.ShouldBeEmpty();
        Reader.Read(text).AllergenQuestion.ShouldBeEmpty();
    }

    /// <summary>Every name of the pantry, measured, brings what its words say.</summary>
    [Fact]
    public void Every_name_of_the_pantry_brings_what_it_says()
    {
        foreach (var name in Pantry.All.SelectMany(IngredientFinder.NamesOf).Distinct())
        {
            var line = Reader.Read("100 g " + name);
            var heard = Has(line) | line.Items.Aggregate(Allergens.None, (a, i) => a | (i.Ingredient?.Unanswered ?? 0))
                | line.WordsOnly.Aggregate(Allergens.None, (a, w) => a | w.Unanswered | w.Allergens);
            (AllergenLexicon.Of(name) & ~heard).ShouldBe(Allergens.None, name);
        }
    }
}
