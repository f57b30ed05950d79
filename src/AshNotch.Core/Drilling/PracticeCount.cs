using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Drilling;

/// <summary>How the starts of practice are counted.</summary>
public static class PracticeCount
{
    /// <summary>
    /// The starts of a round of practice: as counted beside the mat, else one for each exchange of its telling. A start is lost where the
    /// position was, else it is whose landed or finished last; where nobody did, it tells nothing.
    /// </summary>
    public static DrilledStarts Of(Roll roll)
    {
        if (roll.Starts is { } counted)
            return counted;
        var lost = roll.Exchanges.Select(IsLost).OfType<bool>().ToList();
        return new DrilledStarts(lost.Count(l => !l), lost.Count(l => l));
    }

    private static bool? IsLost(Exchange exchange) =>
        exchange.End == ExchangeEnd.PositionLost ? true
        : exchange.Notches.LastOrDefault(n => n.Outcome is Outcome.Landed or Outcome.Tap) is { } last ? last.By == Who.Partner
        : null;
}
