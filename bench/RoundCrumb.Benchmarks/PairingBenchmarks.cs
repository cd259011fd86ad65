using BenchmarkDotNet.Attributes;
using BenchmarkDotNet.Jobs;
using RoundCrumb.Core.Advice;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Pairing;
using RoundCrumb.Core.Pans;

namespace RoundCrumb.Benchmarks;

/// <summary>All rules on one pie, and a board of twenty crusts against thirty fillings. The promises are 100 µs and 60 ms.</summary>
[MemoryDiagnoser]
[SimpleJob(RuntimeMoniker.Net10_0, launchCount: 1, warmupCount: 4, iterationCount: 10)]
public class PairingBenchmarks
{
    private readonly Wish _wish = new(PanCupboard.Plate23, new(14, 1, NoOven: false, Vegetarian: false));
    private readonly List<CrustFamily> _crusts = [.. CrustBook.All.Concat(CrustBook.All).Where(c => c is not ShellFamily).Take(20)];
    private readonly List<FillingFormula> _fillings = [.. FillingBook.All.Concat(FillingBook.All).Take(30)];
    private Assessment _works = null!;
    private Assessment _wrong = null!;

    [GlobalSetup]
    public void SetUp()
    {
        _works = Assessment.Of(Composition.Usual);
        _wrong = Assessment.Of(
            CompositionAddress.Read(
                "pan=deep-plate-24&crust=plain-crumb&bake=chilled&fill=butterscotch-custard&make=4&set=70&under1=salt-caramel&"
                    + "top=gelatine&cream=24&on1=laid-raspberries&ahead=30&topped=30&veg=1&nooven=1&no-milk=1").Composition);
    }

    /// <summary>Every rule, on a pie that works.</summary>
    [Benchmark]
    public int AllRulesOnAPieThatWorks() => RuleBook.Evaluate(_works).Count;

    /// <summary>Every rule, on a pie with much wrong.</summary>
    [Benchmark]
    public int AllRulesOnAPieWithMuchWrong() => RuleBook.Evaluate(_wrong).Count;

    /// <summary>The board, each cell a pie worked out and judged.</summary>
    [Benchmark]
    public int BoardOf20By30() => Board.Of(_wish, _crusts, _fillings, Kitchen.Usual).Cells.Count;
}
