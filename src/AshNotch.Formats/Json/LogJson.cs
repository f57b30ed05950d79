using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Serialization;

namespace AshNotch.Formats.Json;

/// <summary>How the open form is written: camel case, absent values left out.</summary>
[JsonSourceGenerationOptions(
    PropertyNamingPolicy = JsonKnownNamingPolicy.CamelCase,
    DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull,
    Converters = [typeof(KnownText)]
)]
[JsonSerializable(typeof(LogDocument))]
[JsonSerializable(typeof(RollDocument))]
[JsonSerializable(typeof(WeekDocument))]
[JsonSerializable(typeof(BlockDocument))]
[JsonSerializable(typeof(DrilledDocument))]
[JsonSerializable(typeof(RulesetsDocument))]
[JsonSerializable(typeof(RulesetDocument))]
[JsonSerializable(typeof(MatchDayDocument))]
[JsonSerializable(typeof(FearDocument))]
[JsonSerializable(typeof(OfficialDocument))]
[JsonSerializable(typeof(List<RulingDocument>))]
[JsonSerializable(typeof(List<SessionDocument>))]
public sealed partial class LogJson : JsonSerializerContext
{
    /// <summary>Plain letters stay plain; the form is read from files, never put into a page.</summary>
    internal static JsonWriterOptions Pretty { get; } = new() { Indented = true, Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping };
}
