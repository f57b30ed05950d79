using AshNotch.Core.Rolls;
using AshNotch.Formats;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Tables;

/// <summary>
/// Takes rolls into the log, inside one transaction: which session they go into, who the partners are and whether the roll has changed is
/// asked there, so that two who save at once do not make two of anything.
/// </summary>
internal static class RollIntake
{
    /// <summary>Takes them in.</summary>
    /// <exception cref="FaultyInputException">No day is said, or a partner is not there.</exception>
    /// <exception cref="StorageException">The roll was changed since.</exception>
    public static KeptRolls Keep(SqliteConnection connection, RollsToKeep wanted, DateTimeOffset now)
    {
        if (wanted.Draft is { } draft)
            DraftTable.Drop(connection, draft);
        var first = wanted.Rolls[0];
        if (wanted.Once && IsThere(connection, wanted.Rolls))
            return new KeptRolls([.. wanted.Rolls.Select(r => r.Id).Where(id => RollTable.Find(connection, id) is not null)], []);
        Changed.ThrowIfSince(wanted.Version, RollTable.Version(connection, first.Id));
        var session = SessionOf(connection, wanted);
        SessionTable.Save(connection, session);
        var (met, known) = Met(connection, wanted.Met, now);
        using var writer = new RollWriter(connection);
        foreach (var roll in wanted.Rolls)
            writer.Save(session.Id, OnTheDay(connection, With(roll, known)), now, "edited");
        return new KeptRolls([.. wanted.Rolls.Select(r => r.Id)], met);
    }

    // Sent before already: as it stands, whatever became of it since. Told on before anybody changed it: that is what is meant now.
    private static bool IsThere(SqliteConnection connection, IReadOnlyList<Roll> told)
    {
        if (RollTable.Key(connection, told[0].Id) is not { } key)
            return false;
        if (told[0].Retelling is { } text && HasSaid(connection, key, told[0].Id, text))
            return true;
        if (told.Any(r => RollTable.Key(connection, r.Id) is { } k && HistoryTable.Count(connection, k) > 0))
            throw new StorageException(
                "This roll is in the log already and was changed or deleted since; what is told here is other than what it was saved from. "
                    + "Nothing was overwritten: save it as another roll, or edit the one in the log.",
                StorageTrouble.Changed
            );
        return false;
    }

    private static bool HasSaid(SqliteConnection connection, long key, string id, string text) =>
        connection.Value("SELECT retelling FROM roll WHERE key = $1", key) as string == text
        || HistoryTable.Of(connection, id).Any(form => HistoryTable.ReadRoll(form.Document, id).Retelling == text);

    private static Session SessionOf(SqliteConnection connection, RollsToKeep wanted)
    {
        if (wanted.Session is not { } said)
        {
            return RollTable.Find(connection, wanted.Rolls[0].Id) is { } stands
                ? SessionTable.Find(connection, stands.Session)!
                : throw new FaultyInputException([new Fault("session.date", "is missing; write it as 2026-03-02.")]);
        }
        var ofThatDay = new Log { Sessions = SessionTable.OfDay(connection, said.Date) };
        return ofThatDay.SessionFor(said, wanted.NewSession);
    }

    private static (List<Partner> Met, Dictionary<string, Partner> Known) Met(
        SqliteConnection connection,
        IReadOnlyList<Partner> met,
        DateTimeOffset now
    )
    {
        var (added, known) = (new List<Partner>(), new Dictionary<string, Partner>());
        foreach (var partner in met)
        {
            if (PeopleTables.Called(connection, partner.Name) is { } there)
            {
                known[partner.Id] = there;
                continue;
            }
            PeopleTables.Save(connection, partner, now);
            added.Add(partner);
        }
        return (added, known);
    }

    private static Roll With(Roll roll, Dictionary<string, Partner> known) =>
        roll.Partner is not null && known.TryGetValue(roll.Partner, out var there)
            ? roll with
            {
                Partner = there.Id,
                PartnerThen = there.Today,
            }
            : roll;

    /// <summary>An earlier form of a roll, with the one its partner was made one with; with somebody unknown where they are gone.</summary>
    public static Roll WithWhoIsThere(SqliteConnection connection, Roll form) =>
        form with
        {
            Partner =
                form.Partner is { } id && PeopleTables.Find(connection, PartnerMergeTable.Now(connection, id)) is { } there
                    ? there.Id
                    : null,
        };

    /// <summary>The roll with its partner as they were that day.</summary>
    /// <exception cref="FaultyInputException">The partner is not there.</exception>
    public static Roll OnTheDay(SqliteConnection connection, Roll roll)
    {
        if (roll.Partner is null)
            return roll;
        // A page that was open before two were made one still says the one that went.
        roll = roll with
        {
            Partner = PartnerMergeTable.Now(connection, roll.Partner),
        };
        var partner =
            PeopleTables.Find(connection, roll.Partner)
            ?? throw new FaultyInputException([new Fault("roll.partner", "is not among the partners; add them first.")]);
        return roll.OnTheDay(partner, RollTable.Find(connection, roll.Id)?.Roll);
    }
}
