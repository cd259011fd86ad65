using RoundCrumb.Core.Arranging;
using RoundCrumb.Core.Layering;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Toppings;
using static RoundCrumb.Core.Composing.CompositionAddress;

namespace RoundCrumb.Core.Composing;

/// <content>What lies under the filling and on it.</content>
internal sealed partial class AddressReader
{
    private ToppingChoice ReadTopping(ToppingFields fields, Topping usualTopping)
    {
        var topping = Known(fields.Id, book.Topping, usualTopping, "topping", t => t.Id) ?? usualTopping;
        var usual = ToppingChoice.Usual(topping);

        // Figures that were filled in for another topping do not follow this one.
        if (field(fields.Was) is { Length: > 0 } was && was != topping.Id)
            return usual;
        var (least, most) = topping.Piece is { Sliced: true } ? (2.0, 20.0) : (2.0, 60.0);
        var height = Length(
            fields.Height, new(Math.Clamp(usual.Height.Value, least, most)), least, most,
            topping.Piece is null ? "It goes on {0} to {1} thick." : "Slices are cut {0} to {1} thick.");
        var pattern = Named(fields.Pattern, Patterns, usual.Laying.Pattern, "a way to lay it");
        if (!topping.Patterns.Contains(pattern))
            pattern = usual.Laying.Pattern;
        var overlap = Plain(
            fields.Overlap, usual.Laying.Overlap * 100, 0, Footprint.Most * 100, "Pieces lie 0 to 60 % over one another.", Percent)
            / 100;
        var nozzle = Length(
            fields.Nozzle, usual.Laying.Nozzle, Laying.Nozzles.Least, Laying.Nozzles.Most,
            "A nozzle is {0} to {1} wide at its opening.");
        return new(topping, height, new(pattern, overlap, nozzle));
    }

    private Pile<ToppingChoice> ReadOver()
    {
        var over = new List<ToppingChoice>();
        for (var i = 0; i < Composition.MostLayers; i++)
        {
            if (field(OverAt(i).Id) is not { Length: > 0 } typed || typed == Topping.None.Id)
                continue;
            var read = ReadTopping(OverAt(i), Topping.None);
            if (!read.IsNone)
                over.Add(read);
        }

        return over.Count == 0 ? Pile.Of<ToppingChoice>() : new(over);
    }

    /// <summary>Layers from the base up, none so thick that the filling has no room on them.</summary>
    private Pile<LayerChoice> ReadUnder(double room)
    {
        const double LeastFilling = 5;
        var under = new List<LayerChoice>();
        for (var i = 0; i < Composition.MostLayers; i++)
        {
            var fields = UnderAt(i);
            if (field(fields.Id) is not { Length: > 0 } typed || typed == "none")
                continue;
            var fresh = field(fields.Was) is { Length: > 0 } was && was != typed;
            if (PieceBook.Find(typed) is { } piece)
            {
                var thick = piece.Sliced && !fresh
                    ? Length(fields.Height, new(piece.Thick.Usual), 2, 20, "Slices are cut {0} to {1} thick.")
                    : new(piece.Thick.Usual);
                under.Add(new PieceLayer(piece, thick, Flag(fields.Half)));
                continue;
            }

            if (book.Filling(typed) is not { } formula)
            {
                Miss(fields.Id, typed, "layer", "");
                continue;
            }

            if (!formula.Family.NeedsNoOven)
            {
                Say(
                    fields.Id, typed,
                    $"{formula.Name} is baked in its shell; a layer beneath is one that sets without. Nothing is taken for it.");
                continue;
            }

            var most = room - LeastFilling;
            if (most < 2)
            {
                Say(
                    fields.Id, typed,
                    new(
                        "There is no room for it: {0} are left up to the fill line, and the filling wants {1} of them.",
                        new Millimetres(Math.Max(0, room)).AsQuantity(), new Millimetres(LeastFilling).AsQuantity()));
                continue;
            }

            var usual = new Millimetres(Math.Min(FillingLayer.UsualThickness.Usual, most));
            var high = fresh
                ? usual
                : Length(
                    fields.Height, usual, 2, Math.Min(60, most),
                    "Here a layer beneath is {0} to {1} thick: the filling wants its room.");
            under.Add(new FillingLayer(formula, high));
            room -= high.Value;
        }

        return under.Count == 0 ? Pile.Of<LayerChoice>() : new(under);
    }
}
