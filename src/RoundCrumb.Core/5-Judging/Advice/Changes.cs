using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Toppings;

namespace RoundCrumb.Core.Advice;

/// <summary>The changes that remedies are made of. Each keeps everything it is not about.</summary>
internal static class Changes
{
    /// <summary>Another pan. Crust measures that were usual for the old one become usual for the new one.</summary>
    public static Composition To(this Composition c, Pan pan)
    {
        var before = Composition.UsualCrust(c.Pan, c.Crust.Family);
        var after = Composition.UsualCrust(pan, c.Crust.Family);
        var height = c.Crust.Height == before.Height ? after.Height : new(Math.Min(c.Crust.Height.Value, pan.Depth.Value));
        return c with
        {
            Pan = pan,
            Crust = c.Crust with
            {
                Thickness = c.Crust.Thickness == before.Thickness ? after.Thickness : c.Crust.Thickness,
                Height = height,
                Edge = c.Crust.Edge == before.Edge || !pan.HasRim ? after.Edge : c.Crust.Edge,
            },
            Filling = c.Filling with { Line = new(Math.Min(c.Filling.Line.Value, c.Filling.Formula.Family.FillLine.High)) },
        };
    }

    /// <summary>Another family of crust, as it is usually made.</summary>
    public static Composition To(this Composition c, CrustFamily family, Treatment treatment) =>
        c with { Crust = Composition.UsualCrust(c.Pan, family) with { Treatment = treatment } };

    public static Composition Seal(this Composition c, Seal seal) => c with { Crust = c.Crust with { Seal = seal } };

    public static Composition Make(this Composition c, BatchChoice batch) => c with { Filling = c.Filling with { Batch = batch } };

    /// <summary>Another topping in the place of the first.</summary>
    public static Composition Top(this Composition c, Topping topping) => c with { Topping = As(c.Topping, topping) };

    /// <summary>Another topping in the place of one of them; cream for cream keeps its height and how it is laid.</summary>
    public static Composition Top(this Composition c, ToppingChoice old, Topping topping) => c.Retop(old, As(old, topping));

    /// <summary>One of the toppings changed; taken away where it becomes nothing.</summary>
    public static Composition Retop(this Composition c, ToppingChoice old, ToppingChoice now)
    {
        if (c.Topping == old)
            return c with { Topping = now };
        var at = c.Over.ToList().IndexOf(old);
        return at < 0 ? c : c with { Over = now.IsNone ? c.Over.Without(at) : c.Over.With(at, now) };
    }

    private static ToppingChoice As(ToppingChoice old, Topping topping) =>
        old.Topping.Kind == topping.Kind && !old.IsNone && topping != Topping.None
            ? old with { Topping = topping }
            : ToppingChoice.Usual(topping);

    public static Composition Setter(this Composition c, double setter) => c with { Filling = c.Filling with { Setter = setter } };

    public static Composition FillLine(this Composition c, double line) => c with { Filling = c.Filling with { Line = new(line) } };

    public static Composition Filled(this Composition c, double hours) =>
        c with { Occasion = c.Occasion with { FilledAhead = hours, ToppedAhead = Math.Min(c.Occasion.ToppedAhead, hours) } };

    public static Composition Topped(this Composition c, double hours) => c with { Occasion = c.Occasion with { ToppedAhead = hours } };

    /// <summary>Another thickness; in a shallow pan the fill line gives way to it.</summary>
    public static Composition Thick(this Composition c, Millimetres thickness) => c with
    {
        Crust = c.Crust with { Thickness = thickness },
        Filling = c.Filling with
        {
            Line = new(Math.Min(
                c.Filling.Line.Value, Math.Max(0, c.Pan.Depth.Value - thickness.Value - CompositionAddress.LeastRoom))),
        },
    };

    /// <summary>Hours as a quantity of time.</summary>
    public static Quantity Hours(double hours) => new(hours * 60, Dimension.Time);
}
