using Microsoft.AspNetCore.Html;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Batches;
using RoundCrumb.Core.BlindBaking;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Units;
using RoundCrumb.Core.Working;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Crusts;

/// <summary>The blind bake of one crust in one pan, as a card to bake by and to print.</summary>
public sealed class CardModel(CompositionReader compositions, Preferences baker) : PageModel
{
    private string _address = "";

    /// <summary>The crust and the pan.</summary>
    public Composition C { get; private set; } = Composition.Usual;

    /// <summary>The card.</summary>
    public BlindBakeCard Card { get; private set; } = null!;

    /// <summary>The same crust by the other school; none where there is one way only.</summary>
    public BlindBakeCard? Other { get; private set; }

    /// <summary>Where the other school's card is.</summary>
    public string OtherAt { get; private set; } = "";

    /// <summary>The ovens that can be chosen.</summary>
    public IReadOnlyList<Oven> Ovens { get; private set; } = [];

    /// <summary>How many are baked.</summary>
    public int Pies { get; private set; } = 1;

    /// <summary>What is wrong with the number typed; none where nothing is.</summary>
    public string? CountTrouble { get; private set; }

    /// <summary>The number as typed.</summary>
    public string Typed { get; private set; } = "1";

    /// <summary>Every field of the address but the ones on this form.</summary>
    public IReadOnlyList<KeyValuePair<string, string>> Kept { get; private set; } = [];

    /// <summary>The baker's units.</summary>
    public QuantityFormatter Shown { get; } = baker.Shown;

    /// <summary>Shows the card of the composition in the address.</summary>
    public async Task OnGetAsync(string? n, string? goes, CancellationToken cancel)
    {
        var query = Request.QueryString.Value ?? "";
        var kitchen = await compositions.KitchenAsync(cancel);
        C = (await compositions.ReadAsync(query, cancel)).Composition;
        Typed = (n ?? "1").Trim();
        if (int.TryParse(Typed, out var count) && count is >= 1 and <= BatchSheet.MostPies)
            Pies = count;
        else
            CountTrouble = $"How many? A whole number from 1 to {BatchSheet.MostPies}. One until then.";
        var need = FillingFamilies.Find(goes ?? "")?.Shell ?? C.Filling.Formula.Family.Shell;
        _address = CompositionAddress.Write(C) + "&goes=" + need.Id;
        Ovens = [.. kitchen.Ovens.Append(Oven.Plain).DistinctBy(o => o.Id)];
        Card = Of(C, Pies, need, kitchen);
        if (C.Crust.Family.Treatments.FirstOrDefault(t => t != C.Crust.Treatment) is var other && C.Crust.Family.Treatments.Count > 1)
        {
            var otherwise = C with { Crust = C.Crust with { Treatment = other } };
            Other = Of(otherwise, Pies, need, kitchen);
            OtherAt = $"{Routes.BakeCard}?{CompositionAddress.Write(otherwise)}&n={Pies}&goes={need.Id}";
        }

        Kept = [
            .. CompositionAddress.FieldsOf(CompositionAddress.Write(C)).Where(
                f => f.Key is not (CompositionAddress.OvenField or CompositionAddress.Frozen))
        ];
    }

    /// <summary>A card for a composition, its shell baked for what is said to go in.</summary>
    public static BlindBakeCard Of(Composition c, int pies, ShellNeed need, Kitchen kitchen) =>
        BlindBakeCard.For(c.Crust, c.Pan, c.Lined, new(c.Oven ?? kitchen.Oven, pies, need));

    /// <summary>A sentence whose figures open.</summary>
    public IHtmlContent Sentence(Core.Working.Phrase phrase) => FigureLink.Sentence(phrase, Shown, _address, Pies);

    /// <summary>A figure that opens to its working.</summary>
    public IHtmlContent Figure(IWorked figure, string? said = null) => FigureLink.To(figure, Shown, _address, Pies, said);
}
