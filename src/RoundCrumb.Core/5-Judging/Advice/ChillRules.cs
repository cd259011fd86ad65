using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Advice;

/// <summary>What is said of a shell that is not chilled.</summary>
internal static class ChillRules
{
    internal static readonly Rule NotChilled = new("not-chilled", Layer.Crust, DecidedBy.Physics, static (rule, pie) =>
        pie.Composition.Crust is not { Family: RolledFamily { Sheet: null }, Unchilled: true, Frozen: false, IsBaked: true }
            ? null
            : new(
                rule, Severity.Disappoints,
                "A shell that is not chilled once it is lined pulls back in the oven: the wall slides down.",
                new("Its fat melts before the dough has set; {0} in the cold keep it where it was laid.",
                    new Quantity(CrustConstants.ChillShell.Low, Dimension.Time)),
                [
                    new("Chill the lined shell", "half an hour to an hour", p => p with { Crust = p.Crust with { Unchilled = false } }),
                    .. pie.Composition.Pan.MayBurst
                        ? Array.Empty<Remedy>()
                        : [
                            new(
                                "Freeze it instead", "20 min in the freezer, 4 more in the oven",
                                p => p with { Crust = p.Crust with { Frozen = true, Unchilled = false } })
                        ],
                ]));
}
