using Microsoft.Data.Sqlite;
using RoundCrumb.Data.Storage;

namespace RoundCrumb.Web.Tests.Storage;

/// <summary>Files that cannot be kept in: one clear sentence, an exit code, and not a byte written.</summary>
public sealed class BadFileTests : IDisposable
{
    private readonly DirectoryInfo _folder = Directory.CreateTempSubdirectory("roundcrumb-bad-");

    private string File => Path.Combine(_folder.FullName, "kitchen.db");

    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    public void Dispose()
    {
        SqliteConnection.ClearAllPools();
        _folder.Delete(recursive: true);
    }

    [Fact]
    public Task A_folder() => RefusedAsync(FileTroubleKind.Folder, () => Directory.CreateDirectory(File));

    [Fact]
    public Task A_text() =>
        RefusedAsync(
            FileTroubleKind.NotADatabase,
            () => System.IO.File.WriteAllText(File, "200 g plain flour, and a good deal more than sixteen bytes"));

    [Fact]
    public Task A_few_bytes() => RefusedAsync(FileTroubleKind.NotADatabase, () => System.IO.File.WriteAllText(File, "pie"));

    [Fact]
    public async Task A_file_cut_short()
    {
        await GoodAsync();
        await RefusedAsync(FileTroubleKind.Damaged, () =>
        {
            using var stream = System.IO.File.OpenWrite(File);
            stream.SetLength(stream.Length / 2);
        });
    }

    [Fact]
    public async Task A_file_with_a_hole_in_it()
    {
        await GoodAsync();
        await RefusedAsync(FileTroubleKind.Damaged, () =>
        {
            using var stream = System.IO.File.OpenWrite(File);
            stream.Position = 4096;
            stream.Write(Enumerable.Repeat((byte)0xA5, 8192).ToArray());
        });
    }

    [Fact]
    public async Task A_file_that_may_only_be_read()
    {
        await GoodAsync();
        await RefusedAsync(FileTroubleKind.ReadOnly, () => System.IO.File.SetAttributes(File, FileAttributes.ReadOnly));
    }

    [Fact]
    public Task Another_programs_database() =>
        RefusedAsync(
            FileTroubleKind.Foreign,
            () => Execute("CREATE TABLE Invoices (Id INTEGER PRIMARY KEY, Sum REAL); INSERT INTO Invoices (Sum) VALUES (12.5);"));

    [Fact]
    public Task Another_programs_database_with_migrations_of_its_own() => RefusedAsync(FileTroubleKind.Foreign, () => Execute(
        "CREATE TABLE __EFMigrationsHistory (MigrationId TEXT PRIMARY KEY, ProductVersion TEXT NOT NULL); INSERT INTO "
            + "__EFMigrationsHistory VALUES ('20200101000000_Start', '5.0.0'); CREATE TABLE Invoices (Id INTEGER);"));

    [Fact]
    public async Task A_file_of_a_newer_version()
    {
        await GoodAsync();
        await RefusedAsync(
            FileTroubleKind.Newer,
            () => Execute("INSERT INTO __EFMigrationsHistory VALUES ('29990101000000_Later', '99.0.0'); PRAGMA journal_mode=DELETE;"));
    }

    [Fact]
    public async Task A_full_disk()
    {
        using var disk = SmallDisk.OfKilobytes(96);
        disk.Fill(4096);
        using var running = new Running(Path.Combine(disk.Folder, "kitchen.db"));
        var (code, says) = await running.EndAsync();
        code.ShouldBe(FileTrouble.FirstExitCode + (int)FileTroubleKind.NoRoom);
        Sentence(says, Path.Combine(disk.Folder, "kitchen.db"));
    }

    [Fact]
    public async Task A_file_that_another_is_running_with()
    {
        using var first = new Running(File);
        await first.AddressAsync(TimeSpan.FromSeconds(60));
        using var second = new Running(File);
        var (code, says) = await second.EndAsync();
        code.ShouldBe(FileTrouble.FirstExitCode + (int)FileTroubleKind.InUse);
        Sentence(says, File);

        // Once the first has gone, however it went, the file is free.
        first.Kill();
        using var third = new Running(File);
        await third.AddressAsync(TimeSpan.FromSeconds(60));
    }

    private async Task GoodAsync()
    {
        await RoundCrumbFile.PrepareAsync(File, cancel: Cancel);
        await RoundCrumbFile.TidyAsync(File, Cancel);
        SqliteConnection.ClearAllPools();
    }

    private void Execute(string words)
    {
        using var connection = new SqliteConnection($"Data Source={File};Pooling=false");
        connection.Open();
        using var command = connection.CreateCommand();
#pragma warning disable CA2100 // The words are those of the tests above.
        command.CommandText = words;
#pragma warning restore CA2100
        command.ExecuteNonQuery();
    }

    private async Task RefusedAsync(FileTroubleKind kind, Action make)
    {
        make();
        var before = Everything();
        using var running = new Running(File);
        var (code, says) = await running.EndAsync();
        code.ShouldBe(FileTrouble.FirstExitCode + (int)kind, says);
        Sentence(says, File);
        Everything().ShouldBe(before);
    }

    private static void Sentence(string says, string file)
    {
        says.ShouldContain(file);
        says.ShouldNotContain("   at ");
        says.ShouldNotContain("Exception");
        says.Split('\n').Length.ShouldBe(1, says);
        says.ShouldEndWith(".");
    }

    /// <summary>Every file in the folder with all that is in it.</summary>
    private List<string> Everything() =>
        [
            .. _folder.EnumerateFileSystemInfos("*", SearchOption.AllDirectories).OrderBy(f => f.FullName, StringComparer.Ordinal)
                .Select(
                    f =>
                        f.FullName + " "
                            + (
                                f is FileInfo file
                                    ? Convert.ToHexString(
                                        System.Security.Cryptography.SHA256.HashData(System.IO.File.ReadAllBytes(file.FullName)))
                                    : "folder"))
        ];
}

/// <summary>A disk so small that it fills up: memory, mounted. Tests that want one are skipped where mounting is not allowed.</summary>
public sealed class SmallDisk : IDisposable
{
    private SmallDisk(string folder) => Folder = folder;

    public string Folder { get; }

    public static SmallDisk OfKilobytes(int size)
    {
        var folder = Directory.CreateTempSubdirectory("roundcrumb-disk-").FullName;
        if (Run("mount", "-t", "tmpfs", "-o", $"size={size}k", "tmpfs", folder) != 0)
        {
            Directory.Delete(folder);
            Assert.Skip("A disk of its own may not be mounted here.");
        }

        return new(folder);
    }

    /// <summary>Fills it but for so many bytes.</summary>
    public void Fill(long but = 0)
    {
        var left = new DriveInfo(Folder).AvailableFreeSpace - but;
        if (left > 0)
            System.IO.File.WriteAllBytes(Path.Combine(Folder, "flour"), new byte[left]);
    }

    /// <summary>Makes room again.</summary>
    public void Free() => System.IO.File.Delete(Path.Combine(Folder, "flour"));

    public void Dispose()
    {
        Run("umount", "-l", Folder);
        Directory.Delete(Folder, recursive: true);
    }

    private static int Run(string program, params string[] words)
    {
        try
        {
            using var process = System.Diagnostics.Process.Start(
                new System.Diagnostics.ProcessStartInfo(program, words) { RedirectStandardError = true })!;
            process.WaitForExit();
            return process.ExitCode;
        }
        catch (System.ComponentModel.Win32Exception)
        {
            return -1;
        }
    }
}
