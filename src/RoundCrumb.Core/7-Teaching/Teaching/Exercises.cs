using System.Globalization;
using RoundCrumb.Core.Advice;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Cutting;
using RoundCrumb.Core.Faults;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Steps;
using RoundCrumb.Core.Toppings;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Practice;

/// <summary>Makes exercises out of the sums themselves: as many as one wants, each with its answer and its working.</summary>
public static class Exercises
{
    /// <summary>The hardest level.</summary>
    public const int MostLevel = 3;

    /// <summary>So many tries to draw one that is not ambiguous.</summary>
    private const int Tries = 400;

    /// <summary>By what the wrong numbers differ from the right one, level by level: never by less than a tenth.</summary>
    private static readonly double[][] Off = [[0.5, 0.68, 1.5, 2.1], [0.6, 0.76, 1.3, 1.65], [0.7, 0.84, 1.18, 1.38]];

    /// <summary>No figure that is offered lies nearer than this to another band’s limit: a tenth of it.</summary>
    private const double LeastApart = 0.1;

    private static readonly (string Said, double Ml)[] Cups =
    [
        ("1 cup", 236.6), ("½ cup", 118.3), ("¾ cup", 177.45), ("⅓ cup", 78.9), ("2 cups", 473.2), ("3 tablespoons", 44.4),
        ("¼ cup", 59.15),
    ];

    private static readonly Pan[] RoundPans = [.. PanCupboard.All.Where(p => p.IsRound && !p.IsSmall)];

    private static readonly RolledFamily[] Doughs = [.. CrustBook.All.OfType<RolledFamily>().Where(f => f.Sheet is null)];

    /// <summary>Grams of which answers still differ when they are said in eighths of an ounce. Our own choice.</summary>
    private const double LeastToTellApart = 30;

    private static readonly Ingredient[] ByTheCup =
    [
        .. Pantry.All.Where(i => i.BulkDensity > 0 && i.GramsEach <= 0 && !i.Is(Traits.PlainWater)
            && i.Shelf is PantryShelf.Sugars or PantryShelf.Dairy or PantryShelf.Flours or PantryShelf.Nuts),
    ];

    /// <summary>Makes one.</summary>
    /// <param name="kind">What is practised.</param>
    /// <param name="seed">Any number; the same makes the same.</param>
    /// <param name="level">From 1 to <see cref="MostLevel"/>; what lies outside is taken as the nearest.</param>
    public static Exercise Of(ExerciseKind kind, int seed, int level)
    {
        var at = Math.Clamp(level, 1, MostLevel);
        var random = new Draws(HashCode(kind, seed, at));
        for (var i = 0; i < Tries; i++)
        {
            var made = kind switch
            {
                ExerciseKind.ReadTheWork => ReadTheWork(random),
                ExerciseKind.CupWeighs => CupWeighs(random, at),
                ExerciseKind.ReadTheCut => ReadTheCut(random, at),
                ExerciseKind.HowMuchDough => HowMuchDough(random, at),
                ExerciseKind.WillItFit => WillItFit(random, at),
                ExerciseKind.WrongFigure => WrongFigure(random, at),
                ExerciseKind.OrderOfSteps => OrderOfSteps(random, at),
                ExerciseKind.ChooseTheCrust => ChooseTheCrust(random),
                ExerciseKind.RunningLate => RunningLate(random, at),
            };
            if (made is not null)
                return made with { Kind = kind, Seed = seed, Level = at };
        }

        throw new InvalidOperationException($"No exercise of {kind} comes of {seed}.");
    }

    private static int HashCode(ExerciseKind kind, int seed, int level) => unchecked((((int)kind * 397) ^ seed) * 31) + level;

    private static T One<T>(Draws random, IReadOnlyList<T> from) => from[random.Next(from.Count)];

    private static Exercise Made(Phrase asks, IReadOnlyList<Phrase> choices, int right, Phrase because, params IWorked[] working) =>
        new(default, 0, 0, asks, choices, right, because, working);

    /// <summary>A right number among three wrong ones, in the order of their size.</summary>
    private static Exercise Number(Draws random, int level, Phrase asks, Worked<Grams> right, Phrase because, params IWorked[] working)
    {
        var amount = right.Amount.Amount;
        var off = Off[level - 1].OrderBy(_ => random.NextDouble()).Take(3);
        double[] all = [amount, .. off.Select(o => o * amount)];
        var sorted = all.Order().ToList();
        return Made(
            asks, [.. sorted.Select(a => new Phrase("{0}", new Quantity(a, right.Amount.Dimension)))], sorted.IndexOf(amount), because,
            [right, .. working]) with
        { Amounts = sorted };
    }

    private static Exercise ReadTheWork(Draws random)
    {
        var (technique, taken) = (One(random, Enum.GetValues<Technique>()), One(random, Enum.GetValues<Taken>()));
        return Made(
            $"You see {technique.Name}. Too little, right, or too much?", ["Too little", "Right", "Too much"], (int)taken,
            $"{technique.Looks(taken)}. Right is: {technique.Looks(Taken.Right)}.") with
        { Drawn = (technique, taken) };
    }

    private static Exercise? CupWeighs(Draws random, int level)
    {
        var (of, (said, ml)) = (One(random, ByTheCup), One(random, Cups));

        // So little weighs the same by eighths of an ounce, whichever answer is right.
        if (ml * of.BulkDensity < LeastToTellApart)
            return null;
        var grams = new Worked<Grams>(
            "cup-weighs", $"{said} of {of.Name}", new(ml * of.BulkDensity), "ml × what a ml of it weighs in a cup",
            Term.Given("ml", new Millilitres(ml)), Term.Given("g to a ml in a cup", of.BulkDensity, Dimension.GramsPerMl));
        return Number(
            random, level, $"What does {said} of {of.Name} weigh?", grams,
            $"In a cup, {of.ShortName} lies as loosely as it does; in a mixture it takes "
                + "up another room.");
    }

    /// <summary>A slice as it stands when it is cut, and three sets of which one makes it stand so.</summary>
    private static Exercise? ReadTheCut(Draws random, int level)
    {
        var filling = One(random, FillingBook.All);
        var bands = filling.Family.Bands;
        var sets = new List<(double Setter, Worked<Number> Index, CutBand Band)>();
        for (var i = 0; i < Tries / 20 && sets.Count < 3; i++)
        {
            var setter = Math.Round(0.4 + (random.NextDouble() * 1.6), 2);
            var index = Assessment.Of(
                Composition.For(PanCupboard.Plate23, CrustBook.ButterFlaky, filling, Topping.None).Setter(setter)).Yield.SetIndex;
            var (at, band) = (index.Amount.Amount, CutBands.Of(bands, index.Amount.Amount));
            if (!bands.Any(b => b.From > 0 && Math.Abs(at - b.From) < LeastApart * b.From)
                && sets.TrueForAll(s => s.Band.Stands != band.Stands))
                sets.Add((setter, index, band));
        }

        if (sets.Count < 3)
            return null;
        var right = sets[random.Next(3)];
        if (sets.Exists(s => s != right && Math.Abs(s.Band.Verdict - right.Band.Verdict) < (level is 1 ? 2 : 1)))
            return null;
        var offered = sets.OrderBy(s => s.Setter).ToList();
        return Made(
            $"{filling.Name}, cut cold. Which of three sets is this slice?",
            [
                .. offered.Select(s => new Phrase(
                    "{0} of what sets it, set index {1}", new Quantity(s.Setter, Dimension.Share),
                    new Quantity(s.Index.Amount.Amount, Dimension.Count))),
            ],
            offered.IndexOf(right),
            new("A set index of {0} is “" + right.Band.Name + "”: " + right.Band.Meaning + ".",
                new Quantity(right.Index.Amount.Amount, Dimension.Count)),
            right.Index) with
        { Cut = right.Band.Stands, Amounts = [.. offered.Select(s => s.Index.Amount.Amount)] };
    }

    private static Exercise HowMuchDough(Draws random, int level)
    {
        var (pan, family, pies) = (One(random, RoundPans), One(random, Doughs), random.Next(1, 1 + (level * 3)));
        var pie = Assessment.Of(Composition.For(pan, family, FillingBook.MaltCustard, Topping.None), pies);
        var all = new Worked<Grams>(
            "practice-dough", "Dough for all", pie.Crust.Total.Value * pies, "dough for one × how many", Term.Of(pie.Crust.Total),
            Term.Given("how many", pies, Dimension.Count));
        return Number(
            random, level, new($"How much dough for {pies} of: {pan.Name}? {family.Name}, {{0}} thick.",
                pie.Composition.Crust.Thickness.AsQuantity()), all,
            "A disc as wide as base, walls and edge, as thick as it is rolled, and an eighth more for rolling and trimming.",
            pie.Crust.Total);
    }

    private static Exercise? WillItFit(Draws random, int level)
    {
        var (pan, filling) = (One(random, RoundPans), One(random, FillingBook.All));
        var times = Math.Round(0.4 + (random.NextDouble() * 2.4), 1);
        var pie = Assessment.Of(
            Composition.For(pan, CrustBook.ButterFlaky, filling, Topping.None).Make(new BatchChoice(BatchKind.Times, times)));
        var (off, over) = (pie.Fit.Chosen.DepthDifference.Value.Value, pie.Fit.RunsOver.Value.Value);
        var near = pie.FilledDepth.Value.Value * (level is 1 ? 0.3 : level is 2 ? 0.2 : 0.12);
        int? right = over > pie.Lined.Volume.Value * 0.1 ? 0
            : over <= 0 && Math.Abs(off) < near / 2 ? 1
            : off < -near ? 2
            : null;
        return right is not { } answer ? null : Made(
            $"{times} × {filling.Name} into: {pan.Name}, lined. Does it fit?",
            ["It runs over", "It fits, within a little of its line", "It stands well below its line"], answer,
            new("It gives {0}; up to its line the lined pan holds {1}.", pie.Fit.Chosen.Volume, pie.Fit.Needed), pie.Fit.Chosen.Volume,
            pie.Fit.Needed,
            pie.Fit.Chosen.Stands);
    }

    private static Exercise? WrongFigure(Draws random, int level)
    {
        var filling = One(random, FillingBook.All);
        var lines = filling.Lines.Where(l => l.Grams >= 2).OrderBy(_ => random.NextDouble()).Take(4).ToList();
        if (lines.Count < 4)
            return null;
        var wrong = random.Next(4);
        var by = (level switch { 1 => 6.0, 2 => 4.0, _ => 3.0 }) is var factor && lines[wrong].Grams > 150 ? 1 / factor : factor;
        return Made(
            $"In a recipe for {filling.Name} one of these can’t be right. Which?",
            [
                .. lines.Select((l, i) => new Phrase(
                    $"{{0}} {l.Ingredient.Name}", new Quantity(i == wrong ? l.Grams * by : l.Grams, Dimension.Mass))),
            ], wrong,
            new($"It takes {{0}} of {lines[wrong].Ingredient.ShortName}.", new Quantity(lines[wrong].Grams, Dimension.Mass)),
            filling.Lines.Sum(l => l.Grams) is var all ? new Worked<Grams>(
                "practice-batch", "One batch", new(all), "its lines added up",
                [.. filling.Lines.Select(l => Term.Given(l.Ingredient.Name, new Grams(l.Grams)))]) : null!);
    }

    private static Exercise? OrderOfSteps(Draws random, int level)
    {
        var pie = Assessment.Of(Composition.For(One(random, RoundPans), One(random, Doughs), One(random, FillingBook.All), Topping.None));
        var steps = pie.Chain.Steps.Where(s => s.Part is StepPart.Crust).DistinctBy(s => s.Kind).ToList();
        var many = level + 2;
        if (steps.Count < many)
            return null;
        var right = steps.Skip(random.Next(steps.Count - many + 1)).Take(many).ToList();
        var others = new List<List<Step>>();
        for (var i = 0; i < 60 && others.Count < 3; i++)
        {
            var other = right.OrderBy(_ => random.NextDouble()).ToList();
            if (!other.SequenceEqual(right) && !others.Exists(o => o.SequenceEqual(other)))
                others.Add(other);
        }

        if (others.Count < 3)
            return null;
        var at = random.Next(4);
        others.Insert(at, right);
        return Made(
            $"{pie.Composition.Crust.Family.Name}: in which order, with which waits?", [.. others.Select(InARow)], at,
            "Each of them waits for the one before it.");
    }

    /// <summary>Steps one after another, each with how long it waits.</summary>
    private static Phrase InARow(List<Step> steps)
    {
        var waits = steps.Where(s => s.Wait.Best > 0).ToList();
        return new(
            string.Join(", then ", steps.Select(s => s.Wait.Best > 0
                ? s.Kind.Label.ToLowerInvariant() + " {" + waits.IndexOf(s).ToString(CultureInfo.InvariantCulture) + "}"
                : s.Kind.Label.ToLowerInvariant())),
            [.. waits.Select(s => (PhraseArgument)new Quantity(s.Wait.Best, Dimension.Time))]);
    }

    private static Exercise? ChooseTheCrust(Draws random)
    {
        var filling = One(random, FillingBook.All);
        var ahead = random.Next(10, 20);
        var (good, bad) = ((CrustChoice?)null, new List<CrustChoice>());
        foreach (var family in CrustBook.All.OrderBy(_ => random.NextDouble()).Take(12))
        {
            var pie = Composition.For(PanCupboard.Plate23, family, filling, Topping.None).Seal(One(random, Seal.All)).Filled(ahead);
            var said = Assessment.Of(pie).Advice.Where(f => f.Rule.Layer is Layer.Crust or Layer.Seal).ToList();
            if (said.Exists(f => f.Severity is Severity.Stops or Severity.Disappoints) && bad.Count < 2)
                bad.Add(pie.Crust);
            else if (said.TrueForAll(f => f.Severity is Severity.School) && good is null)
                good = pie.Crust;
        }

        if (good is null || bad.Count < 2)
            return null;
        var at = random.Next(3);
        bad.Insert(at, good);
        return Made(
            new($"{filling.Name}, filled {{0}} before it is cut. Which crust keeps?", new Quantity(ahead * 60, Dimension.Time)),
            [.. bad.Select(c => (Phrase)$"{c.Family.Name}, {c.Seal.Name.ToLowerInvariant()}")], at,
            "Of the others the advice says that they go soft, leak or lose their shape with it.");
    }

    private static Exercise? RunningLate(Draws random, int level)
    {
        var filling = One(random, FillingBook.All);
        var pie = Assessment.Of(Composition.For(One(random, RoundPans), CrustBook.ButterFlaky, filling, Topping.None));
        var least = Math.Round(pie.Chain.SetTime.Value.Least / 5) * 5;
        if (least < 45)
            return null;
        var now = (10 * 60) + (random.Next(0, 60) * 5);
        var slack = (random.Next(0, 2) is 0 ? -1 : 1) * random.Next(4, 20) * (level is 1 ? 15 : 10);
        var due = now + least + slack;
        if (due >= 24 * 60 || due <= now + 30)
            return null;
        static string Clock(double at) => $"{(int)at / 60:00}:{(int)at % 60:00}";
        var step = Math.Max(30, Math.Abs(slack) / 2.0);
        double[] all = [slack, slack + (2 * step), slack - (2 * step), -slack];
        if (all.Distinct().Count() < 4)
            return null;
        var sorted = all.Order().ToList();
        return Made(
            new(
                $"It is {Clock(now)}. {filling.Name} goes in only now, and is wanted at {Clock(due)}. It sets in {{0}} at the least. Is it "
                    + $"ready?",
                new Quantity(least, Dimension.Time)),
            [
                .. sorted.Select(s => s < 0
                    ? new Phrase("No: {0} too late. Serve another pie, or this one in glasses.", new Quantity(-s, Dimension.Time))
                    : new Phrase("Yes, with {0} to spare.", new Quantity(s, Dimension.Time))),
            ], sorted.IndexOf(slack),
            $"Set at {Clock(now + least)} at the earliest.", pie.Chain.SetTime) with
        { Amounts = sorted };
    }
}
