using System.Globalization;
using System.Text;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Core.Units;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Composing;

/// <summary>One thing that could not be used as typed.</summary>
/// <param name="Field">Which field, by its name in the address.</param>
/// <param name="Typed">What was typed, kept as it was.</param>
/// <param name="Message">What is wrong and what is used until it is mended.</param>
public sealed record Trouble(string Field, string Typed, Phrase Message);

/// <summary>A composition read from an address, and what in it could not be used.</summary>
/// <param name="Composition">Always a whole pie that can be worked out.</param>
/// <param name="Troubles">In the order of the layers; empty when all was well.</param>
public sealed record ReadComposition(Composition Composition, IReadOnlyList<Trouble> Troubles)
{
    /// <summary>The trouble with a field, or none.</summary>
    public Trouble? Of(string field) => Troubles.FirstOrDefault(t => t.Field == field);
}

/// <summary>
/// Writes a composition as the fields of a web address and reads it back. Reading never fails: what is missing is taken
/// as usual, what cannot be used is reported and taken as usual. Lengths are mm unless they carry their own unit.
/// </summary>
public static partial class CompositionAddress
{
    /// <summary>The pan's id.</summary>
    public const string PanField = "pan";

    /// <summary>Own pan: width at the top, mm.</summary>
    public const string OwnTop = "own-top";

    /// <summary>Own pan: width at the base, mm.</summary>
    public const string OwnBase = "own-base";

    /// <summary>Own pan: depth, mm.</summary>
    public const string OwnDepth = "own-deep";

    /// <summary>Own pan: length, mm; a pan of two sides.</summary>
    public const string OwnLength = "own-long";

    /// <summary>Own pan: radius of its corners, mm.</summary>
    public const string OwnCorner = "own-corner";

    /// <summary>Own pan: what it holds of water, g.</summary>
    public const string OwnWater = "own-water";

    /// <summary>Own pan: its name.</summary>
    public const string OwnName = "own-name";

    /// <summary>Own pan: its kind, by code.</summary>
    public const string OwnKind = "own-kind";

    /// <summary>Own pan: what it is made of.</summary>
    public const string OwnMaterial = "own-stuff";

    /// <summary>The crust's id.</summary>
    public const string CrustField = "crust";

    /// <summary>Thickness of the crust on the base, mm.</summary>
    public const string Thickness = "thick";

    /// <summary>How high the crust stands on the wall, mm.</summary>
    public const string Height = "wall";

    /// <summary>Thickness of the crust on the wall, mm.</summary>
    public const string WallThick = "wallthick";

    /// <summary>What binds a crumb, by id.</summary>
    public const string BinderField = "bind";

    /// <summary>The fat is browned first.</summary>
    public const string Browned = "brown";

    /// <summary>The shell goes in frozen.</summary>
    public const string Frozen = "frozen";

    /// <summary>The lined shell is not chilled.</summary>
    public const string Unchilled = "unchilled";

    /// <summary>The oven, by id.</summary>
    public const string OvenField = "oven";

    /// <summary>By which way the shell is baked.</summary>
    public const string Bake = "bake";

    /// <summary>How the edge is finished.</summary>
    public const string EdgeField = "edge";

    /// <summary>The seal's id.</summary>
    public const string SealField = "seal";

    /// <summary>The filling's id.</summary>
    public const string FillingField = "fill";

    /// <summary>How many batches are made.</summary>
    public const string Make = "make";

    /// <summary>The fill line, mm below the rim.</summary>
    public const string Line = "line";

    /// <summary>How much of the written setter goes in, per cent.</summary>
    public const string Firmness = "set";

    /// <summary>“1” for a filling that is made hot and cooled before it is poured.</summary>
    public const string Cooled = "cooled";

    /// <summary>The topping's id; once for each topping.</summary>
    public const string ToppingField = "top";

    /// <summary>Thickness of the topping, mm.</summary>
    public const string Cream = "cream";

    /// <summary>Hours between filling and eating.</summary>
    public const string Ahead = "ahead";

    /// <summary>Hours between topping and eating.</summary>
    public const string Topped = "topped";

    /// <summary>No oven may be used.</summary>
    public const string NoOven = "nooven";

    /// <summary>No gelatine, nothing of an animal that died for it.</summary>
    public const string Vegetarian = "veg";

    /// <summary>No alcohol.</summary>
    public const string NoAlcohol = "no-alcohol";

    /// <summary>No raw egg.</summary>
    public const string NoRawEgg = "no-raw";

    /// <summary>Hours that it stands out on the table.</summary>
    public const string OnTable = "table";

    /// <summary>Rules that the baker knows about and does not want to be told again.</summary>
    public const string KnownRules = "known";

    /// <summary>What the kitchen had learned when the address was written, by number.</summary>
    public const string Learned = "learned";

    /// <summary>What a pan of the baker's own is called that has no name.</summary>
    public const string OwnPanName = "Your own pan";

    /// <summary>What is left for a filling between base and fill line at the least, mm. Our own choice.</summary>
    public const double LeastRoom = 5;

    /// <summary>The longest name of a pan, characters.</summary>
    public const int LongestPanName = 60;

    /// <summary>What the other fields were worked out for, so that they can follow a change of pan, crust or filling.</summary>
    public const string Was = "was";

    /// <summary>Every field of an address.</summary>
    public static IReadOnlyList<string> Fields { get; } =
    [
        PanField, OwnTop, OwnBase, OwnDepth, OwnLength, OwnCorner, OwnWater, OwnName, OwnKind, OwnMaterial, CrustField, Thickness, Height,
        WallThick, BinderField, Browned, Frozen, Unchilled, Bake, EdgeField, SealField, OvenField,
        FillingField, Make, Line, Firmness, Cooled, ToppingField, Cream, Ahead, Topped, NoOven, Vegetarian, NoAlcohol, NoRawEgg, OnTable,
        KnownRules, Learned, Was, .. Needs.Groups.Select(g => g.Field), .. AskedSwap.All.Select(s => s.Field), .. MoreFields,
    ];

    internal static readonly (Treatment Value, string Name)[] Treatments =
        [
            (Treatment.HotStart, "hot"), (Treatment.Steady, "steady"), (Treatment.Baked, "baked"), (Treatment.Chilled, "chilled"),
            (Treatment.Ready, "ready")
        ];

    internal static readonly (Binder Value, string Name)[] Binders = [
        (Binder.AsWritten, "written"), (Binder.None, "none"), (Binder.Sugar, "sugar"), (Binder.Honey, "honey")
    ];

    internal static readonly (Edge Value, string Name)[] Edges = [
        (Edge.Trimmed, "trimmed"), (Edge.Crimped, "crimped"), (Edge.HighFluted, "fluted")
    ];

    internal static readonly (PanKind Value, string Name)[] Kinds = [.. Enum.GetValues<PanKind>().Select(k => (k, k.Facts.Code))];

    internal static readonly (PanMaterial Value, string Name)[] Materials =
    [
        (PanMaterial.BrightAluminium, "aluminium"), (PanMaterial.DarkSteel, "dark-steel"), (PanMaterial.Glass, "glass"),
        (PanMaterial.Ceramic, "ceramic"), (PanMaterial.Foil, "foil"), (PanMaterial.PerforatedSteel, "perforated"),
        (PanMaterial.Silicone, "silicone"),
    ];

    /// <summary>The name a treatment has in an address.</summary>
    public static string NameOf(Treatment value) => NameIn(Treatments, value);

    /// <summary>The name a binder has in an address.</summary>
    public static string NameOf(Binder value) => NameIn(Binders, value);

    /// <summary>The name an edge has in an address.</summary>
    public static string NameOf(Edge value) => NameIn(Edges, value);

    /// <summary>The name a kind of pan has in an address.</summary>
    public static string NameOf(PanKind value) => value.Facts.Code;

    /// <summary>The name a material has in an address.</summary>
    public static string NameOf(PanMaterial value) => NameIn(Materials, value);

    /// <summary>What an amount in hand begins with in an address; the ingredient's id, a wave and grams follow.</summary>
    internal const string InHand = "from~";

    /// <summary>The name a batch has in an address.</summary>
    public static string NameOf(BatchChoice batch) => batch.Kind switch
    {
        BatchKind.Below => "below",
        BatchKind.Above => "above",
        BatchKind.Times => Number(batch.Times),
        BatchKind.InHand => $"{InHand}{batch.Of}~{Number(batch.Amount.Value)}",
        _ => "exact",
    };

    /// <summary>The whole composition as <c>pan=…&amp;crust=…</c>, always in the same order.</summary>
    public static string Write(Composition c)
    {
        var s = new StringBuilder(256);
        var written = new HashSet<string>(StringComparer.Ordinal);
        WritePan(c.Pan, Add);
        Add(CrustField, c.Crust.Family.Id);
        Add(Thickness, Number(c.Crust.Thickness.Value));
        Add(Height, Number(c.Crust.Height.Value));
        if (c.Crust.Wall is { } wall)
            Add(WallThick, Number(wall.Value));
        if (c.Crust.Binder is not Binder.AsWritten)
            Add(BinderField, NameOf(c.Crust.Binder));
        if (c.Crust.Browned)
            Add(Browned, "1");
        if (c.Crust.Frozen)
            Add(Frozen, "1");
        if (c.Crust.Unchilled)
            Add(Unchilled, "1");
        Add(Bake, NameOf(c.Crust.Treatment));
        Add(EdgeField, NameOf(c.Crust.Edge));
        Add(SealField, c.Crust.Seal.Id);
        if (c.Oven is { } oven)
            Add(OvenField, oven.Id);
        WriteLayers(c, Add);
        Add(FillingField, c.Filling.Formula.Id);
        Add(Make, NameOf(c.Filling.Batch));
        Add(Line, Number(c.Filling.Line.Value));
        Add(Firmness, Number(c.Filling.Setter * 100));
        if (c.Filling.Cooled)
            Add(Cooled, "1");
        Add(ToppingField, c.Topping.Topping.Id);
        Add(Cream, Number(c.Topping.Height.Value));
        WriteLaying(c, Add);
        Add(Ahead, Number(c.Occasion.FilledAhead));
        Add(Topped, Number(c.Occasion.ToppedAhead));
        if (c.Occasion.NoOven)
            Add(NoOven, "1");
        if (c.Occasion.Vegetarian)
            Add(Vegetarian, "1");
        foreach (var (name, _, of) in Needs.Groups)
        {
            if ((c.Occasion.Without & of) != Allergens.None)
                Add(name, "1");
        }

        if (c.Occasion.NoAlcohol)
            Add(NoAlcohol, "1");
        if (c.Occasion.NoRawEgg)
            Add(NoRawEgg, "1");
        foreach (var swap in AskedSwap.All.Where(c.Occasion.Swaps.Contains))
            Add(swap.Field, "1");
        if (Math.Abs(c.Occasion.OnTable - Occasion.UsualOnTable) > 1e-9)
            Add(OnTable, Number(c.Occasion.OnTable));
        if (c.Known.Count > 0)
            Add(KnownRules, string.Join(',', c.Known));
        if (c.Corrections is { } learned)
            Add(Learned, learned.Number.ToString(CultureInfo.InvariantCulture));
        foreach (var missing in c.Missing.Where(m => !written.Contains(m.Field)))
            Add(missing.Field, Uri.EscapeDataString(missing.Typed));
        return s.ToString();

        void Add(string name, string value)
        {
            // What is not here keeps the name it was typed with, until something else is chosen for it.
            if (c.Missing.Count > 0)
                value = NameIn(c, name, value);
            written.Add(name);
            if (s.Length > 0)
                s.Append('&');
            s.Append(name).Append('=').Append(value);
        }
    }

    /// <summary>
    /// What a field of an address says of a pie: the id of its part, or the name of one that is not here, as it was typed.
    /// </summary>
    /// <param name="c">The pie.</param>
    /// <param name="field">The field.</param>
    /// <param name="id">The id of what stands there.</param>
    public static string NameIn(Composition c, string field, string id) =>
        Uri.EscapeDataString(c.Missing.FirstOrDefault(m => m.Field == field && m.StandIn == id)?.Typed ?? id);

    private static void WritePan(Pan pan, Action<string, string> add)
    {
        add(PanField, pan.Id);
        if (pan.Id == PanCupboard.OwnId)
        {
            add(OwnTop, Number(pan.Top.Value));
            add(OwnBase, Number(pan.Base.Value));
            add(OwnDepth, Number(pan.Depth.Value));
            if (pan.Length is { } length)
                add(OwnLength, Number(length.Value));
            if (pan.Corner is { } corner)
                add(OwnCorner, Number(corner.Value));
            if (pan.Water is { } water)
                add(OwnWater, Number(water.Value));
            if (pan.Name != OwnPanName)
                add(OwnName, Uri.EscapeDataString(pan.Name));
            add(OwnKind, NameOf(pan.Kind));
            add(OwnMaterial, NameOf(pan.Material));
        }
    }

    /// <summary>The same address for what the kitchen knew at a time; it keeps the one that it names already.</summary>
    /// <param name="address">As <see cref="Write"/> makes it.</param>
    /// <param name="number">What was known, by number; 0 for the book.</param>
    public static string WithLearned(string address, int number) =>
        FieldsOf(address).ContainsKey(Learned)
            ? address
            : address + string.Create(CultureInfo.InvariantCulture, $"{(address.Length > 0 ? "&" : "")}{Learned}={number}");

    /// <summary>The same pie with so much of the setter as written.</summary>
    /// <param name="address">As <see cref="Write"/> makes it, or brief.</param>
    /// <param name="setter">Times the setter as written, 0.5 to 2.</param>
    public static string WithFirmness(string address, double setter) =>
        string.Join('&', address.Split('&').Where(f => !f.StartsWith(Firmness + "=", StringComparison.Ordinal)))
            + $"&{Firmness}={Number(setter * 100)}";

    /// <summary>The same pie for what the kitchen knows now.</summary>
    /// <param name="address">As <see cref="Write"/> makes it.</param>
    public static string WithoutLearned(string address) => string.Join(
        '&', address.Split('&').Where(f => !f.StartsWith(Learned + "=", StringComparison.Ordinal)));

    /// <summary>What the kitchen knew when an address was written, by number; none for what it knows now.</summary>
    /// <param name="address">As <see cref="Write"/> makes it.</param>
    public static int? LearnedIn(string address) =>
        FieldsOf(address).TryGetValue(Learned, out var typed)
            && int.TryParse(typed, NumberStyles.None, CultureInfo.InvariantCulture, out var number) ? number : null;

    /// <summary>The fields of a pan alone.</summary>
    public static string WritePan(Pan pan)
    {
        var fields = Write(Composition.Usual with { Pan = pan }).Split('&');
        return string.Join(
            '&',
            fields.Where(f => f.StartsWith(PanField + "=", StringComparison.Ordinal) || f.StartsWith("own-", StringComparison.Ordinal)));
    }

    /// <summary>What the fields of a composition were usual for; see <see cref="Was"/>.</summary>
    public static string UsualMark(Composition c)
    {
        var usual = Composition.UsualCrust(c.Pan, c.Crust.Family);
        return string.Join(
            '~', c.Crust.Family.Id, Number(usual.Thickness.Value), Number(usual.Height.Value), NameOf(usual.Edge),
            c.Filling.Formula.Family.Id, Number(c.Filling.Formula.Family.LineIn(c.Pan.Depth).Value));
    }

    /// <summary>Reads an address written by <see cref="Write"/>, a form, or a hand.</summary>
    /// <param name="query">The address.</param>
    /// <param name="book">The parts it may name; those shipped when there is none.</param>
    public static ReadComposition Read(string query, PartBook? book = null)
    {
        var fields = FieldsOf(query);
        return Read(name => fields.GetValueOrDefault(name), book: book);
    }

    /// <summary>The fields of an address by name.</summary>
    public static IReadOnlyDictionary<string, string> FieldsOf(string query)
    {
        var fields = new Dictionary<string, string>(32, StringComparer.Ordinal);
        foreach (var pair in query.TrimStart('?').Split('&', StringSplitOptions.RemoveEmptyEntries))
        {
            var at = pair.IndexOf('=');
            if (at > 0)
                fields[pair[..at]] = Uri.UnescapeDataString(pair[(at + 1)..].Replace('+', ' '));
        }

        return fields;
    }

    /// <summary>Reads the fields of an address.</summary>
    /// <param name="field">The text of a field, null when it is missing.</param>
    /// <param name="bare">What a length without a unit is taken for: mm, or inches for a baker who works in them.</param>
    /// <param name="book">The parts it may name; those shipped when there is none.</param>
    public static ReadComposition Read(Func<string, string?> field, LengthUnit bare = LengthUnit.Centimetres, PartBook? book = null) =>
        new AddressReader(field, bare, book ?? PartBook.Shipped).Read();

    internal static string Number(double value) => Math.Round(value, 3).ToString("0.###", CultureInfo.InvariantCulture);

    internal static string NameIn<T>((T Value, string Name)[] names, T value)
        where T : struct, Enum => Array.Find(names, n => EqualityComparer<T>.Default.Equals(n.Value, value)).Name;
}
