using RoundCrumb.Core.Ingredients;

namespace RoundCrumb.Core.Corrections;

/// <summary>What a correction is of.</summary>
/// <param name="Kind">Which kind.</param>
/// <param name="Of">The family it is of: an oven, a stage of a crust family, a filling family, an ingredient, by id.</param>
/// <param name="Under">What is told apart within it: a formula, an oven, a baker, by id; empty for the family as a whole.</param>
public readonly record struct CorrectionKey(CorrectionKind Kind, string Of, string Under = "")
{
    /// <summary>What parts two ids in one name; no id has it.</summary>
    private const char Between = '/';

    /// <summary>The family that it belongs to.</summary>
    public CorrectionKey Family => Under.Length == 0 ? this : this with { Under = "" };

    /// <summary>As it is called: kind and ids, parted by blanks.</summary>
    public override string ToString() => Under.Length == 0 ? $"{Kind} {Of}" : $"{Kind} {Of} {Under}";

    /// <summary>As an address has it; see <see cref="TryRead"/>.</summary>
    public string Write() => Under.Length == 0 ? $"{Kind}~{Of}" : $"{Kind}~{Of}~{Under}";

    /// <summary>Reads what <see cref="Write"/> wrote.</summary>
    /// <returns>False where it is no correction.</returns>
    public static bool TryRead(string? text, out CorrectionKey key)
    {
        key = default;
        if ((text ?? "").Split('~') is not { Length: 2 or 3 } parts || parts[1].Length == 0 || text!.Length > 200
                || !Enum.TryParse<CorrectionKind>(parts[0], out var kind) || !Enum.IsDefined(kind))
            return false;
        key = new(kind, parts[1], parts.Length == 3 ? parts[2] : "");
        return true;
    }

    /// <summary>The ids in the name of its family.</summary>
    public string[] Parts => Of.Split(Between);

    /// <summary>How hot an oven is beside its dial, at a heat.</summary>
    /// <param name="oven">The oven, by id.</param>
    /// <param name="celsius">The heat, °C of a conventional oven.</param>
    public static CorrectionKey OvenOffset(string oven, double celsius) =>
        new(CorrectionKind.OvenOffset, oven, OvenZones.Of(celsius).ToString());

    /// <summary>Minutes of a stage, for crusts of a family in an oven.</summary>
    /// <param name="stage">The stage, by the name of its kind.</param>
    /// <param name="family">The family of crust, or of filling for a filled shell, by id.</param>
    /// <param name="oven">The oven, by id.</param>
    public static CorrectionKey BakeMinutes(string stage, string family, string oven) =>
        new(CorrectionKind.BakeMinutes, stage + Between + OwnPartId.WithoutVersion(family), oven);

    /// <summary>Minutes of hands for a kind of step.</summary>
    /// <param name="step">The step, by the name of its kind.</param>
    /// <param name="baker">Who did it, by id; empty where nobody was named.</param>
    public static CorrectionKey HandsMinutes(string step, string baker = "") => new(CorrectionKind.HandsMinutes, step, baker);

    /// <summary>How long an oven warms up.</summary>
    /// <param name="oven">The oven, by id.</param>
    public static CorrectionKey WarmUp(string oven) => new(CorrectionKind.WarmUp, oven);

    /// <summary>What a formula yields.</summary>
    /// <param name="family">The family of filling, by id.</param>
    /// <param name="formula">The formula, by id.</param>
    public static CorrectionKey Yield(string family, string formula) =>
        new(CorrectionKind.Yield, family, OwnPartId.WithoutVersion(formula));

    /// <summary>How a formula sets.</summary>
    /// <param name="family">The family of filling, by id.</param>
    /// <param name="formula">The formula, by id.</param>
    public static CorrectionKey SetShift(string family, string formula) =>
        new(CorrectionKind.SetShift, family, OwnPartId.WithoutVersion(formula));

    /// <summary>Something of an ingredient.</summary>
    /// <param name="kind">What.</param>
    /// <param name="ingredient">The ingredient, by id.</param>
    public static CorrectionKey OfIngredient(CorrectionKind kind, string ingredient) => new(kind, ingredient);

    /// <summary>What a dough of a family drinks.</summary>
    /// <param name="family">The family of crust, by id.</param>
    public static CorrectionKey DoughWater(string family) => new(CorrectionKind.DoughWater, OwnPartId.WithoutVersion(family));

    /// <summary>How much a shell shrinks.</summary>
    /// <param name="family">The family of crust, by id.</param>
    /// <param name="chill">How it was chilled, by name.</param>
    public static CorrectionKey Shrinkage(string family, string chill) =>
        new(CorrectionKind.Shrinkage, OwnPartId.WithoutVersion(family) + Between + chill);

    /// <summary>How long a base stays firm.</summary>
    /// <param name="crust">The family of crust, by id.</param>
    /// <param name="seal">The seal, by id.</param>
    /// <param name="filling">The family of filling, by id.</param>
    public static CorrectionKey BaseLife(string crust, string seal, string filling) =>
        new(CorrectionKind.BaseLife, string.Join(Between, OwnPartId.WithoutVersion(crust), seal, filling));
}

/// <summary>Where on its dial an oven is known by itself.</summary>
public enum OvenZone
{
    /// <summary>Below <see cref="OvenZones.MiddleFrom"/>.</summary>
    Low,

    /// <summary>In between.</summary>
    Middle,

    /// <summary>From <see cref="OvenZones.HighFrom"/> on.</summary>
    High,
}

/// <summary>What is known of the parts of a dial.</summary>
public static class OvenZones
{
    /// <summary>The middle begins here, °C of a conventional oven.</summary>
    public const double MiddleFrom = 165;

    /// <summary>The hot end begins here, °C of a conventional oven.</summary>
    public const double HighFrom = 205;

    /// <summary>Where a heat belongs.</summary>
    /// <param name="celsius">Of a conventional oven.</param>
    public static OvenZone Of(double celsius) => celsius < MiddleFrom ? OvenZone.Low : celsius < HighFrom ? OvenZone.Middle : OvenZone.High;
}
