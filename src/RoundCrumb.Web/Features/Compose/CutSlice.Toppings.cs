using System.Globalization;
using System.Text;
using RoundCrumb.Core.Arranging;
using RoundCrumb.Core.Toppings;
using RoundCrumb.Web.Drawing;

namespace RoundCrumb.Web.Features.Compose;

/// <content>What lies on top, and pieces of fruit wherever the knife meets them.</content>
public static partial class CutSlice
{
    private sealed partial class Drawing
    {
        private void Toppings(double px)
        {
            var y = FillingTop;
            ToppingSums? beneath = null;
            foreach (var top in _pie.Toppings)
            {
                var high = top.Choice.Stands;
                if (top.Count is not null)
                    PlacedPiece(top, y, high, px);
                else if (top.Choice.Topping.Kind is not ToppingKind.Glaze || beneath?.Count is null)
                    Spread(top, y, high, px);
                beneath = top;
                y -= top.Count is null ? high : high * 0.5;
            }
        }

        /// <summary>What covers the whole surface.</summary>
        private void Spread(ToppingSums top, double y, double high, double px)
        {
            var r = InnerAt(-FillingTop);
            var topping = top.Choice.Topping;
            var path = new StringBuilder();
            switch (topping.Kind)
            {
                case ToppingKind.Whipped or ToppingKind.Meringue:
                    var meringue = topping.Kind is ToppingKind.Meringue;
                    var waves = Math.Max(3, (int)Math.Round(r / (meringue ? 13 : 22)));
                    var step = (r - (high * 0.5)) / waves;
                    var lift = meringue ? 0.5 : LayerStyle.Nearest(top.Choice.Height).Name is "even layer" ? 0.08 : 0.28;
                    path.Add($"M0 {Svg.N(y)}V{Svg.N(y - high)}");
                    for (var i = 0; i < waves; i++)
                    {
                        path.Append(meringue
                            ? string.Create(
                                CultureInfo.InvariantCulture,
                                $"q{Svg.N(step * 0.35)} {Svg.N(-high * 0.08)} {Svg.N(step * 0.5)} "
                                    + $"{Svg.N(-high * lift * 0.5)}q{Svg.N(step * 0.15)} {Svg.N(high * lift * 0.45)} {Svg.N(step * 0.5)} "
                                    + $"{Svg.N(high * lift * 0.5)}")
                            : string.Create(
                                CultureInfo.InvariantCulture,
                                $"q{Svg.N(step * 0.5)} {Svg.N(-high * lift * (i % 2 == 0 ? 1 : -0.6))} {Svg.N(step)} 0"));
                    }

                    path.Add($"Q{Svg.N(r - (high * 0.05))} {Svg.N(y - (high * 0.95))} {Svg.N(r)} {Svg.N(y)}Z");
                    _svg.Add(
                        $"<path class=\"food cream{(meringue ? " toasted" : "")}\" d=\"{path}\" fill=\"{topping.Tint}\" "
                            + $"stroke-width=\"{Svg.N(px)}\"/>");
                    break;
                case ToppingKind.Jelly:
                    _svg.Add(
                        $"<path class=\"food jelly\" d=\"M0 {Svg.N(y)}H{Svg.N(r)}L{Svg.N(InnerAt(-y + high))} "
                            + $"{Svg.N(y - high)}H0Z\" fill=\"{topping.Tint}\" stroke-width=\"{Svg.N(px)}\"/>");
                    break;
                case ToppingKind.Glaze:
                    _svg.Add($"<path class=\"glaze\" d=\"M0 {Svg.N(y)}H{Svg.N(r)}\" stroke=\"{topping.Tint}\" stroke-width=\"1.4\"/>");
                    break;
                default:
                    // Crumbs, flakes and dust: as many grains as cover it, the same ones every time.
                    uint seed = 19;
                    double Next()
                    {
                        seed = (seed * 1664525) + 1013904223;
                        return (seed >> 8) / 16777216.0;
                    }

                    var dust = topping.Kind is ToppingKind.Dusting;
                    var size = dust ? 0.6 : topping.Kind is ToppingKind.Crumble ? 4.6 : 2.6;
                    if (topping.Kind is ToppingKind.Crumble)
                        _svg.Add(
                            $"<path class=\"food\" d=\"M0 "
                                + $"{Svg.N(y)}V{Svg.N(y - (high * 0.84))}H{Svg.N(r - (high * 0.5))}Q{Svg.N(r - 1)} "
                                + $"{Svg.N(y - (high * 0.7))} {Svg.N(r)} {Svg.N(y)}Z\" fill=\"{topping.Tint}\" "
                                + $"stroke-width=\"{Svg.N(px)}\"/>");
                    var end = r - size - ((FillingTop - y) * 0.5);
                    _svg.Add(
                        $"<g class=\"food grain-top\" fill=\"{topping.Tint}\" stroke-width=\"{Svg.N(dust ? 0.2 * px : px * 0.6)}\">");
                    for (double x = 0; x < end; x += size * (dust ? 2.4 : topping.Kind is ToppingKind.Crumble ? 0.8 : 1.1))
                    {
                        var up = topping.Kind is ToppingKind.Crumble ? high * (0.7 + (Next() * 0.2)) : Next() * Math.Max(high - size, 0.4);
                        var wide = size * (0.7 + (Next() * 0.6));
                        _svg.Add(
                            $"<ellipse cx=\"{Tenth(x + (wide / 2))}\" cy=\"{Tenth(y - up - (size * 0.3))}\" "
                                + $"rx=\"{Svg.N(wide / 2)}\" ry=\"{Svg.N(size * (dust ? 0.3 : 0.36))}\"/>");
                    }

                    _svg.Append("</g>");

                    break;
            }
        }

        /// <summary>Crumbs lie where they fall: a tenth of a millimetre is near enough, and there are many.</summary>
        private static string Tenth(double value) => Svg.N(Math.Round(value, 1));

        /// <summary>What is laid or piped: each thing that the knife meets.</summary>
        private void PlacedPiece(ToppingSums top, double y, double high, double px)
        {
            var topping = top.Choice.Topping;
            if (topping.Piece is { } piece)
            {
                foreach (var spot in top.Arranged.Pieces)
                    PieceAt(piece, spot, y - (high / 2), high, px);
                return;
            }

            if (top.Choice.Laying.Pattern is Pattern.Lattice)
            {
                foreach (var line in top.Arranged.Lines)
                {
                    // Where it crosses the cut.
                    if (line.Y1 * line.Y2 > 0 || Math.Abs(line.Y1 - line.Y2) < 1e-6)
                        continue;
                    var x = line.X1 + ((line.X2 - line.X1) * line.Y1 / (line.Y1 - line.Y2));
                    if (x >= 0)
                        _svg.Add(
                            $"<ellipse class=\"food cream\" cx=\"{Svg.N(x)}\" cy=\"{Svg.N(y - (high / 2))}\" "
                                + $"rx=\"{Svg.N(high * 0.62)}\" ry=\"{Svg.N(high / 2)}\" fill=\"{topping.Tint}\" "
                                + $"stroke-width=\"{Svg.N(px)}\"/>");
                }

                return;
            }

            var wide = top.Choice.Laying.FootprintOf(topping);
            foreach (var spot in top.Arranged.Pieces)
            {
                var reach = (wide.Length / 2 * wide.Length / 2) - (spot.Y * spot.Y);
                if (reach <= 1 || spot.X + Math.Sqrt(reach) <= 1)
                    continue;
                var half = Math.Sqrt(reach);
                var left = Math.Max(0, spot.X - half);
                var right = spot.X + half;
                var tip = Math.Max(0, spot.X);
                _svg.Add(
                    $"<path class=\"food cream\" d=\"M{Svg.N(left)} {Svg.N(y)}Q{Svg.N(left)} {Svg.N(y - (high * 0.55))} "
                        + $"{Svg.N(tip)} {Svg.N(y - high)}Q{Svg.N(right)} {Svg.N(y - (high * 0.55))} {Svg.N(right)} {Svg.N(y)}Z\" "
                        + $"fill=\"{topping.Tint}\" stroke-width=\"{Svg.N(px)}\"/>");
            }
        }

        /// <summary>A piece that the knife meets, cut where it meets it.</summary>
        private void PieceAt(Piece piece, PlacedPiece spot, double y, double high, double px)
        {
            var (a, b) = (piece.Length.Usual / 2, piece.Width.Usual / 2);
            var (cos, sin) = (Math.Cos(spot.Turn), Math.Sin(spot.Turn));

            // Where the line across the middle runs through the ellipse.
            var along = ((cos * cos) / (a * a)) + ((sin * sin) / (b * b));
            var mixed = (spot.Y * cos * sin) * ((1 / (b * b)) - (1 / (a * a)));
            var rest = (spot.Y * spot.Y * (((sin * sin) / (a * a)) + ((cos * cos) / (b * b)))) - 1;
            var under = (mixed * mixed) - (along * rest);
            if (under <= 0)
                return;
            var middle = spot.X + (mixed / along);
            var half = Math.Sqrt(under) / along;
            var (left, right) = (Math.Max(0, middle - half), middle + half);
            if (right - left < 1)
                return;
            var round = Math.Min(high / 2, (right - left) / 2);
            var corner = left <= 0 ? 0 : round;
            var turn = corner > 0
                ? $"q{Svg.N(-corner)} 0 {Svg.N(-corner)} {Svg.N(high / 2)}t{Svg.N(corner)} {Svg.N(high / 2)}"
                : "";
            _svg.Add(
                $"<path class=\"food piece\" d=\"M{Svg.N(left + corner)} "
                    + $"{Svg.N(y + (high / 2))}H{Svg.N(right - round)}q{Svg.N(round)} 0 {Svg.N(round)} {Svg.N(-high / 2)}t{Svg.N(-round)} "
                    + $"{Svg.N(-high / 2)}H{Svg.N(left + corner)}{turn}Z\" "
                    + $"fill=\"{piece.Tint}\" stroke-width=\"{Svg.N(px)}\"/>");
        }
    }
}
