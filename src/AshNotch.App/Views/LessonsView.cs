namespace AshNotch.App.Views;

/// <summary>Lessons that were asked for.</summary>
/// <param name="Lessons">Hazards first, then what came back most often; no more than can be shown.</param>
/// <param name="Found">How many there are.</param>
/// <param name="All">How many the register holds in all.</param>
/// <param name="About">The exchange they were asked about, in words; null when none was.</param>
/// <param name="Advice">What to say beside a hazard.</param>
public sealed record LessonsView(IReadOnlyList<LessonView> Lessons, int Found, int All, string? About, string Advice);
