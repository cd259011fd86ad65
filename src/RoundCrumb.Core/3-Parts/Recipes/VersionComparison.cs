using RoundCrumb.Core.Ingredients;

namespace RoundCrumb.Core.Recipes;

/// <summary>What became of a line from one version to another.</summary>
public enum LineChange
{
    /// <summary>Alike in both.</summary>
    Same,

    /// <summary>In both, and different.</summary>
    Changed,

    /// <summary>In the later version only.</summary>
    Added,

    /// <summary>In the earlier version only.</summary>
    Removed,
}

/// <summary>A line in one version beside the same in another.</summary>
/// <param name="Change">What became of it.</param>
/// <param name="Ingredient">What it is.</param>
/// <param name="Before">As it was; none when it was added.</param>
/// <param name="After">As it is; none when it was removed.</param>
public sealed record ComparedLine(LineChange Change, Ingredient Ingredient, RecipeLine? Before, RecipeLine? After)
{
    /// <summary>Grams more or less.</summary>
    public double Difference => (After?.Mass ?? 0) - (Before?.Mass ?? 0);
}

/// <summary>Two versions of a part, line by line.</summary>
/// <param name="Lines">In the order of the later version; what was removed stands where it was.</param>
/// <param name="Before">Facts of the earlier one.</param>
/// <param name="After">Facts of the later one.</param>
public sealed record VersionComparison(IReadOnlyList<ComparedLine> Lines, PartFacts Before, PartFacts After)
{
    /// <summary>Compares two versions. A line is the same line when it is the same ingredient for the same time.</summary>
    public static VersionComparison Of(PartRecipe before, PartRecipe after)
    {
        var left = before.Lines.ToList();
        var lines = new List<ComparedLine>(after.Lines.Count + 2);
        foreach (var line in after.Lines)
        {
            var at = left.FindIndex(l => l.Ingredient.Id == line.Ingredient.Id);
            if (at < 0)
            {
                lines.Add(new(LineChange.Added, line.Ingredient, null, line));
                continue;
            }

            // What stands before it and never comes again was removed.
            for (var i = 0; i < at;)
            {
                if (after.Lines.Any(l => l.Ingredient.Id == left[i].Ingredient.Id))
                {
                    i++;
                    continue;
                }

                lines.Add(new(LineChange.Removed, left[i].Ingredient, left[i], null));
                left.RemoveAt(i);
                at--;
            }

            var was = left[at];
            left.RemoveAt(at);
            var same = was.Grams == line.Grams && was.GoesIn == line.GoesIn && was.Note == line.Note && was.Optional == line.Optional;
            lines.Add(new(same ? LineChange.Same : LineChange.Changed, line.Ingredient, was, line));
        }

        lines.AddRange(left.Select(l => new ComparedLine(LineChange.Removed, l.Ingredient, l, null)));
        return new(lines, PartFacts.Of(before), PartFacts.Of(after));
    }
}
