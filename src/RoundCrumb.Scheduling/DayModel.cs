using Google.OrTools.Sat;
using Google.OrTools.Util;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Steps;

namespace RoundCrumb.Scheduling;

/// <summary>What a solve is to make as small as it can.</summary>
internal enum Aim
{
    /// <summary>Slots that batches are late.</summary>
    Lateness,

    /// <summary>Slots that ovens are on.</summary>
    OvenOn,

    /// <summary>Pies that are long made, waits that fall short of their best, days that begin early.</summary>
    Freshness,

    /// <summary>How far work is moved from a plan that is known.</summary>
    Nearness,
}

/// <summary>What of a day is solved, and how.</summary>
internal sealed record Scope
{
    public required Aim Aim { get; init; }

    /// <summary>Batches that are left out altogether.</summary>
    public required IReadOnlySet<int> Out { get; init; }

    /// <summary>Batches whose work stays where <see cref="Known"/> has it.</summary>
    public required IReadOnlySet<int> Frozen { get; init; }

    /// <summary>A plan that is known; hinted throughout.</summary>
    public Plan? Known { get; init; }

    /// <summary>No later in all than this.</summary>
    public int? MostLateness { get; init; }

    /// <summary>Ovens on no longer than this.</summary>
    public int? MostOvenOn { get; init; }
}

/// <summary>A day as the solver sees it. Times are slots; waits are intervals as long as they turn out, glued to both neighbours, so that they hold their place in the cold for as long as they really last.</summary>
internal sealed class DayModel
{
    private readonly Day _day;
    private readonly Scope _scope;
    private readonly CpModel _model = new();
    private readonly IntVar[] _start;
    private readonly IntVar[] _ready;
    private readonly BoolVar?[][] _in;
    private readonly bool[] _works;
    private readonly List<Campaign> _campaigns = [];
    private readonly int[] _hands;
    private readonly List<Window> _windows = [];
    private LinearExpr _lateness = LinearExpr.Constant(0);
    private LinearExpr _ovenOn = LinearExpr.Constant(0);

    private sealed record Campaign(int Oven, int Heat, int Slot, IntVar Start, IntVar Length, IntVar End, BoolVar Present);

    private readonly record struct Window(int From, int To);

    public DayModel(Day day, Scope scope)
    {
        (_day, _scope) = (day, scope);
        _hands = day.AtWork();
        FindWindows();
        _start = new IntVar[day.Works.Count];
        _ready = new IntVar[day.Batches.Count];
        _in = new BoolVar?[day.Works.Count][];
        _works = [.. day.Works.Select(w => w.Batches.Any(b => !scope.Out.Contains(b)))];
        Times();
        Hands();
        Tools();
        Cold();
        Pans();
        Ovens();
        Objective();
    }

    public CpModel Model => _model;

    /// <summary>True for a work of which every batch stays as it is.</summary>
    private bool IsFrozen(int work) => _scope.Known is not null && _day.Works[work].Batches.All(b => _scope.Frozen.Contains(b) || _scope.Out.Contains(b));

    private void FindWindows()
    {
        for (var t = 0; t <= _day.Horizon;)
        {
            if (_hands[t] == 0)
            {
                t++;
                continue;
            }

            var from = t;
            while (t <= _day.Horizon && _hands[t] > 0)
                t++;
            _windows.Add(new(from, Math.Min(t, _day.Horizon)));
        }
    }

    /// <summary>Where a stretch of hands may begin.</summary>
    private Domain HandsDomain(int length, int offset)
    {
        var intervals = _windows.Where(w => w.To - w.From >= length).Select(w => new long[] { Math.Max(0, w.From - offset), w.To - length - offset }).Where(i => i[1] >= i[0]).ToArray();
        return intervals.Length == 0 ? Domain.FromValues([_day.Horizon - length - offset]) : Domain.FromIntervals(intervals);
    }

    private void Times()
    {
        for (var i = 0; i < _day.Works.Count; i++)
        {
            if (!_works[i])
                continue;
            var w = _day.Works[i];
            if (_day.Done.TryGetValue(i, out var done))
                _start[i] = _model.NewConstant(done.Start);
            else if (IsFrozen(i))
                _start[i] = _model.NewConstant(_scope.Known!.Starts[i]);
            else if (_day.Pinned.TryGetValue(i, out var pinned))
                _start[i] = _model.NewConstant(pinned);
            else
            {
                var domain = w.IsHands ? HandsDomain(w.Length, 0) : w.Load!.Touches.Aggregate(new Domain(0, _day.Horizon - w.Length), (d, touch) => d.IntersectionWith(HandsDomain(touch.Length, touch.After)));
                domain = domain.IntersectionWith(new Domain(_day.Now, _day.Horizon));
                if (domain.IsEmpty())
                    domain = Domain.FromValues([_day.Horizon - w.Length]);
                _start[i] = _model.NewIntVarFromDomain(domain, "");
                if (_scope.Known is { } known && known.Starts[i] >= 0)
                    _model.AddHint(_start[i], known.Starts[i]);
            }
        }

        foreach (var gap in _day.Gaps)
        {
            if (!_works[gap.From] || !_works[gap.To] || IsHistory(gap.From, gap.To))
                continue;
            var length = _day.Works[gap.From].Length;

            // Once the clock runs a wait may have become too long; it is not made impossible by that.
            var most = _day.Done.ContainsKey(gap.From) ? _day.Horizon : gap.Most;
            _model.AddLinearConstraint(_start[gap.To] - _start[gap.From], length + gap.Least, length + most);
        }

        var late = new List<LinearExpr>();
        for (var b = 0; b < _day.Batches.Count; b++)
        {
            if (_scope.Out.Contains(b))
                continue;
            var batch = _day.Batches[b];
            _ready[b] = _scope.Known is { } known && _scope.Frozen.Contains(b) ? _model.NewConstant(known.Ready[b]) : _model.NewIntVar(batch.Due, _day.Horizon + Day.Overtime, "");
            if (_scope.Known is { } hint && !_scope.Frozen.Contains(b) && hint.Ready[b] >= 0)
                _model.AddHint(_ready[b], Math.Max(batch.Due, hint.Ready[b]));
            late.Add(_ready[b] - batch.Due);
            if (batch.Filled.Any(_day.Done.ContainsKey))
                continue;
            foreach (var filled in batch.Filled)
                _model.Add(_ready[b] - _start[filled] <= _day.Works[filled].Length + batch.Keeps);
            if (batch.Topped is { } topped && !_day.Done.ContainsKey(topped))
                _model.Add(_ready[b] - _start[topped] <= _day.Works[topped].Length + batch.HoldsMost);
        }

        foreach (var ending in _day.Endings.Where(e => !_scope.Out.Contains(e.Batch)))
        {
            var most = _day.Done.ContainsKey(ending.From) ? (2 * _day.Horizon) + ending.Most : ending.Most;
            _model.AddLinearConstraint(_ready[ending.Batch] - _start[ending.From], _day.Works[ending.From].Length + ending.Least, _day.Works[ending.From].Length + most);
        }

        _lateness = LinearExpr.Sum(late);
    }

    private bool IsHistory(int from, int to) => _day.Done.ContainsKey(from) && _day.Done.ContainsKey(to);

    private void Hands()
    {
        var most = Math.Max(1, _hands.Max());
        var all = _model.AddCumulative(most);
        for (var t = 0; t < _day.Horizon;)
        {
            var from = t;
            var count = _hands[t];
            while (t < _day.Horizon && _hands[t] == count)
                t++;
            if (count > 0 && count < most)
                all.AddDemand(_model.NewFixedSizeIntervalVar(_model.NewConstant(from), t - from, ""), most - count);
        }

        for (var i = 0; i < _day.Works.Count; i++)
        {
            // What is done took hands that nobody asks back.
            if (!_works[i] || _day.Done.ContainsKey(i))
                continue;
            var w = _day.Works[i];
            if (w.IsHands)
                all.AddDemand(_model.NewFixedSizeIntervalVar(_start[i], w.Length, ""), 1);
            else
            {
                foreach (var touch in w.Load!.Touches)
                    all.AddDemand(_model.NewFixedSizeIntervalVar(_start[i] + touch.After, touch.Length, ""), 1);
            }
        }
    }

    private void Tools()
    {
        foreach (var (tool, many) in new[] { (Tool.Burner, _day.Burners), (Tool.Mixer, _day.Mixers), (Tool.Processor, _day.Processors) })
        {
            // Without a processor crumbs are crushed by hand, which is no reason not to.
            var users = Enumerable.Range(0, _day.Works.Count).Where(i => _works[i] && _day.Works[i].IsHands && _day.Works[i].Tool == tool && !_day.Done.ContainsKey(i)).ToList();
            if (many <= 0 || users.Count <= many)
                continue;
            var all = _model.AddCumulative(many);
            foreach (var i in users)
                all.AddDemand(_model.NewFixedSizeIntervalVar(_start[i], _day.Works[i].Length, ""), 1);
        }
    }

    private void Cold()
    {
        foreach (var kind in new[] { ColdKind.Fridge, ColdKind.Freezer })
        {
            var at = kind is ColdKind.Fridge ? WaitsAt.Fridge : WaitsAt.Freezer;
            var intervals = new List<(IntervalVar Interval, Takes Takes)>();
            foreach (var gap in _day.Gaps.Where(g => g.At == at && g.Takes.Units > 0 && _works[g.From] && _works[g.To] && !IsHistory(g.From, g.To)))
            {
                var length = _day.Works[gap.From].Length;
                var size = _model.NewIntVar(gap.Least, _day.Done.ContainsKey(gap.From) ? _day.Horizon : gap.Most, "");
                intervals.Add((_model.NewIntervalVar(_start[gap.From] + length, size, _start[gap.To] + 0, ""), gap.Takes));
                if (_scope.Known is { } known && known.Starts[gap.From] >= 0 && known.Starts[gap.To] >= 0)
                    _model.AddHint(size, known.Starts[gap.To] - known.Starts[gap.From] - length);
            }

            foreach (var ending in _day.Endings.Where(e => e.At == at && e.Takes.Units > 0 && !_scope.Out.Contains(e.Batch)))
            {
                var length = _day.Works[ending.From].Length;
                var size = _model.NewIntVar(ending.Least, _day.Done.ContainsKey(ending.From) ? 2 * _day.Horizon : ending.Most, "");
                intervals.Add((_model.NewIntervalVar(_start[ending.From] + length, size, _ready[ending.Batch] + 0, ""), ending.Takes));
                if (_scope.Known is { } known && known.Starts[ending.From] >= 0)
                    _model.AddHint(size, known.Ready[ending.Batch] - known.Starts[ending.From] - length);
            }

            // Narrow pans go anywhere; wider ones only where there is room for them, which is counted besides.
            var limits = _day.Cold.Where(c => c.Kind == kind).Select(c => c.Widest).Distinct().Order().ToList();
            for (var k = 0; k < limits.Count; k++)
            {
                var width = k == 0 ? 0 : limits[k];
                var over = k == 0 ? -1 : limits[k - 1];
                var users = intervals.Where(i => i.Takes.Width > over).ToList();
                if (users.Count == 0)
                    continue;
                var all = _model.AddCumulative(_day.RoomFor(kind, width)!.Value);
                foreach (var (interval, takes) in users)
                    all.AddDemand(interval, takes.Units);
            }
        }
    }

    private void Pans()
    {
        foreach (var pan in _day.Pans)
        {
            var users = Enumerable.Range(0, _day.Batches.Count).Where(b => !_scope.Out.Contains(b) && _day.Batches[b].Pan == pan.Pan).ToList();
            if (users.Sum(b => _day.Batches[b].Pies) <= pan.Owned)
                continue;
            var all = _model.AddCumulative(pan.Owned);
            foreach (var b in users)
            {
                var from = _day.Batches[b].PansFrom;
                var size = _model.NewIntVar(0, 2 * _day.Horizon, "");
                all.AddDemand(_model.NewIntervalVar(_start[from] + 0, size, _ready[b] + 0, ""), _day.Batches[b].Pies);
                if (_scope.Known is { } known && known.Starts[from] >= 0)
                    _model.AddHint(size, known.Ready[b] - known.Starts[from]);
            }
        }
    }

    private void Ovens()
    {
        var loads = Enumerable.Range(0, _day.Works.Count).Where(i => _works[i] && !_day.Works[i].IsHands).ToList();
        if (loads.Count == 0)
            return;
        var shelves = _day.Ovens.Select(o => _model.AddCumulative(o.Shelves)).ToArray();
        var redundant = _day.Ovens.Count > 1 && loads.All(i => _day.Works[i].Load!.Shelves.Where(s => s > 0).Distinct().Count() <= 1) ? _model.AddCumulative(_day.Ovens.Sum(o => o.Shelves)) : null;
        var perOven = _day.Ovens.Select(_ => new List<IntervalVar>()).ToArray();
        var cost = new List<LinearExpr>();
        var presence = new Dictionary<(int Load, int Oven), BoolVar>();
        foreach (var i in loads)
        {
            var load = _day.Works[i].Load!;
            _in[i] = new BoolVar?[_day.Ovens.Count];
            var allowed = Enumerable.Range(0, _day.Ovens.Count).Where(o => Allowed(i, o)).ToList();
            foreach (var o in allowed)
            {
                var here = allowed.Count == 1 ? (BoolVar)_model.TrueLiteral() : _model.NewBoolVar("");
                _in[i][o] = here;
                presence[(i, o)] = here;
                shelves[o].AddDemand(_model.NewOptionalFixedSizeIntervalVar(_start[i], _day.Works[i].Length, here, ""), load.Shelves[o]);
                if (_scope.Known is { } known && known.Ovens[i] >= 0 && allowed.Count > 1)
                    _model.AddHint(here, known.Ovens[i] == o);
            }

            if (allowed.Count > 1)
                _model.AddExactlyOne(allowed.Select(o => (ILiteral)presence[(i, o)]));
            redundant?.AddDemand(_model.NewFixedSizeIntervalVar(_start[i], _day.Works[i].Length, ""), load.Shelves.First(s => s > 0));
        }

        foreach (var heat in loads.GroupBy(i => _day.Works[i].Load!.Heat))
        {
            var groups = heat.GroupBy(i => _day.Works[i].Stage).Select(g => g.ToList()).ToList();
            var literals = groups.Select(_ => new List<ILiteral>()).ToArray();
            var sum = new List<LinearExpr>();
            var presents = new List<ILiteral>();
            for (var o = 0; o < _day.Ovens.Count; o++)
            {
                var here = Enumerable.Range(0, groups.Count).Where(g => groups[g].Any(i => _in[i][o] is not null)).ToList();
                if (here.Count == 0)
                    continue;
                var known = _scope.Known?.Runs.Where(r => r.Oven == o && r.Heat == heat.Key).OrderBy(r => r.From).ToList() ?? [];
                var count = Math.Min(here.Count, Math.Max(_day.End > 24 * 60 / Slot.Minutes ? 4 : 3, known.Count + 1));
                Campaign? before = null;
                var mine = new List<Campaign>(count);
                for (var k = 0; k < count; k++)
                {
                    var c = new Campaign(o, heat.Key, k, _model.NewIntVar(0, _day.Horizon, ""), _model.NewIntVar(0, _day.Horizon, ""), _model.NewIntVar(0, _day.Horizon, ""), _model.NewBoolVar(""));
                    _model.Add(c.Length == 0).OnlyEnforceIf(c.Present.Not());
                    _model.Add(c.Start == 0).OnlyEnforceIf(c.Present.Not());
                    _model.Add(c.End == c.Start + c.Length);
                    var warm = _day.Ovens[o].WarmUp;
                    perOven[o].Add(_model.NewOptionalIntervalVar(c.Start - warm, c.Length + warm, c.End, c.Present, ""));
                    if (before is not null)
                    {
                        _model.AddImplication(c.Present, before.Present);
                        _model.Add(c.Start >= before.End).OnlyEnforceIf(c.Present);
                    }

                    if (_scope.Known is not null)
                    {
                        _model.AddHint(c.Present, k < known.Count);
                        if (k < known.Count)
                        {
                            _model.AddHint(c.Start, known[k].From);
                            _model.AddHint(c.Length, known[k].To - known[k].From);
                            _model.AddHint(c.End, known[k].To);
                        }
                        else
                        {
                            _model.AddHint(c.Length, 0);
                            _model.AddHint(c.Start, 0);
                            _model.AddHint(c.End, 0);
                        }
                    }

                    sum.Add(c.Length);
                    presents.Add(c.Present);
                    cost.Add(c.Length + (warm * c.Present));
                    mine.Add(c);
                    _campaigns.Add(c);
                    before = c;
                }

                foreach (var g in here)
                {
                    foreach (var c in mine)
                    {
                        var x = _model.NewBoolVar("");
                        literals[g].Add(x);
                        _model.AddImplication(x, c.Present);
                        foreach (var i in groups[g])
                        {
                            if (_in[i][o] is not { } there)
                            {
                                _model.AddBoolAnd([x.Not()]);
                                continue;
                            }

                            _model.AddImplication(x, there);
                            _model.Add(_start[i] >= c.Start).OnlyEnforceIf(x);
                            _model.Add(_start[i] + _day.Works[i].Length <= c.End).OnlyEnforceIf(x);
                        }

                        if (_scope.Known is { } plan && plan.Ovens[groups[g][0]] >= 0)
                            _model.AddHint(x, plan.Ovens[groups[g][0]] == o && c.Slot < known.Count && known[c.Slot].From <= plan.Starts[groups[g][0]] && plan.Starts[groups[g][0]] < known[c.Slot].To);
                    }
                }
            }

            foreach (var list in literals)
                _model.AddExactlyOne(list);

            // What the bound is found by: a heat that is used at all is on as long as its longest chain and as its pans need.
            var roomiest = _day.Ovens.Max(o => o.Shelves);
            var energy = heat.Sum(i => _day.Works[i].Length * _day.Works[i].Load!.Shelves.Where(s => s > 0).DefaultIfEmpty(1).Min());
            var longest = heat.Max(i => _day.Works[i].Length);
            _model.Add(LinearExpr.Sum(sum) >= Math.Max(longest, (energy + roomiest - 1) / roomiest));
            _model.AddBoolOr(presents);
        }

        foreach (var intervals in perOven.Where(p => p.Count > 1))
            _model.AddNoOverlap(intervals);
        _ovenOn = LinearExpr.Sum(cost);
    }

    private bool Allowed(int work, int oven)
    {
        if (_day.Done.TryGetValue(work, out var done))
            return done.Oven == oven;
        if (IsFrozen(work))
            return _scope.Known!.Ovens[work] == oven;
        return _day.Works[work].Load!.Shelves[oven] is > 0 and var s && s <= _day.Ovens[oven].Shelves;
    }

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

    private LinearExpr Moved()
    {
        var moved = new List<LinearExpr>();
        for (var i = 0; i < _day.Works.Count; i++)
        {
            if (!_works[i] || _scope.Known!.Starts[i] < 0 || _day.Done.ContainsKey(i))
                continue;
            var by = _model.NewIntVar(0, _day.Horizon, "");
            _model.AddAbsEquality(by, _start[i] - _scope.Known.Starts[i]);
            moved.Add(by);
        }

        return LinearExpr.Sum(moved);
    }

    /// <summary>Everything as late as it can be, the filled pies above all; a set that falls short of its best counts as much as a stale hour.</summary>
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

        foreach (var ending in _day.Endings.Where(e => e.Best > e.Least && !_scope.Out.Contains(e.Batch) && !_scope.Frozen.Contains(e.Batch)))
            terms.Add(4 * Short(ending.Best, _ready[ending.Batch] - _start[ending.From] - _day.Works[ending.From].Length));
        foreach (var gap in _day.Gaps.Where(g => !g.IsTie && g.Best > g.Least && _works[g.From] && _works[g.To] && !IsFrozen(g.From)))
            terms.Add(2 * Short(gap.Best, _start[gap.To] - _start[gap.From] - _day.Works[gap.From].Length));
        return LinearExpr.Sum(terms);
    }

    private IntVar Short(int best, LinearExpr is_)
    {
        var by = _model.NewIntVar(0, best, "");
        _model.Add(by >= best - is_);
        return by;
    }

    /// <summary>The plan that the solver stands at.</summary>
    public Plan Read(Func<IntVar, long> value, Func<BoolVar, bool> holds)
    {
        var starts = new int[_day.Works.Count];
        var ovens = new int[_day.Works.Count];
        for (var i = 0; i < starts.Length; i++)
        {
            starts[i] = _works[i] ? (int)value(_start[i]) : -1;
            ovens[i] = -1;
            if (!_works[i] || _in[i] is not { } here)
                continue;
            ovens[i] = Array.FindIndex(here, b => b is not null && holds(b));
        }

        var ready = new int[_day.Batches.Count];
        for (var b = 0; b < ready.Length; b++)
        {
            // Ready as soon as the last of it has set, and never before it is wanted; the solver may have left it standing.
            ready[b] = _scope.Out.Contains(b) ? -1 : _day.Endings.Where(e => e.Batch == b).Max(e => starts[e.From] + _day.Works[e.From].Length + e.Least);
            if (!_scope.Out.Contains(b))
                ready[b] = Math.Min((int)value(_ready[b]), Math.Max(_day.Batches[b].Due, ready[b]));
        }

        return new(starts, ovens, ready, RunsOf(_day, starts, ovens, _campaigns.Where(c => holds(c.Present)).Select(c => new OvenRun(c.Oven, c.Heat, (int)value(c.Start), (int)value(c.End)))));
    }

    /// <summary>The runs, drawn tight round what is baked in them.</summary>
    private static List<OvenRun> RunsOf(Day day, int[] starts, int[] ovens, IEnumerable<OvenRun> campaigns)
    {
        var runs = new List<OvenRun>();
        foreach (var c in campaigns)
        {
            var inside = Enumerable.Range(0, starts.Length).Where(i => ovens[i] == c.Oven && day.Works[i].Load!.Heat == c.Heat && starts[i] >= c.From && starts[i] + day.Works[i].Length <= c.To).ToList();
            if (inside.Count > 0)
                runs.Add(c with { From = inside.Min(i => starts[i]), To = inside.Max(i => starts[i] + day.Works[i].Length) });
        }

        runs.Sort((a, b) => a.From != b.From ? a.From.CompareTo(b.From) : a.Oven.CompareTo(b.Oven));
        return runs;
    }
}
