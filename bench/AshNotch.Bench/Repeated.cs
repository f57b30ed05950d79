using AshNotch.App.Verbs;
using AshNotch.Core.Drilling;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;

namespace AshNotch.Bench;

/// <summary>Large logs, made by repeating the demo log over twenty years.</summary>
internal static class Repeated
{
    private const int Years = 20;

    /// <summary>The demo log so many times, each with ids of its own.</summary>
    public static Log Log(int times)
    {
        using var stream = File.OpenRead(DemoData.File);
        var log = LogReader.Read(stream, MatVocabulary.BuiltIn).Log;
        return log with
        {
            Sessions =
            [
                .. Enumerable
                    .Range(0, times)
                    .SelectMany(t =>
                        log.Sessions.Select(s =>
                            s with
                            {
                                Id = $"{s.Id}-{t}",
                                Date = s.Date?.AddDays(-t * Years * 365 / Math.Max(1, times)),
                                Rolls = [.. s.Rolls.Select(r => r with { Id = $"{r.Id}-{t}" })],
                            }
                        )
                    ),
            ],
        };
    }

    /// <summary>Writes one of at least so many rolls to a file.</summary>
    public static void Write(string file, int rolls)
    {
        using var stream = File.Create(file);
        var own = Log(1).Rolls.Count();
        LogWriter.Write(Diary.Of(Log((rolls + own - 1) / own)), stream);
    }

    /// <summary>Reads such a file.</summary>
    public static Log Read(string file)
    {
        using var stream = File.OpenRead(file);
        return LogReader.Read(stream, MatVocabulary.BuiltIn).Log;
    }
}
