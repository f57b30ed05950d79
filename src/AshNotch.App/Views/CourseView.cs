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
public sealed record CourseView(
    string Name,
    Who By,
    Turn Turn,
    string TurnSay,
    string Say,
    IReadOnlyList<FortnightView> Fortnights,
    IReadOnlyList<CoursePartner> Partners
)
{
    /// <summary>The view of a course.</summary>
    public static CourseView Of(Course course, Log log) =>
        new(
            course.Name,
            course.Subject.By,
            course.Turn,
            Term.Say(course.Turn),
            course.Say,
            [.. course.Fortnights.Select(FortnightView.Of)],
            [
                .. course.Partners.Select(p => new CoursePartner(
                    log.Partner(p.Partner)?.Name ?? "Someone",
                    RatioView.Of(p.Before),
                    RatioView.Of(p.Lately)
                )),
            ]
        );
}
