using System.Text.Json;
using System.Text.Json.Serialization;

namespace AshNotch.Core.Vocabulary;

/// <summary>Reads the vocabulary from the data files that ship inside this assembly.</summary>
internal static partial class VocabularyFiles
{
    private static readonly string[] MoveFiles =
    [
        "takedowns.json",
        "guard-pulls.json",
        "sweeps.json",
        "passes.json",
        "escapes.json",
        "guard-recoveries.json",
        "back-takes.json",
        "transitions.json",
        "submissions.json",
        "controls.json",
    ];

    /// <summary>The vocabulary.</summary>
    /// <exception cref="InvalidDataException">A file names a term or place that is not there; says which.</exception>
    public static MatVocabulary Load()
    {
        var positions = ShippedFile.Read("places.json", FileJson.Default.PlacesFile).Positions.Select(Position).ToList();
        var places = positions.SelectMany(p => p.Places).ToDictionary(p => p.Id.Value);
        var cautions = ShippedFile.Read("cautions.json", FileJson.Default.CautionsFile).Classes.ToDictionary(c => c.Class, c => c.Text);
        var moves = MoveFiles
            .SelectMany(file => ShippedFile.Read(file, FileJson.Default.ListMoveData))
            .Select(data => Move(data, places, cautions));
        return new MatVocabulary(positions, [.. moves], ShippedFile.Read("contexts.json", FileJson.Default.ContextsFile).Names);
    }

    private static Position Position(PositionData data)
    {
        var where = $"places.json: {data.Id}";
        var position = new Position(
            data.Id,
            data.Name,
            Said<Family>(data.Family, where),
            data.Holder is null ? Role.Neutral : Said<Role>(data.Holder, where),
            data.Scores is null ? null : Said<ScoredControl>(data.Scores, where),
            Names(data.Name, data.Aliases)
        );
        position.Hold([.. data.Roles.Split('-').Select(r => Place(position, Said<Role>(r, where), data))]);
        return position;
    }

    private static Place Place(Position position, Role role, PositionData data)
    {
        var above = role is Role.Top or Role.Attacking or Role.Neutral;
        var control = above ? data.Control : -data.Control;
        return new Place(position, role, control);
    }

    private static Move Move(MoveData data, Dictionary<string, Place> places, Dictionary<string, string> cautions)
    {
        var where = $"moves: {data.Id}";
        return new Move(
            new MoveId(data.Id),
            data.Name,
            Said<MoveKind>(data.Kind, where),
            data.Class is null ? null : Said<SubmissionClass>(data.Class, where),
            [.. data.From.Select(Known)],
            data.To is null ? null : Known(data.To),
            data.Common ?? 1,
            Names(data.Name, data.Aliases),
            data.Class is null ? null : cautions[data.Class],
            data.Attire is null ? null : Said<Attire>(data.Attire, where),
            data.Word is null ? MoveWord.Event : Said<MoveWord>(data.Word, where)
        );

        Place Known(string id) =>
            places.TryGetValue(id, out var place) ? place : throw new InvalidDataException($"{where}: there is no place {id}");
    }

    private static T Said<T>(string written, string where)
        where T : struct, Enum =>
        Term.TryRead<T>(written, out var term) ? term : throw new InvalidDataException($"{where}: '{written}' is no {typeof(T).Name}");

    private static IReadOnlyList<string> Names(string name, IReadOnlyList<string> aliases) =>
        [.. aliases.Prepend(name).Distinct(StringComparer.OrdinalIgnoreCase)];

    private sealed record PlacesFile(IReadOnlyList<PositionData> Positions);

    private sealed record PositionData(
        string Id,
        string Name,
        string Family,
        string Roles,
        string? Holder,
        double Control,
        string? Scores,
        IReadOnlyList<string> Aliases
    );

    private sealed record MoveData(
        string Id,
        string Name,
        string Kind,
        string? Class,
        IReadOnlyList<string> From,
        string? To,
        double? Common,
        IReadOnlyList<string> Aliases,
        string? Attire,
        string? Word
    );

    private sealed record ContextsFile(IReadOnlyList<NameInContext> Names);

    private sealed record CautionsFile(IReadOnlyList<CautionData> Classes);

    private sealed record CautionData(string Class, int Level, string Text);

    [JsonSourceGenerationOptions(JsonSerializerDefaults.Web)]
    [JsonSerializable(typeof(PlacesFile))]
    [JsonSerializable(typeof(List<MoveData>))]
    [JsonSerializable(typeof(ContextsFile))]
    [JsonSerializable(typeof(CautionsFile))]
    private sealed partial class FileJson : JsonSerializerContext;
}
