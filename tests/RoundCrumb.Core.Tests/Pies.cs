using FsCheck;
using FsCheck.Fluent;
using RoundCrumb.Core.Arranging;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Toppings;

namespace RoundCrumb.Core.Tests;

/// <summary>Random pies: every composition that a baker could put together within the limits of its fields.</summary>
public static class Pies
{
    public static Composition Plain { get; } = Composition.For(
        PanCupboard.Plate23, CrustBook.ButterFlaky, FillingBook.MaltCustard, Topping.Plain);

    public static Composition Cheese { get; } = Read("pan=springform-20&crust=plain-crumb&bake=chilled&fill=lemon-cheese&top=none");

    /// <summary>
    /// The sums of an address; <c>@28</c> after it is a room of 28 °C, <c>@small</c> a kitchen with a small oven before a large one.
    /// </summary>
    public static Assessment Work(string address)
    {
        var parts = address.Split('@');
        var kitchen = parts.Length == 1 ? Kitchen.Usual : parts[1] == "small"
            ? Kitchen.Usual with { Ovens = [Small, Oven.Plain] }
            : parts[1] == "fridge" ? Kitchen.Usual with { Cold = [new("cold-1", "Tall fridge", ColdKind.Fridge, 8, new(280))] }
            : Kitchen.Usual with { Room = new(double.Parse(parts[1], System.Globalization.CultureInfo.InvariantCulture)) };
        return Assessment.Of(Read(parts[0]), 1, kitchen);
    }

    /// <summary>An oven that takes a small tin and nothing else.</summary>
    public static Oven Small { get; } = new("oven-9", "Tabletop oven", new(230), new(230), 1, true, -10);

    public static Composition Read(string address) => CompositionAddress.Read(address).Composition;

    public static Arbitrary<Composition> Any() => Arb.From(
        from pan in Gen.OneOf(Gen.Elements<Pan>([.. PanCupboard.All]), OwnPan)
        from crust in Gen.Elements<CrustFamily>([.. CrustBook.All])
        from treatment in Gen.Elements<Treatment>([.. crust.Treatments])
        from thick in Gen.Choose((int)(crust.Limits.Thinnest * 2), (int)(crust.Limits.Thickest * 2))
        from wall in Gen.Choose(0, 100)
        from edge in Gen.Elements(Edge.Trimmed, Edge.Crimped, Edge.HighFluted)
        from seal in Gen.Elements<Seal>([.. Seal.All])
        from filling in Gen.Elements<FillingFormula>([.. FillingBook.All])
        from make in Gen.Elements("exact", "below", "above", "0.5", "1", "2.5")
        from line in Gen.Choose(0, 30)
        from setter in Gen.Choose(50, 200)
        from topping in Gen.Elements<Topping>([.. Topping.All])
        from cream in Gen.Choose(2, 60)
        from ahead in Gen.Choose(0, 100)
        from topped in Gen.Choose(0, 100)
        from noOven in Gen.Elements(false, true)
        from veg in Gen.Elements(false, true)
        from binder in Gen.Elements(Enum.GetValues<Binder>())
        from pressed in Gen.Choose(0, 24)
        from second in Gen.Elements(false, true)
        from layers in Layers
        from guests in Guests
        let made = new CrustChoice(
            crust, new(thick / 2.0), new(Math.Max(crust is RolledFamily ? 10 : 0, pan.Depth.Value * wall / 100)), treatment, edge, seal)
        select Read(CompositionAddress.Write(new Composition(
            pan,
            crust is CrumbFamily
                ? made with { Binder = binder, Browned = second, Wall = pressed < 4 ? null : new(pressed / 2.0) }
                : made with { Frozen = second && crust is RolledFamily },
            new(filling, Read("make=" + make).Filling.Batch, new(line), setter / 100.0),
            ToppingChoice.Usual(topping) with { Height = new(topping.Piece is { Sliced: true } ? Math.Min(cream, 20) : cream) },
            new(ahead, Math.Min(topped, ahead), noOven, veg))) + layers + guests));

    /// <summary>Now and then guests who must not have this or that.</summary>
    private static Gen<string> Guests =>
        from many in Gen.Choose(0, 3)
        from one in Gen.Elements<string>([.. Needs.Groups.Select(g => g.Field), "no-alcohol", "no-raw"])
        from other in Gen.Elements<string>([.. Needs.Groups.Select(g => g.Field), "no-alcohol", "no-raw"])
        from table in Gen.Choose(0, 6)
        select many switch { 0 or 1 => "", 2 => $"&{one}=1", _ => $"&{one}=1&{other}=1&table={table}" };

    /// <summary>Now and then layers beneath and more on top, laid in any way.</summary>
    private static Gen<string> Layers =>
        from many in Gen.Choose(0, 5)
        from under in Gen.Elements<string>([.. FillingBook.All.Select(f => f.Id), .. PieceBook.All.Select(p => p.Id)])
        from second in Gen.Elements<string>([.. FillingBook.All.Select(f => f.Id), .. PieceBook.All.Select(p => p.Id)])
        from thick in Gen.Choose(2, 20)
        from half in Gen.Choose(0, 1)
        from extra in Gen.Elements<string>([.. Topping.All.Select(t => t.Id)])
        from pattern in Gen.Elements(Enum.GetValues<Pattern>())
        from overlap in Gen.Choose(0, 60)
        from nozzle in Gen.Choose(3, 25)
        let firstLaid = $"&top-laid={CompositionAddress.NameOf(pattern)}&top-over={overlap}&top-nozzle={nozzle}"
        select many switch
        {
            0 or 1 => "",
            2 => firstLaid,
            3 => firstLaid + $"&on1={extra}&on1-laid={CompositionAddress.NameOf(pattern)}&on1-over={overlap}&on1-nozzle={nozzle}",
            4 => $"&under1={under}&under1-high={thick}&under1-half={half}&on1={extra}",
            _ =>
                firstLaid
                    + $"&under1={under}&under1-high={thick}&under2={second}&under2-high={thick}&under2-half={half}&on1={extra}&"
                        + $"on2=dust-icing",
        };

    private static Gen<Pan> OwnPan =>
        from top in Gen.Choose(40, 600)
        from taper in Gen.Choose(50, 100)
        from depth in Gen.Choose(15, 150)
        from kind in Gen.Elements(Enum.GetValues<PanKind>())
        from material in Gen.Elements(Enum.GetValues<PanMaterial>())
        from longer in Gen.Choose(0, 300)
        from corner in Gen.Choose(0, 100)
        from watered in Gen.Choose(0, 3)
        from named in Gen.Elements("Your own pan", "Gran’s blue & white dish = 9\"")
        let floor = Math.Min(top, Math.Max(20, Math.Round(top * taper / 100.0)))
        let lean = (top - floor) / 2
        let pan = new Pan(PanCupboard.OwnId, named, kind, material, new(top), new(floor), new(depth))
        let shaped = kind is PanKind.SquareTin or PanKind.OblongTart
            ? pan with
            {
                Length = new(Math.Min(600, top + longer)),
                Corner = new(Math.Round(lean + (corner / 100.0 * ((top / 2.0) - lean)), 1)),
            }
            : pan
        select watered == 0 ? shaped with { Water = new(Math.Round(shaped.Inside.Volume.Value * 1.06)) } : shaped;
}

/// <summary>Random pies, as an argument of a property.</summary>
public static class ArbitraryPies
{
    public static Arbitrary<Composition> Composition() => Pies.Any();
}
