using System.Text.Json;
using System.Text.Json.Serialization;
using AshNotch.Core.Drilling.Week;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Drilling.Rounds;

/// <summary>The recipes that ship inside this assembly, one file a family of places.</summary>
public static partial class Recipes
{
    /// <summary>All of them.</summary>
    public static IReadOnlyList<Recipe> All { get; } = [.. Enum.GetValues<Family>().SelectMany(f => Read($"recipes-{Term.Of(f)}.json", f))];

    /// <summary>The recipe for an exchange; null where its place is the user's own.</summary>
    public static Recipe? For(Way way, MatVocabulary vocabulary)
    {
        if (vocabulary.Place(way.From) is not { } place)
            return null;
        var direction = way.By == Who.Me ? Direction.Land : Direction.Stop;
        return All.First(r => r.Family == place.Position.Family && r.Direction == direction && r.Roles.Contains(place.Role));
    }

    private static IEnumerable<Recipe> Read(string file, Family family) =>
        ShippedFile
            .Read(file, RecipesJson.Default.RecipeFile)
            .Recipes.Select(r => new Recipe(
                family,
                [.. r.Roles.Select(Said<Role>)],
                Said<Direction>(r.Direction),
                r.Start,
                r.Cues,
                r.Asks,
                r.Win,
                r.Lose,
                r.Do,
                r.Dont,
                r.Checks,
                r.Mission,
                [.. (r.Lines ?? []).Select(l => new SchoolLine(Said<School>(l.School), l.First, l.Second))],
                new Way(new(r.Example.From), Said<Who>(r.Example.By), new(r.Example.Move))
            ));

    private static T Said<T>(string term)
        where T : struct, Enum =>
        Term.TryRead<T>(term, out var read) ? read : throw new InvalidDataException($"{term} is no {typeof(T).Name}");

    private sealed record RecipeFile(IReadOnlyList<Written> Recipes);

    private sealed record Written(
        IReadOnlyList<string> Roles,
        string Direction,
        string Start,
        IReadOnlyList<string> Cues,
        string Asks,
        string Win,
        string Lose,
        IReadOnlyList<string> Do,
        IReadOnlyList<string> Dont,
        IReadOnlyList<string> Checks,
        string Mission,
        IReadOnlyList<WrittenLine>? Lines,
        WrittenExample Example
    );

    private sealed record WrittenLine(string School, string First, string Second);

    private sealed record WrittenExample(string From, string By, string Move);

    [JsonSourceGenerationOptions(JsonSerializerDefaults.Web)]
    [JsonSerializable(typeof(RecipeFile))]
    private sealed partial class RecipesJson : JsonSerializerContext;
}
