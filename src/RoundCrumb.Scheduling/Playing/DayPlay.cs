using RoundCrumb.Core.Steps;
using RoundCrumb.Scheduling.Model;

namespace RoundCrumb.Scheduling.Playing;

/// <summary>How one play of a day went, in minutes since the first midnight.</summary>
/// <param name="Starts">When each work was begun.</param>
/// <param name="Ends">When each work was done.</param>
/// <param name="Ready">When each batch was ready.</param>
/// <param name="Waited">For each work what it had to wait for last: another work; -1 for its planned time or its waits alone.</param>
public sealed record Played(double[] Starts, double[] Ends, double[] Ready, int[] Waited);

/// <summary>
/// Plays a planned day by its own order of work: each step begins as soon as what it waits for is done and its hands, tool and oven are
/// free, not before its planned time; of two that could begin, the one planned first. What is due at an oven's door comes before all else.
/// Whoever has begun something finishes it, also after hours.
/// </summary>
public sealed class DayPlay
{
    private const double Tiny = 1e-6;

    private readonly Day _day;
    private readonly Plan _plan;
    private readonly Draw _draw;
    private readonly PriorityQueue<int, double> _times = new();
    private readonly int[] _atWork;
    private readonly int[] _order;
    private readonly int[] _before;
    private readonly List<(int To, double Least)>[] _after;
    private readonly double[] _earliest;
    private readonly double[] _starts;
    private readonly double[] _ends;
    private readonly bool[] _begun;
    private readonly int[] _waited;
    private readonly int[] _tools = new int[4];
    private readonly int[] _shelves;
    private readonly int[] _run;
    private readonly int[] _leftInRun;
    private readonly double[] _runReady;
    private readonly List<(double End, int Work, bool Finishes)> _hands = [];
    private readonly List<(double Due, int Work, int Touch)> _door = [];
    private int _lastFreed = -1;

    private DayPlay(Day day, Plan plan, Draw draw, Frame frame)
    {
        (_day, _plan, _draw) = (day, plan, draw);
        (_atWork, _order, _after, _run) = (frame.AtWork, frame.Order, frame.After, frame.Run);
        var works = day.Works.Count;
        _before = [.. frame.Before];
        _earliest = [.. plan.Starts.Select(s => (double)s * Slot.Minutes)];
        _starts = new double[works];
        _ends = new double[works];
        _begun = new bool[works];
        _waited = new int[works];
        Array.Fill(_waited, -1);
        _shelves = new int[day.Ovens.Count];
        _leftInRun = new int[plan.Runs.Count];
        foreach (var run in _run.Where(r => r >= 0))
            _leftInRun[run]++;
        _runReady = new double[plan.Runs.Count];
        for (var r = 0; r < plan.Runs.Count; r++)
            _runReady[r] = frame.Earlier[r] < 0 ? Ready(r, double.NegativeInfinity) : double.PositiveInfinity;
    }

    /// <summary>What is the same in every play of a day.</summary>
    /// <param name="AtWork">How many are at work in each slot.</param>
    /// <param name="Order">The works in the order in which they are planned.</param>
    /// <param name="Before">How many waits end at each work.</param>
    /// <param name="After">What waits for each work, and how many minutes at least.</param>
    /// <param name="Run">The run of the plan that each load is in; -1 for hands.</param>
    /// <param name="Earlier">The run before each in the same oven; -1 for the first.</param>
    internal sealed record Frame(
        int[] AtWork, int[] Order, int[] Before, List<(int To, double Least)>[] After, int[] Run, int[] Earlier)
    {
        public static Frame Of(Day day, Plan plan)
        {
            var after = day.Works.Select(_ => new List<(int, double)>()).ToArray();
            var before = new int[day.Works.Count];
            foreach (var gap in day.Gaps)
            {
                after[gap.From].Add((gap.To, gap.Least * (double)Slot.Minutes));
                before[gap.To]++;
            }

            int RunOf(int work) => plan.Runs.Index().Where(
                r => r.Item.Oven == plan.Ovens[work] && r.Item.Heat == day.Works[work].Load!.Heat && r.Item.From <= plan.Starts[work]
                    && plan.Starts[work] < r.Item.To).Select(r => r.Index).DefaultIfEmpty(-1).First();
            return new(
                day.AtWork(), [.. Enumerable.Range(0, day.Works.Count).OrderBy(i => plan.Starts[i]).ThenBy(i => i)], before, after,
                [.. day.Works.Select((w, i) => w.Load is null ? -1 : RunOf(i))],
                [
                    .. plan.Runs.Select(
                        r => plan.Runs.Index().Where(x => x.Item.Oven == r.Oven && x.Item.From < r.From).OrderByDescending(x => x.Item.From)
                            .Select(x => x.Index).DefaultIfEmpty(-1).First())
                ]);
        }
    }

    /// <summary>Plays a day once.</summary>
    public static Played Once(Day day, Plan plan, Draw draw) => Once(day, plan, draw, Frame.Of(day, plan));

    internal static Played Once(Day day, Plan plan, Draw draw, Frame frame) => new DayPlay(day, plan, draw, frame).Play(frame);

    /// <summary>When a run is hot: switched on as planned, or when the last of the run before is out.</summary>
    private double Ready(int run, double freed)
    {
        var planned = (_plan.Runs[run].From - _day.Ovens[_plan.Runs[run].Oven].WarmUp) * (double)Slot.Minutes;
        return Math.Max(planned, freed) + _draw.WarmUps[run];
    }

    private Played Play(Frame frame)
    {
        foreach (var time in _earliest)
            _times.Enqueue(-1, time);
        foreach (var hot in _runReady.Where(double.IsFinite))
            _times.Enqueue(-1, hot);
        foreach (var shift in _day.Shifts)
        {
            _times.Enqueue(-1, shift.From * (double)Slot.Minutes);
            _times.Enqueue(-1, shift.To * (double)Slot.Minutes);
        }

        _times.Enqueue(-1, _day.AfterHours * (double)Slot.Minutes);
        var first = 0;
        var last = double.NegativeInfinity;
        while (_times.TryDequeue(out _, out var now))
        {
            if (now <= last + Tiny)
                continue;
            last = now;
            Free(now, frame);
            Door(now, frame);
            while (first < _order.Length && _begun[_order[first]])
                first++;
            if (first == _order.Length && _door.Count == 0 && _hands.Count == 0)
                break;
            for (var k = first; k < _order.Length; k++)
            {
                var i = _order[k];
                if (!_begun[i] && _before[i] == 0 && _earliest[i] <= now + Tiny)
                    Begin(i, now);
            }
        }

        var ready = new double[_day.Batches.Count];
        foreach (var ending in _day.Endings)
            ready[ending.Batch] = Math.Max(ready[ending.Batch], _ends[ending.From] + (ending.Least * Slot.Minutes));
        return new(_starts, _ends, ready, _waited);
    }

    /// <summary>Hands that are done with something are free again.</summary>
    private void Free(double now, Frame frame)
    {
        for (var h = _hands.Count - 1; h >= 0; h--)
        {
            if (_hands[h].End > now + Tiny)
                continue;
            var (_, work, finishes) = _hands[h];
            _hands.RemoveAt(h);
            _lastFreed = work;
            if (_day.Works[work].Load is null)
                _tools[(int)_day.Works[work].Tool]--;
            if (finishes)
                Done(work, now, frame);
        }
    }

    private void Done(int work, double now, Frame frame)
    {
        _ends[work] = now;
        foreach (var (to, least) in _after[work])
        {
            if (now + least > _earliest[to] - Tiny)
                (_earliest[to], _waited[to]) = (now + least, work);
            if (--_before[to] == 0)
                _times.Enqueue(-1, _earliest[to]);
        }

        if (_run[work] is not (>= 0 and var run))
            return;
        _shelves[_plan.Ovens[work]] -= _day.Works[work].Load!.Shelves[_plan.Ovens[work]];
        if (--_leftInRun[run] > 0)
            return;
        for (var next = 0; next < frame.Earlier.Length; next++)
        {
            if (frame.Earlier[next] != run)
                continue;
            _runReady[next] = Ready(next, now);
            _times.Enqueue(-1, _runReady[next]);
        }
    }

    /// <summary>What is due at an oven's door is done as soon as a hand is free; until then it stays in.</summary>
    private void Door(double now, Frame frame)
    {
        while (_door.Count > 0 && _door[0].Due <= now + Tiny && FreeHands(now) > 0)
        {
            var (_, work, touch) = _door[0];
            _door.RemoveAt(0);
            var end = now + _draw.Touches[work][touch];
            var isLast = touch + 1 == _draw.Touches[work].Length;
            _hands.Add((end, work, false));
            _times.Enqueue(-1, end);

            // It is out as the last of them begins: what follows need not wait for it to be carried to the rack.
            if (isLast)
                Done(work, now, frame);
            else
                Wait(end + _draw.Stages[work][touch + 1], work, touch + 1);
        }
    }

    private void Wait(double due, int work, int touch)
    {
        var at = _door.FindIndex(d => d.Due > due);
        _door.Insert(at < 0 ? _door.Count : at, (due, work, touch));
        _times.Enqueue(-1, due);
    }

    private int FreeHands(double now) =>
        _atWork[Math.Clamp((int)Math.Floor((now + Tiny) / Slot.Minutes), 0, _atWork.Length - 1)] - _hands.Count;

    private void Begin(int work, double now)
    {
        var w = _day.Works[work];
        if (w.Load is not { } load)
        {
            var many = w.Tool switch
            {
                Tool.Burner => _day.Burners,
                Tool.Mixer => _day.Mixers,
                Tool.Processor => _day.Processors,
                Tool.None => 0,
            };
            if (FreeHands(now) <= 0 || (many > 0 && _tools[(int)w.Tool] >= many))
                return;
            (_begun[work], _starts[work]) = (true, now);
            _waited[work] = now > _earliest[work] + Tiny ? _lastFreed : _waited[work];
            _tools[(int)w.Tool]++;
            var end = now + _draw.Hands[work];
            _hands.Add((end, work, true));
            _times.Enqueue(-1, end);
            return;
        }

        var oven = _plan.Ovens[work];
        if ((_run[work] >= 0 && _runReady[_run[work]] > now + Tiny) || _shelves[oven] + load.Shelves[oven] > _day.Ovens[oven].Shelves)
            return;
        (_begun[work], _starts[work]) = (true, now);
        _shelves[oven] += load.Shelves[oven];
        Wait(now + _draw.Stages[work][0], work, 0);
    }
}
