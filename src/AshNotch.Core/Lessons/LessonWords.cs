namespace AshNotch.Core.Lessons;

/// <summary>A lesson in words.</summary>
public static class LessonWords
{
    /// <summary>How often it came back: <c>Said 3 times.</c></summary>
    public static string Times(Lesson lesson) =>
        (lesson.Kind, lesson.Times.Count) switch
        {
            (LessonKind.Taught, var n) => $"Taught {Counted.Times(n)}.",
            (LessonKind.Cause, var n) => $"Named {Counted.Times(n)}.",
            (LessonKind.Missed, var n) => $"Missed {Counted.Times(n)}.",
            (_, 1) => "Said once.",
            (_, var n) => $"Came back: said {Counted.Times(n)}.",
        };

    /// <summary>Whether it was tried live since; null where that cannot be told.</summary>
    public static string? Tried(Lesson lesson) =>
        lesson.Tried switch
        {
            null => null,
            { Times: 0 } => "Not tried in a live roll since.",
            { Times: 1, Landed: var landed } => $"Tried live once since, {(landed == 1 ? "and it came off" : "and it did not come off")}.",
            { Times: var times, Landed: var landed } =>
                $"Tried live {Counted.Times(times)} since, came off {(landed == 0 ? "never" : Counted.Times(landed))}.",
        };
}
