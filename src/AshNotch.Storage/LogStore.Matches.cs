using AshNotch.Core.Matches;
using AshNotch.Core.Partners;
using AshNotch.Core.Scoring;
using AshNotch.Storage.Tables;

namespace AshNotch.Storage;

// What is kept for matches, and what is feared.
public sealed partial class LogStore
{
    /// <summary>Rules of the user's own.</summary>
    public IReadOnlyList<MatchRules> Rules() => Using(MatchTables.Rules);

    /// <summary>Saves rules of the user's own; others of the same id are replaced.</summary>
    public void SaveRules(MatchRules rules) =>
        Write(connection =>
        {
            MatchTables.Save(connection, rules);
            return true;
        });

    /// <summary>Drops rules of the user's own; false where there are none.</summary>
    public bool DropRules(string id) => Write(connection => MatchTables.DropRules(connection, id));

    /// <summary>Saves a day of matches; another of the same id is replaced.</summary>
    /// <param name="day">The day.</param>
    /// <param name="isSeen">Whether the one that stands is what the change was made from; null replaces it whatever it is.</param>
    /// <exception cref="StorageException">It was changed since.</exception>
    public void SaveMatchDay(MatchDay day, Func<MatchDay, bool>? isSeen = null) =>
        Write(connection =>
        {
            if (
                isSeen is not null
                && MatchTables.Read(connection).Days.FirstOrDefault(d => d.Id == day.Id) is { } stands
                && !isSeen(stands)
            )
                throw new StorageException(
                    "this match day was changed elsewhere meanwhile; it is shown as it is now, and nothing was overwritten.",
                    StorageTrouble.Changed
                );
            MatchTables.Save(connection, day);
            return true;
        });

    /// <summary>Drops a day of matches, its rolls stay; false where there is none.</summary>
    public bool DropMatchDay(string id) => Write(connection => MatchTables.DropDay(connection, id));

    /// <summary>Saves a fear; another of the same id is replaced.</summary>
    public void SaveFear(Fear fear) =>
        Write(connection =>
        {
            FearTable.Save(connection, fear);
            return true;
        });

    /// <summary>Drops a fear; false where there is none.</summary>
    public bool DropFear(string id) => Write(connection => FearTable.Drop(connection, id));
}
