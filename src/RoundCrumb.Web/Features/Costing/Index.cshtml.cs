using Microsoft.AspNetCore.Html;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Batches;
using RoundCrumb.Core.Buying;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Costing;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Portioning;
using RoundCrumb.Core.Units;
using RoundCrumb.Data.Buying;
using RoundCrumb.Data.Kitchens;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Costing;

/// <summary>What a pie and a slice of it cost, what they are sold for, and what another price of an ingredient would do.</summary>
public sealed class IndexModel(CompositionReader compositions, PriceBook prices, KitchenClock clock, Preferences baker) : PageModel
{
    private const double MostChange = 500;

    /// <summary>The pie, for so many.</summary>
    public Assessment Pie { get; private set; } = null!;

    /// <summary>What it costs.</summary>
    public PieCost Cost { get; private set; } = null!;

    /// <summary>How one pie is cut.</summary>
    public PieCuts Cuts { get; private set; } = null!;

    /// <summary>Into how many it is cut, as typed.</summary>
    public NumberField Cut { get; private set; }

    /// <summary>How this kitchen buys and sells.</summary>
    public KitchenTrade Trade { get; private set; } = null!;

    /// <summary>How many pies, as typed.</summary>
    public NumberField Many { get; private set; }

    /// <summary>The ingredient whose price is tried, and by how much it changes, as typed.</summary>
    public string IfOf { get; private set; } = "";

    /// <summary>By how much it changes, %, as typed.</summary>
    public NumberField IfBy { get; private set; }

    /// <summary>What it would cost then; none where nothing is tried.</summary>
    public PieCost? If { get; private set; }

    /// <summary>The composition as an address.</summary>
    public string Canonical { get; private set; } = "";

    /// <summary>The baker's units.</summary>
    public QuantityFormatter Shown { get; } = baker.Shown;

    /// <summary>The fields of the address at hand but for some, for a form that changes those.</summary>
    public IEnumerable<(string Name, string Value)> Fields(params string[] but) =>
        Request.Query.Where(q => !but.Contains(q.Key)).SelectMany(q => q.Value.Select(v => (q.Key, v ?? "")));

    /// <summary>The cuts from above.</summary>
    public IHtmlContent Drawing => PortionDrawing.Draw(Cuts, Shown);

    /// <summary>Works it out for the pie in the address.</summary>
    public async Task OnGetAsync(
        [FromQuery(Name = "n")] string? many, [FromQuery(Name = "if-of")] string? ifOf, [FromQuery(Name = "if-by")] string? ifBy,
        [FromQuery(Name = "cut")] string? cut, CancellationToken cancel)
    {
        var kitchen = await compositions.KitchenAsync(cancel);
        var read = await compositions.ReadAsync(Request.QueryString.Value ?? "", cancel);
        Canonical = CompositionAddress.Write(read.Composition);
        Many = NumberField.Of(many, 1, 1, BatchSheet.MostPies, "pies");
        Pie = Assessment.Of(read.Composition, (int)Math.Round(Many.Value!.Value), kitchen);
        var sheet = BatchSheet.Of(Pie);
        Trade = await prices.TradeAsync(cancel);
        var known = await prices.PricesAsync(cancel);
        var today = await clock.TodayAsync(cancel);
        IReadOnlyList<PackOffer> Packs(Ingredient i) => known.On(today, i);
        Cost = PieCost.Of(sheet, Packs, Trade.Rates);
        Cut = NumberField.Of(cut, null, 1, PieCuts.Most, "slices").Whole(null);
        Cuts = PieCuts.Of(Pie, (int?)Cut.Value);
        IfOf = ifOf ?? (Cost.Lines.Count > 0 ? Cost.Lines[0].Ingredient.Id : "");
        IfBy = NumberField.Of(ifBy, null, -100, MostChange, "%");
        if (IfBy.Value is { } by && Cost.Lines.FirstOrDefault(l => l.Ingredient.Id == IfOf) is { } line)
        {
            var of = Core.Stocktaking.Wholes.OfPart(line.Ingredient.Id)?.Whole ?? line.Ingredient;
            If = PieCost.Of(sheet, GramPrices.If(Packs, of, 1 + (by / 100)), Trade.Rates);
        }
    }
}
