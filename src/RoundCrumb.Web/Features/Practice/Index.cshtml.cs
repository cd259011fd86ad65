using System.Globalization;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Core.Practice;
using RoundCrumb.Core.Units;
using RoundCrumb.Data.Learning;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Practice;

/// <summary>One exercise after another, each with its working once it is answered.</summary>
public sealed class IndexModel(PracticeBook book, Preferences baker) : PageModel
{
    /// <summary>The exercise.</summary>
    public Exercise Exercise { get; private set; } = null!;

    /// <summary>What was answered; none where it was not yet.</summary>
    public int? Said { get; private set; }

    /// <summary>The kind that alone is practised; none for all.</summary>
    public ExerciseKind? Only { get; private set; }

    /// <summary>How it goes, kind by kind.</summary>
    public IReadOnlyList<(ExerciseKind Kind, int Right, int All, int Level)> Standing { get; private set; } = [];

    /// <summary>What could not be read; empty where all could.</summary>
    public string Trouble { get; private set; } = "";

    /// <summary>The baker’s units.</summary>
    public QuantityFormatter Shown => baker.Shown;

    /// <summary>Where one kind, or all of them, is practised.</summary>
    public static string For(ExerciseKind? only) =>
        only is { } kind ? $"{Routes.Practice}?only={Routes.Slug(kind.ToString())}" : Routes.Practice;

    /// <summary>Asks.</summary>
    public async Task OnGetAsync(string? only, string? kind, int? seed, int? level, int? said, CancellationToken cancel)
    {
        await ShowAsync(only, kind, seed, level, cancel);
        if (said is { } answer && answer >= 0 && answer < Exercise.Choices.Count && KindOf(kind) is not null)
            Said = answer;
    }

    /// <summary>Takes an answer, and shows whether it was right.</summary>
    public async Task<IActionResult> OnPostAsync(string? only, string? kind, int? seed, int? level, int? said, CancellationToken cancel)
    {
        await ShowAsync(only, kind, seed, level, cancel);
        if (said is not { } answer || answer < 0 || answer >= Exercise.Choices.Count)
        {
            Trouble = "Choose one of the answers first.";
            return Page();
        }

        await book.AddAsync(Exercise, answer == Exercise.Right, cancel);
        var same = only is { Length: > 0 } ? "&only=" + Uri.EscapeDataString(only) : "";
        return Redirect(string.Create(
            CultureInfo.InvariantCulture,
            $"{Routes.Practice}?kind={Exercise.Kind}&seed={Exercise.Seed}&level={Exercise.Level}&said={answer}{same}"));
    }

    /// <summary>Forgets what was answered.</summary>
    public async Task<IActionResult> OnPostClearAsync(CancellationToken cancel)
    {
        await book.ClearAsync(cancel);
        return Redirect(Routes.Practice);
    }

    private static ExerciseKind? KindOf(string? name) =>
        Enum.TryParse<ExerciseKind>((name ?? "").Replace("-", "", StringComparison.Ordinal), ignoreCase: true, out var kind)
            && Enum.IsDefined(kind) ? kind : null;

    private async Task ShowAsync(string? only, string? kind, int? seed, int? level, CancellationToken cancel)
    {
        Only = KindOf(only);
        var answers = await book.AnswersAsync(cancel);
        var next = KindOf(kind) is { } asked && seed is { } at ? (asked, at, level ?? 1) : PracticePlan.Next(answers, book.Now, Only);
        Exercise = Exercises.Of(next.Item1, next.Item2, next.Item3);
        Standing =
        [
            .. Enum.GetValues<ExerciseKind>().Select(k => (
                k, answers.Count(a => a.Kind == k && a.Right), answers.Count(a => a.Kind == k), PracticePlan.LevelOf(answers, k))),
        ];
    }
}
