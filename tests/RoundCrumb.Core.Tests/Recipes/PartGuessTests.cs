using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Recipes;

namespace RoundCrumb.Core.Tests.Recipes;

/// <summary>What a recipe from elsewhere is taken for, before the baker has said anything.</summary>
public class PartGuessTests
{
    private static RecipeLine Line(string id, double grams, GoesIn how = GoesIn.Mixed) => new(Pantry.Get(id), grams, how);

    [Theory]
    [InlineData("For the pastry", PartKind.Crust)]
    [InlineData("BISCUIT BASE", PartKind.Crust)]
    [InlineData("Crumb", PartKind.Crust)]
    [InlineData("For the lemon curd:", PartKind.Filling)]
    [InlineData("Chocolate ganache", PartKind.Filling)]
    [InlineData("To finish", PartKind.Topping)]
    [InlineData("Meringue", PartKind.Topping)]
    [InlineData("Whipped cream", PartKind.Topping)] // a cream by itself would be a filling
    [InlineData("Cream", PartKind.Filling)]
    [InlineData("Crumble topping", PartKind.Topping)] // on top, whatever it is made of
    public void A_heading_names_its_kind(string heading, PartKind kind) => PartGuess.KindOf(heading).ShouldBe(kind);

    [Theory]
    [InlineData("")]
    [InlineData("Method")]
    [InlineData("You will need")]
    public void A_heading_may_name_none(string heading) => PartGuess.KindOf(heading).ShouldBeNull();

    [Fact]
    public void Lines_without_a_heading_are_told_by_what_there_is_most_of()
    {
        // Flour 250 of 455 g is 55 %: a crust. Biscuits 200 of 280 too.
        PartGuess.KindOf([Line("plain-flour", 250), Line("butter", 125), Line("water", 80)]).ShouldBe(PartKind.Crust);
        PartGuess.KindOf([Line("biscuit-crumbs", 200), Line("butter", 80)]).ShouldBe(PartKind.Crust);

        // Cream and 5 % of sugar is all that there is: a topping. With a third of sugar it is no cream any more.
        PartGuess.KindOf([Line("double-cream", 300), Line("icing-sugar", 15)]).ShouldBe(PartKind.Topping);
        PartGuess.KindOf([Line("double-cream", 200), Line("caster-sugar", 100)]).ShouldBe(PartKind.Filling);
        PartGuess.KindOf([Line("milk", 500), Line("yolk", 80), Line("cornflour", 40), Line("caster-sugar", 100)])
            .ShouldBe(PartKind.Filling);
    }

    [Fact]
    public void Of_nothing_a_filling_is_guessed_and_nothing_breaks()
    {
        PartGuess.KindOf([]).ShouldBe(PartKind.Filling);
        foreach (var kind in Enum.GetValues<PartKind>())
            PartFamilies.Of(kind).Select(f => f.Id).ShouldContain(PartGuess.FamilyOf(kind, []), kind.ToString());
        PartGuess.BoughtCrust([]).ShouldBeNull();
    }

    public static TheoryData<string> Shipped => [.. ShippedParts.All.Select(p => p.Id)];

    /// <summary>A part that ships, taken apart into its lines, is guessed as a kind and a family that exist.</summary>
    [Theory]
    [MemberData(nameof(Shipped))]
    public void Every_part_that_ships_is_guessed_as_something_that_there_is(string id)
    {
        var part = ShippedParts.Find(id)!;
        var family = PartGuess.FamilyOf(part.Kind, part.Lines);
        (PartFamilies.Of(part.Kind).Any(f => f.Id == family) || CrustBook.All.Any(c => c.Id == family)).ShouldBeTrue(family);
    }

    /// <summary>
    /// Nine in ten of what ships are guessed as what they are, by their lines alone; the rest the baker sets right by one choice.
    /// </summary>
    [Fact]
    public void Most_of_what_ships_is_guessed_as_what_it_is()
    {
        var fillings = ShippedParts.All.Where(p => p.Kind is PartKind.Filling).ToList();
        var wrong = fillings.Where(p => PartGuess.FamilyOf(p.Kind, p.Lines) != p.FamilyId)
            .Select(p => $"{p.Id}: {PartGuess.FamilyOf(p.Kind, p.Lines)} for {p.FamilyId}").ToList();
        wrong.Count.ShouldBeLessThanOrEqualTo(fillings.Count / 10, string.Join("; ", wrong));
        var crusts = ShippedParts.All.Where(p => p.Kind is PartKind.Crust).ToList();
        wrong = [.. crusts.Where(p => PartGuess.FamilyOf(p.Kind, p.Lines) != p.FamilyId)
            .Select(p => $"{p.Id}: {PartGuess.FamilyOf(p.Kind, p.Lines)} for {p.FamilyId}")];
        wrong.Count.ShouldBeLessThanOrEqualTo(crusts.Count / 10, string.Join("; ", wrong));
        var kinds = ShippedParts.All.Where(p => p.Kind is not PartKind.Topping).ToList();
        wrong = [.. kinds.Where(p => PartGuess.KindOf(p.Lines) != p.Kind).Select(p => $"{p.Id}: {PartGuess.KindOf(p.Lines)}")];
        wrong.Count.ShouldBeLessThanOrEqualTo(kinds.Count / 10, string.Join("; ", wrong));
    }

    [Fact]
    public void Doughs_are_told_by_sugar_egg_and_fat()
    {
        string Of(params RecipeLine[] lines) => PartGuess.FamilyOf(PartKind.Crust, lines);

        // Per 100 of flour: 80 butter, nothing else.
        Of(Line("plain-flour", 250), Line("butter", 200), Line("water", 70)).ShouldBe(CrustBook.ButterFlaky.Id);
        Of(Line("plain-flour", 250), Line("shortening", 180), Line("water", 70)).ShouldBe(CrustBook.ShorteningFlaky.Id);
        Of(Line("plain-flour", 250), Line("butter", 90), Line("shortening", 90), Line("water", 70)).ShouldBe(CrustBook.HalfFlaky.Id);

        // Egg 50 ÷ 250 = 20 % of the flour, no sugar: short. Sugar 100 ÷ 250 = 40 %: sandy.
        Of(Line("plain-flour", 250), Line("butter", 125), Line("whole-egg", 50)).ShouldBe(CrustBook.ShortCrust.Id);
        Of(Line("plain-flour", 250), Line("butter", 125), Line("icing-sugar", 65), Line("yolk", 36)).ShouldBe(CrustBook.SweetShort.Id);
        Of(Line("plain-flour", 250), Line("butter", 150), Line("icing-sugar", 100), Line("yolk", 40)).ShouldBe(CrustBook.Sandy.Id);
        Of(Line("plain-flour", 200), Line("rolled-oats", 60), Line("butter", 130)).ShouldBe(CrustBook.PartOats.Id);
    }

    [Fact]
    public void A_crumb_is_of_the_biscuit_that_there_is_most_of()
    {
        PartGuess.FamilyOf(PartKind.Crust, [Line("biscuit-crumbs", 200), Line("butter", 90)]).ShouldBe(CrustBook.PlainCrumb.Id);
        var ginger = CrustBook.All.OfType<CrumbFamily>().First(f => f.Crumb.Id == "ginger-biscuit-crumbs");
        PartGuess.FamilyOf(PartKind.Crust, [Line("ginger-biscuit-crumbs", 150), Line("biscuit-crumbs", 50), Line("butter", 80)])
            .ShouldBe(ginger.Id);
    }

    [Fact]
    public void What_is_bought_is_bought_only_where_it_is_all_that_there_is()
    {
        var sheet = Pantry.All.First(i => i.Is(Traits.BoughtDough));
        PartGuess.BoughtCrust([new(sheet, 320)]).ShouldBe(CrustBook.BoughtSheet);
        PartGuess.FamilyOf(PartKind.Crust, [new(sheet, 320)]).ShouldBe(CrustBook.BoughtSheet.Id);

        // 320 of 520 g is less than nine tenths: it is an ingredient of something else.
        PartGuess.BoughtCrust([new(sheet, 320), Line("butter", 200)]).ShouldBeNull();
        foreach (var shell in CrustBook.All.OfType<ShellFamily>())
            PartGuess.BoughtCrust([new(shell.Shell, 200)]).ShouldBe(shell);
    }

    [Fact]
    public void Toppings_are_told_by_what_makes_them()
    {
        string Of(params RecipeLine[] lines) => PartGuess.FamilyOf(PartKind.Topping, lines);
        Of(Line("double-cream", 300), Line("icing-sugar", 20)).ShouldBe(PartFamilies.WhippedCream);
        Of(Line("egg-white", 120), Line("caster-sugar", 220)).ShouldBe(PartFamilies.Meringue);
        Of(Line("plain-flour", 100), Line("butter", 70), Line("demerara-sugar", 60)).ShouldBe(PartFamilies.Crumble);
        Of(new RecipeLine(Pantry.Gelatine, 5), Line("water", 200)).ShouldBe(PartFamilies.Jelly);
        Of(new RecipeLine(Pantry.All.First(i => i.Is(Traits.Jam)), 100), Line("water", 20)).ShouldBe(PartFamilies.Glaze);
    }

    [Fact]
    public void Fillings_are_told_by_what_sets_them()
    {
        string Of(params RecipeLine[] lines) => PartGuess.FamilyOf(PartKind.Filling, lines);
        Of(Line("condensed-milk", 400), Line("lime-juice", 120), Line("yolk", 72)).ShouldBe(FillingFamilies.AcidMilk.Id);
        Of(Line("condensed-milk", 400), Line("butter", 100)).ShouldBe(FillingFamilies.CaramelLayer.Id);
        Of(Line("dark-chocolate", 250), Line("double-cream", 250)).ShouldBe(FillingFamilies.Ganache.Id);

        // Eggs and juice: with butter it is poured, without it is baked.
        Of(Line("lemon-juice", 150), Line("whole-egg", 200), Line("caster-sugar", 200), Line("butter", 120))
            .ShouldBe(FillingFamilies.PouredCurd.Id);
        Of(Line("lemon-juice", 150), Line("whole-egg", 250), Line("caster-sugar", 200)).ShouldBe(FillingFamilies.BakedCitrus.Id);

        // Milk with starch is stirred; with eggs and none it is baked; with cream folded in it is a light one.
        RecipeLine[] custard = [Line("milk", 500), Line("yolk", 90), Line("caster-sugar", 110), Line("cornflour", 42)];
        Of(custard).ShouldBe(FillingFamilies.StarchCustard.Id);
        Of([.. custard, Line("double-cream", 200, GoesIn.WhippedAndFolded)]).ShouldBe(FillingFamilies.LightCustard.Id);
        Of(Line("milk", 400), Line("whole-egg", 150), Line("caster-sugar", 80)).ShouldBe(FillingFamilies.BakedCustard.Id);

        // Gelatine with cheese, gelatine without, cheese without.
        RecipeLine[] cheese = [Line("cream-cheese", 400), Line("caster-sugar", 100), Line("double-cream", 200, GoesIn.WhippedAndFolded)];
        Of([.. cheese, new(Pantry.Gelatine, 7, GoesIn.Bloom)]).ShouldBe(FillingFamilies.CheeseGelatine.Id);
        Of(cheese).ShouldBe(FillingFamilies.CheeseStiff.Id);
        Of(Line("raspberry-puree", 300), Line("egg-white", 90, GoesIn.WhitesFolded), new(Pantry.Gelatine, 7, GoesIn.Bloom))
            .ShouldBe(FillingFamilies.Chiffon.Id);
        Of(Line("caster-sugar", 200), Line("double-cream", 150), Line("butter", 60)).ShouldBe(FillingFamilies.CaramelLayer.Id);
    }
}
