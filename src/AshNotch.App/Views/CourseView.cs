using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using AshNotch.Core.Weeks;

namespace AshNotch.App.Views;

/// <summary>How one thing went over the weeks.</summary>
/// <param name="Name">It in words.</param>
/// <param name="By">Whose.</param>
/// <param name="Turn">How the newest four weeks compare with those before.</param>
/// <param name="TurnSay">That in a word or two.</param>
/// <param name="Say">What became of it.</param>
/// <param name="Fortnights">Observed against expected, fortnight by fortnight.</param>
/// <param name="Partners">With whom.</param>
/// <param name="Rolls">Ids of the newest rolls in which it happened, newest last.</param>
public sealed record CourseView(
    string Name,
    Who By,
    Turn Turn,
    string TurnSay,
    string Say,
    IReadOnlyList<FortnightView> Fortnights,
    IReadOnlyList<CoursePartner> Partners,
    IReadOnlyList<string> Rolls
)
{
    /// <summary>How many fortnights are shown unless more are asked for.</summary>
    public const int Year = 26;

    private const int NewestRolls = 6;

    /// <summary>The view of a course.</summary>
    /// <param name="course">The course.</param>
    /// <param name="log">The log.</param>
    /// <param name="fortnights">How many of its newest fortnights are shown.</param>
    public static CourseView Of(Course course, Log log, int fortnights = Year) =>
        new(
            course.Name,
            course.Subject.By,
            course.Turn,
            Term.Say(course.Turn),
            course.Say,
            [.. course.Fortnights.TakeLast(fortnights).Select(FortnightView.Of)],
            [
                .. course.Partners.Select(p => new CoursePartner(
                    log.Partner(p.Partner)?.Name ?? "Someone",
                    RatioView.Of(p.Before),
                    RatioView.Of(p.Lately)
                )),
            ],
            [.. course.Fortnights.SelectMany(f => f.Rolls).TakeLast(NewestRolls)]
        );
}
