using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Toppings;

namespace RoundCrumb.Core.Faults;

/// <summary>What is known of each technique.</summary>
public static class Techniques
{
    extension(Technique technique)
    {
        /// <summary>What it is called.</summary>
        public string Name => technique switch
        {
            Technique.WaterInDough => "the dough",
            Technique.Lining => "the lining",
            Technique.Weights => "the weights",
            Technique.BlindBake => "the shell",
            Technique.CrumbSqueezed => "a squeezed handful",
            Technique.CrumbPressed => "the pressed crumb",
            Technique.Custard => "the custard",
            Technique.Curd => "the curd",
            Technique.BakedCustard => "the filling in the oven",
            Technique.GelatineMix => "the mixture, before cream is folded in",
            Technique.Cream => "the cream",
            Technique.Whites => "the whites",
            Technique.Caramel => "the caramel",
            Technique.BrownedButter => "the butter",
            Technique.Toasted => "the nuts",
            Technique.AlmondFilling => "the almond filling",
            Technique.FruitBubbling => "the fruit",
            Technique.Glaze => "the glaze",
            Technique.Slice => "the slice",
        };

        /// <summary>What it looks like in each state, in words.</summary>
        /// <param name="taken">How far it is taken.</param>
        public string Looks(Taken taken) => taken switch
        {
            Taken.TooLittle => technique.States.Little,
            Taken.Right => technique.States.Right,
            Taken.TooMuch => technique.States.Much,
        };

        private (string Little, string Right, string Much) States => technique switch
        {
            Technique.WaterInDough => ("dry flour left in the bowl", "a shaggy ball that holds when squeezed", "sticky and shining"),
            Technique.Lining => ("a gap at the corner", "slack, right into the corner", "stretched thin at the corner"),
            Technique.Weights => ("one layer of them", "up to the rim", "heaped over the edge"),
            Technique.BlindBake => ("grey and glassy", "dry, matt and golden", "a brown rim"),
            Technique.CrumbSqueezed => ("falls apart", "clumps, and looks dry", "shines and drips"),
            Technique.CrumbPressed => ("loose hills", "flat, tight in the corner", "a thick ridge in the corner"),
            Technique.Custard => ("steams, and is thin", "bubbles, and the whisk leaves a track", "a paste that leaves the pan"),
            Technique.Curd => ("runs off the spoon", "coats it; a finger leaves a line", "grains"),
            Technique.BakedCustard => ("waves all over", "edge firm, the middle trembles as one", "domed and cracked"),
            Technique.GelatineMix => ("liquid; the stream is gone at once", "like egg white; a ribbon lies on top", "set lumps"),
            Technique.Cream => ("runs back in ribbons", "stands, and the tip bends", "grainy, in clumps"),
            Technique.Whites => ("foam with big bubbles", "a glossy peak with a hook", "dry clumps"),
            Technique.Caramel => ("pale, with big bubbles", "amber, small bubbles", "smoking, dark"),
            Technique.BrownedButter => ("foam, still yellow", "hazel specks at the bottom", "black specks and smoke"),
            Technique.Toasted => ("pale", "deep gold", "dark and bitter"),
            Technique.AlmondFilling => ("wet; a skewer comes out coated", "springs back, a skewer comes out clean", "dry and cracked"),
            Technique.FruitBubbling => ("still", "slow thick bubbles in the middle", "juice over the rim"),
            Technique.Glaze => ("matt places", "an even thin shine", "a pool"),
            Technique.Slice => ("the face smears", "a clean face, layers straight", "it crumbles"),
        };
    }

    /// <summary>What an eye goes by at a step of a pie; none where nothing is drawn of it.</summary>
    public static Technique? At(StepKind kind, Composition pie) => kind switch
    {
        StepKind.MakeDough => pie.Crust.Family is RolledFamily ? Technique.WaterInDough : null,
        StepKind.RollAndLine => Technique.Lining,
        StepKind.BindCrumb => Technique.CrumbSqueezed,
        StepKind.PressCrust => Technique.CrumbPressed,
        StepKind.BakeShell => pie.Crust.Family is RolledFamily ? Technique.Weights : null,
        StepKind.WeightsOut => Technique.BlindBake,
        StepKind.BrownButter => Technique.BrownedButter,
        StepKind.Toast => Technique.Toasted,
        StepKind.MakeFilling => pie.Filling.Formula.Family.Scale.OnTheHob,
        StepKind.BakeFilled => pie.Filling.Formula.Family.Scale.InTheOven,
        StepKind.MakeTopping or StepKind.PutCreamOn => OnTop(pie),
        StepKind.CutAndPlate => Technique.Slice,
        StepKind.FreezeFat or StepKind.SoftenFat or StepKind.TakeSheetsOut or StepKind.RestDough or StepKind.ThawDough
            or StepKind.ChillBoard or StepKind.ChillShell or StepKind.FreezeShell or StepKind.GrindCrumb or StepKind.CrushBiscuits
            or StepKind.LayBiscuits or StepKind.UnpackShell or StepKind.SealShell or StepKind.ChillCrust or StepKind.CoolShell
            or StepKind.Reduce or StepKind.CoolToPour or StepKind.FirstLayer or StepKind.ChillLayer or StepKind.LayPieces
            or StepKind.Fill or StepKind.PressPiecesIn or StepKind.CoolFilled or StepKind.Set or StepKind.Plate => null,
    };

    private static Technique? OnTop(Composition pie) => pie.Toppings.Select(t => (ToppingKind?)t.Topping.Kind).FirstOrDefault() switch
    {
        ToppingKind.Whipped => Technique.Cream,
        ToppingKind.Meringue => Technique.Whites,
        ToppingKind.Glaze => Technique.Glaze,
        ToppingKind.Crumble or ToppingKind.Jelly or ToppingKind.Dusting or ToppingKind.Strewn or ToppingKind.Pieces or null => null,
    };
}
