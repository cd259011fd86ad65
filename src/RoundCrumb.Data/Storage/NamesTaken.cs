using System.Globalization;

namespace RoundCrumb.Data.Storage;

/// <summary>Names that are taken, and the next one that is not: "Malt pie", "Malt pie 2", "Malt pie 3".</summary>
public sealed class NamesTaken
{
    private readonly HashSet<string> _taken;
    private readonly Dictionary<string, int> _last = new(Names.Comparer);

    /// <summary>Names that are taken.</summary>
    public NamesTaken(IEnumerable<string> names) => _taken = new(names, Names.Comparer);

    /// <summary>A name, or the next that is free like it; it is taken from then on.</summary>
    /// <param name="wanted">The name.</param>
    /// <param name="longest">The longest that may be, characters; the name gives way to the number.</param>
    public string Free(string wanted, int longest)
    {
        var name = Cut(wanted, longest);
        for (var n = _last.GetValueOrDefault(name, 1) + 1; !_taken.Add(name); n++)
        {
            _last[wanted] = n;
            var tail = string.Create(CultureInfo.InvariantCulture, $" {n}");
            name = Cut(wanted, longest - tail.Length) + tail;
        }

        return name;
    }

    /// <summary>True for a name and the same with a number behind it.</summary>
    public static bool AreAlike(string name, string other) => Names.AreSame(Stem(name), Stem(other));

    private static string Stem(string name)
    {
        var bare = name.AsSpan().TrimEnd("0123456789");
        return bare.Length < name.Length && bare.Length > 0 && bare[^1] == ' ' ? bare.TrimEnd().ToString() : name;
    }

    /// <summary>Shortened, and never in the middle of a letter that takes two places.</summary>
    private static string Cut(string name, int longest) =>
        name.Length <= longest ? name : name[..(char.IsHighSurrogate(name[longest - 1]) ? longest - 1 : longest)].TrimEnd();
}
