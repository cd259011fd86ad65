using RoundCrumb.Core.Layouts;
using RoundCrumb.Core.Pans;

namespace RoundCrumb.Core.Arranging;

/// <summary>How things lie on a pie, seen from above.</summary>
public enum Pattern
{
    /// <summary>Spread evenly over everything; nothing is placed.</summary>
    Spread,

    /// <summary>Rings from the rim inwards, each piece pointing at the middle; rows in a tin with sides.</summary>
    Rings,

    /// <summary>One line that winds inwards.</summary>
    Spiral,

    /// <summary>A crescent along one side.</summary>
    HalfMoon,

    /// <summary>The whole surface, all turned alike.</summary>
    Cover,

    /// <summary>One row along the rim.</summary>
    Rim,

    /// <summary>Piped lines, crossing.</summary>
    Lattice,

    /// <summary>Piped shells in one row along the rim, each over the tail of the one before.</summary>
    Shells,
}

/// <summary>One thing on the pie.</summary>
/// <param name="X">Its middle from the middle of the pie, mm, to the right.</param>
/// <param name="Y">The same, downwards.</param>
/// <param name="Turn">How far it is turned from pointing to the right, in radians.</param>
/// <param name="Ring">Which ring or row, the outermost 0.</param>
public readonly record struct PlacedPiece(double X, double Y, double Turn, int Ring);

/// <summary>One piped line.</summary>
public readonly record struct Line(double X1, double Y1, double X2, double Y2)
{
    /// <summary>How long it is, mm.</summary>
    public double Length => Math.Sqrt(((X2 - X1) * (X2 - X1)) + ((Y2 - Y1) * (Y2 - Y1)));
}

/// <summary>What is laid out: an ellipse.</summary>
/// <param name="Length">The axis that points at the middle, mm, more than 0.</param>
/// <param name="Width">The axis along the rim, mm, more than 0; more than the other only for shells.</param>
/// <param name="Overlap">How much of length and width may lie over a neighbour, 0 to 0.6: pieces drawn in by so much never meet.</param>
public readonly record struct Footprint(double Length, double Width, double Overlap)
{
    /// <summary>The most that pieces may overlap.</summary>
    public const double Most = 0.6;

    internal double A => Length / 2;

    internal double B => Width / 2;

    internal double InnerA => A * (1 - Overlap);

    internal double InnerB => B * (1 - Overlap);
}

/// <summary>Where everything lies. A piece never leaves the surface, nor covers more of its neighbour than was asked.</summary>
/// <param name="Pieces">From the outside in.</param>
/// <param name="Lines">Piped lines, for a lattice.</param>
public sealed record Arrangement(IReadOnlyList<PlacedPiece> Pieces, IReadOnlyList<Line> Lines)
{
    private const double Hair = 1e-9;

    /// <summary>Nothing laid out.</summary>
    public static readonly Arrangement None = new([], []);

    /// <summary>How many lie on each ring or row, the outermost first.</summary>
    public IReadOnlyList<int> PerRing => [.. Pieces.GroupBy(p => p.Ring).OrderBy(g => g.Key).Select(g => g.Count())];

    /// <summary>All piped lines end to end, mm.</summary>
    public double LineLength => Lines.Sum(l => l.Length);

    /// <summary>Lays pieces out.</summary>
    /// <param name="pattern">How; a lattice is for lines and lays none.</param>
    /// <param name="surface">What they lie on; its width counts at <paramref name="half"/>.</param>
    /// <param name="half">Half the width of the surface, mm.</param>
    /// <param name="piece">What is laid.</param>
    public static Arrangement Of(Pattern pattern, Tub surface, double half, Footprint piece)
    {
        if (Math.Max(piece.Length, piece.Width) > (2 * half) + Hair)
            return None;
        return new(
            pattern switch
            {
                Pattern.Rings => surface.IsRound ? Rings(half, piece) : Rows(surface, half, piece),
                Pattern.Spiral => surface.IsRound ? Spiral(half, piece) : Rows(surface, half, piece),
                Pattern.HalfMoon => surface.IsRound ? HalfMoon(half, piece) : [.. Rows(surface, half, piece).Where(p => p.X <= 0)],
                Pattern.Rim or Pattern.Shells =>
                    surface.IsRound ? [.. Rings(half, piece).Where(p => p.Ring == 0)] : Border(surface, half, piece),
                Pattern.Cover => Cover(surface, half, piece),
                Pattern.Spread or Pattern.Lattice => [],
            },
            []);
    }

    /// <summary>Lines piped across and across again, at right angles, as far apart from middle to middle as is said.</summary>
    /// <param name="surface">What they lie on.</param>
    /// <param name="half">Half its width, mm.</param>
    /// <param name="wide">How wide a line is, mm.</param>
    /// <param name="apart">From middle to middle, mm, not less than a line is wide.</param>
    public static Arrangement Lattice(Tub surface, double half, double wide, double apart)
    {
        var lines = new List<Line>();
        var reach = half - (wide / 2);
        if (reach <= 0)
            return None;
        var along = surface.IsRound ? reach : reach + surface.HalfExtra;
        foreach (var slant in (double[])[1, -1])
        {
            // A line through (t, 0), at 45°, within a circle or a rectangle.
            var most = surface.IsRound ? reach : (along + reach) / Math.Sqrt(2);
            var count = (int)Math.Floor(most / apart);
            for (var k = -count; k <= count; k++)
            {
                if (Chord(surface, reach, along, k * apart, slant) is { } line && line.Length > wide)
                    lines.Add(line);
            }
        }

        return new([], lines);
    }

    private static Line? Chord(Tub surface, double reach, double along, double off, double slant)
    {
        var s = 1 / Math.Sqrt(2);
        var (dx, dy) = (s, slant * s);
        var (ox, oy) = (-dy * off, dx * off);
        if (surface.IsRound)
        {
            var h = Math.Sqrt(Math.Max(0, (reach * reach) - (off * off)));
            return new(ox - (dx * h), oy - (dy * h), ox + (dx * h), oy + (dy * h));
        }

        // Cut to the rectangle, side by side.
        var (from, to) = (double.NegativeInfinity, double.PositiveInfinity);
        foreach (var (o, d, limit) in new[] { (ox, dx, along), (oy, dy, reach) })
        {
            var (a, b) = ((-limit - o) / d, (limit - o) / d);
            (from, to) = (Math.Max(from, Math.Min(a, b)), Math.Min(to, Math.Max(a, b)));
        }

        return to <= from ? null : new(ox + (dx * from), oy + (dy * from), ox + (dx * to), oy + (dy * to));
    }

    /// <summary>
    /// The half angle of the narrowest wedge from the middle that holds a piece, drawn in by its overlap, with its middle r
    /// away: tan = b ÷ √(r² − a²), where the two sides of the wedge touch the ellipse.
    /// </summary>
    private static double Wedge(double r, double a, double b) => r <= a + Hair ? Math.PI / 2 : Math.Atan(b / Math.Sqrt((r * r) - (a * a)));

    /// <summary>How far out the middle of a piece can lie with all of it within the rim.</summary>
    private static double Outermost(double half, Footprint piece)
    {
        var (a2, b2) = (piece.A * piece.A, piece.B * piece.B);

        // A piece that is wider along the rim than towards the middle meets it with its shoulders, not with its end.
        return b2 - a2 <= piece.A * (half - piece.A) ? half - piece.A : Math.Sqrt(Math.Max(0, ((half * half / b2) - 1) * (b2 - a2)));
    }

    private static List<PlacedPiece> Rings(double half, Footprint piece)
    {
        var placed = new List<PlacedPiece>();
        var free = half;
        for (var ring = 0; ; ring++)
        {
            // The outermost lies whole within the rim; those further in only touch their neighbours.
            var r = ring == 0 ? Outermost(half, piece) : free - piece.InnerA;
            if (r < piece.InnerA - Hair || r <= Hair)
            {
                if (free >= piece.InnerA - Hair && piece.A <= half + Hair)
                    placed.Add(new(0, 0, 0, ring));
                return placed;
            }

            var count = (int)Math.Floor((Math.PI / Wedge(r, piece.InnerA, piece.InnerB)) + 1e-9);
            Round(placed, r, count, ring);
            free = r - piece.InnerA;
        }
    }

    private static void Round(List<PlacedPiece> placed, double r, int count, int ring)
    {
        // Every other ring is turned by half a step, so that joints don't line up.
        var turned = ring % 2 == 1 ? Math.PI / count : 0;
        for (var i = 0; i < count; i++)
        {
            var at = (2 * Math.PI * i / count) + turned - (Math.PI / 2);
            placed.Add(new(r * Math.Cos(at), r * Math.Sin(at), at, ring));
        }
    }

    private static List<PlacedPiece> Spiral(double half, Footprint piece)
    {
        var placed = new List<PlacedPiece>();
        var (a, b) = (piece.InnerA, piece.InnerB);
        var (r, at) = (half - piece.A, 0.0);
        while (r > a + Hair)
        {
            placed.Add(
                new(r * Math.Cos(at - (Math.PI / 2)), r * Math.Sin(at - (Math.PI / 2)), at - (Math.PI / 2), (int)(at / (2 * Math.PI))));

            // One turn on, the line lies a piece further in, and as much more as a step is short of a turn.
            var inner = 2 * Wedge(Math.Max(a + Hair, r - (2 * a)), a, b);
            var turn = 2 * a / Math.Max(0.2, 1 - (inner / (2 * Math.PI)));
            var step = 2 * Wedge(r, a, b);
            for (var again = 0; again < 3; again++)
                step = Wedge(r, a, b) + Wedge(Math.Max(a + Hair, r - (turn * step / (2 * Math.PI))), a, b);
            at += step;
            r -= turn * step / (2 * Math.PI);
        }

        return placed;
    }

    private static List<PlacedPiece> HalfMoon(double half, Footprint piece)
    {
        var placed = new List<PlacedPiece>();
        var free = half;
        for (var ring = 0; ring < 3; ring++)
        {
            var r = ring == 0 ? half - piece.A : free - piece.InnerA;
            if (r <= Math.Max(piece.InnerA, half / 4))
                break;

            // Each row within spans a third less of the round: together they make a crescent.
            var wedge = Wedge(r, piece.InnerA, piece.InnerB);
            var span = Math.PI * (1 - (ring * 0.3));
            var count = Math.Max(1, (int)Math.Floor((span / (2 * wedge)) + Hair));
            for (var i = 0; i < count; i++)
            {
                var at = Math.PI + ((i - ((count - 1) / 2.0)) * 2 * wedge);
                placed.Add(new(r * Math.Cos(at), r * Math.Sin(at), at, ring));
            }

            free = r - piece.InnerA;
        }

        return placed;
    }

    private static List<PlacedPiece> Rows(Tub surface, double half, Footprint piece)
    {
        var placed = new List<PlacedPiece>();
        var long1 = half + surface.HalfExtra;
        var (pitchX, pitchY) = (piece.Width * (1 - piece.Overlap), piece.Length * (1 - piece.Overlap));
        var across = (int)Math.Floor((((2 * long1) - piece.Width) / pitchX) + Hair) + 1;
        var rows = (int)Math.Floor((((2 * half) - piece.Length) / pitchY) + Hair) + 1;
        for (var row = 0; row < rows; row++)
        {
            for (var i = 0; i < across; i++)
            {
                var spot = new PlacedPiece((i - ((across - 1) / 2.0)) * pitchX, (row - ((rows - 1) / 2.0)) * pitchY, Math.PI / 2, row);
                if (Inside(surface, half, piece, spot))
                    placed.Add(spot);
            }
        }

        return placed;
    }

    private static List<PlacedPiece> Border(Tub surface, double half, Footprint piece)
    {
        var placed = new List<PlacedPiece>();
        var reach = Math.Max(piece.A, piece.B);
        var (w, h) = (half + surface.HalfExtra - reach, half - reach);
        var pitch = 2 * reach * (1 - piece.Overlap);
        foreach (var (length, turn) in new[] { (2 * w, 0.0), (2 * h, Math.PI / 2), (2 * w, Math.PI), (2 * h, 3 * Math.PI / 2) })
        {
            // Along each side from corner to corner, the corner itself with the side that begins there.
            var count = Math.Max(1, (int)Math.Floor((length / pitch) + Hair));
            for (var i = 0; i < count; i++)
            {
                var t = -(length / 2) + (length * i / count);
                var (x, y) = turn switch { 0 => (t, -h), Math.PI / 2 => (w, t), Math.PI => (-t, h), _ => (-w, -t) };
                var spot = new PlacedPiece(x, y, turn + (Math.PI / 2), 0);

                // On a narrow surface the sides come too near to each other for two rows.
                if (Inside(surface, half, piece, spot)
                    && placed.TrueForAll(p => new Spot(p.X, p.Y).To(new(spot.X, spot.Y)) >= pitch - 1e-6))
                    placed.Add(spot);
            }
        }

        return placed;
    }

    private static List<PlacedPiece> Cover(Tub surface, double half, Footprint piece)
    {
        // Drawn out so that the piece is a circle, the surface is packed with circles; drawn back, all lie alike.
        var stretch = piece.Width / piece.Length;
        var pitch = piece.Width * (1 - piece.Overlap);
        var round = surface.IsRound && Math.Abs(piece.Length - piece.Width) < 1e-6;
        PlacedPiece Back(Spot s) => new(s.X, s.Y / stretch, Math.PI / 2, 0);
        var spots = Layout.On(
            s => Inside(surface, half, piece, Back(s)), Math.Max(1, half * stretch), half + surface.HalfExtra, pitch,
            round ? half - piece.B + (pitch / 2) : null, most: 2);
        return [.. spots.Select(Back).OrderBy(p => p.Y).ThenBy(p => p.X)];
    }

    /// <summary>True when the whole piece lies on the surface.</summary>
    public static bool Inside(Tub surface, double half, Footprint piece, PlacedPiece spot)
    {
        var (cos, sin) = (Math.Cos(spot.Turn), Math.Sin(spot.Turn));
        if (surface.IsRound && piece.Length - piece.Width < 1e-6)
            return Math.Sqrt((spot.X * spot.X) + (spot.Y * spot.Y)) + piece.A <= half + 1e-6;
        for (var i = 0; i < 24; i++)
        {
            var t = 2 * Math.PI * i / 24;
            var (u, v) = (piece.A * Math.Cos(t), piece.B * Math.Sin(t));
            var (x, y) = (Math.Abs(spot.X + (u * cos) - (v * sin)), Math.Abs(spot.Y + (u * sin) + (v * cos)));
            if (surface.IsRound)
            {
                if (Math.Sqrt((x * x) + (y * y)) > half + 1e-6)
                    return false;
                continue;
            }

            var corner = Math.Max(0, half - surface.CornerCut);
            var (dx, dy) = (x - (half + surface.HalfExtra - corner), y - (half - corner));
            if (dx > corner + 1e-6 || dy > corner + 1e-6 || (dx > 0 && dy > 0 && Math.Sqrt((dx * dx) + (dy * dy)) > corner + 1e-6))
                return false;
        }

        return true;
    }
}
