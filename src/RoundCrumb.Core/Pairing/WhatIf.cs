using RoundCrumb.Core.Advice;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Pairing;

/// <summary>A question that can be asked of any pie.</summary>
/// <param name="Id">Stable short name, used in addresses.</param>
/// <param name="Asks">What is asked.</param>
/// <param name="Apply">The pie as it is asked for; what no longer works in it is mended afterwards.</param>
/// <param name="Holds">True for a pie that is as it was asked for.</param>
public sealed record Question(string Id, string Asks, Func<Composition, Composition> Apply, Func<Composition, bool> Holds)
{
    /// <summary>All of them, in the order in which they are offered.</summary>
    public static IReadOnlyList<Question> All { get; } =
    [
        new(
            "tomorrow", "It is for tomorrow",
            c => c.Filled(Math.Max(20, c.Occasion.FilledAhead)).Topped(Math.Min(c.Occasion.ToppedAhead, 2)),
            c => c.Occasion.FilledAhead >= 16),
        new(
            "few-hours", "There are only six hours", c => c.Filled(Math.Min(4, c.Occasion.FilledAhead)).Topped(0),
            c => c.Occasion.FilledAhead <= 4),
        new("no-oven", "There is no oven", c => c with { Occasion = c.Occasion with { NoOven = true } }, c => c.Occasion.NoOven),
        .. Needs.Groups.Select(
            g =>
                new Question(
                    g.Field, "Without " + g.Name, c => c with { Occasion = c.Occasion with { Without = c.Occasion.Without | g.Of } },
                    c => (c.Occasion.Without & g.Of) == g.Of)),
        new("no-alcohol", "Without alcohol", c => c with { Occasion = c.Occasion with { NoAlcohol = true } }, c => c.Occasion.NoAlcohol),
        new("no-raw", "No raw egg", c => c with { Occasion = c.Occasion with { NoRawEgg = true } }, c => c.Occasion.NoRawEgg),
        new(
            "veg", "For vegetarians (no gelatine)", c => c with { Occasion = c.Occasion with { Vegetarian = true } },
            c => c.Occasion.Vegetarian),
        new("plate-28", "In the 28 cm plate", c => c.To(PanCupboard.Find("plate-28")!), c => c.Pan.Id == "plate-28"),
        new("tart-23", "In the 23 cm tart tin", c => c.To(PanCupboard.Find("tart-23")!), c => c.Pan.Id == "tart-23"),
        new("tartlet-8", "As 8 cm tartlets", c => c.To(PanCupboard.Find("tartlet-8")!), c => c.Pan.Id == "tartlet-8"),
        new(
            "long-table", "It stands out all afternoon (4 h)", c => c with { Occasion = c.Occasion with { OnTable = 4 } },
            c => c.Occasion.OnTable >= 4),
    ];

    /// <summary>The question with this id, or none.</summary>
    public static Question? Find(string? id) => All.FirstOrDefault(q => q.Id == id);
}

/// <summary>The nearest pie that works, as a list of changes.</summary>
/// <param name="Question">What was asked.</param>
/// <param name="Before">The pie as it is; untouched.</param>
/// <param name="Asked">As it was asked for, nothing mended.</param>
/// <param name="Changes">What mends it, in order, each with what it costs.</param>
/// <param name="After">With all of them.</param>
/// <param name="Works">True when nothing grave is left; false where nothing in the box can.</param>
public sealed record WhatIf(
    Question Question, Composition Before, Composition Asked, IReadOnlyList<MendingChange> Changes, Composition After, bool Works)
{
    /// <summary>Answers a question.</summary>
    public static WhatIf Of(Question question, Composition pie, Kitchen kitchen)
    {
        var asked = CompositionAddress.Read(CompositionAddress.Write(question.Apply(pie)), CompositionBook.Around(pie)).Composition;
        var (changes, mended, good) = Verdict.Mend(Assessment.Of(asked, 1, kitchen), question.Holds);
        return new(question, pie, asked, changes, mended, good);
    }

    /// <summary>What is still wrong with it, the gravest first; nothing where it works.</summary>
    public IReadOnlyList<Finding> StillWrong(Kitchen kitchen) =>
    [
        .. Assessment.Of(After, 1, kitchen).Advice.Where(f => f.Severity <= Severity.Disappoints && !f.IsKnown)
    ];
}
