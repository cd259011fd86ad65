using System.Globalization;
using Microsoft.AspNetCore.Html;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Advice;
using RoundCrumb.Core.Arranging;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Layering;
using RoundCrumb.Core.Pairing;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Core.Toppings;
using RoundCrumb.Core.Units;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Web.Features.Compose;

/// <summary>What the Compose screen shows of one composition.</summary>
public sealed class ComposeView
{
    private readonly ReadComposition _read;
    private readonly ILookup<Layer, Finding> _advice;

    /// <param name="read">The composition, with what could not be used.</param>
    /// <param name="shown">The baker's units.</param>
    /// <param name="opened">The saved pie it was opened from, if any.</param>
    /// <param name="book">The parts that are offered.</param>
    /// <param name="kitchen">The kitchen it is made in.</param>
    public ComposeView(ReadComposition read, QuantityFormatter shown, OpenedFrom? opened, PartBook book, Kitchen kitchen)
    {
        // Whoever puts a pie together does so with what the kitchen knows now.
        read = read with { Composition = read.Composition with { Corrections = null } };
        Book = book;
        _read = read;
        Shown = shown;
        Opened = opened;
        Pie = Assessment.Of(read.Composition, 1, kitchen);
        Canonical = CompositionAddress.Write(read.Composition);
        Brief = BriefAddress.Of(Canonical, book);
        _openedAt = opened?.ToString() ?? "";
        _pieAt = $"&{Brief}{_openedAt}";
        _advice = Pie.Advice.ToLookup(f => f.Rule.Layer);
    }

    private const string PartsAt = Routes.ComposeParts + "?of=";

    private readonly string _pieAt, _openedAt;
    private IReadOnlySet<string>? _leftOut;

    /// <summary>The parts that are offered.</summary>
    public PartBook Book { get; }

    /// <summary>The stratum that is open.</summary>
    public Stratum Open { get; init; } = Stratum.Filling;

    /// <summary>True where a stratum is open.</summary>
    public bool IsOpen(Stratum stratum) => Open == stratum;

    /// <summary>What is said of its layers in a line each, and what those that are closed hold.</summary>
    public StratumLines Lines => field ??= new(this);

    /// <summary>What kind a crust is, for a list.</summary>
    public static string GroupOf(CrustFamily crust) => crust switch
    {
        RolledFamily { Sheet: not null } or ShellFamily => "Bought",
        RolledFamily => "Rolled",
        LaidFamily => "Laid",
        _ => "Pressed crumb",
    };

    /// <summary>How many things there are worth knowing of a layer.</summary>
    public int WorthKnowing(Layer layer) => AdviceOn(layer).Count(f => f.Severity is Severity.WorthKnowing);

    /// <summary>Where what is folded of this pie is shown.</summary>
    public string FoldAt(PieFold fold) => string.Concat(Routes.ComposeMore, fold.Id, "?", _pieAt.AsSpan(1));

    /// <summary>True where it is sent in place of what is there, and not with its page.</summary>
    public bool IsSwap { get; init; }

    /// <summary>Where the parts are listed that can stand in a field’s place.</summary>
    public string PartsFor(string field) => string.Concat(PartsAt, field, _pieAt);

    /// <summary>All the sums.</summary>
    public Assessment Pie { get; }

    /// <summary>The composition.</summary>
    public Composition C => Pie.Composition;

    /// <summary>The baker's units.</summary>
    public QuantityFormatter Shown { get; }

    /// <summary>The saved pie it was opened from, if any.</summary>
    public OpenedFrom? Opened { get; }

    /// <summary>The composition as an address, everything in it usable.</summary>
    public string Canonical { get; }

    /// <summary>The same in as few words as it can be said.</summary>
    public string Brief { get; }

    /// <summary>The whole address of this screen: the composition, and what was typed and could not be used.</summary>
    public string Here
    {
        get
        {
            var address = Canonical;
            foreach (var trouble in _read.Troubles)
            {
                var typed = Uri.EscapeDataString(trouble.Typed.Length > 60 ? trouble.Typed[..60] : trouble.Typed);
                var parts = address.Split('&').ToList();
                var at = parts.FindIndex(p => p.StartsWith(trouble.Field + "=", StringComparison.Ordinal));
                if (at >= 0)
                    parts[at] = trouble.Field + "=" + typed;
                else
                    parts.Add(trouble.Field + "=" + typed);
                address = string.Join('&', parts);
            }

            return AddressOf(address);
        }
    }

    /// <summary>What could not be used, if anything.</summary>
    public IReadOnlyList<Trouble> Troubles => _read.Troubles;

    /// <summary>The address of this screen for a composition.</summary>
    public string AddressOf(string composition) =>
        Routes.Compose + "?" + composition + _openedAt;

    /// <summary>Where the pans that can stand in for this one are worked out.</summary>
    public string StandInsAt => Routes.StandIns + AddressOf(Canonical)[Routes.Compose.Length..];

    /// <summary>Where this filling is shared out over several pans.</summary>
    public string PourAt => string.Create(
        CultureInfo.InvariantCulture,
        $"{Routes.Pour}?fill={FillingName}&set={C.Filling.Setter * 100:0.###}&line={C.Filling.Line.Value:0.###}mm&"
            + $"crust={C.Crust.Family.Id}&bake={CompositionAddress.NameOf(C.Crust.Treatment)}&p={PanKey}&many=1");

    /// <summary>The pan by the key it has in the kitchen.</summary>
    private string PanKey =>
        C.Pan.Id == PanCupboard.OwnId && Book.Kitchen.FirstOrDefault(k => k.Name == C.Pan.Name) is { } own ? own.Key : C.Pan.Key;

    /// <summary>Where more shells of this crust are planned.</summary>
    public string ShellsAt
    {
        get
        {
            var crust = C.Crust;
            var address = string.Create(
                CultureInfo.InvariantCulture,
                $"{Routes.Crusts}?crust={crust.Family.Id}&bake={CompositionAddress.NameOf(crust.Treatment)}&"
                    + $"edge={CompositionAddress.NameOf(crust.Edge)}&seal={crust.Seal.Id}&goes={C.Filling.Formula.Family.Id}");
            if (crust.Thickness != Composition.UsualCrust(C.Pan, crust.Family).Thickness)
                address += string.Create(CultureInfo.InvariantCulture, $"&thick={crust.Thickness.Value:0.###}mm");
            if (C.Oven is { } oven)
                address += "&oven=" + oven.Id;
            return address + $"&p={PanKey}&many=1&cold=0";
        }
    }

    /// <summary>The address after a remedy.</summary>
    public string After(Remedy remedy) =>
        AddressOf(BriefAddress.Of(remedy.Apply(C), _leftOut ??= BriefAddress.LeftOut(Canonical, Brief), Book));

    /// <summary>The advice about a layer, the gravest first.</summary>
    public IEnumerable<Finding> AdviceOn(Layer layer) => _advice[layer].Where(f => !f.IsKnown && f.Severity is not Severity.School);

    /// <summary>What bakers differ on, and this house has not settled.</summary>
    public IReadOnlyList<Finding> SchoolsOf => [.. Pie.Advice.Where(f => !f.IsKnown && f.Severity is Severity.School)];

    /// <summary>What the baker has said “I know” of.</summary>
    public IReadOnlyList<Finding> KnownOf => [.. Pie.Advice.Where(f => f.IsKnown)];

    /// <summary>The address once the baker has said “I know”, or has taken it back.</summary>
    public string Knowing(Finding finding) => AddressOf(CompositionAddress.Write(C with
    {
        Known = finding.IsKnown ? new(C.Known.Where(k => k != finding.Rule.Id)) : C.Known.Add(finding.Rule.Id),
    }));

    /// <summary>The trouble with a field, if any.</summary>
    public Trouble? TroubleWith(string field) => _read.Of(field);

    /// <summary>What a length field shows: what was typed if it could not be used, else the length in the baker's unit.</summary>
    public string Length(string field, Millimetres value) => TroubleWith(field)?.Typed ?? LengthText(value);

    /// <summary>What a number field shows.</summary>
    public string Number(string field, double value) => TroubleWith(field)?.Typed ?? value.ToString("0.###", CultureInfo.InvariantCulture);

    /// <summary>A length as a field shows it; in inches it carries its unit.</summary>
    public string LengthText(Millimetres value) => Shown.Units.Length is LengthUnit.Inches
        ? Shown.Say(value.AsQuantity())
        : value.Value.ToString("0.##", CultureInfo.InvariantCulture);

    /// <summary>A figure that opens to its working.</summary>
    public IHtmlContent Figure(IWorked figure) => FigureLink.To(figure, Shown, Brief, 1);

    /// <summary>A sentence whose figures open.</summary>
    public IHtmlContent Sentence(Phrase phrase) => FigureLink.Sentence(phrase, Shown, Brief, 1);

    /// <summary>True for the advice that is the thing to do next: the gravest, if it is grave.</summary>
    public bool IsNext(Finding finding) =>
        finding.Severity <= Severity.Disappoints && !finding.IsKnown && ReferenceEquals(finding, Pie.Advice[0]);

    /// <summary>How much deeper or shallower the filling stands in another pan.</summary>
    public IHtmlContent Deeper(StandIn other)
    {
        var off = other.Deeper.Value.Value;
        if (Math.Abs(off) < 0.75)
            return new HtmlString("as now");
        return FigureLink.To(
            other.Deeper, Shown, Brief, 1, Shown.Say(new Quantity(Math.Abs(off), Dimension.Length)) + (off > 0 ? " more" : " less"));
    }

    /// <summary>How the minutes in the oven change in another pan.</summary>
    public IHtmlContent Oven(StandIn other) => Math.Abs(other.BakeTime.Value.Value - 1) < 0.01
        ? new HtmlString("oven as now")
        : new HtmlContentBuilder().Append("oven minutes ")
            .AppendHtml(
                FigureLink.To(
                    other.BakeTime, Shown, Brief, 1,
                    string.Create(CultureInfo.InvariantCulture, $"× {other.BakeTime.Value.Value:0.0#}")));

    /// <summary>How far a batch is over or short, in ml and mm, each to be opened.</summary>
    public IHtmlContent Off(BatchOption option)
    {
        var off = option.Difference.Value.Value;
        if (Math.Abs(off) < 3)
            return new HtmlString("just right");
        return new HtmlContentBuilder()
            .AppendHtml(FigureLink.To(option.Difference, Shown, Brief, 1, Shown.Say(new Quantity(Math.Abs(off), Dimension.Volume))))
            .Append(off > 0 ? " over, " : " short, ")
            .AppendHtml(
                FigureLink.To(
                    option.DepthDifference, Shown, Brief, 1,
                    Shown.Say(new Quantity(Math.Abs(option.DepthDifference.Value.Value), Dimension.Length))));
    }

    /// <summary>How soft and how firm this filling can be made.</summary>
    public Firmness Firmness => Pie.Firmness;

    /// <summary>The address with another firmness.</summary>
    public string WithSetter(FirmnessEnd end) =>
        AddressOf(CompositionAddress.WithFirmness(Brief, end.Setter));

    /// <summary>What meets what in it, and at which temperature.</summary>
    public IReadOnlyList<Meeting> Meets => Meetings.Of(Pie);

    /// <summary>The toppings as they are chosen, each with the fields it is read from and its sums.</summary>
    public IEnumerable<(ToppingFields Fields, ToppingChoice Choice, ToppingSums? Sums)> ToppingRows()
    {
        var sums = Pie.Toppings.GetEnumerator();
        foreach (var (choice, i) in C.Over.Prepend(C.Topping).Select((t, i) => (t, i)))
            yield return (
                i == 0 ? CompositionAddress.First : CompositionAddress.OverOf(C)[i - 1], choice,
                !choice.IsNone && sums.MoveNext() ? sums.Current : null);
    }

    /// <summary>The layers beneath the filling, the topmost first, each with the fields it is read from.</summary>
    public IEnumerable<(LayerFields Fields, LayerSums Sums)> LayerRows() =>
        Pie.Layers.Select((sums, i) => (CompositionAddress.UnderOf(C)[i], sums)).Reverse();

    /// <summary>The filling as an address names it.</summary>
    private string FillingName => CompositionAddress.NameIn(C, CompositionAddress.FillingField, C.Filling.Formula.Id);

    /// <summary>What a field names and is not here; none where it is.</summary>
    public MissingPart? Missing(string field) => C.Missing.FirstOrDefault(m => m.Field == field);

    /// <summary>What is named beyond the first of a kind and is not here: layers beneath, or toppings on others.</summary>
    public IEnumerable<MissingPart> MissingLayers(Stratum stratum) =>
        C.Missing.Where(m => m.StandIn is "" or "none" && stratum.Holds(m.Field)
            && m.Field is not (CompositionAddress.ToppingField or CompositionAddress.OvenField));

    /// <summary>Where a topping is seen from above, counted from 0 with the lowest.</summary>
    public string AboveAt(int topping) => string.Create(CultureInfo.InvariantCulture, $"{Routes.Above}?top-at={topping + 1}&{Canonical}");

    /// <summary>What lies on one pie, in a few words.</summary>
    public IHtmlContent Lies(ToppingSums sums)
    {
        var words = new HtmlContentBuilder();
        if (sums.Count is { } count)
        {
            words.AppendHtml(Figure(count)).Append(
                sums.Choice.Topping.Piece is null
                    ? sums.Choice.Laying.Pattern switch { Pattern.Lattice => " lines", Pattern.Shells => " shells", _ => " rosettes" }
                    : " pieces");
            if (sums.PipedWidth is { } wide)
                words.Append(", each ").AppendHtml(Figure(wide)).Append(sums.Choice.Laying.Pattern is Pattern.Shells ? " long" : " wide");
            words.Append(" · ");
        }

        if (sums.Cream is { } cream)
            words.AppendHtml(Figure(cream)).Append(" cream");
        else
            words.AppendHtml(
                FigureLink.To(sums.Lines[0].Mass, Shown, Brief, 1, Shown.Weigh(sums.Lines[0].Mass.Value, sums.Lines[0].Ingredient)))
                .Append(" ").Append(sums.Lines[0].Ingredient.ShortName);
        if (sums.ToBuy is { } buy)
            words.Append(", buy ").AppendHtml(Figure(buy));
        foreach (var line in sums.Lines.Skip(1).Where(l => l.Ingredient != Core.Ingredients.Pantry.Water))
            words.Append(" · ").AppendHtml(FigureLink.To(line.Mass, Shown, Brief, 1, Shown.Weigh(line.Mass.Value, line.Ingredient)))
                .Append(" ").Append(line.Ingredient.ShortName);
        return words;
    }

    /// <summary>What the baker has of one ingredient, as it was just typed; none where nothing was.</summary>
    public InHand? InHand { get; init; }

    /// <summary>What the batch is made from all there is of; none where it is not.</summary>
    public Ingredient? HandOf => C.Filling.Batch is { Kind: BatchKind.InHand, Of: var id }
        ? C.Filling.Formula.Lines.FirstOrDefault(l => l.Ingredient.Id == id)?.Ingredient
        : null;

    /// <summary>Where the same batch is shared out over other pans.</summary>
    public string PourFrom =>
        $"{Routes.Pour}?fill={FillingName}&make={Uri.EscapeDataString(CompositionAddress.NameOf(C.Filling.Batch))}"
            + $"&crust={C.Crust.Family.Id}&set={(C.Filling.Setter * 100).ToString("0.##", CultureInfo.InvariantCulture)}"
            + $"&p={Uri.EscapeDataString(C.Pan.Key)}&many=1";

    /// <summary>The choices of how much filling to make: value, words, chosen or not.</summary>
    public IEnumerable<(string Value, string Words, bool Chosen)> Batches()
    {
        var fit = Pie.Fit;
        var chosen = C.Filling.Batch;
        var whole = C.Filling.Formula.Piece;
        yield return ("exact", $"to fit: {QuantityFormatter.Pieces(fit.Exact.Pieces, whole)}", chosen.Kind is BatchKind.Exact);
        if (fit.Below is { } below)
            yield return ("below", Words(below), chosen.Kind is BatchKind.Below);
        yield return ("above", Words(fit.Above), chosen.Kind is BatchKind.Above);
        if (chosen.IsSaid)
            yield return (CompositionAddress.NameOf(chosen), Words(fit.Chosen), true);
        foreach (var times in (double[])[1, 2])
        {
            if (chosen.Kind is not BatchKind.Times || Math.Abs(chosen.Times - times) > 1e-9)
                yield return (
                    times.ToString(CultureInfo.InvariantCulture), times == 1 ? "one batch as written" : "two batches as written", false);
        }

        string Words(BatchOption option)
        {
            var off = option.Difference.Value.Value;
            var words = option.Kind is BatchKind.Times ? $"{C.Filling.Batch.Times:0.##} × as written"
                : option.Kind is BatchKind.InHand && HandOf is { } hand
                    ? $"from {Shown.Weigh(C.Filling.Batch.Amount, hand)} {hand.ShortName}"
                : Core.Units.QuantityFormatter.Pieces(option.Pieces, whole);
            if (Math.Abs(off) < 3)
                return words + ": just right";
            var ml = Shown.Say(new Quantity(Math.Abs(off), Dimension.Volume));
            return off > 0 ? $"{words}: {ml} over" : $"{words}: {ml} short";
        }
    }

    /// <summary>Where the recipe of a part is: the baker's own, or one to copy.</summary>
    public static string RecipeOf(string id) =>
        OwnPartId.Parse(id) is { } own ? Routes.Part(own.Part) : Routes.NewPart + "?from=" + id;

    /// <summary>What a severity is called, and its mark.</summary>
    public static (string Mark, string Word, string Css) Severe(Severity severity) => severity switch
    {
        Severity.Stops => ("✕", "Stops it", "stops"),
        Severity.Disappoints => ("!", "Will disappoint", "disappoints"),
        Severity.WorthKnowing => ("i", "Worth knowing", "knowing"),
        _ => ("⇄", "Two schools", "school"),
    };

    /// <summary>How a rule was decided, in a sentence.</summary>
    public static string Decided(DecidedBy by) => by switch
    {
        DecidedBy.Physics => "That is how the stuff behaves.",
        DecidedBy.FoodSafety => "That is a matter of safe food.",
        _ => "That is custom: bakers may differ.",
    };

    /// <summary>What a treatment is called.</summary>
    public static string NameOf(Treatment treatment) => treatment switch
    {
        Treatment.HotStart => "Hot start",
        Treatment.Steady => "Steady oven",
        Treatment.Baked => "Baked",
        Treatment.Ready => "As bought",
        _ => "Chilled",
    };

    /// <summary>What a binder is called.</summary>
    public static string NameOf(Binder binder) => binder switch
    {
        Binder.None => "bound by fat alone",
        Binder.Sugar => "bound with sugar",
        Binder.Honey => "bound with honey",
        _ => "bound as usual",
    };

    /// <summary>What a way of laying is called.</summary>
    public static string NameOf(Pattern pattern, bool piped) => pattern switch
    {
        Pattern.Rings => "in rings",
        Pattern.Spiral => "in a spiral",
        Pattern.HalfMoon => piped ? "rosettes, a half-moon" : "in a half-moon",
        Pattern.Cover => piped ? "rosettes all over" : "all over",
        Pattern.Rim => piped ? "rosettes round the rim" : "round the rim",
        Pattern.Shells => "shells round the rim",
        Pattern.Lattice => "a lattice",
        Pattern.Spread => "spread",
    };

    /// <summary>What a kind of pan is called.</summary>
    public static string NameOf(PanKind kind) => kind.Facts.Name;

    /// <summary>What kinds of pan stand together in the list.</summary>
    public static string GroupOf(PanKind kind) => kind.Facts.Group;

    /// <summary>What an edge is called.</summary>
    public static string NameOf(Edge edge) => edge switch
    {
        Edge.Crimped => "Folded and crimped",
        Edge.HighFluted => "High and fluted",
        _ => "Trimmed flush",
    };
}
