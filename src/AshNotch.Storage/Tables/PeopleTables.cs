using AshNotch.Core.Rolls;
using AshNotch.Storage.Files;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Tables;

/// <summary>The practitioner and the partners.</summary>
internal static class PeopleTables
{
    private const string Columns = "id, name, belt, stripes, weight_kg, size, traits, also_called, notes, owed";

    public static List<Partner> Partners(SqliteConnection connection) =>
        [.. connection.Query($"SELECT {Columns} FROM partner ORDER BY rowid").Select(Of)];

    /// <summary>One partner, or null.</summary>
    public static Partner? Find(SqliteConnection connection, string id) =>
        connection.Query($"SELECT {Columns} FROM partner WHERE id = $1", id).Select(Of).FirstOrDefault();

    /// <summary>The version of a partner that an edit is made from.</summary>
    public static int Version(SqliteConnection connection, string id) => Era.Of(connection) + HistoryTable.CountOfPartner(connection, id);

    /// <summary>The partner who goes by a name, however it is capitalised; null when nobody does.</summary>
    public static Partner? Named(SqliteConnection connection, string name) =>
        Partners(connection).FirstOrDefault(p => PersonName.IsSame(p.Name, name));

    /// <summary>The partner who goes by a name, or is called so, too.</summary>
    public static Partner? Called(SqliteConnection connection, string name) =>
        Named(connection, name) ?? Partners(connection).FirstOrDefault(p => p.AlsoCalled.Any(n => PersonName.IsSame(n, name)));

    /// <summary>A partner on their way back, with a number after their name where somebody else has it by now.</summary>
    public static Partner Free(SqliteConnection connection, Partner partner) =>
        partner with
        {
            Name = PersonName.Free(partner.Name, [.. Partners(connection).Where(p => p.Id != partner.Id).Select(p => p.Name)]),
        };

    /// <summary>Writes a partner, new or known; the form a known one had goes into the history.</summary>
    public static void Save(SqliteConnection connection, Partner partner, DateTimeOffset now)
    {
        if (Find(connection, partner.Id) is { } before)
        {
            if (HistoryTable.Written(before) == HistoryTable.Written(partner))
                return;
            HistoryTable.Remember(connection, before, now);
        }
        connection.Run(
            "INSERT INTO partner (id, name, belt, stripes, weight_kg, size, traits, also_called, notes, owed) VALUES ($1, $2, $3, $4, "
                + "$5, $6, $7, $8, $9, $10) ON CONFLICT (id) DO UPDATE SET "
                + "name = $2, belt = $3, stripes = $4, weight_kg = $5, size = $6, traits = $7, also_called = $8, notes = $9, owed = $10",
            partner.Id,
            partner.Name,
            Rows.Said(partner.Belt),
            partner.Stripes,
            partner.WeightKg,
            Rows.Said(partner.Size),
            Rows.Json(partner.Traits),
            Rows.Json(partner.AlsoCalled),
            partner.Notes,
            Rows.Json(partner.Owed)
        );
    }

    private static Partner Of(SqliteDataReader row) =>
        new()
        {
            Id = row.GetString(0),
            Name = row.GetString(1),
            Belt = row.Said<Belt>(2),
            Stripes = row.Int(3),
            WeightKg = row.Real(4),
            Size = row.Said<RelativeSize>(5),
            Traits = row.Texts(6),
            AlsoCalled = row.Texts(7),
            Notes = row.GetString(8),
            Owed = row.Owed(9),
        };

    public static Practitioner Practitioner(SqliteConnection connection)
    {
        var history = connection
            .Query("SELECT since, belt, stripes, weight_kg, age_division FROM practitioner_history ORDER BY ordinal")
            .Select(row => new PractitionerThen(row.Day(0)!.Value, row.Said<Belt>(1), row.Int(2), row.Real(3), row.Said<AgeDivision>(4)))
            .ToList();
        return connection
                .Query("SELECT belt, stripes, weight_kg, age_division, units, category FROM practitioner")
                .Select(row => new Practitioner
                {
                    Belt = row.Said<Belt>(0),
                    Stripes = row.Int(1),
                    WeightKg = row.Real(2),
                    AgeDivision = row.Said<AgeDivision>(3),
                    Units = row.Said<WeightUnit>(4),
                    Category = row.Said<MatchCategory>(5),
                    History = history,
                })
                .FirstOrDefault()
            ?? new Practitioner { History = history };
    }

    public static void Save(SqliteConnection connection, Practitioner practitioner)
    {
        connection.Run(
            "INSERT INTO practitioner (id, belt, stripes, weight_kg, age_division, units, category) VALUES (1, $1, $2, $3, $4, $5, $6) ON "
                + "CONFLICT (id) DO UPDATE SET belt = $1, stripes = $2, weight_kg = $3, age_division = $4, units = $5, category = $6",
            Rows.Said(practitioner.Belt),
            practitioner.Stripes,
            practitioner.WeightKg,
            Rows.Said(practitioner.AgeDivision),
            Rows.Said(practitioner.Units),
            Rows.Said(practitioner.Category)
        );
        connection.Run("DELETE FROM practitioner_history");
        for (var i = 0; i < practitioner.History.Count; i++)
        {
            var then = practitioner.History[i];
            connection.Run(
                "INSERT INTO practitioner_history (ordinal, since, belt, stripes, weight_kg, age_division) VALUES ($1, $2, $3, $4, $5, $6)",
                i,
                Rows.Day(then.Since),
                Rows.Said(then.Belt),
                then.Stripes,
                then.WeightKg,
                Rows.Said(then.AgeDivision)
            );
        }
    }
}
