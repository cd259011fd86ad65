using System.Globalization;
using System.Text;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Formats.Calendars;
using RoundCrumb.Formats.Export;
using RoundCrumb.Formats.Import;
using RoundCrumb.Formats.Reading;
using RoundCrumb.TestKit;

namespace RoundCrumb.Formats.Tests.Import;

/// <summary>
/// Files of every kind that were cut off, doubled, spoiled or made to choke a reader: each is read in part or refused in
/// words, none throws, and twice as long a file takes no more than about twice as long. ROUNDCRUMB_FUZZ multiplies their number.
/// </summary>
public sealed class HostileImportTests
{
    private static readonly int Number = (int)(
        200
            * (
                double.TryParse(Environment.GetEnvironmentVariable("ROUNDCRUMB_FUZZ"), CultureInfo.InvariantCulture, out var times)
                    ? times
                    : 1));

    private static readonly Importer Importer = new(new LineReader(IngredientFinder.Shipped, new()));

    private static readonly WrittenPart[] Parts =
    [
        new(PartKind.Crust, "Plain flaky", "butter-flaky", ["200 g plain flour", "160 g butter", "60 g water"], "Rub in.\nRest."),
        new(
            PartKind.Filling, "Malt custard", "starch-custard", ["500 ml milk", "4 egg yolks", "40 g cornflour", "90 g sugar"],
            "Cook to a bubble."),
    ];

    private static readonly string Text = RecipeWriter.Text("Malt pie", Parts);
    private static readonly string JsonLd = RecipeWriter.JsonLd([new("Malt pie", Parts)]);
    private static readonly string Page =
        $"<!doctype html><html><head><script type=\"application/ld+json\">{JsonLd}</script></head><body><p>Malt &amp; pie</p></body>"
            + $"</html>";
    private static readonly string Csv = RecipeWriter.Csv(Parts);

    private static readonly string Box = BoxDocument.Of(
        [new(1, PartKind.Filling, "Malt custard", ["house"], 1, [new(1, "starch-custard", "500 ml milk", [new("milk", 515)])])],
        [new("Malt pie", [], "pan=plate-23&fill=box-1-1")],
        [new("own-mill-butter", "Mill butter", [], "butter", Core.Ingredients.IngredientValues.Of(Core.Ingredients.Pantry.Butter))],
        new Dictionary<string, string> { ["top of the milk"] = "double-cream" }).Write();

    private static readonly string Ics = CalendarFile.Write(
        "Saturday",
        [
            new(
                "a@roundcrumb", "A Bake", "Bake", new(2027, 3, 6, 8, 0, 0, TimeSpan.Zero), new(2027, 3, 6, 9, 0, 0, TimeSpan.Zero),
                "Big oven", 5)
        ],
        3, new(2027, 3, 1, 0, 0, 0, TimeSpan.Zero));

    private static readonly string Table = DayTable.Write(
        [new("o1.dough.0", "2027-03-06", "08:00", "08:20", 20, "Early baker", "Make dough", "Malt pie", 2, "Rub in.")]);

    public static TheoryData<string> Kinds => ["text", "json-ld", "page", "csv", "box", "calendar", "table"];

    private static string Sound(string kind) =>
        kind switch { "text" => Text, "json-ld" => JsonLd, "page" => Page, "csv" => Csv, "box" => Box, "calendar" => Ics, _ => Table };

    [Theory]
    [MemberData(nameof(Kinds))]
    public void Spoiled_files_are_read_in_part_or_refused_in_words(string kind)
    {
        var nasty = new Nasty(900 + kind.Length);
        var read = 0;
        for (var i = 0; i < Number; i++)
        {
            var text = nasty.Spoiled(Sound(kind));
            switch (kind)
            {
                case "calendar":
                    var calendar = CalendarFile.Read(text, TimeZoneInfo.Utc);
                    (calendar.Entries.Count > 0 || calendar.Trouble.Length > 0).ShouldBeTrue();
                    read += calendar.Entries.Count > 0 ? 1 : 0;
                    break;
                case "table":
                    read += DayTable.Read(text, new(2027, 3, 6), 1).Lines.Count > 0 ? 1 : 0;
                    break;
                default:
                    var result = nasty.Random.Next(2) == 0
                        ? Importer.Read(Encoding.UTF8.GetBytes(text), "x." + kind)
                        : Importer.Read(text, "x." + kind);
                    (result.Recipes.Count > 0 || result.Box is not null || result.Trouble.Length > 0).ShouldBeTrue();
                    read += result.Trouble.Length == 0 ? 1 : 0;
                    break;
            }
        }

        // A test in which nothing is read any more tests the door alone.
        read.ShouldBeGreaterThan(Number / 50);
        TestContext.Current.SendDiagnosticMessage($"{kind}: {read} of {Number} read");
    }

    public static TheoryData<string, string, string, string> Chokers => new()
    {
        { "tags that are never closed", "200 g plain flour ", "<b>", "" },
        { "tags that are opened and closed", "200 g plain flour ", "<b></b>", "" },
        { "a page of tags", "<html>", "<div>", "" },
        { "scripts in a page", "<html>", "<script type=\"application/ld+json\">{}</script>", "" },
        { "ampersands", "200 g plain flour ", "&amp;", "" },
        { "quotation marks", "section,line\n", "\"", "" },
        { "rows", "section,line\n", "a,1 egg\n", "" },
        { "lines", "Pie\n", "500 ml milk\n", "" },
        { "one long line", "Pie\n", "1 egg and ", "" },
        { "brackets", "Pie\n200 g flour ", "(", "" },
        { "numbers", "Pie\n", "1 ", "" },
        { "nested JSON", "", "[", "" },
        { "an array of recipes", "[", "{\"@type\":\"Recipe\",\"name\":\"x\",\"recipeIngredient\":[\"1 egg\"]},", "{}]" },
        { "ingredients of one recipe", "{\"@type\":\"Recipe\",\"name\":\"x\",\"recipeIngredient\":[", "\"<b>1 egg\",", "\"1 egg\"]}" },
    };

    [Theory]
    [MemberData(nameof(Chokers))]
    public void What_is_repeated_is_read_in_time_with_its_length(string what, string before, string piece, string after)
    {
        // Eight times the text may take eight times as long, and three times that for luck; with its square it would be 64.
        string Of(int length) => before + string.Concat(Enumerable.Repeat(piece, length / piece.Length)) + after;
        var (small, large) = (Of(60_000), Of(480_000));
        Importer.Read(small);
        Spent(() => Importer.Read(large)).ShouldBeLessThan(Math.Max(Hangs, 40 * Spent(() => Importer.Read(small))), what);
    }

    [Theory]
    [InlineData("BEGIN:VEVENT\r\n")]
    [InlineData("BEGIN:VEVENT\r\nEND:VEVENT\r\n")]
    [InlineData("X-A:b\r\n")]
    [InlineData("ATTENDEE;CN=\"a\";CN=\"b\":x\r\n")]
    public void A_calendar_that_is_repeated_is_read_or_refused_in_time_with_its_length(string piece)
    {
        string Of(int n) => "BEGIN:VCALENDAR\r\nVERSION:2.0\r\n" + string.Concat(Enumerable.Repeat(piece, n)) + "END:VCALENDAR\r\n";
        CalendarFile.Read(Of(100_000), TimeZoneInfo.Utc).Trouble.ShouldNotBeEmpty();
        Spent(() => CalendarFile.Read(Of(40_000), TimeZoneInfo.Utc))
            .ShouldBeLessThan(Math.Max(Hangs, 40 * Spent(() => CalendarFile.Read(Of(5_000), TimeZoneInfo.Utc))));
    }

    /// <summary>
    /// Seconds after which a reader is said to hang, however slow or busy the machine: what these texts take is a hundredth of it, and what
    /// grows with the square of their length takes longer.
    /// </summary>
    private const double Hangs = 10;

    /// <summary>Seconds that it takes, the least of three times.</summary>
    private static double Spent(Action work) => Enumerable.Range(0, 3).Min(_ =>
    {
        var watch = System.Diagnostics.Stopwatch.StartNew();
        work();
        return watch.Elapsed.TotalSeconds;
    });

    [Fact]
    public void A_text_of_more_lines_than_any_recipe_is_refused_and_a_part_is_read_as_far_as_it_can_be_kept()
    {
        Importer.Read("Pie\n" + string.Concat(Enumerable.Repeat("1 egg\n", 10_000))).Trouble.ShouldContain("lines");
        var reader = new LineReader(IngredientFinder.Shipped, new());
        reader.ReadAll(
            string.Concat(Enumerable.Repeat("1 egg\n", 2_000)), TestContext.Current.CancellationToken).Count.ShouldBe(PartLimits.Lines);
        using var gone = new CancellationTokenSource();
        gone.Cancel();
        Should.Throw<OperationCanceledException>(() => reader.ReadAll("1 egg", gone.Token));
    }

    [Theory]
    [InlineData("200 g plain <b>flour</b>", "200 g plain flour")]
    [InlineData("200 g <script>alert(1)</script>flour", "200 g flour")]
    [InlineData("<style>b { color: red }</style>1 egg", "1 egg")]
    [InlineData("&lt;b&gt;1 egg&lt;/b&gt; &frac12;", "1 egg ½")]
    [InlineData("milk < 5 % fat > 3 %", "milk < 5 % fat > 3 %")]
    [InlineData("1 <!-- not > this --> egg", "1  egg")]
    [InlineData("<a title=\"a > b\">1 egg</a>", "1 egg")]
    [InlineData("1 egg <b", "1 egg <b")]
    public void Markup_is_taken_out_of_a_line(string line, string words) =>
        Importer.Read(
            "{\"@type\":\"Recipe\",\"name\":\"x\",\"recipeIngredient\":[" + System.Text.Json.JsonSerializer.Serialize(line) + "]}")
            .Recipes.ShouldHaveSingleItem().Sections[0].Lines.ShouldBe(words);

    [Fact]
    public void A_formula_never_reaches_a_spreadsheet_and_comes_back_as_it_was()
    {
        string[] lines = ["=2+5", "@SUM(1)", "-2+3|cmd", "+1 egg", "200 g plain flour"];
        var csv = RecipeWriter.Csv([new(PartKind.Filling, "Odd", "starch-custard", lines, "")]);
        csv.Split('\n').Skip(1).Where(r => r.Length > 0).Select(r => r.Split(',', 2)[1].Trim('"'))
            .ShouldAllBe(f => f[0] != '=' && f[0] != '@' && f[0] != '-' && f[0] != '+');
        Importer.Read(csv, "odd.csv").Recipes.Single().Sections.Single().Lines.Split('\n').ShouldBe(lines);
    }

    [Theory]
    [InlineData("DTSTART;TZID=America/New_York:99991231T235959")]
    [InlineData("DTSTART:00010101T000000Z")]
    [InlineData("DTSTART;TZID=Nowhere/Atall:20270306T080000")]
    public void A_time_that_no_bake_day_has_is_said_and_not_made_into_another(string start)
    {
        var read = CalendarFile.Read(
            $"BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\nUID:a\r\n{start}\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n", TimeZoneInfo.Utc);
        read.Entries.ShouldBeEmpty();
        read.Trouble.ShouldContain("can’t be read");
    }

    [Fact]
    public void A_known_time_zone_is_that_time_zone()
    {
        // 8 in the morning of New York's winter is 13 o'clock at Greenwich.
        var read = CalendarFile.Read(
            "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\nUID:a\r\nDTSTART;TZID=America/New_York:20270306T080000\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n",
            TimeZoneInfo.Utc);
        read.Entries.Single().Start.UtcDateTime.ShouldBe(new DateTime(2027, 3, 6, 13, 0, 0));
    }

    [Theory]
    [InlineData("\"remembered\":{\"foo\":null}")]
    [InlineData("\"remembered\":null")]
    public void A_box_without_sound_memories_is_read_all_the_same(string memories)
    {
        var (box, trouble) = BoxDocument.Read(
            "{\"format\":\"round-crumb-box\",\"version\":1,\"parts\":[],\"pies\":[],\"ingredients\":[]," + memories + "}");
        trouble.ShouldBeEmpty();
        box!.Remembered.ShouldBeEmpty();
    }

    public static TheoryData<string, string, string> Flaws => new()
    {
        { "\"Malt custard\"", "\"" + new string('x', 81) + "\"", "81 characters" },
        { "\"500 ml milk\"", "\"" + new string('x', 12_001) + "\"", "12001 characters" },
        { "\"ingredient\": \"milk\"", "\"ingredient\": \"no-such-thing\"", "no-such-thing" },
        { "\"starch-custard\"", "\"no-family\"", "no-family" },
        { "\"from\": \"butter\"", "\"from\": \"gold\"", "gold" },
        { "\"fat\": 0.8", "\"fat\": 1.8", "can’t be" },
        { "\"bulkDensity\": 0.9", "\"bulkDensity\": -0.9", "can’t be" },
        { "\"bulkDensity\": 0.9", "\"bulkDensity\": 1e308", "can’t be" },
        { "\"malt pie\"", "\"\\ud800\"", "something is wrong" },
        { "\"number\": 1", "\"number\": 0", "fit together" },
        { "\"name\": \"Malt pie\"", "\"name\": \"" + new string('p', 81) + "\"", "81 characters" },
    };

    [Theory]
    [MemberData(nameof(Flaws))]
    public void What_no_form_would_take_no_import_takes_either(string what, string with, string says)
    {
        Box.ShouldContain(what, Case.Insensitive);
        var (box, trouble) = BoxDocument.Read(Box.Replace(what, with, StringComparison.OrdinalIgnoreCase));
        box.ShouldBeNull();
        trouble.ShouldContain(says);
    }

    [Theory]
    [InlineData("[{\"@type\":\"Recipe\",\"name\":\"\\ud800\",\"recipeIngredient\":[\"1 egg\"]}]")]
    [InlineData("{\"@type\":\"Recipe\",\"name\":\"x\",\"recipeIngredient\":[\"1 egg \\udfff\"]}")]
    [InlineData("{\"format\":\"\\ud800\"}")]
    public void Half_a_letter_in_JSON_is_said(string json) => Importer.Read(json).Trouble.ShouldNotBeEmpty();
}
