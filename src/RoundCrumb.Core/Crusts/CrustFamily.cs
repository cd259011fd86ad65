using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Crusts;

/// <summary>How a crust is finished before the filling goes in. Each pair is two schools of one craft.</summary>
public enum Treatment
{
    /// <summary>Rolled: a hot oven sets the layers fast.</summary>
    HotStart,

    /// <summary>Rolled: a moderate oven throughout; even colour, least shrinkage.</summary>
    Steady,

    /// <summary>Pressed crumb: baked, crisper.</summary>
    Baked,

    /// <summary>Pressed crumb: chilled, softer, no oven.</summary>
    Chilled,
}

/// <summary>How the edge of a rolled crust is finished.</summary>
public enum Edge
{
    Trimmed,
    Crimped,
    HighFluted,
}

/// <summary>A kind of crust. Add one by adding a declaration to <see cref="CrustBook"/>.</summary>
/// <param name="Id">Stable short name, used in addresses.</param>
/// <param name="Name">What a baker calls it.</param>
/// <param name="For">What it is good for.</param>
/// <param name="Treatments">The schools it allows, the usual one first.</param>
/// <param name="Tint">Its colour when done, as #rrggbb.</param>
public abstract record CrustFamily(string Id, string Name, string For, IReadOnlyList<Treatment> Treatments, string Tint)
{
    /// <summary>Thinnest and thickest that this kind can be made at all, mm.</summary>
    public abstract (double Thinnest, double Thickest) Limits { get; }

    /// <summary>The usual thickness for a pan, mm.</summary>
    public abstract Constant UsualThickness(Pan pan);

    /// <summary>How far up the wall it usually goes in a pan.</summary>
    public abstract Millimetres UsualHeight(Pan pan);
}

/// <summary>A crust of dough rolled out with a pin.</summary>
public sealed record RolledFamily(
    string Id,
    string Name,
    string For,
    IReadOnlyList<Treatment> Treatments,
    string Tint,
    IReadOnlyList<DoughPart> Dough,
    bool NeedsLayers,
    double RestMinutes)
    : CrustFamily(Id, Name, For, Treatments, Tint)
{
    /// <inheritdoc/>
    public override (double Thinnest, double Thickest) Limits => (1, 8);

    /// <summary>All the dough as a multiple of its flour: the bakers' percentages added up.</summary>
    public double TotalOfFlour { get; } = Dough.Sum(p => p.Percent.Usual);

    /// <inheritdoc/>
    public override Constant UsualThickness(Pan pan) => pan.Kind is PanKind.TartTin ? CrustConstants.TartDough : CrustConstants.PieDough;

    /// <inheritdoc/>
    public override Millimetres UsualHeight(Pan pan) =>
        pan.Kind is PanKind.Springform ? new(Math.Min(45, pan.Depth.Value)) : pan.Depth;
}

/// <summary>One line of a dough.</summary>
/// <param name="Ingredient">What it is.</param>
/// <param name="Percent">Grams for 100 g of flour.</param>
/// <param name="Note">How it goes in.</param>
public sealed record DoughPart(Ingredient Ingredient, Constant Percent, string Note);

/// <summary>A crust of crumbs, fat and perhaps sugar, pressed into the pan.</summary>
public sealed record CrumbFamily(
    string Id,
    string Name,
    string For,
    IReadOnlyList<Treatment> Treatments,
    string Tint,
    Ingredient Crumb,
    Ingredient Fat,
    Constant FatPercent,
    Ingredient Sugar,
    Constant SugarPercent,
    Constant BiscuitMass)
    : CrustFamily(Id, Name, For, Treatments, Tint)
{
    /// <inheritdoc/>
    public override (double Thinnest, double Thickest) Limits => (2, 20);

    /// <inheritdoc/>
    public override Constant UsualThickness(Pan pan) => pan.Kind switch
    {
        PanKind.TartTin => CrustConstants.TartCrumb,
        // A thick base is for a tall cake; a shallow ring is lined like a plate.
        PanKind.Springform when pan.Depth.Value >= 40 => CrustConstants.BaseCrumb,
        _ => CrustConstants.PlateCrumb,
    };

    /// <inheritdoc/>
    public override Millimetres UsualHeight(Pan pan) => pan.Kind is PanKind.Springform ? new(0) : pan.Depth;
}
