using AshNotch.Core.Lessons;
using AshNotch.Core.Vocabulary;

namespace AshNotch.App.Views;

/// <summary>A lesson of the register.</summary>
/// <param name="Kind">Where it comes from.</param>
/// <param name="Say">That in words.</param>
/// <param name="Text">In the words of the last time.</param>
/// <param name="By">Who said or taught it; null when not told.</param>
/// <param name="About">What it is about, in words; null where nothing is known.</param>
/// <param name="IsHazard">Somebody was hurt, or could have been.</param>
/// <param name="Times">How often it was said, in words.</param>
/// <param name="Tried">Whether it was tried live since, in words; null where that cannot be told.</param>
/// <param name="Said">When it was said, the latest first.</param>
public sealed record LessonView(
    LessonKind Kind,
    string Say,
    string Text,
    string? By,
    string? About,
    bool IsHazard,
    string Times,
    string? Tried,
    IReadOnlyList<LessonSaid> Said
)
{
    /// <summary>The view of a lesson.</summary>
    public static LessonView Of(Lesson lesson, MatVocabulary vocabulary) =>
        new(
            lesson.Kind,
            Term.Say(lesson.Kind),
            lesson.Text,
            lesson.By,
            lesson.About.Say(vocabulary),
            lesson.IsHazard,
            LessonWords.Times(lesson),
            LessonWords.Tried(lesson),
            lesson.Times
        );
}
