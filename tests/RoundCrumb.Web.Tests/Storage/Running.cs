using System.Diagnostics;
using System.Text;

namespace RoundCrumb.Web.Tests.Storage;

/// <summary>Round Crumb as a process of its own, on a port of its own.</summary>
public sealed class Running : IDisposable
{
    private readonly Process _process;
    private readonly TaskCompletionSource<string> _listens = new(TaskCreationOptions.RunContinuationsAsynchronously);
    private readonly StringBuilder _complaints = new();

    public Running(string file, params string[] more)
    {
        var start = new ProcessStartInfo("dotnet")
        {
            RedirectStandardOutput = true,
            RedirectStandardError = true,
            WorkingDirectory = Path.GetDirectoryName(Path.GetFullPath(file))!,
        };
        string[] all = [
            Path.Combine(AppContext.BaseDirectory, "RoundCrumb.Web.dll"), $"--RoundCrumb:File={file}", "--urls", "http://127.0.0.1:0",
            .. more
        ];
        foreach (var one in all)
            start.ArgumentList.Add(one);
        _process = new Process { StartInfo = start, EnableRaisingEvents = true };
        _process.OutputDataReceived += (_, line) =>
        {
            const string Says = "Now listening on: ";
            if (line.Data?.IndexOf(Says, StringComparison.Ordinal) is { } at and >= 0)
                _listens.TrySetResult(line.Data[(at + Says.Length)..].Trim());
        };
        _process.ErrorDataReceived += (_, line) =>
        {
            lock (_complaints)
                _complaints.AppendLine(line.Data);
        };
        _process.Exited += (_, _) => _listens.TrySetException(new InvalidOperationException("It ended before it listened."));
        _process.Start();
        _process.BeginOutputReadLine();
        _process.BeginErrorReadLine();
    }

    /// <summary>Where it answers.</summary>
    public Task<string> AddressAsync(TimeSpan within) => _listens.Task.WaitAsync(within, TestContext.Current.CancellationToken);

    /// <summary>Its exit code, once it has ended by itself, and what it complained of.</summary>
    public async Task<(int Code, string Says)> EndAsync()
    {
        await _process.WaitForExitAsync(TestContext.Current.CancellationToken);
        return (_process.ExitCode, _complaints.ToString().Trim());
    }

    /// <summary>Ends it as a power cut does.</summary>
    public void Kill()
    {
        try
        {
            _process.Kill();
        }
        catch (InvalidOperationException)
        {
            // It has ended already.
        }

        _process.WaitForExit();
    }

    public void Dispose()
    {
        Kill();
        _ = _listens.Task.Exception;
        _process.Dispose();
    }
}
