using FsCheck;
using FsCheck.Xunit;
using RoundCrumb.Core.Advice;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Core.Steps;
using RoundCrumb.Core.Toppings;
using RoundCrumb.Core.Units;

namespace RoundCrumb.Core.Tests.Composing;

public class AddressTests
{
    [Property(Arbitrary = [typeof(ArbitraryPies)])]
    public void What_is_written_is_read_back(Composition pie)
    {
        var read = CompositionAddress.Read(CompositionAddress.Write(pie));
        read.Troubles.ShouldBeEmpty();
        read.Composition.ShouldBe(pie);
    }

    /// <summary>A brief address says the same pie in no more words, and leaves out nothing that it must say.</summary>
    [Property(Arbitrary = [typeof(ArbitraryPies)], MaxTest = 60)]
    public void A_brief_address_is_the_same_pie(Composition pie)
    {
        var whole = CompositionAddress.Write(pie);
        var brief = BriefAddress.Of(whole, PartBook.Shipped);
        CompositionAddress.Read(brief).Composition.ShouldBe(pie);
        brief.Length.ShouldBeLessThanOrEqualTo(whole.Length);
        foreach (var field in brief.Split('&'))
        {
            var name = field.Split('=')[0];
            var without = string.Join('&', brief.Split('&').Where(f => f != field));
            if (!CompositionAddress.PartFields.Contains(name))
                CompositionAddress.Read(without).Composition.ShouldNotBe(pie, field);
        }
    }

    /// <summary>A pie nearly like another is as it should be, whatever was left out of the other’s address.</summary>
    [Property(Arbitrary = [typeof(ArbitraryPies)], MaxTest = 100)]
    public void A_brief_address_of_a_pie_like_another_is_that_pie(Composition pie, Composition other)
    {
        var whole = CompositionAddress.Write(pie);
        var left = BriefAddress.LeftOut(whole, BriefAddress.Of(whole, PartBook.Shipped));
        CompositionAddress.Read(BriefAddress.Of(other, left, PartBook.Shipped)).Composition.ShouldBe(other);
    }

    [Theory]
    [InlineData(1.25)]
    [InlineData(0.5)]
    [InlineData(1)]
    public void A_firmness_put_into_an_address_is_all_that_changes(double setter)
    {
        var pie = Composition.Usual;
        foreach (var address in new[] { CompositionAddress.Write(pie),
            BriefAddress.Of(CompositionAddress.Write(pie), PartBook.Shipped) })
        {
            CompositionAddress.Read(CompositionAddress.WithFirmness(address, setter)).Composition
                .ShouldBe(pie with { Filling = pie.Filling with { Setter = setter } });
        }
    }

    [Property(MaxTest = 500)]
    public void Nothing_typed_into_any_field_breaks_it(int seed, NonNull<string> first, NonNull<string> second)
    {
        // Each field gets something nasty or something plausible, by the seed.
        string[] nasty = [
            first.Get, second.Get, "", "-1", "0", "1e308", "NaN", "2,5", "½", "１２", "%00", "own", "plain-crumb", "3000", "'; drop table",
            new string('9', 400), "∞", "1/0"
        ];
        var random = new Random(seed);
        var fields = CompositionAddress.Fields.Where(_ => random.Next(3) > 0).ToDictionary(f => f, _ => nasty[random.Next(nasty.Length)]);
        var read = CompositionAddress.Read(fields.GetValueOrDefault);
        var pie = Assessment.Of(read.Composition);
        foreach (var figure in pie.FiguresWithTimes())
            double.IsFinite(figure.Amount.Amount).ShouldBeTrue($"{figure.Id} of {CompositionAddress.Write(read.Composition)}");
        pie.Advice.ShouldNotBeNull();
        foreach (var trouble in read.Troubles)
            new QuantityFormatter(UnitChoice.Usual).Say(trouble.Message).ShouldNotBeNullOrWhiteSpace();
    }

    [Theory]
    [InlineData("own-top", "3000", "60 cm")]
    [InlineData("thick", "0", "1 mm to 8 mm")]
    [InlineData("thick", "", "Nothing is written")]
    [InlineData("thick", "three", "isn’t a length")]
    [InlineData("line", "-5", "below the rim")]
    [InlineData("cream", "400", "2 mm to 60 mm")]
    [InlineData("set", "0", "50 and 200")]
    [InlineData("ahead", "900", "240 hours")]
    [InlineData("make", "0", "50 times")]
    [InlineData("fill", "gravel", "no filling called “gravel”")]
    [InlineData("pan", "bathtub", "no pan called")]
    [InlineData("own-base", "290", "wider than the top")]
    [InlineData("own-base", "90", "funnel")]
    public void Bad_input_says_what_is_wrong_and_keeps_what_was_typed(string field, string typed, string words)
    {
        var fields = new Dictionary<string, string> { [field] = typed };
        if (field.StartsWith("own", StringComparison.Ordinal))
            fields["pan"] = "own";
        var read = CompositionAddress.Read(fields.GetValueOrDefault);
        var trouble = read.Of(field).ShouldNotBeNull();
        trouble.Typed.ShouldBe(typed);
        new QuantityFormatter(UnitChoice.Usual).Say(trouble.Message).ShouldContain(words);
        Assessment.Of(read.Composition).PanVolume.Value.Value.ShouldBeGreaterThan(0);
    }

    [Theory]
    [InlineData("2,5", 2.5)]
    [InlineData("2.5", 2.5)]
    [InlineData("2 1/2", 2.5)]
    [InlineData("2½ mm", 2.5)]
    [InlineData("0.25cm", 2.5)]
    [InlineData("1/8 in", 3.175)]
    [InlineData("⅛\"", 3.175)]
    public void Lengths_in_the_ways_people_write_them(string typed, double mm)
    {
        var read = CompositionAddress.Read(new Dictionary<string, string> { ["thick"] = typed }.GetValueOrDefault);
        read.Troubles.ShouldBeEmpty();
        read.Composition.Crust.Thickness.Value.ShouldBe(mm, 1e-9);
    }

    [Fact]
    public void A_bare_length_is_in_inches_for_a_baker_who_works_in_inches() =>
        CompositionAddress.Read(new Dictionary<string, string> { ["thick"] = "0.125" }.GetValueOrDefault, LengthUnit.Inches)
            .Composition.Crust.Thickness.Value.ShouldBe(3.175, 1e-9);

    [Fact]
    public void Fields_left_as_usual_follow_a_new_pan_and_what_the_baker_set_stays()
    {
        var before = Composition.For(PanCupboard.Plate23, CrustBook.PlainCrumb, Core.Fillings.FillingBook.LemonCheese, Topping.None);
        var mark = "&was=" + CompositionAddress.UsualMark(before);
        var moved = Pies.Read(
            CompositionAddress.Write(before).Replace("pan=plate-23", "pan=springform-20", StringComparison.Ordinal) + mark);
        moved.Crust.Thickness.Value.ShouldBe(9);
        moved.Crust.Height.Value.ShouldBe(0);

        var set = before with { Crust = before.Crust with { Thickness = new(6) } };
        var kept = Pies.Read(CompositionAddress.Write(set).Replace("pan=plate-23", "pan=springform-20", StringComparison.Ordinal) + mark);
        kept.Crust.Thickness.Value.ShouldBe(6);
    }

    [Fact]
    public void Another_family_of_crust_starts_from_its_own_measures()
    {
        var mark = "&was=" + CompositionAddress.UsualMark(Pies.Plain);
        var crumb = Pies.Read(
            CompositionAddress.Write(Pies.Plain).Replace("crust=butter-flaky", "crust=plain-crumb", StringComparison.Ordinal) + mark);
        crumb.Crust.Thickness.Value.ShouldBe(5);
        crumb.Crust.Treatment.ShouldBe(Treatment.Baked);
    }

    [Fact]
    public void A_wall_can_not_stand_higher_than_the_pan()
    {
        var read = CompositionAddress.Read("pan=plate-23&wall=70");
        read.Of("wall").ShouldNotBeNull();
        read.Composition.Crust.Height.Value.ShouldBe(32);
    }

    [Fact]
    public void A_line_that_leaves_no_room_is_given_back()
    {
        var read = CompositionAddress.Read("pan=tart-25&crust=plain-crumb&thick=4&line=20");
        read.Of("line").ShouldNotBeNull();
        read.Composition.Filling.Line.Value.ShouldBe(5);
    }

    [Fact]
    public void It_can_not_be_topped_before_it_is_filled()
    {
        var read = CompositionAddress.Read("ahead=4&topped=6");
        read.Of("topped").ShouldNotBeNull();
        read.Composition.Occasion.ToppedAhead.ShouldBe(4);
    }
}
