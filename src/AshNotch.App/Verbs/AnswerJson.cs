using System.Text.Json;
using System.Text.Json.Serialization;

namespace AshNotch.App.Verbs;

/// <summary>How the answers of verbs are written whose start counts: made when the program is built, not when it runs.</summary>
[JsonSourceGenerationOptions(JsonSerializerDefaults.Web, WriteIndented = true, GenerationMode = JsonSourceGenerationMode.Metadata)]
[JsonSerializable(typeof(WeakSpotsAnswer))]
[JsonSerializable(typeof(PlanAnswer))]
[JsonSerializable(typeof(ScoreAnswer))]
[JsonSerializable(typeof(MovesAnswer))]
[JsonSerializable(typeof(PartnersAnswer))]
internal sealed partial class AnswerJson : JsonSerializerContext;
