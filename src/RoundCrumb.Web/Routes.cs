using System.Globalization;

namespace RoundCrumb.Web;

/// <summary>
/// Where everything is. A page, a drawing or an answer never writes an address by hand; a test holds these to the pages' own.
/// </summary>
public static class Routes
{
    public const string Counter = "/";
    public const string Compose = "/compose";
    public const string ComposeParts = Compose + "/parts";
    public const string ComposeMore = Compose + "/more/";
    public const string StandIns = Compose + "/stand-ins";
    public const string Cooling = Compose + "/cooling";
    public const string Baking = Compose + "/baking";
    public const string Cost = Compose + "/cost";
    public const string Pairings = "/pairings";
    public const string WhatIf = "/what-if";
    public const string WhatIfWorking = WhatIf + "/working";
    public const string Above = "/above";
    public const string Pour = "/pour";
    public const string Crusts = "/crusts";
    public const string BakeCard = "/bake-card";
    public const string Working = "/working";
    public const string Search = "/search";
    public const string Pies = "/pies";
    public const string Box = "/box";
    public const string NewPart = Box + "/part";
    public const string Import = Box + "/import";
    public const string Export = Box + "/export";
    public const string Days = "/days";
    public const string DayOrder = Days + "/order";
    public const string Kitchen = "/kitchen";
    public const string Cold = Kitchen + "/cold";
    public const string Soften = Kitchen + "/soften";
    public const string Pantry = "/pantry";
    public const string Stock = "/stock";
    public const string Prices = "/prices";
    public const string Shopping = "/shopping";
    public const string NewIngredient = Pantry + "/new";
    public const string Bakes = "/bakes";
    public const string Notebook = "/notebook";
    public const string Learned = Notebook + "/learned";
    public const string BakesBeside = Notebook + "/compare";
    public const string Market = Notebook + "/market";
    public const string Trials = Notebook + "/trials";
    public const string Guide = Notebook + "/guide";
    public const string Cautions = Guide + "/cautions";
    public const string Faults = Notebook + "/faults";
    public const string Practice = Notebook + "/practice";
    public const string YearBook = Notebook + "/year";
    public const string LogImport = Notebook + "/import";
    public const string LogTable = Api + "/log.csv";
    public const string LogDocument = Api + "/log.json";
    public const string Bench = "/bench";
    public const string Devices = Bench + "/devices";
    public const string Units = "/units";
    public const string Backup = "/backup";

    /// <summary>Copies of the data, and the way back to one.</summary>
    public const string GoBack = "/kitchen/backup";
    public const string Health = "/healthz";
    public const string Api = "/api/v1";
    public const string Readings = Api + "/readings";

    /// <summary>A page about something that went wrong; the status follows.</summary>
    public const string Trouble = "/trouble";

    /// <summary>One thing that was learned.</summary>
    public static string LearnedOf(Core.Corrections.CorrectionKey key) => Learned + "/of?of=" + Uri.EscapeDataString(key.Write());

    /// <summary>A fault, to be traced.</summary>
    public static string Fault(Core.Faults.Fault fault) => Faults + "/" + fault.Id;

    /// <summary>A technique in the guide.</summary>
    public static string TechniqueOf(Core.Methods.Technique technique) => Guide + "/" + Slug(technique.ToString());

    /// <summary>A name of ours as a part of an address: words with dashes between.</summary>
    public static string Slug(string name) =>
        string.Concat(name.Select((c, i) => char.IsUpper(c) ? (i > 0 ? "-" : "") + char.ToLowerInvariant(c) : c.ToString()));

    /// <summary>A planned trial.</summary>
    public static string Trial(int id) => Trials + "/" + Number(id);

    /// <summary>A photograph of a bake.</summary>
    public static string Photo(int bake, int photo, bool small) =>
        string.Create(CultureInfo.InvariantCulture, $"{Log(bake)}?handler=Photo&photo={photo}&small={(small ? "true" : "false")}");

    /// <summary>A part of the box.</summary>
    public static string Part(int id) => NewPart + "/" + Number(id);

    /// <summary>Two versions of a part beside one another.</summary>
    public static string Compare(int id) => Part(id) + "/compare";

    /// <summary>A bake day.</summary>
    public static string Day(int id) => Days + "/" + Number(id);

    /// <summary>Where a question that has to be solved stands; the key follows.</summary>
    public const string Queue = "/queue/";

    /// <summary>How a figure of a bake day was made.</summary>
    public static string DayWorking(int id) => Day(id) + "/working";

    /// <summary>How sure a bake day is.</summary>
    public static string Sure(int id) => Day(id) + "/sure";

    /// <summary>What a bake day costs.</summary>
    public static string DayCost(int id) => Day(id) + "/cost";

    /// <summary>The labels of a bake day.</summary>
    public static string Labels(int id) => Day(id) + "/labels";

    /// <summary>The allergens of a bake day's pies.</summary>
    public static string Allergens(int id) => Day(id) + "/allergens";

    /// <summary>What was written down of a batch, by the code on its label.</summary>
    public static string Batch(string code) => "/batch/" + Uri.EscapeDataString(code);

    /// <summary>What a bake day leaves over.</summary>
    public static string UseUp(int id) => Day(id) + "/use-up";

    /// <summary>A batch sheet.</summary>
    public static string Bake(int id) => Bakes + "/" + Number(id);

    /// <summary>The log of a bake.</summary>
    public static string Log(int id) => Bake(id) + "/log";

    /// <summary>A run at the bench.</summary>
    public static string Run(int id) => Bench + "/" + Number(id);

    /// <summary>Where a run is written down.</summary>
    public static string RunLog(int id) => Run(id) + "/log";

    /// <summary>What a rehearsal cost.</summary>
    public static string Rehearsed(int id) => Run(id) + "/rehearsed";

    /// <summary>Where what is done in a run is sent.</summary>
    public static string RunEvents(int id) => $"{Api}/runs/{Number(id)}/events";

    /// <summary>Where a run tells what is done in it.</summary>
    public static string RunStream(int id) => $"{Api}/runs/{Number(id)}/stream";

    /// <summary>An ingredient.</summary>
    public static string Ingredient(string id) => Pantry + "/" + Uri.EscapeDataString(id);

    /// <summary>The shopping list for some days.</summary>
    public static string ShoppingFor(DateOnly from, DateOnly to) =>
        string.Create(CultureInfo.InvariantCulture, $"{Shopping}?from={from:yyyy-MM-dd}&to={to:yyyy-MM-dd}");

    /// <summary>Where what is ticked on a shopping list is sent.</summary>
    public static string ShoppingTicks(string list) => $"{Api}/shopping/{Uri.EscapeDataString(list)}/ticks";

    private static string Number(int id) => id.ToString(CultureInfo.InvariantCulture);
}
