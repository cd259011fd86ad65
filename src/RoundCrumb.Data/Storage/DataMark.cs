namespace RoundCrumb.Data.Storage;

/// <summary>Something that was done to this file once and is never done again.</summary>
public sealed class DataMark
{
    public required string Name { get; set; }

    public DateTimeOffset At { get; set; }
}
