using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Box;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Data.Pies;
using RoundCrumb.Data.Recipes;
using RoundCrumb.Data.Storage;
using RoundCrumb.Formats.Reading;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Box;

/// <summary>A version of a part, with the pies that use it.</summary>
/// <param name="Number">Its number.</param>
/// <param name="SavedAt">When it was kept.</param>
/// <param name="Pies">The saved pies that use it.</param>
public sealed record ShownVersion(int Number, DateTimeOffset SavedAt, IReadOnlyList<SavedPie> Pies);

/// <summary>Writing a part: its lines on the left, what was understood of them on the right.</summary>
public sealed class PartModel(RecipeBox box, Larder larder, CompositionReader compositions, Preferences baker) : PageModel
{
    /// <summary>The part that is kept; none for a new one.</summary>
    public int? Id { get; private set; }

    /// <summary>The stamp that the form was filled in over.</summary>
    public int Stamp { get; private set; }

    /// <summary>The version that is offered.</summary>
    public int Current { get; private set; }

    /// <summary>Its id in addresses.</summary>
    public string VersionId => Id is { } id ? OwnPartId.Of(id, Current) : "";

    /// <summary>True when the kept version can be used in a pie.</summary>
    public bool Usable { get; private set; }

    /// <summary>The field of a composition that it goes into.</summary>
    public string ComposeField => Form.KindOf switch { PartKind.Crust => "crust", PartKind.Filling => "fill", _ => "top" };

    /// <summary>As typed.</summary>
    public PartForm Form { get; private set; } = new();

    /// <summary>What was understood.</summary>
    public ReadingView Reading { get; private set; } = null!;

    /// <summary>What is wrong, by field.</summary>
    public IReadOnlyDictionary<string, string> Troubles { get; private set; } = new Dictionary<string, string>();

    /// <summary>Both versions, where somebody else has saved this part meanwhile.</summary>
    public Elsewhere? Elsewhere { get; private set; }

    /// <summary>Its versions, the newest first.</summary>
    public IReadOnlyList<ShownVersion> Versions { get; private set; } = [];

    /// <summary>Something to say at the top, if anything.</summary>
    public string? Said { get; private set; }

    /// <summary>The family's usual figures, shown where nothing is written.</summary>
    public (string Loss, string Line, string RestMinutes) Usual => (
        PartFamilies.Filling(Form.FamilyOf) is { } f
            ? (f.MethodLoss.Usual * 100).ToString("0.#", System.Globalization.CultureInfo.InvariantCulture)
            : "",
        PartFamilies.Filling(Form.FamilyOf) is { } l
            ? l.FillLine.Usual.ToString("0.#", System.Globalization.CultureInfo.InvariantCulture)
            : "",
        CrustBook.Find(Form.FamilyOf) is RolledFamily r
            ? r.RestMinutes.ToString("0", System.Globalization.CultureInfo.InvariantCulture)
            : "");

    /// <summary>Shows a part, or an empty page to write one on, or a copy to start from.</summary>
    public async Task<IActionResult> OnGetAsync(int? id, string? kind, string? from, string? kept, CancellationToken cancel)
    {
        if (id is { } wanted)
        {
            if (await box.FindAsync(wanted, cancel: cancel) is not { } part)
                return NotFound();
            await ShowPartAsync(part, null, cancel);
            if (Form.Troubles().TryGetValue("lines", out var words))
                Troubles = new Dictionary<string, string> { ["lines"] = words };
            Said = kept switch
            {
                "new" => $"Kept as version {Current}. The pies that use it keep theirs until you move them.",
                "1" => "Saved.",
                "moved" => $"Moved to version {Current}.",
                "back" => $"Version {Current} is offered again; the later ones are still here.",
                _ => null
            };
            return Page();
        }

        if ((from is null ? PartForm.New(kind) : await CopyOfAsync(from, cancel)) is not { } start)
            return NotFound();
        Form = start;
        await ReadAsync(cancel);
        return Page();
    }

    /// <summary>A copy of a part that comes with Round Crumb, or of a version in the box, to start from.</summary>
    private async Task<PartForm?> CopyOfAsync(string id, CancellationToken cancel) =>
        ShippedParts.Find(id) is { } shipped ? PartForm.CopyOf(shipped)
        : OwnPartId.Parse(id) is { } key && await box.FindAsync(key.Part, deletedToo: true, cancel) is { } other
            && other.Versions.Find(v => v.Number == key.Version) is { } version ? PartForm.CopyOf(other, version)
        : null;

    /// <summary>Reads what is typed: the live reading beside the lines.</summary>
    public async Task<IActionResult> OnPostReadAsync(PartForm form, CancellationToken cancel)
    {
        Form = form;
        await ReadAsync(cancel);
        return Partial("_Reading", Reading);
    }

    /// <summary>Another kind has other families.</summary>
    public async Task<IActionResult> OnPostKindAsync(PartForm form, CancellationToken cancel)
    {
        Form = form with { Family = "" };
        var lines = CompositionReader.Understood((await compositions.ReaderAsync(Form.Measures, cancel)).ReadAll(Form.Lines, cancel));
        if (lines.Count > 0)
            Form = Form with { Family = PartGuess.FamilyOf(Form.KindOf, lines) };
        await ReadAsync(cancel);
        return Page();
    }

    /// <summary>Keeps the part.</summary>
    public async Task<IActionResult> OnPostSaveAsync(int? id, int stamp, PartForm form, CancellationToken cancel)
    {
        Form = form;
        Troubles = form.Troubles();
        await ReadAsync(cancel);
        if (Troubles.Count > 0)
            return await AgainAsync(id, stamp, cancel);
        var draft = form.Draft(Reading.Lines);
        var result = id is { } known ? await box.ChangeAsync(known, stamp, draft, cancel) : await box.AddAsync(draft, cancel);
        switch (result.Outcome)
        {
            case KeepOutcome.Kept:
                return Redirect($"{Routes.Part(result.Part!.Id)}?kept={(result.IsNewVersion ? "new" : "1")}");
            case KeepOutcome.NameTaken:
                var taken = $"There is a {draft.Kind.ToString().ToLowerInvariant()} called “{draft.Name}” already.";
                Troubles = new Dictionary<string, string> { ["name"] = taken + " Give this one another name." };
                return await AgainAsync(id, stamp, cancel);
            case KeepOutcome.ChangedElsewhere:
                var there = PartForm.Of(result.Part!, result.Part!.Versions.Single(v => v.Number == result.Part.Current));
                Elsewhere = Elsewhere.Of(
                    "This part", form.Named().Zip(there.Named(), (mine, now) => new FieldElsewhere(mine.Name, mine.Value, now.Value)));
                return await AgainAsync(id, result.Part.Stamp, cancel);
            default:
                Said = "This part was deleted in another window. What you typed is still here: save it as a new part.";
                return Page();
        }
    }

    /// <summary>Swaps one ingredient for what stands in for it. Nothing is kept until it is saved.</summary>
    public async Task<IActionResult> OnPostSwapAsync(int? id, int stamp, PartForm form, string? swap, CancellationToken cancel)
    {
        Form = form;
        await ReadAsync(cancel);
        if (LineSwap.Read(swap, Reading.Recipe) is { } one)
        {
            var before = Reading;
            Form = form with { Lines = one.Apply(form.Lines, Reading.Lines, Reading.Recipe) };
            await ReadAsync(cancel);
            IEnumerable<string> alters = [one.Substitute.Alters, .. before.Alters(Reading.Facts)];
            Said = $"{one.Name}: {string.Join("; ", alters)}. Save to keep it.";
        }

        return await AgainAsync(id, stamp, cancel);
    }

    /// <summary>Writes an answer behind the line that it was asked about. Nothing is kept until it is saved.</summary>
    public async Task<IActionResult> OnPostAnswerAsync(int? id, int stamp, PartForm form, string? answer, CancellationToken cancel)
    {
        Form = form;
        await ReadAsync(cancel);
        if (AnsweredLine.Read(answer, Reading.Lines) is { } one)
        {
            Form = form with { Lines = one.Apply(form.Lines) };
            Said = $"Written behind line {one.Line + 1}: “{one.Answer.Adds}”. Save to keep it.";
            await ReadAsync(cancel);
        }

        return await AgainAsync(id, stamp, cancel);
    }

    /// <summary>Remembers what a name stands for, from now on.</summary>
    public async Task<IActionResult> OnPostRememberAsync(int? id, int stamp, PartForm form, string? remember, CancellationToken cancel)
    {
        Form = form;
        var pieces = (remember ?? "").Split('|');
        if (pieces.Length == 2 && pieces[0].Trim() is { Length: > 0 and <= 120 } words
                && (await compositions.KnownAsync(cancel)).Find(pieces[1]) is { } what)
        {
            await larder.RememberAsync(IngredientFinder.Key(words), what.Id, cancel);
            Said = $"“{words}” is {what.Name}, here and from now on.";
        }

        await ReadAsync(cancel);
        return await AgainAsync(id, stamp, cancel);
    }

    /// <summary>Takes the part out of the box.</summary>
    public async Task<IActionResult> OnPostDeleteAsync(int id, CancellationToken cancel) =>
        await box.DeleteAsync(id, cancel) is null ? NotFound() : Redirect($"{Routes.Pies}?deleted={id}");

    /// <summary>Makes an earlier version the one that is offered; the later ones stay.</summary>
    public async Task<IActionResult> OnPostOfferAsync(int id, int offer, CancellationToken cancel) =>
        await box.OfferAsync(id, offer, cancel) ? Redirect($"{Routes.Part(id)}?kept=back") : NotFound();

    /// <summary>Moves a pie to the version that is offered.</summary>
    public async Task<IActionResult> OnPostMoveAsync(int id, int move, CancellationToken cancel)
    {
        if (await box.FindAsync(id, cancel: cancel) is not { } part)
            return NotFound();
        return await box.MovePieAsync(move, id, part.Current, cancel) ? Redirect($"{Routes.Part(id)}?kept=moved") : NotFound();
    }

    private async Task<IActionResult> AgainAsync(int? id, int stamp, CancellationToken cancel)
    {
        if (id is { } known && await box.FindAsync(known, cancel: cancel) is { } part)
            await ShowPartAsync(part, Form, cancel);
        if (stamp > 0)
            Stamp = stamp;
        return Page();
    }

    private async Task ShowPartAsync(Part part, PartForm? typed, CancellationToken cancel)
    {
        (Id, Stamp, Current) = (part.Id, part.Stamp, part.Current);
        var version = part.Versions.Single(v => v.Number == part.Current);
        Form = typed ?? PartForm.Of(part, version);
        if (typed is null)
            await ReadAsync(cancel);
        Usable = !RecipeBox.ToRecipe(part, version, await compositions.KnownAsync(cancel)).Trouble.Exists;
        var pies = await box.PiesUsingAsync(part.Id, cancel);
        Versions = [
            .. part.Versions.OrderByDescending(v => v.Number).Select(
                v => new ShownVersion(v.Number, v.SavedAt, [.. pies.Where(p => p.Version == v.Number).Select(p => p.Pie)]))
        ];
    }

    private async Task ReadAsync(CancellationToken cancel) =>
        Reading = new ReadingView(Form, (await compositions.ReaderAsync(Form.Measures, cancel)).ReadAll(Form.Lines, cancel), baker.Shown);
}
