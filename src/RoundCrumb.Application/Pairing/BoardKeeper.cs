using System.Collections.Concurrent;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.HeatFlow;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Pairing;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Recipes;

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
    /// <param name="own">The baker's own parts that they are made from: changed under the same id, a part is another.</param>
    /// <param name="kitchen">The kitchen.</param>
    public Board Of(
        Wish wish, IReadOnlyList<CrustFamily> crusts, IReadOnlyList<FillingFormula> fillings, IReadOnlyList<PartRecipe> own,
        Kitchen kitchen)
    {
        if (_kept.Count > MostKept)
            _kept.Clear();
        var pie = Composition.Usual with { Pan = wish.Pan, Occasion = wish.Occasion };
        var asked = new Asked(
            CompositionAddress.Write(pie), new(own), string.Join(',', crusts.Select(c => c.Id).Concat(fillings.Select(f => f.Id))),
            string.Join(';', kitchen.Ovens.Select(o => FormattableString.Invariant($"{o.Id} {o.Fan} {o.RunsHot} {o.WarmUp}"))),
            string.Join(';', kitchen.Cold.Select(c => c.ToString())), kitchen.Rack, kitchen.Room, kitchen.Schools, kitchen.Corrections);
        return _kept.GetOrAdd(asked, _ => new(() => Board.Of(wish, crusts, fillings, kitchen))).Value;
    }

    /// <summary>Own parts, the same if each is.</summary>
    private sealed class OwnParts(IReadOnlyList<PartRecipe> parts) : IEquatable<OwnParts>
    {
        private readonly IReadOnlyList<PartRecipe> _parts = parts;

        public bool Equals(OwnParts? other) => other is not null && _parts.SequenceEqual(other._parts);

        public override bool Equals(object? obj) => Equals(obj as OwnParts);

        public override int GetHashCode() => _parts.Aggregate(_parts.Count, static (hash, p) => HashCode.Combine(hash, p));
    }

    /// <summary>All that a board depends on; what was learned by which set it is.</summary>
    private sealed record Asked(
        string Pie, OwnParts Own, string Parts, string Ovens, string Cold, PlaceHeat Rack, RoomCelsius Room, Schools Schools,
        CorrectionSet Corrections);
}
