using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using RoundCrumb.Core.Arranging;
using RoundCrumb.Core.Pans;

namespace RoundCrumb.Core.Tests.Arranging;

public class ArrangementTests
{
    private static readonly Tub Round = new(100, 100, 30);
    private static readonly Tub Oblong = new(52, 55, 25, HalfExtra: 120, CornerCut: 49);

    [Fact]
    public void A_ring_of_raspberries_by_hand()
    {
        // 20 mm raspberries on a surface 200 mm across: middles 90 mm out. From the middle each fills ± atan(10 ÷ √(90² − 10²)) =
        // ± atan(0.1118) = ± 6.38°, so 360 ÷ 12.76 = 28.2: 28 on the first ring. The next ones lie 70, 50, 30 and 10 mm out:
        // 21.9, 15.6, 9.2 and 2: 21, 15, 9, 2, and none in the middle, where the last two touch.
        var rings = Arrangement.Of(Pattern.Rings, Round, 100, new(20, 20, 0));
        rings.PerRing.ShouldBe([28, 21, 15, 9, 2]);
        Arrangement.Of(Pattern.Rim, Round, 100, new(20, 20, 0)).Pieces.Count.ShouldBe(28);
    }

    [Fact]
    public void Overlapping_halves_by_hand()
    {
        // Halves 32 × 25 mm, a fifth over one another: drawn in they are 25.6 × 20. Outermost middles at 100 − 16 = 84;
        // ± atan(10 ÷ √(84² − 12.8²)) = ± 6.87°: 26.2. Within it 84 − 25.6 = 58.4: ± 9.95°, 18.1; then 32.8: ± 18.3°, 9.8;
        // then 7.2, less than half a piece from the middle, where one lies alone: 32.8 − 12.8 = 20 mm are free round it.
        Arrangement.Of(Pattern.Rings, Round, 100, new(32, 25, 0.2)).PerRing.ShouldBe([26, 18, 9, 1]);
    }

    [Fact]
    public void Rows_in_an_oblong_tin_by_hand()
    {
        // 350 × 110 mm, pieces 40 × 20 side by side: (350 − 20) ÷ 20 = 16.5, so 17 in a row; (110 − 40) ÷ 40 = 1.75: 2 rows.
        // With corners of 6 mm none is cut off.
        Arrangement.Of(Pattern.Rings, Oblong, 55, new(40, 20, 0)).PerRing.ShouldBe([17, 17]);
    }

    [Fact]
    public void A_lattice_by_hand()
    {
        // A nozzle of 10 mm in a surface of 200: lines reach 95 mm, 30 apart: 95 ÷ 30 = 3.2, so 7 each way, 14 in all.
        // Half chords √(95² − 0, 30², 60², 90²) = 95, 90.1, 73.7, 30.4: one way 2 × (95 + 2 × (90.1 + 73.7 + 30.4)) = 966.8 mm.
        var lattice = Arrangement.Lattice(Round, 100, 10, 30);
        lattice.Lines.Count.ShouldBe(14);
        lattice.LineLength.ShouldBe(2 * 966.8, 0.5);
    }

    [Fact]
    public void A_piece_larger_than_the_surface_is_not_laid() =>
        Enum.GetValues<Pattern>().ShouldAllBe(p => Arrangement.Of(p, Round, 30, new(92, 62, 0)).Pieces.Count == 0);

    [Fact]
    public void One_that_just_fits_is() => Arrangement.Of(Pattern.Rings, Round, 46, new(92, 62, 0)).Pieces.ShouldHaveSingleItem();

    [Fact]
    public void More_overlap_never_takes_fewer() =>
        Enumerable.Range(0, 12).Select(i => Arrangement.Of(Pattern.Rings, Round, 100, new(40, 24, i * 0.05)).Pieces.Count)
            .ShouldBeInOrder();

    [Property(MaxTest = 400)]
    public Property Pieces_stay_on_the_surface_and_cover_no_more_of_a_neighbour_than_was_asked() => Prop.ForAll(Arb.From(Laid), laid =>
    {
        var (pattern, tub, half, piece) = laid;
        var pieces = Arrangement.Of(pattern, tub, half, piece).Pieces;
        foreach (var one in pieces)
        {
            if (!Arrangement.Inside(tub, half + 0.01, piece, one))
                Assert.Fail($"{pattern} {piece} on {half}: {one}");
        }

        for (var i = 0; i < pieces.Count; i++)
        {
            for (var j = i + 1; j < pieces.Count; j++)
            {
                if (Meet(pieces[i], pieces[j], piece))
                    Assert.Fail($"{pattern} {piece} on {half}: {pieces[i]} and {pieces[j]}");
            }
        }
    });

    [Property(MaxTest = 100)]
    public Property Piped_lines_end_within_the_rim() => Prop.ForAll(Arb.From(Laid), laid =>
    {
        var (_, tub, half, piece) = laid;
        var wide = Math.Min(piece.Width, half);
        foreach (var line in Arrangement.Lattice(tub, half, wide, wide * 3).Lines)
        {
            foreach (var (x, y) in new[] { (line.X1, line.Y1), (line.X2, line.Y2) })
            {
                if (tub.IsRound)
                    Math.Sqrt((x * x) + (y * y)).ShouldBeLessThanOrEqualTo(half - (wide / 2) + 1e-6);
                else
                    (Math.Abs(x) <= half + tub.HalfExtra && Math.Abs(y) <= half).ShouldBeTrue();
            }
        }
    });

    private static Gen<(Pattern Pattern, Tub Tub, double Half, Footprint Piece)> Laid =>
        from pattern in Gen.Elements(Pattern.Rings, Pattern.Spiral, Pattern.HalfMoon, Pattern.Cover, Pattern.Rim)
        from round in Gen.Elements(true, true, false)
        from half in Gen.Choose(30, 150)
        from length in Gen.Choose(12, 90)
        from slim in Gen.Choose(30, 100)
        from overlap in Gen.Choose(0, 12)
        select (
            pattern, round ? new Tub(half, half, 30) : new Tub(half, half, 30, half / 2.0, half * 0.8), (double)half,
            new Footprint(length, length * slim / 100.0, overlap / 20.0));

    /// <summary>
    /// True where two pieces, each drawn in by the overlap and a hair more, meet: a point of one's edge lies in the other.
    /// </summary>
    private static bool Meet(PlacedPiece one, PlacedPiece other, Footprint piece)
    {
        var keep = (1 - piece.Overlap) * (1 - 1e-4);
        var (a, b) = (piece.Length / 2 * keep, piece.Width / 2 * keep);
        if (Math.Pow(one.X - other.X, 2) + Math.Pow(one.Y - other.Y, 2) > 4 * a * a)
            return false;
        return Touches(one, other) || Touches(other, one);

        bool Touches(PlacedPiece p, PlacedPiece q)
        {
            for (var i = 0; i < 60; i++)
            {
                var t = 2 * Math.PI * i / 60;
                var (u, v) = (a * Math.Cos(t), b * Math.Sin(t));
                var x = p.X + (u * Math.Cos(p.Turn)) - (v * Math.Sin(p.Turn)) - q.X;
                var y = p.Y + (u * Math.Sin(p.Turn)) + (v * Math.Cos(p.Turn)) - q.Y;
                var (along, across) = ((x * Math.Cos(q.Turn)) + (y * Math.Sin(q.Turn)), (y * Math.Cos(q.Turn)) - (x * Math.Sin(q.Turn)));
                if ((along * along / (a * a)) + (across * across / (b * b)) < 1)
                    return true;
            }

            return false;
        }
    }
}
