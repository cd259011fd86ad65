using RoundCrumb.Application.Days;
using RoundCrumb.Core.Steps;
using RoundCrumb.Scheduling.Model;
using RoundCrumb.Web.Drawing;

namespace RoundCrumb.Web.Features.Days;

/// <content>What waits in the cold, when everything is wanted, and the lines of now and of one order.</content>
public sealed partial class DayDrawing
{
    private IEnumerable<(int From, int To, WaitsAt At, IReadOnlyList<int> Batches, int Units)> ColdWaits()
    {
        var day = _view.Day;
        var plan = _view.Plan;
        foreach (var g in day.Gaps.Where(g => g.At is not WaitsAt.Bench && g.Takes.Units > 0))
            yield return (
                plan.EndOf(day, g.From), plan.Starts[g.To], g.At, [.. day.Works[g.From].Batches.Intersect(day.Works[g.To].Batches)],
                g.Takes.Units);
        foreach (var e in day.Endings.Where(e => e.At is not WaitsAt.Bench && e.Takes.Units > 0))
            yield return (plan.EndOf(day, e.From), plan.Ready[e.Batch], e.At, [e.Batch], e.Takes.Units);
    }

    private int ColdColumns()
    {
        var ends = new List<int>();
        foreach (var wait in ColdWaits().OrderBy(w => w.From))
            Column(ends, wait.From, wait.To);
        return ends.Count;
    }

    private static int Column(List<int> ends, int from, int to)
    {
        var column = ends.FindIndex(e => e <= from);
        if (column < 0)
        {
            column = ends.Count;
            ends.Add(0);
        }

        ends[column] = to;
        return column;
    }

    private void ColdLane()
    {
        _svg.Add(
            $"<line x1=\"{_coldAt - 4:0.#}\" x2=\"{_coldAt - 4:0.#}\" y1=\"{Top - 4}\" y2=\"{_height - 10:0.#}\" class=\"lane-line\"/>");
        var ends = new List<int>();
        foreach (var (from, to, at, batches, units) in ColdWaits().OrderBy(w => w.From))
        {
            var column = Column(ends, from, to);
            var x = _coldAt + (column * BarWide);
            var (y, high) = (Y(from), Y(to) - Y(from));
            var letters = string.Concat(batches.Select(DayView.LetterOf));
            var dim = _followed is { } f && !batches.Contains(f) ? " dim" : "";
            var place = FormattableString.Invariant($"{Math.Max(0.25, Math.Round(units / (double)ColdRoom.Place * 4) / 4):0.##}");
            _svg.Add(
                $"<g class=\"waits{dim}\"><title>{letters} waits in the {(at is WaitsAt.Fridge ? "fridge" : "freezer")} "
                    + $"{DayView.HowLong(to - from)}, {_view.Clock(from)}–{_view.Clock(to)}; {place} {(place == "1" ? "place" : "places")}"
                    + $"</title><rect x=\"{x:0.#}\" y=\"{y:0.#}\" width=\"{BarWide - 2}\" height=\"{Math.Max(2, high):0.#}\" rx=\"2\" "
                    + $"fill=\"url(#{(at is WaitsAt.Fridge ? "waiting" : "frozen")}{(_paper ? "-paper" : "")})\" class=\"wait\"/>");
            if (high >= 11)
                _svg.Add(
                    $"<text x=\"{x + ((BarWide - 2) / 2):0.#}\" y=\"{y + 9:0.#}\" text-anchor=\"middle\" class=\"says tiny\"><tspan "
                        + $"class=\"letter\">{letters[..1]}</tspan></text>");
            _svg.Append("</g>");
        }
    }

    private void Due()
    {
        for (var b = 0; b < _view.Day.Batches.Count; b++)
        {
            var batch = _view.Day.Batches[b];
            var late = _view.Plan.Ready[b] > batch.Due;
            var y = Y(_view.Plan.Ready[b]);
            var same = Enumerable.Range(0, b).Count(o => _view.Plan.Ready[o] == _view.Plan.Ready[b]);
            var says = late
                ? $"is ready at {_view.DayAndClock(_view.Plan.Ready[b])}, {DayView.HowLong(_view.Plan.Ready[b] - batch.Due)} late"
                : $"is wanted at {_view.DayAndClock(batch.Due)}";
            _svg.Add(
                    $"<g class=\"due{(late ? " late" : "")}{(_followed is { } f && f != b ? " dim" : "")}\">"
                        + $"<title>{DayView.LetterOf(b)} {Svg.Text(batch.Name)} × {batch.Pies} "
                        + $"{says}</title><rect x=\"{_wide - 40 - (same * 20):0.#}\" y=\"{y - 8:0.#}\" width=\"18\" height=\"16\" rx=\"8\" "
                        + $"class=\"flag\"/><text x=\"{_wide - 31 - (same * 20):0.#}\" y=\"{y + 4:0.#}\" text-anchor=\"middle\" "
                        + $"class=\"flag-says\">{DayView.LetterOf(b)}</text></g>");
            if (same == 0)
                _svg.Add(
                    $"<line x1=\"{_coldAt - 4:0.#}\" x2=\"{_wide - 2:0}\" y1=\"{y:0.#}\" y2=\"{y:0.#}\" "
                        + $"class=\"due-line{(late ? " late" : "")}\"/>");
        }
    }

    private void Now()
    {
        var now = _view.Open.Now;
        if (_busy.Count == 0 || now < _busy[0].From || now > _busy[^1].To)
            return;
        var y = Y(now);
        _svg.Add(
            $"<g class=\"now\"><line x1=\"0\" x2=\"{_wide:0}\" y1=\"{y:0.#}\" y2=\"{y:0.#}\"/><rect x=\"2\" y=\"{y - 8:0.#}\" "
                + $"width=\"34\" height=\"16\" rx=\"3\"/><text x=\"19\" y=\"{y + 4:0.#}\" text-anchor=\"middle\">now</text></g>");
    }

    private void Follow(int batch)
    {
        var mine = _view.Placed.Where(p => _view.Day.Works[p.Index].Batches.Contains(batch)).Select(p => p.Index).ToHashSet();
        foreach (var gap in _view.Day.Gaps.Where(g => mine.Contains(g.From) && mine.Contains(g.To)))
        {
            if (!_boxes.TryGetValue(gap.From, out var a) || !_boxes.TryGetValue(gap.To, out var b))
                continue;
            var (x1, y1, x2, y2) = (a.X + (a.Wide / 2), a.Y + a.High, b.X + (b.Wide / 2), b.Y);
            var bend = Math.Max(6, (y2 - y1) / 2);
            _svg.Add(
                $"<path d=\"M{x1:0.#} {y1:0.#} C{x1:0.#} {y1 + bend:0.#} {x2:0.#} {y2 - bend:0.#} {x2:0.#} {y2:0.#}\" "
                    + $"class=\"follow{(gap.IsTie ? "" : " long")}\"/>");
        }
    }
}
