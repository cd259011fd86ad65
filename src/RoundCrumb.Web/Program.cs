using System.Globalization;
using Microsoft.AspNetCore.DataProtection;
using RoundCrumb.Data;
using RoundCrumb.Data.Bakes;
using RoundCrumb.Data.Demo;
using RoundCrumb.Data.Pies;
using RoundCrumb.Web.Hosting;
using RoundCrumb.Web.Pages;
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
builder.Services.AddHttpContextAccessor();
builder.Services.AddSingleton(FigureLink.Encoder);
builder.Services.AddScoped<Preferences>();
builder.Services.AddDataProtection()
    .SetApplicationName("RoundCrumb")
    .PersistKeysToFileSystem(new DirectoryInfo(Path.Combine(Path.GetDirectoryName(file)!, "keys")));
builder.Services.AddAntiforgery(options => options.Cookie.Name = "roundcrumb.form");
builder.Services.AddHealthChecks().AddCheck<FileCheck>("file");
builder.Services.AddRazorPages(options => options.Conventions.ConfigureFilter(new StaleFormFilter()));
builder.Services.Configure<RouteOptions>(static options => options.LowercaseUrls = true);

var app = builder.Build();

app.UseSerilogRequestLogging();
app.UseExceptionHandler("/trouble/500");
app.UseStatusCodePagesWithReExecute("/trouble/{0}");
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

await using (var scope = app.Services.CreateAsyncScope())
{
    var context = scope.ServiceProvider.GetRequiredService<RoundCrumbContext>();
    await RoundCrumbFile.PrepareAsync(context, file);
    if (demo && await MarrowbyLock.LoadAsync(context, scope.ServiceProvider.GetRequiredService<TimeProvider>()))
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
