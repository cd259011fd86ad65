using RoundCrumb.Core.Arranging;
using RoundCrumb.Core.Layering;
using RoundCrumb.Core.Toppings;

namespace RoundCrumb.Core.Composing;

/// <summary>The fields of a topping.</summary>
/// <param name="Id">Which.</param>
/// <param name="Height">How thick.</param>
/// <param name="Pattern">How it is laid.</param>
/// <param name="Overlap">How much pieces overlap, %.</param>
/// <param name="Nozzle">For what is piped.</param>
/// <param name="Was">Which it was when the other fields were filled in.</param>
public readonly record struct ToppingFields(string Id, string Height, string Pattern, string Overlap, string Nozzle, string Was);

/// <summary>The fields of a layer beneath the filling.</summary>
/// <param name="Id">Which.</param>
/// <param name="Height">How thick.</param>
/// <param name="Half">Set when half of the pieces go on top.</param>
/// <param name="Was">Which it was when the other fields were filled in.</param>
public readonly record struct LayerFields(string Id, string Height, string Half, string Was);

/// <content>What lies under the filling and on it.</content>
public static partial class CompositionAddress
{
    /// <summary>The fields of the first topping.</summary>
    public static ToppingFields First => new(ToppingField, Cream, "top-laid", "top-over", "top-nozzle", "top-was");

    internal static readonly (Pattern Value, string Name)[] Patterns =
    [
        (Pattern.Spread, "spread"), (Pattern.Rings, "rings"), (Pattern.Spiral, "spiral"), (Pattern.HalfMoon, "half-moon"),
        (Pattern.Cover, "cover"),
        (Pattern.Rim, "rim"), (Pattern.Shells, "shells"), (Pattern.Lattice, "lattice"),
    ];

    private static IEnumerable<string> MoreFields =>
    [
        First.Pattern, First.Overlap, First.Nozzle, First.Was,
        .. Enumerable.Range(0, Composition.MostLayers).SelectMany(
            i => OverAt(i) is var o ? new[] { o.Id, o.Height, o.Pattern, o.Overlap, o.Nozzle, o.Was } : []),
        .. Enumerable.Range(0, Composition.MostLayers).SelectMany(i => UnderAt(i) is var u ? new[] { u.Id, u.Height, u.Half, u.Was } : []),
    ];

    /// <summary>Every field that names a part: crust, fillings and toppings.</summary>
    public static IReadOnlyList<string> PartFields { get; } =
    [
        CrustField, FillingField, ToppingField,
        .. Enumerable.Range(0, Composition.MostLayers).SelectMany(i => new[] { UnderAt(i).Id, OverAt(i).Id }),
    ];

    /// <summary>The fields that name a layer beneath the filling.</summary>
    internal static IReadOnlyList<string> UnderFields { get; } =
        [.. Enumerable.Range(0, Composition.MostLayers).Select(i => UnderAt(i).Id)];

    /// <summary>The fields of a topping beyond the first, counted from 0.</summary>
    public static ToppingFields OverAt(int index) =>
        new(
            $"on{index + 1}", $"on{index + 1}-high", $"on{index + 1}-laid", $"on{index + 1}-over", $"on{index + 1}-nozzle",
            $"on{index + 1}-was");

    /// <summary>The fields of a layer beneath the filling, counted from 0.</summary>
    public static LayerFields UnderAt(int index) =>
        new($"under{index + 1}", $"under{index + 1}-high", $"under{index + 1}-half", $"under{index + 1}-was");

    /// <summary>The name a pattern has in an address.</summary>
    public static string NameOf(Pattern value) => NameIn(Patterns, value);

    private static void WriteLayers(Composition c, Action<string, string> add)
    {
        var free = UnderOf(c);
        for (var i = 0; i < Math.Min(c.Under.Count, free.Count); i++)
        {
            var fields = free[i];
            add(fields.Id, c.Under[i].Id);
            add(fields.Height, Number(c.Under[i].Thickness.Value));
            if (c.Under[i] is PieceLayer { HalfOver: true })
                add(fields.Half, "1");
        }
    }

    /// <summary>The fields of the layers beneath, the lowest first, and then those that are free: none that a missing part keeps.</summary>
    public static IReadOnlyList<LayerFields> UnderOf(Composition c) =>
        [.. Enumerable.Range(0, Composition.MostLayers).Select(UnderAt).Where(f => c.Missing.All(m => m.Field != f.Id))];

    /// <summary>
    /// The fields of the toppings on the first, the lowest first, and then those that are free: none that a missing part keeps.
    /// </summary>
    public static IReadOnlyList<ToppingFields> OverOf(Composition c) =>
        [.. Enumerable.Range(0, Composition.MostLayers).Select(OverAt).Where(f => c.Missing.All(m => m.Field != f.Id))];

    private static void WriteLaying(Composition c, Action<string, string> add)
    {
        Laid(First, c.Topping);
        var free = OverOf(c);
        for (var i = 0; i < Math.Min(c.Over.Count, free.Count); i++)
        {
            var fields = free[i];
            add(fields.Id, c.Over[i].Topping.Id);
            add(fields.Height, Number(c.Over[i].Height.Value));
            Laid(fields, c.Over[i]);
        }

        void Laid(ToppingFields fields, ToppingChoice choice)
        {
            var usual = Laying.Usual(choice.Topping);
            if (choice.Laying.Pattern != usual.Pattern)
                add(fields.Pattern, NameOf(choice.Laying.Pattern));
            if (Math.Abs(choice.Laying.Overlap - usual.Overlap) > 1e-6)
                add(fields.Overlap, Number(choice.Laying.Overlap * 100));
            if (choice.Laying.Nozzle != usual.Nozzle)
                add(fields.Nozzle, Number(choice.Laying.Nozzle.Value));
        }
    }
}
