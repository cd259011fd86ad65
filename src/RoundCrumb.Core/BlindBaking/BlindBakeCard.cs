using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.BlindBaking;

/// <summary>One stage at the oven, or of cooling.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="Heat">What the oven is set to; none for a stage out of the oven.</param>
/// <param name="Minutes">How long.</param>
/// <param name="Weighted">True when the shell is held down with rice or beans.</param>
/// <param name="Cue">When it is done, to eye and hand.</param>
public sealed record BakeStage(string Name, Worked<OvenCelsius>? Heat, Worked<MinuteRange> Minutes, bool Weighted, string Cue);

/// <summary>How a crust is baked, or chilled, before its filling goes in.</summary>
/// <param name="Treatment">Which school.</param>
/// <param name="Stages">In order.</param>
/// <param name="Weights">Grams of rice or beans; none for crumb.</param>
/// <param name="Why">What this school buys.</param>
public sealed record BlindBakeCard(Treatment Treatment, IReadOnlyList<BakeStage> Stages, Worked<Grams>? Weights, string Why)
{
    /// <summary>The highest oven setting on the card, or none for a card without an oven.</summary>
    public OvenCelsius? Oven => Stages.FirstOrDefault(s => s.Heat is not null)?.Heat?.Value;

    /// <summary>The card for a crust in a pan. Every filling so far goes into a shell that is baked right through.</summary>
    public static BlindBakeCard For(CrustChoice choice, Pan pan, LinedPan lined) => choice.Treatment switch
    {
        Treatment.HotStart => Rolled(choice, pan, lined, BlindBakeConstants.HotOven, BlindBakeConstants.HotWeighted, BlindBakeConstants.HotOpen,
            "A hot oven sets the layers before the butter runs out of them. Shield the edge; drop to 190 °C if the rim runs ahead."),
        Treatment.Steady => Rolled(choice, pan, lined, BlindBakeConstants.SteadyOven, BlindBakeConstants.SteadyWeighted, BlindBakeConstants.SteadyOpen,
            "A moderate oven throughout gives an even colour and shrinks least."),
        Treatment.Baked => Crumb(choice, pan),
        _ => Chilled(),
    };

    private static BlindBakeCard Rolled(CrustChoice choice, Pan pan, LinedPan lined, Constant oven, (Constant Low, Constant High) weighted, (Constant Low, Constant High) open, string why)
    {
        var weights = new Worked<Grams>(
            "weights", "Baking weights", new(lined.Within.Volume.Value * CrustConstants.WeightDensity.Usual),
            "room inside the lined shell × g/ml of rice or beans: to the rim, not only a layer",
            Term.Given("room inside the lined shell", lined.Within.Volume), CrustConstants.WeightDensity);
        var thickness = new Factor(choice.Thickness.Value / BlindBakeConstants.TableThickness.Usual);
        var material = PanConstants.BakeFactor(pan.Material);
        var size = pan.IsSmall ? PanConstants.SmallShell : null;
        var heat = new Worked<OvenCelsius>("oven", "Oven", new(oven.Usual), "the school's own heat", oven);
        var stages = new List<BakeStage>(4)
        {
            new("Weighted", heat, Adjusted("bake-weighted", "Weighted bake", weighted, thickness, material, size), true, "edge set and matt, paper lifts clean"),
            new("Open", heat, Adjusted("bake-open", "Open bake", open, thickness, material, size), false, "base dry and golden; press a puffed base down with a spoon"),
        };
        AddSeal(stages, choice.Seal, heat);
        stages.Add(Cooling(BlindBakeConstants.CoolShell, "cold to the back of the hand"));
        return new(choice.Treatment, stages, weights, why);
    }

    private static BlindBakeCard Crumb(CrustChoice choice, Pan pan)
    {
        var material = PanConstants.BakeFactor(pan.Material);
        var heat = new Worked<OvenCelsius>("oven", "Oven", new(BlindBakeConstants.CrumbOven.Usual), "the usual heat for crumb", BlindBakeConstants.CrumbOven);
        var (low, high) = BlindBakeConstants.CrumbBake;
        var minutes = new Worked<MinuteRange>(
            "bake-open", "Bake", MinuteRange.Between(low.Usual, high.Usual) * material.Usual,
            "table minutes × pan material", low, high, material);
        var stages = new List<BakeStage>(3) { new("Bake", heat, minutes, false, "smells toasted, edge a shade darker, firm when cool") };
        AddSeal(stages, choice.Seal, heat);
        stages.Add(Cooling(BlindBakeConstants.CoolShell, "quite cold: a warm crumb crust drinks the filling"));
        return new(choice.Treatment, stages, null, "Baked crumb is crisper and holds under a wet filling.");
    }

    private static BlindBakeCard Chilled()
    {
        var (low, high) = BlindBakeConstants.CrumbChill;
        var minutes = new Worked<MinuteRange>(
            "chill", "Chill", MinuteRange.Between(low.Usual, high.Usual), "table minutes; 20 in the freezer do as well", low, high);
        return new(
            Treatment.Chilled, [new("Chill", null, minutes, false, "firm to a knuckle")], null,
            "Chilled crumb is softer and needs no oven: for no-bake days.");
    }

    private static void AddSeal(List<BakeStage> stages, Seal seal, Worked<OvenCelsius> heat)
    {
        if (seal == Seal.None)
            return;
        if (seal.NeedsOven)
        {
            stages.Add(new("Seal", heat, new Worked<MinuteRange>(
                "bake-seal", seal.Name + ", back in the oven", seal.OvenMinutes, "table minutes for this seal",
                Term.Given(seal.Name, seal.OvenMinutes)), false, seal.Cue));
        }
        else
        {
            stages.Add(new("Seal", null, new Worked<MinuteRange>(
                "bake-seal", seal.Name + ", left to set", MinuteRange.Between(15, 30), "on the cooled shell, in a cool room",
                Term.Given(seal.Name, MinuteRange.Between(15, 30))), false, seal.Cue));
        }
    }

    private static Worked<MinuteRange> Adjusted(string id, string name, (Constant Low, Constant High) table, Factor thickness, Constant material, Constant? size) => new(
        id, name, MinuteRange.Between(table.Low.Usual, table.High.Usual) * (thickness.Value * material.Usual * (size?.Usual ?? 1)),
        "table minutes × thickness ÷ 3 mm × pan material" + (size is null ? "" : " × small shell"),
        [table.Low, table.High, Term.Given("thickness ÷ 3 mm", thickness), material, .. size is null ? Array.Empty<Term>() : [size]]);

    private static BakeStage Cooling((Constant Low, Constant High) table, string cue) => new(
        "Cool", null, new Worked<MinuteRange>("cool-shell", "Cool the shell", MinuteRange.Between(table.Low.Usual, table.High.Usual), "on a rack, least to most", table.Low, table.High), false, cue);
}
