using RoundCrumb.Core.Advice;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Toppings;

namespace RoundCrumb.Core.Diagnosis;

/// <summary>Changes of a pie that keep a fault from coming again, the same that its advice makes.</summary>
internal static class Mending
{
    /// <summary>As firm as its family is surest to cut clean.</summary>
    public static Composition? SetAtAim(FaultCase of) => of.Pie.Yield.Cut.Verdict == 0 ? null : FillingRules.SetAtAim(of.Pie);

    /// <summary>Another crust.</summary>
    public static Func<FaultCase, Composition?> Other(CrustFamily family) => of => of.Pie.Composition.To(family, family.Treatments[0]);

    /// <summary>Another topping instead of the first.</summary>
    public static Func<FaultCase, Composition?> Top(Topping topping) =>
        of => of.Pie.Composition.Topping.Topping.Id == topping.Id || of.Pie.Composition.Topping.IsNone ? null
            : of.Pie.Composition.Top(topping);
}
