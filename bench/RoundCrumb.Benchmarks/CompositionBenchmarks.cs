using BenchmarkDotNet.Attributes;
using BenchmarkDotNet.Jobs;
using RoundCrumb.Core.Advice;
using RoundCrumb.Core.Batches;
using RoundCrumb.Core.Composing;

namespace RoundCrumb.Benchmarks;

/// <summary>One full composition: all sums, all advice, all working. The promise is under 200 µs and under 100 kB.</summary>
[MemoryDiagnoser]
[SimpleJob(RuntimeMoniker.Net10_0, launchCount: 1, warmupCount: 5, iterationCount: 12)]
public class CompositionBenchmarks
{
    private Composition _pie = Composition.Usual;

    /// <summary>A pie that works, and one with advice and remedies.</summary>
    [Params("works", "runs over", "in layers")]
    public string Pie { get; set; } = "";

    [GlobalSetup]
    public void SetUp() => _pie = Pie == "works"
        ? Composition.Usual
        : Pie == "in layers"
        ? CompositionAddress.Read(
            "pan=springform-20&crust=plain-crumb&bake=chilled&under1=salt-caramel&under2=banana-slices&fill=honey-cheese&line=22&"
                + "top=gelatine&on1=laid-raspberries&on1-laid=rim&on2=dust-icing&ahead=12&topped=4").Composition
        : CompositionAddress.Read(
            "pan=deep-plate-24&crust=plain-crumb&bake=chilled&fill=butterscotch-custard&make=4&set=70&top=gelatine&cream=24&"
                + "ahead=30&topped=30&veg=1&nooven=1").Composition;

    /// <summary>Sums, steps, advice, and every figure's working listed.</summary>
    [Benchmark(Baseline = true)]
    public int SumsAdviceAndWorking()
    {
        var pie = Assessment.Of(_pie);
        var terms = pie.Advice.Count;
        foreach (var figure in pie.Figures())
            terms += figure.Terms.Count;
        return terms;
    }

    /// <summary>The batch sheet for twelve, on top of it.</summary>
    [Benchmark]
    public int BatchSheetForTwelve() => BatchSheet.Of(Assessment.Of(_pie, 12)).Parts.Count;

    /// <summary>Writing and reading the address.</summary>
    [Benchmark]
    public int AddressThereAndBack() => CompositionAddress.Read(CompositionAddress.Write(_pie)).Troubles.Count;
}
