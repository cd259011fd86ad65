using System.Globalization;
using System.Text;
using Microsoft.AspNetCore.Html;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Advice;
using RoundCrumb.Core.Arranging;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Toppings;
using RoundCrumb.Core.Units;
using RoundCrumb.Core.Working;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Above;

/// <summary>What is laid or piped on a pie, from above and to scale, to lay by and to print.</summary>
public sealed class IndexModel(CompositionReader compositions, Preferences baker) : PageModel
{
    private ReadComposition _read = null!;

    /// <summary>The pie.</summary>
    public Assessment Pie { get; private set; } = null!;

    /// <summary>What is looked at; none where nothing is laid on this pie.</summary>
    public ToppingSums? Top { get; private set; }

    /// <summary>Which one it is, counted from 1 with the lowest.</summary>
    public int At { get; private set; } = 1;

    /// <summary>The fields that it is read from.</summary>
    public ToppingFields Fields { get; private set; }

    /// <summary>The composition as an address.</summary>
    public string Canonical { get; private set; } = "";

    /// <summary>Every field of the address but the ones on this form.</summary>
    public IReadOnlyList<KeyValuePair<string, string>> Kept { get; private set; } = [];

    /// <summary>The toppings that are laid or piped, each with its number.</summary>
    public IReadOnlyList<(int At, ToppingSums Sums)> Others { get; private set; } = [];

    /// <summary>Advice on what is on top.</summary>
    public IEnumerable<Finding> Advice => Pie.Advice.Where(f => f.Rule.Id is "piece-too-large");

    /// <summary>The baker's units.</summary>
    public QuantityFormatter Shown { get; } = baker.Shown;

    /// <summary>Shows a topping of the composition in the address.</summary>
    public async Task<IActionResult> OnGetAsync(CancellationToken cancel)
    {
        await ReadAsync(cancel);
        if (Request.Headers["HX-Request"] != "true")
            return Page();
        Response.Headers["HX-Push-Url"] = Here;
        return Partial("_Above", this);
    }

    /// <summary>The drawing as a file.</summary>
    public async Task<IActionResult> OnGetFileAsync(CancellationToken cancel)
    {
        await ReadAsync(cancel);
        return Top is null
            ? NotFound()
            : File(Encoding.UTF8.GetBytes(AboveDrawing.File(Pie, Top, Shown)), "image/svg+xml", Top.Choice.Topping.Id + ".svg");
    }

    /// <summary>The drawing at its true size, sheet by sheet.</summary>
    public IReadOnlyList<TrueSheet> Sheets => Top is null ? [] : AboveDrawing.Sheets(Pie, Top, Shown);

    /// <summary>The address of this page.</summary>
    public string Here => string.Create(CultureInfo.InvariantCulture, $"{Routes.Above}?top-at={At}&{Canonical}");

    /// <summary>The trouble with a field, if any.</summary>
    public Trouble? TroubleWith(string field) => _read.Of(field);

    /// <summary>What a field shows.</summary>
    public string Text(string field, string value) => TroubleWith(field)?.Typed ?? value;

    /// <summary>A length as a field shows it.</summary>
    public string LengthText(string field, Millimetres value) =>
        Text(
            field,
            Shown.Units.Length is LengthUnit.Inches
                ? Shown.Say(value.AsQuantity())
                : value.Value.ToString("0.##", CultureInfo.InvariantCulture));

    /// <summary>A figure that opens to its working.</summary>
    public IHtmlContent Figure(IWorked figure, string? said = null) => FigureLink.To(figure, Shown, Canonical, 1, said);

    /// <summary>The page after a remedy.</summary>
    public string After(Remedy remedy) =>
        string.Create(
            CultureInfo.InvariantCulture, $"{Routes.Above}?top-at={At}&{CompositionAddress.Write(remedy.Apply(Pie.Composition))}");

    /// <summary>What is laid, many of them.</summary>
    public static string Things(ToppingSums sums) =>
        sums.Choice.Topping.Piece?.Name
            ?? sums.Choice.Laying.Pattern switch { Pattern.Lattice => "lines", Pattern.Shells => "shells", _ => "rosettes" };

    private async Task ReadAsync(CancellationToken cancel)
    {
        var book = await compositions.BookAsync([Request.QueryString.Value ?? ""], cancel);
        _read = CompositionAddress.Read(
            name => Request.Query.TryGetValue(name, out var value) ? value.ToString() : null, Shown.Units.Length, book);
        Pie = Assessment.Of(_read.Composition, 1, await compositions.KitchenAsync(cancel));
        Canonical = CompositionAddress.Write(_read.Composition);
        Others = [.. Pie.Toppings.Select((t, i) => (i + 1, t)).Where(t => t.t.Count is not null)];
        if (Others.Count == 0)
            return;
        (At, Top) = int.TryParse(Request.Query["top-at"], out var at) && Others.FirstOrDefault(o => o.At == at) is { Sums: not null } found
            ? found
            : Others[0];

        // A bare first topping has no sums, so the others count from it.
        var index = At - 1 + (Pie.Composition.Topping.IsNone ? 1 : 0);
        Fields = index == 0 ? CompositionAddress.First : CompositionAddress.OverAt(index - 1);
        Kept = [
            .. CompositionAddress.FieldsOf(Canonical).Where(
                f => f.Key != Fields.Height && f.Key != Fields.Pattern && f.Key != Fields.Overlap && f.Key != Fields.Nozzle)
        ];
    }
}
