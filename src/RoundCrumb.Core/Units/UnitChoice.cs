namespace RoundCrumb.Core.Units;

/// <summary>How masses are shown.</summary>
public enum MassUnit
{
    Grams,
    Ounces,
    Cups,
}

/// <summary>How ovens are spoken of.</summary>
public enum OvenUnit
{
    Celsius,
    Fahrenheit,
    Fan,
    Gas,
}

/// <summary>How lengths are shown.</summary>
public enum LengthUnit
{
    Centimetres,
    Inches,
}

/// <summary>A baker's own units.</summary>
/// <param name="Mass">Grams, ounces, or cups and spoons.</param>
/// <param name="Oven">°C, °F, fan °C or gas mark.</param>
/// <param name="Length">Centimetres or inches.</param>
public readonly record struct UnitChoice(MassUnit Mass, OvenUnit Oven, LengthUnit Length)
{
    public static readonly UnitChoice Usual = new(MassUnit.Grams, OvenUnit.Celsius, LengthUnit.Centimetres);
}
