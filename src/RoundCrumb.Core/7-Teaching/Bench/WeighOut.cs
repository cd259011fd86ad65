using RoundCrumb.Core.Batches;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Steps;

namespace RoundCrumb.Core.Bench;

/// <summary>At which step of the work each bowl or pot of a batch sheet is weighed out.</summary>
public static class WeighOut
{
    /// <summary>The step at which a part is weighed.</summary>
    /// <param name="steps">The steps that are done, in their order; those of what is in stock are not among them.</param>
    /// <param name="part">The part.</param>
    /// <returns>Its place among the steps; none where nothing of it is done.</returns>
    public static int? StepOf(IReadOnlyList<Step> steps, WeighPart part)
    {
        foreach (var kinds in KindsOf(part.For))
        {
            var at = Enumerable.Range(0, steps.Count).Where(i => steps[i].HandsOn > 0 && kinds.Contains(steps[i].Kind)).ToList();
            if (at.Count > 0)
                return at[Math.Min(part.Turn, at.Count - 1)];
        }

        return null;
    }

    /// <summary>Kinds of step at which a part is weighed, the likeliest first.</summary>
    private static StepKind[][] KindsOf(WeighedFor part) => part switch
    {
        WeighedFor.Crust =>
        [
            [StepKind.MakeDough, StepKind.GrindCrumb, StepKind.CrushBiscuits], [StepKind.BindCrumb, StepKind.LayBiscuits],
            [StepKind.TakeSheetsOut, StepKind.UnpackShell],
        ],
        WeighedFor.Seal => [[StepKind.SealShell], [StepKind.Fill]],
        WeighedFor.Layer => [[StepKind.FirstLayer, StepKind.LayPieces], [StepKind.Fill]],
        WeighedFor.Filling => [[StepKind.Reduce], [StepKind.MakeFilling], [StepKind.Fill]],
        WeighedFor.Topping => [[StepKind.MakeTopping, StepKind.PutCreamOn], [StepKind.BakeFilled], [StepKind.Fill]],
    };
}
