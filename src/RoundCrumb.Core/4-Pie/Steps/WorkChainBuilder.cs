using RoundCrumb.Core.Baking;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Cooling;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Toppings;

namespace RoundCrumb.Core.Steps;

/// <summary>Puts the chain together step by step.</summary>
internal sealed class WorkChainBuilder
{
    /// <summary>Where a strand has got to.</summary>
    /// <param name="Work">Its last work; none at the beginning.</param>
    /// <param name="Wait">What is waited after it.</param>
    /// <param name="At">Where.</param>
    /// <param name="Open">True while more hands can go straight on.</param>
    private sealed record Tail(int Work, MinuteRange Wait, WaitsAt At, bool Open, bool Waited);

    private readonly Assessment _pie;
    private readonly List<Step> _steps;
    private readonly List<Work> _works = new(24);
    private readonly List<Gap> _gaps = new(32);
    private readonly List<int> _filled = [];
    private readonly int _perLoad;
    private readonly Stock _stock;
    private List<Tail> _main = [];
    private List<Tail> _beside = [];
    private bool _poured;
    private int? _topped;
    private int? _pansFrom;

    public WorkChainBuilder(Assessment pie, Stock stock, int perLoad)
    {
        (_pie, _perLoad) = (pie, Math.Max(0, perLoad));
        _stock = stock.Suits(pie.Composition.Crust.Family) ? stock : Stock.Scratch;
        _steps = StockedSteps.Left(pie, _stock);
    }

    public WorkChain Build(bool served)
    {
        for (var i = 0; i < _steps.Count; i++)
            Add(i);

        // A pie keeps longer in the fridge than it takes to set there; what limits that is how long it keeps.
        var keeps = _pie.Times.Keeps.Value;
        foreach (
            var on in _pie.Toppings.Where(
                t => t.Choice.Topping.GoesOn is GoesOn.WithTheFilling && t.Choice.Topping.Kind is ToppingKind.Meringue))
            keeps = keeps with
            {
                Most = Math.Min(keeps.Most, on.Choice.Topping.Holds.Most),
                Best = Math.Min(keeps.Best, on.Choice.Topping.Holds.Most),
            };
        var cold = _steps.Any(s => s.Kind is StepKind.Set or StepKind.PutCreamOn);
        var endings = _main.Select(
            t =>
                new Ending(
                    t.Work, t.Wait with { Most = Math.Max(keeps.Most, t.Wait.Best) }, cold ? WaitsAt.Fridge : WaitsAt.Bench,
                    _works[t.Work].Pies)).ToList();
        var holds = _pie.Toppings.Where(t => t.Choice.Topping.GoesOn is not GoesOn.WithTheFilling).Select(t => t.Choice.Topping.Holds.Most)
            .DefaultIfEmpty(0).Min();
        if (served)
            endings = Served(endings);
        return new(_steps, _works, _gaps, endings, _filled, keeps, _topped, holds, _pansFrom ?? _filled[0]);
    }

    /// <summary>
    /// What stood until it was fetched stands until it is cut, in stretches that hands can bear; the plates go out as soon as the last is
    /// done.
    /// </summary>
    private List<Ending> Served(List<Ending> standing)
    {
        var step = Serving.Of(_pie).Step;
        step = step with { Id = new(step.Kind, "", 0) };
        _steps.Add(step);
        var plated = new List<Ending>();
        foreach (var (lane, ending) in standing.Index())
        {
            var most = Math.Max(1, (int)((StepConstants.LongestStretch.Usual - step.Hands.SetUp) / step.Hands.PerPie));
            var parts = (ending.Pies + most - 1) / most;
            for (var p = 0; p < parts; p++)
            {
                var pies = (ending.Pies * (p + 1) / parts) - (ending.Pies * p / parts);
                _works.Add(
                    new(
                        new(step.Id, false, new(lane, standing.Count), new(p, parts)), step.Part, step.Label, [_steps.Count - 1],
                        plated.Count == 0 ? step.Hands.SetUp : 0, step.Hands.PerPie * pies, Tool.None, pies, null, null));
                _gaps.Add(new(ending.From, _works.Count - 1, ending.Wait, ending.At, false, new(pies, 0)));
                plated.Add(new(_works.Count - 1, MinuteRange.None, WaitsAt.Bench, pies));
            }
        }

        // Where one stretch does not do, the first plates wait for the last.
        var after = 0.0;
        for (var k = plated.Count - 1; k >= 0; k--)
        {
            plated[k] = plated[k] with { Wait = new(0, 0, Serving.Stands.Usual + after) };
            after += _works[plated[k].From].Minutes;
        }

        return plated;
    }

    private void Add(int i)
    {
        var step = _steps[i];

        // What is made beside the pie and meets it later: the filling, and what a topping needs before it can go on.
        var beside = step.Part is StepPart.Filling
            || (
                step is { Part: StepPart.Topping, Where: Place.Hob or Place.Oven } && i + 1 < _steps.Count
                    && (_steps[i + 1].Kind, _steps[i + 1].Subject) == (step.Kind, step.Subject));
        // A hot pie may stand on the rack for a while, until the fridge can take its heat.
        if (step.Kind is StepKind.Set && _pie.FridgeHeat.Count > 0)
            _main = [.. _main.Select(t => t with { Open = false })];
        if (step.Bakes)
            Bake(i, beside);
        else
            Do(i, step.Hands, beside, step.Where);
        if (step.Where is not Place.Oven && step.Wait.Most > 0)
            Wait(step, beside);
    }

    private void Wait(Step step, bool beside)
    {
        var at = step.Where.WaitsAt;
        var tails = beside ? _beside : _main;
        for (var k = 0; k < tails.Count; k++)
            tails[k] = tails[k] with { Wait = tails[k].Wait + step.Wait, At = at, Open = false, Waited = true };
    }

    private void Do(int i, Hands hands, bool beside, Place where)
    {
        if (hands.Minutes <= 0)
            return;
        var step = _steps[i];
        var tool = where.Tool;
        var tails = beside ? _beside : _main;

        // Out of the oven onto a rack: no work of its own, but hands at the oven's door.
        if (tails.Count > 0 && !tails[0].Waited && tails[0].Work >= 0 && _works[tails[0].Work].Baking is not null && hands.SetUp == 0)
        {
            foreach (var tail in tails)
                TakeOut(tail.Work, hands.PerPie * _works[tail.Work].Pies, i);
            return;
        }

        var pour = step.Part is StepPart.Assembly && !_poured && LastPour(i);
        var lanes = pour && Baked(i)
            ? Loads
            : step.Part is StepPart.Crust && tails.Count <= 1 && NextBakes(i) ? Loads
            : tails.Count > 1 && !pour && step.Part is not StepPart.Topping ? tails.Count
            : 1;
        var meets = !beside && _beside.Count > 0;
        var joins = JoinOf(step);
        if (!meets && tails.Count == lanes && tails.Count > 0
                && tails.All(t => t.Open && _works[t.Work].Baking is null && Fits(_works[t.Work], tool, hands, lanes, joins)))
        {
            for (var k = 0; k < lanes; k++)
            {
                var w = _works[tails[k].Work];
                _works[tails[k].Work] = w with
                {
                    Steps = [.. w.Steps, i],
                    SetUp = w.SetUp + hands.SetUp,
                    More = w.More + (hands.PerPie * w.Pies),
                    Tool = w.Tool is Tool.None ? tool : w.Tool,
                    Label = hands.SetUp + (hands.PerPie * w.Pies) > w.SetUp + w.More ? step.Label : w.Label,
                };
                Remember(tails[k].Work, i, pour);
            }

            _poured |= pour;
            return;
        }

        var next = Begin(i, tails, lanes, tool, hands, beside, pour, joins);
        _poured |= pour;
        if (meets)
            _beside = [];
        Follow(beside, next);
    }

    /// <summary>Begins new work for each load, in stretches that hands can bear.</summary>
    private List<Tail> Begin(int i, List<Tail> tails, int lanes, Tool tool, Hands hands, bool beside, bool pour, JoinName? joins)
    {
        var step = _steps[i];
        var next = new List<Tail>(lanes);
        for (var k = 0; k < lanes; k++)
        {
            var pies = Share(lanes, k);
            var all = hands.SetUp + (hands.PerPie * pies);
            var parts = Math.Max(1, (int)Math.Ceiling(all / StepConstants.LongestStretch.Usual));
            var last = -1;
            for (var p = 0; p < parts; p++)
            {
                var at = _works.Count;
                _works.Add(
                    new(
                        new(step.Id, false, new(k, lanes), new(p, parts)), step.Part, step.Label, [i], p == 0 ? hands.SetUp : 0,
                        p == 0 ? (all / parts) - hands.SetUp : all / parts, tool, pies, null,
                        p == 0 && parts == 1 && !_works.Exists(w => w.Join == joins) ? joins : null));
                if (p > 0)
                    _gaps.Add(new(last, at, new(0, 0, StepConstants.ColdIn.Usual), WaitsAt.Bench, true, default));
                else
                    Connect(tails, lanes, k, at, step, beside);
                Remember(at, i, pour);
                last = at;
            }

            next.Add(new(last, MinuteRange.None, WaitsAt.Bench, true, false));
        }

        return next;
    }

    /// <summary>Gaps from where the strands are to the work at an index.</summary>
    private void Connect(List<Tail> tails, int lanes, int lane, int to, Step step, bool beside)
    {
        foreach (var (tail, t) in tails.Select((tail, t) => (tail, t)))
        {
            if (tail.Work >= 0 && (tails.Count != lanes || t == lane))
                Between(tail, to, step);
        }

        if (beside)
            return;

        // A later load's share of the filling stands until its turn in the oven comes.
        foreach (var tail in _beside)
        {
            var slack = lane * (_pie.FilledBake?.Minutes.Value.Most + 30 ?? 0);
            var most = tail.Waited ? tail.Wait.Most : FillingWaits(step);
            _gaps.Add(
                new(
                    tail.Work, to, tail.Wait with { Most = Math.Max(most, tail.Wait.Best) + slack }, tail.At, !tail.Waited,
                    new(0, tail.At is WaitsAt.Bench ? 0 : 1)));
        }
    }

    private double FillingWaits(Step step)
    {
        var family = _pie.Composition.Filling.Formula.Family;
        return step.Part is StepPart.Topping ? StepConstants.ColdIn.Usual
            : family.GoesInHot ? StepConstants.HotIn.Usual
            : family.Scale == SetScale.Gelatine ? StepConstants.GelatineIn.Usual
            : StepConstants.ColdIn.Usual;
    }

    private void Between(Tail tail, int to, Step step)
    {
        var from = _works[tail.Work];
        var shell = from.Part is StepPart.Crust && step.Part is not StepPart.Crust;
        var wait = tail.Waited ? tail.Wait
            : shell && from.Baking is not null ? new(0, 0, StepConstants.HotShell.Usual)
            : shell ? new(0, 0, StepConstants.Stands.Usual)
            : step.Kind is StepKind.Set && _pie.FridgeHeat.Count > 0 ? new(0, 0, StepConstants.OnTheRack.Usual)
            : new MinuteRange(0, 0, step.Part is StepPart.Topping ? StepConstants.ColdIn.Usual : StepConstants.AtHand.Usual);
        var inPan = _pansFrom is { } pans && tail.Work >= pans && from.Part is not StepPart.Filling;
        _gaps.Add(
            new(
                tail.Work, to, wait, tail.At, !tail.Waited,
                tail.At is WaitsAt.Bench ? default : inPan ? new(Math.Min(from.Pies, _works[to].Pies), 0) : new(0, 1)));
    }

    private void Bake(int i, bool beside)
    {
        var step = _steps[i];
        var tails = beside ? _beside : _main;

        // Still in the same oven: weights out, or sealed, and back in.
        if (tails.Count > 0 && tails.All(t => !t.Waited && t.Work >= 0 && _works[t.Work].Baking is { } b && b.Heat == HeatOf(step).At)
                && step.Part is StepPart.Crust)
        {
            foreach (var tail in tails)
            {
                var w = _works[tail.Work];
                var baking = w.Baking!;
                var minutes = step.Hands.SetUp + (step.Hands.PerPie * w.Pies);
                var touches = baking.Touches.SkipLast(1).Append(new(baking.Minutes, minutes, i))
                    .Append(new(baking.Minutes + minutes + step.Wait.Best, baking.Touches[^1].Minutes, i));
                _works[tail.Work] = w with
                {
                    Steps = [.. w.Steps, i],
                    Baking = baking with { Minutes = baking.Minutes + minutes + step.Wait.Best, Touches = [.. touches] },
                };
            }

            return;
        }

        Do(i, step.Hands, beside, Place.Bench);
        tails = beside ? _beside : _main;
        var (heat, low, high) = HeatOf(step);
        var lanes = tails.Count;
        var tray = step.Part is StepPart.Topping;
        for (var k = 0; k < lanes; k++)
        {
            var pies = _works[tails[k].Work].Pies;
            var at = _works.Count;
            _works.Add(
                new(
                    new(step.Id, true, new(k, lanes), OneOf.One), step.Part, step.Label, [i], 0, 0, Tool.None, pies,
                    new(heat, low, high, step.Wait.Best, [new(step.Wait.Best, 2, i)], tray), null));
            _gaps.Add(new(tails[k].Work, at, new(0, 0, StepConstants.HotIn.Usual), WaitsAt.Bench, true, default));

            // Some things only have to be done beforehand, however long.
            var loose = step.Wait.Most > 4 * step.Wait.Best ? new MinuteRange(0, 0, step.Wait.Most - step.Wait.Best) : MinuteRange.None;
            tails[k] = new(at, loose, WaitsAt.Bench, false, loose.Most > 0);
        }
    }

    private void TakeOut(int work, double minutes, int step)
    {
        var w = _works[work];
        var last = w.Baking!.Touches[^1];
        _works[work] = w with
        {
            Steps = w.Steps.Contains(step) ? w.Steps : [.. w.Steps, step],
            Baking = w.Baking with { Touches = [.. w.Baking.Touches.SkipLast(1), last with { Minutes = Math.Max(last.Minutes, minutes) }] },
        };
    }

    private void Remember(int work, int i, bool pour)
    {
        var step = _steps[i];
        if (pour && !_filled.Contains(work))
            _filled.Add(work);
        if (step.Part is StepPart.Topping)
            _topped = work;
        if (_pansFrom is null
                && (step.Kind.TakesPans || (_stock is Stock.FrozenShells && step.Part is StepPart.Crust) || step.Part is StepPart.Assembly))
            _pansFrom = work;
    }

    private void Follow(bool beside, List<Tail> tails)
    {
        if (beside)
            _beside = tails;
        else
            _main = tails;
    }

    /// <summary>Work that saves when it is done for several pies at once: one dough, one crumb, one whipping.</summary>
    private JoinName? JoinOf(Step step)
    {
        var crust = _pie.Composition.Crust;
        return step.Kind switch
        {
            StepKind.FreezeFat or StepKind.SoftenFat => new(JoinKind.Fat, crust.Family.Id),
            StepKind.MakeDough or StepKind.RestDough => new(JoinKind.Dough, crust.Family.Id),
            StepKind.GrindCrumb or StepKind.BindCrumb =>
                new(JoinKind.Crumb, FormattableString.Invariant($"{crust.Family.Id} {crust.Binder} {crust.Browned}")),
            StepKind.PutCreamOn =>
                new(
                    JoinKind.Cream,
                    _pie.Toppings.FirstOrDefault(t => t.Choice.Topping.Kind is ToppingKind.Whipped)?.Choice.Topping.Id ?? ""),
            _ => null,
        };
    }

    private static bool Fits(Work work, Tool tool, Hands hands, int lanes, JoinName? join) =>
        (work.Tool == tool || work.Tool is Tool.None || tool is Tool.None) && work.Join == join &&
        work.Minutes + hands.SetUp + (hands.PerPie * hands.Pies / lanes) <= StepConstants.LongestStretch.Usual;

    /// <summary>True for the step with which the filling itself goes in: the last "Fill", where layers lie beneath.</summary>
    private bool LastPour(int i) => _steps[i].Kind is StepKind.Fill;

    private bool Baked(int from) => _steps.Skip(from).Any(s => s is { Part: StepPart.Assembly, Bakes: true });

    /// <summary>True when this step's hands put shells into the oven, or the very next ones do.</summary>
    private bool NextBakes(int i) => _steps[i].Bakes;

    private int Loads => _perLoad == 0 ? 1 : (_pie.Pies + _perLoad - 1) / _perLoad;

    private int Share(int lanes, int lane) => (_pie.Pies / lanes) + (lane < _pie.Pies % lanes ? 1 : 0);

    private static StepHeat HeatOf(Step step) =>
        step.Heat ?? throw new InvalidOperationException($"{step.Id} is in an oven and says no heat.");
}
