using RoundCrumb.Core.Advice;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Steps;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Pairing;

/// <summary>Crusts that one has, and wants to fill.</summary>
/// <param name="Crust">Of which kind.</param>
/// <param name="State">How far they have got.</param>
/// <param name="Pies">For how many pies; 1 to <see cref="Most"/>.</param>
public sealed record ShellsInHand(CrustFamily Crust, Stock State, int Pies)
{
    /// <summary>The most that are asked for at once.</summary>
    public const int Most = 99;

    /// <summary>The wish to pair for: a shell that is baked already wants no oven for its crust.</summary>
    /// <param name="wish">What was wished.</param>
    public Wish For(Wish wish) =>
        State is Stock.BakedShells ? wish with { Occasion = wish.Occasion with { NoOven = false } } : wish;

    /// <summary>What they can be filled with, the best first: what is done of the crust counts no more as work, hours or oven.</summary>
    /// <param name="board">The board for the wish that <see cref="For"/> makes.</param>
    /// <param name="noOven">True where there is no oven for what is left to do.</param>
    /// <param name="kitchen">The kitchen.</param>
    /// <exception cref="ArgumentException">The board does not have this crust.</exception>
    public IReadOnlyList<FilledShells> Filled(Board board, bool noOven, Kitchen kitchen)
    {
        var row = board.Cells.FirstOrDefault(r => r.Count > 0 && r[0].Crust.Id == Crust.Id)
            ?? throw new ArgumentException($"No {Crust.Id} on this board.", nameof(board));
        return
        [
            .. row.Select(cell => FilledShells.Of(cell, this, noOven, kitchen)).OrderBy(f => f.Level is PairLevel.No)
                .ThenByDescending(f => f.Score.Points).ThenBy(f => f.Cell.Filling.Name, StringComparer.Ordinal),
        ];
    }
}

/// <summary>A filling for crusts that one has.</summary>
/// <param name="Cell">The pairing at its best, from scratch.</param>
/// <param name="Pie">So many of the pie, its crust as it is in hand.</param>
/// <param name="Score">How good it is, what is done already left out of the work.</param>
/// <param name="Level">The same in a word.</param>
/// <param name="Hands">Hands that are left, for all of them.</param>
/// <param name="ToSlice">From now to the first slice.</param>
public sealed record FilledShells(
    Cell Cell, Assessment Pie, PairScore Score, PairLevel Level, Worked<MinuteRange> Hands, Worked<MinuteRange> ToSlice)
{
    /// <summary>What speaks against crusts in this state, where the same pie from scratch is good; none where nothing does.</summary>
    public Finding? Against { get; private init; }

    /// <summary>Why, in a phrase.</summary>
    public string Reason => Level is PairLevel.No ? "it cannot be made or served so" : Score.Reason(Affinity.Of(Cell.Crust, Cell.Filling));

    /// <summary>One pairing for crusts in hand.</summary>
    /// <param name="cell">The pairing at its best.</param>
    /// <param name="shells">What one has.</param>
    /// <param name="noOven">True where there is no oven for what is left to do.</param>
    /// <param name="kitchen">The kitchen.</param>
    public static FilledShells Of(Cell cell, ShellsInHand shells, bool noOven, Kitchen kitchen)
    {
        var stock = shells.State;
        var pie = StockedSteps.Made(cell.Best, stock);
        var one = Assessment.Of(pie, 1, kitchen);
        var score = PairScore.Of(one, stock);
        var goes = Verdict.Of(one);
        var level = cell.Level is PairLevel.No or PairLevel.Poor ? cell.Level
            : goes is not PairVerdict.Well ? goes is PairVerdict.Not ? PairLevel.No : PairLevel.Poor
            : noOven && StockedSteps.Left(one, stock).Any(s => s.Where is Place.Oven) ? PairLevel.No
            : PairLevels.Of(score.Points);
        var all = shells.Pies == 1 ? one : Assessment.Of(pie, shells.Pies, kitchen);
        var (hands, slice) = TimesOf(all, stock);
        return new(cell, all, score, level, hands, slice)
        {
            Against = goes is not PairVerdict.Well && level != cell.Level ? one.Advice[0] : null,
        };
    }

    /// <summary>Every figure that can be opened, for each state that the crust can be in.</summary>
    /// <param name="pie">The pie.</param>
    public static IEnumerable<IWorked> Figures(Assessment pie) =>
        Enum.GetValues<Stock>().Where(s => s.Suits(pie.Composition.Crust.Family)).SelectMany(s =>
        {
            var (hands, slice) = TimesOf(pie, s);
            return s is Stock.Scratch ? [hands, slice] : new IWorked[] { hands, slice, PairScore.Opened(pie, s) };
        });

    private static (Worked<MinuteRange> Hands, Worked<MinuteRange> ToSlice) TimesOf(Assessment pie, Stock stock)
    {
        var times = Times.Of(pie.Chain with { Steps = StockedSteps.Left(pie, stock) }, pie.Composition);
        return (Left("hands-left-", "Hands", times.HandsOn), Left("slice-left-", "To the first slice", times.StartToSlice));

        Worked<MinuteRange> Left(string id, string name, Worked<MinuteRange> of) =>
            new(id + stock.Id, $"{name}, from {stock.Words}", of.Value, of.Formula, [.. of.Terms]);
    }
}
