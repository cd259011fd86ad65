namespace RoundCrumb.Core.Units;

/// <summary>How masses are shown.</summary>
public enum MassUnit
{
    /// <summary>Grams and kilograms.</summary>
    Grams,

    /// <summary>Ounces and pounds.</summary>
    Ounces,

    /// <summary>Cups and spoons where a thing is measured so, grams otherwise.</summary>
    Cups,
}

/// <summary>How ovens are spoken of.</summary>
public enum OvenUnit
{
    /// <summary>Degrees Celsius.</summary>
    Celsius,

    /// <summary>Degrees Fahrenheit.</summary>
    Fahrenheit,

    /// <summary>Degrees Celsius of an oven with a fan: 20 lower.</summary>
    Fan,

    /// <summary>Gas marks.</summary>
    Gas,
}

/// <summary>How lengths are shown.</summary>
public enum LengthUnit
{
    /// <summary>Centimetres; millimetres where it is little.</summary>
    Centimetres,

    /// <summary>Inches.</summary>
    Inches,
}

/// <summary>A baker's own units.</summary>
/// <param name="Mass">Grams, ounces, or cups and spoons.</param>
/// <param name="Oven">°C, °F, fan °C or gas mark.</param>
/// <param name="Length">Centimetres or inches.</param>
public readonly record struct UnitChoice(MassUnit Mass, OvenUnit Oven, LengthUnit Length)
{
    /// <summary>Grams, degrees Celsius and centimetres.</summary>
    public static readonly UnitChoice Usual = new(MassUnit.Grams, OvenUnit.Celsius, LengthUnit.Centimetres);
}
