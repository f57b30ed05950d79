using System.Diagnostics;
using System.Net.Http.Json;

namespace AshNotch.Bench.Attack;

/// <summary>A program of its own that serves a data directory on 127.0.0.1.</summary>
internal sealed class Served : IDisposable
{
    private static readonly string Program = Path.Combine(AppContext.BaseDirectory, "AshNotch.App.dll");
    private readonly Process process;

    private Served(Process process, string address)
    {
        this.process = process;
        // What it says must be read, or it waits.
        _ = process.StandardError.ReadToEndAsync();
        Client = new HttpClient(new SocketsHttpHandler { MaxConnectionsPerServer = 200 })
        {
            BaseAddress = new Uri(address),
            Timeout = TimeSpan.FromMinutes(2),
        };
    }

    /// <summary>Asks it.</summary>
    public HttpClient Client { get; }

    /// <summary>Megabytes of memory it holds now.</summary>
    public double Megabytes
    {
        get
        {
            process.Refresh();
            return process.WorkingSet64 / 1e6;
        }
    }

    /// <summary>Starts it.</summary>
    /// <exception cref="InvalidOperationException">It ended instead of serving; the message is what it said.</exception>
    public static async Task<Served> Start(string directory)
    {
        var process = Process.Start(
            new ProcessStartInfo("dotnet", [Program, "serve", "--data", directory, "--port", "0"]) { RedirectStandardError = true }
        )!;
        var said = new List<string>();
        while (await process.StandardError.ReadLineAsync() is { } line)
        {
            said.Add(line);
            if (line.Split(' ').FirstOrDefault(w => w.StartsWith("http://", StringComparison.Ordinal)) is { } address)
                return new Served(process, address);
        }
        await process.WaitForExitAsync();
        throw new InvalidOperationException(string.Join('\n', said));
    }

    /// <summary>Runs a verb to its end: its exit code and what it said.</summary>
    public static async Task<(int Code, string Said)> Run(params string[] verb)
    {
        using var process = Process.Start(
            new ProcessStartInfo("dotnet", [Program, .. verb]) { RedirectStandardError = true, RedirectStandardOutput = true }
        )!;
        var results = process.StandardOutput.ReadToEndAsync();
        var said = await process.StandardError.ReadToEndAsync();
        await results;
        await process.WaitForExitAsync();
        return (process.ExitCode, said);
    }

    /// <summary>Saves a roll of three notches; false when it was not acknowledged.</summary>
    public async Task<bool> Save(string id, string date = "2026-03-02")
    {
        try
        {
            var told = new
            {
                text = $"Standing. I pulled guard to half guard. He knee cut to side control. I escaped to half guard. {id}",
                session = new
                {
                    date,
                    kind = "class",
                    attire = "gi",
                },
            };
            using var answer = await Client.PutAsJsonAsync($"/api/rolls/{id}/telling", told);
            return answer.IsSuccessStatusCode;
        }
        catch (HttpRequestException)
        {
            return false;
        }
    }

    /// <summary>Ends it without any warning.</summary>
    public void Kill()
    {
        if (!process.HasExited)
            process.Kill();
        process.WaitForExit();
    }

    /// <inheritdoc/>
    public void Dispose()
    {
        Kill();
        Client.Dispose();
        process.Dispose();
    }
}
