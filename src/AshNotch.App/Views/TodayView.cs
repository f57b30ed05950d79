using AshNotch.Core.Costs;

namespace AshNotch.App.Views;

/// <summary>What stands on Today.</summary>
/// <param name="Focus">The focus, or null.</param>
/// <param name="Last">The last session, or null.</param>
/// <param name="First">The first weak spot, for who has no focus yet.</param>
/// <param name="Changed">What changed lately in one sentence; null while nothing is logged.</param>
/// <param name="Rolls">Rolls logged in all.</param>
/// <param name="Sessions">Sessions logged in all.</param>
/// <param name="Open">Rolls of the last weeks that leave questions open, the newest first.</param>
/// <param name="Behind">
/// The focus, the first weak spot and what changed are from before the newest rolls, which are still being learned from.
/// </param>
/// <param name="MatchDay">The next match day, or null.</param>
/// <param name="Copies">How it stands with the copies of the log.</param>
public sealed record TodayView(
    FocusView? Focus,
    RackSession? Last,
    WeakSpot? First,
    string? Changed,
    int Rolls,
    int Sessions,
    IReadOnlyList<RollRow> Open,
    bool Behind,
    MatchDayRow? MatchDay,
    CopyStateView Copies
);
