using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Advice;

/// <summary>Which layer of the pie a piece of advice is about.</summary>
public enum Layer
{
    /// <summary>What lies on top.</summary>
    Topping,

    /// <summary>The filling and how it is made.</summary>
    Filling,

    /// <summary>The seal between shell and filling.</summary>
    Seal,

    /// <summary>The crust and its bake.</summary>
    Crust,

    /// <summary>The pan.</summary>
    Pan,

    /// <summary>What it is wanted for: guests, hours, the room, the table.</summary>
    Occasion,
}

/// <summary>How a rule was decided.</summary>
public enum DecidedBy
{
    /// <summary>What heat, water and weight do; not a matter of taste.</summary>
    Physics,

    /// <summary>What can make somebody ill.</summary>
    FoodSafety,

    /// <summary>What practice holds, without a law of nature behind it.</summary>
    Custom,
}

/// <summary>How much of a pie a remedy changes.</summary>
public enum RemedySize
{
    /// <summary>Hours, heights, a seal, an edge, a topping: the pie is still the one that was wanted.</summary>
    Adjustment,

    /// <summary>Another crust, filling or pan, or something beneath left out: another pie.</summary>
    AnotherPart,
}

/// <summary>One action that mends it.</summary>
/// <param name="Do">What it does, as an order.</param>
/// <param name="Cost">What that costs, in minutes, grams or texture.</param>
/// <param name="Change">What it changes; everything else stays as it was.</param>
public sealed record Remedy(Phrase Do, string Cost, Func<Composition, Composition> Change)
{
    /// <summary>
    /// How much it changes, where that is not to be read from what it does: biscuits that are crushed are the same biscuits.
    /// </summary>
    public RemedySize? Declared { get; init; }

    /// <summary>How much of a pie it changes: what it says itself, or what becomes of crust, filling, pan and layers.</summary>
    public RemedySize SizeOn(Composition composition)
    {
        if (Declared is { } size)
            return size;
        var after = Change(composition);
        return after.Crust.Family == composition.Crust.Family && after.Crust.Treatment == composition.Crust.Treatment
            && after.Filling.Formula.Id == composition.Filling.Formula.Id
            && after.Pan == composition.Pan && after.Under.Count == composition.Under.Count
                ? RemedySize.Adjustment
                : RemedySize.AnotherPart;
    }

    /// <summary>
    /// The composition with the remedy applied, and settled: in a very small pan a measure that no longer fits becomes the usual one.
    /// </summary>
    public Composition Apply(Composition composition)
    {
        var changed = Change(composition);
        return CompositionAddress.Read(CompositionAddress.Write(changed), CompositionBook.Around(changed)).Composition;
    }
}

/// <summary>A rule that fired on a composition.</summary>
/// <param name="Rule">Which.</param>
/// <param name="Severity">How much harm it does here.</param>
/// <param name="Says">What will happen.</param>
/// <param name="Because">Why, with this pie's own numbers.</param>
/// <param name="Remedies">What mends it, the best first; may be empty.</param>
public sealed record Finding(Rule Rule, Severity Severity, Phrase Says, Phrase Because, IReadOnlyList<Remedy> Remedies)
{
    /// <summary>True when the baker has said “I know” of it for this pie.</summary>
    public bool IsKnown { get; init; }

    /// <summary>True where “I know” is an answer: never for what would make somebody ill.</summary>
    public bool MayBeKnown => !(Severity is Severity.Stops && Rule.DecidedBy is DecidedBy.FoodSafety);
}

/// <summary>A judgement of the craft.</summary>
/// <param name="Id">Stable short name.</param>
/// <param name="Layer">The layer it is about.</param>
/// <param name="DecidedBy">How it was decided.</param>
/// <param name="Check">Looks at a pie; gives nothing when there is nothing to say.</param>
public sealed record Rule(string Id, Layer Layer, DecidedBy DecidedBy, Func<Rule, Assessment, Finding?> Check);
