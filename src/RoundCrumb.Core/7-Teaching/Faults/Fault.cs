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

/// <summary>On which part, and when, a fault shows.</summary>
public enum FaultPlace
{
    /// <summary>Crust, while it is made.</summary>
    CrustMade,

    /// <summary>Crust, in the oven.</summary>
    CrustBaked,

    /// <summary>Crust, when it is cut and eaten.</summary>
    CrustEaten,

    /// <summary>Filling, while it is made.</summary>
    FillingMade,

    /// <summary>Filling, as it goes in.</summary>
    FillingIn,

    /// <summary>Filling, in the oven.</summary>
    FillingBaked,

    /// <summary>Filling, set and cut.</summary>
    FillingSet,

    /// <summary>What is on top.</summary>
    Top,
}

/// <summary>What is known of each place.</summary>
public static class FaultPlaces
{
    extension(FaultPlace place)
    {
        /// <summary>What it is called.</summary>
        public string Name => place switch
        {
            FaultPlace.CrustMade => "Crust, while it is made",
            FaultPlace.CrustBaked => "Crust, in the oven",
            FaultPlace.CrustEaten => "Crust, cut and eaten",
            FaultPlace.FillingMade => "Filling, while it is made",
            FaultPlace.FillingIn => "Filling, as it goes in",
            FaultPlace.FillingBaked => "Filling, in the oven",
            FaultPlace.FillingSet => "Filling, set and cut",
            FaultPlace.Top => "What is on top",
        };
    }
}

/// <summary>Something that goes wrong, as it is seen at the bench.</summary>
/// <param name="Id">Its stable short name; what is kept names it by this.</param>
/// <param name="Seen">What is seen.</param>
/// <param name="Place">On which part, and when.</param>
/// <param name="Techniques">What, well done, keeps it from coming; each of them names it in turn.</param>
/// <param name="At">The kinds of step at which it shows.</param>
/// <param name="Cures">What can be done now, the likeliest first.</param>
/// <param name="Prevention">What keeps it from coming again.</param>
public sealed record Fault(
    string Id, string Seen, FaultPlace Place, IReadOnlyList<Technique> Techniques, IReadOnlyList<StepKind> At, IReadOnlyList<Cure> Cures,
    string Prevention)
{
    /// <summary>Of which pies it can be true; of all where nothing is said.</summary>
    public Func<Composition, bool> Fits { get; init; } = static _ => true;
}
