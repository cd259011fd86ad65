using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Learning;
using RoundCrumb.Core.Records;
using RoundCrumb.Data.Bakes;
using RoundCrumb.Data.Learning;
using RoundCrumb.Data.Storage;

namespace RoundCrumb.Application.Learning;

/// <summary>
/// Learns this kitchen: what a log says is held against the book and written down as observations, and from all of them is worked out anew
/// what is put on.
/// </summary>
public sealed class KitchenLearner(BakeBook bakes, LearningBook book, CompositionReader compositions, AllOrNothing together)
{
    /// <summary>So many logs are written down at once; whoever saves something meanwhile waits for no more.</summary>
    private const int PortionOfLogs = 100;

    /// <summary>What is known now, of everything that something is known of.</summary>
    public async Task<IReadOnlyList<Learned>> KnownAsync(CancellationToken cancel = default) => (await book.KnownAsync(cancel)).All;

    /// <summary>Writes the log of a bake, if nobody has since <paramref name="version"/> (0 for none yet), and learns from it.</summary>
    /// <returns>False when somebody has.</returns>
    public async Task<bool> WriteAsync(int bake, BakeEntry entry, int version, CancellationToken cancel = default)
    {
        if (!await bakes.WriteAsync(bake, entry, version, cancel))
            return false;
        await ReadAsync(bake, cancel);
        await PutOnAsync(bake, cancel);
        return true;
    }

    /// <summary>Lets nothing be learned from a bake, or lets it count again.</summary>
    public async Task LeaveOutAsync(int bake, bool leaveOut, CancellationToken cancel = default)
    {
        await book.LeaveOutAsync(bake, leaveOut, cancel);
        await PutOnAsync(null, cancel);
    }

    /// <summary>How many logs were not learned from yet.</summary>
    public async Task<int> LeftAsync(CancellationToken cancel = default) => (await book.UnreadAsync(cancel)).Count;

    /// <summary>Learns from every log that was not read yet.</summary>
    /// <param name="step">Told how many are read, and of how many.</param>
    /// <param name="cancel">Stops it; what was read by then stays.</param>
    /// <returns>How many there were.</returns>
    public async Task<int> CatchUpAsync(Action<int, int>? step = null, CancellationToken cancel = default)
    {
        var done = 0;
        var unread = await book.UnreadAsync(cancel);
        if (unread.Count == 0)
            return 0;

        // Reading a log takes a while, writing down what it says does not: nobody is kept from writing meanwhile.
        foreach (var portion in unread.Chunk(PortionOfLogs))
        {
            step?.Invoke(done, unread.Count);
            done += portion.Length;
            var read = new List<(int Bake, int Version, IReadOnlyList<Observation> All)>();
            foreach (var bake in portion)
            {
                if (await ReadOneAsync(bake, cancel) is { } one)
                    read.Add(one);
            }

            await together.RunAsync(
                async () =>
                {
                    foreach (var (bake, version, all) in read)
                        await book.ObserveAsync(bake, version, all, cancel);
                    return read.Count;
                },
                cancel);
        }

        await PutOnAsync(null, cancel);
        return unread.Count;
    }

    /// <summary>Works out anew what is put on.</summary>
    /// <param name="bake">The bake whose log may have moved it; none where a baker decided.</param>
    /// <param name="cancel">Cancels it.</param>
    /// <returns>True where it is another than before.</returns>
    public async Task<bool> PutOnAsync(int? bake, CancellationToken cancel = default)
    {
        // Where somebody logged meanwhile, theirs is counted in: the last that is put on is of all that is known.
        var moved = false;
        IReadOnlyList<Learned> known;
        do
        {
            known = await KnownAsync(cancel);
            moved |= await book.PutOnAsync(known, bake, cancel);
        }
        while (!ReferenceEquals(known, await KnownAsync(cancel)));

        return moved;
    }

    /// <summary>Holds one log against the book, and writes down what it says.</summary>
    private async Task ReadAsync(int id, CancellationToken cancel)
    {
        if (await ReadOneAsync(id, cancel) is var (bake, version, all))
            await book.ObserveAsync(bake, version, all, cancel);
    }

    private async Task<(int Bake, int Version, IReadOnlyList<Observation> All)?> ReadOneAsync(int id, CancellationToken cancel)
    {
        if (await bakes.FindAsync(id, cancel) is not { Log: { } log } bake)
            return null;
        var read = await compositions.ReadAsync(bake.Address, cancel);
        var kitchen = await compositions.KitchenAsync(cancel);
        var pies = Math.Max(1, bake.Pies);
        var made = Assessment.Of(read.Composition, pies, kitchen);
        var byTheBook = Evidence.ByTheBook(read.Composition, pies, kitchen);
        return (id, log.Version, Evidence.Of(made, byTheBook, BakeBook.EntryOf(log), id, log.WrittenAt));
    }
}
