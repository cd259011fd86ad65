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

    /// <summary>A bought shell, baked already: filled as it comes.</summary>
    Ready,
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

    /// <summary>Bought, rolled out already.</summary>
    Bought,
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

    /// <summary>Where bakers differ over it, and what each way buys.</summary>
    public string Schools { get; init; } = "";
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

    /// <summary>True for a dough that a warm room undoes: butter in layers.</summary>
    public bool MindsWarmth => NeedsLayers && Dough.Any(d => d.Ingredient.Id is "butter" or "salted-butter" && d.Percent.Usual >= 0.3);

    /// <summary>The sheet that it is bought as; none for a dough that is made.</summary>
    public BoughtSheet? Sheet { get; init; }

    /// <summary>How many more times its offcuts can be rolled: once; flaky ones after a rest.</summary>
    public string Rerolls => NeedsLayers || Sheet is not null ? "once, after a rest: pile the scraps flat, don’t ball them" : "once";

    /// <summary>All the dough as a multiple of its flour: the bakers' percentages added up.</summary>
    public double TotalOfFlour => Dough.Sum(p => p.Percent.Usual);

    /// <inheritdoc/>
    public override Constant UsualThickness(Pan pan) => pan.IsSmall ? CrustConstants.TartletDough : pan.IsFluted || pan.Kind is PanKind.Ring ? CrustConstants.TartDough : CrustConstants.PieDough;

    /// <inheritdoc/>
    public override Millimetres UsualHeight(Pan pan) =>
        pan.IsTall ? new(Math.Min(45, pan.Depth.Value)) : pan.Depth;
}

/// <summary>Dough that is bought rolled out.</summary>
/// <param name="Width">The shorter side.</param>
/// <param name="Length">The longer side.</param>
/// <param name="Mass">What one weighs.</param>
public sealed record BoughtSheet(Millimetres Width, Millimetres Length, Grams Mass);

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
    /// <summary>The biscuit that is crushed, or the first of what is ground.</summary>
    public Ingredient Crumb => Mix.First(p => p.Role is CrumbRole.Crumb).Ingredient;

    /// <summary>Its mix with another binder: the same sugars from another jar, or the usual amount where it has none.</summary>
    public IReadOnlyList<CrumbPart> MixWith(Binder binder)
    {
        if (binder is Binder.AsWritten)
            return Mix;
        var written = Mix.Where(p => p.Role is CrumbRole.Other && p.Ingredient.IsSugar).Sum(p => p.Share.Usual * p.Ingredient.Sugars);
        IEnumerable<CrumbPart> rest = Mix.Where(p => p.Role is not CrumbRole.Other || !p.Ingredient.IsSugar);
        if (binder is Binder.None)
            return [.. rest];
        var sugars = written > 0 ? written : CrustConstants.SugarToBind.Usual;
        var with = binder is Binder.Honey ? Pantry.Honey : Pantry.CasterSugar;
        var share = sugars / with.Sugars;
        var low = CrustConstants.SugarToBind.Low / with.Sugars;
        var high = Math.Max(share, CrustConstants.SugarToBind.High / with.Sugars);
        var part = new CrumbPart(
            with, CrumbRole.Other,
            new(with.ShortName + " to crumb", share, low, high, Dimension.Share, binder is Binder.Honey ? "Its sugars weigh what the sugar’s would; its water and its glue hold a dry crumb." : "It melts as it bakes and holds the crumb together."),
            binder is Binder.Honey ? "warmed with the fat" : "through the crumbs");
        return [.. rest.Where(p => p.Role is CrumbRole.Crumb), part, .. rest.Where(p => p.Role is not CrumbRole.Crumb)];
    }

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

/// <summary>A crust of whole small biscuits laid side by side, the gaps filled with crumbs.</summary>
public sealed record LaidFamily(
    string Id,
    string Name,
    string For,
    IReadOnlyList<Treatment> Treatments,
    string Tint,
    Ingredient Biscuit,
    Constant Diameter,
    Constant BiscuitThickness,
    Constant FatToCrumb)
    : CrustFamily(Id, Name, For, Treatments, Tint)
{
    /// <inheritdoc/>
    public override (double Thinnest, double Thickest) Limits => (2, 15);

    /// <inheritdoc/>
    public override Constant UsualThickness(Pan pan) => BiscuitThickness;

    /// <summary>One row of biscuits stands against the wall.</summary>
    public override Millimetres UsualHeight(Pan pan) => pan.IsTall || pan.Kind is PanKind.Springform or PanKind.Pot ? new(0) : new(Math.Min(Diameter.Usual, pan.Depth.Value));
}

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
    public bool Fits(Pan pan) => pan.IsRound && pan.Base.Value >= Foil.Base.Value - 1 && pan.Base.Value <= Foil.Base.Value + Slack && pan.Depth.Value <= Foil.Depth.Value + Slack && pan.Depth.Value >= Foil.Depth.Value - Slack;
}
