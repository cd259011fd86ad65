using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Steps;
using RoundCrumb.Scheduling.Model;

namespace RoundCrumb.TestKit;

/// <summary>
/// The baseline: order by order as they fall due, every piece of work as early as hands, tools, shelves and places
/// allow; where a wait would become too long, what came before it is put off. It joins nothing between orders and never
/// goes back to an order that it has placed.
/// </summary>
public sealed class GreedyDay
{
    private readonly Day _day;
    private readonly int _end;
    private readonly int[] _hands;
    private readonly int[] _busy;
    private readonly Dictionary<Tool, int[]> _tools = [];
    private readonly int[][] _shelves;
    private readonly int[][] _heat;
    private readonly Dictionary<WaitsAt, int[]> _cold = [];
    private readonly int[] _start;
    private readonly int[] _oven;

    private GreedyDay(Day day)
    {
        _day = day;
        _end = day.Horizon + 2000;
        _hands = new int[_end];
        Array.Fill(_hands, 1);
        day.AtWork().CopyTo(_hands, 0);
        _busy = new int[_end];
        foreach (var tool in Enum.GetValues<Tool>())
            _tools[tool] = new int[_end];
        _shelves = [.. day.Ovens.Select(_ => new int[_end])];
        _heat = [.. day.Ovens.Select(_ => new int[_end])];
        _cold[WaitsAt.Fridge] = new int[_end];
        _cold[WaitsAt.Freezer] = new int[_end];
        _start = new int[day.Works.Count];
        _oven = new int[day.Works.Count];
    }

    /// <summary>Slots that all orders together are late.</summary>
    public static int Lateness(Day day) => new GreedyDay(day).Place();

    private int Place()
    {
        var late = 0;
        foreach (var b in Enumerable.Range(0, _day.Batches.Count).OrderBy(b => _day.Batches[b].Due))
        {
            var works = Enumerable.Range(0, _day.Works.Count).Where(i => _day.Works[i].Batches[0] == b).ToList();
            var earliest = works.ToDictionary(i => i, _ => _day.Now);

            // Bakers do not begin a fresh pie days before: not before a day ahead of when it is wanted.
            var floor = Math.Max(_day.Now, _day.Batches[b].Due - (20 * 60 / Slot.Minutes));
            foreach (var i in works)
                earliest[i] = floor;
            var ready = 0;
            var placed = false;
            for (var attempt = 0; attempt < 4000 && !placed; attempt++)
                placed = Try(b, works, earliest, out ready);
            if (!placed)
                ready = _day.Horizon;
            else
                Fix(b, works, ready);
            late += Math.Max(0, ready - _day.Batches[b].Due);
        }

        return late;
    }

    private bool Try(int b, List<int> works, Dictionary<int, int> earliest, out int ready)
    {
        ready = 0;
        var mine = new HashSet<int>();
        foreach (var i in works)
        {
            var from = earliest[i];
            foreach (var gap in _day.Gaps.Where(g => g.To == i))
                from = Math.Max(from, _start[gap.From] + _day.Works[gap.From].Length + gap.Least);
            var t = from;
            while (t < _end - 600 && !Fits(i, t, mine))
                t++;
            if (t >= _end - 600)
                return false;
            _start[i] = t;
            mine.Add(i);
            foreach (var gap in _day.Gaps.Where(g => g.To == i))
            {
                var since = _start[gap.From] + _day.Works[gap.From].Length;
                if (t - since > gap.Most)
                {
                    earliest[gap.From] = t - gap.Most - _day.Works[gap.From].Length;
                    return false;
                }

                if (gap.Takes.Units > 0 && !Room(gap.At, since, t, gap.Takes.Units))
                {
                    earliest[gap.From] = Math.Max(earliest[gap.From], _start[gap.From] + 1);
                    return false;
                }
            }
        }

        var batch = _day.Batches[b];
        ready = batch.Due;
        foreach (var ending in _day.Endings.Where(e => e.Batch == b))
            ready = Math.Max(ready, _start[ending.From] + _day.Works[ending.From].Length + ending.Least);
        foreach (var ending in _day.Endings.Where(e => e.Batch == b))
        {
            var since = _start[ending.From] + _day.Works[ending.From].Length;
            if (ready - since > ending.Most || (ending.Takes.Units > 0 && !Room(ending.At, since, ready, ending.Takes.Units)))
            {
                earliest[ending.From] = _start[ending.From] + 1;
                return false;
            }
        }

        foreach (var filled in batch.Filled.Append(batch.Topped ?? batch.Filled[0]))
        {
            var most = filled == batch.Topped ? batch.HoldsMost : batch.Keeps;
            if (ready - _start[filled] - _day.Works[filled].Length > most)
            {
                earliest[filled] = ready - most - _day.Works[filled].Length;
                return false;
            }
        }

        return true;
    }

    private bool Fits(int i, int t, HashSet<int> mine)
    {
        var w = _day.Works[i];
        if (w.IsHands)
        {
            for (var u = t; u < t + w.Length; u++)
            {
                if (_busy[u] + Own(u, mine) >= _hands[u]
                        || (w.Tool is not Tool.None && Many(w.Tool) is > 0 and var many && _tools[w.Tool][u] >= many))
                    return false;
            }

            return true;
        }

        foreach (var touch in w.Load!.Touches)
        {
            for (var u = t + touch.After; u < t + touch.After + touch.Length; u++)
            {
                if (_busy[u] + Own(u, mine) >= _hands[u])
                    return false;
            }
        }

        for (var o = 0; o < _day.Ovens.Count; o++)
        {
            var need = w.Load.Shelves[o];
            if (need == 0)
                continue;
            var ok = true;
            var warm = _day.Ovens[o].WarmUp;
            for (var u = Math.Max(0, t - warm); u < t + w.Length + warm && ok; u++)
            {
                var inside = u >= t && u < t + w.Length;
                ok = (_heat[o][u] == 0 || _heat[o][u] == w.Load.Heat) && (!inside || _shelves[o][u] + need <= _day.Ovens[o].Shelves);
                foreach (
                    var other in mine.Where(
                        m => m != i && !_day.Works[m].IsHands && _oven[m] == o && u >= _start[m] && u < _start[m] + _day.Works[m].Length))
                    ok &= _day.Works[other].Load!.Heat == w.Load.Heat
                        && (!inside || _shelves[o][u] + need + _day.Works[other].Load!.Shelves[o] <= _day.Ovens[o].Shelves);
            }

            if (!ok)
                continue;
            _oven[i] = o;
            return true;
        }

        return false;
    }

    private int Own(int u, HashSet<int> mine)
    {
        var sum = 0;
        foreach (var m in mine)
        {
            var w = _day.Works[m];
            if (w.IsHands
                    ? u >= _start[m] && u < _start[m] + w.Length
                    : w.Load!.Touches.Any(x => u >= _start[m] + x.After && u < _start[m] + x.After + x.Length))
                sum++;
        }

        return sum;
    }

    private int Many(Tool tool) => tool switch { Tool.Burner => _day.Burners, Tool.Mixer => _day.Mixers, _ => _day.Processors };

    private bool Room(WaitsAt at, int from, int to, int units)
    {
        if (_day.RoomFor(at is WaitsAt.Fridge ? ColdKind.Fridge : ColdKind.Freezer, 0) is not { } room || at is WaitsAt.Bench)
            return true;
        for (var u = from; u < to; u++)
        {
            if (_cold[at][u] + units > room)
                return false;
        }

        return true;
    }

    private void Fix(int b, List<int> works, int ready)
    {
        foreach (var i in works)
        {
            var w = _day.Works[i];
            if (w.IsHands)
            {
                for (var u = _start[i]; u < _start[i] + w.Length; u++)
                {
                    _busy[u]++;
                    _tools[w.Tool][u]++;
                }

                continue;
            }

            foreach (var touch in w.Load!.Touches)
            {
                for (var u = _start[i] + touch.After; u < _start[i] + touch.After + touch.Length; u++)
                    _busy[u]++;
            }

            for (var u = _start[i]; u < _start[i] + w.Length; u++)
            {
                _shelves[_oven[i]][u] += w.Load.Shelves[_oven[i]];
                _heat[_oven[i]][u] = w.Load.Heat;
            }
        }

        foreach (var gap in _day.Gaps.Where(g => works.Contains(g.From) && g.Takes.Units > 0))
        {
            for (var u = _start[gap.From] + _day.Works[gap.From].Length; u < _start[gap.To]; u++)
                _cold[gap.At][u] += gap.Takes.Units;
        }

        foreach (var ending in _day.Endings.Where(e => e.Batch == b && e.Takes.Units > 0))
        {
            for (var u = _start[ending.From] + _day.Works[ending.From].Length; u < ready; u++)
                _cold[ending.At][u] += ending.Takes.Units;
        }
    }
}
