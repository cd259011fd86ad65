using RoundCrumb.Core.Methods;

namespace RoundCrumb.Core.Bench;

/// <summary>What is worth reading at a step.</summary>
public static class StepReadings
{
    extension(StepKind kind)
    {
        /// <summary>What is worth reading at a step of this kind.</summary>
        public IReadOnlyList<ReadingOf> Readings => kind switch
        {
            StepKind.MakeDough or StepKind.BindCrumb or StepKind.RollAndLine or StepKind.PressCrust => [ReadingOf.Dough],
            StepKind.MakeFilling or StepKind.Reduce => [ReadingOf.Pot, ReadingOf.Filling],
            StepKind.CoolToPour => [ReadingOf.Filling],
            StepKind.Fill => [ReadingOf.Pot, ReadingOf.LeftOver],
            StepKind.BakeShell or StepKind.WeightsOut or StepKind.Toast => [ReadingOf.Oven],
            StepKind.BakeFilled => [ReadingOf.Oven, ReadingOf.Middle],
            StepKind.CoolFilled or StepKind.Set or StepKind.ChillLayer => [ReadingOf.Middle],
            StepKind.FreezeFat or StepKind.SoftenFat or StepKind.TakeSheetsOut or StepKind.RestDough or StepKind.ThawDough
                or StepKind.ChillBoard or StepKind.ChillShell or StepKind.FreezeShell or StepKind.BrownButter or StepKind.GrindCrumb
                or StepKind.CrushBiscuits or StepKind.LayBiscuits or StepKind.UnpackShell or StepKind.SealShell or StepKind.ChillCrust
                or StepKind.CoolShell or StepKind.FirstLayer or StepKind.LayPieces or StepKind.PressPiecesIn or StepKind.PutCreamOn
                or StepKind.MakeTopping or StepKind.CutAndPlate or StepKind.Plate => [],
        };
    }
}

/// <summary>What is known of what a reading is of.</summary>
public static class Readings
{
    extension(ReadingOf of)
    {
        /// <summary>True for a weight, false for a heat.</summary>
        public bool IsWeight => of switch
        {
            ReadingOf.Pot or ReadingOf.LeftOver or ReadingOf.Dough => true,
            ReadingOf.Oven or ReadingOf.Filling or ReadingOf.Middle => false,
        };

        /// <summary>What it is called.</summary>
        public string Name => of switch
        {
            ReadingOf.Pot => "filling in the pot",
            ReadingOf.LeftOver => "filling left over",
            ReadingOf.Dough => "dough or crumb in all",
            ReadingOf.Oven => "oven thermometer",
            ReadingOf.Filling => "filling",
            ReadingOf.Middle => "middle of the pie",
        };

        /// <summary>The least and the most that can be meant, g or °C.</summary>
        public (double Least, double Most) Range => of.IsWeight ? (0, 100_000) : of is ReadingOf.Oven ? (0, 350) : (-30, 130);
    }
}
