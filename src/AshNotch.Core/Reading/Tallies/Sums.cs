using AshNotch.Core.Reading.Claims;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Tallies;

/// <summary>What a telling told one by one, summed, so that a count told after it counts nothing twice.</summary>
/// <param name="told">The claims of the telling, more of them each time.</param>
internal sealed class Sums(IReadOnlyList<Claim> told)
{
    private readonly Dictionary<(MoveKind Kind, Who By), int> sums = [];
    private int heard;

    /// <summary>What is new in a tally after what was told before it.</summary>
    public IReadOnlyList<MoveClaim> New(Tally tally)
    {
        for (; heard < told.Count; heard++)
            if (
                told[heard] is MoveClaim { Move: var move, Whos.Count: > 0, Outcomes.Count: > 0 } claim
                && claim.Outcomes.MinBy(o => o.Cost).Is is Outcome.Landed or Outcome.Tap
            )
            {
                var kind = (move.Kind, claim.Whos.MinBy(w => w.Cost).Is);
                sums[kind] = sums.GetValueOrDefault(kind) + claim.Times;
            }
        var left = new Dictionary<(MoveKind, Who), int>(sums);
        var fresh = new List<MoveClaim>();
        foreach (var claim in tally.Claims)
        {
            var kind = (claim.Move.Kind, claim.Whos[0].Is);
            var known = Math.Min(left.GetValueOrDefault(kind), claim.Times);
            left[kind] = left.GetValueOrDefault(kind) - known;
            if (claim.Times > known)
                fresh.Add(claim with { Times = claim.Times - known });
        }
        return fresh;
    }
}
