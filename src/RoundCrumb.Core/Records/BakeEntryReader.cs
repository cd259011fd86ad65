using RoundCrumb.Core.BlindBaking;
using RoundCrumb.Core.Composing;
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

    /// <summary>The field of a stage's minutes.</summary>
    public static string StageField(string stage) => "min-" + stage.ToLowerInvariant();

    /// <summary>Reads an entry.</summary>
    /// <param name="field">The text of a field, null when it is missing.</param>
    /// <param name="stages">The stages that were planned.</param>
    /// <param name="units">The baker's units.</param>
    public static ReadEntry Read(Func<string, string?> field, IEnumerable<BakeStage> stages, UnitChoice units)
    {
        var troubles = new List<Trouble>();
        var minutes = new Dictionary<string, double>();
        foreach (var stage in stages)
        {
            if (Number(StageField(stage.Name), 0, 24 * 60, "Minutes from 0 to 1440.", ["", "min", "minutes", "m"]) is { } m)
                minutes[stage.Name] = m;
        }

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
        };
        return new(entry, troubles);

        T Verdict<T>(string name)
            where T : struct, Enum => Enum.TryParse<T>(field(name), ignoreCase: true, out var v) && Enum.IsDefined(v) ? v : default;

        Grams? Mass(string name)
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
            return g is < 0 or > 200_000 ? Trouble<Grams>(name, typed, "A weight from nothing to 200 kg.") : new Grams(g);
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
