using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Methods;

/// <summary>How long what is cold takes until it can be worked.</summary>
public static class Softening
{
    /// <summary>Until cream cheese from the fridge is soft, minutes.</summary>
    public static readonly Constant CreamCheese = new("softening cream cheese", 90, 60, 120, Dimension.Time, "Cold cheese stays in lumps.");

    /// <summary>Until butter from the fridge is soft, minutes.</summary>
    public static readonly Constant Fat = new("softening butter", 75, 60, 120, Dimension.Time, "Cold butter will not cream.");
}
