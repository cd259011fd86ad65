using RoundCrumb.Core.Advice;
using RoundCrumb.Core.Batches;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Steps;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Records;

/// <summary>One thing as planned beside how it was.</summary>
/// <param name="Name">What.</param>
/// <param name="Planned">As planned; empty where nothing was.</param>
/// <param name="Actual">As it was; empty where nothing was written.</param>
/// <param name="Verdict">What lies between them, in words; empty where nothing was written.</param>
public sealed record Compared(string Name, Phrase Planned, Phrase Actual, Phrase Verdict)
{
    /// <summary>Planned beside actual for a whole bake.</summary>
    public static IReadOnlyList<Compared> Of(BatchSheet sheet, BakeEntry entry)
    {
        var pie = sheet.Pie;
        var rows = new List<Compared>(10);
        if (pie.Card.Oven is { } oven)
        {
            // An oven that runs hot is set lower for the same heat.
            var hot = pie.Card.Setting.Oven.HotBy(oven.Value);
            var dial = new OvenCelsius(oven.Value - hot);
            rows.Add(
                new(
                    "Oven, set", hot == 0 ? new Phrase("{0}", pie.Card.Stages[0].Heat!) : new Phrase("{0}", dial.AsQuantity()),
                    Phrased(entry.OvenSet?.AsQuantity()),
                    entry.OvenSet is { } set
                        ? Near(set.Value - dial.Value, 3, Dimension.Warmth, "hotter than planned", "cooler than planned")
                        : default));
            rows.Add(
                new(
                    "Oven, read", Phrased((entry.OvenSet ?? dial).AsQuantity()), Phrased(entry.OvenRead?.AsQuantity()),
                    entry.OvenRead is { } read
                        ? Near(
                            read.Value - (entry.OvenSet ?? dial).Value, 3, Dimension.Warmth, "hotter than its dial", "cooler than its dial")
                        : default));
        }

        foreach (var stage in Weighable.StagesOf(pie))
        {
            var plan = stage.Minutes.Value;
            var known = entry.StageMinutes.TryGetValue(stage.Kind, out var took);
            var off = took < plan.Least ? took - plan.Least : took > plan.Most ? took - plan.Most : 0;
            rows.Add(
                new(
                    stage.Name, new Phrase("{0}", stage.Minutes), known ? Phrased(new Quantity(took, Dimension.Time)) : default,
                    known ? Near(off, 0.5, Dimension.Time, "longer", "shorter") : default));
        }

        rows.Add(Weight("Filling from the pot", pie.PotMass, entry.FromPot));
        rows.Add(Weight("Left over", pie.LeftOverMass, entry.LeftOver));
        rows.Add(
            new(
                "Base",
                pie.Advice.Any(f => f.Rule.Layer is Advice.Layer.Crust or Advice.Layer.Seal && f.Severity <= Severity.Disappoints)
                    ? "at risk"
                    : "crisp",
                Word(entry.Base), entry.Base switch
                {
                    BaseVerdict.NotSaid => default,
                    BaseVerdict.Crisp or BaseVerdict.Firm => "as it should be",
                    _ => "too wet",
                }));
        rows.Add(new("Set", new Phrase($"{pie.Yield.Cut.Name}, {{0}}", pie.Yield.SetIndex), Word(entry.Set), entry.Set switch
        {
            SetVerdict.NotSaid => default,
            SetVerdict.Clean => pie.Yield.Cut.Verdict == 0 ? "as predicted" : "a clean slice after all",
            SetVerdict.Runny or SetVerdict.Soft => pie.Yield.Cut.Verdict < 0 ? "soft, as predicted" : "softer than predicted",
            _ => pie.Yield.Cut.Verdict > 0 ? "firm, as predicted" : "firmer than predicted",
        }));
        if (pie.Topping is not null)
        {
            rows.Add(new("Top", new("holds {0}", pie.Times.CreamHolds!), Word(entry.Top), entry.Top switch
            {
                TopVerdict.NotSaid => default,
                TopVerdict.Held => "as it should be",
                TopVerdict.Overwhipped => "a few strokes too many",
                _ => "did not last",
            }));
        }

        return rows;
    }

    private static Compared Weight(string name, Worked<Grams> plan, Grams? actual)
    {
        var planned = plan.Value;
        if (actual is not { } real)
            return new(name, new Phrase("{0}", plan), default, default);
        var off = real.Value - planned.Value;
        var few = Math.Max(5, planned.Value * 0.03);
        var verdict = Math.Abs(off) <= few
            ? new Phrase("as planned")
            : planned.Value < 20
                ? new Phrase(off > 0 ? "{0} more" : "{0} less", new Quantity(Math.Abs(off), Dimension.Mass))
                : new Phrase(
                    off > 0 ? "{0} more ({1})" : "{0} less ({1})", new Quantity(Math.Abs(off), Dimension.Mass),
                    new Quantity(Math.Abs(off) / planned.Value, Dimension.Share));
        return new(name, new Phrase("{0}", plan), Phrased(real.AsQuantity()), verdict);
    }

    private static Phrase Near(double off, double few, Dimension dimension, string more, string less)
    {
        if (Math.Abs(off) <= few)
            return "as planned";
        var words = off > 0 ? more : less;

        // A difference of heat is no heat: 10 °C hotter is 18 °F hotter, not 50 °F.
        return dimension is Dimension.Warmth
            ? new("{0} " + words, new Quantity(Math.Abs(off), Dimension.HeatDifference))
            : new("{0} " + words, new Quantity(Math.Abs(off), dimension));
    }

    private static Phrase Phrased(Quantity? quantity) =>
        quantity is { } q ? new("{0}", q.Dimension is Dimension.OvenHeat ? q with { Dimension = Dimension.OvenReading } : q) : default;

    private static Phrase Word<T>(T verdict)
        where T : struct,
        Enum =>
            Convert.ToInt32(verdict, System.Globalization.CultureInfo.InvariantCulture) == 0
                ? default
                : new Phrase(verdict.ToString().ToLowerInvariant());
}
