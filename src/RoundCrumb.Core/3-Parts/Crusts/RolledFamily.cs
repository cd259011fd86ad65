using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Crusts;

/// <summary>A crust of dough rolled out with a pin.</summary>
public sealed record RolledFamily(
    string Id,
    string Name,
    string For,
    IReadOnlyList<Treatment> Treatments,
    string Tint,
    IReadOnlyList<DoughPart> Dough,
    Mixing Mixing,
    double RestMinutes)
    : CrustFamily(Id, Name, For, Treatments, Tint)
{
    /// <inheritdoc/>
    public override (double Thinnest, double Thickest) Limits => (1, 8);

    /// <summary>True for a dough whose flake comes from fat in layers.</summary>
    public bool NeedsLayers => Mixing is Mixing.CutIn;

    /// <summary>True for a dough that a warm room undoes: butter in layers.</summary>
    public bool MindsWarmth => NeedsLayers && Dough.Any(d => d.Ingredient.Is(Traits.Butter) && d.Percent.Usual >= 0.3);

    /// <summary>The sheet that it is bought as; none for a dough that is made.</summary>
    public BoughtSheet? Sheet { get; init; }

    /// <summary>How many more times its offcuts can be rolled: once; flaky ones after a rest.</summary>
    public string Rerolls => NeedsLayers || Sheet is not null ? "once, after a rest: pile the scraps flat, don’t ball them" : "once";

    /// <summary>All the dough as a multiple of its flour: the bakers' percentages added up.</summary>
    public double TotalOfFlour => Dough.Sum(p => p.Percent.Usual);

    /// <inheritdoc/>
    public override Constant UsualThickness(Pan pan) =>
        pan.IsSmall
            ? CrustConstants.TartletDough
            : pan.IsFluted || pan.Kind is PanKind.Ring ? CrustConstants.TartDough
            : CrustConstants.PieDough;

    /// <inheritdoc/>
    public override Millimetres UsualHeight(Pan pan) =>
        pan.IsTall ? new(Math.Min(45, pan.Depth.Value)) : pan.Depth;

    /// <inheritdoc/>
    public override IReadOnlyList<Ingredient> Ingredients => [.. Dough.Select(d => d.Ingredient)];

    /// <inheritdoc/>
    public override IReadOnlyList<CrustLine> Formula =>
        Sheet is null ? [.. Dough.Select(d => new CrustLine(d.Ingredient, d.Percent, d.Note))] : [];

    /// <inheritdoc/>
    public override FormulaBase CountedAgainst => FormulaBase.Flour;

    /// <inheritdoc/>
    public override CrustFamily? As(WrittenCrust written)
    {
        var flour = written.Lines.Where(l => l.Ingredient.IsFlour).Sum(l => l.Grams);
        return this with
        {
            Id = written.Id,
            Name = written.Name,
            Dough =
            [
                .. written.Lines.Select(
                    l => new DoughPart(l.Ingredient, WrittenCrust.Share(l.Ingredient.ShortName, l.Grams / flour), l.Note))
            ],
            RestMinutes = written.Rest ?? RestMinutes,
        };
    }

    /// <inheritdoc/>
    public override Ingredient? FromPackets => null;

    /// <inheritdoc/>
    public override double LeastHeight => 10;

    /// <inheritdoc/>
    public override Millimetres WallOf(CrustChoice choice) => choice.Thickness;

    /// <inheritdoc/>
    public override (string Thin, string Thick)? BadThickness => ("tears in the lining", "stays pale inside");

    /// <inheritdoc/>
    public override IReadOnlyList<ShellKeeping> Keeping => Sheet is not null ? ShellKeeping.Lined :
    [
        new(
            "The dough, flat and wrapped", new("rest of the dough", RestMinutes, Dimension.Time, "It relaxes, and the water spreads."),
            CrustConstants.FridgeMost, "fridge"),
        new("The dough, frozen", null, CrustConstants.FreezerDough, "freezer; thaw it overnight in the fridge"),
        .. ShellKeeping.Lined,
    ];

    /// <inheritdoc/>
    public override IEnumerable<CrustStep> Method(CrustMaking making)
    {
        foreach (var step in Mixed(making))
            yield return step;
        if (Mixing is not Mixing.Bought)
            yield return new(
                StepKind.RestDough,
                new("Flatten, wrap and rest in the fridge.", 1, 1, Place.Fridge, "firm, no longer springy")
                {
                    Wait = new(RestMinutes, RestMinutes, CrustConstants.FridgeMost.Usual),
                });
        if (making.Room.IsWarm)
            yield return new(
                StepKind.ChillBoard,
                new(
                    new(
                        "At {0} in here, chill board and pin with a tray of ice; roll one at a time and put it back cold whenever "
                            + "it bends.",
                        making.Room.AsQuantity()),
                    3, 0, Place.Bench, "the board cool to the wrist")
                { Wait = new(10, 10, 40) });
        var sums = making.Sums;
        yield return new(StepKind.RollAndLine, new(
            sums.SheetLength is { } length
                ? new Phrase("Roll to a sheet {0} by {1}, line the pan, finish the edge, dock the base.", sums.Disc!, length)
                : new Phrase("Roll to a disc {0} across, line the pan, finish the edge, dock the base.", sums.Disc!),
            2, 9, Place.Bench, "even, no thin spots; keep the scraps for patching"));
        if (making.Choice is { Unchilled: true, Frozen: false })
            yield break;
        yield return making.Choice.Frozen
            ? new(
                StepKind.FreezeShell,
                new("Freeze the lined shell.", 0, 0.5, Place.Freezer, "hard right through; it goes into the oven as it is")
                {
                    Wait = new(CrustConstants.FreezeShell.Low, CrustConstants.FreezeShell.Usual, CrustConstants.FreezerShell.Usual),
                })
            : new(
                StepKind.ChillShell,
                new("Chill the lined shell.", 0, 0.5, Place.Fridge, "hard to the touch")
                {
                    Wait = new(CrustConstants.ChillShell.Low, CrustConstants.ChillShell.Usual, CrustConstants.ShellFridgeMost.Usual),
                });
    }

    /// <summary>How the dough is brought together, or fetched.</summary>
    private IEnumerable<CrustStep> Mixed(CrustMaking making)
    {
        var fat = Bare(Dough.FirstOrDefault(p => p.Ingredient.IsFat)?.Ingredient.ShortName ?? "fat");
        var dough = (making.Sums.Total.Value * making.Pies).AsQuantity();
        return Mixing switch
        {
            Mixing.CutIn =>
            [
                new(
                    StepKind.FreezeFat,
                    new($"Cube the {fat} and freeze it.", 3, 1, Place.Freezer, "hard right through")
                    {
                        Wait = new(CrustConstants.FreezeFat.Low, CrustConstants.FreezeFat.Usual, CrustConstants.ShellFridgeMost.Usual),
                    }),
                new(
                    StepKind.MakeDough,
                    new(
                        new($"Work {fat} into flour, then water until it just holds: about {{0}} of dough.", dough), 10, 2, Place.Bench,
                        $"a shaggy mass, {fat} in flat leaves") { Caution = Cautions.RawFlour }),
            ],
            Mixing.Rubbed =>
            [
                new(
                    StepKind.MakeDough,
                    new(
                        new(
                            $"Rub the cold {fat} into the flour, then the egg and a little water until it just holds: about {{0}} "
                                + $"of dough.",
                            dough),
                        12, 2, Place.Bench, "fine crumbs, then a smooth dough that does not stick")
                        { Caution = Cautions.RawFlourAndEgg }),
            ],
            Mixing.Creamed =>
            [
                new(
                    StepKind.SoftenFat,
                    new($"Take the {fat} out to soften.", 1, 0, Place.Bench, "a finger sinks in")
                    {
                        Wait = Softening.Fat.AsMinutes(),
                        Softens = Softens.Fat,
                    }),
                new(
                    StepKind.MakeDough,
                    new(
                        new(
                            $"Cream {fat} and sugar, beat in the egg, then the flour until no dry bits show: about {{0}} of dough.", dough),
                        9, 1.5, Place.Mixer, "smooth, no longer") { Caution = Cautions.RawFlourAndEgg }),
            ],
            Mixing.Bought =>
            [
                new(StepKind.TakeSheetsOut, new(
                    making.Sums.Sheets is { } sheets
                        ? new Phrase(
                            "Take {0} bought sheets out of the fridge.",
                            new Quantity(
                                Math.Ceiling(
                                    sheets.EachLines > 0 ? (double)making.Pies / sheets.EachLines : sheets.Count.Value.Value * making.Pies),
                                Dimension.Count))
                        : "Take the bought sheet out of the fridge.",
                    1, 0, Place.Bench, "it unrolls without cracking") { Wait = MinuteRange.Between(5, 15) }),
            ],
        };
    }

    /// <inheritdoc/>
    public override CrustSums SumsFor(CrustChoice choice, Pan pan, CorrectionSet corrections)
    {
        var wall = pan.Inside.UpTo(choice.Height.Value);
        var allowance = CrustConstants.Allowance(choice.Edge);
        var across = pan.Base.Value + (2 * wall.Slant) + (2 * allowance.Usual);
        var disc = new Worked<Millimetres>(
            "disc", pan.IsRound ? "Dough disc, across" : "Dough sheet, across", new(across),
            "base width + 2 × wall slant + 2 × edge allowance",
            Term.Given("base width", pan.Base), Term.Given("wall slant", new Millimetres(wall.Slant)), allowance);
        var sheet = pan.IsRound ? null : new Worked<Millimetres>(
            "sheet-length", "Dough sheet, long", new(across + (2 * pan.Inside.HalfExtra)),
            "base length + 2 × wall slant + 2 × edge allowance",
            Term.Given("base length", new Millimetres(pan.Base.Value + (2 * pan.Inside.HalfExtra))),
            Term.Given("wall slant", new Millimetres(wall.Slant)), allowance);

        var area = sheet is null ? Math.PI / 4 * across * across : across * sheet.Value.Value;
        var cut = new Grams(area * choice.Thickness.Value / 1000 * CrustConstants.DoughDensity.Usual);
        var itself = new Worked<Grams>(
            "disc-mass", sheet is null ? "The disc itself" : "The sheet itself", cut,
            (sheet is null ? "π ÷ 4 × disc²" : "sheet across × sheet long") + " × thickness × g/ml of dough",
            [
                Term.Of(disc), .. sheet is null ? Array.Empty<Term>() : [Term.Of(sheet)], Term.Given("dough thickness", choice.Thickness),
                CrustConstants.DoughDensity
            ]);
        var total = new Worked<Grams>(
            "dough", "Dough to mix", cut * (1 + CrustConstants.RollingLoss.Usual),
            (sheet is null ? "π ÷ 4 × disc²" : "sheet across × sheet long") + " × thickness × g/ml of dough, + rolling and trimming",
            [
                Term.Of(disc), .. sheet is null ? Array.Empty<Term>() : [Term.Of(sheet)], Term.Given("dough thickness", choice.Thickness),
                CrustConstants.DoughDensity, CrustConstants.RollingLoss
            ]);
        var offcuts = new Worked<Grams>(
            "offcuts", "Dough left over", total.Value - cut,
            sheet is null ? "dough to mix − the disc itself" : "dough to mix − the sheet itself",
            Term.Of(total), Term.Of(itself));

        var lines = LinesOf(total, corrections);
        return new(total, lines, disc, offcuts, null, null)
        {
            SheetLength = sheet,
            Cut = itself,
            Shrinks = ShrinksBy(choice, corrections),
            Sheets = Sheet is { } bought ? BoughtSheets.For(bought, disc, sheet, total, 1) : null,
        };
    }

    /// <summary>What is weighed for so much dough.</summary>
    private WeighedLine[] LinesOf(Worked<Grams> total, CorrectionSet corrections)
    {
        // Flour that drinks more gets more water, and the whole is as much as before.
        var drinks = corrections.Of(CorrectionKey.DoughWater(Id));
        Constant Percent(DoughPart part) => drinks is not null && part.Ingredient.Is(Traits.PlainWater)
            ? part.Percent with { Usual = part.Percent.Usual * drinks.Usual }
            : part.Percent;
        var ofFlour = Dough.Sum(d => Percent(d).Usual);
        var flour = total.Value * (1 / ofFlour);
        var lines = new WeighedLine[Dough.Count];
        var keys = WeighedLine.Keys([.. Dough.Select(d => d.Ingredient)]);
        for (var i = 0; i < lines.Length; i++)
        {
            var part = Dough[i];
            lines[i] = new(part.Ingredient, new Worked<Grams>(
                "crust-" + keys[i], part.Ingredient.Name, flour * Percent(part).Usual,
                "dough to mix ÷ all the percentages together × its own percentage",
                [
                    Term.Of(total), Term.Given("all the percentages together", ofFlour, Dimension.Share), Percent(part),
                    .. drinks is not null && part.Ingredient.Is(Traits.PlainWater)
                        ? [Term.FromConstant(drinks)]
                        : Array.Empty<Term>(),
                ]), part.Note)
            {
                StopInside = part.Ingredient.Is(Traits.PlainWater) && part.Percent.Low < part.Percent.High
                    ? new(
                        flour.Value * Percent(part).Usual, Dimension.Mass,
                        Math.Min(flour.Value * part.Percent.Low, flour.Value * Percent(part).Usual),
                        Math.Max(flour.Value * part.Percent.High, flour.Value * Percent(part).Usual))
                    : null,
            };
        }

        return lines;
    }

    /// <summary>A shell shrinks by how it was cooled, and by the hand that rolled it; never by less than nothing.</summary>
    private Worked<Millimetres> ShrinksBy(CrustChoice choice, CorrectionSet corrections)
    {
        var book = choice.Chill.Shrinks;
        var here = corrections.Of(CorrectionKey.Shrinkage(Id, choice.Chill.ToString()));
        return new(
            "shrinks", "It shrinks down the wall by", new(Math.Max(0, book.Usual + (here?.Usual ?? 0))),
            here is null ? "as it was cooled" : "as it was cooled + what it does here",
            [book, .. here is null ? Array.Empty<Term>() : [here]]);
    }
}

/// <summary>Dough that is bought rolled out.</summary>
/// <param name="Width">The shorter side.</param>
/// <param name="Length">The longer side.</param>
/// <param name="Mass">What one weighs.</param>
public sealed record BoughtSheet(Millimetres Width, Millimetres Length, Grams Mass);

/// <summary>One line of a dough.</summary>
/// <param name="Ingredient">What it is.</param>
/// <param name="Percent">Grams for 100 g of flour.</param>
/// <param name="Note">How it goes in.</param>
public sealed record DoughPart(Ingredient Ingredient, Constant Percent, string Note);
