using Pidgin;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;
using static RoundCrumb.Formats.Reading.LinePatterns;

namespace RoundCrumb.Formats.Reading;

/// <summary>
/// Reads one ingredient of a line: which it is, what its measures weigh, how it goes in, and what is to be asked about it.
/// </summary>
/// <param name="finder">Knows the ingredients.</param>
/// <param name="measures">Which cup and egg the recipe means.</param>
internal sealed class ItemReader(IngredientFinder finder, RecipeMeasures measures)
{
    private readonly Weigher _weigher = new(measures);
    private readonly MeasureGrammar _grammar = MeasureGrammar.For(measures.Cup);

    /// <summary>A measure in a bracket, with words round it: "about 500 g", "400 g flesh", "350 g drained weight".</summary>
    public Measure? SecondIn(string inside, out bool drained)
    {
        drained = false;
        if (inside.Length == 0)
            return null;
        foreach (var piece in (IEnumerable<string>)[inside, .. Alternatives().Split(inside)])
        {
            var text = BeforeMeasure().Replace(piece.Trim(), "");
            var read = _grammar.Measure.Then(Parser<char>.Any.ManyString(), (m, r) => (Measure: m, Behind: r)).Parse(text);
            if (!read.Success || read.Value.Measure is not { } measure || measure.Container.Length > 0
                    || !BehindMeasure().IsMatch(read.Value.Behind))
                continue;
            if (measure.Low.IsCount)
                continue;
            drained = Drained().IsMatch(piece);
            return measure;
        }

        return null;
    }

    /// <summary>Which ingredient a name is, and what the measure weighs of it.</summary>
    public ReadItem Resolve(
        SaidLine said, string name, Measure first, Measure? second, LineWords words, out string trouble, bool drainedWeight = false)
    {
        trouble = "";
        var size = EggSizeIn(name) ?? EggSizeIn(words.Note) ?? EggSizeIn(said.Tidy.Text);
        var found = Named(name, first.Middle.Sticks > 0 ? "stick" : first.Container, words);
        if (found.Ingredient is not { } what)
            return new(name, found, null, GoesIn.Mixed, []);
        var assumed = new List<string>(3);
        if (!what.IsFat)
            first = first.SticksAsPieces();
        var grams = drainedWeight ? null : _weigher.GramsOf(first, what, size, assumed);
        var counted = first.Middle.IsCount ? first.Middle.Pieces : 0;
        if (second is not null)
        {
            var heard = new List<string>(2);
            var other = _weigher.GramsOf(second, what, size, heard);
            grams = Weigher.Agree(first, second, what, grams, other, heard, assumed, out trouble);
        }

        var note = words.Note + " " + said.Tidy.Note;
        if (grams is { } weight)
        {
            if (second is null && said.Tidy.Across > 0)
                grams = weight = Weigher.Sized(what, weight, said.Tidy.Across, assumed);
            if (!drainedWeight && what.Is(Traits.InLiquid) && Drained().IsMatch($"{note} {name} {words.Bracket}"))
                grams = weight = Weigher.Drained(weight, assumed);
            if (trouble.Length == 0 && second is not null && counted > 0)
                trouble = Plausible.PieceQuestion(what, counted, weight);
            if (trouble.Length == 0)
                trouble = Plausible.Question(what, weight);
        }

        if (found.Likeness is Likeness.Near)
            assumed.Insert(0, $"“{name}” taken as {what.Name}");
        var way = WaysIn.Of(what, note, name);
        double? left = null;
        if (way is GoesIn.Reduced && grams is { } before)
        {
            left = Reduction.Left(note + " " + words.Bracket, what, before, _grammar, out var impossible);
            if (impossible && trouble.Length == 0)
                trouble = $"That is more than the water in {what.ShortName}. To half is counted: what is it boiled down to?";
        }

        return new(name, found, grams, way, assumed) { ReducedTo = left };
    }

    /// <summary>
    /// Which ingredient is meant: by its name; by its share of fat or cocoa; by the name with what stands in brackets behind it, or with
    /// its container ("2 gelatine leaves"); by the first of two ("butter or margarine"). A tin of pineapple is tinned pineapple.
    /// </summary>
    public Found Named(string name, string container, LineWords words)
    {
        if (container is "tin" or "tins" or "can" or "cans" && finder.Surely("tinned " + name) is { } tinned)
            return new(tinned, Likeness.Known, []);
        if (container is "jar" or "jars" && finder.Surely("jarred " + name) is { } jarred)
            return new(jarred, Likeness.Known, []);
        if (ByShare.Find(name, words.Note + " " + words.Bracket) is { } share)
            return new(share, Likeness.Known, []);
        foreach (var behind in (string[])[words.Bracket, words.Note.Split(',', 2)[0]])
        {
            if (behind.Length > 0 && finder.Exactly($"{name} {behind}") is { } closer)
                return new(closer, Likeness.Known, []);
        }

        if (container.Length > 0 && finder.Exactly($"{name} {container}") is { } packed)
            return new(packed, Likeness.Known, []);
        if (finder.Surely(name) is { } sure)
            return new(sure, Likeness.Known, []);
        var other = container.Length > 0 ? finder.Surely($"{name} {container}") : null;
        other ??= Or().Match(name) is { Success: true } or ? finder.Surely(name[..or.Index]) : null;
        return other is not null ? new(other, Likeness.Known, []) : finder.Find(name);
    }

    private static EggSize? EggSizeIn(string words) =>
        words.Contains("extra large", StringComparison.Ordinal) || words.Contains("extra-large", StringComparison.Ordinal)
            || words.Contains("very large", StringComparison.Ordinal)
            ? EggSize.ExtraLarge
        : words.Contains("large", StringComparison.Ordinal) ? EggSize.Large
        : words.Contains("medium", StringComparison.Ordinal) ? EggSize.Medium
        : words.Contains("small", StringComparison.Ordinal) ? EggSize.Small
        : null;
}
