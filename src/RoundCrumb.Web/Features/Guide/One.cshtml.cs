using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Batches;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Faults;
using RoundCrumb.Core.Guide;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Units;
using RoundCrumb.Core.Working;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Guide;

/// <summary>One technique: when, how, what to look for, its states drawn, and what comes of the wrong ones.</summary>
public sealed class OneModel(CompositionReader compositions, Preferences baker) : PageModel
{
    /// <summary>What is shown.</summary>
    public TechniquePage Technique { get; private set; } = null!;

    /// <summary>The baker's units.</summary>
    public QuantityFormatter Shown => baker.Shown;

    /// <summary>The pie that it is opened from, as an address; empty where it is opened by itself.</summary>
    public string Pie { get; private set; } = "";

    /// <summary>What that pie is called.</summary>
    public string PieName { get; private set; } = "";

    /// <summary>That pie's own amounts.</summary>
    public IReadOnlyList<IWorked> Amounts { get; private set; } = [];

    /// <summary>Where it comes up, with when that is right.</summary>
    public IReadOnlyList<GuidedStep> Steps { get; private set; } = [];

    /// <summary>What goes wrong where it is not mastered.</summary>
    public IReadOnlyList<Fault> Faults => StepGuide.FaultsOf(Technique.Technique);

    /// <summary>An address of the guide that keeps the pie.</summary>
    public string With(string address) => Pie.Length > 0 ? $"{address}?{Pie}" : address;

    /// <summary>What the pages before and after it are.</summary>
    public (TechniquePage? Before, TechniquePage? After) Beside { get; private set; }

    /// <summary>Shows it.</summary>
    public async Task<IActionResult> OnGetAsync(string? technique, CancellationToken cancel)
    {
        if (!Enum.TryParse<Technique>((technique ?? "").Replace("-", "", StringComparison.Ordinal), ignoreCase: true, out var one)
            || !Enum.IsDefined(one))
            return NotFound();
        Technique = TechniqueGuide.Of(one);
        Steps = [.. StepGuide.At(one)];
        var order = TechniqueGuide.All;
        if (GuidePie.IsAsked(Request.Query))
        {
            var read = await compositions.ReadAsync(Request.QueryString.Value ?? "", cancel);
            Pie = CompositionAddress.Write(read.Composition);
            PieName = read.Composition.Filling.Formula.Name;
            var pie = Assessment.Of(read.Composition, 1, await compositions.KitchenAsync(cancel));
            var taken = TechniqueGuide.For(pie);
            Amounts = taken.Contains(one) ? TechniqueAmounts.Of(one, BatchSheet.Of(pie)) : [];
            order = [.. order.Where(p => taken.Contains(p.Technique))];
        }

        var at = order.ToList().FindIndex(p => p.Technique == one);
        Beside = (at > 0 ? order[at - 1] : null, at >= 0 && at + 1 < order.Count ? order[at + 1] : null);
        return Page();
    }
}
