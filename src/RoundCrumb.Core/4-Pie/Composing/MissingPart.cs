using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Layering;

namespace RoundCrumb.Core.Composing;

/// <summary>
/// Something that an address names and that is not here, or cannot be used as it is. The pie keeps the name as it was typed, is marked
/// unfit, and is drawn with something usual in its place until somebody chooses: it is never taken for that.
/// </summary>
/// <param name="Field">The field of the address.</param>
/// <param name="Typed">What stands there, as it was typed.</param>
/// <param name="Noun">What it should be: a filling, a pan.</param>
/// <param name="StandIn">The id of what is drawn in its place; empty where nothing is.</param>
public sealed record MissingPart(string Field, string Typed, string Noun, string StandIn)
{
    /// <summary>The longest name that is kept, characters.</summary>
    public const int Longest = 80;

    /// <summary>What it is called, where that is known; as it was typed where it is not.</summary>
    public string Name { get; init; } = Typed;

    /// <summary>Why it cannot be used; empty for what is not here at all.</summary>
    public string Why { get; init; } = "";

    /// <summary>What is known to be in it; nothing where it is not here.</summary>
    public Pile<Ingredient> Holds { get; init; } = Pile.Of<Ingredient>();

    /// <summary>What stands on the screen in its place: its name, and that it is not here.</summary>
    public string Shown => $"“{(Name.Length > 40 ? Name[..40] + "…" : Name)}”, not here";

    /// <summary>What is wrong, as one sentence.</summary>
    public string Says => Why.Length > 0
        ? $"The {Noun} “{Name}” can’t be used as it is."
        : $"There is no {Noun} called “{Name}” here.";

    /// <summary>Everything it may bring to the table: what is known of it, or that nothing is.</summary>
    internal IEnumerable<Ingredient> Brings => Holds.Count > 0 ? Holds : [Ingredient.NotRead(Name)];
}
