using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Steps;
using RoundCrumb.Scheduling.Model;
using RoundCrumb.TestKit;
using static RoundCrumb.Scheduling.Tests.Days;

namespace RoundCrumb.Scheduling.Tests;

/// <summary>
/// What a baker has said of a step stays with that step, whatever else changes; where it fits no longer it is told, and put on no other.
/// </summary>
public class MarkTests
{
    private static string Key(BuiltDay built, StepKind kind, string order = "a", bool oven = false) =>
        built.Day.Works.Select(w => w.Key).First(
            k => WorkKey.TryParse(k, out var key) && key.Order == order && key.Work.Step.Kind == kind && key.Work.InOven == oven);

    private static int IndexOf(BuiltDay built, string key) => built.Day.Works.ToList().FindIndex(w => w.Key == key);

    [Fact]
    public void A_key_is_one_work_s_alone_and_reads_back()
    {
        for (var seed = 1; seed <= 12; seed++)
        {
            var built = DayMaker.Make(seed, 2 + seed, served: seed % 2 == 0);
            built.Day.Works.Select(w => w.Key).ShouldBeUnique();
            foreach (var work in built.Day.Works)
            {
                WorkKey.TryParse(work.Key, out var key).ShouldBeTrue(work.Key);
                key.ToString().ShouldBe(work.Key);
                built.Made[work.Batches[0]].Chain.Steps[work.Steps[0][0]].Id.ShouldBe(key.Work.Step);
            }
        }
    }

    [Fact]
    public void A_warm_room_puts_a_step_in_and_moves_no_mark()
    {
        var order = Order("a", Malt, 2, At(1, 12));
        var cool = DayBuilder.Build([order], Setting());
        var pinned = Key(cool, StepKind.RollAndLine);
        var done = Key(cool, StepKind.MakeDough);
        var warm = Setting() with
        {
            Kitchen = Kitchen() with { Room = new RoomCelsius(30) },
            Pinned = new Dictionary<string, int> { [pinned] = At(1, 6) },
            Done = new Dictionary<string, DoneWork> { [done] = new(At(0, 6), "", []) },
        };
        var built = DayBuilder.Build([order], warm);
        built.Made[0].Chain.Steps.ShouldContain(s => s.Kind == StepKind.ChillBoard);
        built.Unfit.ShouldBeEmpty();
        built.Day.Works[built.Day.Pinned.Keys.Single()].Label.ShouldBe("Roll and line");
        built.Day.Works[built.Day.Done.Keys.Single()].Label.ShouldBe("Make dough");
    }

    [Fact]
    public void An_oven_left_cold_makes_other_loads_and_what_was_said_of_the_one_load_is_told()
    {
        // Six plates go into the big oven at once; the small one takes one to a shelf, so there are three loads.
        var order = Order("a", Malt, 6, At(1, 16));
        var all = DayBuilder.Build([order], Setting());
        var load = Key(all, StepKind.BakeShell, oven: true);
        var dough = Key(all, StepKind.MakeDough);
        var setting = Setting() with
        {
            Forbidden = new HashSet<string> { "big" },
            Done = new Dictionary<string, DoneWork> { [load] = new(At(1, 6), "big", []), [dough] = new(At(0, 6), "", []) },
        };
        var built = DayBuilder.Build([order], setting);
        built.Day.Done.Keys.Select(i => built.Day.Works[i].Label).ShouldBe(["Make dough"]);
        var unfit = built.Unfit.ShouldHaveSingleItem();
        unfit.Key.Work.Step.Kind.ShouldBe(StepKind.BakeShell);
        unfit.IsDone.ShouldBeTrue();
        unfit.Why.ShouldContain("loads now, and went in 1");
    }

    [Fact]
    public void A_load_that_is_in_an_oven_stays_in_it_though_that_oven_is_to_be_left_cold()
    {
        var order = Order("a", Malt, 1, At(1, 16));
        var load = Key(DayBuilder.Build([order], Setting()), StepKind.BakeShell, oven: true);
        var built = DayBuilder.Build(
            [order],
            Setting() with
            {
                Forbidden = new HashSet<string> { "big" },
                Done = new Dictionary<string, DoneWork> { [load] = new(At(1, 6), "big", []) },
            });
        built.Unfit.ShouldBeEmpty();
        built.Day.Ovens[built.Day.Done[IndexOf(built, load)].Oven].Id.ShouldBe("big");
    }

    [Fact]
    public void The_place_of_an_oven_in_the_kitchen_is_not_what_it_is_known_by()
    {
        var order = Order("a", Malt, 1, At(1, 16));
        var load = Key(DayBuilder.Build([order], Setting()), StepKind.BakeShell, oven: true);
        var done = new Dictionary<string, DoneWork> { [load] = new(At(1, 6), "small", []) };
        var turned = Kitchen() with { Ovens = [.. Kitchen().Ovens.Reverse()] };
        foreach (var kitchen in (Kitchen[])[Kitchen(), turned])
        {
            var built = DayBuilder.Build([order], Setting(kitchen) with { Done = done });
            built.Day.Ovens[built.Day.Done.Values.Single().Oven].Id.ShouldBe("small");
        }

        var gone = DayBuilder.Build([order], Setting(Kitchen() with { Ovens = [Kitchen().Ovens[0]] }) with { Done = done });
        gone.Day.Done.ShouldBeEmpty();
        gone.Unfit.ShouldHaveSingleItem().Why.ShouldBe("its oven is gone");
    }

    [Fact]
    public void Stock_takes_steps_away_and_what_was_said_of_them_is_told()
    {
        var scratch = DayBuilder.Build([Order("a", Malt, 2, At(1, 12))], Setting());
        var marks = new Dictionary<string, int>
        {
            [Key(scratch, StepKind.RollAndLine)] = At(1, 7),
            [Key(scratch, StepKind.Fill)] = At(1, 9),
        };
        var frozen = DayBuilder.Build([Order("a", Malt, 2, At(1, 12), Stock.FrozenShells)], Setting() with { Pinned = marks });
        frozen.Day.Pinned.Keys.Select(i => frozen.Day.Works[i].Label).ShouldBe(["Fill"]);
        frozen.Unfit.ShouldHaveSingleItem().Why.ShouldContain("no such step any more");
    }

    [Fact]
    public void What_is_ordered_later_is_not_done_with_the_dough_that_was_made_before()
    {
        var first = new[] { Order("a", Malt, 2, At(1, 12)), Order("b", Gooseberry, 1, At(1, 14)) };
        var built = DayBuilder.Build(first, Setting());
        var dough = built.Day.Works.Single(w => w.Label == "Make dough");
        dough.Batches.Count.ShouldBe(2);
        var done = new Dictionary<string, DoneWork> { [dough.Key] = new(At(0, 6), "", ["a", "b"]) };

        // The same, and one more of the same dough, wanted in between.
        var later = DayBuilder.Build([.. first, Order("c", Malt, 1, At(1, 13))], Setting() with { Done = done });
        var made = later.Day.Works[later.Day.Done.Keys.Single()];
        made.Batches.Select(b => later.Day.Batches[b].Key).ShouldBe(["a", "b"]);
        later.Day.Works.Where(w => w.Label == "Make dough").Count().ShouldBe(2);
        later.Unfit.ShouldBeEmpty();

        // And one that is wanted sooner leads nothing that is done.
        var sooner = DayBuilder.Build([.. first, Order("c", Malt, 1, At(1, 11))], Setting() with { Done = done });
        sooner.Day.Works[sooner.Day.Done.Keys.Single()].Batches.Select(b => sooner.Day.Batches[b].Key).ShouldBe(["a", "b"]);
    }

    [Fact]
    public void A_mark_of_an_earlier_version_is_understood()
    {
        var order = Order("a", Malt, 2, At(1, 12));
        var plain = DayBuilder.Build([order], Setting());
        var third = plain.Made[0].Chain.Works[2].Id;
        var built = DayBuilder.Build(
            [order], Setting() with { Pinned = new Dictionary<string, int> { ["a.2"] = At(1, 7), ["a.99"] = At(1, 8), ["nobody.0"] = 3 } });
        built.Day.Pinned.Keys.Select(i => built.Day.Works[i].Key).ShouldBe([new WorkKey("a", third).ToString()]);
    }

    [Theory]
    [InlineData("")]
    [InlineData(".")]
    [InlineData("o1")]
    [InlineData("o1.no-such-step")]
    [InlineData("o1.fill.load-3-of-2")]
    [InlineData("o1.fill.load-0-of-2")]
    [InlineData("o1.fill_x_y_z")]
    [InlineData("o1.17")]
    public void What_is_no_key_is_not_read_as_one(string text) => WorkKey.TryParse(text, out _).ShouldBeFalse();
}
