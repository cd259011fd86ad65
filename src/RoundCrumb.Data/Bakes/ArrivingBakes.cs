using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using RoundCrumb.Data.Storage;

namespace RoundCrumb.Data.Bakes;

/// <summary>
/// Bakes on their way into the file. They are written beside it, in portions that hold nobody up, and then moved in with one breath: all of
/// them or none. What is left beside it by whoever is cut off is swept up at the next start.
/// </summary>
internal sealed class ArrivingBakes : IAsyncDisposable
{
    /// <summary>So many are written at once; between two portions it can be stopped.</summary>
    private const int Portion = 500;

    private readonly string _path;
    private readonly RoundCrumbContext _beside;

    private ArrivingBakes(string path) =>
        (_path, _beside) = (path, new((DbContextOptions<RoundCrumbContext>)new DbContextOptionsBuilder<RoundCrumbContext>()
            .UseSqlite(RoundCrumbFile.ConnectionTo(path, pooled: false, foreignKeys: false)).Options));

    /// <summary>Writes bakes, with their logs and the parts they name, beside a file.</summary>
    /// <param name="file">The file.</param>
    /// <param name="all">The bakes; new ones, without ticks or photographs.</param>
    /// <param name="written">Told how many are written.</param>
    /// <param name="cancel">Stops it; nothing is left beside the file then.</param>
    public static async Task<ArrivingBakes> WriteAsync(
        string file, IReadOnlyList<Bake> all, Action<int> written, CancellationToken cancel)
    {
        var arriving = new ArrivingBakes(RoundCrumbFile.BesideForAWhile(file));
        try
        {
            var beside = arriving._beside;
            await beside.Database.OpenConnectionAsync(cancel);

            // It is worth nothing if it is cut off, so it need not be safe.
            await beside.Database.ExecuteSqlAsync($"PRAGMA journal_mode=OFF;", cancel);
            await beside.Database.ExecuteSqlAsync($"PRAGMA synchronous=OFF;", cancel);
            await beside.Database.EnsureCreatedAsync(cancel);
            foreach (var (at, portion) in all.Chunk(Portion).Index())
            {
                written(at * Portion);
                beside.Bakes.AddRange(portion);
                await beside.SaveChangesAsync(cancel);
                beside.ChangeTracker.Clear();
            }

            return arriving;
        }
        catch
        {
            await arriving.DisposeAsync();
            throw;
        }
    }

    /// <summary>Moves them into the file, each with the next number that is free there.</summary>
    public async Task MoveAsync(RoundCrumbContext context, AllOrNothing together, CancellationToken cancel)
    {
        await _beside.Database.CloseConnectionAsync();
        await context.Database.OpenConnectionAsync(cancel);
        try
        {
            await context.Database.ExecuteSqlAsync($"ATTACH {_path} AS arriving;", cancel);
            await together.RunAsync(
                async () =>
                {
                    // No number is given twice, that of a bake that was taken away neither.
                    var last = await context.Database.SqlQuery<long>(
                        $"SELECT COALESCE(MAX(seq), 0) AS Value FROM main.sqlite_sequence WHERE name = 'Bakes'").SingleAsync(cancel);
                    await MoveAsync(context, "Bakes", "Id", last, [], cancel);
                    await MoveAsync(context, "BakeLog", "BakeId", last, [], cancel);
                    return await MoveAsync(context, "PartUses", "BakeId", last, ["Id"], cancel);
                },
                cancel);
        }
        finally
        {
            await LetGoAsync(context);
            await context.Database.CloseConnectionAsync();
        }
    }

    /// <summary>Moves one table's rows; each number of a bake is raised by the last one that is taken.</summary>
    private static async Task<int> MoveAsync(
        RoundCrumbContext context, string table, string bake, long last, IReadOnlyList<string> numbered, CancellationToken cancel)
    {
        var columns = await context.Database.SqlQuery<string>($"SELECT name AS Value FROM pragma_table_info({table})").ToListAsync(cancel);
        var moved = columns.Except(numbered).ToList();
        var into = string.Join(", ", moved.Select(Quoted));
        var from = string.Join(", ", moved.Select(c => c == bake ? $"{Quoted(c)} + {{0}}" : Quoted(c)));
#pragma warning disable EF1002 // The names are those of the tables themselves.
        return await context.Database.ExecuteSqlRawAsync(
            $"INSERT INTO main.{Quoted(table)} ({into}) SELECT {from} FROM arriving.{Quoted(table)} ORDER BY {Quoted(bake)};", [last],
            cancel);
#pragma warning restore EF1002
    }

    private static string Quoted(string name) => $"\"{name}\"";

    /// <summary>A connection goes back to others without what was beside it; where that fails it goes back to nobody.</summary>
    private static async Task LetGoAsync(RoundCrumbContext context)
    {
        try
        {
            await context.Database.ExecuteSqlAsync($"DETACH arriving;", CancellationToken.None);
        }
        catch (SqliteException)
        {
            SqliteConnection.ClearPool((SqliteConnection)context.Database.GetDbConnection());
        }
    }

    /// <inheritdoc/>
    public async ValueTask DisposeAsync()
    {
        await _beside.DisposeAsync();
        File.Delete(_path);
    }
}
