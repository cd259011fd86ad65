namespace RoundCrumb.Web.Features;

/// <summary>A field of a form that somebody else has changed meanwhile.</summary>
/// <param name="Name">What it is called on the form.</param>
/// <param name="Yours">What is typed.</param>
/// <param name="Now">What is kept now.</param>
public sealed record FieldElsewhere(string Name, string Yours, string Now);

/// <summary>What a form was filled in over is no longer what is there: both versions, side by side.</summary>
/// <param name="What">What was changed, as a sentence begins: "This oven".</param>
/// <param name="Fields">The fields that differ.</param>
public sealed record Elsewhere(string What, IReadOnlyList<FieldElsewhere> Fields)
{
    /// <summary>True where it is not there any more.</summary>
    public bool IsGone { get; private init; }

    /// <summary>What was changed has been put away or deleted meanwhile; what is typed can be kept as a new one.</summary>
    public static Elsewhere Gone(string what) => new(what, []) { IsGone = true };

    /// <summary>Of all fields of a form, those that differ.</summary>
    public static Elsewhere Of(string what, IEnumerable<FieldElsewhere> fields) =>
        new(what, [.. fields.Where(f => f.Yours.ReplaceLineEndings("\n").Trim() != f.Now.ReplaceLineEndings("\n").Trim())]);
}
