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

    [Theory]
    [InlineData("3", LengthUnit.Centimetres, 3)]
    [InlineData("3 mm", LengthUnit.Inches, 3)]
    [InlineData("0.5 cm", LengthUnit.Centimetres, 5)]
    [InlineData("1/8", LengthUnit.Inches, 3.175)]
    [InlineData("¼ in", LengthUnit.Centimetres, 6.35)]
    [InlineData("0", LengthUnit.Centimetres, 0)]
    public void How_far_it_shrank(string typed, LengthUnit unit, double mm) =>
        Read(new() { ["shrank"] = typed }, UnitChoice.Usual with { Length = unit }).Entry.Shrank!.Value.Value.ShouldBe(mm, 1e-6);

    /// <summary>
    /// Each field by itself: what is out of its limits, or no such thing at all, is said in its place and keeps what was typed.
    /// </summary>
    [Theory]
    [InlineData("shrank", "a bit")]
    [InlineData("shrank", "7 cm")]
    [InlineData("shrank", "-1")]
    [InlineData("shrank", "3 kg")]
    [InlineData("warm-up", "0")]
    [InlineData("warm-up", "181")]
    [InlineData("warm-up", "20 h")]
    [InlineData("stood", "241")]
    [InlineData("stood", "2 min")]
    [InlineData("sold", "-1")]
    [InlineData("sold", "most")]
    [InlineData("thrown", "2001")]
    [InlineData("oven-set", "gas 11")]
    [InlineData("oven-set", "29")]
    [InlineData("oven-read", "401")]
    [InlineData("oven-read", "200 K")]
    [InlineData("from-pot", "12 ml")]
    [InlineData("left-over", "201 kg")]
    [InlineData("min-open", "1441")]
    public void What_is_out_of_its_limits_is_said_in_its_place(string field, string typed)
    {
        var read = Read(new() { [field] = typed, ["notes"] = "kept" }, UnitChoice.Usual);
        var trouble = read.Troubles.ShouldHaveSingleItem();
        (trouble.Field, trouble.Typed).ShouldBe((field, typed));
        trouble.Message.Template.ShouldEndWith(".");
        read.Entry.Notes.ShouldBe("kept");
        (read.Entry with { Notes = "" }).IsEmpty.ShouldBeTrue();
    }

    [Fact]
    public void No_more_is_sold_left_and_thrown_away_than_was_made()
    {
        // One pie was made. Three quarters sold, a quarter thrown away: all of it. A quarter more is one and a quarter.
        var told = Read(new() { ["sold"] = "¾", ["thrown"] = "0.25" }, UnitChoice.Usual);
        told.Troubles.ShouldBeEmpty();
        (told.Entry.Sold, told.Entry.Unsold, told.Entry.ThrownAway).ShouldBe((0.75, null, 0.25));
        var much = Read(new() { ["sold"] = "¾", ["unsold"] = "0,25", ["thrown"] = "0.25" }, UnitChoice.Usual)
            .Troubles.ShouldHaveSingleItem();
        much.Field.ShouldBe("sold");
        much.Message.Template.ShouldContain("come to 1.25, and 1 were made");
    }

    [Fact]
    public void Tastes_are_steps_and_what_is_no_step_is_not_said()
    {
        var read = Read(
            new()
            {
                ["taste-sweet"] = "1",
                ["taste-sharp"] = "-2",
                ["taste-rich"] = "3",
                ["taste-crisp"] = "very",
                ["taste"] = " clean, a bit sharp ",
            },
            UnitChoice.Usual);
        read.Troubles.ShouldBeEmpty();
        read.Entry.Tastes.ShouldBe(
            new Dictionary<TasteScale, int> { [TasteScale.Sweet] = 1, [TasteScale.Sharp] = -2 }, ignoreOrder: true);
        read.Entry.TasteWords.ShouldBe("clean, a bit sharp");
        TasteWords.Steps.Select(TasteWords.Said).ShouldBeUnique();
    }

    [Theory]
    [InlineData("taste", 401, "401 characters; 400 can be kept")]
    [InlineData("new", 41, "41 characters; 40 stand beside a mark")]
    public void Words_that_are_too_long_say_by_how_much(string field, int length, string words) =>
        Read(new() { [field] = new string('x', length) }, UnitChoice.Usual).Troubles.ShouldHaveSingleItem()
            .Message.Template.ShouldContain(words);

    [Theory]
    [InlineData("Crisp", BaseVerdict.Crisp)]
    [InlineData("soggy", BaseVerdict.Soggy)]
    [InlineData("7", BaseVerdict.NotSaid)]
    [InlineData("burnt", BaseVerdict.NotSaid)]
    public void A_verdict_is_one_of_those_there_are(string typed, BaseVerdict verdict) =>
        Read(new() { ["base"] = typed }, UnitChoice.Usual).Entry.Base.ShouldBe(verdict);

    /// <summary>Everything of this pie that can be weighed has a field, is read from it, and may be five times the book at most.</summary>
    [Fact]
    public void Whatever_can_be_weighed_is_read_from_its_field()
    {
        var all = Weighable.Of(Sheet.Pie);
        all.ShouldNotBeEmpty();
        foreach (var what in all)
        {
            var field = BakeEntryReader.WeighedField(what);
            var book = what.Book.Amount.ToString("0.##", System.Globalization.CultureInfo.InvariantCulture);
            Read(new() { [field] = book }, UnitChoice.Usual).Entry.Weighed[what.Key].ShouldBe(what.Book.Amount, 0.01, what.Name);
            var far = (what.Book.Amount * 6).ToString("0.##", System.Globalization.CultureInfo.InvariantCulture);
            Read(new() { [field] = far }, UnitChoice.Usual).Troubles.ShouldHaveSingleItem().Field.ShouldBe(field);

            // Nothing weighs nothing: it was not weighed.
            Read(new() { [field] = "0" }, UnitChoice.Usual).Entry.Weighed.ShouldNotContainKey(what.Key);
        }
    }

    /// <summary>A pie without a top, that went as it should: nothing is made of what was not said, and what was is praised once.</summary>
    [Theory]
    [InlineData(SetVerdict.Clean, "as predicted")]
    [InlineData(SetVerdict.Soft, "softer than predicted")]
    [InlineData(SetVerdict.Rubbery, "firmer than predicted")]
    [InlineData(SetVerdict.NotSaid, "")]
    public void A_cut_is_read_against_what_was_predicted(SetVerdict set, string said)
    {
        var rows = Compared.Of(Sheet, new BakeEntry { Set = set, Base = BaseVerdict.Crisp, Top = TopVerdict.Overwhipped });
        string Of(string name) => new QuantityFormatter(UnitChoice.Usual).Say(rows.Single(r => r.Name == name).Verdict);
        Of("Set").ShouldBe(said);
        Of("Base").ShouldBe("as it should be");
        Of("Top").ShouldBe("a few strokes too many");
        var plain = BatchSheet.Of(Assessment.Of(Pies.Cheese));
        Compared.Of(plain, new BakeEntry()).ShouldNotContain(r => r.Name == "Top");
    }

    private static ReadEntry Read(Dictionary<string, string> fields, UnitChoice units) =>
        BakeEntryReader.Read(fields.GetValueOrDefault, Sheet.Pie, units);
}
