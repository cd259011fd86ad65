
namespace RoundCrumb.Core.HeatFlow;

/// <summary>
/// What conducts and holds heat in a part of a pie: shares of its mass, and the share of its volume that is air. Together the shares of
/// mass
/// are 1; what is wrong by rounding is made good when it is used.
/// </summary>
/// <param name="Water">Water, and spirit with it.</param>
/// <param name="Fat">Fat.</param>
/// <param name="Protein">Protein.</param>
/// <param name="Carbohydrate">Sugars and starch.</param>
/// <param name="Rest">Everything else, reckoned as fibre.</param>
/// <param name="Air">Air, share of the volume; 0 for what is not whipped or baked.</param>
public readonly record struct Blend(double Water, double Fat, double Protein, double Carbohydrate, double Rest, double Air = 0)
{
    /// <summary>The same to a thousandth, so that what differs in nothing that matters is one and the same.</summary>
    public Blend Rounded => new(
        Math.Round(Water, 3), Math.Round(Fat, 3), Math.Round(Protein, 3), Math.Round(Carbohydrate, 3), Math.Round(Rest, 3),
        Math.Round(Air, 3));
}

/// <summary>
/// How a matter conducts and holds heat, from −40 to 120 °C: by its composition after Choi and Okos (1986: capacity by mass,
/// conductivity and
/// density by volume), with air, and fat above a fifth, as drops in the rest (Maxwell and Eucken), and with ice below its freezing point.
/// </summary>
public sealed class Matter
{
    /// <summary>The coldest and the warmest that is reckoned with, °C.</summary>
    public const double Coldest = -40, Warmest = 120;

    private const double Every = 0.25;
    private const int Points = (int)((Warmest - Coldest) / Every) + 1;

    /// <summary>Heat that freezing gives off, J/kg of water.</summary>
    private const double Latent = 333_600;

    /// <summary>Fat above this share of the mass is reckoned as drops.</summary>
    private const double FatInDrops = 0.20;

    /// <summary>Water that a gram of protein binds, g: it does not freeze.</summary>
    private const double BoundByProtein = 0.4;

    private static readonly ResultMemo<Blend, Matter> Known = new(Made);

    private readonly double[] _enthalpy = new double[Points];
    private readonly double[] _conductivity = new double[Points];

    private Matter(double density) => Density = density;

    /// <summary>What it weighs at 20 °C, kg/m³.</summary>
    public double Density { get; }

    /// <summary>Where it begins to freeze, °C; none for what has no water to freeze.</summary>
    public double? FreezesAt { get; private init; }

    /// <summary>What a composition makes of it.</summary>
    /// <param name="blend">Shares, none below 0, more than 0 together.</param>
    /// <exception cref="ArgumentOutOfRangeException">A share is no number, is below 0, or nothing is left beside the air.</exception>
    public static Matter Of(Blend blend)
    {
        double[] shares = [blend.Water, blend.Fat, blend.Protein, blend.Carbohydrate, blend.Rest, blend.Air];
        if (Array.Exists(shares, s => !double.IsFinite(s) || s < 0) || shares[..5].Sum() <= 0 || blend.Air > 0.95)
            throw new ArgumentOutOfRangeException(nameof(blend), blend, "shares of 0 and more that are something together");
        return Known.Of(blend.Rounded);
    }

    /// <summary>A matter that does not change with its warmth: a pan's wall, or a slab to check sums with.</summary>
    /// <param name="conductivity">W/(m·K), more than 0.</param>
    /// <param name="density">kg/m³, more than 0.</param>
    /// <param name="capacity">J/(kg·K), more than 0.</param>
    public static Matter Plain(double conductivity, double density, double capacity)
    {
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(conductivity);
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(density);
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(capacity);
        var matter = new Matter(density);
        for (var i = 0; i < Points; i++)
        {
            matter._enthalpy[i] = capacity * (Coldest + (i * Every));
            matter._conductivity[i] = conductivity;
        }

        return matter;
    }

    /// <summary>The same, carrying heat so many times as well: what moves in it carries it along.</summary>
    /// <param name="times">More than 0; 1 for what is still.</param>
    public Matter Conducting(double times)
    {
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(times);
        if (times == 1)
            return this;
        var matter = new Matter(Density) { FreezesAt = FreezesAt };
        _enthalpy.CopyTo(matter._enthalpy, 0);
        for (var i = 0; i < Points; i++)
            matter._conductivity[i] = _conductivity[i] * times;
        return matter;
    }

    /// <summary>Heat in it beyond that at some fixed warmth, J/kg.</summary>
    /// <param name="celsius">°C; outside of what is reckoned with, the nearest.</param>
    public double EnthalpyAt(double celsius) => At(_enthalpy, celsius);

    /// <summary>How it conducts, W/(m·K).</summary>
    /// <param name="celsius">°C; outside of what is reckoned with, the nearest.</param>
    public double ConductivityAt(double celsius) => At(_conductivity, celsius);

    /// <summary>How much heat a degree takes there, J/(kg·K); of freezing water a great deal.</summary>
    /// <param name="celsius">°C.</param>
    public double CapacityAt(double celsius) => CapacityBetween(celsius - (Every / 2), celsius + (Every / 2));

    /// <summary>How much heat a degree takes on the way from one warmth to another, J/(kg·K).</summary>
    internal double CapacityBetween(double from, double to)
    {
        if (Math.Abs(to - from) < 1e-6)
            (from, to) = (to - (Every / 2), to + (Every / 2));
        from = Math.Clamp(from, Coldest, Warmest);
        to = Math.Clamp(to, Coldest, Warmest);
        if (Math.Abs(to - from) < 1e-6)
            from = to >= Warmest ? to - Every : to + Every;
        return (EnthalpyAt(to) - EnthalpyAt(from)) / (to - from);
    }

    private static double At(double[] table, double celsius)
    {
        var at = (Math.Clamp(celsius, Coldest, Warmest) - Coldest) / Every;
        var low = Math.Min((int)at, Points - 2);
        return table[low] + ((at - low) * (table[low + 1] - table[low]));
    }

    private static Matter Made(Blend b)
    {
        var sum = b.Water + b.Fat + b.Protein + b.Carbohydrate + b.Rest;
        var (water, fat, protein, carbs, rest) = (b.Water / sum, b.Fat / sum, b.Protein / sum, b.Carbohydrate / sum, b.Rest / sum);
        var freezable = Math.Max(0, water - (BoundByProtein * protein));

        // Sugar in the water keeps it from freezing: 1.86 K for a mole of it in a kilogram (sugars as sucrose, half of the carbohydrate).
        double? freezes = freezable > 0.02 ? -Math.Min(12, 0.4 + (1.86 * carbs * 0.5 / 0.342 / Math.Max(0.05, water))) : null;
        var volume20 = water / WaterDensity(20) + (fat / FatDensity(20)) + (protein / ProteinDensity(20)) + (carbs / CarbDensity(20))
            + (rest / FibreDensity(20));
        var matter = new Matter((1 - b.Air) / volume20) { FreezesAt = freezes };
        double before = 0;
        for (var i = 0; i < Points; i++)
        {
            var t = Coldest + (i * Every);
            var ice = freezes is { } tf && t < tf ? freezable * (1 - (tf / t)) : 0;
            var solid = fat * FatCapacity(t) + (protein * ProteinCapacity(t)) + (carbs * CarbCapacity(t)) + (rest * FibreCapacity(t));
            var sensible = solid + ((water - ice) * WaterCapacity(t)) + (ice * (2062.3 + (6.0769 * t)));
            matter._enthalpy[i] = i == 0
                ? 0
                : matter._enthalpy[i - 1] + (Every * sensible) + (Latent * (before - ice));
            before = ice;
            matter._conductivity[i] = Conductivity(t, water - ice, ice, fat, protein, carbs, rest, b.Air);
        }

        return matter;
    }

    private static double Conductivity(
        double t, double water, double ice, double fat, double protein, double carbs, double rest, double air)
    {
        Span<double> volumes =
        [
            water / WaterDensity(t), ice / (916.89 - (0.13071 * t)), protein / ProteinDensity(t), carbs / CarbDensity(t),
            rest / FibreDensity(t),
        ];
        ReadOnlySpan<double> conduct =
        [
            0.57109 + (1.7625e-3 * t) - (6.7036e-6 * t * t), 2.2196 - (6.2489e-3 * t) + (1.0154e-4 * t * t),
            0.17881 + (1.1958e-3 * t) - (2.7178e-6 * t * t), 0.20141 + (1.3874e-3 * t) - (4.3312e-6 * t * t),
            0.18331 + (1.2497e-3 * t) - (3.1683e-6 * t * t),
        ];
        var ofFat = fat / FatDensity(t);
        var fatConducts = 0.18071 - (2.7604e-4 * t) - (1.7749e-7 * t * t);
        double lean = 0, sum = 0;
        for (var i = 0; i < volumes.Length; i++)
        {
            lean += volumes[i];
            sum += volumes[i] * conduct[i];
        }

        var whole = lean <= 0 ? fatConducts
            : fat <= FatInDrops ? (sum + (ofFat * fatConducts)) / (lean + ofFat)
            : WithDrops(sum / lean, fatConducts, ofFat / (lean + ofFat));
        return WithDrops(whole, 0.025, air);
    }

    /// <summary>How a matter conducts with drops of another in it (Maxwell and Eucken).</summary>
    private static double WithDrops(double around, double drops, double share) =>
        around * (drops + (2 * around) - (2 * share * (around - drops))) / (drops + (2 * around) + (share * (around - drops)));

    private static double WaterDensity(double t) => 997.18 + (3.1439e-3 * t) - (3.7574e-3 * t * t);

    private static double FatDensity(double t) => 925.59 - (0.41757 * t);

    private static double ProteinDensity(double t) => 1329.9 - (0.5184 * t);

    private static double CarbDensity(double t) => 1599.1 - (0.31046 * t);

    private static double FibreDensity(double t) => 1311.5 - (0.36589 * t);

    private static double WaterCapacity(double t) => t < 0 ? 4176.2 : 4176.2 - (9.0864e-2 * t) + (5.4731e-3 * t * t);

    private static double FatCapacity(double t) => 1984.2 + (1.4733 * t) - (4.8008e-3 * t * t);

    private static double ProteinCapacity(double t) => 2008.2 + (1.2089 * t) - (1.3129e-3 * t * t);

    private static double CarbCapacity(double t) => 1548.8 + (1.9625 * t) - (5.9399e-3 * t * t);

    private static double FibreCapacity(double t) => 1845.9 + (1.8306 * t) - (4.6509e-3 * t * t);
}
