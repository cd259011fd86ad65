using RoundCrumb.Core.Arranging;
using RoundCrumb.Core.BlindBaking;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Layering;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Toppings;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Steps;

/// <summary>
/// All that is done and waited for, part by part. Crust and filling go side by side; they meet at assembly, and the
/// topping follows.
/// </summary>
/// <param name="Steps">In the order of the batch sheet: crust, filling, assembly, topping.</param>
/// <param name="SetTime">Minutes in the fridge, with the depth reckoned in.</param>
public sealed record StepChain(IReadOnlyList<Step> Steps, Worked<MinuteRange> SetTime)
{
    /// <summary>The chain for so many of a pie.</summary>
    /// <param name="c">The pie.</param>
    /// <param name="card">Its blind bake.</param>
    /// <param name="crust">Its crust sums, for one pie.</param>
    /// <param name="depth">How deep the filling stands.</param>
    /// <param name="pies">How many, 1 or more.</param>
    /// <param name="room">How warm the kitchen is.</param>
    /// <param name="filled">How the filled shell is baked; none where it is not.</param>
    /// <param name="layers">What lies under the filling.</param>
    /// <param name="toppings">What lies on it.</param>
    public static StepChain For(Composition c, BlindBakeCard card, CrustSums crust, Worked<Millimetres> depth, int pies, RoomCelsius room, BakeStage? filled, IReadOnlyList<LayerSums> layers, IReadOnlyList<ToppingSums> toppings)
    {
        var steps = new List<Step>(16);
        switch (c.Crust.Family)
        {
            case RolledFamily rolled:
                Rolled(steps, rolled, c.Crust, crust, pies, room);
                break;
            case CrumbFamily crumb:
                Pressed(steps, crumb, c.Crust, crust, pies);
                break;
            case LaidFamily:
                Laid(steps, crust, pies);
                break;
            default:
                break;
        }

        Bake(steps, card, pies);

        var set = SetTimeOf(c.Filling.Formula.Family, depth);
        Fill(steps, c, filled, card.Setting.Oven, depth, set.Value, pies, layers, toppings);
        foreach (var topping in toppings.Where(t => t.Choice.Topping.GoesOn is not GoesOn.WithTheFilling))
            Top(steps, Part.Topping, topping, pies);

        // A small shell asks less of the hands than a pie, for each of it; setting up takes as long.
        if (c.Pan.IsSmall)
        {
            for (var i = 0; i < steps.Count; i++)
                steps[i] = steps[i] with { Hands = steps[i].Hands with { PerPie = steps[i].Hands.PerPie * StepConstants.SmallHands.Usual } };
        }

        // What may hurt is said once, at the first step where it may.
        var said = new HashSet<string>(StringComparer.Ordinal);
        for (var i = 0; i < steps.Count; i++)
        {
            if (!steps[i].Caution.IsEmpty && !said.Add(steps[i].Caution.Template))
                steps[i] = steps[i] with { Caution = Phrase.None };
        }

        return new(steps, set);
    }

    private static Worked<MinuteRange> SetTimeOf(FillingFamily family, Worked<Millimetres> depth)
    {
        var factor = Math.Max(1, depth.Value.Value / family.SetDepth.Usual);
        var t = family.SetTime;
        return new(
            "set-time", "In the fridge to set", new(t.Least * factor, Math.Max(t.Best, t.Least * factor), Math.Max(t.Most, t.Least * factor)),
            "the family's minutes × depth ÷ the depth they are for, where it is deeper; best is overnight",
            Term.Given("the family's minutes", t), Term.Of(depth), family.SetDepth);
    }

    private static void Rolled(List<Step> steps, RolledFamily family, CrustChoice choice, CrustSums crust, int pies, RoomCelsius room)
    {
        var fat = family.Dough.FirstOrDefault(p => p.Ingredient.IsFat)?.Ingredient.ShortName ?? "fat";
        var dough = (crust.Total.Value * pies).AsQuantity();
        switch (family.Mixing)
        {
            case Mixing.CutIn:
                steps.Add(new(Part.Crust, $"Cube the {Bare(fat)} and freeze it.", new(3, 1, pies), new(StepConstants.FreezeFat.Low, StepConstants.FreezeFat.Usual, CrustConstants.ShellFridgeMost.Usual), "freezer", "hard right through") { Label = "Freeze fat" });
                steps.Add(new(Part.Crust, new($"Work {Bare(fat)} into flour, then water until it just holds: about {{0}} of dough.", dough), new(10, 2, pies), MinuteRange.None, "bench", $"a shaggy mass, {Bare(fat)} in flat leaves", "Raw flour is not for tasting.") { Label = "Make dough" });
                break;
            case Mixing.Rubbed:
                steps.Add(new(Part.Crust, new($"Rub the cold {Bare(fat)} into the flour, then the egg and a little water until it just holds: about {{0}} of dough.", dough), new(12, 2, pies), MinuteRange.None, "bench", "fine crumbs, then a smooth dough that does not stick", "Raw flour and egg are not for tasting.") { Label = "Make dough" });
                break;
            case Mixing.Bought:
                steps.Add(new(Part.Crust, crust.Sheets is { } sheets ? new Phrase("Take {0} bought sheets out of the fridge.", new Quantity(Math.Ceiling(sheets.EachLines > 0 ? (double)pies / sheets.EachLines : sheets.Count.Value.Value * pies), Dimension.Count)) : "Take the bought sheet out of the fridge.", new(1, 0, pies), MinuteRange.Between(5, 15), "bench", "it unrolls without cracking") { Label = "Take sheets out" });
                break;
            default:
                steps.Add(new(Part.Crust, $"Take the {Bare(fat)} out to soften.", new(1, 0, pies), new(Softening.Fat.Low, Softening.Fat.Usual, Softening.Fat.High), "bench", "a finger sinks in") { Label = "Soften butter" });
                steps.Add(new(Part.Crust, new($"Cream {Bare(fat)} and sugar, beat in the egg, then the flour until no dry bits show: about {{0}} of dough.", dough), new(9, 1.5, pies), MinuteRange.None, "mixer", "smooth, no longer", "Raw flour and egg are not for tasting.") { Label = "Make dough" });
                break;
        }

        if (family.Mixing is not Mixing.Bought)
            steps.Add(new(Part.Crust, "Flatten, wrap and rest in the fridge.", new(1, 1, pies), new(family.RestMinutes, family.RestMinutes, CrustConstants.FridgeMost.Usual), "fridge", "firm, no longer springy") { Label = "Rest dough" });
        if (room.IsWarm)
            steps.Add(new(Part.Crust, new("At {0} in here, chill board and pin with a tray of ice; roll one at a time and put it back cold whenever it bends.", room.AsQuantity()), new(3, 0, pies), new(10, 10, 40), "bench", "the board cool to the wrist") { Label = "Chill the board" });
        steps.Add(new(
            Part.Crust,
            crust.SheetLength is { } length ? new Phrase("Roll to a sheet {0} by {1}, line the pan, finish the edge, dock the base.", crust.Disc!, length) : new Phrase("Roll to a disc {0} across, line the pan, finish the edge, dock the base.", crust.Disc!),
            new(2, 9, pies), MinuteRange.None, "bench", "even, no thin spots; keep the scraps for patching")
        { Label = "Roll and line" });
        steps.Add(choice.Frozen
            ? new(Part.Crust, "Freeze the lined shell.", new(0, 0.5, pies), new(CrustConstants.FreezeShell.Low, CrustConstants.FreezeShell.Usual, CrustConstants.FreezerShell.Usual), "freezer", "hard right through; it goes into the oven as it is") { Label = "Freeze shells" }
            : new(Part.Crust, "Chill the lined shell.", new(0, 0.5, pies), new(StepConstants.ChillShell.Low, StepConstants.ChillShell.Usual, CrustConstants.ShellFridgeMost.Usual), "fridge", "hard to the touch") { Label = "Chill shells" });
    }

    private static string Bare(string fat) => fat.Replace("unsalted ", "", StringComparison.Ordinal);

    private static void Pressed(List<Step> steps, CrumbFamily family, CrustChoice choice, CrustSums crust, int pies)
    {
        if (crust.BrownedAway is { } away)
            steps.Add(new(Part.Crust, new("Brown the butter in a wide pan: {0} of it boils off. Weigh it again.", (away.Value * pies).AsQuantity()), new(6, 1, pies), MinuteRange.Between(5, 10), "hob", "nut-brown flecks, smells of toast", "It foams up and goes from brown to black in seconds; smoking butter: off the heat, window open, leave it be.") { Label = "Brown butter" });
        steps.Add(new(
            Part.Crust,
            crust.Biscuits is { } biscuits
                ? new Phrase(choice.Browned ? "Crush about {0} biscuits." : "Crush about {0} biscuits and melt the fat.", (biscuits.Value with { Value = biscuits.Value.Value * pies }).AsQuantity())
                : choice.Browned ? "Grind the crumb." : "Grind the crumb and melt the fat.",
            new(5, 2, pies), MinuteRange.None, "processor", "even sand, no lumps")
        { Label = "Grind the crumb" });
        if (crust.HeldBack is { } held)
            steps.Add(new(Part.Crust, new($"Stir in the rest and all but {{0}} of the {Bare(family.Fat!.ShortName)}; add that in thirds of {{1}}, squeezing a handful each time.", new Said((held.Value * pies).AsQuantity(), Ingredient: family.Fat), new Said((held.Value * (pies / 3.0)).AsQuantity(), Ingredient: family.Fat)), new(3, 1, pies), MinuteRange.None, "bench", "squeezed, it clumps and looks dry; greasy wants more crumb") { Label = "Bind the crumb" });
        steps.Add(new(Part.Crust, choice.Height.Value > choice.Thickness.Value ? "Press base, then wall, with a flat-bottomed glass." : "Press the base with a flat-bottomed glass.", new(1, 7, pies), MinuteRange.None, "bench", "level, corners not thick") { Label = "Press crusts" });
    }

    private static void Laid(List<Step> steps, CrustSums crust, int pies)
    {
        var laid = crust.Laid!;
        steps.Add(new(Part.Crust, new("Crush and butter {0} of biscuits for the gaps.", (laid.Gaps.Value * pies).AsQuantity()), new(4, 1, pies), MinuteRange.None, "bench", "squeezed, it clumps and looks dry") { Label = "Crush biscuits" });
        steps.Add(new(
            Part.Crust,
            laid.Wall > 0
                ? new("Lay {0} biscuits on each base and stand {1} round the wall; press the crumbs between them.", new Quantity(laid.Base.Count, Dimension.Count), new Quantity(laid.Wall, Dimension.Count))
                : new Phrase("Lay {0} biscuits on each base; press the crumbs between them.", new Quantity(laid.Base.Count, Dimension.Count)),
            new(1, 8, pies), MinuteRange.None, "bench", "none rocks; none is loose, or it floats")
        { Label = "Lay biscuits" });
    }

    private static void Bake(List<Step> steps, BlindBakeCard card, int pies)
    {
        foreach (var stage in card.Stages)
        {
            var words = stage.Name switch
            {
                "Weighted" => At("Line with crumpled paper, fill with {1} of rice or beans for each shell, and bake at {0}", card, stage, card.Weights!),
                "Open" => At("Lift out paper and weights, and bake on at {0}", card, stage),
                "Bake" => At("Bake the crumb crust at {0}", card, stage),
                "Seal" when stage.Heat is not null => At("Brush with the seal and put back at {0}", card, stage),
                "Seal" => new Phrase(stage.Minutes.Value.Best > 0 ? "Brush the cooled crust with the seal and let it set." : "Spread the base with the seal as the filling goes in."),
                "Chill" => new Phrase("Chill the crust."),
                "Unpack" => new Phrase("Unpack the bought shells; leave them in their foil."),
                "Fill" => new Phrase("Have the filling ready: it goes onto the hot shell."),
                _ => new Phrase("Cool the shell on a rack."),
            };
            var most = stage.Name switch { "Cool" => 24 * 60, "Chill" => 48 * 60, _ => stage.Minutes.Value.Most };
            steps.Add(new(Part.Crust, words, stage.Name is "Cool" or "Fill" ? new(0, 0, pies) : stage.Name is "Unpack" ? new(1, 0.5, pies) : new(1, 1.5, pies), stage.Minutes.Value with { Most = most }, stage.Heat is null ? stage.Name == "Chill" ? "fridge" : "bench" : "oven", stage.Cue, stage.Name == "Open" ? "Beans hold their heat: tip them into metal, not plastic." : default(Phrase)) { Label = stage.Name switch { "Weighted" or "Bake" => "Bake shells", "Open" => "Weights out", "Seal" => "Seal", "Chill" => "Chill crusts", "Unpack" => "Unpack shells", _ => "Cool shells" } });
        }

        // The dial is named where it says something else than the heat.
        static Phrase At(string words, BlindBakeCard card, BakeStage stage, params Said[] more) => card.Setting.Oven.DialIsHeat
            ? new(words + ".", [stage.Heat!, .. more])
            : new(words + FormattableString.Invariant($" ({PhraseWords.Escaped(card.Setting.Oven.Name)}: set {{{more.Length + 1}}})."), [stage.Heat!, .. more, card.Dial!]);
    }

    private static void Fill(List<Step> steps, Composition c, BakeStage? baked, Oven oven, Worked<Millimetres> depth, MinuteRange set, int pies, IReadOnlyList<LayerSums> layers, IReadOnlyList<ToppingSums> toppings)
    {
        var family = c.Filling.Formula.Family;
        var several = layers.Any(l => l.Choice is FillingLayer);
        foreach (var layer in layers)
            Beneath(steps, layer, pies);
        Make(steps, c.Filling.Formula, c.Filling.Setter, several, pies);
        Phrase pour = new(family.Pour.Do.Template, [depth, .. family.Pour.Do.Amounts ?? []]);
        if (several)
            pour = new(PhraseWords.Escaped(c.Filling.Formula.Name) + " on top, to {0} above the base in all: " + char.ToLowerInvariant(pour.Template[0]) + pour.Template[1..].Replace(" {0} deep", "", StringComparison.Ordinal), pour.Amounts);
        steps.Add(new(Part.Assembly, pour, new(family.Pour.SetUp, family.Pour.PerPie, pies), MinuteRange.None, family.Pour.Where, family.Pour.Cue, family.Pour.Caution) { Label = "Fill" });
        foreach (var layer in layers.Where(l => l.Over > 0))
            steps.Add(new(Part.Assembly, new($"Press {{0}} {((PieceLayer)layer.Choice).Piece.Name} into the top.", new Quantity(layer.Over, Dimension.Count)), new(0.5, 2, pies), MinuteRange.None, "bench", "half out of the filling, between those beneath") { Label = "Fruit on top" });
        foreach (var topping in toppings.Where(t => t.Choice.Topping.GoesOn is GoesOn.WithTheFilling))
            Top(steps, Part.Assembly, topping, pies);
        if (baked is not null)
        {
            var note = family.Bake!.Note.Length > 0 ? " " + family.Bake.Note : "";
            steps.Add(new(
                Part.Assembly,
                oven.DialIsHeat ? new("Bake at {0}." + note, baked.Heat!) : new($"Bake at {{0}} ({oven.Name}: set {{1}}).{note}", baked.Heat!, oven.DialFor(baked.Heat!, Assessment.FilledDialId)),
                new(1, 1, pies), baked.Minutes.Value, "oven", baked.Cue)
            { Label = "Bake filled" });
            steps.Add(new(Part.Assembly, "Cool on a rack.", new(0, 0.5, pies), new(60, 90, 120), "bench", "warm to the hand", family.SetCaution) { Label = "Cool on a rack" });
        }

        if (set.Best > 0)
            steps.Add(new(Part.Assembly, "Set in the fridge.", new(0, 0.5, pies), set, "fridge", family.SetCue, baked is null ? family.SetCaution : Phrase.None) { Label = "Set" });
    }

    /// <summary>All that is done for a filling before it goes in.</summary>
    private static void Make(List<Step> steps, FillingFormula formula, double setter, bool named, int pies)
    {
        Phrase Named(Phrase words) => named ? words.Behind(formula.Name + ": ") : words;
        if (formula.Lines.Where(l => l.GoesIn is GoesIn.Reduced).ToList() is { Count: > 0 } reduced)
        {
            var reducing = FillingYield.Of(formula, setter).Reducing!.Value;
            steps.Add(new(Part.Filling, Named($"Boil the {string.Join(" and ", reduced.Select(l => l.Ingredient.ShortName))} down to half in a wide pan; measure it. Let it cool."), new(2, 0.5, pies), reducing + MinuteRange.Between(15, 30), "hob", "half of what it was, by the jug", "Steam and hot juice scald.") { Label = "Boil down" });
        }

        foreach (var step in formula.Family.Method)
            steps.Add(new(Part.Filling, Named(step.Do), new(step.SetUp, step.PerPie, pies), step.Wait, step.Where, step.Cue, step.Caution) { Label = formula.Name });
    }

    /// <summary>A layer beneath the filling: made, levelled, and set before the next one goes on; or pieces, laid.</summary>
    private static void Beneath(List<Step> steps, LayerSums layer, int pies)
    {
        switch (layer.Choice)
        {
            case FillingLayer filling:
                var family = filling.Formula.Family;
                Make(steps, filling.Formula, 1, true, pies);
                steps.Add(new(
                    Part.Assembly, new($"{filling.Formula.Name} first: {{0}} into each, {{1}} thick, and level it.", layer.Mass, filling.Thickness.AsQuantity()),
                    new(family.Pour.SetUp, family.Pour.PerPie, pies), MinuteRange.None, "bench", "level, right into the corner", family.Pour.Caution)
                { Label = "First layer" });

                // It need only bear what comes next; a thin layer does so sooner than a deep one.
                var factor = Math.Clamp(filling.Thickness.Value / family.SetDepth.Usual, StepConstants.ThinLayer.Usual, 1);
                var least = Math.Max(StepConstants.LayerChill.Usual, family.SetTime.Least * factor);
                steps.Add(new(Part.Assembly, "Chill it before the next goes on.", new(0, 0.5, pies), new(least, least, Math.Max(least, family.SetTime.Most)), "fridge", "bears a fingertip") { Label = "Chill the layer" });
                break;
            case PieceLayer pieces:
                var n = new Quantity((layer.Count?.Value.Value ?? 0) - layer.Over, Dimension.Count);
                steps.Add(new(
                    Part.Assembly, layer.Over > 0
                        ? new($"Dry the {pieces.Piece.Name} on a cloth and lay {{0}} in each, side by side; keep the other {{1}} back.", n, new Quantity(layer.Over, Dimension.Count))
                        : new($"Dry the {pieces.Piece.Name} on a cloth and lay {{0}} in each, side by side.", n),
                    new(2, 3, pies), MinuteRange.None, "bench", "dry: wet fruit slides and weeps")
                { Label = "Lay the fruit" });
                break;
        }
    }

    private static void Top(List<Step> steps, Part part, ToppingSums sums, int pies)
    {
        var choice = sums.Choice;
        var topping = choice.Topping;
        if (topping.Kind is ToppingKind.Whipped)
        {
            Phrase onto = sums.Count is { } count
                ? new($"Whip the cream to {sums.Style!.Stage} and pipe {{0}} {(choice.Laying.Pattern switch { Pattern.Lattice => "lines, across and across again", Pattern.Shells => "shells round the rim, each over the tail of the one before", Pattern.Rim => "rosettes round the rim", Pattern.HalfMoon => "rosettes in a half-moon", _ => "rosettes over all of it" })}, nozzle {{1}}, on a quite cold pie.", count, choice.Laying.Nozzle.AsQuantity())
                : new("Whip the cream to " + sums.Style!.Stage + " and put it on {0} thick, on a quite cold pie.", choice.Height.AsQuantity());
            steps.Add(new(part, onto, new(6, sums.Count is null ? 4 : 6, pies), MinuteRange.None, "mixer", "last strokes by hand: a few seconds past stiff is butter") { Label = "Cream on" });
            return;
        }

        foreach (var step in topping.Steps)
            steps.Add(new(part, new(step.Do.Template, [choice.Height.AsQuantity(), .. step.Do.Amounts ?? []]), new(step.SetUp, step.PerPie, pies), step.Wait, step.Where, step.Cue, step.Caution) { Label = topping.Name });
    }
}
