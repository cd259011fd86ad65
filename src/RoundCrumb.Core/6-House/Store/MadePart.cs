using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Stocktaking;

/// <summary>A part of a pie that is made ahead and waits.</summary>
public enum MadePart
{
    /// <summary>Dough in a disc.</summary>
    Dough,

    /// <summary>A tin lined, not baked.</summary>
    LinedShell,

    /// <summary>A shell baked blind.</summary>
    BakedShell,

    /// <summary>A pressed crumb shell.</summary>
    CrumbShell,

    /// <summary>Crumbs that are ground.</summary>
    Crumbs,

    /// <summary>Citrus curd in a jar.</summary>
    Curd,

    /// <summary>A custard or another filling that was over.</summary>
    Filling,
}

/// <summary>What is known of parts made ahead.</summary>
public static class MadeParts
{
    private const double Day = 24 * 60;
    private const double Month = 30 * Day;

    extension(MadePart part)
    {
        /// <summary>What it is called.</summary>
        public string Name => part switch
        {
            MadePart.Dough => "dough",
            MadePart.LinedShell => "shell, lined and raw",
            MadePart.BakedShell => "shell, baked",
            MadePart.CrumbShell => "crumb shell",
            MadePart.Crumbs => "crumbs",
            MadePart.Curd => "curd",
            MadePart.Filling => "filling",
        };

        /// <summary>True for what is counted, false for what is weighed.</summary>
        public bool IsCounted => part switch
        {
            MadePart.LinedShell or MadePart.BakedShell or MadePart.CrumbShell => true,
            MadePart.Dough or MadePart.Crumbs or MadePart.Curd or MadePart.Filling => false,
        };

        /// <summary>How long it keeps, minutes. Sources: the craft's usual figures; frozen ones by their flavour.</summary>
        public Constant Keeps(StoredIn where) => (part, where) switch
        {
            (MadePart.Dough, StoredIn.Freezer) => new("dough, frozen", 3 * Month, 2 * Month, 4 * Month, Dimension.Time, "Wrapped twice."),
            (MadePart.Dough, _) => new("dough, in the fridge", 2 * Day, Day, 2 * Day, Dimension.Time, "After that it greys and dries."),
            (MadePart.LinedShell, StoredIn.Freezer) => new(
                "lined shell, frozen", Month, Month / 2, Month, Dimension.Time, "It bakes straight from the freezer."),
            (MadePart.LinedShell, _) => new("lined shell, chilled", Day, Day / 2, Day, Dimension.Time, "Covered, or its edge dries."),
            (MadePart.BakedShell, StoredIn.Freezer) => new(
                "baked shell, frozen", Month, Month / 2, Month, Dimension.Time, "Crisp again after five minutes in the oven."),
            (MadePart.BakedShell, _) => new("baked shell, airtight", 1.5 * Day, Day, 2 * Day, Dimension.Time, "Never in the fridge."),
            (MadePart.CrumbShell, StoredIn.Freezer) => new(
                "crumb shell, frozen", Month, Month / 2, Month, Dimension.Time, "Filled straight from the freezer."),
            (MadePart.CrumbShell, _) => new("crumb shell", 2 * Day, Day, 2 * Day, Dimension.Time, "Covered."),
            (MadePart.Crumbs, StoredIn.Freezer) => new("crumbs, frozen", 3 * Month, 2 * Month, 4 * Month, Dimension.Time, "Airtight."),
            (MadePart.Crumbs, _) => new("crumbs, airtight", 14 * Day, 7 * Day, 21 * Day, Dimension.Time, "Dry, without butter."),
            (MadePart.Curd, StoredIn.Freezer) => new("curd, frozen", 2 * Month, Month, 3 * Month, Dimension.Time, "Stirred smooth again."),
            (MadePart.Curd, _) => new("curd in its jar", 5 * Day, 4 * Day, 7 * Day, Dimension.Time, "Cold, with a clean spoon."),
            (MadePart.Filling, StoredIn.Freezer) => new(
                "filling, frozen", Month, Month / 2, Month, Dimension.Time, "Starch weeps when it thaws; baked and cheese ones do not."),
            (MadePart.Filling, _) => new("filling, in the fridge", 2 * Day, Day, 3 * Day, Dimension.Time, "In a closed pot."),
        };
    }
}
