using System.Globalization;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Pairing;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Steps;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Batches;

/// <summary>One thing to weigh out.</summary>
/// <param name="Key">Stable within one sheet, for its tick.</param>
/// <param name="Ingredient">What it is.</param>
/// <param name="Mass">For all pies, with its working.</param>
/// <param name="Pieces">Yolks or packs where it is counted, 0 where it is not.</param>
/// <param name="Note">How it goes in.</param>
public sealed record WeighLine(string Key, Ingredient Ingredient, Worked<Grams> Mass, double Pieces, string Note)
{
    /// <summary>A range to stop inside; none for a fixed figure.</summary>
    public Quantity? StopInside { get; init; }
}

/// <summary>Which part of a pie is weighed out in one bowl or pot.</summary>
public enum WeighedFor
{
    /// <summary>Dough or crumb.</summary>
    Crust,

    /// <summary>What seals the shell.</summary>
    Seal,

    /// <summary>A layer beneath the filling.</summary>
    Layer,

    /// <summary>The filling.</summary>
    Filling,

    /// <summary>A topping.</summary>
    Topping,
}

/// <summary>One bowl or pot of a batch.</summary>
/// <param name="For">Which part of the pie.</param>
/// <param name="Turn">Which of those, 0 for the first.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Lines">In weigh-out order.</param>
/// <param name="Total">All of it.</param>
public sealed record WeighPart(WeighedFor For, int Turn, string Name, IReadOnlyList<WeighLine> Lines, Worked<Grams> Total);

/// <summary>Everything to weigh for so many of a pie, and how it is shared out.</summary>
/// <param name="Pie">The sums for this many.</param>
/// <param name="Parts">In the order in which they are made.</param>
/// <param name="Allergens">What a label must name.</param>
public sealed record BatchSheet(Assessment Pie, IReadOnlyList<WeighPart> Parts, Allergens Allergens)
{
    /// <summary>The most pies that one sheet is made for.</summary>
    public const int MostPies = 200;

    /// <summary>The sheet for an assessment; its number of pies counts.</summary>
    public static BatchSheet Of(Assessment pie)
    {
        var c = pie.Composition;
        var parts = new List<WeighPart>(4)
        {
            Part(WeighedFor.Crust, 0, "Crust", pie.Crust.Lines.Select(l => Times(l, pie.Pies, "crust"))),
        };
        if (c.Crust.Seal.Ingredient is { } seal)
        {
            var area = Term.Given("base inside the crust", pie.Lined.Within.BaseArea);
            var film = new Worked<Grams>(
                "sheet-seal-" + seal.Id, seal.Name, new(area.Amount.Amount / 100 * c.Crust.Seal.Film.Usual * pie.Pies),
                "base inside the crust, in cm² × grams to a cm² × pies",
                area, c.Crust.Seal.Film, Pies(pie));
            parts.Add(
                Part(
                    WeighedFor.Seal, 0, "Seal",
                    [
                        new(
                            "seal." + seal.Id, seal, film, 0,
                            c.Crust.Seal.NeedsOven
                                ? "beaten, brushed on thinly; the rest of the egg goes elsewhere"
                                : c.Crust.Seal.Melts ? "melted, brushed on the cooled shell"
                                : "spread on the base as the filling goes in")
                    ]));
        }

        for (var i = 0; i < pie.Layers.Count; i++)
            parts.Add(
                Part(
                    WeighedFor.Layer, i, "Beneath: " + pie.Layers[i].Choice.Name,
                    pie.Layers[i].Lines.Select(l => Times(l, pie.Pies, "under")),
                    $"under{i + 1}"));

        var formula = c.Filling.Formula;
        var filling = pie.Layers.Count == 0 ? "Filling" : "Filling: " + formula.Name;
        parts.Add(Part(WeighedFor.Filling, 0, filling, formula.Lines.Select((line, i) =>
        {
            var setter = formula.Family.Scale.Moves(line) ? c.Filling.Setter : 1;
            var grams = line.Grams * setter * pie.Fit.Chosen.Scale.Value.Value;
            var mass = new Worked<Grams>(
                $"sheet-filling-{i}-{line.Ingredient.Id}", line.Ingredient.Name, new(grams), "in one batch × firmness × times the formula",
                Term.Given("in one batch", new Grams(line.Grams)), Term.Given("firmness", new Factor(setter)),
                Term.Of(pie.Fit.Chosen.Scale));
            return new WeighLine(
                $"filling.{i}.{line.Ingredient.Id}", line.Ingredient, mass,
                pie.Corrections.PiecesIn(line.Ingredient, mass.Value), line.Note);
        }), "filling"));
        for (var i = 0; i < pie.Toppings.Count; i++)
            parts.Add(
                Part(
                    WeighedFor.Topping, i,
                    pie.Toppings.Count == 1 ? "Topping" : (i == 0 ? "Topping: " : "On that: ") + pie.Toppings[i].Choice.Topping.Name,
                    pie.Toppings[i].Lines.Select(l => Times(l, pie.Pies, "topping")), i == 0 ? "topping" : $"topping-{i + 1}"));

        var allergens = Held.Of(c).Aggregate(Allergens.None, (all, held) => all | held.What.Allergens);
        return new(pie, parts, allergens);

        static WeighLine Times(WeighedLine line, int pies, string part) => new(
            line.Mass.Id.StartsWith(part + "-", StringComparison.Ordinal) ? part + "." + line.Mass.Id[(part.Length + 1)..] : line.Mass.Id,
            line.Ingredient,
            new Worked<Grams>(
                "sheet-" + line.Mass.Id, line.Ingredient.Name, line.Mass.Value * pies, "for one pie × pies",
                Term.Of(line.Mass), Term.Given("pies", pies, Dimension.Count)),
            line.Pieces * pies,
            line.Note)
        {
            StopInside = line.StopInside is { } range
                ? new(range.Amount * pies, range.Dimension, range.Low * pies, range.High * pies)
                : null,
        };

        static Term Pies(Assessment pie) => Term.Given("pies", pie.Pies, Dimension.Count);

        static WeighPart Part(WeighedFor of, int turn, string name, IEnumerable<WeighLine> lines, string? id = null)
        {
            WeighLine[] all = [.. lines];
            return new(of, turn, name, all, new Worked<Grams>(
                "sheet-total-" + (id ?? name.ToLowerInvariant()), name + " in all", new(all.Sum(l => l.Mass.Value.Value)),
                "all its lines added up",
                [.. all.Select(l => Term.Of(l.Mass))]));
        }
    }

    /// <summary>Every figure on the sheet that can be opened.</summary>
    public IEnumerable<IWorked> Figures() =>
        new IWorked[] { Serving.Slices }.Concat(Parts.SelectMany(p => p.Lines.Select(l => (IWorked)l.Mass).Append(p.Total)))
        .Concat(Shopping.Of(this).Select(p => (IWorked)p.Mass))
        .Concat(Pie.Chain.Steps.SelectMany((step, i) => new IWorked[] { step.HandsFigure(i), step.WaitFigure(i) }))
        .Concat(Pie.FiguresWithTimes()).Concat(Pie.Firmness.Figures())
            .Concat(Pie.StandInFigures()).Concat(WantsUsing.Figures(Pie)).Append(PairScore.Opened(Pie))
            .Concat(FilledShells.Figures(Pie));

    /// <summary>How the pies come to the table.</summary>
    public Serving Serving => Serving.Of(Pie);

    /// <summary>Every tick a sheet can have: its lines and its steps.</summary>
    public IEnumerable<string> Ticks() =>
        Parts.SelectMany(p => p.Lines).Select(l => l.Key).Concat(Pie.Chain.Steps.Select(StepTick));

    /// <summary>The tick of a step; it stays with the step when others come or go, as they do when the room gets warm.</summary>
    public static string StepTick(Step step) => $"step.{step.Id}";

    /// <summary>What a tick is called now; sheets were once ticked by a step's place.</summary>
    /// <param name="tick">A tick as it is kept.</param>
    public string Renamed(string tick) =>
        tick.StartsWith("step.", StringComparison.Ordinal)
            && int.TryParse(tick.AsSpan(5), NumberStyles.None, CultureInfo.InvariantCulture, out var place) && place < Pie.Chain.Steps.Count
            ? StepTick(Pie.Chain.Steps[place])
            : tick;
}
