using System.Text.Json;
using System.Text.Json.Serialization;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Formats.Json;

/// <summary>Writes the id of a place as its text.</summary>
public sealed class PlaceIdConverter : JsonConverter<PlaceId>
{
    /// <inheritdoc/>
    public override PlaceId Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options) =>
        new(reader.GetString() ?? "");

    /// <inheritdoc/>
    public override void Write(Utf8JsonWriter writer, PlaceId value, JsonSerializerOptions options) => writer.WriteStringValue(value.Value);
}
