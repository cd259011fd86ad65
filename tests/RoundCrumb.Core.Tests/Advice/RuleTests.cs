using FsCheck.Xunit;
using RoundCrumb.Core.Advice;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Units;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Tests.Advice;

public class RuleTests
{
    private const string Custard = "pan=plate-23&crust=butter-flaky&seal=white&fill=malt-custard&top=plain&ahead=10&topped=1";
    private const string Cheese = "pan=springform-20&crust=plain-crumb&bake=chilled&fill=lemon-cheese&line=20&top=none&ahead=16&topped=0";

    /// <summary>Each rule: a pie that fires it and its nearest neighbour that does not.</summary>
    public static TheoryData<string, string, string> Cases => new()
    {
        { "runs-over", Cheese + "&pan=tart-25&line=4&make=2", Cheese + "&pan=tart-25&line=4&make=0.95" },
        { "left-over", Custard + "&make=above", Custard + "&make=exact" },
        { "short", Cheese + "&make=1", Cheese + "&make=above" },
        { "too-deep", Custard + "&pan=deep-plate-24", Custard + "&pan=deep-plate-24&line=12" },
        { "too-soft", Custard + "&set=80", Custard + "&set=90" },
        { "too-firm", Custard + "&set=160", Custard + "&set=125" },
        { "not-set", Custard + "&ahead=2.5&topped=0", Custard + "&ahead=3&topped=0" },
        { "rises-over", Custard + "&fill=plum-almond&line=3&ahead=10", Custard + "&fill=plum-almond&line=8&ahead=10" },
        { "past-keeping", Custard + "&ahead=25", Custard + "&ahead=24" },
        { "unsealed", Custard + "&seal=none&ahead=13", Custard + "&seal=none&ahead=12" },
        { "chilled-under-hot", Custard + "&crust=plain-crumb&bake=chilled&seal=none", Custard + "&crust=plain-crumb&bake=baked&seal=none" },
        { "hot-on-chocolate", Custard + "&seal=chocolate", Custard + "&seal=chocolate&fill=pear-cardamom-light" },
        { "raw-seal", Cheese + "&seal=white", Cheese + "&bake=baked&seal=white" },
        { "flaky-in-fluted-tin", Custard + "&pan=tart-25&edge=trimmed", Custard + "&pan=plate-23&edge=trimmed" },
        { "edge-without-rim", Custard + "&pan=tart-25&edge=crimped", Custard + "&pan=tart-25&edge=trimmed" },
        { "cannot-unmould", Cheese + "&pan=deep-plate-24&line=4", Cheese + "&pan=deep-plate-24&line=10" },
        { "crumb-thickness", Cheese + "&thick=12", Cheese + "&thick=10" },
        { "dough-thickness", Custard + "&thick=5", Custard + "&thick=4" },
        {
            "wall-below-filling",
            Custard + "&pan=springform-20&edge=trimmed&wall=20&line=40",
            Custard + "&pan=springform-20&edge=trimmed&wall=45&line=40"
        },
        { "crumb-wall", Custard + "&crust=plain-crumb&bake=baked&wallthick=8", Custard + "&crust=plain-crumb&bake=baked&wallthick=7" },
        { "crumb-unbound", Custard + "&crust=pretzel-crumb&bake=baked&bind=none", Custard + "&crust=ginger-crumb&bake=baked&bind=none" },
        { "oats-with-an-edge", Custard + "&crust=part-oats&edge=crimped", Custard + "&crust=part-oats&edge=trimmed" },
        { "laid-under-wet", Cheese + "&crust=laid-wafers&ahead=9", Cheese + "&crust=laid-wafers&ahead=8" },
        {
            "shell-does-not-fit",
            Custard + "&crust=bought-shell-23&bake=ready&seal=none&pan=tart-25",
            Custard + "&crust=bought-shell-23&bake=ready&seal=none&pan=own&own-top=230&own-base=212&own-deep=28&own-kind=tin"
        },
        { "not-chilled", Custard + "&unchilled=1", Custard },
        { "warm-room", Custard + "@25", Custard + "@24" },
        {
            "disc-too-large",
            Custard + "&pan=own&own-top=600&own-base=500&own-deep=80&own-kind=plate&wall=80",
            Custard + "&pan=own&own-top=500&own-base=420&own-deep=80&own-kind=plate&wall=80"
        },
        { "pan-not-in-oven", Custard + "&pan=tart-25@small", Custard + "&pan=tart-20@small" },
        { "hot-or-steady", Custard + "&bake=steady", Custard + "&bake=hot" },
        {
            "layer-melts",
            Custard + "&under1=salt-caramel&under1-high=6",
            Custard + "&fill=pear-cardamom-light&under1=salt-caramel&under1-high=6"
        },
        { "pieces-sink", Custard + "&under1=apricot-halves&under1-half=1", Custard + "&under1=plum-quarters&under1-half=1" },
        { "pieces-stand-out", Custard + "&under1=pear-halves", Custard + "&under1=apricot-halves" },
        { "cut-fruit-waits", Custard + "&under1=raspberries&ahead=13", Custard + "&under1=raspberries&ahead=12" },
        { "fruit-eats-gelatine", Cheese + "&under1=kiwi-slices", Cheese + "&under1=raspberries" },
        { "juice-boiled-in", Custard + "&fill=sharp-lemon", Custard },
        { "meringue-on-cold", Custard + "&fill=pear-cardamom-light&top=meringue-swiss", Custard + "&top=meringue-swiss" },
        { "crumble-unbaked", Custard + "&top=crumble", Custard + "&fill=gooseberry&top=crumble" },
        { "piece-too-large", Custard + "&pan=tartlet-8&top=laid-pear-halves", Custard + "&top=laid-pear-halves" },
        { "cream-past-hold", Custard + "&topped=5", Custard + "&topped=4" },
        { "cream-on-warm", Custard + "&ahead=5&topped=3", Custard + "&ahead=5&topped=2" },
        { "tall-on-soft", Custard + "&set=80&cream=17", Custard + "&set=80&cream=16" },
        { "sweet-on-sweet", Custard + "&fill=butterscotch-custard&top=icing", Custard + "&fill=butterscotch-custard&top=plain" },
        {
            "crumb-leaks",
            Custard + "&crust=plain-crumb&bake=baked&seal=none&fill=rhubarb-buttermilk",
            Custard + "&crust=short&bake=steady&fill=rhubarb-buttermilk"
        },
        { "all-soft", Cheese, Cheese + "&bake=baked" },
        {
            "nothing-sharp",
            Custard + "&crust=sweet-short&bake=steady&top=meringue-swiss",
            Custard + "&crust=sweet-short&bake=steady&fill=grapefruit-curd&top=meringue-swiss"
        },
        {
            "too-rich",
            Custard + "&crust=butter-flaky&fill=sesame-chocolate&cream=20&top=mascarpone-cream",
            Custard + "&crust=butter-flaky&fill=sesame-chocolate&cream=6&top=mascarpone-cream"
        },
        {
            "flavours-fight",
            Custard + "&fill=coffee-custard&top=laid-orange-slices",
            Custard + "&fill=coffee-custard&top=laid-raspberries"
        },
        { "glass-from-freezer", Custard + "&frozen=1", Custard + "&frozen=1&pan=tart-25&edge=trimmed" },
        {
            "silicone-shell",
            Custard + "&pan=own&own-top=230&own-base=220&own-deep=30&own-kind=tin&own-stuff=silicone&edge=trimmed",
            Custard + "&pan=own&own-top=230&own-base=220&own-deep=30&own-kind=tin&own-stuff=dark-steel&edge=trimmed"
        },
        { "foil-on-a-tray", Custard + "&pan=own&own-stuff=foil", Custard + "&pan=own&own-stuff=aluminium" },
        { "jelly-on-soft", Custard + "&set=80&top=jelly-orange&cream=6", Custard + "&top=jelly-orange&cream=6" },
        { "glaze-on-cream", Custard + "&on1=glaze-apricot", Custard + "&on1=toasted-almonds" },
        { "pieces-on-soft", Custard + "&set=80&top=laid-apricot-halves", Custard + "&top=laid-apricot-halves" },
        { "cream-in-heat", Custard + "@26", Custard + "@25" },
        { "pan-not-in-fridge", Custard + "&pan=plate-28@fridge", Custard + "&pan=plate-23@fridge" },
        {
            "seal-for-nothing",
            Custard + "&fill=lemon-cheese&seal=white&ahead=6&top=none",
            Custard + "&fill=lemon-cheese&seal=white&ahead=7&top=none"
        },
        { "acid-on-gelatine", Cheese + "&fill=raspberry-chiffon", Cheese },
        { "filled-hot-chilled-late", Custard + "&pan=deep-plate-24&line=12", Custard + "&pan=deep-plate-24&line=20" },
        { "allergen-crust", Custard + "&no-wheat=1", Custard + "&no-nuts=1" },
        { "allergen-seal", Custard + "&no-egg=1", Custard + "&seal=none&no-egg=1" },
        {
            "allergen-beneath",
            Custard + "&under1=sesame-chocolate&under1-high=6&no-sesame=1",
            Custard + "&under1=coffee-custard&under1-high=6&no-sesame=1"
        },
        { "allergen-filling", Custard + "&fill=plum-almond&no-nuts=1&ahead=6", Custard + "&no-nuts=1" },
        { "allergen-topping", Custard + "&on1=toasted-almonds&no-nuts=1", Custard + "&on1=toasted-coconut&no-nuts=1" },
        {
            "alcohol",
            Custard + "&fill=honey-cheese&under1=malt-custard&under1-high=6&no-alcohol=1",
            Custard + "&fill=honey-cheese&no-alcohol=1"
        },
        { "raw-egg", Cheese + "&fill=raspberry-chiffon&no-raw=1", Cheese + "&no-raw=1" },
        { "missing-topping", Custard + "&top=stardust", Custard + "&top=icing" },
        { "missing-filling", Custard + "&fill=walnut-dream", Custard + "&fill=malt-custard" },
        { "missing-beneath", Custard + "&under1=walnut-dream", Custard },
        { "missing-seal", Custard + "&seal=gold", Custard + "&seal=white" },
        { "missing-crust", Custard + "&crust=box-9-9", Custard + "&crust=butter-flaky" },
        { "missing-pan", Custard + "&pan=kitchen-77", Custard + "&pan=plate-23" },
        { "on-the-table", Custard + "&table=2.5", Custard + "&table=2" },
        { "butter-or-shortening", Custard, Custard + "&crust=half-flaky" },
        { "baked-or-chilled", Cheese, Cheese + "&nooven=1" },
        { "yolks-or-eggs", Custard, Custard + "&fill=rhubarb-buttermilk" },
        { "cornflour-or-flour", Custard, Custard + "&fill=rhubarb-buttermilk" },
        { "hot-or-cooled", Custard, Custard + "&fill=pear-cardamom-light" },
        { "sweet-or-plain", Custard, Custard + "&top=none" },
        { "ahead-or-at-serving", Custard + "&topped=2", Custard + "&topped=2&top=none" },
        { "water-or-vinegar", Custard, Custard + "&crust=short&bake=steady" },
        { "no-oven", Custard + "&nooven=1", Custard + "&nooven=1&crust=plain-crumb&bake=chilled&seal=none" },
        { "not-vegetarian", Cheese + "&veg=1", Cheese + "&veg=1&fill=ginger-lime-cheese" },
        { "gelatine-cream", Custard + "&top=gelatine&veg=1", Custard + "&top=icing&veg=1" },
    };

    [Fact]
    public void Every_rule_has_its_case() =>
        Cases.Select(c => c.Data.Item1).Order().ShouldBe(RuleBook.All.Select(r => r.Id).Order());

    /// <summary>
    /// What is beside a case is the same pie but for what the rule is about: a crust with its bake and its seal at the most.
    /// </summary>
    [Fact]
    public void A_case_and_what_is_beside_it_are_one_pie()
    {
        static Dictionary<string, string> Fields(string address)
        {
            var fields = new Dictionary<string, string>(StringComparer.Ordinal);
            foreach (var field in address.Split('@')[0].Split('&'))
            {
                // The measures of a pan of one's own are one thing.
                if (!field.StartsWith("own-", StringComparison.Ordinal))
                    fields[field.Split('=')[0]] = field.Split('=')[1];
            }

            return fields;
        }

        foreach (var (id, fires, near) in Cases.Select(c => c.Data))
        {
            var (one, other) = (Fields(fires), Fields(near));
            var apart = one.Keys.Union(other.Keys).Where(k => one.GetValueOrDefault(k) != other.GetValueOrDefault(k)).ToList();
            fires.ShouldNotBe(near, id);
            CompositionAddress.Read(fires.Split('@')[0]).Troubles.Where(_ => !id.StartsWith("missing-",
                StringComparison.Ordinal)).ShouldBeEmpty(id);
            CompositionAddress.Read(near.Split('@')[0]).Troubles.ShouldBeEmpty(id);
            apart.Count.ShouldBeLessThanOrEqualTo(apart.Contains("crust") ? 3 : 2, $"{id}: {string.Join(", ", apart)}");
        }
    }

    [Theory]
    [MemberData(nameof(Cases))]
    public void A_rule_fires_where_it_should_and_not_beside_it(string id, string fires, string near)
    {
        Fired(fires).ShouldContain(id);
        Fired(near).ShouldNotContain(id);
    }

    [Theory]
    [MemberData(nameof(Cases))]
    public void Every_remedy_silences_its_rule(string id, string fires, string near)
    {
        _ = near;
        var work = Pies.Work(fires);
        var pie = work.Composition;
        var finding = work.Advice.Single(f => f.Rule.Id == id);

        // What is only worth knowing may have nothing to mend.
        (finding.Remedies.Count > 0 || finding.Severity >= Severity.WorthKnowing).ShouldBeTrue();
        foreach (var remedy in finding.Remedies)
        {
            var after = remedy.Apply(pie);
            var words = new QuantityFormatter(UnitChoice.Usual).Say(remedy.Do);
            after.ShouldNotBe(pie, words);

            // From one school to the other: that is a school too.
            if (finding.Severity is Severity.School)
                continue;
            var advice = Assessment.Of(after, 1, work.Kitchen).Advice;
            advice.Select(f => f.Rule.Id).ShouldNotContain(id, words);

            // Nor does it raise anything of greater harm than it mends.
            advice.Where(f => f.Severity < finding.Severity && work.Advice.All(before => before.Rule.Id != f.Rule.Id))
                .Select(f => f.Rule.Id).ShouldBeEmpty(words);
        }
    }

    [Property(Arbitrary = [typeof(ArbitraryPies)], MaxTest = 400)]
    public void No_rule_throws_and_every_finding_says_what_why_and_how_it_is_mended(Composition pie)
    {
        foreach (var units in (UnitChoice[])[UnitChoice.Usual, new(MassUnit.Cups, OvenUnit.Gas, LengthUnit.Inches)])
        {
            var shown = new QuantityFormatter(units);
            foreach (var finding in Assessment.Of(pie).Advice)
            {
                shown.Say(finding.Says).ShouldNotBeNullOrWhiteSpace();
                shown.Say(finding.Because).ShouldNotBeNullOrWhiteSpace();
                foreach (var remedy in finding.Remedies)
                {
                    remedy.Cost.ShouldNotBeNullOrWhiteSpace();
                    CompositionAddress.Read(CompositionAddress.Write(remedy.Apply(pie))).Troubles.ShouldBeEmpty(shown.Say(remedy.Do));
                }
            }
        }
    }

    [Property(Arbitrary = [typeof(ArbitraryPies)])]
    public void The_gravest_comes_first(Composition pie)
    {
        var order = Assessment.Of(pie).Advice.Select(f => f.Severity).ToList();
        order.ShouldBe(order.Order());
    }

    [Property(Arbitrary = [typeof(ArbitraryPies)], MaxTest = 400)]
    public void Taking_the_first_remedy_of_the_gravest_again_and_again_comes_to_an_end(Composition pie)
    {
        var seen = new List<string>();
        for (var i = 0; i < 25; i++)
        {
            var next = Assessment.Of(pie).Advice.FirstOrDefault(f => f.Severity <= Severity.Disappoints && f.Remedies.Count > 0);
            if (next is null)
                return;
            seen.Add(next.Rule.Id);
            pie = next.Remedies[0].Apply(pie);
        }

        seen.ShouldBeEmpty();
    }

    [Fact]
    public void The_pie_a_baker_starts_from_goes_together() =>
        Assessment.Of(Composition.Usual).Advice.ShouldAllBe(f => f.Severity >= Severity.WorthKnowing);

    private static IEnumerable<string> Fired(string address) => Pies.Work(address).Advice.Select(f => f.Rule.Id);
}
