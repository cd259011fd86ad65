using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Toppings;

namespace RoundCrumb.Core.Recipes;

/// <summary>A part that is here and cannot be used as it is.</summary>
/// <param name="Name">What the baker calls it.</param>
/// <param name="Why">What is missing, and what to do about it.</param>
/// <param name="Holds">What is in it all the same.</param>
public sealed record UnfitPart(string Name, string Why, IReadOnlyList<Ingredient> Holds);

/// <summary>The crusts, fillings and toppings that a composition can be read against: those shipped, and a baker's own.</summary>
public sealed class PartBook
{
    private readonly Dictionary<string, CrustFamily> _crusts;
    private readonly Dictionary<string, FillingFormula> _fillings;
    private readonly Dictionary<string, Topping> _toppings;

    private PartBook(
        IEnumerable<CrustFamily> crusts, IEnumerable<FillingFormula> fillings, IEnumerable<Topping> toppings,
        IReadOnlyList<Pan>? kitchen = null, IReadOnlyList<Oven>? ovens = null)
    {
        Kitchen = kitchen ?? [];
        Ovens = ovens ?? [];
        Crusts = [.. crusts];
        Fillings = [.. fillings];
        Toppings = [.. toppings];
        _crusts = Crusts.ToDictionary(c => c.Id, StringComparer.Ordinal);
        _fillings = Fillings.ToDictionary(f => f.Id, StringComparer.Ordinal);
        _toppings = Toppings.ToDictionary(t => t.Id, StringComparer.Ordinal);
    }

    // The same parts for another kitchen.
    private PartBook(PartBook like, IReadOnlyList<Pan> kitchen, IReadOnlyList<Oven> ovens)
    {
        (Crusts, Fillings, Toppings) = (like.Crusts, like.Fillings, like.Toppings);
        (_crusts, _fillings, _toppings) = (like._crusts, like._fillings, like._toppings);
        (Kitchen, Ovens, Schools, States, Unfit) = (kitchen, ovens, like.Schools, like.States, like.Unfit);
        Own = like.Own;
    }

    /// <summary>What comes with Round Crumb.</summary>
    public static PartBook Shipped { get; } = new(CrustBook.All, FillingBook.All, Core.Toppings.Topping.All);

    /// <summary>In the order in which they are offered.</summary>
    public IReadOnlyList<CrustFamily> Crusts { get; }

    /// <summary>In the order in which they are offered.</summary>
    public IReadOnlyList<FillingFormula> Fillings { get; }

    /// <summary>In the order in which they are offered.</summary>
    public IReadOnlyList<Topping> Toppings { get; }

    /// <summary>The baker's own pans, by the key they have in the kitchen.</summary>
    public IReadOnlyList<Pan> Kitchen { get; }

    /// <summary>The ovens of the kitchen, by the id they have there.</summary>
    public IReadOnlyList<Oven> Ovens { get; }

    /// <summary>What the house has settled where bakers differ: the usual way of a crust follows it.</summary>
    public Schools Schools { get; private init; } = Schools.None;

    /// <summary>The baker's own parts in it, as they were read: a part that was changed since is another.</summary>
    public IReadOnlyList<PartRecipe> Own { get; private init; } = [];

    /// <summary>The baker's own parts that cannot be used as they are, by id.</summary>
    public IReadOnlyDictionary<string, UnfitPart> Unfit { get; private init; } =
        new Dictionary<string, UnfitPart>(StringComparer.Ordinal);

    /// <summary>What the kitchen had learned at some times, by number; the book is always among it.</summary>
    public IReadOnlyList<CorrectionSet> States { get; private init; } = [];

    /// <summary>What the kitchen had learned, by number; or none.</summary>
    public CorrectionSet? Learned(int number) =>
        number == CorrectionSet.Book.Number ? CorrectionSet.Book : States.FirstOrDefault(s => s.Number == number);

    /// <summary>The oven with this id, or none.</summary>
    public Oven? Oven(string id) => id == Kitchens.Oven.Plain.Id ? Kitchens.Oven.Plain : Ovens.FirstOrDefault(o => o.Id == id);

    /// <summary>The pan with this id, shipped, by its key in the kitchen, or the foil that a bought shell comes in; or none.</summary>
    public Pan? Pan(string id) => PanCupboard.Find(id) ?? Kitchen.FirstOrDefault(p => p.Key == id)
        ?? Crusts.OfType<ShellFamily>().FirstOrDefault(s => s.Foil.Id == id)?.Foil;

    /// <summary>The same with the baker's own pans and the ovens of a kitchen.</summary>
    public PartBook With(IReadOnlyList<Pan> kitchen, IReadOnlyList<Oven> ovens) =>
        kitchen.Count == 0 && ovens.Count == 0 ? this : new(this, kitchen, ovens);

    /// <summary>The same for a house that has settled some of what bakers differ on.</summary>
    public PartBook With(Schools schools) =>
        schools == Schools ? this : new(this, Kitchen, Ovens) { Schools = schools };

    /// <summary>The same with what the kitchen had learned at some times.</summary>
    public PartBook With(IReadOnlyList<CorrectionSet> states) =>
        states.Count == 0 ? this : new(this, Kitchen, Ovens) { States = states };

    /// <summary>
    /// The same with more of the baker's own; what can't be used is kept apart with its reason, and what is here already stays.
    /// </summary>
    public PartBook With(IEnumerable<PartRecipe> parts)
    {
        var all = parts.ToList();
        var own = all.Where(p => !p.Trouble.Exists).ToList();
        var unfit = all.Where(p => p.Trouble.Exists).DistinctBy(p => p.Id).ToDictionary(
            p => p.Id, p => new UnfitPart(p.Name, p.Trouble.Says, [.. p.Everything]), StringComparer.Ordinal);
        foreach (var (id, known) in Unfit)
            unfit.TryAdd(id, known);
        return all.Count == 0 ? this : new(
            Crusts.Concat(own.Select(p => p.AsCrust()).OfType<CrustFamily>()).DistinctBy(c => c.Id),
            Fillings.Concat(own.Select(p => p.AsFilling()).OfType<FillingFormula>()).DistinctBy(f => f.Id),
            Toppings.Concat(own.Select(p => p.AsTopping()).OfType<Topping>()).DistinctBy(t => t.Id),
            Kitchen,
            Ovens)
        { Schools = Schools, States = States, Unfit = unfit, Own = [.. Own, .. all] };
    }

    /// <summary>The shipped book with some more parts, and one oven, in it.</summary>
    public static PartBook ShippedWith(
        CrustFamily crust, IEnumerable<FillingFormula> fillings, IEnumerable<Topping> toppings, Oven? oven) =>
        new(
        Shipped.Crusts.Append(crust).DistinctBy(f => f.Id),
        Shipped.Fillings.Concat(fillings).DistinctBy(f => f.Id),
        Shipped.Toppings.Concat(toppings).DistinctBy(t => t.Id),
        ovens: oven is null ? null : [oven]);

    /// <summary>The crust with this id, or none.</summary>
    public CrustFamily? Crust(string id) => _crusts.GetValueOrDefault(id);

    /// <summary>The filling with this id, or none.</summary>
    public FillingFormula? Filling(string id) => _fillings.GetValueOrDefault(id);

    /// <summary>The topping with this id, or none.</summary>
    public Topping? Topping(string id) => _toppings.GetValueOrDefault(id);
}
