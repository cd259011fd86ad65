using Microsoft.Extensions.DependencyInjection;
using RoundCrumb.Application.Box;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Data.Pies;
using RoundCrumb.Data.Recipes;
using RoundCrumb.Formats.Import;

namespace RoundCrumb.Web.Tests;

/// <summary>A box that is carried to another house: its own ingredients, versions that pies still use, and what is there already.</summary>
public sealed class BoxAbroadTests : IAsyncDisposable
{
    private readonly Kitchen _home = new(demo: false);
    private readonly Kitchen _abroad = new(demo: false);

    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    public async ValueTask DisposeAsync()
    {
        await _home.DisposeAsync();
        await _abroad.DisposeAsync();
    }

    private static async Task<T> In<T>(Kitchen house, Func<IServiceProvider, Task<T>> ask)
    {
        using var scope = house.Services.CreateScope();
        return await ask(scope.ServiceProvider);
    }

    private static PartDraft Shortcrust(string name, Ingredient butter, double grams) => new(
        PartKind.Crust, name, "mine", "short", $"200 g plain flour\n{grams:0} g {butter.Name}",
        [new(Pantry.PlainFlour, 200), new(butter, grams)], "Rub in.", CupSize.Metric, EggSize.Large, new(null, null, null));

    /// <summary>A mill butter of one's own, a crust of it in two versions, a pie of the first, and a name that was explained.</summary>
    private async Task<(string Slug, Part Part, SavedPie Pie)> FillAsync()
    {
        var slug = await In(_home, async s => (await s.GetRequiredService<Larder>().KeepAsync(
            null, 0, "Mill butter", ["farm butter"], Pantry.Butter, IngredientValues.Of(Pantry.Butter) with { Fat = 0.84, Water = 0.14 },
            Cancel)).Slug);
        var butter = await In(_home, async s => (await s.GetRequiredService<CompositionReader>().KnownAsync(Cancel)).Find(slug)!);
        await In(_home, async s =>
        {
            await s.GetRequiredService<Larder>().RememberAsync("the good stuff", slug, Cancel);
            return 0;
        });
        var part = await In(_home, async s => (await s.GetRequiredService<RecipeBox>().AddAsync(
            Shortcrust("Mill short", butter, 110), Cancel)).Part!);
        var pie = await In(_home, async s => (await s.GetRequiredService<PieShelf>().AddAsync(
            "Miller’s tart", CompositionAddress.Write((await s.GetRequiredService<CompositionReader>().ReadAsync(
                $"pan=tart-23&crust=box-{part.Id}-1&fill=lemon-cheese", Cancel)).Composition), "mine", Cancel)).Pie!);
        var changed = await In(_home, s => s.GetRequiredService<RecipeBox>().ChangeAsync(
            part.Id, part.Stamp, Shortcrust("Mill short", butter, 120), Cancel));
        changed.IsNewVersion.ShouldBeTrue();
        return (slug, changed.Part!, pie);
    }

    private Task<BoxDocument?> OutAsync(int? part = null, int? pie = null) =>
        In(_home, s => s.GetRequiredService<BoxTransfer>().DocumentAsync(part, pie, Cancel));

    private Task<Imported> InAsync(BoxDocument box) => In(_abroad, s => s.GetRequiredService<BoxTransfer>().ImportAsync(box, Cancel));

    [Fact]
    public async Task A_pie_takes_its_own_parts_versions_and_ingredients_along()
    {
        var (_, part, pie) = await FillAsync();
        var box = (await OutAsync(pie: pie.Id))!;
        box.Ingredients.Select(i => i.Name).ShouldBe(["Mill butter"]);
        box.Parts.Single().Versions.Select(v => v.Number).Order().ShouldBe([1, 2]);

        var came = await InAsync(box);
        (came.Parts, came.Pies, came.WereHere, came.Near).ShouldBe((1, 1, 0, 0));

        // The pie still has its crust of 110 g to 200 g, the crust is offered with 120 g, and both weigh their butter as it was at home.
        var crust = await In(_abroad, async s =>
        {
            var there = (await s.GetRequiredService<PieShelf>().AllAsync(Cancel)).Single();
            there.Name.ShouldBe("Miller’s tart");
            return (await s.GetRequiredService<CompositionReader>().ReadAsync(there.Address, Cancel)).Composition.Crust;
        });
        crust.Family.Name.ShouldContain("Mill short");
        var parts = await In(_abroad, s => s.GetRequiredService<RecipeBox>().AllAsync(Cancel));
        parts.Single().Current.ShouldBe(2);
        var lines = parts.Single().Versions.OrderBy(v => v.Number).Select(v => RecipeBox.Unpack(v.Lines).ToList()).ToList();
        lines.Select(l => l[1].Grams).ShouldBe([110, 120]);
        var butter = await In(_abroad, async s =>
            (await s.GetRequiredService<CompositionReader>().KnownAsync(Cancel)).Find(lines[0][1].Ingredient)!);
        (butter.Name, butter.Makeup.Fat).ShouldBe(("Mill butter", 0.84));
        part.Current.ShouldBe(2);
    }

    [Fact]
    public async Task Taken_in_twice_it_is_there_once()
    {
        await FillAsync();
        var box = (await OutAsync())!;
        await InAsync(box);
        var again = await InAsync(box);
        (again.Parts, again.Pies, again.WereHere).ShouldBe((0, 0, 2));
        (await In(_abroad, s => s.GetRequiredService<Larder>().OwnAsync(Cancel))).Count.ShouldBe(1);
    }

    [Fact]
    public async Task What_was_explained_at_home_is_known_abroad_and_what_was_explained_there_stays()
    {
        await FillAsync();
        var box = (await OutAsync())!;
        box.Remembered.ContainsKey("the good stuff").ShouldBeTrue();
        await In(_abroad, async s =>
        {
            await s.GetRequiredService<Larder>().RememberAsync("the good stuff", Pantry.Find("lard")!.Id, Cancel);
            return 0;
        });
        await InAsync(box);
        var known = await In(_abroad, s => s.GetRequiredService<CompositionReader>().KnownAsync(Cancel));
        known.Remembered["the good stuff"].ShouldBe("lard");
    }

    /// <summary>An ingredient of the same name is taken to be the same: its values there are not changed.</summary>
    [Fact]
    public async Task An_ingredient_that_is_there_by_that_name_is_not_changed()
    {
        await FillAsync();
        await In(_abroad, s => s.GetRequiredService<Larder>().KeepAsync(
            null, 0, "MILL butter", [], Pantry.Butter, IngredientValues.Of(Pantry.Butter) with { Fat = 0.81 }, Cancel));
        await InAsync((await OutAsync())!);
        var own = (await In(_abroad, s => s.GetRequiredService<Larder>().OwnAsync(Cancel))).Single();
        Larder.ValuesOf(own)!.Fat.ShouldBe(0.81);
        var parts = await In(_abroad, s => s.GetRequiredService<RecipeBox>().AllAsync(Cancel));
        RecipeBox.Unpack(parts.Single().Versions[0].Lines).ElementAt(1).Ingredient.ShouldBe(own.Slug);
    }

    /// <summary>A part of the same name that is another recipe gets the next free name; the pie that came with it is of that one.</summary>
    [Fact]
    public async Task A_name_that_is_taken_there_is_made_another()
    {
        await FillAsync();
        await In(_abroad, s => s.GetRequiredService<RecipeBox>().AddAsync(Shortcrust("Mill short", Pantry.Butter, 90), Cancel));
        var came = await InAsync((await OutAsync())!);
        came.Parts.ShouldBe(1);
        var names = (await In(_abroad, s => s.GetRequiredService<RecipeBox>().AllAsync(Cancel))).Select(p => p.Name).ToList();
        names.Count.ShouldBe(2);
        names.ShouldBeUnique();
        names.ShouldContain("Mill short");
        names.ShouldAllBe(n => n.StartsWith("Mill short", StringComparison.Ordinal));
    }

    [Fact]
    public async Task What_is_not_there_cannot_be_taken_out()
    {
        await FillAsync();
        (await OutAsync(part: 999)).ShouldBeNull();
        (await OutAsync(pie: 999)).ShouldBeNull();
        (await In(_home, s => s.GetRequiredService<BoxTransfer>().RecipesAsync(999, null, Cancel))).ShouldBeNull();
        (await In(_home, s => s.GetRequiredService<BoxTransfer>().RecipesAsync(null, 999, Cancel))).ShouldBeNull();
    }

    /// <summary>
    /// A crust that was deleted since is still in the pie that has it, and goes out with it; alone it is no part any more.
    /// </summary>
    [Fact]
    public async Task A_deleted_part_goes_out_with_its_pie_and_not_by_itself()
    {
        var (_, part, pie) = await FillAsync();
        await In(_home, s => s.GetRequiredService<RecipeBox>().DeleteAsync(part.Id, Cancel));
        (await OutAsync(part: part.Id)).ShouldBeNull();
        (await OutAsync(pie: pie.Id))!.Parts.Count.ShouldBe(1);
        var recipes = (await In(_home, s => s.GetRequiredService<BoxTransfer>().RecipesAsync(null, pie.Id, Cancel)))!;
        recipes.Single().Title.ShouldBe("Miller’s tart");
        recipes.Single().Parts.Select(p => p.Name).ShouldContain("Mill short");
        recipes.Single().Parts.SelectMany(p => p.Lines).ShouldContain(l => l.Contains("110 g"));
    }
}
