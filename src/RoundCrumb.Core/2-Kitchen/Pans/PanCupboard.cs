using static RoundCrumb.Core.Pans.PanKind;
using static RoundCrumb.Core.Pans.PanMaterial;

namespace RoundCrumb.Core.Pans;

/// <summary>The pans that Round Crumb knows without being told.</summary>
public static class PanCupboard
{
    /// <summary>The id that stands for a pan measured by the baker.</summary>
    public const string OwnId = "own";

    public static readonly Pan Plate23 = new("plate-23", "23 cm pie plate, glass", PiePlate, Glass, new(229), new(184), new(32));
    public static readonly Pan DeepPlate24 = new(
        "deep-plate-24", "Deep 24 cm pie plate, ceramic", PiePlate, Ceramic, new(241), new(190), new(50));
    public static readonly Pan TartTin25 = new("tart-25", "25 cm loose-bottomed tart tin", TartTin, DarkSteel, new(250), new(245), new(25));
    public static readonly Pan Springform20 = new(
        "springform-20", "20 cm springform", Springform, BrightAluminium, new(200), new(200), new(70));

    /// <summary>All of them, kind by kind, in the order in which they are offered.</summary>
    public static IReadOnlyList<Pan> All { get; } =
    [
        new("plate-20", "20 cm pie plate, aluminium", PiePlate, BrightAluminium, new(203), new(160), new(30)),
        Plate23,
        DeepPlate24,
        new("plate-28", "28 cm pie plate, ceramic", PiePlate, Ceramic, new(279), new(229), new(38)),
        Tart(20),
        Tart(23),
        TartTin25,
        Tart(28),
        new("tartlet-8", "8 cm tartlet tin", TartTin, DarkSteel, new(80), new(75), new(20)),
        new("tartlet-10", "10 cm tartlet tin", TartTin, DarkSteel, new(100), new(95), new(20)),
        new("oblong-35", "35 × 11 cm oblong tart tin", OblongTart, DarkSteel, new(110), new(105), new(25))
        {
            Length = new(350),
            Corner = new(6),
        },
        Spring(18),
        Springform20,
        Spring(23),
        new("square-20", "20 cm square tin", SquareTin, BrightAluminium, new(200), new(200), new(50)) { Corner = new(12) },
        new("square-23", "23 cm square tin", SquareTin, BrightAluminium, new(230), new(230), new(50)) { Corner = new(12) },
        new("tray-28", "28 × 18 cm oblong tin", SquareTin, BrightAluminium, new(180), new(180), new(50))
        {
            Length = new(280),
            Corner = new(15),
        },
        new("ramekin-9", "9 cm ramekin", Ramekin, Ceramic, new(90), new(90), new(45)),
        new("pot-120", "Pot of 120 ml", Pot, Glass, new(70), new(55), new(39)),
        new("pot-200", "Pot of 200 ml", Pot, Glass, new(75), new(60), new(56)),
        new("wells-12", "Well of a 12-well tray", WellTray, DarkSteel, new(70), new(50), new(30)) { Wells = 12 },
    ];

    /// <summary>The pan with this id, or none.</summary>
    public static Pan? Find(string id) => All.FirstOrDefault(p => p.Id == id);

    private static Pan Tart(int cm) =>
        new($"tart-{cm}", $"{cm} cm loose-bottomed tart tin", TartTin, DarkSteel, new(cm * 10), new((cm * 10) - 5), new(25));

    private static Pan Spring(int cm) =>
        new($"springform-{cm}", $"{cm} cm springform", Springform, BrightAluminium, new(cm * 10), new(cm * 10), new(70));
}
