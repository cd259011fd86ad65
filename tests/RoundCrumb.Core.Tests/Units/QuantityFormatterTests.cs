using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Units;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Tests.Units;

public class QuantityFormatterTests
{
    private static readonly QuantityFormatter Metric = new(UnitChoice.Usual);
    private static readonly QuantityFormatter Ounces = new(new(MassUnit.Ounces, OvenUnit.Fahrenheit, LengthUnit.Inches));
    private static readonly QuantityFormatter Cups = new(new(MassUnit.Cups, OvenUnit.Gas, LengthUnit.Centimetres));
    private static readonly QuantityFormatter Fan = new(new(MassUnit.Grams, OvenUnit.Fan, LengthUnit.Centimetres));

    [Theory]
    [InlineData(227.3, "227 g")]
    [InlineData(99.6, "100 g")]
    [InlineData(308.7, "310 g")]
    [InlineData(2.24, "2 g")]
    [InlineData(7.3, "7.5 g")]
    [InlineData(1442, "1,440 g")]
    [InlineData(12_340, "12.3 kg")]
    [InlineData(0, "0 g")]
    public void Grams_as_a_baker_says_them(double grams, string said) => Metric.Say(new Grams(grams).AsQuantity()).ShouldBe(said);

    [Theory]
    [InlineData(28.35, "1 oz")]
    [InlineData(170, "6 oz")]
    [InlineData(142.3, "5 oz")]
    [InlineData(99, "3½ oz")]
    [InlineData(454, "1 lb")]
    [InlineData(680, "1 lb 8 oz")]
    [InlineData(5, "0.18 oz")]
    public void Ounces_in_eighths_and_pounds(double grams, string said) => Ounces.Say(new Grams(grams).AsQuantity()).ShouldBe(said);

    [Fact]
    public void Below_five_grams_a_spoon_is_named_as_well()
    {
        // 3 g of gelatine at 0.62 g/ml is 4.8 ml: a teaspoon.
        Metric.Weigh(new(3), Pantry.Gelatine).ShouldBe("3 g (1 tsp)");
        Metric.Weigh(new(5), Pantry.Gelatine).ShouldBe("5 g");
    }

    [Theory]
    [InlineData("plain-flour", 125.4, "1 cup")]        // 236.6 ml × 0.53
    [InlineData("caster-sugar", 100, "½ cup")]         // 117.6 ml
    [InlineData("caster-sugar", 200.5, "1 cup")]       // 235.9 ml
    [InlineData("milk", 487.4, "2 cups")]              // 473.2 ml
    [InlineData("butter", 28, "2 tbsp")]               // 29.2 ml
    [InlineData("salt", 3, "½ tsp")]                   // 2.5 ml
    public void Cups_and_spoons_by_bulk_density(string id, double grams, string said)
    {
        var ingredient = FillingBook.All.SelectMany(f => f.Lines).Select(l => l.Ingredient).Append(Pantry.PlainFlour)
            .First(i => i.Id == id);
        Cups.Weigh(new(grams), ingredient).ShouldBe(said);
    }

    [Theory]
    [InlineData(220, "220 °C", "425 °F", "200 °C fan", "gas 7")]
    [InlineData(230, "230 °C", "450 °F", "210 °C fan", "gas 8")]
    [InlineData(190, "190 °C", "375 °F", "170 °C fan", "gas 5")]
    [InlineData(160, "160 °C", "325 °F", "140 °C fan", "gas 3")]
    [InlineData(150, "150 °C", "300 °F", "130 °C fan", "gas 2")]
    [InlineData(180, "180 °C", "350 °F", "160 °C fan", "gas 4")]
    [InlineData(175, "175 °C", "350 °F", "155 °C fan", "gas 4")]
    public void One_oven_in_four_tongues(double celsius, string c, string f, string fan, string gas)
    {
        var heat = new OvenCelsius(celsius).AsQuantity();
        Metric.Say(heat).ShouldBe(c);
        Ounces.Say(heat).ShouldBe(f);
        Fan.Say(heat).ShouldBe(fan);
        Cups.Say(heat).ShouldBe(gas);
    }

    [Fact]
    public void Food_is_never_as_warm_as_a_fan()
    {
        var warm = new Quantity(95, Dimension.Warmth);
        Fan.Say(warm).ShouldBe("95 °C");
        Cups.Say(warm).ShouldBe("95 °C");
        Ounces.Say(warm).ShouldBe("205 °F");
    }

    [Fact]
    public void Ten_degrees_hotter_is_eighteen_fahrenheit_not_fifty() =>
        Ounces.Say(new Quantity(10, Dimension.HeatDifference)).ShouldBe("18 °F");

    [Theory]
    [InlineData(3, "3 mm", "⅛ in")]
    [InlineData(12, "12 mm", "½ in")]
    [InlineData(312.2, "31.2 cm", "12¼ in")]
    [InlineData(229, "22.9 cm", "9 in")]
    public void Lengths(double mm, string metric, string inches)
    {
        Metric.Say(new Millimetres(mm).AsQuantity()).ShouldBe(metric);
        Ounces.Say(new Millimetres(mm).AsQuantity()).ShouldBe(inches);
    }

    [Theory]
    [InlineData(30, 60, "30–60 min")]
    [InlineData(75, 75, "75 min")]
    [InlineData(120, 240, "2–4 h")]
    [InlineData(395, 395, "6 h 35")]
    [InlineData(180, 1440, "3–24 h")]
    [InlineData(2880, 2880, "2 days")]
    public void Times(double low, double high, string said) => Metric.Say(new Quantity(low, Dimension.Time, low, high)).ShouldBe(said);

    [Theory]
    [InlineData(4, "4 yolks")]
    [InlineData(1, "1 yolk")]
    [InlineData(4.5, "4½ yolks")]
    [InlineData(4.36, "about 4¼ yolks")]
    [InlineData(4.1, "about 4 yolks")]
    [InlineData(3.93, "about 4 yolks")]
    [InlineData(12.25, "12¼ yolks")]
    [InlineData(12.3, "about 12 yolks")]
    [InlineData(1.1, "about 1 yolk")]
    [InlineData(0.5, "½ yolk")]
    [InlineData(0.1, "less than ¼ yolk")]
    [InlineData(0, "0 yolks")]
    public void Pieces(double count, string said) => QuantityFormatter.Pieces(count, Pantry.Yolk.Piece).ShouldBe(said);

    [Fact]
    public void Less_than_nothing_has_a_minus_sign() => Metric.Say(new Millilitres(-60).AsQuantity()).ShouldBe("−60 ml");

    [Fact]
    public void A_sentence_says_its_quantities_in_the_bakers_units() =>
        Ounces.Say(
            new Phrase("Roll to {0} and bake at {1}.", new Millimetres(312).AsQuantity(), new OvenCelsius(220).AsQuantity()))
            .ShouldBe("Roll to 12¼ in and bake at 425 °F.");

    [Theory]
    [InlineData("2,5", 2.5, "")]
    [InlineData("1,250", 1250, "")]
    [InlineData("0,125", 0.125, "")]
    [InlineData("1 1/2 in", 1.5, "in")]
    [InlineData("¾", 0.75, "")]
    [InlineData("−3", -3, "")]
    [InlineData("640 g", 640, "g")]
    public void Numbers_as_bakers_type_them(string typed, double value, string unit)
    {
        BakersNumber.TryRead(typed, out var read, out var after).ShouldBeTrue();
        read.ShouldBe(value, 1e-9);
        after.ShouldBe(unit);
    }

    [Theory]
    [InlineData("")]
    [InlineData("abc")]
    [InlineData("1/0")]
    [InlineData("1.2.3")]
    [InlineData("--4")]
    [InlineData(null)]
    public void What_is_no_number_is_not_read(string? typed) => BakersNumber.TryRead(typed, out _, out _).ShouldBeFalse();
}
