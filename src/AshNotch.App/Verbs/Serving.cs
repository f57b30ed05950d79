using AshNotch.Core.Vocabulary;
using AshNotch.Storage;
using Microsoft.AspNetCore.Hosting.Server;
using Microsoft.AspNetCore.Hosting.Server.Features;

namespace AshNotch.App.Verbs;

/// <summary><c>demo</c> and <c>serve</c>.</summary>
internal static class Serving
{
    private const int OwnPort = 7410;
    private const int DemoPort = 7411;

    public static async Task<int> Demo(int? port, bool reset, MatVocabulary vocabulary, Output output, CancellationToken stop)
    {
        var options = new ServeOptions(DataDirectory.Demo, port ?? DemoPort, DemoData.File);
        using var held = DataLock.Take(options.DataDirectory);
        using var store = LogStore.Open(options.DataDirectory);
        if (reset || store.IsEmpty)
            DemoData.Reset(store, DemoData.File, vocabulary, DateTimeOffset.Now);
        else
            DemoData.Freshen(store, DateTimeOffset.Now);
        return await Run(options, store, vocabulary, "Ash Notch, demo data", mayMove: port is null, output, stop);
    }

    public static async Task<int> Serve(string? data, int? port, MatVocabulary vocabulary, Output output, CancellationToken stop)
    {
        var options = new ServeOptions(data ?? DataDirectory.Own, port ?? OwnPort);
        using var held = DataLock.Take(options.DataDirectory);
        using var store = LogStore.Open(options.DataDirectory);
        return await Run(options, store, vocabulary, "Ash Notch", mayMove: false, output, stop);
    }

    private static async Task<int> Run(
        ServeOptions options,
        LogStore store,
        MatVocabulary vocabulary,
        string name,
        bool mayMove,
        Output output,
        CancellationToken stop
    )
    {
        await using var app = WebHost.Build(options, store, vocabulary);
        try
        {
            await app.StartAsync(stop);
        }
        catch (IOException) when (mayMove)
        {
            // Another copy's demo has the usual port.
            output.Say($"Port {options.Port} is taken, so this demo takes a free one.");
            return await Run(options with { Port = 0 }, store, vocabulary, name, mayMove: false, output, stop);
        }
        catch (IOException)
        {
            throw new StorageException($"port {options.Port} on 127.0.0.1 is taken; name another with --port, or 0 for any free one.");
        }
        var address = app.Services.GetRequiredService<IServer>().Features.Get<IServerAddressesFeature>()!.Addresses.First();
        output.Say($"{name}: {address}  (data in {Path.GetFullPath(options.DataDirectory)}; Ctrl+C stops)");
        output.Say("Whoever uses this machine can open that address while it runs; there is no passphrase yet.");
        // The first page should not wait for what can be learned meanwhile.
        var cache = app.Services.GetRequiredService<LogCache>();
        _ = Task.Run(() => cache.Gist(cache.Goal, wait: true), stop);
        await app.WaitForShutdownAsync(stop);
        return 0;
    }
}
