using System.Globalization;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Pairing;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Steps;

namespace RoundCrumb.Application.Box;

/// <summary>In which order pies are shown.</summary>
public enum PieSort
{
    /// <summary>Those changed last first.</summary>
    Changed,

    /// <summary>By name.</summary>
    Name,

    /// <summary>Those that take least of a baker’s hands first.</summary>
    Hands,

    /// <summary>Those that are soonest to be sliced first.</summary>
    Time,
}

/// <summary>Which of the saved pies are asked for.</summary>
public sealed record PieFilter
{
    /// <summary>The hours within which a pie can be wanted.</summary>
    public static IReadOnlyList<int> Hours { get; } = [3, 6, 12, 24];

    /// <summary>A pan that fits differs no more than this from the pie’s own; see <see cref="StandIn.Misfit"/>.</summary>
    private const double MostMisfit = 0.5;

    /// <summary>Words of its name; empty for all.</summary>
    public string Words { get; init; } = "";

    /// <summary>The family of its filling by its id; empty for all.</summary>
    public string Family { get; init; } = "";

    /// <summary>True for those that need no oven.</summary>
    public bool NoOven { get; init; }

    /// <summary>What must not be in it.</summary>
    public Allergens Without { get; init; }

    /// <summary>Hours from the first step to the first slice, at the least; none for however long.</summary>
    public int? Within { get; init; }

    /// <summary>A tag; empty for all.</summary>
    public string Tag { get; init; } = "";

    /// <summary>The key of a pan that it fits; empty for all.</summary>
    public string Pan { get; init; } = "";

    /// <summary>In which order.</summary>
    public PieSort Sort { get; init; }

    /// <summary>True where nothing is left out.</summary>
    public bool IsOpen => this with { Sort = PieSort.Changed } == new PieFilter();

    /// <summary>Reads it from the fields of an address; what cannot be read asks for nothing.</summary>
    /// <param name="field">Gives a field’s value, or none.</param>
    public static PieFilter Read(Func<string, string?> field)
    {
        string Text(string name) => field(name) is { Length: <= 100 } text ? text.Trim() : "";
        var without = Allergens.None;
        foreach (var (name, _, of) in Needs.Groups)
        {
            if (field(name) == "1")
                without |= of;
        }

        return new()
        {
            Words = Text("q"),
            Family = Text("family"),
            NoOven = field("oven") == "none",
            Without = without,
            Within = int.TryParse(field("within"), CultureInfo.InvariantCulture, out var hours) && Hours.Contains(hours) ? hours : null,
            Tag = Text("tag"),
            Pan = Text("fits"),
            Sort = Enum.TryParse<PieSort>(field("sort"), ignoreCase: true, out var sort) && Enum.IsDefined(sort) ? sort : PieSort.Changed,
        };
    }

    /// <summary>True for a pie that is asked for; name and tag are not looked at.</summary>
    /// <param name="pie">The pie.</param>
    /// <param name="pan">The pan that it has to fit; none for any.</param>
    public bool Takes(Assessment pie, Pan? pan)
    {
        var c = pie.Composition;
        if (Family.Length > 0 && c.Filling.Formula.Family.Id != Family)
            return false;
        if (Within is { } hours && pie.Times.StartToSlice.Value.Least > hours * 60)
            return false;
        if (NoOven && pie.Chain.Steps.Any(s => s.Where is Place.Oven))
            return false;
        if (pan is not null && pan.Key != c.Pan.Key && !StandIn.For(pie, [new(pan, null)]).Any(s => s.Count == 1 && s.Misfit <= MostMisfit))
            return false;
        return Without is Allergens.None
            || !Held.MayHave(c, Without);
    }
}
