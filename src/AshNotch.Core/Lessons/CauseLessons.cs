using AshNotch.Core.Rolls;

namespace AshNotch.Core.Lessons;

/// <summary>Why the same exchange goes as it does, by the causes that were named at its notches.</summary>
internal static class CauseLessons
{
    // Once is what happened; from the second time on it is something to remember.
    private const int Fewest = 2;

    /// <summary>A lesson for each exchange, the latest time first in it.</summary>
    public static IEnumerable<Lesson> Of(Log log) =>
        log
            .Sessions.SelectMany(s => s.LiveRolls.SelectMany(r => r.Notches.SelectMany(n => n.Causes.Select(c => (s, r, n, c)))))
            .Where(x => x.n is { IsOfSurroundings: false, From: not null, Move: not null })
            .GroupBy(x => new Way(x.n.From!.Value, x.n.By, x.n.Move))
            .Where(g => g.CountBy(x => x.c).Any(c => c.Value >= Fewest))
            .Select(g => new Lesson(
                LessonKind.Cause,
                new LessonAbout([g.Key.From], g.Key.By, g.Key.Move),
                [.. g.Select(x => new LessonSaid(x.s.Date, x.s.Id, x.r.Id, Capital(x.c), null)).Reverse()],
                false,
                null
            )
            {
                Summed = Summed(g.Select(x => x.c)),
            });

    private static string Summed(IEnumerable<string> causes) =>
        Capital(
            string.Join(
                "; ",
                causes
                    .CountBy(c => c)
                    .OrderByDescending(c => c.Value)
                    .Select(c => c.Value == 1 ? c.Key : $"{c.Key} ({Counted.Times(c.Value)})")
            )
        );

    private static string Capital(string cause) => $"{char.ToUpperInvariant(cause[0])}{cause[1..]}.";
}
