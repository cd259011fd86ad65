using Pidgin;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Recipes;

namespace RoundCrumb.Formats.Reading;

/// <summary>Reads the lines of a recipe as bakers write them. It never fails: what is not understood is given back.</summary>
/// <param name="finder">Knows the ingredients.</param>
/// <param name="measures">Which cup and egg the recipe means.</param>
public sealed class LineReader(IngredientFinder finder, RecipeMeasures measures)
{
    /// <summary>The longest line that is read, characters.</summary>
    public const int LongestLine = 400;

    /// <summary>Said of a line without an amount that wants none, such as salt.</summary>
    public const string ToTaste = "to taste: not weighed";

    private static readonly string[] Bare = ["pinch", "splash", "dash", "knob", "handful", "drizzle", "drop", "glug", "dollop"];

    private static readonly string[] CutAt =
    [
        " plus extra", " plus more", " plus a little", " and extra", " for dusting", " for greasing", " for rolling", " for the tin",
        " for brushing", " to serve", " to taste", " to finish",
        " to decorate", " at room temperature", " room temperature", " if needed", " as needed", " or to taste", " for the gelatine",
        " to bloom", " for blooming", " cut into", " from about", " such as ",
        " broken into", " in small pieces", " torn into", " to soft peaks", " to stiff peaks", " soaked in", " left to", " straight from",
        " preferably", " (",
    ];

    private static readonly string[] Parts = [
        "juice", "zest", "rind", "peel", "grated zest", "grated rind", "finely grated zest", "finely grated rind", "zest and juice",
        "juice and zest", "grated zest and juice", "finely grated zest and juice", "rind and juice", "juice and rind", "strained juice",
        "squeeze"
    ];

    private readonly Weigher _weigher = new(measures);
    private readonly MeasureGrammar _grammar = MeasureGrammar.For(measures.Cup);

    /// <summary>
    /// Every line of a text, of which the first <see cref="PartLimits.Text"/> characters and <see cref="PartLimits.Lines"/> lines are read.
    /// </summary>
    /// <param name="text">The text.</param>
    /// <param name="cancel">Ends it between two lines.</param>
    /// <exception cref="OperationCanceledException">It was ended.</exception>
    public IReadOnlyList<ReadLine> ReadAll(string text, CancellationToken cancel = default)
    {
        var lines = (text.Length > PartLimits.Text ? text[..PartLimits.Text] : text).ReplaceLineEndings("\n")
            .Split('\n', PartLimits.Lines + 1);
        var read = new List<ReadLine>(lines.Length);
        foreach (var line in lines.Take(PartLimits.Lines))
        {
            cancel.ThrowIfCancellationRequested();
            read.Add(Read(line));
        }

        return read;
    }

    /// <summary>One line.</summary>
    public ReadLine Read(string text)
    {
        // What is far too long is not even tidied.
        var line = Tidy(text.Length > 2 * LongestLine ? text[..(2 * LongestLine)] : text);
        if (line.Length == 0)
            return new(text, []);
        if (line.Length > LongestLine)
            return new(
                text, [], NotRead: line[..60] + "…",
                Trouble: $"A line of {text.Trim().Length} characters; {LongestLine} can be read. Break it up.");
        if (Heading(line) is { } heading)
            return new(text, [], Heading: heading);

        var lower = Lower(line);
        var optional = lower.Contains("optional", StringComparison.Ordinal) || lower.Contains("if liked", StringComparison.Ordinal)
            || lower.Contains("if you like", StringComparison.Ordinal);
        if (optional)
            lower = WithoutOptional(lower);

        // "juice of 2 lemons"
        if (PartsOf(text, lower, optional) is { } juice)
            return juice;

        foreach (var bare in Bare)
        {
            if (lower.StartsWith(bare, StringComparison.Ordinal) && (lower.Length == bare.Length || !char.IsLetter(lower[bare.Length])))
                lower = "1 " + lower;
        }

        var head = _grammar.Head.Parse(lower);
        if (head.Success)
        {
            var (first, second, rest) = head.Value;
            return Measured(text, first, second, rest, optional);
        }

        return NameFirst(text, lower, optional);
    }

    private static string Tidy(string text)
    {
        var line = text.Replace('\u00a0', ' ').Replace('\t', ' ').Replace('\u2009', ' ').Replace("&frac12;", "½", StringComparison.Ordinal)
            .Trim();
        line = line.TrimStart('-', '•', '*', '·', '–', '▢', '□', '☐', '+').TrimStart();
        if (line.StartsWith("[ ]", StringComparison.Ordinal))
            line = line[3..].TrimStart();
        while (line.Contains("  ", StringComparison.Ordinal))
            line = line.Replace("  ", " ", StringComparison.Ordinal);
        return line.TrimEnd('.', ';', ' ');
    }

    private static string Lower(string line) => string.Create(line.Length, line, static (span, from) =>
    {
        for (var i = 0; i < span.Length; i++)
            span[i] = char.ToLowerInvariant(from[i]);
    });

    private static string? Heading(string line)
    {
        if (line[^1] == ':' && line.Length <= 60 && !char.IsAsciiDigit(line[0]))
            return line[..^1].Trim();
        return line.Length <= 40 && line.StartsWith('#') ? line.TrimStart('#', ' ') : null;
    }

    private static string WithoutOptional(string lower)
    {
        foreach (
            var word in (string[])[
                "(optional)", ", optional", "; optional", "- optional", "optional:", "(optional,", "optional", ", if liked", "(if liked)",
                "if liked", ", if you like", "(if you like)", "if you like"])
            lower = lower.Replace(word, word.StartsWith("(optional,", StringComparison.Ordinal) ? "(" : "", StringComparison.Ordinal);
        return lower.Trim().TrimEnd(',').Trim();
    }

    /// <summary>"Juice of 2 lemons", "grated zest and juice of 1 lime".</summary>
    private ReadLine? PartsOf(string text, string lower, bool optional)
    {
        var of = lower.IndexOf(" of ", StringComparison.Ordinal);
        var from = lower.IndexOf(" from ", StringComparison.Ordinal);
        var at = of < 0 ? from : from < 0 ? of : Math.Min(of, from);
        if (at < 0)
            return null;
        var before = lower[..at].Trim();
        if (before.StartsWith("the ", StringComparison.Ordinal))
            before = before[4..];
        if (before.StartsWith("a ", StringComparison.Ordinal))
            before = before[2..];
        var rest = lower[(at + (at == of ? 4 : 6))..].Trim();
        var eggs = before is "yolks" or "yolk" or "egg yolks" or "whites" or "white" or "egg whites"
            || before.EndsWith(" yolks", StringComparison.Ordinal) && before.Split(' ').Length == 1;
        if (!Parts.Contains(before) && !eggs)
            return null;
        var read = _grammar.Measure.Then(Parser<char>.Any.ManyString(), (m, r) => (Measure: m, Behind: r)).Parse(rest);
        var (measure, name) = read.Success && read.Value.Measure.Low.IsCount
            ? read.Value
            : (Measure: new Measure(new Amounts(0, Pieces: 1)), Behind: " " + rest);
        var (fruit, note) = NameAndNote(name);
        if (eggs)
            return Line(
                text,
                [
                    Resolve(
                        before.Contains("yolk", StringComparison.Ordinal) ? "egg yolks" : "egg whites", measure, null, note + fruit,
                        out var t)
                ],
                note, optional, t);
        return Fruit(text, before, measure, fruit, note, optional);
    }

    /// <summary>The juice, the zest or both of some fruit.</summary>
    private ReadLine? Fruit(string text, string wanted, Measure measure, string fruit, string note, bool optional)
    {
        var key = IngredientFinder.Key(fruit);
        var items = new List<ReadItem>(2);
        foreach (var part in (string[])["zest", "juice"])
        {
            var want = part == "juice"
                ? wanted.Contains("juice", StringComparison.Ordinal) || wanted.Contains("squeeze", StringComparison.Ordinal)
                : wanted.Contains("zest", StringComparison.Ordinal) || wanted.Contains("rind", StringComparison.Ordinal)
                    || wanted.Contains("peel", StringComparison.Ordinal);
            if (!want)
                continue;
            var name = key.EndsWith(part, StringComparison.Ordinal) ? key : $"{key} {part}";
            foreach (var size in (string[])["large ", "small ", "medium ", "unwaxed ", "whole "])
                name = name.Replace(size, "", StringComparison.Ordinal);
            var squeeze = wanted.Contains("squeeze", StringComparison.Ordinal)
                ? measure with
                {
                    Low = new(0, Ml: KitchenMeasures.Teaspoon(measures.Cup)),
                    High = new(0, Ml: KitchenMeasures.Teaspoon(measures.Cup)),
                }
                : measure;
            items.Add(Resolve(name, squeeze, null, note, out _));
        }

        return items.Count > 0 && items.TrueForAll(i => i.Ingredient is not null) ? Line(text, items, note, optional, "") : null;
    }

    private ReadLine Measured(string text, Measure first, Measure? second, string rest, bool optional)
    {
        var (name, note) = NameAndNote(rest);

        // A second measure may stand behind the name: "1 cup flour (120 g)".
        if (second is null && Bracketed(rest) is { } inside && SecondIn(inside) is { } behind)
        {
            second = behind;
            note = Trimmed(note.Replace(inside, "", StringComparison.Ordinal).Replace("()", "", StringComparison.Ordinal));
        }

        // "1 lemon, juiced", "½ lemon, juice only", "1 lemon, zest and juice"
        if (first.Low.IsCount && WantsParts(note) && Fruit(text, WordsFor(note), first, name, note, optional) is { } fruit)
            return fruit;
        if (name.Length == 0 && first.Container is "leaf" or "leaves" or "sheet" or "sheets")
            name = "leaf gelatine";
        if (name.Length == 0)
            return new(text, [], note, optional, NotRead: text.Trim(), Trouble: "An amount, but of what?");

        // "1 large egg plus 1 yolk": two ingredients on one line.
        foreach (var and in (string[])[" plus ", " and ", " + ", " & "])
        {
            if (name.IndexOf(and, StringComparison.Ordinal) is var at and > 0
                    && _grammar.Head.Parse(name[(at + and.Length)..]) is { Success: true, Value: { Rest.Length: > 0 } more })
            {
                var one = Resolve(name[..at], first, second, note, out var oddOne);
                var other = Resolve(NameAndNote(more.Rest).Name, more.First, more.Second, note, out var oddOther);
                return Line(text, [one, other], note, optional, oddOne.Length > 0 ? oddOne : oddOther);
            }
        }

        var item = Resolve(name, first, second, note, out var trouble);
        return Line(text, [item], note, optional, trouble);
    }

    /// <summary>"Plain flour 200 g", "Butter: 120 g", "Salt", "Salt to taste".</summary>
    private ReadLine NameFirst(string text, string lower, bool optional)
    {
        for (var i = 1; i < lower.Length; i++)
        {
            var starts = (char.IsAsciiDigit(lower[i]) || "½⅓⅔¼¾⅛".Contains(lower[i], StringComparison.Ordinal))
                && lower[i - 1] is ' ' or ':' or '-' or '–' or '—' or '=';
            if (!starts)
                continue;
            var head = _grammar.Head.Parse(lower[i..]);
            if (head.Success && !head.Value.First.Low.IsCount
                    && NameAndNote(" " + head.Value.Rest.TrimStart(',', ' ')) is var (left, noteAfter)
                    && left.Length == 0 | head.Value.Rest.StartsWith(','))
            {
                var (name, note) = NameAndNote(" " + lower[..i].Trim().TrimEnd(':', '-', '–', '—', '=', ','));
                var said = Trimmed(note + (left.Length > 0 ? ", " + left : "") + (noteAfter.Length > 0 ? ", " + noteAfter : ""));
                var item = Resolve(name, head.Value.First, head.Value.Second, said, out var trouble);
                return Line(text, [item], said, optional, trouble);
            }
        }

        var (bare, rest) = NameAndNote(" " + lower);
        if (WantsParts(rest) && Fruit(text, WordsFor(rest), new Measure(new Amounts(0, Pieces: 1)), bare, rest, optional) is { } fruit)
            return fruit;
        var found = finder.Find(bare);
        if (found.Ingredient is null)
            return new(
                text, [], NotRead: text.Trim(), Trouble: "No amount that can be read, and no ingredient known by this name.")
            { Optional = optional };
        var unweighed = new ReadItem(bare, found, null, GoesIn.Mixed, [ToTaste]);
        return new(text, [unweighed], rest, optional);
    }

    private static ReadLine Line(string text, List<ReadItem> items, string note, bool optional, string trouble)
    {
        var unknown = items.Find(i => i.Found.Likeness is Likeness.None);
        return new(text, items, note, optional, NotRead: unknown?.Name ?? "", Trouble: unknown is null ? trouble : "");
    }

    /// <summary>The name up to a comma, a bracket or a phrase that is no name, and what follows as a note.</summary>
    private static (string Name, string Note) NameAndNote(string rest)
    {
        var text = rest.TrimStart();
        if (text.StartsWith("of ", StringComparison.Ordinal))
            text = text[3..];
        if (text.StartsWith("each ", StringComparison.Ordinal))
            text = text[5..];

        // A bracket before the name belongs to the amount: "(about 2 sticks) butter".
        var prefix = "";
        if (text.StartsWith('(') && text.IndexOf(')') is var closing and > 0 && closing < text.Length - 1)
        {
            prefix = text[1..closing];
            text = text[(closing + 1)..].TrimStart(' ', ',');
            if (text.StartsWith("of ", StringComparison.Ordinal))
                text = text[3..];
        }

        var end = text.Length;
        foreach (var mark in (string[])[",", ";", " - ", " – ", " — ", "*"])
        {
            if (text.IndexOf(mark, StringComparison.Ordinal) is var at and >= 0 && at < end)
                end = at;
        }

        foreach (var mark in CutAt)
        {
            if (text.IndexOf(mark, StringComparison.Ordinal) is var at and > 0 && at < end)
                end = at;
        }

        var name = text[..end].Trim();
        var note = Trimmed(text[end..]);

        // "1 (unwaxed) lemon": a bracket in the middle of a name is a note on it.
        if (name.Length == 0 && text.StartsWith('('))
            note = Trimmed(text);
        return (
            name.Trim('(', ')', ' ', ':'),
            Trimmed(prefix.Length > 0 && !char.IsAsciiDigit(prefix[0]) ? note.Length > 0 ? prefix + ", " + note : prefix : note));
    }

    private static string Trimmed(string note) => note.Trim(' ', ',', ';', '-', '–', '—', '*', '.');

    private static string? Bracketed(string rest)
    {
        var open = rest.IndexOf('(');
        var close = open < 0 ? -1 : rest.IndexOf(')', open);
        return close > open + 1 ? rest[(open + 1)..close].Trim() : null;
    }

    private Measure? SecondIn(string inside)
    {
        foreach (var piece in inside.Split('/', ';', ','))
        {
            var text = piece.Trim();
            foreach (var word in (string[])["about ", "or ", "approx ", "approx. ", "= ", "total ", "weighing "])
            {
                if (text.StartsWith(word, StringComparison.Ordinal))
                    text = text[word.Length..];
            }

            foreach (var word in (string[])[" total", " in total", " in all", " drained"])
            {
                if (text.EndsWith(word, StringComparison.Ordinal))
                    text = text[..^word.Length];
            }

            if (_grammar.Whole(text) is { } measure && (!measure.Low.IsCount || measure.Container.Length > 0)
                    && measure.Container.Length == 0)
                return measure;
        }

        return null;
    }

    private static bool WantsParts(string note) =>
        note.Split(' ', ',').Any(w => w is "juice" or "juiced" or "zest" or "zested" or "rind" or "squeezed");

    private static string WordsFor(string note) =>
        note.Replace("juiced", "juice", StringComparison.Ordinal).Replace("squeezed", "juice", StringComparison.Ordinal)
            .Replace("zested", "zest", StringComparison.Ordinal);

    /// <summary>Which ingredient a name is, and what the measure weighs of it.</summary>
    private ReadItem Resolve(string name, Measure first, Measure? second, string note, out string trouble)
    {
        trouble = "";
        var size = EggSizeIn(name) ?? EggSizeIn(note);
        var found = Named(name, first.Container, note);
        if (found.Likeness is not Likeness.Known && name.IndexOf(" or ", StringComparison.Ordinal) is var cut and > 0
                && finder.Find(name[..cut]) is { Likeness: Likeness.Known } one)
            found = one;

        // "3 yolks", "2 gelatine leaves", "1 can evaporated milk": the container may be half of the name.
        if (found.Likeness is not Likeness.Known && first.Container.Length > 0
                && finder.Find($"{name} {first.Container}") is { Likeness: Likeness.Known } whole)
            found = whole;
        if (first.Container is "leaf" or "leaves" or "sheet" or "sheets" && found.Ingredient?.Id == Pantry.Gelatine.Id
                && Pantry.Find("gelatine-leaf") is { } leaf)
            found = found with { Ingredient = leaf };

        // "8 bergamot tea bags": bags of leaves are pieces, whole fruit is not its juice.
        if (found.Ingredient is not { } what)
            return new(name, found, null, GoesIn.Mixed, []);

        var assumed = new List<string>(3);
        var grams = _weigher.GramsOf(first, what, size, assumed);
        if (second is not null)
        {
            var heard = new List<string>(2);
            var other = _weigher.GramsOf(second, what, size, heard);
            grams = Weigher.Agree(first, second, what, grams, other, heard, assumed, out trouble);
        }

        if (found.Likeness is Likeness.Near)
            assumed.Insert(0, $"“{name}” taken as {what.Name}");
        return new(name, found, grams, WaysIn.Of(what, note + " " + name), assumed);
    }

    /// <summary>A tin of pineapple is tinned pineapple, and chocolate may say its share of cocoa behind its name.</summary>
    private Found Named(string name, string container, string note)
    {
        if (container is "tin" or "tins" or "can" or "cans" && finder.Find("tinned " + name) is { Likeness: Likeness.Known } tinned)
            return tinned;
        if (note.Contains("70%", StringComparison.Ordinal) && name.Contains("chocolate", StringComparison.Ordinal)
                && finder.Find("70% " + name) is { Likeness: Likeness.Known } dark)
            return dark;
        return finder.Find(name);
    }

    private static EggSize? EggSizeIn(string words) =>
        words.Contains("extra large", StringComparison.Ordinal) || words.Contains("extra-large", StringComparison.Ordinal)
            || words.Contains("very large", StringComparison.Ordinal)
            ? EggSize.ExtraLarge
        : words.Contains("large", StringComparison.Ordinal) ? EggSize.Large
        : words.Contains("medium", StringComparison.Ordinal) ? EggSize.Medium
        : words.Contains("small", StringComparison.Ordinal) ? EggSize.Small
        : null;
}
