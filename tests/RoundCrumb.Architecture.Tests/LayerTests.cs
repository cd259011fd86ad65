using System.Reflection;
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

    [Fact]
    public void Core_knows_no_clock() =>
        Core.GetTypes().Where(t => !t.IsEnum)
            .SelectMany(
                t =>
                    t.GetMembers(
                        BindingFlags.Public | BindingFlags.NonPublic | BindingFlags.Instance | BindingFlags.Static
                            | BindingFlags.DeclaredOnly))
            .Select(m => m switch { PropertyInfo p => p.PropertyType, FieldInfo f => f.FieldType, MethodInfo f => f.ReturnType, _ => null })
            .ShouldAllBe(t => t != typeof(DateTime) && t != typeof(DateTimeOffset) && t != typeof(TimeProvider));

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
    public void Web_leans_on_all() =>
        Ours(Web).ShouldBe(["RoundCrumb.Application", "RoundCrumb.Core", "RoundCrumb.Data", "RoundCrumb.Formats", "RoundCrumb.Scheduling"]);

    private static IEnumerable<string> Ours(Assembly assembly) =>
        assembly.GetReferencedAssemblies().Select(a => a.Name!).Where(n => n.StartsWith("RoundCrumb.", StringComparison.Ordinal)).Order();
}
