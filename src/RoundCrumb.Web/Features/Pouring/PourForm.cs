using System.Globalization;
using Microsoft.Extensions.Primitives;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Pouring;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Core.Shells;
using RoundCrumb.Core.Units;
using RoundCrumb.Web.Features.Crusts;

namespace RoundCrumb.Web.Features.Pouring;

/// <summary>A batch to be shared out, read from an address. Reading never fails.</summary>
public sealed class PourForm
{
    private PourForm(PanRows rows, Composition composed, Kitchen kitchen, IReadOnlyList<Trouble> troubles)
    {
        Pans = rows;
        C = composed;
        Troubles = troubles;
        Crust = new(composed.Crust.Family, composed.Crust.Treatment, Edge.Trimmed, Seal.None, composed.Filling.Formula.Family.Shell);
        Plan = PourPlan.Of(
            composed.Filling.Formula, composed.Filling.Setter, Crust, [.. rows.Orders.Select(o => new PourOrder(o.Pan, o.Count))],
            composed.Filling.Line, composed.Filling.Batch, composed.Corrections ?? kitchen.Corrections);
    }

    /// <summary>The rows of pans.</summary>
    public PanRows Pans { get; }

    /// <summary>Filling, crust, line and batch, read as one pie's are.</summary>
    public Composition C { get; }

    /// <summary>How the pans are lined.</summary>
    public ShellWish Crust { get; }

    /// <summary>What could not be used.</summary>
    public IReadOnlyList<Trouble> Troubles { get; }

    /// <summary>The plan.</summary>
    public PourPlan Plan { get; }

    /// <summary>The plan as an address, everything in it usable.</summary>
    public string Canonical => Address(Pans.Address);

    /// <summary>The trouble with a field, or none.</summary>
    public Trouble? TroubleWith(string field) => Troubles.FirstOrDefault(t => t.Field == field);

    /// <summary>The same batch into other pans.</summary>
    public string Into(PanSet set) =>
        Routes.Pour + "?"
            + Address(string.Concat(set.Orders.Select(o => string.Create(CultureInfo.InvariantCulture, $"&p={o.Pan.Key}&many={o.Count}"))));

    /// <summary>Another batch into the same pans.</summary>
    public string Making(BatchKind kind) => Routes.Pour + "?" + Address(Pans.Address, new BatchChoice(kind));

    private string Address(string pans, BatchChoice? make = null) => string.Create(
        CultureInfo.InvariantCulture,
        $"pour=1&fill={CompositionAddress.NameIn(C, CompositionAddress.FillingField, C.Filling.Formula.Id)}&"
            + $"set={C.Filling.Setter * 100:0.###}&line={C.Filling.Line.Value:0.###}mm&"
            + $"make={CompositionAddress.NameOf(make ?? C.Filling.Batch)}&"
            + $"crust={CompositionAddress.NameIn(C, CompositionAddress.CrustField, C.Crust.Family.Id)}&"
            + $"bake={CompositionAddress.NameOf(C.Crust.Treatment)}{pans}");

    /// <summary>Reads a plan.</summary>
    public static PourForm Read(IEnumerable<KeyValuePair<string, StringValues>> query, Kitchen kitchen, PartBook book, LengthUnit bare)
    {
        var fields = query.ToDictionary(f => f.Key, f => f.Value, StringComparer.Ordinal);
        string? One(string name) => fields.TryGetValue(name, out var value) && value.Count > 0 ? value[0] : null;
        var rows = new PanRows(
            fields, kitchen, One("crust") is { Length: > 0 } named && book.Crust(named) is { } known ? known : CrustBook.PlainCrumb);

        // The shallowest pan sets how far below the rim a line can lie.
        var shallow = rows.Orders.MinBy(o => o.Pan.Depth.Value)!.Pan;
        var formula = One(CompositionAddress.FillingField) is { Length: > 0 } fill ? book.Filling(fill) : null;

        // A new kind of filling has a line of its own.
        var follows = formula is not null && One("wasfill") is { Length: > 0 } was && was != formula.Family.Id;
        var composed = CompositionAddress.Read(
            name => name switch
            {
                CompositionAddress.PanField => shallow.Id == PanCupboard.OwnId ? shallow.Key : shallow.Id,
                CompositionAddress.CrustField => One(name) is { Length: > 0 } crust ? crust : CrustBook.PlainCrumb.Id,
                CompositionAddress.Line => follows || string.IsNullOrWhiteSpace(One(name)) ? null : One(name),
                CompositionAddress.Make => One(name) is { Length: > 0 } make ? make : "below",
                CompositionAddress.FillingField or CompositionAddress.Firmness or CompositionAddress.Bake => One(name),
                _ => null,
            },
            bare, book);
        return new(rows, composed.Composition, kitchen, composed.Troubles);
    }
}
