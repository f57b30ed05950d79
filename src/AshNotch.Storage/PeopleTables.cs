using AshNotch.Core.Rolls;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage;

/// <summary>The practitioner and the partners.</summary>
internal static class PeopleTables
{
    public static List<Partner> Partners(SqliteConnection connection) =>
        [
            .. connection
                .Query("SELECT id, name, belt, stripes, weight_kg, size, traits, also_called, notes FROM partner ORDER BY rowid")
                .Select(row => new Partner
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
                }),
        ];

    public static void Save(SqliteConnection connection, Partner partner) =>
        connection.Run(
            "INSERT INTO partner (id, name, belt, stripes, weight_kg, size, traits, also_called, notes) VALUES ($1, $2, $3, $4, "
                + "$5, $6, $7, $8, $9) ON CONFLICT (id) DO UPDATE SET "
                + "name = $2, belt = $3, stripes = $4, weight_kg = $5, size = $6, traits = $7, also_called = $8, notes = $9",
            partner.Id,
            partner.Name,
            Rows.Said(partner.Belt),
            partner.Stripes,
            partner.WeightKg,
            Rows.Said(partner.Size),
            Rows.Json(partner.Traits),
            Rows.Json(partner.AlsoCalled),
            partner.Notes
        );

    public static Practitioner Practitioner(SqliteConnection connection)
    {
        var history = connection
            .Query("SELECT since, belt, stripes, weight_kg, age_division FROM practitioner_history ORDER BY ordinal")
            .Select(row => new PractitionerThen(row.Day(0)!.Value, row.Said<Belt>(1), row.Int(2), row.Real(3), row.Said<AgeDivision>(4)))
            .ToList();
        return connection
                .Query("SELECT belt, stripes, weight_kg, age_division, units FROM practitioner")
                .Select(row => new Practitioner
                {
                    Belt = row.Said<Belt>(0),
                    Stripes = row.Int(1),
                    WeightKg = row.Real(2),
                    AgeDivision = row.Said<AgeDivision>(3),
                    Units = row.Said<WeightUnit>(4),
                    History = history,
                })
                .FirstOrDefault()
            ?? new Practitioner { History = history };
    }

    public static void Save(SqliteConnection connection, Practitioner practitioner)
    {
        connection.Run(
            "INSERT INTO practitioner (id, belt, stripes, weight_kg, age_division, units) VALUES (1, $1, $2, $3, $4, $5) ON "
                + "CONFLICT (id) DO UPDATE SET belt = $1, stripes = $2, weight_kg = $3, age_division = $4, units = $5",
            Rows.Said(practitioner.Belt),
            practitioner.Stripes,
            practitioner.WeightKg,
            Rows.Said(practitioner.AgeDivision),
            Rows.Said(practitioner.Units)
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
