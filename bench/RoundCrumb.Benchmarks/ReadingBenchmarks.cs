using BenchmarkDotNet.Attributes;
using RoundCrumb.Formats.Reading;

namespace RoundCrumb.Benchmarks;

/// <summary>Reading a thousand recipe lines, as people write them; the promise is under 50 ms.</summary>
[MemoryDiagnoser]
[ShortRunJob]
public class ReadingBenchmarks
{
    private readonly LineReader _reader = new(IngredientFinder.Shipped, new());
    private string[] _lines = [];

    /// <summary>Takes the lines of the tests' corpus.</summary>
    [GlobalSetup]
    public void Load()
    {
        var folder = new DirectoryInfo(AppContext.BaseDirectory);
        while (!File.Exists(Path.Combine(folder.FullName, "RoundCrumb.slnx")))
            folder = folder.Parent!;
        var corpus = File.ReadAllLines(Path.Combine(folder.FullName, "tests", "RoundCrumb.Formats.Tests", "Reading", "corpus.txt"))
            .Select(l => l.Split(" => ")[0]).ToArray();
        _lines = [.. Enumerable.Range(0, 1000).Select(i => corpus[i % corpus.Length])];
    }

    /// <summary>A thousand lines.</summary>
    [Benchmark]
    public int AThousandLines()
    {
        var items = 0;
        foreach (var line in _lines)
            items += _reader.Read(line).Items.Count;
        return items;
    }
}
