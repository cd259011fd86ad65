using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Data.Recipes;

namespace RoundCrumb.Data.Demo;

/// <summary>A made-up part of the house, as it would be written; each later text is a later version.</summary>
internal sealed record HousePart(PartKind Kind, string Name, string Tags, string Family, string Method, params string[] Texts);

/// <summary>The made-up parts of the tea room at Marrowby Lock, written as bakers write.</summary>
internal static class DemoParts
{
    public static IReadOnlyList<HousePart> All { get; } =
    [
        new(
            PartKind.Crust, "House sweet short", "tarts counter", "sweet-short",
            "Cream butter and icing sugar, beat in the yolks, then the flour. Rest it flat.",
            """
            250 g soft flour
            140 g unsalted butter, soft
            80 g icing sugar, sifted
            3 egg yolks
            ½ tsp fine salt
            """),
        new(
            PartKind.Crust, "Hazelnut wheatmeal crumb", "crumb counter", "plain-crumb",
            "Toast the hazelnuts before they are ground. Press with the flat of a glass.",
            """
            200 g digestive biscuits, crushed
            50 g ground hazelnuts, toasted
            110 g butter, melted
            2 tbsp light brown sugar
            a pinch of salt
            """,
            """
            200 g digestive biscuits, crushed
            60 g ground hazelnuts, toasted
            125 g butter, melted
            2 tbsp light brown sugar
            a pinch of flaky salt
            """),
        new(
            PartKind.Filling, "Sesame chocolate custard", "chocolate autumn", "starch-custard",
            "Warm the milk with the tahini, whisk into yolks, sugar and cornflour, bring to a bubble for 2 min. Chocolate and "
                + "butter off the heat.",
            """
            500 ml whole milk
            150 ml double cream
            4 large egg yolks
            100 g caster sugar
            5 tbsp cornflour
            100 g dark chocolate (70%), chopped
            3 tbsp tahini
            25 g butter
            a pinch of salt
            """),
        new(
            PartKind.Filling, "Rhubarb buttermilk custard", "spring", "starch-custard",
            "Cook the purée down first. Buttermilk in last, off the heat.",
            """
            300 ml whole milk
            250 ml buttermilk
            120 g fruit purée, of roasted rhubarb
            4 egg yolks
            110 g caster sugar
            35 g cornflour
            25 g butter
            zest of 1 orange
            """),
        new(
            PartKind.Filling, "Raspberry yoghurt set", "no-oven summer", "cheese-gelatine",
            "Melt the bloomed gelatine into a little warm purée, then into the rest. Cream last.",
            """
            2 x 200 g packs cream cheese
            250 g Greek yoghurt
            150 g raspberry purée
            90 g caster sugar
            juice of ½ lemon
            45 ml cold water, for the gelatine
            9 g gelatine powder
            200 ml double cream, whipped to soft peaks
            """),
        new(PartKind.Topping, "Mascarpone cream", "counter", "whipped-cream", "Loosen the mascarpone with a little of the cream first.",
            """
            300 ml double cream
            100 g mascarpone
            25 g icing sugar
            ½ tsp vanilla bean paste
            """),
    ];

    /// <summary>Pies of them. A name in braces stands for the first version of the part.</summary>
    public static IReadOnlyList<(string Name, string Tags, string Address)> Pies { get; } =
    [
        (
            "Coffee cream pie on hazelnut crumb", "counter autumn",
            "pan=plate-23&crust={Hazelnut wheatmeal crumb}&thick=5&wall=32&bake=baked&edge=crimped&seal=none&fill=coffee-custard&"
                + "make=below&line=5&set=100&top={Mascarpone cream}&cream=12&ahead=12&topped=6"),
        (
            "Sesame chocolate tart", "autumn",
            "pan=tart-25&crust={House sweet short}&thick=3&wall=25&bake=steady&edge=trimmed&seal=white&fill={Sesame chocolate "
                + "custard}&make=exact&line=5&set=100&top=none&cream=12&ahead=10&topped=1"),
    ];

    public static Part Make(HousePart part, DateTimeOffset now, Func<string, IReadOnlyList<RecipeLine>> read) => new()
    {
        Kind = part.Kind,
        Name = part.Name,
        Tags = part.Tags,
        Current = part.Texts.Length,
        SavedAt = now.AddDays(-1),
        Versions =
        [
            .. part.Texts.Select((text, i) => new PartVersion
            {
                Number = i + 1,
                Text = text.ReplaceLineEndings("\n"),
                Method = part.Method,
                FamilyId = part.Family,
                Cup = CupSize.Metric,
                Lines = RecipeBox.Pack(read(text).Select(KeptLine.Of)),
                SavedAt = now.AddDays(-30 + (20 * i)),
            }),
        ],
    };
}
