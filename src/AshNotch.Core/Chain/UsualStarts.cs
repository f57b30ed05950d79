using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Chain;

/// <summary>Where exchanges usually start, to choose from when one begins. Common practice.</summary>
public static class UsualStarts
{
    private static readonly PlaceId[] Ids =
    [
        PlaceId.Standing,
        new("half-guard/bottom"),
        new("half-guard/top"),
        new("closed-guard/bottom"),
        new("closed-guard/top"),
        new("seated-guard/bottom"),
    ];

    /// <summary>The usual starts, the most usual first.</summary>
    public static IReadOnlyList<Place> Of(MatVocabulary vocabulary) => [.. Ids.Select(id => vocabulary.Place(id)).OfType<Place>()];
}
