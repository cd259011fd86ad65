namespace RoundCrumb.Core.Kitchens;

/// <summary>One way of two or more that are both right.</summary>
/// <param name="Id">Stable short name.</param>
/// <param name="Name">What a baker calls it.</param>
/// <param name="Buys">What it buys.</param>
public sealed record SchoolWay(string Id, string Name, string Buys);

/// <summary>A matter on which bakers differ.</summary>
/// <param name="Id">Stable short name; the rule that speaks of it has the same.</param>
/// <param name="Name">What it is about.</param>
/// <param name="Ways">The ways, in no order of merit.</param>
public sealed record School(string Id, string Name, IReadOnlyList<SchoolWay> Ways);

/// <summary>What a house has settled: for each school the way it goes by.</summary>
public sealed class Schools
{
    private readonly Dictionary<string, string> _ways;

    private Schools(Dictionary<string, string> ways) => _ways = ways;

    /// <summary>Nothing is settled.</summary>
    public static Schools None { get; } = new([]);

    /// <summary>All schools that there are.</summary>
    public static IReadOnlyList<School> All { get; } =
    [
        new(
            "hot-or-steady", "Blind bake",
            [
                new("hot", "hot start", "sets the layers before the butter runs"),
                new("steady", "steady oven", "even colour, least shrinkage")
            ]),
        new(
            "butter-or-shortening", "Fat in flaky dough",
            [new("butter", "butter", "flavour"), new("shortening", "shortening", "the tenderest flake, easier in a warm room")]),
        new(
            "baked-or-chilled", "Crumb under a cold filling",
            [new("baked", "baked", "crisper, holds for days"), new("chilled", "chilled", "softer, no oven")]),
        new(
            "yolks-or-eggs", "Egg in a custard",
            [
                new("yolks", "yolks only", "richer and yellower; whites to use up"),
                new("eggs", "whole eggs", "lighter and paler; nothing left over")
            ]),
        new(
            "cornflour-or-flour", "What thickens a custard",
            [new("cornflour", "cornflour (cornstarch)", "clear and quick"), new("flour", "flour", "softer; it must cook longer")]),
        new(
            "hot-or-cooled", "Custard into the shell",
            [
                new("hot", "hot", "levels itself; the film goes on at once"),
                new("cooled", "cooled", "the base stays crisper; it goes in lumpier")
            ]),
        new(
            "sweet-or-plain", "Cream on a sweet filling",
            [new("sweet", "sweetened", "what most guests expect"), new("plain", "plain", "rests the tongue from the filling")]),
        new(
            "ahead-or-at-serving", "When it is topped",
            [new("ahead", "ahead", "one job less at the counter"), new("at-serving", "at serving", "the topping is at its best")]),
        new(
            "water-or-vinegar", "What wets a flaky dough",
            [
                new("water", "water", "nothing to taste"),
                new("vinegar", "a splash of vinegar or spirit", "a little more tender; it changes little")
            ]),
    ];

    /// <summary>The school with this id, or none.</summary>
    public static School? Find(string id) => All.FirstOrDefault(s => s.Id == id);

    /// <summary>What a house goes by, read from <c>school:way,school:way</c>; what is not known is left out.</summary>
    public static Schools Read(string? text) => new((text ?? "").Split(',', StringSplitOptions.RemoveEmptyEntries).Select(p => p.Split(':'))
        .Where(p => p.Length == 2 && Find(p[0])?.Ways.Any(w => w.Id == p[1]) is true).GroupBy(p => p[0])
            .ToDictionary(g => g.Key, g => g.Last()[1], StringComparer.Ordinal));

    /// <summary>The way this house goes by, or none where nothing is settled.</summary>
    public string? WayOf(string school) => _ways.GetValueOrDefault(school);

    /// <summary>The same with one settled, or unsettled.</summary>
    public Schools With(string school, string? way)
    {
        var ways = new Dictionary<string, string>(_ways, StringComparer.Ordinal);
        ways.Remove(school);
        if (way is not null && Find(school)?.Ways.Any(w => w.Id == way) is true)
            ways[school] = way;
        return new(ways);
    }

    /// <summary>As text that reads back.</summary>
    public override string ToString() =>
        string.Join(',', _ways.OrderBy(w => w.Key, StringComparer.Ordinal).Select(w => $"{w.Key}:{w.Value}"));
}
