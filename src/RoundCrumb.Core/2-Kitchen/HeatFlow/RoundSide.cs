namespace RoundCrumb.Core.HeatFlow;

/// <summary>
/// The share of its lead over the air that the axis of a round body keeps while heat leaves through its side alone. Multiplied with what
/// happens through its depth it is what a body of both dimensions does. Finite volumes, after Crank and Nicolson.
/// </summary>
internal sealed class RoundSide
{
    private const int Cells = 12;

    private readonly double[] _lead = new double[Cells];
    private readonly double[] _upper = new double[Cells];
    private readonly double[] _right = new double[Cells];
    private readonly double _radius;
    private readonly double _conducts;
    private readonly double _holds;

    /// <param name="radius">m, more than 0.</param>
    /// <param name="conducts">W/(m·K).</param>
    /// <param name="holds">J/(m³·K).</param>
    public RoundSide(double radius, double conducts, double holds)
    {
        (_radius, _conducts, _holds) = (radius, conducts, holds);
        Array.Fill(_lead, 1);
    }

    /// <summary>The lead of the axis, 1 at first.</summary>
    public double Axis => _lead[0] + ((_lead[0] - _lead[1]) / 8);

    /// <summary>Goes on by so many seconds.</summary>
    /// <param name="seconds">More than 0.</param>
    /// <param name="through">How well the side lets heat through, W/(m²·K).</param>
    /// <param name="implicitly">1 for all of the step by what comes of it, 0.5 for half.</param>
    /// <returns>How fast the lead of the axis goes, 1/s.</returns>
    public double Step(double seconds, double through, double implicitly)
    {
        var before = Axis;
        var dr = _radius / Cells;
        var edge = 1 / ((1 / through) + (dr / 2 / _conducts));
        double Face(int i) => i <= 0 ? 0 : i < Cells ? _conducts / dr * 2 * i * dr : edge * 2 * _radius;
        for (var i = 0; i < Cells; i++)
        {
            var holds = _holds * dr * dr * ((2 * i) + 1) / seconds;
            var (inner, outer) = (Face(i), Face(i + 1));
            var last = i == Cells - 1;
            var flow = (inner * ((i > 0 ? _lead[i - 1] : 0) - _lead[i])) + (outer * ((last ? 0 : _lead[i + 1]) - _lead[i]));
            var right = (holds * _lead[i]) + ((1 - implicitly) * flow);
            var diagonal = holds + (implicitly * (inner + outer));
            var lower = -implicitly * inner;
            var pivot = i == 0 ? diagonal : diagonal - (lower * _upper[i - 1]);
            _upper[i] = last ? 0 : -implicitly * outer / pivot;
            _right[i] = (i == 0 ? right : right - (lower * _right[i - 1])) / pivot;
        }

        _lead[^1] = _right[^1];
        for (var i = Cells - 2; i >= 0; i--)
            _lead[i] = _right[i] - (_upper[i] * _lead[i + 1]);
        var after = Axis;
        return before > 1e-9 && after > 1e-9 ? Math.Max(0, Math.Log(before / after) / seconds) : 0;
    }
}
