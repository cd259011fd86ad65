using BenchmarkDotNet.Running;
using RoundCrumb.Benchmarks;

// dotnet run -c Release --project bench/RoundCrumb.Benchmarks             the core, with BenchmarkDotNet
// dotnet run -c Release --project bench/RoundCrumb.Benchmarks -- http     a change in Compose over HTTP beside a static file
if (args is ["http", ..])
    return await HttpRatio.RunAsync();
BenchmarkRunner.Run<CompositionBenchmarks>(args: args);
return 0;
