using System.Globalization;
using RoundCrumb.Core.HeatFlow;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Units;
using RoundCrumb.Data.Kitchens;

namespace RoundCrumb.Web.Features.Kitchens;

/// <summary>A form of the kitchen as it was sent: its fields read in the baker's units, and what is wrong with them.</summary>
/// <param name="shown">The baker's units.</param>
public sealed class EquipmentForm(QuantityFormatter shown)
{
    /// <summary>The longest name of an oven or a cold place, characters.</summary>
    public const int LongestName = 60;

    private const double LeastShelf = 150;
    private const double MostShelf = 1500;
    private readonly Dictionary<string, string> _typed = new(StringComparer.Ordinal);

    /// <summary>What could not be used, by field.</summary>
    public Dictionary<string, string> Troubles { get; } = new(StringComparer.Ordinal);

    /// <summary>Which form it is; empty where none was sent.</summary>
    public string Name => this["form"];

    /// <summary>The version that it was filled in over.</summary>
    public int Version => int.TryParse(this["version"], out var version) ? version : 0;

    /// <summary>What was typed into a field; empty where nothing was.</summary>
    public string this[string field] => _typed.GetValueOrDefault(field, "");

    private bool Fahrenheit => shown.Units.Oven is OvenUnit.Fahrenheit;

    /// <summary>True for a field that was sent.</summary>
    public bool Has(string field) => _typed.ContainsKey(field);

    /// <summary>Takes what was sent.</summary>
    public void Take(IFormCollection sent)
    {
        foreach (var field in sent)
            _typed[field.Key] = field.Value.ToString().Trim();
    }

    /// <summary>The form of a new one of the same kind, where the one that it was for is gone: what was typed stays.</summary>
    public void BecomeNew() => _typed["form"] = Name.Split('-')[0];

    /// <summary>An oven; of use where there are no troubles.</summary>
    public Oven Oven()
    {
        var (name, width, depth, shelves) = (Named(), Length("width"), Length("depth"), Whole("shelves", 1, 12, "shelves"));
        var warm = this["warm"].Length == 0 ? (int)OvenConstants.WarmUp.Usual : Whole("warm", 0, 120, "minutes");
        if (!BakersNumber.TryRead(this["hot"].Length == 0 ? "0" : this["hot"], out var hot, out var unit) || !IsDegrees(unit)
                || Math.Abs(Difference(hot)) > 60)
            Troubles["hot"] = $"How much hotter than its dial says: {shown.Say(new Quantity(-60, Dimension.HeatDifference))} to "
                + $"{shown.Say(new Quantity(60, Dimension.HeatDifference))}.";
        return new("", name, width, depth, shelves, this["fan"].Length > 0, Math.Round(Difference(hot), 1)) { WarmUp = warm };

        double Difference(double typed) => Fahrenheit ? typed * 5 / 9 : typed;
    }

    /// <summary>A cold place; of use where there are no troubles.</summary>
    public ColdPlace Cold()
    {
        var (name, places, widest) = (Named(), Whole("places", 1, 200, "pies"), Length("widest"));
        var kind = this["freezer"].Length > 0 ? ColdKind.Freezer : ColdKind.Fridge;
        Cooler? cooler = kind is ColdKind.Fridge && Enum.TryParse<Cooler>(this["cooler"], out var said) && Enum.IsDefined(said)
            ? said
            : null;
        if (kind is ColdKind.Freezer && this["reads"].Length > 0)
            Troubles["reads"] = "Only a fridge’s temperature is used. Leave this empty for a freezer.";
        return new("", name, kind, places, widest) { Cooler = cooler, Reads = kind is ColdKind.Fridge ? Air() : null };
    }

    /// <summary>How cold a fridge is inside; none where nobody has said.</summary>
    private double? Air()
    {
        if (this["reads"].Length == 0)
            return null;
        var (least, most) = Fahrenheit ? (23, 59) : (-5, 15);
        if (!BakersNumber.TryRead(this["reads"], out var value, out var unit) || !IsDegrees(unit) || value < least || value > most)
            Troubles["reads"] = $"What a thermometer in it reads, between {least} and {most} {(Fahrenheit ? "°F" : "°C")}, or nothing.";
        return Math.Round(Fahrenheit ? (value - 32) * 5 / 9 : value, 1);
    }

    /// <summary>A baker's name and week, Monday first; of use where there are no troubles.</summary>
    public (string Name, Hours?[] Week) Baker()
    {
        var name = Named();
        if (name.Length > KitchenBaker.LongestName)
            Troubles["name"] = $"{KitchenBaker.LongestName} characters at most.";
        var week = new Hours?[7];
        for (var d = 0; d < 7; d++)
        {
            if (!Hours.TryRead(this[$"day{d}"], out week[d]))
                Troubles[$"day{d}"] = "From and to, such as 06:00–15:00; to comes after from.";
        }

        return (name, week);
    }

    /// <summary>How many burners and machines there are; of use where there are no troubles.</summary>
    public (int Burners, int Mixers, int Processors) Tools() =>
        (Whole("burners", 1, 20, "burners"), Whole("mixers", 1, 10, "mixers"), Whole("processors", 0, 10, "processors"));

    /// <summary>The burners and machines that it was filled in over; none of any where it does not say.</summary>
    public (int Burners, int Mixers, int Processors) ToolsSeen() =>
        this["seen"].Split('/') is [var b, var m, var p] && int.TryParse(b, out var burners) && int.TryParse(m, out var mixers)
            && int.TryParse(p, out var processors)
            ? (burners, mixers, processors)
            : (-1, -1, -1);

    /// <summary>How warm the room is; of use where there are no troubles.</summary>
    public RoomCelsius Room()
    {
        var (least, most) = Fahrenheit ? (32, 120) : (0, 50);
        if (!BakersNumber.TryRead(this["room"], out var value, out var unit) || !IsDegrees(unit) || value < least || value > most)
            Troubles["room"] = $"Between {least} and {most} {(Fahrenheit ? "°F" : "°C")}.";
        return new(Math.Round(Fahrenheit ? (value - 32) * 5 / 9 : value, 1));
    }

    /// <summary>How warm the room was said to be when the form was opened; colder than any room where it does not say.</summary>
    public RoomCelsius RoomSeen() =>
        new(
            double.TryParse(this["seen"], NumberStyles.Float, CultureInfo.InvariantCulture, out var was) && double.IsFinite(was)
                ? was
                : -273);

    /// <summary>The time zone; empty for the computer's own. Of use where there are no troubles.</summary>
    public string Zone()
    {
        var zone = this["zone"];
        if (zone.Length > 0 && !TimeZoneInfo.TryFindSystemTimeZoneById(zone, out _))
            Troubles["zone"] =
                "No time zone has that name. They go by continent and town: Europe/London, America/Chicago, Australia/Sydney.";
        return zone;
    }

    private static bool IsDegrees(string unit) => unit is "" or "°" or "°c" or "c" or "°f" or "f";

    private string Named()
    {
        var name = this["name"];
        if (name.Length is 0 or > LongestName || name.Any(char.IsControl))
            Troubles["name"] = $"Give it a name, {LongestName} characters at most.";
        return name;
    }

    private Millimetres Length(string field)
    {
        double? factor = null;
        if (BakersNumber.TryRead(this[field], out var value, out var unit))
            factor = unit switch
            {
                "" => shown.Units.Length is LengthUnit.Inches ? 25.4 : 1,
                "mm" => 1,
                "cm" => 10,
                "in" or "\"" or "″" or "inch" or "inches" => 25.4,
                _ => null
            };
        var mm = new Millimetres(value * (factor ?? 0));
        if (factor is null || mm.Value < LeastShelf || mm.Value > MostShelf)
            Troubles[field] = $"Between {shown.Say(new Millimetres(LeastShelf).AsQuantity())} and "
                + $"{shown.Say(new Millimetres(MostShelf).AsQuantity())}.";
        return mm;
    }

    private int Whole(string field, int least, int most, string what)
    {
        if (!int.TryParse(this[field], out var value) || value < least || value > most)
            Troubles[field] = $"A whole number of {what} from {least} to {most}.";
        return value;
    }
}
