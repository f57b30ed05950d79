using System.Globalization;
using AshNotch.Core.Merging;

namespace AshNotch.App.Views;

/// <summary>How many of a kind stand how to what the log holds.</summary>
/// <param name="New">The log has nothing of that id.</param>
/// <param name="Same">They are there already.</param>
/// <param name="Changed">The file says otherwise, and the log's own was never edited.</param>
/// <param name="Older">The log's own was edited since.</param>
/// <param name="Conflicting">Both were changed.</param>
/// <param name="Deleted">They were deleted from the log.</param>
/// <param name="All">How many there are.</param>
/// <param name="Say">The same in words.</param>
public sealed record StandingCounts(int New, int Same, int Changed, int Older, int Conflicting, int Deleted, int All, string Say)
{
    /// <summary>Counts.</summary>
    public static StandingCounts Of(IEnumerable<Standing> standings)
    {
        var counted = standings.CountBy(s => s).ToDictionary();
        var said = counted.OrderBy(c => c.Key).Select(c => string.Create(CultureInfo.InvariantCulture, $"{c.Value} {c.Key.Say()}"));
        int Count(Standing standing) => counted.GetValueOrDefault(standing);
        return new StandingCounts(
            Count(Standing.New),
            Count(Standing.Same),
            Count(Standing.Changed),
            Count(Standing.Older),
            Count(Standing.Conflicting),
            Count(Standing.Deleted),
            counted.Values.Sum(),
            string.Join(", ", said)
        );
    }
}
