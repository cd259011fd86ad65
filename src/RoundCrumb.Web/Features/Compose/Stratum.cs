using RoundCrumb.Core.Advice;
using RoundCrumb.Core.Composing;

namespace RoundCrumb.Web.Features.Compose;

/// <summary>A layer of the pie as the Compose screen lists them, from the top down. One is open, the others are one line each.</summary>
public enum Stratum
{
    /// <summary>What lies on it.</summary>
    Topping,

    /// <summary>What is in it, and beneath that.</summary>
    Filling,

    /// <summary>What keeps the wet off the crust.</summary>
    Seal,

    /// <summary>What holds it.</summary>
    Crust,

    /// <summary>What it is made in.</summary>
    Pan,

    /// <summary>When it is eaten, and by whom.</summary>
    Served,
}

/// <summary>What is known of each stratum.</summary>
public static class Strata
{
    private static readonly HashSet<string> InCrust =
    [
        CompositionAddress.CrustField, CompositionAddress.Thickness, CompositionAddress.Height, CompositionAddress.WallThick,
        CompositionAddress.BinderField, CompositionAddress.Browned, CompositionAddress.Frozen, CompositionAddress.Unchilled,
        CompositionAddress.Bake, CompositionAddress.EdgeField,
    ];

    private static readonly HashSet<string> InFilling =
    [
        CompositionAddress.FillingField, CompositionAddress.Make, CompositionAddress.Line, CompositionAddress.Firmness,
        CompositionAddress.Cooled,
        .. Enumerable.Range(0, Composition.MostLayers).Select(CompositionAddress.UnderAt).SelectMany(u =>
            new[] { u.Id, u.Height, u.Half, u.Was }),
    ];

    private static readonly HashSet<string> InTopping =
    [
        .. Enumerable.Range(0, Composition.MostLayers).Select(CompositionAddress.OverAt).Prepend(CompositionAddress.First)
            .SelectMany(t => new[] { t.Id, t.Height, t.Pattern, t.Overlap, t.Nozzle, t.Was }),
    ];

    private static readonly HashSet<string> InPan =
    [
        CompositionAddress.PanField, CompositionAddress.OwnTop, CompositionAddress.OwnBase, CompositionAddress.OwnDepth,
        CompositionAddress.OwnLength, CompositionAddress.OwnCorner, CompositionAddress.OwnWater, CompositionAddress.OwnName,
        CompositionAddress.OwnKind, CompositionAddress.OwnMaterial,
    ];

    private static readonly HashSet<string> InServed =
    [
        CompositionAddress.Ahead, CompositionAddress.Topped, CompositionAddress.NoOven, CompositionAddress.Vegetarian,
        CompositionAddress.NoAlcohol, CompositionAddress.NoRawEgg, CompositionAddress.OnTable, .. Needs.Groups.Select(g => g.Field),
            .. AskedSwap.All.Select(s => s.Field),
    ];

    private static readonly HashSet<string> Lengths =
    [
        CompositionAddress.Thickness, CompositionAddress.Height, CompositionAddress.WallThick, CompositionAddress.Line,
        CompositionAddress.OwnTop, CompositionAddress.OwnBase, CompositionAddress.OwnDepth, CompositionAddress.OwnLength,
        CompositionAddress.OwnCorner,
        .. Enumerable.Range(0, Composition.MostLayers).Select(CompositionAddress.OverAt).Prepend(CompositionAddress.First)
            .SelectMany(t => new[] { t.Height, t.Nozzle }),
        .. Enumerable.Range(0, Composition.MostLayers).Select(i => CompositionAddress.UnderAt(i).Height),
    ];

    extension(Stratum stratum)
    {
        /// <summary>What it is called.</summary>
        public string Name => stratum switch
        {
            Stratum.Topping => "Topping",
            Stratum.Filling => "Filling",
            Stratum.Seal => "Seal",
            Stratum.Crust => "Crust",
            Stratum.Pan => "Pan",
            Stratum.Served => "Served",
        };

        /// <summary>The layer of which advice stands in it.</summary>
        public Layer Layer => stratum switch
        {
            Stratum.Topping => Layer.Topping,
            Stratum.Filling => Layer.Filling,
            Stratum.Seal => Layer.Seal,
            Stratum.Crust => Layer.Crust,
            Stratum.Pan => Layer.Pan,
            Stratum.Served => Layer.Occasion,
        };

        /// <summary>The name it has in addresses and in the page.</summary>
        public string Id => stratum.ToString().ToLowerInvariant();

        /// <summary>True for a field that stands in it.</summary>
        public bool Holds(string field) => stratum switch
        {
            Stratum.Topping => InTopping.Contains(field),
            Stratum.Filling => InFilling.Contains(field),
            Stratum.Seal => field == CompositionAddress.SealField,
            Stratum.Crust => InCrust.Contains(field),
            Stratum.Pan => InPan.Contains(field),
            Stratum.Served => InServed.Contains(field),
        };
    }

    /// <summary>True for a field that is a length: in inches it is sent with the millimetres that it stands for.</summary>
    public static bool IsLength(string field) => Lengths.Contains(field);

    /// <summary>The stratum by its name; the filling where that is none.</summary>
    public static Stratum Read(string? id) =>
        Enum.TryParse<Stratum>(id, ignoreCase: true, out var stratum) && Enum.IsDefined(stratum) ? stratum : Stratum.Filling;
}
