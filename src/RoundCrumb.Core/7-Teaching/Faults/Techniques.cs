using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Quantities;
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
            Technique.FreezingFat => "the fat",
            Technique.RubbingIn => "flour and fat",
            Technique.CrossHatching => "the cold disc",
            Technique.Rolling => "the sheet",
            Technique.Edge => "the rim",
            Technique.Docking => "the pricked base",
            Technique.Sealing => "the seal",
            Technique.Tempering => "the yolks",
            Technique.Film => "the film",
            Technique.Blooming => "the gelatine",
            Technique.YolkRibbon => "yolks and sugar",
            Technique.Folding => "the folded mixture",
            Technique.Reducing => "the pot",
            Technique.Flaming => "the spirit",
            Technique.FreshCurd => "the curd in its cloth",
            Technique.Piping => "a rosette",
            Technique.Arranging => "the pattern",
            Technique.Unmoulding => "the side",
            Technique.Knife => "the cut",
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
            Technique.FreezingFat => ("soft: it smears on the grater", "hard: shreds fall apart", "a brick: it slips and breaks in slabs"),
            Technique.RubbingIn => ("lumps as big as peas", "leaves and coarse sand", "a paste"),
            Technique.CrossHatching => ("hard, and cracking at the edge", "grooves crosswise, and it gives", "flat already, and torn"),
            Technique.Rolling => ("a thick ridge in the middle", "one thickness, the edge rounded", "torn, and light shows through"),
            Technique.Edge => ("loose from the rim", "even, and held by the rim", "tall and leaning over"),
            Technique.Docking => ("two pricks", "a prick every two centimetres", "slits right through"),
            Technique.Sealing => ("bare patches", "a thin film, right into the corner", "a pool in the corner"),
            Technique.Tempering => ("straight into the hot pot, cold", "a thin stream into the yolks, whisked", "poured at once: grains"),
            Technique.Film => ("stretched over the rim, drops beneath", "right on the surface", "pushed under, into the custard"),
            Technique.Blooming => ("stiff, half of it dry", "soft and swollen, in folds", "in shreds, the water warm"),
            Technique.YolkRibbon =>
                ("yellow; the stream is gone at once", "pale; a ribbon lies on top", "stiff foam, grains of yolk at the rim"),
            Technique.Folding => ("white streaks", "just even, and airy", "flat and wet, bubbles burst"),
            Technique.Reducing => ("at the mark it began at", "at the mark you want", "a scorched film"),
            Technique.Flaming =>
                ("no flame: the pan is not hot enough", "a low blue flame, off the heat, lid to hand", "a tall yellow flame"),
            Technique.FreshCurd => ("it drips, and slumps", "moist crumbs that hold when pressed", "dry, and rubbery"),
            Technique.Piping => ("it slumps, the ridges gone", "ridges stand, the tip bends", "ragged, and grainy"),
            Technique.Arranging => ("gaps, and the base shows", "each laps the last, from the rim", "a heap in the middle"),
            Technique.Unmoulding => ("it sags as the ring goes", "straight and clean", "melted where it was warmed"),
            Technique.Knife => ("cold and wet: it drags", "hot, dry, wiped: a clean face", "too hot: it melts a groove"),
        };
    }

    /// <summary>What an eye goes by at a step of a pie; none where nothing is drawn of it.</summary>
    /// <param name="kind">The kind of step.</param>
    /// <param name="pie">The pie.</param>
    public static Technique? At(StepKind kind, Composition pie) => Of(kind, pie) is [var first, ..] ? first : null;

    /// <summary>The techniques that a step of a pie takes: first what tells that it is done.</summary>
    /// <param name="kind">The kind of step.</param>
    /// <param name="pie">The pie.</param>
    public static IReadOnlyList<Technique> Of(StepKind kind, Composition pie) => kind switch
    {
        StepKind.FreezeFat => [Technique.FreezingFat],
        StepKind.MakeDough => pie.Crust.Family is RolledFamily ? [Technique.WaterInDough, Technique.RubbingIn] : [],
        StepKind.RollAndLine =>
            [Technique.Lining, Technique.CrossHatching, Technique.Rolling, Technique.Edge, Technique.Docking],
        StepKind.BindCrumb => [Technique.CrumbSqueezed],
        StepKind.PressCrust => [Technique.CrumbPressed],
        StepKind.BakeShell => pie.Crust.Family is RolledFamily ? [Technique.Weights] : [],
        StepKind.WeightsOut => [Technique.BlindBake],
        StepKind.SealShell => [Technique.Sealing],
        StepKind.BrownButter => [Technique.BrownedButter],
        StepKind.Toast => [Technique.Toasted],
        StepKind.Reduce => [Technique.Reducing],
        StepKind.MakeFilling => [.. InTheBowl(pie).Distinct()],
        StepKind.CoolToPour or StepKind.Fill =>
            pie.Filling.Formula.Family.Scale.OnTheHob is Technique.Custard or Technique.Curd ? [Technique.Film] : [],
        StepKind.LayPieces or StepKind.PressPiecesIn => [Technique.Arranging],
        StepKind.BakeFilled => pie.Filling.Formula.Family.Scale.InTheOven is { } inside ? [inside] : [],
        StepKind.MakeTopping or StepKind.PutCreamOn => [.. OnTop(pie).Distinct()],
        StepKind.CutAndPlate => pie.Pan.Unmoulds
            ? [Technique.Slice, Technique.Knife, Technique.Unmoulding]
            : [Technique.Slice, Technique.Knife],
        StepKind.Plate => pie.Pan.Unmoulds ? [Technique.Unmoulding] : [],
        StepKind.SoftenFat or StepKind.TakeSheetsOut or StepKind.RestDough or StepKind.ThawDough
            or StepKind.ChillBoard or StepKind.ChillShell or StepKind.FreezeShell or StepKind.GrindCrumb or StepKind.CrushBiscuits
            or StepKind.LayBiscuits or StepKind.UnpackShell or StepKind.ChillCrust or StepKind.CoolShell
            or StepKind.FirstLayer or StepKind.ChillLayer or StepKind.CoolFilled or StepKind.Set => [],
    };

    /// <summary>What the lines of a filling ask for.</summary>
    private static IEnumerable<Technique> InTheBowl(Composition pie)
    {
        var scale = pie.Filling.Formula.Family.Scale;
        if (scale.OnTheHob is { } done)
            yield return done;
        foreach (var line in pie.Filling.Formula.Lines)
        {
            if (line.GoesIn is GoesIn.Soured)
                yield return Technique.FreshCurd;
            if (line.GoesIn is GoesIn.Bloom || line.Ingredient.GelatineEquivalent > 0)
                yield return Technique.Blooming;
            if (line.GoesIn is GoesIn.Ribbon)
                yield return Technique.YolkRibbon;
            if (line.GoesIn is GoesIn.WhippedAndFolded or GoesIn.WhippedStiff)
                yield return Technique.Cream;
            if (line.GoesIn is GoesIn.WhitesFolded)
                yield return Technique.Whites;
            if (line.GoesIn is GoesIn.WhippedAndFolded or GoesIn.WhippedStiff or GoesIn.WhitesFolded)
                yield return Technique.Folding;
            if (line.Ingredient.Egg is not EggPart.None && scale.OnTheHob is Technique.Custard)
                yield return Technique.Tempering;
            if (line.Ingredient.IsSpirit)
                yield return Technique.Flaming;
        }
    }

    /// <summary>What the toppings ask for.</summary>
    private static IEnumerable<Technique> OnTop(Composition pie)
    {
        foreach (var choice in pie.Toppings)
        {
            switch (choice.Topping.Kind)
            {
                case ToppingKind.Whipped:
                    yield return Technique.Cream;
                    break;
                case ToppingKind.Meringue:
                    yield return Technique.Whites;
                    break;
                case ToppingKind.Glaze:
                    yield return Technique.Glaze;
                    break;
                case ToppingKind.Jelly:
                    yield return Technique.Blooming;
                    break;
                case ToppingKind.Pieces:
                    yield return Technique.Arranging;
                    break;
                case ToppingKind.Strewn or ToppingKind.Crumble or ToppingKind.Dusting:
                    break;
            }

            if (choice.Topping.With.Any(w => w.Ingredient.GelatineEquivalent > 0))
                yield return Technique.Blooming;
            if (choice.Laying.IsPiped(choice.Topping))
                yield return Technique.Piping;
        }
    }
}
