using System.Diagnostics.CodeAnalysis;
using System.Globalization;
using System.Text;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Layering;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Core.Toppings;
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
    public const string PanField = "pan";
    public const string OwnTop = "own-top";
    public const string OwnBase = "own-base";
    public const string OwnDepth = "own-deep";
    public const string OwnLength = "own-long";
    public const string OwnCorner = "own-corner";
    public const string OwnWater = "own-water";
    public const string OwnName = "own-name";
    public const string OwnKind = "own-kind";
    public const string OwnMaterial = "own-stuff";
    public const string CrustField = "crust";
    public const string Thickness = "thick";
    public const string Height = "wall";
    public const string WallThick = "wallthick";
    public const string BinderField = "bind";
    public const string Browned = "brown";
    public const string Frozen = "frozen";
    public const string OvenField = "oven";
    public const string Bake = "bake";
    public const string EdgeField = "edge";
    public const string SealField = "seal";
    public const string FillingField = "fill";
    public const string Make = "make";
    public const string Line = "line";
    public const string Firmness = "set";
    public const string ToppingField = "top";
    public const string Cream = "cream";
    public const string Ahead = "ahead";
    public const string Topped = "topped";
    public const string NoOven = "nooven";
    public const string Vegetarian = "veg";
    public const string NoAlcohol = "no-alcohol";
    public const string NoRawEgg = "no-raw";
    public const string OnTable = "table";
    public const string KnownRules = "known";

    /// <summary>What a pan of the baker's own is called that has no name.</summary>
    public const string OwnPanName = "Your own pan";

    /// <summary>The longest name of a pan, characters.</summary>
    public const int LongestPanName = 60;

    /// <summary>What the other fields were worked out for, so that they can follow a change of pan, crust or filling.</summary>
    public const string Was = "was";

    /// <summary>Every field of an address.</summary>
    public static IReadOnlyList<string> Fields { get; } =
    [
        PanField, OwnTop, OwnBase, OwnDepth, OwnLength, OwnCorner, OwnWater, OwnName, OwnKind, OwnMaterial, CrustField, Thickness, Height,
        WallThick, BinderField, Browned, Frozen, Bake, EdgeField, SealField, OvenField,
        FillingField, Make, Line, Firmness, ToppingField, Cream, Ahead, Topped, NoOven, Vegetarian, NoAlcohol, NoRawEgg, OnTable,
        KnownRules, Was, .. Needs.Groups.Select(g => g.Field), .. MoreFields,
    ];

    private static readonly (Treatment Value, string Name)[] Treatments =
        [
            (Treatment.HotStart, "hot"), (Treatment.Steady, "steady"), (Treatment.Baked, "baked"), (Treatment.Chilled, "chilled"),
            (Treatment.Ready, "ready")
        ];

    private static readonly (Binder Value, string Name)[] Binders = [
        (Binder.AsWritten, "written"), (Binder.None, "none"), (Binder.Sugar, "sugar"), (Binder.Honey, "honey")
    ];

    private static readonly (Edge Value, string Name)[] Edges = [
        (Edge.Trimmed, "trimmed"), (Edge.Crimped, "crimped"), (Edge.HighFluted, "fluted")
    ];

    private static readonly (PanKind Value, string Name)[] Kinds = [.. Enum.GetValues<PanKind>().Select(k => (k, k.Facts.Code))];

    private static readonly (PanMaterial Value, string Name)[] Materials =
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

    /// <summary>The name a batch has in an address.</summary>
    public static string NameOf(BatchChoice batch) => batch.Kind switch
    {
        BatchKind.Below => "below",
        BatchKind.Above => "above",
        BatchKind.Times => Number(batch.Times),
        _ => "exact",
    };

    /// <summary>The whole composition as <c>pan=…&amp;crust=…</c>, always in the same order.</summary>
    public static string Write(Composition c)
    {
        var s = new StringBuilder(256);
        Add(PanField, c.Pan.Id);
        if (c.Pan.Id == PanCupboard.OwnId)
        {
            Add(OwnTop, Number(c.Pan.Top.Value));
            Add(OwnBase, Number(c.Pan.Base.Value));
            Add(OwnDepth, Number(c.Pan.Depth.Value));
            if (c.Pan.Length is { } length)
                Add(OwnLength, Number(length.Value));
            if (c.Pan.Corner is { } corner)
                Add(OwnCorner, Number(corner.Value));
            if (c.Pan.Water is { } water)
                Add(OwnWater, Number(water.Value));
            if (c.Pan.Name != OwnPanName)
                Add(OwnName, Uri.EscapeDataString(c.Pan.Name));
            Add(OwnKind, NameOf(c.Pan.Kind));
            Add(OwnMaterial, NameOf(c.Pan.Material));
        }

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
        if (Math.Abs(c.Occasion.OnTable - Occasion.UsualOnTable) > 1e-9)
            Add(OnTable, Number(c.Occasion.OnTable));
        if (c.Known.Count > 0)
            Add(KnownRules, string.Join(',', c.Known));
        return s.ToString();

        void Add(string name, string value)
        {
            if (s.Length > 0)
                s.Append('&');
            s.Append(name).Append('=').Append(value);
        }
    }

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
            c.Filling.Formula.Family.Id, Number(c.Filling.Formula.Family.FillLine.Usual));
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
        var fields = new Dictionary<string, string>(StringComparer.Ordinal);
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
        new Reader(field, bare, book ?? PartBook.Shipped).Read();

    internal static string Number(double value) => Math.Round(value, 3).ToString("0.###", CultureInfo.InvariantCulture);

    private static string NameIn<T>((T Value, string Name)[] names, T value)
        where T : struct, Enum => Array.Find(names, n => EqualityComparer<T>.Default.Equals(n.Value, value)).Name;

    private sealed partial class Reader(Func<string, string?> field, LengthUnit bare, PartBook book)
    {
        private readonly List<Trouble> _troubles = [];

        public ReadComposition Read()
        {
            var pan = ReadPan();
            var crustFamily = Known(CrustField, book.Crust, CrustBook.ButterFlaky, "crust");
            var formula = Known(FillingField, book.Filling, FillingBook.MaltCustard, "filling");

            // Fields left as they were usual follow the new pan, crust or filling; what the baker set stays.
            var was = (field(Was) ?? "").Split('~');
            var marked = was.Length == 6;
            var newCrust = marked && was[0] != crustFamily.Id;
            var newFilling = marked && was[4] != formula.Family.Id;
            bool Follows(string name, int mark) => marked && field(name) == was[mark];

            var usual = book.Schools.Prefer(Composition.UsualCrust(pan, crustFamily));
            var (thinnest, thickest) = crustFamily.Limits;
            var thick = newCrust || Follows(Thickness, 1)
                ? usual.Thickness
                : Length(Thickness, usual.Thickness, thinnest, thickest, "A crust of this kind is {0} to {1} thick.");
            var height = newCrust || Follows(Height, 2)
                ? usual.Height
                : Length(
                    Height, usual.Height, crustFamily is RolledFamily ? 10 : 0, pan.Depth.Value,
                    "In this pan the crust can stand {0} to {1} high.");
            var treatment = newCrust ? usual.Treatment : Named(Bake, Treatments, usual.Treatment, "a way to bake");
            if (!crustFamily.Treatments.Contains(treatment))
                treatment = usual.Treatment;
            var edge = newCrust || Follows(EdgeField, 3) ? usual.Edge : Named(EdgeField, Edges, usual.Edge, "an edge");
            var seal = Known(SealField, Seal.Find, Seal.None, "seal");
            var oven = string.IsNullOrEmpty(field(OvenField)) ? null : Known(OvenField, book.Oven, null, "oven");

            var usualLine = new Millimetres(formula.Family.FillLine.Usual);
            var line = newFilling || Follows(Line, 5)
                ? usualLine
                : Length(Line, usualLine, 0, pan.Depth.Value, "The fill line is {0} to {1} below the rim.");
            (thick, line) = LeaveRoom(pan, thick, line, usual.Thickness, usualLine, thinnest);
            var crust = new CrustChoice(crustFamily, thick, height, treatment, edge, seal);
            if (crustFamily is CrumbFamily)
            {
                // A wall of which nothing is said follows the base.
                var wall = newCrust || string.IsNullOrWhiteSpace(field(WallThick))
                    ? crust.UsualWall
                    : Length(WallThick, crust.UsualWall, 2, 12, "A pressed wall is {0} to {1} thick.");
                crust = crust with
                {
                    Wall = Math.Abs(wall.Value - crust.UsualWall.Value) < 1e-9 ? null : wall,
                    Binder = Named(BinderField, Binders, Binder.AsWritten, "a binder"),
                    Browned = Flag(Browned),
                };
            }
            else if (crustFamily is RolledFamily)
            {
                crust = crust with { Frozen = Flag(Frozen) };
            }

            var setter = Plain(Firmness, 100, 50, 200, "Between 50 and 200 % of the setter as written.") / 100;
            var topping = ReadTopping(First, Topping.Icing);
            var ahead = Plain(Ahead, 14, 0, 240, "Between 0 and 240 hours.");
            var topped = Plain(Topped, Math.Min(1, ahead), 0, 240, "Between 0 and 240 hours.");
            if (topped > ahead)
            {
                Say(Topped, field(Topped), $"It can’t be topped before it is filled, {Number(ahead)} h ahead. Taken as {Number(ahead)} h.");
                topped = ahead;
            }

            var composition = new Composition(
                pan, crust, new(formula, ReadBatch(), line, setter),
                topping, new Occasion(ahead, topped, Flag(NoOven), Flag(Vegetarian))
                {
                    Without = Needs.Groups.Where(g => Flag(g.Field)).Aggregate(Allergens.None, (all, g) => all | g.Of),
                    NoAlcohol = Flag(NoAlcohol),
                    NoRawEgg = Flag(NoRawEgg),
                    OnTable = Plain(OnTable, Occasion.UsualOnTable, 0, 24, "Between 0 and 24 hours on the table."),
                })
            {
                Known = string.IsNullOrEmpty(field(KnownRules))
                    ? Pile.Of<string>()
                    : new(field(KnownRules)!.Split(',').Where(IsName).Distinct().Take(40)),
                Oven = oven,
                Over = ReadOver(),
                Under = ReadUnder(Math.Max(0, pan.Depth.Value - thick.Value - line.Value)),
            };
            return new(composition.Settled(), _troubles);
        }

        private Pan ReadPan()
        {
            if (field(PanField) != PanCupboard.OwnId)
                return Known(PanField, book.Pan, PanCupboard.Plate23, "pan");
            var kind = Named(OwnKind, Kinds, PanKind.PiePlate, "a kind of pan");
            var material = Named(OwnMaterial, Materials, PanMaterial.BrightAluminium, "a material");
            var top = Length(OwnTop, new(230), 30, 600, "A pan is {0} to {1} across; larger won’t go into an oven.");
            var likely = new Millimetres(kind.Facts.UsualTaper < 1 ? Math.Round(top.Value * kind.Facts.UsualTaper) : top.Value);
            var floor = Length(OwnBase, likely, 20, 600, "The base is {0} to {1} across.");
            if (floor > top)
            {
                Say(
                    OwnBase, field(OwnBase),
                    new("The base can’t be wider than the top, {0}. Taken as {1}.", top.AsQuantity(), likely.AsQuantity()));
                floor = likely;
            }
            else if (floor.Value < top.Value / 2)
            {
                Say(
                    OwnBase, field(OwnBase),
                    new("A base less than half as wide as the top is a funnel. Taken as {0}.", likely.AsQuantity()));
                floor = likely;
            }

            var depth = Length(OwnDepth, new(35), 15, 150, "A pan is {0} to {1} deep.");
            if (!kind.Facts.HasLength)
                return Watered(new(PanCupboard.OwnId, Called(), kind, material, top, floor, depth));
            var length = Length(
                OwnLength, kind.Facts.IsFluted ? new(Math.Min(600, top.Value * 3)) : top, 30, 600,
                "A tin is {0} to {1} long; longer won’t go into an oven.");
            if (length < top)
            {
                Say(
                    OwnLength, field(OwnLength),
                    new("The length is the longer side; it can’t be less than the width, {0}. Taken as that.", top.AsQuantity()));
                length = top;
            }

            // The wall leans as far at the corners as along the sides, so a corner can't be tighter than the lean.
            var lean = (top.Value - floor.Value) / 2;
            var corner = Length(
                OwnCorner, new(Math.Max(lean, Math.Min(12, floor.Value / 2))), lean, floor.Value / 2 > lean ? top.Value / 2 : lean,
                "Here the corners’ radius is {0} to {1}.");
            return Watered(new(PanCupboard.OwnId, Called(), kind, material, top, floor, depth) { Length = length, Corner = corner });
        }

        private string Called()
        {
            var typed = (field(OwnName) ?? "").Trim();
            if (typed.Length == 0)
                return OwnPanName;
            if (typed.Length <= LongestPanName && !typed.Any(char.IsControl))
                return typed;
            Say(OwnName, typed, $"A pan’s name has {LongestPanName} characters at most. Called “{OwnPanName}” until then.");
            return OwnPanName;
        }

        /// <summary>Water that was weighed in it wins over its sizes, unless the two can't both be true.</summary>
        private Pan Watered(Pan pan)
        {
            if (string.IsNullOrWhiteSpace(field(OwnWater)))
                return pan;
            var water = Plain(
                OwnWater, 0, 5, 30_000, "Between 5 and 30,000 g of water; it holds as many ml. Its sizes are used until then.",
                usualWords: false);
            var sizes = pan.Inside.Volume;
            if (water <= 0)
                return pan;
            if (water > sizes.Value * 3 || water < sizes.Value / 3)
            {
                Say(
                    OwnWater, field(OwnWater),
                    new(
                        "By its sizes it holds {0}; the water says {1}. One of them is wrong; the sizes are used until then.",
                        sizes.AsQuantity(), new Millilitres(water).AsQuantity()));
                return pan;
            }

            return pan with { Water = new(water) };
        }

        private (Millimetres Thick, Millimetres Line) LeaveRoom(
            Pan pan, Millimetres thick, Millimetres line, Millimetres usualThick, Millimetres usualLine, double thinnest)
        {
            const double Room = 5;
            if (thick.Value + line.Value + Room <= pan.Depth.Value)
                return (thick, line);

            // Give back what was asked too much of: first the line, then the crust.
            if (thick.Value + usualLine.Value + Room <= pan.Depth.Value)
            {
                Say(
                    Line, field(Line),
                    new(
                        "Nothing is left between a base {0} thick and this line. Taken as {1}.", thick.AsQuantity(),
                        usualLine.AsQuantity()));
                return (thick, usualLine);
            }

            var thin = new Millimetres(Math.Min(usualThick.Value, Math.Max(thinnest, pan.Depth.Value - Room - usualLine.Value)));
            Say(
                Thickness, field(Thickness),
                new(
                    "In a pan {0} deep a base this thick leaves nothing to fill. Taken as {1}.", pan.Depth.AsQuantity(),
                    thin.AsQuantity()));
            return (thin, new(Math.Min(usualLine.Value, Math.Max(0, pan.Depth.Value - Room - thin.Value))));
        }

        private BatchChoice ReadBatch()
        {
            var typed = field(Make)?.Trim();
            switch (typed)
            {
                case null or "" or "exact": return BatchChoice.Exact;
                case "below": return BatchChoice.Below;
                case "above": return BatchChoice.Above;
            }

            var times = Plain(Make, 0, 0.1, 50, "Between a tenth of the formula and 50 times. Made to fit until then.", usualWords: false);
            return times > 0 ? new(BatchKind.Times, times) : BatchChoice.Exact;
        }

        private bool Flag(string name) => field(name) is "1" or "on" or "true";

        [return: NotNullIfNotNull(nameof(usual))]
        private T? Known<T>(string name, Func<string, T?> find, T? usual, string noun)
            where T : class
        {
            var typed = field(name);
            if (string.IsNullOrEmpty(typed))
                return usual;
            if (find(typed) is { } found)
                return found;
            Say(name, typed, $"There is no {noun} called “{Short(typed)}” here. The usual one is taken.");
            return usual;
        }

        private T Named<T>(string name, (T Value, string Name)[] names, T usual, string noun)
            where T : struct, Enum
        {
            var typed = field(name);
            if (string.IsNullOrEmpty(typed))
                return usual;
            var at = Array.FindIndex(names, n => n.Name == typed);
            if (at >= 0)
                return names[at].Value;
            Say(name, typed, $"“{Short(typed)}” is not {noun} here. The usual one is taken.");
            return usual;
        }

        private Millimetres Length(string name, Millimetres usual, double least, double most, string limits)
        {
            var typed = field(name);
            if (typed is null)
                return usual;
            var range = new Phrase(
                limits + " Taken as {2} until then.", new Millimetres(least).AsQuantity(), new Millimetres(most).AsQuantity(),
                usual.AsQuantity());
            if (string.IsNullOrWhiteSpace(typed))
            {
                Say(name, typed, range with { Template = "Nothing is written here. " + range.Template });
                return usual;
            }

            if (!BakersNumber.TryRead(typed, out var value, out var unit) || PerUnit(unit) is not { } factor)
            {
                Say(name, typed, range with { Template = "That isn’t a length I can read; try 3, 2.5 or ½ in. " + range.Template });
                return usual;
            }

            var mm = value * factor;
            if (mm < least - 1e-9 || mm > most + 1e-9)
            {
                Say(name, typed, range);
                return usual;
            }

            // As fine as an address holds, so that what is read is what is written.
            return new(Math.Round(mm, 3));
        }

        private double? PerUnit(string unit) => unit switch
        {
            "" => bare is LengthUnit.Inches ? 25.4 : 1,
            "mm" => 1,
            "cm" => 10,
            "in" or "\"" or "″" or "inch" or "inches" => 25.4,
            _ => null,
        };

        /// <summary>True for what can be a rule's short name; which rules there are is not known down here.</summary>
        private static bool IsName(string id) => id.Length is > 0 and <= 40 && id.All(static c => char.IsAsciiLetterLower(c) || c == '-');

        private double Plain(string name, double usual, double least, double most, string limits, bool usualWords = true)
        {
            var typed = field(name);
            if (typed is null)
                return usual;
            var words = usualWords ? $"{limits} Taken as {Number(usual)} until then." : limits;
            if (string.IsNullOrWhiteSpace(typed))
            {
                Say(name, typed, "Nothing is written here. " + words);
                return usual;
            }

            if (!BakersNumber.TryRead(typed, out var value, out var unit) || unit is not ("" or "h" or "%" or "x" or "×" or "g" or "ml"))
            {
                Say(name, typed, "That isn’t a number I can read; try 12 or 2.5. " + words);
                return usual;
            }

            if (value < least || value > most)
            {
                Say(name, typed, words);
                return usual;
            }

            return Math.Round(value, 3);
        }

        private void Say(string name, string? typed, Phrase message)
        {
            if (_troubles.TrueForAll(t => t.Field != name))
                _troubles.Add(new(name, typed ?? "", message));
        }

        private static string Short(string typed) => typed.Length > 24 ? typed[..24] + "…" : typed;
    }
}
