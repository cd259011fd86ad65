namespace RoundCrumb.Core.Cooling;

/// <summary>What a thermometer read in the middle of a pie.</summary>
/// <param name="Minutes">After it was begun to cool, more than 0.</param>
/// <param name="Celsius">°C.</param>
public readonly record struct ProbeReading(double Minutes, double Celsius);
