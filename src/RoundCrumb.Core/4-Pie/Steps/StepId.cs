using System.Globalization;
using System.Text;
using RoundCrumb.Core.Methods;

namespace RoundCrumb.Core.Steps;

/// <summary>
/// By what a step of a pie is known: what kind it is, what it is done to, and which of several alike it is. It stays the
/// same when other steps come or go: a warm room, an oven left cold, another filling.
/// </summary>
/// <param name="Kind">What kind of step.</param>
/// <param name="Subject">What it is done to, by its stable short name; empty where the kind alone says it.</param>
/// <param name="Turn">Which of those of this kind and subject, 0 for the first.</param>
public readonly record struct StepId(StepKind Kind, string Subject, int Turn)
{
    /// <summary>As text that reads back: <c>make-filling_malt-custard_1</c>.</summary>
    public override string ToString()
    {
        var text = new StringBuilder(24);
        foreach (var letter in Kind.ToString())
        {
            if (char.IsUpper(letter) && text.Length > 0)
                text.Append('-');
            text.Append(char.ToLowerInvariant(letter));
        }

        if (Subject.Length > 0 || Turn > 0)
            text.Append('_').Append(Subject);
        if (Turn > 0)
            text.Append('_').Append(Turn.ToString(CultureInfo.InvariantCulture));
        return text.ToString();
    }

    /// <summary>Reads one back.</summary>
    /// <returns>False where it is not one, or of a kind that there is no longer.</returns>
    public static bool TryParse(string? text, out StepId id)
    {
        id = default;
        var pieces = (text ?? "").Split('_');
        var turn = 0;
        if (
            pieces.Length > 3 || pieces[0].Any(char.IsAsciiDigit)
                || !Enum.TryParse<StepKind>(pieces[0].Replace("-", "", StringComparison.Ordinal), true, out var kind)
                || !Enum.IsDefined(kind)
            || (pieces.Length == 3 && !int.TryParse(pieces[2], NumberStyles.None, CultureInfo.InvariantCulture, out turn)))
            return false;
        id = new(kind, pieces.Length > 1 ? pieces[1] : "", turn);
        return true;
    }
}
