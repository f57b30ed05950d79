using AshNotch.Core.Costs;
using AshNotch.Core.Drilling;
using AshNotch.Core.Reading;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.App.Views;

/// <summary>A roll in a list.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Date">The day, or null.</param>
/// <param name="Attire">Gi or no-gi.</param>
/// <param name="PartnerId">The partner, or null when unknown.</param>
/// <param name="PartnerName">Their nickname.</param>
/// <param name="PartnerBelt">Their belt that day.</param>
/// <param name="Kind">Free, positional, match or drill.</param>
/// <param name="Minutes">Its length.</param>
/// <param name="MyTaps">How often I made them tap.</param>
/// <param name="TheirTaps">How often they made me tap.</param>
/// <param name="Open">How many questions it leaves open.</param>
/// <param name="Practice">Where it was practice, how its starts came out, in a sentence; else null.</param>
/// <param name="Stick">Its picture.</param>
public sealed record RollRow(
    string Id,
    DateOnly? Date,
    Attire? Attire,
    string? PartnerId,
    string PartnerName,
    Belt? PartnerBelt,
    RollKind? Kind,
    double? Minutes,
    int MyTaps,
    int TheirTaps,
    int Open,
    string? Practice,
    Stick Stick
)
{
    /// <summary>The row of a roll, its stick knotted where it turned.</summary>
    public static RollRow Of(LoggedRoll logged, Log log, PlaceValues values)
    {
        var roll = logged.Roll;
        var name = log.Partner(roll.Partner)?.Name ?? "Someone";
        return new RollRow(
            roll.Id,
            logged.Session.Date,
            logged.Session.Attire,
            roll.Partner,
            name,
            roll.PartnerThen.Belt,
            roll.Kind,
            roll.Minutes,
            roll.Taps(Who.Me),
            roll.Taps(Who.Partner),
            OpenQuestions.Count(roll),
            roll.IsPractice ? PracticeTally.SayOf(roll, values.Vocabulary) : null,
            TurningPoints.Knotted(roll.Exchanges, values)
        );
    }
}
