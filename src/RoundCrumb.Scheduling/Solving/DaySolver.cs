using System.Diagnostics;
using Google.OrTools.Sat;
using RoundCrumb.Scheduling.Model;

namespace RoundCrumb.Scheduling.Solving;

/// <summary>How long and how a day is solved.</summary>
public sealed record SolveOptions
{
    /// <summary>Seconds in all.</summary>
    public double Seconds { get; init; } = 10;

    /// <summary>Solver threads. One, with a deterministic limit, gives the same plan every time.</summary>
    public int Workers { get; init; } = 2;

    /// <summary>Where chance begins.</summary>
    public int Seed { get; init; } = 1;

    /// <summary>True to stop by work done, not by the clock.</summary>
    public bool Deterministic { get; init; }

    /// <summary>A plan to begin from; none to begin from nothing.</summary>
    public Plan? Known { get; init; }

    /// <summary>
    /// True to stay near the known plan rather than to bake in as few hours as can be: for a plan that is pinned, moved or under way.
    /// </summary>
    public bool StayNear { get; init; }

    /// <summary>True to stop as soon as it is known how late it has to be.</summary>
    public bool OnlyLateness { get; init; }
}

/// <summary>Where a solve stands.</summary>
/// <param name="Plan">The best plan so far.</param>
/// <param name="Lateness">Its lateness, minutes over all batches.</param>
/// <param name="OvenOn">Its ovens' minutes.</param>
/// <param name="LatenessProven">True when less lateness is impossible.</param>
/// <param name="OvenOnProven">True when, being no later, ovens cannot be on for less.</param>
/// <param name="Seconds">Since it began.</param>
public sealed record SolveProgress(Plan Plan, int Lateness, int OvenOn, bool LatenessProven, bool OvenOnProven, double Seconds);

/// <summary>What came of a solve.</summary>
/// <param name="Plan">The plan; none where none exists, or none was found in the time.</param>
/// <param name="NoneExists">True when it is proven that there is none, however late.</param>
/// <param name="LatenessProven">True when less lateness is impossible.</param>
/// <param name="OvenOnProven">True when, being no later, ovens cannot be on for less.</param>
public sealed record Solution(Plan? Plan, bool NoneExists, bool LatenessProven, bool OvenOnProven);

/// <summary>
/// Puts a day on the clock: first as little lateness as can be, then the ovens on as briefly as can be, then as fresh as can be.
/// </summary>
public sealed class DaySolver
{
    private const int Small = 12;
    private const int ADay = 24 * 60 / Slot.Minutes;
    private const double LongestWait = 40;
    private const double LongestFreshening = 4;
    private readonly Day _day;
    private readonly SolveOptions _options;
    private readonly Action<SolveProgress>? _report;
    private readonly CancellationToken _cancel;
    private readonly Stopwatch _watch = Stopwatch.StartNew();
    private readonly HashSet<int> _none = [];
    private readonly Random _random;
    private Plan? _best;
    private Plan? _hint;
    private (int Lateness, int OvenOn) _standing = (int.MaxValue, int.MaxValue);
    private bool _latenessProven;
    private bool _ovenProven;
    private double _spent;

    private DaySolver(Day day, SolveOptions options, Action<SolveProgress>? report, CancellationToken cancel) =>
        (_day, _options, _report, _cancel, _random) = (day, options, report, cancel, new Random(options.Seed));

    /// <summary>Solves a day.</summary>
    /// <param name="day">The day.</param>
    /// <param name="options">How.</param>
    /// <param name="report">Told of every better plan, on the solver's thread.</param>
    /// <param name="cancel">Stops it; the best plan so far is what comes of it.</param>
    public static Solution Solve(
        Day day, SolveOptions? options = null, Action<SolveProgress>? report = null, CancellationToken cancel = default) =>
        new DaySolver(day, options ?? new(), report, cancel).Solve();

    private double Left => _options.Seconds - (_options.Deterministic ? _spent : _watch.Elapsed.TotalSeconds);

    private Solution Solve()
    {
        if (_day.Batches.Count == 0)
            return new(new([], [], [], []), false, true, true);

        // A plan that is known is a hint and no more: what was pinned since may have made it wrong.
        var known = _hint = _options.Known;
        var large = _day.Batches.Count > Small;
        if (!large)
        {
            var first = Run(Whole(Aim.Lateness), Left * 0.7);

            // On a busy machine the time may be up before there is anything: a first plan is waited for.
            for (
                var wait = 4.0; first is CpSolverStatus.Unknown && _best is null && wait < LongestWait
                    && !_cancel.IsCancellationRequested; wait *= 2)
                first = Run(Whole(Aim.Lateness), wait);
            if (first is CpSolverStatus.Infeasible)
                return new(null, true, false, false);
            _latenessProven = first is CpSolverStatus.Optimal;
        }
        else
        {
            if (known is not null)
                _latenessProven = Run(Whole(Aim.Lateness), Left * 0.4) is CpSolverStatus.Optimal;
            if (_best is null && !Construct())
                return new(null, false, false, false);
        }

        if (_best is null)
            return new(null, false, false, false);
        Report();
        if (!_latenessProven && _standing.Lateness == 0)
            _latenessProven = true;
        if (large && !_latenessProven)
            Improve(Aim.Lateness, Left * (_options.OnlyLateness ? 1 : 0.75));
        if (!_options.OnlyLateness && Left > 0.05 && !_cancel.IsCancellationRequested)
        {
            if (_options.StayNear && known is not null)
            {
                Run(Whole(Aim.Nearness) with { Known = known, MostLateness = _standing.Lateness }, Left);
            }
            else
            {
                // The whole at once where that can be proven, a few batches at a time where it cannot.
                var status = Run(
                    Whole(Aim.OvenOn) with { Known = _best, MostLateness = _standing.Lateness },
                    large ? Math.Min(1.5, Left * 0.3) : Left * 0.7);
                _ovenProven = status is CpSolverStatus.Optimal && _latenessProven;
                if (large && !_ovenProven)
                    Improve(Aim.OvenOn, Left * 0.6);
                Report();
                if (Left > 0.05)
                {
                    if (!large)
                        Run(
                            Whole(Aim.Freshness) with { Known = _best, MostLateness = _standing.Lateness, MostOvenOn = _standing.OvenOn },
                            Math.Min(Left, LongestFreshening));
                    else
                        Improve(Aim.Freshness, Left);
                }
            }
        }

        Report();
        return new(_best, false, _latenessProven, _ovenProven);
    }

    private Scope Whole(Aim aim) => new() { Aim = aim, Out = _none, Frozen = _none, Known = _best ?? _hint };

    /// <summary>
    /// By deadline, three at a time, the earlier ones staying where they are; where that does not go, some of them are let go again.
    /// </summary>
    private bool Construct()
    {
        var left = Enumerable.Range(0, _day.Batches.Count).OrderBy(b => _day.Batches[b].Due).ThenBy(b => b).ToList();
        var tight = Partners(ADay - 1);
        var partners = Partners(ADay);
        var placed = new HashSet<int>();
        Plan? plan = null;
        const int Together = 3;
        var each = _options.Deterministic ? 0.45 : Math.Min(0.45, _options.Seconds * 0.25 * Together / _day.Batches.Count);
        while (left.Count > 0)
        {
            // What is made in one go is put on the clock in one go.
            var next = new List<int>();
            foreach (var b in left)
            {
                if (next.Count >= Together)
                    break;
                if (!next.Contains(b))
                    next.AddRange(left.Where(o => o == b || tight[b].Contains(o)).Except(next));
            }

            left.RemoveAll(next.Contains);
            var rest = left.ToHashSet();
            for (var free = 0; ; free = free == 0 ? 4 : free * 2)
            {
                if (_cancel.IsCancellationRequested)
                    return false;
                var frozen = placed.OrderByDescending(b => next.Any(n => partners[n].Contains(b)))
                    .ThenByDescending(b => _day.Batches[b].Due).Skip(free).ToHashSet();
                var scope = new Scope { Aim = Aim.Lateness, Out = rest, Frozen = frozen, Known = plan };
                Plan? found = null;
                var status = Run(scope, free == 0 ? each : frozen.Count == 0 ? Math.Max(1, Left * 0.6) : 1, p => found = p);
                if (found is not null)
                {
                    plan = found;
                    break;
                }

                if (frozen.Count == 0 && (free > 0 || placed.Count == 0))
                {
                    if (status is CpSolverStatus.Infeasible || Left < 0.1)
                        return false;
                }
            }

            placed.UnionWith(next);
        }

        Take(plan!, Aim.Lateness);
        return true;
    }

    /// <summary>For each batch those that it shares work with that can stand for so many slots at most.</summary>
    private List<HashSet<int>> Partners(int slots)
    {
        var partners = _day.Batches.Select(_ => new HashSet<int>()).ToList();
        for (var i = 0; i < _day.Works.Count; i++)
        {
            if (_day.Works[i].Batches.Count < 2 || !_day.Gaps.Any(g => g.From == i && g.Most <= slots) && _day.Gaps.Any(g => g.From == i))
                continue;
            foreach (var b in _day.Works[i].Batches)
                partners[b].UnionWith(_day.Works[i].Batches);
        }

        return partners;
    }

    /// <summary>Some batches at a time are let go, the rest staying where they are.</summary>
    private void Improve(Aim aim, double seconds)
    {
        var until = Left - seconds;
        var many = 5;
        var barren = 0;
        while (Left > until + 0.05 && !_cancel.IsCancellationRequested)
        {
            if (aim is Aim.Lateness && _standing.Lateness == 0)
            {
                _latenessProven = true;
                return;
            }

            var free = Chosen(aim, Math.Min(many, _day.Batches.Count));
            var frozen = Enumerable.Range(0, _day.Batches.Count).Where(b => !free.Contains(b)).ToHashSet();
            var before = _standing;
            var scope = new Scope
            {
                Aim = aim,
                Out = _none,
                Frozen = frozen,
                Known = _best,
                MostLateness = aim is Aim.Lateness ? null : _standing.Lateness,
                MostOvenOn = aim is Aim.Freshness ? _standing.OvenOn : null,
            };
            Run(scope, Math.Min(1.0, Math.Max(0.1, Left - until)));
            barren = _standing == before ? barren + 1 : 0;
            if (barren > 6)
                (many, barren) = (Math.Min(_day.Batches.Count, many + 2), 0);
        }
    }

    /// <summary>A late batch with those that stand in its way; or, for the ovens, those that share a run; or any.</summary>
    private HashSet<int> Chosen(Aim aim, int many)
    {
        var plan = _best!;
        var late = Enumerable.Range(0, _day.Batches.Count).Where(b => plan.Ready[b] > _day.Batches[b].Due).ToList();
        var chosen = new HashSet<int>();
        var middle = aim is Aim.Lateness && late.Count > 0 ? late[_random.Next(late.Count)] : _random.Next(_day.Batches.Count);
        chosen.Add(middle);
        var (from, to) = Span(plan, middle);
        var near = Enumerable.Range(0, _day.Batches.Count).Where(b => b != middle)
            .Select(b => (b, Overlap: Near(plan, b, from, to) + _random.Next(30))).OrderByDescending(x => x.Overlap).Select(x => x.b);
        foreach (var b in near.Take(many - 1))
            chosen.Add(b);
        return chosen;
    }

    private (int From, int To) Span(Plan plan, int batch)
    {
        var mine = Enumerable.Range(0, _day.Works.Count).Where(i => _day.Works[i].Batches.Contains(batch)).ToList();
        return (mine.Min(i => plan.Starts[i]), Math.Max(plan.Ready[batch], mine.Max(i => plan.EndOf(_day, i))));
    }

    private int Near(Plan plan, int batch, int from, int to)
    {
        var sum = 0;
        for (var i = 0; i < _day.Works.Count; i++)
        {
            if (_day.Works[i].Batches.Contains(batch))
                sum += Math.Max(0, Math.Min(to, plan.EndOf(_day, i)) - Math.Max(from, plan.Starts[i]));
        }

        return sum;
    }

    private void Take(Plan plan, Aim aim)
    {
        // On its way a solve may pass through plans that are worse in what it does not aim at.
        var standing = (Lateness: plan.Lateness(_day), OvenOn: plan.OvenOn(_day));
        if (_best is not null && aim is not Aim.Nearness
                && (standing.Lateness, standing.OvenOn).CompareTo((_standing.Lateness, _standing.OvenOn)) > 0)
            return;
        _best = plan;
        if (standing == _standing)
            return;
        _standing = standing;
        Report();
    }

    private void Report()
    {
        if (_best is not null)
            _report?.Invoke(
                new(
                    _best, _standing.Lateness * Slot.Minutes, _standing.OvenOn * Slot.Minutes, _latenessProven, _ovenProven,
                    _watch.Elapsed.TotalSeconds));
    }

    private CpSolverStatus Run(Scope scope, double seconds, Action<Plan>? take = null)
    {
        if (seconds <= 0 || _cancel.IsCancellationRequested)
            return CpSolverStatus.Unknown;
        var model = new DayConstraints(_day, scope);
        var solver = new CpSolver
        {
            StringParameters = _options.Deterministic
                ? FormattableString.Invariant($"num_workers:1 random_seed:{_options.Seed} max_deterministic_time:{seconds} ")
                : FormattableString.Invariant(
                    $"num_workers:{_options.Workers} random_seed:{_options.Seed} max_time_in_seconds:{seconds:0.###} "),
        };
        using var callback = new Solutions(model, take ?? (p => Take(p, scope.Aim)));
        using var stop = _cancel.Register(solver.StopSearch);
        var status = solver.Solve(model.Model, callback);
        if (status is CpSolverStatus.ModelInvalid)
            throw new InvalidOperationException("The model is not valid: " + model.Model.Validate());
        if (_options.Deterministic)
            _spent += Math.Max(0.01, solver.Response?.DeterministicTime ?? seconds);
        return status;
    }

    private sealed class Solutions(DayConstraints model, Action<Plan> take) : CpSolverSolutionCallback
    {
        public override void OnSolutionCallback() => take(model.Read(v => Value(v), b => BooleanValue(b)));
    }
}
