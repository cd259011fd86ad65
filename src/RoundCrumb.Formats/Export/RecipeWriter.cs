using System.Globalization;
using System.Text;
using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Unicode;
using CsvHelper;
using CsvHelper.Configuration;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Formats.Import;

namespace RoundCrumb.Formats.Export;

/// <summary>A part to be written out.</summary>
/// <param name="Kind">Which part of a pie.</param>
/// <param name="Name">Its name.</param>
/// <param name="FamilyId">Its family.</param>
/// <param name="Lines">Its lines, as written, without headings and blank lines.</param>
/// <param name="Method">How it is made.</param>
public sealed record WrittenPart(PartKind Kind, string Name, string FamilyId, IReadOnlyList<string> Lines, string Method);

/// <summary>A recipe to be written out: a part by itself, or a pie with its parts.</summary>
/// <param name="Title">Its name.</param>
/// <param name="Parts">Its parts.</param>
public sealed record WrittenRecipe(string Title, IReadOnlyList<WrittenPart> Parts);

/// <summary>Writes parts and pies as plain text and as schema.org Recipe JSON-LD; <see cref="Importer"/> reads both back.</summary>
public static class RecipeWriter
{
    private static readonly JsonSerializerOptions Options = new()
    {
        WriteIndented = true,
        Encoder = JavaScriptEncoder.Create(UnicodeRanges.All),
    };

    /// <summary>As plain text: the title, each part under its heading, the method.</summary>
    public static string Text(string title, IReadOnlyList<WrittenPart> parts)
    {
        var text = new StringBuilder(title).Append("\n\n");
        foreach (var part in parts)
        {
            text.Append("## ").Append(part.Kind).Append(": ").Append(part.Name).Append('\n');
            foreach (var line in part.Lines)
                text.Append(line).Append('\n');
            text.Append('\n');
        }

        if (parts.Any(p => p.Method.Length > 0))
        {
            text.Append("Method:\n");
            foreach (var part in parts.Where(p => p.Method.Length > 0))
                text.Append(part.Method.Trim()).Append('\n');
        }

        return text.ToString();
    }

    /// <summary>Several, one after the other.</summary>
    public static string Text(IReadOnlyList<WrittenRecipe> recipes) =>
        string.Join("\n" + Importer.Rule + "\n\n", recipes.Select(r => Text(r.Title, r.Parts)));

    /// <summary>As JSON-LD: one recipe for a part; for pies and boxes a graph of parts and pies.</summary>
    public static string JsonLd(IReadOnlyList<WrittenRecipe> recipes)
    {
        if (recipes is [{ Parts: [var only] } one] && only.Name == one.Title)
            return With(Part(only, null), ("@context", "https://schema.org")).ToJsonString(Options);
        var graph = new JsonArray();
        var pies = new List<JsonNode>();
        for (var r = 0; r < recipes.Count; r++)
        {
            var (title, parts) = recipes[r];
            if (parts is [var alone] && alone.Name == title)
            {
                graph.Add((JsonNode)Part(alone, $"#part-{r + 1}"));
                continue;
            }

            var named = new JsonArray();
            for (var i = 0; i < parts.Count; i++)
            {
                var id = $"#pie-{r + 1}-part-{i + 1}";
                graph.Add((JsonNode)Part(parts[i], id));
                named.Add((JsonNode)new JsonObject { ["@id"] = id });
            }

            pies.Add(new JsonObject
            {
                ["@type"] = "Recipe",
                ["@id"] = $"#pie-{r + 1}",
                ["name"] = title,
                ["recipeIngredient"] = new JsonArray([.. parts.SelectMany(p => p.Lines).Select(l => (JsonNode)l)]),
                ["hasPart"] = named,
            });
        }

        foreach (var pie in pies)
            graph.Add(pie);
        return new JsonObject { ["@context"] = "https://schema.org", ["@graph"] = graph }.ToJsonString(Options);
    }

    /// <summary>The lines of parts as CSV, with their section.</summary>
    public static string Csv(IReadOnlyList<WrittenPart> parts)
    {
        using var text = new StringWriter { NewLine = "\n" };
        using (
            var csv = new CsvWriter(
                text, new CsvConfiguration(CultureInfo.InvariantCulture) { NewLine = "\n", InjectionOptions = InjectionOptions.Escape }))
        {
            csv.WriteField("section");
            csv.WriteField("line");
            csv.NextRecord();
            foreach (var part in parts)
            {
                foreach (var line in part.Lines)
                {
                    csv.WriteField($"{part.Kind}: {part.Name}");
                    csv.WriteField(line);
                    csv.NextRecord();
                }
            }
        }

        return text.ToString();
    }

    private static JsonObject Part(WrittenPart part, string? id)
    {
        var recipe = new JsonObject { ["@type"] = "Recipe" };
        if (id is not null)
            recipe["@id"] = id;
        recipe["name"] = part.Name;
        recipe["recipeCategory"] = part.Kind.ToString();
        recipe["identifier"] = new JsonArray(
            Property(JsonLdReader.KindProperty, part.Kind.ToString()), Property(JsonLdReader.FamilyProperty, part.FamilyId));
        recipe["recipeIngredient"] = new JsonArray([.. part.Lines.Select(l => (JsonNode)l)]);
        if (part.Method.Length > 0)
            recipe["recipeInstructions"] = new JsonArray(
                [
                    .. part.Method.Split('\n', StringSplitOptions.RemoveEmptyEntries)
                        .Select(s => (JsonNode)new JsonObject { ["@type"] = "HowToStep", ["text"] = s.Trim() })
                ]);
        return recipe;
    }

    private static JsonObject Property(string name, string value) =>
        new() { ["@type"] = "PropertyValue", ["propertyID"] = name, ["value"] = value };

    private static JsonObject With(JsonObject recipe, (string Name, string Value) first)
    {
        var whole = new JsonObject { [first.Name] = first.Value };
        foreach (var (name, value) in recipe.ToList())
        {
            recipe.Remove(name);
            whole[name] = value;
        }

        return whole;
    }
}
