using RoundCrumb.Core.Advice;
using RoundCrumb.Core.BlindBaking;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Cutting;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Records;
using RoundCrumb.Core.Toppings;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Trials;

/// <summary>One change that might bring a pie nearer to what was wanted.</summary>
/// <param name="Change">The change, as one baker tells another.</param>
/// <param name="After">The pie with it; the same pie where it is done by hand and eye.</param>
/// <param name="Measure">What it is to move.</param>
/// <param name="Now">How often it would come out right as it is, from 0 to 1.</param>
/// <param name="Then">How often with the change.</param>
/// <param name="Reason">Why.</param>
public sealed record NextTry(Phrase Change, Composition After, TrialMeasure Measure, double Now, double Then, Phrase Reason)
{
    /// <summary>What the chances are from.</summary>
    public IReadOnlyList<Term> From { get; init; } = [];

    /// <summary>How often it would come out right with the change, as a figure that opens.</summary>
    public IWorked Figure => new Worked<Share>(
        "chance", "It comes out right with it", new(Then),
        "how much of what may happen comes out right; never less than 5 % or more than 95",
        [Term.Given("as it is", Now, Dimension.Share), .. From]);

    /// <summary>True where it is done by hand and eye: on paper the pie stays the same, and no trial can part the two.</summary>
    public bool IsByHand { get; init; }

    /// <summary>What it promises: so much more often right.</summary>
    public double Gain => Then - Now;

    /// <summary>How often of ten times it comes out right so, as one says it: never none and never all.</summary>
    /// <param name="chance">From 0 to 1.</param>
    public static int OfTen(double chance) => Math.Clamp((int)Math.Round(chance * 10, MidpointRounding.AwayFromZero), 1, 9);

    /// <summary>Nothing is sure, and nothing hopeless.</summary>
    internal static double Fair(double chance) => Math.Clamp(chance, 0.05, 0.95);
}

/// <summary>What a kitchen knows of a figure beyond what is put on: how sure it is.</summary>
/// <param name="Mean">On the scale that it is learned on; what is not put on yet counts here.</param>
/// <param name="Deviation">Its standard deviation.</param>
public readonly record struct Doubt(double Mean, double Deviation);

/// <summary>Looks for the one change with the most to gain, where verdicts miss what was wanted.</summary>
public static class NextTries
{
    private static readonly Constant SealedLife = new(
        "a sealed base under a wet filling", 30 * 60, 20 * 60, 48 * 60, Dimension.Time,
        "A seal holds a day and more; then it drinks through.");

    private static readonly Constant FivePastBook = new(
        "soggy though sealed: not baked through", 0.4, 0.25, 0.5, Dimension.Share,
        "The commonest cause where it was sealed and filled cold; our own weighing.");

    private static readonly Constant SugarStep = new(
        "a step of sweetness", 0.05, 0.03, 0.08, Dimension.Share, "So much of the bite in sugar is noticed as a step; our own choice.");

    private static readonly Constant SharpStep = new(
        "a step of sharpness", 0.02, 0.01, 0.03, Dimension.Share,
        "So much of the bite in sharp juice is noticed as a step; our own choice.");

    /// <summary>The changes that promise something, the most first; nothing where what was written down is what was wanted.</summary>
    /// <param name="pie">The pie as it would be made again, with what is put on now.</param>
    /// <param name="entries">What was written down of it, the oldest first.</param>
    /// <param name="doubt">How sure the kitchen is of a figure; none where nothing is known.</param>
    public static IReadOnlyList<NextTry> Of(Assessment pie, IReadOnlyList<BakeEntry> entries, Func<CorrectionKey, Doubt?> doubt)
    {
        var last = entries.TakeLast(5).ToList();
        IEnumerable<NextTry?> all =
        [
            .. OfTheCut(pie, last, doubt), .. OfTheBase(pie, last, doubt), OfTheTop(pie, last), OfSweetness(pie, last),
            .. OfSharpness(pie, last), OfTheRim(pie, last),
        ];
        var asItIs = CompositionAddress.Write(pie.Composition with { Corrections = null });
        return
        [
            .. all.OfType<NextTry>().Select(t => t with
            {
                Now = NextTry.Fair(t.Now),
                Then = NextTry.Fair(t.Then),
                IsByHand = CompositionAddress.Write(t.After) == asItIs,
            }).Where(t => t.Gain > 0.03).OrderByDescending(t => t.Gain),
        ];
    }

    /// <summary>
    /// Too soft or too firm: the setter at which a clean slice is most likely, with the shift that was learned and the doubt that is left.
    /// </summary>
    private static IEnumerable<NextTry?> OfTheCut(Assessment pie, List<BakeEntry> last, Func<CorrectionKey, Doubt?> doubt)
    {
        var words = last.Select(e => Evidence.Worth(e.Set)).OfType<int>().ToList();
        if (words.Count == 0 || words[^1] == 0)
            yield break;
        var choice = pie.Composition.Filling;
        var scale = choice.Formula.Family.Scale;
        var key = CorrectionKey.SetShift(choice.Formula.Family.Id, choice.Formula.Id);
        var known = doubt(key) ?? new Doubt(0, key.Kind.Facts.Spread);
        var spread = Math.Sqrt((known.Deviation * known.Deviation) + Math.Pow(key.Kind.Facts.Noise.Usual, 2)) * scale.CleanWidth;
        var clean = scale.Bands.First(b => b.Verdict == 0);
        var (from, to) = (clean.From, CutBands.EndOf(scale.Bands, clean) ?? double.PositiveInfinity);
        double Chance(double setter)
        {
            var index = scale.Of(choice.Formula, setter) + (known.Mean * scale.CleanWidth);
            return NormalCurve.Below(index, spread, to) - NormalCurve.Below(index, spread, from);
        }

        var now = Chance(choice.Setter);
        var best = Enumerable.Range(0, 31).Select(i => Math.Round(0.5 + (i * 0.05), 2)).Where(s => Math.Abs(s - choice.Setter) <= 0.5)
            .MaxBy(s => Math.Round(Chance(s), 3) - (Math.Abs(s - choice.Setter) * 0.001));
        if (Math.Abs(best - choice.Setter) < 0.01)
            yield break;
        var moved = scale.Of(choice.Formula, best) - scale.Of(choice.Formula, choice.Setter);
        yield return new(
            new($"Set it {(moved > 0 ? "firmer" : "softer")}: {scale.Name} at {{0}} of what is written",
                new Quantity(best, Dimension.Share)),
            pie.Composition with { Filling = choice with { Setter = best } }, TrialMeasure.Set, now, Chance(best),
            new(
                $"It cut {Said(words)}; the set index goes {Way(moved)} by {{0}}, to the middle of a clean slice as this kitchen has it.",
                new Quantity(Math.Abs(moved), Dimension.Count)))
        {
            From =
            [
                Plain("set index by the book", scale.Of(choice.Formula, choice.Setter)),
                Plain("with the change", moved + scale.Of(choice.Formula, choice.Setter)),
                Plain("this kitchen adds", known.Mean * scale.CleanWidth), Plain("a clean slice from", from),
                Plain("and the next band from", double.IsFinite(to) ? to : from), Plain("it may be off by", spread),
            ],
        };
    }

    /// <summary>A soft base: seal it, fill it later, or bake it on, by what each does to its hours.</summary>
    private static IEnumerable<NextTry?> OfTheBase(Assessment pie, List<BakeEntry> last, Func<CorrectionKey, Doubt?> doubt)
    {
        var said = last.Where(e => e.Base is not BaseVerdict.NotSaid).ToList();
        if (said.Count == 0 || said[^1].Base is BaseVerdict.Crisp or BaseVerdict.Firm)
            yield break;
        var c = pie.Composition;
        var soft = said.Count(e => e.Base is BaseVerdict.Soft or BaseVerdict.Soggy) / (double)said.Count;
        if (pie.BaseLife is not { } life)
        {
            if (c.Crust.Family is RolledFamily && pie.Card.Stages.Any(s => s.Kind is StageKind.Open))
            {
                var now = 1 - soft;
                yield return new(
                    new("Bake it open {0} longer", new Quantity(5, Dimension.Time)), c, TrialMeasure.Base, now,
                    now + (soft * FivePastBook.Usual), "Its base was soft though it was sealed: most often it was not baked through.")
                {
                    From = [Term.Given("soft so often", soft, Dimension.Share), FivePastBook],
                };
            }

            yield break;
        }

        var key = CorrectionKey.BaseLife(c.Crust.Family.Id, c.Crust.Seal.Id, c.Filling.Formula.Family.Id);
        var known = doubt(key) ?? new Doubt(0, key.Kind.Facts.Spread);
        var spread = Math.Sqrt((known.Deviation * known.Deviation) + Math.Pow(key.Kind.Facts.Noise.Usual, 2));
        var hours = said[^1].Stood ?? c.Occasion.FilledAhead;
        double Firm(double minutes, double h) => 1 - NormalCurve.Below(Math.Log(minutes / 60), spread, Math.Log(Math.Max(0.1, h)));
        var book = CrustConstants.UnsealedLife.Usual * Math.Exp(known.Mean);
        var asItIs = Firm(book, hours);
        if (c.Crust.Family is RolledFamily)
        {
            var seal = c.Occasion.Needs.Allow(Ingredients.Pantry.EggWhite) ? Seal.White : Seal.CocoaButter;
            yield return new(
                $"Seal the shell with {seal.Name.ToLowerInvariant()}", c with { Crust = c.Crust with { Seal = seal } }, TrialMeasure.Base,
                asItIs,
                Firm(SealedLife.Usual * Math.Exp(known.Mean / 2), hours),
                new("Nothing kept the filling’s water out of it for {0}.", new Quantity(hours * 60, Dimension.Time)))
            {
                From = [SealedLife, .. Lasting(hours)],
            };
        }

        var ahead = Math.Max(2, Math.Floor(book / 60 * 0.6));
        if (ahead < c.Occasion.FilledAhead)
        {
            yield return new(
                new("Fill it {0} ahead instead of {1}", new Quantity(ahead * 60, Dimension.Time),
                    new Quantity(c.Occasion.FilledAhead * 60, Dimension.Time)),
                c.Filled(ahead), TrialMeasure.Base, asItIs, Firm(book, ahead),
                new("Here such a base stays firm for about {0}.", life))
            {
                From = [CrustConstants.UnsealedLife, .. Lasting(ahead)],
            };
        }

        Term[] Lasting(double h) =>
        [
            Term.Given("how long it lasts here, times", Math.Exp(known.Mean), Dimension.Factor),
            Term.Given("it waits", MinuteRange.Of(h * 60)),
            Term.Given("it may be off by", spread, Dimension.Share),
        ];
    }

    /// <summary>A top that gave way: one that is held for its hours.</summary>
    private static NextTry? OfTheTop(Assessment pie, List<BakeEntry> last)
    {
        var said = last.Where(e => e.Top is not TopVerdict.NotSaid).ToList();
        var c = pie.Composition;
        if (said.Count == 0 || said[^1].Top is not (TopVerdict.Softened or TopVerdict.Wept)
                || c.Topping.Topping.Kind is not ToppingKind.Whipped)
            return null;
        double Lasts(Topping topping) => Chance(topping.Holds, c.Occasion.ToppedAhead);
        Topping[] longer =
        [
            .. ToppingBook.All.Where(t => t.Kind is ToppingKind.Whipped && t.Id != ToppingBook.Held.Id && c.Occasion.Needs.Allow(t)
                && t.Holds.Most > c.Topping.Topping.Holds.Most).OrderBy(t => t.Holds.Most),
        ];

        // The first that is as good as any: what holds longer than it has to only tastes of what holds it.
        if (longer.FirstOrDefault(t => Lasts(t) >= longer.Max(Lasts)) is not { } held)
            return null;
        var now = said.Count(e => e.Top is TopVerdict.Held) / (double)said.Count;
        return new(
            $"Top it with {held.Name.ToLowerInvariant()} instead of {c.Topping.Topping.Name.ToLowerInvariant()}",
            c with { Topping = c.Topping with { Topping = held } }, TrialMeasure.Top, Math.Min(now, Lasts(c.Topping.Topping)), Lasts(held),
            new("What is on it now holds {0}; it stood longer, or warmer.", new PhraseArgument(c.Topping.Topping.Holds.AsQuantity())))
        {
            From =
            [
                Term.Given(held.Name, held.Holds), Term.Given("it is topped ahead", MinuteRange.Of(c.Occasion.ToppedAhead * 60)),
                Term.Given("held so often", now, Dimension.Share),
            ],
        };
    }

    /// <summary>Too sweet: an unsweetened topping, or sharper.</summary>
    private static NextTry? OfSweetness(Assessment pie, List<BakeEntry> last)
    {
        var c = pie.Composition;
        if (Steps(last, TasteScale.Sweet) is not { } sweet || sweet <= 0.4 || c.Topping.Topping.Kind is not ToppingKind.Whipped
                || c.Topping.Topping.Id == Topping.Plain.Id)
            return null;
        var after = c with { Topping = c.Topping with { Topping = Topping.Plain } };
        var less = (pie.Bite.Sugars.Value.Value - Assessment.Of(after, pie.Pies, pie.Kitchen).Bite.Sugars.Value.Value) / SugarStep.Usual;
        return less <= 0.05 ? null : new(
            "Whip the cream without sugar", after, TrialMeasure.Sweet, Right(sweet), Right(sweet - less),
            new("It was found too sweet; a bite has {0} sugar.", pie.Bite.Sugars))
        {
            From = [Plain("steps too sweet", sweet), Plain("steps less with the change", less), SugarStep, TrialMeasure.Sweet.Noise],
        };
    }

    /// <summary>Not sharp enough, or too sharp, where cream can answer it.</summary>
    private static IEnumerable<NextTry?> OfSharpness(Assessment pie, List<BakeEntry> last)
    {
        var c = pie.Composition;
        if (Steps(last, TasteScale.Sharp) is not { } sharp || sharp < 0.4 || c.Topping.Topping.Kind is not ToppingKind.Whipped)
            yield break;
        var high = new Millimetres(Math.Min(30, c.Topping.Height.Value + 8));
        if (high.Value <= c.Topping.Height.Value)
            yield break;
        var after = c with { Topping = c.Topping with { Height = high } };
        var less = (pie.Bite.Juice.Value.Value - Assessment.Of(after, pie.Pies, pie.Kitchen).Bite.Juice.Value.Value) / SharpStep.Usual;
        yield return new(
            new("Put the cream on {0} thick", high.AsQuantity()), after, TrialMeasure.Sharp, Right(sharp), Right(sharp - less),
            "It was found too sharp; more cream in the bite balances it.")
        {
            From = [Plain("steps too sharp", sharp), Plain("steps less with the change", less), SharpStep, TrialMeasure.Sharp.Noise],
        };
    }

    /// <summary>A rim that shrank: freeze the shell.</summary>
    private static NextTry? OfTheRim(Assessment pie, List<BakeEntry> last)
    {
        var c = pie.Composition;
        if (last.Select(e => e.Shrank?.Value).OfType<double>().ToList() is not { Count: > 0 } shrank || shrank[^1] < 4
                || c.Crust.Family is not RolledFamily || c.Crust.Chill is ShellChill.Frozen)
            return null;
        var noise = TrialMeasure.Shrank.Noise.Usual;
        double Less(double mm) => NormalCurve.Below(mm, noise, 4);
        return new(
            "Freeze the lined shell before it is baked", c with { Crust = c.Crust with { Frozen = true, Unchilled = false } },
            TrialMeasure.Shrank, Less(shrank.Average()),
            Less(shrank.Average() - c.Crust.Chill.Shrinks.Usual + CrustConstants.ShrinksFrozen.Usual),
            new("It shrank by {0}; frozen dough sets before it can pull back.", new Quantity(shrank[^1], Dimension.Length)))
        {
            From =
            [
                Term.Given("it shrank, in the middle", new Millimetres(shrank.Average())), c.Crust.Chill.Shrinks,
                CrustConstants.ShrinksFrozen,
                TrialMeasure.Shrank.Noise,
            ],
        };
    }

    private static double? Steps(List<BakeEntry> last, TasteScale scale)
    {
        var steps = last.Where(e => e.Tastes.ContainsKey(scale)).Select(e => (double)e.Tastes[scale]).ToList();
        return steps.Count == 0 ? null : steps.Average();
    }

    /// <summary>How often a taste is found right, where it is so many steps off in the middle.</summary>
    private static double Right(double step)
    {
        var noise = TrialMeasure.Sweet.Noise.Usual;
        return NormalCurve.Below(step, noise, 0.5) - NormalCurve.Below(step, noise, -0.5);
    }

    /// <summary>How likely something that holds from least to most still does after so many hours.</summary>
    private static double Chance(MinuteRange holds, double hours) =>
        holds.Most <= holds.Least
            ? (hours * 60 <= holds.Most ? 1 : 0)
            : Math.Clamp((holds.Most - (hours * 60)) / (holds.Most - holds.Least), 0, 1);

    private static Term Plain(string name, double value) => Term.Given(name, value, Dimension.Count);

    private static string Way(double moved) => moved > 0 ? "up" : "down";

    private static string Said(List<int> words) => words[^1] switch
    {
        <= -2 => "runny",
        -1 => "soft",
        1 => "firm",
        _ => "like rubber",
    };
}
