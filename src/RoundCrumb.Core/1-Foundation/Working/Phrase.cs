using System.Globalization;
using System.Runtime.CompilerServices;
using System.Text;
using System.Text.RegularExpressions;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;

namespace RoundCrumb.Core.Working;

/// <summary>A quantity in a sentence; where it is a figure with its working, that can be opened from the sentence.</summary>
/// <param name="Quantity">The quantity.</param>
/// <param name="Figure">The figure it is; none for a quantity that is only said.</param>
/// <param name="Ingredient">What it is a mass of, where a baker may want it in cups and spoons.</param>
public readonly record struct PhraseArgument(Quantity Quantity, IWorked? Figure = null, Ingredient? Ingredient = null)
{
    /// <summary>A quantity, said in the baker's units.</summary>
    public static implicit operator PhraseArgument(Quantity quantity) => new(quantity);

    /// <summary>A quantity without a figure.</summary>
    public static PhraseArgument FromQuantity(Quantity quantity) => quantity;
}

/// <summary>
/// A sentence with quantities in it, so that it can be read out in any baker's units. <c>{0}</c>, <c>{1}</c> … stand
/// for the amounts, as in <see cref="string.Format(string, object?[])"/>; one without amounts is said as it stands. What
/// is put into a sentence by interpolation is words and never such a mark, whatever a baker has called things: write
/// <c>$"Use {name}: {{0}}"</c>.
/// </summary>
/// <param name="Template">The words; where there are amounts, written by hand, with nothing of a baker's own put together with it.</param>
/// <param name="Amounts">What stands in them.</param>
public readonly partial record struct Phrase(string Template, params PhraseArgument[] Amounts)
{
    /// <summary>Nothing to say.</summary>
    public static readonly Phrase None = new("");

    /// <summary>A sentence put together by interpolation.</summary>
    /// <param name="words">The words.</param>
    /// <param name="amounts">What stands in them.</param>
    public Phrase(PhraseWords words, params PhraseArgument[] amounts)
        : this(amounts.Length > 0 ? words.Template : words.Words, amounts)
    {
    }

    /// <summary>True when there is nothing to say.</summary>
    public bool IsEmpty => string.IsNullOrEmpty(Template);

    /// <summary>Words without a figure.</summary>
    public static implicit operator Phrase(string? words) => new(words ?? "");

    /// <summary>Words without quantities.</summary>
    public static Phrase FromString(string? words) => words;

    /// <summary>Sentences one after another, a blank between them; what is empty is left out.</summary>
    /// <param name="parts">The sentences.</param>
    public static Phrase Join(params ReadOnlySpan<Phrase> parts)
    {
        var words = new StringBuilder();
        var amounts = new List<PhraseArgument>();
        foreach (var part in parts)
        {
            if (part.IsEmpty)
                continue;
            if (words.Length > 0)
                words.Append(' ');
            words.Append(part.Amounts is { Length: > 0 } ? Renumbered(part.Template, amounts.Count) : PhraseWords.Escaped(part.Template));
            amounts.AddRange(part.Amounts ?? []);
        }

        return amounts.Count > 0 ? new(words.ToString(), [.. amounts]) : new(words.Replace("{{", "{").Replace("}}", "}").ToString());
    }

    /// <summary>A template whose marks count from so many on.</summary>
    private static string Renumbered(string template, int from) => from == 0 ? template : Mark().Replace(
        template,
        m => m.Groups[1].Success
            ? FormattableString.Invariant($"{{{int.Parse(m.Groups[1].ValueSpan, CultureInfo.InvariantCulture) + from}}}")
            : m.Value);

    [GeneratedRegex(@"\{\{|\{(\d+)\}")]
    private static partial Regex Mark();

    /// <summary>
    /// The same sentence behind some words: "For the custard: " and "Warm the milk" make "For the custard: warm the milk".
    /// </summary>
    /// <param name="words">The words; a baker's own are words and nothing else.</param>
    public Phrase Behind(string words) =>
        IsEmpty || words.Length == 0
            ? this
            : new(
                (Amounts is { Length: > 0 } ? PhraseWords.Escaped(words) : words) + char.ToLowerInvariant(Template[0]) + Template[1..],
                Amounts ?? []);
}

/// <summary>
/// Words for a <see cref="Phrase"/>: the compiler hands it the parts of an interpolated string, and of these only what is written by hand
/// can hold a mark for an amount.
/// </summary>
/// <param name="literal">Characters written by hand.</param>
/// <param name="holes">Holes.</param>
[InterpolatedStringHandler]
public ref struct PhraseWords(int literal, int holes)
{
    private readonly StringBuilder _template = new(literal + (holes * 16));

    /// <summary>The same with braces as they were put in; none while none were.</summary>
    private StringBuilder? _words;

    /// <summary>As a sentence with amounts has it: braces that were put in are words.</summary>
    internal readonly string Template => _template.ToString();

    /// <summary>As a sentence without amounts has it.</summary>
    internal readonly string Words => (_words ?? _template).ToString();

    /// <summary>Words in which nothing is a mark, as part of a template.</summary>
    public static string Escaped(string words) =>
        words.AsSpan().IndexOfAny('{', '}') < 0
            ? words
            : words.Replace("{", "{{", StringComparison.Ordinal).Replace("}", "}}", StringComparison.Ordinal);

    /// <summary>What is written by hand.</summary>
    public readonly void AppendLiteral(string value)
    {
        _template.Append(value);
        _words?.Append(value);
    }

    /// <summary>Words.</summary>
    public void AppendFormatted(string? value)
    {
        var escaped = Escaped(value ?? "");
        if (_words is null && !ReferenceEquals(escaped, value) && escaped.Length > 0)
            _words = new StringBuilder(_template.ToString());
        _template.Append(escaped);
        _words?.Append(value);
    }

    /// <summary>A number or another value.</summary>
    public void AppendFormatted<T>(T value, string? format = null)
        where T : struct, IFormattable => AppendFormatted(value.ToString(format, CultureInfo.InvariantCulture));
}
