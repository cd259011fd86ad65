using System.Globalization;

namespace RoundCrumb.TestKit;

/// <summary>What somebody might send who means no good, or whose cat walks over the keys; seeded, so that it comes again.</summary>
public sealed class Nasty(int seed)
{
    /// <summary>What is sent in place of what is asked for.</summary>
    private static readonly string[] Hostile =
    [
        "", " ", "\t\r\n", "0", "-1", "-0", "1e308", "1e999", "NaN", "Infinity", "-Infinity", "999999999999999999999", "2147483648",
        "-2147483649", "1,5", "½", "1/0", "٣", "１２", "0x10",
        "null", "undefined", "true", "{0}", "{{0}}", "}{", "{", "%s%n", "%00", "%", "\\", "'", "\"", "`", "<b>",
        "<script>alert(1)</script>", "\"><img src=x onerror=alert(1)>", "]]>", "<!--", "&amp;&lt;", "&#0;",
        "' OR 1=1 --", "\"; DROP TABLE Pies; --", "*", "\"*\"", "NEAR(", "a AND", "../../etc/passwd", "..\\..\\", "=2+5", "@SUM(1)",
        "-2+3|cmd", "\u202eevil", "\u0000", "a\u0000b", "\ud800", "\udfff", "e\u0301", "👩‍🍳🥧",
        "\u200b", "\ufeff", "ﷺ", "İ", "ß", "own", "box-1-1", "box-٣-1", "box-999-1", "box-1-999", "box--1-1", "box-1", "new", "plate-23",
        "kitchen-1", "kitchen-999", "2027-02-30", "9999-12-31", "0001-01-01", "25:00", "24:00", "23:59",
        "06:00–15:00", "15:00-06:00", "american", "Scratch", "9", "1 2027-01-01", "100 %", "5 mm", "350F", "gas 4", "1\" 2'",
        "pan=plate-23", "pan=plate-23&crust=butter-flaky&fill=malt-custard", "crust=", "&&&", "==",
        "more:0:1:2:3", "o1", "o1.dough.0", "o999.x", "é", "\n", "a\nb", "hands", "oven-1", "oven-999", "baker-1",
    ];

    private readonly Random _random = new(seed);

    /// <summary>Where its choices come from.</summary>
    public Random Random => _random;

    /// <summary>One of some things.</summary>
    public T Of<T>(IReadOnlyList<T> things) => things[_random.Next(things.Count)];

    /// <summary>A word or two, mostly hostile.</summary>
    public string Word() => _random.Next(12) switch
    {
        0 => new string((char)_random.Next(32, 0x3000), _random.Next(1, 400)),
        1 => string.Concat(Enumerable.Range(0, _random.Next(1, 40)).Select(_ => (char)_random.Next(1, 0xFFFF))),
        2 => _random.NextDouble().ToString("R", CultureInfo.InvariantCulture),
        3 => _random.Next(-5, 400).ToString(CultureInfo.InvariantCulture),
        4 => Of(Hostile) + Of(Hostile),
        5 => string.Join('\n', Enumerable.Range(0, _random.Next(1, 60)).Select(_ => Of(Lines))),
        _ => Of(Hostile),
    };

    /// <summary>Lines as a recipe has them, sound and otherwise.</summary>
    public static IReadOnlyList<string> Lines { get; } =
    [
        "200 g plain flour", "1/2 cup butter (113 g)", "3 large eggs", "juice of 2 lemons", "a pinch of salt", "500 ml milk", "1 egg",
        "2 x 225 g cream cheese", "{0} g sugar", "1e308 g sugar", "99999999999 cups milk", "0 g butter", "-5 g salt",
        "1 stick less 1 tbsp butter", "((((((((((", "1 2 3 4 5 6 7 8 9", "For the crust:", "# filling", "½ ½ ½", "1–2–3 g flour",
        "plain flour", "/ / /", "1/0 cup milk", "zest of zest of 1 lime",
    ];

    /// <summary>A long text of few kinds of piece, of the kind that nested or repeated reading chokes on.</summary>
    public string Repeated(int most)
    {
        var piece = Of(
            [
                "<b>", "{\"a\":", "[", "1 ", "½", "(", "1 egg\n", "500 ml milk\n", "\"", "a,", ";", "&lt;", "BEGIN:VEVENT\r\n",
                "<script type=\"application/ld+json\">", "</script", "x", " ", "\n", "🥧", "''", "--", "=", "&a=b"
            ]);
        return string.Concat(Enumerable.Repeat(piece, _random.Next(1, Math.Max(2, most / piece.Length))));
    }

    /// <summary>A text of a kind with something done to it: cut off, doubled, letters changed, pieces put in.</summary>
    public string Spoiled(string sound)
    {
        var text = sound;
        for (var i = _random.Next(1, 5); i > 0 && text.Length > 0; i--)
        {
            var at = _random.Next(text.Length);
            text = _random.Next(7) switch
            {
                0 => text[..at],
                1 => text[at..],
                2 => text[..at] + Word() + text[at..],
                3 => text[..at] + (char)_random.Next(1, 0xD7FF) + text[(at + 1)..],
                4 => text[..at] + Repeated(20_000) + text[at..],
                5 => text + text,
                _ => text.Replace(Of(["200", "\"", ":", "{", ",", "<", "\n", "1", "a"]), Word(), StringComparison.Ordinal),
            };
            if (text.Length > 400_000)
                text = text[..400_000];
        }

        return text;
    }
}
