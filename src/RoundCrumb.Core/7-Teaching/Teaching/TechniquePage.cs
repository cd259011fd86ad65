using RoundCrumb.Core.Methods;

namespace RoundCrumb.Core.Guide;

/// <summary>Which stretch of the work a technique belongs to.</summary>
public enum Stretch
{
    /// <summary>Dough, crumb, shell.</summary>
    Crust,

    /// <summary>On the hob and in the bowl.</summary>
    Filling,

    /// <summary>In the oven.</summary>
    Oven,

    /// <summary>Whipping, laying on, cutting.</summary>
    Finish,
}

/// <summary>What tells that it is right, sense by sense; empty where a sense has nothing to say.</summary>
/// <param name="See">To the eye.</param>
/// <param name="Hear">To the ear.</param>
/// <param name="Smell">To the nose.</param>
/// <param name="Feel">To the hand, and the tongue.</param>
public sealed record Senses(string See, string Hear = "", string Smell = "", string Feel = "");

/// <summary>What comes of one of the two wrong ends, and what still helps.</summary>
/// <param name="Comes">What comes of it.</param>
/// <param name="Rescue">What rescues it; that nothing does is said too.</param>
public sealed record WrongEnd(string Comes, string Rescue);

/// <summary>A technique as the guide has it.</summary>
/// <param name="Technique">Which.</param>
/// <param name="Title">What it is called.</param>
/// <param name="Stretch">Where in the work it belongs.</param>
/// <param name="When">When it is done, and what for.</param>
/// <param name="How">How, one thing after another.</param>
/// <param name="Senses">What tells that it is right.</param>
/// <param name="TooLittle">What comes of too little.</param>
/// <param name="TooMuch">What comes of too much.</param>
public sealed record TechniquePage(
    Technique Technique, string Title, Stretch Stretch, string When, IReadOnlyList<string> How, Senses Senses, WrongEnd TooLittle,
    WrongEnd TooMuch);
