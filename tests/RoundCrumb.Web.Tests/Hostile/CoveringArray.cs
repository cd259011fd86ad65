namespace RoundCrumb.Web.Tests.Hostile;

/// <summary>Rows of choices in which every pair of two parameters' choices comes together at least once.</summary>
internal static class CoveringArray
{
    /// <summary>So many rows are tried for each that is taken.</summary>
    private const int Candidates = 12;

    /// <summary>The rows; of each row one choice for each parameter.</summary>
    /// <param name="parameters">How many parameters; 1 or more.</param>
    /// <param name="choices">How many choices each has.</param>
    /// <param name="random">Draws.</param>
    public static IReadOnlyList<int[]> Of(int parameters, int choices, Random random)
    {
        var open = new HashSet<(int, int, int, int)>();
        for (var a = 0; a < parameters; a++)
        {
            for (var b = a + 1; b < parameters; b++)
            {
                for (var x = 0; x < choices; x++)
                {
                    for (var y = 0; y < choices; y++)
                        open.Add((a, x, b, y));
                }
            }
        }

        if (parameters == 1)
            return [.. Enumerable.Range(0, choices).Select(c => new[] { c })];
        var rows = new List<int[]>();
        while (open.Count > 0)
        {
            // One pair that is open is always in it, so that every row gets on.
            var (first, x, second, y) = open.First();
            var best = Enumerable.Range(0, Candidates).Select(_ =>
            {
                var row = Enumerable.Range(0, parameters).Select(_ => random.Next(choices)).ToArray();
                (row[first], row[second]) = (x, y);
                return row;
            }).MaxBy(r => Pairs(r).Count(open.Contains))!;
            open.ExceptWith(Pairs(best));
            rows.Add(best);
        }

        return rows;
    }

    /// <summary>How many pairs of so many parameters there are to cover.</summary>
    public static int Number(int parameters, int choices) => parameters * (parameters - 1) / 2 * choices * choices;

    /// <summary>How many pairs some rows cover.</summary>
    public static int Covered(IEnumerable<int[]> rows) => rows.SelectMany(Pairs).ToHashSet().Count;

    private static IEnumerable<(int, int, int, int)> Pairs(int[] row)
    {
        for (var a = 0; a < row.Length; a++)
        {
            for (var b = a + 1; b < row.Length; b++)
                yield return (a, row[a], b, row[b]);
        }
    }
}
