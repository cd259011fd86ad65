using Microsoft.AspNetCore.Http.HttpResults;
using RoundCrumb.Application.Buying;
using RoundCrumb.Application.Labelling;
using RoundCrumb.Application.Reading;
using RoundCrumb.Application.Stocktaking;
using RoundCrumb.Core.Labelling;
using RoundCrumb.Core.Stocktaking;
using RoundCrumb.Data.Buying;
using RoundCrumb.Data.Kitchens;

namespace RoundCrumb.Web.Api;

/// <summary>Something that was put into the basket, or taken out of it.</summary>
/// <param name="Ingredient">The ingredient's id.</param>
/// <param name="InBasket">True where it is in.</param>
/// <param name="At">When, by the device's clock.</param>
public sealed record SentTick(string? Ingredient, bool InBasket, DateTimeOffset At);

/// <summary>Ticks as a device sends them; none only asks how the list stands.</summary>
/// <param name="SentAt">What the device's clock says as it sends: by that it is seen how far it is off.</param>
/// <param name="Ticks">What was ticked since it was last heard of, in any order.</param>
public sealed record SentTicks(DateTimeOffset? SentAt, IReadOnlyList<SentTick>? Ticks);

/// <summary>How a list stands.</summary>
/// <param name="InBasket">Ingredients that are in the basket.</param>
/// <param name="Unknown">Sent ingredients that nobody here knows; sending them again is of no use.</param>
public sealed record ListAnswer(IReadOnlyList<string> InBasket, IReadOnlyList<string> Unknown);

/// <summary>What is in the house of one thing.</summary>
/// <param name="Item">What.</param>
/// <param name="Ingredient">The ingredient's id; none for a part made ahead.</param>
/// <param name="Amount">How much.</param>
/// <param name="Unit">g, or pieces.</param>
/// <param name="UseBy">The last day on which it is used; none where none is known.</param>
/// <param name="IsOpen">True once its pack is open.</param>
/// <param name="Where">shelf, fridge or freezer.</param>
public sealed record StockAnswer(string Item, string? Ingredient, double Amount, string Unit, DateOnly? UseBy, bool IsOpen, StoredIn Where);

/// <summary>What the label of an order says.</summary>
public sealed record LabelAnswer(
    string Name, int Count, string Ingredients, IReadOnlyList<string> Contains, IReadOnlyList<string> MayContain,
    IReadOnlyList<string> NotStated, double NetGrams, DateOnly MadeOn, DateOnly UseBy, string Code, int Slices, double Price,
    double SlicePrice,
    Nutrition NutritionFor100Grams, bool HasAlcohol, bool HasGelatine, bool IsVegetarian, bool HasRawEgg);

/// <summary>Stock and shopping over HTTP.</summary>
public static class TradeEndpoints
{
    private const int MostAtOnce = 500;

    /// <summary>Adds the endpoints.</summary>
    public static void MapTrade(this WebApplication app)
    {
        var api = app.MapGroup(Routes.Api).WithTags("Stock and shopping");
        api.MapPost("/shopping/{list}/ticks", TickAsync)
            .WithSummary("Takes in what was put into the basket, also long after: of two ticks of one thing the later one counts.")
            .WithDescription("A list is named by its first and last day, as in 2026-12-04.2026-12-06. Sent twice it does nothing more.")
            .ProducesProblem(404).ProducesValidationProblem();
        api.MapGet("/days/{id:int}/labels", LabelsAsync)
            .WithSummary("What the labels of a day's orders say; nutrition is for 100 g, energy in kJ.").ProducesProblem(404);
        api.MapGet("/stock", StockAsync).WithSummary("What is in the house, less what was used since it was counted.");
    }

    private static async Task<Results<Ok<ListAnswer>, NotFound, ValidationProblem>> TickAsync(
        string list, SentTicks sent, PriceBook prices, CompositionReader compositions, KitchenClock clock, CancellationToken cancel)
    {
        if (Span.Read(list) is not { } span)
            return TypedResults.NotFound();
        var ticks = sent.Ticks ?? [];
        if (ticks.Count > MostAtOnce)
        {
            return TypedResults.ValidationProblem(
                new Dictionary<string, string[]> { ["ticks"] = [$"At most {MostAtOnce} at once."] });
        }

        var known = await compositions.KnownAsync(cancel);
        var now = clock.Now;
        var off = sent.SentAt is { } said ? now - said : TimeSpan.Zero;
        var taken = ticks.Where(t => known.Find(t.Ingredient ?? "") is not null).Select(t => new ShoppingTick
        {
            List = span.Key,
            Ingredient = t.Ingredient!,
            InBasket = t.InBasket,
            At = t.At + off > now ? now : t.At + off,
        }).ToList();
        if (taken.Count > 0)
            await prices.TickAsync(span.Key, taken, cancel);
        return TypedResults.Ok(
            new ListAnswer(
                [.. (await prices.TicksAsync(span.Key, cancel)).Where(t => t.InBasket).Select(t => t.Ingredient)],
                [.. ticks.Where(t => known.Find(t.Ingredient ?? "") is null).Select(t => t.Ingredient ?? "").Distinct()]));
    }

    private static async Task<Results<Ok<IReadOnlyList<LabelAnswer>>, NotFound>> LabelsAsync(
        int id, DayLabels labels, LabelLaw? law, CancellationToken cancel)
    {
        if (await labels.OpenAsync(id, cancel) is not { } day)
            return TypedResults.NotFound();
        var by = law is { } said && Enum.IsDefined(said) ? said : LabelLaw.European;
        return TypedResults.Ok(
            (IReadOnlyList<LabelAnswer>)
            [
                .. day.Labels.Select(l => new LabelAnswer(
                    l.Order.Name, l.Order.Count, string.Concat(l.Label.Text(by).Select(w => w.Text)), l.Label.Groups(by),
                    PieLabel.GroupsOf(l.MayContain, by), [.. l.Label.NotStated.Select(i => i.Name)], Math.Round(l.Label.Net.Value.Value, 1),
                    l.MadeOn, l.UseBy, l.Code, l.Slices, Math.Round(l.PiePrice, 2), Math.Round(l.SlicePrice, 2), l.Label.Nutrition,
                    l.Label.HasAlcohol, l.Label.HasGelatine, l.Label.IsVegetarian, l.Label.HasRawEgg)),
            ]);
    }

    private static async Task<Ok<IReadOnlyList<StockAnswer>>> StockAsync(StockKeeper keeper, CancellationToken cancel) => TypedResults.Ok(
        (IReadOnlyList<StockAnswer>)
        [
            .. (await keeper.LevelsAsync(cancel)).Lots.Where(l => l.Left > 0).Select(l => new StockAnswer(
                l.Lot.Item.Name, l.Lot.Ingredient?.Id, Math.Round(l.Left, 1),
                l.Lot.Item.By is Core.Quantities.Dimension.Count ? "pieces" : "g", l.Lot.UseBy, l.Lot.IsOpen, l.Lot.Where)),
        ]);
}
