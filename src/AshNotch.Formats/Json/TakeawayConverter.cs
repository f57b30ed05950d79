using System.Text.Json;
using System.Text.Json.Serialization;

namespace AshNotch.Formats.Json;

/// <summary>Reads a takeaway from a string or an object, and writes a string where it is tied to nothing.</summary>
public sealed class TakeawayConverter : JsonConverter<TakeawayDocument>
{
    /// <inheritdoc/>
    public override TakeawayDocument Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options)
    {
        if (reader.TokenType == JsonTokenType.String)
            return new TakeawayDocument { Text = reader.GetString() };
        using var document = JsonDocument.ParseValue(ref reader);
        var root = document.RootElement;
        if (root.ValueKind != JsonValueKind.Object)
            throw new JsonException("a takeaway is a string or an object with text, exchange and notch");
        return new TakeawayDocument
        {
            Text = Text(root),
            Exchange = Index(root, "exchange"),
            Notch = Index(root, "notch"),
        };
    }

    /// <inheritdoc/>
    public override void Write(Utf8JsonWriter writer, TakeawayDocument value, JsonSerializerOptions options)
    {
        if (value.Exchange is null)
        {
            writer.WriteStringValue(value.Text);
            return;
        }
        writer.WriteStartObject();
        writer.WriteString("text", value.Text);
        writer.WriteNumber("exchange", value.Exchange.Value);
        if (value.Notch is { } notch)
            writer.WriteNumber("notch", notch);
        writer.WriteEndObject();
    }

    private static string? Text(JsonElement root) =>
        root.TryGetProperty("text", out var text) && text.ValueKind == JsonValueKind.String ? text.GetString() : null;

    private static int? Index(JsonElement root, string name)
    {
        if (!root.TryGetProperty(name, out var index) || index.ValueKind == JsonValueKind.Null)
            return null;
        return index.TryGetInt32(out var value) ? value : throw new JsonException($"a takeaway's {name} is a whole number from 0");
    }
}
