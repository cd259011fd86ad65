using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Diagnosis;
using RoundCrumb.Core.Faults;
using RoundCrumb.Core.Units;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Diagnosis;

/// <summary>One fault, traced to its cause: what can be done now, what is asked, and what keeps it from coming again.</summary>
public sealed class OneModel(FaultCases cases, Preferences baker) : PageModel
{
    /// <summary>The fields of the address that hold answers.</summary>
    private const string Yes = "yes", No = "no", Unknown = "unknown";

    private readonly List<(Sign Sign, bool? Told)> _answers = [];

    /// <summary>What is found.</summary>
    public FaultFinding Finding { get; private set; } = null!;

    /// <summary>The bake or pie.</summary>
    public AskedCase Case { get; private set; } = null!;

    /// <summary>What could be looked into; none where something is.</summary>
    public CaseChoices? Choices { get; private set; }

    /// <summary>The baker's units.</summary>
    public QuantityFormatter Shown => baker.Shown;

    /// <summary>What was answered so far, in the order in which it was asked.</summary>
    public IReadOnlyList<(Sign Sign, bool? Told)> Answers => _answers;

    /// <summary>The address with one answer more.</summary>
    public string Answered(bool? told) => Address(_answers.Append((Finding.Ask!, told)));

    /// <summary>The address without an answer, and without those that were asked because of it.</summary>
    public string Without(int answer) => Address(_answers.Take(answer));

    /// <summary>A chance as it is said: how many of ten such faults.</summary>
    public static string OfTen(double chance) => chance < 0.05 ? "hardly ever" : $"{Math.Clamp((int)Math.Round(chance * 10), 1, 9)} of 10";

    /// <summary>The pie with what prevents it, to be opened; empty where it is done by hand and eye.</summary>
    public string Mended(Cause cause) =>
        Case.Of is { } of && cause.Mended(of) is { } after && CompositionAddress.Write(after) is var address
        && address != CompositionAddress.Write(of.Pie.Composition) ? $"{Routes.Compose}?{address}" : "";

    /// <summary>Shows it.</summary>
    public async Task<IActionResult> OnGetAsync(string? fault, int? bake, string? which, CancellationToken cancel)
    {
        if (FaultBook.Find(fault ?? "") is not { } found)
            return NotFound();
        Case = await cases.ReadAsync(bake, Request.QueryString.Value ?? "", cancel);

        // Answers stand in the address in the order in which they were given.
        foreach (var pair in (Request.QueryString.Value ?? "").TrimStart('?').Split('&').Select(p => p.Split('=')).Where(p =>
            p.Length == 2))
        {
            bool? told = pair[0] switch { Yes => true, No => false, _ => null };
            if (pair[0] is Yes or No or Unknown && CauseBook.Find(Uri.UnescapeDataString(pair[1])) is { } sign
                && _answers.TrueForAll(a => a.Sign != sign))
                _answers.Add((sign, told));
        }

        if (await cases.QueryOfAsync(which, cancel) is { } chosen)
            return Redirect($"{Routes.Fault(found)}?{string.Join('&', chosen, Said(_answers)).TrimEnd('&')}");
        Choices = Case.Of is null ? await cases.ChoicesAsync(which, cancel) : null;
        Finding = FaultFinding.Of(found, Case.Of, _answers.ToDictionary(a => a.Sign, a => a.Told));
        return Page();
    }

    private string Address(IEnumerable<(Sign Sign, bool? Told)> answers) => Case.With(Routes.Fault(Finding.Fault), Said(answers));

    /// <summary>Answers as fields of an address, in the order in which they were given.</summary>
    private static string Said(IEnumerable<(Sign Sign, bool? Told)> answers) =>
        string.Join('&', answers.Select(a => $"{FieldOf(a.Told)}={Uri.EscapeDataString(a.Sign.Id)}"));

    /// <summary>The field of the address that holds such an answer.</summary>
    public static string FieldOf(bool? told) => told switch { true => Yes, false => No, null => Unknown };
}
