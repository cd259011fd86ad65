using RoundCrumb.Core.Recipes;

namespace RoundCrumb.Formats.Import;

/// <summary>One part of a recipe from elsewhere: what stood under one heading.</summary>
/// <param name="Heading">The heading; empty where there was none.</param>
/// <param name="Lines">Its ingredient lines, one a line.</param>
/// <param name="Method">What was said of making it; empty where that stood elsewhere.</param>
public sealed record ImportedSection(string Heading, string Lines, string Method = "")
{
    /// <summary>Its family, where the source says so.</summary>
    public string FamilyId { get; init; } = "";

    /// <summary>Its kind, where the source says so.</summary>
    public PartKind? Kind { get; init; }
}

/// <summary>A recipe from elsewhere.</summary>
/// <param name="Title">Its title; empty where there was none.</param>
/// <param name="Sections">Its parts, in their order.</param>
/// <param name="Method">Its method, for all parts together.</param>
public sealed record ImportedRecipe(string Title, IReadOnlyList<ImportedSection> Sections, string Method)
{
    /// <summary>True where it had no headings, and was parted by what belongs together.</summary>
    public bool IsParted { get; init; }

    /// <summary>What it says of how many it serves or makes; empty for nothing.</summary>
    public string Serves { get; init; } = "";

    /// <summary>Lines that were broken in the wrong place and are one now.</summary>
    public IReadOnlyList<JoinedLine> Joins { get; init; } = [];

    /// <summary>
    /// What is in no part: lines over a limit, and what of the method and of the words about the recipe has an amount, or names an allergen
    /// that no part has.
    /// </summary>
    public IReadOnlyList<string> NotUsed { get; init; } = [];
}

/// <summary>Two lines of a paste that are taken for one.</summary>
/// <param name="First">As the first was written.</param>
/// <param name="Second">As the second was written.</param>
/// <param name="Whole">As they are read.</param>
public sealed record JoinedLine(string First, string Second, string Whole);

/// <summary>What came of reading a file or a pasted text.</summary>
/// <param name="Recipes">Recipes in it; several for a page with several.</param>
/// <param name="Box">The box it is, when it was exported from Round Crumb.</param>
/// <param name="Trouble">Why nothing, or not all, could be taken; empty when all is well.</param>
public sealed record ImportResult(IReadOnlyList<ImportedRecipe> Recipes, BoxDocument? Box, string Trouble)
{
    /// <summary>Nothing, and why.</summary>
    public static ImportResult Failed(string why) => new([], null, why);
}
