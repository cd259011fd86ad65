using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Layering;

/// <summary>Two layers that meet, and how warm the upper one may be.</summary>
/// <param name="Upper">What goes on.</param>
/// <param name="Lower">What it goes onto.</param>
/// <param name="Says">How warm, in a sentence.</param>
/// <param name="IfNot">What happens if it is not so; empty where nothing does.</param>
/// <param name="Melts">True when even the coolest that it can be poured is more than what is beneath bears.</param>
public sealed record Meeting(string Upper, string Lower, Phrase Says, string IfNot, bool Melts);
