using System.Net;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Data;
using RoundCrumb.Data.Pies;
using RoundCrumb.Data.Recipes;
using RoundCrumb.Data.Storage;

namespace RoundCrumb.Web.Tests;

/// <summary>Names are the same whatever their capitals, in any alphabet; which parts are in use is kept beside what uses them.</summary>
public sealed class NameTests
{
    private const string Malt = "pan=plate-23&crust=butter-flaky&fill=malt-custard";

    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    [Theory]
    [InlineData("Éclair tart", "éclair tart")]
    [InlineData("Éclair tart", "ÉCLAIR TART")]
    [InlineData("Ёлка", "ёлка")]
    [InlineData("Ängsö", "ÄNGSÖ")]
    public async Task A_name_is_taken_whatever_its_capitals(string first, string second)
    {
        Names.AreSame(first, second).ShouldBeTrue();
        await using var kitchen = new Kitchen(demo: false);
        await using var scope = kitchen.Services.CreateAsyncScope();
        var shelf = scope.ServiceProvider.GetRequiredService<PieShelf>();
        (await shelf.AddAsync(first, Malt, Cancel)).Outcome.ShouldBe(KeepOutcome.Kept);
        (await shelf.AddAsync(second, Malt, Cancel)).Outcome.ShouldBe(KeepOutcome.NameTaken);
        (await shelf.TakeInAsync([(second, Malt + "&crust=short-crust", "")], cancel: Cancel))[0].Pie.Name.ShouldBe(second + " 2");

        var larder = scope.ServiceProvider.GetRequiredService<Larder>();
        var like = Pantry.Butter;
        (await larder.KeepAsync(null, 0, first, [], like, IngredientValues.Of(like), Cancel)).Outcome.ShouldBe(KeepOutcome.Kept);
        (await larder.KeepAsync(null, 0, second, [], like, IngredientValues.Of(like), Cancel)).Outcome.ShouldBe(KeepOutcome.NameTaken);
    }

    [Fact]
    public void An_accent_is_a_letter_of_its_own() => Names.AreSame("Pate", "Pâté").ShouldBeFalse();

    [Fact]
    public async Task Uses_of_a_part_follow_pies_bakes_and_orders_and_keep_its_version()
    {
        await using var kitchen = new Kitchen(demo: false);
        var baker = kitchen.Baker();
        await baker.SendAsync(
            "/box/part", "/box/part?handler=Save", ("kind", "Filling"), ("family", "starch-custard"), ("name", "House custard"),
            ("lines", "500 ml milk\n100 g sugar\n40 g cornflour\n4 yolks"), ("cup", "Metric"), ("egg", "Medium"));
        await using var scope = kitchen.Services.CreateAsyncScope();
        var context = scope.ServiceProvider.GetRequiredService<RoundCrumbContext>();
        var part = await context.Parts.AsNoTracking().SingleAsync(Cancel);
        var id = OwnPartId.Of(part.Id, 1);
        var shelf = scope.ServiceProvider.GetRequiredService<PieShelf>();
        var pie = (await shelf.AddAsync("House pie", $"pan=plate-23&crust=butter-flaky&fill={id}&make=exact", Cancel)).Pie!;
        (await UsesAsync()).ShouldBe([(part.Id, 1, "pie")]);

        // A pie that goes over to another filling uses it no longer; one that was taken away does: it can come back.
        var changed = (await shelf.ChangeAsync(pie.Id, pie.Version, "House pie", Malt, Cancel)).Pie!;
        (await UsesAsync()).ShouldBeEmpty();
        changed = (
            await shelf.ChangeAsync(pie.Id, changed.Version, "House pie", $"pan=plate-23&crust=butter-flaky&fill={id}&make=exact", Cancel))
            .Pie!;
        await shelf.DeleteAsync(pie.Id, Cancel);
        (await UsesAsync()).ShouldBe([(part.Id, 1, "pie")]);

        // So its recipe is not gone over: the change is a version of its own.
        var box = scope.ServiceProvider.GetRequiredService<RecipeBox>();
        var draft = new PartDraft(
            PartKind.Filling, "House custard", "", "starch-custard", "450 ml milk", [new(Pantry.Milk, 463)], "", default, default, new());
        var kept = await box.ChangeAsync(part.Id, part.Stamp, draft, Cancel);
        (kept.IsNewVersion, kept.Part!.Current).ShouldBe((true, 2));

        async Task<List<(int, int, string)>> UsesAsync() =>
            [
                .. (await context.PartUses.AsNoTracking().ToListAsync(Cancel)).Select(
                    u => (u.PartId, u.Version, u.PieId is not null ? "pie" : u.BakeId is not null ? "bake" : "order"))
            ];
    }

    [Fact]
    public async Task Own_cream_made_on_the_page_whips_and_says_so()
    {
        await using var kitchen = new Kitchen(demo: false);
        var baker = kitchen.Baker();
        var page = await baker.PageAsync("/pantry/new?from=double-cream");
        page.ShouldContain("value=\"Whips\" checked");
        (string, string)[] cream = [
            ("from", "double-cream"), ("name", "Lockside cream"), ("others", ""), ("bulk", "0.99"), ("mix", "0.97"), ("water", "50"),
            ("fat", "45"), ("sugars", "3"), ("protein", "2"), ("starch", "0"), ("has", "Milk"), ("is", "Whips")
        ];
        (await baker.SendAsync("/pantry/new?from=double-cream", "/pantry/new", cream)).StatusCode.ShouldBe(HttpStatusCode.Redirect);
        var part = await baker.SendAsync(
            "/box/part", "/box/part?handler=Save", ("kind", "Topping"), ("family", "whipped-cream"), ("name", "Lockside whip"),
            ("lines", "300 g Lockside cream\n20 g icing sugar"), ("cup", "Metric"), ("egg", "Medium"));
        part.StatusCode.ShouldBe(HttpStatusCode.Redirect);
        (await baker.PageAsync("/compose?fill=malt-custard&top=box-1-1")).ShouldContain("Lockside whip");
    }
}
