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

/// <summary>How a dough is brought together.</summary>
public enum Mixing
{
    /// <summary>Cold fat is left in flat leaves: flaky.</summary>
    CutIn,

    /// <summary>Fat is rubbed to crumbs, then wetted: short.</summary>
    Rubbed,

    /// <summary>Fat and sugar are creamed, then egg, then flour: sweet and sandy.</summary>
    Creamed,
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
    Mixing Mixing,
    double RestMinutes)
    : CrustFamily(Id, Name, For, Treatments, Tint)
{
    /// <inheritdoc/>
    public override (double Thinnest, double Thickest) Limits => (1, 8);

    /// <summary>True for a dough whose flake comes from fat in layers.</summary>
    public bool NeedsLayers => Mixing is Mixing.CutIn;

    /// <summary>All the dough as a multiple of its flour: the bakers' percentages added up.</summary>
    public double TotalOfFlour => Dough.Sum(p => p.Percent.Usual);

    /// <inheritdoc/>
    public override Constant UsualThickness(Pan pan) => pan.IsSmall ? CrustConstants.TartletDough : pan.IsFluted || pan.Kind is PanKind.Ring ? CrustConstants.TartDough : CrustConstants.PieDough;

    /// <inheritdoc/>
    public override Millimetres UsualHeight(Pan pan) =>
        pan.IsTall ? new(Math.Min(45, pan.Depth.Value)) : pan.Depth;
}

/// <summary>One line of a dough.</summary>
/// <param name="Ingredient">What it is.</param>
/// <param name="Percent">Grams for 100 g of flour.</param>
/// <param name="Note">How it goes in.</param>
public sealed record DoughPart(Ingredient Ingredient, Constant Percent, string Note);

/// <summary>What a line of a crumb crust is there for.</summary>
public enum CrumbRole
{
    /// <summary>What is crushed. The crumbs of one crust make 1 together.</summary>
    Crumb,

    /// <summary>Melted, to hold it.</summary>
    Fat,

    /// <summary>Sugar, honey, salt and spice.</summary>
    Other,
}

/// <summary>One line of a crumb crust.</summary>
/// <param name="Ingredient">What it is.</param>
/// <param name="Role">What it is there for.</param>
/// <param name="Share">Grams for one gram of crumbs.</param>
/// <param name="Note">How it goes in.</param>
public sealed record CrumbPart(Ingredient Ingredient, CrumbRole Role, Constant Share, string Note);

/// <summary>A crust of crumbs, fat and perhaps sugar, pressed into the pan.</summary>
public sealed record CrumbFamily(
    string Id,
    string Name,
    string For,
    IReadOnlyList<Treatment> Treatments,
    string Tint,
    IReadOnlyList<CrumbPart> Mix,
    Constant BiscuitMass)
    : CrustFamily(Id, Name, For, Treatments, Tint)
{
    /// <summary>All the mixture as a multiple of its crumbs.</summary>
    public double TotalOfCrumbs => Mix.Sum(p => p.Share.Usual);

    /// <summary>The fat, first of it where there are several; none where there is no fat.</summary>
    public Ingredient? Fat => Mix.FirstOrDefault(p => p.Role is CrumbRole.Fat)?.Ingredient;

    /// <inheritdoc/>
    public override (double Thinnest, double Thickest) Limits => (2, 20);

    /// <inheritdoc/>
    public override Constant UsualThickness(Pan pan) => pan switch
    {
        _ when pan.IsFluted || pan.Kind is PanKind.WellTray => CrustConstants.TartCrumb,
        { Kind: PanKind.SquareTin } => CrustConstants.BarCrumb,

        // A thick base is for a tall cake; a shallow ring is lined like a plate.
        { Kind: PanKind.Springform or PanKind.Ring, IsTall: true } => CrustConstants.BaseCrumb,
        _ => CrustConstants.PlateCrumb,
    };

    /// <inheritdoc/>
    public override Millimetres UsualHeight(Pan pan) => pan.IsTall || pan.Kind is PanKind.Springform or PanKind.Pot ? new(0) : pan.Depth;
}
