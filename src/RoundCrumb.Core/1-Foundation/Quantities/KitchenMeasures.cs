namespace RoundCrumb.Core.Quantities;

/// <summary>Which cup, spoon and pint a recipe means.</summary>
public enum CupSize
{
    /// <summary>American: cup 236.6 ml, tablespoon 14.79, fluid ounce 29.57, pint 473.</summary>
    American,

    /// <summary>Metric, as in Australia and modern British books: cup 250 ml, tablespoon 15, fluid ounce 28.41, pint 568.</summary>
    Metric,

    /// <summary>Imperial: cup of half a pint, 284 ml; spoons as metric.</summary>
    Imperial,
}

/// <summary>Which egg a recipe means, by what is inside the shell.</summary>
public enum EggSize
{
    /// <summary>American large, on the European border of medium and large.</summary>
    Large,

    /// <summary>Small.</summary>
    Small,

    /// <summary>Medium.</summary>
    Medium,

    /// <summary>Extra large.</summary>
    ExtraLarge,
}

/// <summary>The units bakers measure with, in ml and grams. Legal definitions, but for the pinch and its like.</summary>
public static class KitchenMeasures
{
    /// <summary>One avoirdupois ounce, g; by definition.</summary>
    public const double GramsPerOunce = 28.349523125;

    /// <summary>One avoirdupois pound, g; by definition.</summary>
    public const double GramsPerPound = 453.59237;

    /// <summary>One American stick of butter, g; a quarter of a pound.</summary>
    public const double GramsPerStick = 113.4;

    /// <summary>One imperial fluid ounce, ml; by definition.</summary>
    public const double MlPerImperialFluidOunce = 28.4130625;

    /// <summary>A pinch, grams: what two fingers and a thumb take.</summary>
    public const double Pinch = 0.3;

    /// <summary>A splash, ml.</summary>
    public const double Splash = 5;

    /// <summary>A level teaspoon, ml.</summary>
    public static double Teaspoon(CupSize cup) => cup is CupSize.American ? 4.929 : 5;

    /// <summary>A level tablespoon, ml.</summary>
    public static double Tablespoon(CupSize cup) => cup is CupSize.American ? 14.787 : 15;

    /// <summary>A cup, ml.</summary>
    public static double Cup(CupSize cup) => cup switch
    {
        CupSize.American => 236.6,
        CupSize.Metric => 250,
        _ => 10 * MlPerImperialFluidOunce,
    };

    /// <summary>A fluid ounce, ml.</summary>
    public static double FluidOunce(CupSize cup) => cup is CupSize.American ? 29.57 : MlPerImperialFluidOunce;

    /// <summary>A pint, ml.</summary>
    public static double Pint(CupSize cup) => cup is CupSize.American ? 473.2 : 20 * MlPerImperialFluidOunce;

    /// <summary>Grams of an egg, or of its yolk or white, without its shell. Yolk and white make the whole.</summary>
    public static double Egg(EggPart part, EggSize size)
    {
        var (yolk, white) = size switch
        {
            EggSize.Small => (15.0, 25.0),
            EggSize.Medium => (16.5, 28.5),
            EggSize.Large => (18.0, 32.0),
            _ => (20.0, 37.0),
        };
        return part switch { EggPart.Yolk => yolk, EggPart.White => white, _ => yolk + white };
    }
}
