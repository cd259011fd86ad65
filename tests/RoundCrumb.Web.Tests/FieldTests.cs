using RoundCrumb.Core.Units;
using RoundCrumb.Web.Features;

namespace RoundCrumb.Web.Tests;

/// <summary>What is typed into a field: taken where it can be meant, else kept as it stands with the reason, and never half.</summary>
public class FieldTests
{
    [Theory]
    [InlineData("12", 12)]
    [InlineData(" 12 ", 12)]
    [InlineData("2,5", 2.5)]
    [InlineData("2½", 2.5)]
    [InlineData("1 1/2", 1.5)]
    [InlineData("12 mm", 12)]
    [InlineData("0", 0)]
    [InlineData("100", 100)]
    public void A_number_is_taken_alone_or_with_its_unit(string typed, double value)
    {
        var field = NumberField.Of(typed, 7, 0, 100, "mm");
        field.Value.ShouldBe(value);
        field.Trouble.ShouldBeEmpty();
        field.Text.ShouldBe(typed.Trim());
    }

    [Theory]
    [InlineData("12 kg")]
    [InlineData("12 furlongs")]
    [InlineData("-1")]
    [InlineData("100.1")]
    [InlineData("1e9")]
    [InlineData("NaN")]
    [InlineData("twelve or so")]
    [InlineData("1/0")]
    [InlineData("--3")]
    [InlineData("12 mm mm")]
    public void What_is_none_is_kept_and_said_and_the_usual_stands_in(string typed)
    {
        var field = NumberField.Of(typed, 7, 0, 100, "mm");
        field.Value.ShouldBe(7);
        field.Text.ShouldBe(typed);
        field.Trouble.ShouldBe("From 0 to 100 mm.");
    }

    [Theory]
    [InlineData(null)]
    [InlineData("")]
    [InlineData("   ")]
    public void Nothing_typed_is_what_is_usual(string? typed)
    {
        NumberField.Of(typed, 7.25, 0, 100, "mm").ShouldBe(new NumberField("7.3", 7.25, ""));
        NumberField.Of(typed, null, 0, 100, "mm").ShouldBe(new NumberField("", null, ""));
        DegreesField.Of(typed, 20, 0, 50, OvenUnit.Celsius).Text.ShouldBe("20");
        DegreesField.Of(typed, 20, 0, 50, OvenUnit.Fahrenheit).Text.ShouldBe("68");
        NumberField.OfMinutes(typed, 600).ShouldBe(new NumberField("", null, ""));
    }

    [Fact]
    public void Where_only_whole_ones_are_taken_a_half_is_said()
    {
        NumberField.Of("2.5", 4, 0, 9, "labels").Whole(4).ShouldBe(new NumberField("2.5", 4, "A whole number."));
        NumberField.Of("3.0", 4, 0, 9, "labels").Whole(4).Value.ShouldBe(3);
        NumberField.Of("ten", 4, 0, 9, "labels").Whole(4).Trouble.ShouldBe("From 0 to 9 labels.");
        NumberField.Of("", null, 0, 9, "labels").Whole(null).Value.ShouldBeNull();
    }

    /// <summary>What is far too long to be meant is cut where it is shown, and is no number either.</summary>
    [Fact]
    public void What_is_too_long_is_none()
    {
        var field = NumberField.Of(new string('9', 400), 7, 0, 100, "mm");
        field.Value.ShouldBe(7);
        field.Text.Length.ShouldBe(20);
        DegreesField.Of(new string('9', 400), 20, 0, 50, OvenUnit.Celsius).Text.Length.ShouldBe(20);
    }

    /// <summary>98.6 °F is 37 °C: (98.6 − 32) × 5 ÷ 9. A unit that is typed counts whatever the baker’s own is.</summary>
    [Theory]
    [InlineData("37", OvenUnit.Celsius, 37)]
    [InlineData("37 c", OvenUnit.Fahrenheit, 37)]
    [InlineData("37 °C", OvenUnit.Fahrenheit, 37)]
    [InlineData("98.6", OvenUnit.Fahrenheit, 37)]
    [InlineData("98.6 F", OvenUnit.Celsius, 37)]
    [InlineData("98.6°F", OvenUnit.Celsius, 37)]
    [InlineData("-18", OvenUnit.Celsius, -18)]
    [InlineData("−18", OvenUnit.Celsius, -18)]
    public void Degrees_are_read_in_the_bakers_own_or_in_what_is_typed(string typed, OvenUnit own, double celsius)
    {
        var field = DegreesField.Of(typed, 20, -30, 60, own);
        field.Celsius.ShouldBe(celsius, 1e-9);
        field.Trouble.ShouldBeEmpty();
        field.Text.ShouldBe(typed);
        field.Unit.ShouldBe(own is OvenUnit.Fahrenheit ? "°F" : "°C");
    }

    [Theory]
    [InlineData("61", OvenUnit.Celsius, "Degrees from -30 to 60 °C.")]
    [InlineData("150", OvenUnit.Fahrenheit, "Degrees from -22 to 140 °F.")]
    [InlineData("hot", OvenUnit.Celsius, "Degrees from -30 to 60 °C.")]
    [InlineData("12 furlongs", OvenUnit.Celsius, "Degrees from -30 to 60 °C.")]
    [InlineData("20 k", OvenUnit.Celsius, "Degrees from -30 to 60 °C.")]
    [InlineData("20 ° north", OvenUnit.Celsius, "Degrees from -30 to 60 °C.")]
    public void What_is_no_warmth_is_kept_and_said_in_the_bakers_degrees(string typed, OvenUnit own, string says)
    {
        var field = DegreesField.Of(typed, 20, -30, 60, own);
        field.Celsius.ShouldBe(20);
        field.Text.ShouldBe(typed);
        field.Trouble.ShouldBe(says);
    }

    [Theory]
    [InlineData("90", 90)]
    [InlineData("90 min", 90)]
    [InlineData("1:30", 90)]
    [InlineData("1 h 30", 90)]
    [InlineData("1h30min", 90)]
    [InlineData("2 h", 120)]
    [InlineData("1.5 h", 90)]
    [InlineData("0:45", 45)]
    public void Minutes_are_read_as_minutes_or_hours_and_minutes(string typed, double minutes)
    {
        NumberField.OfMinutes(typed, 600).Value.ShouldBe(minutes);
        NumberField.OfMinutes(typed, 600).Trouble.ShouldBeEmpty();
    }

    [Theory]
    [InlineData("0")]
    [InlineData("1:75")]
    [InlineData("601")]
    [InlineData("-5")]
    [InlineData("1:2:3")]
    [InlineData("noon")]
    [InlineData("1 h h 2")]
    public void What_is_no_time_is_said(string typed)
    {
        var field = NumberField.OfMinutes(typed, 600);
        field.Value.ShouldBeNull();
        field.Text.ShouldBe(typed);
        field.Trouble.ShouldBe("Minutes, or hours and minutes like 1:30, up to 10 h.");
    }
}
