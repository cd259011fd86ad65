using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Crusts;

/// <summary>Figures of the craft about crusts.</summary>
public static class CrustConstants
{
    public static readonly Constant FreezeFat = new("freezing the cut fat", 20, 20, 30, Dimension.Time, "Cold fat stays in leaves.");
    public static readonly Constant ChillShell = new(
        "chilling the lined shell", 45, 30, 60, Dimension.Time, "A rested shell shrinks least.");
    public static readonly Constant DoughDensity = new(
        "dough", 1.2, 1.15, 1.25, Dimension.GramsPerMl, "Rolled dough, weighed and measured.");
    public static readonly Constant RollingLoss = new(
        "for rolling and trimming", 0.12, 0.08, 0.20, Dimension.Share, "A round is never rolled quite round; a practised hand loses less.");
    public static readonly Constant TartDough = new(
        "dough in a tart tin", 3, 2.5, 3.5, Dimension.Length, "Thin enough to bake through, thick enough to stand when unmoulded.");
    public static readonly Constant PieDough = new(
        "dough in a pie plate", 3, 3, 3.5, Dimension.Length, "Thicker stays pale inside under a cream filling.");
    public static readonly Constant TartletDough = new(
        "dough in a tartlet", 2.5, 2, 3, Dimension.Length, "A small shell bakes through before its rim burns only when it is thin.");
    public static readonly Constant TrimmedEdge = new(
        "edge trimmed flush", 6, 4, 8, Dimension.Length, "What is laid over the rim and cut off.");
    public static readonly Constant CrimpedEdge = new(
        "edge folded and crimped", 25, 20, 30, Dimension.Length, "Folded under once to make a double rim.");
    public static readonly Constant FlutedEdge = new(
        "edge high and fluted", 30, 25, 35, Dimension.Length, "A tall rim stands on a thicker fold.");

    public static readonly Constant CrumbDensity = new(
        "crumb, pressed", 1.10, 1.00, 1.20, Dimension.GramsPerMl, "Crumb and fat pressed hard with a flat-bottomed glass.");
    public static readonly Constant PlateCrumb = new(
        "crumb in a pie plate", 5, 4, 6, Dimension.Length, "Thicker eats dry, thinner breaks when it is cut.");
    public static readonly Constant TartCrumb = new("crumb in a fluted tin", 4, 3.5, 5, Dimension.Length, "Thin, so that the flutes show.");
    public static readonly Constant BarCrumb = new(
        "crumb under bars", 6, 5, 8, Dimension.Length, "A bar is lifted by its base; thicker eats dry.");
    public static readonly Constant BaseCrumb = new(
        "crumb as a flat base", 9, 8, 10, Dimension.Length, "A tall cake wants a base that a slice can be lifted on.");
    public static readonly Constant CrumbWall = new(
        "crumb wall at most", 5, 4, 6, Dimension.Length, "However thick the base, a wall is pressed no thicker than this.");
    public static readonly Constant SugarToBind = new(
        "sugars to bind a crumb", 0.12, 0.05, 0.25, Dimension.Share, "For a biscuit that brings none of its own.");
    public static readonly Constant BrownedAway = new(
        "butter loses in browning", 0.16, 0.14, 0.18, Dimension.Share, "Its water boils off; what is left is fat and toasted milk.");
    public static readonly Constant FatHeldBack = new(
        "fat held back", 0.25, 0.20, 0.33, Dimension.Share,
        "Humidity and brand differ: add the rest in thirds until a squeezed handful clumps and looks dry.");

    public static readonly Constant LargestTable = new(
        "largest that can be rolled", 700, 600, 800, Dimension.Length, "A board, a pin and two arms; a wider disc tears as it is lifted.");
    public static readonly Constant BoardWidth = new(
        "across the board", 400, 300, 500, Dimension.Length, "What a pin of ordinary length rolls evenly.");
    public static readonly Constant BoardLength = new(
        "along the board", 600, 450, 700, Dimension.Length, "What a table between two bakers leaves.");
    public static readonly Constant SheetBorder = new(
        "rough border of a rolled sheet", 8, 5, 12, Dimension.Length, "The edge of a rolled sheet is thin and cracked.");
    public static readonly Constant CutterGap = new(
        "between two discs on a sheet", 2, 0, 4, Dimension.Length, "The width of a knife round a plate.");
    public static readonly Constant PaperOverhang = new(
        "paper to lift by", 30, 20, 50, Dimension.Length, "Enough to take hold of when the weights are hot.");

    public static readonly Constant FridgeMost = Hours("dough in the fridge at most", 48, "After that it greys and dries.");
    public static readonly Constant ShellFridgeMost = Hours(
        "lined shell in the fridge at most", 24, "It dries at the rim and takes up smells.");
    public static readonly Constant FreezerDough = Days("dough in the freezer at most", 90, "Well wrapped; then it tastes of freezer.");
    public static readonly Constant FreezerShell = Days(
        "lined shell in the freezer at most", 30, "Thin, so it dries sooner than a block of dough.");
    public static readonly Constant BakedShell = new(
        "baked shell airtight", 36 * 60, 24 * 60, 48 * 60, Dimension.Time, "Crisp until the air gets at it.");
    public static readonly Constant CrumbShell = Hours("crumb shell covered, cold", 48, "It drinks damp after that.");
    public static readonly Constant UnsealedLife = new(
        "an unsealed base under a wet filling", 12 * 60, 8 * 60, 16 * 60, Dimension.Time, "Longer, and it goes soft.");
    public static readonly Constant ShrinksChilled = new(
        "a chilled shell shrinks by", 2, 1, 4, Dimension.Length, "Down the wall, where it was rested half an hour or more.");
    public static readonly Constant ShrinksFrozen = new(
        "a frozen shell shrinks by", 1, 0, 2, Dimension.Length, "Down the wall; hard dough sets before it can pull back.");
    public static readonly Constant ShrinksUnchilled = new(
        "a shell that was not rested shrinks by", 5, 3, 8, Dimension.Length, "Down the wall: what was stretched pulls back.");
    public static readonly Constant FreezeShell = new(
        "freezing a lined shell", 18, 15, 20, Dimension.Time, "Hard right through; a frozen shell shrinks least.");

    public static readonly Constant WeightDensity = new(
        "rice or beans", 0.8, 0.75, 0.85, Dimension.GramsPerMl, "Dry rice or beans, poured, as they lie.");

    /// <summary>How much dough is laid over for an edge.</summary>
    public static Constant Allowance(Edge edge) => edge switch
    {
        Edge.Crimped => CrimpedEdge,
        Edge.HighFluted => FlutedEdge,
        _ => TrimmedEdge,
    };

    private static Constant Hours(string name, double hours, string reason) => new(name, hours * 60, Dimension.Time, reason);

    private static Constant Days(string name, double days, string reason) => new(name, days * 1440, Dimension.Time, reason);
}
