using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Layering;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Toppings;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Composing;

/// <summary>
/// Which egg in a pie stays raw or is only lightly cooked. An egg is cooked only where a step takes that very egg to the heat that food
/// safety asks; a hot thing beside it is not enough. Guests' rules, What if, sheet and label all ask here.
/// </summary>
public static class RawEgg
{
    /// <summary>The heat at which egg may be called cooked.</summary>
    public static readonly Constant Safe = new(
        "egg is cooked at", 71, 70, 74, Dimension.Warmth, "At once at 71 °C, or 70 °C for two minutes: the usual advice on food safety.");

    /// <summary>
    /// The egg of a pie that no step takes so far and that is not pasteurised, part by part; none where all of it is cooked.
    /// </summary>
    /// <param name="pie">The pie.</param>
    public static IEnumerable<Held> In(Composition pie)
    {
        foreach (var held in Held.Of(pie))
        {
            if (IsRawEgg(held.What) && !IsCooked(pie, held))
                yield return held;
        }
    }

    /// <summary>The egg that stays raw in a filling by itself, as it is usually made; none where it is cooked or pasteurised.</summary>
    /// <param name="filling">The filling.</param>
    public static Ingredient? In(FillingFormula filling) => filling.Everything.FirstOrDefault(
        i => IsRawEgg(i) && !Reaches(filling, i, baked: filling.Family.Bake is not null && !filling.Family.BakeIsOptional));

    /// <summary>The egg that stays raw in a topping; none where it is cooked or pasteurised.</summary>
    /// <param name="topping">The topping.</param>
    public static Ingredient? In(Topping topping) =>
        Reaches(topping.EggTakenTo) ? null : topping.Everything.FirstOrDefault(IsRawEgg);

    private static bool IsRawEgg(Ingredient what) => what.Egg is not EggPart.None && !what.Is(Traits.Pasteurised);

    private static bool IsCooked(Composition pie, Held held) => held.In switch
    {
        // Dough and film are thin: what is baked at all is baked through.
        HeldIn.Crust or HeldIn.Seal => pie.Crust.IsBaked,

        // Of a part that cannot be used no step is known: nothing says that it is cooked, whatever is drawn in its place.
        _ when held.IsOfMissing => false,
        HeldIn.Beneath => pie.Under[held.At] is FillingLayer beneath && Reaches(beneath.Formula, held.What, baked: false),
        HeldIn.Filling => Reaches(pie.Filling.Formula, held.What, pie.BakesItsFilling),
        HeldIn.Topping => Reaches(pie.Toppings.ElementAt(held.At).Topping.EggTakenTo),
        _ => false,
    };

    private static bool Reaches(FillingFormula filling, Ingredient egg, bool baked)
    {
        if (baked && Reaches(filling.Family.Bake?.DoneAt))
            return true;

        // What is whipped and folded in comes after the hob.
        var folded = filling.Lines.Any(l =>
            l.Ingredient.Id == egg.Id && l.GoesIn is GoesIn.WhitesFolded or GoesIn.WhippedStiff or GoesIn.WhippedAndFolded);
        return !folded && Reaches(filling.Family.HobTakesEggTo);
    }

    private static bool Reaches(Constant? heat) => heat is { } to && to.Usual >= Safe.Usual;
}
