using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;

namespace RoundCrumb.Core.Recipes;

/// <summary>Something that stands in for an ingredient: a change of the formula, with what it alters.</summary>
/// <param name="Id">Stable short name.</param>
/// <param name="For">The ingredient it stands in for.</param>
/// <param name="Name">What a baker would say.</param>
/// <param name="With">What goes in instead, grams for one gram.</param>
/// <param name="Alters">What it alters beside the figures.</param>
public sealed record Substitute(string Id, string For, string Name, IReadOnlyList<(string Ingredient, double PerGram)> With, string Alters)
{
    /// <summary>The part with one line replaced; the same part when the line is another ingredient.</summary>
    public PartRecipe Apply(PartRecipe part, int line)
    {
        if (line < 0 || line >= part.Lines.Count || part.Lines[line].Ingredient.Id != For)
            return part;
        return part with { Lines = [.. part.Lines.Take(line), .. Lines(part.Lines[line]), .. part.Lines.Skip(line + 1)] };
    }

    /// <summary>The lines that one line becomes.</summary>
    public IEnumerable<RecipeLine> Lines(RecipeLine line) => With.Select(w =>
    {
        var what = Pantry.Find(w.Ingredient)!;

        // Whipped cream stays whipped, cheese stays beaten; what only comes along is mixed in.
        var goesIn = line.GoesIn switch
        {
            GoesIn.WhippedAndFolded when what.Id is not ("whipping-cream" or "double-cream" or "plant-cream") => GoesIn.Mixed,
            GoesIn.Steeped when what.InMixture > 0 => GoesIn.Mixed,
            _ => line.GoesIn,
        };
        return new RecipeLine(what, line.Grams * w.PerGram, goesIn, With.Count == 1 ? line.Note : "", line.Optional);
    });
}

/// <summary>The swaps bakers make. Add one by adding a row.</summary>
public static class SubstituteBook
{
    /// <summary>All of them.</summary>
    public static IReadOnlyList<Substitute> All { get; } =
    [
        S(
            "condensed-milk", "cream and icing sugar", "no boiled-milk taste; it sets a little softer", ("double-cream", 0.60),
            ("icing-sugar", 0.40)),
        S("evaporated-milk", "milk and cream", "fresher, a little leaner", ("milk", 0.80), ("double-cream", 0.20)),
        S(
            "plain-flour", "oats for half of it", "rustic and tender; it tears, so a plain edge only", ("plain-flour", 0.5),
            ("rolled-oats", 0.5)),
        S("plain-flour", "wholemeal for half of it", "nuttier, drinks a little more water", ("plain-flour", 0.5), ("wholemeal-flour", 0.5)),
        S("plain-flour", "spelt flour", "tender and a little crumbly", ("spelt-flour", 1)),
        S("plain-flour", "cornflour instead", "clear and quick where it thickens; no gluten, so never in a dough", ("cornflour", 0.5)),
        S("cornflour", "plain flour", "softer and cloudy; it must cook 2 min", ("plain-flour", 2)),
        S("cornflour", "arrowroot", "clearer; it thins if it is cooked long", ("arrowroot", 1)),
        S("cornflour", "potato starch", "sets a little more strongly", ("potato-starch", 0.91)),
        S("cornflour", "custard powder", "yellow, tastes of vanilla", ("custard-powder", 1.05)),
        S("cornflour", "rice flour", "softer set, a little grainy", ("rice-flour", 1.67)),
        S("custard-powder", "cornflour and vanilla", "paler", ("cornflour", 0.95), ("vanilla", 0.05)),
        S("rum", "orange juice", "no alcohol; sharper", ("orange-juice", 1)),
        S("brandy", "apple juice", "no alcohol; milder", ("apple-juice", 1)),
        S("whisky", "apple juice", "no alcohol; milder", ("apple-juice", 1)),
        S("orange-liqueur", "orange juice and zest", "no alcohol; sharper", ("orange-juice", 0.95), ("orange-zest", 0.05)),
        S(
            "coffee-liqueur", "milk, coffee and sugar", "no alcohol; rounder", ("milk", 0.62), ("brown-sugar", 0.35),
            ("instant-coffee", 0.03)),
        S(
            "cream-liqueur", "cream, sugar and coffee", "no alcohol", ("single-cream", 0.78), ("brown-sugar", 0.20),
            ("instant-coffee", 0.02)),
        S(
            "almond-liqueur", "milk and almond extract", "hardly any alcohol; less sweet", ("milk", 0.80), ("caster-sugar", 0.18),
            ("almond-extract", 0.02)),
        S("fruit-liqueur", "cordial", "no alcohol; sweeter", ("elderflower-cordial", 1)),
        S("sweet-wine", "apple juice", "no alcohol", ("apple-juice", 1)),
        S("yoghurt", "soured cream", "richer", ("soured-cream", 1)),
        S("greek-yoghurt", "soured cream", "richer", ("soured-cream", 1)),
        S("soured-cream", "thick yoghurt", "leaner and sharper", ("yoghurt", 1)),
        S("soured-cream", "crème fraîche", "richer, milder", ("creme-fraiche", 1)),
        S("creme-fraiche", "soured cream", "leaner", ("soured-cream", 1)),
        S("buttermilk", "milk and lemon juice", "let it stand 10 min", ("milk", 0.94), ("lemon-juice", 0.06)),
        S("double-cream", "whipping cream", "lighter; it whips a little less firmly", ("whipping-cream", 1)),
        S("double-cream", "plant cream for whipping", "no milk; sweeter and less rich", ("plant-cream", 1)),
        S("whipping-cream", "double cream", "richer, easily over-whipped", ("double-cream", 1)),
        S("milk", "oat drink", "no milk; a little sweeter and thinner", ("oat-milk", 1)),
        S("milk", "soya drink", "no milk; beany if it is boiled long", ("soya-milk", 1)),
        S("milk", "coconut milk", "no milk; rich, tastes of coconut", ("coconut-milk", 1)),
        S("cream-cheese", "mascarpone", "richer and sweeter, less sharp", ("mascarpone", 1)),
        S("cream-cheese", "ricotta and mascarpone", "lighter; sieve the ricotta", ("ricotta", 0.5), ("mascarpone", 0.5)),
        S("mascarpone", "cream cheese and cream", "sharper", ("cream-cheese", 0.8), ("double-cream", 0.2)),
        S("butter", "plant-based block", "no milk; softer when warm", ("margarine", 1)),
        S("butter", "browned butter", "nutty; its water is gone, so it is less", ("browned-butter", 0.84)),
        S("butter", "shortening and water", "tenderer flake, less taste; easier in a warm room", ("shortening", 0.82), ("water", 0.16)),
        S("butter", "coconut oil", "no milk; hard when cold", ("coconut-oil", 0.85)),
        S("lard", "vegetable shortening", "nothing from an animal", ("shortening", 1)),
        S("shortening", "lard", "more taste", ("lard", 1)),
        S("gelatine", "agar", "nothing from an animal; boil it, and it sets short and brittle", ("agar", 0.4)),
        S("gelatine", "leaf gelatine", "soak and squeeze instead of blooming", ("gelatine-leaf", 1.054)),
        S("gelatine-leaf", "gelatine powder", "bloom in five times its weight of water", ("gelatine", 0.949)),
        S("gelatine-leaf", "agar", "nothing from an animal; boil it, and it sets short and brittle", ("agar", 0.38)),
        S("biscuit-crumbs", "wheatmeal biscuit crumbs", "coarser; it drinks a little more butter", ("wheatmeal-crumbs", 1)),
        S("biscuit-crumbs", "ground almonds", "no wheat; richer, wants half the butter", ("ground-almonds", 1)),
        S("wheatmeal-crumbs", "plain biscuit crumbs", "finer and paler", ("biscuit-crumbs", 1)),
        S("wheatmeal-crumbs", "ginger biscuit crumbs", "sweeter and spicy; less butter", ("ginger-biscuit-crumbs", 1)),
        S("caster-sugar", "light brown sugar", "toffee taste, darker", ("brown-sugar", 1)),
        S("caster-sugar", "honey", "tastes of honey; browns sooner", ("honey", 0.85)),
        S("caster-sugar", "granulated sugar", "takes longer to dissolve", ("granulated-sugar", 1)),
        S("brown-sugar", "caster sugar and treacle", "as near as makes no difference", ("caster-sugar", 0.93), ("treacle", 0.07)),
        S("honey", "golden syrup", "milder; nothing from an animal", ("golden-syrup", 1)),
        S("golden-syrup", "honey", "tastes of honey", ("honey", 1)),
        S("corn-syrup", "golden syrup", "darker, tastes of toffee", ("golden-syrup", 1)),
        S("maple-syrup", "honey and water", "another taste", ("honey", 0.8), ("water", 0.2)),
        S("hazelnuts", "sunflower seeds, toasted", "no nuts; toast them well", ("sunflower-seeds", 1)),
        S("walnuts", "pecans", "milder and sweeter", ("pecans", 1)),
        S("pecans", "walnuts", "more bitter", ("walnuts", 1)),
        S("ground-almonds", "ground hazelnuts", "stronger taste", ("ground-hazelnuts", 1)),
        S("ground-almonds", "oat flour and a little oil", "no nuts; drier", ("oat-flour", 0.85), ("neutral-oil", 0.15)),
        S("dark-chocolate", "70 % chocolate and sugar", "more bitter", ("dark-chocolate-70", 0.8), ("caster-sugar", 0.2)),
        S("dark-chocolate-70", "dark chocolate", "sweeter", ("dark-chocolate", 1)),
        S("yolk", "pasteurised yolk", "safe where it is not cooked", ("pasteurised-yolk", 1)),
        S("whole-egg", "pasteurised egg", "safe where it is not cooked", ("pasteurised-egg", 1)),
        S("yolk", "whole egg", "lighter and paler; sets more softly", ("whole-egg", 1.2)),
        S("vanilla", "vanilla bean paste", "specks, and stronger", ("vanilla-paste", 1)),
        S("lemon-juice", "lime juice", "another sharpness", ("lime-juice", 1)),
        S("vinegar", "lemon juice", "milder", ("lemon-juice", 1)),
        S("vinegar", "water", "changes little", ("water", 1)),
        S("pineapple", "tinned pineapple", "the tinned fruit does not digest gelatine", ("tinned-pineapple", 1)),
        S("mango", "mango purée, tinned", "the tinned fruit does not digest gelatine", ("mango-puree", 1)),
        S("salted-butter", "unsalted butter and salt", "you know how much salt", ("butter", 0.985), ("salt", 0.015)),
    ];

    /// <summary>What can stand in for an ingredient.</summary>
    public static IEnumerable<Substitute> For(Ingredient ingredient) => All.Where(s => s.For == ingredient.Id);

    /// <summary>The substitute with this id, or none.</summary>
    public static Substitute? Find(string id) => All.FirstOrDefault(s => s.Id == id);

    private static Substitute S(string of, string name, string alters, params (string Ingredient, double PerGram)[] with) =>
        new($"{of}~{string.Join('~', with.Select(w => w.Ingredient))}", of, name, with, alters);
}
