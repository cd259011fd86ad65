using RoundCrumb.Formats.Reading;

namespace RoundCrumb.Formats.Tests.Reading;

public class MethodReaderTests
{
    [Theory]
    [InlineData("350F", 176.7)]
    [InlineData("350°F", 176.7)]
    [InlineData("gas 4", 180)]
    [InlineData("gas mark 6", 200)]
    [InlineData("fan 160", 180)]
    [InlineData("160C fan", 180)]
    [InlineData("180 degrees C", 180)]
    [InlineData("220 °C", 220)]
    public void Oven_heats(string text, double celsius) => MethodReader.Read(text).Heats.Single().Value.ShouldBe(celsius, 0.1);

    [Theory]
    [InlineData("hot")]
    [InlineData("gas 12")]
    [InlineData("5000 C")]
    [InlineData("")]
    public void What_is_no_heat(string text) => MethodReader.Read(text).Heats.ShouldBeEmpty();

    [Theory]
    [InlineData("9-inch", new[] { 228.6 })]
    [InlineData("23cm", new[] { 230.0 })]
    [InlineData("8½ in", new[] { 215.9 })]
    [InlineData("9 x 13 in", new[] { 228.6, 330.2 })]
    [InlineData("35 x 11 cm", new[] { 350.0, 110.0 })]
    public void Sizes(string text, double[] mm) => MethodReader.Read(text).Sizes.Single().Select(s => Math.Round(s.Value, 1)).ShouldBe(mm);

    [Theory]
    [InlineData("35-40 min", 35, 40)]
    [InlineData("1½ hours", 90, 90)]
    [InlineData("1 hour 20 minutes", 80, 80)]
    [InlineData("25 to 30 minutes", 25, 30)]
    public void Times(string text, double least, double most)
    {
        var read = MethodReader.Read(text).Minutes.Single();
        (read.Least, read.Most).ShouldBe((least, most));
    }

    [Fact]
    public void A_method_says_its_heat_once_its_pan_and_its_times()
    {
        var read = MethodReader.Read(
            "Heat the oven to 180C/160C fan/gas 4. Line a 23cm tart tin. Bake for 35-40 minutes, then chill for 4 hours.");
        read.Heats.Single().Value.ShouldBe(180);
        read.Sizes.Single().Single().Value.ShouldBe(230);
        read.Minutes.Select(m => (m.Least, m.Most)).ShouldBe([(35, 40), (240, 240)]);
    }
}
