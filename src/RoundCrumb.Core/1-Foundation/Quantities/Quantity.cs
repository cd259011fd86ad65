namespace RoundCrumb.Core.Quantities;

/// <summary>What a number measures. It decides how the number is shown in a baker's own units.</summary>
public enum Dimension
{
    /// <summary>Mass, held in grams.</summary>
    Mass,

    /// <summary>Volume, held in millilitres.</summary>
    Volume,

    /// <summary>Length, held in millimetres.</summary>
    Length,

    /// <summary>Area, held in square millimetres.</summary>
    Area,

    /// <summary>What an oven is set to, held in °C of a conventional oven.</summary>
    OvenHeat,

    /// <summary>What one oven's own dial is turned to, held as °C on that dial; its fan and error are reckoned in already.</summary>
    OvenDial,

    /// <summary>How warm food or a room is, held in °C. Never a fan or gas figure.</summary>
    Warmth,

    /// <summary>What a thermometer in the oven read, held as °C of a conventional oven; shown to the degree.</summary>
    OvenReading,

    /// <summary>How far two heats lie apart, in °C.</summary>
    HeatDifference,

    /// <summary>Time, held in minutes.</summary>
    Time,

    /// <summary>A share of a whole, held as a fraction (0.06 is 6 %).</summary>
    Share,

    /// <summary>How many: yolks, pies, packs.</summary>
    Count,

    /// <summary>A plain multiplier.</summary>
    Factor,

    /// <summary>Grams in a millilitre (a cup measure, a pressed crumb, a dough).</summary>
    GramsPerMl,

    /// <summary>Millilitres that one gram takes up inside a mixture.</summary>
    MlPerGram,

    /// <summary>Money, held in pounds.</summary>
    Money,

    /// <summary>Energy, held in kilowatt-hours.</summary>
    Energy,
}

/// <summary>A number with what it measures. Low and High differ from Amount only for a range.</summary>
/// <param name="Amount">The number in the unit its dimension is held in.</param>
/// <param name="Dimension">What it measures.</param>
/// <param name="Low">The low end of a range; the amount itself where there is none.</param>
/// <param name="High">The high end of a range; the amount itself where there is none.</param>
public readonly record struct Quantity(double Amount, Dimension Dimension, double Low, double High)
{
    /// <summary>A single figure, no range.</summary>
    public Quantity(double amount, Dimension dimension)
        : this(amount, dimension, amount, amount)
    {
    }

    /// <summary>True when the low and high ends differ.</summary>
    public bool IsRange => High - Low > 1e-9;
}

/// <summary>A typed unit that can be shown.</summary>
public interface IQuantity
{
    /// <summary>The number with what it measures.</summary>
    Quantity AsQuantity();
}
