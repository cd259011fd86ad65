using RoundCrumb.Core.Arranging;
using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Toppings;

/// <summary>What one pie's topping takes.</summary>
/// <param name="Choice">What was chosen.</param>
/// <param name="Surface">Area it covers.</param>
/// <param name="Lines">What is weighed for it.</param>
/// <param name="Total">All of it.</param>
/// <param name="Sugars">All sugars, as a share of its weight.</param>
public sealed record ToppingSums(
    ToppingChoice Choice, Worked<SquareMillimetres> Surface, IReadOnlyList<WeighedLine> Lines, Worked<Grams> Total, Worked<Share> Sugars)
{
    private static readonly Constant Dome = PipingConstants.RosetteFull;

    /// <summary>Cream as poured; none for what is not cream.</summary>
    public Worked<Millilitres>? Cream { get; private init; }

    /// <summary>How thick and how stiff; none for what is not cream.</summary>
    public LayerStyle? Style { get; private init; }

    /// <summary>Where everything lies; nothing for what is spread or strewn.</summary>
    public Arrangement Arranged { get; private init; } = Arrangement.None;

    /// <summary>How many pieces, rosettes, shells or lines; none for what is spread.</summary>
    public Worked<Number>? Count { get; private init; }

    /// <summary>How wide one piped rosette, shell or line is; none for what is not piped.</summary>
    public Worked<Millimetres>? PipedWidth { get; private init; }

    /// <summary>Fruit to buy, with what is trimmed away; none for what is used whole.</summary>
    public Worked<Grams>? ToBuy { get; private init; }

    /// <summary>The sums for a topping on a surface; none where there is nothing on top.</summary>
    /// <param name="choice">What, how thick and how laid.</param>
    /// <param name="surface">The area it lies on.</param>
    /// <param name="pan">The pan, whose shape the surface has.</param>
    /// <param name="half">Half the width of the surface.</param>
    /// <param name="key">What its figures are called by: empty for the first topping.</param>
    /// <param name="corrections">What this kitchen has learned; the book where there is none.</param>
    public static ToppingSums? Of(
        ToppingChoice choice, Worked<SquareMillimetres> surface, Tub pan, double half, string key = "", CorrectionSet? corrections = null)
    {
        var topping = choice.Topping;
        if (choice.IsNone)
            return null;
        var laying = choice.Laying;
        var piped = laying.IsPiped(topping);
        var arranged = laying.On(topping, pan, half);
        var count = topping.Piece is not null || piped ? CountOf(topping, laying, arranged, half, key) : null;
        var width = piped ? WidthOf(laying, laying.FootprintOf(topping), key) : null;

        // How much room it takes: spread over the surface, or piped piece by piece.
        var room = piped ? Piped(laying, arranged, count!, key) : null;
        var style = topping.Kind is ToppingKind.Whipped ? piped ? LayerStyle.All[^1] : LayerStyle.Nearest(choice.Height) : null;
        var cream = style is null ? null : CreamOf(choice, surface, room, style, key, corrections ?? CorrectionSet.Book);
        var mass = MassOf(choice, surface, room, cream, count, key);
        var note = topping.Kind switch
        {
            ToppingKind.Whipped => $"cold, whipped to {style!.Stage}",
            ToppingKind.Meringue => "at room temperature, no trace of yolk",
            ToppingKind.Pieces when topping.Piece!.Trimmed.Usual > 0 => "weighed ready to lay",
            _ => ""
        };
        var lines = new List<WeighedLine>(4)
        {
            new(topping.Base, mass, note)
            {
                Pieces = topping.Kind is ToppingKind.Meringue ? corrections.PiecesIn(topping.Base, mass.Value) : 0,
            },
        };
        var sugars = mass.Value.Value * topping.Base.Sugars;
        var total = mass.Value.Value;
        var keys = WeighedLine.Keys([topping.Base, .. topping.With.Select(p => p.Ingredient)]);
        for (var i = 0; i < topping.With.Count; i++)
        {
            var part = topping.With[i];
            var line = cream is null
                ? new Worked<Grams>(
                    $"{key}topping-{keys[i + 1]}", part.Ingredient.Name, new(mass.Value.Value * part.PerBase.Usual),
                    "the base × its share of it", Term.Of(mass), part.PerBase)
                : new Worked<Grams>(
                    $"{key}topping-{keys[i + 1]}", part.Ingredient.Name, new(cream.Value.Value * part.PerBase.Usual),
                    "cream in ml × its grams to a ml of cream", Term.Of(cream), part.PerBase);
            lines.Add(new(part.Ingredient, line, part.Note));
            sugars += line.Value.Value * part.Ingredient.Sugars;
            total += line.Value.Value;
        }

        return new(
            choice, surface, lines,
            new(
                key + "topping-total", topping.Name + ", on one pie", new(total), "all its lines added up",
                [.. lines.Select(l => Term.Of(l.Mass))]),
            new(
                key + "topping-sugars", "Sugars in the topping", new(total > 0 ? sugars / total : 0), "sugars of every line ÷ its weight",
                Term.Given("sugars", new Grams(sugars)), Term.Given("weight", new Grams(total))))
        {
            Cream = cream,
            Style = style,
            Arranged = arranged,
            Count = count,
            PipedWidth = width,
            ToBuy = topping.Piece is { Trimmed.Usual: > 0 } bought
                ? new(
                    key + "fruit-to-buy", "To buy: " + bought.Ingredient.ShortName, new(mass.Value.Value / (1 - bought.Trimmed.Usual)),
                    "ready to lay ÷ (1 − what is trimmed away)", Term.Of(mass), bought.Trimmed)
                : null,
        };
    }

    /// <summary>How many lie on it.</summary>
    private static Worked<Number> CountOf(Topping topping, Laying laying, Arrangement arranged, double half, string key)
    {
        var number = laying.Pattern is Pattern.Lattice ? arranged.Lines.Count : arranged.Pieces.Count;
        var footprint = laying.FootprintOf(topping);
        Term[] sizes = topping.Piece is { } laid ? [laid.Length, laid.Width] : laying.Pattern switch
        {
            Pattern.Lattice => [Term.Given("nozzle", laying.Nozzle), PipingConstants.LineApart],
            Pattern.Shells => [Term.Given("nozzle", laying.Nozzle), PipingConstants.ShellLength, PipingConstants.ShellOver],
            _ => [Term.Given("nozzle", laying.Nozzle), PipingConstants.RosetteWidth],
        };
        return new(
            key + "laid-pieces",
            topping.Piece is { } one ? "Pieces: " + one.Name
                : laying.Pattern is Pattern.Lattice ? "Piped lines"
                : laying.Pattern is Pattern.Shells ? "Shells"
                : "Rosettes",
            new(number),
            laying.Pattern is Pattern.Lattice
                ? "lines side by side, across and across again"
                : "as many as go round each ring, from the rim inwards, none beyond the rim and none over its neighbour by more "
                    + "than was asked",
            [
                Term.Given("surface across", new Millimetres(2 * half)), .. sizes,
                Term.Given("overlap", footprint.Overlap, Dimension.Share),
                .. arranged.PerRing.Take(6).Select(
                    (n, i) => Term.Given(i == 0 ? "on the outermost" : $"on row {i + 1}", n, Dimension.Count))
            ]);
    }

    /// <summary>How wide one piped thing is.</summary>
    private static Worked<Millimetres> WidthOf(Laying laying, Footprint footprint, string key)
    {
        var nozzle = Term.Given("nozzle", laying.Nozzle);
        var id = key + "piped-width";
        return laying.Pattern switch
        {
            Pattern.Lattice => new(id, "A piped line is wide", laying.Nozzle, "the nozzle's opening", nozzle),
            Pattern.Shells => new(
                id, "A shell is long", new(footprint.Width), "the nozzle's opening × a shell's length to it", nozzle,
                PipingConstants.ShellLength),
            _ => new(
                id, "A rosette is wide", new(footprint.Width), "the nozzle's opening × a rosette's width to it", nozzle,
                PipingConstants.RosetteWidth),
        };
    }

    /// <summary>The cream that is whipped: cheese folded into it adds its own room; sugar and gelatine hardly any.</summary>
    private static Worked<Millilitres> CreamOf(
        ToppingChoice choice, Worked<SquareMillimetres> surface, Worked<Millilitres>? room, LayerStyle style, string key,
        CorrectionSet corrections)
    {
        var here = corrections.Of(CorrectionKey.OfIngredient(CorrectionKind.WhippedVolume, choice.Topping.Base.Id));
        var added = choice.Topping.With.Where(p => p.Ingredient.Shelf is PantryShelf.Dairy)
            .Sum(p => p.PerBase.Usual * p.Ingredient.InMixture);
        var swells = style.WhipFactor;
        return new(
            key + "cream", "Cream to whip",
            new((room?.Value.Value ?? (surface.Value.Value * choice.Height.Value / 1000)) / ((swells.Usual * (here?.Usual ?? 1)) + added)),
            (room is null ? "surface × mean thickness" : "all that is piped")
                + (added > 0 ? " ÷ (how much it swells + what is folded in)" : " ÷ how much it swells"),
            [
                .. Spread(choice, surface, room), swells, .. here is null ? Array.Empty<Term>() : [Term.FromConstant(here)],
                .. added > 0 ? [Term.Given("folded in, ml to one ml of cream", new Factor(added))] : Array.Empty<Term>()
            ]);
    }

    /// <summary>What its room is reckoned from: the surface and how thick it lies there, or all that is piped.</summary>
    private static Term[] Spread(ToppingChoice choice, Worked<SquareMillimetres> surface, Worked<Millilitres>? room) =>
        room is null ? [Term.Of(surface), Term.Given("mean thickness", choice.Height)] : [Term.Of(room)];

    /// <summary>
    /// What its base weighs: cream, whites, what is strewn by the square centimetre, pieces, or a layer of its own density.
    /// </summary>
    private static Worked<Grams> MassOf(
        ToppingChoice choice, Worked<SquareMillimetres> surface, Worked<Millilitres>? room, Worked<Millilitres>? cream,
        Worked<Number>? count, string key)
    {
        var topping = choice.Topping;
        var per = 1 + topping.With.Sum(p => p.PerBase.Usual);
        Term[] whole = per > 1 ? [Term.Given("the whole against its base", new Factor(per))] : [];
        var against = per > 1 ? " ÷ the whole against its base" : "";
        var id = $"{key}topping-{topping.Base.Id}";
        switch (topping)
        {
            case { Kind: ToppingKind.Whipped }:
                return new(
                    id, topping.Base.Name, new(cream!.Value.Value * topping.Base.BulkDensity), "cream in ml × its g/ml", Term.Of(cream),
                    Term.Given("cream", topping.Base.BulkDensity, Dimension.GramsPerMl));
            case { Swells: { } whisked }:
                return new(
                    id, topping.Base.Name,
                    new((room?.Value.Value ?? (surface.Value.Value * choice.Height.Value / 1000)) / whisked.Usual / topping.Base.InMixture),
                    (room is null ? "surface × mean thickness" : "all that is piped") + " ÷ how much whites swell ÷ ml to a gram of white",
                    [
                        .. Spread(choice, surface, room), whisked,
                        Term.Given("ml to a gram", topping.Base.InMixture, Dimension.MlPerGram), ToppingConstants.WhitesToArea
                    ]);
            case { Film: { } film }:
                var left = 1 - (topping.Loses?.Usual ?? 0);
                return new(
                    id, topping.Base.Name, new(surface.Value.Value / 100 * film.Usual / left / per),
                    "surface in cm² × grams to a cm²" + (topping.Loses is null ? "" : " ÷ what is left after toasting") + against,
                    [Term.Of(surface), film, .. topping.Loses is { } lost ? [lost] : Array.Empty<Term>(), .. whole]);
            case { Piece: { } piece }:
                var each = piece.GramsAt(choice.Height);
                return new(
                    id, topping.Name, new(count!.Value.Value * each), "pieces × what one weighs",
                    [
                        Term.Of(count),
                        .. piece.Sliced
                            ? [Term.Given($"one, cut {choice.Height.Value:0.#} mm thick", new Grams(each))]
                            : Array.Empty<Term>(),
                        piece.Grams
                    ]);
            default:
                return new(
                    id, topping.Base.Name, new(surface.Value.Value * choice.Height.Value / 1000 * topping.Density!.Usual / per),
                    "surface × mean thickness × g/ml" + against,
                    [Term.Of(surface), Term.Given("mean thickness", choice.Height), topping.Density, .. whole]);
        }
    }

    private static Worked<Millilitres> Piped(Laying laying, Arrangement arranged, Worked<Number> count, string key)
    {
        var n = laying.Nozzle.Value;
        if (laying.Pattern is Pattern.Lattice)
        {
            return new(
                key + "piped", "All that is piped", new(arranged.LineLength * Math.PI / 4 * n * n / 1000),
                "all lines end to end × the nozzle's opening, round",
                Term.Given("all lines end to end", new Millimetres(arranged.LineLength)), Term.Given("nozzle", laying.Nozzle));
        }

        if (laying.Pattern is Pattern.Shells)
        {
            var (l, w) = (PipingConstants.ShellLength.Usual * n, PipingConstants.ShellWidth.Usual * n);
            return new(
                key + "piped", "All that is piped", new(count.Value.Value * l * w * (w / 2) * PipingConstants.ShellFull.Usual / 1000),
                "shells × length × width × half the width × how full",
                Term.Of(count), Term.Given("length", new Millimetres(l)), Term.Given("width", new Millimetres(w)),
                PipingConstants.ShellFull);
        }

        var rosette = PipingConstants.RosetteWidth.Usual * n;
        return new(
            key + "piped", "All that is piped",
            new(count.Value.Value * rosette * rosette * rosette * PipingConstants.RosetteHeight.Usual * Dome.Usual / 1000),
            "rosettes × width × width × height × how full",
            Term.Of(count), Term.Given("width", new Millimetres(rosette)), PipingConstants.RosetteHeight, Dome);
    }

    /// <summary>Every figure that can be opened.</summary>
    public IEnumerable<IWorked> Figures() =>
        new IWorked?[] { Surface, Cream, Count, PipedWidth, ToBuy, Total, Sugars }.OfType<IWorked>().Concat(Lines.Select(l => l.Mass));
}
