using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Steps;

/// <summary>What a piece of work needs besides hands, of which a kitchen has only so many.</summary>
public enum Tool
{
    /// <summary>No appliance.</summary>
    None,

    /// <summary>A burner of the hob.</summary>
    Burner,

    /// <summary>A mixer.</summary>
    Mixer,

    /// <summary>A food processor.</summary>
    Processor,
}

/// <summary>Where something waits.</summary>
public enum WaitsAt
{
    /// <summary>On the bench or a rack.</summary>
    Bench,

    /// <summary>In a fridge.</summary>
    Fridge,

    /// <summary>In a freezer.</summary>
    Freezer,
}

/// <summary>What a place asks for, and keeps.</summary>
public static class PlaceNeeds
{
    extension(Place place)
    {
        /// <summary>What work there needs besides hands.</summary>
        public Tool Tool => place switch
        {
            Place.Hob => Tool.Burner,
            Place.Mixer => Tool.Mixer,
            Place.Processor => Tool.Processor,
            Place.Bench or Place.Fridge or Place.Freezer or Place.Oven => Tool.None,
        };

        /// <summary>Where what was done there waits afterwards.</summary>
        public WaitsAt WaitsAt => place switch
        {
            Place.Fridge => WaitsAt.Fridge,
            Place.Freezer => WaitsAt.Freezer,
            Place.Bench or Place.Hob or Place.Oven or Place.Mixer or Place.Processor => WaitsAt.Bench,
        };
    }
}

/// <summary>What hands do while something is in the oven: weights out, turned, taken out.</summary>
/// <param name="After">Minutes since it went in.</param>
/// <param name="Minutes">How long hands are busy with it.</param>
/// <param name="Step">Which step of the chain it is; the one that it comes out with where it is the last.</param>
public readonly record struct OvenTouch(double After, double Minutes, int Step);

/// <summary>One load in an oven.</summary>
/// <param name="Heat">What it is baked at, of a conventional oven.</param>
/// <param name="Low">The least heat that does as well.</param>
/// <param name="High">The most heat that does as well.</param>
/// <param name="Minutes">From going in to coming out, what hands do between counted in.</param>
/// <param name="Touches">What hands do on the way, coming out last.</param>
/// <param name="Tray">True for a loose tray, which takes a shelf whatever the pan is.</param>
public sealed record Baking(
    OvenCelsius Heat, OvenCelsius Low, OvenCelsius High, double Minutes, IReadOnlyList<OvenTouch> Touches, bool Tray);

/// <summary>One thing that is begun and ended without a wait between: a stretch of hands, or a load in the oven.</summary>
/// <param name="Id">By what it is known again when the work is put together anew.</param>
/// <param name="Part">Which part of the pie.</param>
/// <param name="Label">What it is called in two or three words.</param>
/// <param name="Steps">Which steps of the chain are done in it, in their order.</param>
/// <param name="SetUp">Minutes of hands however many pies; saved when like work is joined.</param>
/// <param name="More">Minutes of hands that grow with the pies.</param>
/// <param name="Tool">What it needs besides hands.</param>
/// <param name="Pies">For how many of the pies.</param>
/// <param name="Baking">How it bakes; none for hands.</param>
/// <param name="Join">Work of the same name for other pies can be done in one go with it; none where that saves nothing.</param>
public sealed record Work(
    WorkId Id, StepPart Part, string Label, IReadOnlyList<int> Steps, double SetUp, double More, Tool Tool, int Pies, Baking? Baking,
    JoinName? Join)
{
    /// <summary>From beginning to end.</summary>
    public double Minutes => Baking?.Minutes ?? (SetUp + More);
}

/// <summary>What kind of work is done for several pies in one go.</summary>
public enum JoinKind
{
    /// <summary>Fat cut and frozen, or taken out to soften.</summary>
    Fat,

    /// <summary>A dough, mixed once for all.</summary>
    Dough,

    /// <summary>A crumb, ground and bound once for all.</summary>
    Crumb,

    /// <summary>Cream, whipped once for all.</summary>
    Cream,
}

/// <summary>Like work that can be done in one go: one dough, one crumb, one whipping.</summary>
/// <param name="Kind">What kind of work.</param>
/// <param name="Of">Of what: only what is of the same is done together.</param>
public readonly record struct JoinName(JoinKind Kind, string Of)
{
    /// <summary>How far apart pies may be wanted that share it.</summary>
    public Constant Within => Kind switch
    {
        JoinKind.Fat or JoinKind.Dough => StepConstants.OneDough,
        JoinKind.Crumb => StepConstants.OneCrumb,
        JoinKind.Cream => StepConstants.OneWhipping,
    };

    /// <summary>True for what stands finished all at one time once it is done.</summary>
    public bool FinishesPies => Kind is JoinKind.Cream;

    /// <summary>As text, the same for the same work.</summary>
    public override string ToString() => Kind switch
    {
        JoinKind.Fat => $"dough {Of} fat",
        JoinKind.Dough => $"dough {Of}",
        JoinKind.Crumb => $"crumb {Of}",
        JoinKind.Cream => $"cream {Of}",
    };
}

/// <summary>From the end of one piece of work to the beginning of another.</summary>
/// <param name="From">Which is first.</param>
/// <param name="To">Which follows.</param>
/// <param name="Wait">Least, best and most minutes between.</param>
/// <param name="At">Where the pies, or their dough, are meanwhile.</param>
/// <param name="IsTie">True where nothing has to be waited for: it only must not be left too long.</param>
/// <param name="Holds">What takes up the place.</param>
public sealed record Gap(int From, int To, MinuteRange Wait, WaitsAt At, bool IsTie, Holds Holds);

/// <summary>What takes up a cold place while it waits.</summary>
/// <param name="Pies">So many pans; 0 where it is not in its pan.</param>
/// <param name="Parcels">So many parcels of dough, bowls or trays.</param>
public readonly record struct Holds(int Pies, int Parcels);

/// <summary>From the last work on some of the pies until they are wanted.</summary>
/// <param name="From">The last work.</param>
/// <param name="Wait">Least before they are ready; most before they suffer.</param>
/// <param name="At">Where they stand.</param>
/// <param name="Pies">How many.</param>
public sealed record Ending(int From, MinuteRange Wait, WaitsAt At, int Pies);

/// <summary>What is there already when a day begins.</summary>
public enum Stock
{
    /// <summary>Made from flour and fat that day.</summary>
    Scratch,

    /// <summary>Dough from the freezer.</summary>
    FrozenDough,

    /// <summary>Lined shells from the freezer.</summary>
    FrozenShells,

    /// <summary>Shells baked before.</summary>
    BakedShells,
}
