using AshNotch.Core.Drilling.Plans;
using AshNotch.Formats.Json;

namespace AshNotch.App.Views;

/// <summary>What stands on Plan.</summary>
/// <param name="Today">The day it is.</param>
/// <param name="Week">When and how the practitioner trains; null until they said so.</param>
/// <param name="Advice">What to say beside anything sore.</param>
/// <param name="Block">The block that runs or is to begin; null where none is.</param>
/// <param name="ToDecide">The block that is over and of which nothing was decided yet; null where there is none.</param>
/// <param name="Sessions">Its sessions from today on.</param>
/// <param name="Next">The first of them of which nothing was done yet.</param>
/// <param name="DoneToday">Whether something of it was done today.</param>
/// <param name="None">Why there is none, in a sentence; null where there is.</param>
/// <param name="Done">What was done of it.</param>
/// <param name="Past">The blocks before it, the newest first.</param>
/// <param name="Areas">How the practitioner rates each area, beside what the record says.</param>
/// <param name="Schools">Where schools differ, each with its two lines.</param>
public sealed record PlanView(
    DateOnly Today,
    WeekDocument? Week,
    string Advice,
    BlockView? Block,
    BlockView? ToDecide,
    IReadOnlyList<PlannedSession> Sessions,
    PlannedSession? Next,
    bool DoneToday,
    string? None,
    IReadOnlyList<DrilledDocument> Done,
    IReadOnlyList<BlockView> Past,
    IReadOnlyList<AreaView> Areas,
    IReadOnlyList<SchoolView> Schools
);
