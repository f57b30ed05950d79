using AshNotch.Core.Reading.Claims;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Course;

/// <summary>Courses after the two were said to be in a place, or to come to it.</summary>
internal static class Placings
{
    /// <summary>The courses that may follow.</summary>
    public static IEnumerable<State> After(State state, Claim claim, MatVocabulary vocabulary)
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
                state = state with { Events = state.Events.RemoveAt(state.Events.Count - 1), Now = taken.Before };
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

    private static State Understood(State state, Claim claim, Place place) =>
        claim.Found is { } name
            ? state with
            {
                Understood = state.Understood.Add((name, place, claim.IsWhoSaid ? claim.Whos[0].Is : null)),
            }
            : state;

    private static IEnumerable<State> To(State state, Claim claim, Place place, MatVocabulary vocabulary)
    {
        if (claim.Coming == Coming.Leaves)
        {
            var by = claim.Whos.Count > 0 ? claim.Whos[0].Is : Who.Me;
            var escape = vocabulary.Move(new MoveId("escape"));
            var left = new Event(claim, by, escape, Outcome.Landed)
            {
                From = place,
                IsFromSaid = true,
                Before = state.Now,
                IsOpen = true,
            };
            var seen = place.SeenBy(by);
            yield return (state with { Events = state.Events.Add(left), Start = Started(state, place), Now = null }).Plus(
                (seen.IsTop ? 2 : 0) + Apart(state.Now, place)
            );
            yield break;
        }
        if (claim.Coming == Coming.Tries)
        {
            foreach (var (by, whoCost) in claim.Whos.Count > 0 ? claim.Whos : [new May<Who>(Who.Me, 0.2)])
            {
                var wanted = place.SeenBy(by);
                var tried = new Event(claim, by, null, Outcome.Stopped)
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
            yield break;
        }
        if (place.Position.Id == "standing" && claim.Coming == Coming.Is && (state.Now is not null || state.Events.Count > state.First))
        {
            yield return state;
            yield break;
        }
        // "He tried a choke. From bottom half!"
        if (claim.IsOrigin && state.Last is { Move: not null, IsFromSaid: false } begun)
        {
            yield return state
                .With(state.Events.Count - 1, begun with { From = place, IsFromSaid = true })
                .Plus(Moves.Fit(begun.Move, place, begun.By));
            if (begun.Outcome != Outcome.Landed)
                yield break;
        }
        if (state.Now == place)
        {
            var last = state.Last;
            // "He sprawled, front headlock": a sprawl does not yet hold the head.
            if (last is { Move.Id.Value: "sprawl", IsToSaid: false } && claim.Coming == Coming.Reaches)
            {
                var held = new Event(claim, last.By, null, Outcome.Landed)
                {
                    From = last.From,
                    To = place,
                    IsToSaid = true,
                    Before = last.From,
                    IsOpen = true,
                };
                var before = state.With(state.Events.Count - 1, last with { To = null });
                yield return before with
                {
                    Events = before.Events.Add(held),
                };
                yield break;
            }
            // "Mount, again": told once more.
            if (last is not null && last.To == place)
                yield return state.With(
                    state.Events.Count - 1,
                    last with
                    {
                        IsToSaid = true,
                        IsOpen = last.Move is { IsSubmission: true } && last.IsOpen,
                    }
                );
            else
                yield return state;
            if (!claim.IsAgain)
                yield break;
        }
        if (
            state.Events.Count == state.First
            && state.Start is null
            && (claim.Coming == Coming.Is || claim.Whos.Count == 0 || !claim.IsWhoSaid)
        )
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
        if (Amended(state, claim, place) is { } amended)
        {
            yield return amended;
            // Where the last attempt leads by itself, it led there.
            if (state.Last is { Move: { } led, Outcome: not Outcome.Landed } tried && led.To?.SeenBy(tried.By) == place)
                instead = Weights.Of("led-as-usual");
        }
        var gainer = Gainer(state.Now, place);
        // "I knee cut, he got half guard": it was stopped there.
        if (place.IsGuard && claim.Coming == Coming.Reaches && claim.Whos.Count > 0 && place.SeenBy(claim.Whos[0].Is).IsBottom)
            foreach (var stopped in Stopping.Ways(state, claim, null, claim.Whos[0].Is).Skip(1))
            {
                var kept = new Event(claim, claim.Whos[0].Is, null, Outcome.Landed)
                {
                    From = stopped.Now,
                    To = place,
                    IsToSaid = true,
                    Before = stopped.Now,
                    IsOpen = true,
                };
                yield return (stopped with { Events = stopped.Events.Add(kept), Now = place }).Plus(claim.Whos[0].Cost);
            }
        foreach (var (by, whoCost) in Whos(claim, claim.IsEscape && claim.Whos.Count > 0 ? claim.Whos[0].Is : gainer, place))
        {
            var escape = claim.IsEscape && claim.Whos.Any(w => w.Is == by) ? vocabulary.Move(new MoveId("escape")) : null;
            var reached = new Event(claim, by, escape, Outcome.Landed)
            {
                From = state.Now,
                To = place,
                IsToSaid = true,
                Before = state.Now,
                IsOpen = true,
            };
            yield return (state with { Events = state.Events.Add(reached), Start = Started(state, state.Now), Now = place }).Plus(
                whoCost
                    + (claim.Coming == Coming.Is ? Weights.Of("new-place-is") : Weights.Of("new-place-reached"))
                    + Apart(state.Now, place)
                    + instead
            );
        }
    }

    private static Place? Started(State state, Place? from) => state.Events.Count == state.First ? state.Start ?? from : state.Start;

    // The one who is better off there brought it about; else the one who is said to be there.
    private static IEnumerable<May<Who>> Whos(Claim claim, Who? gainer, Place place)
    {
        if (gainer is { } by)
        {
            var saidOther = claim.IsWhoSaid && claim.Whos[0].Is != by;
            var told = claim.Whos.Where(w => w.Is == by).Select(w => w.Cost).FirstOrDefault(0);
            yield return new May<Who>(by, saidOther ? 0.5 : told);
            if (saidOther)
                yield return new May<Who>(by.Other(), claim.Coming == Coming.Reaches ? 0.2 : 1);
            yield break;
        }
        foreach (var who in claim.Whos)
            yield return who;
        if (claim.Whos.Count == 0)
            yield return new May<Who>(place.SeenBy(Who.Me).Role == place.Position.Holder ? Who.Me : Who.Partner, 0.3);
    }

    private static Who? Gainer(Place? now, Place place)
    {
        if (now is null || place.Control == now.Control)
            return place.IsMine ? Who.Me
                : place.Role == Role.Neutral ? null
                : Who.Partner;
        return place.Control > now.Control ? Who.Me : Who.Partner;
    }

    // From top to bottom without a word of how costs.
    private static double Apart(Place? now, Place place)
    {
        if (now is null || now.Role == Role.Neutral || place.Role == Role.Neutral)
            return 0.2;
        if (now.Position == place.Position)
            return now == place ? 0 : Weights.Of("same-other-way");
        // Who is below enters the legs as well as who is above.
        return now.IsTop == place.IsTop || place.Position.Family == Family.Legs ? 0 : Weights.Of("turned-over");
    }

    // "Swept him to mount", "he passed; side control": where what was just told led.
    private static State? Amended(State state, Claim claim, Place place)
    {
        if (
            claim.IsEscape
            || state.Last is not { } last
            || last.IsToSaid
            || !last.IsOpen
            || last.Move is { Stays: true }
            || last.Outcome is Outcome.Tap or Outcome.Near
        )
            return null;
        if (
            claim.IsWhoSaid
            && claim.Coming == Coming.Reaches
            && claim.Whos[0].Is != last.By
            && claim.Found is not null
            && !Worsens(last, place)
        )
            return null;
        var ends = last.Move?.To?.SeenBy(last.By);
        var fits = ends is null ? !Worsens(last, place) : ends.IsTop == place.IsTop && ends.Role != Role.Neutral || ends == place;
        if (last.Move is { IsSubmission: true } || !fits)
            return null;
        var landed = last.Outcome == Outcome.Landed;
        // "He pulled guard and I was in his closed guard": which guard it was.
        var which =
            last.Move?.Kind is MoveKind.GuardPull or MoveKind.GuardRecovery && place.IsGuard && !claim.IsBare
                ? Weights.Of("led-which-guard")
                : 0;
        // A pass or a back take said by itself and a mount after it are two.
        var another =
            landed
            && ends is not null
            && ends != place
            && ends.Position.Family != place.Position.Family
            && claim.Coming == Coming.Reaches
            && claim.IsWhoSaid;
        var put = last with { Outcome = Outcome.Landed, To = place, IsToSaid = true, Span = last.Move is null ? claim.Span : last.Span };
        // Told by itself it is a step of its own, unless only where a throw or a sweep led is left to say.
        var apart =
            claim.IsBare
            && (
                last.Move is null
                || landed
                    && last.To is not null
                    && last.To.Position != place.Position
                    && last.Move.Kind
                        is not (MoveKind.Sweep or MoveKind.Takedown or MoveKind.Escape or MoveKind.GuardRecovery or MoveKind.GuardPull)
            );
        return (state.With(state.Events.Count - 1, put) with { Now = place }).Plus(
            which
                + (
                    claim.IsLanding ? Weights.Of("led-landing")
                    : claim.Coming == Coming.Is ? Weights.Of("led-is")
                    : 0
                )
                + (landed ? Weights.Of("led-there") : Weights.Of("led-there-after-all"))
                + (another ? Weights.Of("led-elsewhere") : 0)
                + (apart ? Weights.Of("led-bare") : 0)
                + (!landed && claim.IsSentence && last.Claim.IsTried ? Weights.Of("tried-and-told") : 0)
        );
    }

    private static bool Worsens(Event last, Place place) =>
        last.Before is { } before && (last.By == Who.Me ? place.Control < before.Control : place.Control > before.Control);
}
