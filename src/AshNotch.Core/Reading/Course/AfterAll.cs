using AshNotch.Core.Reading.Claims;
using AshNotch.Core.Rolls;

namespace AshNotch.Core.Reading.Course;

/// <summary>Courses after words that say how something was after all: not at all, close when the bell went, tried though only wanted.</summary>
internal static class AfterAll
{
    private const int RightAfter = 16;
    private const int Breath = 80;

    /// <summary>The course; null where the words say nothing of the kind.</summary>
    public static State? Of(State state, Claim claim) =>
        Denied(state, claim) ?? (claim.Denial.IsSure ? Undone(state) : null) ?? CloseAtTheBell(state, claim) ?? OfWish(state, claim);

    /// <summary>The course with the tap that was told last undone; null when it was no tap.</summary>
    public static State? Undone(State state)
    {
        if (state is not { IsFresh: true, Events: [.., { Outcome: Outcome.Tap } doubted] } || state.TakenBack() is not { } open)
            return null;
        var on = doubted with { Outcome = Outcome.Stopped, IsOpen = true, IsTapSaid = false };
        return open with { Events = open.Events.Add(on), Now = on.From ?? on.Before };
    }

    // "I pop to the mount, nope, three quarter", "I pass? No": it was not so.
    private static State? Denied(State state, Claim claim) =>
        claim.Denial.Said
        && state.Last is { } denied
        && claim.Span.Start - denied.Span.End < RightAfter
        && (denied is { Move: null, Outcome: Outcome.Landed } || claim.Denial.IsSure)
            ? state.TakenBack() ?? state
            : null;

    // "And there's the bell. So close."
    private static State? CloseAtTheBell(State state, Claim claim) =>
        claim.Reply == Outcome.Near
        && state
            is {
                IsFresh: true,
                Cuts: [.., { End: ExchangeEnd.Time }],
                Events: [.., { Move.IsSubmission: true, Outcome: Outcome.Stopped } hung]
            }
            ? state.With(state.Events.Count - 1, hung with { Outcome = Outcome.Near, IsOpen = false })
            : null;

    // "I wanted the armbar, and I fell off".
    private static State? OfWish(State state, Claim claim)
    {
        if (
            claim is not { Reply: Outcome.Stopped, IsWeak: false, IsNext: false }
            || state.Wished is not { } wished
            || wished.At != state.Events.Count
            || claim.Span.Start - wished.Claim.Span.End > Breath
            || claim.Whos.Count > 0 && claim.Whos[0].Is != wished.Claim.Whos[0].Is
        )
            return null;
        var by = wished.Claim.Whos[0].Is;
        var tried = new Event(wished.Claim, by, wished.Claim.Move, Outcome.Stopped)
        {
            From = Landing.Start(wished.Claim.Move!, by, state.Now),
            Before = state.Now,
        };
        return state with { Events = state.Events.Add(tried), Wished = null };
    }
}
