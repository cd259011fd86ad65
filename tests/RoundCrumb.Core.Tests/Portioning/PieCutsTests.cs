using FsCheck;
using FsCheck.Xunit;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Portioning;

namespace RoundCrumb.Core.Tests.Portioning;

/// <summary>How a pie is cut.</summary>
public sealed class PieCutsTests
{
    private static PieCuts Cut(string address, int? slices = null) =>
        PieCuts.Of(Assessment.Of(CompositionAddress.Read(address).Composition, 1, Kitchen.Usual), slices);

    /// <summary>A plate of 229 mm is 719 mm round; into nine, 80 mm each at the rim.</summary>
    [Fact]
    public void A_round_pie_is_cut_from_the_middle()
    {
        var cuts = Cut("pan=plate-23&crust=butter-flaky&fill=malt-custard&top=icing", 9);
        (cuts.Rows, cuts.Columns, cuts.Slices).ShouldBe((0, 9, 9));
        cuts.Size.Value.Value.ShouldBe(79.9, 0.2);
        cuts.Cuts.Count.ShouldBe(9);
        cuts.Cuts.ShouldAllBe(c => Math.Abs(Math.Sqrt((c.X2 * c.X2) + (c.Y2 * c.Y2)) - 114.5) < 0.1);
        cuts.Trimmed.Value.Value.ShouldBe(0);
        cuts.Each.Value.Value.ShouldBeInRange(130, 170);
    }

    /// <summary>
    /// A tin of 280 by 180 mm less 5 mm all round is 270 by 170: fifteen bars are three rows of five, 54 by 57 mm, and a twentieth or so of
    /// the
    /// tin is trimmed off.
    /// </summary>
    [Fact]
    public void Bars_are_cut_by_a_grid_with_their_edges_trimmed()
    {
        var cuts = Cut("pan=tray-28&crust=plain-crumb&fill=lemon-cheese&top=none", 15);
        (cuts.Rows, cuts.Columns).ShouldBe((3, 5));
        cuts.Size.Value.Value.ShouldBe(54, 0.5);
        cuts.Cuts.Count.ShouldBe(4 + 4 + 2);
        cuts.Trimmed.Value.Value.ShouldBeGreaterThan(0);
        (cuts.Trimmed.Value.Value / ((cuts.Each.Value.Value * 15) + cuts.Trimmed.Value.Value)).ShouldBe(1 - (270 * 170 / (280.0 * 180)),
            0.02);
    }

    [Fact]
    public void A_narrow_tart_is_cut_across_and_a_small_one_not_at_all()
    {
        var across = Cut("pan=oblong-35&crust=sweet-short&fill=sharp-lemon&top=none", 7);
        (across.Rows, across.Columns, across.Cuts.Count).ShouldBe((1, 7, 6));
        across.Cuts.ShouldAllBe(c => Math.Abs(c.X1 - c.X2) < 1e-9);
        Cut("pan=tartlet-8&crust=sweet-short&fill=sharp-lemon&top=none").Cuts.ShouldBeEmpty();
    }

    [Property(MaxTest = 60)]
    public bool The_slices_and_what_is_trimmed_off_are_the_pie(PositiveInt asked, bool square)
    {
        var address = square ? "pan=square-23&crust=plain-crumb&fill=lemon-cheese&top=none"
            : "pan=tart-23&crust=sweet-short&fill=sharp-lemon&top=none";
        var cuts = Cut(address, asked.Get);
        var whole = Cut(address, 1).Each.Value.Value;
        return cuts.Slices is >= 1 and <= PieCuts.Most
            && Math.Abs((cuts.Each.Value.Value * cuts.Slices) + cuts.Trimmed.Value.Value - whole) < 1e-6
            && (!square || asked.Get > PieCuts.Most || Math.Abs(cuts.Slices - asked.Get) <= 2);
    }
}
