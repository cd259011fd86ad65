namespace RoundCrumb.Core.Quantities;

/// <summary>The bell curve: how likely something is to lie below a value.</summary>
public static class NormalCurve
{
    /// <summary>So many deviations either way hold nine in ten.</summary>
    public const double NineInTen = 1.644853627;

    /// <summary>The share below a value; right to seven digits.</summary>
    /// <param name="mean">The middle.</param>
    /// <param name="deviation">The standard deviation, more than 0.</param>
    /// <param name="value">The value; may be without end.</param>
    public static double Below(double mean, double deviation, double value) => double.IsNegativeInfinity(value) ? 0
        : double.IsPositiveInfinity(value) ? 1
        : 0.5 * Complement(-(value - mean) / deviation / Math.Sqrt(2));

    /// <summary>
    /// The complementary error function, by a Chebyshev series fitted for it: off by less than 1.2 × 10⁻⁷ of itself everywhere. Standard in
    /// numerical work.
    /// </summary>
    private static double Complement(double x)
    {
        var z = Math.Abs(x);
        var t = 1 / (1 + (0.5 * z));
        ReadOnlySpan<double> terms =
        [
            -1.26551223, 1.00002368, 0.37409196, 0.09678418, -0.18628806, 0.27886807, -1.13520398, 1.48851587, -0.82215223, 0.17087277,
        ];
        double sum = 0;
        for (var i = terms.Length - 1; i >= 0; i--)
            sum = terms[i] + (t * sum);
        var result = t * Math.Exp((-z * z) + sum);
        return x >= 0 ? result : 2 - result;
    }
}
