using RoundCrumb.Core.Composing;

namespace RoundCrumb.Core.Advice;

/// <summary>All the rules, and how they are read over a pie. Add one by declaring it in the file of its layer.</summary>
public static class RuleBook
{
    /// <summary>Every rule.</summary>
    public static IReadOnlyList<Rule> All { get; } = [
        .. FillingRules.All, .. LayerRules.All, .. CrustRules.All, .. PairRules.All, .. ToppingRules.All, .. OccasionRules.All,
        .. GuestRules.All, .. SchoolRules.All
    ];

    /// <summary>
    /// Those that say what a guest must not have. They ask what is in a pie, and nothing else: they hold whether or not it can be worked
    /// out.
    /// </summary>
    public static IReadOnlyList<Rule> AboutGuests { get; } =
        [.. GuestRules.OfWhatIsInIt, OccasionRules.SlaughterIn, OccasionRules.GelatineInCream];

    private static readonly Dictionary<string, Rule> ById = All.ToDictionary(r => r.Id, StringComparer.Ordinal);

    /// <summary>The rule with this id, or none.</summary>
    public static Rule? Find(string id) => ById.GetValueOrDefault(id);

    /// <summary>What the rules say of a pie, the gravest first; within one severity in the order of the layers.</summary>
    public static IReadOnlyList<Finding> Evaluate(Assessment pie)
    {
        var found = new List<Finding>(4);
        foreach (var rule in All)
        {
            if (rule.Check(rule, pie) is { } finding)
                found.Add(
                    pie.Composition.Known.Count > 0 && finding.MayBeKnown && pie.Composition.Known.Contains(rule.Id)
                        ? finding with { IsKnown = true }
                        : finding);
        }

        found.Sort(
            static (a, b) =>
                a.IsKnown != b.IsKnown
                    ? a.IsKnown.CompareTo(b.IsKnown)
                    : a.Severity != b.Severity ? a.Severity.CompareTo(b.Severity)
                    : a.Rule.Layer.CompareTo(b.Rule.Layer));
        return found;
    }
}
