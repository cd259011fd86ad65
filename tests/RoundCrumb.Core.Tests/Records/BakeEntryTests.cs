using RoundCrumb.Core.Batches;
using RoundCrumb.Core.BlindBaking;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Records;
using RoundCrumb.Core.Units;

namespace RoundCrumb.Core.Tests.Records;

public class BakeEntryTests
{
    private static readonly BatchSheet Sheet = BatchSheet.Of(Assessment.Of(Composition.Usual));

    [Theory]
    [InlineData("220", OvenUnit.Celsius, 220)]
    [InlineData("428", OvenUnit.Fahrenheit, 220)]
    [InlineData("200", OvenUnit.Fan, 220)]
    [InlineData("7", OvenUnit.Gas, 220)]
    [InlineData("gas 6", OvenUnit.Celsius, 200)]
    [InlineData("425 F", OvenUnit.Celsius, 218.3)]
    [InlineData("200 °C fan", OvenUnit.Fan, 220)]
    public void Oven_settings_in_the_bakers_own_terms(string typed, OvenUnit unit, double celsius) =>
        Read(new() { ["oven-set"] = typed }, UnitChoice.Usual with { Oven = unit }).Entry.OvenSet!.Value.Value.ShouldBe(celsius, 0.1);

    [Theory]
    [InlineData("640", MassUnit.Grams, 640)]
    [InlineData("1,250 g", MassUnit.Grams, 1250)]
    [InlineData("22.5", MassUnit.Ounces, 637.9)]
    [InlineData("1,5 kg", MassUnit.Cups, 1500)]
    public void Pot_weights(string typed, MassUnit unit, double grams) =>
        Read(new() { ["from-pot"] = typed }, UnitChoice.Usual with { Mass = unit }).Entry.FromPot!.Value.Value.ShouldBe(grams, 0.1);

    [Theory]
    [InlineData("oven-set", "hot")]
    [InlineData("oven-set", "2000")]
    [InlineData("oven-read", "-5")]
    [InlineData("min-weighted", "ages")]
    [InlineData("min-weighted", "-1")]
    [InlineData("from-pot", "a lot")]
    [InlineData("from-pot", "-20")]
    [InlineData("left-over", "9999999")]
    public void What_can_not_be_read_is_said_and_kept(string field, string typed)
    {
        var trouble = Read(new() { [field] = typed }, UnitChoice.Usual).Troubles.ShouldHaveSingleItem();
        (trouble.Field, trouble.Typed).ShouldBe((field, typed));
    }

    [Fact]
    public void A_note_that_is_too_long_says_by_how_much() =>
        Read(new() { ["notes"] = new string('x', 4001) }, UnitChoice.Usual).Troubles.ShouldHaveSingleItem()
            .Message.Template.ShouldContain("4001");

    [Fact]
    public void Nothing_written_is_no_trouble()
    {
        var read = Read([], UnitChoice.Usual);
        read.Troubles.ShouldBeEmpty();
        read.Entry.IsEmpty.ShouldBeTrue();
    }

    [Fact]
    public void Planned_beside_actual_by_hand()
    {
        // Planned: 815 g from the pot (748 × 1.089); 760 g came: 54 g less, 6.7 %. Weighted 16.5–19.8 min, took 25: 5 min longer.
        var entry = new BakeEntry
        {
            OvenSet = new(220),
            OvenRead = new(232),
            StageMinutes = new Dictionary<StageKind, double> { [StageKind.Weighted] = 25, [StageKind.Open] = 12 },
            FromPot = new(760),
            Set = SetVerdict.Runny,
            Base = BaseVerdict.Soggy,
        };
        var rows = Compared.Of(Sheet, entry).ToDictionary(r => r.Name, r => new QuantityFormatter(UnitChoice.Usual).Say(r.Verdict));
        rows["Oven, set"].ShouldBe("as planned");
        rows["Oven, read"].ShouldBe("12 °C hotter than its dial");
        rows["Weighted"].ShouldBe("5 min longer");
        rows["Open"].ShouldBe("as planned");
        rows["Filling from the pot"].ShouldStartWith("55 g less (6.7");
        rows["Set"].ShouldBe("softer than predicted");
        rows["Base"].ShouldBe("too wet");
        rows["Top"].ShouldBe("");
    }

    private static ReadEntry Read(Dictionary<string, string> fields, UnitChoice units) =>
        BakeEntryReader.Read(fields.GetValueOrDefault, Sheet.Pie, units);
}
