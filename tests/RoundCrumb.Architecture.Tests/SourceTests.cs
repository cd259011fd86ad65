using System.Runtime.CompilerServices;
using Microsoft.CodeAnalysis;
using Microsoft.CodeAnalysis.CSharp;
using Microsoft.CodeAnalysis.CSharp.Syntax;

namespace RoundCrumb.Architecture.Tests;

/// <summary>How long lines, methods and files may be, and what a page may not write by hand.</summary>
public sealed class SourceTests
{
    private const int LongestLine = 140;
    private const int LongestMethod = 70;
    private const int LongestFile = 430;

    private static readonly string Root = Path.GetFullPath(Path.Combine(Path.GetDirectoryName(Here())!, "..", ".."));

    private static IEnumerable<(string Name, string Text)> Sources(params string[] folders) => folders
        .SelectMany(f => Directory.EnumerateFiles(Path.Combine(Root, f), "*.cs", SearchOption.AllDirectories))
        .Where(f => !Parts(f).Any(p => p is "obj" or "bin" or "Migrations"))
        .Select(f => (Path.GetRelativePath(Root, f), File.ReadAllText(f)));

    private static string[] Parts(string file) => Path.GetRelativePath(Root, file).Split(Path.DirectorySeparatorChar);

    private static string Here([CallerFilePath] string file = "") => file;

    [Fact]
    public void No_line_is_longer_than_a_screen_is_wide()
    {
        // A page of text as a test reads it is one line where it is one in life.
        Sources("src", "tests", "bench")
            .SelectMany(
                s =>
                    s.Text.Split('\n').Index().Where(l => l.Item.Length > LongestLine && !IsSample(l.Item))
                        .Select(l => $"{s.Name}:{l.Index + 1}"))
            .ShouldBeEmpty();

        static bool IsSample(string line) =>
            line.Contains("\"\"\"", StringComparison.Ordinal) || line.Contains("BEGIN:VCALENDAR", StringComparison.Ordinal);
    }

    [Fact]
    public void No_file_is_longer_than_can_be_kept_in_mind() =>
        Sources("src").Select(s => (s.Name, Lines: s.Text.Count(c => c == '\n'))).Where(s => s.Lines > LongestFile)
            .Select(s => $"{s.Name}: {s.Lines}").ShouldBeEmpty();

    /// <summary>A function inside a method counts by itself.</summary>
    [Fact]
    public void No_method_is_longer_than_can_be_seen_at_once()
    {
        var cancel = TestContext.Current.CancellationToken;
        var found = from source in Sources("src")
                    from node in CSharpSyntaxTree.ParseText(source.Text, cancellationToken: cancel).GetRoot(cancel).DescendantNodes()
                    where node is BaseMethodDeclarationSyntax { Body: not null } or LocalFunctionStatementSyntax
                    let lines = LinesOf(node) - node.DescendantNodes().OfType<LocalFunctionStatementSyntax>()
                        .Where(
                            f => f.Ancestors().OfType<LocalFunctionStatementSyntax>().FirstOrDefault() is not { } outer || outer == node)
                            .Sum(LinesOf)
                    where lines > LongestMethod
                    select $"{source.Name}: {NameOf(node)}, {lines} lines";
        found.ShouldBeEmpty();

        static int LinesOf(SyntaxNode node)
        {
            var span = node.GetLocation().GetLineSpan();
            return span.EndLinePosition.Line - span.StartLinePosition.Line + 1;
        }

        static string NameOf(SyntaxNode node) => node switch
        {
            MethodDeclarationSyntax m => m.Identifier.Text,
            LocalFunctionStatementSyntax f => f.Identifier.Text,
            _ => "constructor",
        };
    }
}
