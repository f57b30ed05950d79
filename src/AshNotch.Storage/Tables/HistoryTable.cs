using System.Globalization;
using System.Text.Json;
using AshNotch.Core.Rolls;
using AshNotch.Formats;
using AshNotch.Formats.Json;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Tables;

/// <summary>The earlier forms of rolls and partners, as documents of the open JSON form.</summary>
internal static class HistoryTable
{
    /// <summary>When and how a roll changed, oldest first, with its form before each change.</summary>
    public static IReadOnlyList<RollChange> Of(SqliteConnection connection, string id) =>
        [
            .. connection
                .Query(
                    "SELECT h.changed_at, h.change, h.document FROM roll_history h JOIN roll r ON r.key = h.roll WHERE r.id = $1 "
                        + "ORDER BY h.key",
                    id
                )
                .Select(row => new RollChange(
                    DateTimeOffset.Parse(row.GetString(0), CultureInfo.InvariantCulture),
                    row.GetString(1),
                    row.GetString(2)
                )),
        ];

    /// <summary>The forms a partner had, oldest first, and until when.</summary>
    public static IReadOnlyList<(DateTimeOffset At, string Document)> OfPartner(SqliteConnection connection, string id) =>
        [
            .. connection
                .Query("SELECT changed_at, document FROM partner_history WHERE partner = $1 ORDER BY key", id)
                .Select(row => (DateTimeOffset.Parse(row.GetString(0), CultureInfo.InvariantCulture), row.GetString(1))),
        ];

    /// <summary>How often a partner was changed.</summary>
    public static int CountOfPartner(SqliteConnection connection, string id) =>
        Convert.ToInt32(connection.Value("SELECT count(*) FROM partner_history WHERE partner = $1", id), CultureInfo.InvariantCulture);

    /// <summary>How often a roll was changed.</summary>
    public static int Count(SqliteConnection connection, long key) =>
        Convert.ToInt32(connection.Value("SELECT count(*) FROM roll_history WHERE roll = $1", key), CultureInfo.InvariantCulture);

    /// <summary>Keeps the form a roll has now.</summary>
    public static void Remember(SqliteConnection connection, long key, DateTimeOffset now, string change) =>
        connection.Run(
            "INSERT INTO roll_history (roll, changed_at, change, document) VALUES ($1, $2, $3, $4)",
            key,
            Stamp(now),
            change,
            Written(RollRows.Read(connection, Which.One(key)).Values.Single().Single())
        );

    /// <summary>Keeps the form a partner had.</summary>
    public static void Remember(SqliteConnection connection, Partner before, DateTimeOffset now) =>
        connection.Run(
            "INSERT INTO partner_history (partner, changed_at, document) VALUES ($1, $2, $3)",
            before.Id,
            Stamp(now),
            Written(before)
        );

    /// <summary>A roll as it is written down to be compared and kept.</summary>
    public static string Written(Roll roll) => JsonSerializer.Serialize(LogWriter.Document(roll), LogJson.Default.RollDocument);

    /// <summary>A partner, likewise.</summary>
    public static string Written(Partner partner) => JsonSerializer.Serialize(LogWriter.Document(partner), LogJson.Default.PartnerDocument);

    /// <summary>The head of a session, likewise.</summary>
    public static string Written(Session session) => JsonSerializer.Serialize(LogWriter.Head(session), LogJson.Default.SessionDocument);

    /// <summary>The practitioner, likewise.</summary>
    public static string Written(Practitioner practitioner) =>
        JsonSerializer.Serialize(LogWriter.Document(practitioner), LogJson.Default.PractitionerDocument);

    /// <summary>A roll from how it was written down.</summary>
    /// <param name="document">How it was.</param>
    /// <param name="id">Its id, should it have been written down without.</param>
    /// <param name="strictly">What cannot be understood is a fault; otherwise it is left out.</param>
    /// <exception cref="FaultyInputException">Strictly, and there is a fault.</exception>
    public static Roll ReadRoll(string document, string id, bool strictly = false) =>
        Read(strictly, check => RollReading.Read(JsonSerializer.Deserialize(document, LogJson.Default.RollDocument)!, id, check, ""));

    /// <summary>A partner, likewise.</summary>
    public static Partner ReadPartner(string document, bool strictly = false) =>
        Read(strictly, check => LogReader.Read(JsonSerializer.Deserialize(document, LogJson.Default.PartnerDocument)!, check, ""));

    /// <summary>The head of a session, likewise.</summary>
    public static Session ReadSession(string document, bool strictly = false) =>
        Read(strictly, check => LogReader.ReadHead(JsonSerializer.Deserialize(document, LogJson.Default.SessionDocument)!, "", check, ""));

    /// <summary>The practitioner, likewise.</summary>
    public static Practitioner ReadPractitioner(string document, bool strictly = false) =>
        Read(strictly, check => LogReader.Read(JsonSerializer.Deserialize(document, LogJson.Default.PractitionerDocument)!, check));

    private static T Read<T>(bool strictly, Func<Checker, T> read)
    {
        var check = new Checker();
        var done = read(check);
        if (strictly)
            check.ThrowIfFaulty();
        return done;
    }

    /// <summary>A moment as it is kept.</summary>
    public static string Stamp(DateTimeOffset now) =>
        now.ToUniversalTime().ToString("yyyy-MM-dd'T'HH:mm:ss.fff'Z'", CultureInfo.InvariantCulture);
}
