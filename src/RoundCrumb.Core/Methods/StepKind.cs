namespace RoundCrumb.Core.Methods;

/// <summary>What kind of thing a step is. What is decided about a step is decided by this, never by its words.</summary>
public enum StepKind
{
    FreezeFat,
    SoftenFat,
    MakeDough,
    TakeSheetsOut,
    RestDough,
    ThawDough,
    ChillBoard,
    RollAndLine,
    ChillShell,
    FreezeShell,
    BrownButter,
    GrindCrumb,
    BindCrumb,
    PressCrust,
    CrushBiscuits,
    LayBiscuits,
    UnpackShell,
    BakeShell,
    WeightsOut,
    SealShell,
    ChillCrust,
    CoolShell,
    Reduce,
    MakeFilling,
    FirstLayer,
    ChillLayer,
    LayPieces,
    Fill,
    PressPiecesIn,
    BakeFilled,
    CoolFilled,
    Set,
    PutCreamOn,
    MakeTopping,
    CutAndPlate,
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
            StepKind.MakeFilling => "Make the filling",
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
