using AshNotch.Formats.Json;
using AshNotch.Storage;

namespace AshNotch.App.Verbs;

/// <summary>The demo's data: a copy of the log that ships with the program.</summary>
public static class DemoData
{
    /// <summary>The demo log beside the program.</summary>
    public static string File { get; } = Path.Combine(AppContext.BaseDirectory, "demo-log.json");

    /// <summary>Puts the demo back to how it ships.</summary>
    public static void Reset(LogStore store, string file, DateTimeOffset now)
    {
        using var stream = System.IO.File.OpenRead(file);
        store.StartOver(LogReader.Read(stream).Log, now);
    }
}
