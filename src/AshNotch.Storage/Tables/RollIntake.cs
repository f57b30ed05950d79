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
        if (wanted.Once && Told(connection, first))
            return new KeptRolls([.. wanted.Rolls.Select(r => r.Id).Where(id => RollTable.Find(connection, id) is not null)], []);
        ThrowIfChanged(connection, first.Id, wanted.Version);
        var session = SessionOf(connection, wanted);
        SessionTable.Save(connection, session);
        var (met, known) = Met(connection, wanted.Met, now);
        using var writer = new RollWriter(connection);
        foreach (var roll in wanted.Rolls)
            writer.Save(session.Id, OnTheDay(connection, With(roll, known)), now, "edited");
        return new KeptRolls([.. wanted.Rolls.Select(r => r.Id)], met);
    }

    /// <summary>Nothing is put over what was not seen.</summary>
    /// <exception cref="StorageException">The roll was changed since that version.</exception>
    public static void ThrowIfChanged(SqliteConnection connection, string roll, int? seen)
    {
        if (seen is not null && seen != RollTable.Version(connection, roll))
            throw new StorageException(
                "It was changed in another tab or by another device since you opened it. "
                    + "Nothing was overwritten: look at it as it is now, then change it again.",
                StorageTrouble.Changed
            );
    }

    private static bool Told(SqliteConnection connection, Roll roll) =>
        roll.Retelling is not null && connection.Value("SELECT retelling FROM roll WHERE id = $1", roll.Id) as string == roll.Retelling;

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
            if (PeopleTables.Named(connection, partner.Name) is { } there)
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

    /// <summary>The roll with its partner as they were that day.</summary>
    /// <exception cref="FaultyInputException">The partner is not there.</exception>
    public static Roll OnTheDay(SqliteConnection connection, Roll roll)
    {
        if (roll.Partner is null)
            return roll;
        var partner =
            PeopleTables.Find(connection, roll.Partner)
            ?? throw new FaultyInputException([new Fault("roll.partner", "is not among the partners; add them first.")]);
        return roll.OnTheDay(partner, RollTable.Find(connection, roll.Id)?.Roll);
    }
}
