using System.Globalization;
using System.Text.Json;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Formats.Json;

/// <summary>What a piece of a log held.</summary>
/// <param name="First">How many sessions stand before it.</param>
/// <param name="Sessions">Its sessions.</param>
/// <param name="OwnTerms">Ids in them that the vocabulary does not know, each once.</param>
/// <param name="Faults">What is wrong with it.</param>
/// <param name="IsJson">Whether it could be read at all.</param>
internal sealed record SessionsRead(
    int First,
    IReadOnlyList<Session> Sessions,
    IReadOnlyList<string> OwnTerms,
    IReadOnlyList<Fault> Faults,
    bool IsJson = true
)
{
    /// <summary>Reads a piece and gives its memory back.</summary>
    public static SessionsRead Of(LogPiece piece, MatVocabulary vocabulary)
    {
        using (piece)
        {
            try
            {
                return Of(JsonSerializer.Deserialize(piece.Json, LogJson.Default.ListSessionDocument) ?? [], piece.First, vocabulary);
            }
            catch (JsonException e)
            {
                var fault = JsonFault.Of(e, at => at.From(piece.Begin), path => InLog(path, piece.First));
                return new SessionsRead(piece.First, [], [], [fault], false);
            }
        }
    }

    /// <summary>Reads sessions.</summary>
    /// <param name="written">The sessions as written.</param>
    /// <param name="first">How many stand before them.</param>
    /// <param name="vocabulary">What is known.</param>
    public static SessionsRead Of(IReadOnlyList<SessionDocument?> written, int first, MatVocabulary vocabulary)
    {
        var check = new Checker { Traces = false };
        var sessions = Read(written, first, check);
        if (check.Faults.Count > 0)
        {
            // Now with the paths.
            check = new Checker();
            sessions = Read(written, first, check);
        }
        return new SessionsRead(first, sessions, Core.Rolls.OwnTerms.In(sessions, vocabulary), check.Faults);
    }

    private static List<Session> Read(IReadOnlyList<SessionDocument?> written, int first, Checker check)
    {
        var sessions = new List<Session>(written.Count);
        for (var s = 0; s < written.Count; s++)
        {
            if (written[s] is { } session)
                sessions.Add(LogReader.Read(session, first + s, check));
            else
                check.Fault($"sessions[{first + s}]", "is null; take it out or fill it in.");
        }
        return sessions;
    }

    // The path of a piece begins with the number of its session in it.
    private static string InLog(string path, int first)
    {
        var end = path.IndexOf(']', StringComparison.Ordinal);
        return end > 0 && int.TryParse(path.AsSpan(1, end - 1), NumberStyles.None, CultureInfo.InvariantCulture, out var number)
            ? string.Create(CultureInfo.InvariantCulture, $"sessions[{first + number}]{path[(end + 1)..]}")
            : "sessions";
    }
}
