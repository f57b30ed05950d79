using System.Reflection;
using System.Text.Json;
using System.Text.Json.Serialization;

namespace AshNotch.Core.Vocabulary;

/// <summary>The places and moves of the trade, with their names, from the data files that ship inside this assembly.</summary>
public sealed class MatVocabulary
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

    private readonly Dictionary<string, Place> places;
    private readonly Dictionary<string, Move> moves;

    private MatVocabulary(IReadOnlyList<Position> positions, IReadOnlyList<Place> places, IReadOnlyList<Move> moves)
    {
        Positions = positions;
        Places = places;
        Moves = moves;
        this.places = places.ToDictionary(p => p.Id);
        this.moves = moves.ToDictionary(m => m.Id);
    }

    /// <summary>The built-in vocabulary.</summary>
    public static MatVocabulary BuiltIn { get; } = Load();

    /// <summary>Positions in the order of the data file.</summary>
    public IReadOnlyList<Position> Positions { get; }

    /// <summary>Every place: each position once for each role in it.</summary>
    public IReadOnlyList<Place> Places { get; }

    /// <summary>Moves in the order of the data file.</summary>
    public IReadOnlyList<Move> Moves { get; }

    /// <summary>Names that mean several things, with how to tell which.</summary>
    public IReadOnlyList<NameInContext> Contexts { get; } = Read<ContextsFile>("contexts.json").Names;

    /// <summary>The place of this id, or null when it is the user's own term.</summary>
    public Place? Place(string? id) => id is not null && places.TryGetValue(id, out var place) ? place : null;

    /// <summary>The move of this id, or null when it is the user's own term.</summary>
    public Move? Move(string? id) => id is not null && moves.TryGetValue(id, out var move) ? move : null;

    /// <summary>The place of a position in which I have this role, or null.</summary>
    public Place? Place(Position position, Role role) => Place($"{position.Id}/{Term.Of(role)}");

    /// <summary>What the partner sees: the same position with the roles swapped. Own terms without a known role mirror to themselves.</summary>
    public string Mirror(string placeId)
    {
        if (Place(placeId) is { } place)
            return place.Mirror;
        var slash = placeId.LastIndexOf('/');
        if (slash < 0 || !Term.TryRead<Role>(placeId[(slash + 1)..], out var role))
            return placeId;
        return placeId[..(slash + 1)] + Term.Of(MirrorOf(role));
    }

    /// <summary>A place as <paramref name="actor"/> sees it, given as I see it, or the other way round.</summary>
    public string Seen(string placeId, Rolls.Who actor) => actor == Rolls.Who.Me ? placeId : Mirror(placeId);

    /// <summary>The name of a move in running text; a user's own id is spoken as its words.</summary>
    public string MoveName(string id) => Move(id)?.Name ?? id.Replace('-', ' ');

    /// <summary>A place in running text, such as <c>your half guard</c>; a user's own id is spoken as its words.</summary>
    public string SayPlace(string id) => Place(id)?.Say ?? id.Replace('-', ' ').Replace("/", ", ");

    private static Role MirrorOf(Role role) =>
        role switch
        {
            Role.Top => Role.Bottom,
            Role.Bottom => Role.Top,
            Role.Attacking => Role.Defending,
            Role.Defending => Role.Attacking,
            _ => Role.Neutral,
        };

    private static MatVocabulary Load()
    {
        var positions = new List<Position>();
        var places = new List<Place>();
        foreach (var data in Read<PlacesFile>("places.json").Positions)
        {
            var roles = data
                .Roles.Split('-')
                .Select(r =>
                    Term.TryRead<Role>(r, out var role) ? role : throw new InvalidDataException($"places.json: {data.Id}: role {r}")
                )
                .ToArray();
            var holder =
                data.Holder is null ? Role.Neutral
                : Term.TryRead<Role>(data.Holder, out var h) ? h
                : throw new InvalidDataException($"places.json: {data.Id}: holder");
            var position = new Position(data.Id, data.Name, data.Family, holder, data.Scores, Names(data.Name, data.Aliases));
            positions.Add(position);
            foreach (var role in roles)
            {
                var above = role is Role.Top or Role.Attacking or Role.Neutral;
                places.Add(
                    new Place(
                        $"{data.Id}/{Term.Of(role)}",
                        position,
                        role,
                        $"{data.Id}/{Term.Of(MirrorOf(role))}",
                        above ? data.Control : -data.Control,
                        data.Book[above ? 0 : 1],
                        data.Book[above ? 1 : 0]
                    )
                );
            }
        }

        var cautions = Read<CautionsFile>("cautions.json").Classes.ToDictionary(c => c.Class, c => c.Text);
        var moves = MoveFiles
            .SelectMany(Read<IReadOnlyList<MoveData>>)
            .Select(data => new Move(
                data.Id,
                data.Name,
                Term.TryRead<MoveKind>(data.Kind, out var kind)
                    ? kind
                    : throw new InvalidDataException($"moves: {data.Id}: kind {data.Kind}"),
                data.Class,
                data.From,
                data.To,
                data.Common,
                Names(data.Name, data.Aliases),
                data.Class is null ? null : cautions[data.Class],
                data.Attire is null ? null
                    : Term.TryRead<Rolls.Attire>(data.Attire, out var attire) ? attire
                    : throw new InvalidDataException($"moves: {data.Id}: attire {data.Attire}"),
                data.Word is null ? MoveWord.Event
                    : Term.TryRead<MoveWord>(data.Word, out var word) ? word
                    : throw new InvalidDataException($"moves: {data.Id}: word {data.Word}")
            ));
        return new MatVocabulary(positions, places, [.. moves]);
    }

    private static IReadOnlyList<string> Names(string name, IReadOnlyList<string> aliases) =>
        [.. aliases.Prepend(name).Distinct(StringComparer.OrdinalIgnoreCase)];

    private static T Read<T>(string file)
    {
        using var stream =
            Assembly.GetExecutingAssembly().GetManifestResourceStream(file)
            ?? throw new InvalidDataException($"{file} is not in the assembly");
        return JsonSerializer.Deserialize<T>(stream, JsonSerializerOptions.Web) ?? throw new InvalidDataException($"{file} is empty");
    }

    private sealed record PlacesFile(IReadOnlyList<PositionData> Positions);

    private sealed record PositionData(
        string Id,
        string Name,
        string Family,
        string Roles,
        string? Holder,
        double Control,
        double[] Book,
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
        [property: JsonPropertyName("common")] double? Weight,
        IReadOnlyList<string> Aliases,
        string? Attire,
        string? Word
    )
    {
        [JsonIgnore]
        public double Common => Weight ?? 1;
    }

    private sealed record ContextsFile(IReadOnlyList<NameInContext> Names);

    private sealed record CautionsFile(IReadOnlyList<CautionData> Classes);

    private sealed record CautionData(string Class, int Level, string Text);
}
