using System.Globalization;
using RoundCrumb.Application.Days;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Data.Days;

namespace RoundCrumb.Web.Features.Days;

/// <summary>The hours of a day's bakers as they were sent, beside those that the page was opened over.</summary>
public sealed class HoursForm
{
    private readonly List<(Baker Baker, DateOnly Date, Hours? Hours, Hours? Seen)> _said = [];

    private HoursForm()
    {
    }

    /// <summary>What could not be used, by field.</summary>
    public Dictionary<string, string> Troubles { get; } = new(StringComparer.Ordinal);

    /// <summary>The field of a baker's hours on a date.</summary>
    public static string Field(Baker one, DateOnly date) => string.Create(CultureInfo.InvariantCulture, $"h-{one.Id}-{date:yyyy-MM-dd}");

    /// <summary>The hours as they were sent.</summary>
    public static HoursForm Sent(OpenDay day, IFormCollection sent)
    {
        var form = new HoursForm();
        foreach (var (one, date) in day.Bakers.SelectMany(b => day.Dates.Select(d => (b, d))))
        {
            var name = Field(one, date);
            if (!sent.ContainsKey(name))
                continue;
            if (!Hours.TryRead(sent[name], out var hours))
                form.Troubles[name] = "From and to, such as 06:00–15:00.";
            else if (Hours.TryRead(sent["seen-" + name], out var seen) && hours != seen)
                form._said.Add((one, date, hours, seen));
        }

        return form;
    }

    /// <summary>
    /// Says them on the day; false, and nothing is said, where any of them was changed elsewhere since the page was opened.
    /// </summary>
    public bool TryApply(BakeDay day)
    {
        if (_said.Exists(s => DayBook.HoursOf(day, s.Baker, s.Date) is var now && now != s.Seen && now != s.Hours))
            return false;
        _said.ForEach(s => DayBook.SayHours(day, DayOpener.NumberOf(s.Baker), s.Date, s.Hours));
        return true;
    }

    /// <summary>Both versions, what was sent beside what is kept.</summary>
    public Elsewhere Beside(BakeDay day) => Elsewhere.Of("Hours of this day", _said.Select(s => new FieldElsewhere(
        $"{s.Baker.Name}, {DayView.Date(s.Date)}", s.Hours?.ToString() ?? "off",
        DayBook.HoursOf(day, s.Baker, s.Date)?.ToString() ?? "off")));
}
