using System.Globalization;

namespace RoundCrumb.Core.Steps;

/// <summary>One of so many.</summary>
/// <param name="Index">Which, 0 for the first.</param>
/// <param name="Count">Of how many, 1 or more.</param>
public readonly record struct OneOf(int Index, int Count)
{
    /// <summary>The only one.</summary>
    public static OneOf One => new(0, 1);
}

/// <summary>
/// By what a piece of work of a pie is known: its first step, which of several loads it belongs to, and which stretch of a long job it is.
/// </summary>
/// <param name="Step">The first step that is done in it.</param>
/// <param name="InOven">True for the load itself; false for hands, also those that put it in.</param>
/// <param name="Lane">Which of the loads that run side by side.</param>
/// <param name="Stretch">Which stretch of a job too long for one.</param>
public readonly record struct WorkId(StepId Step, bool InOven, OneOf Lane, OneOf Stretch)
{
    private const string Oven = "oven";

    /// <summary>As text that reads back: <c>bake-filled.oven.load-1-of-2</c>.</summary>
    public override string ToString() => string.Join('.', Pieces());

    /// <summary>Reads one back.</summary>
    /// <returns>False where it is not one.</returns>
    public static bool TryParse(string? text, out WorkId id)
    {
        id = default;
        var pieces = (text ?? "").Split('.');
        if (!StepId.TryParse(pieces[0], out var step))
            return false;
        var (oven, lane, stretch) = (false, OneOf.One, OneOf.One);
        foreach (var piece in pieces.AsSpan(1))
        {
            if (piece == Oven)
                oven = true;
            else if (Read(piece, "load") is { } load)
                lane = load;
            else if (Read(piece, "stretch") is { } part)
                stretch = part;
            else
                return false;
        }

        id = new(step, oven, lane, stretch);
        return true;
    }

    private IEnumerable<string> Pieces()
    {
        yield return Step.ToString();
        if (InOven)
            yield return Oven;
        if (Lane.Count > 1)
            yield return FormattableString.Invariant($"load-{Lane.Index + 1}-of-{Lane.Count}");
        if (Stretch.Count > 1)
            yield return FormattableString.Invariant($"stretch-{Stretch.Index + 1}-of-{Stretch.Count}");
    }

    private static OneOf? Read(string piece, string word)
    {
        var said = piece.Split('-');
        return said.Length == 4 && said[0] == word && said[2] == "of"
            && int.TryParse(said[1], NumberStyles.None, CultureInfo.InvariantCulture, out var index)
                && int.TryParse(said[3], NumberStyles.None, CultureInfo.InvariantCulture, out var count)
            && index >= 1 && index <= count ? new OneOf(index - 1, count) : null;
    }
}
