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
        var good = Verdict.Of(pie) is PairVerdict.Well;
        var chain = stock is Stock.Scratch ? pie.Chain : pie.Chain with { Steps = StockedSteps.Left(pie, stock) };
        var times = stock is Stock.Scratch ? pie.Times : Times.Of(chain, pie.Composition);
        var shares = Enum.GetValues<ScorePart>().ToDictionary(p => p, p => Math.Clamp(ShareOf(p, pie, chain, times), 0, 1));
        var parts = shares.Select(s => (s.Key, Points: s.Key.Most.Usual * s.Value)).ToList();
        var points = Math.Clamp(parts.Sum(p => p.Points) + (good ? 0 : StillWrong.Usual), 0, 100);
        List<Term> terms = [.. parts.Select(p => Term.Given($"{p.Key.Most.Name}, of {p.Key.Most.Usual:0}", p.Points, Dimension.Count))];
        if (!good)
            terms.Add(StillWrong);
        return new(points, shares, new(
            stock is Stock.Scratch ? "pair-score" : "pair-score-" + stock.Id,
            stock is Stock.Scratch ? "How good together" : "How good together, from " + stock.Words, new(points),
            "points for and against, added up", [.. terms]));
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

    private static double ShareOf(ScorePart part, Assessment pie, StepChain chain, Times times) => part switch
    {
        ScorePart.Crisp => Crispness(pie),
        ScorePart.Balance => BalanceOf(pie),
        ScorePart.Textures => pie.Advice.Any(f => f.Rule == PairRules.AllSoft) ? 0.1 : BiteOf(pie.Composition.Crust),
        ScorePart.Hands => 1 - ((times.HandsOn.Value.Best - LittleWork.Usual) / (MuchWork.Usual - LittleWork.Usual)),
        ScorePart.Hours => 1 - (times.StartToSlice.Value.Least / LongDay.Usual),
        ScorePart.Oven => 1 - (chain.Steps.Where(s => s.Where is Place.Oven).Sum(s => s.Wait.Best) / MuchOven.Usual),
    };

    private static double Crispness(Assessment pie)
    {
        var crust = pie.Composition.Crust;
        var life = crust.Family is CrumbFamily or LaidFamily ? CrumbLife.Usual : pie.BaseLife?.Value.Best ?? SealedLife.Usual;

        // What is wetter than a custard softens a base sooner, what is drier later: in proportion to its water.
        var lines = pie.Composition.Filling.Formula.Lines;
        var water = lines.Sum(l => l.Grams * l.Ingredient.Makeup.Water) / Math.Max(1, lines.Sum(l => l.Grams));
        var lost = LostAtItsLife.Usual * (pie.Composition.Occasion.FilledAhead * 60 / Math.Max(60, life)) * (water / WetAt.Usual);
        return BiteOf(crust) * (1 - lost);
    }

    /// <summary>How crisp a crust is to begin with, against rolled dough baked through.</summary>
    private static double BiteOf(CrustChoice crust) => crust.Family switch
    {
        CrumbFamily => crust.IsBaked ? BakedCrumb.Usual : ChilledCrumb.Usual,
        LaidFamily => LaidBiscuits.Usual,
        _ => 1,
    };

    /// <summary>1 where a bite is neither too sweet nor too rich nor too plain for the sharpness in it.</summary>
    private static double BalanceOf(Assessment pie)
    {
        var bite = pie.Bite;
        var sharp = Math.Min(1, bite.Juice.Value.Value / Bite.Sharp.Usual);
        var sweet = Math.Max(0, bite.Sugars.Value.Value - Bite.Sweet.Usual) / Bite.Sweet.Usual;
        var rich = Math.Max(0, bite.Fat.Value.Value - Bite.Rich.Usual) / Bite.Rich.Usual;
        var plain = Math.Max(0, Bite.Plain.Usual - bite.Sugars.Value.Value) / Bite.Plain.Usual;
        var lifted = Affinity.Of(pie.Composition.Crust.Family, pie.Composition.Filling.Formula) is null ? 0 : Lifted.Usual;
        var share = 0.45 + lifted + (0.2 * sharp) - ((sweet + rich) * (1.2 - (0.7 * sharp))) - (plain * 0.6);
        return pie.Advice.Any(f => f.Rule == PairRules.FlavoursFight) ? share * Fighting.Usual : share;
    }
}
