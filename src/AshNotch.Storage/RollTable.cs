using System.Globalization;
using System.Text.Json;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage;

/// <summary>Rolls with their exchanges, notches, takeaways and history.</summary>
internal static class RollTable
{
    private const string Columns =
        "r.key, r.id, r.session_id, r.partner_id, r.partner_belt, r.partner_stripes, r.partner_weight_kg, r.partner_size, "
        + "r.kind, r.intensity, r.partner_intensity, "
        + "r.minutes, r.planned_minutes, r.rules, r.mission, r.mission_checks, r.partial, r.retelling, r.notes";

    /// <summary>Rolls that are not deleted, by session, in order. Narrowed to one roll when <paramref name="id"/> is given.</summary>
    public static Dictionary<string, List<Roll>> Read(SqliteConnection connection, string? id = null, bool deleted = false)
    {
        var which = $"{(deleted ? "" : "r.deleted_at IS NULL AND ")}($1 IS NULL OR r.id = $1)";
        var exchanges = Exchanges(connection, which, id);
        var takeaways = new Dictionary<long, List<Takeaway>>();
        foreach (
            var row in connection.Query(
                $"SELECT t.roll, t.text, t.exchange, t.notch FROM takeaway t JOIN roll r ON r.key = t.roll WHERE {which} ORDER BY "
                    + $"t.roll, t.ordinal",
                id
            )
        )
        {
            List(takeaways, row.GetInt64(0)).Add(new Takeaway(row.GetString(1), row.Int(2), row.Int(3)));
        }

        var bySession = new Dictionary<string, List<Roll>>();
        foreach (var row in connection.Query($"SELECT {Columns} FROM roll r WHERE {which} ORDER BY r.session_id, r.ordinal, r.key", id))
        {
            var key = row.GetInt64(0);
            List(bySession, row.GetString(2))
                .Add(
                    new Roll
                    {
                        Id = row.GetString(1),
                        Partner = row.Text(3),
                        PartnerThen = new PartnerOfTheDay(row.Said<Belt>(4), row.Int(5), row.Real(6), row.Said<RelativeSize>(7)),
                        Kind = row.Said<RollKind>(8),
                        Intensity = row.Said<Intensity>(9),
                        PartnerIntensity = row.Said<Intensity>(10),
                        Minutes = row.Real(11),
                        PlannedMinutes = row.Real(12),
                        Rules = row.Text(13),
                        Mission = row.Text(14) is { } mission
                            ? new Mission(mission, JsonSerializer.Deserialize(row.Text(15) ?? "[]", StorageJson.Default.ListMissionCheck)!)
                            : null,
                        Partial =
                        [
                            .. row.Texts(16)
                                .Select(p =>
                                    Term.TryRead<PartialAccount>(p, out var partial)
                                        ? partial
                                        : throw new InvalidDataException($"the data holds the partial account '{p}'")
                                ),
                        ],
                        Retelling = row.Text(17),
                        Notes = row.Text(18),
                        Exchanges = exchanges.GetValueOrDefault(key) ?? [],
                        Takeaways = takeaways.GetValueOrDefault(key) ?? [],
                    }
                );
        }
        return bySession;
    }

    /// <summary>
    /// Writes a roll: a new one at the end of its session, a known one in its place with its earlier form kept in the history.
    /// </summary>
    public static void Save(SqliteConnection connection, string sessionId, Roll roll, DateTimeOffset now, string change)
    {
        var existing = connection.Value("SELECT key FROM roll WHERE id = $1", roll.Id);
        long key;
        if (existing is long known)
        {
            key = known;
            Remember(connection, key, roll.Id, now, change);
            var moved = connection.Value("SELECT session_id FROM roll WHERE key = $1", key) as string != sessionId;
            if (moved)
                connection.Run(
                    "UPDATE roll SET session_id = $2, ordinal = (SELECT coalesce(max(ordinal) + 1, 0) FROM roll WHERE session_id = "
                        + "$2) WHERE key = $1",
                    key,
                    sessionId
                );
            connection.Run("DELETE FROM exchange WHERE roll = $1", key);
            connection.Run("DELETE FROM takeaway WHERE roll = $1", key);
        }
        else
        {
            key = (long)
                connection.Value(
                    "INSERT INTO roll (id, session_id, ordinal) VALUES ($1, $2, (SELECT coalesce(max(ordinal) + 1, 0) FROM roll WHERE "
                        + "session_id = $2)) RETURNING key",
                    roll.Id,
                    sessionId
                )!;
        }
        connection.Run(
            "UPDATE roll SET partner_id = $2, partner_belt = $3, partner_stripes = $4, partner_weight_kg = $5, partner_size = $6, "
                + "kind = $7, intensity = $8, partner_intensity = $9, "
                + "minutes = $10, planned_minutes = $11, rules = $12, mission = $13, mission_checks = $14, partial = $15, retelling = "
                + "$16, notes = $17, deleted_at = NULL WHERE key = $1",
            key,
            roll.Partner,
            Rows.Said(roll.PartnerThen.Belt),
            roll.PartnerThen.Stripes,
            roll.PartnerThen.WeightKg,
            Rows.Said(roll.PartnerThen.Size),
            Rows.Said(roll.Kind),
            Rows.Said(roll.Intensity),
            Rows.Said(roll.PartnerIntensity),
            roll.Minutes,
            roll.PlannedMinutes,
            roll.Rules,
            roll.Mission?.Text,
            roll.Mission is null ? null : JsonSerializer.Serialize([.. roll.Mission.Checks], StorageJson.Default.ListMissionCheck),
            Rows.Json([.. roll.Partial.Select(Term.Of)]),
            roll.Retelling,
            roll.Notes
        );
        SaveNotches(connection, key, roll);
    }

    /// <summary>Marks a roll deleted; false when there is none to delete.</summary>
    public static bool Delete(SqliteConnection connection, string id, DateTimeOffset now)
    {
        if (connection.Value("SELECT key FROM roll WHERE id = $1 AND deleted_at IS NULL", id) is not long key)
            return false;
        Remember(connection, key, id, now, "deleted");
        return connection.Run("UPDATE roll SET deleted_at = $2 WHERE key = $1", key, Stamp(now)) == 1;
    }

    /// <summary>Takes a deletion back; false when there is none.</summary>
    public static bool Restore(SqliteConnection connection, string id, DateTimeOffset now)
    {
        if (connection.Value("SELECT key FROM roll WHERE id = $1 AND deleted_at IS NOT NULL", id) is not long key)
            return false;
        Remember(connection, key, id, now, "restored");
        return connection.Run("UPDATE roll SET deleted_at = NULL WHERE key = $1", key) == 1;
    }

    /// <summary>When and how a roll changed, oldest first, with its form before each change.</summary>
    public static IReadOnlyList<RollChange> History(SqliteConnection connection, string id) =>
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

    private static void Remember(SqliteConnection connection, long key, string id, DateTimeOffset now, string change)
    {
        var before = Read(connection, id, deleted: true).Values.Single().Single();
        connection.Run(
            "INSERT INTO roll_history (roll, changed_at, change, document) VALUES ($1, $2, $3, $4)",
            key,
            Stamp(now),
            change,
            JsonSerializer.Serialize(LogWriter.Document(before), LogJson.Default.RollDocument)
        );
    }

    private static string Stamp(DateTimeOffset now) =>
        now.ToUniversalTime().ToString("yyyy-MM-dd'T'HH:mm:ss.fff'Z'", CultureInfo.InvariantCulture);

    private static Dictionary<long, List<Exchange>> Exchanges(SqliteConnection connection, string which, string? id)
    {
        var notches = new Dictionary<(long, int), List<Notch>>();
        foreach (
            var row in connection.Query(
                "SELECT n.roll, n.exchange, n.by, n.move, n.from_place, n.to_place, n.outcome, n.side, n.at_s, n.remaining_s, n.given, "
                    + "n.causes, n.unsure, n.inferred, n.note, n.advice, n.span_start, n.span_end "
                    + $"FROM notch n JOIN roll r ON r.key = n.roll WHERE {which} ORDER BY n.roll, n.exchange, n.ordinal",
                id
            )
        )
        {
            List(notches, (row.GetInt64(0), row.GetInt32(1)))
                .Add(
                    new Notch
                    {
                        By = row.Said<Who>(2)!.Value,
                        Move = MoveId.Of(row.Text(3)),
                        From = PlaceId.Of(row.Text(4)),
                        To = PlaceId.Of(row.Text(5)),
                        Outcome = row.Said<Outcome>(6)!.Value,
                        Side = row.Said<BodySide>(7),
                        At = RollTime.Of(row.Int(8)),
                        Remaining = RollTime.Of(row.Int(9)),
                        Given = row.Said<Who>(10),
                        Causes = row.Texts(11),
                        Unsure = row.GetInt32(12) != 0,
                        Inferred = row.Texts(13),
                        Note = row.Text(14),
                        Advice = row.Text(15) is { } advice ? JsonSerializer.Deserialize(advice, StorageJson.Default.ListAdvice)! : [],
                        Span = row.Int(16) is { } start ? new Span(start, row.GetInt32(17)) : null,
                    }
                );
        }
        var exchanges = new Dictionary<long, List<Exchange>>();
        foreach (
            var row in connection.Query(
                $"SELECT e.roll, e.ordinal, e.start, e.ended_by FROM exchange e JOIN roll r ON r.key = e.roll WHERE {which} ORDER BY "
                    + $"e.roll, e.ordinal",
                id
            )
        )
        {
            List(exchanges, row.GetInt64(0))
                .Add(
                    new Exchange
                    {
                        Start = PlaceId.Of(row.Text(2)),
                        End = row.Said<ExchangeEnd>(3),
                        Notches = notches.GetValueOrDefault((row.GetInt64(0), row.GetInt32(1))) ?? [],
                    }
                );
        }
        return exchanges;
    }

    private static void SaveNotches(SqliteConnection connection, long key, Roll roll)
    {
        using var exchangeRow = connection.Command(
            "INSERT INTO exchange (roll, ordinal, start, ended_by) VALUES ($1, $2, $3, $4)",
            key,
            0,
            null,
            null
        );
        using var notchRow = connection.Command(
            "INSERT INTO notch (roll, exchange, ordinal, by, move, from_place, to_place, outcome, side, at_s, remaining_s, given, "
                + "causes, unsure, inferred, note, advice, span_start, span_end) "
                + "VALUES ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12, $13, $14, $15, $16, $17, $18, $19)",
            new object?[19]
        );
        for (var e = 0; e < roll.Exchanges.Count; e++)
        {
            var exchange = roll.Exchanges[e];
            Fill(exchangeRow, key, e, exchange.Start?.Value, Rows.Said(exchange.End));
            for (var n = 0; n < exchange.Notches.Count; n++)
            {
                var notch = exchange.Notches[n];
                Fill(
                    notchRow,
                    key,
                    e,
                    n,
                    Term.Of(notch.By),
                    notch.Move?.Value,
                    notch.From?.Value,
                    notch.To?.Value,
                    Term.Of(notch.Outcome),
                    Rows.Said(notch.Side),
                    notch.At?.Seconds,
                    notch.Remaining?.Seconds,
                    Rows.Said(notch.Given),
                    Rows.JsonOrNull(notch.Causes),
                    notch.Unsure ? 1 : 0,
                    Rows.JsonOrNull(notch.Inferred),
                    notch.Note,
                    notch.Advice.Count == 0 ? null : JsonSerializer.Serialize([.. notch.Advice], StorageJson.Default.ListAdvice),
                    notch.Span?.Start,
                    notch.Span?.End
                );
            }
        }
        for (var t = 0; t < roll.Takeaways.Count; t++)
        {
            var takeaway = roll.Takeaways[t];
            connection.Run(
                "INSERT INTO takeaway (roll, ordinal, text, exchange, notch) VALUES ($1, $2, $3, $4, $5)",
                key,
                t,
                takeaway.Text,
                takeaway.Exchange,
                takeaway.Notch
            );
        }
    }

    private static void Fill(SqliteCommand command, params object?[] values)
    {
        for (var i = 0; i < values.Length; i++)
            command.Parameters[i].Value = values[i] ?? DBNull.Value;
        command.ExecuteNonQuery();
    }

    private static List<T> List<TKey, T>(Dictionary<TKey, List<T>> lists, TKey key)
        where TKey : notnull
    {
        if (!lists.TryGetValue(key, out var list))
            lists[key] = list = [];
        return list;
    }
}
