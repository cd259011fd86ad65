using RoundCrumb.Core.Advice;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Tests.Composing;

/// <summary>What an address names and is not here keeps its name, and is never taken for something usual.</summary>
public sealed class MissingPartTests
{
    private const string Whole = "pan=plate-23&crust=butter-flaky&seal=white"
        + "&under1=coffee-custard&under1-high=6&fill=malt-custard&top=icing"
        + "&on1=toasted-almonds";

    public static TheoryData<string, string> Named => new()
    {
        { "pan", "box-pan-9" }, { "crust", "box-4-2" }, { "seal", "gold" }, { "oven", "oven-77" }, { "fill", "box-7-1" },
        { "fill", "nuß & datteln=ja" }, { "top", "box-8-1" }, { "on1", "glitter" }, { "under1", "box-9-3" }, { "under2", "box-9-4" },
        { "on2", "star-dust" },
    };

    [Theory]
    [MemberData(nameof(Named))]
    public void It_keeps_its_name_through_reading_and_writing(string field, string typed)
    {
        var read = CompositionAddress.Read(With(field, typed));
        var missing = read.Composition.Missing.Single();
        (missing.Field, missing.Typed).ShouldBe((field, typed));
        read.Troubles.ShouldContain(t => t.Field == field && t.Message.Template.Contains("stays as it is written"));

        // Written and read again it is still missing, and nothing else has moved.
        var written = CompositionAddress.Write(read.Composition);
        CompositionAddress.FieldsOf(written)[field].ShouldBe(typed);
        var again = CompositionAddress.Read(written).Composition;
        again.Missing.Single().Typed.ShouldBe(typed);
        CompositionAddress.Write(again).ShouldBe(written);
        again.Under.Count.ShouldBe(read.Composition.Under.Count);
        again.Over.Count.ShouldBe(read.Composition.Over.Count);
        if (field is "under1")
            again.Under.ShouldBeEmpty();
    }

    [Theory]
    [MemberData(nameof(Named))]
    public void It_stops_the_pie_until_somebody_chooses(string field, string typed)
    {
        var pie = Assessment.Of(CompositionAddress.Read(With(field, typed)).Composition);
        var found = pie.Advice.Single(f => f.Rule.Id.StartsWith("missing-", StringComparison.Ordinal));
        (found.Severity, found.MayBeKnown).ShouldBe((Severity.Stops, false));
        found.Remedies[0].Apply(pie.Composition).IsWhole.ShouldBeTrue();
    }

    /// <summary>A filling of peanuts that cannot be used is not malt custard: its peanuts are for nobody who must not have them.</summary>
    [Fact]
    public void What_is_in_a_part_that_cannot_be_used_is_still_in_the_pie()
    {
        var part = new PartRecipe(
            "box-7-1", "Peanuts and dates", PartKind.Filling, "starch-custard", [new(Pantry.Get("peanuts"), 200), new(Pantry.Honey, 80)]);
        part.Trouble.Exists.ShouldBeTrue();
        var read = CompositionAddress.Read(With("fill", "box-7-1") + "&no-nuts=1", PartBook.Shipped.With([part]));
        var missing = read.Composition.Missing.Single();
        missing.Name.ShouldBe("Peanuts and dates");
        missing.Why.ShouldBe(part.Trouble.Says);
        Held.Of(read.Composition).ShouldContain(h => h.In == HeldIn.Filling && h.What.Id == "peanuts");
        Held.Of(read.Composition).ShouldNotContain(h => h.In == HeldIn.Filling && h.What.Id == "malted-milk");
        Assessment.Of(read.Composition).Advice.ShouldContain(f => f.Rule.Id == "allergen-filling");

        // Of what is not here at all nothing is known: that is never none.
        var gone = CompositionAddress.Read(With("fill", "box-7-1") + "&no-sesame=1").Composition;
        Assessment.Of(gone).Advice.ShouldContain(f => f.Rule.Id == "allergen-filling");
    }

    [Fact]
    public void Another_part_that_is_chosen_takes_its_place()
    {
        var c = CompositionAddress.Read(With("fill", "box-7-1")).Composition;
        var other = c with { Filling = c.Filling with { Formula = FillingBook.LemonCheese } };
        CompositionAddress.FieldsOf(CompositionAddress.Write(other))["fill"].ShouldBe("lemon-cheese");
    }

    private static string With(string field, string typed)
    {
        var kept = Whole.Split('&').Where(f => !f.StartsWith(field + "=", StringComparison.Ordinal));
        return string.Join('&', kept) + $"&{field}={Uri.EscapeDataString(typed)}";
    }
}
