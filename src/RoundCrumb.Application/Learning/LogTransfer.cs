using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Composing;
using RoundCrumb.Data.Bakes;
using RoundCrumb.Formats.Logs;

namespace RoundCrumb.Application.Learning;

/// <summary>What came of a log that was brought in.</summary>
/// <param name="Taken">Bakes taken in.</param>
/// <param name="Known">Bakes that were here already.</param>
/// <param name="Wrong">Rows that could not be taken, with why.</param>
/// <param name="Trouble">Why nothing could be read; empty where something could.</param>
public sealed record TakenLogs(int Taken, int Known, IReadOnlyList<ReadLog> Wrong, string Trouble);

/// <summary>Hands the log on, and brings one in.</summary>
public sealed class LogTransfer(BakeBook bakes, KitchenLearner learner, CompositionReader compositions)
{
    private const int RowsBetweenSigns = 100;

    /// <summary>All that is written down, the oldest first.</summary>
    public async Task<IReadOnlyList<LogRecord>> AllAsync(CancellationToken cancel = default) =>
    [
        .. (await bakes.LoggedAsync(new(), int.MaxValue, cancel))
            .Select(b => LogTable.Of(b.MadeAt, b.PieName, b.Pies, b.Address, BakeBook.EntryOf(b.Log))),
    ];

    /// <summary>Brings a log in: what can be read is taken, what was here already is passed over, the rest is told with its line.</summary>
    public Task<TakenLogs> TakeInAsync(string text, CancellationToken cancel = default) =>
        TakeInAsync(text, static _ => { }, static _ => { }, cancel);

    /// <summary>The same, telling how far it is.</summary>
    /// <param name="text">The table or document.</param>
    /// <param name="step">Told how far it is.</param>
    /// <param name="kept">Told what came of it, once it is kept and before anything is learned from it.</param>
    /// <param name="cancel">Stops it: before it is kept nothing is, afterwards only the learning ends.</param>
    public async Task<TakenLogs> TakeInAsync(
        string text, Action<LogImportStep> step, Action<TakenLogs> kept, CancellationToken cancel)
    {
        var rows = LogTable.Read(text, out var trouble);
        if (trouble.Length > 0)
            return new(0, 0, [], trouble);
        var good = rows.Where(r => r.Trouble.Length == 0).ToList();
        var wrong = rows.Where(r => r.Trouble.Length > 0).ToList();
        var book = await compositions.BookAsync(good.Select(r => r.Record.Composition), cancel);
        var there = await bakes.MomentsAsync(cancel);
        var taken = new List<Bake>();
        var known = 0;
        foreach (var (at, row) in good.Index())
        {
            if (at % RowsBetweenSigns == 0)
            {
                cancel.ThrowIfCancellationRequested();
                step(new(LogImportStage.Reading, at, good.Count));
            }

            var read = CompositionAddress.Read(row.Record.Composition, book);
            if (read.Troubles.FirstOrDefault(t =>
                t.Field is CompositionAddress.CrustField or CompositionAddress.FillingField) is { } missing)
            {
                wrong.Add(row with { Trouble = $"It names “{missing.Typed}”, a part that is not here: import the parts first." });
                continue;
            }

            var name = (row.Record.Pie ?? "").Trim() is { Length: > 0 } said ? said[..Math.Min(said.Length, 80)] : "A pie";
            if (!there.Add((name, row.Made.ToUnixTimeSeconds())))
            {
                known++;
                continue;
            }

            taken.Add(BakeBook.Brought(name,
                CompositionAddress.WithLearned(CompositionAddress.Write(read.Composition with { Corrections = null }), 0),
                row.Record.Pies, row.Made, row.Entry));
        }

        await bakes.TakeInAsync(taken, written => step(new(LogImportStage.Keeping, written, taken.Count)), cancel);
        var came = new TakenLogs(taken.Count, known, [.. wrong.OrderBy(w => w.Line)], "");
        kept(came);
        if (taken.Count > 0)
            await learner.CatchUpAsync((done, of) => step(new(LogImportStage.Learning, done, of)), cancel);
        return came;
    }
}
