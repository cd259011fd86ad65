namespace RoundCrumb.Core.Steps;

/// <summary>
/// By what a piece of work of a day is known: whose it is, and which of that pie's. It stays the same when other orders, steps or ovens
/// come or go.
/// </summary>
/// <param name="Order">The order's key; holds no dot.</param>
/// <param name="Work">Which work of it.</param>
public readonly record struct WorkKey(string Order, WorkId Work)
{
    /// <summary>As text that reads back: <c>o3.bake-filled.oven.load-1-of-2</c>.</summary>
    public override string ToString() => $"{Order}.{Work}";

    /// <summary>Reads one back.</summary>
    /// <returns>False where it is not one.</returns>
    public static bool TryParse(string? text, out WorkKey key)
    {
        key = default;
        var dot = (text ?? "").IndexOf('.', StringComparison.Ordinal);
        if (dot <= 0 || !WorkId.TryParse(text![(dot + 1)..], out var work))
            return false;
        key = new(text[..dot], work);
        return true;
    }
}
