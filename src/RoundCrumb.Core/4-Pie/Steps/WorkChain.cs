using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Quantities;

namespace RoundCrumb.Core.Steps;

/// <summary>
/// The steps of so many of a pie as work that can be put on a clock: stretches of hands, loads in an oven, and what
/// must lie between them. What goes in more loads than one runs side by side from there on.
/// </summary>
/// <param name="Steps">The steps, as <see cref="Work.Steps"/> counts them.</param>
/// <param name="Works">In an order in which nothing comes before what it waits for.</param>
/// <param name="Gaps">What lies between them.</param>
/// <param name="Endings">What lies between the last of them and the time it is wanted.</param>
/// <param name="Filled">The work from which the filled pie ages.</param>
/// <param name="Keeps">How long it then keeps.</param>
/// <param name="Topped">The last work of the topping; none without one.</param>
/// <param name="HoldsMost">Minutes that the topping holds.</param>
/// <param name="PansFrom">The work with which the pans are first in use.</param>
public sealed record WorkChain(
    IReadOnlyList<Step> Steps,
    IReadOnlyList<Work> Works,
    IReadOnlyList<Gap> Gaps,
    IReadOnlyList<Ending> Endings,
    IReadOnlyList<int> Filled,
    MinuteRange Keeps,
    int? Topped,
    double HoldsMost,
    int PansFrom)
{
    /// <summary>The work for a pie as it was worked out.</summary>
    /// <param name="pie">The pie, for so many.</param>
    /// <param name="stock">What is there already.</param>
    /// <param name="perLoad">How many of its pans the roomiest oven that is used takes at once; 0 where none does, and then all go
    /// together.</param>
    /// <param name="served">True where it is cut and plated here, for the hour at which it is eaten.</param>
    public static WorkChain Of(Assessment pie, Stock stock, int perLoad, bool served = false) =>
        new WorkChainBuilder(pie, stock, perLoad).Build(served);

    /// <summary>How many pans the roomiest of some ovens takes at once.</summary>
    public static int PerLoad(IEnumerable<Oven> ovens, Pans.Pan pan) =>
        ovens.Select(o => o.OnOneShelf(pan) * o.Shelves).DefaultIfEmpty(0).Max();
}
