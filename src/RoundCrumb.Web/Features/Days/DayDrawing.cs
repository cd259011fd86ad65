using System.Globalization;
using System.Text;
using Microsoft.AspNetCore.Html;
using RoundCrumb.Application.Days;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Steps;
using RoundCrumb.Scheduling.Model;
using RoundCrumb.Web.Drawing;

namespace RoundCrumb.Web.Features.Days;

/// <summary>
/// A day drawn: time runs down, the lanes stand side by side, the night is folded. On paper time runs as fast as it must for the whole to
/// fill one sheet.
/// </summary>
public sealed partial class DayDrawing
{
    private const double SlotOnScreen = 10;
    private const double WideOnScreen = 866;

    /// <summary>A slot on paper at the least: eighty hours of work still go onto one sheet.</summary>
    private const double LeastOnPaper = 1;

    /// <summary>What is left of an A4 sheet beneath the heading: height to width.</summary>
    private const double Sheet = 244.0 / 192;

    /// <summary>A letter's mean width, to its size.</summary>
    private const double Letter = 0.51;
    private const double FoldHeight = 30;
    private const double Top = 72;
    private const double AxisWide = 52;
    private const double OvenWide = 112;
    private const double ToolWide = 62;
    private const double BarWide = 9;
    private readonly StringBuilder _svg = new();
    private readonly DayView _view;
    private readonly int? _followed;
    private readonly string? _chosen;
    private readonly string _address;
    private readonly List<(int From, int To, double Y)> _busy = [];
    private readonly bool _paper;
    private readonly double _perSlot = SlotOnScreen;
    private readonly (double Says, double Soft, double Tiny) _size;
    private readonly Dictionary<int, double> _lastWords = [];
    private readonly double _ovensAt;
    private readonly double _height;
    private readonly double _handWide;
    private readonly double _handsAt = AxisWide;
    private readonly double _toolsAt;
    private readonly double _coldAt;
    private readonly double _wide;
    private readonly Dictionary<int, (double X, double Y, double Wide, double High)> _boxes = [];

    private DayDrawing(DayView view, string? chosen, string address, bool paper)
    {
        (_view, _chosen, _address, _paper) = (view, chosen, address, paper);
        _size = paper ? (12, 10.5, 8) : (13, 12, 10.5);
        _followed = chosen is null
            ? null
            : view.Placed.Where(p => p.Key == chosen).Select(p => (int?)view.Day.Works[p.Index].Batches[0]).FirstOrDefault();
        var bakers = Math.Max(1, view.Open.Bakers.Count);
        var cold = Math.Max(120, (ColdColumns() * BarWide) + 8) + 2;
        _handWide = Math.Clamp((WideOnScreen - AxisWide - (view.Day.Ovens.Count * OvenWide) - ToolWide - cold - 20) / bakers, 88, 200);
        _ovensAt = _handsAt + (bakers * _handWide) + 8;
        _toolsAt = _ovensAt + (view.Day.Ovens.Count * OvenWide) + 4;
        _coldAt = _toolsAt + ToolWide + 8;
        _wide = _coldAt + cold;
        var spans = view.Busy();
        if (paper)
            _perSlot = Math.Clamp(
                ((Sheet * _wide) - Top - 14 - ((spans.Count - 1) * FoldHeight)) / Math.Max(1, spans.Sum(b => b.To - b.From)), LeastOnPaper,
                SlotOnScreen);
        var y = Top;
        foreach (var (from, to) in spans)
        {
            if (_busy.Count > 0)
                y += FoldHeight;
            _busy.Add((from, to, y));
            y += (to - from) * _perSlot;
        }

        _height = y + 14;
    }

    /// <summary>Draws a plan.</summary>
    /// <param name="view">The plan.</param>
    /// <param name="chosen">The key of a work that is chosen: its pie is followed through the lanes.</param>
    /// <param name="address">Where a click leads, without a query.</param>
    public static HtmlString Draw(DayView view, string? chosen, string address) =>
        new DayDrawing(view, chosen, address, paper: false).Draw();

    /// <summary>Draws a plan for one sheet of A4: nothing to click, time as fast as it must run.</summary>
    /// <param name="view">The plan.</param>
    public static HtmlString OnPaper(DayView view) => new DayDrawing(view, null, "", paper: true).Draw();

    private HtmlString Draw()
    {
        _svg.Add(
            $"<svg class=\"day-svg{(_paper ? " paper" : "")}{(_followed is null ? "" : " following")}\" viewBox=\"0 0 {_wide:0} "
                + $"{_height:0}\" width=\"{_wide:0}\" height=\"{_height:0}\" role=\"group\" aria-label=\"The plan: time runs down, lanes "
                + $"are hands, ovens, stove and machines, and cold\" data-slot=\"{_perSlot:0.##}\">");
        var which = _paper ? "-paper" : "";
        _svg.Add(
            $"<defs><pattern id=\"waiting{which}\" width=\"5\" height=\"5\" patternUnits=\"userSpaceOnUse\" "
                + $"patternTransform=\"rotate(45)\"><rect width=\"5\" height=\"5\" class=\"wait-ground\"/><line x1=\"0\" y1=\"0\" "
                + $"x2=\"0\" y2=\"5\" class=\"wait-line\"/></pattern><pattern id=\"frozen{which}\" width=\"6\" height=\"6\" "
                + $"patternUnits=\"userSpaceOnUse\"><rect width=\"6\" height=\"6\" class=\"wait-ground\"/><path d=\"M3 0V6M0 3H6\" "
                + $"class=\"wait-line\"/></pattern></defs>");
        Heads();
        Axis();
        Shifts();
        OvenLanes();
        ColdLane();
        ToolLane();
        HandLanes();
        Due();
        Now();
        if (_followed is { } batch)
            Follow(batch);
        _svg.Append("</svg>");
        return new HtmlString(_svg.ToString());
    }

    private double Y(int slot)
    {
        for (var k = 0; k < _busy.Count; k++)
        {
            var (from, to, y) = _busy[k];
            if (slot < from)
            {
                if (k == 0)
                    return y;
                var before = _busy[k - 1];
                return y - FoldHeight + (FoldHeight * (slot - before.To) / Math.Max(1, from - before.To));
            }

            if (slot <= to)
                return y + ((slot - from) * _perSlot);
        }

        return _height - 14;
    }

    private void Text(double x, double y, string css, string words, string anchor = "start") =>
        _svg.Append(
            FormattableString.Invariant(
                $"<text x=\"{x:0.#}\" y=\"{y:0.#}\" class=\"{css}\"{(anchor == "start" ? "" : $" text-anchor=\"{anchor}\"")}>"))
            .Append(Svg.Text(words)).Append("</text>");

    private static string Cut(string words, double wide, double perLetter = 6.4)
    {
        var most = (int)(wide / perLetter);
        return words.Length <= most ? words : most < 3 ? "" : words[..(most - 1)].TrimEnd() + "…";
    }

    private void Heads()
    {
        var bakers = _view.Open.Bakers;
        for (var b = 0; b < Math.Max(1, bakers.Count); b++)
            Text(_handsAt + (b * _handWide) + 6, 16, "lane-head", Cut(bakers.Count == 0 ? "Hands" : bakers[b].Name, _handWide - 8, 7.2));
        Text(_handsAt + 6, 32, "lane-sub", "hands");
        for (var o = 0; o < _view.Day.Ovens.Count; o++)
        {
            Text(_ovensAt + (o * OvenWide) + 6, 16, "lane-head", Cut(_view.Day.Ovens[o].Name, OvenWide - 6, 6.9));
            var on = _view.Plan.Runs.Where(r => r.Oven == o).Sum(r => r.To - r.From + _view.Day.Ovens[o].WarmUp);
            Text(_ovensAt + (o * OvenWide) + 6, 32, "lane-sub", on == 0 ? "stays cold" : "on " + DayView.HowLong(on));
        }

        Text(_toolsAt + 4, 16, "lane-head", "Stove");
        Text(_toolsAt + 4, 32, "lane-sub", "and mixer");
        Text(_coldAt + 4, 16, "lane-head", "Cold");
        var room = _view.Day.RoomFor(ColdKind.Fridge, 0);
        var most = _busy.SelectMany(b => Enumerable.Range(b.From, b.To - b.From)).Select(t => _view.ColdAt(WaitsAt.Fridge, t))
            .DefaultIfEmpty(0).Max();
        Text(
            _coldAt + 4, 32, "lane-sub",
            FormattableString.Invariant($"up to {Math.Ceiling(most):0}{(room is { } r ? $" of {r / ColdRoom.Place}" : "")} places"));
    }

    private void Axis()
    {
        foreach (var (from, to, y) in _busy)
        {
            for (var t = from; t <= to; t++)
            {
                var wall = _view.Open.Clock.WallOf(t);
                if (wall.Minute % 30 != 0)
                    continue;
                var at = y + ((t - from) * _perSlot);
                var hour = wall.Minute == 0;
                _svg.Add(
                    $"<line x1=\"{AxisWide - (hour ? 6 : 3)}\" x2=\"{_wide - 2:0}\" y1=\"{at:0.#}\" y2=\"{at:0.#}\" "
                        + $"class=\"{(hour ? "hour" : "half")}\"/>");
                if (hour || t == from)
                    Text(AxisWide - 9, at + 4, "clock", wall.ToString("HH:mm", CultureInfo.InvariantCulture), "end");
            }
        }

        for (var k = 0; k < _busy.Count; k++)
        {
            var (from, _, y) = _busy[k];
            var day = _view.Open.Clock.WallOf(from);
            if (k == 0)
            {
                _svg.Add($"<rect x=\"0\" y=\"{Top - 30:0.#}\" width=\"{_wide:0}\" height=\"{FoldHeight - 8}\" class=\"fold\"/>");
                Text(8, Top - 14, "fold-day", day.ToString("ddd d MMM", CultureInfo.InvariantCulture));
                continue;
            }

            var before = _busy[k - 1].To;
            var waits = _view.ColdAt(WaitsAt.Fridge, (before + from) / 2);
            var night = _view.Open.Clock.WallOf(before).Date != day.Date;
            _svg.Add($"<rect x=\"0\" y=\"{y - FoldHeight + 4:0.#}\" width=\"{_wide:0}\" height=\"{FoldHeight - 8}\" class=\"fold\"/>");
            Text(
                8, y - FoldHeight + 20, "fold-day",
                (night ? day.ToString("ddd d MMM", CultureInfo.InvariantCulture) + " · the night between, " : "nothing to do for ")
                    + DayView.HowLong(from - before)
                    + (
                        waits >= 0.2
                            ? FormattableString.Invariant(
                                $", {Math.Ceiling(waits):0} {(waits > 1 ? "places" : "place")} of the fridge in use")
                            : ""));
        }
    }

    private void Shifts()
    {
        foreach (var shift in _view.Day.Shifts)
        {
            var x = _handsAt + (_view.Open.Bakers.Index().First(b => b.Item.Id == shift.Baker).Index * _handWide);
            foreach (var (from, to, _) in _busy)
            {
                var (start, end) = (Math.Max(from, shift.From), Math.Min(to, shift.To));
                if (start < end)
                    _svg.Add(
                        $"<rect x=\"{x:0.#}\" y=\"{Y(start):0.#}\" width=\"{_handWide - 4:0.#}\" "
                            + $"height=\"{(end - start) * _perSlot:0.#}\" class=\"shift\"/>");
            }
        }
    }

    private string Classes(PlacedWork p, string css) =>
        css + (p.Mark.Length > 0 ? " " + p.Mark : "") + (p.Key == _chosen ? " chosen" : "");

    private bool Dim(PlacedWork p) => _followed is { } f && !_view.Day.Works[p.Index].Batches.Contains(f);

    private void Block(PlacedWork p, double x, double y, double wide, double high, string css, string inside)
    {
        _boxes[p.Index] = (x, y, wide, high);
        var box = string.Create(CultureInfo.InvariantCulture,
            $"<rect x=\"{x:0.#}\" y=\"{y + 0.5:0.#}\" width=\"{wide:0.#}\" height=\"{Math.Max(3, high - 1):0.#}\" "
                + $"rx=\"{Math.Min(4, high / 3):0.#}\" class=\"box\"/>");
        if (_paper)
        {
            _svg.Add($"<g class=\"{Classes(p, css)}\">").Append(box).Append(inside).Append("</g>");
            return;
        }

        var says =
            $"{_view.DayAndClock(p.From)}–{_view.Clock(p.To)}, {_view.WhoOf(p)}: {p.Label}. "
                + $"{p.Pies}.{(p.Mark.Length > 0 ? $" {char.ToUpperInvariant(p.Mark[0])}{p.Mark[1..]}." : "")}";
        var why = _view.Why(p.Index);
        _svg.Add(
            $"<g class=\"piece{(Dim(p) ? " dim" : "")}\"><a href=\"{_address}?step={p.Key}\" class=\"{Classes(p, css)}\" "
                + $"data-key=\"{p.Key}\" data-start=\"{p.From}\" data-why=\"{Svg.Text(says + " " + why)}\" "
                + $"aria-label=\"{Svg.Text(says + " " + why)}\"><title>{Svg.Text(says + " " + why)}</title>").Append(box);
        _svg.Append("</a><g class=\"words\" aria-hidden=\"true\">").Append(inside).Append("</g></g>");
    }

    /// <summary>Where words in a lane of hands can stand: where they are wanted, or just beneath the last.</summary>
    private double Below(int lane, double wanted, double size)
    {
        var at = Math.Max(wanted, _lastWords.GetValueOrDefault(lane, double.MinValue) + (size * 0.94));
        _lastWords[lane] = at;
        return at;
    }

    private void HandLanes()
    {
        // Stretches of hands, what is taken over, and hands at an oven's door, lane by lane as they begin.
        var all = _view.Placed.Where(p => p.Oven < 0).Select(
            p => (P: p, Lane: Math.Max(0, p.Who), p.From, To: p.Then >= 0 ? p.ThenAt : p.To, Says: "", Door: false))
            .Concat(
                _view.Placed.Where(p => p.Then >= 0).Select(
                    p => (P: p, Lane: p.Then, From: p.ThenAt, p.To, Says: p.Label + ", taken over", Door: true)))
            .Concat(
                _view.Placed.Where(p => p.Oven >= 0).SelectMany(
                    p =>
                        _view.Day.Works[p.Index].Load!.Touches.Select(
                            (t, k) =>
                                (
                                    P: p, Lane: _view.AtTheDoor[(p.Index, k)], From: p.From + t.After, To: p.From + t.After + t.Length,
                                    Says: k == _view.Day.Works[p.Index].Load!.Touches.Count - 1
                                        ? "out of the oven"
                                        : "weights out, or sealed",
                                    Door: true))));
        var beside = new StringBuilder();
        foreach (var (p, lane, from, to, doorSays, door) in all.OrderBy(i => i.From).ThenBy(i => i.To))
        {
            var x = _handsAt + (lane * _handWide);
            var y = Y(from);
            var high = Math.Max(_perSlot, Y(to) - y);

            // Five minutes are too low to write in: a mark, and the words beside it.
            var low = high < _size.Says + 1;
            var size = low || door ? _size.Tiny : _size.Says;
            var wide = low ? 16 : _handWide - 6;
            var at = Below(lane, low ? y + (high / 2) + (size * 0.36) : y + Math.Min(high / 2, size) + (size * 0.36), size);
            var says = door ? doorSays : p.Label + (p.Mark.Length > 0 ? ", " + p.Mark : "");
            var words = string.Create(
                CultureInfo.InvariantCulture,
                $"<text x=\"{x + (low ? 20 : 11):0.#}\" y=\"{at:0.#}\" class=\"says{(size == _size.Tiny ? " tiny" : "")}\"><tspan "
                    + $"class=\"letter\">{p.Letters}</tspan> "
                    + $"{Svg.Text(Cut(says, _handWide - (low ? 26 : 22) - ((p.Letters.Length + 1) * size * 0.65), size * Letter))}</text>");
            if (door)
                _svg.Add(
                    $"<g class=\"door{(Dim(p) ? " dim" : "")}\"><rect x=\"{x:0.#}\" y=\"{y + 0.5:0.#}\" width=\"{wide:0.#}\" "
                        + $"height=\"{high - 1:0.#}\" rx=\"2\" class=\"box\"/></g>");
            if (door || low)
            {
                beside.Add($"<g class=\"words{(Dim(p) ? " dim" : "")}\" aria-hidden=\"true\">").Append(words).Append("</g>");
                words = "";
            }

            if (door)
                continue;
            var inside = new StringBuilder(
                string.Create(CultureInfo.InvariantCulture,
                    $"<rect x=\"{x + 2:0.#}\" y=\"{y + 1.5:0.#}\" width=\"5\" height=\"{Math.Max(2, high - 3):0.#}\" "
                        + $"fill=\"{p.Tint}\" class=\"food\"/>")).Append(words);
            if (!low && y + high - at > _size.Soft * 1.3)
                inside.Add(
                    $"<text x=\"{x + 11:0.#}\" y=\"{Below(lane, at + (_size.Soft * 1.2), _size.Soft):0.#}\" class=\"says "
                        + $"soft\">{Svg.Text(Cut(p.Pies, wide - 14, _size.Soft * Letter))}</text>");
            Block(p, x, y, wide, high, "blk hands", inside.ToString());
        }

        _svg.Append(beside);
    }

    private void OvenLanes()
    {
        static double Wide(int heat) => Math.Clamp((heat - 120) / 110.0, 0.3, 1) * (OvenWide - 10);
        foreach (var run in _view.Plan.Runs)
        {
            var x = _ovensAt + (run.Oven * OvenWide);
            var warm = _view.Day.Ovens[run.Oven].WarmUp;
            var (y0, y1, y2) = (Y(run.From - warm), Y(run.From), Y(run.To));
            var wide = Wide(run.Heat);
            _svg.Add(
                $"<path d=\"M{x:0.#} {y0:0.#} L{x + wide:0.#} {y1:0.#} V{y2:0.#} H{x:0.#} Z\" class=\"heat\">"
                    + $"<title>{Svg.Text(_view.Day.Ovens[run.Oven].Name)} {Svg.Text(_view.HeatOf(run.Oven, run.Heat))}, on from "
                    + $"{_view.Clock(run.From - warm)}, hot {_view.Clock(run.From)}–{_view.Clock(run.To)}</title></path>");
            Text(x + 4, y1 - 4, "heat-says", _view.DialOf(run.Oven, run.Heat));
        }

        for (var o = 0; o < _view.Day.Ovens.Count; o++)
        {
            var x = _ovensAt + (o * OvenWide);
            _svg.Add($"<line x1=\"{x - 2:0.#}\" x2=\"{x - 2:0.#}\" y1=\"{Top - 4}\" y2=\"{_height - 10:0.#}\" class=\"lane-line\"/>");
            var columns = new List<int>();
            var shelf = (OvenWide - 16) / Math.Max(1, _view.Day.Ovens[o].Shelves);
            foreach (var p in _view.Placed.Where(p => p.Oven == o).OrderBy(p => p.From))
            {
                // Each load stands on shelves of its own while it is in.
                var need = _view.Day.Works[p.Index].Load!.Shelves[o];
                while (columns.Count < _view.Day.Ovens[o].Shelves)
                    columns.Add(0);
                var at = Enumerable.Range(0, columns.Count - need + 1)
                    .FirstOrDefault(c => columns.Skip(c).Take(need).All(u => u <= p.From));
                for (var c = at; c < at + need; c++)
                    columns[c] = p.To;
                var y = Y(p.From);
                var high = Y(p.To) - y;
                var bx = x + 3 + (at * shelf);
                var wide = (need * shelf) - 2;
                var inside = new StringBuilder(
                    string.Create(CultureInfo.InvariantCulture,
                        $"<rect x=\"{bx + 2:0.#}\" y=\"{y + 2:0.#}\" width=\"4\" height=\"{Math.Max(2, high - 4):0.#}\" "
                            + $"fill=\"{p.Tint}\" class=\"food\"/>"));
                if (high >= _size.Says)
                    inside.Add(
                        $"<text x=\"{bx + 9:0.#}\" y=\"{y + (_size.Says * 1.15):0.#}\" class=\"says\"><tspan "
                            + $"class=\"letter\">{p.Letters}"
                            + $"</tspan>{(wide > 50 ? " " + Svg.Text(Cut(p.Label, wide - 20, _size.Says * Letter)) : "")}</text>");
                if (high >= _size.Says * 2.3)
                    inside.Add(
                        $"<text x=\"{bx + 9:0.#}\" y=\"{y + (_size.Says * 2.2):0.#}\" class=\"says "
                            + $"soft\">{Long(p.To - p.From, wide)}</text>");
                Block(p, bx, y, wide, high, "blk load", inside.ToString());
            }
        }
    }

    private static string Long(int slots, double wide) => wide > 44 ? DayView.HowLong(slots) : $"{slots * Slot.Minutes}′";

    private void ToolLane()
    {
        _svg.Add(
            $"<line x1=\"{_toolsAt - 3:0.#}\" x2=\"{_toolsAt - 3:0.#}\" y1=\"{Top - 4}\" y2=\"{_height - 10:0.#}\" class=\"lane-line\"/>");
        var ends = new List<int>();
        foreach (var p in _view.Placed.Where(p => p.Oven < 0 && _view.Day.Works[p.Index].Tool is not Tool.None))
        {
            var column = ends.FindIndex(e => e <= p.From);
            if (column < 0)
            {
                column = ends.Count;
                ends.Add(0);
            }

            ends[column] = p.To;
            var name = _view.Day.Works[p.Index].Tool switch { Tool.Burner => "hob", Tool.Mixer => "mixer", _ => "proc." };
            var x = _toolsAt + Math.Min(1, column) * (ToolWide / 2);
            var y = Y(p.From);
            var high = Math.Max(_perSlot, Y(p.To) - y);
            _svg.Add(
                    $"<g class=\"tool{(_followed is { } f && !_view.Day.Works[p.Index].Batches.Contains(f) ? " dim" : "")}\"><rect "
                        + $"x=\"{x:0.#}\" y=\"{y + 0.5:0.#}\" width=\"{(ToolWide / 2) - 2:0.#}\" height=\"{high - 1:0.#}\" rx=\"2\" "
                        + $"class=\"box\"/><text x=\"{x + 2:0.#}\" y=\"{y + Math.Min(high - 1.5, _size.Tiny):0.#}\" class=\"says "
                        + $"tiny\">{name}</text>");
            if (high >= _size.Tiny * 2.1)
                _svg.Add(
                    $"<text x=\"{x + 2:0.#}\" y=\"{y + (_size.Tiny * 2):0.#}\" class=\"says tiny\"><tspan "
                        + $"class=\"letter\">{p.Letters}</tspan></text>");
            _svg.Append("</g>");
        }
    }
}
