using System.Globalization;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Data.Recipes;
using RoundCrumb.Formats.Reading;

namespace RoundCrumb.Application.Box;

/// <summary>
/// A part as typed: the fields of the form, of an import and of the API alike, and what is wrong with them. A field that was left empty
/// comes as nothing, and is empty text here.
/// </summary>
public sealed record PartForm
{
    /// <summary>Its name, as typed.</summary>
    public string Name { get; init => field = value ?? ""; } = "";

    /// <summary>Which kind of part, by name.</summary>
    public string Kind { get; init => field = value ?? ""; } = nameof(PartKind.Filling);

    /// <summary>The family of crusts or fillings, by id; empty to be guessed.</summary>
    public string Family { get; init => field = value ?? ""; } = "";

    /// <summary>Its lines, one ingredient each.</summary>
    public string Lines { get; init => field = value ?? ""; } = "";

    /// <summary>How it is made, one step a line.</summary>
    public string Method { get; init => field = value ?? ""; } = "";

    /// <summary>Its tags, with commas.</summary>
    public string Tags { get; init => field = value ?? ""; } = "";

    /// <summary>Which cup its lines mean, by name.</summary>
    public string Cup { get; init => field = value ?? ""; } = nameof(CupSize.American);

    /// <summary>Which size of egg its lines mean, by name.</summary>
    public string Egg { get; init => field = value ?? ""; } = nameof(EggSize.Large);

    /// <summary>Percent of the volume that is cooked away; empty for the family's usual.</summary>
    public string Loss { get; init => field = value ?? ""; } = "";

    /// <summary>Fill line below the rim, mm; empty for the family's usual.</summary>
    public string Line { get; init => field = value ?? ""; } = "";

    /// <summary>Minutes of rest; empty for the family's usual.</summary>
    public string Rest { get; init => field = value ?? ""; } = "";

    /// <summary>The kind, when it is one.</summary>
    public PartKind KindOf => Word(Kind, PartKind.Filling);

    /// <summary>The family, the first of the kind when it is not one of it.</summary>
    public string FamilyOf => PartFamilies.Of(KindOf).Any(f => f.Id == Family) ? Family : PartFamilies.Of(KindOf)[0].Id;

    /// <summary>Which cup and egg the lines mean.</summary>
    public RecipeMeasures Measures => new(Word(Cup, CupSize.American), Word(Egg, EggSize.Large));

    /// <summary>The form of a version that is kept.</summary>
    public static PartForm Of(Part part, PartVersion version) => new()
    {
        Name = part.Name,
        Kind = part.Kind.ToString(),
        Family = version.FamilyId,
        Lines = version.Text,
        Method = version.Method,
        Tags = part.Tags,
        Cup = version.Cup.ToString(),
        Egg = version.Egg.ToString(),
        Loss = version.MethodLoss is { } loss ? Number(loss * 100) : "",
        Line = version.FillLine is { } line ? Number(line) : "",
        Rest = version.Rest is { } rest ? Number(rest) : "",
    };

    /// <summary>An empty form for a kind of part, by name; for a filling where it names none.</summary>
    public static PartForm New(string? kind) => new() { Kind = Word(kind ?? "", PartKind.Filling).ToString() };

    /// <summary>The form of a copy of a part that comes with Round Crumb.</summary>
    public static PartForm CopyOf(PartRecipe shipped) => new()
    {
        Kind = shipped.Kind.ToString(),
        Family = shipped.FamilyId,
        Name = "My " + char.ToLowerInvariant(shipped.Name[0]) + shipped.Name[1..],
        Lines = CompositionReader.Text(shipped.Lines),
        Cup = nameof(CupSize.Metric),
    };

    /// <summary>The form of a copy of a version that is kept.</summary>
    public static PartForm CopyOf(Part part, PartVersion version)
    {
        var form = Of(part, version);
        return form with { Name = form.Name[..Math.Min(form.Name.Length, Part.LongestName - 2)] + " 2" };
    }

    /// <summary>Its fields as they are called on the form.</summary>
    public IReadOnlyList<(string Name, string Value)> Named() =>
    [
        ("Name", Name.Trim()), ("Family", PartFamilies.NameOf(KindOf, FamilyOf)), ("Lines", Lines), ("Method", Method.Trim()),
        ("Tags", TidyTags(Tags)), ("Cup", Measures.Cup.ToString()), ("Eggs", Measures.Egg.ToString()),
        ("Loss", Loss), ("Fill line", Line), ("Rest", Rest),
    ];

    /// <summary>
    /// What is wrong with it, by field; empty when it can be kept. The lines themselves are never wrong: what is not understood stays as it
    /// is.
    /// </summary>
    public IReadOnlyDictionary<string, string> Troubles()
    {
        var troubles = new Dictionary<string, string>(StringComparer.Ordinal);
        var name = Name.Trim();
        if (name.Length == 0)
            troubles["name"] = "Give it a name first.";
        else if (name.Length > Part.LongestName)
            troubles["name"] = $"That is {name.Length} characters; a name has {Part.LongestName} at most.";
        else if (name.Any(char.IsControl))
            troubles["name"] = "A name has no line breaks or other control characters in it.";
        if (!Enum.TryParse<PartKind>(Kind, ignoreCase: true, out var kind) || !Enum.IsDefined(kind) || int.TryParse(Kind, out _))
            troubles["kind"] = $"“{Short(Kind)}” is none of crust, filling and topping.";
        else if (Family.Length > 0 && PartFamilies.Of(kind).All(f => f.Id != Family))
            troubles["family"] = $"“{Short(Family)}” is no family of {kind.ToString().ToLowerInvariant()}s here.";
        if (string.IsNullOrWhiteSpace(Lines))
            troubles["lines"] = "Write at least one line, such as “200 g plain flour”.";
        else if (Lines.Length > Part.LongestText)
            troubles["lines"] = $"That is {Lines.Length} characters; {Part.LongestText} can be kept.";
        else if (Lines.AsSpan().TrimEnd().Count('\n') >= PartLimits.Lines)
            troubles[
                "lines"]
                = $"That is {Lines.AsSpan().TrimEnd().Count('\n') + 1} lines; {PartLimits.Lines} can be kept. Those after them are "
                    + $"not read.";
        if (Method.Length > Part.LongestText)
            troubles["method"] = $"That is {Method.Length} characters; {Part.LongestText} can be kept.";
        if (Tags.Length > Part.LongestTags)
            troubles["tags"] = $"That is {Tags.Length} characters of tags; {Part.LongestTags} can be kept.";
        Check("loss", Loss, 0, PartLimits.MethodLoss * 100, "Between 0 and 60 % of the volume.", ["", "%"]);
        Check("line", Line, 0, PartLimits.FillLine, "Between 0 and 40 mm below the rim.", ["", "mm"]);
        Check("rest", Rest, 0, PartLimits.Rest, "Between 0 and 2880 minutes.", ["", "min", "minutes"]);
        return troubles;

        void Check(string field, string typed, double least, double most, string limits, string[] units)
        {
            if (string.IsNullOrWhiteSpace(typed))
                return;
            if (!BakersNumber.TryRead(typed, out var value, out var unit) || !units.Contains(unit))
                troubles[field] = "That isn’t a number I can read; try 6 or 7.5. " + limits;
            else if (value < least || value > most)
                troubles[field] = limits;
        }
    }

    /// <summary>As it is to be kept.</summary>
    public PartDraft Draft(IEnumerable<ReadLine> lines) => new(
        KindOf, Name.Trim(), TidyTags(Tags), FamilyOf,
        Lines.ReplaceLineEndings("\n").TrimEnd(), CompositionReader.Understood(lines),
        Method.Trim(), Measures.Cup, Measures.Egg, Figures());

    /// <summary>Tags as they are kept: lower case, each once, parted by blanks.</summary>
    public static string TidyTags(string typed) =>
        string.Join(' ', typed.ToLowerInvariant().Split([' ', ',', ';', '#'], StringSplitOptions.RemoveEmptyEntries).Distinct());

    /// <summary>As the core knows it, before it is kept.</summary>
    public PartRecipe Recipe(IEnumerable<ReadLine> lines, string id = "draft") =>
        new(id, Name.Trim().Length > 0 ? Name.Trim() : "This part", KindOf, FamilyOf, CompositionReader.Understood(lines), Figures());

    private MethodFigures Figures() => new(
        KindOf is PartKind.Filling && Value(Loss) is { } loss and >= 0 and <= 60 ? loss / 100 : null,
        KindOf is PartKind.Filling && Value(Line) is { } line and >= 0 and <= 40 ? line : null,
        KindOf is PartKind.Crust && Value(Rest) is { } rest and >= 0 and <= 2880 ? rest : null);

    private static double? Value(string typed) =>
        !string.IsNullOrWhiteSpace(typed) && BakersNumber.TryRead(typed, out var value, out _) ? value : null;

    private static string Number(double value) => value.ToString("0.##", CultureInfo.InvariantCulture);

    private static string Short(string typed) => typed.Length > 24 ? typed[..24] + "…" : typed;

    private static T Word<T>(string typed, T usual)
        where T : struct, Enum => Enum.TryParse<T>(typed, ignoreCase: true, out var value) && Enum.IsDefined(value) ? value : usual;
}
