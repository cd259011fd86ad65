using System.Text.Json.Serialization;

namespace RoundCrumb.Core.Bench;

/// <summary>Of how many lanes of a rehearsal a person is the hands.</summary>
[JsonConverter(typeof(JsonStringEnumConverter<HandsOf>))]
public enum HandsOf
{
    /// <summary>Of none: it is watched.</summary>
    Nobody,

    /// <summary>Of all.</summary>
    Everybody,

    /// <summary>Of one baker's.</summary>
    OneBaker,
}

/// <summary>Whose hands in a rehearsal are a person's.</summary>
/// <param name="Of">Of how many lanes.</param>
/// <param name="Baker">Whose lane it is, by id, where it is one; empty else.</param>
public readonly record struct OwnHands(HandsOf Of, string Baker = "")
{
    /// <summary>True for a lane that a person does.</summary>
    /// <param name="lane">The lane, by its baker's id.</param>
    public bool Do(string lane) => Of switch
    {
        HandsOf.Nobody => false,
        HandsOf.Everybody => true,
        HandsOf.OneBaker => lane == Baker,
    };

    /// <summary>As a form has it: its name, or the baker's id.</summary>
    public string Code => Of is HandsOf.OneBaker ? Baker : Of.ToString();

    /// <summary>Reads it from a form; everybody's where nothing is said.</summary>
    public static OwnHands Read(string? code) => string.IsNullOrEmpty(code) || code == nameof(HandsOf.Everybody) ? new(HandsOf.Everybody)
        : code == nameof(HandsOf.Nobody) ? new(HandsOf.Nobody)
        : new(HandsOf.OneBaker, code);
}

/// <summary>What kind of day a rehearsal is.</summary>
[JsonConverter(typeof(JsonStringEnumConverter<DayLuck>))]
public enum DayLuck
{
    /// <summary>As often better as worse than usual.</summary>
    Ordinary,

    /// <summary>Nothing is better than usual, and things go wrong as often as they do where they often do.</summary>
    Bad,
}

/// <summary>The clock of a rehearsal, which goes faster than the kitchen's: two instants, and nothing has to tick for it.</summary>
/// <param name="Seed">Where its chance begins.</param>
/// <param name="Luck">What kind of day it is.</param>
/// <param name="Hands">Whose hands are a person's.</param>
/// <param name="Speed">How much faster than the kitchen's, <see cref="Slowest"/> to <see cref="Fastest"/>.</param>
/// <param name="At">What it showed when it was last set.</param>
/// <param name="Since">When that was, by the kitchen's clock.</param>
/// <param name="IsPaused">True while it stands.</param>
public sealed record RehearsalClock(
    int Seed, DayLuck Luck, OwnHands Hands, double Speed, DateTimeOffset At, DateTimeOffset Since, bool IsPaused = false)
{
    /// <summary>The least speed: a day in half an hour.</summary>
    public const double Slowest = 30;

    /// <summary>The greatest speed: a day in a minute and a half.</summary>
    public const double Fastest = 600;

    /// <summary>The speeds that are offered.</summary>
    public static IReadOnlyList<double> Speeds { get; } = [Slowest, 60, 150, 300, Fastest];

    /// <summary>What it shows at a moment of the kitchen's clock.</summary>
    public DateTimeOffset MomentAt(DateTimeOffset now) => IsPaused || now <= Since ? At : At + ((now - Since) * Speed);

    /// <summary>Goes on at another speed, put within its limits.</summary>
    public RehearsalClock AtSpeed(double speed, DateTimeOffset now) =>
        this with { Speed = Math.Clamp(speed, Slowest, Fastest), At = MomentAt(now), Since = now };

    /// <summary>Stands.</summary>
    public RehearsalClock Paused(DateTimeOffset now) => this with { At = MomentAt(now), Since = now, IsPaused = true };

    /// <summary>Goes on.</summary>
    public RehearsalClock GoesOn(DateTimeOffset now) => this with { At = MomentAt(now), Since = now, IsPaused = false };

    /// <summary>Goes on from a later moment; never back.</summary>
    public RehearsalClock SkippedTo(DateTimeOffset moment, DateTimeOffset now) =>
        this with { At = MomentAt(now) is var at && moment > at ? moment : at, Since = now };
}
