using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Counter;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Toppings;
using RoundCrumb.Core.Units;
using RoundCrumb.Data.Kitchens;
using RoundCrumb.Data.Pans;
using RoundCrumb.Web.Features.Bench;
using RoundCrumb.Web.Features.Days;
using RoundCrumb.Web.Features.Kitchens;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Counter;

/// <summary>The counter: what is under way, what is next, and in a new kitchen what to do first.</summary>
public sealed class IndexModel(CounterDesk desk, FirstStepsBook first, PanRack rack, KitchenBook kitchen, Preferences baker) : PageModel
{
    /// <summary>Pans that most kitchens have, to be ticked.</summary>
    public static IReadOnlyList<Pan> CommonPans { get; } =
    [
        PanCupboard.Plate23, PanCupboard.Find("tart-23")!, PanCupboard.TartTin25, PanCupboard.Springform20, PanCupboard.Find("tartlet-8")!,
        PanCupboard.Find("plate-28")!,
    ];

    /// <summary>Now and next.</summary>
    public CounterState State { get; private set; } = null!;

    /// <summary>What the bench has under way, as it is shown.</summary>
    public IReadOnlyList<BenchView> UnderWay { get; private set; } = [];

    /// <summary>The oven as it was sent, where it could not be used.</summary>
    public EquipmentForm Oven { get; } = new(baker.Shown);

    /// <summary>Why the pans could not be added; empty where they could.</summary>
    public string PansTrouble { get; private set; } = "";

    /// <summary>The baker’s units.</summary>
    public QuantityFormatter Shown => baker.Shown;

    /// <summary>How what is left over is said.</summary>
    public LeftWords Words { get; } = new(baker.Shown);

    /// <summary>Pies that work as they are, to start from.</summary>
    public static IReadOnlyList<(string Name, Assessment Sums, string Address)> Starters { get; } =
        [.. Start().Select(c => (Compose.IndexModel.Described(c), Assessment.Of(c), Routes.Compose + "?" + CompositionAddress.Write(c)))];

    /// <summary>Shows the counter.</summary>
    public Task OnGetAsync(CancellationToken cancel) => ShowAsync(cancel);

    /// <summary>Puts the ticked pans into the kitchen.</summary>
    public async Task<IActionResult> OnPostPansAsync(string[] pan, CancellationToken cancel)
    {
        var chosen = CommonPans.Where(p => pan.Contains(p.Id, StringComparer.Ordinal)).ToList();
        if (chosen.Count == 0)
        {
            PansTrouble = "Tick at least one, or skip this.";
            await ShowAsync(cancel);
            return Page();
        }

        foreach (var one in chosen)
            await rack.AddAsync(one, one.IsSmall ? 12 : 2, cancel);
        return Redirect(Routes.Counter);
    }

    /// <summary>Puts an oven into the kitchen.</summary>
    public async Task<IActionResult> OnPostOvenAsync(CancellationToken cancel)
    {
        Oven.Take(Request.Form);
        var sent = Oven.Oven();
        if (Oven.Troubles.Count > 0)
        {
            await ShowAsync(cancel);
            return Page();
        }

        await kitchen.SaveAsync(null, 0, sent, cancel);
        return Redirect(Routes.Counter);
    }

    /// <summary>Skips a first step.</summary>
    public async Task<IActionResult> OnPostSkipAsync(FirstStep? step, CancellationToken cancel)
    {
        if (step is not { } known || !Enum.IsDefined(known))
            return NotFound();
        await first.SkipAsync(known, cancel);
        return Redirect(Routes.Counter);
    }

    /// <summary>A date as one says it today.</summary>
    public string Day(DateOnly date) => (date.DayNumber - State.Today.DayNumber) switch
    {
        -1 => "yesterday",
        0 => "today",
        1 => "tomorrow",
        _ => date.ToString("dddd", System.Globalization.CultureInfo.InvariantCulture),
    };

    /// <summary>What a field of the oven’s form shows.</summary>
    public string OvenField(string name, string usual) => Oven.Has(name) ? Oven[name] : usual;

    private async Task ShowAsync(CancellationToken cancel)
    {
        State = await desk.OpenAsync(cancel);
        UnderWay = [.. State.UnderWay.Select(open => new BenchView(open, "", State.Zone, baker.Shown))];
    }

    /// <summary>One baked, one half and half, one without an oven.</summary>
    private static IEnumerable<Composition> Start()
    {
        yield return Composition.Usual;
        yield return Composition.For(PanCupboard.TartTin25, CrustBook.PlainCrumb, FillingBook.BergamotCustard, Topping.Plain);
        var cheese = Composition.For(PanCupboard.Springform20, CrustBook.PlainCrumb, FillingBook.HoneyCheese, Topping.None);
        yield return cheese with
        {
            Crust = cheese.Crust with { Treatment = Treatment.Chilled },
            Filling = cheese.Filling with { Line = new(25) },
        };
    }
}
