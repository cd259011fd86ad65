using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Toppings;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Recipes;

/// <summary>Which part of a pie a recipe is for.</summary>
public enum PartKind
{
    /// <summary>What lines the pan.</summary>
    Crust,

    /// <summary>What fills it.</summary>
    Filling,

    /// <summary>What lies on it.</summary>
    Topping,
}

/// <summary>One line of a baker's own part, as it was understood.</summary>
/// <param name="Ingredient">What it is.</param>
/// <param name="Grams">How much, for one batch; none where it is to taste.</param>
/// <param name="GoesIn">How it goes in.</param>
/// <param name="Note">What to mind.</param>
/// <param name="Optional">True when it may be left out.</param>
public sealed record RecipeLine(Ingredient Ingredient, double? Grams, GoesIn GoesIn = GoesIn.Mixed, string Note = "", bool Optional = false)
{
    /// <summary>
    /// What it is boiled down to, as a share of its volume, more than 0 and less than 1; none for half, or where nothing boils.
    /// </summary>
    public double? ReducedTo { get; init; }

    /// <summary>What is reckoned with: nothing for what is to taste.</summary>
    public double Mass => Grams ?? 0;

    /// <summary>True for words of the recipe that are no ingredient that is known, and for what is named beside one.</summary>
    public bool IsWordsOnly => Ingredient.Id is Ingredient.NotReadId or Ingredient.BesideId;

    /// <summary>Words as a line of their own: of no weight, and never forgotten.</summary>
    /// <param name="words">What they stand for.</param>
    public static RecipeLine Words(Ingredient words) => new(words, null, Note: words.WordsOnly);
}

/// <summary>What a baker says of the method where it differs from the family's usual.</summary>
/// <param name="MethodLoss">Share of the volume that is cooked away; for fillings.</param>
/// <param name="FillLine">Fill line below the rim, mm; for fillings.</param>
/// <param name="Rest">Minutes of rest; for rolled crusts.</param>
public readonly record struct MethodFigures(double? MethodLoss = null, double? FillLine = null, double? Rest = null);

/// <summary>What keeps a part from being used in a pie.</summary>
/// <param name="Says">What is missing and what to do about it; empty when it can be used.</param>
public readonly record struct PartTrouble(string Says)
{
    /// <summary>Nothing is wrong.</summary>
    public static readonly PartTrouble None = new("");

    /// <summary>True when there is one.</summary>
    public bool Exists => !string.IsNullOrEmpty(Says);
}

/// <summary>
/// A part of the baker's own: lines, family and figures. It becomes a crust family, a filling or a topping that composes like any other.
/// </summary>
/// <param name="Id">Stable name of this version, used in addresses.</param>
/// <param name="Name">What the baker calls it.</param>
/// <param name="Kind">Which part of a pie.</param>
/// <param name="FamilyId">Its family; see <see cref="PartFamilies"/>.</param>
/// <param name="Lines">What goes in, in the order of making.</param>
/// <param name="Figures">What differs from the family's usual method.</param>
public sealed record PartRecipe(
    string Id, string Name, PartKind Kind, string FamilyId, IReadOnlyList<RecipeLine> Lines, MethodFigures Figures = default)
{
    /// <summary>What goes in, in the order of making; words that are no ingredient stand in <see cref="Unweighed"/>.</summary>
    public IReadOnlyList<RecipeLine> Lines { get; init; } = [.. Lines.Where(l => !l.IsWordsOnly)];

    /// <summary>What is in it and has no weight: to taste, named beside an ingredient, or not read.</summary>
    public IReadOnlyList<Ingredient> Unweighed { get; init; } = [.. Lines.Where(l => l.Mass <= 0).Select(l => l.Ingredient).Distinct()];

    /// <summary>All of its ingredients.</summary>
    public IEnumerable<Ingredient> Everything => Lines.Where(l => l.Mass > 0).Select(l => l.Ingredient).Concat(Unweighed);

    /// <summary>What a European label names of it, also of what is put in to taste or only named by its words.</summary>
    public IReadOnlyList<string> Contains => AllergenLaw.Said(Everything);

    /// <summary>True where there is alcohol in it, also to taste.</summary>
    public bool HasAlcohol => Everything.Any(i => i.Alcohol > 0);

    private static readonly string[] Tints = ["#ecc987", "#e8d3a0", "#d9b27c", "#f0e0b6", "#e6c9a8"];

    /// <summary>Ingredients that its lines name and that are not known, by their ids: without them it is another recipe.</summary>
    public IReadOnlyList<string> Missing { get; init; } = [];

    /// <summary>All that is weighed, grams.</summary>
    public double Total => Lines.Sum(l => l.Mass);

    /// <summary>Flour of a rolled crust, grams: what bakers' percentages count against.</summary>
    public double Flour => Lines.Where(l => l.Ingredient.IsFlour).Sum(l => l.Mass);

    /// <summary>Crumbs of a pressed crust, grams: biscuits, nuts and oats.</summary>
    public double Crumbs => Lines.Where(IsCrumb).Sum(l => l.Mass);

    /// <summary>What keeps it from being used, if anything.</summary>
    public PartTrouble Trouble
    {
        get
        {
            if (Missing.Count > 0)
                return new(
                    $"It names {string.Join(" and ", Missing.Distinct().Select(m => $"“{m}”"))}, which is not in the pantry. Write "
                        + $"the line anew, or add the ingredient.");
            if (Total <= 0)
                return new("Nothing is weighed yet. Write a line such as “200 g plain flour”.");
            return Kind switch
            {
                PartKind.Crust when Counted is FormulaBase.Flour && Flour <= 0 =>
                    new("A rolled crust is reckoned against its flour, and there is none in it. Add flour, or choose a pressed crumb."),
                PartKind.Crust when Counted is FormulaBase.Crumbs && Crumbs <= 0 =>
                    new(
                        "A pressed crust is reckoned against its crumbs, and there are none in it. Add biscuits, nuts or oats, or "
                            + "choose a rolled dough."),
                PartKind.Crust when Counted is FormulaBase.Flour && (Total / Flour) > 6 =>
                    new("So little flour holds nothing together: less than a sixth of it is flour."),
                PartKind.Crust when CrustBook.Find(FamilyId) is null => new("Choose which kind of crust it is."),
                PartKind.Filling when PartFamilies.Filling(FamilyId) is null => new("Choose which kind of filling it is."),
                PartKind.Filling when AsFilling() is { } f && f.Lines.Sum(l => l.Grams * f.Family.Scale.Against(l)) <= 0 =>
                    new(
                        $"A filling of this kind sets {AsFilling()!.Family.Scale.Base}, and there is none in it. Add some, or "
                            + $"choose another kind."),
                PartKind.Filling when AsFilling() is { } f && f.Lines.Sum(l => l.Grams * f.Family.Scale.Sets(l)) <= 0 =>
                    new($"Nothing in it sets: this kind is set by {AsFilling()!.Family.Scale.Name}. Add some, or choose another kind."),
                PartKind.Filling when Lines.Where(l => l.Ingredient.IsSugar).Sum(l => l.Mass * l.Ingredient.Sugars) > Total * 0.9 =>
                    new("More than nine tenths of it is sugar: that is a sweet, not a filling."),
                PartKind.Filling when AsFilling() is { } f && FillingYield.Of(f, 1).Volume.Value.Value < 20 =>
                    new("That makes less than 20 ml: too little for any pan."),
                PartKind.Topping when ToppingBase is null => new(FamilyId switch
                {
                    PartFamilies.Meringue or PartFamilies.FrenchMeringue or PartFamilies.ItalianMeringue => "A meringue wants egg white.",
                    PartFamilies.Crumble => "A crumble wants flour or oats.",
                    PartFamilies.Jelly => "A jelly layer wants juice or purée.",
                    PartFamilies.Glaze => "A glaze wants jam or marmalade.",
                    _ => "A whipped topping wants cream: double, whipping or plant cream.",
                }),
                PartKind.Topping when FamilyId is PartFamilies.Jelly
                    && Lines.All(l => l.Ingredient.Bloom <= 0 && !l.Ingredient.Is(Traits.Agar | Traits.Pectin)) =>
                    new("Nothing in it sets: a jelly layer wants gelatine, agar or pectin."),
                _ => PartTrouble.None,
            };
        }
    }

    /// <summary>As a crust, or none when it is not one or can't be used.</summary>
    public CrustFamily? AsCrust() => Kind is not PartKind.Crust || Trouble.Exists ? null : CrustBook.Find(FamilyId)?.As(
        new(Id, Name, [.. Lines.Where(l => l.Mass > 0).Select(l => new WrittenLine(l.Ingredient, l.Mass, l.Note))],
            Figures.Rest)) is { } made
            ? made with { Unweighed = Unweighed }
            : null;

    /// <summary>What a crust's lines are counted against; nothing for other parts.</summary>
    public FormulaBase Counted =>
        Kind is PartKind.Crust ? CrustBook.Find(FamilyId)?.CountedAgainst ?? FormulaBase.Nothing : FormulaBase.Nothing;

    /// <summary>As a filling, or none when it is not one.</summary>
    public FillingFormula? AsFilling()
    {
        if (Kind is not PartKind.Filling || PartFamilies.Filling(FamilyId) is not { } family || Total <= 0)
            return null;
        if (Figures.MethodLoss is { } loss)
            family = family with
            {
                MethodLoss = family.MethodLoss with
                {
                    Usual = loss,
                    Low = Math.Min(loss, family.MethodLoss.Low),
                    High = Math.Max(loss, family.MethodLoss.High),
                    Reason = "As you wrote it. " + family.MethodLoss.Reason,
                },
            };
        if (Figures.FillLine is { } line)
            family = family with
            {
                FillShare = null,
                FillLine = family.FillLine with
                {
                    Usual = line,
                    Low = Math.Min(line, family.FillLine.Low),
                    High = Math.Max(line, family.FillLine.High),
                    Reason = "As you wrote it. " + family.FillLine.Reason,
                },
            };
        return new(
            Id, Name, family, [.. Lines.Where(l => l.Mass > 0).Select(
                l => new FormulaLine(l.Ingredient, l.Mass, l.GoesIn, l.Note) { ReducedTo = l.ReducedTo })],
            WholeBy(), Tint())
        {
            Unweighed = Unweighed,
        };
    }

    /// <summary>As a topping, or none when it is not one or can't be used.</summary>
    public Topping? AsTopping()
    {
        if (Kind is not PartKind.Topping || ToppingBase is not { } cream)
            return null;
        if (PartFamilies.LikeOf(FamilyId) is { } like)
        {
            return like with
            {
                Id = Id,
                Name = Name,
                Base = cream.Ingredient,
                With = [
                    .. Lines.Where(l => l.Mass > 0 && l.Ingredient != cream.Ingredient)
                        .Select(
                            l =>
                                new ToppingPart(
                                    l.Ingredient,
                                    Own(
                                        $"{l.Ingredient.ShortName} to {cream.Ingredient.ShortName}",
                                        l.Mass / Lines.Where(x => x.Ingredient == cream.Ingredient).Sum(x => x.Mass)),
                                    l.Note))
                ],
                Unweighed = Unweighed,
            };
        }

        var ml = cream.Mass / cream.Ingredient.BulkDensity;
        return Topping.Whipped(
            Id, Name, cream.Ingredient,
            [
                .. Lines.Where(l => l != cream && l.Mass > 0).Select(
                    l => new ToppingPart(l.Ingredient, Own($"{l.Ingredient.ShortName} to cream", l.Mass / ml), l.Note))
            ]) with
        { Unweighed = Unweighed };
    }

    /// <summary>What the rest of a topping is reckoned against: cream, white, flour, juice or jam; none where there is none.</summary>
    private RecipeLine? ToppingBase => FamilyId switch
    {
        PartFamilies.Meringue or PartFamilies.FrenchMeringue or PartFamilies.ItalianMeringue => Most(i => i.Egg is EggPart.White),
        PartFamilies.Crumble => Most(i => i.IsFlour),
        PartFamilies.Jelly => Most(i => i.Shelf is PantryShelf.Fruit or PantryShelf.Drinks && !i.Is(Traits.PlainWater)),
        PartFamilies.Glaze => Most(i => i.Shelf is PantryShelf.Sugars),
        _ => CreamLine,
    };

    private RecipeLine? Most(Func<Ingredient, bool> counts) => Lines.Where(l => l.Mass > 0 && counts(l.Ingredient)).MaxBy(l => l.Mass);

    private RecipeLine? CreamLine => Lines.Where(l => l.Ingredient.Is(Traits.Whips) && l.Mass > 0).MaxBy(l => l.Mass);

    private static bool IsCrumb(RecipeLine line) => line.Mass > 0 && line.Ingredient.MakesCrumb;

    /// <summary>
    /// What decides the workable batches: yolks before eggs before whites before packs, where at least one whole piece is in it.
    /// </summary>
    private Ingredient? WholeBy()
    {
        var counted = Lines.GroupBy(l => l.Ingredient).Where(g => g.Key.GramsEach > 0 && g.Sum(l => l.Mass) >= g.Key.GramsEach * 0.99)
            .Select(g => g.Key).ToList();
        return counted.Find(i => i.Egg is EggPart.Yolk) ?? counted.Find(i => i.Egg is EggPart.Whole)
            ?? counted.Find(i => i.Egg is EggPart.White)
            ?? counted.Find(i => i.GramsEach >= 100 && i.Shelf is PantryShelf.Dairy or PantryShelf.Sugars);
    }

    private string Tint()
    {
        var chocolate = Lines.Where(l => l.Ingredient.Shelf is PantryShelf.Chocolate).Sum(l => l.Mass) / Total;
        if (chocolate > 0.06)
            return chocolate > 0.2 ? "#5b3a26" : "#8a5f43";
        var coffee = Lines.Any(l => l.Ingredient.Is(Traits.Coffee) && l.Mass > 0) ? 1 : 0;
        var berries = Lines.Where(l => l.Ingredient.Is(Traits.Berries)).Sum(l => l.Mass) / Total;
        return berries > 0.08 ? "#b98bab" : coffee > 0 ? "#b58653" : Tints[(Name.Length + Lines.Count) % Tints.Length];
    }

    private static Constant Own(string name, double share) => new(name, share, Dimension.Share, "As you wrote it.");
}

/// <summary>The families that a part can be of.</summary>
public static class PartFamilies
{
    /// <summary>Whipped cream.</summary>
    public const string WhippedCream = "whipped-cream";

    /// <summary>Meringue whose whites and sugar are warmed together.</summary>
    public const string Meringue = "meringue";

    /// <summary>Meringue of raw whites, baked through.</summary>
    public const string FrenchMeringue = "meringue-french";

    /// <summary>Meringue made with boiling syrup.</summary>
    public const string ItalianMeringue = "meringue-italian";

    /// <summary>Crumble.</summary>
    public const string Crumble = "crumble";

    /// <summary>A layer of jelly.</summary>
    public const string Jelly = "jelly";

    /// <summary>A glaze.</summary>
    public const string Glaze = "glaze";

    /// <summary>Id and name of every family of a kind.</summary>
    public static IReadOnlyList<(string Id, string Name)> Of(PartKind kind) => kind switch
    {
        PartKind.Crust => [.. CrustBook.All.Where(IsMade).Select(f => (f.Id, f.Name))],
        PartKind.Filling => [.. FillingFamilies.All.Select(f => (f.Id, f.Name))],
        _ =>
        [
            (WhippedCream, "Whipped cream"), (Meringue, "Meringue, Swiss"), (FrenchMeringue, "Meringue, French"),
            (ItalianMeringue, "Meringue, Italian"), (Crumble, "Crumble"), (Jelly, "Jelly layer"), (Glaze, "Glaze")
        ],
    };

    /// <summary>The family of a topping; none for what is no recipe, as a dusting or fruit.</summary>
    public static string? FamilyOf(Topping topping) => topping.Kind switch
    {
        ToppingKind.Meringue when topping.Swells == ToppingBook.French.Swells => FrenchMeringue,
        ToppingKind.Meringue when topping.Swells == ToppingBook.Italian.Swells => ItalianMeringue,
        ToppingKind.Whipped => WhippedCream,
        ToppingKind.Meringue => Meringue,
        ToppingKind.Crumble => Crumble,
        ToppingKind.Jelly => Jelly,
        ToppingKind.Glaze => Glaze,
        _ => null,
    };

    /// <summary>The shipped topping that one of this family is made and laid like; none for cream, which goes by what holds it.</summary>
    public static Topping? LikeOf(string family) => family switch
    {
        Meringue => ToppingBook.Swiss,
        FrenchMeringue => ToppingBook.French,
        ItalianMeringue => ToppingBook.Italian,
        Crumble => ToppingBook.ButterCrumble,
        Jelly => ToppingBook.RaspberryJelly,
        Glaze => ToppingBook.ApricotGlaze,
        _ => null,
    };

    /// <summary>True for a crust that is made from a recipe; bought ones and whole biscuits have none.</summary>
    public static bool IsMade(CrustFamily family) => family.Formula.Count > 0;

    /// <summary>The name of a family; its id where it is not known.</summary>
    public static string NameOf(PartKind kind, string id) =>
        Of(kind).FirstOrDefault(f => f.Id == id) is { Id: not null } found ? found.Name : id;

    /// <summary>The family of fillings with this id, or none.</summary>
    public static FillingFamily? Filling(string id) => FillingFamilies.Find(id);
}
