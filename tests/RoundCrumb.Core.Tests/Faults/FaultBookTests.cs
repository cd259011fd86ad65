using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Faults;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Toppings;

namespace RoundCrumb.Core.Tests.Faults;

/// <summary>What can go wrong at a step, and what is done about it.</summary>
public sealed class FaultBookTests
{
    private static Composition Pie(string address) => CompositionAddress.Read(address).Composition;

    [Fact]
    public void Every_fault_has_a_name_of_its_own_a_cure_and_a_way_to_keep_it_from_coming_again()
    {
        FaultBook.All.Select(f => f.Id).ShouldBeUnique();
        FaultBook.All.ShouldAllBe(f => f.At.Count > 0 && f.Cures.Count > 0 && f.Prevention.Length > 10 && f.Seen.Length > 5);
        FaultBook.All.SelectMany(f => f.Cures).ShouldAllBe(c => c.Do.EndsWith('.') && c.Hands >= 0 && c.Bake >= 0);
        FaultBook.All.ShouldAllBe(f => FaultBook.Find(f.Id) == f);
        FaultBook.Find("nothing-such").ShouldBeNull();
    }

    [Fact]
    public void Only_what_can_be_true_of_this_pie_is_offered()
    {
        var custard = Pie("pan=plate-23&crust=butter-flaky&fill=malt-custard&top=icing");
        var cheese = Pie("pan=springform-20&crust=plain-crumb&bake=chilled&fill=blackcurrant-cheese&top=none");
        IEnumerable<string> At(StepKind kind, Composition pie) => FaultBook.At(kind, pie).Select(f => f.Id);
        At(StepKind.MakeFilling, custard).ShouldContain("custard-lumpy");
        At(StepKind.MakeFilling, custard).ShouldNotContain("gelatine-strings");
        At(StepKind.MakeFilling, cheese).ShouldContain("gelatine-strings");
        At(StepKind.MakeFilling, cheese).ShouldNotContain("custard-lumpy");
        At(StepKind.PressCrust, cheese).ShouldBe(["crumb-greasy", "crumb-loose"]);
        At(StepKind.RollAndLine, custard).ShouldContain("sheet-torn");
        At(StepKind.RollAndLine, cheese).ShouldBeEmpty();
        At(StepKind.PutCreamOn, custard).ShouldContain("cream-slides");
        At(StepKind.PutCreamOn, cheese).ShouldNotContain("cream-slides");
    }

    [Fact]
    public void What_is_not_done_in_the_middle_stays_in_longer()
    {
        var baked = Pie("pan=plate-23&crust=short&fill=rhubarb-buttermilk&top=none");
        FaultBook.At(StepKind.BakeFilled, baked).Single(f => f.Id == "middle-runny").Cures.Select(c => c.Bake).ShouldBe([5.0, 10.0]);
    }

    /// <summary>
    /// What is swapped is a topping that there is, and never the one that is on already; hands can always do something too.
    /// </summary>
    [Fact]
    public void A_cure_can_give_a_pie_another_topping()
    {
        FaultBook.All.ShouldAllBe(f => f.Cures[0].Instead == null);
        var swaps = FaultBook.All.SelectMany(f => f.Cures).Where(c => c.Instead is not null).ToList();
        swaps.Count.ShouldBeGreaterThanOrEqualTo(4);
        foreach (var cure in swaps)
        {
            var there = Topping.Find(cure.Instead!.Id).ShouldNotBeNull();
            cure.Fits(Composition.Usual).ShouldBe(Composition.Usual.Toppings.All(t => t.Topping != there));
            cure.Fits(Composition.Usual with { Topping = ToppingChoice.Usual(there) }).ShouldBeFalse();
        }
    }
}
