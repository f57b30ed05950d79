namespace AshNotch.Core.Lessons;

/// <summary>One time that a lesson was said.</summary>
/// <param name="Date">The day; null when not told.</param>
/// <param name="Session">Id of the session.</param>
/// <param name="Roll">Id of the roll; null for what was taught in a session.</param>
/// <param name="Text">In the words of that time.</param>
/// <param name="By">Who said or taught it; null when not told, or the practitioner.</param>
public sealed record LessonSaid(DateOnly? Date, string Session, string? Roll, string Text, string? By);
