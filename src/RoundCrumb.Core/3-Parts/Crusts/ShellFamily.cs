using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Crusts;

/// <summary>A shell that is bought baked, in a foil of its own.</summary>
public sealed record ShellFamily(
    string Id,
    string Name,
    string For,
    IReadOnlyList<Treatment> Treatments,
    string Tint,
    Ingredient Shell,
    Pan Foil,
    Constant ShellThickness)
    : CrustFamily(Id, Name, For, Treatments, Tint)
{
    /// <summary>How far a pan may differ from the shell, mm, before the shell cracks or rattles in it.</summary>
    public const double Slack = 8;

    /// <inheritdoc/>
    public override (double Thinnest, double Thickest) Limits => (2, 8);

    /// <inheritdoc/>
    public override Constant UsualThickness(Pan pan) => ShellThickness;

    /// <inheritdoc/>
    public override Millimetres UsualHeight(Pan pan) => new(Math.Min(Foil.Depth.Value, pan.Depth.Value));

    /// <summary>True when the shell goes into a pan, or is its own.</summary>
    public bool Fits(Pan pan) =>
        pan.IsRound && pan.Base.Value >= Foil.Base.Value - 1 && pan.Base.Value <= Foil.Base.Value + Slack
            && pan.Depth.Value <= Foil.Depth.Value + Slack && pan.Depth.Value >= Foil.Depth.Value - Slack;

    /// <inheritdoc/>
    public override IReadOnlyList<Ingredient> Ingredients => [Shell];

    /// <inheritdoc/>
    public override IReadOnlyList<CrustLine> Formula => [];

    /// <inheritdoc/>
    public override FormulaBase CountedAgainst => FormulaBase.Nothing;

    /// <inheritdoc/>
    public override CrustFamily? As(WrittenCrust written) => null;

    /// <inheritdoc/>
    public override Ingredient? FromPackets => Shell;

    /// <inheritdoc/>
    public override double LeastHeight => 0;

    /// <inheritdoc/>
    public override Millimetres WallOf(CrustChoice choice) => choice.Thickness;

    /// <inheritdoc/>
    public override (string Thin, string Thick)? BadThickness => null;

    /// <inheritdoc/>
    public override IReadOnlyList<ShellKeeping> Keeping =>
    [
        new("Bought shells, once opened", null, CrustConstants.BakedShell, "an airtight box")
    ];

    /// <summary>Nothing is done before it is unpacked, which its card says.</summary>
    public override IEnumerable<CrustStep> Method(CrustMaking making) => [];

    /// <inheritdoc/>
    public override CrustSums SumsFor(CrustChoice choice, Pan pan, CorrectionSet corrections)
    {
        var total = new Worked<Grams>(
            "bought-shell", "One bought shell", new(Shell.GramsEach), "from the packet",
            Term.Given("one shell", new Grams(Shell.GramsEach)));
        var line = new WeighedLine(
            Shell, new Worked<Grams>("crust-" + Shell.Id, Shell.Name, total.Value, "one shell for each pie", Term.Of(total)), "")
        { Pieces = 1 };
        return new(total, [line], null, null, null, null);
    }
}
