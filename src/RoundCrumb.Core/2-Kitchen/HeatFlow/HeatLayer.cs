namespace RoundCrumb.Core.HeatFlow;

/// <summary>A layer of a pie, from below up: wall, crust, what lies beneath, filling.</summary>
/// <param name="Matter">What it is of.</param>
/// <param name="Thickness">mm, more than 0.</param>
/// <param name="Start">How warm it is at first, °C.</param>
/// <param name="IsFilling">True where its middle is what is waited for.</param>
public readonly record struct HeatLayer(Matter Matter, double Thickness, double Start, bool IsFilling = false);

/// <summary>How well air, or a bath, takes heat from what stands in it, W/(m²·K).</summary>
/// <param name="Above">From the surface.</param>
/// <param name="Below">From under the pan.</param>
/// <param name="Aside">From round the wall.</param>
public readonly record struct HeatTransfer(double Above, double Below, double Aside)
{
    /// <summary>So many times each.</summary>
    public static HeatTransfer operator *(HeatTransfer a, double factor) => new(a.Above * factor, a.Below * factor, a.Aside * factor);
}

/// <summary>A while in one place.</summary>
/// <param name="Minutes">How long, more than 0.</param>
/// <param name="Air">How warm it is there, °C.</param>
/// <param name="Transfer">How well heat is taken.</param>
/// <param name="Wet">The share of what could evaporate from the surface that does: 0 covered, 0.05 to 0.2 bare.</param>
public readonly record struct HeatStage(double Minutes, double Air, HeatTransfer Transfer, double Wet = 0);

/// <summary>How a pie stands against the air round it.</summary>
/// <param name="Radius">Half its width, mm; of a long pan that of the round one that cools alike; 0 for one without end.</param>
/// <param name="Wall">What is between filling and air at the side, m²·K/W.</param>
public readonly record struct HeatSide(double Radius, double Wall)
{
    /// <summary>Half the width of the round thing whose side takes and gives heat like that of a rectangle.</summary>
    /// <param name="half">Half of one side, mm, more than 0.</param>
    /// <param name="other">Half of the other, mm, more than 0.</param>
    /// <remarks>The slowest mode of the one beside that of the other: (π / 2a)² + (π / 2b)² = (2.405 / R)².</remarks>
    public static double RoundLike(double half, double other) =>
        2.405 / (Math.PI / 2 * Math.Sqrt((1 / half / half) + (1 / other / other)));
}

/// <summary>How warm a pie is at one moment.</summary>
/// <param name="Minutes">From the start.</param>
/// <param name="Hottest">The warmest of the filling, °C.</param>
/// <param name="Coldest">The coldest of the filling, °C.</param>
/// <param name="Surface">The surface, °C.</param>
/// <param name="Air">The air there, °C.</param>
public readonly record struct HeatPoint(double Minutes, double Hottest, double Coldest, double Surface, double Air)
{
    /// <summary>Heat that left it since the start, J for each m² of its surface.</summary>
    public double Left { get; init; }
}
