using RoundCrumb.Core.Arranging;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Cooling;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Layering;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Advice;

/// <summary>Rules about layers beneath, pieces in a filling, and what weakens a set.</summary>
internal static class LayerRules
{
    private static readonly Constant CutFruit = new(
        "cut fruit under a filling stays good for", 720, 480, 960, Dimension.Time, "Then it softens and weeps.");

    private static readonly Rule Melts = new("layer-melts", Layer.Filling, DecidedBy.Physics, static (rule, pie) =>
    {
        var c = pie.Composition;
        if (c.Under.Count == 0 || pie.Pourings.FirstOrDefault(m => m.Melts) is not { } melts)
            return null;
        var fillings = c.Fillings.ToList();
        var upper = fillings.IndexOf(melts.Upper, 1);
        var (at, bears) = (melts.Upper.Family.PourHeat.At, melts.Lower.Family.PourHeat.Bears);
        var remedies = new List<Remedy>(2);
        var below = c.Under.Select((l, i) => (Layer: l, At: i)).Last(l => l.Layer is FillingLayer f && f.Formula == fillings[upper - 1]);
        if (upper == fillings.Count - 1 && Swapped(c, below.At) is { } swapped
                && !Assessment.Of(swapped, pie.Pies, pie.Kitchen).Pourings.Any(m => m.Melts))
            remedies.Add(new("Change the two about", "the cold one on top; another look", _ => swapped));
        remedies.Add(
            new(
                "Leave the layer beneath out", "one layer less",
                p => p with { Under = p.Under.Without(Math.Min(below.At, p.Under.Count - 1)) }));
        return new(
            rule, Severity.Disappoints,
            $"{melts.Upper.Name} melts the {char.ToLowerInvariant(melts.Lower.Name[0])}{melts.Lower.Name[1..]} beneath it, and the two run "
                + $"together.",
            new(
                "It goes in at {0} at the coolest, and may be no warmer than {1}: the face between bears {2}.",
                new Quantity(at.Low, Dimension.Warmth), melts.UpTo, new Quantity(bears.Usual, Dimension.Warmth)),
            remedies);
    });

    private static readonly Rule PiecesSink = new("pieces-sink", Layer.Filling, DecidedBy.Physics, static (rule, pie) =>
    {
        var c = pie.Composition;
        for (var i = 0; i < c.Under.Count; i++)
        {
            if (c.Under[i] is not PieceLayer { HalfOver: true, Piece.Heavy: true } layer || pie.Yield.Cut.Verdict > 0)
                continue;
            var at = i;
            var remedies = new List<Remedy>(2);
            if (PieceBook.Find(layer.Piece.Smaller) is { } smaller)
                remedies.Add(
                    new(
                        $"Cut {smaller.Name}: they ride", "more cutting",
                        p => p with { Under = p.Under.With(at, new PieceLayer(smaller, new(smaller.Thick.Usual), true)) }));
            remedies.Add(
                new(
                    "Lay them all beneath", "none to be seen on top",
                    p => p with { Under = p.Under.With(at, layer with { HalfOver = false }) }));
            return new(
                rule, Severity.Disappoints,
                $"The {layer.Piece.Name} on top sink before the filling has set.",
                new(
                    "One weighs {0}; from {1} a piece goes down in a filling that is still soft.",
                    new Quantity(layer.Piece.Grams.Usual, Dimension.Mass), new Quantity(PieceBook.Sinks.Usual, Dimension.Mass)),
                remedies);
        }

        return null;
    });

    private static readonly Rule StandsOut = new("pieces-stand-out", Layer.Filling, DecidedBy.Physics, static (rule, pie) =>
    {
        for (var i = 0; i < pie.Layers.Count; i++)
        {
            if (pie.Layers[i] is not { Choice: PieceLayer layer } sums)
                continue;
            var at = i;
            if (sums.Count!.Value.Value == 0)
            {
                return new(
                    rule, Severity.Stops,
                    new(
                        $"Not one goes in whole: {layer.Piece.Name} are {{0}} long and the base is {{1}} across.",
                        new Quantity(layer.Piece.Length.Usual, Dimension.Length),
                        new Quantity(2 * pie.Lined.HalfAt(sums.From), Dimension.Length)),
                    "They would stand up the wall.",
                    [new("Leave them out", "no fruit in it", p => p with { Under = p.Under.Without(at) })]);
            }

            if (sums.To > pie.FilledDepth.Value.Value + 1)
            {
                return new(
                    rule, Severity.Disappoints,
                    new(
                        $"The {layer.Piece.Name} stand {{0}} out of the filling, and dry.",
                        new Quantity(sums.To - pie.FilledDepth.Value.Value, Dimension.Length)),
                    new("They lie {0} high; the filling stands {1}.", new Quantity(sums.To, Dimension.Length), pie.FilledDepth),
                    [new("Leave them out", "no fruit in it", p => p with { Under = p.Under.Without(at) })]);
            }
        }

        return null;
    });

    private static readonly Rule Browns = new("cut-fruit-waits", Layer.Filling, DecidedBy.Custom, static (rule, pie) =>
    {
        var c = pie.Composition;
        return c.Occasion.FilledAhead * 60 > CutFruit.Usual
            && c.Under.Select((l, i) => (Layer: l, At: i))
                .FirstOrDefault(l => l.Layer is PieceLayer { Piece.AtServing: true }) is { Layer: PieceLayer layer } found
            ? new(
                rule, Severity.WorthKnowing,
                $"The {layer.Piece.Name} in it go soft and weep by the time it is served.",
                new(
                    "They lie in it for {0}; under a filling cut fruit stays good for about {1}.", Changes.Hours(c.Occasion.FilledAhead),
                    new Quantity(CutFruit.Usual, Dimension.Time)),
                [
                    new(
                        new("Fill it {0} ahead", new Quantity(CutFruit.Usual, Dimension.Time)), "a later start",
                        p => p.Filled(CutFruit.Usual / 60)),
                    new("Leave them out", "no fruit in it", p => p with { Under = p.Under.Without(found.At) })
                ])
            : null;
    });

    private static readonly Rule EatsGelatine = new("fruit-eats-gelatine", Layer.Filling, DecidedBy.Physics, static (rule, pie) =>
    {
        var c = pie.Composition;
        var gelatine = c.Fillings.Any(f => f.Lines.Any(l => l.Ingredient.Bloom > 0))
            || c.Toppings.Any(t => t.Topping.With.Any(w => w.Ingredient.Bloom > 0));
        if (!gelatine)
            return null;
        if (c.Under.Select((l, i) => (Layer: l, At: i))
                .FirstOrDefault(l => l.Layer is PieceLayer { Piece.Ingredient.ProteaseWhenRaw: true }) is { Layer: PieceLayer layer } found)
            return Says(layer.Piece.Name, [new("Leave them out", "no fruit in it", p => p with { Under = p.Under.Without(found.At) })]);
        if (c.Toppings.FirstOrDefault(t => t.Topping.Piece?.Ingredient.ProteaseWhenRaw is true) is { } top)
            return Says(
                top.Topping.Piece!.Name,
                [new("Leave them off", "no fruit on it", p => p.Retop(top, Toppings.ToppingChoice.Usual(Toppings.Topping.None)))]);
        if (c.Fillings.SelectMany(f => f.Lines).FirstOrDefault(
                l => l.Ingredient.ProteaseWhenRaw && l.Grams > 0
                    && l.GoesIn is not (GoesIn.Reduced or GoesIn.Boiled or GoesIn.Toasted)) is { } line
                && c.Filling.Formula.Lines.Contains(line)
                && c.Filling.Formula.Family.Scale == SetScale.Gelatine)
            return Says(
                line.Ingredient.ShortName,
                [
                    new(
                        "Fill it with the malt custard", "cooked on the hob, set by starch and yolk",
                        p =>
                            p with
                            {
                                Filling = new(
                                    FillingBook.MaltCustard, BatchChoice.Exact, new(FillingFamilies.StarchCustard.FillLine.Usual), 1),
                            })
                ]);
        return null;

        Finding Says(string fruit, IReadOnlyList<Remedy> remedies) => new(
            rule, Severity.Stops, $"Raw, the {fruit} eat the gelatine: it never sets, or runs again.",
            "An enzyme in them cuts gelatine up. Tinned or boiled for two minutes they have none left.", remedies);
    });

    private static readonly Rule BoiledJuice = new("juice-boiled-in", Layer.Filling, DecidedBy.Physics, static (rule, pie) =>
    {
        var juice = pie.Yield.Juice.Value.Value;
        var scale = pie.Composition.Filling.Formula.Family.Scale;
        return scale == SetScale.Starch && juice >= FillingConstants.JuiceThins.Usual
            ? new(
                rule, Severity.WorthKnowing,
                "Add the juice off the heat: boiled in with the starch it thins the set.",
                new(
                    "With {0} sharp juice the set index {1} would fall to about {2}.", pie.Yield.Juice, pie.Yield.SetIndex,
                    new Quantity(pie.Yield.SetIndex.Value.Value * FillingConstants.BoiledWithAcid.Usual, Dimension.Count)),
                [])
            : null;
    });

    /// <summary>All of them.</summary>
    public static IReadOnlyList<Rule> All { get; } = [Melts, PiecesSink, StandsOut, Browns, EatsGelatine, BoiledJuice];

    /// <summary>The filling and the layer right beneath it, changed about; none where that can't be.</summary>
    private static Composition? Swapped(Composition c, int at)
    {
        if (c.Under[at] is not FillingLayer below || c.Filling.Formula.Family.Bake is not null)
            return null;
        return c with
        {
            Under = c.Under.With(at, new FillingLayer(c.Filling.Formula, new(FillingLayer.UsualThickness.Usual))),
            Filling = c.Filling with
            {
                Formula = below.Formula,
                Batch = BatchChoice.Exact,
                Line = new(below.Formula.Family.FillLine.Usual),
                Setter = 1,
            },
        };
    }
}
