namespace RoundCrumb.Core.Quantities;

/// <summary>What part of a hen's egg it is.</summary>
public enum EggPart
{
    /// <summary>Not an egg.</summary>
    None,

    /// <summary>White and yolk.</summary>
    Whole,

    /// <summary>The yolk alone.</summary>
    Yolk,

    /// <summary>The white alone.</summary>
    White,
}
