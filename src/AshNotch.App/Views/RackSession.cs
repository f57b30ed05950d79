using AshNotch.Core.Costs;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.App.Views;

/// <summary>A session on the rack.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Date">The day.</param>
/// <param name="Kind">What sort.</param>
/// <param name="Attire">Gi or no-gi.</param>
/// <param name="Notes">Remarks.</param>
/// <param name="Rolls">Its rolls in order.</param>
public sealed record RackSession(string Id, DateOnly? Date, SessionKind? Kind, Attire? Attire, string? Notes, IReadOnlyList<RollRow> Rolls)
{
    /// <summary>A session with some of its rolls.</summary>
    public static RackSession Of(Session session, IEnumerable<LoggedRoll> rolls, Log log, PlaceValues values) =>
        new(session.Id, session.Date, session.Kind, session.Attire, session.Notes, [.. rolls.Select(r => RollRow.Of(r, log, values))]);
}
