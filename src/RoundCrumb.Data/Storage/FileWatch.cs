using System.Data.Common;
using System.Runtime.InteropServices;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore.Diagnostics;

namespace RoundCrumb.Data.Storage;

/// <summary>
/// Sees to it that nothing is said to be kept that is not: whenever the file is turned to, it must still be the one that
/// was opened. (A file that is deleted under an open connection goes on taking writes, and they are gone with it; and a
/// connection that is opened afresh, since idle ones are closed after a while, would take another file in its place for it.
/// So one connection, opened with the first, stays open as a witness.)
/// </summary>
/// <param name="path">The file.</param>
internal sealed class FileWatch(string path) : DbConnectionInterceptor, IDisposable
{
    private const string Pragma = "PRAGMA busy_timeout=5000;";

    private readonly Lock _gate = new();
    private SqliteConnection? _witness;

    public void Dispose() => _witness?.Dispose();

    public override void ConnectionOpened(DbConnection connection, ConnectionEndEventData eventData)
    {
        MustBeThere((SqliteConnection)connection);
        using var command = connection.CreateCommand();
        command.CommandText = Pragma;
        command.ExecuteNonQuery();
    }

    public override async Task ConnectionOpenedAsync(
        DbConnection connection, ConnectionEndEventData eventData, CancellationToken cancellationToken = default)
    {
        MustBeThere((SqliteConnection)connection);
        var command = connection.CreateCommand();
        await using (command.ConfigureAwait(false))
        {
            command.CommandText = Pragma;
            await command.ExecuteNonQueryAsync(cancellationToken).ConfigureAwait(false);
        }
    }

    private void MustBeThere(SqliteConnection connection)
    {
        if (!HasMoved(connection) && !HasMoved(Witness()))
            return;
        connection.Close();
        throw new FileTroubleException(new(FileTroubleKind.Moved, path));
    }

    private SqliteConnection Witness()
    {
        lock (_gate)
        {
            if (_witness is null)
            {
                _witness = new(RoundCrumbFile.ConnectionTo(path, pooled: false, SqliteOpenMode.ReadWrite));
                _witness.Open();
            }

            return _witness;
        }
    }

    /// <summary>True when the path no longer leads to the file that a connection has open.</summary>
    private static bool HasMoved(SqliteConnection connection)
    {
        const int HasMovedCode = 20;
        var moved = 0;
        return connection.Handle is { IsInvalid: false } handle
            && NativeMethods.sqlite3_file_control(
                handle.DangerousGetHandle(), "main\0"u8.ToArray(), HasMovedCode, ref moved) == SQLitePCL.raw.SQLITE_OK
                && moved != 0;
    }

    private static class NativeMethods
    {
        [DllImport("e_sqlite3", ExactSpelling = true)]
        [DefaultDllImportSearchPaths(DllImportSearchPath.AssemblyDirectory | DllImportSearchPath.SafeDirectories)]
        internal static extern int sqlite3_file_control(IntPtr db, byte[] name, int code, ref int answer);
    }
}
