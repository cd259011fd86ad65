using System.Globalization;
using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Units;

namespace RoundCrumb.Core.Tests.Units;

/// <summary>
/// What is said of a quantity is read back as a baker would weigh it out: never further off than the scale, the spoon or the ruler of those
/// units is coarse, and never more for what is less.
/// </summary>
public class SaidIsMeantTests
{
    private static readonly QuantityFormatter Grams = new(UnitChoice.Usual);
    private static readonly QuantityFormatter Ounces = new(new(MassUnit.Ounces, OvenUnit.Fahrenheit, LengthUnit.Inches));
    private static readonly QuantityFormatter Cups = new(new(MassUnit.Cups, OvenUnit.Gas, LengthUnit.Centimetres));
    private static readonly double Cup = KitchenMeasures.Cup(CupSize.American);

    private static readonly Dictionary<string, double> Units = new(StringComparer.Ordinal)
    {
        ["g"] = 1,
        ["kg"] = 1000,
        ["oz"] = KitchenMeasures.GramsPerOunce,
        ["lb"] = KitchenMeasures.GramsPerPound,
        ["ml"] = 1,
        ["l"] = 1000,
        ["tsp"] = KitchenMeasures.Teaspoon(CupSize.American),
        ["tbsp"] = KitchenMeasures.Tablespoon(CupSize.American),
        ["cup"] = Cup,
        ["cups"] = Cup,
        ["mm"] = 1,
        ["cm"] = 10,
        ["in"] = 25.4,
    };

    private static Arbitrary<double> Between(double least, double most) =>
        Gen.Choose(0, 1_000_000).Select(n => least * Math.Pow(most / least, n / 1e6)).ToArbitrary();

    /// <summary>Reads what was said, as a person does: numbers with their units, added up.</summary>
    private static double Read(string said)
    {
        if (said == "a pinch")
            return 0.3;
        var sum = 0.0;
        var number = 0.0;
        foreach (var word in said.Replace("+", "", StringComparison.Ordinal).Split(' ', StringSplitOptions.RemoveEmptyEntries))
        {
            if (Units.TryGetValue(word, out var unit))
                sum += number * unit;
            else if (word.Contains('/', StringComparison.Ordinal))
                number = double.Parse(word.Split('/')[0], CultureInfo.InvariantCulture) / int.Parse(word.Split('/')[1],
                    CultureInfo.InvariantCulture);
            else if (BakersNumber.TryRead(word, out var value, out _))
                number = value;
            else
                throw new InvalidOperationException($"“{word}” in “{said}”");
        }

        return sum;
    }

    [Property(MaxTest = 500)]
    public Property Grams_are_within_half_a_step_of_a_scale() => Prop.ForAll(Between(0.3, 100_000), g =>
    {
        var off = Math.Abs(Read(Grams.Say(new Grams(g).AsQuantity())) - g);
        off.ShouldBeLessThanOrEqualTo((g < 10 ? 0.25 : g < 250.5 ? 0.5 : g < 10_000 ? 2.5 : 50) + 1e-6, $"{g}");
    });

    [Property(MaxTest = 500)]
    public Property Ounces_are_within_an_eighth_or_a_quarter_above_a_pound() => Prop.ForAll(Between(0.3, 20_000), g =>
    {
        var off = Math.Abs(Read(Ounces.Say(new Grams(g).AsQuantity())) - g) / KitchenMeasures.GramsPerOunce;
        off.ShouldBeLessThanOrEqualTo((g < 14 ? 0.005 : g < 453 ? 0.0625 : 0.125) + 1e-6, $"{g}");
    });

    /// <summary>Half a tablespoon, or a twentieth where that is more: what a level cup and a heaped one lie apart anyway.</summary>
    [Property(MaxTest = 1000)]
    public Property Cups_and_spoons_are_within_half_a_spoon() => Prop.ForAll(Between(0.5, 5000), ml =>
    {
        var said = Cups.Say(new Millilitres(ml).AsQuantity());
        Math.Abs(Read(said) - ml).ShouldBeLessThanOrEqualTo(Math.Max(0.63, Math.Max(ml < 13 ? ml * 0.13 : 7.8, ml * 0.002)), said);
        said.ShouldNotContain("4 tbsp", Case.Sensitive, $"{ml}: that is a quarter of a cup");
    });

    [Property(MaxTest = 500)]
    public Property Inches_are_within_a_sixteenth() => Prop.ForAll(Between(1, 900), mm =>
    {
        var said = Ounces.Say(new Millimetres(mm).AsQuantity());
        Math.Abs(Read(said) - mm).ShouldBeLessThanOrEqualTo((mm < 25.4 ? 25.4 / 32 : 25.4 / 16) + 1e-6, said);
    });

    [Property(MaxTest = 500)]
    public Property Centimetres_are_within_half_a_step_of_a_ruler() => Prop.ForAll(Between(0.5, 900), mm =>
        Math.Abs(Read(Grams.Say(new Millimetres(mm).AsQuantity())) - mm)
            .ShouldBeLessThanOrEqualTo((mm < 20 ? 0.25 : 0.5) + 1e-6, $"{mm}"));

    /// <summary>More is never said as less, in any units.</summary>
    [Property(MaxTest = 500)]
    public Property More_is_never_said_as_less() => Prop.ForAll(Between(0.5, 9000), Between(1, 1.5), (g, more) =>
    {
        foreach (var units in new[] { Grams, Ounces })
        {
            Read(units.Say(new Grams(g * more).AsQuantity()))
                .ShouldBeGreaterThanOrEqualTo(Read(units.Say(new Grams(g).AsQuantity())) - 1e-9, $"{g} and {g * more}");
        }

        Read(Cups.Say(new Millilitres(g * more).AsQuantity()))
            .ShouldBeGreaterThanOrEqualTo(Read(Cups.Say(new Millilitres(g).AsQuantity())) - 1e-9, $"{g} and {g * more} ml");
    });

    /// <summary>What is below nothing is said with its sign, and otherwise like what is above.</summary>
    [Property(MaxTest = 300)]
    public Property Below_nothing_is_the_same_with_a_minus() => Prop.ForAll(Between(0.5, 9000), amount =>
    {
        foreach (var units in new[] { Grams, Ounces, Cups })
        {
            foreach (var dimension in new[] { Dimension.Mass, Dimension.Volume, Dimension.Length })
            {
                var said = units.Say(new Quantity(amount, dimension));
                units.Say(new Quantity(-amount, dimension)).ShouldBe(said.StartsWith("0 ", StringComparison.Ordinal) ? said : "−" + said);
            }
        }
    });

    /// <summary>Less than nothing by less than can be said is nothing.</summary>
    [Theory]
    [InlineData(Dimension.Volume, -0.3, "0 ml")]
    [InlineData(Dimension.Mass, -0.1, "0 g")]
    [InlineData(Dimension.Length, -0.2, "0 mm")]
    [InlineData(Dimension.Share, -0.00001, "0 %")]
    [InlineData(Dimension.Warmth, -0.4, "0 °C")]
    [InlineData(Dimension.HeatDifference, -0.4, "0 °C")]
    [InlineData(Dimension.Volume, -1, "−1 ml")]
    public void Less_than_nothing_by_hardly_anything_is_nothing(Dimension dimension, double amount, string said) =>
        Grams.Say(new Quantity(amount, dimension)).ShouldBe(said);

    [Theory]
    [InlineData(1, "1 min")]
    [InlineData(44.4, "44 min")]
    [InlineData(47, "45 min")]
    [InlineData(88, "90 min", "1 h 30")]
    [InlineData(119, "2 h")]
    [InlineData(121, "2 h")]
    [InlineData(2159, "36 h")]
    [InlineData(2160, "1.5 days")]
    public void Minutes_are_spoken_as_they_get_longer(double minutes, string said, string? or = null) =>
        new[] { said, or }.ShouldContain(Grams.Say(new Quantity(minutes, Dimension.Time)));

    [Theory]
    [InlineData(5, 5, "5 min")]
    [InlineData(10, 15, "10–15 min")]
    [InlineData(61, 62, "60 min")] // both are spoken as an hour
    [InlineData(60, 180, "1–3 h")]
    [InlineData(50, 100, "50 min to 1 h 40")]
    [InlineData(1440, 4320, "24 h to 3 days")]
    [InlineData(2880, 4320, "2–3 days")]
    public void Ranges_of_time(double low, double high, string said) =>
        Grams.Say(new Quantity((low + high) / 2, Dimension.Time, low, high)).ShouldBe(said);

    [Theory]
    [InlineData(0.454, "45.4p")]
    [InlineData(0.994, "99.4p")]
    [InlineData(0.996, "£1.00")]
    [InlineData(12.5, "£12.50")]
    [InlineData(1234.5, "£1,234.50")]
    [InlineData(0, "0p")]
    public void Money_is_said_in_pence_and_pounds(double pounds, string said) => QuantityFormatter.Money(pounds).ShouldBe(said);

    [Theory]
    [InlineData(0, "0")]
    [InlineData(0.1, "0")]
    [InlineData(0.25, "¼")]
    [InlineData(1.9, "2")]
    [InlineData(9.3, "9¼")]
    [InlineData(1200, "1,200")]
    public void Pies_are_said_to_the_quarter(double pies, string said) => QuantityFormatter.Quarters(pies).ShouldBe(said);

    [Theory]
    [InlineData(Dimension.Share, 0.0042, "0.42 %")]
    [InlineData(Dimension.Share, 0.085, "8.5 %")]
    [InlineData(Dimension.Factor, 1.25, "× 1.25")]
    [InlineData(Dimension.GramsPerMl, 1.052, "1.05 g/ml")]
    [InlineData(Dimension.Energy, 0.9, "0.9 kWh")]
    [InlineData(Dimension.Count, 12_345, "12,345")]
    [InlineData(Dimension.Area, 41_547.6, "415 cm²")]
    public void What_is_the_same_in_every_unit(Dimension dimension, double amount, string said) =>
        Grams.Say(new Quantity(amount, dimension)).ShouldBe(said);

    /// <summary>A heat is said in steps that an oven of that kind has, and none of them is further off than half a step.</summary>
    [Property(MaxTest = 200)]
    public Property A_heat_is_said_as_ovens_are_set() => Prop.ForAll(Gen.Choose(100, 260).ToArbitrary(), c =>
    {
        var heat = new OvenCelsius(c).AsQuantity();
        var celsius = int.Parse(Grams.Say(heat).Split(' ')[0], CultureInfo.InvariantCulture);
        (celsius % 5).ShouldBe(0);
        Math.Abs(celsius - c).ShouldBeLessThanOrEqualTo(2);
        var fahrenheit = int.Parse(Ounces.Say(heat).Split(' ')[0], CultureInfo.InvariantCulture);
        (fahrenheit % 25).ShouldBe(0);
        Math.Abs(fahrenheit - ((c * 1.8) + 32)).ShouldBeLessThanOrEqualTo(12.5);
        Cups.Say(heat).ShouldStartWith("gas ");
    });

    [Fact]
    public void A_spoon_is_named_for_every_ingredient_of_which_little_is_weighed()
    {
        foreach (var ingredient in Pantry.All)
        {
            var said = Grams.Weigh(new(4), ingredient);
            said.ShouldStartWith("4 g (", Case.Sensitive, ingredient.Name);
            var spoon = Read(said[(said.IndexOf('(', StringComparison.Ordinal) + 1)..^1]);
            spoon.ShouldBe(4 / ingredient.BulkDensity, Math.Max(0.7, 4 / ingredient.BulkDensity * 0.26), ingredient.Name);
            Grams.Weigh(new(0), ingredient).ShouldBe("0 g");
        }
    }
}
