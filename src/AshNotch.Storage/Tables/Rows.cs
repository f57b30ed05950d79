using System.Globalization;
using System.Text.Json;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Tables;

/// <summary>Short ways to write and read columns.</summary>
internal static class Rows
{
    /// <summary>A command with the parameters $1, $2, … in order.</summary>
    public static SqliteCommand Command(this SqliteConnection connection, string sql, params object?[] values)
    {
        var command = connection.CreateCommand();
        command.CommandText = sql;
        for (var i = 0; i < values.Length; i++)
            command.Parameters.AddWithValue($"${i + 1}", values[i] ?? DBNull.Value);
        return command;
    }

    /// <summary>Runs a statement; how many rows it changed.</summary>
    public static int Run(this SqliteConnection connection, string sql, params object?[] values)
    {
        using var command = connection.Command(sql, values);
        return command.ExecuteNonQuery();
    }

    /// <summary>The first column of the first row, or null.</summary>
    public static object? Value(this SqliteConnection connection, string sql, params object?[] values)
    {
        using var command = connection.Command(sql, values);
        return command.ExecuteScalar() is { } value and not DBNull ? value : null;
    }

    /// <summary>Every row of a query.</summary>
    public static IEnumerable<SqliteDataReader> Query(this SqliteConnection connection, string sql, params object?[] values)
    {
        using var command = connection.Command(sql, values);
        using var reader = command.ExecuteReader();
        while (reader.Read())
            yield return reader;
    }

    public static string? Text(this SqliteDataReader row, int column) => row.IsDBNull(column) ? null : row.GetString(column);

    public static int? Int(this SqliteDataReader row, int column) => row.IsDBNull(column) ? null : row.GetInt32(column);

    public static double? Real(this SqliteDataReader row, int column) => row.IsDBNull(column) ? null : row.GetDouble(column);

    public static T? Said<T>(this SqliteDataReader row, int column)
        where T : struct, Enum =>
        row.IsDBNull(column) ? null
        : Term.TryRead<T>(row.GetString(column), out var term) ? term
        : throw new InvalidDataException($"the data holds '{row.GetString(column)}' where a {typeof(T).Name} belongs");

    public static DateOnly? Day(this SqliteDataReader row, int column) =>
        row.IsDBNull(column) ? null : DateOnly.ParseExact(row.GetString(column), "yyyy-MM-dd", CultureInfo.InvariantCulture);

    public static IReadOnlyList<string> Texts(this SqliteDataReader row, int column) =>
        row.IsDBNull(column) || row.GetString(column) is var json && json == "[]"
            ? []
            : JsonSerializer.Deserialize(row.GetString(column), StorageJson.Default.ListString) ?? [];

    public static string Json(IReadOnlyList<string> texts) =>
        texts.Count == 0 ? "[]" : JsonSerializer.Serialize([.. texts], StorageJson.Default.ListString);

    public static IReadOnlyList<Owed> Owed(this SqliteDataReader row, int column) =>
        row.IsDBNull(column) ? [] : JsonSerializer.Deserialize(row.GetString(column), StorageJson.Default.ListOwed) ?? [];

    public static string? Json(IReadOnlyList<Owed> owed) =>
        owed.Count == 0 ? null : JsonSerializer.Serialize([.. owed], StorageJson.Default.ListOwed);

    public static string? JsonOrNull(IReadOnlyList<string> texts) => texts.Count == 0 ? null : Json(texts);

    public static string? Said<T>(T? term)
        where T : struct, Enum => term is { } value ? Term.Of(value) : null;

    public static string? Day(DateOnly? day) => day?.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture);
}
