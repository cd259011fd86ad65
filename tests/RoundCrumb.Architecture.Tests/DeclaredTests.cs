using System.Reflection;
using RoundCrumb.Core.Advice;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Toppings;
using RoundCrumb.Formats.Reading;

namespace RoundCrumb.Architecture.Tests;

/// <summary>
/// What is declared is in the list by which it is offered. CONTRIBUTING says which steps a change has; a test here names the one that
/// was forgotten.
/// </summary>
public sealed class DeclaredTests
{
    private const BindingFlags Statics = BindingFlags.Static | BindingFlags.Public | BindingFlags.NonPublic;

    /// <summary>Everything of a type that a class declares, by name.</summary>
    private static IEnumerable<(string Name, T Value)> Declared<T>(Type where) =>
        where.GetFields(Statics).Where(f => typeof(T).IsAssignableFrom(f.FieldType) && !f.Name.StartsWith('<'))
        .Select(f => (f.Name, (T)f.GetValue(null)!))
        .Concat(
            where.GetProperties(Statics).Where(p => typeof(T).IsAssignableFrom(p.PropertyType))
                .Select(p => (p.Name, (T)p.GetValue(null)!)));

    private static void Listed<T>(Type where, IEnumerable<T> all, string list) =>
        Declared<T>(where).Where(d => !all.Contains(d.Value)).Select(d => d.Name)
            .ShouldBeEmpty($"declared in {where.Name}: put it into {list}");

    [Fact]
    public void Every_crust_is_offered() => Listed(typeof(CrustBook), CrustBook.All, "CrustBook.All");

    [Fact]
    public void Every_family_of_fillings_is_offered_and_has_a_formula()
    {
        foreach (
            var kind in typeof(FillingFamilies).Assembly.GetTypes()
                .Where(t => t.Namespace == typeof(FillingFamilies).Namespace && t.Name.EndsWith("Fillings", StringComparison.Ordinal)))
            Listed(kind, FillingFamilies.All, "FillingFamilies.All, and name it there");
        Listed(typeof(FillingFamilies), FillingFamilies.All, "FillingFamilies.All");
        Listed(typeof(FillingBook), FillingBook.All, "FillingBook.All");
        FillingFamilies.All.Where(f => FillingBook.All.All(b => b.Family.Id != f.Id)).Select(f => f.Id)
            .ShouldBeEmpty("a family wants a formula of its own in FillingBook");
    }

    [Fact]
    public void Every_topping_is_offered() => Listed(typeof(ToppingBook), ToppingBook.All, "ToppingBook.All");

    [Fact]
    public void Every_rule_is_read_over_a_pie()
    {
        foreach (
            var file in typeof(RuleBook).Assembly.GetTypes()
                .Where(t => t.Namespace == typeof(RuleBook).Namespace && t.Name.EndsWith("Rules", StringComparison.Ordinal)))
            Listed(file, RuleBook.All, $"{file.Name}.All");
    }

    [Fact]
    public void Every_kind_of_pan_is_in_the_cupboard_and_has_a_code_and_words_of_its_own()
    {
        Listed(typeof(PanCupboard), PanCupboard.All, "PanCupboard.All");
        var kinds = Enum.GetValues<PanKind>();

        // A ring has no usual size: a baker measures his own.
        kinds.Except([PanKind.Ring]).Where(k => PanCupboard.All.All(p => p.Kind != k))
            .ShouldBeEmpty("a kind wants a pan of it in PanCupboard");
        kinds.Select(k => k.Facts.Code).ShouldBeUnique("two kinds of pan have one code");
        kinds.Where(k => !ShellOrderReader.Knows(k)).ShouldBeEmpty("say in ShellOrderReader by which words it is asked for");
    }
}
