using System.Globalization;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Formats.Reading;

namespace RoundCrumb.Formats.Tests.Reading;

/// <summary>
/// Lines in the ways people really write, each with what it weighs. A third of them lies in a file of its own that was written beforehand
/// and is not looked at while the reader is mended: its share says how lines are read that nobody has seen.
/// <code>
/// 1¼ cups flour => plain-flour 1.25cup         read: so many grams, or spoons and cups at the pantry's density, or pieces ("pc")
/// 3 egg whites, whisked => egg-white 96 WhitesFolded
/// butter for dotting => butter -              known, and not weighed
/// 200 g buttter => ~ butter 200               asked about, with that answer chosen
/// 3 cups of love => ?                         not understood, and said so
/// </code>
/// </summary>
public sealed class CorpusTests
{
    private static readonly LineReader Reader = new(IngredientFinder.Shipped, new());

    private enum Outcome
    {
        Right,
        AskedOrNotRead,
        SilentlyWrong,
    }

    [Theory]
    [InlineData("corpus.txt", 1100, 0.985)]
    [InlineData("corpus-unseen.txt", 350, 0.98)]
    public void Lines_are_read_or_asked_about_and_never_wrong_without_a_word(string file, int atLeast, double share)
    {
        var lines = File.ReadAllLines(Path.Combine(AppContext.BaseDirectory, "Reading", file));
        lines.Length.ShouldBeGreaterThanOrEqualTo(atLeast);
        var outcomes = lines.Select(l => (Line: l, Outcome: OutcomeOf(l, out var read), Read: read)).ToList();
        var right = outcomes.Count(o => o.Outcome is Outcome.Right);
        var wrong = outcomes.Count(o => o.Outcome is Outcome.SilentlyWrong);
        Console.WriteLine(
            FormattableString.Invariant(
                $"{file}: {100.0 * right / lines.Length:0.0} % of {lines.Length} lines right, {wrong} silently wrong"));
        if (file == "corpus.txt")
        {
            foreach (var (line, outcome, read) in outcomes.Where(o => o.Outcome is not Outcome.Right))
                Console.WriteLine($"  {outcome}: {line}   [{read}]");
        }

        wrong.ShouldBe(0);
        (right / (double)lines.Length).ShouldBeGreaterThanOrEqualTo(share);
    }

    private static Outcome OutcomeOf(string line, out string said)
    {
        var (text, expected) = line.Split(" => ") is [var t, var e] ? (t, e) : throw new FormatException(line);
        var read = Reader.Read(text);
        said = string.Join(
            "; ",
            read.Items.Select(i => FormattableString.Invariant($"{i.Ingredient?.Id} {i.Grams:0.##} {i.GoesIn} {i.Found.Likeness}")))
            + $" {read.NotRead} {read.Trouble}";
        var asked = read.Trouble.Length > 0 || read.Items.Any(i => i.Found.Likeness is not Likeness.Known);
        if (expected == "?")
            return read.IsWhole && !asked ? Outcome.SilentlyWrong : Outcome.Right;
        var wantsAsking = expected.StartsWith("~ ", StringComparison.Ordinal);
        var same = Same(read, wantsAsking ? expected[2..] : expected);
        return same && asked == wantsAsking ? Outcome.Right : asked || !read.IsWhole ? Outcome.AskedOrNotRead : Outcome.SilentlyWrong;
    }

    private static bool Same(ReadLine read, string expected)
    {
        var items = expected.Split("; ");
        if (items.Length != read.Items.Count || read.NotRead.Length > 0)
            return false;
        for (var i = 0; i < items.Length; i++)
        {
            var parts = items[i].Split(' ');
            var item = read.Items[i];
            if (item.Ingredient?.Id != parts[0] || (parts[1] == "-") != item.Grams is null)
                return false;
            if (item.Grams is { } g && Math.Abs(g - GramsOf(parts[1], item.Ingredient)) > Math.Max(0.06, 0.004 * g))
                return false;
            if ((parts.Length > 2 ? Enum.Parse<GoesIn>(parts[2]) : GoesIn.Mixed) != item.GoesIn)
                return false;
        }

        return true;
    }

    /// <summary>An expected amount in grams: "150", "1.25cup", "2tbsp", "30ml", "8oz", "1lb", "0.5stick", "3pc".</summary>
    private static double GramsOf(string amount, Ingredient what)
    {
        var unit = amount.TrimStart('0', '1', '2', '3', '4', '5', '6', '7', '8', '9', '.');
        var n = double.Parse(amount[..^unit.Length], CultureInfo.InvariantCulture);
        return n * unit switch
        {
            "" => 1,
            "ml" => what.BulkDensity,
            "tsp" => 4.929 * what.BulkDensity,
            "tbsp" => 14.787 * what.BulkDensity,
            "cup" => 236.588 * what.BulkDensity,
            "pint" => 473.176 * what.BulkDensity,
            "oz" => 28.3495,
            "lb" => 453.592,
            "stick" => 113.4,
            "pc" => what.GramsEach,
            _ => throw new FormatException(amount),
        };
    }
}
