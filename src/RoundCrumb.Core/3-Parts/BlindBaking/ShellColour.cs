using RoundCrumb.Core.Crusts;

namespace RoundCrumb.Core.BlindBaking;

/// <summary>One colour a base goes through in the oven.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="Tint">The colour, as #rrggbb, of a plain dough by daylight.</param>
/// <param name="Looks">What is seen and felt.</param>
/// <param name="UnderWet">What it means under a wet filling.</param>
/// <param name="UnderDry">What it means under a dry one.</param>
public sealed record ShellColour(string Name, string Tint, string Looks, string UnderWet, string UnderDry)
{
    /// <summary>From raw to too far.</summary>
    public static IReadOnlyList<ShellColour> Scale { get; } =
    [
        new("raw", "#f3e6c8", "shiny, grey where it is thin", "paste by the evening", "doughy, tears when it is cut"),
        new("set", "#f0dcae", "matt, holds its shape, bends", "too soon: it drinks at once", "right to take the weights out, no sooner"),
        new("straw", "#e8c984", "dry to the touch, blond", "right only if it bakes on with its filling", "right for a part bake"),
        new("golden", "#d8a552", "golden from edge to middle, snaps at the rim", "right with a seal, for a day", "right: crisp and mild"),
        new(
            "hazel", "#b9793a", "hazel-brown, smells of toast", "best unsealed: it stays crisp longest",
            "full flavour; the rim is at its limit"),
        new("too far", "#7d4a22", "dark at the rim, bitter smell", "bitter through any cream", "bitter: bake another"),
    ];

    /// <summary>The colour to stop at.</summary>
    public static ShellColour StopAt(ShellBake bake, bool wet, bool isSealed) =>
        bake is ShellBake.Part ? Scale[2] : wet && !isSealed ? Scale[4] : Scale[3];
}
