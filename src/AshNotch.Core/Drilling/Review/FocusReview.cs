using AshNotch.Core.Drilling.Plans;
using AshNotch.Core.Rolls;

namespace AshNotch.Core.Drilling.Review;

/// <summary>What became of one focus.</summary>
/// <param name="Way">The exchange.</param>
/// <param name="Say">It as a piece of work.</param>
/// <param name="Judged">What happened against what was to be expected; null where that cannot be told.</param>
/// <param name="Changed">Whether it did change, in words with counts.</param>
/// <param name="Brought">What it was expected to bring and what it brought, in words; null where neither can be told.</param>
/// <param name="Proposed">What is proposed.</param>
/// <param name="Why">Why, in a sentence.</param>
public sealed record FocusReview(Way Way, string Say, Judged? Judged, string Changed, string? Brought, Verdict Proposed, string Why);
