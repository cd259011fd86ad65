using System.Text;
using Microsoft.AspNetCore.Html;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Layering;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Units;
using RoundCrumb.Web.Drawing;

namespace RoundCrumb.Web.Features.Compose;

/// <summary>
/// The pie cut from its middle to its rim, drawn in millimetres: one unit of the drawing is one millimetre of pie. x runs
/// from the middle outwards, y from the pan's bottom upwards (negative, as SVG counts down).
/// </summary>
public static partial class CutSlice
{
    private const double Width = 640;
    private const double Height = 340;

    /// <summary>The drawing with its rule, its fill line and its words.</summary>
    public static IHtmlContent Draw(Assessment pie, QuantityFormatter shown) => new HtmlString(new Drawing(pie, shown, "").ToString());

    /// <summary>The drawing alone, small, for a list.</summary>
    /// <param name="pie">The pie.</param>
    /// <param name="shown">The baker's units.</param>
    /// <param name="place">What tells its place on the page from every other, also where the same pie stands twice.</param>
    /// <param name="scale">What all drawings of a list share, so that a large pie looks large; none for a pie that stands alone.</param>
    public static IHtmlContent Small(Assessment pie, QuantityFormatter shown, string place, CutScale? scale = null) =>
        new HtmlString(new Drawing(pie, shown, place, scale).ToString());

    /// <summary>The scale at which all of some pies can be drawn.</summary>
    public static CutScale ScaleOf(IEnumerable<Assessment> pies) => pies.Select(p => new Extent(p, isSmall: true)).Aggregate(
        new CutScale(0, 0), static (s, e) => new(Math.Max(s.Wide, e.Left + e.Right), Math.Max(s.High, e.Above + e.Depth + e.Below)));

    /// <summary>How far a pie reaches, mm.</summary>
    private readonly record struct Extent(double Left, double Right, double Above, double Depth, double Below)
    {
        public Extent(Assessment pie, bool isSmall)
            : this(0, 0, 0, 0, 0)
        {
            var c = pie.Composition;
            var wall = WallOf(c.Pan);
            var edge = c.Crust.Family is RolledFamily ? c.Crust.Edge switch { Edge.Crimped => 7, Edge.HighFluted => 13, _ => 0 } : 0;
            var cream = pie.Toppings.Sum(t => t.Choice.Stands);
            Depth = c.Pan.Depth.Value;
            var top = Math.Max(
                Math.Max(edge, Overflows(pie) ? 16 : 0), pie.Lined.BaseThickness + pie.FilledDepth.Value.Value + (cream * 1.25) - Depth);
            Above = Math.Max(0, top) + 4;
            Below = wall + (isSmall ? 3 : 19);
            Left = isSmall ? 3 : 8;
            Right = c.Pan.Inside.TopHalf + wall + (c.Pan.HasRim ? 13 : Overflows(pie) ? 12 : 5) + (isSmall ? 2 : 10);
        }
    }

    private static double WallOf(Core.Pans.Pan pan) =>
        pan.Material switch { PanMaterial.Glass => 4, PanMaterial.Ceramic => 5, PanMaterial.Foil => 0.6, _ => 1.4 };

    /// <summary>What the drawing says to somebody who can't see it.</summary>
    public static string Describe(Assessment pie, QuantityFormatter shown)
    {
        var c = pie.Composition;
        var words = new StringBuilder();
        words.Add(
            $"{c.Pan.Name}; {c.Crust.Family.Name.ToLowerInvariant()} {shown.Say(c.Crust.Thickness.AsQuantity())} thick; "
                + $"{c.Filling.Formula.Name.ToLowerInvariant()} {shown.Say(pie.FilledDepth.Amount)} deep, "
                + $"{shown.Say(c.Filling.Line.AsQuantity())} below the rim at its line");
        foreach (var layer in pie.Layers)
        {
            words.Add($"; beneath it {layer.Choice.Name.ToLowerInvariant()}");
            if (layer.Choice is FillingLayer)
                words.Add($" {shown.Say(layer.Choice.Thickness.AsQuantity())} thick");
        }

        foreach (var top in pie.Toppings)
        {
            words.Add($"; {top.Choice.Topping.Name.ToLowerInvariant()}");
            if (top.Choice.Topping.HasThickness && top.Count is null)
                words.Add($" {shown.Say(top.Choice.Height.AsQuantity())} thick");
        }

        if (Overflows(pie))
            words.Add($"; {shown.Say(pie.Fit.RunsOver.Amount)} would run over");
        return words.Append('.').ToString();
    }

    private static bool Overflows(Assessment pie) =>
        pie.Composition.Filling.Batch.IsSaid && pie.Fit.RunsOver.Value.Value >= 5;

    private sealed partial class Drawing
    {
        private readonly Assessment _pie;
        private readonly QuantityFormatter _shown;
        private readonly StringBuilder _svg = new(8192);
        private readonly double _wall;
        private readonly double _depth;
        private readonly double _radius;
        private readonly bool _small;
        private readonly string _place;

        /// <param name="pie">The pie.</param>
        /// <param name="shown">The baker's units.</param>
        /// <param name="place">Its place in a list, where it is drawn small; empty where it is the drawing of the page.</param>
        /// <param name="scale">What it shares with the others of its list.</param>
        public Drawing(Assessment pie, QuantityFormatter shown, string place, CutScale? scale = null)
        {
            _pie = pie;
            _shown = shown;
            (_small, _place) = (place.Length > 0, place);
            var pan = pie.Composition.Pan;
            _depth = pan.Depth.Value;
            _radius = pan.Inside.TopHalf;
            _wall = WallOf(pan);
            var cream = pie.Toppings.Sum(t => t.Choice.Stands);
            var reach = new Extent(pie, _small);
            var (left, right, above, below) = (reach.Left, reach.Right, reach.Above, reach.Below);
            var wide = scale?.Wide ?? Math.Max(left + right, (above + _depth + below) * Width / Height);
            var high = scale?.High ?? wide * Height / Width;
            var px = wide / Width;

            // In a list all stand on one floor, with their middles under one another.
            var x0 = scale is null ? -left - ((wide - left - right) / 2) : -left;
            var y0 = -(_depth + above) - ((high - above - _depth - below) / (scale is null ? 2 : 1));
            var css = _small ? "cut small" : "cut";

            _svg.Add(
                $"<svg class=\"{css}\" viewBox=\"{Svg.N(x0)} {Svg.N(y0)} {Svg.N(wide)} {Svg.N(high)}\" "
                    + $"font-size=\"{Svg.N(14 * px)}\" role=\"{(_small ? "img" : "group")}\" aria-labelledby=\"{Id("title")} "
                    + $"{Id("desc")}\">");
            var title = pan.IsRound ? "The pie, cut from middle to rim" : "The pie, cut across from its middle to its long side";
            _svg.Add(
                $"<title id=\"{Id("title")}\">{title}</title><desc id=\"{Id("desc")}\">{Svg.Text(Describe(pie, shown))}</desc>");
            Pan(px);
            Beyond(px);
            Crust(px);
            Filling(px);
            Seal();
            if (Overflows(pie))
                Overflow(px);
            Toppings(px);
            if (!_small)
            {
                _svg.Add(
                    $"<path class=\"middle\" d=\"M0 {Svg.N(_wall + 3)}V{Svg.N(-(_depth + above) + 2)}\" "
                        + $"stroke-width=\"{Svg.N(px)}\" stroke-dasharray=\"{Svg.N(8 * px)} {Svg.N(4 * px)} {Svg.N(1.5 * px)} "
                        + $"{Svg.N(4 * px)}\"/>");
                FillLine(px);
                Words(px, cream);
                Rule(px, _wall + 9);
            }

            Raw("</svg>");
        }

        public override string ToString() => _svg.ToString();

        private Composition C => _pie.Composition;

        private double FillingTop => -(_pie.Lined.BaseThickness + _pie.FilledDepth.Value.Value);

        private double InnerAt(double height) => _pie.Lined.HalfAt(height - _pie.Lined.BaseThickness);

        // Lists show several drawings on one page; each needs ids of its own.
        private string Id(string name) => _small ? $"cut-{name}-{_place}" : "cut-" + name;

        private void Pan(double px)
        {
            var pan = C.Pan;
            var r = pan.Inside;
            var w = _wall;
            if (pan.Kind is PanKind.Ring)
            {
                // A ring has no floor: it stands on a tray.
                _svg.Add($"<path class=\"pan\" d=\"M0 0H{Svg.N(r.TopHalf + 14)}v{Svg.N(w)}H0Z\" stroke-width=\"{Svg.N(1.2 * px)}\"/>");
                _svg.Add(
                    $"<path class=\"pan\" d=\"M{Svg.N(r.BaseHalf)} 0L{Svg.N(r.TopHalf)} "
                        + $"{Svg.N(-_depth)}h{Svg.N(w)}L{Svg.N(r.BaseHalf + w)} 0Z\" stroke-width=\"{Svg.N(1.2 * px)}\"/>");
                return;
            }

            var path = new StringBuilder();
            path.Add($"M0 0H{Svg.N(r.BaseHalf)}L{Svg.N(r.TopHalf)} {Svg.N(-_depth)}");
            if (pan.HasRim)
                path.Add($"h{Svg.N(12 + w)}v{Svg.N(w * 0.9)}h{Svg.N(-11)}L{Svg.N(r.BaseHalf + w)} {Svg.N(w)}H0Z");
            else if (pan.IsFluted)
                path.Add($"q3 -1 3.5 1.6l-1.6 .4L{Svg.N(r.BaseHalf + w)} {Svg.N(w)}H0Z");
            else if (pan.Kind is PanKind.Ramekin)
                path.Add(
                    $"q{Svg.N(w / 2)} {Svg.N(-w * 0.6)} {Svg.N(w)} 0L{Svg.N(r.BaseHalf + w)} "
                        + $"{Svg.N(w * 1.5)}h{Svg.N(-w * 0.8)}l{Svg.N(-w * 0.5)} {Svg.N(-w * 0.5)}H0Z");
            else if (pan.ServedIn)
                path.Add($"q{Svg.N(w / 2)} {Svg.N(-w * 0.6)} {Svg.N(w)} 0L{Svg.N(r.BaseHalf + w)} {Svg.N(w)}H0Z");
            else
                path.Add($"h{Svg.N(w + 2)}v2.6h-2L{Svg.N(r.BaseHalf + w)} {Svg.N(w)}h3v{Svg.N(w)}H0Z");
            _svg.Add($"<path class=\"pan\" d=\"{path}\" stroke-width=\"{Svg.N(1.2 * px)}\"/>");
            if (pan.Kind is PanKind.TartTin or PanKind.Springform or PanKind.OblongTart)
            {
                // The base lifts out: it lies on a ledge turned in from the wall.
                _svg.Add(
                    $"<path class=\"pan-joint\" d=\"M{Svg.N(r.BaseHalf - 5)} "
                        + $"{Svg.N(w * 2)}h{Svg.N(5 + w)}v{Svg.N(-w)}M{Svg.N(r.BaseHalf - 1)} 0v{Svg.N(w)}\" "
                        + $"stroke-width=\"{Svg.N(1.2 * px)}\"/>");
            }

            if (pan.IsFluted)
            {
                // The flutes stand out behind the cut: a band as wide as they are deep, a line for each.
                var deep = 3.0;
                var path2 = new StringBuilder();
                path2.Add(
                    $"M{Svg.N(r.BaseHalf + w)} {Svg.N(w)}l{Svg.N(deep)} 0L{Svg.N(r.TopHalf + w + deep)} "
                        + $"{Svg.N(-_depth + 2)}h{Svg.N(-deep)}");
                _svg.Add($"<path class=\"pan flutes\" d=\"{path2}\" stroke-width=\"{Svg.N(0.8 * px)}\"/>");
            }
        }

        /// <summary>
        /// What is seen of the crust behind the cut, above the filling: its far wall with its flutes, and the edge that stands on it.
        /// </summary>
        private void Beyond(double px)
        {
            var lined = _pie.Lined;
            var h = lined.LiningHeight;
            var from = -FillingTop;
            var rolled = C.Crust.Family is RolledFamily;
            var full = h >= _depth - 0.5;
            var up = rolled && full && C.Crust.Edge is not Edge.Trimmed ? C.Crust.Edge is Edge.HighFluted ? 13.0 : 7.0 : 0;
            if (h <= lined.BaseThickness + 0.5 || h + up <= from + 0.5)
                return;
            var inner = lined.Within.TopHalf;
            var outer = up > 0 ? C.Pan.Inside.HalfAt(h) + 9 : inner;
            var path = new StringBuilder();
            path.Add($"M0 {Svg.N(-Math.Min(from, h))}V{Svg.N(-h - (up * 0.8))}");

            // Waves of one width round the rim crowd together towards the side, as anything round does.
            var wave = C.Crust.Edge is Edge.HighFluted ? 24.0 : 13.0;
            var waves = Math.Max(1, (int)Math.Round(Math.PI / 2 * outer / wave));
            if (up > 0)
            {
                for (var i = 1; i <= waves; i++)
                {
                    var middle = outer * Math.Sin(Math.PI / 2 * (i - 0.5) / waves);
                    var end = outer * Math.Sin(Math.PI / 2 * i / waves);
                    path.Add($"Q{Svg.N(middle)} {Svg.N(-h - (up * 1.15))} {Svg.N(end)} {Svg.N(-h - (up * 0.8))}");
                }
            }

            path.Add($"L{Svg.N(outer)} {Svg.N(-h)}H{Svg.N(inner)}L{Svg.N(InnerAt(Math.Min(from, h)))} {Svg.N(-Math.Min(from, h))}Z");
            _svg.Add($"<path class=\"food beyond\" d=\"{path}\" fill=\"{Tint}\" stroke-width=\"{Svg.N(0.7 * px)}\"/>");
            if (!C.Pan.IsFluted || from >= h)
                return;
            var lines = new StringBuilder();
            var flutes = Math.Max(4, (int)Math.Round(Math.PI / 2 * inner / 12));
            for (var i = 1; i < flutes; i++)
                lines.Add($"M{Svg.N(inner * Math.Sin(Math.PI / 2 * i / flutes))} {Svg.N(-h)}V{Svg.N(-from)}");
            _svg.Add($"<path class=\"grain\" d=\"{lines}\" stroke-width=\"{Svg.N(px)}\"/>");
        }

        private void Filling(double px)
        {
            var tb = _pie.Lined.BaseThickness;
            var from = tb;
            foreach (var layer in _pie.Layers)
            {
                if (layer.Choice is not FillingLayer filling)
                    continue;
                _svg.Add(
                    $"<path class=\"food filling\" d=\"{Room(from, tb + layer.To)}\" fill=\"{filling.Formula.Tint}\" "
                        + $"stroke-width=\"{Svg.N(px)}\"/>");
                from = tb + layer.To;
            }

            _svg.Add(
                $"<path class=\"food filling\" d=\"{Room(from, -FillingTop)}\" fill=\"{C.Filling.Formula.Tint}\" "
                    + $"stroke-width=\"{Svg.N(px)}\"/>");
            foreach (var layer in _pie.Layers)
            {
                if (layer.Choice is not PieceLayer pieces)
                    continue;
                foreach (var spot in layer.Under.Pieces)
                    PieceAt(pieces.Piece, spot, -(tb + layer.From) - (pieces.High / 2), pieces.High, px);

                // Those kept back stand half out of the top, between those beneath.
                foreach (var spot in layer.Under.Pieces.Take(layer.Over))
                    PieceAt(pieces.Piece, spot with { X = spot.X + (pieces.Piece.Width.Usual / 2) }, FillingTop, pieces.High, px);
            }
        }

        /// <summary>The room inside the lining between two heights above the pan's bottom.</summary>
        private string Room(double from, double to)
        {
            var path = new StringBuilder();
            path.Add($"M0 {Svg.N(-from)}H{Svg.N(InnerAt(from))}");
            var lining = _pie.Lined.LiningHeight;
            if (lining > from && lining < to)
                path.Add($"L{Svg.N(InnerAt(lining))} {Svg.N(-lining)}L{Svg.N(C.Pan.Inside.HalfAt(lining))} {Svg.N(-lining)}");
            return path.Add($"L{Svg.N(InnerAt(to))} {Svg.N(-to)}H0Z").ToString();
        }

        private void Seal()
        {
            var seal = C.Crust.Seal;
            if (seal == Core.Crusts.Seal.None)
                return;
            var w = _pie.Lined.Within;
            var tb = _pie.Lined.BaseThickness;
            var wall = _pie.Lined.LiningHeight > tb + 0.5 ? $"L{Svg.N(w.TopHalf)} {Svg.N(-_pie.Lined.LiningHeight)}" : "";
            _svg.Add(
                $"<path class=\"seal seal-{seal.Id}\" d=\"M0 {Svg.N(-tb)}H{Svg.N(w.BaseHalf)}{wall}\" "
                    + $"stroke-width=\"{(seal.Melts ? "1.1" : "0.8")}\"/>");
        }

        /// <summary>What the pan can't hold: up to the brim, heaped above it, and down the outside.</summary>
        private void Overflow(double px)
        {
            var tint = C.Filling.Formula.Tint;
            var r = C.Pan.Inside.TopHalf;
            var outside = r + (C.Pan.HasRim ? 13 + _wall : 4 + _wall);
            _svg.Add($"<path class=\"food over\" d=\"{Room(-FillingTop, _depth)}\" fill=\"{tint}\" stroke-width=\"{Svg.N(px)}\"/>");
            _svg.Add(
                $"<path class=\"food over\" d=\"M0 {Svg.N(-_depth)}V{Svg.N(-_depth - 11)}Q{Svg.N(r * 0.8)} {Svg.N(-_depth - 12)} "
                    + $"{Svg.N(r + 1)} {Svg.N(-_depth - 5)}Q{Svg.N(outside + 3)} {Svg.N(-_depth - 3)} {Svg.N(outside + 3)} "
                    + $"{Svg.N(-_depth * 0.45)}q0 3 -2.4 3t-2.2 -3.5Q{Svg.N(outside - 1)} {Svg.N(-_depth)} {Svg.N(r)} {Svg.N(-_depth)}Z\" "
                    + $"fill=\"{tint}\" stroke-width=\"{Svg.N(px)}\"/>");
            _svg.Add($"<path class=\"brim\" d=\"M0 {Svg.N(-_depth)}H{Svg.N(r)}\" stroke-width=\"{Svg.N(1.6 * px)}\"/>");
        }

        private void FillLine(double px)
        {
            var height = _depth - C.Filling.Line.Value;
            var r = InnerAt(height);
            _svg.Add(
                $"<path class=\"fill-line\" d=\"M0 {Svg.N(-height)}H{Svg.N(r)}\" stroke-width=\"{Svg.N(1.4 * px)}\" "
                    + $"stroke-dasharray=\"{Svg.N(6 * px)} {Svg.N(4 * px)}\"/>");
            Handle(px, "line", "Fill line below the rim", r * 0.5, -height, C.Filling.Line, 0, _depth - _pie.Lined.BaseThickness - 5, 1);
            if (_pie.Topping is { Count: null } spread && spread.Choice.Topping.HasThickness)
                Handle(px, "cream", "Thickness of the topping", r * 0.72, FillingTop - C.Topping.Height.Value, C.Topping.Height, 2, 60, -1);
            Handle(
                px, "thick", "Thickness of the base", Math.Max(10, r * 0.2), -_pie.Lined.BaseThickness, C.Crust.Thickness,
                C.Crust.Family.Limits.Thinnest, C.Crust.Family.Limits.Thickest, -1);
        }

        /// <summary>A handle that is dragged, or moved with the arrow keys; <paramref name="down"/> is 1 where down means more.</summary>
        private void Handle(
            double px, string field, string label, double x, double y, Millimetres value, double least, double most, int down)
        {
            _svg.Add(
                $"<g class=\"handle\" id=\"h-{field}-handle\" tabindex=\"0\" role=\"slider\" aria-label=\"{label}\" "
                    + $"aria-orientation=\"vertical\" aria-valuemin=\"{Svg.N(least)}\" aria-valuemax=\"{Svg.N(most)}\" "
                    + $"aria-valuenow=\"{Svg.N(value.Value)}\" aria-valuetext=\"{Svg.Text(_shown.Say(value.AsQuantity()))}\" "
                    + $"data-field=\"{field}\" data-down=\"{down}\" transform=\"translate({Svg.N(x)} {Svg.N(y)})\">");
            _svg.Add(
                $"<rect class=\"handle-hit\" x=\"{Svg.N(-22 * px)}\" y=\"{Svg.N(-12 * px)}\" width=\"{Svg.N(44 * px)}\" "
                    + $"height=\"{Svg.N(24 * px)}\"/>");
            _svg.Add(
                $"<rect class=\"handle-bar\" x=\"{Svg.N(-16 * px)}\" y=\"{Svg.N(-4 * px)}\" width=\"{Svg.N(32 * px)}\" "
                    + $"height=\"{Svg.N(8 * px)}\" rx=\"{Svg.N(4 * px)}\" stroke-width=\"{Svg.N(1.4 * px)}\"/></g>");
        }
    }
}
