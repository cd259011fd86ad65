using RoundCrumb.Application.Reading;
using RoundCrumb.Core.BlindBaking;
using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Data.Recipes;

namespace RoundCrumb.Application.Learning;

/// <summary>What corrections are called: the names of this kitchen's ovens, bakers, parts and ingredients.</summary>
public sealed class CorrectionNames
{
    private readonly Kitchen _kitchen;
    private readonly IReadOnlyDictionary<string, string> _own;
    private readonly KnownIngredients _known;

    private CorrectionNames(Kitchen kitchen, IReadOnlyDictionary<string, string> own, KnownIngredients known) =>
        (_kitchen, _own, _known) = (kitchen, own, known);

    /// <summary>The names of some corrections.</summary>
    /// <param name="keys">Which.</param>
    /// <param name="compositions">Where the kitchen is read.</param>
    /// <param name="parts">The baker's own parts.</param>
    /// <param name="cancel">Cancels it.</param>
    public static async Task<CorrectionNames> OfAsync(
        IEnumerable<CorrectionKey> keys, CompositionReader compositions, PartNames parts, CancellationToken cancel = default) => new(
            await compositions.KitchenAsync(cancel), await parts.OfAsync(keys.SelectMany(k => k.Parts.Append(k.Under)), cancel),
            await compositions.KnownAsync(cancel));

    /// <summary>What a correction is of.</summary>
    public string Of(CorrectionKey key) => key.Kind switch
    {
        CorrectionKind.OvenOffset => Oven(key.Of) + (Enum.TryParse<OvenZone>(key.Under, out var zone) ? ", " + ZoneOf(zone) : ""),
        CorrectionKind.BakeMinutes => StageOf(key.Parts) + (key.Under.Length > 0 ? " in " + Oven(key.Under) : ""),
        CorrectionKind.HandsMinutes =>
            (Enum.TryParse<StepKind>(key.Of, out var step) ? step.Label : key.Of) + (key.Under.Length > 0 ? ", " + Baker(key.Under) : ""),
        CorrectionKind.WarmUp => Oven(key.Of) + ", warming up,",
        CorrectionKind.Yield or CorrectionKind.SetShift => key.Under.Length > 0 ? Filling(key.Under) : FillingFamily(key.Of),
        CorrectionKind.WhippedVolume or CorrectionKind.BiscuitWeight or CorrectionKind.EggWeight => Capital(Ingredient(key.Of)),
        CorrectionKind.JuiceOfFruit or CorrectionKind.ZestOfFruit => Capital(
            _known.Find(key.Of) is { PartOf.Length: > 0 } part ? "one " + Ingredient(part.PartOf) : Ingredient(key.Of)),
        CorrectionKind.DoughWater => Crust(key.Of),
        CorrectionKind.Shrinkage => Crust(key.Parts[0])
            + (Enum.TryParse<ShellChill>(key.Parts[^1], out var chill) ? ", " + ChillOf(chill) + "," : ""),
        CorrectionKind.BaseLife => Crust(key.Parts[0]) + " under " + FillingFamily(key.Parts[^1]).ToLowerInvariant()
            + (Seal.Find(key.Parts[1]) is { } seal && seal != Seal.None
                ? ", sealed with " + seal.Name.ToLowerInvariant() + ","
                : ", unsealed,"),
    };

    private string StageOf(string[] parts)
    {
        var stage = StageKinds.Find(parts[0]);
        var of = parts[^1];
        return stage switch
        {
            StageKind.Filled => FillingFamily(of) + ", in the oven,",
            StageKind.Weighted => Crust(of) + ", under weights,",
            StageKind.Open => Crust(of) + ", baked open,",
            StageKind.Crumb => Crust(of) + ", baked,",
            _ => Crust(of) + ", " + (stage?.Name ?? parts[0]).ToLowerInvariant(),
        };
    }

    private static string ZoneOf(OvenZone zone) => zone switch
    {
        OvenZone.Low => "at a low heat,",
        OvenZone.Middle => "at a middle heat,",
        OvenZone.High => "at a high heat,",
    };

    private static string ChillOf(ShellChill chill) => chill switch
    {
        ShellChill.Chilled => "chilled",
        ShellChill.Frozen => "frozen",
        ShellChill.Unchilled => "not rested",
    };

    private string Oven(string id) => _kitchen.Ovens.FirstOrDefault(o => o.Id == id)?.Name
        ?? (id == Core.Kitchens.Oven.Plain.Id ? Core.Kitchens.Oven.Plain.Name : "An oven that is gone");

    private string Baker(string id) => _kitchen.Bakers.FirstOrDefault(b => b.Id == id)?.Name ?? "a baker who is gone";

    private string Crust(string id) => _own.GetValueOrDefault(id) ?? PartBook.Shipped.Crust(id)?.Name ?? id;

    private string Filling(string id) => _own.GetValueOrDefault(id) ?? PartBook.Shipped.Filling(id)?.Name ?? id;

    private static string FillingFamily(string id) => Core.Fillings.FillingFamilies.All.FirstOrDefault(f => f.Id == id)?.Name ?? id;

    private string Ingredient(string id) => _known.Find(id)?.ShortName ?? id;

    private static string Capital(string words) => words.Length == 0 ? words : char.ToUpperInvariant(words[0]) + words[1..];
}
