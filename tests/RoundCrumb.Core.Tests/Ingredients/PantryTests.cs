using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;

namespace RoundCrumb.Core.Tests.Ingredients;

public class PantryTests
{
    public static TheoryData<string> Ids => [.. Pantry.All.Select(i => i.Id)];

    [Fact]
    public void It_holds_what_the_craft_uses()
    {
        Pantry.All.Count.ShouldBeGreaterThan(500);
        Pantry.All.Select(i => i.Id).ShouldBeUnique();
        Pantry.All.Select(i => i.Name).ShouldBeUnique();
    }

    [Theory]
    [MemberData(nameof(Ids))]
    public void Water_fat_sugars_protein_starch_and_the_rest_make_one(string id)
    {
        var m = Pantry.Find(id)!.Makeup;
        m.Sum.ShouldBe(1, 0.0005);
        new[] { m.Water, m.Fat, m.Sugars, m.Protein, m.Starch, m.Rest }.ShouldAllBe(x => x >= 0 && x <= 1);
    }

    [Theory]
    [MemberData(nameof(Ids))]
    public void Densities_and_pieces_are_plausible(string id)
    {
        var i = Pantry.Find(id)!;

        // A cup of anything weighs between cornflakes and honey; in a mixture a gram takes up no more than fat does, but for what is
        // foam already.
        i.BulkDensity.ShouldBeInRange(0.10, 1.45);
        i.InMixture.ShouldBeInRange(
            0, id is "marshmallows" or "marshmallow-creme" ? 2.5 : id is "whipped-topping" or "aerosol-cream" ? 4 : 1.08);

        // What is poured fills a cup as it fills a pot: 1 g of it is 1 ÷ its density, within a tenth.
        if (i.Makeup.Water > 0.85 && i.Shelf is PantryShelf.Dairy or PantryShelf.Drinks or PantryShelf.Eggs && i.InMixture > 0)
            (i.InMixture * i.BulkDensity).ShouldBe(1, 0.11);
        (i.GramsEach > 0).ShouldBe(i.Piece.One.Length > 0);
        (i.Pack.Grams > 0).ShouldBe(i.Pack.Price > 0);
        i.UsualLoss.ShouldBeInRange(0, 0.2);
        i.Alcohol.ShouldBeLessThanOrEqualTo(i.Makeup.Rest + 0.001);
    }

    [Theory]
    [MemberData(nameof(Ids))]
    public void A_name_that_says_an_allergen_has_it(string id)
    {
        var i = Pantry.Find(id)!;
        Names("almond", Allergens.Almond);
        Names("hazelnut", Allergens.Hazelnut);
        Names("walnut", Allergens.Walnut);
        Names("pecan", Allergens.Pecan);
        Names("pistachio", Allergens.Pistachio);
        Names("peanut", Allergens.Peanut);
        Names("sesame", Allergens.Sesame);
        Names("egg", id == "egg-replacer" ? Allergens.None : Allergens.Egg);
        Names("oat ", Allergens.Oats);
        Names("wheat", id == "buckwheat-flour" ? Allergens.None : Allergens.Wheat);
        Names("soya", Allergens.Soya);
        if (i.Shelf is PantryShelf.Dairy && i.Origin is Origin.OfAnimal)
            i.Allergens.HasFlag(Allergens.Milk).ShouldBeTrue();

        // A spirit or extract flavoured with a nut holds none of it as a rule.
        void Names(string word, Allergens allergen)
        {
            if (i.Name.Contains(word, StringComparison.OrdinalIgnoreCase) && i.Alcohol == 0)
                i.Allergens.HasFlag(allergen).ShouldBeTrue();
        }
    }

    [Theory]
    [InlineData("plain-flour", 0.53, 0.66)]
    [InlineData("cornflour", 0.54, 0.66)]
    [InlineData("caster-sugar", 0.85, 0.62)]
    [InlineData("brown-sugar", 0.93, 0.62)]
    [InlineData("icing-sugar", 0.51, 0.62)]
    [InlineData("cocoa", 0.36, 0.75)]
    [InlineData("ground-almonds", 0.41, 0.75)]
    [InlineData("biscuit-crumbs", 0.45, 0.66)]
    [InlineData("pretzel-crumbs", 0.40, 0.66)]
    [InlineData("gelatine", 0.62, 0.70)]
    [InlineData("double-cream", 0.99, 0.97)]
    [InlineData("butter", 0.96, 1.08)]
    [InlineData("condensed-milk", 1.30, 0.77)]
    [InlineData("cream-cheese", 0.98, 1.02)]
    public void The_two_densities_are_the_crafts_own(string id, double bulk, double inMixture)
    {
        Pantry.Find(id)!.BulkDensity.ShouldBe(bulk);
        Pantry.Find(id)!.InMixture.ShouldBe(inMixture);
    }

    [Fact]
    public void Raw_fruit_that_digests_gelatine_is_marked_and_tinned_is_not()
    {
        Pantry.All.Where(i => i.ProteaseWhenRaw).Select(i => i.Id).Order()
            .ShouldBe([
                "figs", "fresh-ginger", "frozen-mango", "frozen-pineapple", "kiwi", "kiwi-puree", "mango", "papaya", "pineapple",
                "pineapple-puree",
            ]);
        Pantry.Find("tinned-pineapple")!.ProteaseWhenRaw.ShouldBeFalse();
    }

    [Fact]
    public void Leaf_gelatine_converts_by_the_root_of_the_bloom_ratio() =>
        Pantry.Find("gelatine-leaf")!.GelatineEquivalent.ShouldBe(Math.Sqrt(180.0 / 200), 1e-9); // 0.949 g of 200-bloom powder

    [Fact]
    public void The_law_has_fourteen_groups_in_Europe_and_nine_in_America()
    {
        AllergenLaw.European.Count.ShouldBe(14);
        AllergenLaw.American.Count.ShouldBe(9);
        AllergenLaw.Named(Allergens.Milk | Allergens.Wheat | Allergens.Hazelnut).ShouldBe(["wheat (gluten)", "milk", "hazelnut (nut)"]);
        AllergenLaw.NamedInAmerica(Allergens.Barley | Allergens.Hazelnut).ShouldBe(["tree nuts"]);
        var all = AllergenLaw.European.Aggregate(Allergens.None, (sum, group) => sum | group.Of);
        Enum.GetValues<Allergens>().ShouldAllBe(a => all.HasFlag(a));
    }

    [Theory]
    [InlineData(EggSize.Small)]
    [InlineData(EggSize.Medium)]
    [InlineData(EggSize.Large)]
    [InlineData(EggSize.ExtraLarge)]
    public void Yolk_and_white_make_the_egg(EggSize size) =>
        (KitchenMeasures.Egg(EggPart.Yolk, size) + KitchenMeasures.Egg(EggPart.White, size)).ShouldBe(
            KitchenMeasures.Egg(EggPart.Whole, size));
}
