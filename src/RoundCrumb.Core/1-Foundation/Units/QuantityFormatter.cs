using System.Globalization;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Units;

/// <summary>
/// Says a quantity as a baker would, in the baker's own units and with a baker's rounding: half grams below 10 g, whole
/// grams to 250 g, fives above; never 227.3 g.
/// </summary>
/// <param name="Units">The baker's units.</param>
public readonly record struct QuantityFormatter(UnitChoice Units)
{
    private const double GramsPerOunce = KitchenMeasures.GramsPerOunce;
    private static readonly double MlPerFluidOunce = KitchenMeasures.FluidOunce(CupSize.American);
    private static readonly double MlPerCup = KitchenMeasures.Cup(CupSize.American);
    private static readonly double MlPerTablespoon = KitchenMeasures.Tablespoon(CupSize.American);
    private static readonly double MlPerTeaspoon = KitchenMeasures.Teaspoon(CupSize.American);
    private const double MmPerInch = 25.4;

    /// <summary>What a recipe's heats in °F step by.</summary>
    private const double FahrenheitStep = 25;

    /// <summary>From here up a probe in °F is read to the nearest five, °C.</summary>
    private const double HotCelsius = 50;
    private static readonly string[] Eighths = ["", "⅛", "¼", "⅜", "½", "⅝", "¾", "⅞"];

    /// <summary>Any quantity.</summary>
    public string Say(Quantity q)
    {
        if (!q.IsRange)
            return One(q.Amount, q.Dimension).Replace('-', '−');
        if (q.Dimension is Dimension.Time)
            return Minutes(q.Low, q.High);
        var low = One(q.Low, q.Dimension);
        var high = One(q.High, q.Dimension);
        return low == high ? low : low + " to " + high;
    }

    /// <summary>A sentence with its quantities.</summary>
    public string Say(Phrase phrase)
    {
        if (phrase.IsEmpty)
            return "";
        if (phrase.Amounts is not { Length: > 0 } amounts)
            return phrase.Template;
        var self = this;
        return string.Format(CultureInfo.InvariantCulture, phrase.Template, Array.ConvertAll(amounts, a => (object)self.Say(a)));
    }

    /// <summary>A quantity as it stands in a sentence.</summary>
    public string Say(PhraseArgument said) =>
        said.Ingredient is { } ingredient ? Weigh(new Grams(said.Quantity.Amount), ingredient) : Say(said.Quantity);

    /// <summary>A mass of an ingredient. In cups the ingredient's own density decides; below 5 g a spoon is named as well.</summary>
    public string Weigh(Grams mass, Ingredient ingredient)
    {
        var ml = mass.Value / ingredient.BulkDensity;
        if (Units.Mass is MassUnit.Cups)
            return CupsAndSpoons(ml);
        var said = Mass(mass.Value);
        return mass.Value is > 0 and < 5 ? $"{said} ({Spoon(ml)})" : said;
    }

    /// <summary>
    /// Pieces of something that is counted, to the quarter and above ten to the piece, such as "5 yolks", "about 4 whites" or
    /// "2½ × 200 g packs".
    /// </summary>
    /// <param name="count">How many; 0 or more.</param>
    /// <param name="piece">The word for one, and for more.</param>
    public static string Pieces(double count, (string One, string Many) piece)
    {
        var (one, many) = piece;
        var quarters = Math.Round(count * 4) / 4;
        var near = Math.Abs(count - Math.Round(count)) < 0.02 || (count > 10 && Math.Abs(quarters - count) >= 0.02)
            ? Math.Round(count)
            : quarters;
        var about = Math.Abs(near - count) < 0.02 ? "" : "about ";
        var times = char.IsAsciiDigit(many[0]) ? " × " : " ";
        return near is 0 && count > 0.02
            ? $"less than ¼{times}{one}"
            : $"{about}{Mixed(near, 8)}{times}{(near is > 0 and <= 1 ? one : many)}";
    }

    /// <summary>A number of pies as a counter says it, to the quarter: 9¼.</summary>
    /// <param name="pies">How many; 0 or more.</param>
    public static string Quarters(double pies) => pies < 0.125 ? "0" : Mixed(Math.Round(pies * 4) / 4, 8);

    private string One(double amount, Dimension dimension)
    {
        var said = Say(Math.Abs(amount) < 1e-6 ? 0 : amount, dimension);

        // What rounds to nothing from below has no sign.
        return said.StartsWith("-0 ", StringComparison.Ordinal) || said is "-0" ? said[1..] : said;
    }

    private string Say(double amount, Dimension dimension) => dimension switch
    {
        Dimension.Mass => Mass(amount),
        Dimension.Volume => Volume(amount),
        Dimension.Length => Length(amount),
        Dimension.Area => Area(amount),
        Dimension.OvenHeat => Oven(amount),
        Dimension.OvenDial => Dial(amount),
        Dimension.Warmth => Warmth(amount),
        Dimension.OvenReading => Reading(amount),
        Dimension.HeatDifference => Units.Oven is OvenUnit.Fahrenheit ? Invariant($"{amount * 9 / 5:0} °F") : Invariant($"{amount:0} °C"),
        Dimension.Time => Minutes(amount, amount),
        Dimension.Share => Percent(amount),
        Dimension.Count => Plain(amount),
        Dimension.Factor => Invariant($"× {amount:0.###}"),
        Dimension.GramsPerMl => Invariant($"{amount:0.##} g/ml"),
        Dimension.MlPerGram => Invariant($"{amount:0.##} ml/g"),
        Dimension.Money => Money(amount),
        Dimension.Energy => Invariant($"{amount:0.0#} kWh"),
        _ => Plain(amount),
    };

    /// <summary>Money: pence below a pound, pounds and pence from there.</summary>
    public static string Money(double pounds) =>
        Math.Abs(pounds) < 0.995 ? Invariant($"{Math.Round(pounds * 100, 1):0.#}p") : Invariant($"£{pounds:#,0.00}");

    private string Mass(double g)
    {
        if (Units.Mass is MassUnit.Grams)
            return Math.Abs(g) >= 10000 ? Invariant($"{g / 1000:0.0} kg") : Invariant($"{RoundGrams(g):#,0.#} g");
        var oz = g / GramsPerOunce;
        if (Math.Abs(oz) < 16)
        {
            // Scales in ounces step by a tenth at best; an eighth is what is spoken.
            return Math.Abs(oz) < 0.5 ? Invariant($"{oz:0.00} oz") : Mixed(Math.Round(oz * 8) / 8, 8) + " oz";
        }

        var quarter = Math.Round(oz * 4) / 4;
        var lb = Math.Truncate(quarter / 16);
        var rest = Math.Abs(quarter - (lb * 16));
        return rest == 0 ? Invariant($"{lb:#,0} lb") : Invariant($"{lb:#,0} lb ") + Mixed(rest, 8) + " oz";
    }

    private static double RoundGrams(double g) => Math.Abs(g) switch
    {
        < 10 => Math.Round(g * 2) / 2,
        <= 250 => Math.Round(g),
        _ => Math.Round(g / 5) * 5,
    };

    private string Volume(double ml) => Units.Mass switch
    {
        MassUnit.Grams =>
            Math.Abs(ml) >= 10000
                ? Invariant($"{ml / 1000:0.0} l")
                : Invariant($"{(Math.Abs(ml) > 250 ? Math.Round(ml / 5) * 5 : Math.Round(ml)):#,0} ml"),
        MassUnit.Ounces => Mixed(Math.Round(ml / MlPerFluidOunce * 4) / 4, 8) + " fl oz",
        _ => CupsAndSpoons(ml),
    };

    /// <summary>Cups in quarters and thirds, then spoons; never "0.37 cup".</summary>
    private static string CupsAndSpoons(double ml)
    {
        if (ml < 0)
            return "−" + CupsAndSpoons(-ml);
        if (ml < 3.75 * MlPerTablespoon)
            return Spoon(ml);
        var cups = ml / MlPerCup;
        var whole = Math.Floor(cups + 0.02);
        var rest = cups - whole;
        (double Value, string Sign)[] parts = [(0, ""), (0.25, "¼"), (1 / 3.0, "⅓"), (0.5, "½"), (2 / 3.0, "⅔"), (0.75, "¾")];
        var part = parts.Where(p => p.Value <= rest + 0.02).Last();
        var spoons = Math.Round((rest - part.Value) * MlPerCup / MlPerTablespoon);

        // Four spoons are a quarter of a cup.
        if (spoons > 3)
            (whole, part, spoons) = part.Value == 0.75 ? (whole + 1, parts[0], 0) : (whole, parts[1], 0);
        var said = whole == 0 && part.Value == 0
            ? ""
            : (whole > 0 ? Invariant($"{whole:#,0}") : "") + part.Sign + (whole + part.Value > 1 ? " cups" : " cup");
        return spoons < 1 ? said : said + (said.Length > 0 ? " + " : "") + Invariant($"{spoons:0} tbsp");
    }

    private static string Spoon(double ml)
    {
        if (ml >= 0.9 * MlPerTablespoon)
            return Mixed(Math.Round(ml / MlPerTablespoon * 2) / 2, 8) + " tbsp";
        var tsp = ml / MlPerTeaspoon;
        return tsp < 0.1 ? "a pinch" : Mixed(Math.Max(0.125, tsp < 0.5 ? Math.Round(tsp * 8) / 8 : Math.Round(tsp * 4) / 4), 8) + " tsp";
    }

    private string Length(double mm)
    {
        if (Units.Length is LengthUnit.Inches)
        {
            var inches = mm / MmPerInch;
            return Math.Abs(inches) < 1 ? Sixteenths(inches) + " in" : Mixed(Math.Round(inches * 8) / 8, 8) + " in";
        }

        return Math.Abs(mm) < 100
            ? Invariant($"{(Math.Abs(mm) < 20 ? Math.Round(mm * 2) / 2 : Math.Round(mm)):0.#} mm")
            : Invariant($"{mm / 10:0.#} cm");
    }

    private string Area(double mm2) => Units.Length is LengthUnit.Inches
        ? Invariant($"{mm2 / (MmPerInch * MmPerInch):0.#} sq in")
        : Invariant($"{mm2 / 100:#,0} cm²");

    /// <summary>How warm food is: in °F to the degree, from 50 °C up to the nearest five, as a probe is read.</summary>
    private string Warmth(double c)
    {
        if (Units.Oven is not OvenUnit.Fahrenheit)
            return Invariant($"{Math.Round(c):0} °C");
        var f = (c * 9 / 5) + 32;
        return Invariant($"{(c < HotCelsius ? Math.Round(f) : Math.Round(f / 5) * 5):0} °F");
    }

    /// <summary>A recipe's heat as ovens are set: in °F by twenty-fives, so that 220 °C is 425 and 180 is 350.</summary>
    private string Oven(double c) => Units.Oven switch
    {
        OvenUnit.Fahrenheit => Invariant($"{Math.Round(OvenScale.ToFahrenheit(new(c)) / FahrenheitStep) * FahrenheitStep:0} °F"),
        OvenUnit.Fan => Invariant($"{Math.Round((c - OvenScale.FanAllowance) / 5) * 5:0} °C fan"),
        OvenUnit.Gas => c < 125 ? "gas ½" : Invariant($"gas {OvenScale.ToGas(new(c))}"),
        _ => Invariant($"{Math.Round(c / 5) * 5:0} °C"),
    };

    /// <summary>A dial is set to fives; its own fan is no business of the units.</summary>
    private string Dial(double c) => Units.Oven switch
    {
        OvenUnit.Fahrenheit => Invariant($"{Math.Round(OvenScale.ToFahrenheit(new(c)) / 5) * 5:0} °F"),
        OvenUnit.Gas => c < 125 ? "gas ½" : Invariant($"gas {OvenScale.ToGas(new(c))}"),
        _ => Invariant($"{Math.Round(c / 5) * 5:0} °C"),
    };

    private string Reading(double c) => Units.Oven switch
    {
        OvenUnit.Fahrenheit => Invariant($"{OvenScale.ToFahrenheit(new(c)):0} °F"),
        OvenUnit.Fan => Invariant($"{c - OvenScale.FanAllowance:0} °C fan"),
        _ => Invariant($"{c:0} °C"),
    };

    private static string Minutes(double low, double high)
    {
        if (high >= 36 * 60)
            return Math.Round(low) == Math.Round(high)
                ? Days(high)
                : low >= 36 * 60 ? Invariant($"{low / 1440:0.#}–{high / 1440:0.#} days")
                : $"{Clock(low)} to {Days(high)}";
        if (Math.Round(low) == Math.Round(high))
            return Clock(high);
        if (high < 90)
            return Spoken(low) == Spoken(high) ? Clock(high) : Invariant($"{Spoken(low):0}–{Spoken(high):0} min");
        return low % 60 == 0 && high % 60 == 0 ? Invariant($"{low / 60:0}–{high / 60:0} h") : $"{Clock(low)} to {Clock(high)}";
    }

    /// <summary>Minutes as they are spoken of: each one to three quarters of an hour, fives from there.</summary>
    private static double Spoken(double minutes) => minutes < 45
        ? Math.Round(minutes, MidpointRounding.AwayFromZero)
        : Math.Round(minutes / 5, MidpointRounding.AwayFromZero) * 5;

    private static string Days(double minutes) => Invariant($"{minutes / 1440:0.#} days");

    private static string Clock(double minutes)
    {
        var m = Spoken(minutes);
        if (m < 90)
            return Invariant($"{m:0} min");
        return m % 60 == 0 ? Invariant($"{m / 60:0} h") : Invariant($"{Math.Floor(m / 60):0} h {m % 60:00}");
    }

    private static string Percent(double share) =>
        Math.Abs(share) < 0.01 ? Invariant($"{share * 100:0.##} %") : Invariant($"{share * 100:0.#} %");

    private static string Plain(double value) => Math.Abs(value) >= 1000 ? Invariant($"{value:#,0}") : Invariant($"{value:0.##}");

    private static string Sixteenths(double inches)
    {
        var n = (int)Math.Round(Math.Abs(inches) * 16);
        var sign = inches < 0 && n > 0 ? "−" : "";
        if (n % 2 == 0)
            return n == 16 ? sign + "1" : n == 0 ? "0" : sign + Eighths[n / 2];
        return sign + Invariant($"{n}/16");
    }

    /// <summary>A number in whole and eighths.</summary>
    private static string Mixed(double value, int parts)
    {
        var n = (long)Math.Round(Math.Abs(value) * parts);
        var whole = n / parts;
        var sign = value < 0 && n > 0 ? "−" : "";
        var fraction = Eighths[n % parts];
        return sign + (whole == 0 && fraction.Length > 0 ? fraction : Invariant($"{whole:#,0}") + fraction);
    }

    private static string Invariant(FormattableString text) => FormattableString.Invariant(text);
}
