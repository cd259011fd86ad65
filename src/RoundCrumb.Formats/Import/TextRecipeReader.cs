using System.Text;
using System.Text.RegularExpressions;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Formats.Reading;

namespace RoundCrumb.Formats.Import;

/// <summary>Reads a recipe as people paste it: a title, ingredient lines under headings of any kind, a method.</summary>
/// <param name="reader">Tells an ingredient line from a title or a sentence.</param>
internal sealed partial class TextRecipeReader(LineReader reader)
{
    private const int MostLines = 120;
    private const int LongestTitle = 80;
    private const int LongestHeading = 48;

    private static readonly string[] MethodWords =
    [
        "method", "instructions", "directions", "preparation", "steps", "how to make it", "to make", "procedure", "how to", "what to do",
        "making it", "the method",
    ];

    private static readonly string[] IngredientWords =
    [
        "ingredients", "you will need", "what you need", "you'll need", "for the pie", "shopping list",
    ];

    /// <summary>Reads a text; none where no ingredient line is in it.</summary>
    public ImportedRecipe? Read(string text)
    {
        var title = "";
        var serves = "";
        var sections = new List<(string Heading, List<string> Lines)> { ("", []) };
        var method = new StringBuilder();
        var inMethod = false;
        var (joins, over) = (new List<JoinedLine>(), new List<string>());
        var lines = Joined(joins, text.ReplaceLineEndings("\n").Split('\n').Select(Importer.Clean).ToList());
        for (var i = 0; i < lines.Count; i++)
        {
            var line = lines[i];
            if (line.Length == 0)
            {
                if (inMethod && method.Length > 0)
                    method.Append('\n');
                continue;
            }

            if (HeadingAt(lines, i, inMethod) is { } heading)
            {
                inMethod = IsMethod(heading);
                if (!inMethod && !IngredientWords.Contains(Words(heading)))
                    sections.Add((heading, []));
                continue;
            }

            if (Serves().Match(line) is { Success: true, Length: < 60 } said && !inMethod && !NamesFood(line))
            {
                serves = LineTidier.Digits(said.Value.Trim().TrimEnd('.'));
                continue;
            }

            // A numbered step or a sentence is no ingredient; a measured line behind the method begins another part.
            if (inMethod && IsMeasured(line))
            {
                inMethod = false;
                sections.Add(("", []));
            }

            if (inMethod || IsStep(line))
            {
                inMethod = true;
                method.Append(line).Append('\n');
                continue;
            }

            if (title.Length == 0 && sections is [{ Lines.Count: 0 }] && IsTitle(line))
                title = line[..Math.Min(line.Length, LongestTitle)].TrimStart('#', ' ');
            else if (sections.Sum(s => s.Lines.Count) < MostLines)
                sections[^1].Lines.Add(line);
            else
                over.Add(line);
        }

        if (Made(title, serves, sections, method) is not { } made)
            return null;
        var kept = joins.Where(j => made.Sections.Any(s => s.Lines.Split('\n').Contains(j.Whole))).ToList();
        return made with
        {
            Joins = kept,
            NotUsed =
            [
                .. over.Count == 0 ? Array.Empty<string>() : [$"More than {MostLines} lines; these are in no part:", .. over],
                .. Unused(made),
            ],
        };
    }

    /// <summary>What of the method has an amount, or names an allergen that no part has; sentence by sentence.</summary>
    private IEnumerable<string> Unused(ImportedRecipe made)
    {
        var has = Allergens.None;
        foreach (var line in made.Sections.SelectMany(s => s.Lines.Split('\n')).Select(reader.Read))
        {
            has |= line.Items.Aggregate(Allergens.None, (all, i) => all | (i.Ingredient?.Allergens ?? 0) | (i.Ingredient?.Unanswered ?? 0));
            has |= line.WordsOnly.Aggregate(Allergens.None, (all, i) => all | i.Allergens | i.Unanswered);
        }

        foreach (var sentence in made.Method.Split(['\n', '.', ';'],
            StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries))
        {
            if (MeasuredFood().IsMatch(sentence) || (AllergenLexicon.Of(sentence) & ~has) is not Allergens.None)
                yield return sentence.Length > 160 ? sentence[..160] + "…" : sentence;
        }
    }

    /// <summary>True for words that name something to eat that somebody must not have, or an amount of anything.</summary>
    private static bool NamesFood(string line) => AllergenLexicon.Of(line) is not Allergens.None || MeasuredFood().IsMatch(line);

    /// <summary>True for a line of an ingredient with its amount, and no sentence.</summary>
    private bool IsMeasured(string line) =>
        line.Length <= 120 && !Sentence().IsMatch(line) && !Order().IsMatch(line) && StartsWithAmount().IsMatch(line)
            && reader.Read(line) is { NotRead: "", Items: [{ Grams: not null, Ingredient: not null }, ..] };

    private ImportedRecipe? Made(string title, string serves, List<(string Heading, List<string> Lines)> sections, StringBuilder method)
    {
        // What stands before the first heading and is no ingredient is a word about the pie.
        if (sections.Count > 1 && !sections[0].Lines.Exists(l => reader.Read(l).Items.Any(i => i.Grams is not null)))
        {
            method.Insert(0, string.Concat(sections[0].Lines.Select(l => l + "\n")));
            sections.RemoveAt(0);
        }

        var made = sections.Where(s => s.Lines.Count > 0).Select(s => new ImportedSection(s.Heading, string.Join('\n', s.Lines))).ToList();
        return made.Count == 0 || !made.Exists(s => s.Lines.Split('\n').Any(IsIngredient))
            ? null
            : new(title, made, method.ToString().Trim()) { Serves = serves };
    }

    private bool IsIngredient(string line) => reader.Read(line).Items.Any(i => i.Ingredient is not null);

    /// <summary>A line that begins a recipe and is no ingredient of it.</summary>
    private bool IsTitle(string line) =>
        line.Length <= LongestTitle * 2 && !char.IsAsciiDigit(line[0])
            && !(reader.Read(line) is { Items.Count: > 0 } read
                && (read.Items[0].Grams is not null || read.Items[0].Found.Likeness is Likeness.Known));

    /// <summary>
    /// Lines that a camera or a narrow column broke in the wrong place, whole again: an amount without its name, and words in small letters
    /// that go on with what stood before.
    /// </summary>
    private List<string> Joined(List<JoinedLine> joins, List<string> lines)
    {
        var whole = new List<string>(lines.Count);
        var open = false;
        foreach (var line in lines)
        {
            var last = whole.Count > 0 ? whole[^1] : "";
            var goesOn = line.Length > 0 && last.Length > 0 && last[^1] is not (':' or '.') && !IsBulleted(line)
                && (open || last.Count(c => c == '(') > last.Count(c => c == ')') || (char.IsLower(line[0]) && last.Length < 90
                && !NumberWord().IsMatch(line) && GoesOn(last, line)));
            if (goesOn)
            {
                whole[^1] = last.EndsWith('-') ? last[..^1] + line : last + " " + line;
                joins.Add(new(last, line, whole[^1]));
            }
            else
                whole.Add(line);
            open = whole[^1].Length > 0 && OnlyAmount().IsMatch(whole[^1]);
        }

        return whole;
    }

    private static bool IsBulleted(string line) => line[0] is '-' or '•' or '*' or '–' or '·';

    /// <summary>
    /// True where a line is an ingredient's, and the next goes on with it: only where that has neither a food nor an amount, nor says what
    /// is for serving.
    /// </summary>
    private bool GoesOn(string last, string line) =>
        reader.Read(last) is { Items.Count: > 0 } && !line.Any(char.IsDigit) && !ForTheTable().IsMatch(line)
            && (OneName(last, line)
                || (AllergenLexicon.Of(line) is Allergens.None && reader.Read(line).Items.All(i => i.Ingredient is null)));

    /// <summary>True where a line ends a name that the line before begins, word for word: "4 egg" and "yolks".</summary>
    private bool OneName(string last, string line) =>
        reader.Read(last + " " + line) is { IsWhole: true, Question: "", Items: [{ Ingredient: { } what, Name: var name }] }
            && NameWords.Key(name) is var key && key.EndsWith(" " + NameWords.Key(line), StringComparison.Ordinal)
            && IngredientFinder.NamesOf(what).Any(n => NameWords.Key(n) == key);

    private static string Words(string heading) => heading.ToLowerInvariant().Replace('’', '\'');

    private static bool IsMethod(string heading) => MethodWords.Contains(Words(heading));

    /// <summary>
    /// The heading that a line is, by its mark, by its capitals or by what it names before measured lines; none otherwise.
    /// </summary>
    private string? HeadingAt(List<string> lines, int at, bool inMethod)
    {
        var line = lines[at];
        var bare = line.TrimStart('#', '*', '=', '-', '~', ' ').TrimEnd(':', '*', '=', '-', '~', ' ');
        if (bare.Length is 0 or > 110)
            return null;
        var marked = line[0] is '#' or '=' or '~' || line.TrimEnd('*', ' ')[^1] == ':' || line.StartsWith("**", StringComparison.Ordinal);
        var words = Words(bare);
        if (IsMethod(bare) || IngredientWords.Contains(words))
            return bare;
        if (marked)
            return PartGuess.KindOf(bare) is not null
                || (line[^1] == ':' && !inMethod && bare.Length <= LongestHeading && MeasuredAfter(lines, at))
                ? bare
                : null;
        if (bare.Length > LongestHeading || bare.Any(char.IsAsciiDigit) || words.Split(' ').Length > 6 || PartGuess.KindOf(bare) is null)
            return null;

        // What a recipe begins with is its title, even where it names a part: "Lemon curd tart".
        if (!lines[..at].Exists(l => l.Length > 0) && !PartOnly().IsMatch(words) && !words.StartsWith("for the ", StringComparison.Ordinal))
            return null;

        // "For the crust", "FILLING", "Almond pastry": a few words without a number, that measured lines follow.
        var plain = words.StartsWith("for the ", StringComparison.Ordinal) || words.StartsWith("for ", StringComparison.Ordinal)
            || bare.All(c => !char.IsLower(c));
        var alone = (at == 0 || lines[at - 1].Length == 0) && !inMethod;
        return (plain || alone || PartOnly().IsMatch(words)) && MeasuredAfter(lines, at) ? bare : null;
    }

    private bool MeasuredAfter(List<string> lines, int at)
    {
        for (var i = at + 1; i < lines.Count && i < at + 4; i++)
        {
            if (lines[i].Length > 0)
                return reader.Read(lines[i]).Items.Any(x => x.Grams is not null);
        }

        return false;
    }

    private bool IsStep(string line)
    {
        var dot = line.IndexOfAny(['.', ')']);
        if (dot is > 0 and < 3 && line[..dot].All(char.IsAsciiDigit) && line.Length > dot + 12 && line[dot + 1] == ' '
                && !char.IsAsciiDigit(line[dot + 2]) && Sentence().IsMatch(line))
            return true;
        return (Order().IsMatch(line) && reader.Read(line).Items.All(i => i.Grams is null))
            || (line.Length > 90 && !char.IsAsciiDigit(line[0]) && line.Contains(". ", StringComparison.Ordinal));
    }

    [GeneratedRegex(@"^(?:serves|makes|yields?|portions|enough for|cuts into|gives)\b.*$", RegexOptions.IgnoreCase)]
    private static partial Regex Serves();

    [GeneratedRegex(
        @"^(?:the )?(?:crust|base|pastry|shell|filling|topping|custard|dough|case|meringue|biscuit base|crumb base|crumb crust|"
            + @"to finish|to serve|to decorate|to top|decoration|glaze)$")]
    private static partial Regex PartOnly();

    [GeneratedRegex(
        @"^[lI]?[\s\dO½¼¾⅓⅔⅛./x×-]+(?:g|kg|ml|l|oz|lb|cups?|tbsp|tsp|tablespoons?|teaspoons?|fl oz|pints?|tins?|cans?)?\.?(?: of)?$",
        RegexOptions.IgnoreCase)]
    private static partial Regex OnlyAmount();

    [GeneratedRegex(@"^(?:an? |one |two |three |four |half |juice |zest |grated |finely |pinch |salt|butter|sugar|flour)")]
    private static partial Regex NumberWord();

    /// <summary>A sentence that says what to do begins with the verb.</summary>
    [GeneratedRegex(
        @"^(?:pre-?heat|heat|bake|cook|boil|simmer|mix|stir|whisk|beat|fold|press|pour|chill|cool|leave|let|line|roll|rub|melt|spread|put|"
            + @"place|add|combine|whip|sprinkle|scatter|arrange|remove|return|set|make|blend|blitz|tip|cream|grease|prick|serve|top|"
            + @"meanwhile|when|once|while|then|to make|in a)\b(?:\W+\w+){4,}", RegexOptions.IgnoreCase)]
    private static partial Regex Order();

    [GeneratedRegex(@"(?:to serve|to finish|to decorate|to dust|to garnish|for dusting|serve with)", RegexOptions.IgnoreCase)]
    private static partial Regex ForTheTable();

    /// <summary>An amount with its unit, and a word behind it.</summary>
    [GeneratedRegex(
        @"(?<![\w.])(?:\d+(?:[.,/]\d+)?|[½⅓⅔¼¾⅛])\s?(?:g|kg|ml|l|cl|dl|oz|lb|cups?|tbsp|tsp|tablespoons?|teaspoons?|handfuls?)\b\s+"
            + @"(?!(?:each|at|more|less|of water)\b)[a-z]",
        RegexOptions.IgnoreCase)]
    private static partial Regex MeasuredFood();

    [GeneratedRegex(@"^\W{0,3}(?:\d|[½⅓⅔¼¾⅛])")]
    private static partial Regex StartsWithAmount();

    [GeneratedRegex(@"^\d+[.)] [A-Z][a-z]+ .*[a-z]")]
    private static partial Regex Sentence();
}
