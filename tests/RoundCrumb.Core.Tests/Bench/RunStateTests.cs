using System.Text.Json;
using FsCheck.Xunit;
using RoundCrumb.Core.Bench;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Steps;

namespace RoundCrumb.Core.Tests.Bench;

/// <summary>
/// A run is the sum of its events: in any order, however often they come, and with what was taken back as if it had never been.
/// </summary>
public sealed class RunStateTests
{
    private static readonly DateTimeOffset Start = new(2026, 10, 24, 6, 0, 0, TimeSpan.Zero);

    [Property(MaxTest = 300)]
    public void In_any_order_and_however_often_the_same_events_give_the_same_state(int seed)
    {
        var random = new Random(seed);
        var events = Bench.Events(random, 60);
        var once = Bench.Print(RunState.Of(events));
        var again = events.Concat(events.Where(_ => random.Next(3) == 0)).OrderBy(_ => random.Next()).ToList();
        Bench.Print(RunState.Of(again)).ShouldBe(once);
    }

    [Property(MaxTest = 300)]
    public void What_is_taken_back_is_as_if_it_had_never_been_and_what_takes_that_back_brings_it_again(int seed)
    {
        var random = new Random(seed);
        var events = Bench.Events(random, 40);
        var more = Bench.Events(random, 1)[^1];
        if (more.Deed is Undone)
            return;
        var with = Bench.Print(RunState.Of([.. events, more]));
        var back = Bench.Event(new Undone(more.Id), 900);
        Bench.Print(RunState.Of([.. events, more, back])).ShouldBe(Bench.Print(RunState.Of(events)));
        Bench.Print(RunState.Of([.. events, more, back, Bench.Event(new Undone(back.Id), 901)])).ShouldBe(with);
    }

    [Property(MaxTest = 200)]
    public void No_tick_is_lost_by_what_comes_in_late(int seed)
    {
        // Whoever ticked without a connection sends it an hour later: it counts from when it was done, and nobody else's tick goes.
        var random = new Random(seed);
        var events = Bench.Events(random, 40).Where(e => e.Deed is not (Undone or Unticked)).ToList();
        var late = events.Select(e => e with { Arrived = e.At.AddMinutes(random.Next(60)) }).OrderBy(e => e.Arrived).ToList();
        var state = RunState.Of(late);
        foreach (var e in events)
        {
            if (e.Deed is Ticked ticked)
                state.Of(ticked.Task).DoneAt.ShouldBe(events.Where(x => x.Deed == ticked).Min(x => x.At));
        }
    }

    [Fact]
    public void Two_who_tick_the_same_step_do_no_harm()
    {
        var (first, second) = (Bench.Event(new Ticked(Bench.Dough), 10, "baker-1"), Bench.Event(new Ticked(Bench.Dough), 12, "baker-2"));
        var state = RunState.Of([second, first]);
        state.Of(Bench.Dough).DoneAt.ShouldBe(Start.AddMinutes(10));
        state.Of(Bench.Dough).DoneBy.ShouldBe("baker-1");

        // Not done after all, says one of them: it is not done, however many had ticked it before.
        var not = Bench.Event(new Unticked(Bench.Dough), 14);
        RunState.Of([not, second, first]).Of(Bench.Dough).IsDone.ShouldBeFalse();
        RunState.Of([not, second, first, Bench.Event(new Ticked(Bench.Dough), 20)]).Of(Bench.Dough).DoneAt.ShouldBe(Start.AddMinutes(20));
    }

    [Fact]
    public void What_takes_itself_back_over_others_does_nothing()
    {
        var (one, two) = (Guid.NewGuid(), Guid.NewGuid());
        var tick = Bench.Event(new Ticked(Bench.Dough), 5);
        RunEvent[] ring =
        [
            tick, Bench.Event(new Undone(two), 6) with { Id = one }, Bench.Event(new Undone(one), 7) with { Id = two },
            Bench.Event(new Undone(tick.Id), 8) with { Id = new("00000000-0000-0000-0000-000000000001") },
        ];
        RunState.Of(ring).Of(Bench.Dough).IsDone.ShouldBeFalse();
        var self = Guid.NewGuid();
        RunState.Of([tick, Bench.Event(new Undone(self), 6) with { Id = self }]).Of(Bench.Dough).IsDone.ShouldBeTrue();
    }

    [Fact]
    public void A_chain_of_a_thousand_that_take_one_another_back_is_summed()
    {
        var events = new List<RunEvent> { Bench.Event(new Ticked(Bench.Dough), 1) };
        for (var i = 0; i < 1000; i++)
            events.Add(Bench.Event(new Undone(events[^1].Id), 2));
        RunState.Of(events).Of(Bench.Dough).IsDone.ShouldBeTrue();
        RunState.Of(events.SkipLast(1)).Of(Bench.Dough).IsDone.ShouldBeFalse();
    }

    [Fact]
    public void When_something_was_begun_is_what_was_said_or_the_minutes_planned_but_not_before_the_last_was_done()
    {
        // Planned for 30 min and done at 6:40: begun at 6:10. Done with the fat at 6:25, so not before that.
        RunState Done(params RunEvent[] more) => RunState.Of([Bench.Begin, Bench.Event(new Ticked(Bench.Dough), 40), .. more]);
        Done().BegunAt(Bench.Dough).ShouldBe(Start.AddMinutes(10));
        Done(Bench.Event(new Ticked(Bench.Fat), 25)).BegunAt(Bench.Dough).ShouldBe(Start.AddMinutes(25));

        // Another baker's tick says nothing of it; what was said outright counts.
        Done(Bench.Event(new Ticked(Bench.Fat), 25, "baker-2")).BegunAt(Bench.Dough).ShouldBe(Start.AddMinutes(10));
        Done(Bench.Event(new Ticked(Bench.Fat), 25), Bench.Event(new Started(Bench.Dough), 31)).BegunAt(Bench.Dough)
            .ShouldBe(Start.AddMinutes(31));
        RunState.Of([Bench.Begin]).BegunAt(Bench.Dough).ShouldBeNull();
    }

    [Fact]
    public void What_went_wrong_is_in_hand_from_then_on_and_takes_its_minutes()
    {
        var torn = Bench.Event(new WentWrong(Bench.Dough, "sheet-torn", 1, 15), 35);
        var again = Bench.Event(new WentWrong(Bench.Dough, "dough-dry", 0, 4), 50);
        var state = RunState.Of([again, torn, Bench.Begin]);
        state.Mending(Bench.Dough).ShouldBe(19);
        state.BegunAt(Bench.Dough).ShouldBe(Start.AddMinutes(35));
        RunState.Of([again, torn, Bench.Begin, Bench.Event(new Undone(torn.Id), 60)]).Mending(Bench.Dough).ShouldBe(4);

        // What takes no hands begins nothing.
        RunState.Of([Bench.Begin, Bench.Event(new WentWrong(Bench.Out, "middle-runny", 0, 0), 150)]).Of(Bench.Out).StartedAt.ShouldBeNull();
    }

    [Fact]
    public void Every_deed_is_kept_as_JSON_under_its_own_name_and_read_back()
    {
        Deed[] all =
        [
            new Began(Bench.Plan), new PlanReplaced(Bench.Plan), new Ended(), new Started(Bench.Dough), new Ticked(Bench.Out),
            new Unticked(Bench.In), new LineTicked(Bench.Dough, "crust.flour", true), new ClockSet("pears", 12.5), new NotYet("x", 3),
            new ClockStopped("x"), new Measured(Bench.Dough, ReadingOf.Dough, 612),
            new Noted(Bench.Dough, "“dry”"), new WentWrong(Bench.Dough, "sheet-torn", 1, 15),
            new Showed(Bench.Dough, "sheet-torn"),
            new Undone(Guid.NewGuid()),
        ];
        typeof(Deed).Assembly.GetTypes().Where(t => t.IsSubclassOf(typeof(Deed)) && !t.IsAbstract)
            .Except(all.Select(d => d.GetType())).ShouldBeEmpty("a new deed is kept too");
        var names = all.Select(d => JsonDocument.Parse(JsonSerializer.Serialize(d)).RootElement.GetProperty("kind").GetString()).ToList();
        names.ShouldBeUnique();
        foreach (var deed in all)
        {
            var text = JsonSerializer.Serialize(deed);
            JsonSerializer.Serialize(JsonSerializer.Deserialize<Deed>(text)).ShouldBe(text);
        }
    }

    [Theory]
    [InlineData("o3.make-dough")]
    [InlineData("o3.bake-filled.oven.load-1-of-2@0")]
    [InlineData("o12.bake-shell.oven@11")]
    public void A_task_reads_back(string text)
    {
        TaskKey.TryParse(text, out var key).ShouldBeTrue();
        key.ToString().ShouldBe(text);
    }

    [Theory]
    [InlineData("")]
    [InlineData(null)]
    [InlineData("o3")]
    [InlineData("o3.nothing-such")]
    [InlineData("o3.make-dough@")]
    [InlineData("o3.make-dough@-1")]
    [InlineData("o3.make-dough@0@1")]
    public void What_is_no_task_is_not_read_as_one(string? text) => TaskKey.TryParse(text, out _).ShouldBeFalse();
}

/// <summary>A bench with one dough and one load, and made-up events at it.</summary>
internal static class Bench
{
    private static readonly DateTimeOffset Start = new(2026, 10, 24, 6, 0, 0, TimeSpan.Zero);

    public static readonly TaskKey Fat = Key(StepKind.FreezeFat);
    public static readonly TaskKey Dough = Key(StepKind.MakeDough);
    public static readonly TaskKey In = new(new("o1", new(new(StepKind.BakeShell, "", 0), true, OneOf.One, OneOf.One)));
    public static readonly TaskKey Weights = In with { Touch = 0 };
    public static readonly TaskKey Out = In with { Touch = 1 };
    public static readonly TaskKey Fill = Key(StepKind.Fill);

    /// <summary>
    /// Fat at 6:00, 20 min cold; dough at 6:25 for 30 min; in at 8:00, weights out at 8:18 (2 min), out at 8:30; 30 min cool; fill at 9:00.
    /// </summary>
    public static readonly RunPlan Plan = new(
        [
            Task(Fat, 0, 5), Task(Dough, 25, 30), Task(In, 120, 1), Task(Weights, 138, 2), Task(Out, 150, 2), Task(Fill, 182, 10),
        ],
        [new(Fat, Dough, 20, 60, WaitsAt.Freezer), new(Out, Fill, 30, 1440, WaitsAt.Bench)]);

    public static readonly RunEvent Begin = Event(new Began(Plan), 0);

    public static TaskKey Key(StepKind kind) => new(new("o1", new(new(kind, "", 0), false, OneOf.One, OneOf.One)));

    public static RunEvent Event(Deed deed, double minutes, string baker = "baker-1") =>
        new(Guid.NewGuid(), deed, "tablet", baker, Start.AddMinutes(minutes), Start.AddMinutes(minutes));

    /// <summary>A run begun, and so many things done, undone, read and rung in it.</summary>
    public static List<RunEvent> Events(Random random, int many)
    {
        TaskKey[] tasks = [Fat, Dough, In, Weights, Out, Fill];
        var events = new List<RunEvent> { Begin };
        for (var i = 0; i < many; i++)
        {
            var task = tasks[random.Next(tasks.Length)];
            Deed deed = random.Next(11) switch
            {
                0 or 1 or 2 => new Ticked(task),
                3 => new Unticked(task),
                4 => new Started(task),
                5 => new LineTicked(task, $"line {random.Next(3)}", random.Next(3) > 0),
                6 => new ClockSet($"clock {i}", 1 + random.Next(20)),
                7 => new NotYet(random.Next(2) == 0 ? Weights.ToString() : RunClock.WaitBefore(Dough), 3),
                8 => new ClockStopped(random.Next(2) == 0 ? Out.ToString() : RunClock.WaitBefore(Fill)),
                9 when random.Next(2) == 0 => new WentWrong(task, "sheet-torn", 0, random.Next(2) * 4),
                9 => new Measured(task, ReadingOf.Pot, random.Next(900)),
                _ => new Undone(events[random.Next(1, events.Count + 1) % events.Count].Id),
            };

            // Nobody takes back that it was begun.
            if (deed is Undone undone && undone.Event == Begin.Id)
                deed = new Ticked(task);
            events.Add(Event(deed, random.Next(400), $"baker-{random.Next(1, 3)}"));
        }

        return events;
    }

    /// <summary>All that a state says, as text.</summary>
    public static string Print(RunState state) => JsonSerializer.Serialize(
        new
        {
            state.BeganAt,
            state.EndedAt,
            state.LastAt,
            Tasks = state.Known.Where(k => k.Value.StartedAt is not null || k.Value.IsDone || k.Value.Lines.Count > 0)
                .Select(k => $"{k.Key} {k.Value.StartedAt:O} {k.Value.DoneAt:O} {k.Value.DoneBy} {string.Join(',', k.Value.Lines.Order())}")
                .Order(StringComparer.Ordinal),
            state.Readings,
            state.Notes,
            state.Faults,
            state.PlannedAt,
            Clocks = state.Clocks(),
            Left = state.Left().Select(t => t.Task.ToString()),
        });

    private static PlannedTask Task(TaskKey key, double from, double minutes) =>
        new(
            key, Start.AddMinutes(from), minutes, "baker-1", key.Work.Work.InOven ? "big" : "",
            "Pie", key.Work.Work.Step.Kind.Label, ["o1"]);
}
