using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Crusts;

/// <summary>What sweetens a pressed crumb and binds it.</summary>
public enum Binder
{
    /// <summary>As the family has it.</summary>
    AsWritten,

    /// <summary>Nothing but the fat.</summary>
    None,

    /// <summary>Caster sugar.</summary>
    Sugar,

    /// <summary>Honey: the same sugars, and it glues.</summary>
    Honey,
}

/// <summary>A crust as chosen for one pie.</summary>
/// <param name="Family">Which kind.</param>
/// <param name="Thickness">Of the dough, or of the pressed base.</param>
/// <param name="Height">How far up the wall it stands, from the pan's bottom; 0 for a base alone.</param>
/// <param name="Treatment">How it is baked or chilled; one of the family's.</param>
/// <param name="Edge">How a rolled edge is finished; of no meaning for crumb.</param>
/// <param name="Seal">What keeps the wet off it.</param>
public sealed record CrustChoice(CrustFamily Family, Millimetres Thickness, Millimetres Height, Treatment Treatment, Edge Edge, Seal Seal)
{
    /// <summary>How thick a pressed crumb stands against the wall; none for as thick as its base, and no thicker than is usual.</summary>
    public Millimetres? Wall { get; init; }

    /// <summary>What binds a pressed crumb.</summary>
    public Binder Binder { get; init; }

    /// <summary>True when the butter of a pressed crumb is browned first.</summary>
    public bool Browned { get; init; }

    /// <summary>True when a rolled shell goes from the freezer into the oven.</summary>
    public bool Frozen { get; init; }

    /// <summary>True when a rolled shell is baked as it is lined, without a chill; of no meaning for a frozen one.</summary>
    public bool Unchilled { get; init; }

    /// <summary>How its lined shell is cooled; a frozen one is never unchilled.</summary>
    public ShellChill Chill => Frozen ? ShellChill.Frozen : Unchilled ? ShellChill.Unchilled : ShellChill.Chilled;

    /// <summary>True when it spends time in the oven.</summary>
    public bool IsBaked => Treatment is not (Treatment.Chilled or Treatment.Ready);

    /// <summary>How thick it stands against the wall.</summary>
    public Millimetres WallThickness => Family.WallOf(this);

    /// <summary>How thick a pressed crumb stands against the wall unless the baker says.</summary>
    public Millimetres UsualWall => new(Math.Min(Thickness.Value, CrustConstants.CrumbWall.Usual));

    /// <summary>The same made as a house goes by, where it has settled that.</summary>
    /// <param name="schools">What the house has settled.</param>
    public CrustChoice As(Schools schools)
    {
        Treatment? settled = Treatment switch
        {
            Treatment.HotStart or Treatment.Steady =>
                schools.WayOf("hot-or-steady") switch { "hot" => Treatment.HotStart, "steady" => Treatment.Steady, _ => null },
            Treatment.Baked or Treatment.Chilled =>
                schools.WayOf("baked-or-chilled") switch { "baked" => Treatment.Baked, "chilled" => Treatment.Chilled, _ => null },
            Treatment.Ready => null,
        };
        return settled is { } way && Family.Treatments.Contains(way) ? this with { Treatment = way } : this;
    }
}

/// <summary>How a lined shell was cooled before it went into the oven.</summary>
public enum ShellChill
{
    /// <summary>In the fridge.</summary>
    Chilled,

    /// <summary>In the freezer.</summary>
    Frozen,

    /// <summary>Not at all.</summary>
    Unchilled,
}

/// <summary>What is known of each way.</summary>
public static class ShellChills
{
    extension(ShellChill chill)
    {
        /// <summary>By how much a shell shrinks down the wall, mm.</summary>
        public Constant Shrinks => chill switch
        {
            ShellChill.Chilled => CrustConstants.ShrinksChilled,
            ShellChill.Frozen => CrustConstants.ShrinksFrozen,
            ShellChill.Unchilled => CrustConstants.ShrinksUnchilled,
        };
    }
}
