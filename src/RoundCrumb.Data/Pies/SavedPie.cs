using RoundCrumb.Core.Recipes;
using RoundCrumb.Data.Storage;

namespace RoundCrumb.Data.Pies;

/// <summary>A pie kept by name. What it is made of is its address; reading that is the core's work.</summary>
public sealed class SavedPie : INamed, IComposed
{
    /// <summary>The longest name that is kept, characters.</summary>
    public const int LongestName = PartLimits.Name;

    public int Id { get; set; }

    public required string Name { get; set; }

    /// <inheritdoc/>
    public string NameKey { get; set; } = "";

    /// <summary>The composition, as written by the core.</summary>
    public required string Address { get; set; }

    /// <summary>Tags, parted by blanks.</summary>
    public string Tags { get; set; } = "";

    public DateTimeOffset SavedAt { get; set; }

    /// <summary>Counts up at every change, so that a form filled in before somebody else's change is noticed.</summary>
    public int Version { get; set; } = 1;

    /// <summary>When it was deleted; it can be brought back until it is cleared away.</summary>
    public DateTimeOffset? DeletedAt { get; set; }

    /// <inheritdoc/>
    public List<PartUse> Uses { get; } = [];
}
