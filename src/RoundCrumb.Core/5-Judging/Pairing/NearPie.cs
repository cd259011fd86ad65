using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Pairing;

/// <summary>A pie that works, with how far it is from the one that was asked of.</summary>
/// <param name="Pie">The pie.</param>
/// <param name="Cost">What differs, in points, added up.</param>
public sealed record NearPie(Composition Pie, Worked<Number> Cost)
{
    private static readonly Constant OtherFilling = Points("another filling", 40, "It is another pie.");
    private static readonly Constant KinFilling = Points("another filling of the same family", 25, "Another taste, made and cut alike.");
    private static readonly Constant OtherCrust = Points("another crust", 9, "Another bite under the same filling.");
    private static readonly Constant KinCrust = Points("another crust of the same kind", 5, "Nobody will notice but the baker.");
    private static readonly Constant Bought = Points("a bought crust", 7, "It costs money and saves the work.");
    private static readonly Constant Laid = Points("laid biscuits", 10, "Soft within the day.");
    private static readonly Constant OtherPan = Points("another pan", 6, "Another look, and other slices.");
    private static readonly Constant Bake = Points("baked otherwise", 3, "The same crust, crisper or softer.");
    private static readonly Constant OtherSeal = Points("another seal", 2, "A brush and some minutes.");
    private static readonly Constant NoSeal = Points("no seal", 1, "Nothing to do; the base softens sooner.");
    private static readonly Constant Cool = Points("cooled before it is poured", 3, "Half an hour over ice, and it sets a little softer.");
    private static readonly Constant Left = Points("a layer beneath left out or put in", 6, "A taste less, or more.");
    private static readonly Constant OtherTop = Points("another topping", 5, "What is seen first.");
    private static readonly Constant Hours = Points("each four hours more or less ahead", 2, "The day is planned otherwise.");
    private static readonly Constant Measure = Points("another measure: thickness, height, edge, fill line, set, batch", 1,
        "A dial turned.");

    /// <summary>A pie with what it costs against the one that was asked of.</summary>
    /// <param name="from">The pie that was asked of.</param>
    /// <param name="to">The pie.</param>
    public static NearPie Of(Composition from, Composition to)
    {
        var terms = new List<Term>();
        var sum = 0.0;
        void Add(Constant constant, double times = 1)
        {
            if (times <= 0)
                return;
            sum += constant.Usual * times;
            terms.Add(times == 1 ? constant : Term.Given($"{constant.Name}, {times:0.#} times", constant.Usual * times, Dimension.Count));
        }

        if (from.Filling.Formula != to.Filling.Formula)
            Add(from.Filling.Formula.Family.Id == to.Filling.Formula.Family.Id ? KinFilling : OtherFilling);
        if (from.Crust.Family != to.Crust.Family)
            Add(CrustCost(from.Crust.Family, to.Crust.Family));
        else if (from.Crust.Treatment != to.Crust.Treatment)
            Add(Bake);

        // A bought shell comes in its own foil; that is no second change.
        if (from.Pan.Key != to.Pan.Key && to.Crust.Family is not ShellFamily)
            Add(OtherPan);
        if (from.Crust.Seal != to.Crust.Seal)
            Add(to.Crust.Seal == Seal.None ? NoSeal : OtherSeal);
        if (from.Filling.Cooled != to.Filling.Cooled && from.Filling.Formula == to.Filling.Formula)
            Add(Cool);
        if (!from.Under.SequenceEqual(to.Under))
            Add(Left, Math.Max(1, Math.Abs(from.Under.Count - to.Under.Count)));
        var (was, now) = (from.Toppings.Select(t => t.Topping).ToList(), to.Toppings.Select(t => t.Topping).ToList());
        Add(OtherTop, was.Except(now).Union(now.Except(was)).Count() is var tops && tops == 2 && was.Count == now.Count ? 1 : tops);
        Add(Hours, Math.Ceiling(Math.Abs(from.Occasion.FilledAhead - to.Occasion.FilledAhead) / 4)
            + Math.Ceiling(Math.Abs(from.Occasion.OnTable - to.Occasion.OnTable) / 4));
        Add(Measure, MeasuresThatDiffer(from, to));
        return new(to, new("near", "How far from the pie that was asked of", new(sum), "what is changed, added up", [.. terms]));
    }

    private static Constant CrustCost(CrustFamily from, CrustFamily to) => to switch
    {
        ShellFamily or RolledFamily { Sheet: not null } => Bought,
        LaidFamily => Laid,
        _ when from.GetType() == to.GetType() => KinCrust,
        _ => OtherCrust,
    };

    private static int MeasuresThatDiffer(Composition from, Composition to) => from.Crust.Family != to.Crust.Family
        ? 0
        : new[]
        {
            from.Crust.Thickness != to.Crust.Thickness, from.Crust.Height != to.Crust.Height, from.Crust.Edge != to.Crust.Edge,
            from.Filling.Formula == to.Filling.Formula && from.Filling.Line != to.Filling.Line,
            from.Filling.Formula == to.Filling.Formula && Math.Abs(from.Filling.Setter - to.Filling.Setter) > 1e-9,
            from.Filling.Formula == to.Filling.Formula && from.Filling.Batch != to.Filling.Batch,
            from.Crust.Frozen != to.Crust.Frozen, from.Crust.Unchilled != to.Crust.Unchilled,
        }.Count(x => x);

    private static Constant Points(string name, double points, string reason) =>
        new(name, points, points * 0.6, points * 1.5, Dimension.Count, reason);
}
