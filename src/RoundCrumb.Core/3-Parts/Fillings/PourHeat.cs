using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Fillings;

/// <summary>How warm a kind of filling goes in, and how warm a thing it bears on top of it once it has set.</summary>
/// <param name="At">How warm it goes in.</param>
/// <param name="Bears">How warm its face may get when something is poured onto it, set and cold.</param>
/// <param name="Warmer">What happens when it goes in warmer; empty where nothing does.</param>
/// <param name="Colder">What happens when it goes in colder; empty where nothing does.</param>
public sealed record PourHeat(Constant At, Constant Bears, string Warmer, string Colder);
