using Pidgin;
using RoundCrumb.Core.Quantities;
using static Pidgin.Parser;
using static RoundCrumb.Formats.Reading.Numbers;

namespace RoundCrumb.Formats.Reading;

/// <summary>
/// The grammar of a measure, over lower-case text. One for each kind of cup.
/// <code>
/// measure  = sum
/// sum      = term { ("plus" | "+" | "and" | "&amp;") term | ("less" | "minus") term }
/// term     = number ("x" | "×") sized | number "(" sized ")" container | number sized container | sized
/// sized    = [rough] number [("-" | "to" | "or") number] ["-"] [unit] [container]
/// </code>
/// </summary>
internal sealed class MeasureGrammar
{
    private static readonly HashSet<string> Containers = new(StringComparer.Ordinal)
    {
        "tin", "tins", "can", "cans", "pack", "packs", "packet", "packets", "pkt", "package", "packages", "pkg", "tub", "tubs", "pot",
        "pots", "carton", "cartons",
        "jar", "jars", "bottle", "bottles", "box", "boxes", "bag", "bags", "block", "blocks", "bar", "bars", "sachet", "sachets",
        "envelope", "envelopes",
        "sheet", "sheets", "leaf", "leaves", "roll", "rolls", "slice", "slices", "piece", "pieces", "sprig", "sprigs", "stalk", "stalks",
        "pod", "pods", "ball", "balls",
        "wedge", "wedges", "brick", "bricks", "punnet", "punnets", "bunch", "tablet", "tablets", "container", "containers",
    };

    private static readonly HashSet<string> RoughWords = [
        "about", "approximately", "approx", "around", "roughly", "circa", "generous", "heaped", "heaping", "rounded", "scant", "level",
        "good", "full", "small", "large", "big"
    ];

    private static readonly Parser<char, Unit> Dot = Token('.').Optional().IgnoreResult();

    // Below the tables that it is built from.
    private static readonly MeasureGrammar[] Grammars = [.. System.Enum.GetValues<CupSize>().Select(cup => new MeasureGrammar(cup))];

    /// <summary>What a rough word makes of a measure.</summary>
    private static double RoughFactor(string word) =>
        word switch { "heaped" or "heaping" => 1.5, "rounded" => 1.25, "scant" => 0.92, "generous" or "good" => 1.08, _ => 1 };

    private readonly Dictionary<string, Amounts> _units;

    private MeasureGrammar(CupSize cup)
    {
        _units = UnitsFor(cup);

        // A unit, perhaps with a rough word before it: one word is read and looked up, so that nothing is read twice.
        var ounces = Blanks.Then(Word).Where(w => w is "oz" or "ozs" or "ounce" or "ounces")
            .ThenReturn((Rough: "", Unit: new Amounts(0, Ml: KitchenMeasures.FluidOunce(cup))));
        var byWord = _units.ToDictionary(u => u.Key, u => Return((Rough: "", Unit: u.Value)), StringComparer.Ordinal);
        byWord["fl"] = Dot.Then(ounces);
        byWord["fluid"] = ounces;
        var noUnit = Fail<(string Rough, Amounts Unit)>();
        var unitWord = Word.Bind(w => byWord.GetValueOrDefault(w) ?? noUnit);
        foreach (var rough in RoughWords)
            byWord[rough] = Blanks.Then(unitWord).Select(u => (Rough: rough, u.Unit));
        var unitAfter = Try(Blanks.Then(Token('-').Optional()).Then(unitWord)).Before(Dot);

        var container = Word.Where(Containers.Contains).Before(Dot);
        var containerAfter = Try(Blanks.Then(container));
        var before = OneOf(Token('~').ThenReturn("about"), Try(Word.Where(RoughWords.Contains).Before(Dot))).Before(Blanks);
        var dash = Blanks.Then(
            OneOf(Token(c => c is '-' or '–' or '—').IgnoreResult(), Try(String("to ")).IgnoreResult(), Try(String("or ")).IgnoreResult()))
            .Then(Blanks);

        // What may follow a number: the other end of a range, a unit, that of a range with a unit at both ends, a container.
        var secondEnd = Try(dash.Then(AnyNumber).Then(unitAfter, (n, u) => u.Unit * n));
        var tail = Map(
            (high, u, end, c) =>
                new Func<string, double, Measure>(
                    (rough, low) => Sized(rough, low, high, u, end) with { Container = c.GetValueOrDefault("") }),
            Try(dash.Then(AnyNumber)).Optional(), unitAfter.Optional(), secondEnd.Optional(), containerAfter.Optional());
        var withUnit = AnyNumber.Then(unitAfter, (n, u) => new Measure(u.Unit * n));
        var open = Token('(').Then(Blanks);
        var close = Blanks.Then(Token(')'));
        var packs = Try(Blanks.Then(OneOf(
            // 2 x 225 g; 2 × 400 g tins
            Token(c => c is 'x' or '×' or '*').Then(Blanks).Then(withUnit)
                .Then(containerAfter.Optional(), (m, c) => m with { Container = c.GetValueOrDefault("") }),

            // 1 (14 oz) can; two 8-oz packages; 2 400g tins
            withUnit.Between(open, close).Then(containerAfter, (m, c) => m with { Container = c }),
            Lookahead(Token(char.IsAsciiDigit)).Then(withUnit).Then(containerAfter, (m, c) => m with { Container = c }))));
        var term = Map(
            (rough, n, rest) => rest(rough.GetValueOrDefault(""), n),
            before.Optional(), AnyNumber, packs.Select(m => new Func<string, double, Measure>((_, n) => m.Times(n))).Or(tail));
        var sign = OneOf(
            OneOf(Try(String("plus ")), Try(String("and ")), String("+"), String("&")).ThenReturn(1.0),
            OneOf(Try(String("less ")), Try(String("minus "))).ThenReturn(-1.0));
        var more = Try(Blanks.Then(sign).Before(Blanks).Then(term.Where(m => !m.Low.IsCount), (s, m) => m.Times(s)));
        var each = Try(Blanks.Then(OneOf(String("each"), String("apiece")))).Optional();
        Measure = Map(
            (first, rest, e) =>
                rest.Aggregate(first, (a, b) => a with { Low = a.Low + b.Low, High = a.High + b.High }) with { Each = e.HasValue },
            term, more.Many(), each);

        // "170 g/6 oz", "6 oz (170 g)", "2 tins (397 g each)": a second measure close behind the first.
        var leadIn = OneOf(Try(String("or ")), Try(String("about ")), String("= "), Try(String("total "))).Optional();
        var andMore = OneOf(
            Token(c => c is '/' or ',' or ';').IgnoreResult(), Token(' ').Then(OneOf(Try(String("or")), String("total"))).IgnoreResult())
            .Then(Token(c => c != ')').SkipMany()).Optional();
        var second = Try(Blanks.Then(OneOf(
            Token(c => c is '/' or '|').Then(Blanks).Then(Measure),
            open.Then(leadIn).Then(Measure).Before(andMore).Before(close))));
        var third = Try(Blanks.Then(Token('/')).Then(Blanks).Then(Measure)).Optional();
        Head = Map(
            (m, s, rest) => new MeasuredHead(m, s.HasValue ? s.Value : null, rest), Measure, second.Before(third).Optional(),
            Any.ManyString());
    }

    /// <summary>A measure alone.</summary>
    public Parser<char, Measure> Measure { get; }

    /// <summary>A measure, perhaps a second one, and the rest of the line.</summary>
    public Parser<char, MeasuredHead> Head { get; }

    /// <summary>The grammar for a kind of cup.</summary>
    public static MeasureGrammar For(CupSize cup) => Grammars[(int)cup];

    /// <summary>The names of units and containers, as they are rightly spelt.</summary>
    public static Spelling Units { get; } = new(UnitsFor(CupSize.Metric).Keys.Concat(Containers));

    /// <summary>A whole text as a measure, or nothing.</summary>
    public Measure? Whole(string text)
    {
        var read = Measure.Before(Blanks).Before(End).Parse(text);
        return read.Success ? read.Value : null;
    }

    private static Measure Sized(string before, double low, Maybe<double> high, Maybe<(string Rough, Amounts Unit)> u, Maybe<Amounts> end)
    {
        var rough = before.Length > 0 ? before : u.HasValue ? u.Value.Rough : "";
        var factor = RoughFactor(rough);
        var unit = (u.HasValue ? u.Value.Unit : new Amounts(0, Pieces: 1)) * factor;
        var said = rough is "small" or "large" or "big" or "level" or "full" ? "" : rough;
        return new(unit * low, end.HasValue ? end.Value * factor : unit * Math.Max(low, high.GetValueOrDefault(low)), Rough: said);
    }

    private static Dictionary<string, Amounts> UnitsFor(CupSize cup)
    {
        var units = new Dictionary<string, Amounts>(StringComparer.Ordinal);
        Mass(1, "g", "gr", "gram", "grams", "gramme", "grammes", "gm", "gms");
        Mass(1000, "kg", "kgs", "kilo", "kilos", "kilogram", "kilograms");
        Mass(0.001, "mg");
        Mass(KitchenMeasures.GramsPerOunce, "oz", "ozs", "ounce", "ounces");
        Mass(KitchenMeasures.GramsPerPound, "lb", "lbs", "pound", "pounds");
        Mass(KitchenMeasures.Pinch, "pinch", "pinches");
        Mass(15, "knob", "knobs");
        Mass(30, "handful", "handfuls");
        Volume(1, "ml", "mls", "millilitre", "millilitres", "milliliter", "milliliters", "cc");
        Volume(10, "cl", "dessertspoon", "dessertspoons", "dsp", "dstspn");
        Volume(100, "dl", "decilitre", "decilitres");
        Volume(1000, "l", "litre", "litres", "liter", "liters");
        Volume(KitchenMeasures.Teaspoon(cup), "tsp", "tsps", "teaspoon", "teaspoons", "teaspoonful", "teaspoonfuls");
        Volume(
            KitchenMeasures.Tablespoon(cup), "tbsp", "tbsps", "tbs", "tbl", "tablespoon", "tablespoons", "tablespoonful", "tablespoonfuls",
            "tblsp");
        Volume(KitchenMeasures.Cup(cup), "cup", "cups", "c", "cupful");
        Volume(KitchenMeasures.Pint(cup), "pint", "pints", "pt", "pts");
        Volume(2 * KitchenMeasures.Pint(cup), "quart", "quarts", "qt");
        Volume(KitchenMeasures.Splash, "splash", "splashes", "drizzle");
        Volume(0.6, "dash", "dashes");
        Volume(0.05, "drop", "drops");
        Volume(15, "glug", "dollop");
        Volume(30, "shot", "shots");
        foreach (var name in (string[])["stick", "sticks"])
            units[name] = new Amounts(0, Sticks: 1);
        return units;

        void Mass(double grams, params string[] names)
        {
            foreach (var name in names)
                units[name] = new Amounts(grams);
        }

        void Volume(double ml, params string[] names)
        {
            foreach (var name in names)
                units[name] = new Amounts(0, Ml: ml);
        }
    }
}

/// <summary>A line as far as its measure goes.</summary>
/// <param name="First">The measure.</param>
/// <param name="Second">The second one, if there is.</param>
/// <param name="Rest">What follows.</param>
internal sealed record MeasuredHead(Measure First, Measure? Second, string Rest);
