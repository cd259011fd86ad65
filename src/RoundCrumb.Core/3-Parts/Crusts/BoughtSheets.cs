using RoundCrumb.Core.Layouts;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Crusts;

/// <summary>How bought sheets line some pans.</summary>
/// <param name="Count">How many sheets to buy.</param>
/// <param name="EachLines">How many of these pans one sheet lines; 0 where a disc is wider than the sheet.</param>
/// <param name="Joined">True where sheets have to be joined, or rolled wider.</param>
public sealed record BoughtSheets(Worked<Number> Count, int EachLines, bool Joined)
{
    /// <summary>The sheets for so many of one disc or oblong sheet.</summary>
    /// <param name="sheet">What is bought.</param>
    /// <param name="disc">Width of what is cut.</param>
    /// <param name="length">Its length; none for a disc.</param>
    /// <param name="dough">Dough for one, trimming included.</param>
    /// <param name="pans">How many.</param>
    public static BoughtSheets For(BoughtSheet sheet, Worked<Millimetres> disc, Worked<Millimetres>? length, Worked<Grams> dough, int pans)
    {
        var (wide, longer) = (disc.Value.Value, (length ?? disc).Value.Value);
        var each = length is null
            ? Layout.InRectangle(sheet.Width.Value, sheet.Length.Value, wide, CrustConstants.CutterGap.Usual).Count
            : Math.Max(Grid(wide, longer), Grid(longer, wide));
        var mass = Term.Given("one sheet", sheet.Mass);
        var count = each > 0
            ? new Worked<Number>(
                "bought-sheets", "Sheets to buy", new(Math.Ceiling((double)pans / each)), "pans ÷ discs to a sheet, rounded up",
                Term.Given("pans", pans, Dimension.Count), Term.Given("discs to a sheet", each, Dimension.Count))
            : new Worked<Number>(
                "bought-sheets", "Sheets to buy", new(Math.Ceiling((pans * dough.Value.Value / sheet.Mass.Value) - 1e-9)),
                "too narrow for the disc, so by weight and joined: pans × dough for one ÷ one sheet, rounded up",
                Term.Given("pans", pans, Dimension.Count), Term.Of(dough), mass);
        return new(count, each, each == 0);

        int Grid(double across, double along) => (int)Math.Floor(sheet.Width.Value / across) * (int)Math.Floor(sheet.Length.Value / along);
    }
}
