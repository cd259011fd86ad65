namespace RoundCrumb.Data.Storage;

/// <summary>How keeping something went.</summary>
public enum KeepOutcome
{
    Kept,
    NameTaken,
    ChangedElsewhere,
    Gone,
}
