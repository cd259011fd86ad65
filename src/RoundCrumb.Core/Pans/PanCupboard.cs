namespace RoundCrumb.Core.Pans;

/// <summary>The pans that Round Crumb knows without being told.</summary>
public static class PanCupboard
{
    /// <summary>The id that stands for a pan measured by the baker.</summary>
    public const string OwnId = "own";

    public static readonly Pan Plate23 = new("plate-23", "23 cm pie plate, glass", PanKind.PiePlate, PanMaterial.Glass, new(229), new(184), new(32));
    public static readonly Pan DeepPlate24 = new("deep-plate-24", "Deep 24 cm pie plate, ceramic", PanKind.PiePlate, PanMaterial.Ceramic, new(241), new(190), new(50));
    public static readonly Pan TartTin25 = new("tart-25", "25 cm loose-bottomed tart tin", PanKind.TartTin, PanMaterial.DarkSteel, new(250), new(245), new(25));
    public static readonly Pan Springform20 = new("springform-20", "20 cm springform", PanKind.Springform, PanMaterial.BrightAluminium, new(200), new(200), new(70));

    /// <summary>All of them, in the order in which they are offered.</summary>
    public static IReadOnlyList<Pan> All { get; } = [Plate23, DeepPlate24, TartTin25, Springform20];

    /// <summary>The pan with this id, or none.</summary>
    public static Pan? Find(string id) => All.FirstOrDefault(p => p.Id == id);
}
