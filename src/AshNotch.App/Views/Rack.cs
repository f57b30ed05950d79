using AshNotch.Core.Costs;
using AshNotch.Core.Rolls;

namespace AshNotch.App.Views;

/// <summary>A page of the rack, newest session first.</summary>
/// <param name="Sessions">Its sessions.</param>
/// <param name="Rolls">How many rolls match in all.</param>
/// <param name="More">How many sessions come after them.</param>
public sealed record Rack(IReadOnlyList<RackSession> Sessions, int Rolls, int More)
{
    /// <summary>The rack of a log.</summary>
    /// <param name="log">The log.</param>
    /// <param name="values">What places are worth, for the knots.</param>
    /// <param name="filter">Which rolls.</param>
    /// <param name="skip">How many sessions come before this page.</param>
    /// <param name="limit">How many sessions it has.</param>
    public static Rack Of(Log log, PlaceValues values, RackFilter filter, int skip, int limit)
    {
        var found = filter.Of(log).ToList();
        return new Rack(
            [.. found.Skip(skip).Take(limit).Select(f => RackSession.Of(f.Session, f.Rolls, log, values))],
            found.Sum(f => f.Rolls.Count),
            Math.Max(0, found.Count - skip - limit)
        );
    }
}
