using AshNotch.Core.Drilling;
using AshNotch.Core.Matches;
using AshNotch.Core.Merging;
using AshNotch.Core.Rolls;
using AshNotch.Storage.Importing;
using AshNotch.Storage.Tables;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage;

// Files taken in, and taken back.
public sealed partial class LogStore
{
    /// <summary>What taking a log in would change, with the version of the log that was looked at. Nothing is changed.</summary>
    public (ImportPlan Plan, long Version) PlanImport(Diary coming)
    {
        var (plan, from) = Planned(coming);
        return (plan, from.Version);
    }

    /// <summary>What taking a log in would bring where there is no log yet. None is made.</summary>
    public static ImportPlan PlanFirstImport(Diary coming) =>
        ImportPlan.Of(
            coming,
            new Known(
                new Log(),
                Drills.None,
                MatchBook.None,
                [],
                new Dictionary<string, Roll>(),
                _ => [],
                _ => [],
                id => id,
                HistoryTable.Written,
                HistoryTable.Written
            )
        );

    /// <summary>Carries a plan out, in one transaction; null when it changes nothing.</summary>
    /// <exception cref="StorageException">The log was changed since the plan was made.</exception>
    public Import? Import(ImportPlan plan, long version, ImportChoice choice, DateTimeOffset now) =>
        Import(
            plan,
            choice,
            now,
            connection =>
                LogRows.Version(connection) == version
                    ? plan
                    : throw new StorageException(
                        "the log has changed since you looked at what the file would change; look at it again. Nothing was taken in.",
                        StorageTrouble.Changed
                    )
        ).Done;

    /// <summary>Takes a whole log in as the plan has it: what is new or was never edited here comes, the rest stays.</summary>
    public Import? Import(Diary diary, DateTimeOffset now, ImportChoice? choice = null) =>
        ImportAsPlanned(diary, now, choice ?? ImportChoice.AsPlanned).Done;

    /// <summary>The same, with the plan that was carried out.</summary>
    public (Import? Done, ImportPlan Plan) ImportAsPlanned(Diary diary, DateTimeOffset now, ImportChoice choice)
    {
        var (plan, from) = Planned(diary);
        return Import(plan, choice, now, InForce);

        // Where somebody saved in between, what they changed is looked at again, with everybody else waiting.
        ImportPlan InForce(SqliteConnection connection)
        {
            var here = LogRows.Since(from, connection);
            return here.Version == from.Version ? plan : ImportPlan.Of(diary, TakingIn.Known(connection, here.Diary), plan);
        }
    }

    private (ImportPlan Plan, LogSnapshot From) Planned(Diary coming) =>
        Using(connection =>
        {
            using var moment = connection.BeginTransaction(deferred: true);
            var here = LogRows.Whole(connection);
            return (ImportPlan.Of(coming, TakingIn.Known(connection, here.Diary)), here);
        });

    private (Import? Done, ImportPlan Plan) Import(
        ImportPlan plan,
        ImportChoice choice,
        DateTimeOffset now,
        Func<SqliteConnection, ImportPlan> inForce
    ) =>
        Using(connection =>
        {
            Staged staged;
            using (var apart = connection.BeginTransaction(deferred: true))
            {
                staged = Staged.Of(connection, plan);
                apart.Commit();
            }
            try
            {
                return Write(
                    connection,
                    () =>
                    {
                        var carried = inForce(connection);
                        if (!Staged.IsFor(plan, carried))
                        {
                            staged.Dispose();
                            staged = Staged.Of(connection, carried);
                        }
                        return (TakingIn.Apply(connection, carried, staged, choice, now), carried);
                    }
                );
            }
            finally
            {
                staged.Dispose();
            }
        });

    /// <summary>What was taken in, newest first.</summary>
    public IReadOnlyList<Import> Imports() => Using(Undoing.List);

    /// <summary>Takes an import back; what of it stays as it was changed since, or null when there is none to undo.</summary>
    public IReadOnlyList<Stay>? UndoImport(long import, DateTimeOffset now) => Write(connection => Undoing.Undo(connection, import, now));

    /// <summary>What of an import would stay if it was taken back now; null when there is none to undo. Nothing is changed.</summary>
    public IReadOnlyList<Stay>? TryUndoImport(long import, DateTimeOffset now) =>
        Using(connection =>
        {
            using var tried = connection.BeginTransaction(deferred: false);
            return Undoing.Undo(connection, import, now);
        });
}
