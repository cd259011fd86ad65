using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Steps;

/// <summary>Minutes of hands and of waiting that belong to no one family.</summary>
public static class StepConstants
{
    public static readonly Constant FreezeFat = new("freezing the cut fat", 20, 20, 30, Dimension.Time, "Cold fat stays in leaves.");
    public static readonly Constant ChillShell = new("chilling the lined shell", 45, 30, 60, Dimension.Time, "A rested shell shrinks least.");
    public static readonly Constant SoftenCheese = new("softening cream cheese", 90, 60, 120, Dimension.Time, "Cold cheese stays in lumps.");
    public static readonly Constant SoftenFat = new("softening butter", 75, 60, 120, Dimension.Time, "Cold butter will not cream.");
    public static readonly Constant ThinLayer = new("the shortest set of a thin layer, to its family's", 0.35, 0.3, 0.5, Dimension.Factor, "However thin, it has to cool right through before it bears the next.");
    public static readonly Constant LayerChill = new("chilled before the next goes on, at the least", 15, 10, 30, Dimension.Time, "Less leaves the surface wet.");
}
