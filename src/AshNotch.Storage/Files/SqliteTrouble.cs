using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Files;

/// <summary>What SQLite could not do, in words for the person. The result codes are those of sqlite.org/rescode.html.</summary>
internal static class SqliteTrouble
{
    private const int IsBusy = 5;
    private const int Locked = 6;
    private const int ReadOnly = 8;
    private const int Corrupt = 11;
    private const int IsFull = 13;
    private const int NotADatabase = 26;

    /// <summary>Says it.</summary>
    /// <param name="e">What SQLite threw.</param>
    /// <param name="file">The file of the log.</param>
    public static StorageException Of(SqliteException e, string file) =>
        e.SqliteErrorCode switch
        {
            IsFull => Full(file),
            IsBusy or Locked => Busy(file),
            ReadOnly => new(
                $"{file} cannot be written; check who owns it and its directory. Nothing was changed.",
                StorageTrouble.Unusable
            ),
            Corrupt or NotADatabase => Damage.Found(file, "it does not hold together"),
            _ => new($"{file} cannot be used ({Said(e)}). Nothing was changed.", StorageTrouble.Unusable),
        };

    /// <summary>There is no room left.</summary>
    public static StorageException Full(string file) =>
        new($"the disk that holds {file} is full; make room, then try again. Nothing was changed.", StorageTrouble.Full);

    /// <summary>Somebody else is writing, and took too long.</summary>
    public static StorageException Busy(string file) =>
        new(
            $"another program is writing to {file} and did not finish in time; try again in a moment. Nothing was changed.",
            StorageTrouble.Busy
        );

    // SQLite's own words come as "SQLite Error 14: 'unable to open database file'."
    private static string Said(SqliteException e)
    {
        var words = e.Message.Split('\'');
        return words.Length > 2 ? words[1] : e.Message;
    }
}
