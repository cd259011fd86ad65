using RoundCrumb.Core.Recipes;
using RoundCrumb.Formats.Reading;

namespace RoundCrumb.Application.Box;

/// <summary>One ingredient of a part in exchange for what stands in for it.</summary>
/// <param name="At">Which of the lines that were understood, from 0.</param>
/// <param name="Substitute">What takes its place.</param>
public sealed record LineSwap(int At, Substitute Substitute)
{
    /// <summary>Its words: "Soured cream for yoghurt".</summary>
    public string Name =>
        $"{char.ToUpperInvariant(Substitute.Name[0])}{Substitute.Name[1..]} for "
            + Core.Ingredients.Pantry.Find(Substitute.For)!.ShortName;

    /// <summary>The swap that a button of the page names; none where it does not fit the lines (any longer).</summary>
    /// <param name="code">The line and the substitute, with a bar between.</param>
    /// <param name="recipe">The part as it was understood.</param>
    public static LineSwap? Read(string? code, PartRecipe recipe) =>
        (code ?? "").Split('|') is [var line, var id] && int.TryParse(line, out var at) && SubstituteBook.Find(id) is { } substitute
            && at >= 0 && at < recipe.Lines.Count && recipe.Lines[at].Ingredient.Id == substitute.For
            ? new(at, substitute)
            : null;

    /// <summary>
    /// The part's text with the swapped line written anew; every other stays as it was typed, also what is over a limit and was not read.
    /// </summary>
    /// <param name="text">As it was typed.</param>
    /// <param name="read">The same, line by line, as far as it was read.</param>
    /// <param name="recipe">What was understood of it.</param>
    public string Apply(string text, IReadOnlyList<ReadLine> read, PartRecipe recipe)
    {
        var typed = text.ReplaceLineEndings("\n").Split('\n');
        var written = new List<string>(typed.Length + 4);
        var seen = 0;
        foreach (var (line, asRead) in typed.Zip(read))
        {
            var items = asRead.Items.Count(i => i.Ingredient is not null);
            if (At < seen || At >= seen + items)
            {
                written.Add(line);
            }
            else
            {
                for (var i = seen; i < seen + items; i++)
                {
                    var whole = recipe.Lines[i];
                    written.AddRange(
                        (i == At ? Substitute.Lines(whole) : [whole]).Select(
                            LineWriter.Write));
                }
            }

            seen += items;
        }

        return string.Join('\n', written.Concat(typed.Skip(read.Count)));
    }
}
