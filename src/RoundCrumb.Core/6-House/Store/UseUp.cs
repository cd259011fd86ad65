using RoundCrumb.Core.Batches;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Stocktaking;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Leftovers;

/// <summary>What one pie would use of a leftover.</summary>
/// <param name="Of">The leftover.</param>
/// <param name="Figure">How much of it, with its working.</param>
public sealed record Used(Leftover Of, Worked<Grams> Figure)
{
    /// <summary>How much, g.</summary>
    public Grams Mass => Figure.Value;

    /// <summary>What that is worth, pounds.</summary>
    public Pounds Worth => Of.Mass.Value > 0 ? Of.Worth * (Mass.Value / Of.Mass.Value) : new(0);
}

/// <summary>A pie that would use leftovers up.</summary>
/// <typeparam name="T">What names it.</typeparam>
/// <param name="Pie">Which.</param>
/// <param name="Uses">What it would use, the most first.</param>
public sealed record UsesUp<T>(T Pie, IReadOnlyList<Used> Uses)
{
    /// <summary>All that it would use.</summary>
    public Grams Mass => new(Uses.Sum(u => u.Mass.Value));

    /// <summary>What that is worth, pounds.</summary>
    public Pounds Worth => new(Uses.Sum(u => u.Worth.Value));
}

/// <summary>Matches what is left over to pies.</summary>
public static class UseUp
{
    /// <summary>Less than this is not worth a pie, g. Our own choice.</summary>
    private const double Least = 20;

    /// <summary>What one of a pie would use of some leftovers that are still good on a day.</summary>
    /// <param name="sheet">Its sheet, for one.</param>
    /// <param name="leftovers">The leftovers.</param>
    /// <param name="on">The day on which it would be made.</param>
    public static IReadOnlyList<Used> Of(BatchSheet sheet, IReadOnlyList<Leftover> leftovers, DateOnly on)
    {
        var lines = sheet.Parts.SelectMany(p => p.Lines).ToList();
        var pie = sheet.Pie.Composition;
        Term? Wants(LeftItem item) => item switch
        {
            // Filling or dough in hand stands for all that would be weighed for it.
            FillingLeft filling when pie.Filling.Formula.Id == filling.Formula.Id => Term.Of(sheet.Pie.FilledMass),
            DoughLeft dough when pie.Crust.Family.Id == dough.Family.Id => Term.Of(sheet.Pie.Crust.Total),
            MadeLeft { Part: { Part: MadePart.Dough } made } when made.Means(pie.Crust.Family.Name) => Term.Of(sheet.Pie.Crust.Total),
            MadeLeft { Part: { Part: MadePart.Curd or MadePart.Filling } made } when made.Means(pie.Filling.Formula.Name) =>
                Term.Of(sheet.Pie.FilledMass),
            IngredientLeft of => Term.Given(
                "in one pie", new Grams(lines.Where(l => l.Ingredient.Id == of.Ingredient.Id).Sum(l => l.Mass.Value.Value))),
            _ => (Term?)null,
        };
        return
        [
            .. leftovers.Where(l => l.UseBy >= on && l.Mass.Value > 0).GroupBy(l => l.Item).SelectMany(same =>
            {
                // Of two lots of one thing the one that has to go first is used first.
                if (Wants(same.Key) is not { } one)
                    return [];
                var wanted = one.Amount.Amount;
                var used = new List<Used>();
                foreach (var left in same.OrderBy(l => l.UseBy))
                {
                    var taken = Math.Min(wanted, left.Mass.Value);
                    if (taken <= 0)
                        break;
                    used.Add(new(left, new(
                        "used", "Used of it", new(taken), used.Count == 0
                            ? "the lesser of what one pie takes and what is left over"
                            : "the lesser of what one pie takes besides what went before, and what is left over",
                        one, Term.Given("left over", left.Mass))));
                    wanted -= taken;
                }

                return used;
            }).OrderByDescending(u => u.Mass.Value),
        ];
    }

    /// <summary>Pies that would use leftovers up: those that save the most money first, then the most weight.</summary>
    /// <param name="pies">Pies with their sheets for one.</param>
    /// <param name="leftovers">The leftovers.</param>
    /// <param name="on">The day on which they would be made.</param>
    public static IReadOnlyList<UsesUp<T>> Rank<T>(
        IEnumerable<(T Pie, BatchSheet Sheet)> pies, IReadOnlyList<Leftover> leftovers, DateOnly on) =>
    [
        .. pies.Select(p => new UsesUp<T>(p.Pie, Of(p.Sheet, leftovers, on))).Where(u => u.Mass.Value >= Least)
            .OrderByDescending(u => Math.Round(u.Worth.Value, 2)).ThenByDescending(u => u.Mass.Value),
    ];
}
