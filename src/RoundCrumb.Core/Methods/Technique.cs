namespace RoundCrumb.Core.Methods;

/// <summary>Something of which an eye tells whether it is right.</summary>
public enum Technique
{
    /// <summary>Water worked into dough.</summary>
    WaterInDough,

    /// <summary>Dough laid into a pan.</summary>
    Lining,

    /// <summary>Weights in a shell.</summary>
    Weights,

    /// <summary>A shell baked blind.</summary>
    BlindBake,

    /// <summary>Crumb and fat, squeezed in a hand.</summary>
    CrumbSqueezed,

    /// <summary>Crumb pressed into a pan.</summary>
    CrumbPressed,

    /// <summary>Custard with starch, on the hob.</summary>
    Custard,

    /// <summary>Curd on the back of a spoon.</summary>
    Curd,

    /// <summary>A custard or a tart with egg, in the oven.</summary>
    BakedCustard,

    /// <summary>A mixture with gelatine before cream is folded in.</summary>
    GelatineMix,

    /// <summary>Whipped cream.</summary>
    Cream,

    /// <summary>Whisked whites.</summary>
    Whites,

    /// <summary>Sugar boiled to caramel.</summary>
    Caramel,

    /// <summary>Butter browned in a pan.</summary>
    BrownedButter,

    /// <summary>Nuts or coconut on a tray in the oven.</summary>
    Toasted,

    /// <summary>Almond filling in the oven.</summary>
    AlmondFilling,

    /// <summary>Fruit with starch in the oven.</summary>
    FruitBubbling,

    /// <summary>Thinned jam on a tart.</summary>
    Glaze,

    /// <summary>A slice as it leaves the pie.</summary>
    Slice,
}

/// <summary>How far something is taken.</summary>
public enum Taken
{
    /// <summary>Too little.</summary>
    TooLittle,

    /// <summary>Right.</summary>
    Right,

    /// <summary>Too much.</summary>
    TooMuch,
}
