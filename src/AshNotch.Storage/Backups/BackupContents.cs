using AshNotch.Storage.Files;
using AshNotch.Storage.Tables;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Backups;

/// <summary>What a copy holds.</summary>
/// <param name="Rolls">Rolls in the log.</param>
/// <param name="Sessions">Sessions with rolls.</param>
/// <param name="Partners">Partners.</param>
/// <param name="FirstDay">The first day of a session.</param>
/// <param name="LastDay">The last.</param>
/// <param name="Version">The version of the log; 0 where it was made before versions were counted.</param>
public sealed record BackupContents(int Rolls, int Sessions, int Partners, DateOnly? FirstDay, DateOnly? LastDay, long Version)
{
    /// <summary>Looks into a file; nothing is written beside it.</summary>
    /// <exception cref="StorageException">It is no copy of a log, or damaged.</exception>
    internal static BackupContents Of(string path)
    {
        try
        {
            using var connection = DataFile.ConnectTo(path);
            Schema.ThrowIfForeign(connection, path);
            return Of(connection);
        }
        catch (SqliteException e)
        {
            throw SqliteTrouble.Of(e, path);
        }
        catch (Exception e) when (e is FormatException or InvalidDataException or InvalidCastException)
        {
            throw Damage.Found(path, e.Message);
        }
    }

    private static BackupContents Of(SqliteConnection connection) =>
        connection
            .Query(
                "SELECT count(*), count(DISTINCT s.id), (SELECT count(*) FROM partner), min(s.date), max(s.date) "
                    + "FROM roll r JOIN session s ON s.id = r.session_id WHERE r.deleted_at IS NULL"
            )
            .Select(row => new BackupContents(
                row.GetInt32(0),
                row.GetInt32(1),
                row.GetInt32(2),
                row.Day(3),
                row.Day(4),
                connection.Value("SELECT 1 FROM sqlite_master WHERE name = 'log_change'") is null ? 0 : LogRows.Version(connection)
            ))
            .Single();
}
