using System.Text.Json;
using System.Text.Json.Serialization;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Scoring;

/// <summary>The rulesets that ship inside this assembly, in <c>rulesets.json</c>.</summary>
public static partial class Rulesets
{
    /// <summary>The rules matches are scored by, the house rules as they begin last.</summary>
    public static IReadOnlyList<MatchRules> Matches { get; } = ShippedFile.Read("rulesets.json", RulesJson.Default.RulesFile).Rulesets;

    /// <summary>What the chain counts points by: one for each family of rules.</summary>
    public static IReadOnlyList<Ruleset> All { get; } = [.. Matches.DistinctBy(m => m.Family).Select(Ruleset.Of)];

    private sealed record RulesFile(IReadOnlyList<MatchRules> Rulesets);

    // As the terms are written everywhere else.
    private sealed class Written<T> : JsonConverter<T>
        where T : struct, Enum
    {
        public override T Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options) =>
            Term.TryRead<T>(reader.GetString(), out var term)
                ? term
                : throw new JsonException($"'{reader.GetString()}' is no {typeof(T).Name}");

        public override void Write(Utf8JsonWriter writer, T value, JsonSerializerOptions options) =>
            writer.WriteStringValue(Term.Of(value));
    }

    [JsonSourceGenerationOptions(
        JsonSerializerDefaults.Web,
        Converters = [
            typeof(Written<ScoredFor>),
            typeof(Written<PenaltyStep>),
            typeof(Written<DecidedBy>),
            typeof(Written<Attire>),
            typeof(Written<AgeDivision>),
            typeof(Written<Belt>),
            typeof(Written<SubmissionClass>),
        ]
    )]
    [JsonSerializable(typeof(RulesFile))]
    private sealed partial class RulesJson : JsonSerializerContext;
}
