using System.Text;
using RoundCrumb.Core.Bench;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Scheduling.Playing;

/// <summary>
/// Chance by name: what is drawn for one thing is the same whenever it is asked for, whatever else is asked, and after a plan is changed.
/// </summary>
/// <param name="seed">Where chance begins.</param>
/// <param name="day">What kind of day it is.</param>
public sealed class Luck(int seed, DayLuck day)
{
    /// <summary>A share for a thing, 0 up to 1, evenly spread.</summary>
    /// <param name="what">The thing.</param>
    public double Share(string what)
    {
        unchecked
        {
            var hash = 14695981039346656037UL ^ (uint)seed;
            foreach (var b in Encoding.UTF8.GetBytes(what))
                hash = (hash ^ b) * 1099511628211UL;
            hash ^= hash >> 33;
            hash *= 0xff51afd7ed558ccdUL;
            hash ^= hash >> 33;
            return (hash >> 11) / (double)(1UL << 53);
        }
    }

    /// <summary>What a constant is for a thing this time, within its range.</summary>
    /// <param name="constant">The constant; higher is worse.</param>
    /// <param name="what">The thing.</param>
    public double Of(Constant constant, string what)
    {
        var share = Share($"{constant.Name} {what}");
        return Draw.At(constant, day is DayLuck.Bad ? 0.5 + (share / 2) : share);
    }

    /// <summary>True where something goes wrong at a thing of hands.</summary>
    /// <param name="what">The thing.</param>
    public bool GoesWrong(string what) =>
        Share("goes wrong " + what) < (day is DayLuck.Bad ? PlayConstants.Mishap.High : PlayConstants.Mishap.Usual);
}
