using System.Globalization;
using Microsoft.AspNetCore.Html;
using RoundCrumb.Application.Learning;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Learning;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Units;
using RoundCrumb.Web.Drawing;

namespace RoundCrumb.Web.Features.Learned;

/// <summary>A measured thing, bake after bake.</summary>
public static class LearnedChart
{
    /// <summary>
    /// The chart, with marks where something was new by the log, where a part or the oven changed between two
    /// bakes of a pie, or where it was seen to change.
    /// </summary>
    /// <param name="detail">What is known.</param>
    /// <param name="zone">Where the kitchen is.</param>
    /// <param name="shown">The baker's units.</param>
    public static IHtmlContent Draw(LearnedDetail detail, TimeZoneInfo zone, QuantityFormatter shown)
    {
        var learned = detail.Of.Learned;
        var times = learned.Key.Kind.Facts.Scale is CorrectionScale.Times;
        double Back(double on) => times ? Math.Exp(on) : on;
        var oldest = detail.Bakes.Reverse().ToList();
        if (oldest.Count == 0)
            return HtmlString.Empty;
        var points = oldest.Select(b => new RunPoint(
            Back(b.One.From), Back(b.One.To), When(b.One.At, zone), b.Bake.PieName + ", " + Says(b.One, shown),
            b.Said is not BakeSaid.LeftOut && b.Bake.Log?.IsLeftOut != true)).ToList();
        return RunChart.Draw(
            detail.Of.Name + ", bake after bake", points, new(learned.BookLow, learned.BookHigh, "the book"),
            learned.Bakes > 0 ? new(learned.Low, learned.High, "this kitchen") : null, Marks(oldest, learned.ChangedAt),
            v => !times ? Sign(v) + shown.Say(new Quantity(Math.Abs(v), learned.Key.Kind.Facts.Dimension))
                : Math.Abs(v - 1) < 1e-6 ? "book"
                : ((v - 1) * 100).ToString("+0;−0", CultureInfo.InvariantCulture) + " %");
    }

    private static string Sign(double value) => value > 0 ? "+" : value < 0 ? "−" : "";

    /// <summary>What one bake says, in words.</summary>
    public static string Says(Observation one, QuantityFormatter shown)
    {
        var kind = one.Key.Kind;
        string Said(double on) => shown.Say(CorrectionWords.Briefly(kind, kind.Facts.Scale is CorrectionScale.Times ? Math.Exp(on) : on));
        return one.IsMeasure ? Said(one.From)
            : double.IsNegativeInfinity(one.From) ? "at most " + Said(one.To)
            : double.IsPositiveInfinity(one.To) ? "at least " + Said(one.From)
            : Said(one.From) + " to " + Said(one.To);
    }

    /// <summary>A day.</summary>
    public static string When(DateTimeOffset at, TimeZoneInfo zone) =>
        TimeZoneInfo.ConvertTime(at, zone).ToString("d MMM", CultureInfo.InvariantCulture);

    private static List<RunMark> Marks(List<BakeInLearned> oldest, DateTimeOffset? changed)
    {
        var marks = new List<RunMark>();
        for (var i = 1; i < oldest.Count; i++)
        {
            var (was, now) = (CompositionAddress.FieldsOf(oldest[i - 1].Bake.Address), CompositionAddress.FieldsOf(oldest[i].Bake.Address));
            string Of(IReadOnlyDictionary<string, string> fields, string name) => fields.GetValueOrDefault(name, "");
            bool Newer(string name) => Of(was, name) != Of(now, name)
                && OwnPartId.WithoutVersion(Of(was, name)) == OwnPartId.WithoutVersion(Of(now, name));
            if (oldest[i].Bake.Log?.Measures.SomethingNew is { Length: > 0 } isNew)
                marks.Add(new(i, isNew));
            else if (changed is { } at && oldest[i].One.At >= at && oldest[i - 1].One.At < at)
                marks.Add(new(i, "changed here"));
            else if (oldest[i].Bake.PieName == oldest[i - 1].Bake.PieName
                && Of(was, CompositionAddress.OvenField) != Of(now, CompositionAddress.OvenField))
                marks.Add(new(i, "another oven"));
            else if (Newer(CompositionAddress.FillingField))
                marks.Add(new(i, "new version of the filling"));
            else if (Newer(CompositionAddress.CrustField))
                marks.Add(new(i, "new version of the crust"));
        }

        return marks;
    }
}
