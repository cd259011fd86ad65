namespace RoundCrumb.Core.Crusts;

/// <summary>How far a shell is baked before its filling goes in.</summary>
public enum ShellBake
{
    /// <summary>Right through: the filling is not baked, or not long enough to bake a base.</summary>
    Full,

    /// <summary>Set and dry, still pale: it bakes on with its filling.</summary>
    Part,
}

/// <summary>What a kind of filling wants of its shell.</summary>
/// <param name="Id">The filling family's own id.</param>
/// <param name="Name">What a baker calls the filling.</param>
/// <param name="Bake">How far the shell is baked.</param>
/// <param name="Wet">True when it brings water that a base can drink.</param>
/// <param name="Why">Why so.</param>
/// <param name="Bakes">What the shell is baked on for with its filling; empty where it is not.</param>
public sealed record ShellNeed(string Id, string Name, ShellBake Bake, bool Wet, string Why, string Bakes = "")
{
    /// <summary>True where the filling goes onto the shell while that is hot from the oven.</summary>
    public bool FilledHot { get; init; }
}
