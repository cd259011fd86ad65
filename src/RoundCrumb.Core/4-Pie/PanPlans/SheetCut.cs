using RoundCrumb.Core.Layouts;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Shells;

/// <summary>One disc on a rolled sheet, mm from its corner.</summary>
/// <param name="Middle">Where its middle lies; x along the board's width, y along its length.</param>
/// <param name="Diameter">How wide it is.</param>
/// <param name="Row">Which order it is for, counted from 0.</param>
public readonly record struct CutDisc(Spot Middle, double Diameter, int Row);

/// <summary>One sheet of dough with the discs that are cut from it.</summary>
/// <param name="Discs">In the order in which they were laid.</param>
/// <param name="Width">As wide as it is rolled, rough border included, mm.</param>
/// <param name="Length">As long as it is rolled, rough border included, mm.</param>
public sealed record SheetCut(IReadOnlyList<CutDisc> Discs, double Width, double Length)
{
    /// <summary>More discs than this are nobody's bake.</summary>
    public const int MostDiscs = 400;

    /// <summary>Its width as a figure that can be opened.</summary>
    /// <param name="index">Which sheet of the plan, counted from 0.</param>
    public Worked<Millimetres> WidthOf(int index) => Rolled(index, "wide", Width, d => d.Middle.X);

    /// <summary>Its length as a figure that can be opened.</summary>
    /// <param name="index">Which sheet of the plan, counted from 0.</param>
    public Worked<Millimetres> LengthOf(int index) => Rolled(index, "long", Length, d => d.Middle.Y);

    private Worked<Millimetres> Rolled(int index, string way, double value, Func<CutDisc, double> middle)
    {
        var last = Discs.MaxBy(d => middle(d) + (d.Diameter / 2));
        var end = middle(last) + (last.Diameter / 2);
        return new(
            $"sheet-{index + 1}-{way}", $"Sheet {index + 1}, {way}", new(value), "as far as the last disc reaches + the rough edge",
            Term.Given("the last disc reaches to", new Millimetres(end)), Term.Given("its width", new Millimetres(last.Diameter)),
            Term.Given("rough edge", new Millimetres(value - end)), Term.Given("discs on it", Discs.Count, Dimension.Count));
    }

    /// <summary>Its area, mm².</summary>
    public double Area => Width * Length;

    /// <summary>What of it goes into the pans, mm².</summary>
    public double Used => Discs.Sum(d => Math.PI / 4 * d.Diameter * d.Diameter);

    /// <summary>
    /// Cuts discs from sheets no larger than a board: the largest first, each as near to the end of the sheet as it goes,
    /// touching what lies there already. A disc larger than the board gets a sheet of its own.
    /// </summary>
    /// <param name="discs">Diameter and order of each.</param>
    /// <param name="boardWidth">Widest a sheet is rolled, mm.</param>
    /// <param name="boardLength">Longest, mm.</param>
    /// <param name="gap">Kept between two discs.</param>
    /// <param name="border">Rough edge all round that nothing is cut from.</param>
    public static IReadOnlyList<SheetCut> Cut(
        IEnumerable<(double Diameter, int Row)> discs, double boardWidth, double boardLength, double gap, double border)
    {
        var (wide, longest) = (boardWidth - (2 * border), boardLength - (2 * border));
        var sheets = new List<List<CutDisc>>();
        var alone = new List<SheetCut>();
        foreach (var (diameter, row) in discs.OrderByDescending(d => d.Diameter).Take(MostDiscs))
        {
            if (diameter > wide || diameter > longest)
            {
                alone.Add(
                    new(
                        [new(new(border + (diameter / 2), border + (diameter / 2)), diameter, row)], diameter + (2 * border),
                        diameter + (2 * border)));
                continue;
            }

            // The first sheet that has room; a new one where none has.
            Spot? place = null;
            List<CutDisc>? sheet = null;
            foreach (var tried in sheets)
            {
                place = Lowest(tried, diameter, wide, longest, gap);
                if (place is not null)
                {
                    sheet = tried;
                    break;
                }
            }

            if (sheet is null)
            {
                sheets.Add(sheet = []);
                place = new(diameter / 2, diameter / 2);
            }

            sheet.Add(new(place!.Value, diameter, row));
        }

        return
        [
            .. alone,
            .. sheets.Select(s => new SheetCut(
                [.. s.Select(d => d with { Middle = new(d.Middle.X + border, d.Middle.Y + border) })],
                s.Max(d => d.Middle.X + (d.Diameter / 2)) + (2 * border),
                s.Max(d => d.Middle.Y + (d.Diameter / 2)) + (2 * border))),
        ];
    }

    /// <summary>
    /// The place nearest to the start of the sheet where a disc lies free: in a corner, against an edge and a disc, or against two discs.
    /// </summary>
    private static Spot? Lowest(List<CutDisc> laid, double diameter, double wide, double longest, double gap)
    {
        var r = diameter / 2;
        Spot? best = null;
        Try(new(r, r));
        for (var i = 0; i < laid.Count; i++)
        {
            var reach = (laid[i].Diameter / 2) + r + gap;
            foreach (var x in (double[])[r, wide - r])
            {
                var across = x - laid[i].Middle.X;
                if (Math.Abs(across) <= reach)
                    Try(new(x, laid[i].Middle.Y + Math.Sqrt((reach * reach) - (across * across))));
            }

            var up = r - laid[i].Middle.Y;
            if (Math.Abs(up) <= reach)
                Try(new(laid[i].Middle.X + Math.Sqrt((reach * reach) - (up * up)), r));
            for (var j = 0; j < i; j++)
                Between(laid[i], reach, laid[j], (laid[j].Diameter / 2) + r + gap);
        }

        return best;

        // The two places that touch both of two discs.
        void Between(CutDisc a, double ra, CutDisc b, double rb)
        {
            var apart = a.Middle.To(b.Middle);
            if (apart > ra + rb || apart < Math.Abs(ra - rb) || apart == 0)
                return;
            var along = ((ra * ra) - (rb * rb) + (apart * apart)) / (2 * apart);
            var off = Math.Sqrt(Math.Max(0, (ra * ra) - (along * along)));
            var (dx, dy) = ((b.Middle.X - a.Middle.X) / apart, (b.Middle.Y - a.Middle.Y) / apart);
            Try(new(a.Middle.X + (along * dx) - (off * dy), a.Middle.Y + (along * dy) + (off * dx)));
            Try(new(a.Middle.X + (along * dx) + (off * dy), a.Middle.Y + (along * dy) - (off * dx)));
        }

        void Try(Spot spot)
        {
            const double Hair = 1e-6;
            if (spot.X < r - Hair || spot.Y < r - Hair || spot.X > wide - r + Hair || spot.Y > longest - r + Hair)
                return;
            if (best is { } found && (spot.Y > found.Y + Hair || (spot.Y > found.Y - Hair && spot.X >= found.X)))
                return;
            foreach (var disc in laid)
            {
                if (disc.Middle.To(spot) < (disc.Diameter / 2) + r + gap - Hair)
                    return;
            }

            best = spot;
        }
    }
}
