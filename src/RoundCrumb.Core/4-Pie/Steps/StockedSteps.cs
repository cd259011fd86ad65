using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Methods;

namespace RoundCrumb.Core.Steps;

/// <summary>What is left to do of a pie whose crust was begun on another day.</summary>
public static class StockedSteps
{
    extension(Stock stock)
    {
        /// <summary>A short stable name, as it stands in addresses and in the names of figures.</summary>
        public string Id => stock switch
        {
            Stock.Scratch => "scratch",
            Stock.FrozenDough => "frozen-dough",
            Stock.FrozenShells => "frozen-shells",
            Stock.BakedShells => "baked-shells",
        };

        /// <summary>What it is made from, in words.</summary>
        public string Words => stock switch
        {
            Stock.Scratch => "scratch",
            Stock.FrozenDough => "dough in the freezer",
            Stock.FrozenShells => "lined shells in the freezer",
            Stock.BakedShells => "baked shells",
        };

        /// <summary>True where such a crust can wait so: only a rolled dough can be frozen before it is baked.</summary>
        /// <param name="crust">The crust.</param>
        public bool Suits(CrustFamily crust) => stock switch
        {
            Stock.Scratch or Stock.BakedShells => true,
            Stock.FrozenDough or Stock.FrozenShells => crust is RolledFamily { Sheet: null },
        };
    }

    /// <summary>The pie as it is made from this: a shell that waits frozen goes into the oven frozen.</summary>
    /// <param name="pie">The pie.</param>
    /// <param name="stock">How far its crust has got.</param>
    public static Composition Made(Composition pie, Stock stock) => stock is Stock.FrozenShells && stock.Suits(pie.Crust.Family)
        ? pie with { Crust = pie.Crust with { Frozen = true } }
        : pie;

    /// <summary>The steps that are left, in the order of the batch sheet; what does not suit the crust is no stock.</summary>
    /// <param name="pie">The pie.</param>
    /// <param name="stock">How far its crust has got.</param>
    public static List<Step> Left(Assessment pie, Stock stock)
    {
        var left = pie.Chain.Steps.ToList();
        if (!stock.Suits(pie.Composition.Crust.Family))
            return left;
        switch (stock)
        {
            case Stock.FrozenDough:
                left.RemoveRange(0, left.FindIndex(s => s.Kind is StepKind.RestDough) + 1);
                left.Insert(0, ThawingStep.Of(pie));
                break;
            case Stock.FrozenShells:
                left.RemoveRange(0, left.FindIndex(s => s.Kind is StepKind.FreezeShell or StepKind.ChillShell) + 1);
                break;
            case Stock.BakedShells:
                left.RemoveAll(s => s.Part is StepPart.Crust);
                break;
            case Stock.Scratch:
                break;
        }

        return left;
    }
}
