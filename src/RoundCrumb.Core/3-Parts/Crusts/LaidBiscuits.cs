using RoundCrumb.Core.Layouts;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Crusts;

/// <summary>Whole biscuits laid on a base and stood round a wall.</summary>
/// <param name="Base">Where the middle of each lies, from the middle of the pan, mm; x along its length.</param>
/// <param name="Wall">How many stand against the wall.</param>
/// <param name="Diameter">Of one, mm.</param>
/// <param name="Count">All of them.</param>
/// <param name="Gaps">Crumbs, with their fat, that fill what is between.</param>
public sealed record LaidBiscuits(IReadOnlyList<Spot> Base, int Wall, double Diameter, Worked<Number> Count, Worked<Grams> Gaps)
{
    /// <summary>How biscuits of a family lie in a pan.</summary>
    public static LaidBiscuits Of(LaidFamily family, CrustChoice choice, Pan pan)
    {
        var tub = pan.Inside;
        var d = family.Diameter.Usual;
        var thick = choice.Thickness.Value;

        // A row stands against the wall where the wall is to be covered at all; the base lies within it.
        var stands = choice.Height.Value >= d / 3;
        var half = tub.BaseHalf - (stands ? thick : 0);
        var spots = half < d / 2
            ? []
            : Layout.On(spot => Within(tub, half, d / 2, spot), half, half + tub.HalfExtra, d, tub.IsRound ? half : null);
        var wall = stands ? (int)Math.Floor(tub.RoundFor(Math.Max(0, tub.BaseHalf - (thick / 2))) / d) : 0;
        var count = new Worked<Number>(
            "laid-count", "Whole biscuits", new(spots.Count + wall),
            "as many as lie on the base side by side + as many as stand round the wall",
            Term.Given("on the base", spots.Count, Dimension.Count), Term.Given("round the wall", wall, Dimension.Count), family.Diameter);

        var one = Math.PI / 4 * d * d;
        var floor = new SquareMillimetres(Math.Max(0, tub.AreaFor(Math.Max(0, half)) - (spots.Count * one)));
        var upright = new SquareMillimetres(
            stands ? Math.Max(0, tub.UpTo(Math.Min(choice.Height.Value, d)).WallArea.Value - (wall * one)) : 0);
        var gaps = new Worked<Grams>(
            "laid-gaps", "Crumb mixture for the gaps",
            new((floor.Value + upright.Value) * thick / 1000 * CrustConstants.CrumbDensity.Usual),
            "(base left bare + wall left bare) × thickness of a biscuit × g/ml pressed",
            Term.Given("base left bare", floor), Term.Given("wall left bare", upright),
            Term.Given("thickness of a biscuit", choice.Thickness), CrustConstants.CrumbDensity);
        return new(spots, wall, d, count, gaps);
    }

    /// <summary>True where a biscuit with its middle here lies on the base whole.</summary>
    private static bool Within(Tub tub, double half, double radius, Spot spot)
    {
        const double Hair = 1e-6;
        if (tub.IsRound)
            return Math.Sqrt((spot.X * spot.X) + (spot.Y * spot.Y)) <= half - radius + Hair;
        var corner = Math.Max(0, half - tub.CornerCut - radius);
        var (x, y) = (Math.Abs(spot.X) - (half + tub.HalfExtra - radius - corner), Math.Abs(spot.Y) - (half - radius - corner));
        if (x > corner + Hair || y > corner + Hair)
            return false;
        return x <= 0 || y <= 0 || Math.Sqrt((x * x) + (y * y)) <= corner + Hair;
    }
}
