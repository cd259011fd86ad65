using RoundCrumb.Core.Kitchens;

namespace RoundCrumb.Core.Tests.Kitchens;

public class BakerTests
{
    [Theory]
    [InlineData("06:00–15:00", 360, 900)]
    [InlineData("6-15", 360, 900)]
    [InlineData(" 6.30 to 24:00 ", 390, 1440)]
    [InlineData("5:05—13:45", 305, 825)]
    public void Hours_are_read_as_bakers_write_them(string text, int from, int to)
    {
        Hours.TryRead(text, out var hours).ShouldBeTrue();
        hours.ShouldBe(new Hours(from, to));

        // And come back as they are said.
        Hours.TryRead(hours.ToString(), out var again).ShouldBeTrue();
        again.ShouldBe(hours);
    }

    [Theory]
    [InlineData("")]
    [InlineData("off")]
    [InlineData("–")]
    public void Nothing_is_a_day_off(string text)
    {
        Hours.TryRead(text, out var hours).ShouldBeTrue();
        hours.ShouldBeNull();
    }

    [Theory]
    [InlineData("15-6")]
    [InlineData("6-6")]
    [InlineData("6")]
    [InlineData("6-25")]
    [InlineData("6:75-9")]
    [InlineData("6:5-9")]
    [InlineData("dawn-dusk")]
    [InlineData("6-9-12")]
    public void What_is_no_hours_is_not_taken_for_any(string text) => Hours.TryRead(text, out _).ShouldBeFalse();

    [Fact]
    public void A_week_begins_on_Monday()
    {
        var baker = new Baker("b", "Nib", [new(360, 900), null, null, null, null, new(330, 800), null]);
        baker.On(DayOfWeek.Monday).ShouldBe(new Hours(360, 900));
        baker.On(DayOfWeek.Saturday).ShouldBe(new Hours(330, 800));
        baker.On(DayOfWeek.Sunday).ShouldBeNull();
    }
}
