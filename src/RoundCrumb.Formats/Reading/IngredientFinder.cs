using F23.StringSimilarity;
using RoundCrumb.Core.Ingredients;

namespace RoundCrumb.Formats.Reading;

/// <summary>How surely a name was recognised.</summary>
public enum Likeness
{
    /// <summary>Not at all.</summary>
    None,

    /// <summary>Something like it is known; the baker should look.</summary>
    Near,

    /// <summary>By one of its names, or as the baker chose before.</summary>
    Known,
}

/// <summary>What a name was taken for.</summary>
/// <param name="Ingredient">The ingredient; none when nothing is near.</param>
/// <param name="Likeness">How surely.</param>
/// <param name="Candidates">The closest others, the closest first.</param>
public sealed record Found(Ingredient? Ingredient, Likeness Likeness, IReadOnlyList<Ingredient> Candidates)
{
    /// <summary>The ingredient, where there is one, and the others.</summary>
    public IEnumerable<Ingredient> All => Ingredient is { } one ? Candidates.Prepend(one) : Candidates;
}

/// <summary>Finds ingredients by the names bakers give them, British and American, singular and plural, misspelt.</summary>
public sealed class IngredientFinder
{
    private const double NearEnough = 0.90;
    private const double WorthOffering = 0.70;
    private const double SameWord = 0.84;

    /// <summary>A misspelt name is at most so many letters longer or shorter.</summary>
    private const int MostOff = 3;

    /// <summary>Words that say how an ingredient is, not which it is.</summary>
    private static readonly HashSet<string> Descriptions = new(StringComparer.Ordinal)
    {
        "fresh", "freshly", "squeezed", "grated", "finely", "coarsely", "roughly", "chopped", "sliced", "diced", "crushed", "cold",
        "chilled", "ice", "iced", "warm", "warmed", "hot", "softened", "melted", "room", "temperature", "beaten", "lightly", "sifted",
        "toasted", "unsalted", "organic", "free", "range", "good", "quality", "best", "ripe", "large", "medium", "small", "extra", "whole",
        "peeled", "cored", "stoned", "pitted", "hulled", "halved", "quartered", "thawed", "packed", "firmly", "heaped", "level", "unwaxed",
        "homemade", "pure", "full", "fat", "thick", "runny", "cooled", "cubed", "separated", "of", "the", "some", "your", "favourite",
        "favorite", "very", "well", "more", "piece", "boiling", "plain", "dairy", "natural", "block", "fine", "shelled", "blanched",
        "roasted", "unsweetened", "raw", "nice", "about", "in", "washed", "trimmed", "pouring", "a", "an", "cultured", "prepared",
        "medjool", "roast", "lukewarm", "tepid", "cooking", "baking", "standard", "ordinary", "regular", "quick", "split", "lump", "ready",
        "made", "rolled", "old", "fashioned", "mini", "active", "whipped", "softly", "soft", "firm", "little", "big", "few", "such",
        "brick", "creamy", "smooth", "juicy", "heated", "seedless", "store", "bought", "additional", "skinned", "flesh", "pulp", "loose",
        "leaf", "drained", "undrained", "strained", "sieved", "infused", "reduced", "zested", "clean", "dry", "thin", "thinly",
        "reserved", "individual", "and", "or", "then", "style", "coarse", "to", "eat", "strong",
    };

    /// <summary>Words that change what an ingredient is: leaving one out is a guess, and is asked about.</summary>
    private static readonly HashSet<string> States = new(StringComparer.Ordinal)
    {
        "frozen", "tinned", "canned", "black", "golden", "liquid", "semi", "semisweet", "sweetened", "salted", "mixed", "smoked",
        "light", "dark", "red", "green", "yellow", "blue", "pink", "white", "brown", "set", "sour", "sweet", "baby", "wild", "low", "half",
        "candied", "powdered", "instant", "vegan", "ground",
    };

    /// <summary>Words that make so much another thing that nothing near it can be chosen, only offered.</summary>
    private static readonly HashSet<string> OtherThings = new(StringComparer.Ordinal)
    {
        "dried", "flavoured", "flavored", "freeze", "imitation", "substitute",
    };

    private readonly Dictionary<string, int> _order = new(StringComparer.Ordinal);
    private readonly Dictionary<string, Ingredient> _byName = new(StringComparer.Ordinal);
    private readonly (string Key, Ingredient Ingredient)[] _names;
    private readonly Dictionary<string, Ingredient> _remembered = new(StringComparer.Ordinal);
    private readonly JaroWinkler _likeness = new();
    private readonly Spelling _spelling;
    private readonly string[][] _wordsOf;
    private readonly Dictionary<string, int[]> _withWord;
    private readonly Dictionary<char, int[]> _withFirst;

    /// <param name="ingredients">All that can be found; where two share a name, the later one has it, so that a baker's own come
    /// last.</param>
    /// <param name="remembered">Words that the baker has said stand for an ingredient's id.</param>
    public IngredientFinder(IEnumerable<Ingredient> ingredients, IReadOnlyDictionary<string, string>? remembered = null)
    {
        var byId = new Dictionary<string, Ingredient>(StringComparer.Ordinal);
        foreach (var one in ingredients)
        {
            byId[one.Id] = one;
            _order[one.Id] = _order.Count;
            foreach (var name in NamesOf(one))
                _byName[Key(name)] = one;
        }

        // "shortbread fingers", "digestive biscuits": the name with what its pieces are called.
        foreach (var (name, one) in _byName.ToList())
        {
            if (one.Piece.One is { Length: > 0 } piece && piece.All(char.IsAsciiLetter))
                _byName.TryAdd($"{name} {NameWords.Singular(piece)}", one);
        }

        _names = [.. _byName.Select(n => (n.Key, n.Value))];
        _wordsOf = Array.ConvertAll(_names, n => n.Key.Split(' '));
        _withWord = Enumerable.Range(0, _names.Length).SelectMany(i => _wordsOf[i].Distinct().Select(w => (Word: w, At: i)))
            .GroupBy(w => w.Word, w => w.At, StringComparer.Ordinal).ToDictionary(g => g.Key, g => g.ToArray(), StringComparer.Ordinal);
        _withFirst = Enumerable.Range(0, _names.Length).GroupBy(i => _names[i].Key[0]).ToDictionary(g => g.Key, g => g.ToArray());
        _spelling = new(_names.SelectMany(n => n.Key.Split(' ')).Concat(Descriptions).Concat(States).Concat(OtherThings));
        foreach (var (words, id) in remembered ?? new Dictionary<string, string>())
        {
            if (byId.TryGetValue(id, out var one))
                _remembered[Key(words)] = one;
        }
    }

    /// <summary>One over the shipped pantry.</summary>
    public static IngredientFinder Shipped { get; } = new(Pantry.All);

    /// <summary>Every name of an ingredient: its British one, its American one, and the others.</summary>
    public static IEnumerable<string> NamesOf(Ingredient ingredient)
    {
        yield return ingredient.Name;
        if (ingredient.Name.IndexOf(" (", StringComparison.Ordinal) is var at and > 0)
            yield return ingredient.Name[..at];
        foreach (var other in ingredient.OtherNames)
            yield return other;
    }

    /// <summary>A name as it is looked up: lower case, without accents and marks, each word in the singular.</summary>
    public static string Key(string name) => NameWords.Key(name);

    /// <summary>Finds what a name stands for.</summary>
    public Found Find(string name)
    {
        if (name.Length > 200)
            return new(null, Likeness.None, []);
        var words = NameWords.Of(name).ToArray();
        if (words.Length == 0)
            return new(null, Likeness.None, []);
        var key = string.Join(' ', words);
        if (Surely(words, key) is { } sure)
            return new(sure, Likeness.Known, []);
        if (Without(words, StatesToo) is { } like)
            return new(like, Likeness.Near, []);
        if (Respelt(words) is { } respelt)
            return respelt;

        var bare = words.Where(w => !Descriptions.Contains(w)).ToArray();
        var guess = Guess(key, bare.Length > 0 ? bare : words);
        if (words.Any(OtherThings.Contains))
            return guess with { Ingredient = null, Likeness = Likeness.None, Candidates = [.. guess.All.Take(4)] };

        // A sort of something that is known: "russet apples" are apples, most likely.
        for (var from = 1; from < words.Length; from++)
        {
            if (_byName.TryGetValue(string.Join(' ', words[from..]), out var known))
                return new(known, Likeness.Near, [.. guess.All.Where(c => c != known).Take(3)]);
        }

        return guess;
    }

    /// <summary>True for words that only describe: "toasted", "peeled and diced".</summary>
    public bool OnlyDescribes(string name) =>
        name.Length is > 0 and <= 200 && !_byName.ContainsKey(Key(name)) && NameWords.Of(name).All(Descriptions.Contains);

    /// <summary>The ingredient that a name surely stands for; none where that would be a guess.</summary>
    public Ingredient? Surely(string name)
    {
        if (name.Length > 200)
            return null;
        var words = NameWords.Of(name).ToArray();
        return words.Length == 0 ? null : Surely(words, string.Join(' ', words));
    }

    private Ingredient? Surely(string[] words, string key) =>
        _remembered.TryGetValue(key, out var known) || _byName.TryGetValue(key, out known) ? known : Without(words, Descriptions);

    /// <summary>The ingredient that has just this name, word for word; none otherwise.</summary>
    public Ingredient? Exactly(string name) => name.Length > 200 ? null : _byName.GetValueOrDefault(Key(name));

    /// <summary>True for a word of some ingredient's name, or one that describes ingredients.</summary>
    public bool Knows(string word) => _spelling.Knows(NameWords.Singular(word));

    private static readonly HashSet<string> StatesToo = [.. Descriptions, .. States];

    /// <summary>What is known once words are left out: one by one from the front, then from behind, then all of them.</summary>
    private Ingredient? Without(string[] words, HashSet<string> droppable)
    {
        for (var from = 1; from < words.Length && MayGo(words, from - 1, droppable); from++)
        {
            if (_byName.TryGetValue(string.Join(' ', words[from..]), out var known))
                return known;
        }

        for (var to = words.Length - 1; to > 0 && MayGo(words, to, droppable); to--)
        {
            for (var from = 0; from < to && (from == 0 || MayGo(words, from - 1, droppable)); from++)
            {
                if (_byName.TryGetValue(string.Join(' ', words[from..to]), out var known))
                    return known;
            }
        }

        var bare = words.Where((_, i) => !MayGo(words, i, droppable)).ToArray();
        return bare.Length > 0 && bare.Length < words.Length ? _byName.GetValueOrDefault(string.Join(' ', bare)) : null;
    }

    /// <summary>True for a word that may be left out where it stands: hens range free, but what is free of fat is another thing.</summary>
    private static bool MayGo(string[] words, int at, HashSet<string> droppable) => droppable.Contains(words[at]) && words[at] switch
    {
        "free" => at + 1 < words.Length && words[at + 1] is "range",
        "fat" => at > 0 && words[at - 1] is "full",
        "pure" => at + 1 < words.Length,
        _ => true,
    };

    /// <summary>What is known once each word that is not is spelt as one that is: a question, with the likely answer chosen.</summary>
    private Found? Respelt(string[] words)
    {
        var spelt = new List<string[]> { words };
        for (var i = 0; i < words.Length; i++)
        {
            if (_spelling.Knows(words[i]) || _spelling.Near(words[i]).Take(4).ToList() is not { Count: > 0 } near)
                continue;
            spelt = [.. spelt.Take(8).SelectMany(s => near.Select(n => (string[])[.. s[..i], n, .. s[(i + 1)..]]))];
        }

        if (ReferenceEquals(spelt[0], words))
            return null;
        var found = spelt.Select(s => _byName.GetValueOrDefault(string.Join(' ', s)) ?? Without(s, StatesToo)).OfType<Ingredient>()
            .Distinct()
            .OrderBy(i => _order[i.Id]).ToList();
        return found.Count > 0 ? new(found[0], Likeness.Near, found[1..]) : null;
    }

    private Found Guess(string key, string[] words)
    {
        var scored = new Dictionary<Ingredient, double>();
        var bare = string.Join(' ', words);
        foreach (var at in Alike(words, bare, key))
        {
            // A misspelt word is worth a guess; so is a name that shares its words with another.
            var (name, ingredient) = _names[at];
            var score = Shared(words, _wordsOf[at]);
            if (Math.Abs(name.Length - bare.Length) <= MostOff && name[0] == bare[0])
                score = Math.Max(score, _likeness.Similarity(bare, name));
            if (key.Length != bare.Length && Math.Abs(name.Length - key.Length) <= MostOff && name[0] == key[0])
                score = Math.Max(score, _likeness.Similarity(key, name));

            // What a name ends in is the thing itself: an extract may be taken for one that is spelt like it, but never for juice.
            if (score >= NearEnough && _likeness.Similarity(words[^1], _wordsOf[at][^1]) < SameWord)
                score = NearEnough - 0.01;
            if (score >= WorthOffering && score > scored.GetValueOrDefault(ingredient))
                scored[ingredient] = score;
        }

        var best = scored.OrderByDescending(s => s.Value).ThenBy(s => s.Key.Name.Length).Take(4).ToList();
        if (best.Count == 0)
            return new(null, Likeness.None, []);
        return best[0].Value >= NearEnough
            ? new(best[0].Key, Likeness.Near, [.. best.Skip(1).Select(b => b.Key)])
            : new(null, Likeness.None, [.. best.Select(b => b.Key)]);
    }

    /// <summary>The names that share a word with another, or begin like it and are about as long.</summary>
    private HashSet<int> Alike(string[] words, string bare, string key)
    {
        var alike = new HashSet<int>();
        foreach (var word in words)
            alike.UnionWith(_withWord.GetValueOrDefault(word) ?? []);
        foreach (var begins in (char[])[bare[0], key[0]])
        {
            foreach (var at in _withFirst.GetValueOrDefault(begins) ?? [])
            {
                if (Math.Abs(_names[at].Key.Length - bare.Length) <= MostOff || Math.Abs(_names[at].Key.Length - key.Length) <= MostOff)
                    alike.Add(at);
            }
        }

        return alike;
    }

    /// <summary>How much of two names is the same words: 0.89 at most, so that it is offered and never taken.</summary>
    private static double Shared(string[] words, string[] others)
    {
        var same = others.Count(words.Contains);
        return same == 0 ? 0 : 0.89 * 2 * same / (words.Length + others.Length);
    }
}
