using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Methods;

/// <summary>Browning butter, wherever a pie asks for it.</summary>
public static class Browning
{
    /// <summary>Browns butter in a pan.</summary>
    /// <param name="what">What to do, with what boils off.</param>
    public static MethodStep Of(Phrase what) => new(what, 6, 1, Place.Hob, "nut-brown flecks, smells of toast")
    {
        Wait = MinuteRange.Between(5, 10),
        Caution = Cautions.ButterSmokes,
    };
}
