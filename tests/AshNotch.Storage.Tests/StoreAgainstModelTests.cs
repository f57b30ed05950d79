using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Tests;

/// <summary>
/// The store against a plain dictionary: long runs of saves, edits, moves, deletions and undoings, with the store closed and opened in
/// between.
/// </summary>
public sealed class StoreAgainstModelTests : IDisposable
{
    private static readonly DateTimeOffset Now = new(2026, 3, 2, 20, 0, 0, TimeSpan.Zero);
    private readonly string directory = Directory.CreateTempSubdirectory("ash-notch-model-").FullName;

    public void Dispose()
    {
        SqliteConnection.ClearAllPools();
        Directory.Delete(directory, recursive: true);
    }

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    public void After_any_run_of_changes_the_store_holds_what_it_should(int seed)
    {
        var random = new Random(seed);
        var kept = new Dictionary<string, (string Session, string Notes)>();
        var gone = new Dictionary<string, (string Session, string Notes)>();
        var changes = new Dictionary<string, int>();
        var store = LogStore.Open(directory);
        for (var turn = 0; turn < 250; turn++)
        {
            var id = $"r{random.Next(12)}";
            switch (random.Next(6))
            {
                case 0:
                    Assert.Equal(kept.Remove(id, out var removed), store.DeleteRoll(id, Now));
                    if (removed.Notes is not null)
                        (gone[id], changes[id]) = (removed, changes[id] + 1);
                    break;
                case 1:
                    Assert.Equal(gone.Remove(id, out var back), store.RestoreRoll(id, Now));
                    if (back.Notes is not null)
                        (kept[id], changes[id]) = (back, changes[id] + 1);
                    break;
                case 2:
                    store.Dispose();
                    store = LogStore.Open(directory);
                    break;
                default:
                    var (session, notes) = ($"s{random.Next(4)}", $"note {turn}");
                    store.SaveRoll(
                        new Session { Id = session, Date = new DateOnly(2026, 3, 2) },
                        new Roll
                        {
                            Id = id,
                            Notes = notes,
                            Exchanges =
                            [
                                new Exchange
                                {
                                    Notches =
                                    [
                                        new Notch
                                        {
                                            By = Who.Me,
                                            Move = MoveId.Of(notes),
                                            Outcome = Outcome.Landed,
                                        },
                                    ],
                                },
                            ],
                        },
                        Now
                    );
                    changes[id] = kept.ContainsKey(id) || gone.ContainsKey(id) ? changes[id] + 1 : 0;
                    gone.Remove(id);
                    kept[id] = (session, notes);
                    break;
            }
        }
        var stored = store.Read().Rolls.ToDictionary(r => r.Roll.Id, r => (r.Session.Id, r.Roll.Notes!));
        Assert.Equal(kept.OrderBy(k => k.Key), stored.OrderBy(k => k.Key));
        Assert.All(store.Read().Rolls, r => Assert.Equal(r.Roll.Notes, Assert.Single(r.Roll.Notches).Move?.Value));
        Assert.All(changes, c => Assert.Equal(c.Value, store.RollHistory(c.Key).Count));
        Assert.Equal("ok", store.CheckIntegrity());
        store.Dispose();
    }

    [Fact]
    public void Nothing_of_a_deleted_roll_is_read_but_its_history_is_kept()
    {
        using var store = LogStore.Open(directory);
        var session = new Session { Id = "s", Date = new DateOnly(2026, 3, 2) };
        store.SaveRoll(session, new Roll { Id = "a", Retelling = "I pulled guard." }, Now);
        store.DeleteRoll("a", Now);
        Assert.Empty(store.Read().Rolls);
        Assert.Contains("I pulled guard.", Assert.Single(store.RollHistory("a")).Document, StringComparison.Ordinal);
    }

    [Fact]
    public void A_roll_moved_to_another_session_leaves_the_first()
    {
        using var store = LogStore.Open(directory);
        foreach (var session in (string[])["monday", "tuesday"])
            store.SaveRoll(new Session { Id = session, Date = new DateOnly(2026, 3, 2) }, new Roll { Id = "a" }, Now);
        var log = store.Read();
        Assert.Empty(log.Sessions.Single(s => s.Id == "monday").Rolls);
        Assert.Single(log.Sessions.Single(s => s.Id == "tuesday").Rolls);
    }

    [Fact]
    public void An_import_fills_in_what_was_not_known_of_the_practitioner_and_leaves_the_rest()
    {
        using var store = LogStore.Open(directory);
        store.SavePractitioner(
            new Practitioner
            {
                Belt = Belt.Blue,
                WeightKg = 77,
                Units = WeightUnit.Lb,
            }
        );
        store.Import(
            new Log
            {
                Practitioner = new Practitioner { WeightKg = 75, AgeDivision = AgeDivision.Adult },
            },
            Now
        );
        var kept = store.Read().Practitioner;
        Assert.Equal((Belt.Blue, 77.0, WeightUnit.Lb), (kept.Belt!.Value, kept.WeightKg!.Value, kept.Units!.Value));
        Assert.Equal(AgeDivision.Adult, kept.AgeDivision);
    }

    [Fact]
    public void The_database_itself_refuses_a_notch_of_nobody()
    {
        using var store = LogStore.Open(directory);
        store.SaveRoll(
            new Session { Id = "s" },
            new Roll { Id = "a", Exchanges = [new Exchange { Notches = [new Notch { By = Who.Me, Outcome = Outcome.Landed }] }] },
            Now
        );
        using var connection = new SqliteConnection(
            $"Data Source={Path.Combine(directory, LogStore.FileName)};Foreign Keys=True;Pooling=false"
        );
        connection.Open();
        foreach (
            var sql in (string[])
                [
                    "UPDATE notch SET by = 'coach'",
                    "UPDATE notch SET outcome = 'won'",
                    "UPDATE roll SET session_id = 'nowhere'",
                    "UPDATE roll SET partner_id = 'nobody'",
                ]
        )
        {
            using var command = connection.CreateCommand();
            command.CommandText = sql;
            Assert.Throws<SqliteException>(() => command.ExecuteNonQuery());
        }
    }

    [Fact]
    public void Text_that_looks_like_SQL_is_text()
    {
        using var store = LogStore.Open(directory);
        const string Nasty = "Robert'); DROP TABLE roll; --";
        store.SavePartner(new Partner { Id = Nasty, Name = Nasty }, Now);
        store.SaveRoll(
            new Session { Id = "s" },
            new Roll
            {
                Id = "a",
                Partner = Nasty,
                Notes = Nasty,
            },
            Now
        );
        var roll = Assert.Single(store.Read().Rolls).Roll;
        Assert.Equal((Nasty, Nasty), (roll.Partner, roll.Notes));
    }
}
