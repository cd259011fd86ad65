using RoundCrumb.Core.Arranging;
using RoundCrumb.Core.Baking;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Cooling;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Layering;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Toppings;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Advice;

/// <summary>Rules about whether the parts go together: crust with filling, filling with topping, pie with pan and room.</summary>
internal static class PairRules
{
    private static readonly Constant Softens = new(
        "plain cream softens in a room of", 26, 25, 28, Dimension.Warmth, "Its fat begins to melt.");
    private static readonly Constant SoonSoft = new(
        "and does so within", 30, 20, 40, Dimension.Time, "Out of the fridge; less is no matter.");
    private static readonly Constant Balances = new(
        "sharp juice that balances a sweet bite, from", 0.02, 0.015, 0.03, Dimension.Share, "Less is not noticed.");
    private static readonly Constant Salty = new(
        "salt that is tasted in a filling, from", 0.004, 0.003, 0.005, Dimension.Share, "A pinch for the flavour is half of it.");
    private static readonly Constant CoolsDeep = new(
        "cooling to 21 °C at the middle, for each mm of depth", 8.4, 7.2, 9.6, Dimension.Time,
        "3–4 h for 25 mm, hot, in a still fridge; in proportion to depth.");
    private static readonly Constant SlowToCool = new(
        "slow to cool from", 270, 240, 300, Dimension.Time, "Far over the two hours of the cooling rule.");
    private static readonly Constant CrispAnyway = new(
        "a dry filling leaves a base crisp for", 360, 240, 480, Dimension.Time, "A seal within that time is a job for nothing.");

    private static readonly Rule CrumbLeaks = new("crumb-leaks", Layer.Crust, DecidedBy.Physics, static (rule, pie) =>
    {
        var c = pie.Composition;
        return c.Crust is { Family: CrumbFamily, Treatment: Treatment.Baked } && c.Filling.Formula.Family.Shell.Bake is ShellBake.Part
            ? new(
                rule, Severity.Disappoints,
                "It leaks: so thin a filling, baked so long, finds its way between the crumbs, and the base goes soft.",
                new("It goes in liquid and bakes {0}; pressed crumb is not tight.", pie.FilledBake!.Minutes),
                [
                    .. c.Occasion.Needs.Allow(CrustBook.ShortCrust)
                        ? (Remedy[])[
                            new(
                                "Line it with short crust", "an hour’s rest, and a blind bake",
                                p =>
                                    p.To(CrustBook.ShortCrust, Treatment.Steady).Seal(
                                        p.Occasion.Needs.Allow(Pantry.EggWhite) ? Seal.White : Seal.None))]
                        : [],
                    .. c.Occasion.Needs.Allow(FillingBook.MaltCustard)
                        ? (Remedy[])[
                            new(
                                "Fill it with the malt custard", "another filling: it goes in thick",
                                p => Nearest.With(p, FillingBook.MaltCustard))]
                        : [],
                ])
            : null;
    });

    internal static readonly Rule AllSoft = new("all-soft", Layer.Occasion, DecidedBy.Custom, static (rule, pie) =>
    {
        var c = pie.Composition;
        if (Crisp(c))
            return null;
        var crisp = c.Occasion.Needs.Allow(ToppingBook.Almonds) ? ToppingBook.Almonds : ToppingBook.Coconut;
        return new(
            rule, Severity.WorthKnowing,
            "Soft on soft on soft: nothing in it to bite on.",
            "Every pie wants something crisp beside what is soft; this crust is "
                + (c.Crust.Treatment is Treatment.Chilled ? "chilled, not baked." : "soft by the time it is served."),
            [
                .. c.Over.Count < Composition.MostLayers && !c.Occasion.NoOven && c.Occasion.Needs.Allow(crisp)
                    ? (Remedy[])[
                        new(
                            $"Strew it with {crisp.Name.ToLowerInvariant()}", "ten minutes in the oven",
                            p =>
                                p.Topping.IsNone
                                    ? p with { Topping = ToppingChoice.Usual(crisp) }
                                    : p with { Over = p.Over.Add(ToppingChoice.Usual(crisp)) })]
                    : [],
            ]);
    });

    internal static readonly Rule NothingSharp = new("nothing-sharp", Layer.Occasion, DecidedBy.Custom, static (rule, pie) =>
    {
        var c = pie.Composition;
        if (pie.Bite.Sugars.Value.Value < Bite.Sweet.Usual || pie.Bite.Juice.Value.Value >= Balances.Usual || c.Fillings.Any(IsSalty)
                || Sharp(c) || c.Crust.Family.Id == CrustBook.PretzelCrumb.Id)
            return null;
        return new(
            rule, Severity.WorthKnowing,
            "Sweet all through, with nothing sharp or salty against it.",
            new("A bite is {0} sugar and {1} sharp juice.", pie.Bite.Sugars, pie.Bite.Juice),
            [
                .. c.Over.Count < Composition.MostLayers && pie.SurfaceHalf > 20
                    ? (Remedy[])[
                        new(
                            "Lay raspberries on it at serving", "a punnet or two",
                            p => p.Topping.IsNone ? p with { Topping = Berries } : p with { Over = p.Over.Add(Berries) })]
                    : [],
            ]);
    });

    private static readonly Rule TooRich = new("too-rich", Layer.Occasion, DecidedBy.Custom, static (rule, pie) =>
    {
        var c = pie.Composition;
        if (pie.Bite.Fat.Value.Value < Bite.Rich.Usual
                || c.Toppings.FirstOrDefault(
                    t => t.Topping.Kind is ToppingKind.Whipped && t.Laying.Pattern is Pattern.Spread && t.Height.Value > 8) is not { } top)
            return null;
        return new(
            rule, Severity.WorthKnowing,
            new("So rich, a slice is hard to finish: {0} of a bite is fat.", pie.Bite.Fat),
            new("From {0} it coats the mouth.", new Quantity(Bite.Rich.Usual, Dimension.Share)),
            [
                new(
                    new("Put on {0} of cream", new Quantity(6, Dimension.Length)), "less to see",
                    p => p.Retop(top, top with { Height = new(6) })),
                new("Leave the cream off", "a plainer pie", p => p.Retop(top, ToppingChoice.Usual(Topping.None))),
            ]);
    });

    internal static readonly Rule FlavoursFight = new("flavours-fight", Layer.Occasion, DecidedBy.Custom, static (rule, pie) =>
    {
        var c = pie.Composition;
        var filling = Strong(c.Filling.Formula.Lines.Select(l => l.Ingredient));
        foreach (var top in c.Toppings)
        {
            if (Fight(filling, Strong(top.Topping.With.Select(w => w.Ingredient).Prepend(top.Topping.Base))) is { } pair)
                return Found(
                    pair, "topping",
                    [new("Leave that topping off", "one flavour less", p => p.Retop(top, ToppingChoice.Usual(Topping.None)))]);
        }

        for (var i = 0; i < c.Under.Count; i++)
        {
            var at = i;
            var inLayer = c.Under[i] is FillingLayer f
                ? f.Formula.Lines.Select(l => l.Ingredient)
                : [((PieceLayer)c.Under[i]).Piece.Ingredient];
            if (Fight(filling, Strong(inLayer)) is { } pair)
                return Found(
                    pair, "layer beneath", [new("Leave that layer out", "one layer less", p => p with { Under = p.Under.Without(at) })]);
        }

        return c.Crust.Family is CrumbFamily && Fight(filling, Strong(c.Crust.Family.Ingredients)) is { } with
            && c.Occasion.Needs.Allow(CrustBook.PlainCrumb)
            ? Found(with, "crust", [new("Press plain biscuit crumb", "a milder base", p => p.To(CrustBook.PlainCrumb, p.Crust.Treatment))])
            : null;

        Finding Found((string A, string B) pair, string where, IReadOnlyList<Remedy> remedies) => new(
            rule, Severity.WorthKnowing,
            $"{char.ToUpperInvariant(pair.A[0])}{pair.A[1..]} and {pair.B} fight: neither is tasted.",
            $"One is in the filling, the other in the {where}; both are strong. It is a matter of taste.", remedies);
    });

    private static readonly Rule GlassFromFreezer = new("glass-from-freezer", Layer.Pan, DecidedBy.Physics, static (rule, pie) =>
    {
        var c = pie.Composition;
        return c.Crust is { Frozen: true, IsBaked: true } && c.Pan.MayBurst
            ? new(
                rule, Severity.Stops,
                $"{(c.Pan.Material is PanMaterial.Glass ? "Glass" : "A ceramic dish")} may burst, straight from the freezer into a "
                    + $"hot oven.",
                new("It is some {0} colder than the oven.", new Quantity((pie.Card.Oven?.Value ?? 180) + 18, Dimension.HeatDifference)),
                [
                    new(
                        "Chill the shell, or thaw it in the fridge, instead", "it may shrink a little more",
                        p => p with { Crust = p.Crust with { Frozen = false } }),
                    new("Line the 23 cm fluted tin", "a shallower pie", p => p.To(PanCupboard.Find("tart-23")!)),
                ])
            : null;
    });

    private static readonly Rule Silicone = new("silicone-shell", Layer.Pan, DecidedBy.Physics, static (rule, pie) =>
    {
        var c = pie.Composition;
        return c.Pan.Material is PanMaterial.Silicone && c.Crust is { Family: RolledFamily, IsBaked: true }
            ? new(
                rule, Severity.Disappoints,
                "In silicone the base stays pale and the wall sags.",
                "It carries little heat to the dough and does not hold its shape.",
                [
                    new("Line the 23 cm fluted tin", "another size", p => p.To(PanCupboard.Find("tart-23")!)),
                    new("Press a chilled crumb crust", "no blind bake", p => p.To(Nearest.Crumb(p), Treatment.Chilled))
                ])
            : null;
    });

    private static readonly Rule FoilOnATray = new("foil-on-a-tray", Layer.Pan, DecidedBy.Physics, static (rule, pie) =>
        pie.Composition.Pan.Material is PanMaterial.Foil && pie.Composition.Crust.IsBaked
            ? new(
                rule, Severity.WorthKnowing,
                "Set the foil on a hot tray: it bends as it is lifted, and its base is slow to brown.",
                new(
                    "It is thin, and takes {0} times as long as bright metal.",
                    new Quantity(PanConstants.BakeFactor(PanMaterial.Foil).Usual, Dimension.Factor)),
                [])
            : null);

    private static readonly Rule JellyOnSoft = new("jelly-on-soft", Layer.Topping, DecidedBy.Physics, static (rule, pie) =>
    {
        var c = pie.Composition;
        return pie.Yield.Cut.Verdict < 0 && c.Toppings.FirstOrDefault(t => t.Topping.Kind is ToppingKind.Jelly) is { } top
            ? new(
                rule, Severity.Disappoints,
                "The jelly sinks into so soft a filling, or slides off the slice.",
                new($"The filling is {pie.Yield.Cut.Name}, at {{0}}; a jelly wants a clean slice beneath it.", pie.Yield.SetIndex),
                [new("Leave the jelly off", "no mirror on top", p => p.Retop(top, ToppingChoice.Usual(Topping.None)))])
            : null;
    });

    private static readonly Rule GlazeOnCream = new("glaze-on-cream", Layer.Topping, DecidedBy.Physics, static (rule, pie) =>
    {
        var tops = pie.Composition.Toppings.ToList();
        for (var i = 1; i < tops.Count; i++)
        {
            var top = tops[i];
            if (tops[i - 1].Topping.Kind is ToppingKind.Whipped
                    && top.Topping.Kind is ToppingKind.Glaze or ToppingKind.Jelly or ToppingKind.Meringue or ToppingKind.Crumble)
            {
                return new(
                    rule, Severity.Disappoints,
                    $"{top.Topping.Name} on cream melts it, and both run.",
                    new("Cream gives way above {0}.", new Quantity(20, Dimension.Warmth)),
                    [new("Leave it off", "one topping less", p => p.Retop(top, ToppingChoice.Usual(Topping.None)))]);
            }
        }

        return null;
    });

    private static readonly Rule PiecesOnSoft = new("pieces-on-soft", Layer.Topping, DecidedBy.Physics, static (rule, pie) =>
    {
        var c = pie.Composition;
        return pie.Yield.Cut.Verdict < 0 && c.Toppings.FirstOrDefault() is { Topping.Piece: { Heavy: true } piece } top
            ? new(
                rule, Severity.Disappoints,
                $"{char.ToUpperInvariant(piece.Name[0])}{piece.Name[1..]} sink into so soft a filling.",
                new($"One weighs {{0}} and the filling is {pie.Yield.Cut.Name}.", new Quantity(piece.Grams.Usual, Dimension.Mass)),
                [new("Leave them off", "nothing laid on top", p => p.Retop(top, ToppingChoice.Usual(Topping.None)))])
            : null;
    });

    private static readonly Rule CreamInHeat = new("cream-in-heat", Layer.Topping, DecidedBy.Physics, static (rule, pie) =>
    {
        var c = pie.Composition;
        if (pie.Kitchen.Room.Value < Softens.Usual
                || c.Toppings.FirstOrDefault(t => t.Topping is { Kind: ToppingKind.Whipped, Holds.Most: <= 12 * 60 }) is not { } top
                || c.Occasion.OnTable * 60 <= SoonSoft.Usual)
            return null;
        return new(
            rule, Severity.Disappoints,
            new("At {0} in here this cream softens within half an hour of leaving the fridge.", pie.Kitchen.Room.AsQuantity()),
            "Its own fat holds it, and that melts; cheese or gelatine would hold it longer.",
            [
                new("Hold it with mascarpone", "richer; a tub of it", p => p.Top(top, ToppingBook.Mascarpone)),
                .. c.Occasion.Vegetarian
                    ? Array.Empty<Remedy>()
                    : [new("Hold it with gelatine", "10 min to bloom and melt", p => p.Top(top, Topping.Gelatine))],
                new(
                    "Bring it out at the last moment", "a trip to the fridge",
                    p => p with { Occasion = p.Occasion with { OnTable = SoonSoft.Usual / 60 } }),
            ]);
    });

    private static readonly Rule NotInTheFridge = new("pan-not-in-fridge", Layer.Pan, DecidedBy.Physics, static (rule, pie) =>
    {
        var c = pie.Composition;
        var fridges = pie.Kitchen.Cold.Where(x => x.Kind is ColdKind.Fridge).ToList();
        var wide = Math.Max(c.Pan.Top.Value, c.Pan.Length?.Value ?? 0) + (c.Pan.HasRim ? 24 : 6);
        if (fridges.Count == 0 || pie.SetTime.Value.Best <= 0 || fridges.Max(f => f.Widest.Value) >= wide)
            return null;
        var widest = fridges.MaxBy(f => f.Widest.Value)!;
        return new(
            rule, Severity.Stops,
            new(
                $"It does not go into the {widest.Name} to set: it is {{0}} wide, a place there {{1}}.",
                new Quantity(wide, Dimension.Length), widest.Widest.AsQuantity()),
            new("It wants {0} there at least.", new Quantity(pie.SetTime.Value.Least, Dimension.Time)),
            [new("Use the 23 cm pie plate", "a smaller pie", p => p.To(PanCupboard.Plate23))]);
    });

    private static readonly Rule SealForNothing = new("seal-for-nothing", Layer.Seal, DecidedBy.Custom, static (rule, pie) =>
    {
        var c = pie.Composition;
        return c.Crust.Seal.HoldsWater && !c.Filling.Formula.Family.Shell.Wet && c.Occasion.FilledAhead * 60 <= CrispAnyway.Usual
            ? new(
                rule, Severity.WorthKnowing,
                "The seal buys nothing here: so dry a filling leaves the base crisp for that long.",
                new("It waits {0}.", Changes.Hours(c.Occasion.FilledAhead)),
                [new("Leave the seal off", "one job less", p => p.Seal(Seal.None))])
            : null;
    });

    private static readonly Rule AcidOnGelatine = new("acid-on-gelatine", Layer.Filling, DecidedBy.Physics, static (rule, pie) =>
        pie.Composition.Filling.Formula.Family.Scale == SetScale.Gelatine && pie.Yield.Juice.Value.Value > FillingConstants.StrongAcid.Usual
            ? new(
                rule, Severity.WorthKnowing,
                new(
                    "So much sharp juice, {0}, weakens the gelatine: its set is reckoned {1} of what it would be.", pie.Yield.Juice,
                    new Quantity(FillingConstants.AcidWeakens.Usual, Dimension.Share)),
                new("From {0} on acid cuts into it.", new Quantity(FillingConstants.StrongAcid.Usual, Dimension.Share)),
                [])
            : null);

    private static readonly Rule WarmOnCold = new("filled-hot-chilled-late", Layer.Filling, DecidedBy.FoodSafety, static (rule, pie) =>
    {
        var depth = pie.FilledDepth.Value.Value;
        var egg = pie.Composition.Filling.Formula.Lines.Any(l => l.Ingredient.Egg is not EggPart.None);

        var minutes = CoolsDeep.Usual * depth;
        return pie.Composition.Filling.Formula.Family.GoesInHot && egg && minutes > SlowToCool.Usual
            ? new(
                rule, Severity.WorthKnowing,
                new(
                    "So deep it is slow to cool: about {0} to {1} at its middle. Spread it on a tray or stir it over ice first.",
                    new Quantity(minutes, Dimension.Time), new Quantity(21, Dimension.Warmth)),
                new("It stands {0} deep and goes in hot; the rule of thumb is 2 h, or as your local rules say.", pie.FilledDepth),
                [])
            : null;
    });

    private static ToppingChoice Berries =>
        ToppingChoice.Usual(Topping.Find("laid-raspberries")!) with { Laying = new(Pattern.Rim, 0.1, new(12)) };

    /// <summary>All of them.</summary>
    public static IReadOnlyList<Rule> All { get; } =
    [
        CrumbLeaks, AllSoft, NothingSharp, TooRich, FlavoursFight, GlassFromFreezer, Silicone, FoilOnATray, JellyOnSoft, GlazeOnCream,
        PiecesOnSoft, CreamInHeat, NotInTheFridge, SealForNothing, AcidOnGelatine, WarmOnCold,
    ];

    /// <summary>True where something in it is still crisp when it is served.</summary>
    public static bool Crisp(Composition c) =>
        (
            c.Crust.Treatment is not Treatment.Chilled
                && (
                    c.Crust.Seal.HoldsWater || !c.Filling.Formula.Family.Shell.Wet || c.Occasion.FilledAhead <= 12
                        || c.Crust.Family is CrumbFamily))
        || c.Filling.Formula.Family.StaysCrisp
        || c.Toppings.Any(t => t.Topping.Kind is ToppingKind.Crumble or ToppingKind.Strewn || t.Topping.Base.Shelf is PantryShelf.Nuts)
        || c.Under.Any(l => l is PieceLayer { Piece.Ingredient.Shelf: PantryShelf.Nuts });

    /// <summary>True for a filling that tastes of its salt: a pinch does not count.</summary>
    private static bool IsSalty(FillingFormula filling) =>
        filling.Lines.Where(l => l.Ingredient.Is(Traits.Salty)).Sum(l => l.Grams) >= Salty.Usual * filling.Lines.Sum(l => l.Grams);

    /// <summary>True where something sharp lies on it or in it.</summary>
    public static bool Sharp(Composition c) =>
        c.Toppings.Any(t => t.Topping.Base.Juice >= 0.2) || c.Under.Any(l => l is PieceLayer { Piece.Ingredient.Juice: >= 0.2 });

    private static readonly (string Name, string[] Of)[] Flavours =
    [
        ("coffee", ["instant-coffee", "coffee", "ground-coffee", "coffee-liqueur"]),
        ("citrus", ["lemon-juice", "lime-juice", "orange-juice", "grapefruit-juice", "blood-orange-juice", "orange", "yuzu-juice"]),
        ("blackcurrant", ["blackcurrant-puree", "blackcurrants"]),
        ("bergamot tea", ["bergamot-tea"]),
        ("ginger", ["ginger-biscuit-crumbs", "ground-ginger", "stem-ginger", "fresh-ginger"]),
        ("sesame", ["tahini", "sesame-seeds"]),
        ("mint", ["mint", "peppermint-extract"]),
        ("malt", ["malted-milk"]),
        ("chocolate", ["dark-chocolate", "cocoa", "chocolate-biscuit-crumbs", "sandwich-biscuit-crumbs"]),
    ];

    private static readonly (string A, string B)[] Fights =
    [
        ("coffee", "citrus"), ("coffee", "blackcurrant"), ("coffee", "bergamot tea"), ("coffee", "ginger"), ("bergamot tea", "ginger"),
        ("bergamot tea", "chocolate"), ("bergamot tea", "blackcurrant"),
        ("sesame", "blackcurrant"), ("sesame", "mint"), ("mint", "citrus"), ("malt", "citrus"), ("malt", "blackcurrant"),
        ("malt", "ginger"),
    ];

    private static List<string> Strong(IEnumerable<Ingredient> ingredients)
    {
        var found = new List<string>(2);
        foreach (var ingredient in ingredients)
        {
            foreach (var (name, of) in Flavours)
            {
                if (Array.IndexOf(of, ingredient.Id) >= 0 && !found.Contains(name))
                    found.Add(name);
            }
        }

        return found;
    }

    private static (string A, string B)? Fight(List<string> one, List<string> other)
    {
        if (one.Count == 0 || other.Count == 0)
            return null;
        foreach (var (a, b) in Fights)
        {
            if (one.Contains(a) && other.Contains(b))
                return (a, b);
            if (one.Contains(b) && other.Contains(a))
                return (b, a);
        }

        return null;
    }
}
