using RoundCrumb.Core.Advice;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Toppings;
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

/// <summary>The nearest pies that work.</summary>
/// <param name="Question">What was asked.</param>
/// <param name="Before">The pie as it is; untouched.</param>
/// <param name="Asked">As it was asked for, nothing mended.</param>
/// <param name="Answers">Pies that work, the nearest first, no two of one filling on one kind of crust; none where nothing in the box
/// does.</param>
public sealed record WhatIf(Question Question, Composition Before, Composition Asked, IReadOnlyList<NearPie> Answers)
{
    /// <summary>So many different answers are looked for.</summary>
    public const int MostAnswers = 3;

    /// <summary>So many pies are worked out at most.</summary>
    private const int MostTried = 1500;

    /// <summary>True when something works.</summary>
    public bool Works => Answers.Count > 0;

    /// <summary>The nearest; as it was asked for where nothing works.</summary>
    public Composition After => Works ? Answers[0].Pie : Asked;

    /// <summary>
    /// Answers a question: pies are tried in the order of what they differ by, one change further at a time, so that the first that works
    /// is the nearest there is within what is tried.
    /// </summary>
    public static WhatIf Of(Question question, Composition pie, Kitchen kitchen)
    {
        var book = CompositionBook.Around(pie);

        // What an address cannot say, such as a layer for which there is no room, is no part of an answer.
        Composition AsRead(Composition c) => CompositionAddress.Read(CompositionAddress.Write(c), book).Composition;
        var asked = AsRead(question.Apply(pie));
        var open = new PriorityQueue<(Composition Pie, FillingFormula Parent, IReadOnlySet<string> Wrong), (double Cost, int Order)>();
        var seen = new HashSet<string>(StringComparer.Ordinal);
        var order = 0;
        void Try(Composition c, FillingFormula parent, IReadOnlySet<string> wrong)
        {
            if (seen.Add(CompositionAddress.Write(c)) && question.Holds(c))
                open.Enqueue((c, parent, wrong), (NearPie.Of(asked, c).Cost.Value.Value, order++));
        }

        Try(asked, asked.Filling.Formula, new HashSet<string>());
        var answers = new List<NearPie>(MostAnswers);
        for (var tried = 0; tried < MostTried && answers.Count < MostAnswers && open.TryDequeue(out var from, out _); tried++)
        {
            var next = AsRead(from.Pie);
            if (!question.Holds(next))
                continue;

            // Of one filling on one kind of crust the nearest is enough: three that differ say more than three alike.
            if (answers.Exists(a =>
                a.Pie.Crust.Family.GetType() == next.Crust.Family.GetType() && a.Pie.Filling.Formula == next.Filling.Formula))
                continue;
            var now = Assessment.Of(next, 1, kitchen);
            var grave = now.Advice.Where(f => f.Severity <= Severity.Disappoints && !f.IsKnown).ToList();
            if (grave.Count == 0)
            {
                answers.Add(NearPie.Of(asked, next));
                if (next == asked)
                    break;
                continue;
            }

            // What mends nothing of what was wrong before leads nowhere; another filling may need a second change to go with it.
            var wrong = grave.Select(f => f.Rule.Id + f.Says.Template + f.Because.Template).ToHashSet(StringComparer.Ordinal);
            if (from.Wrong.Count > 0 && from.Parent == next.Filling.Formula && from.Wrong.IsSubsetOf(wrong))
                continue;
            foreach (var remedy in grave.SelectMany(f => f.Remedies))
                Try(remedy.Apply(next), next.Filling.Formula, wrong);
            foreach (var other in Neighbours(next))
                Try(other, next.Filling.Formula, wrong);
        }

        // Where so much is wrong that all that is tried leads nowhere, what the advice itself would do may still lead to a pie that works.
        if (answers.Count == 0
            && Verdict.Mend(Assessment.Of(asked, 1, kitchen), question.Holds) is (_, var mended, true) && AsRead(mended) == mended)
            answers.Add(NearPie.Of(asked, mended));
        return new(question, pie, asked, [.. answers.OrderBy(a => a.Cost.Value.Value)]);
    }

    /// <summary>What is still wrong with it as it was asked for, once all that can be mended is; nothing where something works.</summary>
    public IReadOnlyList<Finding> StillWrong(Kitchen kitchen)
    {
        if (Works)
            return [];
        var (_, mended, _) = Verdict.Mend(Assessment.Of(Asked, 1, kitchen), Question.Holds);
        return [.. Assessment.Of(mended, 1, kitchen).Advice.Where(f => f.Severity <= Severity.Disappoints && !f.IsKnown)];
    }

    /// <summary>So many other toppings of the same kind are tried.</summary>
    private const int MostToppings = 5;

    /// <summary>
    /// The pies one change away: another bake, seal, warmth of the filling, crust, topping or filling. Where a part cannot be used at all,
    /// nothing but another in its place.
    /// </summary>
    private static IEnumerable<Composition> Neighbours(Composition c)
    {
        var needs = c.Occasion.Needs;
        var fillings = FillingBook.All
            .Where(f => f != c.Filling.Formula && needs.Allow(f) && !(c.Occasion.NoOven && !f.Family.NeedsNoOven))
            .Select(f => c with { Filling = new(f, BatchChoice.Exact, f.Family.LineIn(c.Pan.Depth), 1) });
        if (!needs.Allow(c.Filling.Formula) || (c.Occasion.NoOven && !c.Filling.Formula.Family.NeedsNoOven))
            return fillings;
        var crusts = CrustBook.All.Where(f => f != c.Crust.Family && needs.Allow(f)).SelectMany(f => f.Treatments
            .Where(t => !c.Occasion.NoOven || t is Treatment.Chilled or Treatment.Ready)
            .Select(t => f is ShellFamily shell ? c.To(f, t).To(shell.Foil) : c.To(f, t)));
        if (!needs.Allow(c.Crust.Family))
            return crusts;
        var toppings = c.Topping.IsNone
            ? []
            : ToppingBook.All.Where(t =>
                t != c.Topping.Topping && t != ToppingBook.Held && t.Kind == c.Topping.Topping.Kind && needs.Allow(t))
                .Take(MostToppings).Append(Topping.None).Select(t => c.Top(t));
        if (!c.Toppings.All(t => needs.Allow(t.Topping)))
            return toppings;
        var bakes = c.Crust.Family.Treatments.Where(t => t != c.Crust.Treatment)
            .Select(t => c with { Crust = c.Crust with { Treatment = t } });
        var seals = Seal.All
            .Where(s => s != c.Crust.Seal && (s.Ingredient is not { } i || needs.Allow(i)) && !(c.Occasion.NoOven && s.NeedsOven))
            .Select(s => c.Seal(s));
        var cooled = c.Filling.Formula.Family.GoesInHot && !c.Filling.Cooled
            ? new[] { c with { Filling = c.Filling with { Cooled = true } } }
            : [];
        return [.. bakes, .. seals, .. cooled, .. crusts, .. toppings, .. fillings];
    }
}
