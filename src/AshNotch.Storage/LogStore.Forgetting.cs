using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using AshNotch.Storage.Backups;
using AshNotch.Storage.Files;
using AshNotch.Storage.Forgetting;
using AshNotch.Storage.Tables;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage;

// Partners who are to be forgotten.
public sealed partial class LogStore
{
    /// <summary>
    /// Takes a partner out of the log: notes, traits and earlier forms go, <c>someone</c> stands where their name stood, their rolls stay.
    /// The file is written anew, so that nothing of it is left in a free page. There is no way back.
    /// </summary>
    /// <param name="id">The partner's id.</param>
    /// <param name="vocabulary">What is a word of the trade, too.</param>
    /// <returns>The partner as they were; null where nobody of this id is there.</returns>
    public Partner? ForgetPartner(string id, MatVocabulary vocabulary)
    {
        var gone = Write(connection =>
        {
            if (PeopleTables.Find(connection, id) is not { } partner)
                return null;
            Forget.In(connection, partner, vocabulary);
            return partner;
        });
        if (gone is null)
            return null;
        using var held = Keeping();
        return Exclusively(() =>
        {
            try
            {
                writer.Run("VACUUM");
                Lineage.Fold(writer, file.Path);
                return gone;
            }
            catch (SqliteException e)
            {
                throw SqliteTrouble.Of(e, file.Path);
            }
        });
    }

    /// <summary>The copies that still hold a partner, newest first; one that cannot be looked into is among them.</summary>
    public IReadOnlyList<Backup> CopiesHolding(Partner partner, MatVocabulary vocabulary) =>
        [.. Backups().Where(b => Holds(b, partner, vocabulary))];

    /// <summary>Takes a partner out of a copy, which is written anew; whole or not at all.</summary>
    /// <exception cref="StorageException">There is no such copy, or it is damaged.</exception>
    public void ForgetInCopy(string name, Partner partner, MatVocabulary vocabulary)
    {
        using var held = Keeping();
        var path = Found(name).Path;
        try
        {
            using var working = Unfinished.Begin(path, held);
            File.Copy(path, working.Path, overwrite: true);
            Private.File(working.Path);
            using (var connection = DataFile.Connect(DataFile.ConnectionString(working.Path, pooling: false)))
            {
                connection.Run("PRAGMA journal_mode = DELETE;");
                using (var transaction = connection.BeginTransaction(deferred: false))
                {
                    Forget.In(connection, partner, vocabulary);
                    transaction.Commit();
                }
                // What was taken out is still in free pages.
                connection.Run("VACUUM");
            }
            working.Finish(path, overwrite: true);
        }
        catch (SqliteException e)
        {
            throw SqliteTrouble.Of(e, path);
        }
    }

    /// <summary>Deletes a copy.</summary>
    /// <exception cref="StorageException">There is no such copy.</exception>
    public void DeleteBackup(string name) => File.Delete(Found(name).Path);

    private static bool Holds(Backup backup, Partner partner, MatVocabulary vocabulary)
    {
        try
        {
            using var connection = DataFile.ConnectTo(backup.Path);
            return Forget.Holds(connection, partner, vocabulary);
        }
        catch (SqliteException)
        {
            // Nobody can tell; better named than forgotten about.
            return true;
        }
    }
}
