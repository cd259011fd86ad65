using System.Collections.Concurrent;
using RoundCrumb.Core.BlindBaking;
using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Layering;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Toppings;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Composing;

/// <summary>
/// The facts that follow from a composition: its sums, each with its working. Steps, advice and stand-ins are worked out above them, when
/// they are asked for.
/// </summary>
public sealed class Assessment
{
    private readonly ConcurrentDictionary<Type, object> _once = new();
    private Bite? _bite;

    private Assessment(Composition composition, int pies, Kitchen kitchen)
    {
        composition = composition.Settled();
        Composition = composition;
        Kitchen = kitchen;
        Pies = pies;
        Corrections = composition.Corrections ?? kitchen.Corrections;
        var pan = composition.Pan;
        Lined = composition.Lined;

        var measures = PanMeasures.Of(pan);
        (PanVolume, PanBase, PanWall, PanTop, PanRim) = (measures.Volume, measures.Base, measures.Wall, measures.Top, measures.Rim);
        LinedVolume = new(
            "lined-volume", "Inside the lining, to the brim", Lined.Volume, "the pan less the lining on base and wall",
            Term.Of(PanVolume), Term.Given("lining on the base", composition.Crust.Thickness),
            Term.Given("lining on the wall", composition.Crust.WallThickness),
            Term.Given("it stands", new Millimetres(Lined.LiningHeight)));

        Crust = CrustSums.Of(composition.Crust, pan, Corrections);
        Card = BlindBakeCard.For(
            composition.Crust, pan, Lined,
            new((composition.Oven ?? kitchen.Oven) with { Corrections = Corrections }, pies, composition.Filling.Formula.Family.Shell));
        Yield = FillingYield.Of(composition.Filling.Formula, composition.Filling.Setter, Corrections);
        Layers = LayerSums.Of(composition.Under, Lined, Corrections);
        var taken = new Millilitres(Layers.Sum(l => l.Takes.Value.Value));
        Fit = FitOf(composition.Filling, taken);

        // What is in each pie: never above the fill line, the rest stays in the bowl.
        var depth = Math.Min(Fit.Chosen.Stands.Value.Value, Fit.LineDepth.Value.Value);
        FilledDepth = new(
            "filled-depth", "The filling stands", new(depth), "the lower of what the batch gives and the fill line",
            Term.Of(Fit.Chosen.Stands), Term.Of(Fit.LineDepth));
        var inPan = new Millilitres(Math.Max(0, (Lined.VolumeTo(depth) - taken).Value));
        FilledEach = new(
            "filled-each", "Filling in each pie", inPan,
            "room inside the lining up to where it stands" + (taken.Value > 0 ? " − what layers and pieces take" : ""),
            [Term.Of(FilledDepth), .. Layers.Select(l => Term.Of(l.Takes))]);
        var perMl = Yield.Mass.Value.Value / Yield.Volume.Value.Value;
        FilledMass = new(
            "filled-mass", "Filling in each pie, by weight", new(inPan.Value * perMl),
            "filling in each pie × what the batch weighs ÷ what it measures",
            Term.Of(FilledEach), Term.Of(Yield.Mass), Term.Of(Yield.Volume));
        LeftOver = new(
            "left-over", "Left in the bowl", new(Math.Max(0, Fit.Chosen.Volume.Value.Value - (inPan.Value * pies))),
            "the batch − what is in the pies",
            Term.Of(Fit.Chosen.Volume), Term.Of(FilledEach), Term.Given("pies", pies, Dimension.Count));

        LeftOverMass = new(
            "left-over-mass", "Left in the bowl, by weight", new(LeftOver.Value.Value * perMl),
            "left in the bowl × what the batch weighs ÷ what it measures",
            Term.Of(LeftOver), Term.Of(Yield.Mass), Term.Of(Yield.Volume));
        PotMass = new(
            "pot-mass", "Filling from the pot", Yield.Mass.Value * Fit.Chosen.Scale.Value.Value, "one batch by weight × times the formula",
            Term.Of(Yield.Mass), Term.Of(Fit.Chosen.Scale));

        var surface = new Worked<SquareMillimetres>(
            "surface", "Surface to cover", Lined.SurfaceAt(depth), "the area inside the crust, at the filling's top",
            Term.Of(FilledDepth), Term.Given("width there", new Millimetres(2 * Lined.HalfAt(depth))));
        var half = Lined.HalfAt(depth);
        Toppings = [.. composition.Toppings.Select((t, i) =>
            ToppingSums.Of(t, surface, pan.Inside, half, i == 0 ? "" : $"on{i + 1}-", Corrections)!)];
        SurfaceHalf = half;
        WhitesLeft = Whites();
        if (composition.Filling.Formula.Family.Rise is { } rise)
        {
            Risen = new(
                "risen", "In the oven it stands", FilledDepth.Value * (1 + rise.Usual), "the filling stands × (1 + what it rises)",
                Term.Of(FilledDepth), rise);
        }
    }

    private Fit FitOf(FillingChoice filling, Millilitres taken) =>
        Fit.Of(filling.Formula, Yield, Lined, filling.Line, filling.Batch, Pies, taken, filling.Setter, Corrections);

    /// <summary>The whites that the yolks of all the pies leave over.</summary>
    private Worked<Grams>? Whites()
    {
        var filling = Composition.Filling;
        static double In(IEnumerable<WeighedLine> lines) => lines.Where(l => l.Ingredient.Egg is EggPart.Yolk).Sum(l => l.Mass.Value.Value);
        var poured = filling.Formula.Lines.Where(l => l.Ingredient.Egg is EggPart.Yolk)
            .Sum(l => filling.Formula.GramsOf(l, filling.Setter));
        var yolks = ((In(Layers.SelectMany(l => l.Lines)) + In(Crust.Lines)) * Pies) + (poured * Fit.Chosen.Scale.Value.Value);
        return yolks <= 0 ? null : new(
            "whites-left", "Whites that its yolks leave over", new(yolks * ToppingConstants.WhiteOfAnEgg.Usual),
            "yolks by weight × white for each yolk",
            Term.Given("yolks", new Grams(yolks)), ToppingConstants.WhiteOfAnEgg);
    }

    /// <summary>What was put together.</summary>
    public Composition Composition { get; }

    /// <summary>How many of it.</summary>
    public int Pies { get; }

    /// <summary>
    /// What this kitchen's own bakes say better than the book: as it stands, or as it stood when the address was written.
    /// </summary>
    public CorrectionSet Corrections { get; }

    /// <summary>How long its base stays firm under its filling; none where a seal or a dry filling leaves it so.</summary>
    public Worked<MinuteRange>? BaseLife
    {
        get
        {
            var c = Composition;
            if (c.Crust.Family is not (RolledFamily or ShellFamily) || c.Crust.Seal.HoldsWater || !c.Filling.Formula.Family.Shell.Wet)
                return null;
            var here = Corrections.Of(CorrectionKey.BaseLife(c.Crust.Family.Id, c.Crust.Seal.Id, c.Filling.Formula.Family.Id));
            var book = CrustConstants.UnsealedLife;
            return new(
                "base-life", "The base stays firm for", MinuteRange.Of(book.Usual * (here?.Usual ?? 1)),
                here is null ? "an unsealed base under a wet filling" : "an unsealed base under a wet filling × how long it lasts here",
                [book, .. here is null ? Array.Empty<Term>() : [here]]);
        }
    }

    /// <summary>How soft and how firm the filling can be made by its setter alone.</summary>
    public Firmness Firmness => Firmness.Of(
        Composition.Filling.Formula, Composition.Filling.Setter, SetShift);

    /// <summary>What this kitchen's own bakes add to the set index.</summary>
    public double SetShift => Composition.Filling.Formula.Family.Scale.ShiftOf(
        Corrections.Of(CorrectionKey.SetShift(Composition.Filling.Formula.Family.Id, Composition.Filling.Formula.Id)));

    /// <summary>The pan with its crust in it.</summary>
    public LinedPan Lined { get; }

    /// <summary>What the bare pan holds to its brim, ml.</summary>
    public Worked<Millilitres> PanVolume { get; }

    /// <summary>The area of the pan's base.</summary>
    public Worked<SquareMillimetres> PanBase { get; }

    /// <summary>The area of the pan's wall.</summary>
    public Worked<SquareMillimetres> PanWall { get; }

    /// <summary>The area of the pan's mouth.</summary>
    public Worked<SquareMillimetres> PanTop { get; }

    /// <summary>The length of the pan's rim.</summary>
    public Worked<Millimetres> PanRim { get; }

    /// <summary>What the lined pan holds to its brim, ml.</summary>
    public Worked<Millilitres> LinedVolume { get; }

    /// <summary>What the crust of one pie weighs.</summary>
    public CrustSums Crust { get; }

    /// <summary>How its shell is baked.</summary>
    public BlindBakeCard Card { get; }

    /// <summary>What one batch of the filling gives.</summary>
    public FillingYield Yield { get; }

    /// <summary>How batches and pans fit each other, with the batch that is chosen.</summary>
    public Fit Fit { get; }

    /// <summary>How deep the filling stands, never above the fill line.</summary>
    public Worked<Millimetres> FilledDepth { get; }

    /// <summary>Filling in each pie, by volume.</summary>
    public Worked<Millilitres> FilledEach { get; }

    /// <summary>Filling in each pie, by weight.</summary>
    public Worked<Grams> FilledMass { get; }

    /// <summary>What stays in the bowl when each pie is filled to its line.</summary>
    public Worked<Millilitres> LeftOver { get; }

    /// <summary>The same by weight.</summary>
    public Worked<Grams> LeftOverMass { get; }

    /// <summary>What this batch should weigh out of the pot.</summary>
    public Worked<Grams> PotMass { get; }

    /// <summary>What lies under the filling, from the base up.</summary>
    public IReadOnlyList<LayerSums> Layers { get; }

    /// <summary>Everything on top, from below up; nothing for a bare pie.</summary>
    public IReadOnlyList<ToppingSums> Toppings { get; }

    /// <summary>The lowest of the toppings; none with nothing on top.</summary>
    public ToppingSums? Topping => Toppings.Count > 0 ? Toppings[0] : null;

    /// <summary>Half the width of the surface that the toppings lie on, mm.</summary>
    public double SurfaceHalf { get; }

    /// <summary>Egg white that the yolks of all the pies leave over; none where there are no yolks.</summary>
    public Worked<Grams>? WhitesLeft { get; }

    /// <summary>How high it stands in the oven; none for a filling that does not rise.</summary>
    public Worked<Millimetres>? Risen { get; }

    /// <summary>
    /// Something that follows from these facts and is worked out once, when it is first asked for: steps, advice, stand-ins. How that is
    /// done is known to whoever stands above.
    /// </summary>
    /// <typeparam name="T">What it is; one thing of each type.</typeparam>
    /// <param name="work">Works it out.</param>
    public T Once<T>(Func<Assessment, T> work)
        where T : class => (T)_once.GetOrAdd(typeof(T), static (_, asked) => asked.work(asked.pie), (work, pie: this));

    /// <summary>Works a composition out.</summary>
    /// <param name="composition">What was put together; each measure within the limits that <see cref="CompositionAddress"/> holds
    /// to.</param>
    /// <param name="pies">How many of it, 1 or more.</param>
    /// <param name="kitchen">The kitchen it is made in; one of which nothing is known when there is none.</param>
    public static Assessment Of(Composition composition, int pies = 1, Kitchen? kitchen = null) =>
        new(composition, Math.Max(1, pies), kitchen ?? Kitchen.Usual);

    /// <summary>Every figure of these facts that can be opened, each once.</summary>
    public IEnumerable<IWorked> Figures()
    {
        IWorked?[] figures =
        [
            PanVolume, PanBase, PanWall, PanTop, PanRim, LinedVolume,
            Yield.Weighed, Yield.Volume, Yield.Mass, Yield.SetIndex, Yield.Sugars, Yield.Juice,
            Fit.Needed, Fit.LineDepth, Fit.RunsOver, Fit.Fills, FilledDepth, FilledEach, FilledMass, LeftOver, LeftOverMass, PotMass,
            WhitesLeft, Risen, Yield.Reducing, BaseLife,
        ];
        var options = new[] { Fit.Exact, Fit.Below, Fit.Above, Fit.Chosen }.OfType<BatchOption>().Distinct()
            .SelectMany(o => new IWorked[] { o.Scale, o.Volume, o.Difference, o.DepthDifference, o.Stands });
        var lines = Crust.Lines.Select(l => (IWorked)l.Mass).Concat(Layers.SelectMany(l => l.Figures()))
            .Concat(Toppings.SelectMany(t => t.Figures()));
        return figures.OfType<IWorked>().Concat(Crust.Figures()).Concat(Card.Figures()).Concat(Bite.Figures()).Concat(lines)
            .Concat(options).DistinctBy(f => f.Id);
    }

    /// <summary>The kitchen it is made in.</summary>
    public Kitchen Kitchen { get; }

    /// <summary>A forkful through all the layers.</summary>
    public Bite Bite => _bite ??= Bite.Of(this);
}
