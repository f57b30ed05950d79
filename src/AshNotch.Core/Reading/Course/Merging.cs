using AshNotch.Core.Reading.Claims;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Course;

/// <summary>Courses on which a move that is claimed is no new one, but the last told once more, or more exactly.</summary>
internal static class Merging
{
    private const int MostCounted = 8;

    /// <summary>The courses; none when it can only be a new one.</summary>
    public static IEnumerable<State> Ways(Decoder decoder, State state, MoveClaim claim)
    {
        foreach (var came in CameOff.Ways(decoder, state, claim))
            yield return came;
        if (TappedWhen(state, claim) is { } named)
            yield return named;
        if (OneOfSeveral(state, claim) is { } counted)
        {
            yield return counted;
            yield break;
        }
        if (state.Last is not { } last || claim.IsAgain || claim.Times > 1 || CostOf(claim, last.By) is not { } cost)
            yield break;
        if (claim.IsNaming && last.Move is { } kin && kin.Kind == claim.Move.Kind)
            yield return Named(state, claim, last);
        else
            foreach (var told in ToldAgain(state, claim, last))
                yield return told.Plus(cost);
    }

    // "I tapped when he got the heel hook": that was what the tap was to.
    private static State? TappedWhen(State state, MoveClaim claim) =>
        claim is { IsMeanwhile: true, Move.IsSubmission: true }
        && state is { IsFresh: true, Events: [.., { Outcome: Outcome.Tap, Claim: TapClaim told } tap] }
        && (tap.Move is null || told.Hurt is not null)
        && CostOf(claim, tap.By) is { } cost
            ? state
                .With(
                    state.Events.Count - 1,
                    tap with
                    {
                        Claim = told with { Hurt = null, Why = claim.Why },
                        Move = claim.Move,
                        Span = Around(tap.Span, claim.Span),
                    }
                )
                .Plus(cost + Weights.Of("named-after"))
            : null;

    /// <summary>What it costs that somebody did what a claim says; null when it says that somebody else did.</summary>
    public static double? CostOf(MoveClaim claim, Who by) =>
        claim.Whos.Count == 0 ? 0.1 : claim.Whos.Where(w => w.Is == by).Select(w => (double?)w.Cost).FirstOrDefault();

    // "Swept me three times: butterfly, butterfly, old school": each names one of them. "Passed me twice with the knee cut": all of them.
    private static State? OneOfSeveral(State state, MoveClaim claim)
    {
        var named = state;
        for (var i = Math.Max(state.First, state.Events.Count - MostCounted); i < state.Events.Count && !claim.IsSentence; i++)
        {
            var counted = state.Events[i];
            if (
                counted
                    is not {
                        Claim: MoveClaim { Times: > 1, Move.Word: MoveWord.General },
                        Outcome: Outcome.Landed or Outcome.Tap,
                        Move: { } sort
                    }
                || sort.Word != MoveWord.General && !IsNamedAlike(state, i)
                || sort.Kind != claim.Move.Kind
                || claim.Move.Word != MoveWord.Event
                || claim.IsWhoSaid && claim.Whos[0].Is != counted.By
            )
                continue;
            named = named.With(i, counted with { Move = claim.Move, Span = claim.Span });
            if (!claim.IsWhoSaid)
                break;
        }
        return ReferenceEquals(named, state) ? null : named.Plus(-1.5);
    }

    // "Passed me twice, first with a knee cut": the one before it was named by the same words.
    private static bool IsNamedAlike(State state, int i) =>
        i > state.First
        && state.Events[i - 1] is var before
        && before.Claim == state.Events[i].Claim
        && before.Span == state.Events[i].Span;

    // "A guillotine, it was an arm-in guillotine".
    private static State Named(State state, MoveClaim claim, Event last)
    {
        var landed = last.Outcome == Outcome.Landed;
        var end = last.IsToSaid || !landed ? last.To : Landing.End(claim.Move, last.By, last.From ?? last.Before);
        var known = last with { Move = claim.Move, To = end, Span = new Span(last.Span.Start, claim.Span.End) };
        return (state.With(state.Events.Count - 1, known) with { Now = landed ? end ?? state.Now : state.Now }).Plus(-1.5);
    }

    private static IEnumerable<State> ToldAgain(State state, MoveClaim claim, Event last)
    {
        var move = claim.Move;
        // "Pass attempt, denied; pass attempt, denied": one more each time.
        var isSame =
            last.Move == move
            && !claim.IsSentence
            && (last.IsOpen || claim is { IsTried: false } and ({ IsJoined: true } or { IsBare: false }));
        var isNamed = last is { Move: null, Outcome: Outcome.Landed, To: not null } && move.To?.SeenBy(last.By) == last.To;
        var isExact = IsMoreExact(claim, last);
        var isGeneral = IsMoreGeneral(claim, last);
        if (!isSame && !isNamed && !isExact && !isGeneral)
            yield break;
        foreach (var (outcome, outcomeCost) in claim.Outcomes)
        {
            // "Passed, knee cut": that it came off stays said.
            var kept = isExact && last.Outcome is Outcome.Landed or Outcome.Tap && claim.IsOpen ? last.Outcome : outcome;
            if (isSame && last.Outcome is Outcome.Landed or Outcome.Tap && !last.IsOpen && kept != last.Outcome)
                continue;
            foreach (var to in Moves.Maybe(kept == Outcome.Landed ? claim.ToOf?.Invoke(last.By) ?? claim.To : []))
            {
                var named = isGeneral ? last.Move! : move;
                var reached =
                    kept == Outcome.Landed
                        ? to.Is ?? (last.IsToSaid || isNamed ? last.To : Landing.End(named, last.By, last.From ?? last.Before))
                        : null;
                var put = last with
                {
                    Move = named,
                    Outcome = kept,
                    To = reached,
                    IsToSaid = last.IsToSaid || to.Is is not null,
                    IsOpen = claim.IsOpen,
                    Span = isSame || isExact || isGeneral ? Around(last.Span, claim.Span) : claim.Span,
                    IsTapSaid = last.IsTapSaid || claim.IsTapSaid,
                };
                var now = kept == Outcome.Landed ? reached ?? last.From ?? last.Before : last.From ?? last.Before;
                yield return (state.With(state.Events.Count - 1, put) with { Now = now }).Plus(
                    outcomeCost + to.Cost + (isSame ? Weights.Of("told-again") : Weights.Of("named-after"))
                );
            }
        }
    }

    /// <summary>All the words of two spans.</summary>
    public static Span Around(Span one, Span other) => new(Math.Min(one.Start, other.Start), Math.Max(one.End, other.End));

    // "Swept him, scissor sweep"; "he comes up, waiter sweep".
    private static bool IsMoreExact(MoveClaim claim, Event last) =>
        !claim.IsSentence
        && last is { Move: { } general }
        && (last.IsOpen || last.Outcome == Outcome.Tap && claim is { IsBare: true, IsJoined: true })
        && (
            general.Word == MoveWord.General && general.Kind == claim.Move.Kind
            || general.Id.Value == "come-up-on-top" && claim is { Move.Kind: MoveKind.Sweep, IsBare: true }
        )
        && claim.Move.Word == MoveWord.Event
        && (
            general.SubmissionClass is null
            || general.SubmissionClass == claim.Move.SubmissionClass
            || IsOfLeg(general) && IsOfLeg(claim.Move)
        );

    private static bool IsOfLeg(Move move) => move.SubmissionClass is SubmissionClass.StraightLeg or SubmissionClass.TwistingLeg;

    // "Knee cut, passed"; "Body lock. I pass."
    private static bool IsMoreGeneral(MoveClaim claim, Event last) =>
        (!claim.IsSentence || claim.Move.IsSubmission || last.Claim is NamedClaim { IsBare: true })
        && claim.Move.Word == MoveWord.General
        && last is { IsOpen: true, Move: { } before }
        && before.Kind == claim.Move.Kind
        // An armbar is no choke: "armbarred by Oak, choked by Elm" are two.
        && (claim.Move.SubmissionClass is not { } told || before.SubmissionClass is not { } known || IsAlike(told, known));

    private static bool IsAlike(SubmissionClass one, SubmissionClass other) =>
        one == other || one != SubmissionClass.Strangle && other != SubmissionClass.Strangle;
}
