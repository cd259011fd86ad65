using RoundCrumb.Core.Quantities;

namespace RoundCrumb.Core.Crusts;

/// <summary>A crust as chosen for one pie.</summary>
/// <param name="Family">Which kind.</param>
/// <param name="Thickness">Of the dough, or of the pressed base.</param>
/// <param name="Height">How far up the wall it stands, from the pan's bottom; 0 for a base alone.</param>
/// <param name="Treatment">How it is baked or chilled; one of the family's.</param>
/// <param name="Edge">How a rolled edge is finished; of no meaning for crumb.</param>
/// <param name="Seal">What keeps the wet off it.</param>
public sealed record CrustChoice(CrustFamily Family, Millimetres Thickness, Millimetres Height, Treatment Treatment, Edge Edge, Seal Seal)
{
    /// <summary>True when it spends time in the oven.</summary>
    public bool IsBaked => Treatment is not Treatment.Chilled;

    /// <summary>How thick it stands against the wall.</summary>
    public Millimetres WallThickness => Family is CrumbFamily
        ? new(Math.Min(Thickness.Value, CrustConstants.CrumbWall.Usual))
        : Thickness;
}
