namespace RoundCrumb.Core.Practice;

/// <summary>Numbers that look drawn and follow from a seed alone, on every machine the same (SplitMix64).</summary>
/// <param name="seed">Any number.</param>
internal sealed class Draws(int seed)
{
    private ulong _at = unchecked((ulong)seed * 0x9E3779B97F4A7C15UL) + 0x632BE59BD9B4E019UL;

    /// <summary>From 0 to below 1.</summary>
    public double NextDouble() => (Bits() >> 11) * (1.0 / (1UL << 53));

    /// <summary>From 0 to below a number.</summary>
    public int Next(int below) => (int)(NextDouble() * below);

    /// <summary>From one number to below another.</summary>
    public int Next(int from, int below) => from + Next(below - from);

    private ulong Bits()
    {
        unchecked
        {
            _at += 0x9E3779B97F4A7C15UL;
            var z = (_at ^ (_at >> 30)) * 0xBF58476D1CE4E5B9UL;
            z = (z ^ (z >> 27)) * 0x94D049BB133111EBUL;
            return z ^ (z >> 31);
        }
    }
}
