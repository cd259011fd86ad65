using RoundCrumb.Core.BlindBaking;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Cutting;
using RoundCrumb.Core.Learning;
using RoundCrumb.Core.Steps;

namespace RoundCrumb.Core.Records;

/// <summary>What an entry of the log says of this kitchen, against the book alone.</summary>
public static class Evidence
{
    /// <summary>Half the room that a verdict without a band of its own is given on either side, in bands.</summary>
    private const double BetweenBands = 0.25;

    /// <summary>The pie of a bake by the book, without anything learned: what its entry is held against.</summary>
    /// <param name="composition">As it was made.</param>
    /// <param name="pies">How many.</param>
    /// <param name="kitchen">The kitchen.</param>
    public static Assessment ByTheBook(Composition composition, int pies, Kitchens.Kitchen kitchen) =>
        Assessment.Of(composition with { Corrections = CorrectionSet.Book }, pies, kitchen);

    /// <summary>All that an entry says, in no order.</summary>
    /// <param name="made">The pie as it was made, with what was known then: how much of the formula went into the pot.</param>
    /// <param name="book">The same by the book; see <see cref="ByTheBook"/>.</param>
    /// <param name="entry">What was written down.</param>
    /// <param name="bake">The bake, by its number.</param>
    /// <param name="at">When it was written down.</param>
    public static IReadOnlyList<Observation> Of(Assessment made, Assessment book, BakeEntry entry, int bake, DateTimeOffset at)
    {
        var all = new List<Observation>();
        OfTheOven(book, entry, Measure);
        OfHands(book, entry, Measure);
        OfThePot(made, book, entry, Measure);
        OfIngredients(book, entry, Measure);
        if (entry.Shrank is { } shrank && book.Composition.Crust.Family is RolledFamily rolled)
        {
            var chill = book.Composition.Crust.Chill;
            Measure(
                CorrectionKey.Shrinkage(rolled.Id, chill.ToString()), shrank.Value - chill.Shrinks.Usual,
                Math.Max((chill.Shrinks.High - chill.Shrinks.Low) / 2, 1));
        }

        OfTheCut(book, entry, Verdict);
        OfTheBase(book, entry, Verdict);
        return all;

        void Measure(CorrectionKey key, double value, double? spread = null)
        {
            if (double.IsFinite(value))
                Verdict(key, value, value, spread);
        }

        void Verdict(CorrectionKey key, double from, double to, double? spread = null) => all.Add(new(
            key, from, to, key.Kind.Facts.Noise.Usual, spread ?? key.Kind.Facts.Spread, bake, at));
    }

    private delegate void Measured(CorrectionKey key, double value, double? spread = null);

    private delegate void Judged(CorrectionKey key, double from, double to, double? spread = null);

    private static void OfTheOven(Assessment book, BakeEntry entry, Measured say)
    {
        var oven = book.Card.Setting.Oven;
        if (entry is { OvenRead: { } read, OvenSet: { } set })
            say(CorrectionKey.OvenOffset(oven.Id, set.Value), read.Value - set.Value);
        if (entry.WarmUp is { } warm)
            say(CorrectionKey.WarmUp(oven.Id), Math.Log(warm / oven.WarmUp));
        foreach (var stage in Weighable.StagesOf(book).Where(s => s.Heat is not null && s.Kind is not StageKind.Seal))
        {
            if (!entry.StageMinutes.TryGetValue(stage.Kind, out var took) || took <= 0 || stage.Minutes.Value.Best <= 0)
                continue;
            var family = stage.Kind is StageKind.Filled
                ? book.Composition.Filling.Formula.Family.Id
                : book.Composition.Crust.Family.Id;
            var plan = stage.Minutes.Value;
            say(
                CorrectionKey.BakeMinutes(stage.Kind.ToString(), family, oven.Id), Math.Log(took / plan.Best),
                CorrectionFacts.SpreadOf(plan.Least, plan.Most));
        }
    }

    private static void OfHands(Assessment book, BakeEntry entry, Measured say)
    {
        if (entry.HandsMinutes.Count == 0)
            return;
        var planned = book.Chain.Steps.GroupBy(s => s.Kind).ToDictionary(g => g.Key, g => g.Sum(s => s.HandsOn));
        foreach (var (step, minutes) in entry.HandsMinutes)
        {
            if (minutes > 0 && planned.TryGetValue(step, out var plan) && plan > 0)
                say(CorrectionKey.HandsMinutes(step.ToString(), entry.Baker), Math.Log(minutes / plan));
        }
    }

    /// <summary>
    /// The pot says it; where it was not weighed, what is in the pies and what was left over say the same. Beside it stands what
    /// as much of the formula as went in gives by the book: a kitchen that makes more of it, because it gets less, must not unlearn that.
    /// </summary>
    private static void OfThePot(Assessment made, Assessment book, BakeEntry entry, Measured say)
    {
        var got = entry.FromPot?.Value
            ?? (entry.LeftOver is { Value: > 0 } left ? (made.FilledMass.Value.Value * made.Pies) + left.Value : (double?)null);
        var formula = book.Composition.Filling.Formula;
        var wouldGive = book.Yield.Mass.Value.Value * made.Fit.Chosen.Scale.Value.Value;
        if (got is > 0 && wouldGive > 0)
            say(CorrectionKey.Yield(formula.Family.Id, formula.Id), Math.Log(got.Value / wouldGive));
    }

    private static void OfIngredients(Assessment book, BakeEntry entry, Measured say)
    {
        foreach (var what in Weighable.Of(book))
        {
            if (entry.Weighed.TryGetValue(what.Key, out var got) && got > 0 && what.Book.Amount > 0)
                say(what.Key, Math.Log(got / what.Book.Amount));
        }
    }

    /// <summary>How it cut, between the limits of the bands on its family's scale, from where it was predicted.</summary>
    private static void OfTheCut(Assessment book, BakeEntry entry, Judged say)
    {
        if (Worth(entry.Set) is not { } worth)
            return;
        var formula = book.Composition.Filling.Formula;
        var scale = formula.Family.Scale;
        var (from, to) = Limits(scale.Bands, worth);
        double InBands(double index) => (index - book.Yield.SetIndex.Value.Value) / scale.CleanWidth;
        var (low, high) = (InBands(from), InBands(to));
        if (high - low < 2 * BetweenBands)
            (low, high) = (low - BetweenBands, high + BetweenBands);
        say(CorrectionKey.SetShift(formula.Family.Id, formula.Id), low, high);
    }

    /// <summary>Still firm after its hours: it lasts longer. Soft: it does not.</summary>
    private static void OfTheBase(Assessment book, BakeEntry entry, Judged say)
    {
        if (book.BaseLife is not { } life || entry.Base is BaseVerdict.NotSaid)
            return;
        var hours = entry.Stood ?? book.Composition.Occasion.FilledAhead;
        if (hours <= 0)
            return;
        var c = book.Composition;
        var at = Math.Log(hours * 60 / life.Value.Best);
        var key = CorrectionKey.BaseLife(c.Crust.Family.Id, c.Crust.Seal.Id, c.Filling.Formula.Family.Id);
        if (entry.Base is BaseVerdict.Crisp or BaseVerdict.Firm)
            say(key, at, double.PositiveInfinity);
        else
            say(key, double.NegativeInfinity, at);
    }

    /// <summary>Where a word stands among the bands; none where nothing was said.</summary>
    public static int? Worth(SetVerdict verdict) => verdict switch
    {
        SetVerdict.NotSaid => null,
        SetVerdict.Runny => -2,
        SetVerdict.Soft => -1,
        SetVerdict.Clean => 0,
        SetVerdict.Firm => 1,
        SetVerdict.Rubbery => 2,
    };

    /// <summary>From where to where on a scale a word reaches; the lowest has no low end, the highest no high end.</summary>
    private static (double From, double To) Limits(IReadOnlyList<CutBand> bands, int worth)
    {
        var from = bands.Where(b => b.Verdict >= worth).Select(b => (double?)b.From).FirstOrDefault() ?? double.PositiveInfinity;
        var to = bands.Where(b => b.Verdict > worth).Select(b => (double?)b.From).FirstOrDefault() ?? double.PositiveInfinity;
        if (double.IsPositiveInfinity(from))
            from = bands[^1].From;
        return (worth == -2 ? double.NegativeInfinity : from, to);
    }
}
