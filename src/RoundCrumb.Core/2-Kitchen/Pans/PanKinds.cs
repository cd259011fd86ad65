namespace RoundCrumb.Core.Pans;

/// <summary>All that the rest of the program knows of a kind of pan. A kind that says nothing here does not compile.</summary>
/// <param name="Code">What it is called in addresses.</param>
/// <param name="Name">What a baker calls it.</param>
/// <param name="Group">Under which heading it stands in a list.</param>
public sealed record PanFacts(string Code, string Name, string Group)
{
    /// <summary>True when the pie comes out of it whole.</summary>
    public bool Unmoulds { get; init; }

    /// <summary>True when it is eaten out of the pan itself, one to each.</summary>
    public bool ServedIn { get; init; }

    /// <summary>True when a crust has a flat rim to be crimped on.</summary>
    public bool HasRim { get; init; }

    /// <summary>True when its wall is fluted.</summary>
    public bool IsFluted { get; init; }

    /// <summary>True when it may be tall, and then is lined on its base alone.</summary>
    public bool MayBeTall { get; init; }

    /// <summary>True when a crumb lies on its base alone, however deep it is.</summary>
    public bool BaseOnly { get; init; }

    /// <summary>True when it has a length beside its width.</summary>
    public bool HasLength { get; init; }

    /// <summary>True for a tray of wells.</summary>
    public bool IsTray { get; init; }

    /// <summary>Its width at the base, of its width at the rim, where nobody has measured.</summary>
    public double UsualTaper { get; init; } = 1;
}

/// <summary>What is known of kinds of pan.</summary>
public static class PanKinds
{
    private static readonly PanFacts PiePlate = new("plate", "pie plate", "Pie plates") { HasRim = true, UsualTaper = 0.8 };
    private static readonly PanFacts TartTin = new("tin", "fluted tin, loose base", "Fluted tins") { Unmoulds = true, IsFluted = true };
    private static readonly PanFacts Springform = new("springform", "springform", "Springforms and rings")
    {
        Unmoulds = true,
        MayBeTall = true,
        BaseOnly = true,
    };
    private static readonly PanFacts Ring = new("ring", "straight ring", "Springforms and rings") { Unmoulds = true, MayBeTall = true };
    private static readonly PanFacts SquareTin = new("square-tin", "square or oblong tin", "Square and oblong tins")
    {
        MayBeTall = true,
        HasLength = true,
    };
    private static readonly PanFacts OblongTart = new("oblong", "oblong fluted tin", "Fluted tins")
    {
        Unmoulds = true,
        IsFluted = true,
        HasLength = true,
    };
    private static readonly PanFacts Ramekin = new("ramekin", "ramekin", "For one") { ServedIn = true, MayBeTall = true };
    private static readonly PanFacts Pot = new("pot", "pot or glass", "For one") { ServedIn = true, MayBeTall = true, BaseOnly = true };
    private static readonly PanFacts WellTray = new("well", "well of a tray", "For one") { Unmoulds = true, IsTray = true };

    extension(PanKind kind)
    {
        /// <summary>All that is known of it.</summary>
        public PanFacts Facts => kind switch
        {
            PanKind.PiePlate => PiePlate,
            PanKind.TartTin => TartTin,
            PanKind.Springform => Springform,
            PanKind.Ring => Ring,
            PanKind.SquareTin => SquareTin,
            PanKind.OblongTart => OblongTart,
            PanKind.Ramekin => Ramekin,
            PanKind.Pot => Pot,
            PanKind.WellTray => WellTray,
        };
    }
}
