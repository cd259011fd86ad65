using System.Runtime.CompilerServices;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Layering;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Toppings;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Composing;

/// <summary>
/// One thing taken for another all through a pie, so that its guests may have it, and it is the same pie: pasteurised egg for raw, a pod
/// for extract.
/// </summary>
/// <param name="Field">Its field in an address.</param>
/// <param name="Name">What it is called beside its box.</param>
/// <param name="For">What is taken for an ingredient; none where that stays as it is.</param>
public sealed record AskedSwap(string Field, string Name, Func<Ingredient, Ingredient?> For)
{
    /// <summary>Pasteurised egg, yolk and white.</summary>
    public static readonly AskedSwap PasteurisedEgg = new(
        "pasteurised", "pasteurised egg",
        static i => i.Is(Traits.Pasteurised) ? null : i.Egg switch
        {
            EggPart.Whole => As(Pantry.Get("pasteurised-egg"), i),
            EggPart.Yolk => As(Pantry.Get("pasteurised-yolk"), i),
            EggPart.White => As(Pantry.Get("pasteurised-white"), i),
            _ => null,
        });

    /// <summary>A teaspoon of extract or paste does what the seeds of a pod do. Usual practice; pods differ by half.</summary>
    private const double SeedsForExtract = 0.08;

    /// <summary>The seeds of a pod, in which there is no spirit, for vanilla extract and paste.</summary>
    public static readonly AskedSwap VanillaPod = new(
        "pod", "vanilla pod for extract",
        static i => i.Is(Traits.VanillaInSpirit) ? Pantry.Get("vanilla-seeds") : null)
    {
        Share = SeedsForExtract,
    };

    // One part with it is one part, however often it is asked for: pies that are alike are equal.
    private readonly ConditionalWeakTable<FillingFormula, FillingFormula> _fillings = [];
    private readonly ConditionalWeakTable<Topping, Topping> _toppings = [];

    /// <summary>Grams of it for a gram of what it is taken for.</summary>
    public double Share { get; private init; } = 1;

    /// <summary>All of them, in the order in which they are offered.</summary>
    public static IReadOnlyList<AskedSwap> All { get; } = [PasteurisedEgg, VanillaPod];

    /// <summary>A filling with it; the same where there is nothing to take it for.</summary>
    public FillingFormula In(FillingFormula filling) => _fillings.GetValue(filling, Made);

    private FillingFormula Made(FillingFormula filling) =>
        filling.Lines.All(l => For(l.Ingredient) is null)
            ? filling
            : filling with
            {
                Lines = [.. filling.Lines.Select(l => For(l.Ingredient) is { } other ? l with { Ingredient = other, Grams =
                    l.Grams * Share } : l)],
                WholeBy = filling.WholeBy is { } by ? For(by) ?? by : null,
            };

    /// <summary>A topping with it; the same where there is nothing to take it for.</summary>
    public Topping In(Topping topping) => _toppings.GetValue(topping, Made);

    private Topping Made(Topping topping) =>
        topping.Everything.All(i => For(i) is null)
            ? topping
            : topping with
            {
                Base = For(topping.Base) ?? topping.Base,
                With = [.. topping.With.Select(p => For(p.Ingredient) is { } other ? p with { Ingredient = other, PerBase =
                    Scaled(p.PerBase) } : p)],
            };

    /// <summary>A seal with it; the same where there is nothing to take it for.</summary>
    public Seal In(Seal seal) =>
        seal.Ingredient is { } brushed && For(brushed) is { } other ? seal with { Ingredient = other } : seal;

    /// <summary>A layer with it; the same where there is nothing to take it for.</summary>
    public LayerChoice In(LayerChoice layer) => layer is FillingLayer filling ? filling with { Formula = In(filling.Formula) } : layer;

    private Constant Scaled(Constant share) => Share == 1
        ? share
        : share with { Usual = share.Usual * Share, Low = share.Low * Share, High = share.High * Share };

    /// <summary>Counted as what it is taken for is counted, so that "four yolks" stay four.</summary>
    private static Ingredient As(Ingredient other, Ingredient of) => other with { GramsEach = of.GramsEach, Piece = of.Piece };
}
