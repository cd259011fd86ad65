using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Diagnosis;
using RoundCrumb.Data.Bakes;
using RoundCrumb.Web.Features.Guide;

namespace RoundCrumb.Web.Features.Diagnosis;

/// <summary>What a fault is looked into for.</summary>
/// <param name="Of">The pie and its log.</param>
/// <param name="Name">What it is called; empty where it is no pie of anyone's.</param>
/// <param name="Query">What keeps it in an address; empty for none.</param>
/// <param name="Back">Where it was opened from; empty for nowhere.</param>
public sealed record AskedCase(FaultCase Of, string Name, string Query, string Back)
{
    /// <summary>True where it is a bake or a pie, and not just any.</summary>
    public bool IsOfAPie => Query.Length > 0;

    /// <summary>An address that keeps it.</summary>
    public string With(string address, string more = "") =>
        string.Join('&', new[] { Query, more }.Where(q => q.Length > 0)) is { Length: > 0 } all ? $"{address}?{all}" : address;
}

/// <summary>Reads which bake or pie the fault finder is opened from.</summary>
public sealed class FaultCases(BakeBook bakes, CompositionReader compositions)
{
    /// <summary>The bake of a number, else the pie in an address, else a pie as is usual.</summary>
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

        var pie = await compositions.ReadAsync(query, cancel);
        var of = FaultCase.Of(Assessment.Of(pie.Composition, 1, kitchen));
        if (!GuidePie.IsIn(query))
            return new(of, "", "", "");
        var address = CompositionAddress.Write(pie.Composition);
        return new(of, pie.Composition.Filling.Formula.Name, address, $"{Routes.Compose}?{address}");
    }
}
