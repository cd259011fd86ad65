using System.Globalization;
using System.Numerics;
using System.Reflection;
using RoundCrumb.Core.Composing;

namespace RoundCrumb.Core.Tests.Words;

/// <summary>
/// What the core calls the things it declares: each member of a kind has words of its own, and what is said of one says something.
/// </summary>
public class EveryWordTests
{
    /// <summary>What tells one thing from the next; the rest may be said of two alike.</summary>
    private static readonly string[] Telling = ["Name", "Word", "Label"];

    private static readonly Assembly Core = typeof(Composition).Assembly;

    /// <summary>Every property that gives words for the members of an enumeration: the class, the enumeration and the property.</summary>
    public static TheoryData<string, string> Sayings
    {
        get
        {
            var data = new TheoryData<string, string>();
            foreach (var (type, getter) in Getters())
                data.Add(type.FullName!, getter.Name);
            return data;
        }
    }

    private static IEnumerable<(Type Type, MethodInfo Getter)> Getters() =>
        from type in Core.GetTypes()
        where type is { IsAbstract: true, IsSealed: true, IsPublic: true }
        from method in type.GetMethods(BindingFlags.Public | BindingFlags.Static)
        where method.Name.StartsWith("get_", StringComparison.Ordinal) && method.ReturnType == typeof(string)
            && method.GetParameters() is [{ ParameterType.IsEnum: true }]
        select (type, method);

    [Theory]
    [MemberData(nameof(Sayings))]
    public void Every_member_has_its_words(string type, string getter)
    {
        var method = Core.GetType(type)!.GetMethod(getter, BindingFlags.Public | BindingFlags.Static)!;
        var of = method.GetParameters()[0].ParameterType;
        // Of what can be several at once, one at a time.
        var members = Enum.GetValues(of).Cast<object>()
            .Where(m => !of.IsDefined(typeof(FlagsAttribute)) || BitOperations.IsPow2(Convert.ToUInt64(m, CultureInfo.InvariantCulture)));
        var said = members.Select(m => (Member: m, Words: (string)method.Invoke(null, [m])!)).ToList();
        foreach (var (member, words) in said)
        {
            words.ShouldNotBeNull($"{member}");
            words.ShouldBe(words.Trim(), $"{member}");
            words.ShouldNotContain("  ");
        }

        if (!Telling.Contains(getter[4..]))
            return;
        said.ShouldAllBe(s => s.Words.Length > 0);
        said.GroupBy(s => s.Words, StringComparer.OrdinalIgnoreCase).Where(g => g.Count() > 1)
            .ShouldBeEmpty($"two {of.Name} are called the same");
    }

    [Fact]
    public void There_are_such_words() => Getters().Count().ShouldBeGreaterThan(15);
}
