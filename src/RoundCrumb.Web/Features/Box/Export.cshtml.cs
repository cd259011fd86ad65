using System.Text;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Box;
using RoundCrumb.Formats.Export;

namespace RoundCrumb.Web.Features.Box;

/// <summary>Takes a part, a pie or the whole box away as a file.</summary>
public sealed class ExportModel(BoxTransfer transfer) : PageModel
{
    /// <summary>The file.</summary>
    public async Task<IActionResult> OnGetAsync(int? part, int? pie, string? @as, CancellationToken cancel)
    {
        if (@as is null or "json")
            return await transfer.DocumentAsync(part, pie, cancel) is { } box
                ? Send(
                    box.Write(), "application/json",
                    Name(
                        box.Pies.Count == 1 && pie is not null ? box.Pies[0].Name : part is not null ? box.Parts[0].Name : "recipe-box",
                        "box.json"))
                : NotFound();
        if (await transfer.RecipesAsync(part, pie, cancel) is not { } recipes)
            return NotFound();
        var title = recipes.Count == 1 ? recipes[0].Title : "recipe-box";
        return @as switch
        {
            "jsonld" => Send(RecipeWriter.JsonLd(recipes), "application/ld+json", Name(title, "jsonld")),
            "text" => Send(RecipeWriter.Text(recipes), "text/plain", Name(title, "txt")),
            "csv" => Send(RecipeWriter.Csv([.. recipes.SelectMany(r => r.Parts)]), "text/csv", Name(title, "csv")),
            _ => NotFound(),
        };
    }

    private FileContentResult Send(string text, string type, string name) =>
        File(Encoding.UTF8.GetBytes(text), type + "; charset=utf-8", name);

    private static string Name(string title, string ending)
    {
        var bare = new string([.. title.ToLowerInvariant().Select(c => char.IsLetterOrDigit(c) && c < 128 ? c : '-')]).Trim('-');
        while (bare.Contains("--", StringComparison.Ordinal))
            bare = bare.Replace("--", "-", StringComparison.Ordinal);
        return (bare.Length == 0 ? "recipe" : bare[..Math.Min(bare.Length, 60)]) + "." + ending;
    }
}
