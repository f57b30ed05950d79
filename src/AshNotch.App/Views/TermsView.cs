using AshNotch.Core.Chain;
using AshNotch.Core.Drilling.Rounds;
using AshNotch.Core.Drilling.Week;
using AshNotch.Core.Lessons;
using AshNotch.Core.Rolls;
using AshNotch.Core.Scoring;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;

namespace AshNotch.App.Views;

/// <summary>Every fixed term that a page lets choose from, and the causes offered.</summary>
/// <param name="Belts">Belts, in their order.</param>
/// <param name="Sizes">Sizes beside the practitioner.</param>
/// <param name="Divisions">Age divisions.</param>
/// <param name="Units">Units of weight.</param>
/// <param name="SessionKinds">Kinds of session.</param>
/// <param name="Attires">With or without the gi.</param>
/// <param name="Energies">How rested.</param>
/// <param name="RollKinds">Kinds of roll.</param>
/// <param name="Intensities">How hard somebody went.</param>
/// <param name="Partials">What an account leaves out.</param>
/// <param name="Outcomes">How an attempt came out, the best first.</param>
/// <param name="Sides">Sides of the body.</param>
/// <param name="MoveKinds">What moves are for.</param>
/// <param name="Aims">What a practitioner may want of a roll.</param>
/// <param name="Againsts">Whom rolls are thought of against.</param>
/// <param name="Intents">What a roll may be meant for.</param>
/// <param name="SorePlaces">Places on the body that can be sore.</param>
/// <param name="Rungs">The rungs of a ladder of rounds.</param>
/// <param name="LessonKinds">Where lessons come from.</param>
/// <param name="Weekdays">The days of the week, Monday first.</param>
/// <param name="Categories">Categories that weight classes go by.</param>
/// <param name="Leads">What may be made of a lead.</param>
/// <param name="PenaltySteps">What one more penalty does.</param>
/// <param name="Decided">What decides a match.</param>
/// <param name="Winners">Who may be given one.</param>
/// <param name="Scored">What can score.</param>
/// <param name="Causes">Why things happen, to offer.</param>
public sealed record TermsView(
    IReadOnlyList<TermView> Belts,
    IReadOnlyList<TermView> Sizes,
    IReadOnlyList<TermView> Divisions,
    IReadOnlyList<TermView> Units,
    IReadOnlyList<TermView> SessionKinds,
    IReadOnlyList<TermView> Attires,
    IReadOnlyList<TermView> Energies,
    IReadOnlyList<TermView> RollKinds,
    IReadOnlyList<TermView> Intensities,
    IReadOnlyList<TermView> Partials,
    IReadOnlyList<TermView> Outcomes,
    IReadOnlyList<TermView> Sides,
    IReadOnlyList<TermView> MoveKinds,
    IReadOnlyList<TermView> Aims,
    IReadOnlyList<TermView> Againsts,
    IReadOnlyList<TermView> Intents,
    IReadOnlyList<TermView> SorePlaces,
    IReadOnlyList<TermView> Rungs,
    IReadOnlyList<TermView> LessonKinds,
    IReadOnlyList<TermView> Weekdays,
    IReadOnlyList<TermView> Categories,
    IReadOnlyList<TermView> Leads,
    IReadOnlyList<TermView> PenaltySteps,
    IReadOnlyList<TermView> Decided,
    IReadOnlyList<TermView> Winners,
    IReadOnlyList<TermView> Scored,
    IReadOnlyList<string> Causes
)
{
    /// <summary>The terms.</summary>
    public static TermsView All { get; } =
        new(
            TermView.All<Belt>(),
            TermView.All<RelativeSize>(),
            TermView.All<AgeDivision>(),
            TermView.All<WeightUnit>(),
            TermView.All<SessionKind>(),
            TermView.All<Attire>(),
            TermView.All<Energy>(),
            TermView.All<RollKind>(),
            TermView.All<Intensity>(),
            TermView.All<PartialAccount>(),
            [.. TermView.All<Outcome>().Reverse()],
            TermView.All<BodySide>(),
            TermView.All<MoveKind>(),
            TermView.All<Aim>(),
            TermView.All<Against>(),
            TermView.All<Intent>(),
            TermView.All<SorePlace>(),
            TermView.All<Rung>(),
            TermView.All<LessonKind>(),
            [.. TermView.All<DayOfWeek>().Skip(1), .. TermView.All<DayOfWeek>().Take(1)],
            TermView.All<MatchCategory>(),
            TermView.All<LeadSchool>(),
            TermView.All<PenaltyStep>(),
            TermView.All<DecidedBy>(),
            TermView.All<MatchWinner>(),
            TermView.All<ScoredFor>(),
            Core.Rolls.Causes.Offered
        );
}
