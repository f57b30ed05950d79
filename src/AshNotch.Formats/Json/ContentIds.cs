using System.Globalization;
using System.Security.Cryptography;
using System.Text;
using System.Text.Json;
using AshNotch.Core.Rolls;

namespace AshNotch.Formats.Json;

/// <summary>
/// Ids for sessions and rolls that were written without one, made of what they say: the same file read twice gives the same ids, and two
/// files do not take each other's.
/// </summary>
internal static class ContentIds
{
    private const int Length = 24;

    /// <summary>Fills in the ids that are empty.</summary>
    public static List<Session> Fill(List<Session> sessions)
    {
        if (sessions.TrueForAll(s => s.Id.Length > 0 && s.Rolls.All(r => r.Id.Length > 0)))
            return sessions;
        var times = new Dictionary<string, int>();
        return [.. sessions.Select(s => WithRolls(s.Id.Length > 0 ? s : Named(s)))];

        Session Named(Session session)
        {
            // What is noted of it may be added later; it is the same session all the same.
            var where = new Session
            {
                Id = "",
                Date = session.Date,
                Time = session.Time,
                Kind = session.Kind,
                Attire = session.Attire,
            };
            var written = JsonSerializer.Serialize(LogWriter.Head(where), LogJson.Default.SessionDocument);
            var nth = times[written] = times.GetValueOrDefault(written) + 1;
            return session with { Id = "s-" + Mark(string.Create(CultureInfo.InvariantCulture, $"{nth}\n{written}")) };
        }
    }

    private static Session WithRolls(Session session)
    {
        if (session.Rolls.All(r => r.Id.Length > 0))
            return session;
        var times = new Dictionary<string, int>();
        return session with { Rolls = [.. session.Rolls.Select(r => r.Id.Length > 0 ? r : Named(r))] };

        // Two rolls that say the same are two rolls all the same.
        Roll Named(Roll roll)
        {
            var written = JsonSerializer.Serialize(LogWriter.Document(roll), LogJson.Default.RollDocument);
            var nth = times[written] = times.GetValueOrDefault(written) + 1;
            return roll with { Id = "r-" + Mark(string.Create(CultureInfo.InvariantCulture, $"{session.Id}\n{nth}\n{written}")) };
        }
    }

    private static string Mark(string written) => Convert.ToHexStringLower(SHA256.HashData(Encoding.UTF8.GetBytes(written)))[..Length];
}
