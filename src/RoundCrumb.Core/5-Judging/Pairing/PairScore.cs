using RoundCrumb.Core.Advice;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Steps;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Pairing;

/// <summary>How good a pairing is, told apart by named parts. All weights are our own judgement of the craft, not measured.</summary>
/// <param name="Points">From 0 to 100.</param>
/// <param name="Shares">What each part comes to, from 0 to 1.</param>
/// <param name="Total">The points with their working.</param>
public sealed record PairScore(double Points, IReadOnlyDictionary<ScorePart, double> Shares, Worked<Number> Total)
{
    private static readonly Constant SealedLife = new(
        "a sealed base, or one under a dry filling, stays crisp for", 24 * 60, 18 * 60, 36 * 60, Dimension.Time,
        "Until the damp of the fridge has got into it.");

    private static readonly Constant CrumbLife = new(
        "pressed crumb keeps its bite for", 24 * 60, 18 * 60, 36 * 60, Dimension.Time, "Its fat keeps the wet out for about a day.");

    private static readonly Constant LostAtItsLife = new(
        "of its crispness is gone by then", 0.75, 0.6, 0.85, Dimension.Share, "It softens from the first hour on, not at a stroke.");

    private static readonly Constant BakedCrumb = new(
        "baked crumb, as crisp as rolled dough", 0.85, 0.75, 0.9, Dimension.Share, "It snaps, but has no layers.");

    private static readonly Constant ChilledCrumb = new(
        "chilled crumb, as crisp as rolled dough", 0.6, 0.5, 0.7, Dimension.Share, "Firm from the cold, not crisp.");

    private static readonly Constant LaidBiscuits = new(
        "laid biscuits, as crisp as rolled dough", 0.35, 0.25, 0.5, Dimension.Share, "They are meant to soften.");

    private static readonly Constant BakedDough = new(
        "rolled dough, baked through", 1, 1, 1, Dimension.Share, "It is what the others are held against.");

    private static readonly Constant AllSoft = new(
        "what is left of that where all is soft", 0.1, 0, 0.2, Dimension.Share, "Nothing in it to bite on but the edge.");

    private static readonly Constant InBalance = new(
        "what any pie has of balance", 0.45, 0.4, 0.5, Dimension.Share, "So much that nobody sends it back.");

    private static readonly Constant SharpLifts = new(
        "what a sharp bite adds", 0.2, 0.15, 0.3, Dimension.Share, "It makes the mouth water for the next forkful.");

    private static readonly Constant Tires = new(
        "what it costs to be twice as sweet or rich as a bite should", 1.2, 1, 1.5, Dimension.Factor, "The slice is not finished.");

    private static readonly Constant SharpCarries = new(
        "what sharpness carries of that", 0.7, 0.5, 0.9, Dimension.Factor, "A lemon tart may be sweeter than a custard.");

    private static readonly Constant PlainTires = new(
        "what it costs to have no sweetness at all", 0.6, 0.4, 0.8, Dimension.Factor, "It hardly reads as a pudding.");

    private static readonly Constant MuchWork = new(
        "hands at which there is nothing left of that", 100, 80, 120, Dimension.Time, "An hour and three quarters for one pie.");

    private static readonly Constant LittleWork = new(
        "hands up to which it is all there", 25, 20, 30, Dimension.Time, "Nobody makes a pie in less.");

    private static readonly Constant LongDay = new(
        "hours to a slice at which there is nothing left of that", 12 * 60, 10 * 60, 16 * 60, Dimension.Time,
        "Begun in the evening for the next day.");

    private static readonly Constant MuchOven = new(
        "oven at which there is nothing left of that", 110, 90, 130, Dimension.Time, "Blind bake and a long baked custard.");

    private static readonly Constant StillWrong = new(
        "what cannot be mended in it", -30, -40, -20, Dimension.Count, "Somebody will be sorry.");

    private static readonly Constant Lifted = new(
        "a crust that lifts its filling adds of the balance", 0.35, 0.25, 0.45, Dimension.Share, "Ginger under lemon, salt under caramel.");

    private static readonly Constant WetAt = new(
        "water in a filling under which bases last as said", 0.6, 0.5, 0.7, Dimension.Share, "A custard’s; what is wetter softens sooner.");

    private static readonly Constant Fighting = new(
        "flavours that fight leave of the balance", 0.4, 0.3, 0.6, Dimension.Share, "Neither is tasted.");

    /// <summary>The score of a pie as a pairing of its crust and filling.</summary>
    /// <param name="pie">The pie.</param>
    /// <param name="stock">How far its crust has got already: what is done counts no more as work, hours or oven.</param>
    public static PairScore Of(Assessment pie, Stock stock = Stock.Scratch)
    {
        var parts = PartsOf(pie, stock);

        // Boards are kept: a score holds on to its points alone, and not to all that they are made from.
        var total = TotalOf(pie, stock, [.. parts.Select(p => Term.Given(p.Figure.Name, p.Figure.Value.Value, Dimension.Count))]);
        return new(total.Value.Value, parts.ToDictionary(p => p.Part, p => p.Figure.Value.Value / p.Part.Most.Usual), total);
    }

    /// <summary>The points with their working down to what each part is made from.</summary>
    /// <param name="pie">The pie.</param>
    /// <param name="stock">How far its crust has got already.</param>
    public static Worked<Number> Opened(Assessment pie, Stock stock = Stock.Scratch) =>
        TotalOf(pie, stock, [.. PartsOf(pie, stock).Select(p => Term.Of(p.Figure))]);

    private static Worked<Number> TotalOf(Assessment pie, Stock stock, List<Term> terms)
    {
        if (Verdict.Of(pie) is not PairVerdict.Well)
            terms.Add(StillWrong);
        return new(
            stock is Stock.Scratch ? "pair-score" : "pair-score-" + stock.Id,
            stock is Stock.Scratch ? "How good together" : "How good together, from " + stock.Words,
            new(Math.Clamp(terms.Sum(t => t.Amount.Amount), 0, 100)), "points for and against, added up", [.. terms]);
    }

    /// <summary>Its strength and its weakness in a phrase; only what stands out either way is said.</summary>
    /// <param name="lifted">What its crust does for its filling; none where nothing stands out.</param>
    public string Reason(Affinity? lifted)
    {
        var ranked = Shares.OrderByDescending(s => s.Value * s.Key.Most.Usual / Typical(s.Key)).Select(s => s.Key).ToList();
        var (best, worst) = (ranked[0], ranked[^1]);
        var strength = lifted?.Phrase ?? best.Strength;
        return Shares[worst] < 0.45 ? $"{strength}, but {worst.Weakness}" : lifted is null ? strength : $"{strength}; {best.Strength}";
    }

    /// <summary>What a part comes to in most pairings, in points: what is ordinary is no strength. Our own choice.</summary>
    private static double Typical(ScorePart part) => part.Most.Usual * part switch
    {
        ScorePart.Crisp => 0.5,
        ScorePart.Balance => 0.7,
        ScorePart.Textures => 0.75,
        ScorePart.Hands => 0.65,
        ScorePart.Hours => 0.65,
        ScorePart.Oven => 0.55,
    };

    private static List<(ScorePart Part, Worked<Number> Figure)> PartsOf(Assessment pie, Stock stock)
    {
        var chain = stock is Stock.Scratch ? pie.Chain : pie.Chain with { Steps = StockedSteps.Left(pie, stock) };
        var times = stock is Stock.Scratch ? pie.Times : Times.Of(chain, pie.Composition);
        return [.. Enum.GetValues<ScorePart>().Select(p => (p, PartOf(p, pie, chain, times)))];
    }

    private static Worked<Number> PartOf(ScorePart part, Assessment pie, StepChain chain, Times times)
    {
        var (share, formula, terms) = part switch
        {
            ScorePart.Crisp => Crispness(pie),
            ScorePart.Balance => BalanceOf(pie),
            ScorePart.Textures => pie.Advice.Any(f => f.Rule == PairRules.AllSoft)
                ? (AllSoft.Usual, "soft on soft", (Term[])[AllSoft])
                : (BiteOf(pie.Composition.Crust).Usual, "how crisp it is to begin with", [BiteOf(pie.Composition.Crust)]),
            ScorePart.Hands => (
                1 - ((times.HandsOn.Value.Best - LittleWork.Usual) / (MuchWork.Usual - LittleWork.Usual)),
                "less the more hands there are between little and much",
                [Term.Of(times.HandsOn), LittleWork, MuchWork]),
            ScorePart.Hours => (
                1 - (times.StartToSlice.Value.Least / LongDay.Usual), "less the longer it takes at the least",
                [Term.Of(times.StartToSlice), LongDay]),
            ScorePart.Oven => (
                1 - (OvenMinutes(chain) / MuchOven.Usual), "less the longer the oven is taken",
                [Term.Given("in the oven", OvenMinutes(chain), Dimension.Time), MuchOven]),
        };
        return new(
            "pair-" + part.ToString().ToLowerInvariant(), $"{part.Most.Name}, of {part.Most.Usual:0}",
            new(part.Most.Usual * Math.Clamp(share, 0, 1)), "the most that it gives × " + formula, [part.Most, .. terms]);
    }

    private static double OvenMinutes(StepChain chain) => chain.Steps.Where(s => s.Where is Place.Oven).Sum(s => s.Wait.Best);

    private static (double Share, string Formula, Term[] Terms) Crispness(Assessment pie)
    {
        var crust = pie.Composition.Crust;
        var ahead = pie.Composition.Occasion.FilledAhead * 60;
        var (life, said) = crust.Family is CrumbFamily or LaidFamily ? (CrumbLife.Usual, (Term)CrumbLife)
            : pie.BaseLife is { } known ? (known.Value.Best, Term.Of(known))
            : (SealedLife.Usual, SealedLife);

        // What is wetter than a custard softens a base sooner, what is drier later: in proportion to its water.
        var lines = pie.Composition.Filling.Formula.Lines;
        var water = lines.Sum(l => l.Grams * l.Ingredient.Makeup.Water) / Math.Max(1, lines.Sum(l => l.Grams));
        var lost = LostAtItsLife.Usual * (ahead / Math.Max(60, life)) * (water / WetAt.Usual);
        return (
            BiteOf(crust).Usual * (1 - lost),
            "how crisp it is to begin with × (1 − what is gone at its life × the hours ÷ its life × the water ÷ a custard’s)",
            [
                BiteOf(crust), LostAtItsLife, Term.Given("filled ahead", ahead, Dimension.Time), said,
                Term.Given("water in the filling", water, Dimension.Share), WetAt,
            ]);
    }

    /// <summary>How crisp a crust is to begin with, against rolled dough baked through.</summary>
    private static Constant BiteOf(CrustChoice crust) => crust.Family switch
    {
        CrumbFamily => crust.IsBaked ? BakedCrumb : ChilledCrumb,
        LaidFamily => LaidBiscuits,
        _ => BakedDough,
    };

    /// <summary>1 where a bite is neither too sweet nor too rich nor too plain for the sharpness in it.</summary>
    private static (double Share, string Formula, Term[] Terms) BalanceOf(Assessment pie)
    {
        var bite = pie.Bite;
        var sharp = Math.Min(1, bite.Juice.Value.Value / Bite.Sharp.Usual);
        var sweet = Math.Max(0, bite.Sugars.Value.Value - Bite.Sweet.Usual) / Bite.Sweet.Usual;
        var rich = Math.Max(0, bite.Fat.Value.Value - Bite.Rich.Usual) / Bite.Rich.Usual;
        var plain = Math.Max(0, Bite.Plain.Usual - bite.Sugars.Value.Value) / Bite.Plain.Usual;
        var lifts = Affinity.Of(pie.Composition.Crust.Family, pie.Composition.Filling.Formula) is not null;
        var fights = pie.Advice.Any(f => f.Rule == PairRules.FlavoursFight);
        var share = InBalance.Usual + (lifts ? Lifted.Usual : 0) + (SharpLifts.Usual * sharp)
            - ((sweet + rich) * (Tires.Usual - (SharpCarries.Usual * sharp))) - (plain * PlainTires.Usual);
        List<Term> terms =
        [
            InBalance, Term.Of(bite.Juice), Bite.Sharp, SharpLifts, Term.Of(bite.Sugars), Bite.Sweet, Term.Of(bite.Fat), Bite.Rich, Tires,
            SharpCarries, Bite.Plain, PlainTires,
        ];
        if (lifts)
            terms.Add(Lifted);
        if (fights)
            terms.Add(Fighting);
        return (
            fights ? share * Fighting.Usual : share,
            (fights ? "what a fight leaves × " : "") + "(what any pie has" + (lifts ? " + what its crust lifts" : "")
                + " + what sharpness adds × how sharp it is − (what is too sweet + what is too rich) × (what that costs − what sharpness "
                + "carries of it × how sharp it is) − what is too plain × what that costs)",
            [.. terms]);
    }
}
