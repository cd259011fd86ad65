using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;

namespace RoundCrumb.Core.Advice;

/// <summary>Rules about the crust, its seal and the pan it is in.</summary>
internal static class CrustRules
{
    /// <summary>Longer than this an unsealed rolled shell goes soft under a wet filling.</summary>
    private const double UnsealedHours = 12;

    private static readonly Rule Unsealed = new("unsealed", Layer.Seal, DecidedBy.Physics, static (rule, pie) =>
    {
        var c = pie.Composition;
        if (c.Crust.Family is not RolledFamily || c.Crust.Seal != Seal.None || !c.Filling.Formula.Family.GoesInHot || c.Occasion.FilledAhead <= UnsealedHours)
            return null;
        return new(
            rule, Severity.Disappoints,
            new("The base goes soft after about {0}; this waits {1}.", Changes.Hours(UnsealedHours), Changes.Hours(c.Occasion.FilledAhead)),
            "Nothing keeps the custard’s water out of the crust.",
            [
                new("Seal it with egg white", "5–8 min more in the oven", p => p.Seal(Seal.White)),
                new("Seal it with yolk", "2–3 min more, a glossy base", p => p.Seal(Seal.Yolk)),
                new(new("Fill it {0} ahead instead", Changes.Hours(10)), "an earlier morning", p => p.Filled(10)),
            ]);
    });

    private static readonly Rule ChilledUnderHot = new("chilled-under-hot", Layer.Crust, DecidedBy.Physics, static (rule, pie) =>
    {
        var c = pie.Composition;
        if (c.Crust.Treatment is not Treatment.Chilled || !c.Filling.Formula.Family.GoesInHot)
            return null;
        var remedies = new List<Remedy>(2);
        if (!c.Occasion.NoOven)
            remedies.Add(new("Bake the crumb", "8–12 min in the oven and an hour to cool", p => p with { Crust = p.Crust with { Treatment = Treatment.Baked } }));
        else if (c.Occasion.Vegetarian)
            remedies.Add(new("Bake the crumb after all", "an oven for a quarter of an hour: without one and without gelatine nothing here fills this crust", p => p with { Crust = p.Crust with { Treatment = Treatment.Baked }, Occasion = p.Occasion with { NoOven = false } }));
        if (!c.Occasion.Vegetarian)
            remedies.Add(new("Fill it with the lemon cream cheese", "another pie: cold, with gelatine", p => p with { Filling = new(FillingBook.LemonCheese, p.Filling.Batch.Kind is BatchKind.Times ? BatchChoice.Exact : p.Filling.Batch, new(FillingFamily.CheeseGelatine.FillLine.Usual), 1) }));
        return new(
            rule, Severity.Disappoints,
            "Hot custard melts the butter that holds this crumb: the base goes soggy and leaks.",
            "Chilled crumb is held by cold butter alone; baked, its sugar and starch hold it too.",
            remedies);
    });

    private static readonly Rule HotOnChocolate = new("hot-on-chocolate", Layer.Seal, DecidedBy.Physics, static (rule, pie) =>
    {
        var c = pie.Composition;
        return c.Crust.Seal.Melts && c.Filling.Formula.Family.GoesInHot
            ? new(
                rule, Severity.Disappoints,
                "Hot custard melts a chocolate seal, and it streaks into the filling.",
                new("Chocolate melts at about {0}; the custard goes in far hotter.", new Quantity(33, Dimension.Warmth)),
                [c.Crust.IsBaked ? new("Seal it with egg white", "5–8 min more in the oven", p => p.Seal(Seal.White)) : new("Leave the seal off", "the base softens sooner", p => p.Seal(Seal.None))])
            : null;
    });

    private static readonly Rule RawSeal = new("raw-seal", Layer.Seal, DecidedBy.FoodSafety, static (rule, pie) =>
    {
        var c = pie.Composition;
        return c.Crust.Seal.NeedsOven && !c.Crust.IsBaked
            ? new(
                rule, Severity.Stops,
                "An egg seal on a chilled crust stays raw.",
                "It sets and becomes safe in the oven, and this crust does not go in.",
                [new("Leave the seal off", "none: a cold filling hardly wets it", p => p.Seal(Seal.None)), new("Seal it with chocolate", "half an hour to set", p => p.Seal(Seal.Chocolate))])
            : null;
    });

    private static readonly Rule FlakyInTin = new("flaky-in-fluted-tin", Layer.Crust, DecidedBy.Physics, static (rule, pie) =>
    {
        var c = pie.Composition;
        return c.Crust.Family is RolledFamily { NeedsLayers: true } && c.Pan.IsFluted
            ? new(
                rule, Severity.WorthKnowing,
                "It shrinks down the flutes and loses their edge.",
                new("Flaky dough pulls back as its layers lift, and the wall is only {0} high.", c.Pan.Depth.AsQuantity()),
                [
                    new("Press a baked crumb crust", "no flake, crisper", p => p.To(CrustBook.PlainCrumb, Treatment.Baked)),
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
        if (c.Pan.Unmoulds || c.Pan.ServedIn || c.Filling.Formula.Family.SetBy is not SetBy.Gelatine || pie.FilledDepth.Value.Value < 38)
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
        return new(
            rule, Severity.Disappoints,
            t < usual.Low ? "So thin, the base breaks when it is cut." : "So thick, the base eats dry.",
            new("It is {0}; in this pan {1} is right.", c.Crust.Thickness.AsQuantity(), new Quantity(usual.Usual, Dimension.Length, usual.Low, usual.High)),
            [new(new("Make it {0}", new Quantity(usual.Usual, Dimension.Length)), "the sums change with it", p => p.Thick(new(usual.Usual)))]);
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
            new("It is {0}; in this pan {1} is right.", c.Crust.Thickness.AsQuantity(), new Quantity(usual.Usual, Dimension.Length, usual.Low, usual.High)),
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
        var remedies = new List<Remedy>(3) { new(new("Line the pan {0} high", new Millimetres(higher).AsQuantity()), "more dough", p => p with { Crust = p.Crust with { Height = new(higher) } }) };
        if (c.Pan.Depth.Value - line - c.Crust.Thickness.Value >= 8)
            remedies.Add(new(new("Fill to {0} below the rim", new Millimetres(line).AsQuantity()), "a lower pie", p => p.FillLine(line)));
        remedies.Add(new("Press a baked crumb base instead", "no pastry wall", p => p.To(CrustBook.PlainCrumb, Treatment.Baked)));
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
            ? new(
                rule, Severity.School,
                "Steady heat: even colour, least shrinkage. A hot start flakes more.",
                new("The other school starts at {0} to set the layers before the butter runs.", new Quantity(220, Dimension.OvenHeat)),
                [new("Try the hot start", "watch the rim", p => p with { Crust = p.Crust with { Treatment = Treatment.HotStart } })])
            : null;
    });

    /// <summary>All of them.</summary>
    public static IReadOnlyList<Rule> All { get; } =
        [Unsealed, ChilledUnderHot, HotOnChocolate, RawSeal, FlakyInTin, EdgeWithoutRim, CannotUnmould, CrumbThickness, DoughThickness, BelowTheFilling, HotOrSteady];
}
