using RoundCrumb.Core.Composing;
using RoundCrumb.Core.HeatFlow;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Cooling;

/// <summary>What readings say of a place: how many times as well as its kind it takes heat.</summary>
/// <param name="Times">1 as the book; where something is wrong, what came out nevertheless, or 1.</param>
/// <param name="Trouble">Why they cannot be believed; nothing where they can.</param>
public readonly record struct HeatFit(double Times, Phrase Trouble)
{
    /// <summary>While this share of its lead over the air is left, it has hardly cooled.</summary>
    private const double HardlyCooled = 0.9;

    /// <summary>With less than this of its lead left, a degree's error says anything.</summary>
    private const double AsColdAsTheAir = 0.03;

    /// <summary>True where they can be believed.</summary>
    public bool IsSound => Trouble.IsEmpty;

    /// <summary>From a cup of water that was read twice.</summary>
    /// <param name="cup">The cup.</param>
    /// <param name="place">Where it stands, covered.</param>
    /// <param name="first">The first reading, °C.</param>
    /// <param name="second">The second, °C.</param>
    /// <param name="minutes">Between the two, more than 0.</param>
    public static HeatFit OfCup(CupOfWater cup, HeatTaker place, double first, double second, double minutes)
    {
        if (Wrong(place.Air, first, second) is { IsEmpty: false } trouble)
            return new(1, trouble);
        var times = Math.Log((first - place.Air) / (second - place.Air)) / (cup.Rate(place.Transfer) * minutes);
        return new(times, Doubtful(times, place.Name));
    }

    /// <summary>From a thermometer in the middle of a pie.</summary>
    /// <param name="pie">The pie.</param>
    /// <param name="place">The cold place it cools in.</param>
    /// <param name="together">How many of it side by side, 1 or more.</param>
    /// <param name="readings">One at least, each later than 0.</param>
    /// <returns>None where the pie does not cool, or nothing is known of the place.</returns>
    public static HeatFit? OfPie(Assessment pie, ColdPlace place, int together, IReadOnlyList<ProbeReading> readings)
    {
        if (pie.CoolingIn(place with { Heat = PlaceHeat.Book }, together) is not { } cooling || readings.Count == 0)
            return null;
        var book = pie.CurveOf(cooling);
        foreach (var reading in readings)
        {
            if (reading.Minutes <= cooling.RackMinutes && cooling.RackMinutes > 0)
                return new(1, new($"It still stands on the rack then: read it once it is in {place.Name}."));
            if (Wrong(place.Air, book.Points[0].Hottest, reading.Celsius) is { IsEmpty: false } trouble)
                return new(1, trouble);
        }

        double Off(double times)
        {
            var curve = pie.CurveOf(pie.CoolingIn(place with { Heat = new(times, 1) }, together)!);
            return readings.Sum(r => curve.At(r.Minutes) - r.Celsius);
        }

        // The better it takes heat, the colder the middle is at every minute: halved in logarithms.
        var (low, high) = (Math.Log(PlaceHeat.Least / 2), Math.Log(PlaceHeat.Most * 2));
        for (var turn = 0; turn < 14; turn++)
        {
            var middle = (low + high) / 2;
            (low, high) = Off(Math.Exp(middle)) > 0 ? (middle, high) : (low, middle);
        }

        var found = Math.Exp((low + high) / 2);
        return new(found, Doubtful(found, place.Name));
    }

    /// <summary>What several together say: each counts alike, in logarithms.</summary>
    /// <param name="times">What each of them said; those that cannot be believed are not among them.</param>
    public static PlaceHeat Together(IReadOnlyCollection<double> times) => times.Count == 0
        ? PlaceHeat.Book
        : new(Math.Exp(times.Average(t => Math.Log(Math.Clamp(t, PlaceHeat.Least, PlaceHeat.Most)))), times.Count);

    private static Phrase Wrong(double air, double first, double second)
    {
        Quantity W(double celsius) => new(celsius, Dimension.Warmth);
        if (first <= air + 5)
            return new("It was {0} at first, and the air there is {1}: begin with something warmer.", W(first), W(air));
        if (second >= first)
            return new("It has to be colder than {0}, where it began.", W(first));
        var left = (second - air) / (first - air);
        return left <= AsColdAsTheAir
            ? new("It is as cold as the air there is said to be ({0}): read it earlier, or say in Kitchen how cold the air is.", W(air))
            : left > HardlyCooled ? new("It has hardly cooled: read it again later.")
            : Phrase.None;
    }

    private static Phrase Doubtful(double times, string name) => times is >= PlaceHeat.Least and <= PlaceHeat.Most
        ? Phrase.None
        : new(
            $"By this, {name} would take heat {{0}} times as well as others of its kind. Something else was measured: look at the minutes, "
                + "the degrees, and how cold the air is said to be.",
            new Quantity(times, Dimension.Factor));
}
