using System.Globalization;
using System.Runtime.CompilerServices;
using System.Security.Cryptography;
using System.Text;
using RoundCrumb.Core.Advice;
using RoundCrumb.Core.Arranging;
using RoundCrumb.Core.Batches;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Steps;
using RoundCrumb.Core.Toppings;
using RoundCrumb.Core.Units;
using RoundCrumb.Data.Demo;

namespace RoundCrumb.Web.Tests.Characterisation;

/// <summary>
/// Two thousand pies of chance and all of the demo's, everything that is said of each kept as a few letters: the address
/// written and read back, the sheet, the advice, the steps, the figures. Whoever moves code changes none of it; whoever
/// changes a sum or a sentence writes the file anew (ROUNDCRUMB_SNAPSHOT=write) and says in the commit what changed and why.
/// </summary>
public sealed class PieSnapshotTests
{
    private const int Number = 2000;
    private const int Seed = 190_641;
    private static readonly string[] Kinds = ["address", "sheet", "advice", "steps", "figures"];

    [Fact]
    public void Everything_that_is_said_of_two_thousand_pies_is_as_it_was()
    {
        var now = Addresses().Select((a, i) => $"{i} {string.Join(' ', Said(a).Select(Short))}").ToList();
        var file = Path.Combine(Path.GetDirectoryName(Here())!, "pies.snapshot.txt");
        if (Environment.GetEnvironmentVariable("ROUNDCRUMB_SNAPSHOT") == "write")
            File.WriteAllLines(file, now);
        var was = File.ReadAllLines(file);
        was.Length.ShouldBe(now.Count);
        var changed = now.Zip(was).Select((pair, i) => (Now: pair.First.Split(' '), Was: pair.Second.Split(' '), Address: i))
            .Where(c => !c.Now.SequenceEqual(c.Was)).ToList();
        changed.Select(
            c => $"{string.Join(", ", Kinds.Where((_, k) => c.Now[k + 1] != c.Was[k + 1]))} of {Addresses().ElementAt(c.Address)}")
            .Take(5).ShouldBeEmpty($"{changed.Count} of {now.Count} pies");
    }

    private static string Here([CallerFilePath] string file = "") => file;

    private static string Short(string text) => Convert.ToHexStringLower(SHA256.HashData(Encoding.UTF8.GetBytes(text)))[..6];

    /// <summary>All that is said of a pie, a text for each kind.</summary>
    private static IEnumerable<string> Said(string address)
    {
        var shown = new QuantityFormatter(UnitChoice.Usual);
        var composition = CompositionAddress.Read(address).Composition;
        var pie = Assessment.Of(composition, 3);
        var sheet = BatchSheet.Of(pie);
        yield return CompositionAddress.Write(composition) + "\n"
            + CompositionAddress.Write(CompositionAddress.Read(CompositionAddress.Write(composition)).Composition);
        yield return string.Join(
            '\n',
            sheet.Parts.SelectMany(
                p =>
                    p.Lines.Select(
                        l =>
                            string.Create(
                                CultureInfo.InvariantCulture,
                                $"{p.Name}|{l.Key}|{l.Ingredient.Id}|{l.Mass.Value.Value:G9}|{l.Pieces:G9}|{l.Note}"))))
            + sheet.Allergens;
        yield return string.Join(
            '\n',
            pie.Advice.Select(
                f =>
                    $"{f.Rule.Id}|{f.Severity}|{shown.Say(f.Says)}|{shown.Say(f.Because)}|"
                        + string.Join(
                            '|', f.Remedies.Select(r => shown.Say(r.Do) + r.Cost + CompositionAddress.Write(r.Apply(composition))))));
        yield return string.Join(
            '\n',
            pie.Chain.Steps.Select(
                s =>
                    string.Create(
                        CultureInfo.InvariantCulture,
                        $"{s.Part}|{s.Label}|{s.HandsOn:G9}|{s.Wait.Least:G9}|{s.Wait.Best:G9}|{s.Wait.Most:G9}|{shown.Say(s.Do)}|"
                            + $"{s.Cue}|{shown.Say(s.Caution)}")));
        yield return string.Join(
            '\n',
            sheet.Figures().OrderBy(f => f.Id, StringComparer.Ordinal)
                .Select(
                    f =>
                        string.Create(
                            CultureInfo.InvariantCulture,
                            $"{f.Id}|{f.Name}|{f.Amount.Amount:G9}|{f.Amount.Low:G9}|{f.Amount.High:G9}|{f.Formula}")));
    }

    /// <summary>The demo's pies, and as many of chance as make up the number: each field left out, usual or any that it may be.</summary>
    internal static IEnumerable<string> Addresses()
    {
        var random = new Random(Seed);
        string One(params IEnumerable<string> of) => of.ElementAt(random.Next(of.Count()));
        foreach (var (_, address) in DemoData.Pies)
            yield return address;
        for (var i = 0; i < Number; i++)
        {
            var fields = new List<string>
            {
                "pan=" + One(PanCupboard.All.Select(p => p.Id)),
                "crust=" + One(CrustBook.All.Select(c => c.Id)),
                "fill=" + One(FillingBook.All.Select(f => f.Id)),
                "top=" + One(Topping.All.Select(t => t.Id))
            };
            Maybe("bake", One("hot", "steady", "baked", "chilled"));
            Maybe("edge", One("trimmed", "crimped", "fluted"));
            Maybe("seal", One(Seal.All.Select(s => s.Id)));
            Maybe("thick", Half(2, 12));
            Maybe("frozen", "1");
            Maybe("brown", "1");
            Maybe("make", One("exact", "below", "above", "1", "2.5"));
            Maybe("line", Half(0, 30));
            Maybe("set", Half(50, 200));
            Maybe("cream", Half(2, 60));
            Maybe("ahead", Half(0, 90));
            Maybe("topped", Half(0, 30));
            Maybe("on1", One(Topping.All.Select(t => t.Id)), 4);
            Maybe("top-laid", One(Enum.GetValues<Pattern>().Select(CompositionAddress.NameOf)), 4);
            Maybe("under1", One(FillingBook.All.Select(f => f.Id).Concat(PieceBook.All.Select(p => p.Id))), 4);
            Maybe("under1-high", Half(2, 20), 4);
            foreach (
                var needs in new[]
                {
                    CompositionAddress.NoOven,
                    CompositionAddress.Vegetarian,
                    CompositionAddress.NoAlcohol,
                    CompositionAddress.NoRawEgg
                }.Concat(Needs.Groups.Select(g => g.Field)))
                Maybe(needs, "1", 12);
            yield return string.Join('&', fields);

            string Half(int least, int most) =>
                (random.Next(least * 2, (most * 2) + 1) / 2.0).ToString("0.#", CultureInfo.InvariantCulture);

            void Maybe(string field, string value, int oneIn = 2)
            {
                if (random.Next(oneIn) == 0)
                    fields.Add($"{field}={value}");
            }
        }
    }
}
