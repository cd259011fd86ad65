namespace RoundCrumb.Core.Bench;

/// <summary>What kind of day a rehearsal is.</summary>
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
/// <param name="Hands">Whose hands are a person's: a baker's id, a star for everybody's, empty for nobody's.</param>
/// <param name="Speed">How much faster than the kitchen's, <see cref="Slowest"/> to <see cref="Fastest"/>.</param>
/// <param name="At">What it showed when it was last set.</param>
/// <param name="Since">When that was, by the kitchen's clock.</param>
/// <param name="IsPaused">True while it stands.</param>
public sealed record RehearsalClock(
    int Seed, DayLuck Luck, string Hands, double Speed, DateTimeOffset At, DateTimeOffset Since, bool IsPaused = false)
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
