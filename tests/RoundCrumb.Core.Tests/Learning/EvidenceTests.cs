using RoundCrumb.Core.BlindBaking;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Learning;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Core.Records;
using RoundCrumb.Core.Steps;

namespace RoundCrumb.Core.Tests.Learning;

/// <summary>What a log says, and what is put on where its figure is used.</summary>
public sealed class EvidenceTests
{
    private static readonly DateTimeOffset Monday = new(2026, 11, 23, 18, 0, 0, TimeSpan.Zero);

    private static readonly Composition Malt = CompositionAddress.Read(
        "pan=plate-23&crust=butter-flaky&bake=hot&edge=crimped&seal=none&fill=malt-custard&top=icing&ahead=14").Composition;

    private static readonly Assessment Book = Evidence.ByTheBook(Malt, 1, Kitchen.Usual);

    private static Observation Only(CorrectionKind kind, BakeEntry entry, Assessment? book = null) =>
        Evidence.Of(book ?? Book, book ?? Book, entry, 7, Monday).Single(o => o.Key.Kind == kind);

    private static Assessment With(Composition pie, params Correction[] put) =>
        Assessment.Of(pie with { Corrections = new CorrectionSet(1, put) });

    private static Correction Put(CorrectionKey key, double value) => new(key, value, value, value, 5);

    /// <summary>The pot was planned at so many grams and gave a tenth less: ln 0.9 = −0.105.</summary>
    [Fact]
    public void A_weighed_pot_says_the_yield()
    {
        var one = Only(CorrectionKind.Yield, new() { FromPot = Book.PotMass.Value * 0.9 });
        one.From.ShouldBe(Math.Log(0.9), 1e-12);
        (one.IsMeasure, one.Bake).ShouldBe((true, 7));
        one.Key.ShouldBe(CorrectionKey.Yield("starch-custard", "malt-custard"));
    }

    /// <summary>Left over says the same as the pot: what is in the pies and what was left, against what was planned.</summary>
    [Fact]
    public void What_was_left_over_says_it_too_where_the_pot_was_not_weighed()
    {
        var more = new Core.Quantities.Grams(Book.PotMass.Value.Value * 0.06);
        var one = Only(CorrectionKind.Yield, new() { LeftOver = Book.LeftOverMass.Value + more });
        Math.Exp(one.From).ShouldBe(1.06, 0.002);
    }

    /// <summary>
    /// Weighted: planned at 16.5 to 19.8 min, the middle 18.15; it took 21.78 min, 1.2 times. Half the range is 1.65 ÷ 18.15 = 9 %.
    /// </summary>
    [Fact]
    public void Minutes_say_how_long_a_stage_takes_in_this_oven()
    {
        var plan = Book.Card.Stages.Single(s => s.Kind is StageKind.Weighted).Minutes.Value;
        var one = Only(
            CorrectionKind.BakeMinutes,
            new() { StageMinutes = new Dictionary<StageKind, double> { [StageKind.Weighted] = plan.Best * 1.2, [StageKind.Cool] = 90 } });
        Math.Exp(one.From).ShouldBe(1.2, 1e-9);
        one.Spread.ShouldBe((plan.Most - plan.Least) / (plan.Most + plan.Least), 1e-9);
        one.Key.ShouldBe(CorrectionKey.BakeMinutes("Weighted", "butter-flaky", "plain"));
    }

    /// <summary>
    /// Predicted in the clean slice, 1.2 wide from 4.1 to 5.3. It cut soft, 3.2 to 4.1: the shift lies between (3.2 − index) ÷ 1.2 and
    /// (4.1 − index) ÷ 1.2 bands.
    /// </summary>
    [Fact]
    public void A_word_on_the_cut_says_between_which_limits_it_set()
    {
        var index = Book.Yield.SetIndex.Value.Value;
        var one = Only(CorrectionKind.SetShift, new() { Set = SetVerdict.Soft });
        one.From.ShouldBe((3.2 - index) / 1.2, 1e-9);
        one.To.ShouldBe((4.1 - index) / 1.2, 1e-9);
        Only(CorrectionKind.SetShift, new() { Set = SetVerdict.Runny }).From.ShouldBe(double.NegativeInfinity);
        Only(CorrectionKind.SetShift, new() { Set = SetVerdict.Rubbery }).To.ShouldBe(double.PositiveInfinity);
    }

    /// <summary>Every scale has room for every word: none says that nothing is possible.</summary>
    [Fact]
    public void Every_word_says_something_on_every_scale()
    {
        foreach (var filling in FillingBook.All)
        {
            var pie = Evidence.ByTheBook(Malt with { Filling = Malt.Filling with { Formula = filling } }, 1, Kitchen.Usual);
            foreach (var word in Enum.GetValues<SetVerdict>().Where(v => v is not SetVerdict.NotSaid))
            {
                var one = Only(CorrectionKind.SetShift, new() { Set = word }, pie);
                one.To.ShouldBeGreaterThan(one.From, $"{filling.Id} {word}");
            }
        }
    }

    [Fact]
    public void A_base_says_longer_or_not_so_long_where_nothing_seals_it()
    {
        var firm = Only(CorrectionKind.BaseLife, new() { Base = BaseVerdict.Firm, Stood = 18 });
        (firm.From, firm.To).ShouldBe((Math.Log(18 / 12.0), double.PositiveInfinity));
        var soft = Only(CorrectionKind.BaseLife, new() { Base = BaseVerdict.Soggy });
        (soft.From, soft.To).ShouldBe((double.NegativeInfinity, Math.Log(14 / 12.0)));
        var sealedPie = Evidence.ByTheBook(Malt with { Crust = Malt.Crust with { Seal = Seal.White } }, 1, Kitchen.Usual);
        Evidence.Of(sealedPie, sealedPie, new() { Base = BaseVerdict.Soggy }, 1, Monday).ShouldBeEmpty();
    }

    [Fact]
    public void A_thermometer_a_ruler_and_a_scale_are_believed()
    {
        Only(CorrectionKind.OvenOffset, new() { OvenSet = new(220), OvenRead = new(232) }).From.ShouldBe(12);
        Only(CorrectionKind.Shrinkage, new() { Shrank = new(6) }).From.ShouldBe(4, "2 mm by the book, chilled");
        Math.Exp(Only(CorrectionKind.WarmUp, new() { WarmUp = 30 }).From).ShouldBe(1.5, 1e-9);
        var cream = Weighable.Of(Book).Single(w => w.Key.Kind is CorrectionKind.WhippedVolume);
        Math.Exp(Only(
            CorrectionKind.WhippedVolume,
            new() { Weighed = new Dictionary<CorrectionKey, double> { [cream.Key] = cream.Book.Amount * 0.9 } }).From).ShouldBe(0.9, 1e-9);
    }

    [Fact]
    public void What_is_put_on_moves_its_figure_and_stands_in_its_working()
    {
        var yield = With(Malt, Put(CorrectionKey.Yield("starch-custard", "malt-custard"), 0.95));
        yield.Yield.Mass.Value.Value.ShouldBe(Book.Yield.Mass.Value.Value * 0.95, 1e-6);
        yield.Yield.Volume.Value.Value.ShouldBe(Book.Yield.Volume.Value.Value * 0.95, 1e-6);
        yield.Yield.Mass.Terms.ShouldContain(t => t.Name == "this kitchen, from 5 bakes");
        yield.FilledEach.Value.Value.ShouldBe(Book.FilledEach.Value.Value, 1e-6,
            "the pan is as large as it was: more of the formula is made");
        yield.Fit.Chosen.Scale.Value.Value.ShouldBe(Book.Fit.Chosen.Scale.Value.Value / 0.95, 1e-6);

        var set = With(Malt, Put(CorrectionKey.SetShift("starch-custard", "malt-custard"), -0.5));
        set.Yield.SetIndex.Value.Value.ShouldBe(Book.Yield.SetIndex.Value.Value - 0.6, 1e-9);
        set.Firmness.Slice.Setter.ShouldBeGreaterThan(Book.Firmness.Slice.Setter, "more starch for the same slice");

        var minutes = With(Malt, Put(CorrectionKey.BakeMinutes("Open", "butter-flaky", "plain"), 1.2));
        double Open(Assessment pie) => pie.Card.Stages.Single(s => s.Kind is StageKind.Open).Minutes.Value.Best;
        Open(minutes).ShouldBe(Open(Book) * 1.2, 1e-6);
        minutes.Card.Stages.Single(s => s.Kind is StageKind.Open).Chain[^1].Name.ShouldBe("this kitchen, from 5 bakes");

        var oven = With(Malt, Put(CorrectionKey.OvenOffset("plain", 220), 12));
        oven.Card.Dial!.Value.Value.ShouldBe(208);

        var cream = With(Malt, Put(Weighable.Of(Book).Single(w => w.Key.Kind is CorrectionKind.WhippedVolume).Key, 0.9));
        cream.Toppings[0].Lines[0].Mass.Value.Value.ShouldBeGreaterThan(Book.Toppings[0].Lines[0].Mass.Value.Value);

        var hands = With(Malt, Put(CorrectionKey.HandsMinutes(nameof(StepKind.MakeDough)), 2));
        double Mixing(Assessment pie) => pie.Chain.Steps.Where(s => s.Kind is StepKind.MakeDough).Sum(s => s.HandsOn);
        Mixing(hands).ShouldBe(Mixing(Book) * 2, 1e-9);
        hands.Times.HandsOn.Value.Best.ShouldBe(Book.Times.HandsOn.Value.Best + Mixing(Book), 0.01);

        With(Malt, Put(CorrectionKey.Shrinkage("butter-flaky", "Chilled"), 3)).Crust.Shrinks!.Value.Value.ShouldBe(5);
        With(Malt, Put(CorrectionKey.BaseLife("butter-flaky", "none", "starch-custard"), 1.5)).BaseLife!.Value.Best.ShouldBe(18 * 60);
    }

    /// <summary>A dough keeps its weight, whatever it drinks; only its water and flour trade places.</summary>
    [Fact]
    public void A_thirsty_flour_gets_more_water_and_the_dough_weighs_the_same()
    {
        var thirsty = With(Malt, Put(CorrectionKey.DoughWater("butter-flaky"), 1.1));
        thirsty.Crust.Lines.Sum(l => l.Mass.Value.Value).ShouldBe(Book.Crust.Lines.Sum(l => l.Mass.Value.Value), 1e-6);
        double Water(Assessment pie) => pie.Crust.Lines.Single(l => l.StopInside is not null).Mass.Value.Value;
        Water(thirsty).ShouldBeGreaterThan(Water(Book) * 1.05);
    }

    /// <summary>Whatever is put on, the address says by which number, and is read back to the same sums.</summary>
    [Fact]
    public void An_address_says_what_was_known()
    {
        var then = new CorrectionSet(12, [Put(CorrectionKey.Yield("starch-custard", "malt-custard"), 0.95)]);
        var address = CompositionAddress.Write(Malt with { Corrections = then });
        address.ShouldEndWith("&learned=12");
        var book = PartBook.Shipped.With([then]);
        var back = CompositionAddress.Read(address, book);
        back.Troubles.ShouldBeEmpty();
        Assessment.Of(back.Composition, 1, Kitchen.Usual with { Corrections = new(13, []) }).Yield.Mass.Value.Value
            .ShouldBe(Book.Yield.Mass.Value.Value * 0.95, 1e-6);
        var lost = CompositionAddress.Read(address);
        lost.Of(CompositionAddress.Learned).ShouldNotBeNull();
        CompositionAddress.WithoutLearned(address).ShouldBe(CompositionAddress.Write(Malt));
        CompositionAddress.WithLearned(address, 13).ShouldBe(address, "an old one stays what it was");
        CompositionAddress.LearnedIn(CompositionAddress.WithLearned(CompositionAddress.Write(Malt), 0)).ShouldBe(0);
    }

    /// <summary>A baker's own part keeps what was learned of it when it is written anew.</summary>
    [Fact]
    public void A_new_version_of_a_part_keeps_what_was_learned() =>
        CorrectionKey.Yield("starch-custard", "box-12-3").ShouldBe(CorrectionKey.Yield("starch-custard", "box-12-4"));

    /// <summary>
    /// A kitchen gets 0.94 of what the book says. From the third bake on it makes more of the formula, so pots come out as planned: that
    /// must not be taken for the book being right. After twelve bakes it still knows, and plans to a hundredth.
    /// </summary>
    [Fact]
    public void A_kitchen_that_makes_more_because_it_gets_less_does_not_unlearn_it()
    {
        const double gets = 0.94;
        var known = CorrectionSet.Book;
        var seen = new List<Observation>();
        for (var bake = 1; bake <= 12; bake++)
        {
            var made = Assessment.Of(Malt with { Corrections = known }, 1, Kitchen.Usual);
            var pot = Book.Yield.Mass.Value.Value * made.Fit.Chosen.Scale.Value.Value * gets;
            seen.AddRange(Evidence.Of(made, Book, new() { FromPot = new(pot) }, bake, Monday.AddDays(bake)));
            known = Learner.SetOf(bake, Learner.Learn(LearningCase.Of(seen)));
            if (bake >= 6)
                pot.ShouldBe(made.PotMass.Value.Value, made.PotMass.Value.Value * 0.02, "planned as it comes out");
        }

        known.Find(CorrectionKey.Yield("starch-custard", "malt-custard")).ShouldNotBeNull().Value.ShouldBe(gets, 0.01);
    }

    /// <summary>The same for an oven: its dial is turned down by what was learned, and it reads what was wanted.</summary>
    [Fact]
    public void An_oven_that_is_set_lower_because_it_runs_hot_does_not_unlearn_it()
    {
        var known = CorrectionSet.Book;
        var seen = new List<Observation>();
        for (var bake = 1; bake <= 10; bake++)
        {
            var made = Assessment.Of(Malt with { Corrections = known }, 1, Kitchen.Usual);
            var dial = made.Card.Dial!.Value.Value;
            seen.AddRange(Evidence.Of(
                made, Book, new() { OvenSet = new(dial), OvenRead = new(dial + 14) }, bake, Monday.AddDays(bake)));
            known = Learner.SetOf(bake, Learner.Learn(LearningCase.Of(seen)));
        }

        Assessment.Of(Malt with { Corrections = known }, 1, Kitchen.Usual).Card.Dial!.Value.Value.ShouldBe(206, 1);
    }

    /// <summary>Off is the book, and for an oven what was once said of it; the plan beside the log goes by the dial.</summary>
    [Fact]
    public void An_oven_that_runs_hot_is_planned_lower_in_the_log_too()
    {
        var kitchen = Kitchen.Of([], [Oven.Plain with { Id = "oven-1", RunsHot = 12 }], [], new(21));
        var sheet = Core.Batches.BatchSheet.Of(Assessment.Of(Malt, 1, kitchen));
        string Said(double set) => new Core.Units.QuantityFormatter(Core.Units.UnitChoice.Usual).Say(
            Compared.Of(sheet, new() { OvenSet = new(set) }).Single(r => r.Name == "Oven, set").Verdict);
        Said(208).ShouldBe("as planned");
        Said(220).ShouldBe("12 °C hotter than planned");
        var off = new Learned(CorrectionKey.OvenOffset("oven-1", 220), 9, 1, 10, 5)
        {
            Choice = new(CorrectionKey.OvenOffset("oven-1", 220), CorrectionMode.Off),
        };
        var oven = kitchen.Oven with { Corrections = Learner.SetOf(1, [off]) };
        oven.HotBy(220).ShouldBe(12);
        (Oven.Plain with { Corrections = Learner.SetOf(1, [off]) }).DialIsHeat.ShouldBeTrue();
    }
}
