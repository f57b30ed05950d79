using AshNotch.Core.Rolls;

namespace AshNotch.Core.Partners;

/// <summary>A partner as they were from some roll on.</summary>
/// <param name="Since">The day of that roll; null where none is told.</param>
/// <param name="As">Belt and weight then.</param>
public sealed record PartnerSince(DateOnly? Since, PartnerOfTheDay As)
{
    /// <summary>What changed from roll to roll, the oldest first.</summary>
    public static IReadOnlyList<PartnerSince> Of(IEnumerable<LoggedRoll> rolls)
    {
        var course = new List<PartnerSince>();
        foreach (var (session, roll, _) in rolls)
        {
            if (roll.PartnerThen != PartnerOfTheDay.Unknown && (course.Count == 0 || course[^1].As != roll.PartnerThen))
                course.Add(new PartnerSince(session.Date, roll.PartnerThen));
        }
        return course;
    }
}
