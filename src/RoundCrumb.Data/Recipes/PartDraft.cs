using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Data.Storage;

namespace RoundCrumb.Data.Recipes;

/// <summary>A part as it is about to be kept.</summary>
/// <param name="Kind">Which part of a pie.</param>
/// <param name="Name">Its name.</param>
/// <param name="Tags">Its tags, parted by blanks.</param>
/// <param name="FamilyId">Its family.</param>
/// <param name="Text">Its lines as written.</param>
/// <param name="Lines">Its lines as understood.</param>
/// <param name="Method">How it is made.</param>
/// <param name="Cup">Which cup it means.</param>
/// <param name="Egg">Which egg it means.</param>
/// <param name="Figures">What differs from the family's usual method.</param>
public sealed record PartDraft(
    PartKind Kind, string Name, string Tags, string FamilyId, string Text, IReadOnlyList<RecipeLine> Lines, string Method, CupSize Cup,
    EggSize Egg, MethodFigures Figures);

/// <summary>What became of an attempt to keep a part.</summary>
/// <param name="Outcome">How it went.</param>
/// <param name="Part">The part as it is now; none when it is gone.</param>
/// <param name="IsNewVersion">True when pies kept the version that was there.</param>
public sealed record KeptPart(KeepOutcome Outcome, Part? Part, bool IsNewVersion = false);

/// <summary>How a list is sorted.</summary>
public enum BoxSort
{
    Changed,
    Name,
    Kind,
}
