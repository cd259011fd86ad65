using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Toppings;

namespace RoundCrumb.Core.Faults;

/// <summary>What can be done about a fault at once.</summary>
/// <param name="Do">What to do, as one baker tells another.</param>
/// <param name="Hands">Minutes of hands that it takes; 0 or more.</param>
/// <param name="Bake">Minutes that it stays in the oven longer; 0 for none.</param>
public sealed record Cure(string Do, double Hands = 0, double Bake = 0)
{
    /// <summary>What the pie is topped with from now on, instead of what was meant; none where its topping stays.</summary>
    public Topping? Instead { get; init; }

    /// <summary>True where it can be done to a pie: a topping that it has already is nothing instead.</summary>
    public bool Fits(Composition pie) => Instead is not { } instead || !pie.Toppings.Any(t => t.Topping.Id == instead.Id);
}

/// <summary>Something that goes wrong, as it is seen at the bench.</summary>
/// <param name="Id">Its stable short name; what is kept names it by this.</param>
/// <param name="Seen">What is seen.</param>
/// <param name="At">The kinds of step at which it shows.</param>
/// <param name="Cures">What can be done now, the likeliest first.</param>
/// <param name="Prevention">What keeps it from coming again.</param>
public sealed record Fault(string Id, string Seen, IReadOnlyList<StepKind> At, IReadOnlyList<Cure> Cures, string Prevention)
{
    /// <summary>Of which pies it can be true; of all where nothing is said.</summary>
    public Func<Composition, bool> Fits { get; init; } = static _ => true;
}
