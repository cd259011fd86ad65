using RoundCrumb.Core.Trials;
using RoundCrumb.Data.Trials;
using RoundCrumb.Web.Features.Trials;

namespace RoundCrumb.Web.Tests;

/// <summary>How a trial is said: which way, by how much, in the words of what was looked at.</summary>
public class TrialWordsTests
{
    private static string Said(TrialMeasure measure, TrialSays says, double? difference) =>
        TrialWords.Said(
            new(
                new Trial { Name = "", AsItIs = "", Changed = "", Change = "", Measure = measure }, [], new(says, difference, 0.4, 4)));

    /// <summary>The same by so much one way and the other reads as the opposite, for every measure, with its size once.</summary>
    [Fact]
    public void More_and_less_are_opposite_words()
    {
        foreach (var measure in Enum.GetValues<TrialMeasure>())
        {
            var more = Said(measure, TrialSays.Differs, 1.25);
            var less = Said(measure, TrialSays.Differs, -1.25);
            more.ShouldStartWith("It makes a difference: ");
            less.ShouldStartWith("It makes a difference: ");
            more.ShouldNotBe(less, measure.ToString());
            foreach (var said in (string[])[more, less])
            {
                said.ShouldEndWith(".");
                said.ShouldNotContain("-", customMessage: "a size has no sign: the word says which way");
                said.ShouldNotContain(measure.ToString() + " ", Case.Sensitive);
            }
        }
    }

    [Theory]
    [InlineData(TrialMeasure.Set, 0.8, "the changed one cut 0.8 of a word firmer")]
    [InlineData(TrialMeasure.Set, -0.8, "the changed one cut 0.8 of a word softer")]
    [InlineData(TrialMeasure.Base, 1, "its base was 1 of a word softer")]
    [InlineData(TrialMeasure.Base, -1, "its base was 1 of a word crisper")]
    [InlineData(TrialMeasure.Top, 0.5, "its top held worse")]
    [InlineData(TrialMeasure.Top, -0.5, "its top held better")]
    [InlineData(TrialMeasure.Sweet, 1.5, "it was found 1.5 of a step sweeter")]
    [InlineData(TrialMeasure.Sharp, -1.5, "it was found 1.5 of a step less sharp")]
    [InlineData(TrialMeasure.Crisp, 2, "it was found 2 of a step crisper")]
    [InlineData(TrialMeasure.Shrank, 3.4, "it shrank 3.4 mm more")]
    [InlineData(TrialMeasure.Shrank, -3.4, "it shrank 3.4 mm less")]
    public void Each_measure_has_its_own_words(TrialMeasure measure, double difference, string says) =>
        Said(measure, TrialSays.Differs, difference).ShouldContain(says);

    [Theory]
    [InlineData(0.0)]
    [InlineData(0.04)]
    [InlineData(-0.04)]
    public void What_is_hardly_any_difference_is_none(double difference)
    {
        foreach (var measure in Enum.GetValues<TrialMeasure>())
            Said(measure, TrialSays.Same, difference).ShouldContain("both came out alike");
    }

    /// <summary>Where nothing is written down it says how many bakes would tell, and never that there is no difference.</summary>
    [Fact]
    public void Nothing_written_down_tells_nothing()
    {
        foreach (var measure in Enum.GetValues<TrialMeasure>())
        {
            var said = Said(measure, TrialSays.Nothing, null);
            said.ShouldStartWith("Nothing is written down yet. Four bakes of each");
            said.ShouldNotContain("No difference");
        }
    }
}
