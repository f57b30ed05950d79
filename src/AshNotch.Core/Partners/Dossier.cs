using AshNotch.Core.Repertoire;
using AshNotch.Core.Rolls;

namespace AshNotch.Core.Partners;

/// <summary>What the log says of one partner, and of the two of us.</summary>
/// <param name="Partner">The partner.</param>
/// <param name="Rolls">How many live rolls we had.</param>
/// <param name="First">The day of the first; null where none is told.</param>
/// <param name="Last">The day of the newest.</param>
/// <param name="LikelyThere">The chance that they are there on the day asked about, from 0 to 1.</param>
/// <param name="Course">Their belt and size from roll to roll.</param>
/// <param name="Starts">Where exchanges with them start, the most frequent first.</param>
/// <param name="Ends">Where those end that do not end in a tap.</param>
/// <param name="They">What they do to me, the most frequent first.</param>
/// <param name="Me">What I do to them.</param>
/// <param name="Theirs">A sheet for each move of theirs: sides, what it opens, what it is done after.</param>
/// <param name="Learned">What they have learned of me, and I of them, the surest first.</param>
/// <param name="Watch">What to keep in mind, the most worthwhile first.</param>
/// <param name="Months">The newest two years of months with a roll, the oldest first.</param>
/// <param name="Advice">What they said to me, the newest first.</param>
/// <param name="Changed">What changed in the last four weeks, in sentences; empty where nothing can be said.</param>
public sealed record Dossier(
    Partner Partner,
    int Rolls,
    DateOnly? First,
    DateOnly? Last,
    double LikelyThere,
    IReadOnlyList<PartnerSince> Course,
    IReadOnlyList<PlaceCount> Starts,
    IReadOnlyList<PlaceCount> Ends,
    IReadOnlyList<Between> They,
    IReadOnlyList<Between> Me,
    IReadOnlyList<MoveSheet> Theirs,
    IReadOnlyList<Learned> Learned,
    IReadOnlyList<Heed> Watch,
    IReadOnlyList<PartnerMonth> Months,
    IReadOnlyList<GivenAdvice> Advice,
    IReadOnlyList<string> Changed
);
