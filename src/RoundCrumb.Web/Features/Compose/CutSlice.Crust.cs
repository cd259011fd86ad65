using System.Text;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Pans;
using RoundCrumb.Web.Drawing;

namespace RoundCrumb.Web.Features.Compose;

/// <content>The crust and the layers on its base.</content>
public static partial class CutSlice
{
    private sealed partial class Drawing
    {
        private string Tint =>
            C.Crust.Treatment is Treatment.Chilled && C.Crust.Family is CrumbFamily { Id: "plain-crumb" } ? "#c69a5d" : C.Crust.Family.Tint;

        private void Crust(double px)
        {
            var lined = _pie.Lined;
            var r = C.Pan.Inside;
            var h = lined.LiningHeight;
            var within = lined.Within;
            var tb = lined.BaseThickness;
            var outer = r.HalfAt(h);
            var path = new StringBuilder();
            path.Add($"M0 0H{Svg.N(r.BaseHalf)}");
            if (h > tb + 0.5)
            {
                path.Add($"L{Svg.N(outer)} {Svg.N(-h)}");
                var full = h >= _depth - 0.5;
                if (C.Crust.Family is RolledFamily && full && C.Crust.Edge is not Edge.Trimmed)
                {
                    // A folded edge rests on the rim and stands above it.
                    var up = C.Crust.Edge is Edge.HighFluted ? 13 : 7;
                    path.Add(
                        $"h11c3.2 0 3.2 {Svg.N(-up * 0.9)} 0 {Svg.N(-up)}c-3.5 {Svg.N(-up * 0.13)} -8 {Svg.N(-up * 0.09)} -10.5 "
                            + $"{Svg.N(up * 0.17)}c-1.8 {Svg.N(up * 0.19)} -2.6 {Svg.N(up * 0.5)} -3.6 {Svg.N(up * 0.83)}");
                }

                path.Add($"L{Svg.N(within.TopHalf)} {Svg.N(-h)}L{Svg.N(within.BaseHalf)} {Svg.N(-tb)}H0Z");
            }
            else
            {
                path.Add($"V{Svg.N(-tb)}H0Z");
            }

            _svg.Add(
                $"<path class=\"food crust\" d=\"{path}\" fill=\"{(_pie.Crust.Laid is null ? Tint : "#a9824c")}\" "
                    + $"stroke-width=\"{Svg.N(px)}\"/>");
            if (_pie.Crust.Laid is { } laid)
                Biscuits(laid, px, tb);
            else if (C.Crust.Family is RolledFamily { NeedsLayers: true })
                Layers(px, tb, within, h);
            else if (C.Crust.Family is CrumbFamily)
                Crumbs(tb, within, h);
        }

        /// <summary>Whole biscuits, cut where the knife meets them, and the one that stands against the wall.</summary>
        private void Biscuits(LaidBiscuits laid, double px, double tb)
        {
            var r = laid.Diameter / 2;
            foreach (var spot in laid.Base)
            {
                if (Math.Abs(spot.Y) >= r)
                    continue;
                var half = Math.Sqrt((r * r) - (spot.Y * spot.Y));
                var (from, to) = (Math.Max(0, spot.X - half), spot.X + half);
                if (to > from + 1)
                    _svg.Add(
                        $"<rect class=\"food biscuit\" x=\"{Svg.N(from)}\" y=\"{Svg.N(-tb)}\" width=\"{Svg.N(to - from)}\" "
                            + $"height=\"{Svg.N(tb)}\" rx=\"{Svg.N(Math.Min(tb / 2, 2.5))}\" fill=\"{C.Crust.Family.Tint}\" "
                            + $"stroke-width=\"{Svg.N(px)}\"/>");
            }

            if (laid.Wall == 0)
                return;
            var pan = C.Pan.Inside;
            var lean = Math.Atan2(pan.TopHalf - pan.BaseHalf, pan.Depth) * 180 / Math.PI;
            _svg.Add(
                $"<rect class=\"food biscuit\" x=\"{Svg.N(-tb)}\" y=\"{Svg.N(-laid.Diameter)}\" width=\"{Svg.N(tb)}\" "
                    + $"height=\"{Svg.N(laid.Diameter)}\" rx=\"2.5\" fill=\"{C.Crust.Family.Tint}\" stroke-width=\"{Svg.N(px)}\" "
                    + $"transform=\"translate({Svg.N(pan.BaseHalf)} 0) rotate({Svg.N(lean)})\"/>");
        }

        /// <summary>Flaky dough shows its layers.</summary>
        private void Layers(double px, double tb, Tub within, double h)
        {
            var r = C.Pan.Inside;
            foreach (var part in (double[])[0.3, 0.62])
            {
                var y = tb * part;
                var bottom = r.BaseHalf + ((within.BaseHalf - r.BaseHalf) * part);
                var top = r.HalfAt(h) + ((within.TopHalf - r.HalfAt(h)) * part);
                _svg.Add(
                    $"<path class=\"grain\" d=\"M0 {Svg.N(-y)}H{Svg.N(bottom - 1)}L{Svg.N(top)} {Svg.N(-h + 1)}\" "
                        + $"stroke-width=\"{Svg.N(px)}\" stroke-dasharray=\"{Svg.N(9 + (part * 6))} {Svg.N(2 + part)}\"/>");
            }
        }

        /// <summary>Pressed crumb shows its grains: the same ones every time.</summary>
        private void Crumbs(double tb, Tub within, double h)
        {
            var path = new StringBuilder();
            uint seed = 77;
            double Next()
            {
                seed = (seed * 1664525) + 1013904223;
                return (seed >> 8) / 16777216.0;
            }

            var r = C.Pan.Inside;
            var grains = _small ? 30 : 110;
            for (var i = 0; i < grains; i++)
            {
                var x = Next() * r.BaseHalf;
                var y = (0.12 + (Next() * 0.76)) * tb;
                path.Add($"M{Tenth(x)} {Tenth(-y)}h{Tenth(0.5 + Next())}");
            }

            if (h > tb + 0.5)
            {
                for (var i = 0; i < grains / 4; i++)
                {
                    var y = tb + (Next() * (h - tb - 1));
                    var inner = within.HalfAt(y - tb);
                    var x = inner + ((0.15 + (Next() * 0.6)) * (r.HalfAt(y) - inner));
                    path.Add($"M{Tenth(x)} {Tenth(-y)}h{Tenth(0.5 + (Next() * 0.6))}");
                }
            }

            _svg.Add($"<path class=\"grain\" d=\"{path}\" stroke-width=\"0.7\" stroke-linecap=\"round\"/>");
        }
    }
}
