using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Crusts;

/// <summary>What a line of a crumb crust is there for.</summary>
public enum CrumbRole
{
    /// <summary>What is crushed. The crumbs of one crust make 1 together.</summary>
    Crumb,

    /// <summary>Melted, to hold it.</summary>
    Fat,

    /// <summary>Sugar, honey, salt and spice.</summary>
    Other,
}

/// <summary>One line of a crumb crust.</summary>
/// <param name="Ingredient">What it is.</param>
/// <param name="Role">What it is there for.</param>
/// <param name="Share">Grams for one gram of crumbs.</param>
/// <param name="Note">How it goes in.</param>
public sealed record CrumbPart(Ingredient Ingredient, CrumbRole Role, Constant Share, string Note);

/// <summary>A crust of crumbs, fat and perhaps sugar, pressed into the pan.</summary>
public sealed record CrumbFamily(
    string Id,
    string Name,
    string For,
    IReadOnlyList<Treatment> Treatments,
    string Tint,
    IReadOnlyList<CrumbPart> Mix,
    Constant BiscuitMass)
    : CrustFamily(Id, Name, For, Treatments, Tint)
{
    /// <summary>The biscuit that is crushed, or the first of what is ground.</summary>
    public Ingredient Crumb => Mix.First(p => p.Role is CrumbRole.Crumb).Ingredient;

    /// <summary>Its mix with another binder: the same sugars from another jar, or the usual amount where it has none.</summary>
    public IReadOnlyList<CrumbPart> MixWith(Binder binder)
    {
        if (binder is Binder.AsWritten)
            return Mix;
        var written = Mix.Where(p => p.Role is CrumbRole.Other && p.Ingredient.IsSugar).Sum(p => p.Share.Usual * p.Ingredient.Sugars);
        IEnumerable<CrumbPart> rest = Mix.Where(p => p.Role is not CrumbRole.Other || !p.Ingredient.IsSugar);
        if (binder is Binder.None)
            return [.. rest];
        var sugars = written > 0 ? written : CrustConstants.SugarToBind.Usual;
        var with = binder is Binder.Honey ? Pantry.Honey : Pantry.CasterSugar;
        var share = sugars / with.Sugars;
        var low = CrustConstants.SugarToBind.Low / with.Sugars;
        var high = Math.Max(share, CrustConstants.SugarToBind.High / with.Sugars);
        var part = new CrumbPart(
            with, CrumbRole.Other,
            new(
                with.ShortName + " to crumb", share, low, high, Dimension.Share,
                binder is Binder.Honey
                    ? "Its sugars weigh what the sugar’s would; its water and its glue hold a dry crumb."
                    : "It melts as it bakes and holds the crumb together."),
            binder is Binder.Honey ? "warmed with the fat" : "through the crumbs");
        return [.. rest.Where(p => p.Role is CrumbRole.Crumb), part, .. rest.Where(p => p.Role is not CrumbRole.Crumb)];
    }

    /// <summary>All the mixture as a multiple of its crumbs.</summary>
    public double TotalOfCrumbs => Mix.Sum(p => p.Share.Usual);

    /// <summary>The fat, first of it where there are several; none where there is no fat.</summary>
    public Ingredient? Fat => Mix.FirstOrDefault(p => p.Role is CrumbRole.Fat)?.Ingredient;

    /// <inheritdoc/>
    public override (double Thinnest, double Thickest) Limits => (2, 20);

    /// <inheritdoc/>
    public override Constant UsualThickness(Pan pan) => pan switch
    {
        _ when pan.IsFluted || pan.Kind.Facts.IsTray => CrustConstants.TartCrumb,
        { Kind: PanKind.SquareTin } => CrustConstants.BarCrumb,

        // A thick base is for a tall cake; a shallow ring is lined like a plate.
        { Kind: PanKind.Springform or PanKind.Ring, IsTall: true } => CrustConstants.BaseCrumb,
        _ => CrustConstants.PlateCrumb,
    };

    /// <inheritdoc/>
    public override Millimetres UsualHeight(Pan pan) => pan.IsTall || pan.Kind.Facts.BaseOnly ? new(0) : pan.Depth;

    /// <inheritdoc/>
    public override IReadOnlyList<Ingredient> Ingredients => [.. Mix.Select(m => m.Ingredient)];

    /// <inheritdoc/>
    public override IReadOnlyList<CrustLine> Formula => [.. Mix.Select(m => new CrustLine(m.Ingredient, m.Share, m.Note))];

    /// <inheritdoc/>
    public override FormulaBase CountedAgainst => FormulaBase.Crumbs;

    /// <inheritdoc/>
    public override CrustFamily? As(WrittenCrust written)
    {
        var crumbs = written.Lines.Where(l => l.Ingredient.MakesCrumb).ToList();
        var all = crumbs.Sum(l => l.Grams);
        var most = crumbs.MaxBy(l => l.Grams)!.Ingredient;
        return this with
        {
            Id = written.Id,
            Name = written.Name,
            Mix =
            [
                .. written.Lines.Select(l => new CrumbPart(
                    l.Ingredient,
                    l.Ingredient.MakesCrumb ? CrumbRole.Crumb : l.Ingredient.IsFat ? CrumbRole.Fat : CrumbRole.Other,
                    WrittenCrust.Share($"{l.Ingredient.ShortName} to crumb", l.Grams / all), l.Note)),
            ],
            BiscuitMass = most.Shelf is PantryShelf.Biscuits && most.GramsEach > 0
                ? new(
                    "one biscuit", most.GramsEach, most.GramsEach * 0.85, most.GramsEach * 1.15, Dimension.Mass,
                    "From packets of the kind; your packet says more exactly.")
                : BiscuitMass,
        };
    }

    /// <inheritdoc/>
    public override Ingredient? FromPackets => Crumb;

    /// <inheritdoc/>
    public override double LeastHeight => 0;

    /// <inheritdoc/>
    public override Millimetres WallOf(CrustChoice choice) => choice.Wall ?? choice.UsualWall;

    /// <inheritdoc/>
    public override (string Thin, string Thick)? BadThickness => ("breaks when it is cut", "eats dry");

    /// <inheritdoc/>
    public override IReadOnlyList<ShellKeeping> Keeping => ShellKeeping.Finished;

    /// <inheritdoc/>
    public override IEnumerable<CrustStep> Method(CrustMaking making)
    {
        var (choice, sums, pies) = (making.Choice, making.Sums, making.Pies);
        if (sums.BrownedAway is { } away)
            yield return new(
                StepKind.BrownButter,
                Browning.Of(
                    new("Brown the butter in a wide pan: {0} of it boils off. Weigh it again.", (away.Value * pies).AsQuantity())));
        yield return new(StepKind.GrindCrumb, new(
            sums.Biscuits is { } biscuits
                ? new Phrase(
                    choice.Browned ? "Crush about {0} biscuits." : "Crush about {0} biscuits and melt the fat.",
                    (biscuits.Value with { Value = biscuits.Value.Value * pies }).AsQuantity())
                : choice.Browned ? "Grind the crumb." : "Grind the crumb and melt the fat.",
            5, 2, Place.Processor, "even sand, no lumps"));
        if (sums.HeldBack is { } held)
            yield return new(
                StepKind.BindCrumb,
                new(
                    new(
                        $"Stir in the rest and all but {{0}} of the {Bare(Fat!.ShortName)}; add that in thirds of {{1}}, "
                            + $"squeezing a handful each time.",
                        new PhraseArgument((held.Value * pies).AsQuantity(), Ingredient: Fat),
                        new PhraseArgument((held.Value * (pies / 3.0)).AsQuantity(), Ingredient: Fat)),
                    3, 1, Place.Bench, "squeezed, it clumps and looks dry; greasy wants more crumb"));
        yield return new(
            StepKind.PressCrust,
            new(
                choice.Height.Value > choice.Thickness.Value
                    ? "Press base, then wall, with a flat-bottomed glass."
                    : "Press the base with a flat-bottomed glass.",
                1, 7, Place.Bench, "level, corners not thick"));
    }

    /// <inheritdoc/>
    public override CrustSums SumsFor(CrustChoice choice, Pan pan, CorrectionSet corrections)
    {
        var baseArea = pan.Inside.BaseArea;
        var wallArea = pan.Inside.UpTo(choice.Height.Value).WallArea * pan.WallFactor;
        var mass = ((baseArea.Value * choice.Thickness.Value) + (wallArea.Value * choice.WallThickness.Value)) / 1000
            * CrustConstants.CrumbDensity.Usual;
        var total = new Worked<Grams>(
            "crumb-mix", "Crumb mixture", new(mass),
            "(base area × base thickness + wall area × wall thickness) × g/ml pressed",
            Term.Given("base area", baseArea), Term.Given("base thickness", choice.Thickness),
            Term.Given("wall area to the chosen height", wallArea), Term.Given("wall thickness", choice.WallThickness),
            CrustConstants.CrumbDensity);

        // What one gram of crumbs carries with it when it is pressed, itself included: browned butter arrives lighter.
        var mix = MixWith(choice.Binder);
        double Ready(CrumbPart part) => part.Share.Usual * (choice.Browned && IsButter(part) ? 1 - CrustConstants.BrownedAway.Usual : 1);
        var together = mix.Sum(Ready);
        var all = Term.Given("all shares together", together, Dimension.Share);
        var lines = new WeighedLine[mix.Count];
        var keys = WeighedLine.Keys([.. mix.Select(m => m.Ingredient)]);
        double crushed = 0, melted = 0, browned = 0;
        for (var i = 0; i < lines.Length; i++)
        {
            var part = mix[i];
            var grams = total.Value * (part.Share.Usual / together);
            crushed += part.Role is CrumbRole.Crumb && part.Ingredient.Shelf is PantryShelf.Biscuits ? grams.Value : 0;
            melted += part.Role is CrumbRole.Fat ? total.Value.Value * Ready(part) / together : 0;
            browned += choice.Browned && IsButter(part) ? grams.Value : 0;
            lines[i] = new(part.Ingredient, new Worked<Grams>(
                "crust-" + keys[i], part.Ingredient.Name, grams, "crumb mixture ÷ all shares together × its own share",
                Term.Of(total), all, part.Share),
                choice.Browned && IsButter(part) ? "browned, then weighed again; hold a quarter back and add it in thirds" : part.Note);
        }

        var held = melted <= 0 ? null : new Worked<Grams>(
            "fat-held-back", "Fat to hold back", new Grams(melted) * CrustConstants.FatHeldBack.Usual,
            "fat × the share held back", Term.Given("fat", new Grams(melted)), CrustConstants.FatHeldBack);
        var here = Crumb is null ? null : corrections.Of(CorrectionKey.OfIngredient(CorrectionKind.BiscuitWeight, Crumb.Id));
        var biscuits = crushed <= 0 || BiscuitMass.Usual <= 0 ? null : new Worked<Number>(
            "biscuits", "Biscuits to crush", new(Math.Ceiling((crushed / (BiscuitMass.Usual * (here?.Usual ?? 1))) - 1e-9)),
            "crumbs ÷ one biscuit, rounded up",
            [
                Term.Given("biscuit crumbs", new Grams(crushed)), BiscuitMass,
                .. here is null ? Array.Empty<Term>() : [Term.FromConstant(here)],
            ]);
        var away = browned <= 0 ? null : new Worked<Grams>(
            "browned-away", "Boils off as it browns", new Grams(browned) * CrustConstants.BrownedAway.Usual,
            "butter × what it loses", Term.Given("butter", new Grams(browned)), CrustConstants.BrownedAway);
        return new(total, lines, null, null, held, biscuits) { BrownedAway = away };
    }

    private static bool IsButter(CrumbPart part) => part.Role is CrumbRole.Fat && part.Ingredient.Is(Traits.Butter);
}
