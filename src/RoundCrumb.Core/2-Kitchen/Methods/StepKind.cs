namespace RoundCrumb.Core.Methods;

/// <summary>What kind of thing a step is. What is decided about a step is decided by this, never by its words.</summary>
public enum StepKind
{
    /// <summary>Cut fat goes into the freezer, before it is rubbed in.</summary>
    FreezeFat,

    /// <summary>Fat or cheese stands out until it is soft.</summary>
    SoftenFat,

    /// <summary>The dough is mixed.</summary>
    MakeDough,

    /// <summary>Bought sheets of dough come out of the cold.</summary>
    TakeSheetsOut,

    /// <summary>The disc of dough rests in the cold.</summary>
    RestDough,

    /// <summary>Frozen dough thaws.</summary>
    ThawDough,

    /// <summary>The board goes into the cold, in a warm room.</summary>
    ChillBoard,

    /// <summary>The dough is rolled and the pan lined.</summary>
    RollAndLine,

    /// <summary>The lined shell rests in the cold.</summary>
    ChillShell,

    /// <summary>The lined shell is frozen.</summary>
    FreezeShell,

    /// <summary>Butter is browned for a crumb.</summary>
    BrownButter,

    /// <summary>Biscuits are ground to crumbs.</summary>
    GrindCrumb,

    /// <summary>Crumbs and fat are mixed.</summary>
    BindCrumb,

    /// <summary>The crumb is pressed into its pan.</summary>
    PressCrust,

    /// <summary>Biscuits are crushed to fill the gaps between whole ones.</summary>
    CrushBiscuits,

    /// <summary>Whole biscuits are laid.</summary>
    LayBiscuits,

    /// <summary>A bought shell is unpacked.</summary>
    UnpackShell,

    /// <summary>The shell is baked blind.</summary>
    BakeShell,

    /// <summary>The weights come out, between two bakes.</summary>
    WeightsOut,

    /// <summary>The shell is sealed.</summary>
    SealShell,

    /// <summary>A crust that is not baked sets in the cold.</summary>
    ChillCrust,

    /// <summary>The baked shell cools.</summary>
    CoolShell,

    /// <summary>Something is boiled down for the filling.</summary>
    Reduce,

    /// <summary>Nuts and the like are toasted for the filling.</summary>
    Toast,

    /// <summary>The filling is made.</summary>
    MakeFilling,

    /// <summary>A filling cools in its bowl, so that it does not melt what it is poured onto.</summary>
    CoolToPour,

    /// <summary>The first layer is spread.</summary>
    FirstLayer,

    /// <summary>A layer sets before the next.</summary>
    ChillLayer,

    /// <summary>Pieces are laid on the base.</summary>
    LayPieces,

    /// <summary>The filling goes in.</summary>
    Fill,

    /// <summary>Pieces are pressed into the filling.</summary>
    PressPiecesIn,

    /// <summary>The filled shell is baked.</summary>
    BakeFilled,

    /// <summary>The baked pie cools.</summary>
    CoolFilled,

    /// <summary>The filling sets.</summary>
    Set,

    /// <summary>Cream that was made before goes on.</summary>
    PutCreamOn,

    /// <summary>The topping is made and put on.</summary>
    MakeTopping,

    /// <summary>It is cut and plated.</summary>
    CutAndPlate,

    /// <summary>What is whole is plated.</summary>
    Plate,
}

/// <summary>What is known of a kind of step.</summary>
public static class StepKinds
{
    extension(StepKind kind)
    {
        /// <summary>What it is called in two or three words, where there is no room for a sentence.</summary>
        public string Label => kind switch
        {
            StepKind.FreezeFat => "Freeze fat",
            StepKind.SoftenFat => "Soften butter",
            StepKind.MakeDough => "Make dough",
            StepKind.TakeSheetsOut => "Take sheets out",
            StepKind.RestDough => "Rest dough",
            StepKind.ThawDough => "Thaw dough",
            StepKind.ChillBoard => "Chill the board",
            StepKind.RollAndLine => "Roll and line",
            StepKind.ChillShell => "Chill shells",
            StepKind.FreezeShell => "Freeze shells",
            StepKind.BrownButter => "Brown butter",
            StepKind.GrindCrumb => "Grind the crumb",
            StepKind.BindCrumb => "Bind the crumb",
            StepKind.PressCrust => "Press crusts",
            StepKind.CrushBiscuits => "Crush biscuits",
            StepKind.LayBiscuits => "Lay biscuits",
            StepKind.UnpackShell => "Unpack shells",
            StepKind.BakeShell => "Bake shells",
            StepKind.WeightsOut => "Weights out",
            StepKind.SealShell => "Seal",
            StepKind.ChillCrust => "Chill crusts",
            StepKind.CoolShell => "Cool shells",
            StepKind.Reduce => "Boil down",
            StepKind.Toast => "Toast",
            StepKind.MakeFilling => "Make the filling",
            StepKind.CoolToPour => "Cool to pour",
            StepKind.FirstLayer => "First layer",
            StepKind.ChillLayer => "Chill the layer",
            StepKind.LayPieces => "Lay the fruit",
            StepKind.Fill => "Fill",
            StepKind.PressPiecesIn => "Fruit on top",
            StepKind.BakeFilled => "Bake filled",
            StepKind.CoolFilled => "Cool on a rack",
            StepKind.Set => "Set",
            StepKind.PutCreamOn => "Cream on",
            StepKind.MakeTopping => "Make the topping",
            StepKind.CutAndPlate => "Cut and plate",
            StepKind.Plate => "Plate",
        };

        /// <summary>True for the step with which the pans are first in use.</summary>
        public bool TakesPans => kind is StepKind.RollAndLine or StepKind.PressCrust or StepKind.LayBiscuits;
    }
}
