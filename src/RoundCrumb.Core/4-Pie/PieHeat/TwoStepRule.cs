using RoundCrumb.Core.HeatFlow;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Cooling;

/// <summary>Whether a rule is kept, as far as can be said without a thermometer.</summary>
public enum RuleKept
{
    /// <summary>It never was so warm that the rule begins.</summary>
    DoesNotApply,

    /// <summary>It is, also where the cooling is slower than reckoned.</summary>
    Yes,

    /// <summary>The limit lies within what is not known.</summary>
    Uncertain,

    /// <summary>It is not, also where the cooling is quicker than reckoned.</summary>
    No,
}

/// <summary>
/// The usual rule for what is rich in egg and milk: from 57 to 21 °C within two hours, and to 5 °C within four more. What is reckoned is no
/// proof: a probe is, and local law decides.
/// </summary>
/// <param name="Begins">Minutes after which it falls below 57 °C.</param>
/// <param name="First">Minutes from there to 21 °C; none where it never gets there.</param>
/// <param name="Both">Minutes from there to 5 °C; none where it never gets there.</param>
/// <param name="Kept">Whether both are kept.</param>
public sealed record TwoStepRule(double Begins, double? First, double? Both, RuleKept Kept)
{
    /// <summary>How a curve keeps the rule.</summary>
    /// <param name="minutesTo">Minutes until all of the filling is as cold as that.</param>
    /// <param name="measured">True where readings have said how the place takes heat.</param>
    public static TwoStepRule Of(Func<double, double?> minutesTo, bool measured)
    {
        if (minutesTo(CoolingConstants.RuleFrom.Usual) is not > 0 and var at)
            return new(at ?? 0, null, null, at is null ? RuleKept.No : RuleKept.DoesNotApply);
        var begins = minutesTo(CoolingConstants.RuleFrom.Usual)!.Value;
        var (first, both) = (minutesTo(CoolingConstants.RuleMiddle.Usual) - begins, minutesTo(CoolingConstants.RuleTo.Usual) - begins);
        var kept = (RuleKept)Math.Max(
            (int)Within(first, CoolingConstants.FirstStretch, measured), (int)Within(both, CoolingConstants.BothStretches, measured));
        return new(begins, first, both, kept);
    }

    private static RuleKept Within(double? minutes, Constant limit, bool measured) =>
        minutes is not { } m || HeatBand.Of(m, measured).Least > limit.Usual ? RuleKept.No
        : HeatBand.Of(m, measured).Most > limit.Usual ? RuleKept.Uncertain
        : RuleKept.Yes;
}
