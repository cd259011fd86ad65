using RoundCrumb.Core.Quantities;

namespace RoundCrumb.Core.Pans;

/// <summary>
/// The inside of a pan, or of a lined pan: a tub that widens (or not) upwards by the same on every side. Its outline is a
/// rectangle with round corners; a circle is one whose corners are all there is of it. All in mm.
/// </summary>
/// <param name="BaseHalf">Half the inside width at the bottom, 0 or more: the radius of a round tub.</param>
/// <param name="TopHalf">Half the inside width at the top, not less than at the bottom.</param>
/// <param name="Depth">Straight-down depth, 0 or more.</param>
/// <param name="HalfExtra">How much more half the length is than half the width, 0 or more; 0 for round and square.</param>
/// <param name="CornerCut">How much less the corners' radius is than half the width, 0 or more; 0 for round.</param>
public readonly record struct Tub(double BaseHalf, double TopHalf, double Depth, double HalfExtra = 0, double CornerCut = 0)
{
    /// <summary>True for a circle.</summary>
    public bool IsRound => HalfExtra == 0 && CornerCut == 0;

    /// <summary>How many mm every side moves out for each mm of height.</summary>
    public double Slope => Depth > 0 ? (TopHalf - BaseHalf) / Depth : 0;

    /// <summary>Length along the wall from bottom to top, mm.</summary>
    public double Slant => Math.Sqrt(((TopHalf - BaseHalf) * (TopHalf - BaseHalf)) + (Depth * Depth));

    /// <summary>Half the width at a height above the bottom, mm: the radius of a round tub.</summary>
    public double HalfAt(double height) => BaseHalf + (Slope * height);

    /// <summary>Area of the outline where it is so wide: width × length, less what the round corners leave out.</summary>
    public double AreaFor(double half)
    {
        var corner = Math.Max(0, half - CornerCut);
        return (4 * half * (half + HalfExtra)) - ((4 - Math.PI) * corner * corner);
    }

    /// <summary>Length round the outline where it is so wide.</summary>
    public double RoundFor(double half)
    {
        var corner = Math.Max(0, half - CornerCut);
        return (4 * ((2 * half) + HalfExtra)) - ((8 - (2 * Math.PI)) * corner);
    }

    /// <summary>Volume up to the top.</summary>
    public Millilitres Volume => VolumeTo(Depth);

    /// <summary>
    /// Volume up to a height above the bottom (mm, 0 or more): height ÷ 6 × (bottom area + 4 × middle area + top area),
    /// which is exact, since the area grows with the square of the height.
    /// </summary>
    public Millilitres VolumeTo(double height) =>
        new(height / 6 * (AreaFor(BaseHalf) + (4 * AreaFor(HalfAt(height / 2))) + AreaFor(HalfAt(height))) / 1000);

    /// <summary>
    /// The height at which a volume stands; the inverse of <see cref="VolumeTo"/>. Goes on above the top with the same slope.
    /// </summary>
    public Millimetres HeightFor(Millilitres volume)
    {
        var mm3 = volume.Value * 1000;
        if (mm3 <= 0)
            return new(0);
        var bottom = AreaFor(BaseHalf);
        if (Slope < 1e-9)
            return new(bottom > 0 ? mm3 / bottom : 0);
        if (IsRound)
            return new((Math.Cbrt((3 * Slope * mm3 / Math.PI) + (BaseHalf * BaseHalf * BaseHalf)) - BaseHalf) / Slope);

        // Volume grows ever faster with height, so Newton's steps come down onto it from above and never miss.
        var height = bottom > 0 ? mm3 / bottom : Depth;
        for (var i = 0; i < 60; i++)
        {
            var step = ((VolumeTo(height).Value * 1000) - mm3) / AreaFor(HalfAt(height));
            height -= step;
            if (Math.Abs(step) < 1e-10)
                break;
        }

        return new(height);
    }

    /// <summary>Area of the bottom.</summary>
    public SquareMillimetres BaseArea => new(AreaFor(BaseHalf));

    /// <summary>Area across the top.</summary>
    public SquareMillimetres TopArea => new(AreaFor(TopHalf));

    /// <summary>Area of the smooth wall: the mean of the lengths round bottom and top × slant.</summary>
    public SquareMillimetres WallArea => new((RoundFor(BaseHalf) + RoundFor(TopHalf)) / 2 * Slant);

    /// <summary>Length round the top.</summary>
    public Millimetres Rim => new(RoundFor(TopHalf));

    /// <summary>The same tub with every side moved in or out alike, so that it holds just this much. Depth and slope stay.</summary>
    /// <param name="volume">More than 0, and not so little that the sides would meet.</param>
    public Tub Holding(Millilitres volume)
    {
        // What it holds grows with every step outwards, so halving finds the step.
        var (near, far) = (-Math.Max(0, BaseHalf - 0.5), 2 * TopHalf);
        for (var i = 0; i < 60; i++)
        {
            var middle = (near + far) / 2;
            if (Moved(middle).Volume < volume)
                near = middle;
            else
                far = middle;
        }

        return Moved((near + far) / 2);
    }

    private Tub Moved(double by) => this with { BaseHalf = BaseHalf + by, TopHalf = TopHalf + by };

    /// <summary>The same tub cut off at a height.</summary>
    public Tub UpTo(double height) => this with { TopHalf = HalfAt(height), Depth = height };
}
