using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Layering;

namespace RoundCrumb.Core.Composing;

/// <summary>Which part of a pie holds something.</summary>
public enum HeldIn
{
    /// <summary>The crust.</summary>
    Crust,

    /// <summary>What is brushed on the crust.</summary>
    Seal,

    /// <summary>A layer beneath the filling.</summary>
    Beneath,

    /// <summary>The filling.</summary>
    Filling,

    /// <summary>Something on top.</summary>
    Topping,
}

/// <summary>Something that is in a pie, weighed or not.</summary>
/// <param name="In">Which part holds it.</param>
/// <param name="At">Which of several such parts, from below up, from 0.</param>
/// <param name="What">What it is.</param>
public sealed record Held(HeldIn In, int At, Ingredient What)
{
    /// <summary>True where its part is not here, or cannot be used: what is done to it is not known.</summary>
    public bool IsOfMissing { get; private init; }

    /// <summary>What its part is called within a sentence.</summary>
    public string Where => In switch
    {
        HeldIn.Crust => "crust",
        HeldIn.Seal => "seal",
        HeldIn.Beneath => "layer beneath",
        HeldIn.Filling => "filling",
        HeldIn.Topping => "topping",
    };

    /// <summary>
    /// Everything that is in a pie, part by part from the base up: also what is not weighed, and what its recipes name besides. Whoever
    /// asks what guests may eat, or what a label must name, asks here.
    /// </summary>
    /// <param name="pie">The pie.</param>
    public static IEnumerable<Held> Of(Composition pie)
    {
        // What is drawn in the place of a missing part is not in the pie; what that part may bring is.
        if (!pie.IsWhole)
        {
            var instead = pie.Missing.Select(m => (Part: m, In: PartOf(m.Field))).Where(m => m.In is not null
                && m.Part.Field != CompositionAddress.OvenField).ToList();
            var kept = OfWhole(pie).Where(h => !instead.Exists(m => m.In == h.In && m.Part.StandIn.Length > 0
                && m.In is HeldIn.Crust or HeldIn.Filling));
            return kept.Concat(instead.SelectMany(m => m.Part.Brings.Select(i => new Held(m.In!.Value, 0, i) { IsOfMissing = true })));
        }

        return OfWhole(pie);
    }

    /// <summary>What a European label names of a pie, part by part from the base up, weighed or not.</summary>
    /// <param name="pie">The pie.</param>
    public static IReadOnlyList<string> Contains(Composition pie) => AllergenLaw.Said(Of(pie).Select(h => h.What));

    /// <summary>True where something in a pie has some allergens, or may have them.</summary>
    /// <param name="pie">The pie.</param>
    /// <param name="some">Which.</param>
    public static bool MayHave(Composition pie, Allergens some) => Of(pie).Any(h => h.What.MayHave(some));

    internal static HeldIn? PartOf(string field) => field switch
    {
        CompositionAddress.CrustField or CompositionAddress.OvenField => HeldIn.Crust,
        CompositionAddress.FillingField => HeldIn.Filling,
        CompositionAddress.SealField => HeldIn.Seal,
        CompositionAddress.PanField => null,
        _ when CompositionAddress.UnderFields.Contains(field) => HeldIn.Beneath,
        _ => HeldIn.Topping,
    };

    private static IEnumerable<Held> OfWhole(Composition pie)
    {
        foreach (var one in pie.Crust.Family.Ingredients.Concat(pie.Crust.Family.Unweighed))
            yield return new(HeldIn.Crust, 0, one);
        if (pie.Crust.Seal.Ingredient is { } seal)
            yield return new(HeldIn.Seal, 0, seal);
        for (var i = 0; i < pie.Under.Count; i++)
        {
            foreach (var one in pie.Under[i] switch
            {
                FillingLayer filling => filling.Formula.Everything,
                PieceLayer pieces => [pieces.Piece.Ingredient],
                _ => [],
            })
                yield return new(HeldIn.Beneath, i, one);
        }

        foreach (var one in pie.Filling.Formula.Everything)
            yield return new(HeldIn.Filling, 0, one);
        var at = 0;
        foreach (var top in pie.Toppings)
        {
            foreach (var one in top.Topping.Everything)
                yield return new(HeldIn.Topping, at, one);
            at++;
        }
    }
}
