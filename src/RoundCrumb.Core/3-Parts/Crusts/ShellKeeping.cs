using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Crusts;

/// <summary>How long a crust may wait at one stage, and where.</summary>
/// <param name="What">The dough, the shell.</param>
/// <param name="Least">Minutes it needs at least; none where it needs none.</param>
/// <param name="Most">Minutes after which it suffers.</param>
/// <param name="Where">Fridge, freezer, box.</param>
public sealed record ShellKeeping(string What, Constant? Least, Constant Most, string Where)
{
    /// <summary>A rolled shell, from lining to baked.</summary>
    public static IReadOnlyList<ShellKeeping> Lined { get; } =
    [
        new("The lined shell", CrustConstants.ChillShell, CrustConstants.ShellFridgeMost, "fridge"),
        new("The lined shell, frozen", CrustConstants.FreezeShell, CrustConstants.FreezerShell, "freezer, wrapped once it is hard"),
        new("The baked shell", null, CrustConstants.BakedShell, "an airtight box"),
    ];

    /// <summary>A crust of crumbs or biscuits.</summary>
    public static IReadOnlyList<ShellKeeping> Finished { get; } = [
        new("The finished shell", null, CrustConstants.CrumbShell, "covered, in the fridge")
    ];
}
