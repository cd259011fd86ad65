namespace RoundCrumb.Core.Layouts;

/// <summary>A place for something round: its middle, mm.</summary>
/// <param name="X">From the left, or from the middle of what it lies in.</param>
/// <param name="Y">From the top, or from the middle.</param>
public readonly record struct Spot(double X, double Y)
{
    /// <summary>How far it is from another.</summary>
    public double To(Spot other) => Math.Sqrt(((X - other.X) * (X - other.X)) + ((Y - other.Y) * (Y - other.Y)));
}

/// <summary>Round things laid side by side, never one over another. All in mm.</summary>
public static class Layout
{
    private const double Hair = 1e-6;

    /// <summary>
    /// As many as go into a rectangle, in square rows or in staggered ones, whichever takes more. Spots count from its corner.
    /// </summary>
    /// <param name="width">Of the rectangle, 0 or more.</param>
    /// <param name="height">Of the rectangle, 0 or more.</param>
    /// <param name="diameter">Of each, more than 0.</param>
    /// <param name="gap">Kept free between any two.</param>
    public static IReadOnlyList<Spot> InRectangle(double width, double height, double diameter, double gap = 0)
    {
        if (diameter > Math.Min(width, height) + Hair)
            return [];
        var square = Rows(width, height, diameter, gap, staggered: false);
        var across = Rows(width, height, diameter, gap, staggered: true);
        IReadOnlyList<Spot> along = [.. Rows(height, width, diameter, gap, staggered: true).Select(s => new Spot(s.Y, s.X))];
        return square.Count >= across.Count && square.Count >= along.Count ? square : across.Count >= along.Count ? across : along;
    }

    private static List<Spot> Rows(double width, double height, double diameter, double gap, bool staggered)
    {
        var pitch = diameter + gap;
        var down = staggered ? pitch * Math.Sqrt(3) / 2 : pitch;
        var spots = new List<Spot>();
        for (var row = 0; (row * down) + diameter <= height + Hair; row++)
        {
            var from = staggered && row % 2 == 1 ? pitch / 2 : 0;
            for (var x = from; x + diameter <= width + Hair; x += pitch)
                spots.Add(new(x + (diameter / 2), (row * down) + (diameter / 2)));
        }

        return spots;
    }

    /// <summary>
    /// As many as go onto a flat shape, found by sliding staggered and square rows under it, and for a circle by rings as
    /// well. Spots count from its middle.
    /// </summary>
    /// <param name="inside">True where a middle may lie: the shape drawn in by half a diameter.</param>
    /// <param name="halfWidth">Half the width of the shape.</param>
    /// <param name="halfLength">Half its length.</param>
    /// <param name="diameter">Of each, more than 0.</param>
    /// <param name="ringsWithin">The radius of a circle, which takes rings; none for another shape.</param>
    /// <param name="most">How many places are tried each way: more find a place for one piece more, now and then.</param>
    public static IReadOnlyList<Spot> On(
        Func<Spot, bool> inside, double halfWidth, double halfLength, double diameter, double? ringsWithin = null, int most = 6)
    {
        // With many of them the place of the first hardly changes how many there are.
        var across = Math.Sqrt(halfWidth * halfLength) / diameter;
        var slides = across > 12 ? 1 : across > 6 ? 2 : most;
        var best = ringsWithin is { } radius ? Rings(radius, diameter) : [];
        foreach (var staggered in (bool[])[true, false])
        {
            var down = staggered ? diameter * Math.Sqrt(3) / 2 : diameter;
            for (var i = 0; i < slides; i++)
            {
                for (var j = 0; j < slides; j++)
                {
                    var spots = Lattice(
                        inside, halfWidth, halfLength, diameter, down, staggered, new(diameter * i / slides, down * j / slides));
                    if (spots.Count > best.Count)
                        best = spots;
                }
            }
        }

        return best;
    }

    private static List<Spot> Lattice(
        Func<Spot, bool> inside, double halfWidth, double halfLength, double diameter, double down, bool staggered, Spot slid)
    {
        var spots = new List<Spot>();
        var rows = (int)Math.Ceiling(halfWidth / down) + 1;
        var columns = (int)Math.Ceiling(halfLength / diameter) + 1;
        for (var row = -rows; row <= rows; row++)
        {
            var half = staggered && (row & 1) != 0 ? diameter / 2 : 0;
            for (var column = -columns; column <= columns; column++)
            {
                var spot = new Spot((column * diameter) + half + slid.X, (row * down) + slid.Y);
                if (inside(spot))
                    spots.Add(spot);
            }
        }

        return spots;
    }

    /// <summary>Rings from the rim inwards, each as full as it goes.</summary>
    private static List<Spot> Rings(double radius, double diameter)
    {
        var spots = new List<Spot>();
        for (var r = radius - (diameter / 2); r >= -Hair; r -= diameter)
        {
            // Two neighbours on a ring are 2 r sin(half the angle between them) apart.
            var count = r < diameter / 2 ? 1 : (int)Math.Floor((Math.PI / Math.Asin(Math.Min(1, diameter / 2 / r))) + 1e-9);
            if (count == 1)
            {
                spots.Add(new(0, 0));
                break;
            }

            for (var i = 0; i < count; i++)
                spots.Add(new(r * Math.Cos(2 * Math.PI * i / count), r * Math.Sin(2 * Math.PI * i / count)));
        }

        return spots;
    }
}
