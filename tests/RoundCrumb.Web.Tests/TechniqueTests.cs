using System.Text.Encodings.Web;
using System.Text.RegularExpressions;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Faults;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Toppings;
using RoundCrumb.Web.Features.Guide;

namespace RoundCrumb.Web.Tests;

/// <summary>What an eye goes by, drawn and in words.</summary>
public sealed partial class TechniqueTests
{
    public static TheoryData<Technique> All => [.. Enum.GetValues<Technique>()];

    private static string Drawn(Technique technique, Taken taken)
    {
        using var writer = new StringWriter();
        TechniqueDrawing.Draw(technique, taken).WriteTo(writer, HtmlEncoder.Default);
        return writer.ToString();
    }

    [Theory]
    [MemberData(nameof(All))]
    public void Too_little_right_and_too_much_are_told_apart_without_colour_and_in_words(Technique technique)
    {
        var states = Enum.GetValues<Taken>();
        states.Select(s => technique.Looks(s)).Distinct().Count().ShouldBe(3);
        states.ShouldAllBe(s => Drawn(technique, s).Contains($"<title>{technique.Looks(s)}</title>", StringComparison.Ordinal));

        // The lines alone, without what they are filled with: no two states share more than a part of them.
        var lines = states.Select(s => Lines().Matches(Drawn(technique, s)).Select(m => m.Value).ToHashSet()).ToList();
        foreach (var (one, other) in new[] { (0, 1), (1, 2), (0, 2) })
        {
            var shared = lines[one].Intersect(lines[other]).Count();
            ((double)shared / Math.Max(lines[one].Count, lines[other].Count)).ShouldBeLessThan(0.8);
            lines[one].SetEquals(lines[other]).ShouldBeFalse();
        }
    }

    [Fact]
    public void An_eye_goes_by_what_this_pie_is_made_of()
    {
        static Composition Pie(FillingFormula filling, Topping topping) =>
            Composition.For(PanCupboard.Plate23, CrustBook.ButterFlaky, filling, topping);
        var custard = Pie(FillingBook.MaltCustard, Topping.Icing);
        Techniques.At(StepKind.MakeFilling, custard).ShouldBe(Technique.Custard);
        Techniques.At(StepKind.PutCreamOn, custard).ShouldBe(Technique.Cream);
        Techniques.At(StepKind.WeightsOut, custard).ShouldBe(Technique.BlindBake);
        Techniques.At(StepKind.Fill, custard).ShouldBe(Technique.Film);
        Techniques.At(StepKind.Set, custard).ShouldBeNull();

        // Every kind of step of every pie of the book is known, and what bakes filled is looked at by its own rule.
        foreach (var filling in FillingBook.All)
        {
            var pie = Pie(filling, Topping.Icing);
            foreach (var kind in Enum.GetValues<StepKind>())
                Should.NotThrow(() => Techniques.At(kind, pie));
            if (filling.Family.Bake is not null && filling.Family.Scale != SetScale.Chocolate)
                Techniques.At(StepKind.BakeFilled, pie).ShouldNotBeNull(filling.Name);
        }
    }

    /// <summary>Five stages of cream, each drawn in lines of its own and named.</summary>
    [Fact]
    public void Cream_is_drawn_stage_by_stage()
    {
        var drawn = Enum.GetValues<CreamStage>().Select(s =>
        {
            using var writer = new StringWriter();
            TechniqueDrawing.Draw(s).WriteTo(writer, HtmlEncoder.Default);
            writer.ToString().ShouldContain($"<title>{s.Looks}</title>");
            return string.Concat(Lines().Matches(writer.ToString()).Select(m => m.Value));
        }).ToList();
        drawn.Distinct().Count().ShouldBe(5);
    }

    [GeneratedRegex(" (?:d|cx|cy|r|rx|ry)=\"[^\"]*\"")]
    private static partial Regex Lines();
}
