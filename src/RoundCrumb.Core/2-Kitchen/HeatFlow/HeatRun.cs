namespace RoundCrumb.Core.HeatFlow;

/// <summary>
/// Heat on its way through the depth of a pie, and out through its side: one dimension of finite volumes with harmonic conductances, after
/// Crank and Nicolson, with four quarter steps to begin each stage (plain, it rings where the air takes heat well). The side is a companion
/// problem of its own (<see cref="RoundSide"/>), and takes its share as a sink.
/// </summary>
public sealed class HeatRun
{
    /// <summary>Cells of the filling, where a thousandth counts.</summary>
    public const int Fine = 40;

    /// <summary>Cells of the filling, where a hundredth does: a pie is known no better.</summary>
    public const int Coarse = 16;

    private const int OtherCells = 2;
    /// <summary>
    /// A step is solved again while what it comes to moves by more than this, K, two times at least: what freezes takes more turns.
    /// </summary>
    private const double Settled = 0.005;

    private const int LeastTurns = 2, MostTurns = 40;

    /// <summary>From this turn on a step is taken by halves: what freezes else swings to and fro.</summary>
    private const int DampedFrom = 4;

    private readonly HeatLayer[] _layers;
    private readonly int[] _of;
    private readonly double[] _thick;
    private readonly double[] _t;
    private readonly double[] _next;
    private readonly double[] _conducts;
    private readonly double[] _holds;
    private readonly double[] _upper;
    private readonly double[] _right;
    private readonly double[] _faces;
    private readonly HeatSide _side;
    private readonly RoundSide? _round;
    private readonly int _first;
    private readonly int _last;

    /// <param name="layers">From below up; one of them at least is filling.</param>
    /// <param name="side">How it stands against the air.</param>
    /// <param name="cells">Into how many cells the filling is parted.</param>
    /// <exception cref="ArgumentException">No layer is filling, or one is not thicker than nothing.</exception>
    public HeatRun(IReadOnlyList<HeatLayer> layers, HeatSide side, int cells = Fine)
    {
        if (!layers.Any(l => l.IsFilling) || layers.Any(l => !(l.Thickness > 0) || !double.IsFinite(l.Start)))
            throw new ArgumentException("One layer at least is filling, and all are thicker than nothing.", nameof(layers));
        _layers = [.. layers];
        _of = [.. layers.SelectMany((l, i) => Enumerable.Repeat(i, l.IsFilling ? cells : OtherCells))];
        var n = _of.Length;
        _thick = [.. _of.Select(i => layers[i].Thickness / 1000 / (layers[i].IsFilling ? cells : OtherCells))];
        _t = [.. _of.Select(i => layers[i].Start)];
        (_next, _conducts, _holds, _upper, _right) = (new double[n], new double[n], new double[n], new double[n], new double[n]);
        _faces = new double[n + 1];
        _side = side;
        _first = Array.FindIndex(_of, i => layers[i].IsFilling);
        _last = Array.FindLastIndex(_of, i => layers[i].IsFilling);
        if (side.Radius > 0)
        {
            var filling = layers[_of[_last]];
            var middle = (filling.Start + 20) / 2;
            _round = new(
                side.Radius / 1000, filling.Matter.ConductivityAt(middle), filling.Matter.Density * filling.Matter.CapacityAt(middle));
        }
    }

    /// <summary>Minutes since it began.</summary>
    public double Minutes { get; private set; }

    /// <summary>Heat that left it since it began, J for each m² of its surface.</summary>
    public double Left { get; private set; }

    /// <summary>How fast heat leaves it now, W for each m² of its surface.</summary>
    public double Leaving { get; private set; }

    /// <summary>The lead of the axis by the side alone; 1 where no heat leaves there.</summary>
    public double SideLead => _round?.Axis ?? 1;

    /// <summary>Heat in it beyond that at some fixed warmth, J for each m² of its surface.</summary>
    public double Stored
    {
        get
        {
            double sum = 0;
            for (var i = 0; i < _t.Length; i++)
                sum += _thick[i] * Of(i).Density * Of(i).EnthalpyAt(_t[i]);
            return sum;
        }
    }

    /// <summary>Where the filling is coldest now: a place for <see cref="Now"/>.</summary>
    public int ColdSpot
    {
        get
        {
            var cold = _first;
            for (var i = _first + 1; i <= _last; i++)
                cold = _t[i] < _t[cold] ? i : cold;
            return cold;
        }
    }

    /// <summary>How warm it is now.</summary>
    /// <param name="air">The air there, °C.</param>
    /// <param name="spot">The place that is told of as the coldest; where it is coldest now, where there is none.</param>
    public HeatPoint Now(double air, int? spot = null)
    {
        var hot = _first;
        for (var i = _first + 1; i <= _last; i++)
            hot = _t[i] > _t[hot] ? i : hot;
        var cold = spot ?? ColdSpot;

        var top = _t[^1];
        var surface = _faces[^1] > 0 ? top + ((air - top) * _faces[^1] * _thick[^1] / 2 / Math.Max(1e-9, _conducts[^1])) : top;
        return new(Minutes, Turning(hot), spot is { } at ? _t[at] : Turning(cold), surface, air) { Left = Left };
    }

    /// <summary>Goes on by so many minutes in air of one warmth; the first step of a stage is taken in quarters.</summary>
    /// <param name="minutes">More than 0.</param>
    /// <param name="air">°C.</param>
    /// <param name="stage">What is round it.</param>
    /// <param name="begins">True for the first step of a stage.</param>
    public void Step(double minutes, double air, in HeatStage stage, bool begins)
    {
        if (begins)
        {
            for (var quarter = 0; quarter < 4; quarter++)
                Part(minutes / 4 * 60, air, stage, 1);
        }
        else
        {
            Part(minutes * 60, air, stage, 0.5);
        }
    }

    /// <summary>How warm it is where it turns, between the cells: by the parabola through a cell and its neighbours.</summary>
    private double Turning(int at)
    {
        if (at == _first || at == _last)
            return _t[at];
        var bend = _t[at - 1] - (2 * _t[at]) + _t[at + 1];
        var slope = (_t[at + 1] - _t[at - 1]) / 2;
        return Math.Abs(bend) < 1e-12 ? _t[at] : _t[at] - (slope * slope / 2 / bend);
    }

    private Matter Of(int cell) => _layers[_of[cell]].Matter;

    private void Part(double seconds, double air, in HeatStage stage, double implicitly)
    {
        var sink = _round?.Step(seconds, 1 / ((1 / stage.Transfer.Aside) + _side.Wall), implicitly) ?? 0;
        var n = _t.Length;
        for (var i = 0; i < n; i++)
            (_conducts[i], _next[i]) = (Of(i).ConductivityAt(_t[i]), _t[i]);
        _faces[0] = 1 / ((1 / stage.Transfer.Below) + (_thick[0] / 2 / _conducts[0]));
        for (var i = 1; i < n; i++)
            _faces[i] = 1 / ((_thick[i - 1] / 2 / _conducts[i - 1]) + (_thick[i] / 2 / _conducts[i]));
        _faces[n] = 1 / ((1 / stage.Transfer.Above) + (_thick[^1] / 2 / _conducts[^1]));
        var steam = stage.Wet > 0 ? Evaporation.From(Now(air).Surface, air, stage) : default;
        var moved = double.MaxValue;
        for (var turn = 0; turn < LeastTurns || (turn < MostTurns && moved > Settled); turn++)
        {
            for (var i = 0; i < n; i++)
                _holds[i] = _thick[i] * Of(i).Density * Of(i).CapacityBetween(_t[i], _next[i]);
            moved = Solve(seconds, air, sink, implicitly, steam, turn < DampedFrom ? 1 : 0.5);
        }

        Leave(seconds, air, sink, implicitly, steam);
        Array.Copy(_next, _t, n);
        Minutes += seconds / 60;
    }

    /// <param name="share">Of what comes out, so much is taken: 1 for all of it.</param>
    /// <returns>By how much the step's end moved where it moved most, K.</returns>
    private double Solve(double seconds, double air, double sink, double implicitly, in Evaporation steam, double share)
    {
        var n = _t.Length;
        for (var i = 0; i < n; i++)
        {
            var holds = _holds[i] / seconds;
            var (below, above) = (_faces[i], _faces[i + 1]);
            var aside = _holds[i] * sink;
            var first = i == 0;
            var last = i == n - 1;
            var flow = (below * ((first ? air : _t[i - 1]) - _t[i])) + (above * ((last ? air : _t[i + 1]) - _t[i]))
                + (aside * (air - _t[i]));
            var right = (holds * _t[i]) + ((1 - implicitly) * flow)
                + (implicitly * (((first ? below : 0) + (last ? above : 0) + aside) * air));
            var diagonal = holds + (implicitly * (below + above + aside));
            if (last)
            {
                right -= steam.Flux - (steam.Slope * _t[i]);
                diagonal += steam.Slope;
            }

            var lower = first ? 0 : -implicitly * below;
            var pivot = first ? diagonal : diagonal - (lower * _upper[i - 1]);
            _upper[i] = last ? 0 : -implicitly * above / pivot;
            _right[i] = (first ? right : right - (lower * _right[i - 1])) / pivot;
        }

        var moved = Math.Abs(_right[^1] - _next[^1]);
        var solved = _right[^1];
        _next[^1] += share * (solved - _next[^1]);
        for (var i = n - 2; i >= 0; i--)
        {
            solved = _right[i] - (_upper[i] * solved);
            moved = Math.Max(moved, Math.Abs(solved - _next[i]));
            _next[i] += share * (solved - _next[i]);
        }

        return moved;
    }

    private void Leave(double seconds, double air, double sink, double implicitly, in Evaporation steam)
    {
        double W(double[] t)
        {
            var sum = (_faces[0] * (t[0] - air)) + (_faces[^1] * (t[^1] - air));
            for (var i = 0; i < t.Length; i++)
                sum += _holds[i] * sink * (t[i] - air);
            return sum;
        }

        var steamed = steam.Flux + (steam.Slope * (_next[^1] - _t[^1]));
        Leaving = (implicitly * W(_next)) + ((1 - implicitly) * W(_t)) + steamed;
        Left += Leaving * seconds;
    }
}
