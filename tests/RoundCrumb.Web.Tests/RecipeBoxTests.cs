using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Data;
using RoundCrumb.Data.Pies;
using RoundCrumb.Data.Recipes;
using RoundCrumb.Data.Storage;

namespace RoundCrumb.Web.Tests;

/// <summary>The recipe box in a real SQLite file: versions, names, undo, search.</summary>
public sealed class RecipeBoxTests : IAsyncLifetime
{
    private readonly DirectoryInfo _folder = Directory.CreateTempSubdirectory("roundcrumb-");
    private readonly Remembered<KnownIngredients> _larder = new();
    private readonly RecipeCache _recipes = new();

    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    private string File => Path.Combine(_folder.FullName, "test.db");

    public async ValueTask InitializeAsync()
    {
        await using var context = Open();
        await RoundCrumbFile.PrepareAsync(File, cancel: Cancel);
        await new Search(context).IndexShippedAsync(Cancel);
    }

    public ValueTask DisposeAsync()
    {
        SqliteConnection.ClearAllPools();
        _folder.Delete(recursive: true);
        return ValueTask.CompletedTask;
    }

    [Fact]
    public async Task Editing_an_unused_part_changes_it_and_editing_one_in_a_pie_makes_a_version_that_the_pie_does_not_see()
    {
        await using var context = Open();
        var box = Box(context);
        var part = (await box.AddAsync(Custard("Tea custard", 40), Cancel)).Part!;
        (await box.ChangeAsync(part.Id, 1, Custard("Tea custard", 42), Cancel)).IsNewVersion.ShouldBeFalse();
        (await box.RecipesAsync([OwnPartId.Of(part.Id, 1)], Cancel)).Single().Lines[1].Grams.ShouldBe(42);

        var shelf = new PieShelf(context, TimeProvider.System);
        var pie = (
            await shelf.AddAsync("Tea pie", $"pan=plate-23&crust=butter-flaky&fill={OwnPartId.Of(part.Id, 1)}&top=none", Cancel)).Pie!;
        var changed = await box.ChangeAsync(part.Id, 2, Custard("Tea custard", 50), Cancel);
        changed.IsNewVersion.ShouldBeTrue();
        changed.Part!.Current.ShouldBe(2);
        (await box.RecipesAsync([OwnPartId.Of(part.Id, 1)], Cancel)).Single().Lines[1].Grams.ShouldBe(42);
        (await box.RecipesAsync([OwnPartId.Of(part.Id, 2)], Cancel)).Single().Lines[1].Grams.ShouldBe(50);
        (await box.PiesUsingAsync(part.Id, Cancel)).Select(p => (p.Pie.Id, p.Version)).ShouldBe([(pie.Id, 1)]);

        // The baker moves it; version 1 is then free.
        (await box.MovePieAsync(pie.Id, part.Id, 2, Cancel)).ShouldBeTrue();
        (await shelf.FindAsync(pie.Id, Cancel))!.Address.ShouldContain($"fill={OwnPartId.Of(part.Id, 2)}&top=none");
        (await box.MovePieAsync(pie.Id, part.Id, 9, Cancel)).ShouldBeFalse();
    }

    [Fact]
    public async Task A_part_of_the_bakers_own_lies_beneath_a_filling_and_moves_with_its_versions()
    {
        await using var context = Open();
        var box = Box(context);
        var part = (await box.AddAsync(Custard("Tea custard", 40), Cancel)).Part!;
        var shelf = new PieShelf(context, TimeProvider.System);
        var own = OwnPartId.Of(part.Id, 1);
        var pie = (
            await shelf.AddAsync(
                "Two layers", $"pan=springform-20&crust=plain-crumb&under1={own}&under1-high=8&fill=lemon-cheese&line=20&top=none", Cancel))
            .Pie!;
        var book = Core.Recipes.PartBook.Shipped.With(await box.NamedInAsync([pie.Address], Cancel));
        var read = Core.Composing.CompositionAddress.Read(pie.Address, book);
        read.Troubles.ShouldBeEmpty();
        read.Composition.Under[0].Name.ShouldBe("Tea custard");

        (await box.ChangeAsync(part.Id, 1, Custard("Tea custard", 50), Cancel)).IsNewVersion.ShouldBeTrue();
        (await box.PiesUsingAsync(part.Id, Cancel)).Select(p => (p.Pie.Id, p.Version)).ShouldBe([(pie.Id, 1)]);
        (await box.MovePieAsync(pie.Id, part.Id, 2, Cancel)).ShouldBeTrue();
        (await shelf.FindAsync(pie.Id, Cancel))!.Address.ShouldContain($"under1={OwnPartId.Of(part.Id, 2)}&");
    }

    [Fact]
    public async Task A_version_that_an_order_of_a_day_is_made_of_stays_as_it_was_ordered()
    {
        await using var context = Open();
        var box = Box(context);
        var part = (await box.AddAsync(Custard("Tea custard", 40), Cancel)).Part!;
        var days = new Data.Days.DayBook(context, TimeProvider.System);
        var day = await days.AddAsync("Saturday", new(2027, 3, 6), 1, Cancel);
        var address = $"pan=plate-23&crust=plain-crumb&fill={OwnPartId.Of(part.Id, 1)}&top=none";
        await days.ChangeAsync(
            day.Id, d => d.Orders.Add(new() { Name = "Tea pie", Address = address, Count = 2, Due = new(2027, 3, 6, 12, 0, 0) }), Cancel);
        (await box.ChangeAsync(part.Id, 1, Custard("Tea custard", 90), Cancel)).IsNewVersion.ShouldBeTrue();
        (await box.RecipesAsync([OwnPartId.Of(part.Id, 1)], Cancel)).Single().Lines.ShouldContain(l => l.Grams == 40);
    }

    [Fact]
    public async Task A_line_whose_ingredient_is_gone_is_said_and_never_passed_over()
    {
        await using var context = Open();
        var box = Box(context);
        var part = (await box.AddAsync(Custard("Tea custard", 40), Cancel)).Part!;
        await context.PartVersions.ExecuteUpdateAsync(
            v => v.SetProperty(x => x.Lines, x => x.Lines.Replace("cornflour", "own-gone")), Cancel);
        var recipe = RecipeBox.ToRecipe(
            part, (await box.FindAsync(part.Id, cancel: Cancel))!.Versions.Single(),
            await new Larder(context, _larder, _recipes, TimeProvider.System).KnownAsync(Cancel));
        recipe.Trouble.Says.ShouldContain("own-gone");
        recipe.AsFilling().ShouldNotBeNull();
        Core.Recipes.PartBook.Shipped.With([recipe]).Filling(recipe.Id).ShouldBeNull();
    }

    [Fact]
    public async Task A_new_name_or_tag_alone_makes_no_version()
    {
        await using var context = Open();
        var box = Box(context);
        var part = (await box.AddAsync(Custard("Tea custard", 40), Cancel)).Part!;
        await new PieShelf(context, TimeProvider.System).AddAsync(
            "Tea pie", $"pan=plate-23&fill={OwnPartId.Of(part.Id, 1)}&top=none", Cancel);
        (await box.ChangeAsync(part.Id, 1, Custard("Smoky tea custard", 40) with { Tags = "autumn" }, Cancel)).IsNewVersion.ShouldBeFalse();
        (await box.RecipesAsync([OwnPartId.Of(part.Id, 1)], Cancel)).Single().Name.ShouldBe("Smoky tea custard");
    }

    [Fact]
    public async Task A_stale_form_a_taken_name_and_a_deleted_part_are_told_apart()
    {
        await using var context = Open();
        var box = Box(context);
        var part = (await box.AddAsync(Custard("Tea custard", 40), Cancel)).Part!;
        (await box.AddAsync(Custard("TEA CUSTARD", 40), Cancel)).Outcome.ShouldBe(KeepOutcome.NameTaken);
        (
            await box.AddAsync(Custard("Tea custard", 40) with { Kind = PartKind.Topping, FamilyId = "whipped-cream" }, Cancel))
            .Outcome.ShouldBe(KeepOutcome.Kept);
        await box.ChangeAsync(part.Id, 1, Custard("Tea custard", 41), Cancel);
        (await box.ChangeAsync(part.Id, 1, Custard("Tea custard", 42), Cancel)).Outcome.ShouldBe(KeepOutcome.ChangedElsewhere);
        await box.DeleteAsync(part.Id, Cancel);
        (await box.ChangeAsync(part.Id, 3, Custard("Tea custard", 42), Cancel)).Outcome.ShouldBe(KeepOutcome.Gone);

        // Undone under another name when its own has been taken meanwhile; the pies that use it never noticed.
        (await box.RecipesAsync([OwnPartId.Of(part.Id, 1)], Cancel)).ShouldHaveSingleItem();
        await box.AddAsync(Custard("Tea custard", 1), Cancel);
        (await box.RestoreAsync(part.Id, Cancel))!.Name.ShouldBe("Tea custard (back 2)");
    }

    [Fact]
    public async Task An_ingredient_of_ones_own_is_known_at_once_and_changes_what_is_reckoned_with_it()
    {
        await using var context = Open();
        var larder = new Larder(context, _larder, _recipes, TimeProvider.System);
        var box = Box(context);
        var butter = IngredientValues.Of(Pantry.Butter) with { Water = 0.10, Fat = 0.88 };
        var (_, slug) = await larder.KeepAsync(null, 0, "Mill butter", ["farm butter"], Pantry.Butter, butter, Cancel);
        slug.ShouldBe("own-mill-butter");
        (await larder.KeepAsync(null, 0, "mill BUTTER", [], Pantry.Butter, butter, Cancel)).Outcome.ShouldBe(KeepOutcome.NameTaken);
        var own = (await larder.KnownAsync(Cancel)).Find(slug)!;
        own.Makeup.Fat.ShouldBe(0.88);
        own.IsFat.ShouldBeTrue();
        var part = (await box.AddAsync(Custard("Rich", 40) with { Lines = [new(own, 100)] }, Cancel)).Part!;
        PartFacts.Of((await box.RecipesAsync([OwnPartId.Of(part.Id, 1)], Cancel)).Single()).Fat.Value.Value.ShouldBe(0.88, 1e-9);
        (
            await larder.KeepAsync(slug, 1, "Mill butter", [], Pantry.Butter, butter with { Fat = 0.80 }, Cancel))
            .Outcome.ShouldBe(KeepOutcome.Kept);
        (await larder.KeepAsync(slug, 1, "Mill butter", [], Pantry.Butter, butter, Cancel)).Outcome.ShouldBe(KeepOutcome.ChangedElsewhere);
        PartFacts.Of((await box.RecipesAsync([OwnPartId.Of(part.Id, 1)], Cancel)).Single()).Fat.Value.Value.ShouldBe(0.80, 1e-9);
    }

    [Fact]
    public async Task Search_finds_everything_by_the_beginning_of_its_words_as_it_is_now()
    {
        await using var context = Open();
        var box = Box(context);
        var search = new Search(context);
        var part = (
            await box.AddAsync(Custard("Smoky tea custard", 40) with { Tags = "autumn counter", Method = "Infuse gently." }, Cancel)).Part!;
        await new PieShelf(context, TimeProvider.System).AddAsync("Lockkeeper’s crème pie", "pan=plate-23&fill=malt-custard", Cancel);
        (await Names(search, "smok cust")).ShouldContain("Smoky tea custard");
        (await Names(search, "autu")).ShouldBe(["Smoky tea custard"]);
        (await Names(search, "infus")).ShouldBe(["Smoky tea custard"]);
        (await Names(search, "creme lock")).ShouldBe(["Lockkeeper’s crème pie"]);
        (await Names(search, "gelatin leaf")).ShouldContain("leaf gelatine, 180 bloom");
        (await Names(search, "malt custard")).ShouldContain("Malt custard");

        await box.ChangeAsync(part.Id, 1, Custard("Plain custard", 40), Cancel);
        (await Names(search, "smoky")).ShouldBeEmpty();
        (await Names(search, "plain cust")).ShouldContain("Plain custard");
        await box.DeleteAsync(part.Id, Cancel);
        (await Names(search, "plain cust")).ShouldNotContain("Plain custard");
        await box.RestoreAsync(part.Id, Cancel);
        (await Names(search, "plain cust")).ShouldContain("Plain custard");
    }

    [Theory]
    [InlineData("\"")]
    [InlineData("AND OR NOT")]
    [InlineData("a* (b) ^c : d\" -e")]
    [InlineData("'; DROP TABLE Parts; --")]
    [InlineData("🥧")]
    public async Task No_search_can_go_wrong(string typed)
    {
        await using var context = Open();
        await new Search(context).FindAsync(typed, 10, Cancel);
        await context.Parts.CountAsync(Cancel);
    }

    private static async Task<IReadOnlyList<string>> Names(Search search, string typed) =>
    [
        .. (await search.FindAsync(typed, 50, Cancel)).Select(h => h.Name)
    ];

    private static PartDraft Custard(string name, double cornflour) => new(
        PartKind.Filling, name, "", "starch-custard", $"500 g milk\n{cornflour} g cornflour",
        [new(Pantry.Milk, 500), new(Pantry.Cornflour, cornflour)], "", CupSize.American, EggSize.Large, default);

    private RecipeBox Box(RoundCrumbContext context) =>
        new(context, new Larder(context, _larder, _recipes, TimeProvider.System), _recipes, TimeProvider.System);

    private RoundCrumbContext Open() =>
        new((DbContextOptions<RoundCrumbContext>)new DbContextOptionsBuilder<RoundCrumbContext>().UseRoundCrumbFile(File).Options);
}
