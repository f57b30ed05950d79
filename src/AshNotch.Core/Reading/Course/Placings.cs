using AshNotch.Core.Reading.Claims;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Course;

/// <summary>Courses after the two were said to be in a place, or to come to it.</summary>
internal static class Placings
{
    /// <summary>The courses that may follow.</summary>
    public static IEnumerable<State> After(State state, PlaceClaim claim, MatVocabulary vocabulary)
    {
        if (state.Sum is not null)
            state = state.Sum.Value.Told ? state with { Sum = null } : Decoder.SumDone(state);
        if (claim.IsRecap)
        {
            yield return state.Plus(0.2);
            yield break;
        }
        if (state.PutsRight(claim))
        {
            state = state with { Repairs = null };
            if (state.Last is { Move: null } taken && claim.Coming != Coming.Tries)
                state = state with { Events = state.Events.WithoutLast(), Now = taken.Before };
        }
        var cost = 0.0;
        if (state.Last is { Outcome: Outcome.Tap } tapped)
        {
            cost = tapped.IsTapSaid ? 0 : Weights.Of("tap-goes-on");
            state = state.Closed(ExchangeEnd.Tap);
        }
        foreach (var (place, placeCost) in claim.To)
        foreach (var next in To(state, claim, place, vocabulary))
            yield return Understood(next, claim, place).Plus(cost + placeCost);
    }

    private static State Understood(State state, PlaceClaim claim, Place place) =>
        claim.Found is { } name
            ? state with
            {
                Understood = state.Understood.Add((name, place, claim.IsWhoSaid ? claim.Whos[0].Is : null)),
            }
            : state;

    private static IEnumerable<State> To(State state, PlaceClaim claim, Place place, MatVocabulary vocabulary)
    {
        if (claim.Coming == Coming.Leaves)
            return [Left(state, claim, place, vocabulary)];
        if (claim.Coming == Coming.Tries)
            return Tried(state, claim, place, vocabulary);
        if (place.Position.Id == "standing" && claim.Coming == Coming.Is && (state.Now is not null || state.Events.Count > state.First))
            return [state];
        return Came(state, claim, place, vocabulary);
    }

    private static State Left(State state, PlaceClaim claim, Place place, MatVocabulary vocabulary)
    {
        var by = claim.Whos.Count > 0 ? claim.Whos[0].Is : Who.Me;
        var left = new Event(claim, by, vocabulary.Move(new MoveId("escape")), Outcome.Landed)
        {
            From = place,
            IsFromSaid = true,
            Before = state.Now,
            IsOpen = true,
        };
        return (state with { Events = state.Events.Add(left), Start = Started(state, place), Now = null }).Plus(
            (place.SeenBy(by).IsTop ? 2 : 0) + Gaining.Apart(state.Now, place)
        );
    }

    private static IEnumerable<State> Tried(State state, PlaceClaim claim, Place place, MatVocabulary vocabulary)
    {
        foreach (var (by, whoCost) in claim.Whos.Count > 0 ? claim.Whos : [new May<Who>(Who.Me, 0.2)])
        {
            var wanted = place.SeenBy(by);
            var tried = new Event(claim, by, Entry.To(place, by, vocabulary), claim.Outcomes[0].Is)
            {
                From = state.Now,
                To = place,
                Before = state.Now,
                IsOpen = true,
            };
            yield return (state with { Events = state.Events.Add(tried), Start = Started(state, state.Now) }).Plus(
                whoCost + (wanted.Position.Holder == wanted.Role ? 0 : 1)
            );
        }
    }

    private static IEnumerable<State> Came(State state, PlaceClaim claim, Place place, MatVocabulary vocabulary)
    {
        // "He tried a choke. From bottom half!"
        if (claim.IsOrigin && state.Last is { Move: not null, IsFromSaid: false } begun)
        {
            yield return state
                .With(state.Events.Count - 1, begun with { From = place, IsFromSaid = true })
                .Plus(Moves.Fit(begun.Move, place, begun.By));
            if (begun.Outcome != Outcome.Landed)
                yield break;
        }
        // "From combat base he tried to fold me": where they were, which nobody had told.
        if (claim.IsOrigin && claim.IsSentenceOpener && state.Now is not null && state.Now != place)
            yield return (state with { Now = place }).Plus(Gaining.Apart(state.Now, place) + Weights.Of("new-place-reached"));
        if (state.Now == place)
        {
            var isHold = state.Last is { Move.Id.Value: "sprawl", IsToSaid: false } && claim.Coming == Coming.Reaches;
            yield return isHold ? HeldAfterSprawl(state, claim, place) : ToldOnceMore(state, place);
            if (isHold || !claim.IsAgain)
                yield break;
        }
        // "I bridged him over, ended in his guard": in whichever of his guards it was.
        if (IsAnyGuard(claim, place) && state.Now is { IsGuard: true, Position.Id: not "half-guard" } guard && guard.IsTop == place.IsTop)
        {
            yield return ToldOnceMore(state, guard);
            yield break;
        }
        if (IsOpening(state, claim))
        {
            yield return state with
            {
                Start = place,
                Now = place,
                StartWords = claim.Span,
            };
            if (claim.Coming == Coming.Is || !claim.IsWhoSaid)
                yield break;
        }
        var instead = 0.0;
        if (Amending.Amended(state, claim, place) is { } amended)
        {
            yield return amended;
            // Where the last attempt leads by itself, it led there.
            if (state.Last is { Move: { } led, Outcome: not Outcome.Landed } tried && led.To?.SeenBy(tried.By) == place)
                instead = Weights.Of("led-as-usual");
        }
        foreach (var kept in KeptInGuard(state, claim, place))
            yield return kept;
        foreach (var reached in Reached(state, claim, place, vocabulary))
            yield return reached.Plus(instead);
    }

    // "He sprawled, front headlock": a sprawl does not yet hold the head.
    private static State HeldAfterSprawl(State state, PlaceClaim claim, Place place)
    {
        var sprawl = state.Last!;
        var before = state.With(state.Events.Count - 1, sprawl with { To = null });
        return before with { Events = before.Events.Add(Reaching(claim, sprawl.By, null, sprawl.From, place)) };
    }

    private static bool IsAnyGuard(PlaceClaim claim, Place place) => claim.Found is { Count: 1 } && place.Position.Id == "open-guard";

    // "Mount, again".
    private static State ToldOnceMore(State state, Place place) =>
        state.Last is { } last && last.To == place
            ? state.With(state.Events.Count - 1, last with { IsToSaid = true, IsOpen = last.Move is { IsSubmission: true } && last.IsOpen })
            : state;

    private static bool IsOpening(State state, PlaceClaim claim) =>
        state.Events.Count == state.First
        && state.Start is null
        && (claim.Coming == Coming.Is || claim.Whos.Count == 0 || !claim.IsWhoSaid);

    // "I knee cut, he got half guard": it was stopped there.
    private static IEnumerable<State> KeptInGuard(State state, PlaceClaim claim, Place place)
    {
        if (!place.IsGuard || claim.Coming != Coming.Reaches || claim.Whos.Count == 0 || !place.SeenBy(claim.Whos[0].Is).IsBottom)
            yield break;
        foreach (var stopped in Stopping.Ways(state, claim, claim.Whos[0].Is).Skip(1))
        {
            var kept = Reaching(claim, claim.Whos[0].Is, null, stopped.Now, place);
            yield return (stopped with { Events = stopped.Events.Add(kept), Now = place }).Plus(claim.Whos[0].Cost);
        }
    }

    private static IEnumerable<State> Reached(State state, PlaceClaim claim, Place place, MatVocabulary vocabulary)
    {
        var gainer = claim.IsEscape && claim.Whos.Count > 0 ? claim.Whos[0].Is : Gaining.Gainer(state.Now, place);
        foreach (var (by, whoCost) in Gaining.Whos(claim, gainer, place))
        {
            var escape = claim.IsEscape && claim.Whos.Any(w => w.Is == by) ? vocabulary.Move(new MoveId("escape")) : null;
            var reached = Reaching(claim, by, escape, state.Now, place);
            yield return (state with { Events = state.Events.Add(reached), Start = Started(state, state.Now), Now = place }).Plus(
                (claim.IsWhoSaid || !Gaining.IsHeldOn(state.Now, place) ? whoCost : 0)
                    + (claim.Coming == Coming.Is ? Weights.Of("new-place-is") : Weights.Of("new-place-reached"))
                    + Gaining.Apart(state.Now, place)
            );
        }
    }

    private static Event Reaching(PlaceClaim claim, Who by, Move? move, Place? from, Place to) =>
        new(claim, by, move, Outcome.Landed)
        {
            From = from,
            To = to,
            IsToSaid = true,
            Before = from,
            IsOpen = true,
        };

    private static Place? Started(State state, Place? from) => state.Events.Count == state.First ? state.Start ?? from : state.Start;
}
