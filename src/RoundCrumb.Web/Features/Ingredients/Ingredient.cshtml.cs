using System.Globalization;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Data.Pies;
using RoundCrumb.Data.Recipes;

namespace RoundCrumb.Web.Features.Ingredients;

/// <summary>One ingredient: to look at, or to make one of the baker's own from.</summary>
public sealed class IngredientModel(Larder larder, CompositionReader compositions) : PageModel
{
    private readonly Dictionary<string, string> _typed = new(StringComparer.Ordinal);
    private Allergens _has;
    private Traits _is;

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
    public string Rest =>
        string.Create(
            CultureInfo.InvariantCulture,
            $"{100 - (Value("water") + Value("fat") + Value("sugars") + Value("protein") + Value("starch")):0.#} g");

    /// <summary>What a field shows.</summary>
    public string Field(string name) => _typed.GetValueOrDefault(name, "");

    /// <summary>True for an allergen that is ticked.</summary>
    public bool Has(Allergens allergen) => _has.HasFlag(allergen);

    /// <summary>True for a trait that is ticked.</summary>
    public bool Is(Traits trait) => _is.HasFlag(trait);

    /// <summary>True where the traits are open to be ticked.</summary>
    public bool TraitsShown => Request.HasFormContentType;

    /// <summary>The traits that it has, in words.</summary>
    public string TraitsSaid => string.Join(", ", TraitWords.All.Where(Is).Select(t => t.Name));

    /// <summary>What an allergen is called.</summary>
    public static string Word(Allergens allergen) =>
        allergen is Allergens.BrazilNut ? "brazil nut" : allergen.ToString().ToLowerInvariant();

    /// <summary>What a kind of source is called.</summary>
    public static string Source(SourceKind kind) => kind switch
    {
        SourceKind.CompositionTables => "standard food-composition tables, rounded",
        SourceKind.MeasuredRange => "weighed and measured, the middle of a range",
        SourceKind.Packets => "what packets of the kind usually say",
        _ => "as you wrote it",
    };

    /// <summary>The version that the form is filled in over; 0 for a new one.</summary>
    public int Version { get; private set; }

    /// <summary>Both versions, where somebody else has changed it meanwhile.</summary>
    public Elsewhere? Elsewhere { get; private set; }

    /// <summary>Shows an ingredient, or one to start from.</summary>
    public async Task<IActionResult> OnGetAsync(string? id, string? from, string? name, string? kept, CancellationToken cancel)
    {
        var known = await compositions.KnownAsync(cancel);
        Id = id ?? "";
        if ((IsNew ? known.Find(from ?? "plain-flour") ?? Pantry.PlainFlour : known.Find(Id)) is not { } ingredient)
            return NotFound();
        From = ingredient;
        Name = IsNew ? (name ?? "").Trim() : ingredient.Name;
        Fill(ingredient);
        _typed["name"] = Name.Length > 120 ? Name[..120] : Name;
        if (IsNew)
            _typed["others"] = "";
        Version = (await larder.FindOwnAsync(Id, cancel))?.Version ?? 0;
        Said = kept is null ? null : "It is in the pantry. Recipes that name it are read with it from now on.";
        return Page();
    }

    /// <summary>Keeps an ingredient of the baker's own.</summary>
    public async Task<IActionResult> OnPostAsync(string? id, string? from, string? name, int version, CancellationToken cancel)
    {
        var known = await compositions.KnownAsync(cancel);
        Id = id ?? "";
        if (!MayChange || known.Find(from ?? "") is not { } like || (!IsNew && known.Find(Id) is null))
            return NotFound();
        From = like;
        Version = version;
        Name = (name ?? "").Trim();
        foreach (var field in Request.Form)
            _typed[field.Key] = field.Value.ToString();
        foreach (var value in Request.Form["has"])
            _has |= Enum.TryParse<Allergens>(value, out var one) && Enum.IsDefined(one) ? one : Allergens.None;
        foreach (var value in Request.Form["is"])
            _is |= Enum.TryParse<Traits>(value, out var one) && TraitWords.All.Contains(one) ? one : Traits.None;
        if (Name.Length is 0 or > IngredientLimits.LongestName)
            Troubles["name"] = Name.Length == 0
                ? "Give it a name."
                : $"That is {Name.Length} characters; a name has {IngredientLimits.LongestName} at most.";
        var values = Values();
        var others = Field("others").Split(',', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries);
        if (others.Length > IngredientLimits.MostOtherNames || others.Any(o => o.Length > IngredientLimits.LongestName))
            Troubles["others"] = "At most 20 other names of up to 80 characters each.";
        if (Troubles.Count > 0)
            return Page();

        // Its kind (egg, shelf) comes from a shipped ingredient, also when it was made from one of the baker's own.
        var shipped = Pantry.Find(like.Id) ?? Pantry.All.First(i => i.Shelf == like.Shelf && i.Egg == like.Egg);
        var (outcome, slug) = await larder.KeepAsync(
            IsNew ? null : Id, version, Name, [.. others.Select(o => o.Replace('|', ' '))], shipped, values, cancel);
        switch (outcome)
        {
            case KeepOutcome.Kept:
                return Redirect($"{Routes.Ingredient(slug)}?kept=1");
            case KeepOutcome.NameTaken:
                Troubles["name"] = $"You have an ingredient called “{Name}” already.";
                return Page();
            case KeepOutcome.ChangedElsewhere when await larder.FindOwnAsync(Id, cancel) is { } own
                && (await compositions.KnownAsync(cancel)).Find(Id) is { } now:
                var (typed, ticked, traits) = (_typed.ToDictionary(), _has, _is);
                _typed.Clear();
                Fill(now);
                _typed["name"] = now.Name;
                var there = Named().ToList();
                (Version, _has, _is) = (own.Version, ticked, traits);
                foreach (var (field, words) in typed)
                    _typed[field] = words;
                foreach (var box in Boxes.Where(b => !typed.ContainsKey(b)))
                    _typed[box] = "";
                Elsewhere = Elsewhere.Of(
                    "This ingredient", Named().Zip(there, (mine, other) => new FieldElsewhere(mine.Name, mine.Value, other.Value)));
                return Page();
            default:
                return NotFound();
        }
    }

    private static readonly string[] Boxes = ["protease", "slaughter"];

    /// <summary>The fields of the form as they are called, with what is in them.</summary>
    private IEnumerable<(string Name, string Value)> Named()
    {
        foreach (var (field, name) in new[]
                 {
                     ("name", "Name"), ("others", "Other names"), ("bulk", "1 ml of a cup"), ("mix", "1 g adds"), ("each", "One piece"),
                     ("loss", "Lost"), ("water", "Water"), ("fat", "Fat"), ("sugars", "Sugars"),
                     ("protein", "Protein"), ("starch", "Starch"), ("alcohol", "Alcohol"), ("sets", "Thickens like"),
                     ("juice", "Sharp juice"), ("bloom", "Gelatine strength"), ("protease", "Digests gelatine"),
                     ("slaughter", "From a slaughtered animal"), ("pack", "A pack holds"), ("price", "A pack costs"),
                 })
            yield return (name, Boxes.Contains(field) ? Field(field) == "1" ? "yes" : "no" : Field(field));
        yield return ("What it is to the craft", TraitsSaid);
        yield return (
            "Named on a label", string.Join(", ", Enum.GetValues<Allergens>().Where(a => a != Allergens.None && Has(a)).Select(Word)));
    }

    private void Fill(Ingredient i)
    {
        (_has, _is) = (i.Allergens, i.Traits);
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
        void Number(string name, double value, bool hideNothing = false) =>
            Set(name, hideNothing && value == 0 ? "" : value.ToString("0.###", CultureInfo.InvariantCulture));
    }

    private IngredientValues Values()
    {
        var each = Read("each");
        var values = new IngredientValues(
            Read("bulk"), Read("mix"), Read("water") / 100, Read("fat") / 100, Read("sugars") / 100, Read("protein") / 100,
            Read("starch") / 100, Read("sets"), Read("juice") / 100, Read("alcohol") / 100,
            _has, Field("slaughter") == "1" ? Origin.Slaughter : From.Origin is Origin.Slaughter ? Origin.Plant : From.Origin,
            Field("protease") == "1", Read("bloom"), Read("loss") / 100,
            each, each > 0 ? From.Piece.One is { Length: > 0 } one ? one : "piece" : "",
            each > 0 ? From.Piece.Many is { Length: > 0 } many ? many : "pieces" : "",
            Read("pack"), (decimal)(double.IsNaN(Read("price")) ? -1 : Math.Clamp(Read("price"), -1, 1e9)))
        {
            Traits = _is,
        };
        foreach (var (field, words) in IngredientLimits.Problems(values))
            Troubles[field] = Troubles.TryGetValue(field, out var unread)
                ? $"{unread} {words}"
                : Field(field).Trim().Length == 0 && field != IngredientLimits.Makeup ? $"Nothing is written here. {words}"
                : words;
        return values;
    }

    private double Read(string name)
    {
        if (string.IsNullOrWhiteSpace(Field(name)))
            return 0;
        if (BakersNumber.TryRead(Field(name), out var value, out var unit) && unit is "" or "g" or "%" or "ml" or "£")
            return value;
        Troubles[name] = "That isn’t a number I can read; try 12 or 0.5.";
        return double.NaN;
    }

    private double Value(string name) => BakersNumber.TryRead(Field(name), out var value, out _) && double.IsFinite(value) ? value : 0;
}
