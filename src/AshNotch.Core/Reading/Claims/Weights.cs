using System.Reflection;
using System.Text.Json;

namespace AshNotch.Core.Reading.Claims;

/// <summary>What it costs to believe something the words leave open, in nats; read from <c>weights.json</c>.</summary>
internal static class Weights
{
    /// <summary>The costs, by name; learned from annotated tellings.</summary>
    public static Dictionary<string, double> All { get; } = Read("weights");

    /// <summary>The costs as they were set by hand, from which learning began.</summary>
    public static IReadOnlyDictionary<string, double> Hand { get; } = Read("hand");

    /// <summary>A cost.</summary>
    public static double Of(string name) => All[name];

    private static Dictionary<string, double> Read(string part)
    {
        using var stream = Assembly.GetExecutingAssembly().GetManifestResourceStream("weights.json")!;
        using var read = JsonDocument.Parse(stream);
        return read.RootElement.GetProperty(part).EnumerateObject().ToDictionary(w => w.Name, w => w.Value.GetDouble());
    }
}
