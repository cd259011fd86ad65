using System.Globalization;
using Microsoft.AspNetCore.Html;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Pairing;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Advice;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Pairing;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Core.Steps;
using RoundCrumb.Core.Toppings;
using RoundCrumb.Core.Units;
using RoundCrumb.Core.Working;
using RoundCrumb.Data.Pies;
using RoundCrumb.Formats.Reading;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Pairings;

/// <summary>Crusts against fillings for a pan, its guests and its hours, and whole pies for them.</summary>
public sealed class IndexModel(CompositionReader compositions, PieShelf shelf, BoardKeeper boards, Preferences baker) : PageModel
{
    private const int MostSuggested = 6;
    private const int OnACounter = 4;

    private static readonly (string Field, string Name, Ingredient Ingredient)[] LeftOvers =
    [
        ("left-whites", "egg whites", Pantry.EggWhite), ("left-yolks", "yolks", Pantry.Yolk), ("left-cream", "cream", Pantry.DoubleCream),
        ("left-crumbs", "crumbs", Pantry.BiscuitCrumbs),
    ];

    private static readonly string[] Begins = ["crust-first", "filling-first", "use", "many", "from"];

    private ReadComposition _read = null!;
    private DegreesField _room;

    /// <summary>What it is for: pan, guests and hours of this composition.</summary>
    public Composition C => _read.Composition;

    /// <summary>The parts.</summary>
    public PartBook Book { get; private set; } = PartBook.Shipped;

    /// <summary>The kitchen.</summary>
    public Kitchen Kitchen { get; private set; } = Kitchen.Usual;

    /// <summary>The board.</summary>
    public Board Board { get; private set; } = null!;

    /// <summary>The pairing that is opened, as it is usually made; none for none.</summary>
    public Verdict? Opened { get; private set; }

    /// <summary>The same at its best; none where none is opened, or where it does not stand on the board.</summary>
    public Cell? OpenedCell { get; private set; }

    /// <summary>The crust that one has; none where the board is asked for, or a filling.</summary>
    public CrustFamily? HaveCrust { get; private set; }

    /// <summary>The crusts that one has, how many and how far they have got; none where the board is asked for, or a filling.</summary>
    public ShellsInHand? Shells { get; private set; }

    /// <summary>What they can be filled with, the best first.</summary>
    public IReadOnlyList<FilledShells> Filled { get; private set; } = [];

    /// <summary>The one of these that is opened; none where none is.</summary>
    public FilledShells? OpenedShells { get; private set; }

    /// <summary>How many one has, as typed.</summary>
    public string ManyTyped { get; private set; } = "";

    /// <summary>What is wrong with that; none where nothing is.</summary>
    public string? ManyTrouble { get; private set; }

    /// <summary>The filling that one has; none where the board is asked for, or a crust.</summary>
    public FillingFormula? HaveFilling { get; private set; }

    /// <summary>What wants using, as typed; empty for nothing.</summary>
    public string UseTyped { get; private set; } = "";

    /// <summary>What of that could not be read; empty where all could.</summary>
    public string UseTrouble { get; private set; } = "";

    /// <summary>What it was taken for, and how much; none where nothing is to be used.</summary>
    public (Ingredient What, Grams Much)? Use { get; private set; }

    /// <summary>What would use it, the best first.</summary>
    public IReadOnlyList<WantsUsing> Users { get; private set; } = [];

    /// <summary>What goes with what one has, the best first.</summary>
    public IReadOnlyList<Cell> Partners { get; private set; } = [];

    /// <summary>True where the whole board is shown.</summary>
    public bool IsBoard => HaveCrust is null && HaveFilling is null && UseTyped.Length == 0;

    /// <summary>The best and the worst of each row and column.</summary>
    public IReadOnlySet<Cell> Best { get; private set; } = new HashSet<Cell>();

    /// <summary>Toppings for the pair that is opened, by verdict.</summary>
    public ILookup<PairVerdict, (Topping Topping, Verdict Verdict)> Toppings { get; private set; } = Array.Empty<(Topping, Verdict)>()
        .ToLookup(_ => PairVerdict.Well);

    /// <summary>Whole pies for these guests, the best first.</summary>
    public IReadOnlyList<Suggestion> Ranked { get; private set; } = [];

    /// <summary>Some of them that differ.</summary>
    public IReadOnlyList<Suggestion> Counter { get; private set; } = [];

    /// <summary>The baker's units.</summary>
    public QuantityFormatter Shown { get; } = baker.Shown;

    /// <summary>What the day leaves over, with a tick for what was said.</summary>
    public IEnumerable<(string Field, string Name, bool Here)> Left =>
        LeftOvers.Select(l => (l.Field, l.Name, Request.Query.ContainsKey(l.Field)));

    /// <summary>How warm it is in there, as the field shows it, and its unit.</summary>
    public (string Text, string Unit) Room => (_room.Text, _room.Unit);

    /// <summary>What is wrong with the warmth that was typed; none where nothing is.</summary>
    public string? RoomTrouble => _room.Trouble.Length == 0 ? null : _room.Trouble + " The kitchen’s own warmth until then.";

    /// <summary>The most pies of the box that are ranked, those changed last: each is worked out for this pan and these guests.</summary>
    public const int MostRanked = 60;

    /// <summary>True where the box holds more pies than are ranked.</summary>
    public bool HasMore { get; private set; }

    /// <summary>What could not be used.</summary>
    public IReadOnlyList<Trouble> Troubles =>
    [
        .. _read.Troubles.Where(
            t =>
                t.Field is CompositionAddress.PanField or CompositionAddress.Ahead or CompositionAddress.Topped
                    or CompositionAddress.OnTable)
    ];

    /// <summary>Shows the board.</summary>
    public async Task<IActionResult> OnGetAsync(string? with, CancellationToken cancel)
    {
        Book = await compositions.OfferedAsync(Request.QueryString.Value ?? "", cancel);
        Kitchen = await compositions.KitchenAsync(cancel);
        _room = DegreesField.Of(Request.Query["room"], Kitchen.Room.Value, 0, 50, Shown.Units.Oven);
        Kitchen = Kitchen with { Room = new(Math.Round(_room.Celsius, 1)) };
        _read = CompositionAddress.Read(
            name => Request.Query.TryGetValue(name, out var value) ? value.ToString() : null, Shown.Units.Length, Book);
        var wish = new Wish(C.Pan, C.Occasion);
        var crusts = Book.Crusts.Where(c => c is not ShellFamily).ToList();
        Board = boards.Of(wish, crusts, Book.Fillings, Book.Own, Kitchen);
        if ((with ?? "").Split(',') is [var crustId, var fillingId] && Book.Crust(crustId) is { } crust
                && Book.Filling(fillingId) is { } filling)
        {
            Opened = Verdict.WithChanges(Assessment.Of(wish.For(crust, filling, Topping.None, Kitchen.Schools), 1, Kitchen));
            OpenedCell = Board.Cells.SelectMany(r => r).FirstOrDefault(c => c.Crust.Id == crustId && c.Filling.Id == fillingId);
            Toppings = Board.ToppingsFor(wish, crust, filling, Book, Kitchen).ToLookup(t => t.Verdict.Goes);
        }

        Best = Board.Cells.Select(r => Board.Ranked(r).First())
            .Concat(Board.Fillings.Select((_, i) => Board.Ranked(Board.Cells.Select(r => r[i])).First())).Where(c =>
                c.Level is not PairLevel.No)
            .ToHashSet();
        await HaveAsync(cancel);
        var pies = await shelf.ListAsync(0, MostRanked + 1, cancel: cancel);
        HasMore = pies.Count > MostRanked;
        pies = [.. pies.Take(MostRanked)];
        var named = await compositions.BookAsync(pies.Select(p => p.Address), cancel);
        var left = LeftOvers.Where(l => Request.Query.ContainsKey(l.Field)).Select(l => l.Ingredient).ToHashSet();
        Ranked = Suggestion.Rank(
            pies.Select(p => (p.Name, CompositionAddress.Read(p.Address, named).Composition)), C.Occasion, Kitchen, left);
        Counter = Suggestion.Varied(Ranked, OnACounter);
        if (Request.Headers["HX-Request"] != "true")
            return Page();
        Response.Headers["HX-Push-Url"] = Here(with);
        return Partial("_Board", this);
    }

    /// <summary>Reads how many crusts one has and how far they have got, and finds what fills them.</summary>
    private void HaveShells(CrustFamily crust, Func<string, string> said)
    {
        ManyTyped = said("many");
        var many = 1;
        if (ManyTyped.Length > 0 && (!int.TryParse(ManyTyped, NumberStyles.None, CultureInfo.InvariantCulture, out many)
                || many is < 1 or > ShellsInHand.Most))
            (many, ManyTrouble) = (1, $"A whole number from 1 to {ShellsInHand.Most}. Reckoned for one until then.");

        // Addresses of old only said whether they are frozen.
        var from = said("frozen") == "1" ? Stock.FrozenShells.Id : said("from");
        Shells = new(crust, Enum.GetValues<Stock>().FirstOrDefault(s => s.Id == from && s.Suits(crust)), many);
        var wish = new Wish(C.Pan, C.Occasion);
        var board = Shells.For(wish) is var ready && ready == wish
            ? Board
            : boards.Of(ready, Board.Crusts, Board.Fillings, Book.Own, Kitchen);
        Filled = Shells.Filled(board, C.Occasion.NoOven, Kitchen);
        OpenedShells = Filled.FirstOrDefault(f => IsOpen(f.Cell));
    }

    /// <summary>Reads what one begins with: a crust, a filling, or something that wants using.</summary>
    private async Task HaveAsync(CancellationToken cancel)
    {
        string Said(string field) => Request.Query[field].ToString().Trim();
        UseTyped = Said("use") is { Length: > 60 } much ? much[..60] : Said("use");
        HaveCrust = Board.Crusts.FirstOrDefault(c => c.Id == Said("crust-first"));
        HaveFilling = HaveCrust is null && UseTyped.Length == 0 ? Board.Fillings.FirstOrDefault(f => f.Id == Said("filling-first")) : null;
        if (HaveCrust is { } crust)
            HaveShells(crust, Said);
        else if (HaveFilling is { } filling)
            Partners = [.. Board.Ranked(Board.Cells.Select(r => r[Board.Fillings.ToList().IndexOf(filling)]))];
        else if (UseTyped.Length > 0)
        {
            var reader = await compositions.ReaderAsync(new RecipeMeasures(CupSize.Metric), cancel);
            if (reader.Read(UseTyped) is { Items: [{ Ingredient: { } what, Grams: { } grams }] } && grams > 0)
            {
                Use = (what, new(grams));
                Users = WantsUsing.Of(Board, what, new(grams), Kitchen);
            }
            else
            {
                UseTrouble = "How much of what? Try 12 lemons, 6 egg whites, 500 g cream cheese or 1 kg gooseberries.";
            }
        }
    }

    /// <summary>How many there are of each level on the board.</summary>
    public int CountOf(PairLevel level) => Board.Cells.Sum(r => r.Count(c => c.Level == level));

    /// <summary>The address of one way in, everything else as it is.</summary>
    public string Way(params (string Field, string Value)[] fields) => Routes.Pairings + "?" + string.Join(
        '&', new[] { Asked() }.Where(a => a.Length > 0).Concat(fields.Select(f => f.Field + "=" + Uri.EscapeDataString(f.Value))));

    /// <summary>Two frozen shells to begin with, in a pan that goes from the freezer into the oven.</summary>
    public string ShellsWay()
    {
        var pan = PanCupboard.All.Where(p => !p.MayBurst && !p.IsSmall && p.IsRound == C.Pan.IsRound)
            .MinBy(p => Math.Abs(p.Top.Value - C.Pan.Top.Value));
        return C.Pan.MayBurst && pan is not null
            ? Way(("crust-first", CrustBook.ButterFlaky.Id), ("many", "2"), ("from", Stock.FrozenShells.Id)).Replace(
                $"{CompositionAddress.PanField}={C.Pan.Key}", $"{CompositionAddress.PanField}={pan.Key}", StringComparison.Ordinal)
            : Way(("crust-first", CrustBook.ButterFlaky.Id), ("many", "2"), ("from", Stock.FrozenShells.Id));
    }

    /// <summary>What speaks against these crusts whatever fills them, and a pie of which it is said; none where nothing does.</summary>
    public (Finding Finding, Composition Pie)? AgainstAll =>
        Filled.Where(f => f.Cell.Level is not (PairLevel.No or PairLevel.Poor)).ToList() is [{ Against: { } first } at, ..] all
            && all.All(f => f.Against?.Rule == first.Rule)
                ? (first, at.Pie.Composition)
                : null;

    /// <summary>How soon the first slice can be cut; it opens to the whole range.</summary>
    public IHtmlContent Soonest(FilledShells of) => FigureLink.To(
        of.ToSlice, Shown, CompositionAddress.Write(of.Pie.Composition), of.Pie.Pies,
        Shown.Say(new Quantity(of.ToSlice.Value.Least, Dimension.Time)));

    /// <summary>The first few of them.</summary>
    public IEnumerable<Suggestion> Suggested => Ranked.Take(MostSuggested);

    /// <summary>The address of the board, with a meeting opened.</summary>
    public string Here(string? with) =>
        Routes.Pairings + "?" + Asked() + Begun() + (string.IsNullOrEmpty(with) ? "" : "&with=" + Uri.EscapeDataString(with));

    /// <summary>The address of the board with one meeting opened.</summary>
    public string At(Cell cell) => Here(cell.Crust.Id + "," + cell.Filling.Id);

    /// <summary>True for the meeting that is opened.</summary>
    public bool IsOpen(Cell cell) =>
        Opened is { } open && open.Pie.Composition.Crust.Family.Id == cell.Crust.Id
            && open.Pie.Composition.Filling.Formula.Id == cell.Filling.Id;

    /// <summary>A sentence whose figures open.</summary>
    public IHtmlContent Sentence(Phrase phrase, Composition of) => FigureLink.Sentence(phrase, Shown, CompositionAddress.Write(of), 1);

    /// <summary>A figure of so many of a pie that opens to its working.</summary>
    public IHtmlContent Figure(IWorked figure, Assessment of) =>
        FigureLink.To(figure, Shown, CompositionAddress.Write(of.Composition), of.Pies);

    /// <summary>A figure that opens to its working.</summary>
    public IHtmlContent Figure(IWorked figure, Composition of) => FigureLink.To(figure, Shown, CompositionAddress.Write(of), 1);

    /// <summary>A composition in Compose.</summary>
    public static string Compose(Composition c) => Routes.Compose + "?" + CompositionAddress.Write(c);

    /// <summary>The mark of a verdict, so that colour is never all there is.</summary>
    public static string MarkOf(PairVerdict goes) =>
        goes switch { PairVerdict.Well => "●", PairVerdict.WithAChange => "◐", PairVerdict.Poorly => "○", _ => "✕" };

    /// <summary>What a field shows.</summary>
    public string Typed(string field, double value) => _read.Of(field)?.Typed ?? value.ToString("0.###", CultureInfo.InvariantCulture);

    /// <summary>What one begins with, as fields of an address.</summary>
    private string Begun() => string.Concat(
        Begins.Where(f => Request.Query[f].ToString().Length > 0)
            .Select(f => $"&{f}={Uri.EscapeDataString(Request.Query[f].ToString())}"));

    private string Asked()
    {
        var fields = CompositionAddress.FieldsOf(CompositionAddress.Write(C)).Where(f =>
            f.Key is CompositionAddress.PanField or CompositionAddress.Ahead or CompositionAddress.Topped or CompositionAddress.NoOven
                or CompositionAddress.Vegetarian or CompositionAddress.NoAlcohol or CompositionAddress.NoRawEgg
                or CompositionAddress.OnTable
            || f.Key.StartsWith("own-", StringComparison.Ordinal) || Needs.Groups.Any(g => g.Field == f.Key));
        return string.Join(
            '&',
            fields.Select(f => f.Key + "=" + Uri.EscapeDataString(f.Value)).Concat(Left.Where(l => l.Here).Select(l => l.Field + "=1"))
                .Concat(Request.Query.ContainsKey("room") && RoomTrouble is null ? ["room=" + Uri.EscapeDataString(_room.Text)] : []));
    }
}
