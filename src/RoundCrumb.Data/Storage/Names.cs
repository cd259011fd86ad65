namespace RoundCrumb.Data.Storage;

/// <summary>Something that a baker calls by a name which no other of its kind has.</summary>
public interface INamed
{
    /// <summary>As the baker writes it.</summary>
    string Name { get; }

    /// <summary>What names are compared by; follows the name when it is saved.</summary>
    string NameKey { get; set; }
}

/// <summary>When two names are the same: whatever their capitals, in any alphabet. An accent makes another letter.</summary>
public static class Names
{
    /// <summary>What a name is compared by.</summary>
    public static string KeyOf(string name) => name.Trim().ToUpperInvariant();

    /// <summary>True for the same name.</summary>
    public static bool AreSame(string name, string other) => KeyOf(name) == KeyOf(other);

    /// <summary>An order and a lookup by names.</summary>
    public static IEqualityComparer<string> Comparer { get; } = EqualityComparer<string>.Create(
        (a, b) => KeyOf(a!) == KeyOf(b!), name => KeyOf(name).GetHashCode(StringComparison.Ordinal));
}
