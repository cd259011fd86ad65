using System.Globalization;
using RoundCrumb.Formats.Reading;

namespace RoundCrumb.Application.Box;

/// <summary>One line of a part with the answer to what was asked about it.</summary>
/// <param name="Line">Which line of the text, from 0.</param>
/// <param name="Answer">The answer.</param>
public sealed record AnsweredLine(int Line, AllergenAnswer Answer)
{
    /// <summary>What a button of the page stands for; none where it does not fit the lines (any longer).</summary>
    /// <param name="code">The line and which of its answers, with a bar between.</param>
    /// <param name="read">The lines as they are read.</param>
    public static AnsweredLine? Read(string? code, IReadOnlyList<ReadLine> read) =>
        (code ?? "").Split('|') is [var line, var which]
            && int.TryParse(line, NumberStyles.None, CultureInfo.InvariantCulture, out var at) && at < read.Count
            && int.TryParse(which, NumberStyles.None, CultureInfo.InvariantCulture, out var n)
            && AllergenAnswer.To(read[at].Asked) is var answers && n < answers.Count
            ? new(at, answers[n])
            : null;

    /// <summary>The text with the answer behind its line; every other stays as it was typed, also what is over a limit.</summary>
    /// <param name="text">As it was typed.</param>
    public string Apply(string text) =>
        string.Join('\n', text.ReplaceLineEndings("\n").Split('\n').Select((l, i) => i == Line ? Answer.Behind(l) : l));
}
