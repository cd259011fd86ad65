using System.Collections.Frozen;

namespace RoundCrumb.Core.Ingredients;

/// <summary>
/// Words that say that an allergen is in a thing, as cooks of several countries write them. A word may claim what is not there (a flavour
/// made without the nut): it is asked about, never passed over. A phrase goes before its words, so that coconut milk is no milk.
/// </summary>
public static class AllergenLexicon
{
    private const Allergens Gluten = Allergens.Wheat | Allergens.Barley | Allergens.Rye | Allergens.Oats;

    /// <summary>Any tree nut: what "nuts" without a name may be.</summary>
    public const Allergens AnyNut = Allergens.Almond | Allergens.Hazelnut | Allergens.Walnut | Allergens.Pecan | Allergens.Pistachio
        | Allergens.Cashew | Allergens.Macadamia | Allergens.BrazilNut;

    /// <summary>What is named by single words; in the singular, without accents, as <see cref="NameWords"/> gives them.</summary>
    private static readonly (Allergens Has, string Words)[] Single =
    [
        (Allergens.Wheat,
            "wheat flour biscuit cookie cracker wafer pretzel shortbread gingerbread breadcrumb bread toast pastry filo phyllo croissant "
                + "crouton noodle pasta semolina couscous bulgur farro spelt kamut einkorn emmer durum seitan triticale graham "
                + "speculoos digestive panko doughnut cake muffin brownie wheatgerm wheatmeal weizen weizenmehl mehl dinkel ble "
                + "froment farine epeautre farina frumento grano harina trigo tarwe bloem vete vetemjol farinha rusk zwieback matzo"),
        (Allergens.Wheat | Allergens.Egg, "sponge ladyfinger savoiardi madeleine"),
        (Allergens.Wheat | Allergens.Egg | Allergens.Milk, "brioche panettone"),
        (Allergens.Rye, "rye roggen seigle segale centeno rogge rag pumpernickel crispbread"),
        (Allergens.Barley, "barley malt malted beer ale stout lager porter gerste malz orge orzo cebada gerst cornflake"),
        (Allergens.Oats, "oat oatmeal oatcake porridge granola muesli flapjack hafer haferflocken avoine avena haver havre"),
        (Allergens.Wheat | Allergens.Barley | Allergens.Rye | Allergens.Oats, "gluten"),
        (Allergens.Milk,
            "milk cream butter cheese yoghurt buttermilk ghee whey casein lactose dairy mascarpone ricotta paneer quark skyr kefir labneh "
                + "fromage feta cheddar parmesan brie mozzarella cheesecake gelato fudge toffee butterscotch creme curd dulce cajeta "
                + "milch sahne rahm kase joghurt topfen buttermilch schmand lait beurre yaourt latte burro panna formaggio leche nata "
                + "mantequilla queso melk boter kaas mjolk gradde smor smør leite manteiga queijo mleko ganache"),
        (Allergens.Milk | Allergens.Egg, "custard zabaglione sabayon patissiere anglaise"),
        (Allergens.Egg,
            "egg yolk meringue mayonnaise aioli albumen albumin advocaat eggnog ei eier eigelb eiweiss dotter oeuf œuf doeuf uovo uova "
                + "tuorlo tuorli albume albumi huevo yema eigeel eiwit agg æg ovo jajko"),
        (Allergens.Almond,
            "almond marzipan marchpane frangipane amaretti amaretto orgeat florentine nougatine mandel mandeln amande damande mandorla "
                + "mandorle "
                + "almendra amandel amendoa migdal"),
        (Allergens.Almond | Allergens.Egg, "macaron dacquoise nougat turron financier"),
        (Allergens.Hazelnut,
            "hazelnut filbert cobnut gianduja gianduia noisette haselnuss haselnusse haselnussen krokant nocciola nocciole avellana "
                + "hazelnoot hasselnot "
                + "avela nocello"),
        (Allergens.Hazelnut | Allergens.Almond, "praline pralin"),
        (Allergens.Walnut, "walnut walnuss walnusse walnussen noix noce noci nuez nuece walnoot valnot nocino"),
        (Allergens.Pecan, "pecan pekannuss pekannusse"),
        (Allergens.Pistachio, "pistachio pistazie pistazien pistache pistacchio pistacchi pistacho"),
        (Allergens.Cashew, "cashew anacardo anacardi cajou cashewkern"),
        (Allergens.Macadamia, "macadamia"),
        (Allergens.BrazilNut, "brazil paranuss"),
        (AnyNut, "nut nutty nuss nusse"),
        (Allergens.Peanut, "peanut groundnut arachis erdnuss erdnusse erdnussen cacahuete arachide pinda jordnot satay"),
        (Allergens.Soya, "soya soy soybean tofu edamame miso tamari tempeh lecithin okara soja soia"),
        (Allergens.Sesame, "sesame tahini tahina halva halwa gomasio benne sesam sesamo ajonjoli"),
        (Allergens.Sulphites,
            "wine sherry port marsala madeira vermouth champagne prosecco cava sulphite sulfite sulphured sulfured metabisulphite "
                + "metabisulfite"),
        (Allergens.Mustard, "mustard senf moutarde senape mostaza mosterd"),
        (Allergens.Celery, "celery celeriac sellerie celeri sedano apio selderij"),
        (Allergens.Lupin, "lupin lupini lupine"),
        (Allergens.Fish, "fish anchovy cod salmon tuna worcestershire isinglass fisch poisson pesce pescado"),
        (Allergens.Crustaceans, "crustacean prawn shrimp crab lobster crayfish langoustine"),
        (Allergens.Molluscs, "mollusc mollusk oyster mussel clam squid octopus scallop snail"),
    ];

    /// <summary>What several words name together, where that is not what each of them names.</summary>
    private static readonly (Allergens Has, string Phrases)[] Several =
    [
        (Allergens.None,
            "cocoa butter|shea butter|butter bean|apple butter|pumpkin butter|plum butter|fruit butter|cream of tartar|cream tartar|"
                + "cream soda|creme de marron|creme de fraise|creme de menthe|creme de cassis|creme de cacao|creme de mure|creme de "
                + "banane|creme de violette|"
                + "creme de framboise|creme de peche|creme de noyaux|creamed coconut|pine nut|tiger nut|kola nut|cola nut|ginger beer|"
                + "ginger ale|root beer|rice malt|rice cake|wine gum|winegum|fruit cheese|damson cheese|quince cheese|custard powder|"
                + "custard apple|sponge toffee|cinder toffee|honeycomb toffee|crab apple|oyster mushroom|sunflower lecithin|"
                + "potato starch|wafer paper|wafer flower|rice paper|rice wafer|barley sugar|noix de coco|noix de muscade|"
                + "noce moscata|nuez moscada|noce di cocco|beurre de cacao|burro di cacao|lait de coco|latte di cocco|leche de coco|"
                + "nata de coco|grano saraceno|farina di riso|farina di mais|farine de riz|farine de mais|harina de maiz|"
                + "harina de arroz|butter lettuce|butter knife|cake tin|cake pan|"
                + "pastry brush|pastry cutter|bread knife|milk thistle|toffee apple|egg plant|nut brown|cake covering|cake fruit|"
                + "pear butter|peach butter|cream stabiliser|cream stabilizer|cream stiffener|egg replacer|gingerbread spice|"
                + "speculoos spice|mulled wine spice|plant based cream|plant based milk|plant based butter|plant based yoghurt|"
                + "plant based cheese|plant based cream cheese|masa harina|wine glass"),
        (Allergens.Milk, "beurre noisette|milk chocolate|white chocolate|irish cream|butter cream|cream cheese"),
        (Allergens.Milk | Allergens.Egg, "creme brulee|creme patissiere|creme anglaise|creme caramel|lemon cheese|lemon curd|lime curd|"
            + "orange curd|passion fruit curd|passionfruit curd|grapefruit curd|citrus curd|fruit curd|bought curd"),
        (Allergens.Egg, "royal icing|marshmallow creme|marshmallow cream"),
        (Allergens.Rye, "type 997 flour|type 1150 flour"),
        (Allergens.Wheat | Allergens.Egg | Allergens.Milk, "madeira cake"),
        (Allergens.Wheat | Allergens.Milk, "custard cream"),
        (Allergens.Milk | Allergens.Soya, "chocolate egg"),
        (Allergens.BrazilNut, "brazil nut"),
        (Allergens.Wheat, "sponge flour|ice cream cone|ice cream wafer|cookie butter|cream cracker|ginger nut|dough nut|butter biscuit|"
            + "petit beurre|cream biscuit|egg noodle|ginger nut biscuit"),
        (Allergens.Almond, "cherry stone spice"),
        (Allergens.Cashew, "noix de cajou"),
        (Allergens.Pecan, "noix de pecan"),
        (Allergens.Peanut, "monkey nut"),
        (Allergens.Soya, "bean curd"),
        (AnyNut | Allergens.Peanut, "ground nut|mixed nut|chopped nut|nut butter|nut milk|nut cream|nut flour|nut meal|nut brittle"),
        (AnyNut, "nut oil|nut liqueur"),
    ];

    /// <summary>Plants whose milk, butter, flour and the like have nothing of a cow or of wheat.</summary>
    private static readonly (Allergens Has, string Words)[] Plants =
    [
        (Allergens.None,
            "coconut rice hemp pea corn maize potato tapioca chestnut chickpea gram buckwheat sorghum millet teff quinoa cassava banana "
                + "sunflower pumpkin arrowroot kokos tigernut urad plantain garbanzo amaranth masa"),
        (Allergens.None, "plant vegan vegetable"),
        (Allergens.Oats, "oat hafer"), (Allergens.Soya, "soya soy"), (Allergens.Almond, "almond mandel"),
        (Allergens.Hazelnut, "hazelnut"), (Allergens.Walnut, "walnut"), (Allergens.Pecan, "pecan"), (Allergens.Pistachio, "pistachio"),
        (Allergens.Cashew, "cashew"), (Allergens.Macadamia, "macadamia"), (Allergens.Peanut, "peanut"), (Allergens.Sesame, "sesame"),
        (Allergens.Rye, "rye"), (Allergens.Barley, "barley"), (Allergens.Lupin, "lupin"),
    ];

    private static readonly string[] MadeOfPlants =
    [
        "milk", "cream", "butter", "yoghurt", "cheese", "cream cheese", "soft cheese", "drink", "flour", "meal", "custard", "nut",
        "condensed milk", "evaporated milk", "whipping cream", "double cream",
    ];

    /// <summary>What such a word leaves out of whatever it stands beside.</summary>
    private static readonly FrozenDictionary<string, Allergens> LeavesOut = new Dictionary<string, Allergens>(StringComparer.Ordinal)
    {
        ["vegan"] = Allergens.Milk | Allergens.Egg,
        ["eggless"] = Allergens.Egg,
        ["glutenfree"] = Gluten,
        ["gf"] = Gluten,
        ["unsulphured"] = Allergens.Sulphites,
        ["unsulfured"] = Allergens.Sulphites,
    }.ToFrozenDictionary(StringComparer.Ordinal);

    private static readonly FrozenDictionary<string, Allergens> Names = Build();

    /// <summary>The most words of a phrase.</summary>
    private const int Longest = 4;

    /// <summary>
    /// What the words of a text say is in it; what it says is not in it, left out, but for what it says outright that it contains.
    /// </summary>
    /// <param name="text">A name, a line, an aside.</param>
    public static Allergens Of(string text) => Named(text) | Contained(text);

    private static Allergens Named(string text)
    {
        var words = NameWords.Of(text).ToArray();
        var (has, not) = (Allergens.None, Allergens.None);
        for (var at = 0; at < words.Length;)
        {
            if (LeavesOut.TryGetValue(words[at], out var left))
                not |= left;
            var (named, length) = At(words, at);
            if (length == 0)
            {
                at++;
                continue;
            }

            if (IsDenied(words, at, length))
                not |= named;
            else
                has |= named;
            at += length;
        }

        return has & ~not;
    }

    /// <summary>What a text says outright is in it: what stands behind "contains".</summary>
    public static Allergens Contained(string text)
    {
        var has = Allergens.None;
        foreach (var piece in text.Split([',', ';', '(', ')', '.']))
        {
            if (piece.IndexOf("contains ", StringComparison.OrdinalIgnoreCase) is >= 0 and var at)
                has |= Named(piece[at..]);
        }

        return has;
    }

    /// <summary>"Nut-free", "free of nuts", "no nuts", "without nuts", "no other nuts".</summary>
    private static bool IsDenied(string[] words, int at, int length)
    {
        if (at + length < words.Length && words[at + length] is "free")
            return true;
        if (at > 1 && words[at - 2] is "free" && words[at - 1] is "of" or "from")
            return true;
        var before = at > 0 && words[at - 1] is "other" ? at - 2 : at - 1;
        return before >= 0 && words[before] is "no" or "without" or "not" or "ohne" or "sans" or "senza" or "sin";
    }

    private static (Allergens Has, int Length) At(string[] words, int at)
    {
        for (var length = Math.Min(Longest, words.Length - at); length > 0; length--)
        {
            if (Names.TryGetValue(string.Join(' ', words[at..(at + length)]), out var has))
                return (has, length);
        }

        return (Allergens.None, 0);
    }

    private static FrozenDictionary<string, Allergens> Build()
    {
        var names = new Dictionary<string, Allergens>(StringComparer.Ordinal);
        foreach (var (has, words) in Single)
        {
            foreach (var word in words.Split(' '))
                names[NameWords.Key(word)] = names.GetValueOrDefault(NameWords.Key(word)) | has;
        }

        foreach (var (has, words) in Plants)
        {
            foreach (var word in words.Split(' '))
            {
                foreach (var made in MadeOfPlants)
                    names[$"{word} {made}"] = has;
            }
        }

        foreach (var (has, phrases) in Several)
        {
            foreach (var phrase in phrases.Split('|'))
                names[NameWords.Key(phrase)] = has;
        }

        return names.ToFrozenDictionary(StringComparer.Ordinal);
    }
}
