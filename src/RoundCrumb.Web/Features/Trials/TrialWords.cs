using System.Globalization;
using RoundCrumb.Application.Learning;
using RoundCrumb.Core.Records;
using RoundCrumb.Core.Trials;
using RoundCrumb.Data.Bakes;

namespace RoundCrumb.Web.Features.Trials;

/// <summary>How trials are said.</summary>
public static class TrialWords
{
    /// <summary>How it stands, in a sentence or two.</summary>
    public static string Said(TrialStanding standing)
    {
        var reading = standing.Reading;
        var counted = standing.Bakes.GroupBy(b => b.Arm).ToDictionary(g => g.Key, g =>
            g.Count(b => TrialDesk.Found(standing.Trial, b) is not null));
        var (one, other) = (counted.GetValueOrDefault(TrialArm.AsItIs), counted.GetValueOrDefault(TrialArm.Changed));
        var needed = reading.Needed == 1 ? "one" : Number(reading.Needed);
        return reading.Says switch
        {
            TrialSays.Nothing => one + other == 0
                ? $"Nothing is written down yet. {Capital(needed)} bakes of each would tell a difference that is worth it."
                : "One side is written down, the other is not.",
            TrialSays.CannotTell =>
                $"{Capital(Number(one + other))} bakes cannot tell: {Difference(standing)}, and by chance alone it could be "
                    + $"{reading.Band.ToString("0.#", CultureInfo.InvariantCulture)} either way. {Capital(needed)} of each would.",
            TrialSays.Differs => $"It makes a difference: {Difference(standing)}.",
            TrialSays.Same => $"No difference worth it: {Difference(standing)}, and it is hardly more than that.",
        };
    }

    /// <summary>What a bake says of what is looked at, in a word.</summary>
    public static string Found(TrialStanding standing, Bake bake)
    {
        if (bake.Log is null)
            return "not logged yet";
        var entry = BakeBook.EntryOf(bake.Log);
        return standing.Trial.Measure switch
        {
            TrialMeasure.Set => entry.Set.Word,
            TrialMeasure.Base => entry.Base.Word,
            TrialMeasure.Top => entry.Top.Word,
            TrialMeasure.Sweet or TrialMeasure.Sharp or TrialMeasure.Crisp =>
                standing.Trial.Measure.In(entry) is { } step ? TasteWords.Said((int)step) : "not said",
            TrialMeasure.Shrank => entry.Shrank is { } mm ? mm.Value.ToString("0.#", CultureInfo.InvariantCulture) + " mm" : "not said",
        };
    }

    private static string Difference(TrialStanding standing)
    {
        var off = standing.Reading.Difference ?? 0;
        var size = Math.Abs(off).ToString("0.#", CultureInfo.InvariantCulture);
        if (Math.Abs(off) < 0.05)
            return "both came out alike";
        return standing.Trial.Measure switch
        {
            TrialMeasure.Set => $"the changed one cut {size} of a word {(off > 0 ? "firmer" : "softer")}",
            TrialMeasure.Base => $"its base was {size} of a word {(off > 0 ? "softer" : "crisper")}",
            TrialMeasure.Top => $"its top held {(off > 0 ? "worse" : "better")}",
            TrialMeasure.Sweet => $"it was found {size} of a step {(off > 0 ? "sweeter" : "less sweet")}",
            TrialMeasure.Sharp => $"it was found {size} of a step {(off > 0 ? "sharper" : "less sharp")}",
            TrialMeasure.Crisp => $"it was found {size} of a step {(off > 0 ? "crisper" : "less crisp")}",
            TrialMeasure.Shrank => $"it shrank {size} mm {(off > 0 ? "more" : "less")}",
        };
    }

    private static string Number(int n) => n switch
    {
        1 => "one",
        2 => "two",
        3 => "three",
        4 => "four",
        5 => "five",
        6 => "six",
        _ => n.ToString(CultureInfo.InvariantCulture),
    };

    private static string Capital(string words) => char.ToUpperInvariant(words[0]) + words[1..];
}
