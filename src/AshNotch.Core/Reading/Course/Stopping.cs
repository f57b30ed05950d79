using AshNotch.Core.Reading.Claims;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Course;

/// <summary>
/// What comes next may say that an attempt was stopped: "I knee cut, he got the knee shield", "he shot, I sprawled", "toreando, then knee cut".
/// </summary>
internal static class Stopping
{
    private const int Near = 30;

    /// <summary>The course as it is, and, where the next step answers the last attempt or tries another in its place, with that stopped.</summary>
    /// <param name="state">The course.</param>
    /// <param name="claim">What is claimed next.</param>
    /// <param name="by">Who does it.</param>
    public static IEnumerable<State> Ways(State state, NamedClaim claim, Who by)
    {
        var next = claim as MoveClaim;
        var isCounter = next is { IsCounter: true };
        if (state.Last is { } first && next is not null && IsTriedInstead(first, next, by))
        {
            yield return state;
            yield return Stopped(state, first, claim, "tries another after it").Plus(Weights.Of("tried-another"));
            yield break;
        }
        if (
            state.Last is not { Move: { Word: MoveWord.Event } tried, Outcome: Outcome.Landed, IsOpen: true, IsToSaid: false } last
            || last.By == by
            || last.Claim is MoveClaim { IsDone: true } or MoveClaim { IsFirm: true } && !isCounter
            || !claim.IsWhoSaid
            || claim.Span.Start - last.Span.End > (isCounter ? 2 * Near : Near)
            || !isCounter && !Answers(tried.Kind, next?.Move)
        )
        {
            yield return state;
            yield break;
        }
        yield return state.Plus(Weights.Of("came-off-and-answered") * (isCounter ? 3 : 1));
        yield return Stopped(state, last, claim, "is the other one's answer to it").Plus(Weights.Of("answered"));
    }

    private static State Stopped(State state, Event last, Claim claim, string why) =>
        state.With(
            state.Events.Count - 1,
            last with
            {
                Outcome = Outcome.Stopped,
                To = null,
                IsOpen = false,
                Why = last.Why.Add(new Because(claim.Span, why)),
            }
        ) with
        {
            Now = last.From ?? last.Before,
        };

    // "Toreando, leg drag, hip switch": who has passed has no guard left to pass.
    private static bool IsTriedInstead(Event last, MoveClaim next, Who by) =>
        last is { Move: { Word: MoveWord.Event, Kind: MoveKind.Pass } tried }
        && last
            is {
                Outcome: Outcome.Landed,
                IsOpen: true,
                IsToSaid: false,
                Claim: MoveClaim { IsDone: false, IsFirm: false, Outcomes.Count: > 1 }
            }
        && last.By == by
        && next is { Move: { Word: MoveWord.Event } another, IsAgain: false }
        && another.Kind == tried.Kind
        && another != tried;

    private static bool Answers(MoveKind tried, Move? next) =>
        tried switch
        {
            MoveKind.Takedown => next?.Id.Value == "sprawl",
            MoveKind.Pass => next is null or { Kind: MoveKind.GuardRecovery } or { Id.Value: "hip-escape" },
            _ => false,
        };
}
