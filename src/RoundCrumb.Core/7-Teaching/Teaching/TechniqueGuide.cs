using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Faults;
using RoundCrumb.Core.Methods;

namespace RoundCrumb.Core.Guide;

/// <summary>All techniques, each with its page.</summary>
public static class TechniqueGuide
{
    /// <summary>All pages, in the order of the work.</summary>
    public static IReadOnlyList<TechniquePage> All { get; } =
        [.. Enum.GetValues<Technique>().Select(Of).OrderBy(p => p.Stretch)];

    /// <summary>The page of a technique.</summary>
    /// <param name="technique">Which.</param>
    public static TechniquePage Of(Technique technique) => technique switch
    {
        Technique.FreezingFat or Technique.RubbingIn or Technique.WaterInDough or Technique.CrossHatching or Technique.Rolling
            or Technique.Lining or Technique.Edge or Technique.Docking or Technique.Weights or Technique.BlindBake or Technique.Sealing
            or Technique.CrumbSqueezed or Technique.CrumbPressed => CrustPages.Of(technique),
        Technique.Tempering or Technique.Custard or Technique.Curd or Technique.Film or Technique.Blooming or Technique.GelatineMix
            or Technique.YolkRibbon or Technique.Folding or Technique.Reducing or Technique.Flaming or Technique.FreshCurd
            or Technique.Caramel or Technique.BrownedButter => FillingPages.Of(technique),
        Technique.BakedCustard or Technique.AlmondFilling or Technique.FruitBubbling or Technique.Toasted or Technique.Cream
            or Technique.Whites or Technique.Glaze or Technique.Piping or Technique.Arranging or Technique.Unmoulding or Technique.Knife
            or Technique.Slice => FinishPages.Of(technique),
    };

    /// <summary>The techniques that a pie takes, in the order in which its steps ask for them.</summary>
    /// <param name="pie">The pie.</param>
    public static IReadOnlyList<Technique> For(Assessment pie) =>
        [.. StepGuide.StepsOf(pie).SelectMany(s => Techniques.Of(s.Kind, pie.Composition)).Distinct()];
}
