using RoundCrumb.Core.Faults;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Steps;
using RoundCrumb.Scheduling.Model;

namespace RoundCrumb.Scheduling.Playing;

/// <summary>What a simulated kitchen has to know of one work of a day.</summary>
/// <param name="Minutes">Minutes that hands are planned for, not rounded to the day's grid; 0 for a load.</param>
/// <param name="Tool">What it needs besides hands.</param>
/// <param name="Heat">What it is baked at, °C; none for hands.</param>
/// <param name="Pot">What is in the pot when it is done, g; none where nothing is weighed.</param>
/// <param name="Faults">What can go wrong at it.</param>
public sealed record WorkFacts(double Minutes, Tool Tool, double? Heat, double? Pot, IReadOnlyList<Fault> Faults);

/// <summary>Hours in which somebody is here.</summary>
/// <param name="Baker">Who, by id.</param>
/// <param name="From">From when.</param>
/// <param name="To">Until when.</param>
public readonly record struct HoursHere(string Baker, DateTimeOffset From, DateTimeOffset To);

/// <summary>What a simulated kitchen has to know of a day besides its plan.</summary>
/// <param name="Works">Each work of the day.</param>
/// <param name="Bakers">Who works, by id, in the order of the lanes.</param>
/// <param name="Hours">When they are here.</param>
/// <param name="Burners">Burners; 0 for no limit.</param>
/// <param name="Mixers">Mixers; 0 for no limit.</param>
/// <param name="Processors">Food processors; 0 for no limit.</param>
public sealed record KitchenFacts(
    IReadOnlyDictionary<WorkKey, WorkFacts> Works, IReadOnlyList<string> Bakers, IReadOnlyList<HoursHere> Hours, int Burners,
    int Mixers, int Processors)
{
    /// <summary>Those of a day.</summary>
    /// <param name="built">The day.</param>
    /// <param name="momentOf">When a slot of it is.</param>
    public static KitchenFacts Of(BuiltDay built, Func<int, DateTimeOffset> momentOf)
    {
        var works = new Dictionary<WorkKey, WorkFacts>();
        for (var i = 0; i < built.Day.Works.Count; i++)
        {
            if (!WorkKey.TryParse(built.Day.Works[i].Key, out var key))
                continue;
            var parts = built.WorksOf(i);
            var isLoad = built.Day.Works[i].Load is not null;
            var makes = parts.Where(p => p.Work.Steps.Any(s => p.Of.Chain.Steps[s].Kind is StepKind.MakeFilling)).ToList();
            works[key] = new(
                isLoad ? 0 : parts.Max(p => p.Work.SetUp) + parts.Sum(p => p.Work.More), built.Day.Works[i].Tool,
                parts[0].Work.Baking?.Heat.Value,
                isLoad || makes.Count == 0 ? null : makes.Sum(m => m.Of.Pie.PotMass.Value.Value * m.Work.Pies / m.Of.Order.Count),
                isLoad
                    ? []
                    :
                    [
                        .. parts.SelectMany(p => p.Work.Steps.SelectMany(
                            s => FaultBook.At(p.Of.Chain.Steps[s].Kind, p.Of.Pie.Composition))).Distinct()
                    ]);
        }

        return new(
            works, [.. built.Setting.Shifts.Select(s => s.Baker).Distinct()],
            [.. built.Setting.Shifts.Select(s => new HoursHere(s.Baker, momentOf(s.From), momentOf(s.To)))], built.Day.Burners,
            built.Day.Mixers, built.Day.Processors);
    }

    /// <summary>How many can use a tool at once; 0 for no limit.</summary>
    public int ManyOf(Tool tool) => tool switch
    {
        Tool.None => 0,
        Tool.Burner => Burners,
        Tool.Mixer => Mixers,
        Tool.Processor => Processors,
    };
}
