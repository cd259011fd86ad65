using RoundCrumb.Core.Bench;
using RoundCrumb.Core.BlindBaking;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Records;
using RoundCrumb.Core.Steps;

namespace RoundCrumb.Core.Tests.Bench;

/// <summary>What the bench says of an order, so that a kitchen can learn from it.</summary>
public sealed class RunEntryTests
{
    private const string Order = "o1";
    private static readonly DateTimeOffset Start = new(2026, 11, 28, 6, 0, 0, TimeSpan.Zero);

    private static readonly Kitchen Two = Kitchen.Of(
        [], [Oven.Plain with { Id = "oven-1", RunsHot = 12 }, Oven.Plain with { Id = "oven-2", RunsHot = -5 }], [], new(21));

    private static readonly Assessment Pie = Assessment.Of(CompositionAddress.Read(
        "pan=plate-23&crust=short&bake=steady&edge=crimped&seal=white&fill=rhubarb-buttermilk").Composition, 1, Two);

    private static readonly WorkChain Chain = WorkChain.Of(Pie, Stock.Scratch, 4);

    /// <summary>
    /// Everything done one after another, a quarter of an hour each, in one oven, with a thermometer in it at 180 °C. What a bake asks for
    /// on its way is ticked when it is done, as a baker does who has both hands in the oven.
    /// </summary>
    private static RunState Done(string oven)
    {
        var (events, tasks, at) = (new List<RunEvent>(), new List<PlannedTask>(), Start);
        foreach (var work in Chain.Works)
        {
            var key = new TaskKey(new(Order, work.Id));
            var touches = Enumerable.Range(0, work.Baking?.Touches.Count ?? 0).Select(t => key with { Touch = t });
            foreach (var task in touches.Prepend(key))
            {
                tasks.Add(new(task, at, 5, "baker-1", work.Baking is null ? "" : oven, "pie", "do", [Order]));
                if (task.Touch is null)
                {
                    events.Add(At(new Started(task), at));
                }

                events.Add(At(new Ticked(task), at = at.AddMinutes(15)));
            }
        }

        var load = tasks.First(t => t.Oven.Length > 0).Task;
        events.Add(At(new Measured(load, ReadingOf.Oven, 180), at));
        return RunState.Of([At(new Began(new(tasks, [])), Start.AddMinutes(-1)), .. events]);
    }

    private static RunEvent At(Deed deed, DateTimeOffset at) => new(Guid.NewGuid(), deed, "tablet", "baker-1", at, at);

    /// <summary>The dial of an oven that runs 12 hot was at 168 for 180: what was read says 12 again, and nothing is unlearned.</summary>
    [Theory]
    [InlineData("oven-1", 12)]
    [InlineData("oven-2", -5)]
    public void What_a_thermometer_read_stands_beside_the_dial_and_not_beside_what_was_wanted(string oven, double hot)
    {
        var entry = RunEntry.Of(Done(oven), Order, Pie, Chain);
        var wanted = Chain.Works.First(w => w.Baking is not null).Baking!.Heat.Value;
        entry.OvenSet.ShouldNotBeNull().Value.ShouldBe(wanted - hot);
        RunEntry.OvenOf(Done(oven), Order, Pie, Chain).Id.ShouldBe(oven);
    }

    [Fact]
    public void Stages_hands_and_baker_come_from_what_was_ticked()
    {
        var entry = RunEntry.Of(Done("oven-1"), Order, Pie, Chain);
        entry.StageMinutes.Keys.ShouldContain(StageKind.Filled);
        entry.StageMinutes.Values.ShouldAllBe(m => m > 0);
        entry.HandsMinutes.ShouldNotBeEmpty();
        entry.Baker.ShouldBe("baker-1");

        // Hands took 15 minutes each; held against the book they say how many times as long.
        var byTheBook = Evidence.ByTheBook(Pie.Composition, 1, Two);
        var hands = Evidence.Of(Pie, byTheBook, entry, 1, Start).Where(o => o.Key.Kind is CorrectionKind.HandsMinutes).ToList();
        hands.Count.ShouldBe(entry.HandsMinutes.Count);
        hands.ShouldAllBe(o => o.Key.Under == "baker-1");
    }
}
