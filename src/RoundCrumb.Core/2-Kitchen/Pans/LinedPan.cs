using RoundCrumb.Core.Quantities;

namespace RoundCrumb.Core.Pans;

/// <summary>
/// The room left inside a lined pan. A lining of some thickness lies on the base and stands against the wall up to a
/// height; above that height the filling meets the bare pan. All in mm.
/// </summary>
public sealed class LinedPan
{
    private readonly Tub _within;
    private readonly Tub _above;

    /// <param name="pan">The bare inside.</param>
    /// <param name="baseThickness">Lining on the base, 0 or more and less than the depth.</param>
    /// <param name="wallThickness">Lining measured square to the wall.</param>
    /// <param name="liningHeight">How far up the lining stands, measured from the pan's bottom.</param>
    public LinedPan(Tub pan, double baseThickness, double wallThickness, double liningHeight)
    {
        Bare = pan;
        BaseThickness = baseThickness;
        LiningHeight = Math.Clamp(liningHeight, baseThickness, pan.Depth);

        // The lining is measured square to the wall; across the pan it takes slant ÷ depth as much.
        WallAcross = pan.Depth > 0 ? wallThickness * pan.Slant / pan.Depth : wallThickness;
        var bottom = Math.Max(0, pan.HalfAt(baseThickness) - WallAcross);
        var lining = Math.Max(0, pan.HalfAt(LiningHeight) - WallAcross);
        _within = pan with { BaseHalf = bottom, TopHalf = lining, Depth = LiningHeight - baseThickness };
        _above = pan with { BaseHalf = pan.HalfAt(LiningHeight), Depth = pan.Depth - LiningHeight };
    }

    /// <summary>The pan without its lining.</summary>
    public Tub Bare { get; }

    /// <summary>Lining on the base.</summary>
    public double BaseThickness { get; }

    /// <summary>How far the lining stands up the wall, from the pan's bottom.</summary>
    public double LiningHeight { get; }

    /// <summary>Lining on the wall, measured straight across the pan.</summary>
    public double WallAcross { get; }

    /// <summary>The part of the room that has lining round it.</summary>
    public Tub Within => _within;

    /// <summary>Depth from the top of the lined base to the brim.</summary>
    public Millimetres Depth => new(Bare.Depth - BaseThickness);

    /// <summary>Room to the brim.</summary>
    public Millilitres Volume => _within.Volume + _above.Volume;

    /// <summary>Half the width of the surface at a height above the lined base: the radius of a round one.</summary>
    public double HalfAt(double height) =>
        height <= _within.Depth && _within.Depth > 0 ? _within.HalfAt(height) : _above.HalfAt(height - _within.Depth);

    /// <summary>Surface of a filling that stands this deep.</summary>
    public SquareMillimetres SurfaceAt(double height) => new(Bare.AreaFor(HalfAt(height)));

    /// <summary>Volume of a filling that stands this deep above the lined base.</summary>
    public Millilitres VolumeTo(double height) => height <= _within.Depth
        ? _within.VolumeTo(Math.Max(0, height))
        : _within.Volume + _above.VolumeTo(height - _within.Depth);

    /// <summary>How deep a volume stands; the inverse of <see cref="VolumeTo"/>. Above the brim it goes on as if the wall did.</summary>
    public Millimetres DepthFor(Millilitres volume) => volume <= _within.Volume
        ? _within.HeightFor(volume)
        : new Millimetres(_within.Depth) + _above.HeightFor(volume - _within.Volume);
}
