using AshNotch.Core.Reading.Words;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading;

/// <summary>What may have been meant or said instead of a move: what does the same from there, and what sounds alike.</summary>
/// <param name="vocabulary">The moves.</param>
internal sealed class NearMoves(MatVocabulary vocabulary)
{
    // A name of another length is no slip of the ear or the finger. The authors' judgement.
    private const int MostLetters = 3;
    private const int Alike = 4;

    private readonly Dictionary<MoveId, List<(Move Move, int Near)>> known = [];

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

    private List<(Move Move, int Near)> Around(Move move)
    {
        if (!known.TryGetValue(move.Id, out var around))
            known[move.Id] = around = [
                .. vocabulary.Moves.Where(m => m.Id != move.Id).Select(m => (m, Near(move, m))).Where(n => n.Item2 > 0),
            ];
        return around;
    }

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
        return near + (SoundsLike(one.Name, other.Name) ? Alike : 0);
    }

    private static bool SoundsLike(string one, string other)
    {
        var (a, b) = (Spelling.Sound(Letters(one)), Spelling.Sound(Letters(other)));
        var most = Math.Min(MostLetters, Math.Min(a.Length, b.Length) / 3);
        return most > 0 && Spelling.Distance(a, b, most) <= most;
    }

    private static string Letters(string name) => new([.. name.Where(char.IsLetter)]);
}
