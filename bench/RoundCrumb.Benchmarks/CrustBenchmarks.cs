using BenchmarkDotNet.Attributes;
using BenchmarkDotNet.Jobs;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Pairing;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Pouring;
using RoundCrumb.Core.Shells;

namespace RoundCrumb.Benchmarks;

/// <summary>Stand-ins ranked over a large rack, pans found for a batch, and a plan of many shells with its sheets cut.</summary>
[MemoryDiagnoser]
[SimpleJob(RuntimeMoniker.Net10_0, launchCount: 1, warmupCount: 4, iterationCount: 10)]
public class CrustBenchmarks
{
    private Kitchen _rack = Kitchen.Usual;
    private ShellWish _wish = null!;

    [GlobalSetup]
    public void SetUp()
    {
        // Two hundred pans of every kind, each a little different.
        var random = new Random(200);
        _rack = Kitchen.Usual with
        {
            Pans =
            [
                .. Enumerable.Range(0, 200).Select(i =>
                {
                    var kind = (PanKind)(i % 9);
                    var top = 70 + random.Next(260);
                    var pan = new Pan(
                        PanCupboard.OwnId, $"Pan {i}", kind, (PanMaterial)(i % 7), new(top), new(top - random.Next(20)),
                        new(20 + random.Next(50))) { Key = $"kitchen-{i}" };
                    return new PanPlace(
                        kind is PanKind.SquareTin or PanKind.OblongTart
                            ? pan with { Length = new(top + random.Next(150)), Corner = new(12) }
                            : pan,
                        1 + random.Next(6));
                }),
            ],
        };
        _wish = new(CrustBook.SweetShort, Treatment.Steady, Edge.Trimmed, Seal.None, FillingFamilies.StarchCustard.Shell);
    }

    /// <summary>One pie's stand-ins among 200 pans, each with its working.</summary>
    [Benchmark]
    public int StandInsAmong200Pans() => Assessment.Of(Composition.Usual, 1, _rack).StandIns.Count;

    /// <summary>The best sets of pans for one large batch, of forty that are owned.</summary>
    [Benchmark]
    public int PanSetsOf40Pans() => PanSearch.Best(new(4200), _wish, new(5), [.. _rack.Pans.Take(40)]).Count;

    /// <summary>Forty tartlets and twelve tarts, their discs cut from sheets.</summary>
    [Benchmark]
    public int PlanOf52Shells() =>
        ShellPlan.Of(_wish, [new(ShellPlan.Tartlet, 40, 20), new(PanCupboard.Find("tart-23")!, 12, 0)], Kitchen.Usual).Sheets.Count;
}
