using FsCheck.Xunit;
using RoundCrumb.Core.Batches;
using RoundCrumb.Core.Bench;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Steps;

namespace RoundCrumb.Core.Tests.Bench;

/// <summary>What is weighed and read at the bench, and at which step.</summary>
public class StepReadingTests
{
    [Fact]
    public void A_custard_is_read_where_it_says_something()
    {
        StepKind.MakeFilling.Readings.ShouldBe([ReadingOf.Pot, ReadingOf.Filling]);
        StepKind.Fill.Readings.ShouldBe([ReadingOf.Pot, ReadingOf.LeftOver]);
        StepKind.BakeFilled.Readings.ShouldBe([ReadingOf.Oven, ReadingOf.Middle]);
        StepKind.CutAndPlate.Readings.ShouldBeEmpty();
    }

    /// <summary>Everything that can be read is read somewhere, or a scale and a probe would have nowhere to say it.</summary>
    [Fact]
    public void Everything_that_can_be_read_is_read_at_some_step() =>
        Enum.GetValues<StepKind>().SelectMany(k => k.Readings).Distinct().ShouldBe(Enum.GetValues<ReadingOf>(), ignoreOrder: true);

    [Theory]
    [InlineData(ReadingOf.Pot, true, 0, 100_000)]
    [InlineData(ReadingOf.LeftOver, true, 0, 100_000)]
    [InlineData(ReadingOf.Dough, true, 0, 100_000)]
    [InlineData(ReadingOf.Oven, false, 0, 350)]
    [InlineData(ReadingOf.Filling, false, -30, 130)]
    [InlineData(ReadingOf.Middle, false, -30, 130)]
    public void A_reading_is_a_weight_or_a_heat_within_what_can_be_meant(ReadingOf of, bool weight, double least, double most)
    {
        of.IsWeight.ShouldBe(weight);
        of.Range.ShouldBe((least, most));
        of.Name.ShouldNotBeEmpty();
    }

    /// <summary>Every bowl of a sheet is weighed at a step of the work, by hands, and no part of it before the crust’s first.</summary>
    [Property(Arbitrary = [typeof(ArbitraryPies)], MaxTest = 80)]
    public void Every_bowl_is_weighed_at_some_step(Composition pie)
    {
        var facts = Assessment.Of(pie);
        var sheet = BatchSheet.Of(facts);
        var steps = StepChain.For(facts).Steps;
        foreach (var part in sheet.Parts)
        {
            var at = WeighOut.StepOf(steps, part);
            at.ShouldNotBeNull(part.Name);
            steps[at.Value].HandsOn.ShouldBeGreaterThan(0, part.Name);
        }
    }

    [Fact]
    public void What_is_in_stock_is_not_weighed()
    {
        var facts = Assessment.Of(Pies.Plain);
        var sheet = BatchSheet.Of(facts);
        var crust = sheet.Parts.First(p => p.For is WeighedFor.Crust);
        var steps = StepChain.For(facts).Steps;
        WeighOut.StepOf([], crust).ShouldBeNull();
        WeighOut.StepOf([.. steps.Where(s => s.Kind is StepKind.Fill)], crust).ShouldBeNull();
        steps[WeighOut.StepOf(steps, crust)!.Value].Kind.ShouldBe(StepKind.MakeDough);
    }
}
