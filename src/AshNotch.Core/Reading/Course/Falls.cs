using AshNotch.Core.Reading.Claims;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Course;

/// <summary>Courses after somebody fell whom no move that is still open brought down: the other one did it, and from where they were it is known how.</summary>
internal static class Falls
{
    private const int Farthest = 3;
    private const int MostGrips = 2;

    /// <summary>The courses that may follow; null when the words tell of no fall, or nobody can have been brought down from there.</summary>
    public static IReadOnlyList<State>? Of(Decoder decoder, State state, ReplyClaim claim)
    {
        if (!claim.IsFall)
            return null;
        var by = claim.Whos[0].Is;
        if (FinishedLate(state, claim, by) is { } late)
            return [late];
        return
            (state.Now ?? (state.IsFresh || IsOnlyGripped(state) ? decoder.Standing : null)) is { } before
            && decoder.Felling(before, by) is { } felling
            ? [Felled(state, claim, new Event(claim, by, felling, Outcome.Landed), before), state.Plus(1)]
            : null;
    }

    // "I lift him and he goes over": who played the guard swept, who stood took down.
    private static State Felled(State state, ReplyClaim claim, Event felling, Place before)
    {
        var felled = felling with
        {
            From = before,
            Before = before,
            To = Landing.End(felling.Move!, claim.Whos[0].Is, before),
            IsOpen = true,
        };
        return state with
        {
            Events = state.Events.Add(felled),
            Now = felled.To,
            Start = state.Events.Count == state.First ? state.Start ?? before : state.Start,
        };
    }

    // "He shot, I sprawled, he kept the leg and I went down": he finished it after all.
    private static State? FinishedLate(State state, ReplyClaim claim, Who by)
    {
        for (var i = state.Events.Count - 1; i >= Math.Max(state.First, state.Events.Count - Farthest); i--)
        {
            if (state.Events[i] is { Move: { Kind: MoveKind.Takedown } shot, Outcome: Outcome.Stopped } held && held.By == by)
            {
                var end = Landing.End(shot, held.By, held.From ?? held.Before);
                var done = held with
                {
                    Outcome = Outcome.Landed,
                    To = end,
                    IsOpen = false,
                    Why = held.Why.Add(new Because(claim.Span, "says how it came out")),
                };
                return state.With(i, done) with { Now = end };
            }
            if (state.Events[i] is { Outcome: Outcome.Landed, Move: not ({ Stays: true } or { Id.Value: "sprawl" }) })
                return null;
        }
        return null;
    }

    // "He bear-hugged me, and I was on the floor": nothing but grips were told.
    private static bool IsOnlyGripped(State state) =>
        state.Start is null
        && state.Events.Count - state.First <= MostGrips
        && state.Events.Skip(state.First).All(e => e.Move is { Stays: true });
}
