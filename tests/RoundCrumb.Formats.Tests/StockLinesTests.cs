using RoundCrumb.Core.Ingredients;
using RoundCrumb.Formats.Reading;
using RoundCrumb.Formats.Trade;

namespace RoundCrumb.Formats.Tests;

/// <summary>What is in the house, as bakers write it down.</summary>
public sealed class StockLinesTests
{
    private static readonly DateOnly Today = new(2026, 11, 28);

    private static readonly StockLines Reader = new(
        new LineReader(new IngredientFinder(Pantry.All, new Dictionary<string, string>()), new()), Today);

    [Theory]
    [InlineData("500 g butter", "butter", 500, null, false)]
    [InlineData("2 packs butter, use by 5 Dec", "butter", 500, "2026-12-05", false)]
    [InlineData("1.2 kg plain flour (open)", "plain-flour", 1200, null, true)]
    [InlineData("16 kg plain flour", "plain-flour", 16000, null, false)]
    [InlineData("750 g salt", "salt", 750, null, false)]
    [InlineData("5 dozen eggs", "whole-egg", 3000, null, false)]
    [InlineData("25 kg caster sugar", "caster-sugar", 25000, null, false)]
    [InlineData("9 eggs best before 12/12/2026", "whole-egg", 450, "2026-12-12", false)]
    [InlineData("600 ml double cream, opened, bbe 1.12.", "double-cream", 594, "2026-12-01", true)]
    [InlineData("1 l milk until 2026-11-20", "milk", 1030, "2026-11-20", false)]
    [InlineData("300 g cream cheese exp 3 January", "cream-cheese", 300, "2027-01-03", false)]
    public void Amounts_dates_and_what_is_open_are_read(string line, string ingredient, double grams, string? useBy, bool open)
    {
        var read = Reader.Read(line);
        read.Trouble.ShouldBeEmpty(line);
        read.Ingredient!.Id.ShouldBe(ingredient);
        read.Grams.ShouldBe(grams, 1);
        read.UseBy.ShouldBe(useBy is null ? null
            : DateOnly.ParseExact(useBy, "yyyy-MM-dd", System.Globalization.CultureInfo.InvariantCulture));
        read.IsOpen.ShouldBe(open);
    }

    [Theory]
    [InlineData("300 g moon dust", "not in the pantry")]
    [InlineData("butter", "How much unsalted butter?")]
    [InlineData("500 g butter, use by 31 Feb", "is no date")]
    [InlineData("900 kg butter", "more than half a tonne")]
    [InlineData("zest and juice of 2 lemons", "a line for each")]
    [InlineData("***", "not understood")]
    public void What_cannot_be_meant_is_said(string line, string says) => Reader.Read(line).Trouble.ShouldContain(says);

    [Fact]
    public void A_date_without_a_year_is_the_nearest()
    {
        Reader.DateOf("5 Dec").ShouldBe(new DateOnly(2026, 12, 5));
        Reader.DateOf("3 Jan").ShouldBe(new DateOnly(2027, 1, 3));
        Reader.DateOf("20 Nov").ShouldBe(new DateOnly(2026, 11, 20), "just past, and not a year from now");
        Reader.DateOf("5/12/27").ShouldBe(new DateOnly(2027, 12, 5));
        Reader.DateOf("soon").ShouldBeNull();
    }

    /// <summary>
    /// Tables of any country's spreadsheet are read by the names of their columns; rows without anything are passed over.
    /// </summary>
    [Theory]
    [InlineData("Ingredient,Pack grams,Price\nbutter,250,2.20\n,,\nmilk,1000,1.10\n")]
    [InlineData("Ingredient;Pack Grams;PRICE\r\nbutter;250;2.20\r\nmilk;1000;1.10\r\n")]
    [InlineData("\uFEFFIngredient\tPackGrams\tPrice\nbutter\t250\t2.20\nmilk\t1000\t1.10")]
    public void A_table_is_read_by_its_headings(string text)
    {
        var rows = TradeTables.Read(text).Rows;
        rows.Select(r => (r.Fields["ingredient"], r.Fields["packgrams"], r.Fields["price"]))
            .ShouldBe([("butter", "250", "2.20"), ("milk", "1000", "1.10")]);
        TradeTables.Read("").Rows.ShouldBeEmpty();
    }

    /// <summary>What a spreadsheet would take for a formula is not one.</summary>
    [Fact]
    public void A_name_that_looks_like_a_formula_is_none()
    {
        TradeTables.Write([new StockRecord("=1+1", "", 1, "g", "", "no", "shelf")]).ShouldNotContain("\n=1+1");
    }
}
