using RoundCrumb.Core.HeatFlow;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Quantities;

namespace RoundCrumb.Core.Baking;

/// <summary>How long something from the fridge stands out until it can be worked.</summary>
/// <param name="InOnePiece">Minutes as it is sold; none where the room is too cold for it ever to soften.</param>
/// <param name="CutSmall">Minutes in cubes; none as above.</param>
public readonly record struct SofteningTime(double? InOnePiece, double? CutSmall)
{
    private const double FridgeCold = Coolers.UsualFridge;

    private static readonly ResultMemo<(Blend Blend, double Grams, double Room, HeatTransfer Rack), SofteningTime> Times = new(
        static x => WorkedOut(Matter.Of(x.Blend), x.Grams, x.Room, x.Rack));

    /// <summary>By what it is of, how much there is of it, and the room.</summary>
    /// <param name="ingredient">What it is.</param>
    /// <param name="grams">All of it, more than 0; more than a piece stands out in several.</param>
    /// <param name="room">°C.</param>
    /// <param name="rack">How well the room warms it.</param>
    public static SofteningTime Of(Ingredient ingredient, double grams, RoomCelsius room, HeatTransfer rack)
    {
        var piece = Math.Max(5, Math.Round(Math.Min(grams, Softening.Piece.Usual) / 5) * 5);
        return Times.Of((PieMatter.Of(ingredient), piece, room.Value, rack));
    }

    private static SofteningTime WorkedOut(Matter matter, double grams, double room, HeatTransfer rack)
    {
        double? Takes(ColdPiece piece) => Rounded(piece.Minutes(FridgeCold, Softening.Workable.Usual, room, rack));
        return new(Takes(ColdPiece.Block(matter, grams)), Takes(ColdPiece.Cube(matter, Softening.CutTo.Usual)));
    }

    private static double? Rounded(double? minutes) => minutes is { } m ? Math.Max(5, Math.Round(m / 5) * 5) : null;
}
