using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Data.Storage;

namespace RoundCrumb.Data.Recipes;

/// <summary>A crust, filling or topping of the baker's own, by name; its recipe is in its versions.</summary>
public sealed class Part : INamed
{
    /// <summary>The longest name that is kept, characters.</summary>
    public const int LongestName = PartLimits.Name;

    /// <summary>The longest text of lines that is kept, characters.</summary>
    public const int LongestText = PartLimits.Text;

    /// <summary>The longest list of tags that is kept, characters.</summary>
    public const int LongestTags = PartLimits.Tags;

    public int Id { get; set; }

    public PartKind Kind { get; set; }

    public required string Name { get; set; }

    /// <inheritdoc/>
    public string NameKey { get; set; } = "";

    /// <summary>Tags, parted by blanks.</summary>
    public string Tags { get; set; } = "";

    /// <summary>The version that is offered.</summary>
    public int Current { get; set; } = 1;

    public DateTimeOffset SavedAt { get; set; }

    /// <summary>Counts up at every change, so that a form filled in before somebody else's change is noticed.</summary>
    public int Stamp { get; set; } = 1;

    /// <summary>When it was deleted; it can be brought back, and pies that use it keep it.</summary>
    public DateTimeOffset? DeletedAt { get; set; }

    public List<PartVersion> Versions { get; set; } = [];
}

/// <summary>One version of a part. It does not change once a pie or a bake uses it.</summary>
public sealed class PartVersion
{
    public int PartId { get; set; }

    public int Number { get; set; }

    /// <summary>The lines as the baker wrote them.</summary>
    public required string Text { get; set; }

    /// <summary>How it is made, in the baker's words.</summary>
    public string Method { get; set; } = "";

    public required string FamilyId { get; set; }

    public CupSize Cup { get; set; }

    public EggSize Egg { get; set; }

    public double? MethodLoss { get; set; }

    public double? FillLine { get; set; }

    public double? Rest { get; set; }

    /// <summary>The lines as they were understood, as JSON.</summary>
    public required string Lines { get; set; }

    public DateTimeOffset SavedAt { get; set; }
}

/// <summary>An ingredient of the baker's own.</summary>
public sealed class OwnIngredient : INamed
{
    public int Id { get; set; }

    /// <summary>Its id in recipes, such as <c>own-mill-flour</c>.</summary>
    public required string Slug { get; set; }

    public required string Name { get; set; }

    /// <inheritdoc/>
    public string NameKey { get; set; } = "";

    /// <summary>Other names, parted by |.</summary>
    public string OtherNames { get; set; } = "";

    /// <summary>The ingredient it was made from.</summary>
    public required string From { get; set; }

    /// <summary>Its values, as JSON.</summary>
    public required string Values { get; set; }

    public DateTimeOffset SavedAt { get; set; }

    /// <summary>Counts up at every change, so that a form filled in before somebody else's change is noticed.</summary>
    public int Version { get; set; } = 1;
}

/// <summary>Words that the baker has said stand for an ingredient.</summary>
public sealed class RememberedName
{
    public required string Words { get; set; }

    public required string IngredientId { get; set; }
}
