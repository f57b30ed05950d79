using System.Text;
using System.Text.Json;
using System.Text.Json.Serialization;

namespace AshNotch.Formats.Json;

/// <summary>
/// Reads texts so that the same few ids and terms, which a log holds by the hundred thousand, are one string each: a small table of short
/// texts seen lately, one for every thread, in which a new text takes the place of an older one.
/// </summary>
public sealed class KnownText : JsonConverter<string>
{
    private const int Longest = 40;
    private const int Slots = 2048;

    [ThreadStatic]
    private static string?[]? seen;

    /// <inheritdoc/>
    public override string? Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options)
    {
        if (
            reader.HasValueSequence
            || reader.ValueIsEscaped
            || reader.TokenType != JsonTokenType.String
            || reader.ValueSpan.Length > Longest
        )
            return reader.GetString();
        seen ??= new string?[Slots];
        ref var slot = ref seen[Slot(reader.ValueSpan)];
        if (slot is null || !Ascii.Equals(reader.ValueSpan, slot))
            slot = reader.GetString();
        return slot;
    }

    /// <inheritdoc/>
    public override void Write(Utf8JsonWriter writer, string value, JsonSerializerOptions options) => writer.WriteStringValue(value);

    // Fowler, Noll and Vo's hash, 1a.
    private static int Slot(ReadOnlySpan<byte> text)
    {
        var hash = 2166136261u;
        foreach (var letter in text)
            hash = (hash ^ letter) * 16777619;
        return (int)((hash ^ (hash >> 15)) % Slots);
    }
}
