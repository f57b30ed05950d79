using System.Globalization;
using System.Reflection;
using AshNotch.Storage.Files;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Tables;

/// <summary>Brings a database to the newest form by its numbered scripts, each in a transaction of its own.</summary>
internal static class Schema
{
    private static readonly List<(int Number, string Sql)> Scripts = Load();

    /// <summary>The number of the last script that ran; 0 when none did.</summary>
    public static int Version(SqliteConnection connection) =>
        Convert.ToInt32(connection.Value("PRAGMA user_version"), CultureInfo.InvariantCulture);

    /// <summary>Scripts have come since.</summary>
    public static bool IsOld(SqliteConnection connection) => Version(connection) < Scripts[^1].Number;

    /// <summary>Looks whether this is a log at all, with the tables that its number says.</summary>
    /// <exception cref="StorageException">It is not, or was written by a later version of the program.</exception>
    public static void ThrowIfForeign(SqliteConnection connection, string path)
    {
        var version = Version(connection);
        if (version > Scripts[^1].Number)
            throw new StorageException("this data was written by a later Ash Notch; update the program, the data is untouched.");
        if (version < 1)
            throw Damage.Found(path, "it holds no log");
        using var model = new SqliteConnection("Data Source=:memory:");
        model.Open();
        Run(model, Scripts.Where(s => s.Number <= version));
        var there = Parts(connection);
        if (Parts(model).FirstOrDefault(part => !there.Contains(part)) is { } missing)
            throw Damage.Found(path, $"{missing.Split('\n')[0]} is missing or not as it should be");
    }

    /// <summary>Runs the scripts that have not run yet.</summary>
    public static void Update(SqliteConnection connection) => Run(connection, Scripts.Where(s => s.Number > Version(connection)));

    private static void Run(SqliteConnection connection, IEnumerable<(int Number, string Sql)> scripts)
    {
        foreach (var (number, sql) in scripts.ToList())
        {
            using var transaction = connection.BeginTransaction(deferred: false);
            // Another process may have been first while this one waited for the lock.
            if (Version(connection) >= number)
                continue;
            connection.Run(sql);
            connection.Run(string.Create(CultureInfo.InvariantCulture, $"PRAGMA user_version = {number}"));
            transaction.Commit();
        }
    }

    // What somebody added of their own, an index perhaps, does no harm.
    private static HashSet<string> Parts(SqliteConnection connection) =>
        [
            .. connection
                .Query("SELECT type, name, sql FROM sqlite_master WHERE name NOT LIKE 'sqlite_%'")
                .Select(row => $"{row.GetString(0)} {row.GetString(1)}\n{row.Text(2)}"),
        ];

    private static List<(int, string)> Load()
    {
        var assembly = Assembly.GetExecutingAssembly();
        return
        [
            .. assembly
                .GetManifestResourceNames()
                .Where(n => n.EndsWith(".sql", StringComparison.Ordinal))
                .Order(StringComparer.Ordinal)
                .Select(n =>
                {
                    using var stream = new StreamReader(assembly.GetManifestResourceStream(n)!);
                    return (int.Parse(n[..4], CultureInfo.InvariantCulture), stream.ReadToEnd());
                }),
        ];
    }
}
