using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Steps;

/// <summary>Minutes of hands and of waiting that belong to no one family.</summary>
public static class StepConstants
{
    public static readonly Constant ThinLayer = new(
        "the shortest set of a thin layer, to its family's", 0.35, 0.3, 0.5, Dimension.Factor,
        "However thin, it has to cool right through before it bears the next.");
    public static readonly Constant LayerChill = new(
        "chilled before the next goes on, at the least", 15, 10, 30, Dimension.Time, "Less leaves the surface wet.");
    public static readonly Constant SmallHands = new(
        "hands for a small shell, to a pie's", 0.25, 0.15, 0.35, Dimension.Factor,
        "Forty tartlets are not forty pies: one sheet lines many.");
    public static readonly Constant HotIn = new(
        "hot filling waits for its shell", 10, 5, 15, Dimension.Time, "It skins over and sets in the pot.");
    public static readonly Constant GelatineIn = new(
        "filling with gelatine waits for its shell", 15, 10, 20, Dimension.Time, "It sets in the bowl as it cools.");
    public static readonly Constant ColdIn = new(
        "other filling waits for its shell", 60, 30, 90, Dimension.Time, "Cream and egg are not left out; foam falls.");
    public static readonly Constant HotShell = new(
        "a shell that is filled hot waits", 20, 10, 25, Dimension.Time, "The base is dry as long as it is hot.");
    public static readonly Constant AtHand = new(
        "from one bench step to the next", 15, 5, 30, Dimension.Time, "What is begun is carried on with.");
    public static readonly Constant ByTheBowl = new(
        "a bowl cools by itself on the bench for", 40, 20, 60, Dimension.Time, "Nobody waits longer for it: then it goes over ice.");
    public static readonly Constant OnTheRack = new(
        "a hot pie may stand on the rack before it goes into the fridge", 45, 30, 60, Dimension.Time,
        "It loses heat there too, and the two hours of the cooling rule are not over.");
    public static readonly Constant Stands = new(
        "a finished crust waits for its filling", 24 * 60, 12 * 60, 48 * 60, Dimension.Time, "Airtight and dry.");
    public static readonly Constant LongestStretch = new(
        "hands on one thing without a break", 90, 60, 120, Dimension.Time, "Then the baker looks up, and another job may go between.");
    public static readonly Constant Thaw = new(
        "thawing dough in the fridge", 600, 480, 2880, Dimension.Time,
        "Overnight; thawed outside, it melts at the edge while the middle is hard.");
    public static readonly Constant JoinedStands = new(
        "crumb or dough made for several pies stands", 24 * 60, 12 * 60, 48 * 60, Dimension.Time,
        "Covered and cool; warm the crumb in the hand before it is pressed.");
    public static readonly Constant OneDough = new(
        "pies of one dough are wanted within", 30 * 60, 24 * 60, 48 * 60, Dimension.Time,
        "Rested dough keeps two days in the fridge; the last pie still wants rolling and baking.");
    public static readonly Constant OneCrumb = new(
        "pies of one crumb are wanted within", 12 * 60, 6 * 60, 24 * 60, Dimension.Time,
        "Buttered crumb sets as it stands and is warmed in the hand.");
    public static readonly Constant OneWhipping = new(
        "pies of one whipping are wanted within", 60, 30, 90, Dimension.Time, "Cream is at its best as it is whipped.");
    public static readonly Constant ParcelPlace = new(
        "a parcel of dough or a bowl, to a pie's place in the cold", 0.25, 0.2, 0.5, Dimension.Share,
        "Flat parcels stack; a pie must stand level and alone.");
}
