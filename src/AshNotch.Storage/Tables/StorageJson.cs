using System.Text.Json.Serialization;
using AshNotch.Core.Rolls;

namespace AshNotch.Storage.Tables;

/// <summary>How lists are kept inside a column.</summary>
[JsonSourceGenerationOptions(DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull)]
[JsonSerializable(typeof(List<string>))]
[JsonSerializable(typeof(List<Advice>))]
[JsonSerializable(typeof(List<MissionCheck>))]
internal sealed partial class StorageJson : JsonSerializerContext;
