using Google.OrTools.Sat;

namespace RoundCrumb.Scheduling.Solving;

/// <summary>What a solve makes as small as it can.</summary>
internal sealed partial class DayConstraints
{
    /// <summary>What a slot that somebody has to be here counts, against a slot that one piece of work is begun earlier.</summary>
    private const int WeightOfHours = 8;

    /// <summary>What a work that is moved at all counts, against a slot that one is moved by.</summary>
    private const int WeightOfMove = 6;

    private void Objective()
    {
        if (_scope.MostLateness is { } lateness)
            _model.Add(_lateness <= lateness);
        if (_scope.MostOvenOn is { } oven)
            _model.Add(_ovenOn <= oven);
        switch (_scope.Aim)
        {
            case Aim.Lateness:
                _model.Minimize(_lateness);
                break;
            case Aim.OvenOn:
                _model.Minimize(_ovenOn);
                break;
            case Aim.Nearness:
                _model.Minimize(Moved());
                break;
            default:
                _model.Minimize(Freshness());
                break;
        }
    }

    /// <summary>As few works moved as can be, and those by as little as can be.</summary>
    private LinearExpr Moved()
    {
        var moved = new List<LinearExpr>();
        for (var i = 0; i < _day.Works.Count; i++)
        {
            if (!_works[i] || _scope.Known!.Starts[i] < 0 || _day.Done.ContainsKey(i))
                continue;
            var by = _model.NewIntVar(0, _day.Horizon, "");
            _model.AddAbsEquality(by, _start[i] - _scope.Known.Starts[i]);
            var moves = _model.NewBoolVar("");
            _model.Add(by <= moves * _day.Horizon);
            moved.Add(by);
            moved.Add(moves * WeightOfMove);
        }

        return LinearExpr.Sum(moved);
    }

    /// <summary>
    /// Everything as late as it can be, the filled pies above all; a set that falls short of its best counts as much as a stale hour.
    /// </summary>
    private LinearExpr Freshness()
    {
        var terms = new List<LinearExpr>();
        for (var i = 0; i < _day.Works.Count; i++)
        {
            if (_works[i] && !IsFrozen(i))
                terms.Add(_day.Horizon - _start[i]);
        }

        for (var b = 0; b < _day.Batches.Count; b++)
        {
            if (_scope.Out.Contains(b) || _scope.Frozen.Contains(b))
                continue;
            foreach (var filled in _day.Batches[b].Filled)
                terms.Add(2 * (_ready[b] - _start[filled]));
        }

        foreach (
            var ending in _day.Endings.Where(e => e.Best > e.Least && !_scope.Out.Contains(e.Batch) && !_scope.Frozen.Contains(e.Batch)))
            terms.Add(4 * Short(ending.Best, _ready[ending.Batch] - _start[ending.From] - _day.Works[ending.From].Length));
        foreach (var gap in _day.Gaps.Where(g => !g.IsTie && g.Best > g.Least && _works[g.From] && _works[g.To] && !IsFrozen(g.From)))
            terms.Add(2 * Short(gap.Best, _start[gap.To] - _start[gap.From] - _day.Works[gap.From].Length));
        terms.AddRange(Attended());
        return LinearExpr.Sum(terms);
    }

    /// <summary>From the first hands to the last of each stretch of hours: what is done at odd hours keeps somebody here for it.</summary>
    private IEnumerable<LinearExpr> Attended()
    {
        var hands = Enumerable.Range(0, _day.Works.Count).Where(i => _works[i] && !_day.Done.ContainsKey(i))
            .SelectMany(
                i =>
                    _day.Works[i].Load is { } load
                        ? load.Touches.Select(t => (Work: i, t.After, t.Length))
                        : [(Work: i, After: 0, _day.Works[i].Length)])
            .Select(h => (h.Work, h.After, h.Length, In: new List<ILiteral>())).ToList();
        foreach (var (from, to) in _windows)
        {
            var first = _model.NewIntVar(from, to, "");
            var last = _model.NewIntVar(from, to, "");
            _model.Add(last >= first);
            foreach (var (work, after, length, in_) in hands)
            {
                var begins = _start[work] + after;
                if (_windows.Count == 1)
                {
                    _model.Add(first <= begins);
                    _model.Add(last >= begins + length);
                    continue;
                }

                var here = _model.NewBoolVar("");
                in_.Add(here);
                _model.Add(begins >= first).OnlyEnforceIf(here);
                _model.Add(begins + length <= last).OnlyEnforceIf(here);
                if (_scope.Known is { } known && known.Starts[work] >= 0)
                    _model.AddHint(here, known.Starts[work] + after >= from && known.Starts[work] + after < to);
            }

            if (_scope.Known is { } hint && hint.Starts.All(s => s >= 0))
            {
                var there = hint.HandsOf(_day).Where(h => h.From >= from && h.From < to).ToList();
                _model.AddHint(first, there.Count == 0 ? from : there.Min(h => h.From));
                _model.AddHint(last, there.Count == 0 ? from : there.Max(h => h.To));
            }

            yield return WeightOfHours * (last - first);
        }

        foreach (var (_, _, _, in_) in hands.Where(h => h.In.Count > 0))
            _model.AddExactlyOne(in_);
    }

    private IntVar Short(int best, LinearExpr is_)
    {
        var by = _model.NewIntVar(0, best, "");
        _model.Add(by >= best - is_);
        return by;
    }
}
