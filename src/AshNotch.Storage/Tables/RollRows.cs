using System.Text.Json;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Tables;

/// <summary>Rolls as they are read, with their exchanges, notches and takeaways.</summary>
internal static class RollRows
{
    private const string Columns =
        "r.key, r.id, r.session_id, r.partner_id, r.partner_belt, r.partner_stripes, r.partner_weight_kg, r.partner_size, "
        + "r.kind, r.intensity, r.partner_intensity, "
        + "r.minutes, r.planned_minutes, r.rules, r.mission, r.mission_checks, r.partial, r.retelling, r.notes, "
        + "r.starts_kept, r.starts_lost, r.intent, r.missed, r.penalties, r.event, r.division, r.official";

    /// <summary>Rolls by session, in order.</summary>
    public static Dictionary<string, List<Roll>> Read(SqliteConnection connection, Which which)
    {
        var exchanges = Exchanges(connection, which);
        var takeaways = new Dictionary<long, List<Takeaway>>();
        foreach (
            var row in connection.Query(
                $"SELECT t.roll, t.text, t.exchange, t.notch FROM takeaway t JOIN roll r ON r.key = t.roll WHERE {which.Condition} "
                    + "ORDER BY t.roll, t.ordinal",
                which.Value
            )
        )
        {
            List(takeaways, row.GetInt64(0)).Add(new Takeaway(row.GetString(1), row.Int(2), row.Int(3)));
        }

        var bySession = new Dictionary<string, List<Roll>>();
        foreach (
            var row in connection.Query(
                $"SELECT {Columns} FROM roll r WHERE {which.Condition} ORDER BY r.session_id, r.ordinal, r.key",
                which.Value
            )
        )
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
                        Starts = row.Int(19) is { } kept ? new DrilledStarts(kept, row.Int(20) ?? 0) : null,
                        Intent = row.Said<Intent>(21),
                        Missed = row.Text(22) is { } missed
                            ? JsonSerializer.Deserialize(missed, StorageJson.Default.ListMissedChance)!
                            : [],
                        Penalties = row.Text(23) is { } penalties
                            ? JsonSerializer.Deserialize(penalties, StorageJson.Default.ListPenalty)!
                            : [],
                        Event = row.Text(24),
                        Division = row.Text(25),
                        Official = row.Text(26) is { } official
                            ? MatchReading.Read(JsonSerializer.Deserialize(official, LogJson.Default.OfficialDocument), new Checker(), "")
                            : null,
                        Exchanges = exchanges.GetValueOrDefault(key) ?? [],
                        Takeaways = takeaways.GetValueOrDefault(key) ?? [],
                    }
                );
        }
        return bySession;
    }

    private static Dictionary<long, List<Exchange>> Exchanges(SqliteConnection connection, Which which)
    {
        var notches = new Dictionary<(long, int), List<Notch>>();
        foreach (
            var row in connection.Query(
                "SELECT n.roll, n.exchange, n.by, n.move, n.from_place, n.to_place, n.outcome, n.side, n.at_s, n.remaining_s, n.given, "
                    + "n.causes, n.unsure, n.inferred, n.note, n.advice, n.span_start, n.span_end, n.held, n.held_s, n.rulings "
                    + $"FROM notch n JOIN roll r ON r.key = n.roll WHERE {which.Condition} ORDER BY n.roll, n.exchange, n.ordinal",
                which.Value
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
                        Held = row.Int(18) is { } held ? held != 0 : null,
                        HeldSeconds = row.Real(19),
                        Rulings = row.Text(20) is { } rulings ? Rulings(rulings) : [],
                    }
                );
        }
        var exchanges = new Dictionary<long, List<Exchange>>();
        foreach (
            var row in connection.Query(
                $"SELECT e.roll, e.ordinal, e.start, e.ended_by FROM exchange e JOIN roll r ON r.key = e.roll WHERE {which.Condition} "
                    + "ORDER BY e.roll, e.ordinal",
                which.Value
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

    private static List<Ruling> Rulings(string written) =>
        [.. JsonSerializer.Deserialize(written, LogJson.Default.ListRulingDocument)!.Select(r => MatchReading.Read(r, new Checker(), ""))];

    private static List<T> List<TKey, T>(Dictionary<TKey, List<T>> lists, TKey key)
        where TKey : notnull
    {
        if (!lists.TryGetValue(key, out var list))
            lists[key] = list = [];
        return list;
    }
}
