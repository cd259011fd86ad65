using System.Globalization;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Layering;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Toppings;
using RoundCrumb.Scheduling.Model;

namespace RoundCrumb.Scheduling.Changes;

/// <summary>Something that can be changed about a day, kept as a few words so that one click can do it.</summary>
public abstract record DayChange
{
    /// <summary>The day's orders and setting with it.</summary>
    public abstract (IReadOnlyList<Order> Orders, DaySetting Setting) Applied(IReadOnlyList<Order> orders, DaySetting setting);

    /// <summary>As text that reads back.</summary>
    public abstract string Code { get; }

    /// <summary>Reads one back; none where it is not one.</summary>
    public static DayChange? Read(string? code)
    {
        var parts = (code ?? "").Split(' ');
        static int? Whole(string text) =>
            int.TryParse(text, NumberStyles.AllowLeadingSign, CultureInfo.InvariantCulture, out var n) ? n : null;
        return parts switch
        {
            ["hours", var baker, var from, var to, var was, var until] when Whole(from) is { } f && Whole(to) is { } t
                && Whole(was) is { } w && Whole(until) is { } u && t > f =>
                new MoreHours(baker, f, t, w, u),
            ["shift", var baker, var day, var from, var to] when Whole(day) is >= -1 and < 7 and var d && Whole(from) is >= 0 and var f
                && Whole(to) is <= 24 * 60 and var t && t > f =>
                new MoreShift(baker, d, f, t),
            ["cold", var kind, var places] when Enum.TryParse<ColdKind>(kind, out var k) && Whole(places) is > 0 and < 100 and var p =>
                new MoreCold(k, p),
            ["count", var order, var count] when Whole(count) is > 0 and var c => new OtherCount(order, c),
            ["due", var order, var slot] when Whole(slot) is > 0 and var s => new OtherDue(order, s),
            ["fill", var order, var formula] => new OtherFilling(order, formula),
            ["pans", var more, .. var key] when Whole(more) is > 0 and < 100 and var n && key.Length > 0 =>
                new MorePans(string.Join(' ', key), n),
            ["rest", var order, var how] when Enum.TryParse<ShellRest>(how, out var rest) && Enum.IsDefined(rest)
                && !char.IsDigit(how[0]) =>
                new OtherRest(order, rest),
            ["top", var order, var topping] when Topping.Find(topping) is { } found => new OtherTopping(order, found.Id),
            ["ovens"] => new AllOvens(),
            _ => null,
        };
    }
}

/// <summary>Somebody begins earlier or stays longer.</summary>
/// <param name="Baker">Who, by id; holds no blank.</param>
/// <param name="From">The new first slot.</param>
/// <param name="To">The new slot after the last.</param>
/// <param name="Was">The first slot as it was.</param>
/// <param name="Until">The slot after the last as it was.</param>
public sealed record MoreHours(string Baker, int From, int To, int Was, int Until) : DayChange
{
    /// <inheritdoc/>
    public override (IReadOnlyList<Order> Orders, DaySetting Setting) Applied(IReadOnlyList<Order> orders, DaySetting setting) =>
        (
            orders,
            setting with { Shifts = [.. setting.Shifts.Select(s => s == new Shift(Baker, Was, Until) ? new Shift(Baker, From, To) : s)] });

    /// <inheritdoc/>
    public override string Code => FormattableString.Invariant($"hours {Baker} {From} {To} {Was} {Until}");
}

/// <summary>Somebody comes in on a day on which they are off, or on the day before the first.</summary>
/// <param name="Baker">Who, by id; holds no blank.</param>
/// <param name="Day">Which day, 0 for the first; -1 for the day before it.</param>
/// <param name="From">From when, minutes after midnight.</param>
/// <param name="To">Until when, minutes after midnight.</param>
public sealed record MoreShift(string Baker, int Day, int From, int To) : DayChange
{
    private const int ADay = 24 * 60 / Slot.Minutes;

    /// <inheritdoc/>
    public override (IReadOnlyList<Order> Orders, DaySetting Setting) Applied(IReadOnlyList<Order> orders, DaySetting setting)
    {
        // A day more at the beginning: everything is that much later counted from there.
        var by = Day < 0 ? ADay : 0;
        var start = (Math.Max(0, Day) * ADay) + (From / Slot.Minutes);
        return (
            [.. orders.Select(o => o with { Due = o.Due + by })],
            setting with
            {
                Shifts = [
                    .. setting.Shifts.Select(s => s with { From = s.From + by, To = s.To + by }),
                    new Shift(Baker, start, start + ((To - From) / Slot.Minutes))
                ],
                End = setting.End + by,
                Now = setting.Now == 0 ? 0 : setting.Now + by,
                Pinned = setting.Pinned.ToDictionary(p => p.Key, p => p.Value + by),
                Done = setting.Done.ToDictionary(p => p.Key, p => p.Value with { Start = p.Value.Start + by }),
            });
    }

    /// <inheritdoc/>
    public override string Code => FormattableString.Invariant($"shift {Baker} {Day} {From} {To}");
}

/// <summary>More places in the cold: a cool box, a shelf, a neighbour's fridge.</summary>
/// <param name="Kind">Which.</param>
/// <param name="Places">How many more.</param>
public sealed record MoreCold(ColdKind Kind, int Places) : DayChange
{
    /// <inheritdoc/>
    public override (IReadOnlyList<Order> Orders, DaySetting Setting) Applied(IReadOnlyList<Order> orders, DaySetting setting)
    {
        var widest = setting.Kitchen.Cold.Where(c => c.Kind == Kind).Select(c => c.Widest).DefaultIfEmpty(new Millimetres(300))
            .MaxBy(w => w.Value);
        return (
            orders,
            setting with
            {
                Kitchen = setting.Kitchen with
                {
                    Cold = [.. setting.Kitchen.Cold, new ColdPlace("more", "more room", Kind, Places, widest)],
                },
            });
    }

    /// <inheritdoc/>
    public override string Code => FormattableString.Invariant($"cold {Kind} {Places}");
}

/// <summary>Fewer of a pie, or more.</summary>
/// <param name="Order">Which order.</param>
/// <param name="Count">How many of it now.</param>
public sealed record OtherCount(string Order, int Count) : DayChange
{
    /// <inheritdoc/>
    public override (IReadOnlyList<Order> Orders, DaySetting Setting) Applied(IReadOnlyList<Order> orders, DaySetting setting) =>
        ([.. orders.Select(o => o.Key == Order ? o with { Count = Count } : o)], setting);

    /// <inheritdoc/>
    public override string Code => FormattableString.Invariant($"count {Order} {Count}");
}

/// <summary>Wanted at another time.</summary>
/// <param name="Order">Which order.</param>
/// <param name="Due">By which slot now.</param>
public sealed record OtherDue(string Order, int Due) : DayChange
{
    /// <inheritdoc/>
    public override (IReadOnlyList<Order> Orders, DaySetting Setting) Applied(IReadOnlyList<Order> orders, DaySetting setting) =>
        ([.. orders.Select(o => o.Key == Order ? o with { Due = Due } : o)], setting);

    /// <inheritdoc/>
    public override string Code => FormattableString.Invariant($"due {Order} {Due}");
}

/// <summary>Another filling, one that sets sooner.</summary>
/// <param name="Order">Which order.</param>
/// <param name="Formula">The filling's stable name.</param>
public sealed record OtherFilling(string Order, string Formula) : DayChange
{
    /// <inheritdoc/>
    public override (IReadOnlyList<Order> Orders, DaySetting Setting) Applied(IReadOnlyList<Order> orders, DaySetting setting) =>
        FillingBook.All.FirstOrDefault(f => f.Id == Formula) is not { } formula
            ? (orders, setting)
            : (
                [
                    .. orders.Select(
                        o =>
                            o.Key == Order
                                ? o with { Pie = o.Pie with { Filling = new(formula, o.Pie.Filling.Batch, o.Pie.Filling.Line, 1) } }
                                : o)
                ],
                setting);

    /// <inheritdoc/>
    public override string Code => $"fill {Order} {Formula}";
}

/// <summary>Another topping, alone and as it usually lies, instead of all that was meant.</summary>
/// <param name="Order">Which order.</param>
/// <param name="Topping">The topping's stable name.</param>
public sealed record OtherTopping(string Order, string Topping) : DayChange
{
    /// <inheritdoc/>
    public override (IReadOnlyList<Order> Orders, DaySetting Setting) Applied(IReadOnlyList<Order> orders, DaySetting setting) =>
        Core.Toppings.Topping.Find(Topping) is not { } topping
            ? (orders, setting)
            : (
                [
                    .. orders.Select(
                        o => o.Key == Order ? o with { Pie = o.Pie with { Topping = ToppingChoice.Usual(topping),
                            Over = Pile.Of<ToppingChoice>() } } : o)
                ],
                setting);

    /// <inheritdoc/>
    public override string Code => $"top {Order} {Topping}";
}

/// <summary>What a lined shell does instead of its chill.</summary>
public enum ShellRest
{
    /// <summary>It goes into the freezer, for less long, and from there into the oven.</summary>
    Freezer,

    /// <summary>It goes into the oven as it is, and may shrink.</summary>
    None,
}

/// <summary>A lined shell is frozen instead of chilled, or not chilled at all.</summary>
/// <param name="Order">Which order.</param>
/// <param name="Rest">What it does instead.</param>
public sealed record OtherRest(string Order, ShellRest Rest) : DayChange
{
    /// <summary>True where a pie's shell can do that instead.</summary>
    public static bool Fits(Composition pie, ShellRest rest) =>
        pie.Crust is { Family: RolledFamily { Sheet: null }, Frozen: false, Unchilled: false, IsBaked: true }
            && (rest is ShellRest.None || !pie.Pan.MayBurst);

    /// <inheritdoc/>
    public override (IReadOnlyList<Order> Orders, DaySetting Setting) Applied(IReadOnlyList<Order> orders, DaySetting setting) =>
        (
            [
                .. orders.Select(
                    o => o.Key == Order && Fits(o.Pie, Rest)
                        ? o with
                        {
                            Pie = o.Pie with
                            {
                                Crust = o.Pie.Crust with { Frozen = Rest is ShellRest.Freezer, Unchilled = Rest is ShellRest.None },
                            },
                        }
                        : o)
            ],
            setting);

    /// <inheritdoc/>
    public override string Code => $"rest {Order} {Rest}";
}

/// <summary>More of a pan: lent, or bought.</summary>
/// <param name="Pan">Its name among the day's pans.</param>
/// <param name="More">How many more.</param>
public sealed record MorePans(string Pan, int More) : DayChange
{
    /// <inheritdoc/>
    public override (IReadOnlyList<Order> Orders, DaySetting Setting) Applied(IReadOnlyList<Order> orders, DaySetting setting) =>
        (orders, setting with { Kitchen = With(setting.Kitchen, Pan, More) });

    /// <summary>A kitchen with so many more of a pan.</summary>
    public static Kitchen With(Kitchen kitchen, string pan, int more)
    {
        var first = kitchen.Pans.Select((p, i) => (p, i)).Where(x => DayBuilder.PanKey(x.p.Pan) == pan).Select(x => (int?)x.i)
            .FirstOrDefault();
        return first is null
            ? kitchen
            : kitchen with { Pans = [.. kitchen.Pans.Select((p, i) => i == first ? p with { Owned = p.Owned + more } : p)] };
    }

    /// <inheritdoc/>
    public override string Code => FormattableString.Invariant($"pans {More} {Pan}");
}

/// <summary>Every oven is used.</summary>
public sealed record AllOvens : DayChange
{
    /// <inheritdoc/>
    public override (IReadOnlyList<Order> Orders, DaySetting Setting) Applied(IReadOnlyList<Order> orders, DaySetting setting) =>
        (orders, setting with { Forbidden = new HashSet<string>() });

    /// <inheritdoc/>
    public override string Code => "ovens";
}

/// <summary>A change that makes a day possible.</summary>
/// <param name="Change">What is changed.</param>
/// <param name="IsLeast">True when it is proven that less of it would not do.</param>
public sealed record DayRemedy(DayChange Change, bool IsLeast);
