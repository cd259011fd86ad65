using System.Globalization;
using System.Text;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Layering;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Toppings;
using RoundCrumb.Core.Units;
using RoundCrumb.Web.Drawing;

namespace RoundCrumb.Web.Features.Compose;

/// <content>What is written into the drawing, and its rule.</content>
public static partial class CutSlice
{
    private sealed partial class Drawing
    {
        private void Words(double px, double cream)
        {
            var size = 14 * px;
            var beneath = _pie.Layers.Where(l => l.Choice is FillingLayer).Select(l => l.To).DefaultIfEmpty(0).Max();
            var depth = _pie.FilledDepth.Value.Value - beneath;
            var deep = _shown.Say(new Quantity(depth, Dimension.Length)) + " deep";
            // Words that pieces of fruit may lie behind stand clear of them.
            var halo = _pie.Layers.Any(l => l.Choice is PieceLayer)
                ? $" stroke=\"{C.Filling.Formula.Tint}\" stroke-width=\"{Svg.N(4 * px)}\" stroke-linejoin=\"round\" paint-order=\"stroke\""
                : "";

            // A small pan leaves little room beside its middle: the words begin nearer to it, and are made to fit.
            var half = InnerAt(-FillingTop - (depth / 2));
            var x = half > 60 ? 8 : 3;
            if (depth > size * 5)
                _svg.Add(
                    $"<text class=\"{Word(C.Filling.Formula.Tint)}\"{halo} x=\"{Svg.N(x)}\" "
                        + $"y=\"{Svg.N(FillingTop + (depth / 2) - (size * 0.2))}\">{Fitted(C.Filling.Formula.Name, half - x, size, px)}"
                        + $"<tspan class=\"deep\" x=\"{Svg.N(x)}\" dy=\"1.2em\">{Svg.Text(deep)}</tspan></text>");
            else if (depth > size * 1.3)
                Named(C.Filling.Formula, halo, FillingTop + (depth / 2), $"{C.Filling.Formula.Name}, {deep}", half);
            void Named(FillingFormula of, string about, double at, string words, double room)
            {
                _svg.Add($"<text class=\"{Word(of.Tint)}\"{about} x=\"{x}\" y=\"{at + (size * 0.35)}\">");
                _svg.Append(Fitted(words, room - x, size, px)).Append("</text>");
            }

            foreach (var layer in _pie.Layers)
            {
                if (layer.Choice is FillingLayer under && layer.To - layer.From > size * 1.15)
                {
                    Named(
                        under.Formula, "", -(_pie.Lined.BaseThickness + ((layer.From + layer.To) / 2)),
                        $"{under.Name}, {_shown.Say(under.Thickness.AsQuantity())}", InnerAt(_pie.Lined.BaseThickness + layer.From));
                }
            }

            var y = FillingTop;
            foreach (var top in _pie.Toppings)
            {
                var high = top.Choice.Stands;
                if (top.Count is null && high > size * 1.15)
                    Text(
                        x, y - (high / 2) + (size * 0.35), Word(top.Choice.Topping.Tint),
                        $"{WordFor(top.Choice.Topping.Kind)}, {_shown.Say(top.Choice.Height.AsQuantity())}");
                y -= top.Count is null ? high : high * 0.5;
            }

            if (Overflows(_pie))
                Text(8, -_depth - 14, "word over-word", $"{_shown.Say(_pie.Fit.RunsOver.Amount)} would run over");
            else if (_pie.LeftOver.Value.Value >= 5)
                Text(
                    8, -(_depth + Math.Max(cream * 1.3, 2)) - (size * 0.4) - Math.Max(0, -_depth - FillingTop), "word aside-word",
                    $"{_shown.Say(_pie.LeftOver.Amount)} left in the bowl");
        }

        /// <summary>Light words on a dark colour.</summary>
        private static string Word(string tint)
        {
            double Part(int at) => int.Parse(tint.AsSpan(at, 2), NumberStyles.HexNumber, CultureInfo.InvariantCulture);
            return (0.3 * Part(1)) + (0.59 * Part(3)) + (0.11 * Part(5)) < 118 ? "word light" : "word";
        }

        /// <summary>Words no wider than there is room: a long name is drawn closer together, and a very long one is cut short.</summary>
        private static string Fitted(string words, double room, double size, double px)
        {
            var wide = words.Length * size * 0.56;
            if (wide <= room)
                return Svg.Text(words);
            var keep = (int)(room / (size * 0.42));
            if (keep < words.Length)
                words = words[..Math.Max(3, Math.Min(words.Length, keep - 1))].TrimEnd() + "…";
            return $"<tspan textLength=\"{Svg.N(Math.Min(room - (3 * px), words.Length * size * 0.56))}\" "
                + $"lengthAdjust=\"spacingAndGlyphs\">{Svg.Text(words)}</tspan>";
        }

        /// <summary>The rule below: millimetres, or inches for a baker who works in them.</summary>
        private void Rule(double px, double y)
        {
            var end = _radius + _wall;
            var inches = _shown.Units.Length is LengthUnit.Inches;
            var step = inches ? 25.4 / 4 : 5;
            var path = new StringBuilder();
            path.Add($"M0 {Svg.N(y)}H{Svg.N(end)}");
            for (var i = 0; i * step <= end; i++)
            {
                var size = i % (inches ? 4 : 10) == 0 ? 9 : i % 2 == 0 ? 5.5 : 3;
                path.Add($"M{Svg.N(i * step)} {Svg.N(y)}v{Svg.N(size * px)}");
            }

            _svg.Add($"<path class=\"rule\" d=\"{path}\" stroke-width=\"{Svg.N(px)}\"/>");
            var unit = inches ? "in" : "mm";
            var each = inches ? 25.4 : 50;
            for (var i = 0; i * each <= end; i++)
                Text(i * each, y + (22 * px), i == 0 ? "tick first" : "tick", i == 0 ? $"0 {unit}" : inches ? Svg.N(i) : Svg.N(i * 50));

            // A short upright rule at the rim shows the depth.
            var x = _radius + _wall + (C.Pan.HasRim ? 15 : 7);
            _svg.Add(
                $"<path class=\"rule\" d=\"M{Svg.N(x)} 0V{Svg.N(-_depth)}m{Svg.N(-3 * px)} 0h{Svg.N(6 * px)}M{Svg.N(x - (3 * px))} "
                    + $"0h{Svg.N(6 * px)}\" stroke-width=\"{Svg.N(px)}\"/>");
            _svg.Add(
                $"<text class=\"tick depth\" transform=\"translate({Svg.N(x + (16 * px))} {Svg.N(-_depth / 2)}) "
                    + $"rotate(-90)\">{Svg.Text(_shown.Say(C.Pan.Depth.AsQuantity()))}</text>");
        }

        private void Text(double x, double y, string css, string words) =>
            _svg.Add($"<text class=\"{css}\" x=\"{x}\" y=\"{y}\">{Svg.Text(words)}</text>");

        private static string WordFor(ToppingKind kind) => kind is ToppingKind.Whipped ? "cream" : kind.ToString().ToLowerInvariant();

        private void Raw(string text) => _svg.Append(text);
    }
}
