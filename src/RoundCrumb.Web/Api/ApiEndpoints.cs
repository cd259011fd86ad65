using Microsoft.AspNetCore.Http.HttpResults;
using RoundCrumb.Application.Box;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Advice;
using RoundCrumb.Core.Batches;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Core.Steps;
using RoundCrumb.Core.Toppings;
using RoundCrumb.Core.Units;
using RoundCrumb.Data.Pies;
using RoundCrumb.Data.Recipes;
using RoundCrumb.Formats.Reading;

namespace RoundCrumb.Web.Api;

/// <summary>A part in a question: one that is known by its id, or lines of a family.</summary>
/// <param name="Part">Id of a shipped part, or of a version in the box.</param>
/// <param name="Family">Family of the lines; guessed when left out.</param>
/// <param name="Lines">Recipe lines, as bakers write them.</param>
/// <param name="Cup">american, metric or imperial.</param>
/// <param name="Egg">small, medium, large or extraLarge.</param>
public sealed record PartQuestion(string? Part, string? Family, IReadOnlyList<string>? Lines, CupSize? Cup, EggSize? Egg);

/// <summary>A pie to be worked out.</summary>
/// <param name="Crust">The crust; the usual one when left out.</param>
/// <param name="Filling">The filling; the usual one when left out.</param>
/// <param name="Topping">The topping; none when left out.</param>
/// <param name="Pan">Id of a pan; the 23 cm plate when left out.</param>
/// <param name="Count">How many pies, 1 to 200; one when left out.</param>
/// <param name="Fields">Any other field of a composition's address, such as <c>thick</c>, <c>line</c>, <c>make</c>, <c>ahead</c>, or
/// <c>own-top</c> with the pan <c>own</c>.</param>
public sealed record ComposeQuestion(
    PartQuestion? Crust, PartQuestion? Filling, PartQuestion? Topping, string? Pan, int? Count,
    IReadOnlyDictionary<string, string>? Fields);

/// <summary>One thing to weigh.</summary>
public sealed record WeighAnswer(string Part, string Ingredient, string Name, double Grams, string Note);

/// <summary>A step of the work.</summary>
public sealed record StepAnswer(
    string Part, string Do, double HandsOnMinutes, double WaitLeast, double WaitBest, double WaitMost, string Where, string Cue,
    string Caution);

/// <summary>A piece of advice.</summary>
public sealed record AdviceAnswer(string Rule, string Layer, string Severity, string Says, string Because, IReadOnlyList<string> Remedies);

/// <summary>A pie, worked out.</summary>
public sealed record ComposeAnswer(
    string Composition, int Count, double PanVolumeMl, double FillingDepthMm, double FillingEachMl, double FillingEachGrams,
    double SetIndex, string Cut, double HandsOnMinutes,
    double StartToSliceLeastMinutes, double StartToSliceBestMinutes, IReadOnlyList<string> Contains, IReadOnlyList<WeighAnswer> Weigh,
    IReadOnlyList<StepAnswer> Steps, IReadOnlyList<AdviceAnswer> Advice)
{
    /// <summary>
    /// What is only likely to be meant so in the lines that were sent, each with its line; it is worked out as it is said here.
    /// </summary>
    public IReadOnlyList<string> Questions { get; init; } = [];
}

/// <summary>An ingredient of a line.</summary>
public sealed record ItemAnswer(
    string Name, string? Ingredient, string? IngredientName, string Likeness, double? Grams, string GoesIn, IReadOnlyList<string> Assumed,
    IReadOnlyList<string> Candidates);

/// <summary>A line as it was understood.</summary>
public sealed record LineAnswer(
    string Text, bool Whole, IReadOnlyList<ItemAnswer> Items, string Note, bool Optional, string Heading, string NotRead, string Trouble,
    string Question, MethodAnswer Says);

/// <summary>Oven heats (°C, conventional), sizes (mm) and times (minutes, least and most) that a text names.</summary>
public sealed record MethodAnswer(
    IReadOnlyList<double> OvenCelsius, IReadOnlyList<IReadOnlyList<double>> SizesMm, IReadOnlyList<IReadOnlyList<double>> Minutes);

/// <summary>A part, shortly.</summary>
public sealed record PartAnswer(string Id, string Kind, string Name, string Family, bool Shipped, IReadOnlyList<string> Tags);

/// <summary>A part with its lines and what is known of it.</summary>
public sealed record PartDetail(
    string Id, string Kind, string Name, string Family, bool Shipped, string Text, IReadOnlyList<WeighAnswer> Lines, double TotalGrams,
    double? YieldMl, double? SetIndex, string? Cut,
    double Sugars, double Fat, double Juice, double Alcohol, IReadOnlyList<string> Contains, bool Vegetarian, IReadOnlyList<string> Checks);

/// <summary>A saved pie.</summary>
public sealed record PieAnswer(int Id, string Name, string Composition, IReadOnlyList<string> Tags);

/// <summary>The JSON API: the same core, the same limits and the same words as the pages.</summary>
public static class ApiEndpoints
{
    /// <summary>Adds the endpoints under /api/v1, described at /openapi/v1.json.</summary>
    public static void MapApi(this WebApplication app)
    {
        app.MapOpenApi("/openapi/{documentName}.json");
        var api = app.MapGroup(Routes.Api).WithTags("Round Crumb");
        api.MapPost("/compose", ComposeAsync)
            .WithSummary("Works out a pie from crust, filling, topping, pan and count, without keeping it.").WithDescription(
                "Where something of it cannot be used, errors says what, and guests says all the same what in it these guests must not "
                    + "have, in the form of advice. Fields that say who eats it, each “1” where it is so: " + GuestFields() + ".")
            .ProducesValidationProblem();
        api.MapGet("/lines", LineAsync)
            .WithSummary("Reads one recipe line: its ingredients in grams, and the oven heats, sizes and times that it names.")
            .ProducesValidationProblem();
        api.MapGet("/parts", PartsAsync)
            .WithSummary("Lists the parts: shipped ones, then the baker's own; a page of them by skip and take.")
            .ProducesValidationProblem();
        api.MapGet("/parts/{id}", PartAsync).WithSummary("One part with its lines and what is known of it.").ProducesProblem(404);
        api.MapGet("/pies", PiesAsync).WithSummary("Lists the saved pies, those changed last first; a page of them by skip and take.")
            .ProducesValidationProblem();
        api.MapGet("/pies/{id:int}", PieAsync).WithSummary("Works out a saved pie.").ProducesProblem(404).ProducesValidationProblem();
    }

    /// <summary>What can be said of the guests, each field with its words.</summary>
    private static string GuestFields() => string.Join("; ", new[]
    {
        $"{CompositionAddress.Vegetarian} (vegetarians)", $"{CompositionAddress.NoAlcohol} (no alcohol)",
        $"{CompositionAddress.NoRawEgg} (no raw or lightly cooked egg)",
    }.Concat(Needs.Groups.Select(g => $"{g.Field} (no {g.Name})")).Concat(AskedSwap.All.Select(s => $"{s.Field} (made with {s.Name})")));

    private static async Task<Results<Ok<ComposeAnswer>, ValidationProblem>> ComposeAsync(
        ComposeQuestion question, CompositionReader compositions, RecipeBox box, CancellationToken cancel)
    {
        var troubles = new Dictionary<string, string[]>(StringComparer.Ordinal);
        var count = question.Count ?? 1;
        if (count is < 1 or > BatchSheet.MostPies)
            troubles["count"] = [$"How many pies? A whole number from 1 to {BatchSheet.MostPies}."];
        var own = new List<PartRecipe>(3);
        var questions = new List<string>();
        var fields = new Dictionary<string, string>(StringComparer.Ordinal);
        foreach (var (name, value) in question.Fields ?? new Dictionary<string, string>())
        {
            if (CompositionAddress.Fields.Contains(name))
                fields[name] = value ?? "";
            else
                troubles[$"fields.{name}"] = ["No composition has such a field."];
        }

        if (question.Pan is { } pan)
            fields[CompositionAddress.PanField] = pan;
        fields[CompositionAddress.ToppingField] = Topping.None.Id;
        foreach (var (kind, field, part) in new[]
                 {
                     (PartKind.Crust, CompositionAddress.CrustField, question.Crust),
                     (PartKind.Filling, CompositionAddress.FillingField, question.Filling),
                     (PartKind.Topping, CompositionAddress.ToppingField, question.Topping),
                 })
        {
            if (part is null)
                continue;
            var where = kind.ToString().ToLowerInvariant();
            if (part.Lines is not { Count: > 0 } lines)
            {
                fields[field] = part.Part ?? "";
                continue;
            }

            if (await ReadAsync(part, kind, lines, compositions, troubles, questions, cancel) is not { } recipe)
                continue;
            own.Add(recipe);
            fields[field] = recipe.Id;
        }

        var named = await box.NamedInAsync([string.Join('&', fields.Select(f => $"{f.Key}={Uri.EscapeDataString(f.Value)}"))], cancel);
        var read = CompositionAddress.Read(name => fields.GetValueOrDefault(name), book: PartBook.Shipped.With([.. named, .. own]));
        var kitchen = await compositions.KitchenAsync(cancel);
        var shown = new QuantityFormatter(UnitChoice.Usual);
        foreach (var trouble in read.Troubles)
            troubles.TryAdd(trouble.Field, [shown.Say(trouble.Message)]);
        return troubles.Count > 0
            ? Problem(troubles, Guests(read.Composition, kitchen))
            : TypedResults.Ok(Worked(read.Composition, count, kitchen) with { Questions = questions });
    }

    /// <summary>What in it these guests must not have, of whatever is known to be in it.</summary>
    private static List<AdviceAnswer> Guests(Composition composition, Kitchen kitchen)
    {
        var pie = Assessment.Of(composition, 1, kitchen);
        return [.. RuleBook.AboutGuests.Select(r => r.Check(r, pie)).OfType<Finding>().Select(Say)];
    }

    private static async Task<Results<Ok<LineAnswer>, ValidationProblem>> LineAsync(
        string? text, string? cup, string? egg, CompositionReader compositions, CancellationToken cancel)
    {
        var troubles = new Dictionary<string, string[]>(StringComparer.Ordinal);
        if (string.IsNullOrWhiteSpace(text))
            troubles["text"] = ["Nothing is written here. Send one line, such as “200 g plain flour”."];
        else if (text.Length > LineReader.LongestLine)
            troubles["text"] = [$"A line of {text.Length} characters; {LineReader.LongestLine} can be read."];
        var measures = new RecipeMeasures(Word(cup, CupSize.American, "cup", troubles), Word(egg, EggSize.Large, "egg", troubles));
        if (troubles.Count > 0)
            return Problem(troubles);
        return TypedResults.Ok(Say((await compositions.ReaderAsync(measures, cancel)).Read(text!)));
    }

    /// <summary>How many are listed where nothing is said, and at the most.</summary>
    private const int Usual = 100;

    private const int Most = 500;

    private static async Task<Results<Ok<List<PartAnswer>>, ValidationProblem>> PartsAsync(
        int? skip, int? take, RecipeBox box, HttpResponse response, CancellationToken cancel)
    {
        if (Paged(skip, take, ShippedParts.All.Count + await box.CountAsync(cancel), response) is { } wrong)
            return wrong;
        var (from, many) = (skip ?? 0, take ?? Usual);
        var shipped = ShippedParts.All.Skip(from).Take(many).ToList();
        var own = await box.ListAsync(null, null, BoxSort.Name, many - shipped.Count, Math.Max(0, from - ShippedParts.All.Count), cancel);
        var current = await box.RecipesAsync([.. own.Select(p => OwnPartId.Of(p.Id, p.Current))], cancel);
        var families = current.ToDictionary(r => r.Id, r => r.FamilyId);
        return TypedResults.Ok<List<PartAnswer>>(
        [
            .. shipped.Select(p => new PartAnswer(p.Id, p.Kind.ToString(), p.Name, p.FamilyId, true, [])),
            .. own.Select(
                p =>
                    new PartAnswer(
                        OwnPartId.Of(p.Id, p.Current), p.Kind.ToString(), p.Name,
                        families.GetValueOrDefault(OwnPartId.Of(p.Id, p.Current), ""), false,
                        p.Tags.Split(' ', StringSplitOptions.RemoveEmptyEntries))),
        ]);
    }

    private static async Task<Results<Ok<PartDetail>, ProblemHttpResult>> PartAsync(string id, RecipeBox box, CancellationToken cancel)
    {
        var shipped = ShippedParts.Find(id);
        if ((shipped ?? await box.RecipeAsync(id, cancel)) is not { } part)
            return TypedResults.Problem($"There is no part called “{(id.Length > 40 ? id[..40] : id)}” here.", statusCode: 404);
        var text = shipped is not null
            ? CompositionReader.Text(part.Lines)
            : (await box.FindAsync(OwnPartId.Parse(id)!.Value.Part, deletedToo: true, cancel))!.Versions.Single(
                v => v.Number == OwnPartId.Parse(id)!.Value.Version).Text;
        var facts = PartFacts.Of(part);
        var shown = new QuantityFormatter(UnitChoice.Usual);
        return TypedResults.Ok(new PartDetail(
            part.Id, part.Kind.ToString(), part.Name, part.FamilyId, shipped is not null, text,
            [
                .. part.Lines.Select(
                    l => new WeighAnswer(part.Kind.ToString(), l.Ingredient.Id, l.Ingredient.Name, Math.Round(l.Mass, 2), l.Note))
            ],
            Math.Round(part.Total, 2), Round(facts.Yield?.Value.Value), Round(facts.Set?.Value.Value), facts.Cut?.Name,
            Math.Round(facts.Sugars.Value.Value, 4), Math.Round(facts.Fat.Value.Value, 4),
            Math.Round(facts.Juice.Value.Value, 4), Math.Round(facts.Alcohol.Value.Value, 4),
            part.Contains,
            facts.IsVegetarian, [.. facts.Checks.Where(c => !c.IsSound).Select(c => shown.Say(c.Says))]));
    }

    private static async Task<Results<Ok<List<PieAnswer>>, ValidationProblem>> PiesAsync(
        int? skip, int? take, PieShelf shelf, HttpResponse response, CancellationToken cancel)
    {
        if (Paged(skip, take, await shelf.CountAsync(cancel), response) is { } wrong)
            return wrong;
        var pies = await shelf.ListAsync(skip ?? 0, take ?? Usual, cancel: cancel);
        return TypedResults.Ok<List<PieAnswer>>(
            [.. pies.Select(p => new PieAnswer(p.Id, p.Name, p.Address, p.Tags.Split(' ', StringSplitOptions.RemoveEmptyEntries)))]);
    }

    /// <summary>Says how many there are in all, in the header X-Total-Count; or what is wrong with the page that is asked for.</summary>
    private static ValidationProblem? Paged(int? skip, int? take, int all, HttpResponse response)
    {
        response.Headers["X-Total-Count"] = all.ToString(System.Globalization.CultureInfo.InvariantCulture);
        var troubles = new Dictionary<string, string[]>(StringComparer.Ordinal);
        if (skip is < 0)
            troubles["skip"] = ["0 or more are passed over."];
        if (take is < 1 or > Most)
            troubles["take"] = [$"From 1 to {Most} are listed at once; {Usual} where nothing is said."];
        return troubles.Count > 0 ? Problem(troubles) : null;
    }

    private static async Task<Results<Ok<ComposeAnswer>, ValidationProblem, ProblemHttpResult>> PieAsync(
        int id, int? count, PieShelf shelf, CompositionReader compositions, CancellationToken cancel)
    {
        if (await shelf.FindAsync(id, cancel) is not { } pie)
            return TypedResults.Problem($"There is no pie {id} here.", statusCode: 404);
        if (count is < 1 or > BatchSheet.MostPies)
            return Problem(new() { ["count"] = [$"How many pies? A whole number from 1 to {BatchSheet.MostPies}."] });
        return TypedResults.Ok(
            Worked((await compositions.ReadAsync(pie.Address, cancel)).Composition, count ?? 1, await compositions.KitchenAsync(cancel)));
    }

    private static ComposeAnswer Worked(Composition composition, int count, Kitchen kitchen)
    {
        var pie = Assessment.Of(composition, count, kitchen);
        var sheet = BatchSheet.Of(pie);
        var shown = new QuantityFormatter(UnitChoice.Usual);
        return new(
            CompositionAddress.Write(composition), count, Math.Round(pie.PanVolume.Value.Value, 1),
            Math.Round(pie.FilledDepth.Value.Value, 1), Math.Round(pie.FilledEach.Value.Value, 1),
            Math.Round(pie.FilledMass.Value.Value, 1),
            Math.Round(pie.Yield.SetIndex.Value.Value, 2), pie.Yield.Cut.Name, Math.Round(pie.Times.HandsOn.Value.Best),
            Math.Round(pie.Times.StartToSlice.Value.Least), Math.Round(pie.Times.StartToSlice.Value.Best),
            Held.Contains(composition),
            [
                .. sheet.Parts.SelectMany(
                    p =>
                        p.Lines.Select(
                            l => new WeighAnswer(p.Name, l.Ingredient.Id, l.Ingredient.Name, Math.Round(l.Mass.Value.Value, 2), l.Note)))
            ],
            [
                .. pie.Chain.Steps.Select(
                    s =>
                        new StepAnswer(
                            s.Part.ToString(), shown.Say(s.Do), Math.Round(s.HandsOn, 1), Math.Round(s.Wait.Least),
                            Math.Round(s.Wait.Best), Math.Round(s.Wait.Most), s.Where.Name, s.Cue, shown.Say(s.Caution)))
            ],
            [.. pie.Advice.Select(Say)]);
    }

    private static AdviceAnswer Say(Finding finding)
    {
        var shown = new QuantityFormatter(UnitChoice.Usual);
        return new(
            finding.Rule.Id, finding.Rule.Layer.ToString(), finding.Severity.ToString(), shown.Say(finding.Says),
            shown.Say(finding.Because),
            [.. finding.Remedies.Select(r => shown.Say(r.Do))]);
    }

    /// <summary>Reads a part that is asked about; none where it is too long to be read.</summary>
    private static async Task<PartRecipe?> ReadAsync(
        PartQuestion part, PartKind kind, IReadOnlyList<string> lines, CompositionReader compositions,
        Dictionary<string, string[]> troubles, List<string> questions, CancellationToken cancel)
    {
        var where = kind.ToString().ToLowerInvariant();
        var form = new PartForm
        {
            Name = where,
            Kind = kind.ToString(),
            Family = part.Family ?? "",
            Lines = string.Join('\n', lines.Select(l => (l ?? "").ReplaceLineEndings(" "))),
            Cup = (part.Cup ?? CupSize.American).ToString(),
            Egg = (part.Egg ?? EggSize.Large).ToString(),
        };
        foreach (var (name, words) in form.Troubles())
            troubles[$"{where}.{name}"] = [words];
        if (form.Lines.Length > Data.Recipes.Part.LongestText)
            return null;
        var read = (await compositions.ReaderAsync(form.Measures, cancel)).ReadAll(form.Lines, cancel);
        for (var i = 0; i < read.Count; i++)
        {
            if (read[i].NotRead.Length > 0 || read[i].Items.Any(x => x.Ingredient is null))
                troubles[$"{where}.lines[{i}]"] = [$"“{read[i].Text}” is not understood{Of(read[i])}."];
            else if (read[i].Question is { Length: > 0 } question)
                questions.Add($"{where}.lines[{i}]: {question}");
        }

        if (form.Family.Length == 0)
            form = form with { Family = PartGuess.FamilyOf(kind, CompositionReader.Understood(read)) };
        var recipe = form.Recipe(read, "asked-" + where);
        if (recipe.Trouble is { Exists: true } trouble)
            troubles.TryAdd($"{where}.lines", [trouble.Says]);
        return recipe;
    }

    /// <summary>What of a line was not read, where that is not all of it.</summary>
    private static string Of(ReadLine line) => line.NotRead.Length > 0 && line.NotRead != line.Text ? $": “{line.NotRead}”" : "";

    private static LineAnswer Say(ReadLine line) => new(
        line.Text, line.IsWhole,
        [
            .. line.Items.Select(
                i =>
                    new ItemAnswer(
                        i.Name, i.Ingredient?.Id, i.Ingredient?.Name, i.Found.Likeness.ToString(), Round(i.Grams), i.GoesIn.ToString(),
                        i.Assumed, [.. i.Found.Candidates.Select(c => c.Name)]))
        ],
        line.Note, line.Optional, line.Heading, line.NotRead, line.Trouble, line.Question, Says(MethodReader.Read(line.Text)));

    private static MethodAnswer Says(ReadMethod method) => new(
        [.. method.Heats.Select(h => Math.Round(h.Value, 1))],
        [.. method.Sizes.Select(IReadOnlyList<double> (s) => [.. s.Select(mm => Math.Round(mm.Value, 1))])],
        [.. method.Minutes.Select(IReadOnlyList<double> (m) => [m.Least, m.Most])]);

    private static double? Round(double? value) => value is { } v ? Math.Round(v, 2) : null;

    private static T Word<T>(string? typed, T usual, string field, Dictionary<string, string[]> troubles)
        where T : struct, Enum
    {
        if (string.IsNullOrEmpty(typed))
            return usual;
        if (Enum.TryParse<T>(typed, ignoreCase: true, out var value) && Enum.IsDefined(value) && !char.IsAsciiDigit(typed[0]))
            return value;
        troubles[field] = [$"One of {string.Join(", ", Enum.GetNames<T>().Select(n => char.ToLowerInvariant(n[0]) + n[1..]))}."];
        return usual;
    }

    private static ValidationProblem Problem(Dictionary<string, string[]> troubles, IReadOnlyList<AdviceAnswer>? guests = null) =>
        TypedResults.ValidationProblem(
            troubles, title: "Some of this can’t be used as it is.",
            extensions: guests is { Count: > 0 } ? [new("guests", guests)] : []);
}
