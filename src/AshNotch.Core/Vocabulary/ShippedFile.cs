using System.Reflection;
using System.Text.Json;
using System.Text.Json.Serialization.Metadata;

namespace AshNotch.Core.Vocabulary;

/// <summary>A data file that ships inside this assembly.</summary>
internal static class ShippedFile
{
    /// <summary>Reads it.</summary>
    /// <exception cref="InvalidDataException">There is no such file, or it is empty.</exception>
    public static T Read<T>(string file, JsonTypeInfo<T> form)
    {
        using var stream = Open(file);
        return JsonSerializer.Deserialize(stream, form) ?? throw new InvalidDataException($"{file} is empty");
    }

    /// <summary>The rows of a list of words: its lines, but for empty ones and remarks, which begin with #.</summary>
    /// <exception cref="InvalidDataException">There is no such file.</exception>
    public static IEnumerable<string> Rows(string file)
    {
        using var reader = new StreamReader(Open(file));
        while (reader.ReadLine() is { } line)
            if (line.Length > 0 && line[0] != '#')
                yield return line;
    }

    private static Stream Open(string file) =>
        Assembly.GetExecutingAssembly().GetManifestResourceStream(file) ?? throw new InvalidDataException($"{file} is not in the assembly");
}
