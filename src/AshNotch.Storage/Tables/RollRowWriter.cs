using System.Text.Json;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Tables;

/// <summary>Writes the rows of rolls, into the log's tables or into others of the same columns; its statements are prepared once.</summary>
internal sealed class RollRowWriter : IDisposable
{
    private const string RollColumns =
        "id = $2, session_id = $3, partner_id = $4, partner_belt = $5, partner_stripes = $6, partner_weight_kg = $7, partner_size = $8, "
        + "kind = $9, intensity = $10, partner_intensity = $11, minutes = $12, planned_minutes = $13, rules = $14, mission = $15, "
        + "mission_checks = $16, partial = $17, retelling = $18, notes = $19, starts_kept = $20, starts_lost = $21, "
        + "intent = $22, missed = $23, penalties = $24, event = $25, division = $26, official = $27";

    private readonly SqliteCommand insert;
    private readonly SqliteCommand update;
    private readonly SqliteCommand exchangeRow;
    private readonly SqliteCommand notchRow;
    private readonly SqliteCommand takeawayRow;

    /// <param name="connection">The connection, inside a transaction.</param>
    /// <param name="before">What the names of the tables begin with.</param>
    public RollRowWriter(SqliteConnection connection, string before = "")
    {
        var columns = RollColumns.Split(", ").Select(c => c.Split(" = ")).ToList();
        insert = connection.Command(
            $"INSERT INTO {before}roll (key, {string.Join(", ", columns.Select(c => c[0]))}, ordinal) VALUES ($1, "
                + $"{string.Join(", ", columns.Select(c => c[1]))}, (SELECT coalesce(max(ordinal) + 1, 0) FROM {before}roll WHERE "
                + "session_id = $3)) RETURNING key",
            new object?[27]
        );
        update = connection.Command($"UPDATE {before}roll SET {RollColumns}, deleted_at = NULL WHERE key = $1", new object?[27]);
        exchangeRow = connection.Command(
            $"INSERT INTO {before}exchange (roll, ordinal, start, ended_by) VALUES ($1, $2, $3, $4)",
            new object?[4]
        );
        notchRow = connection.Command(
            $"INSERT INTO {before}notch (roll, exchange, ordinal, by, move, from_place, to_place, outcome, side, at_s, remaining_s, given, "
                + "causes, unsure, inferred, note, advice, span_start, span_end, held, held_s, rulings) "
                + "VALUES ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12, $13, $14, $15, $16, $17, $18, $19, $20, $21, $22)",
            new object?[22]
        );
        takeawayRow = connection.Command(
            $"INSERT INTO {before}takeaway (roll, ordinal, text, exchange, notch) VALUES ($1, $2, $3, $4, $5)",
            new object?[5]
        );
    }

    /// <summary>Adds a roll at the end of its session; its key is the next one.</summary>
    public void Add(string session, Roll roll)
    {
        Fill(insert, null, session, roll);
        Rest((long)insert.ExecuteScalar()!, roll);
    }

    /// <summary>Writes a roll in the place of one whose exchanges and takeaways are gone.</summary>
    public void Replace(long key, string session, Roll roll)
    {
        Fill(update, key, session, roll);
        update.ExecuteNonQuery();
        Rest(key, roll);
    }

    /// <inheritdoc/>
    public void Dispose()
    {
        foreach (var command in (SqliteCommand[])[insert, update, exchangeRow, notchRow, takeawayRow])
            command.Dispose();
    }

    private static void Fill(SqliteCommand command, long? key, string session, Roll roll) =>
        Fill(
            command,
            key,
            roll.Id,
            session,
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
            roll.Notes,
            roll.Starts?.Kept,
            roll.Starts?.Lost,
            Rows.Said(roll.Intent),
            roll.Missed.Count == 0 ? null : JsonSerializer.Serialize([.. roll.Missed], StorageJson.Default.ListMissedChance),
            roll.Penalties.Count == 0 ? null : JsonSerializer.Serialize([.. roll.Penalties], StorageJson.Default.ListPenalty),
            roll.Event,
            roll.Division,
            roll.Official is null ? null : JsonSerializer.Serialize(MatchWriting.Document(roll.Official), LogJson.Default.OfficialDocument)
        );

    private void Rest(long key, Roll roll)
    {
        for (var e = 0; e < roll.Exchanges.Count; e++)
            Save(key, e, roll.Exchanges[e]);
        for (var t = 0; t < roll.Takeaways.Count; t++)
        {
            var takeaway = roll.Takeaways[t];
            Fill(takeawayRow, key, t, takeaway.Text, takeaway.Exchange, takeaway.Notch);
            takeawayRow.ExecuteNonQuery();
        }
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
                notch.Span?.End,
                notch.Held is { } held ? (held ? 1 : 0) : null,
                notch.HeldSeconds,
                notch.Rulings.Count == 0
                    ? null
                    : JsonSerializer.Serialize([.. notch.Rulings.Select(MatchWriting.Document)], LogJson.Default.ListRulingDocument)
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
