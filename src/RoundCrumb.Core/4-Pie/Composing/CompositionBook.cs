using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Core.Toppings;

namespace RoundCrumb.Core.Composing;

/// <summary>What a composition is written and read back with.</summary>
public static class CompositionBook
{
    /// <summary>The shipped book with the parts of one composition in it, so that what is written of it is read back.</summary>
    public static PartBook Around(Composition c)
    {
        var shipped = PartBook.Shipped;
        var isShipped = shipped.Crust(c.Crust.Family.Id) == c.Crust.Family && c.Fillings.All(f => shipped.Filling(f.Id) == f)
            && c.Toppings.All(t => t.Topping.Id == ToppingBook.Held.Id || shipped.Topping(t.Topping.Id) == t.Topping)
                && (c.Oven is null || c.Oven == Oven.Plain) && c.Corrections is null;
        return isShipped ? shipped : PartBook.ShippedWith(c.Crust.Family, c.Fillings, c.Toppings.Select(t => t.Topping), c.Oven)
            .With(c.Corrections is null ? [] : [c.Corrections]);
    }
}
