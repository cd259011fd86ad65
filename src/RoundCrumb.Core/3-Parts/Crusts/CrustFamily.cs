using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Methods;
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
    /// <summary>Cut flush with the rim.</summary>
    Trimmed,

    /// <summary>Folded under and pinched.</summary>
    Crimped,

    /// <summary>Stood up above the rim in flutes.</summary>
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

    /// <summary>What it is made of.</summary>
    public abstract IReadOnlyList<Ingredient> Ingredients { get; }

    /// <summary>
    /// What is in it besides and has no weight: what is put in to taste, and what its recipe names that could not be read.
    /// </summary>
    public IReadOnlyList<Ingredient> Unweighed { get; init; } = [];

    /// <summary>What it is mixed of, as shares of its flour or its crumbs; empty for what is not mixed here.</summary>
    public abstract IReadOnlyList<CrustLine> Formula { get; }

    /// <summary>What its formula is counted against.</summary>
    public abstract FormulaBase CountedAgainst { get; }

    /// <summary>The same kind of crust as a baker wrote it; none for a kind that is bought or laid, not mixed.</summary>
    /// <param name="written">With something in it that it is counted against.</param>
    public abstract CrustFamily? As(WrittenCrust written);

    /// <summary>What of it comes in packets that are counted: biscuits, shells; none for a dough.</summary>
    public abstract Ingredient? FromPackets { get; }

    /// <summary>How low on the wall it can be made at the least, mm.</summary>
    public abstract double LeastHeight { get; }

    /// <summary>How thick it stands against the wall.</summary>
    /// <param name="choice">The crust as it was chosen; of this family.</param>
    public abstract Millimetres WallOf(CrustChoice choice);

    /// <summary>What becomes of it when it is too thin, and when it is too thick; none where its thickness is no choice.</summary>
    public abstract (string Thin, string Thick)? BadThickness { get; }

    /// <summary>How long it may wait at each stage, and where.</summary>
    public abstract IReadOnlyList<ShellKeeping> Keeping { get; }

    /// <summary>What one of it weighs and how large it is rolled, for a pan.</summary>
    /// <param name="choice">The crust as it was chosen; of this family.</param>
    /// <param name="pan">The pan.</param>
    /// <param name="corrections">What this kitchen has learned.</param>
    public abstract CrustSums SumsFor(CrustChoice choice, Pan pan, CorrectionSet corrections);

    /// <summary>What is done until it lies in its pan and waits for the oven, or for its filling.</summary>
    /// <param name="making">What is made.</param>
    public abstract IEnumerable<CrustStep> Method(CrustMaking making);

    /// <summary>Where bakers differ over it, and what each way buys.</summary>
    public string Schools { get; init; } = "";

    /// <summary>A fat as one says it at the bench.</summary>
    protected static string Bare(string fat) => fat.Replace("unsalted ", "", StringComparison.Ordinal);
}

/// <summary>What the formula of a crust is counted against.</summary>
public enum FormulaBase
{
    /// <summary>All its flour is 100.</summary>
    Flour,

    /// <summary>All that is crushed is 100.</summary>
    Crumbs,

    /// <summary>It has no formula: it is bought, or laid.</summary>
    Nothing,
}

/// <summary>A crust as a baker wrote it.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">Its name.</param>
/// <param name="Lines">What is weighed, each more than nothing.</param>
/// <param name="Rest">Minutes of rest, where they are said.</param>
public sealed record WrittenCrust(string Id, string Name, IReadOnlyList<WrittenLine> Lines, double? Rest)
{
    /// <summary>A line's share of all that counts, as a value of the baker's own.</summary>
    internal static Constant Share(string name, double share) => new(name, share, Dimension.Share, "As you wrote it.");
}

/// <summary>One line of a crust as a baker wrote it.</summary>
/// <param name="Ingredient">What it is.</param>
/// <param name="Grams">How much, more than nothing.</param>
/// <param name="Note">How it goes in.</param>
public sealed record WrittenLine(Ingredient Ingredient, double Grams, string Note);

/// <summary>One line of what a crust is mixed of.</summary>
/// <param name="Ingredient">What it is.</param>
/// <param name="Share">Grams for one gram of flour, or of crumbs.</param>
/// <param name="Note">How it goes in.</param>
public sealed record CrustLine(Ingredient Ingredient, Constant Share, string Note);

/// <summary>So many of a crust being made.</summary>
/// <param name="Choice">The crust.</param>
/// <param name="Sums">Its sums, for one pie.</param>
/// <param name="Pies">How many, 1 or more.</param>
/// <param name="Room">How warm the kitchen is.</param>
public sealed record CrustMaking(CrustChoice Choice, CrustSums Sums, int Pies, RoomCelsius Room);

/// <summary>One thing to do for a crust.</summary>
/// <param name="Kind">What kind of thing.</param>
/// <param name="How">How it is done.</param>
public sealed record CrustStep(StepKind Kind, MethodStep How);
