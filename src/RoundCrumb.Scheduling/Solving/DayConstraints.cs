using Google.OrTools.Sat;
using Google.OrTools.Util;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Steps;
using RoundCrumb.Scheduling.Model;

namespace RoundCrumb.Scheduling.Solving;

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

/// <summary>
/// A day as the solver sees it. Times are slots; waits are intervals as long as they turn out, glued to both neighbours, so that they hold
/// their place in the cold for as long as they really last.
/// </summary>
internal sealed partial class DayConstraints
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
    private readonly IReadOnlyList<(int From, int To)> _windows;
    private LinearExpr _lateness = LinearExpr.Constant(0);
    private LinearExpr _ovenOn = LinearExpr.Constant(0);

    private sealed record Campaign(int Oven, int Heat, int Slot, IntVar Start, IntVar Length, IntVar End, BoolVar Present);

    public DayConstraints(Day day, Scope scope)
    {
        (_day, _scope) = (day, scope);
        _hands = day.AtWork();
        _windows = day.Open();
        _start = new IntVar[day.Works.Count];
        _ready = new IntVar[day.Batches.Count];
        _in = new BoolVar?[day.Works.Count][];
        _works = [.. day.Works.Select(w => w.Batches.Any(b => !scope.Out.Contains(b)))];
        Times();
        Hands();
        Tools();
        Cold();
        Heat();
        Pans();
        Ovens();
        Objective();
    }

    public CpModel Model => _model;

    /// <summary>True for a work of which every batch stays as it is.</summary>
    private bool IsFrozen(int work) =>
        _scope.Known is not null && _day.Works[work].Batches.All(b => _scope.Frozen.Contains(b) || _scope.Out.Contains(b));

    /// <summary>Where a stretch of hands may begin.</summary>
    private Domain HandsDomain(int length, int offset)
    {
        var intervals = _windows.Where(w => w.To - w.From >= length)
            .Select(w => new long[] { Math.Max(0, w.From - offset), w.To - length - offset }).Where(i => i[1] >= i[0]).ToArray();
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
                var domain = w.IsHands
                    ? HandsDomain(w.Length, 0)
                    : w.Load!.Touches.Aggregate(
                        new Domain(0, _day.Horizon - w.Length), (d, touch) => d.IntersectionWith(HandsDomain(touch.Length, touch.After)));
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
            _ready[b] = _scope.Known is { } known && _scope.Frozen.Contains(b)
                ? _model.NewConstant(known.Ready[b])
                : _model.NewIntVar(batch.Due, _day.Horizon + Day.Overtime, "");
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
            _model.AddLinearConstraint(
                _ready[ending.Batch] - _start[ending.From], _day.Works[ending.From].Length + ending.Least,
                _day.Works[ending.From].Length + most);
        }

        _lateness = LinearExpr.Sum(late);
    }

    private bool IsHistory(int from, int to) => _day.Done.ContainsKey(from) && _day.Done.ContainsKey(to);

    private void Hands()
    {
        var most = Math.Max(1, _hands.Max());
        var all = _model.AddCumulative(most);
        var free = Free();
        for (var t = 0; t < _day.Horizon;)
        {
            var from = t;
            var (count, here) = (free[t], _hands[t] > 0);
            while (t < _day.Horizon && free[t] == count && _hands[t] > 0 == here)
                t++;
            if (here && count < most)
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

    /// <summary>How many hands are free in each slot: those at work less those that what is under way holds.</summary>
    private int[] Free()
    {
        int[] free = [.. _hands];
        foreach (var (from, to) in _day.Held)
        {
            for (var t = Math.Max(0, from); t < Math.Min(to, free.Length); t++)
                free[t] = Math.Max(0, free[t] - 1);
        }

        return free;
    }

    private void Tools()
    {
        foreach (var (tool, many) in new[] { (Tool.Burner, _day.Burners), (Tool.Mixer, _day.Mixers), (Tool.Processor, _day.Processors) })
        {
            // Without a processor crumbs are crushed by hand, which is no reason not to.
            var users = Enumerable.Range(0, _day.Works.Count)
                .Where(i => _works[i] && _day.Works[i].IsHands && _day.Works[i].Tool == tool && !_day.Done.ContainsKey(i)).ToList();
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
            foreach (
                var gap in _day.Gaps.Where(
                    g => g.At == at && g.Takes.Units > 0 && _works[g.From] && _works[g.To] && !IsHistory(g.From, g.To)))
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
            foreach (var (over, room) in _day.ColdLimits(kind))
            {
                var users = intervals.Where(i => i.Takes.Width > over).ToList();
                if (users.Count == 0)
                    continue;
                var all = _model.AddCumulative(room);
                foreach (var (interval, takes) in users)
                    all.AddDemand(interval, takes.Units);
            }
        }
    }

    /// <summary>
    /// The fridge takes only so much heat at a time: an hour of much and two of less after each batch of hot pies. What has begun is not
    /// argued with, nor is what has to follow it.
    /// </summary>
    private void Heat()
    {
        if (_day.HeatRoom is not { } room)
            return;
        var users = _day.Heats.Where(
            h => _works[h.Work] && h.AtFirst > 0 && !_day.Done.ContainsKey(h.Work)
                && !_day.Gaps.Any(g => g.To == h.Work && _day.Done.ContainsKey(g.From))).ToList();
        if (users.Sum(h => h.AtFirst) <= room)
            return;
        var all = _model.AddCumulative(room);
        foreach (var heat in users)
        {
            var goesIn = _start[heat.Work] + _day.Works[heat.Work].Length;
            all.AddDemand(_model.NewFixedSizeIntervalVar(goesIn, DayHeat.First, ""), heat.AtFirst);
            if (heat.Then > 0)
                all.AddDemand(_model.NewFixedSizeIntervalVar(goesIn + DayHeat.First, DayHeat.After, ""), heat.Then);
        }
    }

    private void Pans()
    {
        foreach (var pan in _day.Pans)
        {
            var users = Enumerable.Range(0, _day.Batches.Count).Where(b => !_scope.Out.Contains(b) && _day.Batches[b].Pan == pan.Pan)
                .ToList();
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
            ready[b] = _scope.Out.Contains(b)
                ? -1
                : _day.Endings.Where(e => e.Batch == b).Max(e => starts[e.From] + _day.Works[e.From].Length + e.Least);
            if (!_scope.Out.Contains(b))
                ready[b] = Math.Min((int)value(_ready[b]), Math.Max(_day.Batches[b].Due, ready[b]));
        }

        return new(
            starts, ovens, ready,
            RunsOf(
                _day, starts, ovens,
                _campaigns.Where(c => holds(c.Present)).Select(c => new OvenRun(c.Oven, c.Heat, (int)value(c.Start), (int)value(c.End)))));
    }

    /// <summary>The runs, drawn tight round what is baked in them.</summary>
    private static List<OvenRun> RunsOf(Day day, int[] starts, int[] ovens, IEnumerable<OvenRun> campaigns)
    {
        var runs = new List<OvenRun>();
        foreach (var c in campaigns)
        {
            var inside = Enumerable.Range(0, starts.Length)
                .Where(
                    i =>
                        ovens[i] == c.Oven && day.Works[i].Load!.Heat == c.Heat && starts[i] >= c.From
                            && starts[i] + day.Works[i].Length <= c.To)
                .ToList();
            if (inside.Count > 0)
                runs.Add(c with { From = inside.Min(i => starts[i]), To = inside.Max(i => starts[i] + day.Works[i].Length) });
        }

        runs.Sort((a, b) => a.From != b.From ? a.From.CompareTo(b.From) : a.Oven.CompareTo(b.Oven));
        return runs;
    }
}
