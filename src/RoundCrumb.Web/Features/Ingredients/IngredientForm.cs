using System.Globalization;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;

namespace RoundCrumb.Web.Features.Ingredients;

/// <summary>An ingredient as it stands in its form: as it is kept, or as it was typed with what is wrong with it.</summary>
public sealed class IngredientForm
{
    private static readonly string[] Boxes = ["protease", "slaughter", "stated"];

    /// <summary>The fields in the order of the page, each with what it is called.</summary>
    private static readonly (string Field, string Name)[] Fields =
    [
        ("name", "Name"), ("others", "Other names"), ("bulk", "1 ml of a cup"), ("mix", "1 g adds"), ("each", "One piece"),
        ("loss", "Lost"), ("water", "Water"), ("fat", "Fat"), ("sugars", "Sugars"), ("protein", "Protein"), ("starch", "Starch"),
        ("saturates", "Saturates"), ("salt", "Salt"), ("stated", "Has none of the named allergens"),
        ("alcohol", "Alcohol"), ("sets", "Thickens like"), ("juice", "Sharp juice"), ("bloom", "Gelatine strength"),
        ("protease", "Digests gelatine"), ("slaughter", "From a slaughtered animal"), ("pack", "A pack holds"), ("price", "A pack costs"),
    ];

    private readonly Dictionary<string, string> _fields = new(StringComparer.Ordinal);
    private Allergens _allergens;
    private Traits _traits;

    private IngredientForm()
    {
    }

    /// <summary>What is wrong, by field.</summary>
    public Dictionary<string, string> Troubles { get; } = new(StringComparer.Ordinal);

    /// <summary>The other names, one each.</summary>
    public IReadOnlyList<string> OtherNames =>
        [
            .. Field("others").Split(',', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries)
                .Select(o => o.Replace('|', ' '))
        ];

    /// <summary>What is left to 100 g.</summary>
    public string Rest =>
        string.Create(
            CultureInfo.InvariantCulture,
            $"{100 - (Value("water") + Value("fat") + Value("sugars") + Value("protein") + Value("starch")):0.#} g");

    /// <summary>The traits that it has, in words.</summary>
    public string TraitsSaid => string.Join(", ", TraitWords.All.Where(Is).Select(t => t.Name));

    /// <summary>What a field shows.</summary>
    public string Field(string name) => _fields.GetValueOrDefault(name, "");

    /// <summary>True for an allergen that is ticked.</summary>
    public bool Has(Allergens allergen) => _allergens.HasFlag(allergen);

    /// <summary>True for a trait that is ticked.</summary>
    public bool Is(Traits trait) => _traits.HasFlag(trait);

    /// <summary>What an allergen is called.</summary>
    public static string Word(Allergens allergen) =>
        allergen is Allergens.BrazilNut ? "brazil nut" : allergen.ToString().ToLowerInvariant();

    /// <summary>The form of an ingredient that is known, under a name.</summary>
    public static IngredientForm Of(Ingredient i, string name)
    {
        var form = new IngredientForm { _allergens = i.Allergens, _traits = i.Traits };
        Set("name", name.Length > 120 ? name[..120] : name);
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
        Number("saturates", i.Saturates * 100);
        Number("salt", i.Salt * 100);
        Set("stated", i.AllergensStated && i.Allergens is Allergens.None ? "1" : "");
        Set("protease", i.ProteaseWhenRaw ? "1" : "");
        Set("slaughter", i.FromSlaughter ? "1" : "");
        Number("pack", i.Pack.Grams, hideNothing: true);
        Number("price", (double)i.Pack.Price, hideNothing: true);
        return form;

        void Set(string field, string value) => form._fields[field] = value;
        void Number(string field, double value, bool hideNothing = false) =>
            Set(field, hideNothing && value == 0 ? "" : value.ToString("0.###", CultureInfo.InvariantCulture));
    }

    /// <summary>The form of a new ingredient like a known one: it has its values, but none of its other names.</summary>
    public static IngredientForm Like(Ingredient i, string name)
    {
        var form = Of(i, name);
        form._fields["others"] = "";

        // What the one has says nothing of the other.
        form._fields["stated"] = "";
        return form;
    }

    /// <summary>The form as it was sent.</summary>
    public static IngredientForm Sent(IFormCollection sent)
    {
        var form = new IngredientForm();
        foreach (var field in sent)
            form._fields[field.Key] = field.Value.ToString();
        foreach (var box in Boxes.Where(b => !sent.ContainsKey(b)))
            form._fields[box] = "";
        foreach (var value in sent["has"])
            form._allergens |= Enum.TryParse<Allergens>(value, out var one) && Enum.IsDefined(one) ? one : Allergens.None;
        foreach (var value in sent["is"])
            form._traits |= Enum.TryParse<Traits>(value, out var one) && TraitWords.All.Contains(one) ? one : Traits.None;
        return form;
    }

    /// <summary>Its values, with what is wrong with them, its name and its other names put among <see cref="Troubles"/>.</summary>
    /// <param name="from">The ingredient that it is made from.</param>
    public IngredientValues Check(Ingredient from)
    {
        var name = Field("name").Trim();
        if (name.Length is 0 or > IngredientLimits.LongestName)
            Troubles["name"] = name.Length == 0
                ? "Give it a name."
                : $"That is {name.Length} characters; a name has {IngredientLimits.LongestName} at most.";
        var values = Values(from);
        if (OtherNames.Count > IngredientLimits.MostOtherNames || OtherNames.Any(o => o.Length > IngredientLimits.LongestName))
            Troubles["others"] = "At most 20 other names of up to 80 characters each.";
        return values;
    }

    /// <summary>The fields of the form as they are called, with what is in them.</summary>
    public IEnumerable<(string Name, string Value)> Named() =>
    [
        .. Fields.Select(f => (f.Name, Boxes.Contains(f.Field) ? Field(f.Field) == "1" ? "yes" : "no" : Field(f.Field))),
        ("What it is to the craft", TraitsSaid),
        ("Named on a label", string.Join(", ", Enum.GetValues<Allergens>().Where(a => a != Allergens.None && Has(a)).Select(Word))),
    ];

    private IngredientValues Values(Ingredient from)
    {
        var each = Read("each");
        var values = new IngredientValues(
            Read("bulk"), Read("mix"), Read("water") / 100, Read("fat") / 100, Read("sugars") / 100, Read("protein") / 100,
            Read("starch") / 100, Read("sets"), Read("juice") / 100, Read("alcohol") / 100,
            _allergens, Field("slaughter") == "1" ? Origin.Slaughter : from.Origin is Origin.Slaughter ? Origin.Plant : from.Origin,
            Field("protease") == "1", Read("bloom"), Read("loss") / 100,
            each, each > 0 ? from.Piece.One is { Length: > 0 } one ? one : "piece" : "",
            each > 0 ? from.Piece.Many is { Length: > 0 } many ? many : "pieces" : "",
            Read("pack"), (decimal)(double.IsNaN(Read("price")) ? -1 : Math.Clamp(Read("price"), -1, 1e9)))
        {
            Traits = _traits,
            AllergensStated = Field("stated") == "1",
            Saturates = Said("saturates", from.Saturates),
            Salt = Said("salt", from.Salt),
        };
        if (Field("stated") == "1" && _allergens is not Allergens.None)
            Troubles["stated"] = "Either it has some of these, or none.";
        foreach (var (field, words) in IngredientLimits.Problems(values))
            Troubles[field] = Troubles.TryGetValue(field, out var unread)
                ? $"{unread} {words}"
                : Field(field).Trim().Length == 0 && field != IngredientLimits.Makeup ? $"Nothing is written here. {words}"
                : words;
        return values;
    }

    /// <summary>A share as it was typed; none where it is left to what is usual for its kind.</summary>
    private double? Said(string name, double usual) =>
        string.IsNullOrWhiteSpace(Field(name)) || Math.Abs(Value(name) - (usual * 100)) < 0.0006 ? null : Read(name) / 100;

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
