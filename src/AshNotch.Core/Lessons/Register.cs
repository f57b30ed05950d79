using AshNotch.Core.Reading.Names;
using AshNotch.Core.Reading.Words;
using AshNotch.Core.Rolls;

namespace AshNotch.Core.Lessons;

/// <summary>Everything that a practitioner wanted to remember, in one place: hazards first, then what was written and came back, causes, and the rest.</summary>
/// <param name="Lessons">The lessons.</param>
public sealed record Register(IReadOnlyList<Lesson> Lessons)
{
    private const int MostCues = 2;
    private const int LongestCue = 140;

    /// <summary>Makes the register of a log.</summary>
    /// <param name="log">The log.</param>
    /// <param name="book">The names of places and moves, the user's own among them.</param>
    public static Register Of(Log log, Phrasebook book)
    {
        var tries = LiveTries.Of(log);
        var said = CameBack
            .Together(new LessonLines(book).Of(log))
            .Select(lines =>
            {
                var kind = lines.Any(l => l.Kind == LessonKind.Again) ? LessonKind.Again : lines[0].Kind;
                var about = lines.Select(l => l.About).FirstOrDefault(a => a.IsKnown) ?? LessonAbout.Nothing;
                return new Lesson(
                    kind,
                    about,
                    [.. lines.Select(l => l.Said).Reverse()],
                    lines.Any(l => LessonPhrases.IsHazard(l.Words)),
                    lines.Any(l => l.NamesMove) ? tries.Since(kind, about, lines[0].Said) : null
                );
            });
        return new Register([
            .. said.Concat(CauseLessons.Of(log))
                .OrderByDescending(l => l.IsHazard)
                .ThenByDescending(l => l.Times.Count > 1)
                .ThenBy(l => l.Kind == LessonKind.Cause)
                .ThenByDescending(l => l.Times.Count)
                .ThenByDescending(l => l.Times[0].Date ?? DateOnly.MinValue),
        ]);
    }

    /// <summary>What has to do with an exchange.</summary>
    public IEnumerable<Lesson> About(Way way) => Lessons.Where(l => l.About.Concerns(way));

    /// <summary>The practitioner's own cues for an exchange: what they took away or were told, short enough to carry.</summary>
    public IReadOnlyList<string> Cues(Way way) =>
        [
            .. About(way)
                .Where(l => l.Kind is LessonKind.Takeaway or LessonKind.Again or LessonKind.Advice && l.Text.Length <= LongestCue)
                .Select(l => l.Text)
                .Distinct()
                .Take(MostCues),
        ];

    /// <summary>Those in which all words of a search stand, in any order: in their own words, in who said them, or in what they are about.</summary>
    /// <param name="search">The words; empty finds all.</param>
    /// <param name="say">What a lesson is about, in words.</param>
    public IEnumerable<Lesson> Find(string search, Func<LessonAbout, string?> say)
    {
        var asked = Word.Split(search).Select(w => w.Stem).ToList();
        return Lessons.Where(l =>
        {
            if (asked.Count == 0)
                return true;
            var words = l
                .Times.SelectMany(t => Word.Split($"{t.Text} {t.By}"))
                .Concat(Word.Split(say(l.About) ?? ""))
                .Select(w => w.Stem)
                .ToHashSet();
            return asked.All(a => words.Any(w => w.StartsWith(a, StringComparison.Ordinal)));
        });
    }
}
