using FsCheck;
using FsCheck.Xunit;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Shells;
using RoundCrumb.Formats.Reading;

namespace RoundCrumb.Formats.Tests.Reading;

public class ShellOrderReaderTests
{
    private static readonly Pan Blue = new(
        PanCupboard.OwnId, "Gran’s blue dish", PanKind.PiePlate, PanMaterial.Ceramic, new(255), new(200), new(36))
    { Key = "kitchen-7" };
    private static readonly IReadOnlyList<Pan> Pans = [.. PanCupboard.All, Blue];

    [Theory]
    [InlineData("two 23 cm and one 28 cm, two to freeze", "plate-23:2:2 plate-28:1:0")]
    [InlineData("5 23cm plates, 3 for the freezer", "plate-23:5:3")]
    [InlineData("five 23 cm pie plates to freeze", "plate-23:5:5")]
    [InlineData("2 x 23 cm; 3 × 20 cm", "plate-23:2:0 plate-20:3:0")]
    [InlineData("a 9-inch plate and a dozen 8 cm tartlets", "plate-23:1:0 tartlet-8:12:0")]
    [InlineData("one 35 x 11 cm oblong tart, two 25 cm tart tins", "oblong-35:1:0 tart-25:2:0")]
    [InlineData("3 gran’s blue dish plus one 18cm springform", "kitchen-7:3:0 springform-18:1:0")]
    [InlineData("two 23 cm, two 23 cm", "plate-23:4:0")]
    [InlineData("three 23 cm and two 20 cm, all frozen", "plate-23:3:3 plate-20:2:2")]
    [InlineData("four 23 cm and two 20 cm, five to freeze", "plate-23:4:4 plate-20:2:1")]
    public void Words_become_rows(string text, string rows)
    {
        var read = ShellOrderReader.Read(text, Pans, CrustBook.ButterFlaky);
        Said(read.Orders).ShouldBe(rows);
        read.Unclear.ShouldBeEmpty();
    }

    [Fact]
    public void A_sweet_dough_means_the_fluted_tin_where_only_a_size_is_said() =>
        Said(ShellOrderReader.Read("two 23 cm", Pans, CrustBook.SweetShort).Orders).ShouldBe("tart-23:2:0");

    [Theory]
    [InlineData("two 45 cm and one 23 cm", "no pan of that size", "plate-23:1:0")]
    [InlineData("some of the good ones", "which pan?", "")]
    public void What_is_not_understood_is_said_and_the_rest_is_kept(string text, string says, string rows)
    {
        var read = ShellOrderReader.Read(text, Pans, CrustBook.ButterFlaky);
        read.Unclear.ShouldHaveSingleItem().ShouldContain(says);
        Said(read.Orders).ShouldBe(rows);
    }

    [Property(MaxTest = 300)]
    public void Nothing_written_breaks_it(NonNull<string> text, int seed)
    {
        string[] pieces = [
            "two", "23 cm", "and", ",", "freeze", "999999999999", "0 cm", "x", "tart", "½", text.Get, "\"", "1.5.2 cm", "dozen"
        ];
        var random = new Random(seed);
        var read = ShellOrderReader.Read(
            string.Join(' ', Enumerable.Range(0, random.Next(12)).Select(_ => pieces[random.Next(pieces.Length)])), Pans,
            CrustBook.ButterFlaky);
        read.Orders.ShouldAllBe(o => o.Count >= 1 && o.Count <= ShellOrder.Most && o.ToFreeze >= 0 && o.ToFreeze <= o.Count);
    }

    private static string Said(IEnumerable<ShellOrder> orders) =>
        string.Join(' ', orders.Select(o => $"{o.Pan.Key}:{o.Count}:{o.ToFreeze}"));
}
