namespace RoundCrumb.Core.Quantities;

/// <summary>How warm a room is.</summary>
/// <param name="Value">Degrees Celsius.</param>
public readonly record struct RoomCelsius(double Value) : IQuantity
{
    /// <summary>An ordinary kitchen.</summary>
    public static readonly RoomCelsius Usual = new(20);

    /// <summary>Above this, butter softens in the hand faster than dough can be rolled.</summary>
    public static readonly RoomCelsius Warm = new(24);

    /// <summary>True where dough wants other handling.</summary>
    public bool IsWarm => Value > Warm.Value;

    /// <inheritdoc/>
    public Quantity AsQuantity() => new(Value, Dimension.Warmth);
}
