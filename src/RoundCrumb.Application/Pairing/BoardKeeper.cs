using System.Collections.Concurrent;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.HeatFlow;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Pairing;
using RoundCrumb.Core.Quantities;

namespace RoundCrumb.Application.Pairing;

/// <summary>Keeps the last boards, so that one that is looked at again, or opened at a pairing, is not worked out again.</summary>
public sealed class BoardKeeper
{
    private const int MostKept = 12;

    private readonly ConcurrentDictionary<Asked, Lazy<Board>> _kept = new();

    /// <summary>The board for a wish, with these parts in this kitchen.</summary>
    /// <param name="wish">What it is for.</param>
    /// <param name="crusts">The crusts.</param>
    /// <param name="fillings">The fillings.</param>
    /// <param name="kitchen">The kitchen.</param>
    public Board Of(Wish wish, IReadOnlyList<CrustFamily> crusts, IReadOnlyList<FillingFormula> fillings, Kitchen kitchen)
    {
        if (_kept.Count > MostKept)
            _kept.Clear();
        var pie = Composition.Usual with { Pan = wish.Pan, Occasion = wish.Occasion };
        var asked = new Asked(
            CompositionAddress.Write(pie), string.Join(',', crusts.Select(c => c.Id).Concat(fillings.Select(f => f.Id))),
            string.Join(';', kitchen.Ovens.Select(o => FormattableString.Invariant($"{o.Id} {o.Fan} {o.RunsHot} {o.WarmUp}"))),
            string.Join(';', kitchen.Cold.Select(c => c.ToString())), kitchen.Rack, kitchen.Room, kitchen.Schools, kitchen.Corrections);
        return _kept.GetOrAdd(asked, _ => new(() => Board.Of(wish, crusts, fillings, kitchen))).Value;
    }

    /// <summary>All that a board depends on; what was learned by which set it is.</summary>
    private sealed record Asked(
        string Pie, string Parts, string Ovens, string Cold, PlaceHeat Rack, RoomCelsius Room, Schools Schools, CorrectionSet Corrections);
}
