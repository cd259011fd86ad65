using System.Diagnostics.CodeAnalysis;
using System.Globalization;
using RoundCrumb.Core.Corrections;
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
using static RoundCrumb.Core.Composing.CompositionAddress;

namespace RoundCrumb.Core.Composing;

/// <summary>Reads the fields of an address, and says of each that could not be used what was taken instead.</summary>
/// <param name="field">The text of a field, null when it is missing.</param>
/// <param name="bare">What a length without a unit is taken for.</param>
/// <param name="book">The parts that it may name.</param>
internal sealed partial class AddressReader(Func<string, string?> field, LengthUnit bare, PartBook book)
{
    private readonly List<Trouble> _troubles = [];
    private readonly List<MissingPart> _missing = [];

    public ReadComposition Read()
    {
        var pan = ReadPan();
        var crustFamily = Known(CrustField, book.Crust, CrustBook.ButterFlaky, "crust", f => f.Id);
        var formula = Known(FillingField, book.Filling, FillingBook.MaltCustard, "filling", f => f.Id);

        // Fields left as they were usual follow the new pan, crust or filling; what the baker set stays.
        var was = (field(Was) ?? "").Split('~');
        var marked = was.Length == 6;
        var newCrust = marked && was[0] != crustFamily.Id;
        var newFilling = marked && was[4] != formula.Family.Id;
        bool Follows(string name, int mark) => marked && field(name) == was[mark];

        var usual = Composition.UsualCrust(pan, crustFamily).As(book.Schools);
        var (thinnest, thickest) = crustFamily.Limits;
        var thick = newCrust || Follows(Thickness, 1)
            ? usual.Thickness
            : Length(Thickness, usual.Thickness, thinnest, thickest, "A crust of this kind is {0} to {1} thick.");
        var height = newCrust || Follows(Height, 2)
            ? usual.Height
            : Length(
                Height, usual.Height, crustFamily.LeastHeight, pan.Depth.Value,
                "In this pan the crust can stand {0} to {1} high.");
        var treatment = newCrust ? usual.Treatment : Named(Bake, Treatments, usual.Treatment, "a way to bake");
        if (!crustFamily.Treatments.Contains(treatment))
            treatment = usual.Treatment;
        var edge = newCrust || Follows(EdgeField, 3) ? usual.Edge : Named(EdgeField, Edges, usual.Edge, "an edge");
        var seal = Known(SealField, Seal.Find, Seal.None, "seal", s => s.Id);
        var oven = string.IsNullOrEmpty(field(OvenField)) ? null : Known(OvenField, book.Oven, null, "oven", o => o.Id);

        var usualLine = formula.Family.LineIn(pan.Depth);
        var line = newFilling || Follows(Line, 5)
            ? usualLine
            : Length(Line, usualLine, 0, pan.Depth.Value, "The fill line is {0} to {1} below the rim.");
        (thick, line) = LeaveRoom(pan, thick, line, usual.Thickness, usualLine, thinnest);
        var crust = WithItsOwn(new(crustFamily, thick, height, treatment, edge, seal), newCrust);

        var setter = Plain(CompositionAddress.Firmness, 100, 50, 200, "Between 50 and 200 % of the setter as written.", Percent) / 100;
        var topping = ReadTopping(First, Topping.Icing);
        var ahead = Plain(Ahead, 14, 0, 240, "Between 0 and 240 hours.", HourWords);
        var topped = Plain(Topped, Math.Min(1, ahead), 0, 240, "Between 0 and 240 hours.", HourWords);
        if (topped > ahead)
        {
            Say(Topped, field(Topped), $"It can’t be topped before it is filled, {Number(ahead)} h ahead. Taken as {Number(ahead)} h.");
            topped = ahead;
        }

        var composition = new Composition(
            pan, crust, new(formula, ReadBatch(formula), line,
                setter)
            { Cooled = formula.Family.GoesInHot && Flag(CompositionAddress.Cooled) },
            topping, new Occasion(ahead, topped, Flag(NoOven), Flag(Vegetarian))
            {
                Without = Needs.Groups.Where(g => Flag(g.Field)).Aggregate(Allergens.None, (all, g) => all | g.Of),
                NoAlcohol = Flag(NoAlcohol),
                NoRawEgg = Flag(NoRawEgg),
                Swaps = new(AskedSwap.All.Where(s => Flag(s.Field))),
                OnTable = Plain(OnTable, Occasion.UsualOnTable, 0, 24, "Between 0 and 24 hours on the table.", HourWords),
            })
        {
            Known = string.IsNullOrEmpty(field(KnownRules))
                ? Pile.Of<string>()
                : new(field(KnownRules)!.Split(',').Where(IsName).Distinct().Take(40)),
            Oven = oven,
            Corrections = ReadLearned(),
            Over = ReadOver(),
            Under = ReadUnder(Math.Max(0, pan.Depth.Value - thick.Value - line.Value)),
        };
        return new(Named(composition).Settled(), _troubles);
    }

    /// <summary>What the kitchen had learned then; where nobody knows that any more, what it knows now.</summary>
    private CorrectionSet? ReadLearned()
    {
        if (field(Learned) is not { Length: > 0 } typed)
            return null;
        if (int.TryParse(typed, NumberStyles.None, CultureInfo.InvariantCulture, out var number) && book.Learned(number) is { } then)
            return then;
        Say(Learned, typed, "What the kitchen had learned then is not known here; it is worked out with what it knows now.");
        return null;
    }

    /// <summary>
    /// A crust with what only its kind can be asked: the wall, binder and browning of a crumb, the freezing of a rolled shell.
    /// </summary>
    private CrustChoice WithItsOwn(CrustChoice crust, bool isNew)
    {
        if (crust.Family is RolledFamily)
            return crust with { Frozen = Flag(Frozen), Unchilled = Flag(Unchilled) };
        if (crust.Family is not CrumbFamily)
            return crust;

        // A wall of which nothing is said follows the base.
        var wall = isNew || string.IsNullOrWhiteSpace(field(WallThick))
            ? crust.UsualWall
            : Length(WallThick, crust.UsualWall, 2, 12, "A pressed wall is {0} to {1} thick.");
        return crust with
        {
            Wall = Math.Abs(wall.Value - crust.UsualWall.Value) < 1e-9 ? null : wall,
            Binder = Named(BinderField, Binders, Binder.AsWritten, "a binder"),
            Browned = Flag(Browned),
        };
    }

    private Pan ReadPan()
    {
        if (field(PanField) != PanCupboard.OwnId)
            return Known(PanField, book.Pan, PanCupboard.Plate23, "pan", p => p.Id);
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
            ["g", "ml"], usualWords: false);
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
        if (thick.Value + line.Value + LeastRoom <= pan.Depth.Value)
            return (thick, line);

        // Give back what was asked too much of: first the line, then the crust.
        if (thick.Value + usualLine.Value + LeastRoom <= pan.Depth.Value)
        {
            Say(
                Line, field(Line),
                new(
                    "Nothing is left between a base {0} thick and this line. Taken as {1}.", thick.AsQuantity(),
                    usualLine.AsQuantity()));
            return (thick, usualLine);
        }

        var thin = new Millimetres(Math.Min(usualThick.Value, Math.Max(thinnest, pan.Depth.Value - LeastRoom - usualLine.Value)));
        Say(
            Thickness, field(Thickness),
            new(
                "In a pan {0} deep a base this thick leaves nothing to fill. Taken as {1}.", pan.Depth.AsQuantity(),
                thin.AsQuantity()));
        return (thin, new(Math.Min(usualLine.Value, Math.Max(0, pan.Depth.Value - LeastRoom - thin.Value))));
    }

    /// <summary>The most of one ingredient that is made into one batch, g.</summary>
    private const double MostInHand = 100_000;

    private BatchChoice ReadBatch(FillingFormula formula)
    {
        var typed = field(Make)?.Trim();
        switch (typed)
        {
            case null or "" or "exact": return BatchChoice.Exact;
            case "below": return BatchChoice.Below;
            case "above": return BatchChoice.Above;
        }

        if (typed.StartsWith(CompositionAddress.InHand, StringComparison.Ordinal))
        {
            var parts = typed[CompositionAddress.InHand.Length..].Split('~');
            if (parts is [{ Length: > 0 } of, var amount]
                    && double.TryParse(amount, NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var grams)
                    && grams is > 0 and <= MostInHand)
                return formula.Lines.Any(l => l.Ingredient.Id == of && l.Grams > 0) ? BatchChoice.From(of, new(grams)) : BatchChoice.Exact;
            Say(Make, typed, "No amount in hand that can be read. Made to fit until then.");
            return BatchChoice.Exact;
        }

        var times = Plain(Make, 0, 0.1, 50, "Between a tenth of the formula and 50 times. Made to fit until then.", ["x", "×"],
            usualWords: false);
        return times > 0 ? new(BatchKind.Times, times) : BatchChoice.Exact;
    }

    private bool Flag(string name) => field(name) is "1" or "on" or "true";

    [return: NotNullIfNotNull(nameof(usual))]
    private T? Known<T>(string name, Func<string, T?> find, T? usual, string noun, Func<T, string> id)
        where T : class
    {
        var typed = field(name);
        if (string.IsNullOrEmpty(typed))
            return usual;
        if (find(typed) is { } found)
            return found;
        Miss(name, typed, noun, usual is null ? "" : id(usual));
        return usual;
    }

    /// <summary>What is drawn in the place of a missing part bears that part's name, so that nobody takes it for what it is.</summary>
    private Composition Named(Composition c)
    {
        if (_missing.Count == 0)
            return c;
        c = c with { Missing = new(_missing) };
        string? Shown(string field) => c.Missing.FirstOrDefault(m => m.Field == field)?.Shown;
        return c with
        {
            Pan = Shown(PanField) is { } pan ? c.Pan with { Name = pan } : c.Pan,
            Crust = Shown(CrustField) is { } crust ? c.Crust with { Family = c.Crust.Family with { Name = crust } } : c.Crust,
            Filling = Shown(FillingField) is { } filling
                ? c.Filling with { Formula = c.Filling.Formula with { Name = filling } }
                : c.Filling,
            Topping = Shown(ToppingField) is { } topping
                ? c.Topping with { Topping = c.Topping.Topping with { Name = topping } }
                : c.Topping,
        };
    }

    /// <summary>Keeps a name that is not here, and says so.</summary>
    private void Miss(string name, string typed, string noun, string standIn)
    {
        var missing = new MissingPart(name, typed.Length > MissingPart.Longest ? typed[..MissingPart.Longest] : typed, noun, standIn);
        if (book.Unfit.GetValueOrDefault(typed) is { } unfit)
            missing = missing with { Name = unfit.Name, Why = unfit.Why, Holds = new(unfit.Holds) };
        _missing.Add(missing);
        var wrong = missing.Why.Length > 0 ? $"{missing.Says} {missing.Why}" : $"There is no {noun} called “{Short(typed)}” here.";
        Say(name, typed, wrong + " It stays as it is written until you choose one.");
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

    private static readonly string[] Percent = ["%"];

    private static readonly string[] HourWords = ["h", "hour", "hours"];

    /// <summary>A number, alone or with the unit that it is counted in.</summary>
    private double Plain(string name, double usual, double least, double most, string limits, string[] units, bool usualWords = true)
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

        if (!BakersNumber.TryRead(typed, out var value, out var unit) || (unit.Length > 0 && !units.Contains(unit)))
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
