using System.Text;
using Microsoft.AspNetCore.Html;
using RoundCrumb.Core.Faults;
using RoundCrumb.Core.Methods;
using RoundCrumb.Web.Drawing;
using static RoundCrumb.Web.Features.Guide.Pencil;

namespace RoundCrumb.Web.Features.Guide;

/// <summary>
/// What an eye goes by, drawn: a pot, a pan or a spoon from the side, with what is in it too little, right or too much. The three differ in
/// their lines, so that they are told apart from two metres and without colour.
/// </summary>
public static class TechniqueDrawing
{
    private const double Width = 120;
    private const double Height = 84;

    /// <summary>The drawing, with what it shows in words for whoever cannot see it.</summary>
    /// <param name="technique">Of what.</param>
    /// <param name="taken">How far it is taken.</param>
    /// <param name="isPlain">True where words beside it say all, and it is passed over when read aloud.</param>
    public static IHtmlContent Draw(Technique technique, Taken taken, bool isPlain = false)
    {
        var svg = Begun(isPlain ? "" : technique.Looks(taken));
        Action<StringBuilder, Taken> draw = technique switch
        {
            Technique.WaterInDough => CrustDrawing.WaterInDough,
            Technique.Lining => CrustDrawing.Lining,
            Technique.Weights => CrustDrawing.Weights,
            Technique.BlindBake => CrustDrawing.BlindBake,
            Technique.CrumbSqueezed => CrustDrawing.CrumbSqueezed,
            Technique.CrumbPressed => CrustDrawing.CrumbPressed,
            Technique.Custard => OnTheHob,
            Technique.Curd => OnASpoon,
            Technique.BakedCustard => BakedCustard,
            Technique.GelatineMix => Ribbon,
            Technique.Cream => static (s, t) => Peak(s, t, isCream: true),
            Technique.Whites => static (s, t) => Peak(s, t, isCream: false),
            Technique.Caramel => Caramel,
            Technique.BrownedButter => BrownedButter,
            Technique.Toasted => Toasted,
            Technique.AlmondFilling => AlmondFilling,
            Technique.FruitBubbling => FruitBubbling,
            Technique.Glaze => Glaze,
            Technique.Slice => CrustDrawing.Slice,
            Technique.FreezingFat => DoughDrawing.FreezingFat,
            Technique.RubbingIn => DoughDrawing.RubbingIn,
            Technique.CrossHatching => DoughDrawing.CrossHatching,
            Technique.Rolling => DoughDrawing.Rolling,
            Technique.Edge => DoughDrawing.Edge,
            Technique.Docking => DoughDrawing.Docking,
            Technique.Sealing => DoughDrawing.Sealing,
            Technique.Tempering => BowlDrawing.Tempering,
            Technique.Film => BowlDrawing.Film,
            Technique.Blooming => BowlDrawing.Blooming,
            Technique.YolkRibbon => BowlDrawing.YolkRibbon,
            Technique.Folding => BowlDrawing.Folding,
            Technique.Reducing => BowlDrawing.Reducing,
            Technique.Flaming => BowlDrawing.Flaming,
            Technique.FreshCurd => BowlDrawing.FreshCurd,
            Technique.Piping => FinishDrawing.Piping,
            Technique.Arranging => FinishDrawing.Arranging,
            Technique.Unmoulding => FinishDrawing.Unmoulding,
            Technique.Knife => FinishDrawing.Knife,
        };
        draw(svg, taken);
        return new HtmlString(svg.Append("</svg>").ToString());
    }

    /// <summary>Cream at one of its stages.</summary>
    public static IHtmlContent Draw(CreamStage stage)
    {
        var svg = Begun(stage.Looks);
        CreamDrawing.Draw(svg, stage);
        return new HtmlString(svg.Append("</svg>").ToString());
    }

    private static StringBuilder Begun(string title)
    {
        var svg = new StringBuilder(900);
        svg.Add($"<svg class=\"technique\" viewBox=\"0 0 {Width} {Height}\" width=\"{Width}\" height=\"{Height}\" ");
        svg.Append(title.Length > 0 ? "role=\"img\">" : "aria-hidden=\"true\">");
        if (title.Length > 0)
            svg.Add($"<title>{Svg.Text(title)}</title>");
        return svg;
    }

    private static void OnTheHob(StringBuilder svg, Taken taken)
    {
        Path(
            svg,
            taken switch
            {
                Taken.TooLittle => "M18 50 H102 V70 H18Z",
                Taken.Right => "M18 46 Q34 42 46 46 Q58 54 68 46 Q86 40 102 46 V70 H18Z",
                Taken.TooMuch => "M34 70 Q26 54 42 46 Q60 34 80 46 Q94 56 86 70Z",
            },
            Custard);
        Pot(svg);
        switch (taken)
        {
            case Taken.TooLittle:
                Steam(svg, 44);
                Steam(svg, 60);
                Steam(svg, 76);
                break;
            case Taken.Right:
                Dot(svg, 34, 40, 5, Custard);
                Dot(svg, 84, 38, 6, Custard);
                Line(svg, "M57 56 L72 12 M57 56 q-8 -6 0 -16 M57 56 q10 -2 10 -14", 2);
                break;
            case Taken.TooMuch:
                Line(svg, "M42 54 Q60 44 78 54 M40 62 Q60 52 82 62", 1.5);
                break;
        }
    }

    private static void OnASpoon(StringBuilder svg, Taken taken)
    {
        svg.Add($"<ellipse cx=\"44\" cy=\"42\" rx=\"34\" ry=\"24\" fill=\"{Steel}\" class=\"food\"/>");
        Line(svg, "M78 42 H118", 5);
        switch (taken)
        {
            case Taken.TooLittle:
                Path(svg, "M22 52 Q44 62 66 52 Q58 66 44 66 Q30 66 22 52Z", Custard);
                foreach (var x in new[] { 34, 44, 54 })
                    Path(svg, FormattableString.Invariant($"M{x} 66 q-3 8 0 11 q3 -3 0 -11Z"), Custard);
                break;
            case Taken.Right:
                Path(svg, "M12 40 A32 21 0 0 1 76 40 L76 38 L12 38Z M12 47 A32 21 0 0 0 76 47Z", Custard);
                break;
            case Taken.TooMuch:
                svg.Add($"<ellipse cx=\"44\" cy=\"42\" rx=\"31\" ry=\"21\" fill=\"{Custard}\" class=\"food\"/>");
                Strewn(svg, 26, 20, 68, 28, 56, 2.2, Cream);
                break;
        }
    }

    private static void BakedCustard(StringBuilder svg, Taken taken)
    {
        Path(
            svg,
            taken switch
            {
                Taken.TooLittle => "M14 38 Q22 30 30 38 Q38 46 46 38 Q54 30 62 38 Q70 46 78 38 Q86 30 94 38 Q100 44 106 38 L100 70 H20Z",
                Taken.Right => "M14 36 L40 36 Q60 39 80 36 L106 36 L100 70 H20Z",
                Taken.TooMuch => "M14 42 Q60 8 106 42 L100 70 H20Z",
            },
            Custard);
        Pan(svg);
        if (taken is Taken.Right)
            Line(svg, "M46 30 q14 4 28 0 M50 25 q10 3 20 0", 1.5);
        else if (taken is Taken.TooMuch)
            Line(svg, "M58 26 l5 8 l-6 6 l6 8 M78 32 l-4 6 l5 6", 2);
    }

    private static void Ribbon(StringBuilder svg, Taken taken)
    {
        Path(svg, "M18 50 H102 Q98 73 60 73 Q22 73 18 50Z", Cream);
        Bowl(svg);
        switch (taken)
        {
            case Taken.TooLittle:
                Path(svg, "M58 8 H62 V50 H58Z", Cream);
                Line(svg, "M46 50 q14 -5 28 0", 1.5);
                break;
            case Taken.Right:
                Path(svg, "M56 8 H64 L63 36 Q86 38 82 44 Q60 52 40 46 Q38 38 56 36Z", Cream);
                Line(svg, "M44 44 Q60 40 76 44", 1.5);
                break;
            case Taken.TooMuch:
                Strewn(svg, 10, 30, 90, 42, 62, 6, Cream);
                break;
        }
    }

    private static void Peak(StringBuilder svg, Taken taken, bool isCream)
    {
        switch (taken)
        {
            case Taken.TooLittle when isCream:
                Path(svg, "M18 54 Q40 46 60 54 Q80 62 102 54 Q98 73 60 73 Q22 73 18 54Z", Cream);
                Line(svg, "M30 58 Q60 50 90 60 M36 65 Q60 58 84 66", 1.5);
                break;
            case Taken.TooLittle:
                Path(svg, "M18 50 H102 Q98 73 60 73 Q22 73 18 50Z", Cream);
                Strewn(svg, 22, 26, 94, 42, 68, 4, Cream);
                break;
            case Taken.Right when isCream:
                Path(svg, "M18 56 Q38 50 48 34 Q54 20 70 22 Q78 26 70 32 Q66 46 102 56 Q98 73 60 73 Q22 73 18 56Z", Cream);
                break;
            case Taken.Right:
                Path(svg, "M18 56 Q44 52 54 26 Q58 6 72 10 Q82 14 76 24 Q70 18 68 28 Q68 50 102 56 Q98 73 60 73 Q22 73 18 56Z", Cream);
                Line(svg, "M60 36 Q58 50 50 60", 1.5);
                break;
            case Taken.TooMuch:
                Path(svg, "M18 58 H102 Q98 73 60 73 Q22 73 18 58Z", isCream ? Butter : Cream);
                Strewn(svg, isCream ? 30 : 9, 26, 94, 36, 64, isCream ? 3 : 8, isCream ? Butter : Cream);
                break;
        }

        Bowl(svg);
    }

    private static void Caramel(StringBuilder svg, Taken taken)
    {
        Path(svg, "M18 54 H102 V70 H18Z", taken switch { Taken.TooLittle => Butter, Taken.Right => "#c9822f", Taken.TooMuch => "#3f2212" });
        Pot(svg);
        switch (taken)
        {
            case Taken.TooLittle:
                foreach (var x in new[] { 32, 54, 78 })
                    Dot(svg, x, 48, 8, Butter);
                break;
            case Taken.Right:
                Strewn(svg, 16, 24, 96, 50, 56, 2.6, "#c9822f");
                break;
            case Taken.TooMuch:
                foreach (var x in new[] { 36, 52, 68, 84 })
                    Line(svg, FormattableString.Invariant($"M{x} 48 q-8 -10 0 -20 q8 -10 0 -20"), 3);
                break;
        }
    }

    private static void BrownedButter(StringBuilder svg, Taken taken)
    {
        Path(svg, "M18 52 H102 V70 H18Z", taken switch { Taken.TooLittle => Butter, Taken.Right => "#c98f3c", Taken.TooMuch => "#4b2a14" });
        Pot(svg);
        switch (taken)
        {
            case Taken.TooLittle:
                Strewn(svg, 26, 22, 98, 44, 52, 3.2, Cream);
                break;
            case Taken.Right:
                Strewn(svg, 18, 24, 96, 65, 69, 1.5, Dark);
                break;
            case Taken.TooMuch:
                Strewn(svg, 26, 24, 96, 58, 69, 2.4, "#120a05");
                Line(svg, "M46 46 q-8 -10 0 -20 q8 -10 0 -20 M74 46 q-8 -10 0 -20 q8 -10 0 -20", 3);
                break;
        }
    }

    private static void Toasted(StringBuilder svg, Taken taken)
    {
        Line(svg, "M6 66 V72 H114 V66", 3);
        var fill = taken switch { Taken.TooLittle => Cream, Taken.Right => Baked, Taken.TooMuch => Dark };
        for (var i = 0; i < 5; i++)
        {
            var x = 20 + (i * 20);
            svg.Add($"<ellipse cx=\"{x}\" cy=\"58\" rx=\"8.5\" ry=\"11\" fill=\"{fill}\" class=\"food\"/>");
            if (taken is not Taken.TooLittle)
                Line(svg, FormattableString.Invariant($"M{x - 4} 52 l8 10"), 1.5);
            if (taken is Taken.TooMuch)
                Line(svg, FormattableString.Invariant($"M{x + 4} 52 l-8 10 M{x} 50 v16"), 1.5);
        }

        if (taken is not Taken.TooLittle)
            Steam(svg, 60, taken is Taken.TooMuch ? 4 : 1.5);
    }

    private static void AlmondFilling(StringBuilder svg, Taken taken)
    {
        Path(
            svg,
            taken switch
            {
                Taken.TooLittle => "M14 42 L48 42 Q60 62 72 42 L106 42 L100 70 H20Z",
                Taken.Right => "M14 40 Q60 24 106 40 L100 70 H20Z",
                Taken.TooMuch => "M14 44 Q60 16 106 44 L100 70 H20Z",
            },
            taken switch { Taken.TooLittle => Custard, Taken.Right => Baked, Taken.TooMuch => Dark });
        Pan(svg);
        switch (taken)
        {
            case Taken.TooLittle:
                Line(svg, "M82 60 L98 6", 2);
                Strewn(svg, 6, 82, 94, 20, 56, 2.8, Custard);
                break;
            case Taken.Right:
                Line(svg, "M82 60 L98 6", 2);
                break;
            case Taken.TooMuch:
                Line(svg, "M40 36 l6 8 l-4 8 M62 28 l-4 10 l6 10 M82 36 l-6 8", 2);
                break;
        }
    }

    private static void FruitBubbling(StringBuilder svg, Taken taken)
    {
        Path(svg, "M12 44 H108 L100 70 H20Z", Fruit);
        Pan(svg);
        if (taken is Taken.TooLittle)
        {
            Strewn(svg, 24, 18, 102, 38, 46, 4, Baked);
        }
        else if (taken is Taken.Right)
        {
            Strewn(svg, 9, 16, 40, 38, 46, 4, Baked);
            Strewn(svg, 9, 81, 104, 38, 46, 4, Baked);
            foreach (var (x, r) in new[] { (48, 6), (60, 8), (73, 6) })
                Dot(svg, x, 36, r, Fruit);
        }
        else if (taken is Taken.TooMuch)
        {
            Path(svg, "M6 30 Q0 34 4 50 Q2 66 8 74 Q14 66 10 48 L14 36Z", Fruit);
            Path(svg, "M114 30 Q120 34 116 50 Q118 66 112 74 Q106 66 110 48 L106 36Z", Fruit);
            Strewn(svg, 14, 22, 98, 42, 50, 4, Baked);
            Strewn(svg, 8, 30, 90, 28, 38, 5, Fruit);
        }
    }

    private static void Glaze(StringBuilder svg, Taken taken)
    {
        Path(svg, "M14 44 Q60 36 106 44 L100 70 H20Z", Fruit);
        Pan(svg);
        switch (taken)
        {
            case Taken.TooLittle:
                Line(svg, "M24 40 h14 M58 37 h8 M88 39 h6", 3);
                break;
            case Taken.Right:
                Line(svg, "M16 41 Q60 33 104 41", 3);
                break;
            case Taken.TooMuch:
                Path(svg, "M12 44 L10 32 Q60 22 110 32 L108 44 Q60 36 12 44Z", Butter);
                Path(svg, "M110 34 q8 12 2 26 q-6 -8 -4 -22Z", Butter);
                break;
        }
    }
}
