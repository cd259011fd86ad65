using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Pairing;

/// <summary>Which pans would do for a pie.</summary>
public static class PieStandIns
{
    extension(Assessment pie)
    {
        /// <summary>The pans that can stand in for its own, of those that are to be had, the best fit first.</summary>
        public IReadOnlyList<StandIn> StandIns => pie.Once(static p => StandIn.For(p, p.Kitchen.Pans));

        /// <summary>The figures of the stand-ins.</summary>
        public IEnumerable<IWorked> StandInFigures() => pie.StandIns.SelectMany(one => one.Figures());
    }
}
