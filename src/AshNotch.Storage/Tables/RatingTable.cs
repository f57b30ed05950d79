using System.Globalization;
using AshNotch.Core.Drilling.Areas;
using AshNotch.Core.Vocabulary;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Tables;

/// <summary>How areas were rated.</summary>
internal static class RatingTable
{
    /// <summary>All ratings, the oldest first.</summary>
    public static List<SelfRating> Read(SqliteConnection connection) =>
        [
            .. connection
                .Query("SELECT date, area, score FROM rating ORDER BY date, area")
                .Select(row => new SelfRating(row.Day(0)!.Value, row.Said<Family>(1)!.Value, row.GetInt32(2))),
        ];

    /// <summary>Keeps a rating; another of the same area and day stands in its place.</summary>
    public static void Save(SqliteConnection connection, SelfRating rating) =>
        connection.Run(
            "INSERT INTO rating (area, date, score) VALUES ($1, $2, $3) ON CONFLICT (area, date) DO UPDATE SET score = $3",
            Rows.Said<Family>(rating.Area),
            Rows.Day(rating.Date),
            rating.Score
        );

    /// <summary>The name under which an import notes a rating.</summary>
    public static string IdOf(SelfRating rating) =>
        string.Create(CultureInfo.InvariantCulture, $"{rating.Date:yyyy-MM-dd} {Term.Of(rating.Area)}");

    /// <summary>The rating of that name as an import notes it; null where there is none.</summary>
    public static string? Find(SqliteConnection connection, string id) =>
        connection.Value("SELECT CAST(score AS TEXT) FROM rating WHERE date || ' ' || area = $1", id) as string;

    /// <summary>Takes the rating of that name away.</summary>
    public static void Drop(SqliteConnection connection, string id) =>
        connection.Run("DELETE FROM rating WHERE date || ' ' || area = $1", id);

    /// <summary>A rating as an import notes it.</summary>
    public static string Written(SelfRating rating) => rating.Score.ToString(CultureInfo.InvariantCulture);
}
