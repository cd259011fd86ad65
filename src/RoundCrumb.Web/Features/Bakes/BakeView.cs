using Microsoft.AspNetCore.Html;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Advice;
using RoundCrumb.Core.Batches;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Core.Steps;
using RoundCrumb.Core.Units;
using RoundCrumb.Core.Working;
using RoundCrumb.Data.Bakes;

namespace RoundCrumb.Web.Features.Bakes;

/// <summary>A bake with its sheet worked out.</summary>
/// <param name="bake">As kept.</param>
/// <param name="shown">The baker's units.</param>
/// <param name="book">The parts that its address names.</param>
/// <param name="kitchen">The kitchen it is made in.</param>
public sealed class BakeView(Bake bake, QuantityFormatter shown, PartBook book, Kitchen kitchen)
{
    /// <summary>A bake with the parts that its address names.</summary>
    public static async Task<BakeView> OfAsync(
        Bake bake, QuantityFormatter shown, CompositionReader compositions, CancellationToken cancel) =>
        new(bake, shown, await compositions.BookAsync([bake.Address], cancel), await compositions.KitchenAsync(cancel));

    /// <summary>As kept.</summary>
    public Bake Bake { get; } = bake;

    /// <summary>The baker's units.</summary>
    public QuantityFormatter Shown { get; } = shown;

    /// <summary>The pie's address, to be made again with what the kitchen knows now.</summary>
    public string Pie => CompositionAddress.WithoutLearned(Bake.Address);

    /// <summary>The sheet.</summary>
    public BatchSheet Sheet { get; } = BatchSheet.Of(
        Assessment.Of(CompositionAddress.Read(bake.Address, book).Composition, Math.Clamp(bake.Pies, 1, BatchSheet.MostPies), kitchen));

    /// <summary>What is ticked.</summary>
    public IReadOnlySet<string> Ticked => Bake.Ticks.Select(t => Sheet.Renamed(t.Key)).ToHashSet();

    /// <summary>All that a tick is kept as.</summary>
    public IEnumerable<string> KeptAs(string tick) =>
        Bake.Ticks.Select(t => t.Key).Where(k => Sheet.Renamed(k) == tick).DefaultIfEmpty(tick);

    /// <summary>A figure that opens to its working.</summary>
    public IHtmlContent Figure(IWorked figure, string? said = null) => FigureLink.To(figure, Shown, Bake.Address, Sheet.Pie.Pies, said);

    /// <summary>A sentence whose figures open.</summary>
    public IHtmlContent Sentence(Phrase phrase) => FigureLink.Sentence(phrase, Shown, Bake.Address, Sheet.Pie.Pies);

    /// <summary>How long a step waits and where, as a baker would say it.</summary>
    public string Waits(Step step)
    {
        var wait = step.Wait;
        if (wait.Most <= wait.Best * 2)
            return Shown.Say(wait.AsQuantity());
        var usual = Shown.Say(new Quantity(wait.Best, Dimension.Time, wait.Least, wait.Best));
        return $"{usual}, up to {Shown.Say(new Quantity(wait.Most, Dimension.Time))}";
    }

    /// <summary>What a colleague would say before the start: what does harm, or is worth knowing.</summary>
    public IReadOnlyList<Finding> Advice => [.. Sheet.Pie.Advice.Where(f => !f.IsKnown && f.Severity <= Severity.WorthKnowing)];

    /// <summary>What the law makes a label name, in words.</summary>
    public string Contains =>
        Held.Contains(Sheet.Pie.Composition) is { Count: > 0 } names
            ? string.Join(", ", names)
            : "none of the named allergens";

    /// <summary>"1 pie", "3 pies".</summary>
    public string Count => Bake.Pies == 1 ? "1 pie" : $"{Bake.Pies} pies";
}
