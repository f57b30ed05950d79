using AshNotch.Core.Chain;
using AshNotch.Core.Reading;
using AshNotch.Core.Vocabulary;

namespace AshNotch.App.Views;

/// <summary>The board where the roll stands.</summary>
/// <param name="Say">Where it stands, in words; null when an exchange is yet to begin.</param>
/// <param name="Keys">The likeliest next moves, mine first.</param>
/// <param name="Starts">Where an exchange usually starts, to choose from when one begins.</param>
/// <param name="Lines">What the other buttons write.</param>
public sealed record Board(string? Say, IReadOnlyList<BoardKey> Keys, IReadOnlyList<BoardStart> Starts, BoardLines Lines)
{
    private const int Each = 4;
    private const int MostFound = 6;

    /// <summary>The board at a place; null is before an exchange, which begins on the feet unless another start is chosen.</summary>
    public static Board At(PlaceId? place, LogCache cache)
    {
        var (log, vocabulary) = (cache.Log, cache.Vocabulary);
        var next = LikelyNext.Of(log, vocabulary, place ?? PlaceId.Standing, Each);
        return new Board(
            place is { } at ? vocabulary.SayPlace(at) : null,
            [.. next.Select(n => vocabulary.Move(n.Move) is { } move ? BoardKey.Of(n.By, move, cache, n.Seen) : null).OfType<BoardKey>()],
            place is null ? [.. UsualStarts.Of(vocabulary).Select(s => new BoardStart(s.Say, Plain.Starts(s)))] : [],
            BoardLines.All
        );
    }

    /// <summary>Moves whose names hold some letters: one key for either side.</summary>
    public static IReadOnlyList<BoardKey> Find(string letters, LogCache cache) =>
        [
            .. MoveSearch
                .Find(cache.Vocabulary, letters, MostFound)
                .SelectMany(m => new[] { BoardKey.Of(Who.Me, m, cache), BoardKey.Of(Who.Partner, m, cache) }),
        ];
}
