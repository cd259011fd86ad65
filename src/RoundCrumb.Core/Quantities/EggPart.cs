namespace RoundCrumb.Core.Quantities;

/// <summary>What part of a hen's egg it is.</summary>
public enum EggPart
{
    None,
    Whole,
    Yolk,
    White,
}
