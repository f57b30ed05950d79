using System.Text.Json.Serialization;
using AshNotch.Core.Rolls;
using AshNotch.Formats.Json;

namespace AshNotch.Storage.Tables;

/// <summary>How lists are kept inside a column.</summary>
[JsonSourceGenerationOptions(
    DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull,
    Converters = [typeof(PlaceIdConverter), typeof(MoveIdConverter)]
)]
[JsonSerializable(typeof(List<string>))]
[JsonSerializable(typeof(List<Advice>))]
[JsonSerializable(typeof(List<MissionCheck>))]
[JsonSerializable(typeof(List<MissedChance>))]
[JsonSerializable(typeof(List<Owed>))]
[JsonSerializable(typeof(List<Penalty>))]
[JsonSerializable(typeof(List<Taught>))]
internal sealed partial class StorageJson : JsonSerializerContext;
