using System.Globalization;
using System.Text.Json;
using System.Text.Json.Serialization;
using Microsoft.AspNetCore.DataProtection;
using Microsoft.AspNetCore.Diagnostics;
using Microsoft.AspNetCore.Http.Features;
using RoundCrumb.Application.Bench;
using RoundCrumb.Application.Box;
using RoundCrumb.Application.Buying;
using RoundCrumb.Application.Counter;
using RoundCrumb.Application.Days;
using RoundCrumb.Application.Labelling;
using RoundCrumb.Application.Learning;
using RoundCrumb.Application.Pairing;
using RoundCrumb.Application.Photographs;
using RoundCrumb.Application.Reading;
using RoundCrumb.Application.Stocktaking;
using RoundCrumb.Core.Advice;
using RoundCrumb.Core.Batches;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Data;
using RoundCrumb.Data.Bakes;
using RoundCrumb.Data.Buying;
using RoundCrumb.Data.Days;
using RoundCrumb.Data.Demo;
using RoundCrumb.Data.Kitchens;
using RoundCrumb.Data.Learning;
using RoundCrumb.Data.Pans;
using RoundCrumb.Data.Pies;
using RoundCrumb.Data.Recipes;
using RoundCrumb.Data.Runs;
using RoundCrumb.Data.Stocktaking;
using RoundCrumb.Data.Storage;
using RoundCrumb.Data.Trials;
using RoundCrumb.Formats.Reading;
using RoundCrumb.Web;
using RoundCrumb.Web.Api;
using RoundCrumb.Web.Drawing;
using RoundCrumb.Web.Features.Diagnosis;
using RoundCrumb.Web.Features.Pies;
using RoundCrumb.Web.Features.Searching;
using RoundCrumb.Web.Hosting;
using Serilog;
using Serilog.Events;

// "--demo" stands alone on the command line; everything else is name and value.
var demo = args.Contains("--demo");
var builder = WebApplication.CreateBuilder([.. args.Where(a => a != "--demo")]);

builder.Host.UseSerilog(static (context, log) => log
    .MinimumLevel.Information()
    .MinimumLevel.Override("Microsoft", LogEventLevel.Warning)
    .MinimumLevel.Override("Microsoft.AspNetCore.DataProtection", LogEventLevel.Error)

    // What fails there is thrown, and told once where it is caught.
    .MinimumLevel.Override("Microsoft.EntityFrameworkCore", LogEventLevel.Fatal)
    .MinimumLevel.Override("Microsoft.Hosting.Lifetime", LogEventLevel.Information)
    .ReadFrom.Configuration(context.Configuration)
    .WriteTo.Console(formatProvider: CultureInfo.InvariantCulture));

var file = Path.GetFullPath(builder.Configuration["RoundCrumb:File"] ?? "roundcrumb.db", builder.Environment.ContentRootPath);
demo |= builder.Configuration.GetValue<bool>("RoundCrumb:Demo");

// "--backup FILE" copies the data, also while another Round Crumb runs with it, and ends.
if (builder.Configuration["backup"] is { Length: > 0 } copy)
{
    try
    {
        await RoundCrumbFile.BackUpAsync(file, Path.GetFullPath(copy));
        Console.WriteLine($"“{file}” is copied to “{Path.GetFullPath(copy)}”, and the copy is checked.");
        return 0;
    }
    catch (FileTroubleException e)
    {
        Console.Error.WriteLine(e.Trouble.Says);
        return e.Trouble.ExitCode;
    }
}

// "--restore FILE" goes back to a copy, while nothing runs with the data, and ends.
if (builder.Configuration["restore"] is { Length: > 0 } back)
{
    try
    {
        using var claim = FileClaim.Take(file);
        var gone = await FileRestore.RunAsync(file, Path.GetFullPath(back), DateTimeOffset.Now);
        Console.WriteLine($"“{file}” is what “{gone.To.Path}” was: {gone.To.Says}.");
        if (gone.Before is { } before)
            Console.WriteLine($"What was there before is kept as “{before}”.");
        return 0;
    }
    catch (FileTroubleException e)
    {
        Console.Error.WriteLine(e.Trouble.Says);
        return e.Trouble.ExitCode;
    }
}

builder.Services.AddSingleton(new DataFile(file));
builder.Services.AddSingleton(_ => FileClaim.Take(file));
builder.Services.AddHostedService<FileKeeper>();
builder.Services.AddSingleton(TimeProvider.System);
builder.Services.AddDbContextPool<RoundCrumbContext>(options => options.UseRoundCrumbFile(file));
builder.Services.AddScoped<PieShelf>();
builder.Services.AddScoped<BakeBook>();
builder.Services.AddScoped<LearningBook>();
builder.Services.AddScoped<ILearnedNumber>(static s => s.GetRequiredService<LearningBook>());
builder.Services.AddScoped<KitchenLearner>();
builder.Services.AddScoped<LearnedDesk>();
builder.Services.AddScoped<PartNames>();
builder.Services.AddScoped<PhotoBook>();
builder.Services.AddSingleton<PhotographDesk>();
builder.Services.AddScoped<LogParts>();
builder.Services.AddScoped<FaultCases>();
builder.Services.AddScoped<PracticeBook>();
builder.Services.AddScoped<BesideDesk>();
builder.Services.AddScoped<TrialDesk>();
builder.Services.AddScoped<TrialBook>();
builder.Services.AddScoped<MarketDesk>();
builder.Services.AddScoped<LogTransfer>();
builder.Services.AddSingleton<LogImports>();
builder.Services.AddHostedService(static services => services.GetRequiredService<LogImports>());
builder.Services.AddSingleton(typeof(Remembered<>));
builder.Services.AddSingleton<RecipeCache>();
builder.Services.AddSingleton(typeof(MadeFrom<,>));
builder.Services.AddScoped<PanRack>();
builder.Services.AddScoped<KitchenBook>();
builder.Services.AddScoped<ReadingBook>();
builder.Services.AddScoped<KitchenClock>();
builder.Services.AddScoped<Larder>();
builder.Services.AddScoped<RecipeBox>();
builder.Services.AddScoped<Search>();
builder.Services.AddScoped<Finder>();
builder.Services.AddScoped<PieList>();
builder.Services.AddScoped<PartList>();
builder.Services.AddScoped<FirstStepsBook>();
builder.Services.AddScoped<CounterDesk>();
builder.Services.AddSingleton<BoardKeeper>();
builder.Services.AddScoped<CompositionReader>();
builder.Services.AddScoped<AllOrNothing>();
builder.Services.AddScoped<BoxTransfer>();
builder.Services.AddScoped<DayBook>();
builder.Services.AddScoped<DayOpener>();
builder.Services.AddScoped<DaySureness>();
builder.Services.AddSingleton<RunMemory>();
builder.Services.AddScoped<RunBook>();
builder.Services.AddScoped<BenchDesk>();
builder.Services.AddScoped<RunLog>();
builder.Services.AddScoped<StockBook>();
builder.Services.AddScoped<PriceBook>();
builder.Services.AddScoped<StockKeeper>();
builder.Services.AddScoped<ShoppingDesk>();
builder.Services.AddScoped<PriceMoves>();
builder.Services.AddSingleton<PieIngredients>();
builder.Services.AddScoped<PiesWith>();
builder.Services.AddScoped<DayLabels>();
builder.Services.AddScoped<UseUpDesk>();
builder.Services.AddScoped<PantryUse>();
builder.Services.AddScoped<DayCosting>();
builder.Services.AddScoped<Rehearsals>();
builder.Services.AddSingleton<RehearsalKeeper>();
builder.Services.AddHostedService(static services => services.GetRequiredService<RehearsalKeeper>());
builder.Services.AddSingleton<RunFeed>();
builder.Services.AddSingleton<Turns>();
builder.Services.AddSingleton<ReadingDoor>();
builder.Services.AddSingleton<Replanner>();
builder.Services.AddSingleton(new PlanningSettings(builder.Configuration.GetValue("RoundCrumb:PlanSeconds", 10.0)));
builder.Services.AddSingleton<Planner>();
builder.Services.AddSingleton<SolvingQueue>();
builder.Services.AddHostedService(static services => services.GetRequiredService<SolvingQueue>());
builder.Services.AddHttpContextAccessor();
builder.WebHost.ConfigureKestrel(static kestrel => kestrel.AddServerHeader = false);
builder.Services.AddSingleton(Svg.Encoder);
builder.Services.AddScoped<Preferences>();
builder.Services.AddDataProtection()
    .SetApplicationName("RoundCrumb")
    .PersistKeysToFileSystem(new DirectoryInfo(Path.Combine(Path.GetDirectoryName(file)!, "keys")));
builder.Services.AddAntiforgery(options => options.Cookie.Name = "roundcrumb.form");
builder.Services.AddHealthChecks().AddCheck<FileCheck>("file");
builder.Services.AddRazorPages(options =>
{
    options.RootDirectory = "/Features";
    options.Conventions.ConfigureFilter(new StaleFormFilter()).ConfigureFilter(new NoHandlerFilter())
        .ConfigureFilter(new PlainLocationFilter()).ConfigureFilter(new BlankAddressFilter());
});
builder.Services.AddCostlyLimits(builder.Configuration);

// Nothing takes that long but a question behind twenty others; what does is ended rather than left running for nobody.
builder.Services.AddRequestTimeouts(
    static options =>
        options.DefaultPolicy = new() { Timeout = TimeSpan.FromMinutes(3), TimeoutStatusCode = StatusCodes.Status503ServiceUnavailable });
builder.Services.AddOpenApi("v1");
builder.Services.AddExceptionHandler<TroubleLog>();
builder.Services.AddProblemDetails(static options => options.CustomizeProblemDetails = static problem =>
{
    if (problem.HttpContext.Features.Get<IExceptionHandlerFeature>()?.Error is not { } thrown)
        return;
    var trouble = TroubleOf.Thrown(thrown, problem.HttpContext);
    (problem.ProblemDetails.Status, problem.ProblemDetails.Title, problem.ProblemDetails.Detail) = (
        trouble.Status, trouble.Heading, trouble.Words);
});
builder.Services.AddResponseCompression(static options => options.EnableForHttps = true);
builder.Services.Configure<RouteHandlerOptions>(static options => options.ThrowOnBadRequest = false);
builder.Services.ConfigureHttpJsonOptions(static options =>
{
    options.SerializerOptions.MaxDepth = 16;
    options.SerializerOptions.AllowOutOfOrderMetadataProperties = true;
    options.SerializerOptions.Converters.Add(new JsonStringEnumConverter(JsonNamingPolicy.CamelCase, allowIntegerValues: false));
});

// A box of 5 MB comes back from its preview as one field.
builder.Services.Configure<FormOptions>(static options => options.ValueLengthLimit = 12 * 1024 * 1024);
builder.Services.Configure<RouteOptions>(static options => options.LowercaseUrls = true);

var app = builder.Build();

// What comes once a second, or is asked again and again, is worth a line only where it goes wrong.
app.UseSerilogRequestLogging(
    static options =>
        options.GetLevel = static (context, _, thrown) =>
            thrown is not null || context.Response.StatusCode >= 500 ? LogEventLevel.Error
            : context.Response.StatusCode < 400 && (context.Request.Path.StartsWithSegments(Routes.Api + "/readings")
                || context.Request.Path.StartsWithSegments(Routes.Queue.TrimEnd('/'))
                || context.Request.Path.StartsWithSegments("/healthz"))
                ? LogEventLevel.Verbose
            : LogEventLevel.Information);
app.UseResponseCompression();

// A person gets a page in words, a program problem+json.
static bool IsApi(HttpContext context) =>
    context.Request.Path.StartsWithSegments("/api") || context.Request.Path.StartsWithSegments("/openapi");
static bool IsKnownText(string contentType)
{
    if (!Microsoft.Net.Http.Headers.MediaTypeHeaderValue.TryParse(contentType, out var type) || !type.Charset.HasValue)
        return true;
    try
    {
        return type.Encoding is not null;
    }
    catch (Exception e) when (e is ArgumentException or NotSupportedException)
    {
        return false;
    }
}

static ExceptionHandlerOptions Handling(string? page) => new()
{
    ExceptionHandlingPath = page,
    StatusCodeSelector = static e => TroubleOf.Thrown(e).Status,

    // What the other side did wrong, or a full disk, is no fault of ours and is not logged as one.
    SuppressDiagnosticsCallback = static thrown => TroubleOf.Thrown(thrown.Exception).Status != StatusCodes.Status500InternalServerError,
};
app.UseWhen(
    static c => !IsApi(c),
    static pages => pages.UseExceptionHandler(Handling(Routes.Trouble + "/500")).UseStatusCodePagesWithReExecute(Routes.Trouble + "/{0}"));
app.UseWhen(IsApi, static api => api.UseExceptionHandler(Handling(null)).UseStatusCodePages().Use(static (context, next) =>
{
    // Words in letters that are not known here are not read at all.
    if (context.Request.ContentType is { Length: > 0 } type && !IsKnownText(type))
    {
        context.Response.StatusCode = StatusCodes.Status415UnsupportedMediaType;
        return Task.CompletedTask;
    }

    return next(context);
}));
app.UseSecurityHeaders();
app.UseStaticFiles(new StaticFileOptions
{
    // Every address of a file carries its fingerprint, so what is fetched once need not be asked for again.
    OnPrepareResponse = static file =>
    {
        if (file.Context.Request.Query.ContainsKey("v"))
            file.Context.Response.Headers.CacheControl = "public, max-age=31536000, immutable";
    },
});
app.UseWhen(
    static c => !IsApi(c) && !c.Request.Path.StartsWithSegments(Routes.Trouble), static pages => pages.UseMiddleware<RequestGuard>());
app.UseRouting();
app.UseRequestTimeouts();
app.UseRateLimiter();
app.MapHealthChecks(Routes.Health, new() { ResponseWriter = FileCheck.WriteAsync });
app.MapRazorPages();

// Where something stood before, its address leads to where it is now.
app.MapGet(Routes.Box, static (HttpContext context) => Results.Redirect(Routes.Pies + context.Request.QueryString, permanent: true))
    .ExcludeFromDescription();
app.MapApi();
app.MapBench();
app.MapTrade();
app.MapLogs();

try
{
    // The craft's tables are made once and by one, before anybody asks: two that make them at the same moment could each see the other's
    // half done.
    lock (Tables)
        _ = BatchSheet.Of(Assessment.Of(Composition.Usual)).Pie.Advice.Count + IngredientFinder.Shipped.Find("butter").Candidates.Count;

    // A file that cannot be kept in gets nothing beside it either.
    RoundCrumbFile.Inspect(file);
    app.Services.GetRequiredService<FileClaim>();
    await RoundCrumbFile.PrepareAsync(file, Log.Information);
    await using (var scope = app.Services.CreateAsyncScope())
    {
        var context = scope.ServiceProvider.GetRequiredService<RoundCrumbContext>();
        await scope.ServiceProvider.GetRequiredService<Search>().IndexShippedAsync();
        if (demo
                && await DemoData.LoadAsync(
                    context, scope.ServiceProvider.GetRequiredService<TimeProvider>(),
                    static text =>
                CompositionReader.Understood(new LineReader(IngredientFinder.Shipped, new(CupSize.Metric)).ReadAll(text))))
            Log.Information("Marrowby Lock, the demo tea room, is loaded.");
    }

    await app.Services.GetRequiredService<LogImports>().CatchUpAsync();
    await RoundCrumbFile.TidyAsync(file);
}
catch (Exception e) when (TroubleOf.File(e, file) is { } trouble)
{
    Console.Error.WriteLine(trouble.Says);
    await app.DisposeAsync();
    return trouble.ExitCode;
}

await app.RunAsync();
return 0;

/// <summary>Here so that tests can start the application.</summary>
public partial class Program
{
    private static readonly Lock Tables = new();

    private Program()
    {
    }
}
