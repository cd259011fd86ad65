using System.Globalization;
using System.Runtime.CompilerServices;
using System.Text;
using Microsoft.CodeAnalysis.CSharp;
using Microsoft.CodeAnalysis.CSharp.Syntax;
using Mono.Cecil;

namespace RoundCrumb.Architecture.Tests;

/// <summary>
/// Folders stand on one another: in no project do two lie in a circle, and none of Core uses one of a higher storey. Read from the tree and
/// from what is compiled, not from what is written at the top of a file.
/// </summary>
public sealed class FolderOrderTests
{
    private static readonly string Root = Path.GetFullPath(Path.Combine(Path.GetDirectoryName(Here())!, "..", ".."));

    public static TheoryData<string> Projects => [.. Directory.GetDirectories(Path.Combine(Root, "src")).Select(d => Path.GetFileName(d)!)];

    [Theory]
    [MemberData(nameof(Projects))]
    public void No_folders_lie_in_a_circle(string project)
    {
        var arrows = ArrowsOf(project);
        var circles = Circles(arrows.ToLookup(a => a.From, a => a.To, StringComparer.Ordinal));
        circles.SelectMany(c => arrows.Where(a => c.Contains(a.From) && c.Contains(a.To)).Select(a => $"{a.From} uses {a.To}: {a.Why}"))
            .Order(StringComparer.Ordinal).ShouldBeEmpty();
    }

    [Fact]
    public void No_folder_of_Core_uses_one_of_a_higher_storey() =>
        ArrowsOf("RoundCrumb.Core").Where(a => StoreyOf(a.To) > StoreyOf(a.From)).Select(a => $"{a.From} uses {a.To}: {a.Why}")
            .Order(StringComparer.Ordinal).ShouldBeEmpty();

    /// <summary>A file that lay beside the folders would be in no order.</summary>
    [Fact]
    public void Every_file_of_Core_lies_in_a_folder_of_a_storey() =>
        Directory.EnumerateFiles(Path.Combine(Root, "src", "RoundCrumb.Core"), "*.cs", SearchOption.AllDirectories)
            .Select(f => Path.GetRelativePath(Path.Combine(Root, "src", "RoundCrumb.Core"), f).Split(Path.DirectorySeparatorChar))
            .Where(p => p[0] is not ("bin" or "obj") && (p.Length != 3 && p.Length != 4 || !char.IsAsciiDigit(p[0][0])))
            .Select(p => string.Join('/', p)).ShouldBeEmpty();

    /// <summary>
    /// The picture of Core's storeys in the handbook is the tree's. ROUNDCRUMB_DRAW=write draws it anew.
    /// </summary>
    [Fact]
    public void The_picture_in_the_handbook_is_the_trees()
    {
        const string Begin = "<!-- storeys -->\n", End = "<!-- end of storeys -->";
        var file = Path.Combine(Root, "docs", "architecture.md");
        var text = File.ReadAllText(file);
        var (from, to) = (text.IndexOf(Begin, StringComparison.Ordinal) + Begin.Length, text.IndexOf(End, StringComparison.Ordinal));
        var drawn = Drawn();
        if (Environment.GetEnvironmentVariable("ROUNDCRUMB_DRAW") == "write")
        {
            File.WriteAllText(file, text[..from] + drawn + text[to..]);
            return;
        }

        text[from..to].ShouldBe(drawn, "draw it anew: ROUNDCRUMB_DRAW=write");
    }

    private static string Drawn()
    {
        var arrows = ArrowsOf("RoundCrumb.Core").ToLookup(a => a.From, a => a.To, StringComparer.Ordinal);
        var drawn = new StringBuilder("| storey | folder | stands on |\n|---|---|---|\n");
        foreach (var storey in FoldersOf("RoundCrumb.Core").Values.Distinct().Order(StringComparer.Ordinal).GroupBy(f => f.Split('/')[0]))
        {
            foreach (var folder in storey)
            {
                var on = string.Join(", ", arrows[folder].Select(t => t.Split('/')[1]).Distinct().Order(StringComparer.Ordinal));
                drawn.Append(CultureInfo.InvariantCulture, $"| {storey.Key.Replace('-', ' ')} | {folder.Split('/')[1]} | ")
                    .Append(on.Length > 0 ? on : "nothing").Append(" |\n");
            }
        }

        return drawn.ToString();
    }

    private static int StoreyOf(string folder) => int.Parse(folder.Split('-')[0], CultureInfo.InvariantCulture);

    /// <summary>Which folder uses which, each with one of the reasons.</summary>
    private static List<(string From, string To, string Why)> ArrowsOf(string project)
    {
        var folders = FoldersOf(project);
        using var module = ModuleDefinition.ReadModule(Path.Combine(AppContext.BaseDirectory, project + ".dll"));
        var arrows = from type in module.GetTypes()
                     let folder = folders.GetValueOrDefault(NameOf(type))
                     where folder is not null
                     from use in UsedBy(type)
                     let other = folders.GetValueOrDefault(NameOf(use))
                     where other is not null && other != folder
                     select (From: folder, To: other, Why: $"{NameOf(type)} uses {NameOf(use)}");
        return [.. arrows.GroupBy(a => (a.From, a.To)).Select(g => g.MinBy(a => a.Why, StringComparer.Ordinal))];
    }

    /// <summary>
    /// The folder of each type that a project declares; what stands at the project's root is above all of them and has none. In Core a
    /// folder is two deep: the storey, and the idea.
    /// </summary>
    private static Dictionary<string, string> FoldersOf(string project)
    {
        var folders = new Dictionary<string, string>(StringComparer.Ordinal);
        var root = Path.Combine(Root, "src", project);
        foreach (var file in Directory.EnumerateFiles(root, "*.cs", SearchOption.AllDirectories))
        {
            var parts = Path.GetRelativePath(root, file).Split(Path.DirectorySeparatorChar);
            if (parts.Length < 2 || parts[0] is "bin" or "obj" or "Migrations")
                continue;
            var depth = char.IsAsciiDigit(parts[0][0]) || parts[0] == "Features" ? 2 : 1;
            if (parts.Length <= depth)
                continue;
            var syntax = CSharpSyntaxTree.ParseText(File.ReadAllText(file)).GetCompilationUnitRoot();
            foreach (var space in syntax.Members.OfType<BaseNamespaceDeclarationSyntax>())
            {
                foreach (var (name, arity) in space.Members.Select(Declared).Where(d => d.Name.Length > 0))
                    folders[$"{space.Name}.{name}{(arity > 0 ? $"`{arity}" : "")}"] = string.Join('/', parts[..depth]);
            }
        }

        return folders;
    }

    private static (string Name, int Arity) Declared(MemberDeclarationSyntax member) => member switch
    {
        TypeDeclarationSyntax type => (type.Identifier.Text, type.TypeParameterList?.Parameters.Count ?? 0),
        BaseTypeDeclarationSyntax type => (type.Identifier.Text, 0),
        DelegateDeclarationSyntax type => (type.Identifier.Text, type.TypeParameterList?.Parameters.Count ?? 0),
        _ => ("", 0),
    };

    private static string NameOf(TypeReference type)
    {
        var outer = type;
        while (outer.DeclaringType is { } more)
            outer = more;
        return $"{outer.Namespace}.{outer.Name}";
    }

    /// <summary>Folders that can be reached from one another, by Tarjan's way of finding them.</summary>
    private static List<IReadOnlySet<string>> Circles(ILookup<string, string> uses)
    {
        var (index, low) = (new Dictionary<string, int>(StringComparer.Ordinal), new Dictionary<string, int>(StringComparer.Ordinal));
        var (open, found) = (new Stack<string>(), new List<IReadOnlySet<string>>());
        foreach (var folder in uses.Select(u => u.Key))
        {
            if (!index.ContainsKey(folder))
                Visit(folder);
        }

        return found;

        void Visit(string at)
        {
            index[at] = low[at] = index.Count;
            open.Push(at);
            foreach (var next in uses[at])
            {
                if (!index.ContainsKey(next))
                    Visit(next);
                if (open.Contains(next))
                    low[at] = Math.Min(low[at], low[next]);
            }

            if (low[at] != index[at])
                return;
            var circle = new HashSet<string>(StringComparer.Ordinal);
            while (circle.Add(open.Peek()) && open.Pop() != at)
            {
            }

            if (circle.Count > 1)
                found.Add(circle);
        }
    }

    /// <summary>Every type that a type names, in its members and in what they do.</summary>
    private static IEnumerable<TypeReference> UsedBy(TypeDefinition type)
    {
        var used = new List<TypeReference?> { type.BaseType };
        used.AddRange(type.Interfaces.Select(i => i.InterfaceType));
        used.AddRange(type.Fields.Select(f => f.FieldType));
        used.AddRange(type.Properties.Select(p => p.PropertyType));
        foreach (var method in type.Methods)
        {
            used.Add(method.ReturnType);
            used.AddRange(method.Parameters.Select(p => p.ParameterType));
            if (!method.HasBody)
                continue;
            used.AddRange(method.Body.Variables.Select(v => v.VariableType));
            foreach (var instruction in method.Body.Instructions)
            {
                switch (instruction.Operand)
                {
                    case TypeReference t:
                        used.Add(t);
                        break;
                    case MethodReference m:
                        used.Add(m.DeclaringType);
                        used.Add(m.ReturnType);
                        break;
                    case FieldReference f:
                        used.Add(f.DeclaringType);
                        used.Add(f.FieldType);
                        break;
                    default:
                        break;
                }
            }
        }

        return used.OfType<TypeReference>().SelectMany(Parts);
    }

    /// <summary>A type, and those that it is made of: a list of crusts is of crusts.</summary>
    private static IEnumerable<TypeReference> Parts(TypeReference type) => type switch
    {
        GenericInstanceType generic => generic.GenericArguments.SelectMany(Parts).Append(generic.ElementType),
        TypeSpecification wrapped => Parts(wrapped.ElementType),
        _ => [type],
    };

    private static string Here([CallerFilePath] string file = "") => file;
}
