using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Faults;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Steps;
using RoundCrumb.Core.Toppings;

namespace RoundCrumb.Core.Guide;

/// <summary>A kind of step as the guide lists it: when it is right, by which techniques, and what may go wrong.</summary>
/// <param name="Kind">The kind of step.</param>
/// <param name="Cues">When it is right, as the steps of the book say it, each once.</param>
/// <param name="Techniques">The techniques that it takes in one pie or another.</param>
/// <param name="Faults">What may go wrong at it.</param>
public sealed record GuidedStep(
    StepKind Kind, IReadOnlyList<string> Cues, IReadOnlyList<Technique> Techniques, IReadOnlyList<Fault> Faults);

/// <summary>Every kind of step with its cues: worked out from the pies that the book's parts make, so that none is forgotten.</summary>
public static class StepGuide
{
    private static readonly Lazy<IReadOnlyList<GuidedStep>> Steps = new(Made);

    /// <summary>All kinds of step that any pie takes, in the order of the work.</summary>
    public static IReadOnlyList<GuidedStep> All => Steps.Value;

    /// <summary>The steps at which a technique comes up.</summary>
    /// <param name="technique">The technique.</param>
    public static IEnumerable<GuidedStep> At(Technique technique) => All.Where(s => s.Techniques.Contains(technique));

    private static readonly Lazy<ILookup<Technique, Composition>> Taking = new(static () => Pies()
        .SelectMany(p => TechniqueGuide.For(Assessment.Of(p)).Select(t => (Technique: t, Pie: p))).ToLookup(x => x.Technique, x => x.Pie));

    /// <summary>What goes wrong, in some pie that takes a technique, where that is not mastered.</summary>
    /// <param name="technique">The technique.</param>
    public static IReadOnlyList<Fault> FaultsOf(Technique technique) =>
        [.. FaultBook.All.Where(f => f.Techniques.Contains(technique) && Taking.Value[technique].Any(f.Fits))];

    /// <summary>All steps of a pie, cutting and plating with them.</summary>
    /// <param name="pie">The pie.</param>
    public static IEnumerable<Step> StepsOf(Assessment pie) => pie.Chain.Steps.Append(Serving.Of(pie).Step);

    /// <summary>Pies that between them hold every crust in every treatment, every seal, filling and topping of the book.</summary>
    public static IEnumerable<Composition> Pies()
    {
        foreach (var crust in CrustBook.All)
        {
            var pie = Composition.For(PanCupboard.Plate23, crust, FillingBook.MaltCustard, Topping.Icing);
            foreach (var treatment in crust.Treatments)
                yield return pie with { Crust = pie.Crust with { Treatment = treatment } };
        }

        // Only a baker's own filling has yolks whisked to a ribbon, or something toasted before it goes in.
        foreach (var (which, how) in new (Func<FormulaLine, bool>, GoesIn)[]
        {
            (static l => l.Ingredient.Egg is EggPart.Yolk, GoesIn.Ribbon), (static l => l.Ingredient.IsFlour, GoesIn.Toasted),
        })
        {
            foreach (var filling in FillingBook.All.Where(f => f.Lines.Any(which)).Take(1))
            {
                var own = filling with { Lines = [.. filling.Lines.Select(l => which(l) ? l with { GoesIn = how } : l)] };
                yield return Composition.For(PanCupboard.Plate23, CrustBook.ButterFlaky, own, Topping.Icing);
            }
        }

        foreach (var seal in Seal.All)
            yield return CompositionAddress.Read($"crust=butter-flaky&fill=lemon-cheese&seal={seal.Id}").Composition;
        foreach (var pan in PanCupboard.All)
            yield return Composition.For(pan, CrustBook.ButterFlaky, FillingBook.MaltCustard, Topping.None);
        foreach (var other in new[] { "crust=plain-crumb&fill=lemon-cheese&under1=salt-caramel&top=none", "crust=plain-crumb&brown=1" })
            yield return CompositionAddress.Read(other).Composition;
        foreach (var filling in FillingBook.All)
        {
            foreach (var pan in new[] { PanCupboard.Plate23, PanCupboard.Springform20 })
                yield return Composition.For(pan, CrustBook.ButterFlaky, filling, Topping.None);
        }

        foreach (var topping in ToppingBook.All)
        {
            var pie = Composition.For(PanCupboard.Plate23, CrustBook.ButterFlaky, FillingBook.MaltCustard, topping);
            foreach (var pattern in topping.Patterns)
                yield return pie with { Topping = pie.Topping with { Laying = pie.Topping.Laying with { Pattern = pattern } } };
        }
    }

    private static IReadOnlyList<GuidedStep> Made()
    {
        var seen = Pies().SelectMany(p => StepsOf(Assessment.Of(p)).Select(s => (Pie: p, Step: s))).ToLookup(x => x.Step.Kind);
        return
        [
            .. Enum.GetValues<StepKind>().Where(seen.Contains).Select(kind => new GuidedStep(
                kind, [.. seen[kind].Select(x => x.Step.Cue).Where(c => c.Length > 0).Distinct()],
                [.. seen[kind].SelectMany(x => Techniques.Of(kind, x.Pie)).Distinct()],
                [.. seen[kind].SelectMany(x => FaultBook.At(kind, x.Pie)).Distinct()])),
        ];
    }
}
