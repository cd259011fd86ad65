using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Advice;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Pairing;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Units;
using RoundCrumb.Web.Features.Compose;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.WhatIfs;

/// <summary>What if: from a pie to the nearest one that works, change by change.</summary>
public sealed class IndexModel(CompositionReader compositions, Preferences baker) : PageModel
{
    /// <summary>The pie that is asked of; it is not touched.</summary>
    public Composition Before { get; private set; } = Composition.Usual;

    /// <summary>The answer; none before anything is asked.</summary>
    public WhatIf? Answer { get; private set; }

    /// <summary>What is still wrong after every change; nothing where it works.</summary>
    public IReadOnlyList<Finding> StillWrong { get; private set; } = [];

    /// <summary>The answers, worked out.</summary>
    public IReadOnlyList<Assessment> Pies { get; private set; } = [];

    /// <summary>The pie as it was asked for, worked out.</summary>
    public Assessment AskedSums { get; private set; } = Assessment.Of(Composition.Usual);

    /// <summary>The scale of their drawings.</summary>
    public CutScale Scale { get; private set; }

    /// <summary>The baker's units.</summary>
    public QuantityFormatter Shown { get; } = baker.Shown;

    /// <summary>Answers the question in the address.</summary>
    public async Task OnGetAsync([Microsoft.AspNetCore.Mvc.FromQuery(Name = "if")] string? question, CancellationToken cancel)
    {
        var kitchen = await compositions.KitchenAsync(cancel);
        Before = (await compositions.ReadAsync(Request.QueryString.Value ?? "", cancel)).Composition;
        if (Question.Find(question) is { } asked)
        {
            Answer = WhatIf.Of(asked, Before, kitchen);
            StillWrong = Answer.StillWrong(kitchen);
            Pies = [.. Answer.Answers.Select(a => Assessment.Of(a.Pie, 1, kitchen))];
            Scale = CutSlice.ScaleOf(Pies.Append(Assessment.Of(Answer.Asked, 1, kitchen)));
            AskedSums = Assessment.Of(Answer.Asked, 1, kitchen);
        }
    }

    /// <summary>The address of a question of this pie.</summary>
    public string Ask(Question question) => $"{Routes.WhatIf}?if={question.Id}&{CompositionAddress.Write(Before)}";

    /// <summary>Where it is shown what an answer costs.</summary>
    public string CostAt(NearPie near) =>
        $"{Routes.WhatIfWorking}?{CostModel.To}={Uri.EscapeDataString(CompositionAddress.Write(near.Pie))}"
            + $"&{CompositionAddress.Write(Answer?.Asked ?? Before)}";

    /// <summary>A pie in Compose.</summary>
    public static string Compose(Composition c) => Routes.Compose + "?" + CompositionAddress.Write(c);

    /// <summary>What differs between two pies, in a few words.</summary>
    public IEnumerable<(string What, string Was, string Now)> Differences(Composition after)
    {
        var b = Before;
        if (b.Pan.Id != after.Pan.Id)
            yield return ("Pan", b.Pan.Name, after.Pan.Name);
        if (b.Crust.Family != after.Crust.Family || b.Crust.Treatment != after.Crust.Treatment)
            yield return (
                "Crust", $"{b.Crust.Family.Name}, {ComposeView.NameOf(b.Crust.Treatment).ToLowerInvariant()}",
                $"{after.Crust.Family.Name}, {ComposeView.NameOf(after.Crust.Treatment).ToLowerInvariant()}");
        if (b.Crust.Seal != after.Crust.Seal)
            yield return ("Seal", b.Crust.Seal.Name, after.Crust.Seal.Name);
        if (b.Under.Count != after.Under.Count)
            yield return (
                "Beneath", string.Join(", ", b.Under.Select(u => u.Name)),
                after.Under.Count == 0 ? "nothing" : string.Join(", ", after.Under.Select(u => u.Name)));
        if (b.Filling.Formula != after.Filling.Formula || b.Filling.Cooled != after.Filling.Cooled)
            yield return ("Filling", Said(b.Filling), Said(after.Filling));
        var (was, now) = (
            string.Join(", ", b.Toppings.Select(t => t.Topping.Name)), string.Join(", ", after.Toppings.Select(t => t.Topping.Name)));
        if (was != now)
            yield return ("On top", was.Length == 0 ? "nothing" : was, now.Length == 0 ? "nothing" : now);
        if (b.Occasion.FilledAhead != after.Occasion.FilledAhead)
            yield return (
                "Filled ahead", Shown.Say(new Quantity(b.Occasion.FilledAhead * 60, Dimension.Time)),
                Shown.Say(new Quantity(after.Occasion.FilledAhead * 60, Dimension.Time)));
        if (b.Occasion.OnTable != after.Occasion.OnTable)
            yield return (
                "On the table", Shown.Say(new Quantity(b.Occasion.OnTable * 60, Dimension.Time)),
                Shown.Say(new Quantity(after.Occasion.OnTable * 60, Dimension.Time)));

        static string Said(FillingChoice filling) => filling.Formula.Name + (filling.Cooled ? ", cooled before it is poured" : "");
    }
}
