using RoundCrumb.Core.Methods;

namespace RoundCrumb.Core.Fillings;

/// <summary>Sugar that is melted first, wherever a filling asks for it: with its caution, whoever wrote the filling.</summary>
internal static class MeltedSugar
{
    private static readonly MethodStep Dry = new(
        "Melt the sugar dry to amber; off the heat what is warm of milk or cream in a thin stream: it boils up.", 10, 1.5, Place.Hob,
        "amber, smells of toffee, no smoke")
    { Caution = Cautions.Caramel };

    private static readonly MethodStep WithButter = new(
        "Melt the butter and the sugar together and let them bubble till they smell of toffee; off the heat the warm cream and milk in "
            + "a thin stream.",
        8, 1.5, Place.Hob, "smooth, deep gold, no grain of sugar")
    { Caution = Cautions.Toffee };

    /// <summary>What is done; none where no sugar is melted, or where the filling's own method begins with it.</summary>
    public static MethodStep? Of(FillingFormula formula) =>
        !formula.Lines.Any(l => l.GoesIn is GoesIn.Caramelised)
            || formula.Family.Method.Any(s => s.Caution.Template == Cautions.Caramel.Says.Template)
            ? null
            : formula.Lines.Any(l => l.Ingredient.IsFat) ? WithButter : Dry;
}
