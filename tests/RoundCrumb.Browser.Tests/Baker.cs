using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Mvc.Testing;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;
using OpenQA.Selenium;
using OpenQA.Selenium.Chrome;
using OpenQA.Selenium.Support.UI;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Data;
using RoundCrumb.Data.Days;
using RoundCrumb.Data.Kitchens;
using RoundCrumb.Data.Pies;
using RoundCrumb.Data.Recipes;
using RoundCrumb.Data.Stocktaking;
using RoundCrumb.Data.Trials;
using RoundCrumb.Web.Features.Kitchens;
using RoundCrumb.Web.Tests.Storage;

namespace RoundCrumb.Browser.Tests;

/// <summary>The application on a real port, with the demo in a real SQLite file.</summary>
public sealed class TeaRoom : WebApplicationFactory<Program>
{
    private readonly DirectoryInfo _folder = Directory.CreateTempSubdirectory("roundcrumb-");

    private readonly bool _demo;

    public TeaRoom()
        : this(demo: true)
    {
    }

    /// <param name="demo">False for a house in which there is nothing yet.</param>
    internal TeaRoom(bool demo)
    {
        _demo = demo;
        UseKestrel(0);
        StartServer();
        Address = ClientOptions.BaseAddress.ToString().TrimEnd('/');
    }

    public string Address { get; }

    protected override void ConfigureWebHost(IWebHostBuilder builder)
    {
        builder.UseSetting("RoundCrumb:File", Path.Combine(_folder.FullName, "tea-room.db"));
        builder.UseSetting("RoundCrumb:Demo", _demo ? "true" : "false");
        builder.UseSetting("Serilog:MinimumLevel:Default", "Warning");
        builder.UseSetting("RoundCrumb:PlanSeconds", "4");
    }

    /// <summary>Gives all that a baker can name the longest name that its form takes, in one word, the same for none.</summary>
    internal async Task GiveEverythingItsLongestNameAsync()
    {
        using var scope = Services.CreateScope();
        var context = scope.ServiceProvider.GetRequiredService<RoundCrumbContext>();
        var n = 0;
        string Longest(int length) => $"{++n}{string.Concat(Enumerable.Repeat("rhubarbandginger", 8))}"[..length];
        foreach (var pie in await context.Pies.ToListAsync())
            pie.Name = Longest(SavedPie.LongestName);
        foreach (var part in await context.Parts.ToListAsync())
            part.Name = Longest(Part.LongestName);
        foreach (var bake in await context.Bakes.ToListAsync())
            bake.PieName = Longest(SavedPie.LongestName);
        foreach (var day in await context.BakeDays.ToListAsync())
            day.Name = Longest(BakeDay.LongestName);
        foreach (var order in await context.DayOrders.ToListAsync())
            order.Name = Longest(SavedPie.LongestName);
        foreach (var trial in await context.Trials.ToListAsync())
            trial.Name = Longest(Trial.LongestName);
        foreach (var oven in await context.KitchenOvens.ToListAsync())
            oven.Name = Longest(EquipmentForm.LongestName);
        foreach (var cold in await context.KitchenColds.ToListAsync())
            cold.Name = Longest(EquipmentForm.LongestName);
        foreach (var baker in await context.KitchenBakers.ToListAsync())
            baker.Name = Longest(KitchenBaker.LongestName);
        foreach (var own in await context.OwnIngredients.ToListAsync())
            own.Name = Longest(IngredientLimits.LongestName);
        foreach (var row in await context.StockRows.ToListAsync())
            row.Words = row.Made is null ? "" : Longest(StockRow.LongestWords);
        await context.SaveChangesAsync();
    }

    public override async ValueTask DisposeAsync()
    {
        await base.DisposeAsync();
        SqliteConnection.ClearAllPools();
        await Litter.DeleteAsync(_folder.FullName);
    }
}

/// <summary>One tea room for all browser tests, one test after the other.</summary>
[CollectionDefinition(Name)]
public sealed class OneTeaRoom : ICollectionFixture<TeaRoom>
{
    public const string Name = "tea room";
}

/// <summary>A baker at a headless Chromium with a fresh profile.</summary>
public sealed class Baker : IDisposable
{
    private readonly DirectoryInfo _profile = Directory.CreateTempSubdirectory("roundcrumb-browser-");
    private readonly string _address;

    public Baker(TeaRoom room, int width = 1280, int height = 800)
        : this(room.Address, width, height)
    {
    }

    public Baker(string address, int width = 1280, int height = 800)
    {
        _address = address;
        var options = new ChromeOptions { BinaryLocation = "/usr/bin/chromium" };
        options.AddArguments(
            "--headless=new", "--no-sandbox", "--disable-gpu", "--disable-dev-shm-usage", "--no-first-run",
            "--disable-background-networking", "--disable-component-update",
            "--disable-sync", "--disable-quic", $"--user-data-dir={_profile.FullName}");
        options.SetLoggingPreference(LogType.Browser, LogLevel.All);
        var service = ChromeDriverService.CreateDefaultService("/usr/bin", "chromedriver");
        service.SuppressInitialDiagnosticInformation = true;
        Driver = new ChromeDriver(service, options, TimeSpan.FromSeconds(120));

        // The window's inside, so that a phone is as narrow as a phone.
        Driver.ExecuteCdpCommand(
            "Emulation.setDeviceMetricsOverride",
            new Dictionary<string, object?> { ["width"] = width, ["height"] = height, ["deviceScaleFactor"] = 1, ["mobile"] = false });
    }

    public ChromeDriver Driver { get; }

    public string Here => Driver.Url[_address.Length..];

    public IWebElement Active => Driver.SwitchTo().ActiveElement();

    public void Open(string path)
    {
        Driver.Navigate().GoToUrl(_address + path);
        Until(d => (bool)((IJavaScriptExecutor)d).ExecuteScript("return document.readyState === 'complete' && !!window.htmx")!);
    }

    public IWebElement Find(string css)
    {
        Reveal(css);
        return Until(d => d.FindElements(By.CssSelector(css)).FirstOrDefault(e => e.Displayed), css)!;
    }

    /// <summary>Opens the stratum of Compose in which a field stands, as a baker does who looks for it.</summary>
    private void Reveal(string css)
    {
        if (!css.StartsWith("#f-", StringComparison.Ordinal) && !css.StartsWith("#pick-", StringComparison.Ordinal)
                && !css.StartsWith("#h-", StringComparison.Ordinal) && !css.StartsWith("#meets", StringComparison.Ordinal)
                && !css.StartsWith("#pan-", StringComparison.Ordinal))
            return;

        // What is in a fold that stands open comes by itself; looking for it elsewhere would close it.
        var fold = css.Split(' ')[0];
        if (fold != css && Has(fold + "[open]"))
            return;
        foreach (var stratum in (string[])["", "filling", "crust", "topping", "pan", "seal", "served"])
        {
            if (stratum.Length > 0)
            {
                var line = Driver.FindElements(By.CssSelector($"#l-{stratum}[aria-expanded=false]"));
                if (line.Count == 0)
                    continue;
                Driver.ExecuteScript("arguments[0].scrollIntoView({block:'center'})", line[0]);
                line[0].Click();
                Until(_ => Has($"#l-{stratum}[aria-expanded=true]"), stratum);
                Settled();
            }

            if (Until(d => d.FindElements(By.CssSelector(css)).Any(e => e.Displayed) ? "yes" : "no", css) == "yes" || !Has(".stratum-line"))
                return;
        }
    }

    public bool Has(string css) => Driver.FindElements(By.CssSelector(css)).Count > 0;

    public string Text(string css) => Until(_ => Find(css).Text, css);

    /// <summary>Chooses from a list, or from the parts that a picker shows.</summary>
    public void Choose(string css, string value)
    {
        var picker = "#pick-" + css[(css.StartsWith("#f-", StringComparison.Ordinal) ? 3 : 1)..];
        if (Has(".stratum-line") && !Driver.FindElements(By.CssSelector($"select{css}")).Any(e => e.Displayed))
            Reveal($"{picker}, select{css}");
        if (Driver.FindElements(By.CssSelector(picker)).Any(e => e.Displayed))
        {
            OpenPicker(picker);
            Click($"{picker} button[data-value='{value}']");
            return;
        }

        Find(css).FindElement(By.CssSelector($"option[value='{value}']")).Click();
        Settled();
    }

    /// <summary>Opens a list of parts and waits until they have come: they are sent when it is opened.</summary>
    public void OpenPicker(string picker)
    {
        Click(picker + " summary");
        Until(_ => Has($"{picker}[open] [data-filter]"), picker + " to fill");
    }

    /// <summary>Types into a field and leaves it.</summary>
    public void Type(string css, string text)
    {
        var field = Find(css);
        field.SendKeys(Keys.Control + "a");
        field.SendKeys(text.Length == 0 ? Keys.Delete : text);
        field.SendKeys(Keys.Tab);
        Settled();
    }

    public void Click(string css)
    {
        // What is replaced between finding it and pressing it was not pressed; it is looked for again.
        Until(
            _ =>
            {
                var element = Find(css);
                Driver.ExecuteScript("arguments[0].scrollIntoView({block:'center'})", element);
                element.Click();
                return true;
            },
            css);
        Settled();
    }

    /// <summary>Presses what goes away when it is pressed, and waits until it has gone.</summary>
    public void ClickAway(string css)
    {
        Until(
            _ =>
            {
                if (!Has(css))
                    return true;
                Find(css).Click();
                Settled();
                return !Has(css);
            },
            css + " to go");
    }

    public void Press(params string[] keys)
    {
        // A swap under way may take the field away between finding it and typing; the key has not been sent then.
        foreach (var key in keys)
        {
            Until(_ =>
            {
                Active.SendKeys(key);
                return true;
            });
        }
    }

    /// <summary>Waits until htmx has nothing under way and the page stands.</summary>
    public void Settled() => Until(d => (bool)((IJavaScriptExecutor)d).ExecuteScript(
        "return document.readyState === 'complete' && !document.querySelector('.htmx-request, .htmx-swapping, .htmx-settling, "
            + ".htmx-added')")!);

    public T Until<T>(Func<IWebDriver, T> condition, string what = "the page", int seconds = 30)
    {
        var wait = new WebDriverWait(Driver, TimeSpan.FromSeconds(seconds)) { Message = what };

        // A page that is being replaced may answer with an error of its own; it is asked again.
        wait.IgnoreExceptionTypes(typeof(StaleElementReferenceException), typeof(NoSuchElementException), typeof(UnknownErrorException));
        return wait.Until(condition)!;
    }

    /// <summary>Cuts the network, or joins it again.</summary>
    public void Network(bool cut)
    {
        // Conditions count only for who has asked to be told of the network.
        Driver.ExecuteCdpCommand("Network.enable", []);
        Driver.ExecuteCdpCommand(
            "Network.emulateNetworkConditions",
            new Dictionary<string, object?> { ["offline"] = cut, ["latency"] = 0, ["downloadThroughput"] = -1, ["uploadThroughput"] = -1 });
    }

    /// <summary>What axe finds wrong, one line each.</summary>
    public IReadOnlyList<string> AxeViolations()
    {
        using var stream = typeof(Baker).Assembly.GetManifestResourceStream("axe.min.js")!;
        using var reader = new StreamReader(stream);
        Driver.ExecuteScript(reader.ReadToEnd());
        var found = (IReadOnlyCollection<object>)Driver.ExecuteAsyncScript(
            "const done = arguments[0]; axe.run(document, {resultTypes: ['violations']}).then(r => done(r.violations.map(v => v.id "
                + "+ ': ' + v.nodes.map(n => n.target.join(' ')).slice(0, 4).join(', '))))")!;
        return [.. found.Select(f => (string)f)];
    }

    /// <summary>Presses Tab until an element has the focus.</summary>
    /// <summary>Names of elements that stand twice on the page: a label or a key would reach the wrong one.</summary>
    public IReadOnlyList<string> NamesTwice() =>
        [
            .. ((IReadOnlyCollection<object>)Driver.ExecuteScript(
                "const ids = [...document.querySelectorAll('[id]')].map(e => e.id); return ids.filter((id, i) => ids.indexOf(id) !== i)")!)
                .Select(id => (string)id),
        ];

    public void TabTo(string css)
    {
        for (var i = 0; i < 160; i++)
        {
            if ((bool)Driver.ExecuteScript("return document.activeElement === document.querySelector(arguments[0])", css)!)
                return;

            // Keys sent to a field for a file are taken for the file's name; the keyboard itself knows better.
            if (Active.GetAttribute("type") == "file")
                new OpenQA.Selenium.Interactions.Actions(Driver).SendKeys(Keys.Tab).Perform();
            else
                Press(Keys.Tab);
        }

        throw new InvalidOperationException($"Tab never came to {css}; it stands on {Active.TagName}#{Active.GetAttribute("id")}.");
    }

    /// <summary>What the console holds that is no mere information.</summary>
    public IReadOnlyList<string> ConsoleErrors() =>
        [.. Driver.Manage().Logs.GetLog(LogType.Browser).Where(l => l.Level >= LogLevel.Warning).Select(l => l.Message)];

    public void Dispose()
    {
        Driver.Quit();
        Driver.Dispose();
        try
        {
            _profile.Delete(recursive: true);
        }
        catch (IOException)
        {
            // Chromium may still be writing to its profile; the system clears its temporary files.
        }
    }
}
