using Microsoft.AspNetCore.Antiforgery;
using Microsoft.AspNetCore.Http;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using RoundCrumb.Data.Storage;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Tests;

/// <summary>Whatever is thrown, a baker reads what happened to the work and what to do, and never a program’s word.</summary>
public class TroubleOfTests
{
    private static readonly string[] NoBakersWord = ["exception", "null", "stack", "error code", "sqlite", "database is", "entity"];

    public static TheoryData<string, Exception, int, string> Thrown => new()
    {
        { "the file is locked", new SqliteException("database is locked", 5), 503, "Another program keeps" },
        { "a table is locked", new SqliteException("database table is locked", 6), 503, "Another program keeps" },
        { "read only", new SqliteException("attempt to write a readonly database", 8), 503, "may only be read" },
        { "damaged", new SqliteException("malformed", 11), 503, "is damaged" },
        { "no file of ours", new SqliteException("file is not a database", 26), 503, "is damaged" },
        { "moved", new SqliteException("unable to open", 14), 503, "our.db" },
        { "full", new SqliteException("database or disk is full", 13), 503, "is full" },
        { "wrapped", new DbUpdateException("saving failed", new SqliteException("database is locked", 5)), 503, "Another program keeps" },
        { "changed elsewhere", new DbUpdateConcurrencyException("0 rows"), 409, "Somebody else changed" },
        { "a form that is old", new AntiforgeryValidationException("token"), 400, "Go back, and nothing is lost" },
        { "a file that is none", new InvalidDataException("zip"), 400, "Go back, and nothing is lost" },
        { "too large", new BadHttpRequestException("too large", StatusCodes.Status413PayloadTooLarge), 413, "up to 5 MB" },
        { "a bad request", new BadHttpRequestException("bad"), 400, "not one that this page understands" },
        { "anything else", new InvalidOperationException("Sequence contains no elements"), 500, "What you had saved is safe" },
        { "a rule that a row breaks", new SqliteException("constraint failed", 19), 500, "What you had saved is safe" },
    };

    [Theory]
    [MemberData(nameof(Thrown))]
    public void What_is_thrown_is_told_in_a_bakers_words(string what, Exception thrown, int status, string says)
    {
        var trouble = TroubleOf.Thrown(thrown, "/somewhere/our.db");
        trouble.Status.ShouldBe(status, what);
        trouble.Words.ShouldContain(says, customMessage: what);
        trouble.Words.ShouldNotContain(thrown.Message, customMessage: what);
        foreach (var word in NoBakersWord)
            $"{trouble.Heading} {trouble.Words}".ShouldNotContain(word, Case.Insensitive, what);
    }

    /// <summary>Every status that a page can come to has a heading of a few words and says what to do next.</summary>
    [Fact]
    public void Every_status_has_its_words()
    {
        for (var status = 400; status < 600; status++)
        {
            var trouble = TroubleOf.Code(status);
            trouble.Status.ShouldBeInRange(400, 599);
            trouble.Heading.Split(' ').Length.ShouldBeInRange(2, 7, trouble.Heading);
            trouble.Words.ShouldEndWith(".");
            foreach (var word in NoBakersWord)
                trouble.Words.ShouldNotContain(word, Case.Insensitive);
        }

        TroubleOf.Code(404).Status.ShouldBe(404);
        TroubleOf.Code(200).Status.ShouldBe(404);
        TroubleOf.Code(418).Status.ShouldBe(418);
        TroubleOf.Code(502).Status.ShouldBe(500);
    }

    /// <summary>Each thing that can be wrong with the file names it, says what was kept of it, and ends in its own exit code.</summary>
    [Fact]
    public void Each_trouble_with_the_file_names_it()
    {
        var all = Enum.GetValues<FileTroubleKind>().Select(k => new FileTrouble(k, "/somewhere/our.db")).ToList();
        all.ShouldAllBe(t => t.Says.Contains("our.db"));
        all.ShouldAllBe(t => t.Says.EndsWith('.'));
        all.Select(t => t.Says).ShouldBeUnique();
        all.Select(t => t.ExitCode).ShouldBeUnique();
        all.ShouldAllBe(t => t.ExitCode > 1 && t.ExitCode < 128);
    }
}
