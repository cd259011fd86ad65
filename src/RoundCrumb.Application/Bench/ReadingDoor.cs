using System.Globalization;
using System.Text;
using RoundCrumb.Core.Quantities;

namespace RoundCrumb.Application.Bench;

/// <summary>What a device measures.</summary>
public enum DeviceQuantity
{
    /// <summary>What lies on a scale.</summary>
    Weight,

    /// <summary>What a probe is in.</summary>
    Temperature,
}

/// <summary>A reading as a device sends it.</summary>
/// <param name="Device">What the device is called; 1 to 40 characters.</param>
/// <param name="Quantity">What it measures.</param>
/// <param name="Value">The number that it shows.</param>
/// <param name="Unit">g, kg, oz or lb of a weight; C or F of a temperature.</param>
/// <param name="Instant">When it was read; now where it does not say.</param>
public sealed record SentReading(string? Device, DeviceQuantity? Quantity, double? Value, string? Unit, DateTimeOffset? Instant);

/// <summary>A reading that came in.</summary>
/// <param name="Device">From which device.</param>
/// <param name="Quantity">What it measures.</param>
/// <param name="Value">g or °C.</param>
/// <param name="At">When it was read; by the kitchen's clock where the device's own is far off.</param>
public sealed record LiveReading(string Device, DeviceQuantity Quantity, double Value, DateTimeOffset At);

/// <summary>
/// The one door for readings: a scale, a probe, home-made or simulated, says what it reads, and every bench sees it. What is worth
/// keeping a
/// baker holds onto a step; the rest is forgotten.
/// </summary>
public sealed class ReadingDoor(RunFeed feed, TimeProvider clock)
{
    /// <summary>The longest name of a device.</summary>
    public const int LongestDevice = 40;

    /// <summary>The most devices that are remembered.</summary>
    public const int MostDevices = 50;

    /// <summary>A device whose clock is off by more is taken to read now.</summary>
    private static readonly TimeSpan Slack = TimeSpan.FromMinutes(5);

    private readonly Dictionary<string, LiveReading> _last = new(StringComparer.Ordinal);
    private readonly Lock _lock = new();

    /// <summary>The last reading of each device, the latest first.</summary>
    public IReadOnlyList<LiveReading> Last
    {
        get
        {
            lock (_lock)
                return [.. _last.Values.OrderByDescending(r => r.At)];
        }
    }

    /// <summary>Takes a reading in.</summary>
    /// <param name="sent">As the device sends it.</param>
    /// <param name="troubles">What is wrong with it, by field, in words.</param>
    /// <returns>The reading; none where something is wrong.</returns>
    public LiveReading? Take(SentReading sent, out Dictionary<string, string[]> troubles)
    {
        troubles = new(StringComparer.Ordinal);
        if (sent.Device is not { Length: > 0 and <= LongestDevice } device || string.IsNullOrWhiteSpace(device))
            troubles["device"] = [$"A name of 1 to {LongestDevice} characters."];
        else if (!device.EnumerateRunes().All(IsSeen))
            troubles["device"] = ["A name of letters, digits and signs that can be seen, and none that turn the writing."];
        if (sent.Quantity is null)
            troubles["quantity"] = ["weight or temperature."];
        if (sent.Value is not { } value || !double.IsFinite(value))
            (value, troubles["value"]) = (0, ["A number: what the device shows. One that shows nothing sends nothing."]);
        var inUnits = sent.Quantity is { } quantity ? InKitchenUnits(quantity, value, sent.Unit) : null;
        if (sent.Quantity is not null && inUnits is null)
            troubles["unit"] = [sent.Quantity is DeviceQuantity.Weight ? "g, kg, oz or lb." : "C or F."];
        else if (inUnits is { } there && sent.Quantity is { } of && Beyond(of, there) is { } words && !troubles.ContainsKey("value"))
            troubles["value"] = [words];
        if (troubles.Count > 0)
            return null;
        var now = clock.GetUtcNow();
        var at = sent.Instant is { } said && (said - now).Duration() <= Slack ? said.ToUniversalTime() : now;
        var reading = new LiveReading(sent.Device!, sent.Quantity!.Value, inUnits!.Value, at);
        lock (_lock)
        {
            if (_last.Count >= MostDevices && !_last.ContainsKey(reading.Device))
                _last.Remove(_last.MinBy(l => l.Value.At).Key);
            _last[reading.Device] = reading;
        }

        feed.Tell(reading);
        return reading;
    }

    private static bool IsSeen(Rune rune) => Rune.GetUnicodeCategory(rune) is not (UnicodeCategory.Control or UnicodeCategory.Format
        or UnicodeCategory.LineSeparator or UnicodeCategory.ParagraphSeparator or UnicodeCategory.PrivateUse
        or UnicodeCategory.OtherNotAssigned) && rune != Rune.ReplacementChar;

    private static double? InKitchenUnits(DeviceQuantity quantity, double value, string? unit) => (quantity, unit) switch
    {
        (DeviceQuantity.Weight, "g") => value,
        (DeviceQuantity.Weight, "kg") => value * 1000,
        (DeviceQuantity.Weight, "oz") => value * KitchenMeasures.GramsPerOunce,
        (DeviceQuantity.Weight, "lb") => value * 16 * KitchenMeasures.GramsPerOunce,
        (DeviceQuantity.Temperature, "C") => value,
        (DeviceQuantity.Temperature, "F") => (value - 32) / 1.8,
        _ => null,
    };

    private static string? Beyond(DeviceQuantity quantity, double value) => quantity switch
    {
        DeviceQuantity.Weight when value is < -5_000 or > 100_000 => $"{value:0} g is on no kitchen's scale. Is the unit right?",
        DeviceQuantity.Temperature when value is < -60 or > 400 =>
            $"{value:0} °C is in no kitchen: the probe is broken, or not plugged in.",
        DeviceQuantity.Weight or DeviceQuantity.Temperature => null,
    };
}
