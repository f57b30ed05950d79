using AshNotch.Core.Reading.Claims;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Course;

/// <summary>
/// What the other one does next may say that an attempt was stopped: "I knee cut, he got the knee shield", "he shot, I sprawled".
/// </summary>
internal static class Stopping
{
    private const int Near = 30;

    /// <summary>The course as it is, and, where the next step of the other one answers the last attempt, the course with that stopped.</summary>
    /// <param name="state">The course.</param>
    /// <param name="claim">What is claimed next.</param>
    /// <param name="kind">Of what kind that is; null for coming to a place.</param>
    /// <param name="by">Who does it.</param>
    public static IEnumerable<State> Ways(State state, Claim claim, MoveKind? kind, Who by)
    {
        if (
            state.Last is not { Move: { Word: MoveWord.Event } tried, Outcome: Outcome.Landed, IsOpen: true, IsToSaid: false } last
            || last.By == by
            || (last.Claim.IsDone || last.Claim.IsFirm) && !claim.IsCounter
            || !claim.IsWhoSaid
            || claim.Span.Start - last.Span.End > (claim.IsCounter ? 2 * Near : Near)
            || !claim.IsCounter && !Answers(tried.Kind, kind, claim.Move)
        )
        {
            yield return state;
            yield break;
        }
        yield return state.Plus(Weights.Of("came-off-and-answered") * (claim.IsCounter ? 3 : 1));
        yield return (
            state.With(
                state.Events.Count - 1,
                last with
                {
                    Outcome = Outcome.Stopped,
                    To = null,
                    IsOpen = false,
                    Why = last.Why.Add(new Because(claim.Span, "is the other one's answer to it")),
                }
            ) with
            {
                Now = last.From ?? last.Before,
            }
        ).Plus(Weights.Of("answered"));
    }

    private static bool Answers(MoveKind tried, MoveKind? next, Move? move) =>
        tried switch
        {
            MoveKind.Takedown => move?.Id.Value == "sprawl",
            MoveKind.Pass => next is null or MoveKind.GuardRecovery || move?.Id.Value == "hip-escape",
            _ => false,
        };
}
