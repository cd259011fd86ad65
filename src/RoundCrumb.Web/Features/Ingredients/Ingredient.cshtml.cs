using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Data.Recipes;
using RoundCrumb.Data.Storage;

namespace RoundCrumb.Web.Features.Ingredients;

/// <summary>One ingredient: to look at, or to make one of the baker's own from.</summary>
public sealed class IngredientModel(Larder larder, CompositionReader compositions) : PageModel
{
    /// <summary>Its id, or "new".</summary>
    public string Id { get; private set; } = "";

    /// <summary>Its name.</summary>
    public string Name { get; private set; } = "";

    /// <summary>The ingredient whose values are shown.</summary>
    public Ingredient From { get; private set; } = null!;

    /// <summary>Its fields, with what is wrong with them.</summary>
    public IngredientForm Form { get; private set; } = null!;

    /// <summary>True for one that is not kept yet.</summary>
    public bool IsNew => Id == "new";

    /// <summary>What is known of it, as one reads it: what is nothing is left out.</summary>
    public IEnumerable<(string Name, string Value)> Facts
    {
        get
        {
            (string Field, string Name, string Unit)[] figures =
            [
                ("others", "Other names", ""), ("bulk", "1 ml of a cup holds", " g"), ("mix", "1 g adds to a mixture", " ml"),
                ("each", "One piece weighs", " g"), ("loss", "Lost on toasting or reducing", " %"),
                ("water", "Water", " %"), ("fat", "Fat", " %"),
                ("saturates", "of it saturated", " %"), ("sugars", "Sugars", " %"), ("protein", "Protein", " %"),
                ("starch", "Starch", " %"),
                ("alcohol", "Alcohol", " %"), ("salt", "Salt", " %"), ("sets", "1 g thickens like", " g of cornflour"),
                ("juice", "Sharp juice", " %"),
                ("bloom", "Gelatine strength", " bloom"), ("pack", "A pack holds", " g"), ("price", "A pack costs £", ""),
            ];
            foreach (var (key, name, unit) in figures)
            {
                if (Form.Field(key) is { Length: > 0 } value and not "0")
                    yield return (name, value + unit);
            }

            var named = Enum.GetValues<Allergens>().Where(a => a != Allergens.None && Form.Has(a)).Select(IngredientForm.Word).ToList();
            yield return ("Named on a label", named.Count > 0 ? string.Join(", ", named)
                : Form.Field("stated") == "1" || From.AllergensStated ? "nothing" : "nothing is stated yet");
            if (Form.TraitsSaid.Length > 0)
                yield return ("To the craft", Form.TraitsSaid);
        }
    }

    /// <summary>True for one of the baker's own.</summary>
    public bool MayChange => IsNew || Id.StartsWith("own-", StringComparison.Ordinal);

    /// <summary>Something to say at the top, if anything.</summary>
    public string? Said { get; private set; }

    /// <summary>True where the traits are open to be ticked.</summary>
    public bool TraitsShown => Request.HasFormContentType;

    /// <summary>The version that the form is filled in over; 0 for a new one.</summary>
    public int Version { get; private set; }

    /// <summary>Both versions, where somebody else has changed it meanwhile.</summary>
    public Elsewhere? Elsewhere { get; private set; }

    /// <summary>What a kind of source is called.</summary>
    public static string Source(SourceKind kind) => kind switch
    {
        SourceKind.CompositionTables => "standard food-composition tables, rounded",
        SourceKind.MeasuredRange => "weighed and measured, the middle of a range",
        SourceKind.Packets => "what packets of the kind usually say",
        _ => "as you wrote it",
    };

    /// <summary>Shows an ingredient, or one to start from.</summary>
    public async Task<IActionResult> OnGetAsync(string? id, string? from, string? name, string? kept, CancellationToken cancel)
    {
        var known = await compositions.KnownAsync(cancel);
        Id = id ?? "";
        if ((IsNew ? known.Find(from ?? "plain-flour") ?? Pantry.PlainFlour : known.Find(Id)) is not { } ingredient)
            return NotFound();
        From = ingredient;
        Name = IsNew ? (name ?? "").Trim() : ingredient.Name;
        Form = IsNew ? IngredientForm.Like(ingredient, Name) : IngredientForm.Of(ingredient, Name);
        Version = (await larder.FindOwnAsync(Id, cancel))?.Version ?? 0;
        Said = kept is null ? null : "It is in the pantry. Recipes that name it are read with it from now on.";
        return Page();
    }

    /// <summary>Keeps an ingredient of the baker's own.</summary>
    public async Task<IActionResult> OnPostAsync(string? id, string? from, int version, CancellationToken cancel)
    {
        var known = await compositions.KnownAsync(cancel);
        Id = id ?? "";
        if (!MayChange || known.Find(from ?? "") is not { } like || (!IsNew && known.Find(Id) is null))
            return NotFound();
        (From, Version, Form) = (like, version, IngredientForm.Sent(Request.Form));
        Name = Form.Field("name").Trim();
        var values = Form.Check(like);
        if (Form.Troubles.Count > 0)
            return Page();

        // Its kind (egg, shelf) comes from a shipped ingredient, also when it was made from one of the baker's own.
        var shipped = Pantry.Find(like.Id) ?? Pantry.All.First(i => i.Shelf == like.Shelf && i.Egg == like.Egg);
        var (outcome, slug) = await larder.KeepAsync(IsNew ? null : Id, version, Name, [.. Form.OtherNames], shipped, values, cancel);
        switch (outcome)
        {
            case KeepOutcome.Kept:
                return Redirect($"{Routes.Ingredient(slug)}?kept=1");
            case KeepOutcome.NameTaken:
                Form.Troubles["name"] = $"You have an ingredient called “{Name}” already.";
                return Page();
            case KeepOutcome.ChangedElsewhere when await larder.FindOwnAsync(Id, cancel) is { } own
                && (await compositions.KnownAsync(cancel)).Find(Id) is { } now:
                Version = own.Version;
                Elsewhere = Elsewhere.Of(
                    "This ingredient",
                    Form.Named().Zip(
                        IngredientForm.Of(now, now.Name).Named(),
                        (mine, other) => new FieldElsewhere(mine.Name, mine.Value, other.Value)));
                return Page();
            default:
                return NotFound();
        }
    }
}
