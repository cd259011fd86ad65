using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Advice;

/// <summary>Rules about the crust, its seal and the pan it is in.</summary>
internal static class CrustRules
{
    private static readonly Rule Unsealed = new("unsealed", Layer.Seal, DecidedBy.Physics, static (rule, pie) =>
    {
        var c = pie.Composition;
        if (pie.BaseLife is not { } life || c.Occasion.FilledAhead * 60 <= life.Value.Best)
            return null;
        var ahead = Math.Max(1, Math.Floor(life.Value.Best / 60 * 5 / 6));
        return new(
            rule, Severity.Disappoints,
            new("The base goes soft after about {0}; this waits {1}.", life, Changes.Hours(c.Occasion.FilledAhead)),
            c.Crust.Seal == Seal.None
                ? "Nothing keeps the filling’s water out of the crust."
                : "Jam and crumbs only drink what comes through; they keep no water out.",
            [
                .. c.Crust.Family is RolledFamily && c.Occasion.Needs.Allow(Ingredients.Pantry.EggWhite)
                    ? (Remedy[])
                    [
                        new("Seal it with egg white", "5–8 min more in the oven", p => p.Seal(Seal.White)),
                        new("Seal it with yolk", "2–3 min more, a glossy base", p => p.Seal(Seal.Yolk)),
                    ]
                    : [],
                new(new("Fill it {0} ahead instead", Changes.Hours(ahead)), "an earlier morning", p => p.Filled(ahead)),
            ]);
    });

    private static readonly Rule ChilledUnderHot = new("chilled-under-hot", Layer.Crust, DecidedBy.Physics, static (rule, pie) =>
    {
        var c = pie.Composition;
        if (c.Crust.Treatment is not Treatment.Chilled || c.Crust.Family is LaidFamily || !c.Filling.HeatsItsCrust)
            return null;
        var remedies = new List<Remedy>(3);
        if (c.Occasion.NoOven && c.Filling.Formula.Family.GoesInHot)
            remedies.Add(
                new(
                    "Cool the filling before it is poured", "half an hour over ice, and it sets a little softer",
                    p => p with { Filling = p.Filling with { Cooled = true } }));
        if (!c.Occasion.NoOven)
            remedies.Add(
                new(
                    "Bake the crumb", "8–12 min in the oven and an hour to cool",
                    p => p with { Crust = p.Crust with { Treatment = Treatment.Baked } }));
        else if (c.Occasion.Vegetarian)
            remedies.Add(
                new(
                    "Bake the crumb after all",
                    "an oven for a quarter of an hour: without one and without gelatine nothing here fills this crust",
                    p => p with { Crust = p.Crust with { Treatment = Treatment.Baked }, Occasion = p.Occasion with { NoOven = false } }));
        if (!c.Occasion.Vegetarian)
            remedies.Add(
                new(
                    "Fill it with the lemon cream cheese", "another pie: cold, with gelatine",
                    p =>
                        p with
                        {
                            Filling = new(
                                FillingBook.LemonCheese, p.Filling.Batch.IsSaid ? BatchChoice.Exact : p.Filling.Batch,
                                new(FillingFamilies.CheeseGelatine.FillLine.Usual), 1),
                        }));
        return new(
            rule, Severity.Disappoints,
            c.Filling.Formula.Family.GoesInHot
                ? "A hot filling melts the butter that holds this crumb: the base goes soggy and leaks."
                : "Baked with its filling, this crumb melts before it sets: the base goes soggy and leaks.",
            "Chilled crumb is held by cold butter alone; baked, its sugar and starch hold it too.",
            remedies);
    });

    private static readonly Rule HotOnChocolate = new("hot-on-chocolate", Layer.Seal, DecidedBy.Physics, static (rule, pie) =>
    {
        var c = pie.Composition;
        return c.Crust.Seal.Melts && c.Filling.HeatsItsCrust
            ? new(
                rule, Severity.Disappoints,
                $"The heat melts a seal of {c.Crust.Seal.Ingredient!.ShortName}, and it streaks into the filling.",
                new(
                    "It melts at about {0}; "
                        + (
                            c.Filling.Formula.Family.GoesInHot
                                ? "the filling goes in far hotter."
                                : "the filled shell goes into the oven."),
                    new Quantity(33, Dimension.Warmth)),
                [
                    c.Crust.IsBaked && c.Occasion.Needs.Allow(Ingredients.Pantry.EggWhite)
                        ? new("Seal it with egg white", "5–8 min more in the oven", p => p.Seal(Seal.White))
                        : new("Leave the seal off", "the base softens sooner", p => p.Seal(Seal.None))
                ])
            : null;
    });

    private static readonly Rule RawSeal = new("raw-seal", Layer.Seal, DecidedBy.FoodSafety, static (rule, pie) =>
    {
        var c = pie.Composition;
        return c.Crust.Seal.NeedsOven && !c.Crust.IsBaked
            ? new(
                rule, Severity.Stops,
                "An egg seal on a crust that isn’t baked stays raw.",
                "It sets and becomes safe in the oven, and this crust does not go in.",
                [
                    new("Leave the seal off", "none: a cold filling hardly wets it", p => p.Seal(Seal.None)),
                    new("Seal it with chocolate", "half an hour to set", p => p.Seal(Seal.Chocolate))
                ])
            : null;
    });

    internal static readonly Rule FlakyInTin = new("flaky-in-fluted-tin", Layer.Crust, DecidedBy.Physics, static (rule, pie) =>
    {
        var c = pie.Composition;
        return c.Crust.Family is RolledFamily { NeedsLayers: true } && c.Pan.IsFluted
            ? new(
                rule, Severity.WorthKnowing,
                "It shrinks down the flutes and loses their edge.",
                new("Flaky dough pulls back as its layers lift, and the wall is only {0} high.", c.Pan.Depth.AsQuantity()),
                [
                    new("Press a baked crumb crust", "no flake, crisper", p => p.To(Nearest.Crumb(p), Treatment.Baked)),
                    new("Use the 23 cm pie plate", "served from the plate", p => p.To(PanCupboard.Plate23)),
                ])
            : null;
    });

    private static readonly Rule EdgeWithoutRim = new("edge-without-rim", Layer.Crust, DecidedBy.Physics, static (rule, pie) =>
    {
        var c = pie.Composition;
        return c.Crust.Family is RolledFamily && c.Crust.Edge is not Edge.Trimmed && !c.Pan.HasRim
            ? new(
                rule, Severity.Disappoints,
                "This edge has nothing to rest on and drops off in the oven.",
                "A folded edge is carried by the flat rim of a pie plate; this pan has none.",
                [new("Trim it flush", "plainer; less dough", p => p with { Crust = p.Crust with { Edge = Edge.Trimmed } })])
            : null;
    });

    private static readonly Rule CannotUnmould = new("cannot-unmould", Layer.Pan, DecidedBy.Physics, static (rule, pie) =>
    {
        var c = pie.Composition;
        if (c.Pan.Unmoulds || c.Pan.ServedIn || !c.Filling.Formula.Family.StandsTall || pie.FilledDepth.Value.Value < 38)
            return null;
        return new(
            rule, Severity.Disappoints,
            "Slices this tall break on the way out of this pan.",
            new("It stands {0} deep; anything so tall wants its side taken away first.", pie.FilledDepth),
            [
                new("Use the 20 cm springform", "narrower and taller", p => p.To(PanCupboard.Springform20)),
                new("Use the 23 cm pie plate", "a shallower pie", p => p.To(PanCupboard.Plate23)),
            ]);
    });

    private static readonly Rule CrumbThickness = new("crumb-thickness", Layer.Crust, DecidedBy.Custom, static (rule, pie) =>
    {
        var c = pie.Composition;
        if (c.Crust.Family is not CrumbFamily family)
            return null;
        var usual = family.UsualThickness(c.Pan);
        var t = c.Crust.Thickness.Value;
        if (t >= usual.Low - 1 && t <= usual.High + 1)
            return null;

        // In a very shallow pan there may be no room for more.
        var right = Math.Min(usual.Usual, Math.Floor((c.Pan.Depth.Value - c.Filling.Line.Value - 5) * 2) / 2);
        if (t < usual.Low && right < t + 0.5)
            return null;
        return new(
            rule, Severity.Disappoints,
            t < usual.Low ? "So thin, the base breaks when it is cut." : "So thick, the base eats dry.",
            new(
                "It is {0}; in this pan {1} is right.", c.Crust.Thickness.AsQuantity(),
                new Quantity(usual.Usual, Dimension.Length, usual.Low, usual.High)),
            [new(new("Make it {0}", new Quantity(right, Dimension.Length)), "the sums change with it", p => p.Thick(new(right)))]);
    });

    private static readonly Rule DoughThickness = new("dough-thickness", Layer.Crust, DecidedBy.Custom, static (rule, pie) =>
    {
        var c = pie.Composition;
        if (c.Crust.Family is not RolledFamily family)
            return null;
        var usual = family.UsualThickness(c.Pan);
        var t = c.Crust.Thickness.Value;
        if (t >= usual.Low - 0.6 && t <= usual.High + 0.6)
            return null;
        return new(
            rule, Severity.Disappoints,
            t < usual.Low ? "So thin, it tears in the lining and leaks." : "So thick, it stays pale and doughy inside.",
            new(
                "It is {0}; in this pan {1} is right.", c.Crust.Thickness.AsQuantity(),
                new Quantity(usual.Usual, Dimension.Length, usual.Low, usual.High)),
            [new(new("Roll it to {0}", new Quantity(usual.Usual, Dimension.Length)), "none", p => p.Thick(new(usual.Usual)))]);
    });

    private static readonly Rule BelowTheFilling = new("wall-below-filling", Layer.Crust, DecidedBy.Physics, static (rule, pie) =>
    {
        var c = pie.Composition;
        var top = pie.Lined.BaseThickness + pie.FilledDepth.Value.Value;
        if (c.Crust.Family is not RolledFamily || top <= c.Crust.Height.Value + 2)
            return null;
        var line = Math.Ceiling(c.Pan.Depth.Value - c.Crust.Height.Value + 4);
        var higher = Math.Min(c.Pan.Depth.Value, Math.Ceiling(top + 4));
        var remedies = new List<Remedy>(3)
        {
            new(
                new("Line the pan {0} high", new Millimetres(higher).AsQuantity()), "more dough",
                p => p with { Crust = p.Crust with { Height = new(higher) } }),
        };
        if (c.Pan.Depth.Value - line - c.Crust.Thickness.Value >= 8)
            remedies.Add(new(new("Fill to {0} below the rim", new Millimetres(line).AsQuantity()), "a lower pie", p => p.FillLine(line)));
        remedies.Add(new("Press a baked crumb base instead", "no pastry wall", p => p.To(Nearest.Crumb(p), Treatment.Baked)));
        return new(
            rule, Severity.Disappoints,
            "The filling stands above the crust and runs down behind it.",
            new("It stands {0} up the pan, the crust only {1}.", new Millimetres(top).AsQuantity(), c.Crust.Height.AsQuantity()),
            remedies);
    });

    private static readonly Rule HotOrSteady = new("hot-or-steady", Layer.Crust, DecidedBy.Custom, static (rule, pie) =>
    {
        var c = pie.Composition;
        return c.Crust is { Family: RolledFamily { NeedsLayers: true }, Treatment: Treatment.Steady }
            && pie.Kitchen.Schools.WayOf("hot-or-steady") is null
            ? new(
                rule, Severity.School,
                "Steady heat: even colour, least shrinkage. A hot start flakes more.",
                new("Others start at {0} to set the layers before the butter runs.", new Quantity(220, Dimension.OvenHeat)),
                [new("Try the hot start", "watch the rim", p => p with { Crust = p.Crust with { Treatment = Treatment.HotStart } })])
            : null;
    });

    private static readonly Rule WallThickness = new("crumb-wall", Layer.Crust, DecidedBy.Custom, static (rule, pie) =>
    {
        var c = pie.Composition;
        if (c.Crust is not { Family: CrumbFamily, Wall: { } wall } || c.Crust.Height <= c.Crust.Thickness)
            return null;
        var usual = CrustConstants.CrumbWall;
        if (wall.Value >= usual.Low - 1 && wall.Value <= usual.High + 1)
            return null;
        return new(
            rule, Severity.Disappoints,
            wall.Value < usual.Low
                ? "So thin, the crumb wall breaks away when it is cut."
                : "So thick, the wall is a mouthful of dry crumb.",
            new(
                "It is {0}; {1} stands and still eats well.", wall.AsQuantity(),
                new Quantity(usual.Usual, Dimension.Length, usual.Low, usual.High)),
            [new("Press it as thick as is usual", "the sums change with it", p => p with { Crust = p.Crust with { Wall = null } })]);
    });

    private static readonly Rule Unbound = new("crumb-unbound", Layer.Crust, DecidedBy.Physics, static (rule, pie) =>
    {
        var c = pie.Composition;
        if (c.Crust is not { Family: CrumbFamily family, Binder: Binder.None } || family.Crumb.Sugars > 0.12)
            return null;
        return new(
            rule, Severity.Disappoints,
            $"Without sugar or honey {family.Crumb.ShortName} fall apart when they are cut.",
            new(
                "They bring {0} of sugars of their own; fat alone holds only until it softens.",
                new Quantity(family.Crumb.Sugars, Dimension.Share)),
            [
                new(
                    "Bind it with honey", "a softer bite, and it browns sooner",
                    p => p with { Crust = p.Crust with { Binder = Binder.Honey } }),
                new("Bind it with sugar", "crisper, once it is baked", p => p with { Crust = p.Crust with { Binder = Binder.Sugar } }),
            ]);
    });

    private static readonly Rule OatEdge = new("oats-with-an-edge", Layer.Crust, DecidedBy.Physics, static (rule, pie) =>
    {
        var c = pie.Composition;
        if (c.Crust.Family is not RolledFamily family || c.Crust.Edge is Edge.Trimmed
                || family.Dough.Where(d => d.Ingredient.Is(Traits.Oats)).Sum(d => d.Percent.Usual) < 0.2)
            return null;
        return new(
            rule, Severity.Disappoints,
            "A dough with oats tears as it is folded: the edge comes out ragged.",
            "Oats have no gluten, and their flakes cut what there is.",
            [
                new("Trim it flush", "plainer; less dough", p => p with { Crust = p.Crust with { Edge = Edge.Trimmed } }),
                new("Roll flaky butter dough instead", "no oats", p => p with { Crust = p.Crust with { Family = CrustBook.ButterFlaky } }),
            ]);
    });

    private static readonly Rule LaidUnderWet = new("laid-under-wet", Layer.Crust, DecidedBy.Physics, static (rule, pie) =>
    {
        var c = pie.Composition;
        if (c.Crust.Family is not LaidFamily || (!c.Filling.HeatsItsCrust && c.Occasion.FilledAhead <= 8))
            return null;
        var wet = c.Filling.HeatsItsCrust;
        var remedies = new List<Remedy>(2);
        if (!wet || !c.Occasion.NoOven)
            remedies.Add(
                new(
                    "Crush them and press a crust", "another look; it holds for two days",
                    p => p.To(CrustBook.WaferCrumb, p.Occasion.NoOven ? Treatment.Chilled : Treatment.Baked))
                { Declared = RemedySize.Adjustment });
        else
            remedies.Add(
                new(
                    "Crush them and bake them after all", "an oven for a quarter of an hour",
                    p => p.To(CrustBook.WaferCrumb, Treatment.Baked) with { Occasion = p.Occasion with { NoOven = false } })
                { Declared = RemedySize.Adjustment });
        if (!wet)
            remedies.Add(new(new("Fill it {0} ahead", Changes.Hours(6)), "an early start on the day", p => p.Filled(6)));
        return new(
            rule, Severity.Disappoints,
            wet
                ? "Whole biscuits float when something pourable goes in, and the gaps leak."
                : "Whole biscuits go soft: after about eight hours they are cake.",
            new("The filling lies on them for {0}.", Changes.Hours(c.Occasion.FilledAhead)),
            remedies);
    });

    private static readonly Rule ShellDoesNotFit = new("shell-does-not-fit", Layer.Crust, DecidedBy.Physics, static (rule, pie) =>
    {
        var c = pie.Composition;
        if (c.Crust.Family is not ShellFamily family || family.Fits(c.Pan))
            return null;
        var foil = family.Foil;
        return new(
            rule, Severity.Stops,
            "The bought shell does not go into this pan.",
            new(
                "The shell is {0} across its base and {1} high; the pan is {2} and {3}.", foil.Base.AsQuantity(), foil.Depth.AsQuantity(),
                c.Pan.Base.AsQuantity(), c.Pan.Depth.AsQuantity()),
            [
                new("Fill it in its own foil", "none", p => p.To(foil with { Id = PanCupboard.OwnId })),
                new("Roll a sweet short crust instead", "an hour’s rest, and the oven", p => p.To(CrustBook.SweetShort, Treatment.Steady)),
            ]);
    });

    private static readonly Rule WarmRoom = new("warm-room", Layer.Crust, DecidedBy.Physics, static (rule, pie) =>
    {
        var c = pie.Composition;
        if (!pie.Kitchen.Room.IsWarm || c.Crust is not { Family: RolledFamily { MindsWarmth: true }, Frozen: false })
            return null;
        return new(
            rule, Severity.WorthKnowing,
            new(
                "At {0} the butter softens before the disc is rolled: it sticks, and bakes without its layers.",
                pie.Kitchen.Room.AsQuantity()),
            new(
                "Butter gives way from about {0}, shortening only from about {1}.", new Quantity(21, Dimension.Warmth),
                new Quantity(32, Dimension.Warmth)),
            [
                .. c.Pan.MayBurst
                    ? Array.Empty<Remedy>()
                    : [
                        new(
                            "Freeze the lined shell before it is baked", "20 min in the freezer, 4 more in the oven",
                            p => p with { Crust = p.Crust with { Frozen = true } })
                    ],
                new(
                    "Take shortening", "less flavour, easier in the heat",
                    p => p with { Crust = p.Crust with { Family = CrustBook.ShorteningFlaky } }),
            ]);
    });

    private static readonly Rule DiscTooLarge = new("disc-too-large", Layer.Crust, DecidedBy.Custom, static (rule, pie) =>
    {
        var c = pie.Composition;
        var most = CrustConstants.LargestTable;
        var longest = pie.Crust.SheetLength ?? pie.Crust.Disc;
        if (longest is null || longest.Value.Value <= most.Usual)
            return null;
        return new(
            rule, Severity.Stops,
            new("The dough would be {0} across: larger than a table to roll it on, and it tears as it is lifted.", longest),
            new("More than {0} can’t be rolled in one piece.", new Quantity(most.Usual, Dimension.Length)),
            [
                new(
                    "Press a crumb crust", "no rolling",
                    p => p.To(Nearest.Crumb(p), p.Occasion.NoOven ? Treatment.Chilled : Treatment.Baked))
            ]);
    });

    private static readonly Rule NotInTheOven = new("pan-not-in-oven", Layer.Pan, DecidedBy.Physics, static (rule, pie) =>
    {
        var c = pie.Composition;
        if (!c.Crust.IsBaked || pie.Card.Load.PerShelf > 0)
            return null;
        var oven = pie.Card.Load.Oven;
        var remedies = new List<Remedy>();
        if (pie.Kitchen.Ovens.FirstOrDefault(o => o.OnOneShelf(c.Pan) > 0) is { } other)
            remedies.Add(new("Bake it in the " + Plain(other.Name), "that oven is taken up", p => p with { Oven = other }));
        if (pie.Kitchen.Pans.Select(p => p.Pan).Where(p => oven.OnOneShelf(p) > 0)
                .MinBy(p => Math.Abs(p.Inside.Volume.Value - c.Pan.Inside.Volume.Value)) is { } smaller)
            remedies.Add(new("Use the " + Plain(smaller.Name), "a pie of another size", p => p.To(smaller)));
        remedies.Add(
            new(
                "Chill a crumb crust instead", "softer; 45–60 min in the fridge",
                p => p.To(Nearest.Crumb(p), Treatment.Chilled).Seal(p.Crust.Seal.NeedsOven ? Seal.None : p.Crust.Seal)));
        return new(
            rule, Severity.Stops,
            $"The pan does not go into the oven ({Plain(oven.Name)}).",
            new(
                "A shelf of it is {0} by {1}; the pan wants {2} and room for the heat round it.", oven.Width.AsQuantity(),
                oven.Depth.AsQuantity(), new Millimetres(OvenLoad.Footprint(c.Pan).Deep).AsQuantity()),
            remedies);

        static string Plain(string name) => name.Replace('{', '(').Replace('}', ')');
    });

    /// <summary>All of them.</summary>
    public static IReadOnlyList<Rule> All { get; } =
        [
            Unsealed, ChilledUnderHot, HotOnChocolate, RawSeal, FlakyInTin, EdgeWithoutRim, CannotUnmould, CrumbThickness, DoughThickness,
            BelowTheFilling, HotOrSteady, WallThickness, Unbound, OatEdge, LaidUnderWet, ShellDoesNotFit, WarmRoom, ChillRules.NotChilled,
            DiscTooLarge,
            NotInTheOven
        ];
}
