using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;
using AshNotch.Storage;

namespace AshNotch.App.Verbs;

/// <summary>
/// The demo's data: a copy of the log that ships with the program, its days moved so that the last session was yesterday.
/// </summary>
public static class DemoData
{
    /// <summary>Days since the last session after which the days are moved again.</summary>
    private const int Stale = 3;

    /// <summary>The demo log beside the program.</summary>
    public static string File { get; } = Path.Combine(AppContext.BaseDirectory, "demo-log.json");

    /// <summary>Puts the demo back to how it ships.</summary>
    public static void Reset(LogStore store, string file, MatVocabulary vocabulary, DateTimeOffset now)
    {
        using var stream = System.IO.File.OpenRead(file);
        store.StartOver(LogReader.Read(stream, vocabulary).Diary, now);
        Freshen(store, now);
    }

    /// <summary>
    /// Moves every day of the log by the same number of days, so that the last session was yesterday, where it was longer ago.
    /// </summary>
    public static void Freshen(LogStore store, DateTimeOffset now)
    {
        var today = DateOnly.FromDateTime(now.DateTime);
        if (store.LastDay() is { } last && (last > today || last < today.AddDays(-Stale)))
            store.ShiftDays(today.AddDays(-1).DayNumber - last.DayNumber);
    }
}
