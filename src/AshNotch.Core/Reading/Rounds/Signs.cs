using System.Text.Json.Serialization;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Rounds;

/// <summary>What each sign of a beginning weighs, in nats; read from <c>rounds.json</c>.</summary>
internal static partial class Signs
{
    private static readonly Dictionary<string, double> All = ShippedFile.Read("rounds.json", SignsJson.Default.SignsFile).Weights;

    /// <summary>What a sign weighs.</summary>
    public static double Of(string sign) => All[sign];

    /// <summary>What it weighs where it is there, and nothing where not.</summary>
    public static double Of(string sign, bool isThere) => isThere ? All[sign] : 0;

    private sealed record SignsFile(string About, Dictionary<string, double> Weights);

    [JsonSourceGenerationOptions(PropertyNamingPolicy = JsonKnownNamingPolicy.CamelCase)]
    [JsonSerializable(typeof(SignsFile))]
    private sealed partial class SignsJson : JsonSerializerContext;
}
