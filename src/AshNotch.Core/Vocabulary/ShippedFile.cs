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
        using var stream =
            Assembly.GetExecutingAssembly().GetManifestResourceStream(file)
            ?? throw new InvalidDataException($"{file} is not in the assembly");
        return JsonSerializer.Deserialize(stream, form) ?? throw new InvalidDataException($"{file} is empty");
    }
}
