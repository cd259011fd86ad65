using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Formats.Reading;

namespace RoundCrumb.Formats.Tests.Reading;

/// <summary>What is mistyped, misprinted or not believable is asked about, and what is written is read back as it was.</summary>
public class SlipsTests
{
    /// <summary>One slip in so many is tried, which takes under two seconds; all of them were tried once.</summary>
    private const int Every = 5;

    private static readonly LineReader Reader = new(IngredientFinder.Shipped, new());

    /// <summary>
    /// One letter wrong, lost, doubled or swapped in a word of five or more, in any name of the pantry; one slip in seven is tried.
    /// </summary>
    [Fact]
    public void One_slip_of_the_finger_is_never_taken_without_a_word()
    {
        var finder = IngredientFinder.Shipped;
        Slips().Where((_, i) => i % Every == 0)
            .Where(s => IngredientFinder.Key(s.Slipped) != IngredientFinder.Key(s.Name) && finder.Exactly(s.Slipped) is null)
            .Select(s => (s, Found: finder.Find(s.Slipped)))
            .Where(s => s.Found.Likeness is Likeness.Known && s.Found.Ingredient != s.s.Meant)
            .Select(s => $"“{s.s.Slipped}” for “{s.s.Name}” is taken as {s.Found.Ingredient?.Name} and nothing is asked").ShouldBeEmpty();
    }

    private static IEnumerable<(Ingredient Meant, string Name, string Slipped)> Slips()
    {
        foreach (var ingredient in Pantry.All)
        {
            foreach (var name in IngredientFinder.NamesOf(ingredient))
            {
                var words = name.Split(' ');
                foreach (var word in words.Where(w => w.Length >= 5 && w.All(char.IsAsciiLetter)).Distinct())
                {
                    for (var at = 1; at < word.Length - 1; at++)
                    {
                        for (var how = 0; how < 4; how++)
                            yield return (ingredient, name, name.Replace(word, Slip(word, at, how), StringComparison.Ordinal));
                    }
                }
            }
        }
    }

    private static string Slip(string word, int at, int how) => how switch
    {
        0 => word.Remove(at, 1),
        1 => word.Insert(at, word[at].ToString()),
        2 => word[..at] + word[at + 1] + word[at] + word[(at + 2)..],
        _ => word[..at] + (word[at] == 'x' ? 'z' : 'x') + word[(at + 1)..],
    };

    [Theory]
    [InlineData("1 litre whole milk, boiled down to 200 ml", 0.2)]
    [InlineData("600 ml orange juice, reduced by two thirds", 1 / 3.0)]
    [InlineData("600 ml orange juice, reduced to a third", 1 / 3.0)]
    [InlineData("600 ml orange juice, reduced by half", 0.5)]
    [InlineData("600 ml orange juice, simmered down to 25%", 0.25)]
    [InlineData("600 ml orange juice, simmered gently to about a quarter", 0.25)]
    [InlineData("600 ml orange juice, boiled down to just one fifth", 0.2)]
    [InlineData("600 ml orange juice, reduced by 3/4", 0.25)]
    [InlineData("600 ml orange juice, reduced to 1/2", 0.5)]
    [InlineData("600 ml orange juice, reduced by three quarters", 0.25)]
    [InlineData("600 ml orange juice, concentrated to 150 ml, cooled", 0.25)]
    [InlineData("600 ml orange juice, cooked down by 12,5%", 0.875)]
    public void What_it_is_boiled_down_to_is_believed(string text, double left)
    {
        var item = Reader.Read(text).Items[0];
        item.GoesIn.ShouldBe(GoesIn.Reduced);
        item.ReducedTo!.Value.ShouldBe(left, 0.005);
    }

    /// <summary>What says no amount, or one that leaves all of it or more, is no boiling down: it goes in as it is.</summary>
    [Theory]
    [InlineData("600 ml orange juice, reduced")]
    [InlineData("600 ml orange juice, reduced to a syrup")]
    [InlineData("600 ml orange juice, boiled down to 600 ml")]
    [InlineData("600 ml orange juice, boiled down to 900 ml")]
    [InlineData("600 ml orange juice, reduced to 99%")]
    [InlineData("600 ml orange juice, reduced by a pinch of luck")]
    public void What_says_no_amount_is_not_boiled_down(string text) => Reader.Read(text).Items[0].ReducedTo.ShouldBeNull();

    [Fact]
    public void A_weight_to_boil_down_to_is_reckoned_as_a_share_of_the_volume()
    {
        // 515 g of milk take 500 ml. 150 g are left, so 365 g boil off: at 0.97 ml a gram of what goes, 1 − (1 − 150/515)/0.97 = 0.2694.
        var item = Reader.Read("515 g whole milk, reduced to 150 g").Items[0];
        item.GoesIn.ShouldBe(GoesIn.Reduced);
        item.ReducedTo!.Value.ShouldBe(0.2694, 0.001);
    }

    [Fact]
    public void More_than_there_is_water_cannot_boil_off()
    {
        var line = Reader.Read("500 ml double cream, boiled down to 50 ml");
        line.Question.ShouldNotBeEmpty();
        line.Items[0].ReducedTo.ShouldBeNull();
    }

    [Theory]
    [InlineData("80 cups milk")]
    [InlineData("40 tbsp ground cinnamon")]
    [InlineData("500 g gelatine powder")]
    [InlineData("90 eggs")]
    [InlineData("1 apple (2 kg)")]
    [InlineData("3 kg salt")]
    public void What_no_pie_takes_is_asked(string text) => Reader.Read(text).Question.ShouldNotBeEmpty();

    [Theory]
    [InlineData("2 litres whole milk")]
    [InlineData("2 tbsp ground cinnamon")]
    [InlineData("25 g gelatine powder")]
    [InlineData("12 eggs")]
    [InlineData("1 apple (200 g)")]
    [InlineData("500 ml cider vinegar, boiled down to 100 ml")]
    public void What_a_pie_may_take_is_not(string text) => Reader.Read(text).Question.ShouldBeEmpty();

    [Theory]
    [InlineData("100 g hazelnuts, toasted", GoesIn.Toasted)]
    [InlineData("100 g butter, browned", GoesIn.Toasted)]
    [InlineData("300 ml double cream, whipped to soft peaks", GoesIn.WhippedAndFolded)]
    [InlineData("300 ml double cream, whipped stiff", GoesIn.WhippedStiff)]
    [InlineData("300 ml whipping cream", GoesIn.Mixed)]
    [InlineData("3 egg whites, whisked and folded in", GoesIn.WhitesFolded)]
    [InlineData("300 g fresh pineapple, boiled 3 min", GoesIn.Boiled)]
    [InlineData("300 g fresh pineapple", GoesIn.Mixed)]
    [InlineData("60 ml cold water, to soak the gelatine", GoesIn.Bloom)]
    [InlineData("2 litres whole milk, soured and drained", GoesIn.Soured)]
    public void What_is_done_to_it_is_believed(string text, GoesIn way) => Reader.Read(text).Items[0].GoesIn.ShouldBe(way);

    [Theory]
    [InlineData("1 T sugar", 14.787 * 0.85)]
    [InlineData("1 t sugar", 4.929 * 0.85)]
    [InlineData("25O g sugar", 250)]
    [InlineData("l cup sugar", 236.6 * 0.85)]
    [InlineData("y2 cup sugar", 118.3 * 0.85)]
    [InlineData("half a dozen eggs", 300)]
    [InlineData("2 dozen eggs", 1200)]
    [InlineData("500 ml milk, warmed to 60 C", 515)]
    [InlineData("1 packet powdered gelatine", 7)]
    public void As_it_is_printed_it_is_meant(string text, double grams) =>
        Reader.Read(text).Items[0].Grams!.Value.ShouldBe(grams, grams * 0.01);

    /// <summary>A pack is a pack by what it is declared to be: one of it weighs what is in it, or what its millilitres do.</summary>
    [Fact]
    public void One_pack_of_what_comes_in_packs_weighs_what_one_does()
    {
        foreach (var one in Pantry.All.Where(i => i.PieceIsPack && i.GramsEach > 0))
            Reader.Read($"1 {one.Piece.One} {LineWriter.NameOf(one)}").Items[0].ShouldSatisfyAllConditions(
                one.Id,
                i => i.Ingredient.ShouldBe(one),
                i => i.Grams!.Value.ShouldBe(one.GramsEach, one.GramsEach * 0.04));
    }

    /// <summary>What is kept of a line is written so that it is read back as it was.</summary>
    [Theory]
    [InlineData("milk", GoesIn.Reduced, 0.25)]
    [InlineData("milk", GoesIn.Reduced, null)]
    [InlineData("pineapple", GoesIn.Boiled, null)]
    [InlineData("hazelnuts", GoesIn.Toasted, null)]
    [InlineData("butter", GoesIn.Toasted, null)]
    [InlineData("egg-white", GoesIn.WhitesFolded, null)]
    [InlineData("milk", GoesIn.Soured, null)]
    public void A_line_that_is_written_is_read_back(string id, GoesIn way, double? left)
    {
        var item = Reader.Read(LineWriter.Write(new RecipeLine(Pantry.Get(id), 500, way) { ReducedTo = left })).Items[0];
        item.Ingredient!.Id.ShouldBe(id);
        item.Grams.ShouldBe(500);
        item.GoesIn.ShouldBe(way);
        item.ReducedTo.ShouldBe(left is null && way is GoesIn.Reduced ? 0.5 : left);
    }
}
