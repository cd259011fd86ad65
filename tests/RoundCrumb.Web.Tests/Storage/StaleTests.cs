using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;
using RoundCrumb.Application.Learning;
using RoundCrumb.Application.Pairing;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Pairing;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Data;
using RoundCrumb.Data.Recipes;
using RoundCrumb.Data.Storage;

namespace RoundCrumb.Web.Tests.Storage;

/// <summary>What is remembered is never older than what is kept, however changes and readers meet.</summary>
public sealed class StaleTests : IAsyncDisposable
{
    private readonly Kitchen _kitchen = new(demo: false);

    public StaleTests() => _ = _kitchen.Baker();

    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    public ValueTask DisposeAsync() => _kitchen.DisposeAsync();

    private async Task<T> InAsync<T>(Func<IServiceProvider, Task<T>> ask)
    {
        await using var scope = _kitchen.Services.CreateAsyncScope();
        return await ask(scope.ServiceProvider);
    }

    private static PartDraft Custard(string name, double starch) =>
        new(
            PartKind.Filling, name, "", "starch-custard", "",
            [new(Pantry.Milk, 500), new(Pantry.Cornflour, starch), new(Pantry.CasterSugar, 100)], "", default, default, new());

    private Task<Part> AddAsync(PartDraft draft) =>
        InAsync(async s => (await s.GetRequiredService<RecipeBox>().AddAsync(draft, Cancel)).Part!);

    [Fact]
    public async Task The_pairing_board_has_the_part_as_it_is_now_and_the_same_board_while_nothing_changes()
    {
        var part = await AddAsync(Custard("House custard", 12));
        var before = await BoardAsync();
        (await BoardAsync()).ShouldBeSameAs(before);

        // 12 g of starch to 500 g of milk runs off the slice, 45 g cuts clean. Nothing uses it, so it is the same version still.
        var draft = Custard("House custard", 45);
        var kept = await InAsync(s => s.GetRequiredService<RecipeBox>().ChangeAsync(part.Id, part.Stamp, draft, Cancel));
        kept.IsNewVersion.ShouldBeFalse();
        var after = await BoardAsync();
        Best(after).ShouldBeGreaterThan(Best(before));

        double Best(Board board) =>
            board.Cells.SelectMany(r => r).Where(c => c.Filling.Id == OwnPartId.Of(part.Id, 1)).Max(c => c.Score.Points);

        Task<Board> BoardAsync() => InAsync(async s =>
        {
            var reader = s.GetRequiredService<CompositionReader>();
            var book = await reader.OfferedAsync("", Cancel);
            var pie = Core.Composing.Composition.Usual;
            return s.GetRequiredService<BoardKeeper>().Of(
                new Wish(pie.Pan, pie.Occasion), [.. book.Crusts.Take(2)], book.Fillings, book.Own, await reader.KitchenAsync(Cancel));
        });
    }

    [Fact]
    public async Task Parts_come_in_the_order_in_which_they_are_asked_for_whatever_is_remembered()
    {
        var ids = new List<string>();
        foreach (var name in (string[])["First", "Second", "Third"])
            ids.Add(OwnPartId.Of((await AddAsync(Custard(name, 40))).Id, 1));
        await InAsync(s => s.GetRequiredService<RecipeBox>().RecipesAsync([ids[2]], Cancel));
        var found = await InAsync(s => s.GetRequiredService<RecipeBox>().RecipesAsync([ids[1], "box-99-1", ids[2], ids[0]], Cancel));
        found.Select(r => r.Name).ShouldBe(["Second", "Third", "First"]);
    }

    [Fact]
    public async Task What_was_read_while_a_change_was_under_way_is_not_kept_after_it()
    {
        await InAsync(s => s.GetRequiredService<AllOrNothing>().RunAsync(
            async () =>
            {
                await s.GetRequiredService<Larder>().RememberAsync("lock flour", Pantry.PlainFlour.Id, Cancel);

                // Somebody else looks just now, and sees it as it was: the change is not kept yet.
                (await KnownAsync()).Remembered.ShouldNotContainKey("lock flour");
                return true;
            },
            Cancel));
        (await KnownAsync()).Remembered.ShouldContainKeyAndValue("lock flour", Pantry.PlainFlour.Id);
    }

    [Fact]
    public async Task What_a_change_read_of_itself_goes_with_it_when_it_is_not_kept()
    {
        await Should.ThrowAsync<InvalidOperationException>(() => InAsync(s => s.GetRequiredService<AllOrNothing>().RunAsync<bool>(
            async () =>
            {
                var larder = s.GetRequiredService<Larder>();
                await larder.RememberAsync("lock flour", Pantry.PlainFlour.Id, Cancel);
                (await larder.KnownAsync(Cancel)).Remembered.ShouldContainKey("lock flour");
                throw new InvalidOperationException("not kept");
            },
            Cancel)));
        (await KnownAsync()).Remembered.ShouldNotContainKey("lock flour");
    }

    [Fact]
    public async Task A_part_that_was_not_kept_leaves_nothing_to_the_next_one_that_has_its_number()
    {
        await Should.ThrowAsync<InvalidOperationException>(() => InAsync(s => s.GetRequiredService<AllOrNothing>().RunAsync<bool>(
            async () =>
            {
                var box = s.GetRequiredService<RecipeBox>();
                var part = (await box.AddAsync(Custard("Not kept", 12), Cancel)).Part!;
                (await box.RecipeAsync(OwnPartId.Of(part.Id, 1), Cancel))!.Name.ShouldBe("Not kept");
                throw new InvalidOperationException("not kept");
            },
            Cancel)));
        var next = await AddAsync(Custard("Kept", 45));
        var read = await InAsync(s => s.GetRequiredService<RecipeBox>().RecipeAsync(OwnPartId.Of(next.Id, 1), Cancel));
        (next.Id, read!.Name).ShouldBe((1, "Kept"));
    }

    private Task<KnownIngredients> KnownAsync() => InAsync(s => s.GetRequiredService<Larder>().KnownAsync(Cancel));

    [Fact]
    public async Task Moments_lie_in_the_order_in_which_they_were_wherever_their_clocks_hung()
    {
        // Eight in the morning five hours east is three in the morning in UTC, before four.
        const string Log = """
            Made,Composition
            2026-11-01T08:00:00+05:00,pan=plate-23
            2026-11-01T04:00:00Z,pan=plate-23
            2026-11-01T01:30:00-03:00,pan=plate-23
            """;
        var taken = await InAsync(s => s.GetRequiredService<LogTransfer>().TakeInAsync(Log, Cancel));
        (taken.Trouble, taken.Taken).ShouldBe(("", 3));
        var made = await InAsync(
            s => s.GetRequiredService<RoundCrumbContext>().Bakes.OrderBy(b => b.MadeAt).Select(b => b.MadeAt).ToListAsync(Cancel));
        made.Select(m => m.UtcDateTime.TimeOfDay.TotalHours).ShouldBe([3, 4, 4.5]);
        made.ShouldAllBe(m => m.Offset == TimeSpan.Zero);
    }

    [Fact]
    public async Task A_moment_that_was_kept_with_an_offset_is_the_same_moment_still()
    {
        // As it was written once: ticks of the clock on the wall, and the minutes that it was ahead.
        var wall = new DateTime(2026, 11, 1, 8, 0, 0, DateTimeKind.Unspecified);
        var kept = ((wall.Ticks / 1000) << 11) | 300;
        var read = await InAsync(async s =>
        {
            var context = s.GetRequiredService<RoundCrumbContext>();
            await context.Database.ExecuteSqlAsync(
                $"INSERT INTO Pies (Name, NameKey, Address, Tags, SavedAt, Version) VALUES ('Old', 'old', 'pan=plate-23', '', {kept}, 1)",
                Cancel);
            return (await context.Pies.SingleAsync(Cancel)).SavedAt;
        });
        read.ShouldBe(new DateTimeOffset(wall, TimeSpan.FromHours(5)));
    }
}
