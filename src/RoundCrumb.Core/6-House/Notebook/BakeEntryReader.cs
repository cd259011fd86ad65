using System.Globalization;
using RoundCrumb.Core.BlindBaking;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Units;

namespace RoundCrumb.Core.Records;

/// <summary>An entry as read, and what in it could not be.</summary>
/// <param name="Entry">What could be read.</param>
/// <param name="Troubles">What could not; empty when all was well.</param>
public sealed record ReadEntry(BakeEntry Entry, IReadOnlyList<Trouble> Troubles);

/// <summary>Reads what a baker wrote down after a bake, in the baker's own units.</summary>
public static class BakeEntryReader
{
    /// <summary>The field for what the dial was turned to.</summary>
    public const string OvenSet = "oven-set";

    /// <summary>The field for what a thermometer in the oven said.</summary>
    public const string OvenRead = "oven-read";

    /// <summary>The field for what came out of the pot, by weight.</summary>
    public const string FromPot = "from-pot";

    /// <summary>The field for what was left over, by weight.</summary>
    public const string LeftOver = "left-over";

    /// <summary>The field for how the base was.</summary>
    public const string Base = "base";

    /// <summary>The field for how the filling had set.</summary>
    public const string Set = "set";

    /// <summary>The field for how the top was.</summary>
    public const string Top = "top";

    /// <summary>The field for notes.</summary>
    public const string Notes = "notes";

    /// <summary>The longest note that is kept, characters.</summary>
    public const int LongestNotes = 4000;

    /// <summary>The field for how long the oven took to be hot.</summary>
    public const string WarmUp = "warm-up";

    /// <summary>The field for how much the shell shrank.</summary>
    public const string Shrank = "shrank";

    /// <summary>The field for hours from filling to the first cut.</summary>
    public const string Stood = "stood";

    /// <summary>The field for how it tasted, in words.</summary>
    public const string Taste = "taste";

    /// <summary>The field for how many were sold.</summary>
    public const string Sold = "sold";

    /// <summary>The field for how many were left and kept.</summary>
    public const string Unsold = "unsold";

    /// <summary>The field for how many were thrown away.</summary>
    public const string Thrown = "thrown";

    /// <summary>The field for who made it.</summary>
    public const string Baker = "baker";

    /// <summary>The field for what was new with it.</summary>
    public const string New = "new";

    /// <summary>The longest words for what was new, characters: they stand beside a mark on a chart.</summary>
    public const int LongestNew = 40;

    /// <summary>The longest words of taste that are kept, characters.</summary>
    public const int LongestTaste = 400;

    /// <summary>The field of a stage's minutes.</summary>
    public static string StageField(StageKind stage) => "min-" + stage.Name.ToLowerInvariant();

    /// <summary>The field of a small scale of taste.</summary>
    public static string TasteField(TasteScale scale) => "taste-" + scale.Name;

    /// <summary>The field of something weighed.</summary>
    public static string WeighedField(Weighable what) => $"w-{what.Key.Kind}-{what.Key.Of}".ToLowerInvariant();

    private static Dictionary<TasteScale, int> TastesOf(Func<string, string?> field)
    {
        var tastes = new Dictionary<TasteScale, int>();
        foreach (var scale in Enum.GetValues<TasteScale>())
        {
            if (int.TryParse(field(TasteField(scale)), CultureInfo.InvariantCulture, out var step) && step is >= -2 and <= 2)
                tastes[scale] = step;
        }

        return tastes;
    }

    /// <summary>Reads an entry.</summary>
    /// <param name="field">The text of a field, null when it is missing.</param>
    /// <param name="pie">The pie as it was planned.</param>
    /// <param name="units">The baker's units.</param>
    public static ReadEntry Read(Func<string, string?> field, Assessment pie, UnitChoice units)
    {
        var troubles = new List<Trouble>();
        var minutes = new Dictionary<StageKind, double>();
        foreach (var stage in Weighable.StagesOf(pie))
        {
            if (Number(StageField(stage.Kind), 0, 24 * 60, "Minutes from 0 to 1440.", ["", "min", "minutes", "m"]) is { } m)
                minutes[stage.Kind] = m;
        }

        var taste = (field(Taste) ?? "").Trim();
        if (taste.Length > LongestTaste)
            troubles.Add(new(Taste, taste, $"That is {taste.Length} characters; {LongestTaste} can be kept. Put the rest in the notes."));

        var somethingNew = (field(New) ?? "").Trim();
        if (somethingNew.Length > LongestNew)
            troubles.Add(new(New, somethingNew, $"That is {somethingNew.Length} characters; {LongestNew} stand beside a mark."));

        var notes = (field(Notes) ?? "").Trim();
        if (notes.Length > LongestNotes)
            troubles.Add(
                new(
                    Notes, notes,
                    $"That is {notes.Length} characters; {LongestNotes} can be kept. Shorten it a little: nothing is lost yet."));
        var entry = new BakeEntry
        {
            OvenSet = Oven(OvenSet, dial: true),
            OvenRead = Oven(OvenRead, dial: false),
            StageMinutes = minutes,
            FromPot = Mass(FromPot),
            LeftOver = Mass(LeftOver),
            Base = Verdict<BaseVerdict>(Base),
            Set = Verdict<SetVerdict>(Set),
            Top = Verdict<TopVerdict>(Top),
            Notes = notes,
            WarmUp = Number(WarmUp, 1, 180, "Minutes from 1 to 180.", ["", "min", "minutes", "m"]),
            Shrank = Shrunk(),
            Stood = Number(Stood, 0, 240, "Hours from 0 to 240.", ["", "h", "hours"]),
            Weighed = Weights(),
            Tastes = TastesOf(field),
            TasteWords = taste,
            SomethingNew = somethingNew,
            Sold = Pies(Sold),
            Unsold = Pies(Unsold),
            ThrownAway = Pies(Thrown),
            Baker = (field(Baker) ?? "").Trim() is { Length: <= 40 } who ? who : "",
        };
        if ((entry.Sold ?? 0) + (entry.Unsold ?? 0) + (entry.ThrownAway ?? 0) is var told && told > pie.Pies + 0.01)
        {
            troubles.Add(new(
                Sold, field(Sold) ?? "",
                FormattableString.Invariant($"Sold, left and thrown away come to {told:0.##}, and {pie.Pies} were made.")));
        }

        return new(entry, troubles);

        Dictionary<CorrectionKey, double> Weights()
        {
            var weighed = new Dictionary<CorrectionKey, double>();
            foreach (var what in Weighable.Of(pie))
            {
                var most = what.Book.Amount * 5;
                var got = what.Book.Dimension is Dimension.Mass
                    ? Mass(WeighedField(what), most)?.Value
                    : Number(WeighedField(what), 0, most, FormattableString.Invariant($"From 0 to {most:0.#} times."), ["", "x", "×"]);
                if (got is > 0)
                    weighed[what.Key] = got.Value;
            }

            return weighed;
        }

        double? Pies(string name) => Number(name, 0, 2000, "How many pies, from 0; half a pie is 0.5.", ["", "pies", "pie"]);

        Millimetres? Shrunk()
        {
            if (!Written(Shrank, out var typed))
                return null;
            if (!BakersNumber.TryRead(typed, out var value, out var unit) || unit is not ("" or "mm" or "cm" or "in"))
                return Trouble<Millimetres>(Shrank, typed, "That isn’t a length I can read; try 3 or 3 mm.");
            var mm = value * (unit switch { "cm" => 10, "in" => 25.4, "mm" => 1, _ => units.Length is LengthUnit.Inches ? 25.4 : 1 });
            return mm is < 0 or > 60 ? Trouble<Millimetres>(Shrank, typed, "From nothing to 60 mm.") : new Millimetres(mm);
        }

        T Verdict<T>(string name)
            where T : struct, Enum => Enum.TryParse<T>(field(name), ignoreCase: true, out var v) && Enum.IsDefined(v) ? v : default;

        Grams? Mass(string name, double most = 200_000)
        {
            var per = units.Mass is MassUnit.Grams ? 1 : KitchenMeasures.GramsPerOunce;
            if (!Written(name, out var typed))
                return null;
            if (!BakersNumber.TryRead(typed, out var value, out var unit) || unit is not ("" or "g" or "kg" or "oz" or "lb"))
                return Trouble<Grams>(name, typed, "That isn’t a weight I can read; try 640, 640 g or 22 oz.");
            var g = value
                * unit switch
                {
                    "g" => 1,
                    "kg" => 1000,
                    "oz" => KitchenMeasures.GramsPerOunce,
                    "lb" => KitchenMeasures.GramsPerPound,
                    _ => per
                };
            return g >= 0 && g <= most
                ? new Grams(g)
                : Trouble<Grams>(
                    name, typed,
                    most >= 1000 ? "A weight from nothing to 200 kg."
                        : FormattableString.Invariant($"A weight from nothing to {most:0} g."));
        }

        OvenCelsius? Oven(string name, bool dial)
        {
            if (!Written(name, out var typed))
                return null;
            var text = typed.Trim();
            var gas = text.StartsWith("gas", StringComparison.OrdinalIgnoreCase);
            if (gas)
                text = text[3..].TrimStart(' ', 'm', 'a', 'r', 'k');
            if (!BakersNumber.TryRead(text, out var value, out var unit))
                return Trouble<OvenCelsius>(name, typed, "That isn’t an oven heat I can read; try 220, 425 F or gas 6.");
            if (gas || (dial && unit.Length == 0 && units.Oven is OvenUnit.Gas && value <= 9))
                return OvenScale.FromGas(value) ?? Trouble<OvenCelsius>(name, typed, "Gas marks go from 1 to 8.");
            double? celsius = unit.Replace("°", "", StringComparison.Ordinal).Trim() switch
            {
                "" when units.Oven is OvenUnit.Fahrenheit => OvenScale.FromFahrenheit(value).Value,
                "f" => OvenScale.FromFahrenheit(value).Value,
                "" or "c" when units.Oven is OvenUnit.Fan => OvenScale.FromFan(value).Value,
                "c fan" or "fan" => OvenScale.FromFan(value).Value,
                "" or "c" => value,
                _ => null,
            };
            return celsius is >= 30 and <= 400
                ? new OvenCelsius(celsius.Value)
                : Trouble<OvenCelsius>(name, typed, "An oven is between 30 and 400 °C (90 and 750 °F).");
        }

        double? Number(string name, double least, double most, string limits, string[] allowed)
        {
            if (!Written(name, out var typed))
                return null;
            if (!BakersNumber.TryRead(typed, out var value, out var unit) || !allowed.Contains(unit))
                return Trouble<double>(name, typed, "That isn’t a number I can read; try 17 or 17.5. " + limits);
            return value < least || value > most ? Trouble<double>(name, typed, limits) : value;
        }

        bool Written(string name, out string typed)
        {
            typed = field(name) ?? "";
            return !string.IsNullOrWhiteSpace(typed);
        }

        T? Trouble<T>(string name, string typed, string message)
            where T : struct
        {
            troubles.Add(new(name, typed, message));
            return null;
        }
    }
}
