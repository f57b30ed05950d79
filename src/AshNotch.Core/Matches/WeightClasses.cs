using System.Text.Json;
using System.Text.Json.Serialization;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Matches;

/// <summary>The limits of weight classes, in <c>weight-classes.json</c> (IBJJF rule book, from memory).</summary>
public static partial class WeightClasses
{
    private static readonly IReadOnlyList<Row> Rows = ShippedFile.Read("weight-classes.json", ClassesJson.Default.ClassesFile).Classes;

    /// <summary>The limits in kilograms, the lightest first; empty where none are known.</summary>
    public static IReadOnlyList<double> Of(MatchCategory? category, Attire? attire) =>
        Rows.FirstOrDefault(r => r.Category == Said(category) && r.Attire == Term.Of(attire ?? Attire.Gi))?.Limits ?? [];

    /// <summary>How a weight stands to the class of a day, a sentence; null where nothing can be said.</summary>
    /// <param name="day">The day, its class and what I weigh for it.</param>
    /// <param name="weighs">What I weigh by the log, in kilograms.</param>
    /// <param name="say">A weight in words.</param>
    public static string? Fit(MatchDay day, double? weighs, Func<double, string> say)
    {
        if ((day.WeightKg ?? weighs) is not { } mine)
            return null;
        if (day.NoLimit)
            return $"{say(mine)}: the class has no limit.";
        if (day.ClassKg is not { } limit)
            return null;
        if (mine <= limit)
            return $"{say(mine)}: inside {say(limit)} by {say(limit - mine)}.";
        var next = Of(day.Category, day.Attire).Cast<double?>().FirstOrDefault(l => l >= mine);
        var other = next is { } up ? $"the class you are inside goes to {say(up)}" : "above it there is the class without a limit";
        return $"{say(mine)}: {say(mine - limit)} over {say(limit)}; {other}.";
    }

    private static string? Said(MatchCategory? category) =>
        category switch
        {
            MatchCategory.Men or MatchCategory.Women => Term.Of(category.Value),
            _ => null,
        };

    private sealed record ClassesFile(IReadOnlyList<Row> Classes);

    private sealed record Row(string Category, string Attire, IReadOnlyList<double> Limits);

    [JsonSourceGenerationOptions(JsonSerializerDefaults.Web)]
    [JsonSerializable(typeof(ClassesFile))]
    private sealed partial class ClassesJson : JsonSerializerContext;
}
