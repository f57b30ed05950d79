using System.Text.Json;
using System.Text.Json.Serialization;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Scoring;

/// <summary>The rulesets that ship inside this assembly, in <c>rulesets.json</c>.</summary>
public static partial class Rulesets
{
    /// <summary>All of them, the house rules as they begin last.</summary>
    public static IReadOnlyList<Ruleset> All { get; } = ShippedFile.Read("rulesets.json", RulesJson.Default.RulesFile).Rulesets;

    private sealed record RulesFile(IReadOnlyList<Ruleset> Rulesets);

    [JsonSourceGenerationOptions(JsonSerializerDefaults.Web)]
    [JsonSerializable(typeof(RulesFile))]
    private sealed partial class RulesJson : JsonSerializerContext;
}
