using RoundCrumb.Core.BlindBaking;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Shells;

/// <summary>So many shells in one pan.</summary>
/// <param name="Pan">Which pan.</param>
/// <param name="Count">How many, 1 or more.</param>
/// <param name="ToFreeze">How many of them go to the freezer lined and raw.</param>
public sealed record ShellOrder(Pan Pan, int Count, int ToFreeze)
{
    /// <summary>The most shells of one pan in a plan.</summary>
    public const int Most = 200;
}

/// <summary>How a crust is to be made for all the pans of a plan; what is not said is as usual for each pan.</summary>
/// <param name="Family">Which kind.</param>
/// <param name="Treatment">How it is baked; one of the family's.</param>
/// <param name="Edge">Rolled: how the edge is finished, where the pan has a rim to carry it.</param>
/// <param name="Seal">What keeps the wet off it.</param>
/// <param name="Need">What goes in.</param>
/// <param name="Thickness">Of dough or base; none for what is usual in each pan.</param>
/// <param name="Binder">What binds a pressed crumb.</param>
/// <param name="Browned">True when its butter is browned.</param>
public sealed record ShellWish(
    CrustFamily Family, Treatment Treatment, Edge Edge, Seal Seal, ShellNeed Need, Millimetres? Thickness = null,
    Binder Binder = Binder.AsWritten, bool Browned = false)
{
    /// <summary>The crust for one pan.</summary>
    public CrustChoice For(Pan pan, bool frozen = false)
    {
        var usual = Composing.Composition.UsualCrust(pan, Family);
        var choice = usual with
        {
            Treatment = Treatment,
            Edge = pan.HasRim ? Edge : Edge.Trimmed,
            Seal = Seal,
            Frozen = frozen && Family is RolledFamily,
        };
        if (Family is CrumbFamily)
            choice = choice with { Binder = Binder, Browned = Browned };
        if (Thickness is not { } thick)
            return choice;

        // However thick it is wished, something is left of a shallow pan.
        return choice with { Thickness = new(Math.Min(thick.Value, pan.Depth.Value - 5)) };
    }
}

/// <summary>The sums for one pan of a plan.</summary>
/// <param name="Order">What is asked for.</param>
/// <param name="One">The sums for one.</param>
/// <param name="All">What all of them weigh.</param>
/// <param name="Now">The card for those baked now; none where all are frozen.</param>
/// <param name="Later">The card for those that go from the freezer into the oven; none where none is frozen, or there is no such
/// card.</param>
/// <param name="Owned">How many the kitchen has room for; none where nobody has counted.</param>
public sealed record ShellRow(ShellOrder Order, CrustSums One, Worked<Grams> All, BlindBakeCard? Now, BlindBakeCard? Later, int? Owned)
{
    /// <summary>How many a card is for.</summary>
    public int Number(bool later) => (later ? Later : Now)?.Setting.Pies ?? 0;
}

/// <summary>Crumb from packets.</summary>
/// <param name="Biscuits">How many biscuits are crushed.</param>
/// <param name="Crumbs">What they weigh.</param>
/// <param name="Packs">Whole packets to buy; 0 where there is no packet.</param>
/// <param name="Over">Crumbs that the packets leave over.</param>
/// <param name="Crumb">The biscuit.</param>
public sealed record CrumbFromPackets(Worked<Number>? Biscuits, Worked<Grams> Crumbs, int Packs, Worked<Grams>? Over, Ingredient Crumb);

/// <summary>One dough, or one crumb, for several pans at once, some of them for the freezer.</summary>
/// <param name="Wish">How it is made.</param>
/// <param name="Rows">Pan by pan.</param>
/// <param name="Total">All of the dough or crumb.</param>
/// <param name="Lines">What is weighed for it.</param>
public sealed record ShellPlan(ShellWish Wish, IReadOnlyList<ShellRow> Rows, Worked<Grams> Total, IReadOnlyList<WeighedLine> Lines)
{
    /// <summary>Fat held back; none for dough.</summary>
    public Worked<Grams>? HeldBack { get; private init; }

    /// <summary>Dough left when all discs are cut one by one; none for crumb.</summary>
    public Worked<Grams>? Offcuts { get; private init; }

    /// <summary>How many tartlet shells the offcuts line; none for crumb.</summary>
    public Worked<Number>? Tartlets { get; private init; }

    /// <summary>Sheets as they are cut; empty for crumb and for oblong pans.</summary>
    public IReadOnlyList<SheetCut> Sheets { get; private init; } = [];

    /// <summary>Dough for those sheets; none for crumb.</summary>
    public Worked<Grams>? SheetDough { get; private init; }

    /// <summary>What the sheets leave between the discs; none for crumb.</summary>
    public Worked<Grams>? SheetOver { get; private init; }

    /// <summary>Bought sheets; none for a dough that is made.</summary>
    public Worked<Number>? BoughtSheets { get; private init; }

    /// <summary>Crumb from packets; none for dough.</summary>
    public CrumbFromPackets? Packets { get; private init; }

    /// <summary>The kitchen it is made in.</summary>
    public Kitchen Kitchen { get; private init; } = Kitchen.Usual;

    /// <summary>All shells.</summary>
    public int Count => Rows.Sum(r => r.Order.Count);

    /// <summary>Those for the freezer.</summary>
    public int ToFreeze => Rows.Sum(r => r.Order.ToFreeze);

    /// <summary>The tartlet that offcuts are measured in.</summary>
    public static Pan Tartlet { get; } = PanCupboard.Find("tartlet-8")!;

    /// <summary>A plan.</summary>
    /// <param name="wish">How the crust is made.</param>
    /// <param name="orders">Pan by pan; one at least.</param>
    /// <param name="kitchen">The kitchen.</param>
    /// <param name="oven">Which of its ovens; its usual one where none is said.</param>
    public static ShellPlan Of(ShellWish wish, IReadOnlyList<ShellOrder> orders, Kitchen kitchen, Oven? oven = null)
    {
        var rows = orders.Select((order, i) => Row(wish, order, i, kitchen, oven ?? kitchen.Oven)).ToList();
        var rolled = wish.Family as RolledFamily;
        var total = new Worked<Grams>(
            "plan-total", rolled is null ? "All the crumb" : "All the dough", new(rows.Sum(r => r.All.Value.Value)), "pan by pan, added up",
            [.. rows.Select(r => Term.Of(r.All) with { Name = $"{r.Order.Count} × {r.Order.Pan.Name}" })]);
        var plan = new ShellPlan(wish, rows, total, Merge(rows)) { Kitchen = kitchen };
        if (rolled is not null)
            return plan.Rolled(rolled);
        var crumbs = FromPackets(wish.Family, rows);
        var held = rows.Sum(r => (r.One.HeldBack?.Value.Value ?? 0) * r.Order.Count);
        return plan with
        {
            Packets = crumbs,
            HeldBack = held <= 0
                ? null
                : new(
                    "plan-held-back", "Fat to hold back", new(held), "pan by pan, added up",
                    [
                        .. rows.Select(
                            r =>
                                Term.Given($"{r.Order.Count} × {r.Order.Pan.Name}", new Grams(r.One.HeldBack!.Value.Value * r.Order.Count)))

                    ]),
        };
    }

    /// <summary>Every figure that can be opened.</summary>
    public IEnumerable<IWorked> Figures() =>
        (
            (IWorked?[])[
                Total, HeldBack, Offcuts, Tartlets, SheetDough, SheetOver, BoughtSheets, Packets?.Biscuits, Packets?.Crumbs, Packets?.Over])
            .OfType<IWorked>()
        .Concat(Lines.Select(l => (IWorked)l.Mass))
        .Concat(Rows.Select(r => (IWorked)r.All))
        .Concat(Sheets.SelectMany((sheet, i) => new IWorked[] { sheet.WidthOf(i), sheet.LengthOf(i) }))
        .Concat(Rows.SelectMany((r, i) => RowFigures(r).Select(f => (IWorked)new Renamed(f, RowId(i, f)))))
        .DistinctBy(f => f.Id);

    /// <summary>The id of a figure of one row: several pans have the same figures.</summary>
    public static string RowId(int row, IWorked figure) => FormattableString.Invariant($"row-{row}-{figure.Id}");

    private static IEnumerable<IWorked> RowFigures(ShellRow row) => row.One.Figures()
        .Concat(row.Now?.Figures() ?? [])
        .Concat((row.Later?.Figures() ?? []).Select(f => (IWorked)new Renamed(f, "later-" + f.Id)));

    private static ShellRow Row(ShellWish wish, ShellOrder order, int index, Kitchen kitchen, Oven oven)
    {
        var choice = wish.For(order.Pan);
        var one = CrustSums.Of(choice, order.Pan);
        var all = new Worked<Grams>(
            FormattableString.Invariant($"plan-row-{index}"), order.Pan.Name, one.Total.Value * order.Count, "for one × how many",
            Term.Of(one.Total), Term.Given("how many", order.Count, Dimension.Count));

        // A raw shell is baked when it comes out of the freezer; a pressed one is finished before it goes in.
        var now = wish.Family is RolledFamily ? order.Count - order.ToFreeze : order.Count;
        var owned = kitchen.RoomIn(order.Pan);
        return new(
            order, one, all, now > 0 ? Card(choice, now) : null,
            order.ToFreeze > 0 && wish.Family is RolledFamily ? Card(wish.For(order.Pan, frozen: true), order.ToFreeze) : null, owned);

        BlindBakeCard Card(CrustChoice made, int pies) =>
            BlindBakeCard.For(
                made, order.Pan, new LinedPan(order.Pan.Inside, made.Thickness.Value, made.WallThickness.Value, made.Height.Value),
                new(oven, pies, wish.Need));
    }

    private static List<WeighedLine> Merge(List<ShellRow> rows)
    {
        // Every pan has the same lines in the same order; only the masses differ.
        var lines = new List<WeighedLine>();
        for (var i = 0; i < rows[0].One.Lines.Count; i++)
        {
            var first = rows[0].One.Lines[i];
            double Sum(Func<WeighedLine, double> of) => rows.Sum(r => of(r.One.Lines[i]) * r.Order.Count);
            var mass = new Worked<Grams>(
                "plan-" + first.Mass.Id, first.Mass.Name, new(Sum(l => l.Mass.Value.Value)), "pan by pan, added up",
                [.. rows.Select(r => Term.Of(r.One.Lines[i].Mass) with { Name = $"{r.Order.Pan.Name}, one of {r.Order.Count}" })]);
            lines.Add(new(first.Ingredient, mass, first.Note)
            {
                StopInside = first.StopInside is null
                    ? null
                    : new Quantity(mass.Value.Value, Dimension.Mass, Sum(l => l.StopInside!.Value.Low), Sum(l => l.StopInside!.Value.High)),
                Pieces = Sum(l => l.Pieces),
            });
        }

        return lines;
    }

    private ShellPlan Rolled(RolledFamily family)
    {
        var cut = Rows.Sum(r => r.One.Cut!.Value.Value * r.Order.Count);
        var offcuts = new Worked<Grams>(
            "plan-offcuts", "Offcuts", Total.Value - new Grams(cut), "all the dough − the discs themselves", Term.Of(Total),
            Term.Given("the discs themselves", new Grams(cut)));
        var tartlet = CrustSums.Of(new ShellWish(family, Wish.Treatment, Edge.Trimmed, Seal.None, Wish.Need).For(Tartlet), Tartlet);
        var tartlets = new Worked<Number>(
            "plan-tartlets", "Tartlet shells from the offcuts", new(Math.Floor((offcuts.Value.Value / tartlet.Total.Value.Value) + 1e-9)),
            "offcuts, rolled once more ÷ dough for one 8 cm tartlet, rounded down",
            Term.Of(offcuts), Term.Of(tartlet.Total));

        // Discs are cut from sheets; an oblong pan's sheet is rolled by itself.
        var discs = Rows.SelectMany(
            (r, i) => r.One.SheetLength is null ? Enumerable.Repeat((r.One.Disc!.Value.Value, i), r.Order.Count) : []).ToList();
        var sheets = discs.Count == 0
            ? []
            : SheetCut.Cut(
                discs, CrustConstants.BoardWidth.Usual, CrustConstants.BoardLength.Usual, CrustConstants.CutterGap.Usual,
                CrustConstants.SheetBorder.Usual);

        // A sheet is rolled to one thickness: that of the thickest shell cut from it.
        double Thick(SheetCut sheet) => sheet.Discs.Max(d => Wish.For(Rows[d.Row].Order.Pan).Thickness.Value);
        double Weight(double area, double thick) => area * thick / 1000 * CrustConstants.DoughDensity.Usual;
        var oblong = Rows.Where(r => r.One.SheetLength is not null).Sum(r => r.All.Value.Value);
        var rolledOut = sheets.Sum(s => Weight(s.Area, Thick(s)));
        var used = sheets.Sum(s => Weight(s.Used, Thick(s)));
        var dough = new Worked<Grams>(
            "plan-sheet-dough", "Dough for the sheets", new(rolledOut + oblong),
            "width × length of each sheet × thickness × g/ml of dough, added up",
            [
                .. sheets.Select((s, i) => Term.Given($"sheet {i + 1}", new Grams(Weight(s.Area, Thick(s))))),
                .. oblong > 0 ? [Term.Given("oblong pans, rolled by themselves", new Grams(oblong))] : Array.Empty<Term>(),
                CrustConstants.DoughDensity
            ]);
        var over = new Worked<Grams>(
            "plan-sheet-over", "Left between the discs", new(rolledOut - used), "the sheets − the discs cut from them",
            Term.Given("the sheets", new Grams(rolledOut)), Term.Given("the discs", new Grams(used)));
        return this with
        {
            Offcuts = offcuts,
            Tartlets = tartlets,
            Sheets = sheets,
            SheetDough = sheets.Count == 0 ? null : dough,
            SheetOver = sheets.Count == 0 ? null : over,
            BoughtSheets = Buy(family),
        };
    }

    private Worked<Number>? Buy(RolledFamily family)
    {
        if (family.Sheet is not { } sheet)
            return null;
        var counts = Rows.Select(r => Crusts.BoughtSheets.For(sheet, r.One.Disc!, r.One.SheetLength, r.One.Total, r.Order.Count)).ToList();
        return new(
            "plan-bought", "Sheets to buy", new(counts.Sum(c => c.Count.Value.Value)), "pan by pan, whole sheets, added up",
            [.. counts.Select((c, i) => Term.Of(c.Count) with { Name = Rows[i].Order.Pan.Name })]);
    }

    private static CrumbFromPackets? FromPackets(CrustFamily family, List<ShellRow> rows)
    {
        if (family.FromPackets is not { } crumb)
            return null;
        double Grams(ShellRow row) => row.One.Lines.Where(l => l.Ingredient == crumb).Sum(l => l.Mass.Value.Value) * row.Order.Count;
        var all = new Worked<Grams>(
            "plan-crumbs", crumb.Name, new(rows.Sum(Grams)), "pan by pan, added up",
            [.. rows.Select(r => Term.Given($"{r.Order.Count} × {r.Order.Pan.Name}", new Grams(Grams(r))))]);
        var biscuits = crumb.GramsEach <= 0 ? null : new Worked<Number>(
            "plan-biscuits", "Biscuits", new(Math.Ceiling((all.Value.Value / crumb.GramsEach) - 1e-9)), "crumbs ÷ one, rounded up",
            Term.Of(all), Term.Given("one", new Grams(crumb.GramsEach)));
        var packs = crumb.Pack.Grams > 0 ? (int)Math.Ceiling((all.Value.Value / crumb.Pack.Grams) - 1e-9) : 0;
        var over = packs == 0 ? null : new Worked<Grams>(
            "plan-crumbs-over", "Left in the packets", new((packs * crumb.Pack.Grams) - all.Value.Value),
            "packets × what one holds − what is used",
            Term.Given("packets", packs, Dimension.Count), Term.Given("one holds", new Grams(crumb.Pack.Grams)), Term.Of(all));
        return new(biscuits, all, packs, over, crumb);
    }

    /// <summary>A figure under another id.</summary>
    private sealed record Renamed(IWorked Figure, string Id) : IWorked
    {
        public string Name => Figure.Name;

        public Quantity Amount => Figure.Amount;

        public string Formula => Figure.Formula;

        public IReadOnlyList<Term> Terms => Figure.Terms;
    }
}
