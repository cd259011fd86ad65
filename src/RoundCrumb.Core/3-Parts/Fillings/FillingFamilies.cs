using RoundCrumb.Core.Crusts;

namespace RoundCrumb.Core.Fillings;

/// <summary>The families of fillings. Each is declared in the file of its kind: on the hob, cold, baked.</summary>
public static class FillingFamilies
{
    public static FillingFamily StarchCustard => HobFillings.StarchCustard;

    public static FillingFamily LightCustard => HobFillings.LightCustard;

    public static FillingFamily BakedCustard => BakedFillings.BakedCustard;

    public static FillingFamily PouredCurd => HobFillings.PouredCurd;

    public static FillingFamily BakedCitrus => BakedFillings.BakedCitrus;

    public static FillingFamily AcidMilk => ColdFillings.AcidMilk;

    public static FillingFamily CheeseGelatine => ColdFillings.CheeseGelatine;

    public static FillingFamily CheeseStiff => ColdFillings.CheeseStiff;

    public static FillingFamily Chiffon => ColdFillings.Chiffon;

    public static FillingFamily Ganache => HobFillings.Ganache;

    public static FillingFamily AlmondPaste => BakedFillings.AlmondPaste;

    public static FillingFamily FreshCurd => BakedFillings.FreshCurd;

    public static FillingFamily NutSyrup => BakedFillings.NutSyrup;

    public static FillingFamily FruitCrumble => BakedFillings.FruitCrumble;

    public static FillingFamily CaramelLayer => HobFillings.CaramelLayer;

    /// <summary>All families, in the order of the craft.</summary>
    public static IReadOnlyList<FillingFamily> All { get; } =
    [
        StarchCustard, LightCustard, BakedCustard, PouredCurd, BakedCitrus, AcidMilk, CheeseGelatine, CheeseStiff,
        Chiffon, Ganache, AlmondPaste, FreshCurd, NutSyrup, FruitCrumble, CaramelLayer,
    ];

    /// <summary>What each kind of filling wants of its shell, in the order of the craft.</summary>
    public static IReadOnlyList<ShellNeed> Shells { get; } = [.. All.Select(f => f.Shell)];

    /// <summary>The family with this id, or none.</summary>
    public static FillingFamily? Find(string id) => All.FirstOrDefault(f => f.Id == id);
}
