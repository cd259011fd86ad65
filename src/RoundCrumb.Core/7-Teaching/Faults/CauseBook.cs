using System.Collections.Frozen;
using RoundCrumb.Core.Faults;

namespace RoundCrumb.Core.Diagnosis;

/// <summary>
/// What each fault comes of. How often, and how signs bear on it, are our own judgement of the craft: starting points, not measurements.
/// </summary>
public static class CauseBook
{
    private static readonly FrozenDictionary<string, Cause[]> All = new[]
    {
        CrustCauses.All, BaseCauses.All, HobCauses.All, SettingCauses.All, FinishCauses.All,
    }.SelectMany(d => d).ToFrozenDictionary(StringComparer.Ordinal);

    /// <summary>Every sign that bears on any cause, each once.</summary>
    public static IReadOnlyList<Sign> Signs { get; } = [.. All.Values.SelectMany(c => c).SelectMany(c => c.Signs).Distinct()];

    /// <summary>The faults of which causes are known.</summary>
    public static IEnumerable<string> Known => All.Keys;

    /// <summary>The causes of a fault, in the order in which they are declared.</summary>
    /// <param name="fault">The fault.</param>
    public static IReadOnlyList<Cause> Of(Fault fault) => All.GetValueOrDefault(fault.Id, []);

    /// <summary>A sign by its short name; none where there is none.</summary>
    /// <param name="id">As an address has it.</param>
    public static Sign? Find(string id) => Signs.FirstOrDefault(s => s.CanBeAsked && s.Id == id);
}
