using AshNotch.Core.Chain;
using AshNotch.Core.Drilling.Week;

namespace AshNotch.App.Verbs;

/// <summary>What <c>plan</c> is asked for.</summary>
/// <param name="Weeks">How many weeks.</param>
/// <param name="Start">The first day.</param>
/// <param name="Days">On which days of the week; null for those of the file.</param>
/// <param name="Minutes">How many minutes each; null for those of the file.</param>
/// <param name="Aim">What the practitioner wants of a roll.</param>
internal sealed record PlanAsked(int Weeks, DateOnly Start, IReadOnlyList<DayOfWeek>? Days, int? Minutes, Aim Aim)
{
    /// <summary>A week with its days and minutes as asked; what is sore, what is coming and the days off stay.</summary>
    public MyWeek In(MyWeek week)
    {
        if (Days is null && Minutes is null)
            return week;
        var each = Minutes ?? (week.Days.Count > 0 ? week.Days.Max(d => d.Minutes) : MyWeek.Usual.Days[0].Minutes);
        return week with { Days = MyWeek.Of(Days ?? [.. week.Days.Select(d => d.Day)], each).Days };
    }
}
