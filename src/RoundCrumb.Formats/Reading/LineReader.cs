using Pidgin;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Recipes;
using static RoundCrumb.Formats.Reading.LinePatterns;

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

    private static readonly string[] Bare = ["pinch", "splash", "dash", "knob", "handful", "drizzle", "drop", "glug", "dollop", "squeeze"];

    private readonly ItemReader _items = new(finder, measures);
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
        var line = LineTidier.Line(text.Length > 2 * LongestLine ? text[..(2 * LongestLine)] : text);
        if (line.Length == 0)
            return new(text, []);
        if (line.Length > LongestLine)
            return new(
                text, [], NotRead: line[..60] + "…",
                Trouble: $"A line of {text.Trim().Length} characters; {LongestLine} can be read. Break it up.");
        if (Heading(line) is { } heading)
            return new(text, [], Heading: heading);
        var tidy = LineTidier.Tidy(line);
        var lower = tidy.Text;
        var optional = Optional().IsMatch(lower);
        if (optional)
            lower = WithoutOptional(lower);
        var said = new SaidLine(text, optional, tidy);
        var read = ReadTidy(said, FruitParts.WithOf(lower));
        if (read.Trouble.Length == 0 && read.NotRead.Length == 0 && Divided().IsMatch(lower) && !lower.Contains('('))
            read = read with { Trouble = "Divided: between which parts, and how much in each? All of it is counted here." };
        if (read.Trouble.Length == 0 && read.NotRead.Length == 0 && tidy.Question.Length > 0)
            read = read with { Trouble = tidy.Question };
        read = Minded(BesideWords.Kept(read));
        return tidy.Repaired.Count == 0 || read.Items.Count == 0
            ? read
            : read with { Items = [.. read.Items.Select(i => i with { Assumed = [.. tidy.Repaired, .. i.Assumed] })] };
    }

    /// <summary>A line with what is poison in it: never taken for something to eat, or asked about.</summary>
    private static ReadLine Minded(ReadLine read)
    {
        if (read.Heading.Length > 0 || read.Text.Length == 0
                || Poisons.In(read.Text, read.Items.FirstOrDefault(i => i.Ingredient is not null)?.Grams) is not { } poison)
            return read;
        return poison.Kind is PoisonKind.Never or PoisonKind.Unknown
            ? read with { Items = [], NotRead = read.Text.Trim(), Trouble = poison.Says, WordsOnly = [Ingredient.NotRead(poison.Name)] }
            : read with { Trouble = poison.Says };
    }

    private ReadLine ReadTidy(SaidLine said, string lower)
    {
        if (FruitParts.Halves(lower) is var (one, other) && PartsOf(said, one) is { } first && PartsOf(said, other) is { } second)
            return Line(
                said,
                [.. first.Items.Concat(second.Items).OrderBy(i => i.Ingredient?.Shelf is PantryShelf.Fruit && i.Ingredient.Juice > 0)],
                "", "");
        if (PartsOf(said, lower) is { } juice)
            return juice;
        lower = Some().Replace(lower, "");
        foreach (var bare in Bare)
        {
            if (lower.StartsWith(bare, StringComparison.Ordinal) && (lower.Length == bare.Length || !char.IsLetter(lower[bare.Length])))
                lower = "1 " + lower;
        }

        var head = _grammar.Head.Parse(lower);
        return head.Success ? Measured(said, head.Value, lower) : NameFirst(said, lower);
    }

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

    /// <summary>"Juice of 2 lemons", "grated zest and juice of 1 lime", "yolks of 4 eggs".</summary>
    private ReadLine? PartsOf(SaidLine said, string lower)
    {
        var of = lower.IndexOf(" of ", StringComparison.Ordinal);
        var from = lower.IndexOf(" from ", StringComparison.Ordinal);
        var at = of < 0 ? from : from < 0 ? of : Math.Min(of, from);
        if (at < 0)
            return null;
        var before = lower[..at].Trim();
        if (before.StartsWith("the ", StringComparison.Ordinal))
            before = before[4..];
        var rest = lower[(at + (at == of ? 4 : 6))..].Trim();
        var asked = FruitParts.Asked(before);
        var egg = EggParts().Match(before) is { Success: true } part ? part.Groups[1].Value : "";
        if (!asked.Any && egg.Length == 0 && before is not "seeds")
            return null;
        var read = _grammar.Measure.Then(Parser<char>.Any.ManyString(), (m, r) => (Measure: m, Behind: r)).Parse(rest);
        var (measure, name) = read.Success && read.Value.Measure.Low.IsCount
            ? read.Value
            : (Measure: new Measure(new Amounts(0, Pieces: 1)), Behind: " " + rest);
        var words = LineWords.Of(name);
        if (asked.Any)
            return Fruit(said, asked, measure, words);
        var whole = egg.Length > 0 ? $"egg {egg}s" : words.Name;
        if (egg.Length == 0 && finder.Surely(whole) is null)
            return null;
        var item = _items.Resolve(said, whole, measure, null, words with { Note = words.Note + words.Name }, out var trouble);
        return Line(said, [item], words.Note, trouble);
    }

    /// <summary>The juice, the zest or both of some fruit.</summary>
    private ReadLine? Fruit(SaidLine said, FruitParts asked, Measure measure, LineWords words)
    {
        var key = IngredientFinder.Key(SizeWord().Replace(words.Name, ""));
        var items = new List<ReadItem>(2);
        var trouble = "";
        foreach (var part in (string[])["zest", "juice"])
        {
            if (part == "juice" ? !asked.Juice && !asked.Squeeze : !asked.Zest)
                continue;
            var name = key.EndsWith(part, StringComparison.Ordinal) ? key : $"{key} {part}";
            var spoon = KitchenMeasures.Teaspoon(measures.Cup);
            var amount = asked.Squeeze ? measure with { Low = new(0, Ml: spoon), High = new(0, Ml: spoon) } : measure;

            // "4 lemons, juiced (about 3/4 cup)": what was measured of the juice is believed.
            var second = part == "juice" && !asked.Zest && _items.SecondIn(words.Bracket, out _) is { } beside && !beside.Low.IsCount
                ? beside
                : null;
            items.Add(_items.Resolve(said, name, amount, second, words with { Bracket = "" }, out var odd));
            trouble = odd.Length > 0 ? odd : trouble;
        }

        return items.Count > 0 && items.TrueForAll(i => i.Ingredient is not null) ? Line(said, items, words.Note, trouble) : null;
    }

    private ReadLine Measured(SaidLine said, MeasuredHead head, string lower)
    {
        var (first, second, rest) = head;
        if (first.Each && EachOf(said, first, rest) is { } list)
            return list;
        if (first.Low.IsCount && first.Container.Length == 0 && second is null)
        {
            // "a 2 kg apple": so much each.
            if (_grammar.Head.Parse(rest.TrimStart()) is { Success: true, Value: var inner } && !inner.First.Low.IsCount
                    && inner.Rest.Length > 1)
                (second, rest) = (inner.First with { Each = true }, inner.Rest);
            else if (Misspelt(rest) is var (typed, unit))
                return Misread(said, lower, typed, unit);
        }

        var words = LineWords.Of(rest);
        if (finder.OnlyDescribes(words.Name) && rest.IndexOf(',', StringComparison.Ordinal) is var comma and > 0)
            words = LineWords.Of(rest.Remove(comma, 1));
        var drainedWeight = false;

        // A second measure may stand behind the name: "1 cup flour (120 g)".
        if (second is null && _items.SecondIn(words.Bracket, out drainedWeight) is { } behind)
        {
            second = behind;
            words = words with
            {
                Note = LineWords.Trimmed(
                    words.Note.Replace(words.Bracket, "", StringComparison.Ordinal).Replace("()", "", StringComparison.Ordinal)),
            };
        }

        // "1 lemon, juiced", "½ lemon, juice only", "1 lemon, zest and juice"
        if (first.Low.IsCount && FruitParts.Named(words.Note + " " + words.Bracket) is { Any: true } asked
                && Fruit(said, asked, first, words) is { } fruit)
            return fruit;
        if (Squeeze().IsMatch(lower) && Fruit(said, new(false, true, true), first, words) is { } squeezed)
            return squeezed;
        if (words.Name.Length == 0 && first.Container is "leaf" or "leaves" or "sheet" or "sheets")
            words = words with { Name = "leaf gelatine" };
        if (words.Name.Length == 0)
            return new(said.Text, [], words.Note, said.Optional, NotRead: said.Text.Trim(), Trouble: "An amount, but of what?");
        if (Two(said, first, second, rest, words) is { } two)
            return two;
        var item = _items.Resolve(said, words.Name, first, second, words, out var trouble, drainedWeight);
        return Line(said, [item], words.Note, trouble);
    }

    /// <summary>"1 large egg plus 1 yolk", "1 egg beaten with 1 tbsp milk": two ingredients on one line.</summary>
    private ReadLine? Two(SaidLine said, Measure first, Measure? second, string rest, LineWords words)
    {
        if (
            AndMore().Match(rest) is { Success: true } and
                && _grammar.Head.Parse(and.Groups["more"].Value) is { Success: true, Value: var more }
                && LineWords.Of(more.Rest) is { Name.Length: > 0 } what && finder.Find(what.Name).Ingredient is not null)
            return Both(LineWords.Of(and.Groups["name"].Value).Name, more, words);
        if (BeatenWith().Match(rest) is { Success: true } with
                && _grammar.Head.Parse(with.Groups["more"].Value) is { Success: true, Value: { Rest.Length: > 0 } behind }
                && finder.Find(LineWords.Of(behind.Rest).Name).Ingredient is not null)
        {
            var one = LineWords.Of(with.Groups["name"].Value);
            return Both(one.Name, behind, one with { Note = LineWords.Trimmed(one.Note + ", " + with.Groups["how"].Value) });
        }

        return null;

        ReadLine? Both(string name, MeasuredHead more, LineWords of)
        {
            var one = _items.Resolve(said, name, first, second, of, out var oddOne);
            var behind = LineWords.Of(more.Rest);
            var note = one.Ingredient is { Bloom: > 0 } ? "to bloom the gelatine, " + behind.Note : behind.Note;
            var other = _items.Resolve(said, behind.Name, more.First, more.Second, behind with { Note = note }, out var oddOther);
            if (other.Grams is null)
                return null;
            return Line(said, [one, other], of.Note, oddOne.Length > 0 ? oddOne : oddOther);
        }
    }

    /// <summary>"1/2 tsp each cinnamon and ginger": as much of every one.</summary>
    private ReadLine? EachOf(SaidLine said, Measure each, string rest)
    {
        var words = LineWords.Of(rest.Replace(", ", " and ", StringComparison.Ordinal));
        var names = words.Name.Split([" and ", " & ", " + ", "/"], StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries);
        if (names.Length < 2)
            return null;
        var trouble = "";
        var items = new List<ReadItem>(names.Length);
        foreach (var name in names)
        {
            items.Add(_items.Resolve(said, name, each with { Each = false }, null, words, out var odd));
            trouble = odd.Length > 0 ? odd : trouble;
        }

        return items.TrueForAll(i => i.Ingredient is not null) ? Line(said, items, words.Note, trouble) : null;
    }

    /// <summary>"Plain flour 200 g", "Butter: 120 g", "Eggs: 2 large", "egg yolks x 4", "Salt", "Salt to taste".</summary>
    private ReadLine NameFirst(SaidLine said, string lower)
    {
        for (var i = 1; i < lower.Length; i++)
        {
            var starts = (char.IsAsciiDigit(lower[i]) || "½⅓⅔¼¾⅛".Contains(lower[i], StringComparison.Ordinal))
                && lower[i - 1] is ' ' or ':' or '-' or '–' or '—' or '=' or '(' or 'x' or '×';
            if (!starts)
                continue;
            var head = _grammar.Head.Parse(lower[i..]);
            if (!head.Success)
                continue;
            var before = lower[..i].TrimEnd(' ', '(');
            if (before.Length == 0)
                continue;
            var counted = head.Value.First.Low.IsCount;
            if (counted && !before.EndsWith(" x", StringComparison.Ordinal) && !before.EndsWith('×')
                    && before[^1] is not (':' or '-' or '–' or ',' or '='))
                continue;
            var behind = head.Value.Rest.TrimStart(')', ' ');
            if (behind.Length > 0 && behind[0] is not (',' or '-' or '–' or '—' or '(' or ';') && !(counted && OnlySize().IsMatch(behind)))
                continue;
            var words = LineWords.Of(" " + Times().Replace(before, "").TrimEnd(':', '-', '–', '—', '=', ',', ' '));
            var note = LineWords.Trimmed(words.Note + ", " + behind.Trim(',', '-', '–', '—', ' '));
            var item = _items.Resolve(said, words.Name, head.Value.First, head.Value.Second, words with { Note = note }, out var trouble);
            return Line(said, [item], note, trouble);
        }

        return Unweighed(said, lower);
    }

    private ReadLine Unweighed(SaidLine said, string lower)
    {
        var words = LineWords.Of(" " + lower);
        if (FruitParts.Named(words.Note) is { Any: true } asked
                && Fruit(said, asked, new Measure(new Amounts(0, Pieces: 1)), words) is { } fruit)
            return fruit;
        var names = words.Name.Split(" and ") is { Length: 2 } two && two.All(n => finder.Surely(n) is not null)
            ? two
            : [words.Name];
        var found = names.Select(n => (Name: n, Found: _items.Named(n, "", words))).ToList();
        if (found.Exists(f => f.Found.Ingredient is null))
            return new(
                said.Text, [], NotRead: said.Text.Trim(), Trouble: "No amount that can be read, and no ingredient known by this name.")
            { Optional = said.Optional };
        return new(
            said.Text, [.. found.Select(f => new ReadItem(f.Name, f.Found, null, GoesIn.Mixed, [ToTaste]))], words.Note, said.Optional);
    }

    private static ReadLine Line(SaidLine said, IReadOnlyList<ReadItem> items, string note, string trouble)
    {
        var unknown = items.FirstOrDefault(i => i.Found.Likeness is Likeness.None);
        var whole = said.Tidy.Note is { Length: > 0 } aside ? note.Length > 0 ? note + ", " + aside : aside : note;
        return new(said.Text, items, whole, said.Optional, NotRead: unknown?.Name ?? "", Trouble: unknown is null ? trouble : "");
    }

    /// <summary>The word behind a number that is a unit but for one slip, and that unit.</summary>
    private (string Typed, string Unit)? Misspelt(string rest)
    {
        var word = FirstWord().Match(rest) is { Success: true } m ? m.Groups[1].Value : "";
        return word.Length >= Spelling.Shortest && !finder.Knows(word) && MeasureGrammar.Units.Near(word).FirstOrDefault() is { } unit
            ? (word, unit)
            : null;
    }

    private ReadLine Misread(SaidLine said, string lower, string typed, string unit)
    {
        var read = ReadTidy(said, lower.Replace(typed, unit, StringComparison.Ordinal));
        return read.Trouble.Length > 0 ? read : read with { Trouble = $"“{typed}” is read as {unit}. Is that right?" };
    }
}

/// <summary>A line while it is read.</summary>
/// <param name="Text">As written.</param>
/// <param name="Optional">True when it may be left out.</param>
/// <param name="Tidy">Made ready to be read.</param>
internal sealed record SaidLine(string Text, bool Optional, TidyLine Tidy);
