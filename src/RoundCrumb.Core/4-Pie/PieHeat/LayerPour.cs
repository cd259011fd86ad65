using RoundCrumb.Core.Baking;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.HeatFlow;
using RoundCrumb.Core.Layering;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Toppings;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Cooling;

/// <summary>A filling that is poured onto a layer which is set and cold.</summary>
/// <param name="Upper">What is poured.</param>
/// <param name="Lower">What it meets.</param>
/// <param name="UpTo">How warm it may be, so that the face between bears it.</param>
/// <param name="Face">How warm that face gets when it is poured as it should be.</param>
/// <param name="PourAt">How warm it is poured.</param>
/// <param name="Grams">How much stands in the bowl.</param>
/// <param name="OnTheBench">Minutes in its bowl on the bench until it is; none where it is not warmer, or does not get there.</param>
/// <param name="OverIce">Minutes over ice and water; none where it is not warmer.</param>
public sealed record LayerPour(
    FillingFormula Upper, FillingFormula Lower, Worked<Celsius> UpTo, Celsius Face, Celsius PourAt, double Grams, double? OnTheBench,
    double? OverIce)
{
    /// <summary>True where it cannot be poured so cool that what is beneath bears it.</summary>
    public bool Melts => UpTo.Value.Value < Upper.Family.PourHeat.At.Low && Upper.Family.Bake is null;

    /// <summary>True where it has to cool first.</summary>
    public bool CoolsFirst => OverIce > 0 && !Melts;

    /// <summary>How it is cooled, with the minutes; empty where it need not be.</summary>
    public Phrase Cool => !CoolsFirst ? Phrase.None
        : OnTheBench is { } bench
            ? new(
                "Cool it to {0}: {1} on the bench, stirred now and then, or {2} over ice and water.", PourAt.AsQuantity(), Minutes(bench),
                Minutes(OverIce!.Value))
            : new("Cool it to {0} over ice and water: {1}.", PourAt.AsQuantity(), Minutes(OverIce!.Value));

    internal static Quantity Minutes(double minutes) =>
        new(minutes < 20 ? Math.Max(1, Math.Round(minutes)) : Math.Round(minutes / 5) * 5, Dimension.Time);
}

/// <summary>A layer of jelly that is poured onto the filling once that is set and cold.</summary>
/// <param name="UpTo">How warm it may be, so that the face between bears it.</param>
/// <param name="Face">How warm that face gets when it is poured as it should be.</param>
/// <param name="PourAt">How warm it is poured.</param>
/// <param name="OnTheBench">Minutes in its bowl on the bench until it is; none where the room is too warm for that.</param>
/// <param name="OverIce">Minutes over ice and water.</param>
public sealed record JellyPour(Celsius UpTo, Celsius Face, Celsius PourAt, double? OnTheBench, double OverIce)
{
    /// <summary>How it is cooled, with the minutes.</summary>
    public Phrase Cool => OnTheBench is { } bench
        ? new("Down to {0}: {1} on the bench, or {2} over ice.", PourAt.AsQuantity(), LayerPour.Minutes(bench), LayerPour.Minutes(OverIce))
        : new("Down to {0}: {1} over ice; in this room it does not get so cool.", PourAt.AsQuantity(), LayerPour.Minutes(OverIce));
}

/// <summary>
/// Two things that meet have at once, where they touch, the mean of their warmths weighted by √(k ρ c), however thick they are.
/// </summary>
public static class LayerPours
{
    /// <summary>A layer that is set and cold, °C.</summary>
    public static readonly Constant ColdLayer = new("the layer beneath, set and cold", 5, 3, 7, Dimension.Warmth, "From the fridge.");

    /// <summary>How warm the face between gets, °C.</summary>
    /// <param name="upper">What is poured.</param>
    /// <param name="hot">How warm it is, °C.</param>
    /// <param name="lower">What it meets.</param>
    /// <param name="cold">How warm that is, °C.</param>
    public static double Face(Matter upper, double hot, Matter lower, double cold)
    {
        var (above, below) = (Effusivity(upper, (hot + cold) / 2), Effusivity(lower, (hot + cold) / 2));
        return ((above * hot) + (below * cold)) / (above + below);
    }

    /// <summary>How warm a thing may be poured so that the face between gets no warmer than so much, °C.</summary>
    /// <param name="upper">What is poured.</param>
    /// <param name="lower">What it meets.</param>
    /// <param name="cold">How warm that is, °C.</param>
    /// <param name="face">What the face bears, °C.</param>
    public static double UpTo(Matter upper, Matter lower, double cold, double face)
    {
        var (above, below) = (Effusivity(upper, face), Effusivity(lower, (face + cold) / 2));
        return ((face * (above + below)) - (below * cold)) / above;
    }

    /// <summary>√(k ρ c), W·√s/(m²·K).</summary>
    private static double Effusivity(Matter matter, double celsius) =>
        Math.Sqrt(matter.ConductivityAt(celsius) * matter.Density * matter.CapacityAt(celsius));

    extension(Assessment pie)
    {
        /// <summary>
        /// Every filling of it that is poured onto another, from below up; a filling that is baked on it is not among them.
        /// </summary>
        public IReadOnlyList<LayerPour> Pourings => pie.Once(static p => new All(Of(p))).List;

        /// <summary>How a layer of jelly is poured onto the cold filling; none for another topping.</summary>
        /// <param name="topping">One of this pie's.</param>
        public JellyPour? JellyPour(ToppingSums topping)
        {
            if (topping.Choice.Topping.Kind is not ToppingKind.Jelly || topping.Lines.Count == 0)
                return null;
            var (formula, setter) = (pie.Composition.Filling.Formula, pie.Composition.Filling.Setter);
            var (jelly, below) = (Matter.Of(PieMatter.Of(topping.Lines)), Matter.Of(PieMatter.Of(formula, setter, pie.Yield)));
            var grams = Math.Max(1, topping.Total.Value.Value * pie.Pies);
            var limit = Math.Floor(UpTo(jelly, below, ColdLayer.Usual, formula.Family.PourHeat.Bears.Usual));
            var pourAt = Math.Max(JellyPoured.Low, Math.Min(JellyPoured.Usual, limit));
            return new(
                new(limit), new(Face(jelly, pourAt, below, ColdLayer.Usual)), new(pourAt),
                BowlCooling.OnTheBench(jelly, grams, JellyMade.Usual, pourAt, pie.Kitchen.Room.Value),
                BowlCooling.OverIce(jelly, grams, JellyMade.Usual, pourAt));
        }
    }

    /// <summary>A jelly as it is made: half the juice warm, with the gelatine in it, and half cold, °C.</summary>
    public static readonly Constant JellyMade = new(
        "a jelly, just stirred together", 38, 34, 42, Dimension.Warmth, "Half of the juice at 55 °C, half from the jug.");

    /// <summary>How warm a jelly is poured, °C.</summary>
    public static readonly Constant JellyPoured = new(
        "a jelly goes on at", 25, 20, 28, Dimension.Warmth, "Barely warm; colder it sets in lumps.");

    /// <summary>How warm a filling is that is made hot and cooled before it is poured, °C.</summary>
    public static readonly Constant CooledFirst = new(
        "a filling cooled before it is poured", 30, 26, 34, Dimension.Warmth,
        "Butter in a crumb holds at that; colder it sets in its bowl.");

    /// <summary>How warm a filling is that goes straight from the pan into the shell, °C: meringue wants it so.</summary>
    public static readonly Constant StraightFromThePan = new(
        "poured straight from the pan", 75, 70, 82, Dimension.Warmth, "A pan loses some degrees on its way to the shell.");

    /// <summary>How warm a pie's filling goes in, °C: cooled first, straight from the pan, or as is usual for its kind.</summary>
    /// <param name="pie">The pie.</param>
    public static Constant GoesInAt(Composition pie) => pie.Filling.Cooled ? CooledFirst
        : pie.PoursStraightFromThePan ? StraightFromThePan
        : pie.Filling.Formula.Family.PourHeat.At;

    /// <summary>
    /// Minutes that a filling cooked on the hob takes in its bowl on the bench from where the two-step rule begins until it is poured; none
    /// where it never was so warm, is poured warmer, or does not get so cool there.
    /// </summary>
    /// <param name="pie">The pie.</param>
    public static double? InTheBowl(Assessment pie)
    {
        var c = pie.Composition;
        var from = CoolingConstants.RuleFrom.Usual;
        var to = GoesInAt(c).Usual;
        return c.Filling.Formula.Family.HobTakesEggTo is null || to >= from
            ? null
            : BowlCooling.OnTheBench(
                Matter.Of(PieMatter.Of(c.Filling.Formula, c.Filling.Setter, pie.Yield)), Math.Max(1, pie.PotMass.Value.Value), from, to,
                pie.Kitchen.Room.Value);
    }

    /// <summary>How long a hot filling cools before it is poured cool; none where it goes in as it is made.</summary>
    /// <param name="pie">The pie.</param>
    public static (Phrase How, double OverIce, double? OnTheBench)? CoolingFirst(Assessment pie)
    {
        var c = pie.Composition;
        if (!c.Filling.Cooled)
            return null;
        var matter = Matter.Of(PieMatter.Of(c.Filling.Formula, c.Filling.Setter, pie.Yield));
        var (grams, from) = (Math.Max(1, pie.PotMass.Value.Value), c.Filling.Formula.Family.PourHeat.At.Usual);
        var ice = BowlCooling.OverIce(matter, grams, from, CooledFirst.Usual);
        var bench = BowlCooling.OnTheBench(matter, grams, from, CooledFirst.Usual, pie.Kitchen.Room.Value);
        return (
            new(
                "Cool it to {0} over ice and water, film on it, folded now and then: {1}. Pour it at once; do not whisk it.",
                new Quantity(CooledFirst.Usual, Dimension.Warmth), LayerPour.Minutes(ice)),
            ice, bench);
    }

    private sealed record All(IReadOnlyList<LayerPour> List);

    private static List<LayerPour> Of(Assessment pie)
    {
        var fillings = pie.Layers.Where(l => l.Choice is FillingLayer)
            .Select(l => (((FillingLayer)l.Choice).Formula, Setter: 1.0, Yield: l.Yield!, Grams: l.Mass.Value.Value * pie.Pies))
            .Append((pie.Composition.Filling.Formula, pie.Composition.Filling.Setter, pie.Yield, pie.PotMass.Value.Value)).ToList();
        var found = new List<LayerPour>(2);
        for (var i = 1; i < fillings.Count; i++)
        {
            var (upper, setter, yield, grams) = fillings[i];
            if (upper.Family.Bake is not null)
                continue;
            var lower = fillings[i - 1];
            var (above, below) = (
                Matter.Of(PieMatter.Of(upper, setter, yield)), Matter.Of(PieMatter.Of(lower.Formula, lower.Setter, lower.Yield)));
            var bears = lower.Formula.Family.PourHeat.Bears;
            var limit = Math.Floor(UpTo(above, below, ColdLayer.Usual, bears.Usual));
            var heat = upper.Family.PourHeat.At;
            var pourAt = Math.Max(heat.Low, Math.Min(heat.Usual, limit));
            var cools = heat.Usual > pourAt;
            found.Add(
                new(
                    upper, lower.Formula,
                    new(
                        $"pour-up-to-{i}", $"{upper.Name} onto {lower.Formula.Name}: no warmer than", new(limit),
                        "what the face between bears × (√(kρc) of both) − √(kρc) of the lower × its warmth, ÷ √(kρc) of the "
                            + "upper: what two "
                            + "things come to where they touch",
                        bears, ColdLayer, Term.Given("√(kρc) of the upper", Effusivity(above, bears.Usual) / 1000, Dimension.Factor),
                        Term.Given("√(kρc) of the lower", Effusivity(below, bears.Usual) / 1000, Dimension.Factor)),
                    new(Face(above, pourAt, below, ColdLayer.Usual)), new(pourAt), grams,
                    cools ? BowlCooling.OnTheBench(above, grams, heat.Usual, pourAt, pie.Kitchen.Room.Value) : null,
                    cools ? BowlCooling.OverIce(above, grams, heat.Usual, pourAt) : null));
        }

        return found;
    }
}
