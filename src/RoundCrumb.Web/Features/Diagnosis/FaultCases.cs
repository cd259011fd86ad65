using System.Globalization;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Diagnosis;
using RoundCrumb.Data.Bakes;
using RoundCrumb.Data.Kitchens;
using RoundCrumb.Data.Pies;
using RoundCrumb.Web.Features.Guide;

namespace RoundCrumb.Web.Features.Diagnosis;

/// <summary>What a fault is looked into for.</summary>
/// <param name="Of">The pie and its log; none for no pie in particular.</param>
/// <param name="Name">What it is called; empty where it is no pie of anyone's.</param>
/// <param name="Query">What keeps it in an address; empty for none.</param>
/// <param name="Back">Where it was opened from; empty for nowhere.</param>
public sealed record AskedCase(FaultCase? Of, string Name, string Query, string Back)
{
    /// <summary>An address that keeps it.</summary>
    public string With(string address, string more = "") =>
        string.Join('&', new[] { Query, more }.Where(q => q.Length > 0)) is { Length: > 0 } all ? $"{address}?{all}" : address;
}

/// <summary>What can be looked into.</summary>
/// <param name="Bakes">The bakes begun last, by what names one in an address, with when it was.</param>
/// <param name="Pies">The baker’s pies, by name.</param>
/// <param name="Trouble">Why what was asked for is none of them; empty where it is, or nothing was asked for.</param>
public sealed record CaseChoices(
    IReadOnlyList<(string Which, string Name)> Bakes, IReadOnlyList<(string Which, string Name)> Pies, string Trouble)
{
    /// <summary>What was answered before one was chosen; it counts on.</summary>
    public IReadOnlyList<(Sign Sign, bool? Told)> Answers { get; init; } = [];
}

/// <summary>Reads which bake or pie the fault finder is opened from.</summary>
public sealed class FaultCases(BakeBook bakes, PieShelf shelf, CompositionReader compositions, KitchenClock clock)
{
    private const string OfBake = "bake-", OfPie = "pie-";
    private const int MostBakes = 15, MostPies = 100;

    /// <summary>The bakes and pies to choose from.</summary>
    /// <param name="which">What was asked for and is none of them; none where nothing was.</param>
    /// <param name="cancel">Cancels it.</param>
    public async Task<CaseChoices> ChoicesAsync(string? which, CancellationToken cancel)
    {
        var zone = await clock.ZoneAsync(cancel);
        return new(
            [
                .. (await bakes.LastAsync(MostBakes, cancel)).Select(b => (
                    string.Create(CultureInfo.InvariantCulture, $"{OfBake}{b.Id}"),
                    string.Create(CultureInfo.InvariantCulture, $"{b.PieName}, {TimeZoneInfo.ConvertTime(b.MadeAt, zone):ddd d MMM}"))),
            ],
            [
                .. (await shelf.ListAsync(0, MostPies, byName: true, cancel: cancel)).Select(
                    p => (string.Create(CultureInfo.InvariantCulture, $"{OfPie}{p.Id}"), p.Name)),
            ],
            string.IsNullOrEmpty(which) ? "" : "That bake or pie is not here any more. Choose another, or go on without.");
    }

    /// <summary>What keeps a bake or pie that was chosen in an address; none where it is not here.</summary>
    /// <param name="which">Which, as the choices name it.</param>
    /// <param name="cancel">Cancels it.</param>
    public async Task<string?> QueryOfAsync(string? which, CancellationToken cancel)
    {
        int? Number(string of) => which is not null && which.StartsWith(of, StringComparison.Ordinal)
            && int.TryParse(which[of.Length..], NumberStyles.None, CultureInfo.InvariantCulture, out var id) ? id : null;
        if (Number(OfBake) is { } bake)
            return await bakes.FindAsync(bake, cancel) is null ? null : $"bake={bake}";
        return Number(OfPie) is { } pie && await shelf.FindAsync(pie, cancel) is { DeletedAt: null } found ? found.Address : null;
    }

    /// <summary>The bake of a number, else the pie in an address, else no pie in particular.</summary>
    /// <param name="bake">A bake’s number; none for none.</param>
    /// <param name="query">The address’s query.</param>
    /// <param name="cancel">Cancels it.</param>
    public async Task<AskedCase> ReadAsync(int? bake, string query, CancellationToken cancel)
    {
        var kitchen = await compositions.KitchenAsync(cancel);
        if (bake is { } id && await bakes.FindAsync(id, cancel) is { } made)
        {
            var read = await compositions.ReadAsync(made.Address, cancel);
            return new(
                new(Assessment.Of(read.Composition, Math.Clamp(made.Pies, 1, Core.Batches.BatchSheet.MostPies), kitchen),
                    BakeBook.EntryOf(made.Log)),
                made.PieName, $"bake={id}", Routes.Log(id));
        }

        if (!GuidePie.IsIn(query))
            return new(null, "", "", "");
        var pie = await compositions.ReadAsync(query, cancel);
        var of = FaultCase.Of(Assessment.Of(pie.Composition, 1, kitchen));
        var address = CompositionAddress.Write(pie.Composition);
        return new(of, pie.Composition.Filling.Formula.Name, address, $"{Routes.Compose}?{address}");
    }
}
