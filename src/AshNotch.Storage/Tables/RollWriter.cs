using System.Text.Json;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Tables;

/// <summary>Writes rolls in one transaction; its statements are prepared once, however many rolls come.</summary>
internal sealed class RollWriter : IDisposable
{
    private readonly SqliteConnection connection;
    private readonly SqliteCommand insert;
    private readonly SqliteCommand update;
    private readonly SqliteCommand exchangeRow;
    private readonly SqliteCommand notchRow;
    private readonly SqliteCommand takeawayRow;

    public RollWriter(SqliteConnection connection)
    {
        this.connection = connection;
        insert = connection.Command(
            "INSERT INTO roll (id, session_id, ordinal) VALUES ($1, $2, (SELECT coalesce(max(ordinal) + 1, 0) FROM roll WHERE "
                + "session_id = $2)) RETURNING key",
            new object?[2]
        );
        update = connection.Command(
            "UPDATE roll SET partner_id = $2, partner_belt = $3, partner_stripes = $4, partner_weight_kg = $5, partner_size = $6, "
                + "kind = $7, intensity = $8, partner_intensity = $9, "
                + "minutes = $10, planned_minutes = $11, rules = $12, mission = $13, mission_checks = $14, partial = $15, retelling = "
                + "$16, notes = $17, deleted_at = NULL WHERE key = $1",
            new object?[17]
        );
        exchangeRow = connection.Command("INSERT INTO exchange (roll, ordinal, start, ended_by) VALUES ($1, $2, $3, $4)", new object?[4]);
        notchRow = connection.Command(
            "INSERT INTO notch (roll, exchange, ordinal, by, move, from_place, to_place, outcome, side, at_s, remaining_s, given, "
                + "causes, unsure, inferred, note, advice, span_start, span_end) "
                + "VALUES ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12, $13, $14, $15, $16, $17, $18, $19)",
            new object?[19]
        );
        takeawayRow = connection.Command(
            "INSERT INTO takeaway (roll, ordinal, text, exchange, notch) VALUES ($1, $2, $3, $4, $5)",
            new object?[5]
        );
    }

    /// <summary>Writes a roll: a new one at the end of its session, a known one in its place with its earlier form kept in the history.</summary>
    public void Save(string session, Roll roll, DateTimeOffset now, string change)
    {
        long key;
        if (RollTable.Key(connection, roll.Id) is { } known)
        {
            key = known;
            HistoryTable.Remember(connection, key, now, change);
            if (connection.Value("SELECT session_id FROM roll WHERE key = $1", key) as string != session)
                connection.Run(
                    "UPDATE roll SET session_id = $2, ordinal = (SELECT coalesce(max(ordinal) + 1, 0) FROM roll WHERE session_id = "
                        + "$2) WHERE key = $1",
                    key,
                    session
                );
            connection.Run("DELETE FROM exchange WHERE roll = $1", key);
            connection.Run("DELETE FROM takeaway WHERE roll = $1", key);
        }
        else
        {
            Fill(insert, roll.Id, session);
            key = (long)insert.ExecuteScalar()!;
        }
        Fill(
            update,
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
        update.ExecuteNonQuery();
        for (var e = 0; e < roll.Exchanges.Count; e++)
            Save(key, e, roll.Exchanges[e]);
        for (var t = 0; t < roll.Takeaways.Count; t++)
        {
            var takeaway = roll.Takeaways[t];
            Fill(takeawayRow, key, t, takeaway.Text, takeaway.Exchange, takeaway.Notch);
            takeawayRow.ExecuteNonQuery();
        }
    }

    /// <inheritdoc/>
    public void Dispose()
    {
        foreach (var command in (SqliteCommand[])[insert, update, exchangeRow, notchRow, takeawayRow])
            command.Dispose();
    }

    private void Save(long key, int e, Exchange exchange)
    {
        Fill(exchangeRow, key, e, exchange.Start?.Value, Rows.Said(exchange.End));
        exchangeRow.ExecuteNonQuery();
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
            notchRow.ExecuteNonQuery();
        }
    }

    private static void Fill(SqliteCommand command, params ReadOnlySpan<object?> values)
    {
        for (var i = 0; i < values.Length; i++)
            command.Parameters[i].Value = values[i] ?? DBNull.Value;
    }
}
