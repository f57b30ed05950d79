using AshNotch.Core.Reading.Claims;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Course;

/// <summary>Courses after words that say how something was after all: not at all, close when the bell went, tried though only wanted.</summary>
internal static class AfterAll
{
    private const int RightAfter = 16;
    private const int Breath = 80;

    /// <summary>The course; null where the words say nothing of the kind.</summary>
    public static State? Of(Decoder decoder, State state, ReplyClaim claim) =>
        Denied(state, claim)
        ?? (claim.Denial.IsSure ? Undone(state) : null)
        ?? CloseAtTheBell(state, claim)
        ?? OfWish(decoder, state, claim);

    /// <summary>The course with the tap that was told last undone; null when it was no tap.</summary>
    public static State? Undone(State state)
    {
        if (state is not { IsFresh: true, Events: [.., { Outcome: Outcome.Tap } doubted] } || state.TakenBack() is not { } open)
            return null;
        var on = doubted with { Outcome = Outcome.Stopped, IsOpen = true, IsTapSaid = false };
        return open with { Events = open.Events.Add(on), Now = on.From ?? on.Before };
    }

    // "I pop to the mount, nope, three quarter", "I pass? No": it was not so.
    private static State? Denied(State state, ReplyClaim claim) =>
        claim.Denial.Said
        && state.Last is { } denied
        && claim.Span.Start - denied.Span.End < RightAfter
        && (denied is { Move: null, Outcome: Outcome.Landed } || claim.Denial.IsSure)
            ? state.TakenBack() ?? state
            : null;

    // "And there's the bell. So close."
    private static State? CloseAtTheBell(State state, ReplyClaim claim) =>
        claim.Reply == Outcome.Near
        && state
            is {
                IsFresh: true,
                Cuts: [.., { End: ExchangeEnd.Time }],
                Events: [.., { Move.IsSubmission: true, Outcome: Outcome.Stopped } hung]
            }
            ? state.With(state.Events.Count - 1, hung with { Outcome = Outcome.Near, IsOpen = false })
            : null;

    // "I wanted the armbar, and I fell off", "I was told to take the back, and I did".
    private static State? OfWish(Decoder decoder, State state, ReplyClaim claim)
    {
        if (
            claim is not ({ Reply: Outcome.Stopped, IsWeak: false, IsNext: false } or { IsOfWish: true })
            || state.Wished is not { } wished
            || wished.At != state.Events.Count
            || claim.Span.Start - wished.Claim.Span.End > Breath
            || claim.Whos.Count > 0 && claim.Whos[0].Is != wished.Claim.Whos[0].Is
            || wished.Claim.IsWeak && !claim.IsOfWish
        )
            return claim.IsOfWish ? state : null;
        var (by, move) = (wished.Claim.Whos[0].Is, wished.Claim.Move);
        Place? place = wished.Claim.To is [{ } likeliest, ..] ? likeliest.Is : null;
        var done = claim.IsOfWish;
        var tried = new Event(
            wished.Claim,
            by,
            move ?? (done ? null : (place is null ? null : decoder.Entry(place, by))),
            done ? (move is { IsSubmission: true } ? Outcome.Tap : Outcome.Landed) : Outcome.Stopped
        )
        {
            From = move is null ? state.Now : Landing.Start(move, by, state.Now),
            Before = state.Now,
            IsOpen = done,
        };
        if (done)
            tried = tried with { To = move is null ? place : Landing.End(move, by, tried.From ?? state.Now) };
        return state with { Events = state.Events.Add(tried), Wished = null, Now = tried.To ?? state.Now };
    }
}
