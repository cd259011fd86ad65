using System.Globalization;
using BenchmarkDotNet.Running;
using RoundCrumb.Benchmarks;

// dotnet run -c Release --project bench/RoundCrumb.Benchmarks -- --filter '*'   the core and reading, with BenchmarkDotNet
// dotnet run -c Release --project bench/RoundCrumb.Benchmarks -- http          a change in Compose over HTTP beside a static file
// dotnet run -c Release --project bench/RoundCrumb.Benchmarks -- search        search as you type over 5,000 parts
// dotnet run -c Release --project bench/RoundCrumb.Benchmarks -- start         started again after a kill
// dotnet run -c Release --project bench/RoundCrumb.Benchmarks -- heat          how a pie cools
// dotnet run -c Release --project bench/RoundCrumb.Benchmarks -- bench         ticks, runs, plays and days planned again
// dotnet run -c Release --project bench/RoundCrumb.Benchmarks -- learning      5,000 bakes learned, log pages, graphs for docs/learning
// dotnet run -c Release --project bench/RoundCrumb.Benchmarks -- large         every page with 1,000 pies and 2,000 parts beside the demo
// alone
// dotnet run -c Release --project bench/RoundCrumb.Benchmarks -- days [16]     bake days of 8 to 40 batches, or of so many alone, against
// one order after the other
switch (args)
{
    case ["http", ..]:
        return await HttpRatio.RunAsync();
    case ["search", ..]:
        return await SearchSpeed.RunAsync();
    case ["start", ..]:
        return await StartSpeed.RunAsync();
    case ["heat", ..]:
        return HeatSpeed.Run();
    case ["bench", ..]:
        return await BenchSpeed.RunAsync();
    case ["learning", ..]:
        return await LearningSpeed.RunAsync();
    case ["large", ..]:
        return await LargeKitchen.RunAsync();
    case ["days", var size]:
        return DaySpeed.Run(int.Parse(size, CultureInfo.InvariantCulture));
    case ["days", ..]:
        return DaySpeed.Run();
    default:
        BenchmarkSwitcher.FromTypes(
            [typeof(CompositionBenchmarks), typeof(CrustBenchmarks), typeof(PairingBenchmarks), typeof(ReadingBenchmarks)]).Run(args);
        return 0;
}
