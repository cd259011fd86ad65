using System.Globalization;
using Microsoft.AspNetCore.Html;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Learning;
using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Learning;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Units;
using RoundCrumb.Data.Kitchens;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Learned;

/// <summary>One correction: its bakes, what it changed, and what the baker decides about it.</summary>
public sealed class OneModel(LearnedDesk desk, KitchenClock clock, Preferences baker) : PageModel
{
    private CorrectionKey _key;

    /// <summary>What is shown.</summary>
    public LearnedDetail Detail { get; private set; } = null!;

    /// <summary>What is known.</summary>
    public Core.Learning.Learned Learned => Detail.Of.Learned;

    /// <summary>The baker's units.</summary>
    public QuantityFormatter Shown => baker.Shown;

    /// <summary>Where the kitchen is.</summary>
    public TimeZoneInfo Zone { get; private set; } = TimeZoneInfo.Utc;

    /// <summary>What was typed to be pinned.</summary>
    public string Pin { get; private set; } = "";

    /// <summary>Why that could not be read; empty where it could.</summary>
    public string Trouble { get; private set; } = "";

    /// <summary>What a pinned value is typed in: %, or the baker's own measure of what is added.</summary>
    public string PinUnit => Times ? "% of the book" : Learned.Key.Kind.Facts.Dimension switch
    {
        Dimension.HeatDifference => Shown.Units.Oven is OvenUnit.Fahrenheit ? "°F hotter" : "°C hotter",
        Dimension.Length => Shown.Units.Length is LengthUnit.Inches ? "in more" : "mm more",
        _ => "steps firmer",
    };

    /// <summary>One of the baker's own measure, in what is held.</summary>
    private double PinStep => Times ? 0.01 : Learned.Key.Kind.Facts.Dimension switch
    {
        Dimension.HeatDifference => Shown.Units.Oven is OvenUnit.Fahrenheit ? 5 / 9.0 : 1,
        Dimension.Length => Shown.Units.Length is LengthUnit.Inches ? 25.4 : 1,
        _ => 1,
    };

    /// <summary>As fine as it makes a difference.</summary>
    private string PinFormat => Learned.Key.Kind is CorrectionKind.SetShift ? "0.#;−0.#;0" : PinStep > 1 ? "0.##;−0.##;0" : "0;−0;0";

    private bool Times => Learned.Key.Kind.Facts.Scale is CorrectionScale.Times;

    /// <summary>What it moved, as far as a baker sees it: a heat that comes out at the same number on the dial did not move.</summary>
    public IReadOnlyList<MovedFigure> Moved => [.. Detail.Moved.Where(m => Shown.Say(m.Was) != Shown.Say(m.Now))];

    /// <summary>The chart of its bakes.</summary>
    public IHtmlContent Chart => LearnedChart.Draw(Detail, Zone, Shown);

    /// <summary>True where it was decided otherwise in another window meanwhile, and nothing was changed.</summary>
    public bool Elsewhere { get; private set; }

    /// <summary>Shows it.</summary>
    public async Task<IActionResult> OnGetAsync(string? of, CancellationToken cancel) =>
        CorrectionKey.TryRead(of, out _key) && await ShowAsync(cancel) ? Page() : NotFound();

    /// <summary>Puts it on or off, or pins it.</summary>
    public async Task<IActionResult> OnPostAsync(string? of, CorrectionMode mode, string? pin, string? seen, CancellationToken cancel)
    {
        if (!CorrectionKey.TryRead(of, out _key) || !await ShowAsync(cancel) || !Enum.IsDefined(mode))
            return NotFound();
        var value = Learned.Choice.Pinned;
        if (mode is CorrectionMode.Pinned && Read(pin) is not { } pinned)
            return Page();
        else if (mode is CorrectionMode.Pinned)
            value = Read(pin)!.Value;
        var typed = Pin;
        if (await desk.ChooseAsync(Learned.Choice with { Mode = mode, Pinned = value }, seen, cancel))
            return Redirect(Routes.LearnedOf(_key));
        await ElsewhereAsync(cancel);
        if (mode is CorrectionMode.Pinned)
            Pin = typed;
        return Page();
    }

    /// <summary>Forgets what was observed until now, or remembers it again.</summary>
    public async Task<IActionResult> OnPostForgetAsync(string? of, bool forget, string? seen, CancellationToken cancel)
    {
        if (!CorrectionKey.TryRead(of, out _key) || !await ShowAsync(cancel))
            return NotFound();
        if (await desk.ChooseAsync(Learned.Choice with { ForgottenUntil = forget ? clock.Now : null }, seen, cancel))
            return Redirect(Routes.LearnedOf(_key));
        await ElsewhereAsync(cancel);
        return Page();
    }

    /// <summary>Leaves a bake out of it, or lets it count again.</summary>
    public async Task<IActionResult> OnPostSayAsync(string? of, int bake, bool leaveOut, CancellationToken cancel)
    {
        if (!CorrectionKey.TryRead(of, out _key) || !await ShowAsync(cancel)
            || Detail.Bakes.FirstOrDefault(b => b.Bake.Id == bake) is not { } one)
            return NotFound();
        await desk.SayAsync(one.One.Key, bake, leaveOut ? BakeSaid.LeftOut : null, cancel);
        return Redirect(Routes.LearnedOf(_key) + "#bakes");
    }

    /// <summary>What one bake says, in words.</summary>
    public string Says(Observation one) => LearnedChart.Says(one, Shown);

    /// <summary>A day.</summary>
    public string When(DateTimeOffset at) => LearnedChart.When(at, Zone);

    private static string Plain(double value) => value.ToString("+0.##;−0.##;0", CultureInfo.InvariantCulture);

    private double? Read(string? pin)
    {
        Pin = (pin ?? "").Trim();
        if (!BakersNumber.TryRead(Pin.TrimStart('-', '−', '+'), out var typed, out var unit)
                || unit is not ("" or "%" or "c" or "f" or "°c" or "°f" or "mm" or "in"))
            return Wrong(Times ? "A number in per cent; 95 is 5 % less than the book." : "A number; less than nothing with a minus.");
        var value = (Pin.StartsWith('-') || Pin.StartsWith('−') ? -typed : typed) * PinStep;
        if (Times)
            return value is >= 0.3 and <= 3 ? value : Wrong("From 30 to 300 % of the book.");
        var most = Learned.Key.Kind.Facts.Dimension switch { Dimension.HeatDifference => 80.0, Dimension.Length => 30, _ => 3 };
        return Math.Abs(value) <= most
            ? value
            : Wrong(FormattableString.Invariant($"From −{most / PinStep:0.#} to {most / PinStep:0.#}."));
    }

    private double? Wrong(string says)
    {
        Trouble = says;
        return null;
    }

    private async Task ElsewhereAsync(CancellationToken cancel)
    {
        await ShowAsync(cancel);
        Elsewhere = true;
    }

    private async Task<bool> ShowAsync(CancellationToken cancel)
    {
        if (await desk.OneAsync(_key, cancel) is not { } detail)
            return false;
        Detail = detail;
        Zone = await clock.ZoneAsync(cancel);
        var stands = Learned.Choice.Mode is CorrectionMode.Pinned ? Learned.Choice.Pinned : Learned.Value;
        Pin = (stands / PinStep).ToString(PinFormat, CultureInfo.InvariantCulture);
        return true;
    }
}
