using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Pairing;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Steps;

namespace RoundCrumb.Core.Tests.Pairing;

/// <summary>How good a pairing is: told apart, each part opened, each at its best.</summary>
public sealed class PairScoreTests
{
    private static readonly Occasion Counter = new(14, 1, NoOven: false, Vegetarian: false);

    private static readonly Lazy<Board> Whole = new(() => Of(Counter));

    private static Board Of(Occasion occasion) => Board.Of(
        new(PanCupboard.Plate23, occasion), [.. CrustBook.All.Where(c => c is not ShellFamily)], FillingBook.All, Kitchen.Usual);

    private static Cell At(Board board, CrustFamily crust, FillingFormula filling) =>
        board.Cells.SelectMany(r => r).Single(c => c.Crust == crust && c.Filling == filling);

    /// <summary>A board that says yes to all tells nothing: five levels at least are in use, and none holds more than half.</summary>
    [Fact]
    public void The_board_tells_its_pairings_apart()
    {
        var cells = Whole.Value.Cells.SelectMany(r => r).ToList();
        var levels = cells.GroupBy(c => c.Level).ToDictionary(g => g.Key, g => g.Count());
        levels.Count.ShouldBeGreaterThanOrEqualTo(5);
        levels.Values.Max().ShouldBeLessThanOrEqualTo(cells.Count / 2);
        cells.ShouldAllBe(c => c.Reason.Length > 3);

        // A row's first and last are apart by a level at least.
        foreach (var row in Whole.Value.Cells)
        {
            var ranked = Board.Ranked(row).ToList();
            ((int)ranked[^1].Level).ShouldBeGreaterThan((int)ranked[0].Level, row[0].Crust.Name);
        }
    }

    /// <summary>The points are the parts added up, each between nothing and its most, and a hundred in all.</summary>
    [Fact]
    public void The_points_are_their_parts_added_up()
    {
        Enum.GetValues<ScorePart>().Sum(p => p.Most.Usual).ShouldBe(100);
        foreach (var cell in Whole.Value.Cells.SelectMany(r => r))
        {
            cell.Score.Shares.Values.ShouldAllBe(s => s >= 0 && s <= 1);
            var sum = cell.Score.Total.Terms.Sum(t => t.Amount.Amount);
            cell.Score.Points.ShouldBe(Math.Clamp(sum, 0, 100), 1e-9);
            cell.Score.Total.Amount.Amount.ShouldBe(cell.Score.Points, 1e-9);
            PairScore.Of(Assessment.Of(cell.Best)).Points.ShouldBe(cell.Score.Points, 1e-9);
        }
    }

    /// <summary>
    /// What a score opens to comes to the same points, part by part, and each part opens in turn to what it is made from: the most it
    /// gives first, constants with their reasons, and the pie's own figures.
    /// </summary>
    [Fact]
    public void A_score_opens_down_to_what_its_parts_are_made_from()
    {
        foreach (var cell in Whole.Value.Cells.SelectMany(r => r).Where((_, i) => i % 7 == 0))
        {
            var pie = Assessment.Of(cell.Best);
            foreach (var stock in Enum.GetValues<Stock>().Where(s => s.Suits(cell.Crust)))
            {
                var score = PairScore.Of(pie, stock);
                var opened = PairScore.Opened(pie, stock);
                opened.Id.ShouldBe(score.Total.Id);
                opened.Value.Value.ShouldBe(score.Points, 1e-9);
                opened.Terms.Select(t => t.Name).ShouldBe(score.Total.Terms.Select(t => t.Name));
                foreach (var (part, term) in Enum.GetValues<ScorePart>().Zip(opened.Terms))
                {
                    var of = term.From.ShouldNotBeNull(part.ToString());
                    of.Terms[0].Constant.ShouldBe(part.Most);
                    of.Terms.Count.ShouldBeGreaterThan(1);
                    of.Terms.Where(t => t.Constant is not null).ShouldAllBe(t => t.Constant!.Reason.Length > 10);
                    of.Amount.Amount.ShouldBe(score.Shares[part] * part.Most.Usual, 1e-9);
                    of.Amount.Amount.ShouldBeInRange(0, part.Most.Usual);
                }
            }
        }
    }

    /// <summary>
    /// By hand, a malt custard in an all-butter shell sealed with white, 14 h ahead: 60 % of its crispness’ day has gone at three quarters
    /// of it, so 1 − 0.75 × 14 ÷ 24 × (water ÷ 0.6). Rolled dough bites in full.
    /// </summary>
    [Fact]
    public void Crispness_is_what_the_hours_and_the_water_leave_of_it()
    {
        var cell = At(Whole.Value, CrustBook.ButterFlaky, FillingBook.MaltCustard);
        cell.Best.Crust.Seal.ShouldBe(Seal.White);
        var lines = FillingBook.MaltCustard.Lines;
        var water = lines.Sum(l => l.Grams * l.Ingredient.Makeup.Water) / lines.Sum(l => l.Grams);
        cell.Score.Shares[ScorePart.Crisp].ShouldBe(1 - (0.75 * 14 / 24 * (water / 0.6)), 1e-6);
        cell.Score.Shares[ScorePart.Textures].ShouldBe(1);
    }

    [Fact]
    public void Later_is_never_crisper_and_more_hands_are_never_better()
    {
        var soon = At(Of(Counter with { FilledAhead = 4 }), CrustBook.ButterFlaky, FillingBook.MaltCustard);
        var late = At(Of(Counter with { FilledAhead = 20 }), CrustBook.ButterFlaky, FillingBook.MaltCustard);
        soon.Score.Shares[ScorePart.Crisp].ShouldBeGreaterThan(late.Score.Shares[ScorePart.Crisp]);
        var byHands = Whole.Value.Cells.SelectMany(r => r)
            .Select(c => (Minutes: Assessment.Of(c.Best).Times.HandsOn.Value.Best, Share: c.Score.Shares[ScorePart.Hands])).OrderBy(x =>
                x.Minutes);
        byHands.Select(x => x.Share).ShouldBeInOrder(SortDirection.Descending);
    }

    /// <summary>Each at its best: never worse than as it is usually made, and still of that crust and filling.</summary>
    [Fact]
    public void Each_is_judged_at_its_best()
    {
        var wish = new Wish(PanCupboard.Plate23, Counter);
        foreach (var cell in Whole.Value.Cells.SelectMany(r => r))
        {
            (cell.Best.Crust.Family, cell.Best.Filling.Formula, cell.Best.Pan).ShouldBe((cell.Crust, cell.Filling, PanCupboard.Plate23));
            if (cell.Goes is PairVerdict.Well)
                cell.Score.Points.ShouldBeGreaterThanOrEqualTo(
                    PairScore.Of(Assessment.Of(wish.For(cell.Crust, cell.Filling, Core.Toppings.Topping.None, Schools.None)))
                        .Points - 1e-9);
        }

        // Crumb that leaks under a thin baked filling stays poor however it is baked.
        At(Whole.Value, CrustBook.PlainCrumb, FillingBook.RhubarbCustard).Level.ShouldBe(PairLevel.Poor);
    }

    [Fact]
    public void A_crust_lifts_what_it_is_known_to_lift()
    {
        Affinity.Of(CrustBook.GingerCrumb, FillingBook.LemonCheese)!.Phrase.ShouldBe("ginger lifts it");
        Affinity.Of(CrustBook.PretzelCrumb, FillingBook.GrapefruitCurd)!.Phrase.ShouldBe("salt against sweet");
        Affinity.Of(CrustBook.ButterFlaky, FillingBook.MaltCustard)!.Phrase.ShouldBe("flakes under cream and fruit");
        Affinity.Of(CrustBook.PlainCrumb, FillingBook.MaltCustard).ShouldBeNull();

        // Every one of them is true of some pairing, and of no crust for all fillings.
        foreach (var affinity in Affinity.All)
        {
            var crusts = CrustBook.All.Where(affinity.Crust).ToList();
            crusts.ShouldNotBeEmpty(affinity.Phrase);
            FillingBook.All.Count(affinity.Filling).ShouldBeInRange(1, FillingBook.All.Count - 1, affinity.Phrase);
        }
    }

    /// <summary>
    /// Twelve lemons are as many as twelve give: juice and zest come off the same ones, and the one counts of which more are taken.
    /// </summary>
    [Fact]
    public void What_wants_using_is_counted_in_whole_pies()
    {
        var lemons = Pantry.Find(Pantry.LemonJuice.PartOf)!;
        var twelve = WantsUsing.Of(Whole.Value, lemons, new(12 * lemons.GramsEach), Kitchen.Usual);
        twelve.ShouldNotBeEmpty();
        twelve.Select(w => w.Cell.Filling.Lines.Any(l => l.Ingredient.PartOf == lemons.Id)).ShouldAllBe(x => x);
        foreach (var one in twelve)
        {
            one.Pies.ShouldBe((int)Math.Floor(12 * lemons.GramsEach / one.PerPie.Value.Value * 1.02), one.Cell.Filling.Name);

            // The best crust there is for it.
            var column = Whole.Value.Cells.SelectMany(r => r).Where(c => c.Filling == one.Cell.Filling);
            one.Cell.Score.Points.ShouldBe(column.Where(c => c.Level is not PairLevel.No).Max(c => c.Score.Points));
        }

        WantsUsing.Of(Whole.Value, lemons, new(24 * lemons.GramsEach), Kitchen.Usual).Sum(w => w.Pies)
            .ShouldBeGreaterThan(twelve.Sum(w => w.Pies));
        WantsUsing.Of(Whole.Value, Pantry.Find("lard")!, new(500), Kitchen.Usual).ShouldBeEmpty();
    }
}
