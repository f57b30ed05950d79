using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Lessons;

/// <summary>What a lesson is about: an exchange, or a place from either side. Nothing is named where nothing is known.</summary>
/// <param name="Places">The places, seen from me; empty for any.</param>
/// <param name="By">Whose move; null for either's.</param>
/// <param name="Move">The move; null where only a place is known.</param>
public sealed record LessonAbout(IReadOnlyList<PlaceId> Places, Who? By, MoveId? Move)
{
    /// <summary>About nothing that is known.</summary>
    public static LessonAbout Nothing { get; } = new([], null, null);

    /// <summary>Whether anything is known.</summary>
    public bool IsKnown => Move is not null || Places.Count > 0;

    /// <summary>Whether it has to do with an exchange.</summary>
    public bool Concerns(Way way) =>
        IsKnown && (Move is null || Move == way.Move) && (By is null || By == way.By) && (Places.Count == 0 || Places.Contains(way.From));

    /// <summary>Whether it has to do with the same as another.</summary>
    public bool Meets(LessonAbout other) =>
        IsKnown
        && Move == other.Move
        && (By is null || other.By is null || By == other.By)
        && (Move is not null || Places.Any(other.Places.Contains));

    /// <summary>It in words, such as <c>their knee cut pass from your half guard</c>; null where nothing is known.</summary>
    public string? Say(MatVocabulary vocabulary)
    {
        var where =
            Places.Count == 0 ? ""
            : Places.Count == 1 ? vocabulary.SayFrom(Places[0])
            : $"from {vocabulary.Place(Places[0])?.Position.Name}";
        if (Move is not { } move)
            return where.Length == 0 ? null
                : Places.Count == 1 ? vocabulary.SayPlace(Places[0])
                : vocabulary.Place(Places[0])?.Position.Name;
        var whose = By switch
        {
            Who.Me => "your ",
            Who.Partner => "their ",
            _ => "the ",
        };
        return $"{whose}{vocabulary.MoveName(move)}{(where.Length == 0 ? "" : $" {where}")}";
    }
}
