namespace AshNotch.App.Views;

/// <summary>How things went over the weeks.</summary>
/// <param name="Changed">What changed lately, in a sentence.</param>
/// <param name="Courses">All that each side lands, the first weak spots, the places met most.</param>
/// <param name="Earlier">How many fortnights lie before those shown.</param>
public sealed record WeeksView(string Changed, IReadOnlyList<CourseView> Courses, int Earlier);
