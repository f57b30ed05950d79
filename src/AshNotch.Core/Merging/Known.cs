using AshNotch.Core.Drilling;
using AshNotch.Core.Matches;
using AshNotch.Core.Partners;
using AshNotch.Core.Rolls;

namespace AshNotch.Core.Merging;

/// <summary>What the log knows when something comes in.</summary>
/// <param name="Log">The log.</param>
/// <param name="Drills">What was chosen to drill.</param>
/// <param name="Matches">What is kept for matches.</param>
/// <param name="Fears">What the practitioner is afraid of.</param>
/// <param name="Deleted">Rolls that were deleted, by id.</param>
/// <param name="FormsOfRoll">The forms a roll had before, written.</param>
/// <param name="FormsOfPartner">The forms a partner had before, written.</param>
/// <param name="MergedInto">The id under which a partner is kept now who was merged into another; the same where they were not.</param>
/// <param name="WriteRoll">How a roll is written to be compared.</param>
/// <param name="WritePartner">How a partner is.</param>
public sealed record Known(
    Log Log,
    Drills Drills,
    MatchBook Matches,
    IReadOnlyList<Fear> Fears,
    IReadOnlyDictionary<string, Roll> Deleted,
    Func<string, IReadOnlyList<string>> FormsOfRoll,
    Func<string, IReadOnlyList<string>> FormsOfPartner,
    Func<string, string> MergedInto,
    Func<Roll, string> WriteRoll,
    Func<Partner, string> WritePartner
);
