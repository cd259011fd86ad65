using RoundCrumb.Core.Ingredients;

namespace RoundCrumb.Web.Features.Box;

/// <summary>What is asked about allergens that a line names, with a button for each answer.</summary>
/// <param name="Asked">Which nobody has answered.</param>
/// <param name="Code">What a button sends before the number of its answer: the line, and whatever it is found by.</param>
/// <param name="Action">Where it is sent.</param>
/// <param name="Form">The form that it sends, by id; null for the one that it stands in.</param>
public sealed record AnswersView(Allergens Asked, string Code, string Action, string? Form);
