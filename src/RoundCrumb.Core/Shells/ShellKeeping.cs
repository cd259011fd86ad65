using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Shells;

/// <summary>How long a crust may wait at one stage, and where.</summary>
/// <param name="What">The dough, the shell.</param>
/// <param name="Least">Minutes it needs at least; none where it needs none.</param>
/// <param name="Most">Minutes after which it suffers.</param>
/// <param name="Where">Fridge, freezer, box.</param>
public sealed record ShellKeeping(string What, Constant? Least, Constant Most, string Where)
{
    /// <summary>The waits and limits of a family.</summary>
    public static IReadOnlyList<ShellKeeping> Of(CrustFamily family) => family switch
    {
        RolledFamily { Sheet: null } rolled =>
        [
            new("The dough, flat and wrapped", new("rest of the dough", rolled.RestMinutes, Quantities.Dimension.Time, "It relaxes, and the water spreads."), CrustConstants.FridgeMost, "fridge"),
            new("The dough, frozen", null, CrustConstants.FreezerDough, "freezer; thaw it overnight in the fridge"),
            .. Lined(),
        ],
        RolledFamily => Lined(),
        ShellFamily => [new("Bought shells, once opened", null, CrustConstants.BakedShell, "an airtight box")],
        _ => [new("The finished shell", null, CrustConstants.CrumbShell, "covered, in the fridge")],
    };

    private static IReadOnlyList<ShellKeeping> Lined() =>
    [
        new("The lined shell", Steps.StepConstants.ChillShell, CrustConstants.ShellFridgeMost, "fridge"),
        new("The lined shell, frozen", CrustConstants.FreezeShell, CrustConstants.FreezerShell, "freezer, wrapped once it is hard"),
        new("The baked shell", null, CrustConstants.BakedShell, "an airtight box"),
    ];
}
