using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Units;

namespace RoundCrumb.Web.Pages.Compose;

/// <summary>One length that can be typed or stepped.</summary>
/// <param name="View">The screen it is on.</param>
/// <param name="Name">Its name in the address.</param>
/// <param name="Value">As it is used.</param>
/// <param name="Label">What stands before it.</param>
/// <param name="After">What stands behind its unit.</param>
/// <param name="Step">How far an arrow key moves it, mm.</param>
public sealed record LengthField(ComposeView View, string Name, Millimetres Value, string Label, string After, double Step)
{
    /// <summary>What the field shows.</summary>
    public string Text => View.Length(Name, Value);

    /// <summary>True when what was typed could not be used.</summary>
    public bool IsTroubled => View.TroubleWith(Name) is not null;

    /// <summary>True when the field carries its own unit.</summary>
    public bool InInches => View.Shown.Units.Length is LengthUnit.Inches;
}
