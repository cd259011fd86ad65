using FsCheck;
using FsCheck.Xunit;
using RoundCrumb.Core.Buying;

namespace RoundCrumb.Core.Tests.Buying;

/// <summary>The cheapest packs that hold what is wanted.</summary>
public sealed class CheapestPacksTests
{
    private static PackOffer Pack(double grams, decimal price) => new(grams, price);

    private static (double Grams, int Count)[] Counts(PackSet? set) =>
        [.. set.ShouldNotBeNull().Packs.Select(p => (p.Pack.Grams, p.Count))];

    /// <summary>
    /// Butter at 250 g for 2.20 and 500 g for 4.10. For 620 g: three small ones are 6.60; a large and a small one 6.30; two large ones
    /// 8.20.
    /// </summary>
    [Fact]
    public void A_large_and_a_small_one_are_cheapest()
    {
        var set = CheapestPacks.Of(620, [Pack(250, 2.20m), Pack(500, 4.10m)]);
        Counts(set).ShouldBe([(500, 1), (250, 1)]);
        (set!.Price, set.Grams).ShouldBe((6.30m, 750));
    }

    [Fact]
    public void A_bigger_pack_that_is_cheaper_as_a_whole_is_taken()
    {
        // 1 kg for 1.00 costs less than 100 g for 1.20, although nine tenths of it stay.
        Counts(CheapestPacks.Of(100, [Pack(100, 1.20m), Pack(1000, 1.00m)])).ShouldBe([(1000, 1)]);
    }

    [Fact]
    public void Of_equally_cheap_ones_the_fewest_and_then_those_that_leave_the_least()
    {
        Counts(CheapestPacks.Of(1000, [Pack(250, 1), Pack(1000, 4)])).ShouldBe([(1000, 1)]);
        Counts(CheapestPacks.Of(300, [Pack(400, 3), Pack(500, 3)])).ShouldBe([(400, 1)]);
    }

    [Fact]
    public void The_ends_are_said_and_nothing_is_made_up()
    {
        CheapestPacks.Of(0, [Pack(250, 1)]).ShouldNotBeNull().Packs.ShouldBeEmpty();
        CheapestPacks.Of(100, []).ShouldBeNull();
        CheapestPacks.Of(100, [Pack(0, 1)]).ShouldBeNull("a pack that holds nothing is none");
        CheapestPacks.Of(double.NaN, [Pack(1, 1)]).ShouldNotBeNull().Packs.ShouldBeEmpty();
        Counts(CheapestPacks.Of(250, [Pack(250, 0)])).ShouldBe([(250, 1)], "what is given costs nothing");

        // Two tonnes of what is sold by 7.3 and 11.9 g: still a set that holds it.
        CheapestPacks.Of(2_000_000, [Pack(7.3, 0.10m), Pack(11.9, 0.15m)]).ShouldNotBeNull().Grams.ShouldBeGreaterThanOrEqualTo(2_000_000);
    }

    /// <summary>Against trying every number of every pack.</summary>
    [Property(MaxTest = 150)]
    public bool It_is_as_cheap_as_the_best_of_all_sets(PositiveInt grams, PositiveInt a, PositiveInt b, PositiveInt c)
    {
        PackOffer[] offers =
        [
            Pack(20 + (a.Get * 7 % 180), a.Get % 19), Pack(20 + (b.Get * 11 % 300), (b.Get % 23) + 1),
            Pack(20 + (c.Get * 13 % 700), (c.Get % 29) + 1),
        ];
        var wanted = 1 + (grams.Get * 17 % 900);
        var best = (Price: decimal.MaxValue, Count: int.MaxValue, Grams: double.MaxValue);
        var most = offers.Select(o => (int)Math.Ceiling(wanted / o.Grams)).ToList();
        for (var i = 0; i <= most[0]; i++)
        {
            for (var j = 0; j <= most[1]; j++)
            {
                for (var k = 0; k <= most[2]; k++)
                {
                    var holds = (i * offers[0].Grams) + (j * offers[1].Grams) + (k * offers[2].Grams);
                    var set = (Price: (i * offers[0].Price) + (j * offers[1].Price) + (k * offers[2].Price), Count: i + j + k,
                        Grams: holds);
                    if (holds >= wanted && set.CompareTo(best) < 0)
                        best = set;
                }
            }
        }

        var found = CheapestPacks.Of(wanted, offers)!;
        return (found.Price, found.Packs.Sum(p => p.Count), found.Grams) == best;
    }
}
