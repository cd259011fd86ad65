using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Steps;
using RoundCrumb.Core.Toppings;
using RoundCrumb.Core.Units;

namespace RoundCrumb.Core.Tests.Methods;

/// <summary>A plan may use the most of every wait: none of them is longer than the sheet's own cautions allow.</summary>
public class ColdTimeTests
{
    private static readonly QuantityFormatter Plain = new(UnitChoice.Usual);

    public static TheoryData<double, int> Rooms => new() { { 16, 1 }, { 18, 1 }, { 21, 1 }, { 24, 2 }, { 28, 1 } };

    private static string Words(Caution caution) => Plain.Say(caution.Says);

    /// <summary>
    /// What must be kept cold is out of the fridge for two hours at the most, all waits at their longest and the hands with them, from
    /// when it is taken out until it is back in the cold or cooked.
    /// </summary>
    [Theory]
    [MemberData(nameof(Rooms))]
    public void What_must_be_kept_cold_is_never_out_longer_than_its_caution_allows(double room, int pies)
    {
        var over = new List<string>();
        var counted = 0;
        foreach (var filling in FillingBook.All)
        {
            var kitchen = Kitchen.Usual with { Room = new(room) };
            var steps = Assessment.Of(Composition.For(PanCupboard.Plate23, CrustBook.ButterFlaky, filling, Topping.Plain), pies, kitchen)
                .Chain.Steps.Where(s => s.Part is StepPart.Filling or StepPart.Assembly).ToList();
            if (!steps.Exists(s => Plain.Say(s.Caution) == Words(Cautions.ColdChain)))
                continue;
            var (out_, hot) = (0.0, false);
            foreach (var step in steps)
            {
                // What heats it through or puts it back begins anew.
                if (step.Where is Place.Fridge or Place.Freezer or Place.Oven or Place.Hob)
                {
                    (out_, hot) = (0, true);
                    continue;
                }

                // The minute in which it is carried to the rack is not cold yet.
                out_ += (hot ? 0 : step.HandsOn) + step.Wait.Most;
                hot = false;
                counted++;
                if (out_ > Cautions.OutOfTheFridge)
                    over.Add($"{filling.Id}: {out_:0} min at “{Plain.Say(step.Do)}”");
            }
        }

        over.ShouldBeEmpty();
        counted.ShouldBeGreaterThan(5);
    }

    /// <summary>
    /// Rich in egg: to 21 °C within two hours of the heat, so nothing keeps it in the room for longer; what may drain longer does so in
    /// the fridge, and says it.
    /// </summary>
    [Theory]
    [MemberData(nameof(Rooms))]
    public void What_is_rich_in_egg_never_waits_in_the_room_for_longer_than_two_hours(double room, int pies)
    {
        var over = new List<string>();
        foreach (var filling in FillingBook.All)
        {
            var kitchen = Kitchen.Usual with { Room = new(room) };
            var steps = Assessment.Of(Composition.For(PanCupboard.Plate23, CrustBook.ButterFlaky, filling, Topping.Plain), pies, kitchen)
                .Chain.Steps;
            if (!steps.Any(s => Plain.Say(s.Caution) == Words(Cautions.EggRich)))
                continue;
            over.AddRange(
                steps.Where(s => s.Part is StepPart.Filling or StepPart.Assembly
                        && s.Where is Place.Bench or Place.Hob or Place.Mixer && s.Wait.Most > 120
                        && !Plain.Say(s.Do).Contains("butter out to soften", StringComparison.Ordinal))
                    .Select(s => $"{filling.Id}: {s.Wait.Most:0} min at “{Plain.Say(s.Do)}”"));
        }

        over.ShouldBeEmpty();
    }

    /// <summary>
    /// A 250 g piece takes 2 h 10 in a room of 20 °C and may stand out 1 h 30 to soften: it is cut small, and nobody is told to wait for
    /// the piece.
    /// </summary>
    [Theory]
    [InlineData(20, "longer than it may stand out")]
    [InlineData(17, "longer than it may stand out")]
    [InlineData(30, "in one piece in this room")]
    public void Cheese_that_would_stand_out_too_long_is_cut_small(double room, string says)
    {
        var filling = FillingBook.All.First(f => f.Lines.Any(l => l.Ingredient.Is(Traits.CreamCheese)));
        var step = Assessment.Of(
                Composition.For(PanCupboard.Plate23, CrustBook.ButterFlaky, filling, Topping.Plain), 1,
                Kitchen.Usual with { Room = new(room) })
            .Chain.Steps.First(s => Plain.Say(s.Do).Contains("cream cheese out", StringComparison.Ordinal));
        Plain.Say(step.Do).ShouldContain(says);
        step.Wait.Most.ShouldBeLessThanOrEqualTo(90);
        step.Wait.Best.ShouldBeLessThanOrEqualTo(step.Wait.Most);
    }
}
