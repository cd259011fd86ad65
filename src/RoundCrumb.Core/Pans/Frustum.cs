using RoundCrumb.Core.Quantities;

namespace RoundCrumb.Core.Pans;

/// <summary>A round tub that widens (or not) upwards: the inside of a pan, or of a lined pan. All in mm.</summary>
/// <param name="BaseRadius">Inside radius at the bottom, 0 or more.</param>
/// <param name="TopRadius">Inside radius at the top, not less than the base.</param>
/// <param name="Depth">Straight-down depth, 0 or more.</param>
public readonly record struct Frustum(double BaseRadius, double TopRadius, double Depth)
{
    /// <summary>How many mm the radius grows for each mm of height.</summary>
    public double Slope => Depth > 0 ? (TopRadius - BaseRadius) / Depth : 0;

    /// <summary>Length along the wall from bottom to top, mm.</summary>
    public double Slant => Math.Sqrt(((TopRadius - BaseRadius) * (TopRadius - BaseRadius)) + (Depth * Depth));

    /// <summary>Radius at a height above the bottom, mm.</summary>
    public double RadiusAt(double height) => BaseRadius + (Slope * height);

    /// <summary>Volume up to the top: π ÷ 3 × depth × (R² + R r + r²).</summary>
    public Millilitres Volume => VolumeTo(Depth);

    /// <summary>Volume up to a height above the bottom (mm, 0 or more).</summary>
    public Millilitres VolumeTo(double height)
    {
        var r = RadiusAt(height);
        return new(Math.PI / 3 * height * ((r * r) + (r * BaseRadius) + (BaseRadius * BaseRadius)) / 1000);
    }

    /// <summary>The height at which a volume stands; the inverse of <see cref="VolumeTo"/>. Goes on above the top with the same slope.</summary>
    public Millimetres HeightFor(Millilitres volume)
    {
        var mm3 = volume.Value * 1000;
        var k = Slope;
        if (k < 1e-9)
            return new(BaseRadius > 0 ? mm3 / (Math.PI * BaseRadius * BaseRadius) : 0);
        return new((Math.Cbrt((3 * k * mm3 / Math.PI) + (BaseRadius * BaseRadius * BaseRadius)) - BaseRadius) / k);
    }

    /// <summary>Area of the bottom.</summary>
    public SquareMillimetres BaseArea => new(Math.PI * BaseRadius * BaseRadius);

    /// <summary>Area across the top.</summary>
    public SquareMillimetres TopArea => new(Math.PI * TopRadius * TopRadius);

    /// <summary>Area of the smooth wall: π × (R + r) × slant.</summary>
    public SquareMillimetres WallArea => new(Math.PI * (BaseRadius + TopRadius) * Slant);

    /// <summary>Length round the top.</summary>
    public Millimetres Rim => new(2 * Math.PI * TopRadius);

    /// <summary>The same tub cut off at a height.</summary>
    public Frustum UpTo(double height) => new(BaseRadius, RadiusAt(height), height);
}
