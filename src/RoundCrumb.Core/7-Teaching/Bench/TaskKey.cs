using System.Globalization;
using System.Text.Json;
using System.Text.Json.Serialization;
using RoundCrumb.Core.Steps;

namespace RoundCrumb.Core.Bench;

/// <summary>
/// By what a thing to do at the bench is known: a work of the day, or what hands do at the oven's door while a load is in it.
/// </summary>
/// <param name="Work">Which work; for a load, the load itself.</param>
/// <param name="Touch">Which of the load's touches, 0 for the first; none for the work itself, which for a load is putting it in.</param>
[JsonConverter(typeof(TaskKeyJson))]
public readonly record struct TaskKey(WorkKey Work, int? Touch = null)
{
    private const char At = '@';

    /// <summary>As text that reads back: <c>o3.bake-filled.oven@0</c>.</summary>
    public override string ToString() =>
        Touch is { } touch ? string.Create(CultureInfo.InvariantCulture, $"{Work}{At}{touch}") : Work.ToString();

    /// <summary>Reads one back.</summary>
    /// <returns>False where it is not one.</returns>
    public static bool TryParse(string? text, out TaskKey key)
    {
        key = default;
        var pieces = (text ?? "").Split(At);
        var touch = 0;
        if (pieces.Length > 2 || !WorkKey.TryParse(pieces[0], out var work)
                || (pieces.Length == 2 && !int.TryParse(pieces[1], NumberStyles.None, CultureInfo.InvariantCulture, out touch)))
            return false;
        key = new(work, pieces.Length == 2 ? touch : null);
        return true;
    }
}

/// <summary>A task as text in JSON.</summary>
public sealed class TaskKeyJson : JsonConverter<TaskKey>
{
    /// <inheritdoc/>
    /// <exception cref="JsonException">It is not a task.</exception>
    public override TaskKey Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options) =>
        reader.TokenType is JsonTokenType.String && TaskKey.TryParse(reader.GetString(), out var key)
            ? key
            : throw new JsonException("That is no task of a bench.");

    /// <inheritdoc/>
    public override void Write(Utf8JsonWriter writer, TaskKey value, JsonSerializerOptions options) =>
        writer.WriteStringValue(value.ToString());
}
