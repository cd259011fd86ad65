using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Advice;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Core.Records;
using RoundCrumb.Core.Working;
using RoundCrumb.Data;
using RoundCrumb.Data.Bakes;
using RoundCrumb.Data.Demo;
using RoundCrumb.Data.Learning;
using RoundCrumb.Data.Pies;
using RoundCrumb.Data.Recipes;
using RoundCrumb.Data.Storage;
using RoundCrumb.Formats.Reading;

namespace RoundCrumb.Web.Tests;

/// <summary>What is kept, in a real SQLite file.</summary>
public sealed class DataTests : IAsyncLifetime
{
    private readonly DirectoryInfo _folder = Directory.CreateTempSubdirectory("roundcrumb-");

    private string File => Path.Combine(_folder.FullName, "deeper", "test.db");

    private static IReadOnlyList<RecipeLine> Read(string text) =>
        CompositionReader.Understood(new LineReader(IngredientFinder.Shipped, new()).ReadAll(text));

    public async ValueTask InitializeAsync()
    {
        await using var context = Open();
        await RoundCrumbFile.PrepareAsync(File, cancel: TestContext.Current.CancellationToken);
    }

    public ValueTask DisposeAsync()
    {
        SqliteConnection.ClearAllPools();
        _folder.Delete(recursive: true);
        return ValueTask.CompletedTask;
    }

    [Fact]
    public async Task The_file_writes_ahead_holds_to_its_keys_and_waits_for_others()
    {
        await using var context = Open();
        (await PragmaAsync(context, "journal_mode")).ShouldBe("wal");
        (await PragmaAsync(context, "foreign_keys")).ShouldBe("1");
        int.Parse(
            await PragmaAsync(context, "busy_timeout"), System.Globalization.CultureInfo.InvariantCulture)
            .ShouldBeGreaterThanOrEqualTo(1000);
    }

    [Fact]
    public async Task Preparing_a_file_twice_changes_nothing()
    {
        await using (var context = Open())
            await new PieShelf(context, TimeProvider.System).AddAsync("Kept", "pan=plate-23", TestContext.Current.CancellationToken);
        await using var again = Open();
        await RoundCrumbFile.PrepareAsync(File, cancel: TestContext.Current.CancellationToken);
        (await again.Pies.CountAsync(TestContext.Current.CancellationToken)).ShouldBe(1);
    }

    [Fact]
    public async Task The_demo_is_loaded_once_and_never_again_even_when_its_pies_are_gone()
    {
        await using var context = Open();
        (await DemoData.LoadAsync(context, TimeProvider.System, Read, TestContext.Current.CancellationToken)).ShouldBeTrue();
        (await DemoData.LoadAsync(context, TimeProvider.System, Read, TestContext.Current.CancellationToken)).ShouldBeFalse();
        await context.Bakes.ExecuteDeleteAsync(TestContext.Current.CancellationToken);
        await context.Pies.ExecuteDeleteAsync(TestContext.Current.CancellationToken);
        (await DemoData.LoadAsync(context, TimeProvider.System, Read, TestContext.Current.CancellationToken)).ShouldBeFalse();
    }

    [Fact]
    public async Task The_demos_own_parts_are_sound_and_their_pies_go_together()
    {
        var cancel = TestContext.Current.CancellationToken;
        await using var context = Open();
        await DemoData.LoadAsync(context, TimeProvider.System, Read, cancel);
        var cache = new RecipeCache();
        var box = new RecipeBox(
            context, new Larder(context, new Remembered<KnownIngredients>(), cache, TimeProvider.System), cache, TimeProvider.System);
        foreach (var part in await box.AllAsync(cancel))
        {
            foreach (var version in part.Versions)
            {
                new LineReader(IngredientFinder.Shipped, new(version.Cup, version.Egg)).ReadAll(version.Text, cancel)
                    .ShouldAllBe(l => l.IsWhole, part.Name);
                var recipe = (await box.RecipeAsync(OwnPartId.Of(part.Id, version.Number), cancel))!;
                recipe.Trouble.Exists.ShouldBeFalse(recipe.Trouble.Says);
                PartFacts.Of(recipe).Checks.ShouldAllBe(c => c.IsSound, part.Name);
            }
        }

        var pies = await context.Pies.Where(p => p.Address.Contains("=box-")).ToListAsync(cancel);
        pies.Count.ShouldBe(2);
        var book = PartBook.Shipped.With(await box.NamedInAsync(pies.Select(p => p.Address), cancel));
        foreach (var pie in pies)
        {
            var read = CompositionAddress.Read(pie.Address, book);
            read.Troubles.ShouldBeEmpty(pie.Name);
            Assessment.Of(read.Composition).Advice.ShouldAllBe(f => f.Severity > Severity.Disappoints, pie.Name);
        }
    }

    [Fact]
    public async Task The_demo_never_goes_over_a_bakers_own_pies()
    {
        await using var context = Open();
        await new PieShelf(context, TimeProvider.System).AddAsync("Mine", "pan=plate-23", TestContext.Current.CancellationToken);
        (await DemoData.LoadAsync(context, TimeProvider.System, Read, TestContext.Current.CancellationToken)).ShouldBeFalse();
        (await context.Pies.Select(p => p.Name).ToListAsync(TestContext.Current.CancellationToken)).ShouldBe(["Mine"]);
    }

    [Fact]
    public void Four_demo_pies_go_together_one_runs_over_and_one_goes_soggy()
    {
        var advice = DemoData.Pies.Select(p =>
        {
            var read = CompositionAddress.Read(p.Address);
            read.Troubles.ShouldBeEmpty(p.Name);
            return Assessment.Of(read.Composition).Advice;
        }).ToList();
        advice.Take(4).ShouldAllBe(found => found.All(f => f.Severity >= Severity.WorthKnowing));
        advice[4].ShouldContain(f => f.Rule.Id == "runs-over");
        advice[5].ShouldContain(f => f.Rule.Id == "unsealed");
    }

    [Fact]
    public async Task A_name_is_taken_whatever_its_case_and_free_again_after_deletion()
    {
        await using var context = Open();
        var shelf = new PieShelf(context, TimeProvider.System);
        var cancel = TestContext.Current.CancellationToken;
        var first = await shelf.AddAsync("Plum tart", "pan=tart-25", cancel);
        (await shelf.AddAsync("PLUM TART", "pan=tart-25", cancel)).Outcome.ShouldBe(KeepOutcome.NameTaken);
        await shelf.DeleteAsync(first.Pie!.Id, cancel);
        (await shelf.AddAsync("Plum tart", "pan=tart-25", cancel)).Outcome.ShouldBe(KeepOutcome.Kept);

        // Brought back, the first one finds its name taken and gets another.
        (await shelf.RestoreAsync(first.Pie.Id, cancel))!.Name.ShouldStartWith("Plum tart (");
        (await shelf.AllAsync(cancel)).Count.ShouldBe(2);
    }

    [Fact]
    public async Task A_change_over_somebody_elses_change_is_noticed()
    {
        var cancel = TestContext.Current.CancellationToken;
        await using var context = Open();
        var shelf = new PieShelf(context, TimeProvider.System);
        var pie = (await shelf.AddAsync("Pear tart", "pan=tart-25", cancel)).Pie!;
        (await shelf.ChangeAsync(pie.Id, 1, "Pear and cardamom tart", null, cancel)).Outcome.ShouldBe(KeepOutcome.Kept);
        (await shelf.ChangeAsync(pie.Id, 1, "Quince tart", null, cancel)).Outcome.ShouldBe(KeepOutcome.ChangedElsewhere);
        (await shelf.FindAsync(pie.Id, cancel))!.Name.ShouldBe("Pear and cardamom tart");
    }

    [Fact]
    public async Task Copies_get_the_next_free_name_and_long_names_still_fit()
    {
        var cancel = TestContext.Current.CancellationToken;
        await using var context = Open();
        var shelf = new PieShelf(context, TimeProvider.System);
        var pie = (await shelf.AddAsync(new string('p', SavedPie.LongestName), "pan=tart-25", cancel)).Pie!;
        var copy = (await shelf.DuplicateAsync(pie.Id, cancel))!;
        copy.Name.Length.ShouldBe(SavedPie.LongestName);
        copy.Name.ShouldEndWith(" 2");
        copy.Address.ShouldBe(pie.Address);
        (await shelf.DuplicateAsync(pie.Id, cancel))!.Name.ShouldEndWith(" 3");
    }

    [Fact]
    public async Task A_log_comes_back_as_it_was_written_and_is_not_written_over_unseen()
    {
        var cancel = TestContext.Current.CancellationToken;
        await using var context = Open();
        var book = new BakeBook(context, new(context), new LearningBook(context, new(), new(), TimeProvider.System), TimeProvider.System);
        var bake = await book.StartAsync("Malt pie", "pan=plate-23", 2, cancel);
        var entry = new BakeEntry
        {
            OvenSet = new(220),
            StageMinutes = new Dictionary<RoundCrumb.Core.BlindBaking.StageKind,
            double>
            { [RoundCrumb.Core.BlindBaking.StageKind.Weighted] = 17.5 },
            FromPot = new(1400),
            Set = SetVerdict.Clean,
            Notes = "Rim ran ahead.",
        };
        (await book.WriteAsync(bake.Id, entry, 0, cancel)).ShouldBeTrue();
        (await book.WriteAsync(bake.Id, entry with { Notes = "Other window." }, 0, cancel)).ShouldBeFalse();
        var back = BakeBook.EntryOf((await book.FindAsync(bake.Id, cancel))!.Log);
        (back.OvenSet, back.OvenRead, back.StageMinutes[RoundCrumb.Core.BlindBaking.StageKind.Weighted], back.FromPot, back.Set, back.Notes)
            .ShouldBe((entry.OvenSet, null, 17.5, entry.FromPot, SetVerdict.Clean, "Rim ran ahead."));
    }

    [Fact]
    public async Task A_tick_twice_is_one_tick()
    {
        var cancel = TestContext.Current.CancellationToken;
        await using var context = Open();
        var book = new BakeBook(context, new(context), new LearningBook(context, new(), new(), TimeProvider.System), TimeProvider.System);
        var bake = await book.StartAsync("Malt pie", "pan=plate-23", 1, cancel);
        await book.TickAsync(bake.Id, "crust.butter", true, cancel);
        await book.TickAsync(bake.Id, "crust.butter", true, cancel);
        (await book.FindAsync(bake.Id, cancel))!.Ticks.ShouldHaveSingleItem();
        await book.TickAsync(bake.Id, "crust.butter", false, cancel);
        (await book.FindAsync(bake.Id, cancel))!.Ticks.ShouldBeEmpty();
    }

    private RoundCrumbContext Open() =>
        new((DbContextOptions<RoundCrumbContext>)new DbContextOptionsBuilder<RoundCrumbContext>().UseRoundCrumbFile(File).Options);

    private static async Task<string> PragmaAsync(RoundCrumbContext context, string name)
    {
        await context.Database.OpenConnectionAsync(TestContext.Current.CancellationToken);
        await using var command = context.Database.GetDbConnection().CreateCommand();
#pragma warning disable CA2100 // The name is one of three constants above.
        command.CommandText = "PRAGMA " + name;
#pragma warning restore CA2100
        return Convert.ToString(
            await command.ExecuteScalarAsync(TestContext.Current.CancellationToken), System.Globalization.CultureInfo.InvariantCulture)!;
    }
}
