using AshNotch.Core.Reading.Claims;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Course;

/// <summary>Courses on which what is told next only says that the last move came off: "shot a double and got on top".</summary>
internal static class CameOff
{
    /// <summary>The courses; none when it is a move of its own.</summary>
    public static IEnumerable<State> Ways(Decoder decoder, State state, MoveClaim claim)
    {
        foreach (var came in CameUp(state, claim))
            yield return came;
        foreach (var one in new[] { GotBehind(state, claim), RolledOver(decoder, state, claim), ThereAlready(decoder, state, claim) })
            if (one is not null)
                yield return one;
    }

    // "Shot a double and got on top", "tilted him and came up": that it came off.
    private static IEnumerable<State> CameUp(State state, MoveClaim claim)
    {
        if (
            claim.Move.Id.Value != "come-up-on-top"
            || state.Last is not { Move.Kind: MoveKind.Sweep or MoveKind.Takedown } under
            || !under.IsOpen && under.Outcome != Outcome.Landed
        )
            yield break;
        foreach (var (who, whoCost) in claim.Whos.Count > 0 ? claim.Whos : Moves.Either)
        foreach (var to in Moves.Maybe(claim.ToOf?.Invoke(who) ?? claim.To))
        {
            if (who != under.By)
                continue;
            var there = to.Is ?? under.To ?? Landing.End(under.Move!, who, under.From ?? under.Before);
            var came = under with { Outcome = Outcome.Landed, To = there, IsToSaid = under.IsToSaid || to.Is is not null };
            yield return (state.With(state.Events.Count - 1, came) with { Now = there ?? state.Now }).Plus(
                whoCost + to.Cost + Weights.Of("came-up")
            );
        }
    }

    // "I bridged and rolled him": one escape.
    private static State? RolledOver(Decoder decoder, State state, MoveClaim claim) =>
        claim is { IsWeak: true, Move.Id.Value: "sweep" }
        && state.Last is { Move.Id.Value: "bridge", IsOpen: true } bridged
        && decoder.BridgeAndRoll is { } roll
            ? Put(
                state,
                claim,
                bridged with
                {
                    Move = roll,
                    Outcome = Outcome.Landed,
                    To = Landing.End(roll, bridged.By, bridged.From ?? bridged.Before),
                    Span = Merging.Around(bridged.Span, claim.Span),
                }
            )
            : null;

    // "He does a pendulum. And I'm mounted": the sweep led there.
    private static State? ThereAlready(Decoder decoder, State state, MoveClaim claim) =>
        state is { Last: { Outcome: Outcome.Landed, Move: { Stays: false } } led, Now: { } now }
        && led.To == now
        && decoder.Entry(now, led.By) == claim.Move
            ? Put(state, claim, led with { Span = Merging.Around(led.Span, claim.Span) })
            : null;

    // "Hit the arm drag and was behind him": that it came off.
    private static State? GotBehind(State state, MoveClaim claim) =>
        claim is { IsWeak: true, Move.Id.Value: "go-behind" }
        && state.Last is { Move: { } move, IsOpen: true } led
        && move.Id.Value != "go-behind"
        && Landing.End(move, led.By, led.From ?? led.Before) is { Position.Family: Family.Back or Family.Turtle } there
        && there.Position.Id != "front-headlock"
        && there.SeenBy(led.By).IsTop
            ? Put(state, claim, led with { Outcome = Outcome.Landed, To = led.To ?? there, IsOpen = false })
            : null;

    // The course with the last move as it came off; null when the claim says that somebody else did it.
    private static State? Put(State state, MoveClaim claim, Event came) =>
        Merging.CostOf(claim, came.By) is { } cost
            ? (state.With(state.Events.Count - 1, came) with { Now = came.To ?? state.Now }).Plus(
                cost + Weights.Of("plain-landed") + Weights.Of("came-up")
            )
            : null;
}
