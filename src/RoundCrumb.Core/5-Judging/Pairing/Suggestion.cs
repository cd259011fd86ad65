using RoundCrumb.Core.Advice;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Steps;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Pairing;

/// <summary>A whole pie suggested for the day, with why it stands where it does.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="Pie">The pie, for these guests and hours.</param>
/// <param name="Score">What it scores, with its parts.</param>
/// <param name="Reasons">What speaks for it and against it, in a few words each.</param>
public sealed record Suggestion(string Name, Assessment Pie, Worked<Number> Score, IReadOnlyList<string> Reasons)
{
    private static readonly Constant Texture = new(
        "crisp beside soft", 15, 10, 20, Dimension.Count, "Every pie wants something to bite on.");
    private static readonly Constant Balance = new(
        "sweet against sharp or salty", 15, 10, 20, Dimension.Count, "Neither tires before the slice is finished.");
    private static readonly Constant Change = new(
        "each change it wants", -12, -15, -10, Dimension.Count, "It is not quite the pie that was asked for.");
    private static readonly Constant Hour = new("each hour of hands", -6, -8, -4, Dimension.Count, "Time at the bench.");
    private static readonly Constant Uses = new(
        "uses up what is left over", 10, 5, 15, Dimension.Count, "Whites, yolks or crumbs that another pie of the day leaves.");

    /// <summary>Ranks whole pies for a pan's guests and hours: those that cannot be made are left out.</summary>
    /// <param name="pies">The pies, with their names.</param>
    /// <param name="occasion">When and by whom it is eaten; each pie keeps its own hours where the occasion's would spoil it.</param>
    /// <param name="kitchen">The kitchen.</param>
    /// <param name="left">What the day leaves over, to be used up.</param>
    public static IReadOnlyList<Suggestion> Rank(
        IEnumerable<(string Name, Composition Pie)> pies, Occasion occasion, Kitchen kitchen, IReadOnlySet<Ingredient> left)
    {
        var found = new List<Suggestion>();
        foreach (var (name, pie) in pies)
        {
            var asked = pie with { Occasion = occasion with { ToppedAhead = Math.Min(occasion.ToppedAhead, occasion.FilledAhead) } };
            var (changes, mended, good) = Verdict.Mend(
                Assessment.Of(asked, 1, kitchen), c => c.Crust.Family == pie.Crust.Family && c.Filling.Formula == pie.Filling.Formula);
            if (good)
                found.Add(Of(name, Assessment.Of(mended, 1, kitchen), changes.Count, left));
        }

        return [.. found.OrderByDescending(s => s.Score.Value.Value).ThenBy(s => s.Name, StringComparer.Ordinal)];
    }

    /// <summary>So many of them that differ: in how they set, in what they taste of, in their crust.</summary>
    public static IReadOnlyList<Suggestion> Varied(IReadOnlyList<Suggestion> ranked, int count)
    {
        var chosen = new List<Suggestion>();
        while (chosen.Count < count && chosen.Count < ranked.Count)
            chosen.Add(ranked.Where(s => !chosen.Contains(s)).MaxBy(s => s.Score.Value.Value - chosen.Sum(c => Likeness(c, s)))!);
        return chosen;
    }

    /// <summary>How like two pies are, in points: what a counter of both loses.</summary>
    public static double Likeness(Suggestion a, Suggestion b)
    {
        var (x, y) = (a.Pie.Composition, b.Pie.Composition);
        var points = x.Filling.Formula == y.Filling.Formula
            ? 60.0
            : x.Filling.Formula.Family.Id == y.Filling.Formula.Family.Id ? 20
            : x.Filling.Formula.Family.Scale == y.Filling.Formula.Family.Scale ? 8
            : 0;
        points += x.Crust.Family == y.Crust.Family ? 10 : x.Crust.Family.GetType() == y.Crust.Family.GetType() ? 3 : 0;
        points += x.Topping.Topping.Kind == y.Topping.Topping.Kind && !x.Topping.IsNone && !y.Topping.IsNone ? 4 : 0;
        return points;
    }

    private static Suggestion Of(string name, Assessment pie, int changes, IReadOnlySet<Ingredient> left)
    {
        var c = pie.Composition;
        var reasons = new List<string>();
        var terms = new List<Term> { Term.Given("to begin with", 60, Dimension.Count) };
        var score = 60.0;
        void Add(Constant constant, double times, string why)
        {
            score += constant.Usual * times;
            terms.Add(times == 1 ? constant : Term.Given($"{constant.Name}, {times:0.#} of them", constant.Usual * times, Dimension.Count));
            reasons.Add(why);
        }

        if (pie.Advice.All(f => f.Rule != PairRules.AllSoft))
            Add(Texture, 1, "something crisp");
        if (pie.Bite.Juice.Value.Value >= 0.02 || PairRules.Sharp(c))
            Add(Balance, 1, "sharp against sweet");
        else if (pie.Advice.All(f => f.Rule != PairRules.NothingSharp))
            Add(Balance, 0.5, "not too sweet");
        if (changes > 0)
            Add(Change, changes, changes == 1 ? "wants one change" : $"wants {changes} changes");
        var hours = Math.Round(pie.Times.HandsOn.Value.Best / 60, 1);
        Add(Hour, hours, FormattableString.Invariant($"{pie.Times.HandsOn.Value.Best:0} min of hands"));
        var used = c.Fillings.SelectMany(f => f.Lines).Select(l => l.Ingredient)
            .Concat(c.Toppings.SelectMany(t => t.Topping.With.Select(w => w.Ingredient).Prepend(t.Topping.Base)))
            .Concat(pie.Crust.Lines.Select(l => l.Ingredient)).Where(left.Contains).Distinct().ToList();
        if (used.Count > 0)
            Add(Uses, used.Count, "uses the " + string.Join(" and ", used.Select(i => i.ShortName)) + " left over");
        return new(name, pie, new("score", name, new(score), "points for and against, added up", [.. terms]), reasons);
    }
}
