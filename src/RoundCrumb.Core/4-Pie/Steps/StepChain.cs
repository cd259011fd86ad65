using RoundCrumb.Core.Arranging;
using RoundCrumb.Core.Baking;
using RoundCrumb.Core.BlindBaking;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Cooling;
using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.HeatFlow;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Layering;
using RoundCrumb.Core.Methods;
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
    /// <param name="pie">The pie's facts.</param>
    public static StepChain For(Assessment pie)
    {
        var (c, pies, toppings) = (pie.Composition, pie.Pies, pie.Toppings);
        var steps = new List<Step>(16);
        foreach (var (kind, how) in c.Crust.Family.Method(new(c.Crust, pie.Crust, pies, pie.Kitchen.Room)))
            steps.Add(
                SofteningSteps.In(
                    pie, Step.Of(kind, StepPart.Crust, how, pies), how.Softens,
                    pie.Crust.Lines.Select(l => (l.Ingredient, l.Mass.Value.Value * pies))));
        Bake(steps, pie.Card, c.Pan.MayBurst, pies);

        var set = pie.SetTime;
        Fill(steps, pie, set.Value);
        foreach (var topping in toppings.Where(t => t.Choice.Topping.GoesOn is not GoesOn.WithTheFilling))
            Top(steps, pie, StepPart.Topping, topping);

        // A small shell asks less of the hands than a pie, for each of it; setting up takes as long.
        if (c.Pan.IsSmall)
        {
            for (var i = 0; i < steps.Count; i++)
                steps[i] = steps[i] with
                {
                    Hands = steps[i].Hands with { PerPie = steps[i].Hands.PerPie * StepConstants.SmallHands.Usual },
                };
        }

        if (pie.Corrections.All.Count > 0)
        {
            for (var i = 0; i < steps.Count; i++)
            {
                var here = pie.Corrections.Of(CorrectionKey.HandsMinutes(steps[i].Kind.ToString()));
                steps[i] = steps[i] with { Hands = steps[i].Hands.As(here) };
            }
        }

        // What may hurt is said once, at the first step where it may.
        var said = new HashSet<string>(StringComparer.Ordinal);
        for (var i = 0; i < steps.Count; i++)
        {
            if (!steps[i].Caution.IsEmpty && !said.Add(steps[i].Caution.Template))
                steps[i] = steps[i] with { Caution = Phrase.None };
        }

        return new(Named(steps), set);
    }

    /// <summary>Gives each step the name by which it is known again.</summary>
    private static List<Step> Named(List<Step> steps)
    {
        var turns = new Dictionary<(StepKind, string), int>();
        for (var i = 0; i < steps.Count; i++)
        {
            var key = (steps[i].Kind, steps[i].Subject);
            var turn = turns.GetValueOrDefault(key);
            turns[key] = turn + 1;
            steps[i] = steps[i] with { Id = new(steps[i].Kind, steps[i].Subject, turn) };
        }

        return steps;
    }

    private static void Bake(List<Step> steps, BlindBakeCard card, bool mayBurst, int pies)
    {
        foreach (var stage in card.Stages)
        {
            var words = stage.Kind switch
            {
                StageKind.Weighted =>
                    At(
                        "Line with crumpled paper, fill with {1} of rice or beans for each shell, and bake at {0}", card, stage,
                        card.Weights!),
                StageKind.Open => At("Lift out paper and weights, and bake on at {0}", card, stage),
                StageKind.Crumb => At("Bake the crumb crust at {0}", card, stage),
                StageKind.Seal when stage.Heat is not null => At("Brush with the seal and put back at {0}", card, stage),
                StageKind.Seal =>
                    new Phrase(
                        stage.Minutes.Value.Best > 0
                            ? "Brush the cooled crust with the seal and let it set."
                            : "Spread the base with the seal as the filling goes in."),
                StageKind.Chill => new Phrase("Chill the crust."),
                StageKind.Unpack => new Phrase("Unpack the bought shells; leave them in their foil."),
                StageKind.Fill => new Phrase("Have the filling ready: it goes onto the hot shell."),
                StageKind.Cool => new Phrase("Cool the shell on a rack."),
                StageKind.Filled => throw new InvalidOperationException("A filled shell has no card of its own."),
            };
            var (kind, most) = stage.Kind switch
            {
                StageKind.Weighted or StageKind.Crumb => (StepKind.BakeShell, stage.Minutes.Value.Most),
                StageKind.Open => (StepKind.WeightsOut, stage.Minutes.Value.Most),
                StageKind.Seal => (StepKind.SealShell, stage.Minutes.Value.Most),
                StageKind.Chill => (StepKind.ChillCrust, 48 * 60),
                StageKind.Unpack => (StepKind.UnpackShell, stage.Minutes.Value.Most),
                StageKind.Cool => (StepKind.CoolShell, 24 * 60),
                StageKind.Fill or StageKind.Filled => (StepKind.CoolShell, stage.Minutes.Value.Most),
            };
            var hands = stage.Kind switch
            {
                StageKind.Cool or StageKind.Fill => new(0, 0, pies),
                StageKind.Unpack => new(1, 0.5, pies),
                _ => new Hands(1, 1.5, pies),
            };
            steps.Add(new(
                kind, StepPart.Crust, words, hands, stage.Minutes.Value with { Most = most },
                stage.Heat is not null ? Place.Oven : stage.Kind is StageKind.Chill ? Place.Fridge : Place.Bench, stage.Cue,
                stage.Kind is StageKind.Open ? Cautions.HotWeights
                    : mayBurst && stage.Kind is (StageKind.Weighted or StageKind.Crumb) ? Cautions.GlassAndHeat
                    : default(Phrase))
            { Heat = stage.Heat is { } heat ? StepHeat.Of(heat) : null });
        }

        // The dial is named where it says something else than the heat.
        static Phrase At(string words, BlindBakeCard card, BakeStage stage, params PhraseArgument[] more) => card.Setting.Oven.DialIsHeat
            ? new(words + ".", [stage.Heat!, .. more])
            : new(
                words + FormattableString.Invariant($" ({PhraseWords.Escaped(card.Setting.Oven.Name)}: set {{{more.Length + 1}}})."),
                [stage.Heat!, .. more, card.Dial!]);
    }

    private static void Fill(List<Step> steps, Assessment pie, MinuteRange set)
    {
        var (c, pies, layers, toppings) = (pie.Composition, pie.Pies, pie.Layers, pie.Toppings);
        var (baking, oven, crowded) = (pie.Baking, pie.Card.Setting.Oven, pie.FridgeCaution);
        var family = c.Filling.Formula.Family;
        var several = layers.Any(l => l.Choice is FillingLayer);
        foreach (var layer in layers)
            Beneath(steps, pie, layer);
        Make(steps, pie, c.Filling.Formula, c.Filling.Setter, pie.Fit.Chosen.Scale.Value.Value, several);
        CoolToPour(steps, pie, c.Filling.Formula);
        Phrase pour = c.PoursStraightFromThePan
            ? new("The meringue is ready first. Straight from the pan, fill each shell {0} deep, no film: it goes on at once.",
            pie.FilledDepth)
            : new(family.Pour.Do.Template, [pie.FilledDepth, .. family.Pour.Do.Amounts ?? []]);
        if (several)
            pour = new(
                PhraseWords.Escaped(c.Filling.Formula.Name) + " on top, to {0} above the base in all: "
                    + char.ToLowerInvariant(pour.Template[0]) + pour.Template[1..].Replace(" {0} deep", "", StringComparison.Ordinal),
                pour.Amounts);
        steps.Add(
            new(
                StepKind.Fill, StepPart.Assembly, pour, new(family.Pour.SetUp, family.Pour.PerPie, pies), MinuteRange.None,
                family.Pour.Where,
                family.Pour.Cue, family.Pour.Caution));
        foreach (var layer in layers.Where(l => l.Over > 0))
            steps.Add(
                new(
                    StepKind.PressPiecesIn, StepPart.Assembly,
                    new($"Press {{0}} {((PieceLayer)layer.Choice).Piece.Name} into the top.", new Quantity(layer.Over, Dimension.Count)),
                    new(0.5, 2, pies), MinuteRange.None, Place.Bench, "half out of the filling, between those beneath"));
        foreach (var topping in toppings.Where(t => t.Choice.Topping.GoesOn is GoesOn.WithTheFilling))
            Top(steps, pie, StepPart.Assembly, topping);
        if (baking is { Stage: { } baked })
        {
            steps.Add(new(
                StepKind.BakeFilled, StepPart.Assembly, BakeWords(family, baking, oven), new(1, 1, pies), baked.Minutes.Value, Place.Oven,
                baked.Cue, c.Pan.MayBurst ? Cautions.GlassAndHeat : default(Phrase))
            { Heat = StepHeat.Of(baked.Heat!) });
            steps.Add(
                new(
                    StepKind.CoolFilled, StepPart.Assembly, "Cool on a rack.", new(0, 0.5, pies), new(60, 90, 120), Place.Bench,
                    "warm to the hand", family.SetCaution));
        }

        if (set.Best > 0)
            steps.Add(
                new(
                    StepKind.Set, StepPart.Assembly,
                    crowded.IsEmpty ? "Set in the fridge." : new Phrase("Set in the fridge. " + crowded.Template, crowded.Amounts),
                    new(0, 0.5, pies), set, Place.Fridge, family.SetCue,
                    baking is null ? family.SetCaution : Phrase.None));
    }

    /// <summary>At which heat, what to shield when, and how warm the middle is when it comes out.</summary>
    private static Phrase BakeWords(FillingFamily family, PieBaking baking, Oven oven)
    {
        var heat = baking.Stage.Heat!;
        return Phrase.Join(
            oven.DialIsHeat
                ? new("Bake at {0}.", heat)
                : new($"Bake at {{0}} ({oven.Name}: set {{1}}).", heat, oven.DialFor(heat, PieBakings.FilledDialId)),
            family.Bake!.Note,
            baking.ShieldAfter is { } shield ? new("Shield the rim after {0}.", shield) : Phrase.None,
            baking.TakeOut is { } middle
                ? new(
                    middle.Value.Value < family.Bake.DoneAt.Usual
                        ? "Out at {0} in the middle: on the rack it goes on to {1}."
                        : "Out at {0} in the middle.",
                    middle, new Quantity(family.Bake.DoneAt.Usual, Dimension.Warmth))
                : Phrase.None);
    }

    /// <summary>A part as it is said: "half", "a third", else in per cent.</summary>
    private static string PartWords(FormulaLine line)
    {
        var left = FillingYield.BoiledDownTo(line);
        (double Part, string Words)[] parts =
        [
            (0.5, "half"), (1 / 3.0, "a third"), (0.25, "a quarter"), (0.2, "a fifth"), (2 / 3.0, "two thirds"), (0.75, "three quarters"),
        ];
        return Array.Find(parts, p => Math.Abs(p.Part - left) < 0.012).Words ?? FormattableString.Invariant($"{left * 100:0} %");
    }

    /// <summary>All that is done for a filling before it goes in.</summary>
    private static void Make(List<Step> steps, Assessment pie, FillingFormula formula, double setter, double batches, bool named)
    {
        var pies = pie.Pies;
        Phrase Named(Phrase words) => named ? words.Behind(formula.Name + ": ") : words;
        if (formula.Lines.Where(l => l.GoesIn is GoesIn.Reduced).ToList() is { Count: > 0 } reduced)
        {
            var reducing = FillingYield.Of(formula, setter).Reducing!.Value;
            steps.Add(
                new(
                    StepKind.Reduce, StepPart.Filling,
                    Named(
                        $"Boil the {string.Join(", the ", reduced.Select(l => $"{l.Ingredient.ShortName} down to {PartWords(l)}"))} in a "
                            + $"wide pan; measure it. Let it cool."),
                    new(2, 0.5, pies), reducing + MinuteRange.Between(15, 30), Place.Hob,
                    $"{PartWords(reduced[0])} of what it was, by the jug", Cautions.HotJuice));
        }

        if (formula.Lines.Where(l => l.GoesIn is GoesIn.Toasted && !l.Ingredient.IsFat).ToList() is { Count: > 0 } toasted)
            steps.Add(
                new(
                    StepKind.Toast, StepPart.Filling,
                    Named(
                        $"Toast the {string.Join(" and the ", toasted.Select(l => l.Ingredient.ShortName))} on a tray; tip out "
                            + $"and cool."),
                    new(2, 0.5, pies), Toasting.Minutes.AsMinutes(), Place.Oven, Toasting.Cue)
                { Heat = Toasting.Heat });

        foreach (var butter in formula.Lines.Where(l => l.GoesIn is GoesIn.Toasted && l.Ingredient.IsFat))
        {
            var step = Browning.Of(
                Named(
                    new(
                        $"Brown the {PhraseWords.Escaped(butter.Ingredient.ShortName)} in a wide pan: {{0}} of it boils off. Let it cool.",
                        new Quantity(butter.Ingredient.UsualLoss, Dimension.Share))));
            steps.Add(
                new(
                    StepKind.BrownButter, StepPart.Filling, step.Do, new(step.SetUp, step.PerPie, pies), step.Wait, step.Where, step.Cue,
                    step.Caution)
                { Subject = butter.Ingredient.Id });
        }

        if (MeltedSugar.Of(formula) is { } melted)
            steps.Add(
                new(
                    StepKind.MakeFilling, StepPart.Filling, Named(melted.Do), new(melted.SetUp, melted.PerPie, pies), melted.Wait,
                    melted.Where, melted.Cue, melted.Caution)
                { Subject = formula.Id, Named = formula.Name });

        foreach (var step in formula.Family.Method)
            steps.Add(
                SofteningSteps.In(
                    pie,
                    new(
                        StepKind.MakeFilling, StepPart.Filling, Named(step.Do), new(step.SetUp, step.PerPie, pies), step.Wait, step.Where,
                        step.Cue, step.Caution)
                    { Heat = step.Heat, Subject = formula.Id, Named = formula.Name },
                    step.Softens, formula.Lines.Select(l => (l.Ingredient, formula.GramsOf(l, setter) * batches))));

        // A spirit that meets heat is warned of at the first step of the filling that minds nothing yet.
        if (formula.Lines.Any(l => l.Ingredient.IsSpirit) && formula.Family.Method.Any(s => s.Where is Place.Hob)
            && steps.FindIndex(s => s.Kind is StepKind.MakeFilling && s.Subject == formula.Id && s.Caution.IsEmpty) is >= 0 and var at)
            steps[at] = steps[at] with { Caution = Cautions.Spirits };
    }

    /// <summary>A layer beneath the filling: made, levelled, and set before the next one goes on; or pieces, laid.</summary>
    private static void Beneath(List<Step> steps, Assessment pie, LayerSums layer)
    {
        var pies = pie.Pies;
        switch (layer.Choice)
        {
            case FillingLayer filling:
                var family = filling.Formula.Family;
                Make(steps, pie, filling.Formula, 1, layer.Scale!.Value.Value * pies, true);
                CoolToPour(steps, pie, filling.Formula);
                steps.Add(new(
                    StepKind.FirstLayer, StepPart.Assembly,
                    new(
                        $"{filling.Formula.Name} first: {{0}} into each, {{1}} thick, and level it.", layer.Mass,
                        filling.Thickness.AsQuantity()),
                    new(family.Pour.SetUp, family.Pour.PerPie, pies), MinuteRange.None, Place.Bench, "level, right into the corner",
                    family.Pour.Caution));

                steps.Add(
                    new(
                        StepKind.ChillLayer, StepPart.Assembly, "Chill it before the next goes on.", new(0, 0.5, pies),
                        pie.LayerSetTime(layer)?.Value ?? LayerTable(filling), Place.Fridge, "bears a fingertip"));
                break;
            case PieceLayer pieces:
                var n = new Quantity((layer.Count?.Value.Value ?? 0) - layer.Over, Dimension.Count);
                steps.Add(new(
                    StepKind.LayPieces, StepPart.Assembly, layer.Over > 0
                        ? new(
                            $"Dry the {pieces.Piece.Name} on a cloth and lay {{0}} in each, side by side; keep the other {{1}} back.", n,
                            new Quantity(layer.Over, Dimension.Count))
                        : new($"Dry the {pieces.Piece.Name} on a cloth and lay {{0}} in each, side by side.", n),
                    new(2, 3, pies), MinuteRange.None, Place.Bench, "dry: wet fruit slides and weeps"));
                break;
        }
    }

    /// <summary>
    /// Where nothing is known of the fridge: it need only bear what comes next, and a thin layer does so sooner than a deep one.
    /// </summary>
    private static MinuteRange LayerTable(FillingLayer filling)
    {
        var family = filling.Formula.Family;
        var factor = Math.Clamp(filling.Thickness.Value / family.SetDepth.Usual, StepConstants.ThinLayer.Usual, 1);
        var least = Math.Max(StepConstants.LayerChill.Usual, family.SetTime.Least * factor);
        return new(least, least, Math.Max(least, family.SetTime.Most));
    }

    /// <summary>
    /// At the least over ice, at best by itself on the bench while that is not too long, and a little longer before it sets in its bowl.
    /// </summary>
    private static MinuteRange CoolingOf(double overIce, double? onTheBench)
    {
        var (ice, bench) = (Math.Ceiling(overIce), Math.Ceiling(Math.Max(overIce, onTheBench ?? overIce)));
        return new(ice, Math.Clamp(StepConstants.ByTheBowl.Usual, ice, bench), bench + 10);
    }

    /// <summary>What is made hotter than the layer beneath bears cools in its bowl first.</summary>
    private static void CoolToPour(List<Step> steps, Assessment pie, FillingFormula filling)
    {
        var (how, overIce, onTheBench) = (Phrase.None, 0.0, (double?)null);
        if (pie.Pourings.FirstOrDefault(p => p.Upper == filling) is { CoolsFirst: true, OverIce: { } ice } pouring)
            (how, overIce, onTheBench) = (pouring.Cool, ice, pouring.OnTheBench);
        else if (filling == pie.Composition.Filling.Formula && LayerPours.CoolingFirst(pie) is { } first)
            (how, overIce, onTheBench) = first;
        else
            return;
        steps.Add(
            new(
                StepKind.CoolToPour, StepPart.Filling, how, new(1, 0, pie.Pies), CoolingOf(overIce, onTheBench), Place.Bench,
                "barely warm to the wrist, and it still runs")
            { Subject = filling.Id, Named = filling.Name });
    }

    /// <summary>What is piped, in words.</summary>
    private static string Piped(Pattern pattern) => pattern switch
    {
        Pattern.Lattice => "lines, across and across again",
        Pattern.Shells => "shells round the rim, each over the tail of the one before",
        Pattern.Rim => "rosettes round the rim",
        Pattern.HalfMoon => "rosettes in a half-moon",
        Pattern.Cover or Pattern.Rings or Pattern.Spiral or Pattern.Spread => "rosettes over all of it",
    };

    /// <summary>How long the bowl stands in the cold before cream is whipped in it; nothing where nothing is known of a fridge.</summary>
    private static Phrase ColdBowl(Assessment pie)
    {
        var fridge = pie.Kitchen.Cold.FirstOrDefault(c => c.Kind is ColdKind.Fridge && c.Cooler is not null);
        return fridge?.Cooler is { } cooler
            && BowlCooling.Chilled(pie.Kitchen.Room.Value, fridge.Air, cooler.Facts.Transfer * fridge.Heat.Times) is > 0 and var minutes
                ? new("Bowl and whisk {0} in the fridge first.", new Quantity(Math.Ceiling(minutes), Dimension.Time))
                : Phrase.None;
    }

    private static void Top(List<Step> steps, Assessment pie, StepPart part, ToppingSums sums)
    {
        var pies = pie.Pies;
        var choice = sums.Choice;
        var topping = choice.Topping;
        if (topping.Kind is ToppingKind.Whipped)
        {
            Phrase onto = sums.Count is { } count
                ? new(
                    $"Whip the cream to {sums.Style!.Stage} and pipe {{0}} "
                        + $"{Piped(choice.Laying.Pattern)}, nozzle {{1}}, on a quite cold pie.",
                    count, choice.Laying.Nozzle.AsQuantity())
                : new(
                    "Whip the cream to " + sums.Style!.Stage + " and put it on {0} thick, on a quite cold pie.",
                    choice.Height.AsQuantity());
            steps.Add(
                new(
                    StepKind.PutCreamOn, part, Phrase.Join(onto, ColdBowl(pie)), new(6, sums.Count is null ? 4 : 6, pies),
                    MinuteRange.None, Place.Mixer,
                    "last strokes by hand: a few seconds past stiff is butter"));
            return;
        }

        foreach (var usual in topping.Steps)
        {
            var step = pie.Composition.Pan.MayBurst ? usual.WhereItCracks ?? usual : usual;

            // A jelly cools in its bowl until it is poured: so much of it as long as it takes.
            var jelly = step.Where is Place.Hob ? pie.JellyPour(sums) : null;
            Phrase words = new(step.Do.Template, [choice.Height.AsQuantity(), .. step.Do.Amounts ?? []]);
            steps.Add(
                new(
                    StepKind.MakeTopping, part, jelly is null ? words : Phrase.Join(words, jelly.Cool),
                    new(step.SetUp, step.PerPie, pies), jelly is null ? step.Wait : CoolingOf(jelly.OverIce, jelly.OnTheBench), step.Where,
                    step.Cue, step.Caution)
                { Heat = step.Heat, Subject = topping.Id, Named = topping.Name });
        }
    }
}
