using RoundCrumb.Core.Units;

namespace RoundCrumb.Web.Hosting;

/// <summary>Light, night, or as the device says.</summary>
public enum Theme
{
    Device,
    Light,
    Night,
}

/// <summary>A baker's own units and light, remembered in a cookie on this device.</summary>
public sealed class Preferences
{
    /// <summary>The cookie's name.</summary>
    public const string Cookie = "roundcrumb.units";

    /// <summary>Reads the cookie of the request at hand.</summary>
    public Preferences(IHttpContextAccessor accessor)
    {
        (Units, Theme) = Read(accessor.HttpContext?.Request.Cookies[Cookie]);
    }

    /// <summary>The units.</summary>
    public UnitChoice Units { get; }

    /// <summary>The theme.</summary>
    public Theme Theme { get; }

    /// <summary>Says quantities in these units.</summary>
    public QuantityFormatter Shown => new(Units);

    /// <summary>The cookie's text for some units and a theme.</summary>
    public static string Write(UnitChoice units, Theme theme) => $"{units.Mass}.{units.Oven}.{units.Length}.{theme}".ToLowerInvariant();

    /// <summary>Reads a cookie's text; anything unknown is as usual.</summary>
    public static (UnitChoice Units, Theme Theme) Read(string? text)
    {
        var parts = (text ?? "").Split('.');
        return (new UnitChoice(Part<MassUnit>(0), Part<OvenUnit>(1), Part<LengthUnit>(2)), Part<Theme>(3));

        T Part<T>(int index)
            where T : struct, Enum =>
            index < parts.Length && !char.IsAsciiDigit(parts[index].FirstOrDefault())
                && Enum.TryParse<T>(parts[index], ignoreCase: true, out var value) && Enum.IsDefined(value)
                ? value
                : default;
    }
}
