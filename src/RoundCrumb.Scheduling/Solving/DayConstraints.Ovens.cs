using Google.OrTools.Sat;
using RoundCrumb.Scheduling.Model;

namespace RoundCrumb.Scheduling.Solving;

/// <summary>Ovens: shelves, and runs at one heat in which the loads lie.</summary>
internal sealed partial class DayConstraints
{
    private void Ovens()
    {
        var loads = Enumerable.Range(0, _day.Works.Count).Where(i => _works[i] && !_day.Works[i].IsHands).ToList();
        if (loads.Count == 0)
            return;
        var shelves = _day.Ovens.Select(o => _model.AddCumulative(o.Shelves)).ToArray();
        var redundant = _day.Ovens.Count > 1 && loads.All(i => _day.Works[i].Load!.Shelves.Where(s => s > 0).Distinct().Count() <= 1)
            ? _model.AddCumulative(_day.Ovens.Sum(o => o.Shelves))
            : null;
        var perOven = _day.Ovens.Select(_ => new List<IntervalVar>()).ToArray();
        var cost = new List<LinearExpr>();
        foreach (var i in loads)
            Place(i, shelves, redundant);
        foreach (var heat in loads.GroupBy(i => _day.Works[i].Load!.Heat))
            AtOneHeat(heat.Key, [.. heat], perOven, cost);

        foreach (var intervals in perOven.Where(p => p.Count > 1))
            _model.AddNoOverlap(intervals);
        _ovenOn = LinearExpr.Sum(cost);
    }

    /// <summary>A load into one of the ovens that it may go into.</summary>
    private void Place(int i, CumulativeConstraint[] shelves, CumulativeConstraint? redundant)
    {
        var load = _day.Works[i].Load!;
        _in[i] = new BoolVar?[_day.Ovens.Count];
        var presence = new Dictionary<int, BoolVar>();
        var allowed = Enumerable.Range(0, _day.Ovens.Count).Where(o => Allowed(i, o)).ToList();
        foreach (var o in allowed)
        {
            var here = allowed.Count == 1 ? (BoolVar)_model.TrueLiteral() : _model.NewBoolVar("");
            _in[i][o] = here;
            presence[o] = here;
            shelves[o].AddDemand(_model.NewOptionalFixedSizeIntervalVar(_start[i], _day.Works[i].Length, here, ""), load.Shelves[o]);
            if (_scope.Known is { } known && known.Ovens[i] >= 0 && allowed.Count > 1)
                _model.AddHint(here, known.Ovens[i] == o);
        }

        if (allowed.Count > 1)
            _model.AddExactlyOne(allowed.Select(o => (ILiteral)presence[o]));
        redundant?.AddDemand(_model.NewFixedSizeIntervalVar(_start[i], _day.Works[i].Length, ""), load.Shelves.First(s => s > 0));
    }

    /// <summary>The loads of one heat: the runs in which each oven is at it, and which load lies in which.</summary>
    private void AtOneHeat(int heat, List<int> loads, List<IntervalVar>[] perOven, List<LinearExpr> cost)
    {
        var groups = loads.GroupBy(i => _day.Works[i].Stage).Select(g => g.ToList()).ToList();
        var literals = groups.Select(_ => new List<ILiteral>()).ToArray();
        var sum = new List<LinearExpr>();
        var presents = new List<ILiteral>();
        for (var o = 0; o < _day.Ovens.Count; o++)
        {
            var here = Enumerable.Range(0, groups.Count).Where(g => groups[g].Any(i => _in[i][o] is not null)).ToList();
            if (here.Count == 0)
                continue;
            var known = _scope.Known?.Runs.Where(r => r.Oven == o && r.Heat == heat).OrderBy(r => r.From).ToList() ?? [];
            var count = Math.Min(here.Count, Math.Max(_day.End > 24 * 60 / Slot.Minutes ? 4 : 3, known.Count + 1));
            var mine = new List<Campaign>(count);
            for (var k = 0; k < count; k++)
            {
                var c = Run(o, heat, k, mine.LastOrDefault(), perOven[o]);
                if (_scope.Known is not null)
                    HintRun(c, k < known.Count ? known[k] : null);
                sum.Add(c.Length);
                presents.Add(c.Present);
                cost.Add(c.Length + (_day.Ovens[o].WarmUp * c.Present));
                mine.Add(c);
                _campaigns.Add(c);
            }

            foreach (var g in here)
            {
                foreach (var c in mine)
                    literals[g].Add(LiesIn(groups[g], o, c, known));
            }
        }

        foreach (var list in literals)
            _model.AddExactlyOne(list);

        // What the bound is found by: a heat that is used at all is on as long as its longest chain and as its pans need.
        var roomiest = _day.Ovens.Max(o => o.Shelves);
        var energy = loads.Sum(i => _day.Works[i].Length * _day.Works[i].Load!.Shelves.Where(s => s > 0).DefaultIfEmpty(1).Min());
        var longest = loads.Max(i => _day.Works[i].Length);
        _model.Add(LinearExpr.Sum(sum) >= Math.Max(longest, (energy + roomiest - 1) / roomiest));
        _model.AddBoolOr(presents);
    }

    /// <summary>One run of an oven at a heat, after the one before; it has to be warmed up for it.</summary>
    private Campaign Run(int oven, int heat, int number, Campaign? before, List<IntervalVar> busy)
    {
        var c = new Campaign(
            oven, heat, number, _model.NewIntVar(0, _day.Horizon, ""), _model.NewIntVar(0, _day.Horizon, ""),
            _model.NewIntVar(0, _day.Horizon, ""), _model.NewBoolVar(""));
        _model.Add(c.Length == 0).OnlyEnforceIf(c.Present.Not());
        _model.Add(c.Start == 0).OnlyEnforceIf(c.Present.Not());
        _model.Add(c.End == c.Start + c.Length);
        var warm = _day.Ovens[oven].WarmUp;
        busy.Add(_model.NewOptionalIntervalVar(c.Start - warm, c.Length + warm, c.End, c.Present, ""));
        if (before is not null)
        {
            _model.AddImplication(c.Present, before.Present);
            _model.Add(c.Start >= before.End).OnlyEnforceIf(c.Present);
        }

        return c;
    }

    private void HintRun(Campaign c, OvenRun? known)
    {
        _model.AddHint(c.Present, known is not null);
        if (known is { } run)
        {
            _model.AddHint(c.Start, run.From);
            _model.AddHint(c.Length, run.To - run.From);
            _model.AddHint(c.End, run.To);
        }
        else
        {
            _model.AddHint(c.Length, 0);
            _model.AddHint(c.Start, 0);
            _model.AddHint(c.End, 0);
        }
    }

    /// <summary>Whether the loads of one stage lie in a run.</summary>
    private BoolVar LiesIn(List<int> stage, int oven, Campaign c, List<OvenRun> known)
    {
        var x = _model.NewBoolVar("");
        _model.AddImplication(x, c.Present);
        foreach (var i in stage)
        {
            if (_in[i][oven] is not { } there)
            {
                _model.AddBoolAnd([x.Not()]);
                continue;
            }

            _model.AddImplication(x, there);
            _model.Add(_start[i] >= c.Start).OnlyEnforceIf(x);
            _model.Add(_start[i] + _day.Works[i].Length <= c.End).OnlyEnforceIf(x);
        }

        if (_scope.Known is { } plan && plan.Ovens[stage[0]] >= 0)
        {
            var start = plan.Starts[stage[0]];
            _model.AddHint(
                x, plan.Ovens[stage[0]] == oven && c.Slot < known.Count && known[c.Slot].From <= start && start < known[c.Slot].To);
        }

        return x;
    }

    private bool Allowed(int work, int oven)
    {
        if (_day.Done.TryGetValue(work, out var done))
            return done.Oven == oven;
        if (IsFrozen(work))
            return _scope.Known!.Ovens[work] == oven;
        return _day.Works[work].Load!.Shelves[oven] is > 0 and var s && s <= _day.Ovens[oven].Shelves;
    }
}
