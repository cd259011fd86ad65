using System.Runtime.CompilerServices;
using NJsonSchema;
using RoundCrumb.Core.Records;
using RoundCrumb.Formats.Logs;

namespace RoundCrumb.Formats.Tests;

/// <summary>The log as it is handed on.</summary>
public sealed class LogTableTests
{
    private static readonly LogRecord One = LogTable.Of(
        new(2026, 11, 28, 9, 0, 0, TimeSpan.FromHours(1)), "Malt pie", 2, "pan=plate-23&fill=malt-custard", new()
        {
            FromPot = new(1400),
            Set = SetVerdict.Clean,
            Tastes = new Dictionary<TasteScale, int> { [TasteScale.Sweet] = 1 },
            Sold = 1.75,
        });

    /// <summary>One bake more than is taken at once: the others are read, and the line from which on nothing was is told.</summary>
    [Theory]
    [InlineData(true)]
    [InlineData(false)]
    public void What_is_over_the_limit_is_told_with_its_line(bool table)
    {
        var all = Enumerable.Repeat(One, LogTable.Most + 1).ToList();
        var read = LogTable.Read(table ? LogTable.Csv(all) : LogTable.Document(all), out var trouble);
        trouble.ShouldBeEmpty();
        read.Count(r => r.Trouble.Length == 0).ShouldBe(LogTable.Most);
        read[^1].Trouble.ShouldBe("From here on nothing was read: 20000 rows are taken at once. Import the rest by itself.");

        // A table has a line of headings first.
        read[^1].Line.ShouldBe(LogTable.Most + (table ? 2 : 1));
    }

    [Theory]
    [InlineData(",")]
    [InlineData(";")]
    [InlineData("\t")]
    [InlineData("a,")]
    public void Three_megabytes_of_commas_are_no_table(string of)
    {
        LogTable.Read(string.Concat(Enumerable.Repeat(of, 3_000_000 / of.Length)), out var trouble).ShouldBeEmpty();
        trouble.ShouldContain("no columns called Made and Composition");
    }

    [Fact]
    public async Task What_is_written_keeps_to_the_published_schema()
    {
        var folder = Path.Combine(Path.GetDirectoryName(Here())!, "..", "..", "docs", "formats");
        var schema = await JsonSchema.FromFileAsync(
            Path.Combine(folder, "round-crumb-log.schema.json"), TestContext.Current.CancellationToken);
        schema.Validate(LogTable.Document([One])).ShouldBeEmpty();
        schema.Validate("""{"format":"round-crumb-log","version":1,"bakes":[{"pie":"x"}]}""").ShouldNotBeEmpty();
        schema.Validate("""{"format":"round-crumb-log","version":2,"bakes":[]}""").ShouldNotBeEmpty();
    }

    [Fact]
    public void Moments_keep_their_offset_and_words_their_case()
    {
        One.Made.ShouldBe("2026-11-28T09:00:00+01:00");
        var row = LogTable.Read(LogTable.Csv([One with { Cut = "clean" }]), out _).ShouldHaveSingleItem();
        row.Made.ShouldBe(new(2026, 11, 28, 9, 0, 0, TimeSpan.FromHours(1)));
        row.Entry.Set.ShouldBe(SetVerdict.Clean);
    }

    [Theory]
    [InlineData("Weighted=17; Open=x", "Minutes")]
    [InlineData("Nothing=17", "Minutes")]
    [InlineData("Weighted=99999", "Minutes")]
    public void A_pair_that_cannot_be_read_is_told(string minutes, string says) =>
        LogTable.Read(LogTable.Csv([One with { Minutes = minutes }]), out _).ShouldHaveSingleItem().Trouble.ShouldContain(says);

    [Fact]
    public void More_sold_than_made_is_told() =>
        LogTable.Read(LogTable.Csv([One with { Sold = 3 }]), out _).ShouldHaveSingleItem().Trouble.ShouldContain("Sold");

    [Fact]
    public void A_cell_that_a_spreadsheet_would_run_is_only_text() =>
        LogTable.Csv([One with { Notes = "=HYPERLINK(1)" }]).ShouldNotContain(",=HYPERLINK");

    /// <summary>What keeps a spreadsheet from running a cell is taken off again: a note comes back as it was.</summary>
    [Theory]
    [InlineData("- too sweet, again")]
    [InlineData("=1+1")]
    [InlineData("@home")]
    [InlineData("'quoted' from the start")]
    public void A_note_comes_back_as_it_was(string note) =>
        LogTable.Read(LogTable.Csv([One with { Notes = note }]), out _).ShouldHaveSingleItem().Entry.Notes.ShouldBe(note);

    [Theory]
    [InlineData("null")]
    [InlineData("{}")]
    [InlineData("{\"pie\":null,\"made\":null,\"composition\":null,\"minutes\":null}")]
    public void A_bake_of_which_nothing_is_said_is_told_and_harms_nothing(string bake) =>
        LogTable.Read($$"""{"format":"round-crumb-log","version":1,"bakes":[{{bake}}]}""", out _).ShouldHaveSingleItem().Trouble
            .ShouldNotBeEmpty();

    private static string Here([CallerFilePath] string file = "") => file;
}
