namespace RoundCrumb.Core.Ingredients;

/// <summary>
/// The ingredients of the shipped formulas. Bulk density reads a cup; volume in a mixture adds up a yield; the two
/// differ most for sugar, starch and nuts.
/// </summary>
public static class Pantry
{
    public static readonly Ingredient PlainFlour = new("plain-flour", "plain flour (all-purpose)", 0.53, 0.66, StarchEquivalent: 0.5, Allergens: Allergens.Wheat);
    public static readonly Ingredient Cornflour = new("cornflour", "cornflour (cornstarch)", 0.54, 0.66, StarchEquivalent: 1.0);
    public static readonly Ingredient BiscuitCrumbs = new("biscuit-crumbs", "plain wheat biscuit crumbs", 0.45, 0.66, Sugars: 0.20, Allergens: Allergens.Wheat);
    public static readonly Ingredient Butter = new("butter", "unsalted butter", 0.96, 1.08, Sugars: 0.006, Allergens: Allergens.Milk);
    public static readonly Ingredient Water = new("water", "water", 1.00, 0.97);
    public static readonly Ingredient CasterSugar = new("caster-sugar", "caster sugar (superfine)", 0.85, 0.62, Sugars: 1.0);
    public static readonly Ingredient BrownSugar = new("brown-sugar", "light brown sugar", 0.93, 0.62, Sugars: 0.97);
    public static readonly Ingredient IcingSugar = new("icing-sugar", "icing sugar (powdered)", 0.51, 0.62, Sugars: 0.97);
    public static readonly Ingredient Honey = new("honey", "honey", 1.40, 0.70, Sugars: 0.81);
    public static readonly Ingredient Salt = new("salt", "fine salt", 1.20, 0.40);
    public static readonly Ingredient Milk = new("milk", "whole milk", 1.03, 0.97, Sugars: 0.047, Allergens: Allergens.Milk);
    public static readonly Ingredient DoubleCream = new("double-cream", "double cream (heavy)", 0.99, 0.97, Sugars: 0.027, Allergens: Allergens.Milk);
    public static readonly Ingredient Yoghurt = new("yoghurt", "thick plain yoghurt", 1.03, 0.97, Sugars: 0.04, Allergens: Allergens.Milk);
    public static readonly Ingredient CreamCheese = new("cream-cheese", "full-fat cream cheese", 0.98, 1.02, Sugars: 0.03, Allergens: Allergens.Milk)
    { GramsEach = 200, Piece = ("200 g pack", "200 g packs") };

    public static readonly Ingredient Yolk = new("yolk", "egg yolk", 1.03, 0.97, Allergens: Allergens.Egg) { GramsEach = 18, Piece = ("yolk", "yolks") };
    public static readonly Ingredient EggWhite = new("egg-white", "egg white", 1.03, 0.97, Allergens: Allergens.Egg) { GramsEach = 32, Piece = ("white", "whites") };
    public static readonly Ingredient WholeEgg = new("whole-egg", "whole egg", 1.03, 0.97, Allergens: Allergens.Egg) { GramsEach = 50, Piece = ("egg", "eggs") };
    public static readonly Ingredient MaltedMilk = new("malted-milk", "malted milk powder", 0.55, 0.66, Sugars: 0.55, Allergens: Allergens.Milk | Allergens.Barley | Allergens.Wheat);
    public static readonly Ingredient InstantCoffee = new("instant-coffee", "instant coffee", 0.25, 0.62);
    public static readonly Ingredient BergamotTea = new("bergamot-tea", "black tea with bergamot, loose", 0.40, 0);
    public static readonly Ingredient Vanilla = new("vanilla", "vanilla extract", 0.95, 0.97, Sugars: 0.10);
    public static readonly Ingredient LemonJuice = new("lemon-juice", "lemon juice", 1.03, 0.97, Sugars: 0.025, Juice: 1);
    public static readonly Ingredient LemonZest = new("lemon-zest", "lemon zest", 0.40, 0.97);
    public static readonly Ingredient BlackcurrantPuree = new("blackcurrant-puree", "blackcurrant purée, sieved", 1.05, 0.97, Sugars: 0.08, Juice: 1);
    public static readonly Ingredient Gelatine = new("gelatine", "gelatine powder, 200 bloom", 0.62, 0.70) { FromSlaughter = true };
    public static readonly Ingredient DarkChocolate = new("dark-chocolate", "dark chocolate", 0.70, 0.79, Sugars: 0.35, Allergens: Allergens.Milk);
}
