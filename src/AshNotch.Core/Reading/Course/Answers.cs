using AshNotch.Core.Reading.Claims;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Course;

/// <summary>Courses after it was said what came of the attempt before.</summary>
internal static class Answers
{
    private const int Farthest = 2;

    /// <summary>The courses that may follow.</summary>
    public static IEnumerable<State> After(State state, Claim claim)
    {
        // "No, he kicked out": that is all that was put right.
        state = state with
        {
            Repairs = null,
        };
        var found = false;
        var first = Math.Max(state.First, state.Events.Count - Farthest);
        for (var i = state.Events.Count - 1; i >= first; i--)
        {
            var held = state.Events[i];
            var isLate =
                claim.Reply == Outcome.Abandoned && claim.IsWhoSaid && held is { IsOpen: false, Outcome: Outcome.Stopped or Outcome.Near };
            // "Almost had it but he slipped away": that is said already.
            if (
                held is { IsOpen: false, Move.IsSubmission: true, Outcome: Outcome.Near or Outcome.Stopped }
                && claim is { Reply: Outcome.Stopped, Whos.Count: > 0 }
                && claim.Whos[0].Is == held.By
            )
            {
                yield return state;
                yield break;
            }
            if (!held.IsOpen && !isLate || claim.Whos.Count > 0 && claim.Whos[0].Is != held.By || held.Move is { Stays: true })
                continue;
            var outcome = claim.Reply switch
            {
                Outcome.Landed or Outcome.Tap => held.Move is { IsSubmission: true } ? Outcome.Tap : Outcome.Landed,
                Outcome.Near when held.Move is null => held.Outcome,
                // "He had the choke. I escaped": it was close.
                Outcome.Stopped when held is { Move.IsSubmission: true, Claim.IsGot: true } && claim.IsWhoSaid => Outcome.Near,
                var said => said,
            };
            // What came off was not close.
            if (outcome == Outcome.Near && held.Move is not { IsSubmission: true } && held.Outcome == Outcome.Landed)
            {
                if (i == first)
                    yield return state;
                found = true;
                continue;
            }
            var changed = outcome != held.Outcome;
            var landed = outcome == Outcome.Landed;
            var put = held with
            {
                Outcome = outcome,
                IsOpen = false,
                Why = held.Why.Add(new Because(claim.Span, "says how it came out")),
                To =
                    landed ? held.To ?? (held.Move is { } move ? Landing.End(move, held.By, held.From ?? held.Before) : null)
                    : held.Move is null ? held.To
                    : null,
            };
            var next = state.With(i, put);
            if (i == state.Events.Count - 1)
                next = next with { Now = landed ? put.To ?? held.From ?? held.Before : held.From ?? held.Before };
            // Who has turned, pulled guard or got out is seldom stopped after all.
            var settled =
                changed
                && held.Outcome == Outcome.Landed
                && held.Move?.Kind
                    is null
                        or MoveKind.Escape
                        or MoveKind.GuardRecovery
                        or MoveKind.GuardPull
                        or MoveKind.Transition
                        or MoveKind.BackTake;
            next = next.Plus(settled ? Weights.Of("answer-unsettles") : 0).Plus(found ? Weights.Of("answer-farther") : 0);
            yield return next.Plus(changed && held.Outcome == Outcome.Landed ? Weights.Of("answer-undoes") : 0);
            found = true;
        }
        if (found)
        {
            yield return state.Plus(Weights.Of("answer-missed"));
            yield break;
        }
        // That somebody tapped or was stopped speaks of something told.
        yield return state.Plus(
            claim is { Reply: Outcome.Tap, IsWhoSaid: true } ? Weights.Of("answer-lost-tap") : Weights.Of("answer-lost")
        );
    }
}
