using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Fillings;

/// <summary>One way to make the filling for the pies in hand.</summary>
/// <param name="Kind">Which way.</param>
/// <param name="Scale">Times the formula as written.</param>
/// <param name="Pieces">Yolks or packs, whole unless the way is exact.</param>
/// <param name="Volume">All of it, for all pies.</param>
/// <param name="Difference">More (positive) or less (negative) than the fill line asks, for all pies.</param>
/// <param name="DepthDifference">The same as a depth in each pie, mm; above the brim as if the wall went on.</param>
/// <param name="Stands">How deep it would stand in each pie if all of it went in.</param>
public sealed record BatchOption(
    BatchKind Kind,
    Worked<Factor> Scale,
    double Pieces,
    Worked<Millilitres> Volume,
    Worked<Millilitres> Difference,
    Worked<Millimetres> DepthDifference,
    Worked<Millimetres> Stands);

/// <summary>A filling against the pies it is for.</summary>
/// <param name="Needed">Room up to the fill line, all pies.</param>
/// <param name="LineDepth">Depth from the lined base to the fill line.</param>
/// <param name="Exact">Weighed to fit.</param>
/// <param name="Below">Nearest workable batch that does not overfill; none where even one piece is too much.</param>
/// <param name="Above">Nearest workable batch that fills.</param>
/// <param name="Chosen">What the baker makes.</param>
/// <param name="RunsOver">Of the chosen batch, what even the brim would not hold, each pie; 0 or more.</param>
/// <param name="Fills">How many such pans the chosen batch fills, where the baker says how much is made; none elsewhere.</param>
public sealed record Fit(
    Worked<Millilitres> Needed,
    Worked<Millimetres> LineDepth,
    BatchOption Exact,
    BatchOption? Below,
    BatchOption Above,
    BatchOption Chosen,
    Worked<Millilitres> RunsOver,
    Worked<Number>? Fills)
{
    /// <summary>Fits a formula to a number of equal lined pans.</summary>
    /// <param name="formula">The formula.</param>
    /// <param name="yield">Its yield.</param>
    /// <param name="lined">One lined pan.</param>
    /// <param name="line">Fill line below the rim.</param>
    /// <param name="choice">What the baker makes.</param>
    /// <param name="pies">How many, 1 or more.</param>
    /// <param name="taken">Room that layers beneath and pieces take, in one.</param>
    /// <param name="setter">How much of the written setter goes in: it tells what an amount in hand makes.</param>
    /// <param name="corrections">What this kitchen has learned of its eggs and fruit; the book where there is none.</param>
    public static Fit Of(
        FillingFormula formula, FillingYield yield, LinedPan lined, Millimetres line, BatchChoice choice, int pies,
        Millilitres taken = default, double setter = 1, CorrectionSet? corrections = null)
    {
        var batch = formula.PiecesPerBatch(corrections);
        var inBatch = batch.Value.Value;
        var depth = new Worked<Millimetres>(
            "fill-depth", "Depth of the filling", new(lined.Depth.Value - line.Value), "pan depth − lining − fill line",
            Term.Given("pan depth", new Millimetres(lined.Bare.Depth)),
            Term.Given("lining on the base", new Millimetres(lined.BaseThickness)), Term.Given("below the rim", line));
        // However much lies beneath, a spoonful of filling covers it.
        var each = new Millilitres(Math.Max(5, (lined.VolumeTo(depth.Value.Value) - taken).Value));
        Term[] beneath = taken.Value > 0 ? [Term.Given("taken up by layers and pieces, in one", taken)] : [];
        var needed = new Worked<Millilitres>(
            "room", pies == 1 ? "Room to the fill line" : "Room to the fill line, all pies", each * pies,
            taken.Value > 0
                ? "(room inside the lining up to the fill line − what layers and pieces take) × pies"
                : "room inside the lining up to the fill line × pies",
            [Term.Of(depth), .. beneath, Term.Given("room in one", each), Term.Given("pies", pies, Dimension.Count)]);

        var fit = needed.Value / yield.Volume.Value;
        var pieces = fit * inBatch;

        // A hair under a whole number is that number: 5.9999 yolks are six.
        var floor = Math.Floor(pieces + 1e-6);
        var ceiling = Math.Max(1, Math.Ceiling(pieces - 1e-6));

        BatchOption Make(BatchKind kind, string id, double scale, string how, Worked<Factor>? known = null)
        {
            var times = known ?? new Worked<Factor>(
                id + "-scale", "Times the formula", new(scale), how,
                Term.Of(needed), Term.Of(yield.Volume), Term.Of(batch));
            var volume = new Worked<Millilitres>(
                id + "-volume", "It gives", yield.Volume.Value * scale, "one batch × times", Term.Of(yield.Volume), Term.Of(times));
            var stands = new Worked<Millimetres>(
                id + "-stands", "It stands this deep", lined.DepthFor((volume.Value * (1.0 / pies)) + taken),
                taken.Value > 0
                    ? "the depth at which this volume, with what is beneath, stands inside the lining"
                    : "the depth at which this volume stands inside the lining",
                [Term.Of(volume), .. beneath, Term.Given("pies", pies, Dimension.Count)]);
            return new(
                kind, times, scale * inBatch, volume,
                new(
                    id + "-difference", "Over or short", volume.Value - needed.Value, "it gives − room to the fill line", Term.Of(volume),
                    Term.Of(needed)),
                new(
                    id + "-depth", "Over or short in depth", stands.Value - depth.Value, "it stands − depth of the filling",
                    Term.Of(stands), Term.Of(depth)),
                stands);
        }

        var exact = Make(BatchKind.Exact, "exact", fit, "room ÷ one batch");
        var below = floor >= 1
            ? Make(BatchKind.Below, "below", floor / inBatch, "whole pieces, rounded down ÷ pieces in one batch")
            : null;
        var above = Make(BatchKind.Above, "above", ceiling / inBatch, "whole pieces, rounded up ÷ pieces in one batch");
        var chosen = choice.Kind switch
        {
            BatchKind.Below => below ?? above,
            BatchKind.Above => above,
            BatchKind.Times => Make(BatchKind.Times, "times", choice.Times, "as the baker says"),
            BatchKind.InHand when choice.TimesOf(formula, setter) is { } times =>
                Make(BatchKind.InHand, "in-hand", times.Value.Value, "", times),
            _ => exact,
        };
        var over = new Worked<Millilitres>(
            "runs-over", "Would run over, each pie",
            new(Math.Max(0, (chosen.Volume.Value.Value / pies) + taken.Value - lined.Volume.Value)),
            "the batch shared out − room to the brim",
            [Term.Of(chosen.Volume), .. beneath, Term.Given("pies", pies, Dimension.Count), Term.Given("room to the brim", lined.Volume)]);
        var fills = !choice.IsSaid ? null : new Worked<Number>(
            "pans-filled", "Pans it fills", new(chosen.Volume.Value / each), "the batch ÷ room in one", Term.Of(chosen.Volume),
            Term.Given("room in one", each));
        return new(needed, depth, exact, below, above, chosen, over, fills);
    }
}
