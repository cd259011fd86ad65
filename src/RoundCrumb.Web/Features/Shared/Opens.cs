using RoundCrumb.Core.Units;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Web.Features.Shared;

/// <summary>A figure that opens where it stands.</summary>
/// <param name="Figure">The figure.</param>
/// <param name="Shown">The baker's units.</param>
/// <param name="As">How it is said; none for just its amount.</param>
public sealed record Opens(IWorked Figure, QuantityFormatter Shown, string? As = null)
{
    /// <summary>How it is said.</summary>
    public string Said => As ?? Shown.Say(Figure.Amount);
}
