using System.Globalization;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Data.Recipes;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Pages.Ingredients;

/// <summary>One ingredient: to look at, or to make one of the baker's own from.</summary>
public sealed class IngredientModel(Larder larder, Desk desk) : PageModel
{
    private readonly Dictionary<string, string> _typed = new(StringComparer.Ordinal);
    private Allergens _has;

    /// <summary>Its id, or "new".</summary>
    public string Id { get; private set; } = "";

    /// <summary>Its name.</summary>
    public string Name { get; private set; } = "";

    /// <summary>The ingredient whose values are shown.</summary>
    public Ingredient From { get; private set; } = null!;

    /// <summary>True for one that is not kept yet.</summary>
    public bool IsNew => Id == "new";

    /// <summary>True for one of the baker's own.</summary>
    public bool MayChange => IsNew || Id.StartsWith("own-", StringComparison.Ordinal);

    /// <summary>What is wrong, by field.</summary>
    public Dictionary<string, string> Troubles { get; } = new(StringComparer.Ordinal);

    /// <summary>Something to say at the top, if anything.</summary>
    public string? Said { get; private set; }

    /// <summary>What is left to 100 g.</summary>
    public string Rest => string.Create(CultureInfo.InvariantCulture, $"{100 - (Value("water") + Value("fat") + Value("sugars") + Value("protein") + Value("starch")):0.#} g");

    /// <summary>What a field shows.</summary>
    public string Field(string name) => _typed.GetValueOrDefault(name, "");

    /// <summary>True for an allergen that is ticked.</summary>
    public bool Has(Allergens allergen) => _has.HasFlag(allergen);

    /// <summary>What an allergen is called.</summary>
    public static string Word(Allergens allergen) => allergen is Allergens.BrazilNut ? "brazil nut" : allergen.ToString().ToLowerInvariant();

    /// <summary>What a kind of source is called.</summary>
    public static string Source(SourceKind kind) => kind switch
    {
        SourceKind.CompositionTables => "standard food-composition tables, rounded",
        SourceKind.MeasuredRange => "weighed and measured, the middle of a range",
        SourceKind.Packets => "what packets of the kind usually say",
        _ => "as you wrote it",
    };

    /// <summary>Shows an ingredient, or one to start from.</summary>
    public async Task<IActionResult> OnGetAsync(string id, string? from, string? name, string? kept, CancellationToken cancel)
    {
        var known = await desk.KnownAsync(cancel);
        Id = id;
        if ((IsNew ? known.Find(from ?? "plain-flour") ?? Pantry.PlainFlour : known.Find(id)) is not { } ingredient)
            return NotFound();
        From = ingredient;
        Name = IsNew ? (name ?? "").Trim() : ingredient.Name;
        Fill(ingredient);
        _typed["name"] = Name.Length > 120 ? Name[..120] : Name;
        if (IsNew)
            _typed["others"] = "";
        Said = kept is null ? null : "It is in the pantry. Recipes that name it are read with it from now on.";
        return Page();
    }

    /// <summary>Keeps an ingredient of the baker's own.</summary>
    public async Task<IActionResult> OnPostAsync(string id, string? from, string? name, CancellationToken cancel)
    {
        var known = await desk.KnownAsync(cancel);
        Id = id;
        if (!MayChange || known.Find(from ?? "") is not { } like || (!IsNew && known.Find(id) is null))
            return NotFound();
        From = like;
        Name = (name ?? "").Trim();
        foreach (var field in Request.Form)
            _typed[field.Key] = field.Value.ToString();
        foreach (var value in Request.Form["has"])
            _has |= Enum.TryParse<Allergens>(value, out var one) && Enum.IsDefined(one) ? one : Allergens.None;
        if (Name.Length is 0 or > 80)
            Troubles["name"] = Name.Length == 0 ? "Give it a name." : $"That is {Name.Length} characters; a name has 80 at most.";
        var values = Values();
        var others = Field("others").Split(',', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries);
        if (others.Length > 20 || others.Any(o => o.Length > 80))
            Troubles["others"] = "At most 20 other names of up to 80 characters each.";
        if (Troubles.Count > 0)
            return Page();

        // Its kind (egg, shelf) comes from a shipped ingredient, also when it was made from one of the baker's own.
        var shipped = Pantry.Find(like.Id) ?? Pantry.All.First(i => i.Shelf == like.Shelf && i.Egg == like.Egg);
        var slug = await larder.KeepAsync(IsNew ? null : id, Name, [.. others.Select(o => o.Replace('|', ' '))], shipped, values, cancel);
        if (slug is null)
        {
            Troubles["name"] = $"You have an ingredient called “{Name}” already.";
            return Page();
        }

        return Redirect($"/pantry/{slug}?kept=1");
    }

    private void Fill(Ingredient i)
    {
        _has = i.Allergens;
        Set("others", string.Join(", ", i.OtherNames));
        Number("bulk", i.BulkDensity);
        Number("mix", i.InMixture);
        Number("each", i.GramsEach, hideNothing: true);
        Number("loss", i.UsualLoss * 100);
        Number("water", i.Makeup.Water * 100);
        Number("fat", i.Makeup.Fat * 100);
        Number("sugars", i.Makeup.Sugars * 100);
        Number("protein", i.Makeup.Protein * 100);
        Number("starch", i.Makeup.Starch * 100);
        Number("alcohol", i.Alcohol * 100);
        Number("sets", i.StarchEquivalent);
        Number("juice", i.Juice * 100);
        Number("bloom", i.Bloom);
        Set("protease", i.ProteaseWhenRaw ? "1" : "");
        Set("slaughter", i.FromSlaughter ? "1" : "");
        Number("pack", i.Pack.Grams, hideNothing: true);
        Number("price", (double)i.Pack.Price, hideNothing: true);

        void Set(string name, string value) => _typed[name] = value;
        void Number(string name, double value, bool hideNothing = false) => Set(name, hideNothing && value == 0 ? "" : value.ToString("0.###", CultureInfo.InvariantCulture));
    }

    private IngredientValues Values()
    {
        var each = Read("each", 0, 5000, "A piece weighs up to 5 kg.");
        var values = new IngredientValues(
            Read("bulk", 0.05, 3, "A millilitre of anything in a kitchen weighs 0.05 to 3 g."), Read("mix", 0, 3, "A gram adds 0 to 3 ml."),
            Read("water", 0, 100, "0 to 100 g.") / 100, Read("fat", 0, 100, "0 to 100 g.") / 100, Read("sugars", 0, 100, "0 to 100 g.") / 100, Read("protein", 0, 100, "0 to 100 g.") / 100, Read("starch", 0, 100, "0 to 100 g.") / 100,
            Read("sets", 0, 2, "Nothing thickens more than twice as strongly as cornflour."), Read("juice", 0, 100, "0 to 100 %.") / 100, Read("alcohol", 0, 95, "0 to 95 g.") / 100,
            _has, Field("slaughter") == "1" ? Origin.Slaughter : From.Origin is Origin.Slaughter ? Origin.Plant : From.Origin, Field("protease") == "1",
            Read("bloom", 0, 320, "Gelatine is sold from 50 to 320 bloom."), Read("loss", 0, 60, "0 to 60 %.") / 100,
            each, each > 0 ? From.Piece.One is { Length: > 0 } one ? one : "piece" : "", each > 0 ? From.Piece.Many is { Length: > 0 } many ? many : "pieces" : "",
            Read("pack", 0, 50_000, "A pack holds up to 50 kg."), (decimal)Read("price", 0, 10_000, "Up to £10,000."));
        if (values.Water + values.Fat + values.Sugars + values.Protein + values.Starch > 1.0005 && !Troubles.ContainsKey("water"))
            Troubles["makeup"] = "Water, fat, sugars, protein and starch come to more than 100 g.";
        return values;
    }

    private double Value(string name) => BakersNumber.TryRead(Field(name), out var value, out _) && double.IsFinite(value) ? value : 0;

    private double Read(string name, double least, double most, string limits)
    {
        var typed = Field(name);
        if (string.IsNullOrWhiteSpace(typed))
        {
            if (least > 0)
                Troubles[name] = "Nothing is written here. " + limits;
            return 0;
        }

        if (!BakersNumber.TryRead(typed, out var value, out var unit) || unit is not ("" or "g" or "%" or "ml" or "£"))
        {
            Troubles[name] = "That isn’t a number I can read; try 12 or 0.5. " + limits;
            return 0;
        }

        if (value < least || value > most)
            Troubles[name] = limits;
        return value;
    }
}
