using FsCheck.Xunit;
using RoundCrumb.Core.Advice;
using RoundCrumb.Core.Batches;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Steps;

namespace RoundCrumb.Core.Tests.Layering;

/// <summary>Layers beneath a filling, in a ring 200 mm across with a crumb base and no wall: 31.416 ml to each mm of depth.</summary>
public class LayerTests
{
    private const string Ring =
        "pan=springform-20&crust=plain-crumb&bake=chilled&wall=0&thick=6&fill=lemon-cheese&line=24&top=none&ahead=10";

    [Fact]
    public void A_caramel_beneath_takes_its_room_from_the_filling()
    {
        // 70 deep − 6 of base − 24 below the rim = 40 mm to the line: 1,256.6 ml. 8 mm of caramel are 251.3 ml; 1,005.3 ml are left.
        var pie = Pies.Work(Ring + "&under1=salt-caramel&under1-high=8");
        pie.Layers[0].Takes.Value.Value.ShouldBe(251.3, 0.1);
        pie.Fit.Needed.Value.Value.ShouldBe(1005.3, 0.1);
        pie.FilledEach.Value.Value.ShouldBe(1005.3, 0.1);
        pie.FilledDepth.Value.Value.ShouldBe(40, 1e-6);
        pie.Layers[0].Scale!.Value.Value.ShouldBe(251.3 / pie.Layers[0].Yield!.Volume.Value.Value, 1e-3);
    }

    [Fact]
    public void Banana_slices_are_counted_and_displace_the_filling()
    {
        // Slices 32 mm wide on 200 mm: side by side in rows or rings at most 200² ÷ 32² × 0.83 = 32 of them; rings give 16 + 9 + 4 = 29 or
        // so.
        // Cut 8 mm thick one weighs 6 g. They take up 1.02 ml a gram, and what they take the filling lacks.
        var pie = Pies.Work(Ring + "&under1=banana-slices&under1-high=8");
        var layer = pie.Layers[0];
        layer.Count!.Value.Value.ShouldBeInRange(27, 32);
        layer.Mass.Value.Value.ShouldBe(layer.Count.Value.Value * 6, 1e-9);
        layer.Takes.Value.Value.ShouldBe(layer.Mass.Value.Value * 1.02, 0.01);
        pie.Fit.Needed.Value.Value.ShouldBe(1256.6 - layer.Takes.Value.Value, 0.1);

        // Thicker slices weigh more and are as many: bananas follow the thickness.
        var thick = Pies.Work(Ring + "&under1=banana-slices&under1-high=16").Layers[0];
        thick.Count!.Value.ShouldBe(layer.Count.Value);
        thick.Fruit!.Value.Value.ShouldBe(2 * layer.Fruit!.Value.Value, 1e-9);

        // At 8 mm: 6 g × count ÷ (1 − 35 % peel) ÷ 118 g a banana.
        layer.Fruit.Value.Value.ShouldBe(layer.Mass.Value.Value / 0.65 / 118, 1e-9);
    }

    [Fact]
    public void Half_of_them_go_on_top_and_all_of_them_are_counted_once()
    {
        var under = Pies.Work(Ring + "&under1=plum-quarters").Layers[0];
        var half = Pies.Work(Ring + "&under1=plum-quarters&under1-half=1").Layers[0];
        half.Count!.Value.ShouldBe(under.Count!.Value);
        half.Mass.Value.ShouldBe(under.Mass.Value);
        (half.Under.Pieces.Count + half.Over).ShouldBe((int)half.Count.Value.Value);
        half.Over.ShouldBe((int)half.Count.Value.Value / 2);
    }

    [Fact]
    public void The_sheet_weighs_every_part_and_the_shopping_adds_them_up()
    {
        var sheet = BatchSheet.Of(
            Assessment.Of(Pies.Read(Ring + "&under1=salt-caramel&under1-high=8&top=mascarpone-cream&on1=toasted-coconut"), 3));
        sheet.Parts.Select(p => p.Name).ShouldBe(
            [
                "Crust", "Beneath: Salt caramel under fruit", "Filling: Lemon cream cheese", "Topping: Whipped cream, mascarpone",
                "On that: Toasted coconut flakes"
            ]);

        // Cream goes into caramel, filling and topping: it is bought once.
        var cream = Shopping.Of(sheet).Single(b => b.Ingredient.Id == "double-cream");
        cream.Mass.Value.Value.ShouldBe(
            sheet.Parts.SelectMany(p => p.Lines).Where(l => l.Ingredient.Id == "double-cream").Sum(l => l.Mass.Value.Value), 1e-9);
        cream.Mass.Terms.Count.ShouldBe(3);
    }

    [Fact]
    public void Steps_come_in_the_order_in_which_it_lies()
    {
        var steps = Pies.Work(
            Ring + "&fill=pear-cardamom-light&under1=salt-caramel&under1-high=8&under2=banana-slices&top=icing&on1=dust-cocoa")
            .Chain.Steps.Select(s => s.Do.Template).ToList();
        int At(string words) => steps.FindIndex(s => s.Contains(words, StringComparison.Ordinal));
        At("Salt caramel under fruit first").ShouldBeLessThan(At("Dry the banana slices"));
        At("Dry the banana slices").ShouldBeLessThan(At("on top, to"));
        At("on top, to").ShouldBeLessThan(At("Whip the cream to just past"));
        At("At serving: dust").ShouldBe(steps.Count - 1);
    }

    [Theory]
    [InlineData("under1=malt-custard&under1-high=8", "Malt custard", false)]
    [InlineData("fill=malt-custard&under1=salt-caramel&under1-high=8", "Salt caramel under fruit", true)]
    [InlineData("fill=malt-custard&under1=blackcurrant-cheese&under1-high=12", "Blackcurrant cream cheese", true)]
    [InlineData("fill=grapefruit-curd&under1=sesame-chocolate&under1-high=8", "Sesame chocolate", false)]
    [InlineData("fill=grapefruit-curd&under1=salt-caramel&under1-high=8", "Salt caramel under fruit", false)]
    public void What_meets_what(string more, string lower, bool melts)
    {
        // A custard goes in at 70 °C or more: too warm for a caramel whose face bears 35. Curd can wait till 32 °C, and the face
        // between it and a cold ganache comes to some 20.
        var meeting = Meetings.Of(Assessment.Of(Pies.Read(Ring + "&" + more))).Single(m => m.Lower == lower);
        meeting.Melts.ShouldBe(melts);
    }

    [Theory]
    [InlineData("under1=rhubarb-buttermilk", "under1", "baked in its shell")]
    [InlineData("under1=nothing-like-it", "under1", "no layer called")]
    [InlineData("under1=salt-caramel&under1-high=55", "under1-high", "wants its room")]
    [InlineData("under1=salt-caramel&under1-high=36&under2=sesame-chocolate", "under1-high", "wants its room")]
    [InlineData("line=58&under1=salt-caramel", "under1", "no room for it")]
    [InlineData("under1=banana-slices&under1-high=90", "under1-high", "Slices are cut")]
    [InlineData("on1=no-such-thing", "on1", "no topping called")]
    [InlineData("top=plain&top-laid=rim&top-nozzle=80", "top-nozzle", "A nozzle is")]
    [InlineData("top=laid-raspberries&top-over=90", "top-over", "over one another")]
    public void What_cannot_be_is_said_in_place_and_kept(string typed, string field, string says)
    {
        var read = CompositionAddress.Read(Ring + "&" + typed);
        var trouble = read.Troubles.ShouldHaveSingleItem();
        trouble.Field.ShouldBe(field);
        trouble.Message.Template.ShouldContain(says);
        typed.Split('&').Select(t => t.Split('=')).Last(t => t[0] == field)[1].ShouldBe(trouble.Typed);
        Assessment.Of(read.Composition).Fit.Needed.Value.Value.ShouldBeGreaterThan(0);
    }

    [Fact]
    public void Firmness_goes_from_silk_to_slice_and_a_nudge_moves_it_within_its_band()
    {
        // Malt custard, 4.66 in a clean slice's 4.1–5.3: two fifths of that band are 0.48. Silk is the middle of 3.2–4.1.
        var firm = Firmness.Of(FillingBook.MaltCustard, 1);
        firm.Silk.Index.ShouldBe(3.65, 0.05);
        firm.Slice.Index.ShouldBe(5.12, 0.05);
        firm.Firmer.Index.ShouldBe(4.66 + 0.48, 0.05);
        firm.Softer.Index.ShouldBe(4.66 - 0.48, 0.05);
    }

    [Theory]
    [MemberData(nameof(Formulas))]
    public void Every_formula_can_be_made_softer_and_firmer(string id)
    {
        var formula = FillingBook.Find(id)!;
        var firm = Firmness.Of(formula, 1);
        firm.Silk.Setter.ShouldBeLessThan(firm.Slice.Setter);
        firm.Silk.Index.ShouldBeLessThan(firm.Slice.Index);
        firm.Firmer.Setter.ShouldBeGreaterThan(firm.Softer.Setter);
    }

    public static TheoryData<string> Formulas => [.. FillingBook.All.Select(f => f.Id)];

    [Fact]
    public void Agar_stands_in_for_two_and_a_half_times_its_weight_of_gelatine()
    {
        var gelatine = FillingBook.LemonCheese;
        var agar = gelatine with
        {
            Lines = [
                .. gelatine.Lines.Select(
                    l =>
                        l.Ingredient.Id == "gelatine"
                            ? l with { Ingredient = Core.Ingredients.Pantry.Find("agar")!, Grams = l.Grams * 0.4 }
                            : l)
            ],
        };
        var (with, without) = (FillingYield.Of(agar, 1).SetIndex.Value.Value, FillingYield.Of(gelatine, 1).SetIndex.Value.Value);
        with.ShouldBe(without, without * 0.02);
    }

    [Fact]
    public void Spirit_weakens_gelatine()
    {
        // 160 g of rum, about a third of it alcohol, in a batch of some 900 g: over a twentieth, so the set is 0.85 of what it would be.
        var dry = FillingBook.LemonCheese;
        var wet = dry with { Lines = [.. dry.Lines, new(Core.Ingredients.Pantry.Find("rum")!, 160)] };
        var weighed = FillingYield.Of(wet, 1).Weighed.Value.Value;
        var plain = 100 * wet.Lines.Sum(l => l.Grams * l.Ingredient.GelatineEquivalent) / weighed;
        (160 * 0.32 / weighed).ShouldBeGreaterThan(0.04);
        FillingYield.Of(wet, 1).SetIndex.Value.Value.ShouldBe(plain * 0.85, plain * 0.02);
    }

    [Property(Arbitrary = [typeof(ArbitraryPies)])]
    public void All_that_is_in_it_fills_it_to_where_it_stands(Composition pie)
    {
        var work = Assessment.Of(pie);
        if (work.Fit.Chosen.Stands.Value > work.Fit.LineDepth.Value)
            return;
        var inIt = work.FilledEach.Value.Value + work.Layers.Sum(l => l.Takes.Value.Value);
        inIt.ShouldBe(work.Lined.VolumeTo(work.FilledDepth.Value.Value).Value, 1e-3 + (inIt * 1e-6));
    }

    [Property(Arbitrary = [typeof(ArbitraryPies)])]
    public void Twice_as_many_pies_want_twice_of_every_layer(Composition pie)
    {
        // Weighed to fit: a batch of whole eggs shared out may stand lower, and then less lies on it.
        pie = pie with { Filling = pie.Filling with { Batch = BatchChoice.Exact } };
        var (one, two) = (BatchSheet.Of(Assessment.Of(pie)), BatchSheet.Of(Assessment.Of(pie, 2)));
        foreach (
            var (a, b) in one.Parts.Zip(two.Parts).Where(
                p =>
                    p.First.Name.StartsWith("Beneath", StringComparison.Ordinal)
                        || p.First.Name.StartsWith("Topping", StringComparison.Ordinal)
                        || p.First.Name.StartsWith("On that", StringComparison.Ordinal)))
            b.Total.Value.Value.ShouldBe(2 * a.Total.Value.Value, 1e-6 + (a.Total.Value.Value * 1e-9));
    }
}
