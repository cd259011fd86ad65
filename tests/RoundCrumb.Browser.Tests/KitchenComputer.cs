using System.Net;
using System.Net.Sockets;
using RoundCrumb.Web.Tests.Storage;

namespace RoundCrumb.Browser.Tests;

/// <summary>A kitchen computer that can be switched off and on again: always the same address and the same file, the demo in it.</summary>
public sealed class KitchenComputer : IDisposable
{
    private readonly string _file = Path.Combine(Directory.CreateTempSubdirectory("roundcrumb-computer-").FullName, "kitchen.db");
    private readonly string[] _more = ["--demo", "--urls", $"http://127.0.0.1:{FreePort()}", "--contentRoot", WebRoot()];
    private Running? _running;

    /// <summary>Switches it on, and waits until it answers.</summary>
    /// <returns>Where.</returns>
    public Task<string> WakeAsync()
    {
        _running = new Running(_file, _more);
        return _running.AddressAsync(TimeSpan.FromSeconds(60));
    }

    /// <summary>Pulls its plug.</summary>
    public void Die()
    {
        _running?.Dispose();
        _running = null;
    }

    /// <inheritdoc/>
    public void Dispose() => Die();

    private static int FreePort()
    {
        using var listener = new TcpListener(IPAddress.Loopback, 0);
        listener.Start();
        return ((IPEndPoint)listener.LocalEndpoint).Port;
    }

    /// <summary>Where the pages' own files are.</summary>
    private static string WebRoot()
    {
        var at = new DirectoryInfo(AppContext.BaseDirectory);
        while (at is not null && !File.Exists(Path.Combine(at.FullName, "RoundCrumb.slnx")))
            at = at.Parent;
        return Path.Combine(at!.FullName, "src", "RoundCrumb.Web");
    }
}
