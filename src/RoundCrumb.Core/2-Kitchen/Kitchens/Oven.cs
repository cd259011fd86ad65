using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Kitchens;

/// <summary>An oven of the kitchen.</summary>
/// <param name="Id">Stable short name, used in addresses.</param>
/// <param name="Name">What the bakers call it.</param>
/// <param name="Width">Of a shelf, inside.</param>
/// <param name="Depth">Of a shelf, front to back.</param>
/// <param name="Shelves">How many shelves can be loaded at once, 1 or more.</param>
/// <param name="Fan">True when it is run with its fan.</param>
/// <param name="RunsHot">By how many °C it is hotter inside than its dial says; less than 0 is colder.</param>
public sealed record Oven(string Id, string Name, Millimetres Width, Millimetres Depth, int Shelves, bool Fan, double RunsHot)
{
    /// <summary>Minutes from switching it on, or from another heat, until it bakes evenly.</summary>
    public double WarmUp { get; init; } = OvenConstants.WarmUp.Usual;

    /// <summary>What its own bakes say better than the book and its label.</summary>
    public CorrectionSet Corrections { get; init; } = CorrectionSet.Book;

    /// <summary>Minutes until it bakes evenly, as this kitchen has it.</summary>
    public double HotAfter => WarmUp * (Corrections.Of(CorrectionKey.WarmUp(Id))?.Usual ?? 1);

    /// <summary>What is reckoned with while nothing is known of the kitchen: no fan, no error.</summary>
    public static readonly Oven Plain = new("plain", "An ordinary oven", new(440), new(360), 2, false, 0);

    /// <summary>True when its dial says what a conventional oven's does.</summary>
    public bool DialIsHeat => !Fan && RunsHot == 0
        && !Corrections.All.Any(c => c is { IsBook: false, Key.Kind: CorrectionKind.OvenOffset } && c.Key.Of == Id);

    /// <summary>By how much it is hotter than its dial says at a heat: as a thermometer has it, or as was once said; °C.</summary>
    /// <param name="celsius">The heat that is wanted, of a conventional oven.</param>
    public double HotBy(double celsius) => Corrections.Of(CorrectionKey.OvenOffset(Id, celsius))?.Usual ?? RunsHot;

    /// <summary>What its dial is turned to for a heat, with the chain from one to the other.</summary>
    /// <param name="heat">The heat.</param>
    /// <param name="id">A short stable name within one composition.</param>
    public Worked<OvenDial> DialFor(Worked<OvenCelsius> heat, string id = "oven-dial")
    {
        // A thermometer in it knows better than what was once said of it.
        var read = Corrections.Of(CorrectionKey.OvenOffset(Id, heat.Value.Value));
        var hot = HotBy(heat.Value.Value);
        return new(
            id, $"{Name}: set it to", new(heat.Value.Value - (Fan ? OvenConstants.FanAllowance.Usual : 0) - hot),
            "the heat wanted" + (Fan ? " − the fan's share" : "")
                + (read is not null ? " − what a thermometer here says it runs hot by" : hot == 0 ? "" : " − what it runs hot by"),
            [
                Term.Of(heat),
                .. Fan ? [Term.FromConstant(OvenConstants.FanAllowance)] : Array.Empty<Term>(),
                .. read is not null ? [Term.FromConstant(read)]
                    : hot == 0 ? Array.Empty<Term>()
                    : [Term.Given("it runs hot by", hot, Dimension.HeatDifference)],
            ]);
    }

    /// <summary>How many of a pan stand on one shelf: square or staggered, whichever takes more. Trays count as their wells.</summary>
    public int OnOneShelf(Pan pan)
    {
        var (wide, deep) = OvenLoad.Footprint(pan);
        var gap = OvenConstants.Gap.Usual;
        if (pan.Length is not null || pan.Kind.Facts.IsTray)
            return pan.Wells * Math.Max(Fits(Width.Value, Depth.Value, wide, deep, gap), Fits(Width.Value, Depth.Value, deep, wide, gap));
        return Layouts.Layout.InRectangle(Width.Value, Depth.Value, wide, gap).Count;
    }

    private static int Fits(double width, double depth, double wide, double deep, double gap) =>
        (int)Math.Floor((width + gap) / (wide + gap)) * (int)Math.Floor((depth + gap) / (deep + gap));
}

/// <summary>Figures of the craft about ovens.</summary>
public static class OvenConstants
{
    /// <summary>How much hotter an oven with a fan bakes than its dial says, degrees.</summary>
    public static readonly Constant FanAllowance = new(
        "a fan's share", OvenScale.FanAllowance, 15, 25, Dimension.HeatDifference,
        "Moving air brings heat in faster, so a fan oven is set lower for the same bake.");

    /// <summary>What each further loaded shelf adds to the minutes.</summary>
    public static readonly Constant Shelf = new(
        "each further loaded shelf", 0.06, 0.04, 0.10, Dimension.Share, "Cold pans take heat, and air moves less between them.");

    /// <summary>Minutes until a cold oven is hot.</summary>
    public static readonly Constant WarmUp = new(
        "warming up", 20, 10, 40, Dimension.Time, "Walls and shelves have to be hot, not only the air.");

    /// <summary>What is left free between pans on a shelf, mm.</summary>
    public static readonly Constant Gap = new("between pans on a shelf", 20, 15, 30, Dimension.Length, "Heat has to come round every rim.");
}

/// <summary>How so many pans go into an oven.</summary>
/// <param name="Oven">Which.</param>
/// <param name="PerShelf">How many stand on one shelf; 0 where not even one does.</param>
/// <param name="ShelvesUsed">How many shelves the fullest load has.</param>
/// <param name="Loads">How many loads it takes; 0 where the pan does not go in.</param>
public sealed record OvenLoad(Oven Oven, int PerShelf, int ShelvesUsed, int Loads)
{
    /// <summary>What further loaded shelves add to the minutes; none where one is loaded.</summary>
    public Constant? SlowedBy => ShelvesUsed > 1
        ? new(
            FormattableString.Invariant($"{ShelvesUsed} shelves loaded"), 1 + (OvenConstants.Shelf.Usual * (ShelvesUsed - 1)),
            1 + (OvenConstants.Shelf.Low * (ShelvesUsed - 1)), 1 + (OvenConstants.Shelf.High * (ShelvesUsed - 1)), Dimension.Factor,
            OvenConstants.Shelf.Reason)
        : null;

    /// <summary>The loads for so many of a pan. Full shelves first: fewer loads, each a little slower.</summary>
    public static OvenLoad For(Oven oven, Pan pan, int pans)
    {
        var each = oven.OnOneShelf(pan);
        if (each == 0 || pans <= 0)
            return new(oven, each, 0, 0);
        var shelves = (pans + each - 1) / each;
        return new(oven, each, Math.Min(oven.Shelves, shelves), (shelves + oven.Shelves - 1) / oven.Shelves);
    }

    /// <summary>What a pan takes up on a shelf, rims and all, mm; of a tray, all of it.</summary>
    public static (double Wide, double Deep) Footprint(Pan pan)
    {
        var around = pan.HasRim ? 30 : 8;
        if (pan.Kind.Facts.IsTray && pan.Wells > 1)
        {
            var columns = (int)Math.Ceiling(Math.Sqrt(pan.Wells * 4 / 3.0));
            var rows = (pan.Wells + columns - 1) / columns;
            return ((columns * (pan.Top.Value + 12)) + 12, (rows * (pan.Top.Value + 12)) + 12);
        }

        return (pan.Top.Value + around, (pan.Length ?? pan.Top).Value + around);
    }
}
