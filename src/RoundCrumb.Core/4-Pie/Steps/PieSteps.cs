using RoundCrumb.Core.Baking;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Cooling;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Steps;

/// <summary>What a pie's facts make of the work.</summary>
public static class PieSteps
{
    extension(Assessment pie)
    {
        /// <summary>All that is done and waited for.</summary>
        public StepChain Chain => pie.Once(StepChain.For);

        /// <summary>How long it all takes and how long it lasts.</summary>
        public Times Times => pie.Once(static p => Times.Of(p.Chain, p.Composition));

        /// <summary>Every figure of the facts and of the times that can be opened, each once.</summary>
        public IEnumerable<IWorked> FiguresWithTimes()
        {
            var times = pie.Times;
            IWorked?[] more = [pie.Chain.SetTime, times.HandsOn, times.Waiting, times.StartToSlice, times.Keeps, times.CreamHolds];
            var layers = pie.Layers.Select(l => pie.LayerSetTime(l)).OfType<IWorked>().Concat(pie.Pourings.Select(p => p.UpTo));
            return pie.Figures().Concat(pie.Baking?.Figures() ?? []).Concat(layers)
                .Concat(new IWorked?[] { pie.FilledDial }.Concat(more).OfType<IWorked>()).DistinctBy(f => f.Id);
        }
    }
}
