using RoundCrumb.Core.Cutting;
using RoundCrumb.Core.Practice;
using RoundCrumb.Core.Units;

namespace RoundCrumb.Core.Tests.Practice;

/// <summary>Exercises made from the sums, none of them ambiguous, and what comes back when it was missed.</summary>
public sealed class PracticeTests
{
    private static readonly DateTimeOffset Monday = new(2026, 11, 30, 9, 0, 0, TimeSpan.Zero);

    private static readonly ExerciseKind[] Kinds = Enum.GetValues<ExerciseKind>();

    private static PracticeAnswer Gave(ExerciseKind kind, int seed, bool right, double minutes, int level = 1) =>
        new(kind, seed, level, right, Monday.AddMinutes(minutes));

    /// <summary>
    /// Two thousand of them: the answer that is right is the figure that the core worked out, no other number lies within a tenth of it,
    /// no two answers read alike in any units, and the same seed asks the same.
    /// </summary>
    [Fact]
    public void Two_thousand_exercises_have_one_right_answer_each()
    {
        QuantityFormatter[] units =
        [
            new(new()), new(new() { Mass = MassUnit.Ounces, Oven = OvenUnit.Fahrenheit, Length = LengthUnit.Inches }),
        ];
        for (var seed = 0; seed < 2000; seed++)
        {
            var (kind, level) = (Kinds[seed % Kinds.Length], 1 + (seed / Kinds.Length % Exercises.MostLevel));
            var one = Exercises.Of(kind, seed, level);
            var where = $"{kind} {seed} {level}";
            (one.Kind, one.Seed, one.Level).ShouldBe((kind, seed, level));
            one.Choices.Count.ShouldBeInRange(2, 4, where);
            one.Right.ShouldBeInRange(0, one.Choices.Count - 1, where);
            one.Because.IsEmpty.ShouldBeFalse(where);
            foreach (var shown in units)
                one.Choices.Select(shown.Say).ShouldBeUnique(where);
            if (one.Amounts.Count > 0 && kind is not ExerciseKind.RunningLate)
            {
                one.Amounts[one.Right].ShouldBe(one.Working[0].Amount.Amount, 1e-9, where);
                for (var i = 0; i < one.Amounts.Count; i++)
                {
                    if (i != one.Right)
                        Math.Abs((one.Amounts[i] / one.Amounts[one.Right]) - 1).ShouldBeGreaterThan(0.1, where);
                }
            }
        }

        foreach (var kind in Kinds)
        {
            var (one, same) = (Exercises.Of(kind, 77, 2), Exercises.Of(kind, 77, 2));
            new QuantityFormatter(new()).Say(one.Asks).ShouldBe(new QuantityFormatter(new()).Say(same.Asks));
            one.Right.ShouldBe(same.Right);
        }
    }

    /// <summary>
    /// The slice that is drawn stands as the set that is right makes it stand, and no other set that is offered makes it stand so; at the
    /// first level they are further apart. All five ways to stand come up.
    /// </summary>
    [Fact]
    public void Only_one_of_the_three_sets_makes_the_slice_that_is_drawn()
    {
        var seen = new HashSet<SliceStand>();
        for (var seed = 0; seed < 150; seed++)
        {
            var one = Exercises.Of(ExerciseKind.ReadTheCut, seed, 1 + (seed % 3));
            var cut = one.Cut.ShouldNotBeNull();
            seen.Add(cut);
            one.Choices.Count.ShouldBe(3);
            one.Amounts.ShouldBeInOrder();
            one.Because.Template.ShouldContain("set index");
        }

        seen.ShouldBe(Enum.GetValues<SliceStand>(), ignoreOrder: true);

        // Cornflour’s worth in 100 g: 2 pours, 3.5 leans, 4.7 is clean, 5.5 sharp, 7 stiff; gelatine’s from 1.6 on is stiff.
        double[] starch = [2, 3.5, 4.7, 5.5, 7];
        starch.Select(i => CutBands.Of(CutBands.Starch, i).Stands).ShouldBe(Enum.GetValues<SliceStand>());
        CutBands.Of(CutBands.Gelatine, 2).Stands.ShouldBe(SliceStand.Stiff);
    }

    /// <summary>The right answer stands in every place: nobody gets by on “always the second”.</summary>
    [Fact]
    public void The_right_answer_is_not_always_in_one_place()
    {
        foreach (var kind in Kinds)
        {
            var places = Enumerable.Range(0, 120).Select(i => Exercises.Of(kind, i, 2).Right).GroupBy(r => r).Select(g => g.Count())
                .ToList();
            places.Count.ShouldBeGreaterThan(1, $"{kind}");
            places.Max().ShouldBeLessThan(110, $"{kind}");
        }
    }

    /// <summary>
    /// Missed at nine: not at once again, after five minutes again; right then, a day later; right again, four days later.
    /// </summary>
    [Fact]
    public void What_was_missed_comes_back_spaced_out()
    {
        var missed = Gave(ExerciseKind.CupWeighs, 5, right: false, 0);
        PracticeAnswer[] between = [missed, Gave(ExerciseKind.WillItFit, 9, right: true, 1)];
        PracticePlan.Next(between, Monday.AddMinutes(2)).Seed.ShouldNotBe(5);
        PracticePlan.Next(between, Monday.AddMinutes(6)).ShouldBe((ExerciseKind.CupWeighs, 5, 1));

        PracticeAnswer[] then =
            [.. between, Gave(ExerciseKind.CupWeighs, 5, right: true, 7), Gave(ExerciseKind.WillItFit, 10, right: true, 8)];
        PracticePlan.Next(then, Monday.AddHours(2)).Seed.ShouldNotBe(5);
        PracticePlan.Next(then, Monday.AddHours(25)).ShouldBe((ExerciseKind.CupWeighs, 5, 1));
        PracticeAnswer[] later =
        [
            .. then, Gave(ExerciseKind.CupWeighs, 5, right: true, 25 * 60), Gave(ExerciseKind.WillItFit, 11, right: true, (25 * 60) + 1),
        ];
        PracticePlan.Next(later, Monday.AddHours(50)).Seed.ShouldNotBe(5);
        PracticePlan.Next(later, Monday.AddHours(25 + 97)).ShouldBe((ExerciseKind.CupWeighs, 5, 1));

        // The very last one is never asked twice in a row.
        PracticePlan.Next([missed], Monday.AddDays(2)).Seed.ShouldNotBe(5);
    }

    [Fact]
    public void It_gets_harder_after_three_right_and_easier_after_two_wrong()
    {
        PracticeAnswer[] Of(string marks) => [.. marks.Select((m, i) => Gave(ExerciseKind.ReadTheCut, i, m == '+', i))];
        PracticePlan.LevelOf(Of(""), ExerciseKind.ReadTheCut).ShouldBe(1);
        PracticePlan.LevelOf(Of("++"), ExerciseKind.ReadTheCut).ShouldBe(1);
        PracticePlan.LevelOf(Of("+++"), ExerciseKind.ReadTheCut).ShouldBe(2);
        PracticePlan.LevelOf(Of("++++++++++++"), ExerciseKind.ReadTheCut).ShouldBe(3);
        PracticePlan.LevelOf(Of("+++--"), ExerciseKind.ReadTheCut).ShouldBe(1);
        PracticePlan.LevelOf(Of("----"), ExerciseKind.ReadTheCut).ShouldBe(1);
        PracticePlan.LevelOf(Of("+++"), ExerciseKind.WillItFit).ShouldBe(1);
    }

    /// <summary>All kinds come up before any comes a second time, and one kind alone where that is asked for.</summary>
    [Fact]
    public void Every_kind_has_its_turn()
    {
        var answers = new List<PracticeAnswer>();
        for (var i = 0; i < Kinds.Length; i++)
        {
            var (kind, seed, level) = PracticePlan.Next(answers, Monday.AddMinutes(i));
            answers.Add(Gave(kind, seed, right: true, i, level));
        }

        answers.Select(a => a.Kind).ShouldBe(Kinds, ignoreOrder: true);
        PracticePlan.Next(answers, Monday.AddHours(1), ExerciseKind.RunningLate).Kind.ShouldBe(ExerciseKind.RunningLate);
    }
}
