using Mono.Cecil;
using RoundCrumb.Core.Composing;

namespace RoundCrumb.Architecture.Tests;

/// <summary>
/// Core's folders stand on one another in one order, and none on one above it: by what is compiled, not by what is written at the top of a
/// file.
/// </summary>
public sealed class CoreOrderTests
{
    private const string Root = "RoundCrumb.Core.";

    /// <summary>From the ground up. A folder may use those of the lines above its own, and no other.</summary>
    private static readonly string[][] Storeys =
    [
        ["Quantities"],
        ["Ingredients"],
        ["Working"],
        ["Corrections", "Cutting", "Layouts", "Market", "Methods", "Pans", "Stocktaking", "Units"],
        ["Arranging", "Crusts", "Learning"],
        ["Fillings", "HeatFlow"],
        ["Kitchens"],
        ["BlindBaking", "Layering", "Toppings"],
        ["Recipes"],
        ["Composing"],
        ["Baking"],
        ["Cooling"],
        ["Steps"],
        ["Shells", "Advice"],
        ["Pairing", "Pouring"],
        ["Batches"],
        ["Buying", "Faults", "Records"],
        ["Bench", "Costing", "Diagnosis", "Guide", "Leftovers", "Portioning", "Practice", "Trials"],
        ["Labelling"],
    ];

    [Fact]
    public void No_folder_of_Core_uses_one_that_stands_above_it_or_beside_it()
    {
        var storey = Storeys.SelectMany((names, i) => names.Select(n => (n, i))).ToDictionary(x => x.n, x => x.i, StringComparer.Ordinal);
        using var module = ModuleDefinition.ReadModule(typeof(Composition).Assembly.Location);
        var types = module.GetTypes().Where(t => FolderOf(t) is not null).ToList();
        types.Select(t => FolderOf(t)!).Distinct().Except(storey.Keys).ShouldBeEmpty("a new folder is put into the order above");
        storey.Keys.Except(types.Select(t => FolderOf(t)!)).ShouldBeEmpty("a folder that is gone is taken out of the order above");
        var wrong = from type in types
                    let folder = FolderOf(type)!
                    from use in UsedBy(type).Select(u => (Type: u.Name, Folder: FolderOf(u)))
                        .Where(u => u.Folder is not null && u.Folder != folder).Distinct()
                    where storey[use.Folder!] >= storey[folder]
                    select $"{folder} uses {use.Folder}: {type.Name} uses {use.Type}";
        wrong.Order(StringComparer.Ordinal).ShouldBeEmpty();
    }

    private static string? FolderOf(TypeReference type)
    {
        var outer = type;
        while (outer.DeclaringType is { } more)
            outer = more;
        return outer.Namespace.StartsWith(Root, StringComparison.Ordinal) ? outer.Namespace[Root.Length..] : null;
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
}
