using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Learning;
using RoundCrumb.Application.Photographs;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Records;
using RoundCrumb.Core.Trials;
using RoundCrumb.Core.Units;
using RoundCrumb.Core.Working;
using RoundCrumb.Data.Bakes;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Bakes;

/// <summary>What happened, beside what was planned.</summary>
[Costly("Photo")]
[RequestSizeLimit(Photograph.LargestFile + (1024 * 1024))]
[TooLarge("That photograph", Photograph.TooLarge)]
public sealed class LogModel(
    BakeBook bakes, PhotoBook photos, PhotographDesk photographs, KitchenLearner learner, LearnedDesk learned, TrialDesk trials,
    CompositionReader compositions, Preferences baker) : PageModel
{
    private readonly Dictionary<string, string> _typed = [];

    /// <summary>What is shown.</summary>
    public BakeView View { get; private set; } = null!;

    /// <summary>What is written.</summary>
    public BakeEntry Entry { get; private set; } = new();

    /// <summary>What this log moved, in one sentence; empty where it moved nothing.</summary>
    public Phrase Moved { get; private set; }

    /// <summary>What to try next of it, the most promising first; nothing where it came out as wanted.</summary>
    public IReadOnlyList<NextTry> Tries { get; private set; } = [];

    /// <summary>Who may have made it.</summary>
    public IReadOnlyList<Baker> Bakers { get; private set; } = [];

    /// <summary>Its photographs.</summary>
    public IReadOnlyList<PhotoFacts> Photos { get; private set; } = [];

    /// <summary>Why a photograph could not be taken; empty where all were.</summary>
    public string PhotoTrouble { get; private set; } = "";

    /// <summary>What of its ingredients could be weighed.</summary>
    public IReadOnlyList<Weighable> Weighables { get; private set; } = [];

    /// <summary>True where more was measured than is asked first, or something is wrong there.</summary>
    public bool MoreIsOpen => Entry.WarmUp is not null || Entry.Shrank is not null || Entry.Stood is not null || Entry.Weighed.Count > 0
        || Entry.SomethingNew.Length > 0
        || Troubles.Any(t => t.Field is BakeEntryReader.WarmUp or BakeEntryReader.Shrank or BakeEntryReader.Stood or BakeEntryReader.New
            || t.Field.StartsWith("w-", StringComparison.Ordinal));

    /// <summary>What could not be read.</summary>
    public IReadOnlyList<Trouble> Troubles { get; private set; } = [];

    /// <summary>The version that the form was filled in over.</summary>
    public int Version { get; private set; }

    /// <summary>Both versions, where somebody else wrote meanwhile.</summary>
    public Elsewhere? Elsewhere { get; private set; }

    /// <summary>What the form shows in a field.</summary>
    public string Field(string name)
    {
        if (_typed.TryGetValue(name, out var typed))
            return typed;
        var s = View.Shown;
        return name switch
        {
            BakeEntryReader.OvenSet => Heat(Entry.OvenSet),
            BakeEntryReader.OvenRead => Heat(Entry.OvenRead),
            BakeEntryReader.FromPot => Mass(Entry.FromPot),
            BakeEntryReader.LeftOver => Mass(Entry.LeftOver),
            BakeEntryReader.Base => Entry.Base.ToString(),
            BakeEntryReader.Set => Entry.Set.ToString(),
            BakeEntryReader.Top => Entry.Top.ToString(),
            BakeEntryReader.Notes => Entry.Notes,
            BakeEntryReader.WarmUp => Plain(Entry.WarmUp),
            BakeEntryReader.Shrank => Entry.Shrank is { } mm ? Plain(s.Units.Length is LengthUnit.Inches ? mm.Value / 25.4 : mm.Value) : "",
            BakeEntryReader.Stood => Plain(Entry.Stood),
            BakeEntryReader.Taste => Entry.TasteWords,
            BakeEntryReader.New => Entry.SomethingNew,
            BakeEntryReader.Sold => Plain(Entry.Sold),
            BakeEntryReader.Unsold => Plain(Entry.Unsold),
            BakeEntryReader.Thrown => Plain(Entry.ThrownAway),
            BakeEntryReader.Baker => Entry.Baker,
            _ => Entry.StageMinutes.Where(m => BakeEntryReader.StageField(m.Key) == name).Select(m => Plain(m.Value))
                .Concat(Entry.Tastes.Where(t => BakeEntryReader.TasteField(t.Key) == name).Select(t => Plain(t.Value)))
                .Concat(Weighables.Where(w => BakeEntryReader.WeighedField(w) == name && Entry.Weighed.ContainsKey(w.Key)).Select(w =>
                    w.Book.Dimension is Dimension.Mass ? Mass(new Grams(Entry.Weighed[w.Key])) : Plain(Entry.Weighed[w.Key])))
                .FirstOrDefault() ?? "",
        };

        static string Plain(double? value) => value is { } v ? v.ToString("0.##", System.Globalization.CultureInfo.InvariantCulture) : "";

        // The unit stands behind the field; only where it does not, as for a gas mark, the heat carries its own.
        string Heat(OvenCelsius? heat) => heat is not { } h ? ""
            : s.Units.Oven is OvenUnit.Gas ? s.Say(new Quantity(h.Value, Dimension.OvenReading))
            : s.Say(new Quantity(h.Value, Dimension.OvenReading)).Split(' ')[0];

        // An exact weight, so that saving again changes nothing.
        string Mass(Grams? mass) => mass is not { } m ? ""
            : FormattableString.Invariant(
                s.Units.Mass is MassUnit.Grams ? $"{m.Value:0.#}" : (FormattableString)$"{m.Value / KitchenMeasures.GramsPerOunce:0.##}");
    }

    /// <summary>The trouble with a field, if any.</summary>
    public Trouble? TroubleWith(string name) => Troubles.FirstOrDefault(t => t.Field == name);

    /// <summary>Shows the log.</summary>
    public async Task<IActionResult> OnGetAsync(int id, CancellationToken cancel)
    {
        if (await bakes.FindAsync(id, cancel) is not { } bake)
            return NotFound();
        await ShowAsync(bake, cancel);
        if (Request.Query.ContainsKey("kept"))
            Moved = await learned.MovedByAsync(id, cancel);
        return Page();
    }

    /// <summary>Takes a photograph.</summary>
    public async Task<IActionResult> OnPostPhotoAsync(int id, IFormFile? file, string? caption, CancellationToken cancel)
    {
        if (await bakes.FindAsync(id, cancel) is not { } bake)
            return NotFound();
        var trouble = "Choose a picture first.";
        if (file is { Length: > 0 } && await photos.CountAsync(id, cancel) >= PhotoBook.Most)
        {
            trouble = $"{PhotoBook.Most} photographs are kept with a bake; take one away first.";
        }
        else if (file is { Length: > 0 })
        {
            (var photo, trouble) = await photographs.MakeAsync(file.Length, sent => file.CopyToAsync(sent, cancel), cancel);
            if (photo is not null)
            {
                await photos.AddAsync(id, photo.Jpeg, photo.Small, photo.Width, photo.Height, caption, cancel);
                return Redirect(Routes.Log(id) + "#photos");
            }
        }

        await ShowAsync(bake, cancel);
        PhotoTrouble = trouble;
        return Page();
    }

    /// <summary>Takes a photograph away.</summary>
    public async Task<IActionResult> OnPostPhotoAwayAsync(int id, int photo, CancellationToken cancel)
    {
        await photos.RemoveAsync(id, photo, cancel);
        return Redirect(Routes.Log(id) + "#photos");
    }

    /// <summary>A photograph itself.</summary>
    public async Task<IActionResult> OnGetPhotoAsync(int id, int photo, bool small, CancellationToken cancel)
    {
        if (await photos.PictureAsync(id, photo, small, cancel) is not { } picture)
            return NotFound();
        Response.Headers.CacheControl = "private, max-age=31536000, immutable";
        return File(picture, "image/jpeg");
    }

    /// <summary>Plans a trial of one of the changes.</summary>
    public async Task<IActionResult> OnPostTrialAsync(int id, string? after, CancellationToken cancel)
    {
        if (await bakes.FindAsync(id, cancel) is not { } bake)
            return NotFound();
        return await trials.PlanAsync(bake, after ?? "", baker.Shown, cancel) is { } trial
            ? Redirect(Routes.Trial(trial.Id))
            : Redirect(Routes.Log(id));
    }

    /// <summary>Lets nothing be learned from it, or lets it count again.</summary>
    public async Task<IActionResult> OnPostLeaveOutAsync(int id, bool leaveOut, CancellationToken cancel)
    {
        await learner.LeaveOutAsync(id, leaveOut, cancel);
        return Redirect(Routes.Log(id));
    }

    /// <summary>Writes the log.</summary>
    public async Task<IActionResult> OnPostAsync(int id, int version, CancellationToken cancel)
    {
        if (await bakes.FindAsync(id, cancel) is not { } bake)
            return NotFound();
        await ShowAsync(bake, cancel);
        foreach (var field in Request.Form)
            _typed[field.Key] = field.Value.ToString();
        var read = BakeEntryReader.Read(_typed.GetValueOrDefault, View.Sheet.Pie, baker.Units);
        Troubles = read.Troubles;
        if (Troubles.Count > 0)
        {
            Version = version;
            return Page();
        }

        if (await learner.WriteAsync(id, read.Entry with { HandsMinutes = Entry.HandsMinutes }, version, cancel))
            return Redirect($"{Routes.Log(id)}?kept=1");
        if (await bakes.FindAsync(id, cancel) is not { } now)
            return NotFound();
        await ShowAsync(now, cancel);
        var typed = _typed.ToDictionary();
        _typed.Clear();
        var there = typed.Keys.ToDictionary(k => k, Field);
        foreach (var (name, words) in typed)
            _typed[name] = words;
        Elsewhere = Elsewhere.Of(
            "This log",
            Named().Where(n => typed.ContainsKey(n.Field)).Select(n => new FieldElsewhere(n.Name, typed[n.Field], there[n.Field])));
        return Page();
    }

    /// <summary>The fields of the form, with what they are called.</summary>
    private IEnumerable<(string Field, string Name)> Named() =>
    [
        (BakeEntryReader.OvenSet, "Set to"), (BakeEntryReader.OvenRead, "It read"),
        .. Weighable.StagesOf(View.Sheet.Pie).Select(s => (BakeEntryReader.StageField(s.Kind), s.Name)),
        (BakeEntryReader.FromPot, "From the pot"), (BakeEntryReader.LeftOver, "Left over"), (BakeEntryReader.Base, "Base"),
        (BakeEntryReader.Set, "Set"), (BakeEntryReader.Top, "Top"), (BakeEntryReader.Notes, "Notes"), (BakeEntryReader.Taste, "Taste"),
        .. Enum.GetValues<TasteScale>().Select(t => (BakeEntryReader.TasteField(t), t.Name)), (BakeEntryReader.Sold, "Sold"),
        (BakeEntryReader.Unsold, "Left"), (BakeEntryReader.Thrown, "Thrown away"), (BakeEntryReader.Baker, "Made by"),
        (BakeEntryReader.WarmUp, "Hot after"), (BakeEntryReader.Shrank, "Shrank"), (BakeEntryReader.Stood, "Stood"),
        .. Weighables.Select(w => (BakeEntryReader.WeighedField(w), w.Name)),
    ];

    private async Task ShowAsync(Bake bake, CancellationToken cancel)
    {
        View = await BakeView.OfAsync(bake, baker.Shown, compositions, cancel);
        Entry = BakeBook.EntryOf(bake.Log);
        Version = bake.Log?.Version ?? 0;
        Weighables = Weighable.Of(View.Sheet.Pie);
        Bakers = (await compositions.KitchenAsync(cancel)).Bakers;
        Photos = await photos.OfAsync(bake.Id, cancel);
        if (bake.Log is not null)
            Tries = await trials.TriesAsync(bake, cancel);
    }
}
