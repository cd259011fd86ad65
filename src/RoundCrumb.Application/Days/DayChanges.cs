using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Toppings;
using RoundCrumb.Data.Days;
using RoundCrumb.Data.Pies;
using RoundCrumb.Scheduling.Changes;
using RoundCrumb.Scheduling.Model;

namespace RoundCrumb.Application.Days;

/// <summary>What would make a day possible: what it is called, and how it is done to a kept day.</summary>
/// <param name="open">The day.</param>
public sealed class DayChanges(OpenDay open)
{
    /// <summary>Does a change to the kept day.</summary>
    public void Apply(BakeDay day, DayChange change)
    {
        DayOrder? Order(string key) => day.Orders.FirstOrDefault(o => DayOpener.KeyOf(o.Id) == key);
        switch (change)
        {
            case MoreHours hours when BakerOf(hours.Baker) is { } baker:
                var from = open.Clock.WallOf(hours.From);
                var to = open.Clock.WallOf(hours.To);
                DayBook.SayHours(
                    day, DayOpener.NumberOf(baker), DateOnly.FromDateTime(from),
                    new((int)from.TimeOfDay.TotalMinutes, to.Date > from.Date ? 24 * 60 : (int)to.TimeOfDay.TotalMinutes));
                break;
            case MoreShift shift when BakerOf(shift.Baker) is { } comes:
                if (shift.Day < 0)
                {
                    // What stands at a slot stands a day's slots later from then on.
                    var by = open.Clock.DayStart(0) - open.Clock.DayStart(-1);
                    (day.From, day.Days, day.Plan) = (day.From.AddDays(-1), day.Days + 1, "");
                    day.DayMarks.ForEach(m => m.Start += by);

                    // Nobody else comes in for it.
                    foreach (var other in open.Bakers)
                        DayBook.SayHours(day, DayOpener.NumberOf(other), day.From, null);
                }

                DayBook.SayHours(day, DayOpener.NumberOf(comes), day.From.AddDays(Math.Max(0, shift.Day)), new(shift.From, shift.To));
                break;
            case MoreCold cold:
                if (cold.Kind is ColdKind.Fridge)
                    day.MoreFridge += cold.Places;
                else
                    day.MoreFreezer += cold.Places;
                break;
            case MorePans pans:
                day.LentPans.Add(new() { Pan = pans.Pan, More = pans.More });
                break;
            case OtherCount count when Order(count.Order) is { } order:
                order.Count = Math.Clamp(count.Count, 1, DayOrder.MostPies);
                order.Version++;
                break;
            case OtherDue due when Order(due.Order) is { } order:
                order.Due = open.Clock.WallOf(due.Due);
                order.Version++;
                break;
            case OtherFilling filling when Order(filling.Order) is { } order:
                var (orders, _) = filling.Applied(open.Orders, open.Setting);
                order.Address = CompositionAddress.Write(orders.First(o => o.Key == filling.Order).Pie);
                order.Name = FillingBook.All.First(f => f.Id == filling.Formula).Name + ", for " + order.Name;
                order.Name = order.Name[..Math.Min(order.Name.Length, SavedPie.LongestName)];
                order.PieId = null;
                order.Version++;
                break;
            case OtherRest rest when Order(rest.Order) is { } order:
                order.Address = CompositionAddress.Write(
                    rest.Applied(open.Orders, open.Setting).Orders.First(o => o.Key == rest.Order).Pie);
                order.PieId = null;
                order.Version++;
                break;
            case OtherTopping topping when Order(topping.Order) is { } order:
                order.Address = CompositionAddress.Write(
                    topping.Applied(open.Orders, open.Setting).Orders.First(o => o.Key == topping.Order).Pie);
                order.PieId = null;
                order.Version++;
                break;
            case AllOvens:
                day.ColdOvens = [];
                break;
        }
    }

    /// <summary>Who is meant; none who works here no longer.</summary>
    private Baker? BakerOf(string id) => open.Bakers.FirstOrDefault(b => b.Id == id);

    /// <summary>What a pan of the day is called.</summary>
    public string PanName(string pan) =>
        open.Kitchen.Pans.Where(p => DayBuilder.PanKey(p.Pan) == pan).Select(p => p.Pan.Name).FirstOrDefault("of the pan");

    /// <summary>What a change is called: what it is, and what it is no longer.</summary>
    public string Say(DayChange change)
    {
        string NameOf(string key) => open.Orders.FirstOrDefault(o => o.Key == key)?.Name ?? "the order";
        switch (change)
        {
            case MoreHours h when BakerOf(h.Baker) is { } baker:
                var name = baker.Name;
                return h.From < h.Was
                    ? $"{name} begins {open.Clock.WallOf(h.From):ddd HH:mm}, not {open.Clock.WallOf(h.Was):HH:mm}"
                    : $"{name} stays until {open.Clock.WallOf(h.To):ddd HH:mm}, not {open.Clock.WallOf(h.Until):HH:mm}";
            case MoreShift m when BakerOf(m.Baker) is { } comes:
                return $"{comes.Name} comes in on {DayView.Date(open.Kept.From.AddDays(m.Day))}, {new Hours(m.From, m.To)}";
            case MoreCold c:
                return $"Room for {c.Places} more {(c.Places == 1 ? "pie" : "pies")} in a "
                    + $"{(c.Kind is ColdKind.Fridge ? "fridge" : "freezer")}: another shelf, a cool box";
            case MorePans p:
                return $"Borrow {p.More} more {PanName(p.Pan)}";
            case OtherCount c:
                return $"{c.Count} of {NameOf(c.Order)}, not {open.Orders.FirstOrDefault(o => o.Key == c.Order)?.Count}";
            case OtherDue d:
                return $"{NameOf(d.Order)} at {open.Clock.WallOf(d.Due):ddd HH:mm}, not "
                    + $"{open.Clock.WallOf(open.Orders.FirstOrDefault(o => o.Key == d.Order)?.Due ?? 0):HH:mm}";
            case OtherFilling f:
                return $"A gelatine set instead of an overnight one: {FillingBook.All.FirstOrDefault(x => x.Id == f.Formula)?.Name} "
                    + $"for {NameOf(f.Order)}";
            case OtherRest { Rest: ShellRest.Freezer } r:
                return $"Freeze the shells of {NameOf(r.Order)} instead of chilling them: sooner hard, and a little longer in the oven";
            case OtherRest r:
                return $"Bake the shells of {NameOf(r.Order)} without the second chill: the wall may slide down";
            case OtherTopping t:
                return $"{Topping.Find(t.Topping)?.Name} on {NameOf(t.Order)}, instead of what was to go on";
            case AllOvens:
                return "Use every oven";
            default:
                return "";
        }
    }
}
