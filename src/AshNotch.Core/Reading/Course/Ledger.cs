using AshNotch.Core.Reading.Claims;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Course;

/// <summary>Courses after a tap was told: it belongs to exactly one submission.</summary>
internal static class Ledger
{
    private const int Farthest = 4;

    /// <summary>Somebody tapped.</summary>
    public static IEnumerable<State> Tap(Decoder decoder, State state, TapClaim claim)
    {
        if (state.Sum is { } sum)
        {
            yield return sum.Told ? state with { Sum = null } : state;
            yield break;
        }
        if (state.PutsRight(claim))
        {
            state = state with { Repairs = null };
            if (state.Events.Count > 0 && state.Events[^1].Outcome == Outcome.Tap && claim.Whos.Count > 0)
            {
                var last = state.Events[^1];
                yield return state
                    .With(state.Events.Count - 1, last with { By = claim.Whos[0].Is.Other(), IsTapSaid = true })
                    .Plus(claim.Whos[0].Cost);
                yield break;
            }
        }
        foreach (
            var next in claim.Whos.Count > 0
                ? claim.Whos.SelectMany(w => By(decoder, state, claim, w.Is.Other(), w.Cost))
                : Unsaid(decoder, state, claim)
        )
            yield return next;
    }

    // "Armbar, tap": whoever applied it got it.
    private static IEnumerable<State> Unsaid(Decoder decoder, State state, TapClaim claim)
    {
        Event? last = null;
        for (var i = state.Events.Count - 1; i >= Math.Max(state.First, state.Events.Count - Farthest) && last is null; i--)
            last = state.Events[i] is { Move.IsSubmission: true } applied ? applied : null;
        if (last is not null)
            return By(decoder, state, claim, last.By, 0);
        if (Restated(state, claim, null) is { } told)
            return [told];
        return By(decoder, state, claim, Who.Me, 0.6).Concat(By(decoder, state, claim, Who.Partner, 0.5));
    }

    private static IEnumerable<State> By(Decoder decoder, State state, TapClaim claim, Who by, double cost)
    {
        if (!claim.IsAgain && Restated(state, claim, by) is { } told)
        {
            yield return told.Plus(cost);
            yield break;
        }
        for (var i = state.Events.Count - 1; i >= Math.Max(state.First, state.Events.Count - Farthest); i--)
        {
            var held = state.Events[i];
            if (held.By != by || held.Move is not { IsSubmission: true })
                continue;
            var between = state.Events.Count - 1 - i;
            var put = held with
            {
                Outcome = Outcome.Tap,
                To = null,
                IsOpen = false,
                IsTapSaid = true,
                Why = held.Why.Add(new Because(claim.Span, "says that there was a tap")),
                IsWhoSaid = held.IsWhoSaid || claim.IsWhoSaid,
            };
            yield return state
                .With(i, put)
                .Closed(ExchangeEnd.Tap)
                .Plus(
                    cost
                        + Weights.Of("tap-farther") * between
                        + (state.NoTaps ? 2 : 0)
                        + (held.Outcome is Outcome.Stopped or Outcome.Tap or Outcome.Near or Outcome.Threatened ? 0 : 0.5)
                );
            yield break;
        }
        var tap = new Event(claim, by, decoder.Hurting(claim, by), Outcome.Tap)
        {
            From = state.Now,
            Before = state.Now,
            IsTapSaid = true,
        };
        yield return (
            state with
            {
                Events = state.Events.Add(tap),
                Start = state.Events.Count == state.First ? state.Start ?? state.Now : state.Start,
            }
        )
            .Closed(ExchangeEnd.Tap)
            .Plus(cost + Weights.Of("tap-of-nothing") + (state.NoTaps ? 2 : 0));
    }

    // The tap that ended the exchange before, told once more.
    private static State? Restated(State state, TapClaim claim, Who? by)
    {
        if (!state.IsFresh || state.Events.Count == 0 || claim.IsAgain)
            return null;
        var last = state.Events[^1];
        return last.Outcome == Outcome.Tap && (by is null || last.By == by)
            ? state.With(state.Events.Count - 1, last with { IsTapSaid = true, IsWhoSaid = last.IsWhoSaid || claim.IsWhoSaid })
            : null;
    }

    /// <summary>Without the result that the telling opened with, where that tap is told in its place.</summary>
    public static State ToldInItsPlace(State state)
    {
        if (state is not { Cuts: [{ Until: 1 }, ..], Events: [{ Claim: MoveClaim { IsResult: true } } result, ..] })
            return state;
        var later = state.Events.Skip(1).ToList();
        var told = later.FindLastIndex(e => e.Outcome == Outcome.Tap && e.By == result.By && (e.Move is null || e.Move == result.Move));
        if (told < 0)
            return state;
        later[told] = later[told] with { Move = result.Move };
        return state with { Events = [.. later], Cuts = [.. state.Cuts.Skip(1).Select(c => c with { Until = c.Until - 1 })] };
    }

    /// <summary>Nobody tapped, or this one did not.</summary>
    public static IEnumerable<State> NoTap(State state, Claim claim)
    {
        if (claim.Whos.Count > 0)
        {
            var by = claim.Whos[0].Is.Other();
            for (var i = state.Events.Count - 1; i >= Math.Max(0, state.Events.Count - 3); i--)
            {
                if (state.Events[i] is { Move.IsSubmission: true } held && held.By == by)
                {
                    yield return held.Outcome == Outcome.Tap
                        ? state.With(i, held with { Outcome = Outcome.Near, IsOpen = false }).Plus(0.1)
                        : state.With(i, held with { IsOpen = false });
                    yield break;
                }
            }
            yield return state;
            yield break;
        }
        if (state.NoTaps)
        {
            yield return state;
            yield break;
        }
        var untold = state.Events.Count(e => e.Outcome == Outcome.Tap);
        yield return (state with { NoTaps = true }).Plus(2.5 * untold);
    }
}
