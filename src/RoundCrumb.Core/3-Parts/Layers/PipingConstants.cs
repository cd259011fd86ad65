using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Arranging;

/// <summary>How wide cream comes out of a nozzle, and how much of it.</summary>
public static class PipingConstants
{
    public static readonly Constant RosetteWidth = new(
        "a rosette, to the nozzle's opening", 2.4, 2.0, 3.0, Dimension.Factor, "One turn of the hand; a slow hand makes it wider.");
    public static readonly Constant RosetteHeight = new(
        "a rosette's height, to its width", 0.7, 0.6, 0.85, Dimension.Factor, "It comes to a point.");
    public static readonly Constant RosetteFull = new(
        "a rosette fills of its box", 0.39, 0.34, 0.45, Dimension.Factor, "Half of a dome, less what the star's furrows leave out.");
    public static readonly Constant ShellLength = new(
        "a shell's length, to the nozzle's opening", 2.8, 2.3, 3.4, Dimension.Factor, "A push, then drawn away to a tail.");
    public static readonly Constant ShellWidth = new(
        "a shell's width, to the nozzle's opening", 1.8, 1.5, 2.2, Dimension.Factor, "It swells as it is pushed.");
    public static readonly Constant ShellFull = new(
        "a shell fills of its box", 0.40, 0.33, 0.46, Dimension.Factor,
        "Half an egg that thins to its tail; as high as it is half as wide.");
    public static readonly Constant ShellOver = new(
        "a shell lies over the next by", 0.20, 0.1, 0.3, Dimension.Share, "It hides the tail of the one before.");
    public static readonly Constant LineApart = new(
        "lines of a lattice apart, to the nozzle's opening", 3, 2, 5, Dimension.Factor, "Windows twice as wide as the lines.");
}
