using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Toppings;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Steps;

/// <summary>How long it all takes and how long it lasts.</summary>
/// <param name="HandsOn">Minutes of hands, all steps.</param>
/// <param name="Waiting">Minutes of waiting along the longer of crust and filling, and then in the fridge.</param>
/// <param name="StartToSlice">From the first step to the first slice.</param>
/// <param name="Keeps">From filling to the last good slice: best within, at most.</param>
/// <param name="CreamHolds">How long the topping holds; none without one.</param>
public sealed record Times(
    Worked<MinuteRange> HandsOn, Worked<MinuteRange> Waiting, Worked<MinuteRange> StartToSlice, Worked<MinuteRange> Keeps,
    Worked<MinuteRange>? CreamHolds)
{
    /// <summary>The times of a chain.</summary>
    public static Times Of(StepChain chain, Composition c)
    {
        var waits = new MinuteRange[4];
        var hands = new double[4];
        foreach (var step in chain.Steps)
        {
            waits[(int)step.Part] += step.Wait;
            hands[(int)step.Part] += step.HandsOn;
        }

        var total = new Worked<MinuteRange>(
            "hands-on", "Hands on", MinuteRange.Of(hands.Sum()), "hands of every step added up",
            Hands("crust", StepPart.Crust), Hands("filling", StepPart.Filling), Hands("filling the shell", StepPart.Assembly),
            Hands("topping", StepPart.Topping));

        // Two branches side by side: the longer one decides, for least, best and most alike.
        var crust = waits[(int)StepPart.Crust] + MinuteRange.Of(hands[(int)StepPart.Crust]);
        var filling = waits[(int)StepPart.Filling] + MinuteRange.Of(hands[(int)StepPart.Filling]);
        var crustFirst = crust.Best >= filling.Best;
        var branch = crustFirst ? StepPart.Crust : StepPart.Filling;
        var waiting = new Worked<MinuteRange>(
            "waiting", "Waiting", waits[(int)branch] + waits[(int)StepPart.Assembly] + waits[(int)StepPart.Topping],
            "waits of the longer branch + setting",
            Term.Given(crustFirst ? "crust, the longer branch" : "filling, the longer branch", waits[(int)branch]), Term.Of(chain.SetTime));
        var path = new Worked<MinuteRange>(
            "start-to-slice", "From start to slice",
            waiting.Value + MinuteRange.Of(hands[(int)branch] + hands[(int)StepPart.Assembly] + hands[(int)StepPart.Topping]),
            "waiting + hands along the longer branch, filling the shell and topping",
            Term.Of(waiting),
            Term.Given(
                "hands along the way",
                MinuteRange.Of(hands[(int)branch] + hands[(int)StepPart.Assembly] + hands[(int)StepPart.Topping])));

        // Of several fillings the one that is soonest past its best decides.
        var (best, most) = c.Fillings.Select(f => f.Family.Keeps).OrderBy(k => k.Most.Usual).ThenBy(k => k.Best.Usual).First();
        var keeps = new Worked<MinuteRange>(
            "keeps", "Keeps", new(best.Usual, best.Usual, most.Usual), "from filling, cold: best within, at most", best, most);
        // What is put on as it is served has no time to wait for.
        var laid = c.Toppings.TakeWhile(t => t.Topping.GoesOn is not GoesOn.AtServing).ToList();
        var first = laid.OrderBy(t => t.Topping.Holds.Most).FirstOrDefault();
        var holds = first is null
            ? null
            : new Worked<MinuteRange>(
                "cream-holds",
                laid.Count > 1
                    ? first.Topping.Name + " holds"
                    : first.Topping.Kind is ToppingKind.Whipped ? "The cream holds"
                    : "The topping holds",
                first.Topping.Holds, first.Topping.Kind is ToppingKind.Whipped ? "by what holds it up, cold" : "until this ends it",
                Term.Given(first.Topping.Why, first.Topping.Holds));
        return new(total, waiting, path, keeps, holds);

        Term Hands(string name, StepPart part) => Term.Given(name, MinuteRange.Of(hands[(int)part]));
    }
}
