namespace AshNotch.Core.Lessons;

/// <summary>Something to remember, as often as it was said.</summary>
/// <param name="Kind">Where it comes from.</param>
/// <param name="About">What it is about.</param>
/// <param name="Times">When it was said, the latest first; at least once.</param>
/// <param name="IsHazard">Somebody was hurt, or could have been.</param>
/// <param name="Tried">Whether it was tried live since; null where that cannot be told, as it names no move of the practitioner's.</param>
public sealed record Lesson(LessonKind Kind, LessonAbout About, IReadOnlyList<LessonSaid> Times, bool IsHazard, Tried? Tried)
{
    /// <summary>What several short ones come to, in a sentence; null where the words of the last time say it.</summary>
    public string? Summed { get; init; }

    /// <summary>In the words of the last time, or summed up.</summary>
    public string Text => Summed ?? Times[0].Text;

    /// <summary>Who said it last; null when not told.</summary>
    public string? By => Times.Select(t => t.By).FirstOrDefault(b => b is not null);
}
