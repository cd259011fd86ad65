using System.Reflection;
using Mono.Cecil;
using RoundCrumb.Core.Composing;
using RoundCrumb.Data;
using RoundCrumb.Formats.Reading;

namespace RoundCrumb.Architecture.Tests;

/// <summary>Who may lean on whom.</summary>
public class LayerTests
{
    private static readonly Assembly Core = typeof(Composition).Assembly;
    private static readonly Assembly Data = typeof(RoundCrumbContext).Assembly;
    private static readonly Assembly Formats = typeof(LineReader).Assembly;
    private static readonly Assembly Web = typeof(Program).Assembly;

    [Fact]
    public void Core_leans_on_nothing_but_the_base_library()
    {
        var leans = Core.GetReferencedAssemblies().Select(a => a.Name!).ToList();
        leans.ShouldAllBe(name => name.StartsWith("System.", StringComparison.Ordinal) || name == "netstandard" || name == "mscorlib");
        string[] impure = ["System.Net.", "System.IO.FileSystem", "System.Data", "System.Net.Http", "System.Diagnostics.Process"];
        leans.ShouldAllBe(name => !impure.Any(i => name.StartsWith(i, StringComparison.Ordinal)));
    }

    /// <summary>By what its code calls, not only by what it hands out.</summary>
    [Fact]
    public void Core_knows_no_clock_no_chance_and_no_machine()
    {
        string[] impure =
        [
            "System.DateTime::get_Now", "System.DateTime::get_UtcNow", "System.DateTime::get_Today", "System.DateTimeOffset::get_Now",
            "System.DateTimeOffset::get_UtcNow", "System.TimeProvider::", "System.Diagnostics.Stopwatch::",
            "System.Environment::get_MachineName", "System.Environment::get_TickCount",
            "System.Environment::GetEnvironmentVariable", "System.Environment::Exit",
            "System.Random::", "System.Guid::NewGuid", "System.IO.File::", "System.Console::", "System.Threading.Thread::Sleep",
        ];
        Calls(Core).Where(c => impure.Any(i => c.Called.Contains(i, StringComparison.Ordinal))).Select(c => $"{c.By} calls {c.Called}")
            .ShouldBeEmpty();

        // The net has no hole: it finds the clock where there is one.
        Calls(Data).ShouldContain(c => c.Called.Contains("System.TimeProvider::", StringComparison.Ordinal));
    }

    private static IEnumerable<(string By, string Called)> Calls(Assembly assembly)
    {
        using var module = ModuleDefinition.ReadModule(assembly.Location);
        return [.. from type in module.GetTypes()
                   from method in type.Methods
                   where method.HasBody
                   from instruction in method.Body.Instructions
                   where instruction.Operand is MethodReference
                   select (method.FullName, ((MethodReference)instruction.Operand).FullName)];
    }

    [Fact]
    public void Core_keeps_no_state_that_changes() =>
        Core.GetTypes().Where(t => !t.Name.StartsWith('<'))
            .SelectMany(t => t.GetFields(BindingFlags.Static | BindingFlags.Public | BindingFlags.NonPublic | BindingFlags.DeclaredOnly))
            .Where(f => !f.IsInitOnly && !f.IsLiteral && !f.Name.StartsWith('<'))
            .Select(f => f.DeclaringType!.Name + "." + f.Name).ShouldBeEmpty();

    [Fact]
    public void Data_leans_on_core_alone_of_ours() => Ours(Data).ShouldBe(["RoundCrumb.Core"]);

    [Fact]
    public void Formats_leans_on_core_alone_of_ours() => Ours(Formats).ShouldBe(["RoundCrumb.Core"]);

    [Fact]
    public void Scheduling_leans_on_core_alone_of_ours() => Ours(typeof(Scheduling.Model.Day).Assembly).ShouldBe(["RoundCrumb.Core"]);

    [Fact]
    public void Application_leans_on_all_below_it_and_knows_no_web()
    {
        var application = typeof(Application.Reading.CompositionReader).Assembly;
        Ours(application).ShouldBe(["RoundCrumb.Core", "RoundCrumb.Data", "RoundCrumb.Formats", "RoundCrumb.Scheduling"]);
        application.GetReferencedAssemblies().ShouldAllBe(a => !a.Name!.StartsWith("Microsoft.AspNetCore", StringComparison.Ordinal));
    }

    [Fact]
    public void Web_leans_on_all() =>
        Ours(Web).ShouldBe(["RoundCrumb.Application", "RoundCrumb.Core", "RoundCrumb.Data", "RoundCrumb.Formats", "RoundCrumb.Scheduling"]);

    private static IEnumerable<string> Ours(Assembly assembly) =>
        assembly.GetReferencedAssemblies().Select(a => a.Name!).Where(n => n.StartsWith("RoundCrumb.", StringComparison.Ordinal)).Order();
}
