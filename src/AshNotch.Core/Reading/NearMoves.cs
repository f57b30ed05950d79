using System.Collections.Concurrent;
using System.Runtime.CompilerServices;
using AshNotch.Core.Reading.Words;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading;

/// <summary>What may have been meant or said instead of a move: what does the same from there, and what sounds alike.</summary>
internal sealed class NearMoves
{
    // A name of another length is no slip of the ear or the finger. The authors' judgement.
    private const int MostLetters = 3;
    private const int Alike = 4;

    // Every reading asks, and the answer hangs on the vocabulary alone.
    private static readonly ConditionalWeakTable<MatVocabulary, NearMoves> Kept = [];

    private readonly ConcurrentDictionary<MoveId, IReadOnlyList<(Move Move, int Near)>> known = [];
    private readonly IReadOnlyList<(Move Move, string Sound)> all;

    private NearMoves(MatVocabulary vocabulary) => all = [.. vocabulary.Moves.Select(m => (m, Spelling.Sound(Letters(m.Name))))];

    /// <summary>The nearness of the moves of a vocabulary.</summary>
    public static NearMoves Of(MatVocabulary vocabulary) => Kept.GetValue(vocabulary, static v => new NearMoves(v));

    /// <summary>The moves near one, the nearest first: those that can start there before those that cannot.</summary>
    /// <param name="move">The move that was read.</param>
    /// <param name="from">Where it started, seen from me; null when not known.</param>
    /// <param name="by">Who did it.</param>
    public IEnumerable<Move> To(Move move, Place? from, Who by) =>
        Around(move)
            .Where(n => from is null || Landing.CanStart(n.Move, from, by))
            .OrderByDescending(n => n.Near)
            .ThenByDescending(n => n.Move.Common)
            .Select(n => n.Move);

    private IReadOnlyList<(Move Move, int Near)> Around(Move move) =>
        known.GetOrAdd(
            move.Id,
            _ =>
            {
                var sound = Spelling.Sound(Letters(move.Name));
                return
                [
                    .. all.Where(m => m.Move.Id != move.Id)
                        .Select(m => (m.Move, Near: Near(move, m.Move) + (SoundsLike(sound, m.Sound) ? Alike : 0)))
                        .Where(n => n.Near > 0),
                ];
            }
        );

    private static int Near(Move one, Move other)
    {
        var near = one.Kind == other.Kind ? 1 : 0;
        if (one.To is { } a && other.To is { } b)
            near +=
                a == b ? 2
                : a.Position.Family == b.Position.Family && a.Role == b.Role ? 1
                : 0;
        if (one.IsSubmission && other.IsSubmission && one.SubmissionClass == other.SubmissionClass)
            near++;
        return near;
    }

    private static bool SoundsLike(string one, string other)
    {
        var most = Math.Min(MostLetters, Math.Min(one.Length, other.Length) / 3);
        return most > 0 && Spelling.Distance(one, other, most) <= most;
    }

    private static string Letters(string name) => new([.. name.Where(char.IsLetter)]);
}
