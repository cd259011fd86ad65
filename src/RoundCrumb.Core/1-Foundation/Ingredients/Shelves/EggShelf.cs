using RoundCrumb.Core.Quantities;

using static RoundCrumb.Core.Ingredients.PantryShelf;
using static RoundCrumb.Core.Ingredients.Row;

namespace RoundCrumb.Core.Ingredients;

/// <summary>Eggs and their parts. A piece is a large egg by American sizes, on the border of medium and large by European ones.</summary>
internal static class EggShelf
{
    private const Origin Hen = Origin.OfAnimal;
    private const Allergens E = Allergens.Egg;

    public static Ingredient[] Rows { get; } =
    [
        R(
            "whole-egg", "whole egg", "egg|eggs|beaten egg|whole eggs|free-range egg|hen's egg|liquid whole egg", 1.03, Wet,
            M(76, 9.5, 0.4, 12.5, 0, 1.6), Eggs, E, from: Hen, egg: EggPart.Whole, each: 50, piece: "egg|eggs", pack: 600, price: 3.00),
        R(
            "yolk", "egg yolk", "yolk|yolks|egg yolks", 1.03, Wet, M(50, 30, 0.6, 16, 0, 3.4), Eggs, E, from: Hen, egg: EggPart.Yolk,
            each: 18, piece: "yolk|yolks", partOf: "whole-egg"),
        R(
            "egg-white", "egg white", "white of egg|egg whites|whites|white|liquid egg white", 1.03, Wet, M(88, 0.1, 0.7, 10.5, 0, 0.7),
            Eggs, E, from: Hen, egg: EggPart.White, each: 32, piece: "white|whites", partOf: "whole-egg"),
        R(
            "pasteurised-egg", "whole egg, pasteurised",
            "pasteurised egg|pasteurized egg|pasteurised liquid egg|pasteurised whole egg|carton egg", 1.03, Wet,
            M(76, 9.5, 0.4, 12.5, 0, 1.6), Eggs, E, from: Hen, egg: EggPart.Whole, pack: 500, price: 3.20, traits: Traits.Pasteurised),
        R(
            "pasteurised-yolk", "egg yolk, pasteurised", "pasteurised yolk|pasteurized egg yolk|pasteurised yolks|pasteurised egg yolk",
            1.03, Wet, M(50, 30, 0.6, 16, 0, 3.4), Eggs, E, from: Hen, egg: EggPart.Yolk, pack: 500, price: 4.60,
            traits: Traits.Pasteurised),
        R(
            "pasteurised-white", "egg white, pasteurised",
            "pasteurised white|pasteurized egg white|pasteurised whites|pasteurised egg white|carton egg white", 1.03, Wet,
            M(88, 0.1, 0.7, 10.5, 0, 0.7), Eggs, E, from: Hen, egg: EggPart.White, pack: 500, price: 3.60, traits: Traits.Pasteurised),
        R(
            "dried-egg-white", "dried egg white", "egg white powder|meringue powder|powdered egg white", 0.45, Floury,
            M(7, 0, 5, 82, 0, 6), Eggs, E, from: Hen, pack: 100, price: 6.50, source: SourceKind.Packets, traits: Traits.Pasteurised),
    ];
}
