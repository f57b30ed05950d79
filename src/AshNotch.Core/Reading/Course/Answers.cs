using AshNotch.Core.Reading.Claims;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Course;

/// <summary>Courses after it was said what came of the attempt before.</summary>
internal static class Answers
{
    private const int Farthest = 2;

    /// <summary>The courses that may follow.</summary>
    public static IEnumerable<State> After(Decoder decoder, State state, ReplyClaim claim)
    {
        // "No, he kicked out": that is all that was put right.
        state = state with
        {
            Repairs = null,
        };
        if (AfterAll.Of(decoder, state, claim) is { } settled)
        {
            yield return settled;
            yield break;
        }
        if (claim.IsWeak)
        {
            var held =
                state.Last is { IsOpen: true, Move.IsSubmission: true, Outcome: Outcome.Stopped or Outcome.Tap } on
                && on.By == claim.Whos[0].Is;
            yield return held ? Answered(state, claim, state.Events.Count - 1) : state;
            if (held)
                yield return Missed(state, claim);
            yield break;
        }
        if (claim.IsNext && Next(state, claim) is { } next)
        {
            yield return next;
            yield return state.Plus(1);
            yield break;
        }
        var found = false;
        // "Kimura, sweep, and I finish it".
        var isOfHold = claim.IsFinish && state.HasLately(e => e.Move is { IsSubmission: true } && IsMeant(claim, e), Farthest);
        var first = Math.Max(state.First, state.Events.Count - Farthest);
        for (var i = state.Events.Count - 1; i >= first; i--)
        {
            var held = state.Events[i];
            if ((!found || held.Move is { IsSubmission: true }) && IsSaidAlready(state, claim, i))
            {
                yield return state;
                yield break;
            }
            if (!IsMeant(claim, held) || isOfHold && held.Move is not { IsSubmission: true })
                continue;
            // What came off was not close.
            if (
                OutcomeOf(claim, held) == Outcome.Near
                && held is { Outcome: Outcome.Landed, Move: not { IsSubmission: true } }
                && !claim.IsJoined
            )
            {
                if (i == first)
                    yield return state;
            }
            else
            {
                var meant =
                    claim.IsFall && held.Move!.Id.Value == "bridge"
                        ? state.With(i, held with { Move = decoder.BridgeAndRoll, To = null })
                        : state;
                yield return Answered(meant, claim, i).Plus(found ? Weights.Of("answer-farther") : 0);
            }
            found = true;
        }
        if (found)
            yield return Missed(state, claim);
        else
            foreach (var lost in Lost(decoder, state, claim))
                yield return lost;
    }

    // "Almost had it but he slipped away", "he stacked me and it worked": nothing new of this one.
    private static bool IsSaidAlready(State state, ReplyClaim claim, int index)
    {
        var held = state.Events[index];
        if (held.IsOpen)
            return false;
        if (claim is { Reply: Outcome.Landed, Whos.Count: 0 } && held.Outcome == Outcome.Stopped)
            return true;
        return claim.Reply == Outcome.Stopped
            && (
                held is { Move.IsSubmission: true, Outcome: Outcome.Near or Outcome.Stopped }
                || held.Outcome == Outcome.Stopped && claim.IsWhoSaid
            )
            && (claim.Whos.Count > 0 ? claim.Whos[0].Is == held.By : index == state.Events.Count - 1);
    }

    private static bool IsMeant(ReplyClaim claim, Event held)
    {
        if (claim.Whos.Count > 0 && claim.Whos[0].Is != held.By || held.Move is { Stays: true })
            return false;
        // Where they are nobody gives up: "north south. He wanted the kimura, gave up on that".
        if (held.Move is null && claim.Reply == Outcome.Abandoned)
            return false;
        // Who falls was swept or thrown, whatever place was told between.
        if (claim.IsFall && held.Move?.Kind is not (MoveKind.Sweep or MoveKind.Takedown))
            return held is { Move.Id.Value: "bridge", IsOpen: true };
        if (held is { Claim: MoveClaim { IsFirm: true }, Outcome: Outcome.Landed } && claim.Reply is Outcome.Stopped or Outcome.Abandoned)
            return false;
        // "Took him down to side control. Lost it": there they were.
        if (
            held is { Outcome: Outcome.Landed, IsToSaid: true, Move.Kind: MoveKind.Sweep or MoveKind.Takedown or MoveKind.Pass }
            && claim.Reply is Outcome.Stopped
        )
            return false;
        return held.IsOpen
            || claim.Reply switch
            {
                // "He didn't tap, so I let it go."
                Outcome.Abandoned => held.Outcome is Outcome.Stopped or Outcome.Near
                    && (claim.IsWhoSaid || held.Move is { IsSubmission: true }),
                // "I did not tap, but it was close."
                Outcome.Near => held is { Move.IsSubmission: true, Outcome: Outcome.Stopped },
                _ => false,
            };
    }

    private static Outcome OutcomeOf(ReplyClaim claim, Event held) =>
        claim.Reply switch
        {
            Outcome.Landed or Outcome.Tap => held.Move is { IsSubmission: true } ? Outcome.Tap : Outcome.Landed,
            Outcome.Near when held.Move is null => held.Outcome,
            // "He had the choke. I escaped": it was close.
            Outcome.Stopped when held is { Move.IsSubmission: true, Claim: MoveClaim { IsGot: true } } && claim.IsWhoSaid => Outcome.Near,
            var said => said,
        };

    private static State Answered(State state, ReplyClaim claim, int index)
    {
        var held = state.Events[index];
        var outcome = OutcomeOf(claim, held);
        var landed = outcome == Outcome.Landed;
        var put = held with
        {
            Outcome = outcome,
            IsOpen = false,
            Why = held.Why.Add(new Because(claim.Span, "says how it came out")),
            IsWhoSaid = held.IsWhoSaid || claim.IsWhoSaid,
            IsTapSaid = held.IsTapSaid || claim.IsFinish && outcome == Outcome.Tap,
            To =
                landed ? held.To ?? (held.Move is { } move ? Landing.End(move, held.By, held.From ?? held.Before) : null)
                : held.Move is null ? held.To
                : null,
        };
        var answered = state.With(index, put);
        // "I bridged twice, nothing": neither of them.
        for (var i = index - 1; held.Claim is MoveClaim { Times: > 1 } && i >= state.First && state.Events[i].Claim == held.Claim; i--)
            answered = answered.With(i, put);
        if (index == state.Events.Count - 1)
            answered = answered with { Now = landed ? put.To ?? held.From ?? held.Before : held.From ?? held.Before };
        if (outcome == held.Outcome || held.Outcome != Outcome.Landed)
            return answered;
        // "Trap and roll, no."
        if (claim is { Denial.Said: true, IsJoined: true } && held.Claim is NamedClaim { IsBare: true } && !IsSettled(held))
            return answered;
        return answered.Plus(Weights.Of("answer-undoes") + (IsSettled(held) ? Weights.Of("answer-unsettles") : 0));
    }

    // Who has turned, pulled guard or got out is seldom stopped after all.
    private static bool IsSettled(Event held) =>
        held.Move?.Kind switch
        {
            null or MoveKind.GuardRecovery or MoveKind.GuardPull or MoveKind.Transition => true,
            // "Passed with a leg weave. Lost it": that it came off was said.
            MoveKind.Pass or MoveKind.Sweep when held.Claim is NamedClaim { Outcomes: [{ Is: Outcome.Landed }] } => true,
            // "I bridged, nothing": but who escaped is out.
            MoveKind.Escape => held.Claim is not NamedClaim { IsBare: true }
                && held.Move.Id.Value is not ("bridge" or "hip-escape" or "elbow-escape"),
            MoveKind.BackTake => held.Claim is not NamedClaim { IsBare: true },
            _ => false,
        };

    // What was said speaks of something else after all.
    private static State Missed(State state, ReplyClaim claim)
    {
        // Who tapped has not been stopped.
        var tapped = claim.Reply == Outcome.Stopped && state.Last is { Move.IsSubmission: true, IsOpen: true, Outcome: Outcome.Tap };
        var isSure = tapped || claim is { Reply: Outcome.Tap, IsWhoSaid: true };
        return state.Plus(Weights.Of("answer-missed") * (isSure ? 3 : 1));
    }

    // Nothing that was told fits it.
    private static IEnumerable<State> Lost(Decoder decoder, State state, ReplyClaim claim)
    {
        if (Falls.Of(decoder, state, claim) is { } fallen)
        {
            foreach (var next in fallen)
                yield return next;
            yield break;
        }
        // That somebody tapped or was stopped speaks of something told; who is said to have got out has not tapped.
        var by = claim.Whos.Count > 0 ? claim.Whos[0].Is : (Who?)null;
        var tapped =
            claim is { Reply: Outcome.Stopped, IsWhoSaid: true }
            && state.HasLately(e => e is { Outcome: Outcome.Tap, IsOpen: true } && e.By == by, Farthest);
        yield return state.Plus(
            tapped ? 3 * Weights.Of("answer-missed")
            : claim is { Reply: Outcome.Tap, IsWhoSaid: true } ? Weights.Of("answer-lost-tap")
            : Weights.Of("answer-lost")
        );
    }

    // "The second one was blocked": what was tried last, tried once more.
    private static State? Next(State state, ReplyClaim claim)
    {
        // "He hit the kimura and I tapped. The same again": the tap ended the exchange before.
        var first = claim.IsLike && state.IsFresh ? 0 : state.First;
        for (var i = state.Events.Count - 1; i >= Math.Max(first, state.Events.Count - 3); i--)
        {
            var held = state.Events[i];
            var (by, from) = claim.IsReturn ? (held.By.Other(), null) : (held.By, held.From);
            if (
                held.Move is not { Stays: false } move
                || claim.Whos.Count > 0 && claim.Whos[0].Is != by
                || held.Outcome == Outcome.Tap && !claim.IsLike
            )
                continue;
            var outcome =
                claim.IsLike ? held.Outcome
                : claim.Reply is Outcome.Landed or Outcome.Tap ? (move.IsSubmission ? Outcome.Tap : Outcome.Landed)
                : claim.Reply;
            var landed = outcome == Outcome.Landed;
            // Who names a hold and then "the same again" speaks of what came of it.
            var isLeftOpen = claim.IsLike && held is { Move.IsSubmission: true, Outcome: Outcome.Stopped, IsOpen: true };
            var again = held with
            {
                Claim = claim,
                By = by,
                Span = claim.Span,
                Outcome = outcome,
                IsOpen = claim.IsOpen,
                From = from,
                To = landed ? Landing.End(move, by, claim.IsReturn ? null : from ?? held.Before) : null,
                IsToSaid = false,
                IsTapSaid = false,
            };
            return (state with { Events = state.Events.Add(again), Now = landed ? again.To ?? state.Now : held.From ?? held.Before }).Plus(
                Weights.Of("plain-landed") + (isLeftOpen ? Weights.Of("like-left-open") : 0)
            );
        }
        return null;
    }
}
