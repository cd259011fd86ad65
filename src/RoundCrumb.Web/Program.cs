using System.Globalization;
using System.Text.Json;
using System.Text.Json.Serialization;
using Microsoft.AspNetCore.DataProtection;
using Microsoft.AspNetCore.Http.Features;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Data;
using RoundCrumb.Data.Bakes;
using RoundCrumb.Data.Days;
using RoundCrumb.Data.Demo;
using RoundCrumb.Data.Kitchens;
using RoundCrumb.Data.Pans;
using RoundCrumb.Data.Pies;
using RoundCrumb.Data.Recipes;
using RoundCrumb.Formats.Reading;
using RoundCrumb.Web.Api;
using RoundCrumb.Web.Hosting;
using RoundCrumb.Web.Pages;
using RoundCrumb.Web.Pages.Box;
using RoundCrumb.Web.Pages.Days;
using Serilog;
using Serilog.Events;

// "--demo" stands alone on the command line; everything else is name and value.
var demo = args.Contains("--demo");
var builder = WebApplication.CreateBuilder([.. args.Where(a => a != "--demo")]);

builder.Host.UseSerilog(static (context, log) => log
    .MinimumLevel.Information()
    .MinimumLevel.Override("Microsoft", LogEventLevel.Warning)
    .MinimumLevel.Override("Microsoft.AspNetCore.DataProtection", LogEventLevel.Error)
    .MinimumLevel.Override("Microsoft.Hosting.Lifetime", LogEventLevel.Information)
    .ReadFrom.Configuration(context.Configuration)
    .WriteTo.Console(formatProvider: CultureInfo.InvariantCulture));

var file = Path.GetFullPath(builder.Configuration["RoundCrumb:File"] ?? "roundcrumb.db", builder.Environment.ContentRootPath);
demo |= builder.Configuration.GetValue<bool>("RoundCrumb:Demo");

builder.Services.AddSingleton(TimeProvider.System);
builder.Services.AddDbContextPool<RoundCrumbContext>(options => options.UseRoundCrumbFile(file));
builder.Services.AddScoped<PieShelf>();
builder.Services.AddScoped<BakeBook>();
builder.Services.AddSingleton<LarderCache>();
builder.Services.AddSingleton<RecipeCache>();
builder.Services.AddSingleton<FinderCache>();
builder.Services.AddSingleton<PanCache>();
builder.Services.AddScoped<PanRack>();
builder.Services.AddSingleton<KitchenCache>();
builder.Services.AddScoped<KitchenBook>();
builder.Services.AddScoped<Larder>();
builder.Services.AddScoped<RecipeBox>();
builder.Services.AddScoped<Search>();
builder.Services.AddScoped<Desk>();
builder.Services.AddScoped<BoxTransfer>();
builder.Services.AddScoped<DayBook>();
builder.Services.AddScoped<DayDesk>();
builder.Services.AddSingleton<Planner>();
builder.Services.AddHttpContextAccessor();
builder.Services.AddSingleton(FigureLink.Encoder);
builder.Services.AddScoped<Preferences>();
builder.Services.AddDataProtection()
    .SetApplicationName("RoundCrumb")
    .PersistKeysToFileSystem(new DirectoryInfo(Path.Combine(Path.GetDirectoryName(file)!, "keys")));
builder.Services.AddAntiforgery(options => options.Cookie.Name = "roundcrumb.form");
builder.Services.AddHealthChecks().AddCheck<FileCheck>("file");
builder.Services.AddRazorPages(options => options.Conventions.ConfigureFilter(new StaleFormFilter()));
builder.Services.AddOpenApi("v1");
builder.Services.AddProblemDetails();
builder.Services.Configure<RouteHandlerOptions>(static options => options.ThrowOnBadRequest = false);
builder.Services.ConfigureHttpJsonOptions(static options =>
{
    options.SerializerOptions.MaxDepth = 16;
    options.SerializerOptions.Converters.Add(new JsonStringEnumConverter(JsonNamingPolicy.CamelCase, allowIntegerValues: false));
});

// A box of 5 MB comes back from its preview as one field.
builder.Services.Configure<FormOptions>(static options => options.ValueLengthLimit = 12 * 1024 * 1024);
builder.Services.Configure<RouteOptions>(static options => options.LowercaseUrls = true);

var app = builder.Build();

app.UseSerilogRequestLogging();


// A person gets a page in words, a program problem+json.
static bool IsApi(HttpContext context) => context.Request.Path.StartsWithSegments("/api") || context.Request.Path.StartsWithSegments("/openapi");
app.UseWhen(static c => !IsApi(c), static pages => pages.UseExceptionHandler("/trouble/500").UseStatusCodePagesWithReExecute("/trouble/{0}"));
app.UseWhen(IsApi, static api => api.UseExceptionHandler().UseStatusCodePages());
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
app.UseRouting();
app.MapHealthChecks("/healthz");
app.MapRazorPages();
app.MapApi();

await using (var scope = app.Services.CreateAsyncScope())
{
    var context = scope.ServiceProvider.GetRequiredService<RoundCrumbContext>();
    await RoundCrumbFile.PrepareAsync(context, file);
    await scope.ServiceProvider.GetRequiredService<Search>().IndexShippedAsync();
    if (demo && await MarrowbyLock.LoadAsync(context, scope.ServiceProvider.GetRequiredService<TimeProvider>(), static text => Desk.Understood(new LineReader(IngredientFinder.Shipped, new(CupSize.Metric)).ReadAll(text))))
        Log.Information("Marrowby Lock, the demo tea room, is loaded.");
}

await app.RunAsync();

/// <summary>Here so that tests can start the application.</summary>
public partial class Program
{
    private Program()
    {
    }
}
