using AshNotch.Core.Reading.Words;

namespace AshNotch.Core.Lessons;

/// <summary>A lesson as it was said once, before it is seen that it came back.</summary>
/// <param name="Kind">Where it comes from.</param>
/// <param name="About">What it is about.</param>
/// <param name="Said">When, and in which words.</param>
/// <param name="Words">Its words.</param>
/// <param name="NamesMove">The move it is about is named by it, and not only that of the notch it stands at.</param>
internal sealed record LessonLine(LessonKind Kind, LessonAbout About, LessonSaid Said, IReadOnlyList<Word> Words, bool NamesMove);
