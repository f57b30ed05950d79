namespace AshNotch.Core.Vocabulary;

/// <summary>The places and moves of the trade, with their names.</summary>
public sealed class MatVocabulary
{
    private readonly Dictionary<PlaceId, Place> places;
    private readonly Dictionary<MoveId, Move> moves;

    internal MatVocabulary(IReadOnlyList<Position> positions, IReadOnlyList<Move> moves, IReadOnlyList<NameInContext> contexts)
    {
        Positions = positions;
        Places = [.. positions.SelectMany(p => p.Places)];
        Moves = moves;
        Contexts = contexts;
        places = Places.ToDictionary(p => p.Id);
        this.moves = moves.ToDictionary(m => m.Id);
    }

    /// <summary>The vocabulary that ships inside this assembly.</summary>
    public static MatVocabulary BuiltIn { get; } = VocabularyFiles.Load();

    /// <summary>Positions in the order of the data file.</summary>
    public IReadOnlyList<Position> Positions { get; }

    /// <summary>Every place: each position once for each role in it.</summary>
    public IReadOnlyList<Place> Places { get; }

    /// <summary>Moves in the order of the data file.</summary>
    public IReadOnlyList<Move> Moves { get; }

    /// <summary>Names that mean several things, with how to tell which.</summary>
    public IReadOnlyList<NameInContext> Contexts { get; }

    /// <summary>The place of this id, or null when there is none or it is the user's own term.</summary>
    public Place? Place(PlaceId? id) => id is { } known && places.TryGetValue(known, out var place) ? place : null;

    /// <summary>The move of this id, or null when there is none or it is the user's own term.</summary>
    public Move? Move(MoveId? id) => id is { } known && moves.TryGetValue(known, out var move) ? move : null;

    /// <summary>The position of this id, or null.</summary>
    public Position? Position(string id) => Positions.FirstOrDefault(p => p.Id == id);

    /// <summary>Whether a word or two name a move or a position: somebody may be called Bridge.</summary>
    public bool IsTerm(string name) =>
        Moves.Any(m => m.Names.Contains(name, StringComparer.OrdinalIgnoreCase))
        || Positions.Any(p => p.Names.Contains(name, StringComparer.OrdinalIgnoreCase));

    /// <summary>The name of a move in running text; a user's own id is spoken as its words.</summary>
    public string MoveName(MoveId id) => Move(id)?.Name ?? id.Value.Replace('-', ' ');

    /// <summary>A place in running text, such as <c>your half guard</c>; a user's own id is spoken as its words.</summary>
    public string SayPlace(PlaceId id) => Place(id)?.Say ?? id.Value.Replace('-', ' ').Replace("/", ", ");

    /// <summary>A place to do something from, such as <c>from your half guard</c> or <c>on the feet</c>.</summary>
    public string SayFrom(PlaceId id) => Place(id)?.SayFrom ?? $"from {SayPlace(id)}";

    /// <summary>A place to be in, such as <c>in your half guard</c> or <c>on the feet</c>.</summary>
    public string SayIn(PlaceId id) => Place(id)?.SayIn ?? $"in {SayPlace(id)}";
}
