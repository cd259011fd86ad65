using System.Collections.Frozen;

namespace RoundCrumb.Core.Ingredients;

/// <summary>How a thing that a pie may meet is dangerous.</summary>
public enum PoisonKind
{
    /// <summary>Never to be eaten, cooked or not, nor laid on food.</summary>
    Never,

    /// <summary>Not raw: cooked through it may be eaten.</summary>
    NotRaw,

    /// <summary>No more than a little of it.</summary>
    OnlyALittle,

    /// <summary>A flower or plant of which nothing is known here.</summary>
    Unknown,
}

/// <summary>Something poisonous that a recipe may name.</summary>
/// <param name="Kind">How it is dangerous.</param>
/// <param name="Name">What it is.</param>
/// <param name="Says">What to say of it.</param>
/// <param name="Names">Its words, as <see cref="NameWords"/> gives them.</param>
public sealed record Poison(PoisonKind Kind, string Name, string Says, IReadOnlyList<string> Names)
{
    /// <summary>The most of it in one batch, g, where a little does no harm; none elsewhere.</summary>
    public double? Most { get; init; }
}

/// <summary>
/// What is poison and may come near a pie. It is a list of what is known to happen in kitchens, not of all that is poisonous: whoever knows
/// plants, or a poison centre, decides.
/// </summary>
public static class Poisons
{
    private const string Ask = " Ask somebody who knows plants, and a poison centre where it was eaten.";

    /// <summary>All of them.</summary>
    public static IReadOnlyList<Poison> All { get; } =
    [
        Is(PoisonKind.Never, "rhubarb leaves", "Only the stalks of rhubarb are eaten: its leaves are poisonous, cooked too.",
            "rhubarb leaf"),
        Is(
            PoisonKind.Never, "leaves, stems and bark of elder", "Leaves, stems and bark of elder are poisonous, cooked too.", "elder leaf",
            "elderberry leaf", "elder stem", "elderberry stem", "elder bark", "elder twig"),
        Is(
            PoisonKind.NotRaw, "raw elderberries", "Elderberries are cooked through and sieved from their seeds; raw they make people ill.",
            "raw elderberry", "uncooked elderberry", "fresh elderberry, raw"),
        Is(
            PoisonKind.Never, "kernels of stone fruit", "Kernels of apricots, peaches, plums and cherries, and bitter almonds, give "
                + "off cyanide.",
            "bitter almond", "apricot kernel", "peach kernel", "plum kernel", "cherry kernel", "peach stone", "apricot stone",
            "cherry stone kernel", "cherry pit", "apricot pit", "plum pit", "peach pit", "noyaux kernel"),
        Is(PoisonKind.Never, "laburnum", "Laburnum is poisonous in all its parts.", "laburnum", "golden rain flower"),
        Is(PoisonKind.Never, "yew", "Yew is deadly: needles and seeds above all, also as decoration.", "yew", "yew berry", "yew sprig"),
        Is(
            PoisonKind.Never, "lily of the valley", "Lily of the valley is poisonous in all its parts, and so is the water it stood in.",
            "lily of the valley", "lily of valley"),
        Is(PoisonKind.Never, "oleander", "Oleander is deadly in all its parts, also laid on a pie.", "oleander"),
        Is(PoisonKind.Never, "foxglove", "Foxglove is deadly in all its parts, also laid on a pie.", "foxglove", "digitalis"),
        Is(PoisonKind.Never, "monkshood", "Monkshood is deadly, also to the touch.", "monkshood", "aconite", "wolfsbane"),
        Is(PoisonKind.Never, "daffodils", "Daffodils and narcissi are poisonous in all their parts.", "daffodil", "narcissus"),
        Is(PoisonKind.Never, "hydrangea", "Hydrangea is poisonous, also laid on a pie.", "hydrangea"),
        Is(PoisonKind.Never, "holly and mistletoe", "Holly and mistletoe berries are poisonous: on a pie they are made of sugar.",
            "holly berry",
            "mistletoe"),
        Is(PoisonKind.Never, "deadly nightshade", "Nightshade is deadly, and its berries look like cherries.", "nightshade", "belladonna"),
        Is(PoisonKind.Never, "sweet pea", "Sweet peas, the flower, are poisonous.", "sweet pea flower", "sweet pea blossom"),
        Is(PoisonKind.Never, "buttercups", "Buttercups are poisonous, fresh above all.", "buttercup flower", "buttercup blossom"),
        Is(
            PoisonKind.NotRaw, "raw kidney beans", "Kidney beans are soaked and boiled hard for ten minutes at the least before they "
                + "are used; "
                + "raw, ground or cooked below the boil they make people ill.", "raw kidney bean", "dried kidney bean",
                "kidney bean flour"),
        Is(
            PoisonKind.OnlyALittle, "tonka", "Tonka goes in by the pinch: a quarter of a gram for a pie, no more; in some countries it "
                + "is not "
                + "allowed in food.", "tonka", "tonka bean") with { Most = 0.6 },
        Is(
            PoisonKind.OnlyALittle, "nutmeg", "Nutmeg goes in by the pinch: from a spoonful on it makes people ill.", "nutmeg",
                "ground nutmeg",
            "grated nutmeg") with { Most = 4 },
    ];

    private static readonly FrozenDictionary<string, Poison> ByName = All.SelectMany(p => p.Names.Select(n => (Key: NameWords.Key(n), p)))
        .ToFrozenDictionary(x => x.Key, x => x.p, StringComparer.Ordinal);

    /// <summary>What only tastes of it, as it is sold.</summary>
    private static readonly string[] Flavours = ["extract", "essence", "flavouring", "flavoring", "syrup", "liqueur"];

    private static readonly string[] Flowers = ["flower", "blossom", "petal", "foliage", "wildflower"];

    /// <summary>Flowers that are eaten, and things that only bear a flower's name.</summary>
    private static readonly HashSet<string> Eaten = new(StringComparer.Ordinal)
    {
        "rose", "violet", "viola", "pansy", "lavender", "elder", "elderflower", "orange", "lemon", "nasturtium", "marigold", "calendula",
        "borage", "hibiscus", "jasmine", "chamomile", "camomile", "cornflower", "primrose", "dandelion", "apple", "sugar", "icing", "wafer",
        "edible", "crystallised", "crystallized", "candied", "saffron", "clover", "courgette", "squash", "chive", "banana", "passion",
        "chocolate", "marzipan", "rice", "almond", "vanilla", "pea", "thyme", "rosemary", "sage", "basil", "mint", "gluten", "corn",
        "sunflower", "sorrel", "safflower", "cauliflower", "salt", "plain", "self", "of",
    };

    /// <summary>
    /// What of a text is poison or may be: what is on the list, or a flower or plant that is not known to be eaten; none for most.
    /// </summary>
    /// <param name="text">A line of a recipe, or a name.</param>
    /// <param name="grams">How much of it, g; none where nobody says.</param>
    public static Poison? In(string text, double? grams = null)
    {
        var words = NameWords.Of(text).ToArray();
        for (var at = 0; at < words.Length; at++)
        {
            for (var length = Math.Min(4, words.Length - at); length > 0; length--)
            {
                if (ByName.TryGetValue(string.Join(' ', words[at..(at + length)]), out var poison)
                        && (poison.Most is not { } most || grams > most)
                        && !(at > 0 && words[at - 1] is "no" or "without" or "cooked") && !Array.Exists(words, Flavours.Contains))
                    return poison;
            }

            if (Flowers.Contains(words[at]) && !Array.Exists(words, Eaten.Contains))
                return new(
                    PoisonKind.Unknown, text.Trim(), "Not every flower and plant may be eaten or laid on food, and many that florists "
                        + "sell are "
                        + "sprayed. Which is it, and was it grown to be eaten?" + Ask, []);
        }

        return null;
    }

    private static Poison Is(PoisonKind kind, string name, string says, params string[] names) =>
        new(kind, name, kind is PoisonKind.OnlyALittle ? says : says + Ask, [.. names.Select(NameWords.Key).Distinct()]);
}
