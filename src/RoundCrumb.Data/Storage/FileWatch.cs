using System.Data.Common;
using System.Runtime.InteropServices;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore.Diagnostics;

namespace RoundCrumb.Data.Storage;

/// <summary>
/// Sees to it that nothing is said to be kept that is not: whenever the file is turned to, it must still be the one that
/// was opened. (A file that is deleted under an open connection goes on taking writes, and they are gone with it.)
/// </summary>
/// <param name="path">The file.</param>
internal sealed class FileWatch(string path) : DbConnectionInterceptor
{
    private const string Pragma = "PRAGMA busy_timeout=5000;";

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
        if (!HasMoved(connection))
            return;
        connection.Close();
        throw new FileTroubleException(new(FileTroubleKind.Moved, path));
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
