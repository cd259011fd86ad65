using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Pans;

/// <summary>What a bare pan measures, each figure with its working.</summary>
/// <param name="Volume">To the brim.</param>
/// <param name="Base">Area of the bottom.</param>
/// <param name="Wall">Area of the wall, fluting included.</param>
/// <param name="Top">Area across the rim.</param>
/// <param name="Rim">Length round the rim.</param>
public sealed record PanMeasures(
    Worked<Millilitres> Volume, Worked<SquareMillimetres> Base, Worked<SquareMillimetres> Wall, Worked<SquareMillimetres> Top,
    Worked<Millimetres> Rim)
{
    /// <summary>The measures of a pan; of one well for a tray.</summary>
    public static PanMeasures Of(Pan pan)
    {
        var tub = pan.Inside;
        Term fluting = pan.IsFluted ? PanConstants.FlutedWall : Term.Given("a smooth wall", new Factor(1));
        var slant = Term.Given("slant", new Millimetres(tub.Slant));
        var depth = Term.Given("depth", pan.Depth);
        var wall = tub.WallArea * pan.WallFactor;
        if (pan.Water is { } water)
        {
            // Measured water wins over the sizes; the rest follows from sides that stand where the water says.
            var sizes = Term.Given("by its sizes alone", pan.ByItsSizes.Volume);
            var half = Term.Given("half the base width, as the water has it", new Millimetres(tub.BaseHalf));
            return new(
                new(
                    "pan-volume", "The pan to its brim", water, "grams of water it holds, 1 g to the ml; this wins over its sizes",
                    Term.Given("water", new Grams(water.Value)), sizes, Term.Given("the sizes differ by", pan.ByItsSizes.Volume - water)),
                new(
                    "pan-base", "Base", tub.BaseArea, "the base by its sizes, every side moved alike until it holds the water",
                    Term.Given("water", water), half),
                new(
                    "pan-wall", "Wall", wall, "the wall by its sizes, every side moved alike until it holds the water, × fluting",
                    Term.Given("water", water), half, slant, fluting),
                new(
                    "pan-top", "Top", tub.TopArea, "the top by its sizes, every side moved alike until it holds the water",
                    Term.Given("water", water), half),
                new(
                    "pan-rim", "Rim, all round", tub.Rim, "round the rim by its sizes, every side moved alike until it holds the water",
                    Term.Given("water", water), half));
        }

        if (pan.IsRound)
        {
            var top = Term.Given("R, half the top width", new Millimetres(tub.TopHalf));
            var bottom = Term.Given("r, half the base width", new Millimetres(tub.BaseHalf));
            return new(
                new("pan-volume", "The pan to its brim", tub.Volume, "π ÷ 3 × depth × (R² + R × r + r²)", depth, top, bottom),
                new("pan-base", "Base", tub.BaseArea, "π × r²", bottom),
                new("pan-wall", "Wall", wall, "π × (R + r) × slant × fluting", top, bottom, slant, fluting),
                new("pan-top", "Top", tub.TopArea, "π × R²", top),
                new("pan-rim", "Rim, all round", tub.Rim, "2 × π × R", top));
        }

        Term[] Outline(double half) =>
        [
            Term.Given("width", new Millimetres(2 * half)), Term.Given("length", new Millimetres(2 * (half + tub.HalfExtra))),
            Term.Given("corner radius", new Millimetres(Math.Max(0, half - tub.CornerCut))),
        ];
        const string Area = "width × length − (4 − π) × corner radius²";
        const string Round = "2 × (width + length) − (8 − 2 × π) × corner radius";
        var baseArea = new Worked<SquareMillimetres>("pan-base", "Base", tub.BaseArea, Area, Outline(tub.BaseHalf));
        var topArea = new Worked<SquareMillimetres>("pan-top", "Top", tub.TopArea, Area, Outline(tub.TopHalf));
        var middle = Term.Given("area half way up", new SquareMillimetres(tub.AreaFor(tub.HalfAt(tub.Depth / 2))));
        var rim = new Worked<Millimetres>("pan-rim", "Rim, all round", tub.Rim, Round, Outline(tub.TopHalf));
        return new(
            new(
                "pan-volume", "The pan to its brim", tub.Volume, "depth ÷ 6 × (base + 4 × area half way up + top)", depth,
                Term.Of(baseArea), middle, Term.Of(topArea)),
            baseArea,
            new(
                "pan-wall", "Wall", wall, "(round the base + round the rim) ÷ 2 × slant × fluting",
                Term.Given("round the base", new Millimetres(tub.RoundFor(tub.BaseHalf))), Term.Of(rim), slant, fluting),
            topArea,
            rim);
    }
}
