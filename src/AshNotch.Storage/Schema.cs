using System.Globalization;
using System.Reflection;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage;

/// <summary>Brings a database to the newest schema by its numbered scripts, each in a transaction of its own.</summary>
internal static class Schema
{
    /// <summary>Runs the scripts that have not run yet.</summary>
    /// <exception cref="StorageException">The data was written by a later version of the program.</exception>
    public static void Update(SqliteConnection connection)
    {
        var assembly = Assembly.GetExecutingAssembly();
        var scripts = assembly
            .GetManifestResourceNames()
            .Where(n => n.EndsWith(".sql", StringComparison.Ordinal))
            .Select(n => (Number: int.Parse(n[..4], CultureInfo.InvariantCulture), Name: n))
            .OrderBy(s => s.Number)
            .ToList();
        var version = Convert.ToInt32(connection.Value("PRAGMA user_version"), CultureInfo.InvariantCulture);
        if (version > scripts[^1].Number)
            throw new StorageException("this data was written by a later Ash Notch; update the program, the data is untouched.");
        foreach (var (number, name) in scripts.Where(s => s.Number > version))
        {
            using var stream = new StreamReader(assembly.GetManifestResourceStream(name)!);
            var sql = stream.ReadToEnd();
            using var transaction = connection.BeginTransaction(deferred: false);
            // Another process may have been first while this one waited for the lock.
            if (Convert.ToInt32(connection.Value("PRAGMA user_version"), CultureInfo.InvariantCulture) >= number)
                continue;
            connection.Run(sql);
            connection.Run(string.Create(CultureInfo.InvariantCulture, $"PRAGMA user_version = {number}"));
            transaction.Commit();
        }
    }
}
