using System.Globalization;
using System.Text;
using Microsoft.AspNetCore.Html;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Labelling;
using RoundCrumb.Core.Labelling;
using RoundCrumb.Core.Units;
using RoundCrumb.Formats.Trade;
using RoundCrumb.Web.Drawing;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Labels;

/// <summary>What is printed.</summary>
public enum LabelKind
{
    /// <summary>All that a box may have to carry.</summary>
    Box,

    /// <summary>A card for the counter: name, what is in it that matters, price.</summary>
    Card,
}

/// <summary>The labels of a day, at true size.</summary>
[OfBakeDay]
public sealed class IndexModel(DayLabels labels, Preferences baker) : PageModel
{
    private const int MostOfOne = 200;

    /// <summary>The day's labels.</summary>
    public OpenLabels View { get; private set; } = null!;

    /// <summary>The sheet that they are printed on.</summary>
    public LabelSheet Sheet { get; private set; } = LabelSheet.All[0];

    /// <summary>What is printed.</summary>
    public LabelKind Kind { get; private set; }

    /// <summary>Whose law.</summary>
    public LabelLaw Law { get; private set; }

    /// <summary>True where the table of nutrition is on it.</summary>
    public bool WithNutrition { get; private set; }

    /// <summary>One's own size, as typed.</summary>
    public NumberField Width { get; private set; }

    /// <summary>One's own size, as typed.</summary>
    public NumberField Height { get; private set; }

    /// <summary>The baker's units.</summary>
    public QuantityFormatter Shown { get; } = baker.Shown;

    /// <summary>How many of each are printed, by order.</summary>
    public Dictionary<int, int> Many { get; } = [];

    /// <summary>The same as typed.</summary>
    public Dictionary<int, NumberField> ManyTyped { get; } = [];

    /// <summary>The labels, one after the other, sheet by sheet.</summary>
    public IEnumerable<IEnumerable<OrderLabel>> Sheets() =>
        View.Labels.SelectMany(l => Enumerable.Repeat(l, Many[l.Order.Id])).Chunk(Sheet.Many);

    /// <summary>The size of type for a label, points; none where it does not fit.</summary>
    public double? TypeOf(OrderLabel label) => Sheet.TypeFor(LettersOf(label));

    /// <summary>The class that has this size of type.</summary>
    public string TypeClass(OrderLabel label) =>
        $"fs-{((TypeOf(label) ?? LabelSheet.SmallestType) * 2).ToString("0", CultureInfo.InvariantCulture)}";

    /// <summary>What is worth saying beyond the list, for a label.</summary>
    public IEnumerable<string> Says(OrderLabel label)
    {
        if (label.Label.HasAlcohol)
            yield return "Contains alcohol.";
        if (label.Label.HasGelatine)
            yield return "Contains gelatine (not vegetarian).";
        else if (!label.Label.IsVegetarian)
            yield return "Not vegetarian.";
        if (label.Label.HasRawEgg)
            yield return "Contains raw or lightly cooked egg.";
        if (label.Label.NotStated.Count > 0)
            yield return $"Allergens not stated: {string.Join(", ", label.Label.NotStated.Select(i => i.ShortName))}.";
        if (PieLabel.GroupsOf(label.MayContain, Law) is { Count: > 0 } may)
            yield return $"May contain {string.Join(", ", may)}.";
    }

    /// <summary>The list of ingredients, its allergens set off by weight and capitals.</summary>
    public IHtmlContent Ingredients(OrderLabel label) => new HtmlString(
        string.Concat(
            label.Label.Text(Law).Select(
                w => w.IsAllergen ? $"<strong>{Svg.Text(w.Text.ToUpperInvariant())}</strong>" : Svg.Text(w.Text))));

    /// <summary>Nutrition in a line: for 100 g, and the energy of a slice.</summary>
    public static string Nutrition(OrderLabel label)
    {
        var n = label.Label.Nutrition;
        var grams = label.Label.Net.Value.Value / Math.Max(1, label.Slices);
        var one = n.For(grams);
        var what = label.Slices > 1 ? "A slice" : "One";
        string[] said =
        [
            N($"For 100 g, estimated: {n.Kilojoules:0} kJ / {n.Kilocalories:0} kcal, fat {n.Fat:0.0} g, of which saturates "),
            N($"{n.Saturates:0.0} g, carbohydrate {n.Carbohydrate:0} g, of which sugars {n.Sugars:0} g, protein {n.Protein:0.0} g, "),
            N($"salt {n.Salt:0.00} g. {what} ({grams:0} g): {one.Kilojoules:0} kJ / {one.Kilocalories:0} kcal, fat {one.Fat:0.0} g, "),
            N($"sugars {one.Sugars:0} g, salt {one.Salt:0.00} g."),
        ];
        return string.Concat(said);

        static string N(FormattableString words) => FormattableString.Invariant(words);
    }

    /// <summary>A day as a label says it.</summary>
    public static string Date(DateOnly day) => day.ToString("d MMM yyyy", CultureInfo.InvariantCulture);

    /// <summary>A price as a label says it: always pounds and pence.</summary>
    public static string Price(double pounds) => string.Create(CultureInfo.InvariantCulture, $"£{pounds:0.00}");

    /// <summary>The address of these labels with something else about them.</summary>
    public string Address(string more) => $"{Routes.Labels(View.Open.Kept.Id)}?{more}&{Request.QueryString.Value?.TrimStart('?')}";

    /// <summary>Shows the labels.</summary>
    public async Task<IActionResult> OnGetAsync(int id, CancellationToken cancel) => await ShowAsync(id, cancel) ? Page() : NotFound();

    /// <summary>The sheet's measures as a style sheet: all in mm, as the printer lays them out.</summary>
    public async Task<IActionResult> OnGetStyleAsync(int id, CancellationToken cancel)
    {
        if (!await ShowAsync(id, cancel))
            return NotFound();
        var css = new StringBuilder();
        css.Add($"@page {{ size: {Sheet.PageWidth}mm {Sheet.PageHeight}mm; margin: 0; }}\n");
        css.Add($".label-page {{ width: {Sheet.PageWidth}mm; height: {Sheet.PageHeight}mm; padding: {Sheet.Top}mm 0 0 {Sheet.Left}mm; ");
        css.Add($"grid-template-columns: repeat({Sheet.Columns}, {Sheet.Width}mm); grid-auto-rows: {Sheet.Height}mm; }}\n");
        css.Add($".label {{ width: {Sheet.Width}mm; height: {Sheet.Height}mm; }}\n");
        for (var half = (int)(LabelSheet.SmallestType * 2); half <= 22; half++)
            css.Add($".fs-{half} {{ font-size: {half / 2.0}pt; }}\n");
        return Content(css.ToString(), "text/css", Encoding.UTF8);
    }

    /// <summary>The labels as a table.</summary>
    public async Task<IActionResult> OnGetTableAsync(int id, CancellationToken cancel)
    {
        if (!await ShowAsync(id, cancel))
            return NotFound();
        var rows = View.Labels.Select(l => new LabelRecord(
            l.Order.Name, Many[l.Order.Id], string.Concat(l.Label.Text(Law).Select(w => w.Text)), string.Join("; ", l.Label.Groups(Law)),
            string.Join("; ", PieLabel.GroupsOf(l.MayContain, Law)), Math.Round(l.Label.Net.Value.Value),
            l.MadeOn.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture), l.UseBy.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture),
            l.Code,
            Math.Round(l.PiePrice, 2), Math.Round(l.Label.Nutrition.Kilojoules), Math.Round(l.Label.Nutrition.Kilocalories),
            Math.Round(l.Label.Nutrition.Fat, 1), Math.Round(l.Label.Nutrition.Saturates, 1), Math.Round(l.Label.Nutrition.Carbohydrate, 1),
            Math.Round(l.Label.Nutrition.Sugars, 1), Math.Round(l.Label.Nutrition.Protein, 1), Math.Round(l.Label.Nutrition.Salt, 2)));
        return File(Encoding.UTF8.GetBytes(TradeTables.Write(rows)), "text/csv", "labels.csv");
    }

    private int LettersOf(OrderLabel label)
    {
        var trade = View.Trade;
        if (Kind is LabelKind.Card)
        {
            // The name is twice as high and wide as the rest, the price half as much again, and short lines stand alone.
            return (label.Order.Name.Length * 6) + string.Join(", ", label.Label.Groups(Law)).Length + Says(label).Sum(s => s.Length + 25)
                + 120;
        }

        var list = label.Label.Text(Law).Sum(w => w.Text.Length) + Says(label).Sum(s => s.Length + 1);
        return (label.Order.Name.Length * 2) + list + (WithNutrition ? Nutrition(label).Length : 0) + trade.House.Length
            + trade.Place.Length + 140;
    }

    private async Task<bool> ShowAsync(int id, CancellationToken cancel)
    {
        if (await labels.OpenAsync(id, cancel) is not { } view)
            return false;
        View = view;
        string? Q(string name) => Request.Query[name];
        Kind = Enum.TryParse<LabelKind>(Q("kind"), out var kind) && Enum.IsDefined(kind) ? kind : LabelKind.Box;
        Law = Enum.TryParse<LabelLaw>(Q("law"), out var law) && Enum.IsDefined(law) ? law : LabelLaw.European;
        WithNutrition = Request.Query.Count == 0 || Q("nutrition") == "1";
        Width = NumberField.Of(Q("w"), 90, LabelSheet.Own.Least, LabelSheet.Own.Most, "mm");
        Height = NumberField.Of(Q("h"), 50, LabelSheet.Own.Least, LabelSheet.Own.Most, "mm");
        Sheet = Q("sheet") == "own"
            ? LabelSheet.OfOwn(Width.Value!.Value, Height.Value!.Value)
            : LabelSheet.All.FirstOrDefault(s => s.Id == Q("sheet")) ?? LabelSheet.All[0];
        foreach (var label in view.Labels)
        {
            var usual = Kind is LabelKind.Card ? 1 : label.Order.Count;
            var many = NumberField.Of(Q($"n{label.Order.Id}"), usual, 0, MostOfOne, "labels").Whole(usual);
            Many[label.Order.Id] = (int)many.Value!.Value;
            ManyTyped[label.Order.Id] = many;
        }

        return true;
    }
}
