namespace RoundCrumb.Core.Methods;

/// <summary>Something of which an eye tells whether it is right; in the order of the work.</summary>
public enum Technique
{
    /// <summary>Cut fat, frozen and grated.</summary>
    FreezingFat,

    /// <summary>Fat rubbed into flour.</summary>
    RubbingIn,

    /// <summary>Water worked into dough.</summary>
    WaterInDough,

    /// <summary>Cold dough tapped crosswise before it is rolled.</summary>
    CrossHatching,

    /// <summary>Dough rolled out.</summary>
    Rolling,

    /// <summary>Dough laid into a pan.</summary>
    Lining,

    /// <summary>The rim folded, crimped or fluted.</summary>
    Edge,

    /// <summary>A base pricked with a fork.</summary>
    Docking,

    /// <summary>Weights in a shell.</summary>
    Weights,

    /// <summary>A shell baked blind.</summary>
    BlindBake,

    /// <summary>A film over a baked base.</summary>
    Sealing,

    /// <summary>Crumb and fat, squeezed in a hand.</summary>
    CrumbSqueezed,

    /// <summary>Crumb pressed into a pan.</summary>
    CrumbPressed,

    /// <summary>Butter browned in a pan.</summary>
    BrownedButter,

    /// <summary>Yolks warmed with a part of what is hot.</summary>
    Tempering,

    /// <summary>Custard with starch, on the hob.</summary>
    Custard,

    /// <summary>Film or paper right on a surface.</summary>
    Film,

    /// <summary>Curd on the back of a spoon.</summary>
    Curd,

    /// <summary>Gelatine soaked in cold water.</summary>
    Blooming,

    /// <summary>A mixture with gelatine before cream is folded in.</summary>
    GelatineMix,

    /// <summary>Yolks and sugar whisked.</summary>
    YolkRibbon,

    /// <summary>Foam folded in.</summary>
    Folding,

    /// <summary>Something boiled down.</summary>
    Reducing,

    /// <summary>Spirit boiled off or lit.</summary>
    Flaming,

    /// <summary>Sugar boiled to caramel.</summary>
    Caramel,

    /// <summary>Soured milk, drained.</summary>
    FreshCurd,

    /// <summary>A custard or a tart with egg, in the oven.</summary>
    BakedCustard,

    /// <summary>Almond filling in the oven.</summary>
    AlmondFilling,

    /// <summary>Fruit with starch in the oven.</summary>
    FruitBubbling,

    /// <summary>Nuts or coconut on a tray in the oven.</summary>
    Toasted,

    /// <summary>Whipped cream.</summary>
    Cream,

    /// <summary>Whisked whites.</summary>
    Whites,

    /// <summary>Cream or meringue through a nozzle.</summary>
    Piping,

    /// <summary>Pieces laid from the rim inwards.</summary>
    Arranging,

    /// <summary>Thinned jam on a tart.</summary>
    Glaze,

    /// <summary>A pie taken out of its tin or ring.</summary>
    Unmoulding,

    /// <summary>The knife that cuts.</summary>
    Knife,

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
