using Microsoft.EntityFrameworkCore;
using RoundCrumb.Core.Records;

namespace RoundCrumb.Data.Bakes;

/// <summary>Which bakes are wanted; what is left empty does not narrow it.</summary>
public sealed record LogQuery
{
    /// <summary>Only those that are not written down yet.</summary>
    public bool OnlyOpen { get; init; }

    /// <summary>Without these, by id.</summary>
    public IReadOnlyList<int> Without { get; init; } = [];

    /// <summary>Of this pie, by name.</summary>
    public string Pie { get; init; } = "";

    /// <summary>With one of these parts, by id; a part of the baker's own without its version.</summary>
    public IReadOnlyList<string> Parts { get; init; } = [];

    /// <summary>In this oven, by id.</summary>
    public string Oven { get; init; } = "";

    /// <summary>True where that is the kitchen's usual one, which an address does not name.</summary>
    public bool OvenIsUsual { get; init; }

    /// <summary>By this baker, by id.</summary>
    public string Baker { get; init; } = "";

    /// <summary>With this base.</summary>
    public BaseVerdict Base { get; init; }

    /// <summary>With this cut.</summary>
    public SetVerdict Set { get; init; }

    /// <summary>With this top.</summary>
    public TopVerdict Top { get; init; }

    /// <summary>Made then or later.</summary>
    public DateTimeOffset? From { get; init; }

    /// <summary>Made before.</summary>
    public DateTimeOffset? Before { get; init; }

    /// <summary>Those bakes, in no order.</summary>
    internal IQueryable<Bake> In(RoundCrumbContext context)
    {
        IQueryable<Bake> all = context.Bakes;
        if (OnlyOpen)
            all = all.Where(b => b.Log == null);
        if (Without.Count > 0)
            all = all.Where(b => !Without.Contains(b.Id));
        if (Pie.Length > 0)
            all = all.Where(b => b.PieName == Pie);
        if (Parts.Count > 0)
        {
            // A part stands in an address between "=" and "&", one of the baker's own with its version behind it.
            var shapes = Parts.SelectMany(p => new[] { $"%={p}&%", $"%={p}-%" }).ToList();
            all = all.Where(b => shapes.Any(s => EF.Functions.Like(b.Address + "&", s)));
        }

        if (Oven.Length > 0)
        {
            var named = $"%&oven={Oven}&%";
            all = OvenIsUsual
                ? all.Where(b => EF.Functions.Like(b.Address + "&", named) || !EF.Functions.Like(b.Address, "%&oven=%"))
                : all.Where(b => EF.Functions.Like(b.Address + "&", named));
        }

        if (Baker.Length > 0)
            all = all.Where(b => b.Log!.Baker == Baker);
        if (Base is not BaseVerdict.NotSaid)
            all = all.Where(b => b.Log!.Base == Base.ToString());
        if (Set is not SetVerdict.NotSaid)
            all = all.Where(b => b.Log!.Set == Set.ToString());
        if (Top is not TopVerdict.NotSaid)
            all = all.Where(b => b.Log!.Top == Top.ToString());
        if (From is { } from)
            all = all.Where(b => b.MadeAt >= from);
        if (Before is { } before)
            all = all.Where(b => b.MadeAt < before);
        return all;
    }
}
