namespace RoundCrumb.Core.Ingredients;

/// <summary>
/// What an ingredient is to the craft, beyond what its composition says. An ingredient of the baker's own has those of
/// the one it was made from until the baker says otherwise, so that own cream whips and own butter browns.
/// </summary>
[Flags]
public enum Traits
{
    /// <summary>Nothing that a rule or a sum asks for.</summary>
    None = 0,

    /// <summary>Butter: it browns, and in layers it minds a warm room.</summary>
    Butter = 1 << 0,

    /// <summary>A block that stands in for butter in a dough.</summary>
    BlockMargarine = 1 << 1,

    /// <summary>Cream that whips.</summary>
    Whips = 1 << 2,

    /// <summary>Cheese whose fat holds a filling or a cream by itself.</summary>
    CreamCheese = 1 << 3,

    /// <summary>Cheese that makes the body of a cheese filling.</summary>
    FreshCheese = 1 << 4,

    /// <summary>Sweet thick milk that acid sets.</summary>
    CondensedMilk = 1 << 5,

    /// <summary>It sets as agar does.</summary>
    Agar = 1 << 6,

    /// <summary>It sets as pectin does.</summary>
    Pectin = 1 << 7,

    /// <summary>Oats in one form or another.</summary>
    Oats = 1 << 8,

    /// <summary>It makes a crumb though it is no biscuit or nut.</summary>
    MakesCrumb = 1 << 9,

    /// <summary>It makes a filling salty.</summary>
    Salty = 1 << 10,

    /// <summary>Coffee.</summary>
    Coffee = 1 << 11,

    /// <summary>Chocolate that sets as dark does.</summary>
    DarkChocolate = 1 << 12,

    /// <summary>Milk or white chocolate: it sets softer.</summary>
    PaleChocolate = 1 << 13,

    /// <summary>Ground nuts that make a paste.</summary>
    GroundNuts = 1 << 14,

    /// <summary>Jam or marmalade.</summary>
    Jam = 1 << 15,

    /// <summary>Egg that is safe to eat uncooked.</summary>
    Pasteurised = 1 << 16,

    /// <summary>Berries and currants.</summary>
    Berries = 1 << 17,

    /// <summary>Sugar whose starch holds whipped cream.</summary>
    SetsCream = 1 << 18,

    /// <summary>Water and nothing else.</summary>
    PlainWater = 1 << 19,

    /// <summary>Vinegar: it wets a dough.</summary>
    Vinegar = 1 << 20,

    /// <summary>Sour or strong: a splash keeps a flaky dough tender.</summary>
    RelaxesDough = 1 << 21,

    /// <summary>Crumb coarser than most: it drinks more fat.</summary>
    CoarseCrumb = 1 << 22,

    /// <summary>Crumb rich in sugar and fat already.</summary>
    RichCrumb = 1 << 23,

    /// <summary>Crumb that is a quarter butter already.</summary>
    ButteryCrumb = 1 << 24,

    /// <summary>Fruit that gives up much juice, as frozen fruit does: it wants a quarter more starch.</summary>
    GivesMuchJuice = 1 << 25,

    /// <summary>Fruit weighed with the juice or syrup that it lies in: drained, three fifths are left.</summary>
    InLiquid = 1 << 26,

    /// <summary>A shell as it is bought: it is unpacked and filled.</summary>
    BoughtShell = 1 << 27,

    /// <summary>Dough as it is bought, in sheets or a block: it is rolled or only unrolled.</summary>
    BoughtDough = 1 << 28,

    /// <summary>Vanilla drawn out with spirit: the seeds of a pod do as much.</summary>
    VanillaInSpirit = 1 << 29,
}

/// <summary>How traits are told to a baker.</summary>
public static class TraitWords
{
    /// <summary>All of them, in the order in which they are offered.</summary>
    public static IReadOnlyList<Traits> All { get; } = [.. Enum.GetValues<Traits>().Where(t => t is not Traits.None)];

    extension(Traits trait)
    {
        /// <summary>What one of them is called.</summary>
        /// <exception cref="ArgumentOutOfRangeException">It is none, or several.</exception>
        public string Name => trait switch
        {
            Traits.Butter => "butter: it browns",
            Traits.BlockMargarine => "a block like butter",
            Traits.Whips => "cream that whips",
            Traits.CreamCheese => "cheese that holds by itself",
            Traits.FreshCheese => "cheese for a filling",
            Traits.CondensedMilk => "condensed milk: acid sets it",
            Traits.Agar => "it sets as agar does",
            Traits.Pectin => "it sets as pectin does",
            Traits.Oats => "oats",
            Traits.MakesCrumb => "it makes a crumb crust",
            Traits.Salty => "it tastes of salt",
            Traits.Coffee => "coffee",
            Traits.DarkChocolate => "dark chocolate",
            Traits.PaleChocolate => "milk or white chocolate",
            Traits.GroundNuts => "ground nuts",
            Traits.Jam => "jam or marmalade",
            Traits.Pasteurised => "egg that is safe uncooked",
            Traits.Berries => "berries or currants",
            Traits.SetsCream => "sugar that holds whipped cream",
            Traits.PlainWater => "water",
            Traits.Vinegar => "vinegar",
            Traits.RelaxesDough => "it keeps a flaky dough tender",
            Traits.CoarseCrumb => "a coarse crumb",
            Traits.RichCrumb => "a rich, sugary crumb",
            Traits.ButteryCrumb => "a buttery crumb",
            Traits.GivesMuchJuice => "fruit that gives up much juice",
            Traits.InLiquid => "weighed in its juice or syrup",
            Traits.BoughtShell => "a bought shell",
            Traits.BoughtDough => "bought dough",
            Traits.VanillaInSpirit => "vanilla in spirit",
            Traits.None or _ => throw new ArgumentOutOfRangeException(nameof(trait), trait, "Not one trait."),
        };
    }
}
