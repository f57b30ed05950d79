using System.Runtime.CompilerServices;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Chain;

/// <summary>
/// Where a move most plausibly began when nobody told: of the places it starts at, the one that most leads to and where
/// the book has it as a common way out.
/// It hangs on the vocabulary alone, so that what is learned of one roll never changes with another.
/// </summary>
public static class SupposedStart
{
    private static readonly ConditionalWeakTable<MatVocabulary, Dictionary<(MoveId, Who), PlaceId>> Known = [];

    /// <summary>The place, seen from me; null for a move that may begin anywhere.</summary>
    /// <param name="move">The move.</param>
    /// <param name="by">Whose it was.</param>
    /// <param name="vocabulary">The vocabulary.</param>
    public static PlaceId? Of(MoveId move, Who by, MatVocabulary vocabulary) =>
        Known.GetValue(vocabulary, Starts).TryGetValue((move, by), out var place) ? place : null;

    private static Dictionary<(MoveId, Who), PlaceId> Starts(MatVocabulary vocabulary)
    {
        var book = Book.Of(vocabulary);
        // How much leads to a place says how often one is there.
        var arrivals = new Dictionary<PlaceId, double>();
        foreach (var move in vocabulary.Moves)
        foreach (var by in (Who[])[Who.Me, Who.Partner])
            if (move.To?.SeenBy(by).Id is { } to)
                arrivals[to] = arrivals.GetValueOrDefault(to) + move.Common;
        var starts = new Dictionary<(MoveId, Who), PlaceId>();
        foreach (var move in vocabulary.Moves)
        foreach (var by in (Who[])[Who.Me, Who.Partner])
            if (
                move
                    .From.Select(f => f.SeenBy(by).Id)
                    .OrderByDescending(p => Share(book, p, move.Id, by) * arrivals.GetValueOrDefault(p))
                    .ToList()
                is [var first, ..]
            )
                starts[(move.Id, by)] = first;
        return starts;
    }

    private static double Share(Book book, PlaceId place, MoveId move, Who by) =>
        book.Exits(place).Where(e => e.Key.By == by && e.Key.Move == move).Sum(e => e.Value) * book.Lands(place, by);
}
