using System.Net;
using System.Net.Http.Json;
using Microsoft.AspNetCore.Diagnostics;
using Microsoft.AspNetCore.Http;
using Microsoft.Data.Sqlite;
using Microsoft.Extensions.DependencyInjection;
using RoundCrumb.Application.Bench;
using RoundCrumb.Application.Photographs;
using RoundCrumb.Data.Storage;
using RoundCrumb.Web.Hosting;
using SkiaSharp;

namespace RoundCrumb.Web.Tests.Hostile;

/// <summary>More than is meant, sent at once: it waits, is bounded, or is refused in words that fit.</summary>
public sealed class LimitsTests
{
    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    [Theory]
    [InlineData("scale\u0007")]
    [InlineData("\u202Eelacs")] // turns the writing round
    [InlineData("sc\u200Bale")] // a gap that cannot be seen
    [InlineData("scale\u2028two")]
    [InlineData("scale\uFFFD")]
    public async Task A_device_is_called_what_can_be_seen(string name)
    {
        await using var kitchen = new Kitchen(demo: false);
        using var answer = await kitchen.Baker().PostAsJsonAsync(
            "/api/v1/readings", new { device = name, quantity = "weight", value = 412.5, unit = "g" }, Cancel);
        answer.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        (await answer.TextAsync()).ShouldContain("that can be seen");
        kitchen.Services.GetRequiredService<ReadingDoor>().Last.ShouldBeEmpty();
    }

    [Fact]
    public async Task No_more_devices_are_remembered_than_may_be_however_many_send_at_once()
    {
        await using var kitchen = new Kitchen(demo: false);
        _ = kitchen.Baker();
        var door = kitchen.Services.GetRequiredService<ReadingDoor>();
        Parallel.For(
            0, 400, i => door.Take(new($"scale {i}", DeviceQuantity.Weight, i, "g", null), out _).ShouldNotBeNull());
        door.Last.Count.ShouldBe(ReadingDoor.MostDevices);
    }

    [Fact]
    public async Task Thirty_photographs_at_once_are_opened_two_at_a_time()
    {
        using var bitmap = new SKBitmap(new SKImageInfo(400, 300));
        var jpeg = bitmap.Encode(SKEncodedImageFormat.Jpeg, 90).ToArray();
        using var desk = new PhotographDesk();
        var (open, most) = (0, 0);
        var made = await Task.WhenAll(Enumerable.Range(0, 30).Select(_ => desk.MakeAsync(
            jpeg.Length,
            async stream =>
            {
                most = Math.Max(most, Interlocked.Increment(ref open));
                await Task.Yield();
                await stream.WriteAsync(jpeg, Cancel);
                Interlocked.Decrement(ref open);
            },
            Cancel)));
        made.ShouldAllBe(m => m.Photo != null && m.Trouble.Length == 0);
        most.ShouldBeInRange(1, 2);
    }

    /// <summary>6,000 by 5,000 pixels: as JPEG it is made smaller while it is opened, as PNG it would take 120 MB.</summary>
    [Fact]
    public void What_cannot_be_made_smaller_while_it_is_opened_may_be_less_large()
    {
        using var large = new SKBitmap(new SKImageInfo(6000, 5000, SKColorType.Gray8));
        Photograph.Make(large.Encode(SKEncodedImageFormat.Png, 90).ToArray(), out var png).ShouldBeNull();
        png.ShouldContain("send it smaller, or as JPEG");
        var photo = Photograph.Make(large.Encode(SKEncodedImageFormat.Jpeg, 90).ToArray(), out var jpeg).ShouldNotBeNull(jpeg);
        (photo.Width, photo.Height).ShouldBe((1600, 1333));
    }

    [Fact]
    public async Task What_is_too_large_is_refused_as_what_it_was()
    {
        await using var kitchen = new Kitchen(demo: false);
        _ = kitchen.Baker();
        await using var scope = kitchen.Services.CreateAsyncScope();
        var thrown = new BadHttpRequestException("too large", StatusCodes.Status413PayloadTooLarge);
        var log = kitchen.Services.GetRequiredService<Microsoft.AspNetCore.Routing.EndpointDataSource>().Endpoints
            .First(e => e.Metadata.GetMetadata<TooLargeAttribute>() is not null);
        log.DisplayName!.ShouldContain("/Bakes/Log");
        var context = new DefaultHttpContext { RequestServices = scope.ServiceProvider };
        context.Features.Set<IExceptionHandlerPathFeature>(new ExceptionHandlerFeature { Error = thrown, Endpoint = log, Path = "/" });
        var trouble = TroubleOf.Thrown(thrown, context);
        (trouble.Status, trouble.Heading).ShouldBe((413, "That photograph is too large"));
        trouble.Words.ShouldContain("larger than 15 MB");
        trouble.Words.ShouldNotContain("recipe");
        context.Features.Set<IExceptionHandlerPathFeature>(null);
        TroubleOf.Thrown(thrown, context).Words.ShouldContain("5 MB can be taken");
    }

    [Fact]
    public async Task What_is_locked_by_ourselves_is_not_blamed_on_another_program()
    {
        var locked = new SqliteException("database is locked", 5);
        await using var kitchen = new Kitchen(demo: false);
        TroubleOf.Thrown(locked, kitchen.File).Words.ShouldContain("Another program");
        _ = kitchen.Baker();
        await using var scope = kitchen.Services.CreateAsyncScope();
        await scope.ServiceProvider.GetRequiredService<AllOrNothing>().RunAsync(
            () =>
            {
                var trouble = TroubleOf.Thrown(locked, kitchen.File);
                trouble.Status.ShouldBe(503);
                trouble.Words.ShouldNotContain("nother program");
                return Task.FromResult(true);
            },
            Cancel);
    }
}
