using System.Text;
using System.Text.Json;
using RoundCrumb.Core.Recipes;

namespace RoundCrumb.Formats.Import;

/// <summary>Finds schema.org recipes in JSON-LD: a bare object, a @graph, an array, or whatever those are wrapped in.</summary>
internal static class JsonLdReader
{
    /// <summary>How a family is written in a recipe's identifier.</summary>
    public const string FamilyProperty = "roundcrumb-family";

    /// <summary>How a kind is written in a recipe's identifier.</summary>
    public const string KindProperty = "roundcrumb-kind";

    public static IEnumerable<ImportedRecipe> Read(JsonElement root)
    {
        var found = new List<JsonElement>();
        Gather(root, found, 0);

        // A whole pie names its parts; those come as its sections and not again by themselves.
        var byId = new Dictionary<string, JsonElement>(StringComparer.Ordinal);
        foreach (var recipe in found)
        {
            if (Text(recipe, "@id") is { Length: > 0 } id)
                byId[id] = recipe;
        }

        var taken = new HashSet<string>(StringComparer.Ordinal);
        foreach (var recipe in found.Where(r => PartsOf(r).Any()))
        {
            var parts = PartsOf(recipe).Where(byId.ContainsKey).ToList();
            if (parts.Count == 0)
                continue;
            taken.UnionWith(parts);
            taken.Add(Text(recipe, "@id"));
            yield return new(Title(recipe), [.. parts.Select(p => Section(byId[p]))], Method(recipe));
        }

        foreach (var recipe in found.Where(r => !taken.Contains(Text(r, "@id")) || Text(r, "@id").Length == 0))
        {
            var section = Section(recipe) with { Method = "" };
            if (section.Lines.Length > 0)
                yield return new(Title(recipe), [section with { Heading = section.Kind is null ? "" : section.Heading }], Method(recipe));
        }
    }

    private static void Gather(JsonElement element, List<JsonElement> found, int depth)
    {
        if (depth > 12 || found.Count > 200)
            return;
        if (element.ValueKind is JsonValueKind.Array)
        {
            foreach (var one in element.EnumerateArray())
                Gather(one, found, depth + 1);
            return;
        }

        if (element.ValueKind is not JsonValueKind.Object)
            return;
        if (IsRecipe(element))
        {
            found.Add(element);
            return;
        }

        foreach (var name in (string[])["@graph", "mainEntity", "mainEntityOfPage", "itemListElement", "item", "hasPart"])
        {
            if (element.TryGetProperty(name, out var inner))
                Gather(inner, found, depth + 1);
        }
    }

    private static bool IsRecipe(JsonElement element)
    {
        if (!element.TryGetProperty("@type", out var type))
            return false;
        return type.ValueKind switch
        {
            JsonValueKind.String => Is(type),
            JsonValueKind.Array => type.EnumerateArray().Any(t => t.ValueKind is JsonValueKind.String && Is(t)),
            _ => false,
        };

        static bool Is(JsonElement t) =>
            t.GetString() is "Recipe" or "schema:Recipe" or "http://schema.org/Recipe" or "https://schema.org/Recipe";
    }

    private static ImportedSection Section(JsonElement recipe)
    {
        var lines = new StringBuilder();
        foreach (var name in (string[])["recipeIngredient", "ingredients"])
        {
            if (!recipe.TryGetProperty(name, out var list))
                continue;
            var all = list.ValueKind is JsonValueKind.Array
                ? list.EnumerateArray().Where(l => l.ValueKind is JsonValueKind.String).Select(l => l.GetString()!)
                : list.ValueKind is JsonValueKind.String ? list.GetString()!.Split('\n')
                : [];
            foreach (var line in all.Take(200))
            {
                if (Importer.Clean(line) is { Length: > 0 } clean)
                    lines.Append(clean).Append('\n');
            }

            break;
        }

        return new(Title(recipe), lines.ToString().TrimEnd('\n'), Method(recipe))
        {
            FamilyId = Identifier(recipe, FamilyProperty),
            Kind = Enum.TryParse<PartKind>(Identifier(recipe, KindProperty), ignoreCase: true, out var kind) && Enum.IsDefined(kind)
                ? kind
                : null,
        };
    }

    private static string Title(JsonElement recipe)
    {
        var name = Importer.Clean(Text(recipe, "name"));
        return name[..Math.Min(name.Length, 80)];
    }

    private static string Method(JsonElement recipe)
    {
        var method = new StringBuilder();
        if (recipe.TryGetProperty("recipeInstructions", out var steps))
            Steps(steps, method, 0);
        return method.ToString().Trim();
    }

    private static void Steps(JsonElement element, StringBuilder method, int depth)
    {
        if (depth > 6 || method.Length > 20_000)
            return;
        switch (element.ValueKind)
        {
            case JsonValueKind.String:
                method.Append(Importer.Clean(element.GetString())).Append('\n');
                break;
            case JsonValueKind.Array:
                foreach (var one in element.EnumerateArray())
                    Steps(one, method, depth + 1);
                break;
            case JsonValueKind.Object:
                if (element.TryGetProperty("itemListElement", out var inner))
                    Steps(inner, method, depth + 1);
                else if (Text(element, "text") is { Length: > 0 } text)
                    method.Append(Importer.Clean(text)).Append('\n');
                else if (Text(element, "name") is { Length: > 0 } name)
                    method.Append(Importer.Clean(name)).Append('\n');
                break;
            default:
                break;
        }
    }

    private static IEnumerable<string> PartsOf(JsonElement recipe)
    {
        if (!recipe.TryGetProperty("hasPart", out var parts) || parts.ValueKind is not JsonValueKind.Array)
            yield break;
        foreach (var part in parts.EnumerateArray())
        {
            if (part.ValueKind is JsonValueKind.Object && Text(part, "@id") is { Length: > 0 } id)
                yield return id;
        }
    }

    private static string Identifier(JsonElement recipe, string property)
    {
        if (!recipe.TryGetProperty("identifier", out var list) || list.ValueKind is not JsonValueKind.Array)
            return "";
        foreach (var one in list.EnumerateArray())
        {
            if (one.ValueKind is JsonValueKind.Object && Text(one, "propertyID") == property)
                return Text(one, "value");
        }

        return "";
    }

    private static string Text(JsonElement element, string name) =>
        element.ValueKind is JsonValueKind.Object && element.TryGetProperty(name, out var value) && value.ValueKind is JsonValueKind.String
            ? value.GetString() ?? ""
            : "";
}
