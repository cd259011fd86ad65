using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Guide;

namespace RoundCrumb.Web.Features.Guide;

/// <summary>The craft guide: every technique drawn as it is right, and every kind of step with when it is.</summary>
public sealed class IndexModel(CompositionReader compositions) : PageModel
{
    /// <summary>The pie that it is opened from, as an address; empty where it is opened by itself.</summary>
    public string Pie { get; private set; } = "";

    /// <summary>What that pie is called: its filling; empty where there is none.</summary>
    public string PieName { get; private set; } = "";

    /// <summary>The pages, by where in the work they belong; of the pie only what it takes.</summary>
    public IReadOnlyList<IGrouping<Stretch, TechniquePage>> Pages { get; private set; } = [];

    /// <summary>A stretch's name.</summary>
    public static string NameOf(Stretch stretch) => stretch switch
    {
        Stretch.Crust => "Crust",
        Stretch.Filling => "On the hob and in the bowl",
        Stretch.Oven => "In the oven",
        Stretch.Finish => "Whipping, laying on, cutting",
    };

    /// <summary>An address of the guide that keeps the pie.</summary>
    public string With(string address) => Pie.Length > 0 ? $"{address}?{Pie}" : address;

    /// <summary>Shows it.</summary>
    public async Task OnGetAsync(CancellationToken cancel)
    {
        var pages = TechniqueGuide.All;
        if (GuidePie.IsAsked(Request.Query))
        {
            var read = await compositions.ReadAsync(Request.QueryString.Value ?? "", cancel);
            Pie = CompositionAddress.Write(read.Composition);
            PieName = read.Composition.Filling.Formula.Name;
            var taken = TechniqueGuide.For(Assessment.Of(read.Composition, 1, await compositions.KitchenAsync(cancel)));
            pages = [.. pages.Where(p => taken.Contains(p.Technique))];
        }

        Pages = [.. pages.GroupBy(p => p.Stretch)];
    }
}

/// <summary>Whether a page of the guide is opened from a pie.</summary>
internal static class GuidePie
{
    /// <summary>True where the address names a filling or a crust.</summary>
    public static bool IsAsked(IQueryCollection query) =>
        query.ContainsKey(CompositionAddress.FillingField) || query.ContainsKey(CompositionAddress.CrustField);

    /// <summary>The same of an address as it is written.</summary>
    public static bool IsIn(string query) =>
        CompositionAddress.FieldsOf(query) is var fields
            && (fields.ContainsKey(CompositionAddress.FillingField) || fields.ContainsKey(CompositionAddress.CrustField));
}
