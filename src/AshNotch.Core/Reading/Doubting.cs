using AshNotch.Core.Reading.Claims;
using AshNotch.Core.Reading.Course;
using AshNotch.Core.Reading.Names;
using AshNotch.Core.Reading.Words;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading;

/// <summary>
/// What is in doubt on the best course: where a close second differs in who, outcome or place, that difference is the question. A tap whose
/// side or fact nobody said is always one.
/// </summary>
internal static class Doubting
{
    private const int Most = 3;

    /// <summary>What is in doubt of each event of the best course, for the few that matter most.</summary>
    /// <param name="courses">The courses, best first.</param>
    /// <param name="words">The words, for names that were heard.</param>
    public static IReadOnlyDictionary<int, IReadOnlyList<Doubt>> Of(IReadOnlyList<State> courses, IReadOnlyList<Word> words)
    {
        var best = courses[0];
        var close = Weights.Of("close-second");
        var seconds = courses.Skip(1).Where(s => s.Cost - best.Cost < close).Select(s => s.ByClaim()).ToList();
        var found = new List<(int Index, Doubt Doubt, int Rank)>();
        var slips = new Dictionary<(string, MoveId), bool>();
        foreach (var (i, told) in best.Events.Index())
        foreach (var (doubt, rank) in Of(told, seconds, words, slips))
            found.Add((i, doubt, rank));
        var asked = found.OrderBy(f => f.Rank).Select(f => f.Index).Distinct().Take(Most).ToHashSet();
        return found
            .Where(f => asked.Contains(f.Index))
            .GroupBy(f => f.Index)
            .ToDictionary(g => g.Key, g => (IReadOnlyList<Doubt>)[.. g.OrderBy(f => f.Rank).Select(f => f.Doubt)]);
    }

    private static IEnumerable<(Doubt Doubt, int Rank)> Of(
        Event told,
        IReadOnlyList<Dictionary<Claim, Event>> seconds,
        IReadOnlyList<Word> words,
        Dictionary<(string, MoveId), bool> slips
    )
    {
        var same = seconds.Select(s => s.GetValueOrDefault(told.Claim)).OfType<Event>().Where(e => e.Move == told.Move).ToList();
        var isTap = told.Outcome == Outcome.Tap;
        if (told is { IsWhoSaid: false, Move: not { Stays: true } } && (isTap || same.Any(e => e.By != told.By)))
            yield return (Doubt.Who, isTap ? 0 : 2);
        if (
            isTap && !told.IsTapSaid
            || told is { IsOpen: true, Claim: MoveClaim { IsGot: true }, Outcome: Outcome.Stopped }
            || told is { IsOpen: true, Claim: not MoveClaim { IsTried: true } }
                && same.Any(e => e.Outcome != told.Outcome && e.By == told.By)
        )
            yield return (
                Doubt.Outcome,
                isTap || told.Claim is MoveClaim { IsGot: true } || same.Any(e => e.Outcome == Outcome.Tap) ? 1 : 3
            );
        if (
            told.Outcome == Outcome.Landed
            && told.To is { } to
            && same.Any(e => e.To is { } other && other.Position == to.Position && other != to && e.By == told.By)
        )
            yield return (Doubt.Role, 4);
        if (
            told.Claim is NamedClaim { IsByEar: true, Found: { Move: { } move } name }
            && words[name.First].Text.Length > 3
            && !IsNearly(name, move, words, slips)
        )
            yield return (Doubt.Name, isTap ? 1 : 5);
    }

    // A name spelled with one slip is no riddle. The same slip is looked at once.
    private static bool IsNearly(Found name, Move move, IReadOnlyList<Word> words, Dictionary<(string, MoveId), bool> slips)
    {
        var written = string.Concat(Enumerable.Range(name.First, name.Count).Select(i => words[i].Text));
        if (!slips.TryGetValue((written, move.Id), out var isNearly))
            slips[(written, move.Id)] = isNearly = move.Names.Any(n =>
                Spelling.Distance(written, string.Concat(Word.Split(n).Select(w => w.Text)), 2) <= 2
            );
        return isNearly;
    }
}
